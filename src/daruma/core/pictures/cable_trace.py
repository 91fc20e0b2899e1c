"""The trace of the charging cable: amperes and volts over time, phases named, one recording laid over another."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from msgspec import Struct
from msgspec.structs import replace

from daruma.core.cell.log import Floats
from daruma.core.cell.spans import Phase, Span
from daruma.core.language import figures, tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Bars, Item, Line, Picture, Rect, Spot, Text, Tone
from daruma.core.power.envelope import envelope
from daruma.core.power.played import Played

_LEFT, _RIGHT, _HEAD, _FOOT, _STRIP, _BETWEEN = 52.0, 14.0, 26.0, 38.0, 22.0, 20.0
_LEAST_HEIGHT = 110.0
_WITH_VOLTS = 215.0  # of height: below it the amperes alone are drawn
_VOLTS_SHARE = 0.3
_FEW = 150  # points that are stroked as a line
_NICE = (0.1, 0.2, 0.5, 1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 900, 1800, 3600, 7200, 14400, 28800, 86400)
WORDS = {
    Phase.NOTHING: tr("nothing"),
    Phase.SHORT: tr("short"),
    Phase.BOOT: tr("starts"),
    Phase.IDLE: tr("idle"),
    Phase.CONSTANT_CURRENT: tr("constant current"),
    Phase.CONSTANT_VOLTAGE: tr("constant voltage"),
    Phase.TRICKLE: tr("trickle"),
    Phase.FULL: tr("full"),
    Phase.DISCHARGE: tr("gives"),
}


class Drawn(Struct, frozen=True):
    """Hold a trace to be drawn: its name, seconds, volts, amperes (n)."""

    name: str
    t: Floats
    v: Floats
    a: Floats


def cable_trace(
    width: float,
    height: float,
    traces: Sequence[Drawn],
    spans: Sequence[Span] = (),
    words: str = "",
    ends: tuple[float, float] | None = None,
    amounts: Sequence[tuple[float, float, float]] = (),
) -> Picture:
    """Return the picture of traces, the first one in front; `spans` are its phases, `ends` of the time axis in s.

    `amounts` are mAh, mWh and mean amperes of each phase: told where it is pointed at, and in the text twin.
    """
    traces = [trace for trace in traces if len(trace.t)]
    if not traces:
        said = words or tr("Nothing is measured yet.")
        return Picture(width, 40, (Text(0, 24, said, Tone.QUIET, 13),), (), said)
    height = max(height, _LEAST_HEIGHT)
    across = ends or (min(float(each.t[0]) for each in traces), max(float(each.t[-1]) for each in traces))
    across = (across[0], max(across[1], across[0] + 1e-3))
    share, between = (_VOLTS_SHARE, _BETWEEN) if height >= _WITH_VOLTS else (0.0, 0.0)
    tall = height - _HEAD - _FOOT - between - (_STRIP if spans else 0)
    wide = width - _LEFT - _RIGHT
    volts = Axes(_LEFT, _HEAD, wide, share * tall, across, (0.0, _top([float(each.v.max()) for each in traces], 5.5)))
    least = min(0.0, *(float(each.a.min()) for each in traces))
    amps_top = _HEAD + share * tall + between
    amps_ends = (least if least < -0.05 else 0.0, _top([float(each.a.max()) for each in traces], 0.2))
    amps = Axes(_LEFT, amps_top, wide, (1 - share) * tall, across, amps_ends)
    items: list[Item] = [
        *amps.grid((), _ticks(amps.y, 5 if share else 3), size=11),
        *_clock(amps, across),
        Text(_LEFT, amps_top - (5 if share else 9), tr("Amperes into the phone"), Tone.INK, 12, bold=True),
    ]
    if share:
        items += volts.grid((), _ticks(volts.y, 3), tell=lambda value: figures("{value:g}", value=value), size=11)
        items.append(Text(_LEFT, _HEAD - 9, tr("Volts"), Tone.INK, 12, bold=True))
    for place, trace in reversed(tuple(enumerate(traces))):
        tone, thick = (Tone.DATA, 1.6) if place == 0 else (Tone.ACT, 1.1)
        for axes, values in ((volts, trace.v), (amps, trace.a)) if share else ((amps, trace.a),):
            items += _curve(axes, trace.t, values, tone, thick)
    items += _legend(traces, width)
    spots = _told(spans, amounts, amps, height - _FOOT - _STRIP + 20)
    if spans:
        items += _phases(spans, amps, height - _FOOT - _STRIP + 20, volts.top)
    said = words or f"{traces[0].name}: {across[1] - across[0]:.0f} s"
    return Picture(width, height, tuple(items), spots, " ".join((said, *(f"{spot.words}." for spot in spots))))


def laid_over(width: float, height: float, shown: Sequence[Played], words: str) -> Picture:
    """Return the picture of a recording, or of one laid over an earlier one where current first flows in each."""
    latest = shown[-1]
    if len(shown) == 1:
        trace = latest.trace
        return cable_trace(
            width, height, [Drawn(latest.recording.name, trace.t, trace.v, trace.a)], latest.spans, words, amounts=latest.amounts
        )
    named = zip(("after", "before"), reversed(shown), strict=True)
    drawn = [Drawn(name, each.trace.t - each.start, each.trace.v, each.trace.a) for name, each in named]
    spans = [replace(span, start=span.start - latest.start, end=span.end - latest.start) for span in latest.spans]
    return cable_trace(width, height, drawn, spans, words, amounts=latest.amounts)


def _curve(axes: Axes, t: Floats, values: Floats, tone: Tone, thick: float) -> list[Item]:
    """Return a line, or a bar from lowest to highest value of each pixel: no spike is lost.

    To stroke a line through a thousand of them takes longer than a frame may.
    """
    found = envelope(t, values, max(8, int(axes.w)), axes.x)
    if len(found.t) < 2:
        return []
    x = axes.left + axes.w * (found.t - axes.x[0]) / (axes.x[1] - axes.x[0])
    scale = axes.h / (axes.y[1] - axes.y[0])
    low, high = (axes.top + axes.h - scale * (each.clip(*axes.y) - axes.y[0]) for each in (found.low, found.high))
    if len(x) < _FEW:
        return [Line(tuple(zip(x.tolist(), high.tolist(), strict=True)), tone, thick)]
    # each bar reaches the one before it
    before_low, before_high = np.roll(low, 1), np.roll(high, 1)
    before_low[0], before_high[0] = low[0], high[0]
    top = np.minimum(high, before_low) - thick / 2
    tall = np.maximum(low, before_high) + thick / 2 - top
    left = np.round(x)
    wide = np.append(np.maximum(1.0, np.diff(left)), 1.0)
    return [Bars(tuple(zip(left.tolist(), top.tolist(), wide.tolist(), tall.tolist(), strict=True)), tone)]


def _legend(traces: Sequence[Drawn], width: float) -> list[Item]:
    if len(traces) < 2:
        return []
    items: list[Item] = []
    x = width - _RIGHT
    for place, trace in reversed(tuple(enumerate(traces[:2]))):
        tone = Tone.DATA if place == 0 else Tone.ACT
        items.append(Text(x, _HEAD - 9, trace.name, tone, 12, "end"))
        x -= 6.2 * len(trace.name) + 8
        items.append(Line(((x - 20, _HEAD - 13), (x, _HEAD - 13)), tone, 2.0))
        x -= 40
    return items


def _phases(spans: Sequence[Span], amps: Axes, y: float, top: float) -> list[Item]:
    """Return the phases as a strip below the time axis, a line up where one ends, their words where there is room."""
    items: list[Item] = []
    for place, span in enumerate(spans):
        (x0, _), (x1, _) = amps.at(span.start, amps.y[0]), amps.at(span.end, amps.y[0])
        tone = Tone.ACT if span.phase in (Phase.SHORT, Phase.NOTHING) else Tone.DATA
        items.append(Rect(x0, y, max(1.0, x1 - x0), 16, tone, alpha=0.26 if place % 2 else 0.14))
        if place:
            items.append(Line(((x0, top), (x0, y)), Tone.LINE, 0.8, (2, 3)))
        if x1 - x0 > 6.6 * len(WORDS[span.phase]):
            items.append(Text((x0 + x1) / 2, y + 12, WORDS[span.phase], Tone.INK, 11, "middle"))
    return items


def _told(spans: Sequence[Span], amounts: Sequence[tuple[float, float, float]], amps: Axes, y: float) -> tuple[Spot, ...]:
    """Return what each phase carried, where its strip is pointed at."""
    found = []
    for span, (charge, energy, mean) in zip(spans, amounts, strict=False):
        (x0, _), (x1, _) = amps.at(span.start, amps.y[0]), amps.at(span.end, amps.y[0])
        said = tr(
            "{words}, {start:.0f} to {end:.0f} s: {mean:.3f} A, {charge:.2f} mAh, {energy:.1f} mWh",
            words=WORDS[span.phase],
            start=span.start,
            end=span.end,
            mean=mean,
            charge=charge,
            energy=energy,
        )
        found.append(Spot(tr("phase {start:.3f}", start=span.start), x0, y, max(2.0, x1 - x0), 16, said))
    return tuple(found)


def _top(values: Sequence[float], least: float) -> float:
    return max(least, 1.08 * max(values))


def _ticks(ends: tuple[float, float], wanted: int) -> list[float]:
    """Return round values between ends, about so many."""
    rough = (ends[1] - ends[0]) / wanted
    size = next(step for step in (0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 1e9) if step >= rough)
    first = -int(-ends[0] / size) if ends[0] < 0 else 0
    return [round(k * size, 6) for k in range(first, int(ends[1] / size) + 1)]


def _clock(amps: Axes, across: tuple[float, float]) -> list[Item]:
    """Return the grid of times with their numbers, in seconds, minutes or hours as the span is long."""
    lasts = across[1] - across[0]
    unit, word = (1.0, "s") if lasts < 600 else (60.0, "min") if lasts < 3 * 3600 else (3600.0, "h")
    step = next((each for each in _NICE if each >= lasts / max(3.0, amps.w / 120)), _NICE[-1])
    foot = amps.top + amps.h
    items: list[Item] = []
    for k in range(-int(-across[0] // step), int(across[1] // step) + 1):
        x, _ = amps.at(k * step, amps.y[0])
        items += [
            Line(((x, amps.top), (x, foot)), Tone.LINE, 0.6),
            Text(x, foot + 14, figures("{k:g} {word}", k=k * step / unit, word=word), Tone.QUIET, 11, "middle"),
        ]
    return items
