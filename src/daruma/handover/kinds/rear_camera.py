"""The rear camera on sheets and in case files."""

from daruma.catalogue.loader import Catalogue
from daruma.core.finishing import Origin
from daruma.core.job import Job, is_done
from daruma.core.kinds.rear_camera import KIND, RearFacts, RearState, RearTicket
from daruma.core.language import tr, word
from daruma.handover.case_shape import CaseFile, Strict
from daruma.handover.kinds.room import Fitted, HandoverRoom


class RearEntry(Strict):
    """The rear camera in the phone."""

    state: RearState = RearState.BROKEN
    origin: Origin = Origin.NEW


def fitted(job: Job) -> Fitted | None:
    """Return which rear camera was fitted, or finished where another shop had fitted it."""
    if is_done(job, "swap_rear_camera"):
        return Fitted(tr("a genuine rear camera, finished on the phone with its sweep"), word(job.ticket.of(RearTicket).origin))
    if is_done(job, "finish_rear_camera"):
        return Fitted(tr("the rear camera that it came with, finished on the phone with its sweep"), tr("fitted before this job"))
    return None


def facts(file: CaseFile, _: Catalogue) -> RearFacts | None:
    """Return what a case file says of the rear camera, where it names one."""
    if KIND not in file.parts:
        return None
    entry = RearEntry.model_validate(file.parts[KIND])
    return RearFacts(entry.state, entry.origin)


ROOM = HandoverRoom(KIND, tr("rear camera"), tr("the original rear camera"), fitted, facts, entry=RearEntry)
