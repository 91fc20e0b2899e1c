"""The face module in the window: its lines, the supply and the fold guide at the bench, its dots at Proof."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from daruma.core.face import DotFrame, frames_by_card, map_of
from daruma.core.job import Job
from daruma.core.kinds.face_module import KIND, FaceWork
from daruma.core.language import figures, tr
from daruma.core.model import Model
from daruma.core.parts import Function
from daruma.core.pictures.fold_guide import fold_guide
from daruma.core.pictures.module_lines import module_lines, supply_trace
from daruma.core.pictures.primitives import Picture
from daruma.core.uncertainty import Claim
from daruma.link.devices import SupplyState
from daruma.ui.kinds.room import Panel, UiRoom
from daruma.ui.views.evidence import Evidence, Page

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop
    from daruma.core.depth.sheet import DotSheet

KEY = "dots"
TRACE_HEIGHT = 150.0


def _lines(width: float, job: Job, _: Model, __: Sequence[object]) -> Picture:
    return module_lines(width, job.of(FaceWork).tests)


def _supply(width: float, job: Job, _: Model, live: Sequence[object]) -> Picture:
    coming = [(state.volts, state.amperes) for state in live if isinstance(state, SupplyState)]
    return supply_trace(width, TRACE_HEIGHT, coming or job.of(FaceWork).trace)


def _folds(width: float, _: Job, model: Model, __: Sequence[object]) -> Picture:
    return fold_guide(width, model.face_fold, tr("This model takes no extension flex."))


def sheet_of(ready: Workshop, job: Job) -> DotSheet | None:
    """Return what the dots of a job say; None where none were measured or no map is kept."""
    from daruma.core.depth.sheet import dot_sheet

    record = ready.known(job).of(KIND).source
    frames = job.evidence(FaceWork).frames
    rays = map_of(record) if record is not None else ()
    return dot_sheet(frames_by_card(frames), rays) if frames and rays else None


class DotsPage(Page):
    """The dots of the projector."""

    key, title, sheet = KEY, tr("Dots"), None

    @classmethod
    def save(cls, job: Job, file: Path, _: str) -> None:
        from daruma.handover.dots import write_frames

        write_frames(job.evidence(FaceWork).frames, file)

    def sentence(self, evidence: Evidence) -> str:
        proof = evidence.job.proof(Function.FACE_UNLOCK)
        return proof.summary if proof is not None else tr("Not measured yet: hold a flat matt card before the phone's top.")

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        from daruma.core.depth.sheet import triangulated

        proof = evidence.job.proof(Function.FACE_UNLOCK)
        sheet: DotSheet | None = evidence.of_kinds.get(KEY)
        numbers = list(proof.numbers) if proof is not None else []
        # a pose found with another module's map is none
        if sheet is not None and sheet.verdict.claim is not Claim.NOT_PROVEN:
            cards = zip(sheet.verdict.distances, sheet.verdict.tilts, strict=True)
            numbers += [
                (tr("card {i}", i=i + 1), tr("{d:.1f} ± {spread:.1f} mm, {tilt:.1f}°", d=d.value, spread=2 * d.u, tilt=tilt))
                for i, (d, tilt) in enumerate(cards)
            ]
            numbers.append((tr("by triangulation"), tr("{triangulated:.1f} mm", triangulated=triangulated(sheet, 0))))
            if sheet.verdict.hole_deg is not None:
                numbers.append((tr("widest gap"), figures("{hole_deg:.1f}°", hole_deg=sheet.verdict.hole_deg)))
        return numbers

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.dot_field import dot_field

        live = [sample for sample in evidence.others if isinstance(sample, DotFrame)]
        return dot_field(width, height, evidence.of_kinds.get(KEY), live)


class DepthPage(DotsPage):
    """How flat the dots find a card."""

    key, title = "depth", tr("Depth")

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.dot_field import depth_map

        return depth_map(width, height, evidence.of_kinds.get(KEY))


ROOM = UiRoom(
    panels=(
        Panel("lines", tr("Lines"), _lines),
        Panel("supply", tr("Supply"), _supply),
        Panel("folds", tr("Fold guide"), _folds),
    ),
    pages=(DotsPage, DepthPage),
    worked_out=sheet_of,
    key=KEY,
    steps=(
        ("test_module", "lines"),
        ("back_up_module", "lines"),
        ("activate_module", "supply"),
        ("wake_phone", "supply"),
        ("cut_locating_plate", "folds"),
        ("fold_extension", "folds"),
        ("test_through_extension", "lines"),
        ("module_back", "lines"),
    ),
)
