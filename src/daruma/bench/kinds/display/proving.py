"""Prove functions: judge the white under lights and the luminance at levels, read the parts page."""

from __future__ import annotations

from collections.abc import Sequence
from math import isfinite
from typing import TYPE_CHECKING

from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.core.colour.chromaticity import mean_xyz, xyz_to_xy
from daruma.core.colour.light_names import lamp_name
from daruma.core.display import curve_fault
from daruma.core.job import Proof, Reading
from daruma.core.language import figures, tr, word
from daruma.core.measured import Measured
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.core.records import Record
from daruma.core.tri import Tri
from daruma.link.errors import LinkError

if TYPE_CHECKING:
    from daruma.core.colour.follow import WhiteVerdict


def prove_white(model: Model, readings: Sequence[Reading], when: str) -> tuple[Proof, WhiteVerdict]:
    """Judge whether the white follows the light, each light by its own instrument, and make the proof."""
    from daruma.core.colour.follow import judge
    from daruma.core.colour.temperature import cct_duv, cct_spread  # brings NumPy, which is slow to import
    from daruma.core.white_proof import ASSUMED_UNCERTAINTY, samples_of

    uncertainty = max((reading.uv for reading in readings), default=ASSUMED_UNCERTAINTY)
    verdict = judge(model.white, samples_of(readings), uncertainty)
    numbers: list[tuple[str, str]] = []
    for sample, point in zip(samples_of(readings), verdict.points, strict=True):
        xy = xyz_to_xy(mean_xyz(list(sample.screen)))
        cct, duv = cct_duv(xy)
        unsure = point.ellipse.long
        spread = cct_spread(xy, unsure)
        numbers += [
            (f"{lamp_name(sample.light)}: x, y", figures("{xy:.4f}, {xy_2:.4f}", xy=xy[0], xy_2=xy[1])),
            (
                f"{lamp_name(sample.light)}: u', v'",
                figures(
                    "{measured:.4f}, {measured_2:.4f} ± {unsure:.4f}",
                    measured=point.measured[0],
                    measured_2=point.measured[1],
                    unsure=unsure,
                ),
            ),
            (f"{lamp_name(sample.light)}: CCT", _known(cct[0], spread[0], ".0f", " K")),
            (tr("{light}: Duv", light=lamp_name(sample.light)), _known(duv[0], spread[1], "+.4f")),
            (
                tr("{light}: off its path", light=lamp_name(sample.light)),
                figures("{distance:.4f} ± {spread:.4f}", distance=point.distance, spread=point.spread),
            ),
            (
                tr("{light}: off in u', v'", light=lamp_name(sample.light)),
                figures("{offset:+.4f}, {offset_2:+.4f}", offset=point.offset[0], offset_2=point.offset[1]),
            ),
            (tr("{light}: measured with", light=lamp_name(sample.light)), _instruments(readings, sample.light)),
            (
                f"{lamp_name(sample.light)}: ΔE00",
                figures(
                    "{de00:.1f} ± {de00_spread:.1f}, {side}", de00=point.de00, de00_spread=point.de00_spread, side=point.side
                ),
            ),
        ]
    numbers.append((tr("tolerance"), figures("{tolerance_uv:.4f}", tolerance_uv=model.white.tolerance_uv)))
    proof = Proof(Function.AMBIENT_WHITE, verdict.proven, verdict.sentence, tuple(numbers), tuple(readings), when, uncertainty)
    return proof, verdict


def _known(value: float, spread: float, form: str, unit: str = "") -> str:
    """Return a number of colour temperature in words: a white may have none, or lie so near the edge that its spread has none."""
    if not isfinite(value):
        return tr("none: too far from any black body")
    return (
        f"{value:{form}} ± {spread:{form.lstrip('+')}}{unit}"
        if isfinite(spread)
        else tr("{value}{unit}, at the edge", value=f"{value:{form}}", unit=unit)
    )


def _instruments(readings: Sequence[Reading], light: str) -> str:
    own = [reading for reading in readings if reading.light == light]
    return ", ".join(dict.fromkeys(figures("{instrument} (u = {uv:.4f})", instrument=r.instrument, uv=r.uv) for r in own))


def prove_notice(rig: Rig, context: Context) -> Proof:
    """Read the parts page for the display."""
    context.report(0.3, tr("reading the parts page"))
    entries = [entry for entry in rig.phone().parts_page() if entry.part is PartKind.DISPLAY]
    if not entries:
        raise LinkError(
            tr("The parts page says nothing of the display."), safe=tr("Nothing was changed."), advice=tr("Restart the phone.")
        )
    entry = entries[0]
    said = tr("The parts page says {status} for the display", status=word(entry.status)) + (
        tr(", with a notice.") if entry.notice else tr(", no notice.")
    )
    return Proof(Function.NO_DISPLAY_NOTICE, not entry.notice, said, ((tr("parts page"), word(entry.status)),), (), context.now())


def prove_touch(rig: Rig, context: Context) -> Proof:
    """Read the phone's own touch test."""
    context.report(0.3, tr("reading the touch test"))
    works = rig.phone().functions().get(Function.TOUCH) is Tri.YES
    said = tr("The phone's touch test passes.") if works else tr("The phone's touch test fails: no sound touch chip answers.")
    return Proof(Function.TOUCH, works, said, ((tr("touch test"), tr("passed") if works else tr("failed")),), (), context.now())


def prove_brightness(model: Model, measured: Measured, record: Record | None, when: str) -> Proof:
    """Judge whether the screen gets brighter with the room, and make the proof; `record` is what the panel carries."""
    from daruma.core.colour.brightness import judge_brightness

    verdict = judge_brightness(model.display, measured.levels, measured.luminance)
    said, fault = verdict.sentence, curve_fault(record)
    if fault and not verdict.proven:
        said = tr("{said} The brightness curve on the panel is {fault}.", said=said, fault=fault)
    numbers = [
        (
            tr("cd/m²: {lux:g} lx", lux=point.lux),
            tr(
                "{measured:.0f} ± {spread:.0f}, wanted {wanted:.0f}",
                measured=point.measured,
                spread=point.spread * point.measured,
                wanted=point.wanted,
            ),
        )
        for point in verdict.points
    ]
    if verdict.points:
        numbers.append(
            (
                tr("range (times)"),
                tr("{reach:.1f}, wanted {wanted_reach:.1f}", reach=verdict.reach, wanted_reach=verdict.wanted_reach),
            )
        )
        numbers.append((tr("tolerance"), f"{100 * model.display.brightness_tolerance:.0f} %"))
    if verdict.hysteresis is not None:
        numbers.append((tr("hysteresis"), figures("{hysteresis:.1f} %", hysteresis=100 * verdict.hysteresis)))
    return Proof(Function.AUTO_BRIGHTNESS, verdict.proven, said, tuple(numbers), (), when, measured.luminance)
