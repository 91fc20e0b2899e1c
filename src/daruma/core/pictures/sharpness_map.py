"""How sharp a front camera is: half contrast of both edges in nine places as bars over a frame; blur against focus code."""

from __future__ import annotations

from collections.abc import Sequence

from daruma.core.language import figures, tr
from daruma.core.optics.chart import HEIGHT, PLACES, WIDTH
from daruma.core.optics.frames import Blur
from daruma.core.optics.front import CLASS_MTF50, TOLERANCE, Look
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Spot, Text, Tone, cross, tick

TOP_MTF50 = 0.45  # cycles a pixel: where a bar ends
_HEAD, _FOOT = 26.0, 44.0
_SURE = 1.96


def sharpness_map(width: float, height: float, look: Look, why: str) -> Picture:
    """Return nine places of a frame, each with a bar for its upright and its level edge against the class."""
    if not look.nine:
        return Picture(width, 30, (Text(0, 20, why, Tone.QUIET, 13),), (), why)
    h = min(height - _HEAD - _FOOT, width * HEIGHT / WIDTH)
    w = min(width, h * WIDTH / HEIGHT)
    items: list[Item] = [
        Text(0, 16, tr("Half contrast (MTF50) in nine places of a photo, cycles a pixel"), Tone.INK, 12, bold=True),
        Rect(0, _HEAD, w, h, Tone.SHEET, Tone.LINE),
    ]
    spots = []
    for place, pair in enumerate(look.nine):
        x, y = w * (place % 3) / 3, _HEAD + h * (place // 3) / 3
        items.append(Rect(x, y, w / 3, h / 3, None, Tone.LINE, 0.6))
        items += _place(x, y, w / 3, h / 3, pair, dull=place in look.dull)
        values = ", ".join(figures("{mtf50:.3f} ± {SURE:.3f}", mtf50=blur.mtf50, SURE=_SURE * blur.u) for blur in pair)
        spots.append(
            Spot(
                PLACES[place],
                x,
                y,
                w / 3,
                h / 3,
                tr("{place}: upright, level edge {values} c/px", place=PLACES[place], values=values),
            )
        )
    legend = _HEAD + h + 18
    items += [
        Text(0, legend, tr("│ upright edge   ─ level edge; faint: 95 % of what it may be"), Tone.QUIET, 11, limit=w),
        Text(
            0,
            legend + 16,
            tr("dashed: the class, {wanted:.2f} c/px, that each place must surely reach", wanted=CLASS_MTF50),
            Tone.QUIET,
            11,
            limit=w,
        ),
    ]
    return Picture(width, max(height, legend + 20), tuple(items), tuple(spots), why)


def _place(x: float, y: float, w: float, h: float, pair: tuple[Blur, Blur], *, dull: bool) -> list[Item]:
    left, right, items = x + 26, x + w - 10, list[Item]()
    long = right - left
    sure = all(blur.mtf50 - _SURE * blur.u >= CLASS_MTF50 for blur in pair)
    for number, (sign, blur) in enumerate(zip(("│", "─"), pair, strict=True)):
        at = y + h * (0.36 + 0.3 * number)
        items.append(Text(x + 9, at + 4, sign, Tone.QUIET, 11))
        if not blur.found:
            items.append(Text(left, at + 4, tr("no edge"), Tone.QUIET, 11))
            continue
        share = min(1.0, blur.mtf50 / TOP_MTF50)
        spread = min(long, long * 2 * _SURE * blur.u / TOP_MTF50)
        items.append(Rect(left, at - 4, long * share, 8, Tone.DATA if sure else Tone.ACT, alpha=0.85))
        items.append(Rect(left + long * share - spread / 2, at - 6, spread, 12, Tone.INK, alpha=0.22))
    edge = left + long * CLASS_MTF50 / TOP_MTF50
    items.append(Line(((edge, y + h * 0.2), (edge, y + h * 0.8)), Tone.GOLD, 1.4, (4, 3)))
    least = min(blur.mtf50 for blur in pair)
    items.append(Text(right, y + h - 7, figures("{least:.3f}", least=least), Tone.INK, 11, "end"))
    items += [tick(x + 14, y + h - 11, 5, Tone.PROVEN)] if sure else list(cross(x + 14, y + h - 11, 4, Tone.ACT))
    if dull:
        items.append(Disc(x + w / 2, y + h / 2, w * 0.46, h * 0.44, None, Tone.ACT, 1.2, dash=(3, 3)))
    return items


def focus_sweep(width: float, height: float, look: Look, why: str) -> Picture:
    """Return blur against focus code at each distance, the cone that was fitted, its best code and the phone's own."""
    distances = sorted({f.distance for f in look.frames if f.swept and f.edges and f.mode.value == "autofocus"})
    if not distances:
        return Picture(width, 30, (Text(0, 20, why, Tone.QUIET, 13),), (), why)
    height = max(height, 110.0 * len(distances))
    tall = height / len(distances)
    items: list[Item] = []
    codes = [code for distance in distances for code in look.sweep(distance)[0]]
    low, high = (min(codes) - 5, max(codes) + 5) if codes else (0.0, 255.0)
    for number, distance in enumerate(distances):
        last = number == len(distances) - 1
        axes = Axes(52, number * tall + 24, width - 64, tall - 24 - (40 if last else 12), (low, high), (0, TOP_MTF50))
        items += _swept(axes, look, distance, last=last)
    return Picture(width, height, tuple(items), (), why)


def _swept(axes: Axes, look: Look, distance: float, *, last: bool) -> list[Item]:
    codes, mtf50, u = look.sweep(distance)
    items: list[Item] = [Text(axes.left, axes.top - 8, tr("Chart at {distance:g} m", distance=distance), Tone.INK, 12, bold=True)]
    across = [50.0 * step for step in range(6) if axes.x[0] <= 50 * step <= axes.x[1]]
    items += axes.grid(across, (0, 0.2, 0.4), words=(tr("focus code") if last else "", ""), size=11)
    items.append(Text(axes.left + axes.w, axes.top - 8, tr("MTF50, c/px; gold: the phone's own code"), Tone.QUIET, 11, "end"))
    peak, own = look.peaks.get(distance), look.own_code(distance)
    if peak is not None:
        x0, _ = axes.at(max(axes.x[0], peak.code - TOLERANCE), 0)
        x1, _ = axes.at(min(axes.x[1], peak.code + TOLERANCE), 0)
        items.append(Rect(x0, axes.top, x1 - x0, axes.h, Tone.PROVEN, alpha=0.14))
        items.append(axes.line(list(_cone(axes.x, peak.code, peak.mtf50, peak.slope)), Tone.DATA, 1.4))
    if own is not None and axes.x[0] <= own <= axes.x[1]:
        items.append(axes.line([(own, 0), (own, TOP_MTF50)], Tone.GOLD, 1.6, (5, 4)))
    for code, value, unsure in zip(codes, mtf50, u, strict=True):
        x, y = axes.at(code, min(TOP_MTF50, value))
        _, above = axes.at(code, min(TOP_MTF50, value + _SURE * unsure))
        _, below = axes.at(code, max(0.0, value - _SURE * unsure))
        items += [Line(((x, above), (x, below)), Tone.INK, 1.0), Disc(x, y, 2.6, 2.6, Tone.INK)]
    return items


def _cone(span: Sequence[float], best: float, mtf50: float, slope: float) -> list[tuple[float, float]]:
    constant = 0.18739
    least = constant / mtf50
    points = sorted({*(span[0] + (span[1] - span[0]) * i / 80 for i in range(81)), best})
    return [(code, constant / (least + slope * abs(code - best))) for code in points]
