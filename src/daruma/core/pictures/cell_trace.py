"""A cell's test: volts and amperes over its hours, what it did when, and what is believed of its capacity as the log grew."""

from __future__ import annotations

from collections.abc import Sequence

from msgspec import Struct

from daruma.core.language import figures, tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Item, Line, Picture, Rect, Text, Tone

_LEFT, _GAP, _HEAD, _FOOT = 44.0, 34.0, 22.0, 34.0
_LEAST_HEIGHT = 190.0


class CellCurve(Struct, frozen=True):
    """Hold what is drawn of a log: hours, volts, amperes; stages as hours from, to, and a word."""

    hours: Sequence[float]
    volts: Sequence[float]
    amperes: Sequence[float]
    stages: Sequence[tuple[float, float, str]]


class Grown(Struct, frozen=True):
    """Hold what was believed at an hour: capacity, lower and upper end of its 95 % interval, mAh."""

    hour: float
    mah: float
    low: float
    high: float


def cell_trace(
    width: float,
    height: float,
    curve: CellCurve,
    limits: tuple[float, float],
    grown: Sequence[Grown],
    rated: float,
    claim: float,
    said: str = "",
) -> Picture:
    """Return a test's picture; limits are the empty and the full volts, the claim is in percent of the rated capacity."""
    if not curve.hours:
        words = tr("Nothing is measured of this cell yet.")
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13),), (), words)
    height = max(height, _LEAST_HEIGHT)
    half = (width - 2 * _LEFT - _GAP) / 2
    ends = (0.0, max(curve.hours[-1], 0.1))
    ticks = [share * ends[1] for share in (0.0, 0.5, 1.0)]
    tall = height - _HEAD - _FOOT
    empty, full = limits
    volts = Axes(_LEFT, _HEAD, half, 0.58 * tall, ends, (empty - 0.1, full + 0.1))
    most = max(0.2, *(abs(a) for a in curve.amperes)) * 1.1
    amps = Axes(_LEFT, _HEAD + 0.66 * tall, half, 0.34 * tall, ends, (-most, most))
    items: list[Item] = [Text(_LEFT, 12, tr("Volts"), Tone.INK, 12, bold=True)]
    items += [*_stages(volts, curve), *volts.grid((), (empty, full), tell=lambda v: figures("{v:.2f}", v=v))]
    items += [volts.line([(ends[0], each), (ends[1], each)], Tone.ACT, 1.0, (5, 4)) for each in limits]
    items += amps.grid(ticks, (-round(most / 1.1, 1), 0, round(most / 1.1, 1)), tell=_hour_or_number, words=("hours", ""))
    items.append(Text(_LEFT + 4, _HEAD + 0.66 * tall - 4, tr("Amperes"), Tone.INK, 12, bold=True))
    items.append(volts.line(list(zip(curve.hours, curve.volts, strict=True)), Tone.DATA, 1.8))
    items.append(amps.line(list(zip(curve.hours, curve.amperes, strict=True)), Tone.DATA, 1.4))
    items += _grown(Axes(_LEFT + half + _GAP + 26, _HEAD, half - 26, tall, ends, _span(grown, rated, claim)), grown, rated, claim)
    last = grown[-1] if grown else None
    told = (
        tr("{mah:.0f} mAh, between {low:.0f} and {high:.0f} with 95 %", mah=last.mah, low=last.low, high=last.high)
        if last
        else tr("no capacity yet")
    )
    return Picture(
        width,
        height,
        tuple(items),
        (),
        " ".join(part for part in (figures("{ends:.1f} h, {told}.", ends=ends[1], told=told), said) if part),
    )


def _hour_or_number(value: float) -> str:
    return figures("{value:g}", value=round(value, 1))


def _stages(volts: Axes, curve: CellCurve) -> list[Item]:
    """Return what the test did when: a strip of shades, the words where there is room."""
    items: list[Item] = []
    for index, (start, end, word) in enumerate(curve.stages):
        (x0, _), (x1, _) = volts.at(start, volts.y[0]), volts.at(end, volts.y[0])
        if index % 2:
            items.append(Rect(x0, volts.top, x1 - x0, volts.h, Tone.LINE, alpha=0.35))
        if x1 - x0 > 7 * len(word):
            items.append(Text((x0 + x1) / 2, volts.top + volts.h - 24, word, Tone.QUIET, 11, "middle"))
    return items


def _span(grown: Sequence[Grown], rated: float, claim: float) -> tuple[float, float]:
    low = min([0.7 * rated, claim / 100 * rated, *(each.low for each in grown[-1:])])
    return max(0.0, low - 0.03 * rated), max([1.05 * rated, *(each.high for each in grown[-1:])])


def _grown(axes: Axes, grown: Sequence[Grown], rated: float, claim: float) -> list[Item]:
    """Return the capacity as the log grew, its interval as a band of lines, the rated capacity and the claim."""
    share = claim / 100 * rated
    items: list[Item] = [
        Text(axes.left, 12, tr("Capacity, mAh"), Tone.INK, 12, bold=True),
        *axes.grid((axes.x[0], axes.x[1]), (share, rated), tell=lambda v: f"{v:.0f}" if v > 50 else _hour_or_number(v)),
        axes.line([(axes.x[0], share), (axes.x[1], share)], Tone.ACT, 1.2, (5, 4)),
        axes.line([(axes.x[0], rated), (axes.x[1], rated)], Tone.QUIET, 1.0, (2, 3)),
    ]
    for each in grown:
        x, top = axes.at(each.hour, each.high)
        _, foot = axes.at(each.hour, each.low)
        items.append(Line(((x, top), (x, foot)), Tone.GOLD, 3.0))
    if len(grown) > 1:
        items.append(axes.line([(each.hour, each.mah) for each in grown], Tone.DATA, 2.0))
    if grown:
        x, y = axes.at(grown[-1].hour, grown[-1].mah)
        items.append(Rect(x - 3, y - 3, 6, 6, Tone.DATA))
    return items
