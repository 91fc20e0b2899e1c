"""The front camera in the window: how sharp nine places are and where the focus lies, at Proof."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from daruma.core.job import Job
from daruma.core.kinds.front_camera.work import FrontWork
from daruma.core.language import tr, word
from daruma.core.optics.frames import Frame
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.handover.tables import numbers_csv
from daruma.ui.kinds.room import UiRoom
from daruma.ui.printing import write_picture
from daruma.ui.views.evidence import Evidence, Page

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop
    from daruma.core.optics.front import Judged, Look

KEY = "frames"


def sheet_of(_: Workshop, job: Job) -> tuple[Look, Judged] | None:
    """Return what a job's frames say; None where none were taken."""
    from daruma.bench.kinds.front_camera import found_in
    from daruma.core.optics.front import Look

    frames = job.evidence(FrontWork).frames
    if not frames:
        return None
    look, found = Look(frames), found_in(job)
    # worked out here, off the interface's thread
    assert look.peaks is not None
    return look, found


class SharpnessPage(Page):
    """How sharp nine places of a photo are."""

    key, title, sheet = "sharpness", tr("Sharpness"), None

    @classmethod
    def save(cls, job: Job, file: Path, _: str) -> None:
        rows = [
            (
                word(f.mode),
                f"{f.distance:g}",
                f"{f.code:.4f}",
                str(int(f.swept)),
                str(place),
                f"{blur.mtf50:.6f}",
                f"{blur.u:.6f}",
                f.digest,
            )
            for f in job.evidence(FrontWork).frames
            for place, blur in enumerate(f.edges)
        ]
        write_picture(file, numbers_csv(("mode", "distance_m", "code", "swept", "edge", "mtf50_cpp", "u", "sha256"), rows))

    def sentence(self, evidence: Evidence) -> str:
        proof = evidence.job.proof(Function.FRONT_CAMERA)
        return (
            proof.summary
            if proof is not None
            else tr("Not measured yet: stand the slanted-edge chart before the phone, evenly lit.")
        )

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        found: tuple[Look, Judged] | None = evidence.of_kinds.get(KEY)
        return found[1].numbers if found is not None else ()

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.sharpness_map import sharpness_map

        look, why = self._look(evidence)
        return sharpness_map(width, height, look, why)

    @staticmethod
    def _look(evidence: Evidence) -> tuple[Look, str]:
        from daruma.core.optics.front import Look

        live = tuple(sample for sample in evidence.others if isinstance(sample, Frame))
        found: tuple[Look, Judged] | None = evidence.of_kinds.get(KEY)
        if live or found is None:
            return Look(live), tr("Nothing was measured of this camera yet.") if not live else tr("frames are coming in")
        return found[0], found[1].why


class FocusPage(SharpnessPage):
    """Where the lens is sharpest, and where the phone's own focus stands."""

    key, title = "focus", tr("Focus")

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.sharpness_map import focus_sweep

        look, why = self._look(evidence)
        return focus_sweep(width, height, look, why)


ROOM = UiRoom(pages=(SharpnessPage, FocusPage), worked_out=sheet_of, key=KEY)
