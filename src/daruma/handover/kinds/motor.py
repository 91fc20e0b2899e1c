"""The haptic motor on sheets and in case files."""

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job, is_done
from daruma.core.kinds.motor import KIND, MotorFacts, MotorState
from daruma.core.language import tr
from daruma.handover.case_shape import CaseFile, Strict
from daruma.handover.kinds.room import Fitted, HandoverRoom


class MotorEntry(Strict):
    """The motor in the phone."""

    state: MotorState = MotorState.DEAD


def fitted(job: Job) -> Fitted | None:
    """Return that a new motor was fitted."""
    return (
        Fitted(tr("a new haptic motor with the original's serial"), tr("the shop's stock"))
        if is_done(job, "swap_motor")
        else None
    )


def facts(file: CaseFile, _: Catalogue) -> MotorFacts | None:
    """Return what a case file says of the motor, where it names one."""
    return MotorFacts(MotorEntry.model_validate(file.parts[KIND]).state) if KIND in file.parts else None


ROOM = HandoverRoom(KIND, tr("haptic motor"), tr("the original motor"), fitted, facts, entry=MotorEntry)
