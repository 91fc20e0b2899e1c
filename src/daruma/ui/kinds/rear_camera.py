"""The rear camera in the window: the sweep ring at the bench, its alignment and its lens at Proof."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from msgspec import Struct

from daruma.core.job import Job
from daruma.core.kinds.rear_camera import RearWork
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.optics.sweep import Ring, RingState
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.core.pictures.sweep_ring import sweep_ring
from daruma.handover.tables import numbers_csv
from daruma.ui.kinds.room import Panel, UiRoom
from daruma.ui.printing import write_picture
from daruma.ui.views.evidence import Evidence, Page

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop
    from daruma.core.optics.rear import RearSheet

KEY = "sweep"
_SHOWN = 8.0  # seconds of both turnings that are drawn
_TRACK = tuple[float, float, float, float]


class RearView(Struct, frozen=True):
    """Hold what the pages show of a rear camera: how it was found, both turnings, corners with their distances."""

    sheet: RearSheet
    traces: tuple[list[tuple[float, float]], list[tuple[float, float]]]
    residuals: list[list[_TRACK]]


def _ring(width: float, job: Job, _: Model, live: Sequence[object]) -> Picture:
    state = next((each for each in reversed(live) if isinstance(each, RingState)), None)
    return sweep_ring(width, state or _kept(job))


def _kept(job: Job) -> RingState | None:
    """Return how the sweep that a job has kept ended."""
    sweep = job.of(RearWork).sweep
    if not sweep:
        return None
    ring = Ring()
    for chunk in sweep:
        ring.add(chunk)
    return ring.state(1.0, done=True)


def view_of(ready: Workshop, job: Job) -> RearView | None:
    """Return what a job's sweep and chessboard say; None where neither was measured."""
    import numpy as np

    from daruma.bench.kinds.rear_camera import record_of, sheet_of
    from daruma.core.optics.rear import board, camera_of, gyro_of

    work, record = job.evidence(RearWork), record_of(ready, job)
    if not work.sweep and not work.views:
        return None
    sheet = sheet_of(ready, job)
    if sheet.aligned is None or record is None:
        return RearView(sheet, ([], []), [])
    gyro, camera = gyro_of(work.sweep), camera_of(work.sweep, record.camera)
    start = float(gyro.t[0]) + 3.0
    turned = np.degrees(camera.w @ sheet.aligned.rotation.T + sheet.aligned.bias)
    at = camera.t - sheet.aligned.offset
    traces = [
        [(float(t), float(w)) for t, w in zip(times, values, strict=True) if start <= t <= start + _SHOWN]
        for times, values in ((gyro.t, np.degrees(gyro.w[:, 0])), (at, turned[:, 0]))
    ]
    residuals = []
    for fit, each in zip(sheet.fits, work.views, strict=True):
        seen = np.array(each.seen).reshape(-1, 2)
        off = record.camera.seen(board() @ fit.turn.T + fit.place) - seen
        residuals.append([(float(u), float(v), float(du), float(dv)) for (u, v), (du, dv) in zip(seen, off, strict=True)])
    return RearView(sheet, (traces[0], traces[1]), residuals)


class AlignmentPage(Page):
    """How the camera stands to the gyroscope."""

    key, title, sheet = "alignment", tr("Alignment"), None

    @classmethod
    def save(cls, job: Job, file: Path, _: str) -> None:
        from daruma.core.optics.sweep import RATE, gyro_in

        rows = [
            (f"{(chunk.first + place) / RATE:.4f}", *(f"{value:.6f}" for value in sample))
            for chunk in job.of(RearWork).sweep
            for place, sample in enumerate(gyro_in(chunk))
        ]
        write_picture(file, numbers_csv(("t", "wx", "wy", "wz"), rows))

    def sentence(self, evidence: Evidence) -> str:
        proof = evidence.job.proof(Function.REAR_CAMERA_FINISHED)
        return proof.summary if proof is not None else tr("Not measured yet: hold the chessboard before the camera.")

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        from daruma.bench.kinds.rear_camera import numbers_of

        found: RearView | None = evidence.of_kinds.get(KEY)
        return numbers_of(found.sheet) if found is not None else ()

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.rear_sheet import alignment

        found: RearView | None = evidence.of_kinds.get(KEY)
        return alignment(width, height, found.sheet if found else None, found.traces if found else ([], []))


class LensPage(AlignmentPage):
    """How the lens agrees with its record."""

    key, title = "lens_views", tr("Lens")

    @classmethod
    def save(cls, job: Job, file: Path, _: str) -> None:
        from daruma.core.optics.rear import board

        corners = board()
        rows = [
            (view.view, *(f"{value:g}" for value in corner), f"{view.seen[2 * i]:.3f}", f"{view.seen[2 * i + 1]:.3f}")
            for view in job.evidence(RearWork).views
            for i, corner in enumerate(corners)
        ]
        write_picture(file, numbers_csv(("view", "x", "y", "z", "u", "v"), rows))

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.core.pictures.rear_sheet import lens_views

        found: RearView | None = evidence.of_kinds.get(KEY)
        return lens_views(width, height, found.sheet if found else None, found.residuals if found else [])


ROOM = UiRoom(
    panels=(Panel("ring", tr("Sweep ring"), _ring),),
    pages=(AlignmentPage, LensPage),
    worked_out=view_of,
    key=KEY,
    steps=(("finish_rear_camera", "ring"),),
)
