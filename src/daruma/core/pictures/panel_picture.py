"""The panel sheet drawn: the primaries, the tone curves, and the differences before and after tuning."""

from collections.abc import Sequence

import numpy as np

from daruma.core.colour.chromaticity import Pair, xy_to_uv
from daruma.core.colour.sheet import PanelSheet
from daruma.core.colour.tuning import LEVELS
from daruma.core.display import DisplaySpec
from daruma.core.language import figures, tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Text, Tone, cross
from daruma.core.plan.spend import SpendAdvice

_GAP, _LEFT, _TOP, _RIGHT, _BOTTOM = 20.0, 40.0, 34.0, 14.0, 40.0
NARROW = 120.0  # pixels of an axis below which titles and numbers become short
CHANNELS = ("red", "green", "blue")


def panel_picture(width: float, height: float, spec: DisplaySpec, sheet: PanelSheet | None) -> Picture:
    """Return the sheet's three plots; without a sheet what is expected is drawn."""
    upper = (height - 8) * 0.54
    half = (width - _GAP) / 2
    tall, wide = upper - _TOP - _BOTTOM, half - _LEFT - _RIGHT
    low = height - upper - _TOP - _BOTTOM
    items: list[Item] = [
        *_primaries(Axes(_LEFT, _TOP, wide, tall, (0.0, 0.6), (0.0, 0.62)), spec, sheet),
        *_tones((half + _GAP + _LEFT, _TOP, wide, tall), spec, sheet),
        *_differences(Axes(_LEFT, upper + _TOP, width - _LEFT - _RIGHT, low, (0.0, 7.0), (0.0, _most(sheet))), sheet),
    ]
    return Picture(width, height, tuple(items), (), _words(sheet))


def _most(sheet: PanelSheet | None) -> float:
    if sheet is None:
        return 4.0
    high = [float(sheet.tuning.after.high.max())]
    if sheet.tuning.before is not None:
        high.append(float(sheet.tuning.before.high.max()))
    return max(2.0, 1.15 * max(high))


def _primaries(axes: Axes, spec: DisplaySpec, sheet: PanelSheet | None) -> list[Item]:
    def ring(points: Sequence[Pair], tone: Tone, dash: tuple[float, ...]) -> Line:
        return axes.line([*points, points[0]], tone, 1.6, dash)

    narrow = axes.w < NARROW
    across = (0.2, 0.4) if narrow else (0.1, 0.2, 0.3, 0.4, 0.5)
    items = axes.grid(across, (0.1, 0.2, 0.3, 0.4, 0.5), words=("u'", ""))
    title = tr("Primaries") if narrow else tr("Primaries; dashed: the model's")
    items.append(Text(axes.left, axes.top - 8, title, Tone.INK, 13, bold=True))
    model = [xy_to_uv(xy) for xy in spec.primaries_xy]
    items.append(ring(model, Tone.DATA, (5, 4)))
    if sheet is not None:
        own = [xy_to_uv(xy) for xy in sheet.primaries_xy]
        items.append(ring(own, Tone.INK, ()))
        for uv, name in zip(own, CHANNELS, strict=True):
            x, y = axes.at(*uv)
            items += [Disc(x, y, 3.5, 3.5, Tone.INK), Text(x + 8, y + 14, name, Tone.INK, 12)]
        x, y = axes.at(*xy_to_uv(sheet.white_xy))
        items += [*cross(x, y, 5, Tone.ACT, 2.0), Text(x + 9, y + 14, "white", Tone.ACT, 12)]
    return items


def _tones(place: tuple[float, float, float, float], spec: DisplaySpec, sheet: PanelSheet | None) -> list[Item]:
    """Draw each channel's tone as the difference from the model's exponent, in per cent of signal."""
    codes = np.linspace(0.05, 1.0, 39)
    off = 100 * (sheet.panel.tones_at(codes) ** (1 / spec.gamma) - codes[:, None]) if sheet is not None else np.zeros((39, 3))
    most = max(1.5, 1.3 * float(np.abs(off).max()))
    step = 1 if most < 3 else 2 if most < 6 else 5
    axes = Axes(*place, (0.0, 1.0), (-most, most))
    ticks = [step * i for i in range(-int(most / step), int(most / step) + 1)]
    narrow = axes.w < NARROW
    items = axes.grid((0.0, 0.5, 1.0) if narrow else (0.0, 0.25, 0.5, 0.75, 1.0), ticks, words=("signal", ""))
    title = tr("Tone, % off") if narrow else tr("Tone: % off exponent {gamma:g}", gamma=spec.gamma)
    items.append(Text(axes.left, axes.top - 8, title, Tone.INK, 13, bold=True))
    items.append(axes.line([(0.0, 0.0), (1.0, 0.0)], Tone.DATA, 1.6, (5, 4)))
    if sheet is None:
        return items
    dashes: tuple[tuple[float, ...], ...] = ((), (7, 3), (2, 3))
    for channel, dash in enumerate(dashes):
        curve = [(float(c), float(d)) for c, d in zip(codes, off[:, channel], strict=True)]
        items.append(axes.line(curve, Tone.INK, 1.6, dash))
        name = CHANNELS[channel][0].upper() if narrow else CHANNELS[channel]
        x, y = axes.left + 6 + channel * (32 if narrow else 56), axes.top + axes.h - 10
        items += [Line(((x, y), (x + 14, y)), Tone.INK, 1.6, dash), Text(x + 18, y + 4, name, Tone.QUIET, 12)]
    return items


