"""The screw map: the opened phone to scale, each screw at its own hole, its length told by its mark and in words."""

from __future__ import annotations

from daruma.core.closing import ClosingSpec, Screw
from daruma.core.language import tr
from daruma.core.pictures.primitives import Disc, Item, Picture, Rect, Text, Tone, cross

_PAD, _LEGEND, _ROW = 16.0, 190.0, 26.0
_MARKS = (Tone.DATA, Tone.PROVEN, Tone.GOLD, Tone.ACT)


def screw_map(width: float, height: float, spec: ClosingSpec | None, holds: str = "") -> Picture:
    """Return the map; the screws of what is held are drawn full, the others pale."""
    if spec is None or not spec.screws:
        said = tr("The catalogue has no screw map of this model: lay the screws out as they come, and take a picture before.")
        return Picture(width, 40, (Text(0, 22, said, Tone.QUIET, 13, limit=width),), (), said)
    height = max(height, 220.0)
    wide, tall = spec.size
    lengths = sorted({screw.length for screw in spec.screws})
    beside = width - 2 * _PAD - wide * (height - 2 * _PAD) / tall >= _LEGEND
    below = 0.0 if beside else _ROW * (len(lengths) + 1)
    scale = min((width - 2 * _PAD) / wide, (height - 2 * _PAD - below) / tall)
    items: list[Item] = [Rect(_PAD, _PAD, wide * scale, tall * scale, Tone.SHEET, Tone.INK, 1.6)]
    for screw in spec.screws:
        x, y = _PAD + screw.x * scale, _PAD + screw.y * scale
        items += _mark(x, y, screw, lengths, not holds or screw.holds == holds)
    left, y = (_PAD + wide * scale + 26, _PAD + 14) if beside else (_PAD, _PAD + tall * scale + _ROW)
    items.append(Text(left, y, holds or tr("All screws"), Tone.INK, 13, bold=True, limit=_LEGEND - 20))
    for length in lengths:
        some = [screw for screw in spec.screws if screw.length == length and (not holds or screw.holds == holds)]
        if not some:
            continue
        y += _ROW
        items += _mark(left + 8, y - 4, some[0], lengths, True)
        heads = ", ".join(sorted({screw.head for screw in some}))
        items.append(
            Text(
                left + 26,
                y,
                tr("{count_some} of {length:g} mm, {heads}", count_some=len(some), length=length, heads=heads),
                Tone.INK,
                13,
                limit=width - left - 28,
            )
        )
    shown = [screw for screw in spec.screws if not holds or screw.holds == holds]
    told = "; ".join(tr("{length:g} mm at {x:g}, {y:g} mm", length=screw.length, x=screw.x, y=screw.y) for screw in shown)
    return Picture(width, height, tuple(items), (), f"{holds or tr('All screws')}: {told}.")


def _mark(x: float, y: float, screw: Screw, lengths: list[float], full: bool) -> list[Item]:
    """Return a screw's head: its size and colour tell its length, the strokes in it how many lengths are shorter."""
    place = lengths.index(screw.length)
    tone, radius = _MARKS[place % len(_MARKS)], 5.0 + 1.2 * place
    if not full:
        return [Disc(x, y, radius, radius, None, Tone.LINE, 1.0)]
    strokes = cross(x, y, radius * 0.5, Tone.SHEET, 1.4)[: 1 + place % 2]
    return [Disc(x, y, radius, radius, tone, Tone.INK, 1.0), *strokes]
