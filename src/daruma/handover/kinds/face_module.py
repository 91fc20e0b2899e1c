"""The face module on sheets and in case files."""

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job, is_done
from daruma.core.kinds.face_module import KIND, FaceFacts, FaceState
from daruma.core.language import tr
from daruma.handover.case_shape import CaseFile, Strict
from daruma.handover.kinds.room import Fitted, HandoverRoom


class FaceEntry(Strict):
    """The face module in the phone."""

    state: FaceState = FaceState.DARK


def fitted(job: Job) -> Fitted | None:
    """Return what was done to the module: an altered projector is no longer what its maker certified."""
    altered = tr("; the projector was altered and is no longer what its maker certified")
    if is_done(job, "fold_extension"):
        return Fitted(tr("an extension flex on the original face module{altered}", altered=altered), tr("the shop's stock"))
    if is_done(job, "bridge_module"):
        return Fitted(
            tr("the original face module, its link chip moved and bridged{altered}", altered=altered), tr("no new part")
        )
    return None


def facts(file: CaseFile, _: Catalogue) -> FaceFacts | None:
    """Return what a case file says of the face module, where it names one."""
    return FaceFacts(FaceEntry.model_validate(file.parts[KIND]).state) if KIND in file.parts else None


ROOM = HandoverRoom(KIND, tr("face module"), tr("the original module"), fitted, facts, entry=FaceEntry, deed=tr("extended"))
