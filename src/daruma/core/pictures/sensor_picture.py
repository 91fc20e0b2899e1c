"""The sensor sheet drawn: how the lights are misjudged with the stored gains, and gains stored against gains that fit."""

from daruma.core.colour.light_names import lamp_name
from daruma.core.colour.sheet import SensorSheet
from daruma.core.language import figures, tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Text, Tone

_LEFT, _TOP, _RIGHT, _BOTTOM = 52.0, 34.0, 14.0, 32.0


def sensor_picture(width: float, height: float, sheet: SensorSheet | None, tolerance: float) -> Picture:
    """Return both plots; `tolerance` is the distance in u'v' that the white may be off, for scale."""
    upper = height * 0.46
    lights = sheet.fit.lights if sheet is not None else ()
    most = max([tolerance, *(light.off_uv for light in lights)]) * 1.2
    first = Axes(_LEFT, _TOP, width - _LEFT - _RIGHT, upper - _TOP - _BOTTOM, (0.0, max(3.0, float(len(lights)))), (0.0, most))
    second = Axes(_LEFT, upper + _TOP, width - _LEFT - _RIGHT, height - upper - _TOP - _BOTTOM, (0.0, 8.0), (0.9, 1.1))
    return Picture(width, height, (*_lights(first, sheet, tolerance), *_gains(second, sheet)), (), sensor_sentence(sheet))


def _lights(axes: Axes, sheet: SensorSheet | None, tolerance: float) -> list[Item]:
    step = 0.001 if axes.y[1] < 0.007 else 0.005
    items = axes.grid((), [step * i for i in range(1, int(axes.y[1] / step) + 1)], tell=lambda v: figures("{v:.3f}", v=v))
    items.append(Text(axes.left, axes.top - 8, tr("Lights: misjudged by, in u'v'"), Tone.INK, 13, bold=True))
    _, y = axes.at(0.0, tolerance)
    items += [
        Line(((axes.left, y), (axes.left + axes.w, y)), Tone.DATA, 1.4, (5, 4)),
        Text(axes.left + axes.w - 6, y - 6, tr("tolerance of the white"), Tone.DATA, 12, "end"),
    ]
    for place, light in enumerate(sheet.fit.lights if sheet is not None else ()):
        left, top = axes.at(place + 0.3, light.off_uv)
        right, foot = axes.at(place + 0.7, 0.0)
        words = light.light
        items.append(Rect(left, top, right - left, foot - top, Tone.DATA, None))
        items.append(Text((left + right) / 2, foot + 16, words, Tone.QUIET, 12, "middle"))
    return items


def _gains(axes: Axes, sheet: SensorSheet | None) -> list[Item]:
    items = axes.grid((), (0.95, 1.0, 1.05), tell=lambda v: figures("{v:.2f}", v=v))
    items.append(Text(axes.left, axes.top - 8, tr("Gains: ring stored, disc fits ± 2u"), Tone.INK, 13, bold=True))
    if sheet is None:
        return items
    rows = zip(sheet.stored, sheet.fit.gains, sheet.fit.uncertainty, strict=True)
    for place, (stored, fits, unsure) in enumerate(rows):
        x, y = axes.at(place + 0.5, float(fits))
        _, high = axes.at(place + 0.5, float(fits + 2 * unsure))
        _, low = axes.at(place + 0.5, float(fits - 2 * unsure))
        _, own = axes.at(place + 0.5, stored)
        items += [
            Line(((x, high), (x, low)), Tone.DATA, 1.4),
            Disc(x, y, 4, 4, Tone.DATA),
            Disc(x, own, 6, 6, None, Tone.INK, 1.6),
            Text(x, axes.top + axes.h + 16, f"{place + 1}", Tone.QUIET, 12, "middle"),
        ]
    return items


def sensor_sentence(sheet: SensorSheet | None) -> str:
    """Return in one sentence how the stored gains fit, and which light would tell more."""
    if sheet is None:
        return tr("The phone's ambient sensor was not read yet: it is read with every white.")
    worst = sheet.fit.worst
    size = tr("{off_uv:.4f} in u'v' and {off_lux:+.1f} % in lux", off_uv=worst.off_uv, off_lux=100 * worst.off_lux)
    said = tr("With its stored gains the flex misjudges {light} light by {size}", light=lamp_name(worst.light), size=size)
    return tr(
        "{said}; {next_light} light would tell most: {next_share:.0f} % of what is still unknown.",
        said=said,
        next_light=lamp_name(sheet.next_light),
        next_share=100 * sheet.next_share,
    )


def sensor_numbers(sheet: SensorSheet) -> tuple[tuple[str, str], ...]:
    """Return the sheet's numbers with units and uncertainty."""
    rows = [
        (tr("{light}: misjudged", light=lamp_name(light.light)), tr("{off_uv:.4f} in u'v'", off_uv=light.off_uv))
        for light in sheet.fit.lights
    ]
    rows += [
        (tr("{light}: lux", light=lamp_name(light.light)), figures("{off_lux:+.1f} %", off_lux=100 * light.off_lux))
        for light in sheet.fit.lights
    ]
    rows.sort()
    rows += [
        (
            tr("gains that fit: channel {i}", i=i + 1),
            tr("{gain:.0f} ± {unsure:.0f}, stored {stored:.0f}", gain=1000 * gain, unsure=2000 * unsure, stored=1000 * stored),
        )
        for i, (gain, unsure, stored) in enumerate(zip(sheet.fit.gains, sheet.fit.uncertainty, sheet.stored, strict=True))
    ]
    return tuple(rows)
