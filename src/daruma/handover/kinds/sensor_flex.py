"""The front sensor flex on sheets and in case files."""

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job, is_done
from daruma.core.kinds.sensor_flex import FlexFacts
from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.handover.case_shape import CaseFile
from daruma.handover.kinds.room import Fitted, HandoverRoom


def fitted(job: Job) -> Fitted | None:
    """Return that a new flex was fitted, and where the display stayed that it did."""
    if not is_done(job, "swap_flex"):
        return None
    stayed = "" if PartKind.DISPLAY in job.ticket.parts else tr("; the display stayed")
    return Fitted(tr("a new front sensor flex with the original's data{stayed}", stayed=stayed), tr("the shop's stock"))


def facts(file: CaseFile, _: Catalogue) -> FlexFacts:
    """Return what a case file says of the flex."""
    return FlexFacts(file.flex, file.earlier_flex_backup, file.chances.flex_sound)


ROOM = HandoverRoom(
    PartKind.SENSOR_FLEX, tr("front sensor flex"), tr("the original sensor flex, read in the phone"), fitted, facts
)
