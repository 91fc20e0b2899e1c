"""The heat at a soldering step: measured, expected of the coming seconds, and its limits."""

from __future__ import annotations

from typing import TYPE_CHECKING

from daruma.core.heat.trace import HeatLimits
from daruma.core.language import figures, tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Item, Picture, Rect, Text, Tone

if TYPE_CHECKING:
    from daruma.core.cell.log import Floats
    from daruma.core.heat.forecast import Crossing, Forecast

_LEFT, _RIGHT, _HEAD, _FOOT = 46.0, 150.0, 16.0, 38.0
_LEAST_SECONDS, _LEAST_TOP = 60.0, 150.0
_STEPS = (10, 20, 30, 60, 120, 300, 600)
_DRAWN = 900


def heat_trace(
    width: float,
    height: float,
    t: Floats,
    celsius: Floats,
    limits: HeatLimits,
    expected: Forecast | None = None,
    ahead: Crossing | None = None,
) -> Picture:
    """Return the picture of times (s) and degrees Celsius (n)."""
    lines = [
        (limits.peak_max, tr("at most"), Tone.ACT),
        (limits.peak_min, tr("at least"), Tone.PROVEN),
        (limits.part, tr("the part"), Tone.ACT),
    ]
    lines += [(limits.above, "melts", Tone.GOLD)]
    marked = [(value, word, tone) for value, word, tone in lines if value is not None]
    newest = float(t[-1]) if len(t) else 0.0
    ends = (0.0, max(_LEAST_SECONDS, newest + 25.0))
    hottest = float(celsius.max()) if len(celsius) else 0.0
    top = max(_LEAST_TOP, 1.06 * hottest, *(1.08 * value for value, _, _ in marked)) if marked else max(_LEAST_TOP, 1.1 * hottest)
    axes = Axes(_LEFT, _HEAD, width - _LEFT - _RIGHT, height - _HEAD - _FOOT, ends, (0.0, top))
    step = next((each for each in _STEPS if each >= ends[1] / 7), _STEPS[-1])
    across = [float(k * step) for k in range(int(ends[1] // step) + 1)]
    up = [100.0 * k for k in range(int(top // 100) + 1)]
    items: list[Item] = axes.grid(
        across, up, words=("seconds", ""), tell=lambda value: figures("{value:g}", value=value), size=11
    )
    for value in dict.fromkeys(value for value, _, _ in marked):
        word = ", ".join(word for other, word, _ in marked if other == value)
        tone = next(tone for other, _, tone in marked if other == value)
        _, y = axes.at(0.0, value)
        items.append(axes.line([(ends[0], value), (ends[1], value)], tone, 1.2, (6, 4)))
        items.append(Text(axes.left + axes.w + 6, y + 4, figures("{word} {value:g} °C", word=word, value=value), tone, 12))
    if len(t) > 1:
        by = max(1, len(t) // _DRAWN)
        items.append(axes.line(list(zip(t[::by].tolist(), celsius[::by].tolist(), strict=True)), Tone.DATA, 2.0))
    if expected is not None:
        items += _expected(axes, newest, expected, Tone.ACT if ahead is not None else Tone.DATA)
    now = f"{celsius[-1]:.0f} °C" if len(celsius) else tr("nothing is measured yet")
    words = f"{ahead.words}." if ahead is not None else tr("Now {now}.", now=now)
    return Picture(width, height, tuple(items), (), words)


def _expected(axes: Axes, newest: float, expected: Forecast, tone: Tone) -> list[Item]:
    """Return what is expected as a dashed line with its band of 95 %."""
    items: list[Item] = []
    for place in range(0, len(expected.t), 2):
        t, mean, wide = newest + float(expected.t[place]), float(expected.celsius[place]), 1.96 * float(expected.u[place])
        (x, high), (_, low) = axes.at(t, mean + wide), axes.at(t, mean - wide)
        items.append(Rect(x - 2, high, 4, max(1.0, low - high), tone, alpha=0.15))
    points = zip((newest + expected.t).tolist(), expected.celsius.tolist(), strict=True)
    return [*items, axes.line(list(points), tone, 1.6, (4, 3))]