def _differences(axes: Axes, sheet: PanelSheet | None) -> list[Item]:
    step = 0.5 if axes.y[1] <= 3 else 1 if axes.y[1] <= 7 else 2
    items = axes.grid((), [step * i for i in range(1, int(axes.y[1] / step) + 1)])
    narrow = axes.w < 2 * NARROW
    title = tr("ΔE00 now (hatched) and tuned") if narrow else tr("ΔE00 of white and greys: as it is (hatched), tuned (full)")
    items.append(Text(axes.left, axes.top - 8, title, Tone.INK, 13, bold=True))
    for place, level in enumerate(LEVELS):
        words = ("W" if narrow else "white") if level == 1.0 else f"{100 * level:.0f}{'' if narrow else ' %'}"
        x, foot = axes.at(place + 0.5, 0.0)
        items.append(Text(x, foot + 16, words, Tone.QUIET, 12, "middle"))
        if sheet is None:
            continue
        bars = ((sheet.tuning.before, -0.32, Tone.ACT), (sheet.tuning.after, 0.02, Tone.PROVEN))
        for prediction, shift, tone in bars:
            if prediction is None:
                continue
            left, top = axes.at(place + 0.5 + shift, float(prediction.expected[place]))
            right, _ = axes.at(place + 0.5 + shift + 0.3, 0.0)
            middle, high = axes.at(place + 0.5 + shift + 0.15, float(prediction.high[place]))
            hatch = tone is Tone.ACT
            items += [
                Rect(left, top, right - left, foot - top, None if hatch else tone, tone, 1.2, hatch=hatch),
                Line(((middle, top), (middle, high)), tone, 1.6),
            ]
    return items


def _words(sheet: PanelSheet | None) -> str:
    if sheet is None:
        return tr("The panel is not measured yet; what the model means is drawn.")
    after = tr("with the tuned record at most {worst:.1f}", worst=sheet.tuning.after.worst)
    if sheet.tuning.before is None:
        return tr("White and greys: no calibration is known on the panel; {after} ΔE00.", after=after)
    return tr("White and greys: at most {worst:.1f} ΔE00 as it is, {after}.", worst=sheet.tuning.before.worst, after=after)


def spend_numbers(spend: SpendAdvice) -> tuple[tuple[str, str], ...]:
    """Return what a write for the tuned record is weighed by, in the shop's money."""
    return (
        (
            tr("a write: right now"),
            tr("{before:.0f} % within ΔE00 {tolerance:.1f}", before=100 * spend.before, tolerance=spend.tolerance),
        ),
        (tr("a write: right after"), f"{100 * spend.after:.0f} %"),
        (tr("a write: taken"), tr("{odds:.0f} %, kills {ruin:.0f} %", odds=100 * spend.odds, ruin=100 * spend.ruin)),
        (tr("a write: gain, risk, work"), f"{spend.gain:.0f}, {spend.risk:.0f}, {spend.work:.0f}"),
    )


def panel_numbers(sheet: PanelSheet, spec: DisplaySpec) -> tuple[tuple[str, str], ...]:
    """Return the sheet's numbers with units and uncertainty, as lines of name and value."""
    tuning, light, white = sheet.tuning, sheet.white_luminance, xy_to_uv(sheet.white_xy)
    rows = [
        (
            tr("panel: white u', v'"),
            figures("{white:.4f}, {white_2:.4f} ± {uv:.4f}", white=white[0], white_2=white[1], uv=sheet.uv),
        ),
        (tr("panel: CCT"), f"{sheet.kelvin:.0f} ± {sheet.spread[0]:.0f} K"),
        (tr("panel: Duv"), figures("{duv:+.4f} ± {spread:.4f}", duv=sheet.duv, spread=sheet.spread[1])),
        (
            tr("panel: cd/m²"),
            tr(
                "{light:.0f} ± {luminance_uncertainty:.0f}, asked {test_luminance:.0f}",
                light=light,
                luminance_uncertainty=sheet.luminance_uncertainty * light,
                test_luminance=spec.test_luminance,
            ),
        ),
        (tr("panel: residual"), figures("ΔE00 {residual:.1f}", residual=sheet.panel.residual)),
        (tr("panel: additivity"), figures("ΔE00 {additivity:.1f}", additivity=sheet.panel.additivity)),
    ]
    for name, prediction in ((tr("as it is"), tuning.before), (tr("tuned"), tuning.after)):
        if prediction is not None:
            group = tr("ΔE00 {name}, 95 % below", name=name)
            rows.append(
                (
                    tr("{group}: white", group=group),
                    figures("{white:.1f}, {high:.1f}", white=prediction.white, high=prediction.high[0]),
                )
            )
            rows.append(
                (
                    tr("{group}: worst", group=group),
                    figures("{worst:.1f}, {max:.1f}", worst=prediction.worst, max=prediction.high.max()),
                )
            )
    rows.append((tr("change of white"), figures("± {uncertainty:.1f} (k = 3)", uncertainty=tuning.uncertainty[0])))
    return tuple(rows)
