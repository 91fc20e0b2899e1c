"""Recordings of the charging cable: samples as CSV, what they say in words."""

from __future__ import annotations

from collections.abc import Sequence
from math import floor, log10
from typing import TYPE_CHECKING

from daruma.core.language import tr
from daruma.core.power.recording import Recording
from daruma.core.power.signature import Boot

if TYPE_CHECKING:
    from daruma.core.cell.log import Floats

STARTS = {
    Boot.BOOTS.value: tr("On the charger it starts as this model should."),
    Boot.LOOPS.value: tr("On the charger it started again and again."),
    Boot.HANGS.value: tr("On the charger it began to start and went no further."),
    Boot.DEAD.value: tr("On the charger it did not start."),
    Boot.SHORTED.value: tr("On the charger something in it was shorted."),
}
HEADS = ("t (s)", tr("voltage (V)"), tr("current (A)"))


def csv_of(t: Floats, volts: Floats, amperes: Floats) -> bytes:
    """Return samples (n) as CSV, which `daruma judge meter` and any table program reads."""
    import polars as pl  # slow to import, and needed only where a log is written

    columns = dict(zip(HEADS, (t, volts, amperes), strict=True))
    return pl.DataFrame(columns).write_csv(float_precision=6).encode()


def lasts(seconds: float) -> str:
    """Return a time in words: minutes and seconds, hours and minutes."""
    if seconds < 3600:
        return tr("{seconds}:{seconds_2:02d} min", seconds=int(seconds) // 60, seconds_2=int(seconds) % 60)
    return f"{int(seconds) // 3600}:{int(seconds) // 60 % 60:02d} h"


def amount(measured: tuple[float, float]) -> str:
    """Return a value with its expanded uncertainty (95 %), as many decimals as that gives two digits to."""
    value, wide = measured[0], 1.96 * measured[1]
    digits = min(4, max(0, 1 - floor(log10(wide)))) if wide > 0 else 1
    return f"{value:.{digits}f} ± {wide:.{digits}f}"


def started(recordings: Sequence[Recording]) -> str:
    """Return for a customer how the phone started on its charger, before and after; nothing where no recording tells."""
    told = [STARTS[recording.boot] for recording in recordings if recording.boot in STARTS]
    if not told:
        return ""
    return (
        told[0] if len(told) == 1 or told[0] == told[-1] else tr("Before: {told} After: {told_2}", told=told[0], told_2=told[-1])
    )


def row_of(recording: Recording) -> tuple[str, ...]:
    """Return a recording as a row: stage and time, length, samples, charge, energy, how the phone starts, why, its source."""
    return (
        recording.name,
        lasts(recording.seconds),
        str(recording.samples),
        tr("{amount} mAh", amount=amount(recording.charge)),
        tr("{amount} mWh", amount=amount(recording.energy)),
        recording.boot,
        recording.note or recording.why,
        recording.source,
    )


def sentence(recording: Recording) -> str:
    """Return in a sentence or two what a recording says."""
    note = f" {recording.note[:1].upper()}{recording.note[1:]}." if recording.note else ""
    amounts = tr(
        "{amount} mAh and {amount_2} mWh went into the phone.", amount=amount(recording.charge), amount_2=amount(recording.energy)
    )
    return f"{recording.name}: {recording.boot}; {recording.why}. {amounts}{note}"
