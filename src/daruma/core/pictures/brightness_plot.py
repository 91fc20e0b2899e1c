"""The brightness plot: luminance against illuminance, both logarithmic, against what the model wants."""

from collections.abc import Sequence

from daruma.core.colour.brightness import BrightnessVerdict
from daruma.core.colour.shots import Level
from daruma.core.display import DisplaySpec, wanted_luminance
from daruma.core.language import tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Text, Tone

_LEFT, _TOP, _RIGHT, _BOTTOM = 62.0, 30.0, 16.0, 42.0
_LUX = (1.0, 20000.0)


def brightness_plot(
    width: float,
    height: float,
    spec: DisplaySpec,
    verdict: BrightnessVerdict | None,
    levels: Sequence[Level] = (),
    live: Sequence[tuple[float, float]] = (),
) -> Picture:
    """Return the plot; `levels` are the readings behind the verdict, `live` pairs of lux and cd/m2 that just came in."""
    low = min((pair[1] for pair in spec.brightness), default=1.0) / 3
    high = max(pair[1] for pair in spec.brightness) * 2
    axes = Axes(_LEFT, _TOP, width - _LEFT - _RIGHT, height - _TOP - _BOTTOM, _LUX, (low, high), logarithmic=True)
    across = (1, 10, 100, 1000, 10000)
    up = [v for v in (1, 3, 10, 30, 100, 300, 1000, 3000) if low < v < high]
    items: list[Item] = axes.grid(across, up, words=("lux", "cd/m²"), tell=lambda v: f"{v:,.0f}")
    items += _wanted(axes, spec)
    tone = Tone.PROVEN if verdict is not None and verdict.proven else Tone.ACT
    if verdict is not None and verdict.points:
        items.append(axes.line([(p.lux, p.fitted) for p in verdict.points], tone, 1.6))
        for point in verdict.points:
            x, top = axes.at(point.lux, point.measured * (1 + point.spread))
            _, foot = axes.at(point.lux, point.measured * (1 - point.spread))
            items.append(Line(((x, top), (x, foot)), tone, 1.4))
    for level in levels:
        x, y = axes.at(level.lux, level.mean)
        hollow = level.falling
        items.append(Disc(x, y, 4.5 if hollow else 3.5, 4.5 if hollow else 3.5, None if hollow else tone, tone, 1.4))
    items += [Disc(*axes.at(lux, value), 2.4, 2.4, Tone.INK) for lux, value in live]
    if any(level.falling for level in levels):
        items.append(Text(_LEFT + 10, _TOP + 18, tr("filled: light rising; ring: falling"), Tone.QUIET, 12))
    words = verdict.sentence if verdict is not None else tr("Nothing is measured yet; the luminance that is wanted is drawn.")
    return Picture(width, height, tuple(items), (), words)


def _wanted(axes: Axes, spec: DisplaySpec) -> list[Item]:
    lux = [_LUX[0] * (_LUX[1] / _LUX[0]) ** (i / 60) for i in range(61)]
    wanted = [(x, wanted_luminance(spec.brightness, x)) for x in lux]
    ratio = 1 + spec.brightness_tolerance
    band = [axes.line([(x, y * r) for x, y in wanted], Tone.DATA, 1, (2, 3)) for r in (ratio, 1 / ratio)]
    x, y = axes.at(*wanted[48])
    return [*band, axes.line(wanted, Tone.DATA), Text(x - 8, y - 12, "wanted", Tone.DATA, 12, "end")]
