"""The front camera on sheets and in case files."""

from daruma.catalogue.loader import Catalogue
from daruma.core.finishing import Origin
from daruma.core.job import Job, is_done
from daruma.core.kinds.front_camera.facts import FrontFacts
from daruma.core.kinds.front_camera.work import KIND, FrontState, FrontTicket, Sign
from daruma.core.language import tr, word
from daruma.handover.case_shape import CaseFile, Strict
from daruma.handover.kinds.room import Fitted, HandoverRoom


class FrontEntry(Strict):
    """The front camera in the phone."""

    state: FrontState = FrontState.OWN
    sign: Sign = Sign.NO_FOCUS
    origin: Origin = Origin.NEW
    kept: bool = False


def fitted(job: Job) -> Fitted | None:
    """Return which front camera was fitted."""
    if is_done(job, "fit_front_camera"):
        return Fitted(tr("a new front camera on a programmable flex with the original's data"), tr("the shop's stock"))
    if is_done(job, "fit_genuine_front_camera"):
        return Fitted(tr("a genuine front camera, finished on the phone"), word(job.ticket.of(FrontTicket).origin))
    return None


def facts(file: CaseFile, _: Catalogue) -> FrontFacts | None:
    """Return what a case file says of the front camera, where it names one."""
    if KIND not in file.parts:
        return None
    entry = FrontEntry.model_validate(file.parts[KIND])
    return FrontFacts(entry.state, entry.sign, entry.origin, entry.kept)


ROOM = HandoverRoom(KIND, tr("front camera"), tr("the original front camera"), fitted, facts, entry=FrontEntry)
