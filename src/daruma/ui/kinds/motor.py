"""The haptic motor in the window: how it shakes, at Proof."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from msgspec import Struct

from daruma.core.haptic.shaking import Drive, Shake
from daruma.core.job import Job
from daruma.core.kinds.motor import MotorWork
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.handover.tables import numbers_csv
from daruma.ui.kinds.room import UiRoom
from daruma.ui.printing import write_picture
from daruma.ui.views.evidence import Evidence, Page

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop
    from daruma.core.haptic.motor import Tap

KEY = "shakes"


class MotorSheet(Struct, frozen=True):
    """Hold how a job's motor was found, and the calibration that it was held against."""

    tap: Tap
    drive: Drive


def sheet_of(ready: Workshop, job: Job) -> MotorSheet | None:
    """Return what a job's shakes say; None where none were measured."""
    from daruma.bench.kinds.motor import drive_of, tap_of

    return MotorSheet(tap_of(ready, job), drive_of(ready, job)) if job.evidence(MotorWork).shakes else None


class ShakesPage(Page):
    """How the motor taps and rings."""

    key, title, sheet = KEY, tr("Motor"), None

    @classmethod
    def save(cls, job: Job, file: Path, _: str) -> None:
        rows = [
            (str(number), f"{place / shake.rate:.6f}", f"{value:.5f}")
            for number, shake in enumerate(job.evidence(MotorWork).shakes)
            for place, value in enumerate(shake.values)
        ]
        write_picture(file, numbers_csv(("shake", "t", "a"), rows))

    def sentence(self, evidence: Evidence) -> str:
        proof = evidence.job.proof(Function.HAPTICS)
        return proof.summary if proof is not None else tr("Not measured yet: lay the phone flat on the mat and leave it alone.")

    def lines(self, evidence: Evidence) -> Sequence[tuple[str, str]]:
        from daruma.bench.kinds.motor import numbers_of

        found: MotorSheet | None = evidence.of_kinds.get(KEY)
        if found is None:
            return ()
        drive = found.drive
        calibrated = tr(
            "{f0:.1f} Hz, {level:.2f} g, brake {brake:.0f} ms", f0=drive.f0, level=drive.level, brake=1000 * drive.brake
        )
        return (*numbers_of(found.tap), (tr("calibrated"), calibrated))

    def draw(self, evidence: Evidence, width: float, height: float) -> Picture:
        from daruma.bench.kinds.motor import USUAL
        from daruma.core.pictures.shake_trace import shake_trace

        found: MotorSheet | None = evidence.of_kinds.get(KEY)
        live = [sample for sample in evidence.others if isinstance(sample, Shake)]
        if live or found is None:
            return shake_trace(width, height, live, None, found.drive if found is not None else USUAL)
        return shake_trace(width, height, evidence.job.evidence(MotorWork).shakes, found.tap, found.drive)


ROOM = UiRoom(pages=(ShakesPage,), worked_out=sheet_of, key=KEY)
