"""How a model drives its display: what the record's calibration refers to, and what it should come to."""

from __future__ import annotations

from itertools import pairwise
from math import log
from typing import TYPE_CHECKING

from msgspec import Struct

from daruma.core.language import tr

if TYPE_CHECKING:
    from daruma.core.records import Layout, Record

Pair = tuple[float, float]


class DisplaySpec(Struct, frozen=True):
    """Hold what a model's display should do.

    `primaries_xy` are the red, green and blue that colours are given in (CIE 1931 x, y); `gamma` the exponent from
    signal to light; `brightness` the luminance in cd/m2 wanted at illuminances in lux, rising; `brightness_tolerance`
    the ratio to it, above or below, that is still right (0.15: 15 %); `test_luminance` the white's cd/m2 while a test
    field is shown.
    """

    primaries_xy: tuple[Pair, Pair, Pair]
    gamma: float
    brightness: tuple[Pair, ...]
    brightness_tolerance: float
    test_luminance: float


class Calibration(Struct, frozen=True):
    """Hold a record's calibration as numbers, in the meaning docs/display.md gives it.

    `white_xy` is the white of the panel at full drive; `gains` the 3x3 matrix, row by row, from linear colour to the
    panel's drives; `tone` one curve or one for each channel, codes from 0 to 1 at even steps of signal; `brightness`
    pairs of lux and the cd/m2 to ask for.
    """

    white_xy: Pair
    gains: tuple[float, ...]
    tone: tuple[tuple[float, ...], ...]
    brightness: tuple[Pair, ...]


TONE_TOP = 65535.0
FIELDS = ("white_point", "gain_matrix", "tone_curve", "brightness_curve")
_ONE_CURVE = 33  # values: a longer tone curve holds one for each channel


def calibration_of(record: Record) -> Calibration | None:
    """Return a record's calibration; None where a part of it is blank, damaged or makes no sense."""
    if not all(record.sound(name) for name in FIELDS):
        return None
    white, gains, tone, bright = (_numbers(record, name) for name in FIELDS)
    if len(white) != 2 or len(gains) != 9 or len(tone) < 2 or len(bright) < 4 or not white[1] > 0:
        return None
    curves = curves_in(record.layout)
    steps = len(tone) // curves
    codes = tuple(tuple(value / TONE_TOP for value in tone[i * steps : (i + 1) * steps]) for i in range(curves))
    pairs = tuple((bright[i], bright[i + 1]) for i in range(0, len(bright) - 1, 2))
    return Calibration((white[0], white[1]), gains, codes, pairs)


def curves_in(layout: Layout) -> int:
    """Return how many tone curves a layout holds: 1 for all channels, or 3."""
    count = layout.field("tone_curve").count
    return 3 if count > _ONE_CURVE and count % 3 == 0 else 1


def field_values(calibration: Calibration) -> dict[str, tuple[float, ...]]:
    """Return a calibration as values of the record's fields; encoding rounds them to the record's own units."""
    return {
        "white_point": calibration.white_xy,
        "gain_matrix": calibration.gains,
        "tone_curve": tuple(round(TONE_TOP * code) for curve in calibration.tone for code in curve),
        "brightness_curve": tuple(round(value) for pair in calibration.brightness for value in pair),
    }


def curve_fault(record: Record | None) -> str:
    """Return what is wrong with the brightness curve on a panel in a few words; empty where nothing is, or nothing is known."""
    if record is None:
        return ""
    if not record.sound("brightness_curve"):
        return tr("blank or damaged")
    flat = _numbers(record, "brightness_curve")
    return brightness_faults(tuple((flat[i], flat[i + 1]) for i in range(0, len(flat) - 1, 2)))


def brightness_faults(pairs: tuple[Pair, ...]) -> str:
    """Return what is wrong with a brightness curve in a few words; empty where nothing is."""
    lux, luminance = [pair[0] for pair in pairs], [pair[1] for pair in pairs]
    if len(pairs) < 5 or any(value <= 0 for value in (*lux, *luminance)):
        return tr("incomplete, levels are missing")
    if any(after <= before for before, after in pairwise(lux)):
        return tr("wrong, its illuminances do not rise")
    if any(after < before for before, after in pairwise(luminance)):
        return tr("wrong, its luminances fall")
    return ""


def wanted_luminance(pairs: tuple[Pair, ...], lux: float) -> float:
    """Return cd/m2 at an illuminance by straight lines between logarithms; the ends go on level."""
    pairs = tuple((max(x, 0.5), max(y, 0.5)) for x, y in pairs)
    lux = min(max(lux, pairs[0][0]), pairs[-1][0])
    for (x0, y0), (x1, y1) in pairwise(pairs):
        if lux <= x1:
            share = (log(lux) - log(x0)) / (log(x1) - log(x0)) if x1 > x0 else 0.0
            return float(y0 * (y1 / y0) ** share)
    return pairs[-1][1]


def _numbers(record: Record, name: str) -> tuple[float, ...]:
    value = record.values[name]
    return tuple(float(item) for item in value) if isinstance(value, tuple) else ()
