"""How a haptic motor shakes: a tap against its braking, and the free ring with the decay that was fitted to it."""

from __future__ import annotations

from collections.abc import Sequence
from math import exp, pi

import numpy as np

from daruma.core.haptic.motor import Tap, series
from daruma.core.haptic.shaking import Drive, Shake
from daruma.core.language import tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Item, Line, Picture, Rect, Text, Tone

_LEFT, _HEAD, _BETWEEN, _FOOT = 46.0, 22.0, 30.0, 34.0
_LEAST_HEIGHT = 230.0


def shake_trace(width: float, height: float, shakes: Sequence[Shake], tap: Tap | None, drive: Drive) -> Picture:
    """Return the latest tap above the free ring; what the calibration says is drawn beside."""
    words = tap.why if tap is not None else tr("Nothing was measured of this motor yet.")
    if not shakes:
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13),), (), words)
    height = max(height, _LEAST_HEIGHT)
    tall = (height - 2 * _HEAD - _BETWEEN - _FOOT) / 2
    top = max(drive.level, *(max(map(abs, shake.values)) for shake in shakes)) * 1.15
    ends = 1000 * max(len(shake.values) / shake.rate for shake in shakes)
    taps, rings = [shake for shake in shakes if shake.braked], [shake for shake in shakes if not shake.braked]
    items: list[Item] = []
    for place, (head, shown) in enumerate(((tr("A tap, braked"), taps), (tr("Left to ring"), rings))):
        axes = Axes(_LEFT, _HEAD + place * (tall + _HEAD + _BETWEEN), width - _LEFT - 12, tall, (0.0, ends), (-top, top))
        items.append(Text(axes.left, axes.top - 7, head, Tone.INK, 12, bold=True))
        across = [100.0 * step for step in range(int(ends // 100) + 1)]
        items += axes.grid(across, (-round(drive.level, 1), 0, round(drive.level, 1)), words=("ms" if place else "", ""), size=11)
        told = tr("g; dashed: calibrated level") if axes.w > 330 else "g"
        items.append(Text(axes.left + axes.w, axes.top - 7, told, Tone.QUIET, 11, "end"))
        items += [axes.line([(0, each), (ends, each)], Tone.GOLD, 1.0, (5, 4)) for each in (drive.level, -drive.level)]
        if shown:
            items += _shaken(axes, shown[-1])
    if rings and tap is not None and tap.f0 is not None and tap.damping is not None:
        items += _decay(axes, rings[-1], tap.f0[0], tap.damping[0])
    return Picture(width, height, tuple(items), (), words)


def _shaken(axes: Axes, shake: Shake) -> list[Item]:
    t, a = series(shake)
    x, _ = axes.at(1000 * shake.driven, 0)
    driven = Rect(axes.left, axes.top, x - axes.left, axes.h, Tone.LINE, alpha=0.25)
    word = Text(axes.left + 6, axes.top + axes.h - 6, "driven", Tone.QUIET, 11)
    return [driven, word, axes.line(list(zip((1000 * t).tolist(), a.tolist(), strict=True)), Tone.DATA, 1.2)]


def _decay(axes: Axes, shake: Shake, f0: float, damping: float) -> list[Item]:
    """Return the envelope of the decay that was fitted, from the end of the drive on."""
    t, a = series(shake)
    late = t > shake.driven
    height = float(np.abs(a[late]).max(initial=0.0))
    found: list[Item] = []
    for sign in (1.0, -1.0):
        times = np.linspace(shake.driven, t[-1], 60).tolist()
        points = [(1000 * each, sign * height * exp(-damping * 2 * pi * f0 * (each - shake.driven))) for each in times]
        found.append(Line(tuple(axes.at(*point) for point in points), Tone.ACT, 1.4, (4, 3)))
    return found
