"""The fold guide: the flex from the side, flat and after each fold, drawn to scale."""

from __future__ import annotations

from math import ceil

from daruma.core.folding import FoldSpec, Shape, steps, words
from daruma.core.language import tr
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Text, Tone

_CELL, _HEAD, _PAD = 112.0, 18.0, 12.0


def fold_guide(width: float, spec: FoldSpec | None, none: str) -> Picture:
    """Return a small side view for each fold, with its words, all to one scale; `none` is said where nothing is folded."""
    if spec is None:
        said = none
        return Picture(width, 30, (Text(0, 20, said, Tone.QUIET, 13),), (), said)
    shapes, told = steps(spec), (tr("flat, face up"), *words(spec))
    columns = min(len(shapes), max(1, int(width // 300)))
    cell = width / columns
    xs = [value for shape in shapes for value in (shape.bounds[0], shape.bounds[2])]
    ys = [value for shape in shapes for value in (shape.bounds[1], shape.bounds[3])]
    boxes = spec.keep_outs
    xs += [value for box in boxes for value in (box.x, box.x + box.w)]
    ys += [value for box in boxes for value in (box.y, box.y + box.h)]
    scale = min((cell - 2 * _PAD) / (max(xs) - min(xs) or 1), (_CELL - _HEAD - 2 * _PAD) / (max(ys) - min(ys) or 1))
    items: list[Item] = []
    for number, (shape, line) in enumerate(zip(shapes, told, strict=True)):
        left, top = cell * (number % columns), (_CELL + 8) * (number // columns)
        origin = left + _PAD - min(xs) * scale, top + _HEAD + _PAD + max(ys) * scale
        items.append(
            Text(left, top + 12, f"{number}  {line}" if number else line, Tone.INK, 12, bold=bool(number), limit=cell - 8)
        )
        items += _drawn(shape, spec, origin, scale, last=number == len(shapes) - 1)
    height = (_CELL + 8) * ceil(len(shapes) / columns)
    return Picture(
        width,
        height,
        tuple(items),
        (),
        tr("Fold {count} times: {folds}.", count=len(spec.folds), folds="; ".join(words(spec))),
    )


def _drawn(shape: Shape, spec: FoldSpec, origin: tuple[float, float], scale: float, *, last: bool) -> list[Item]:
    def at(point: tuple[float, float]) -> tuple[float, float]:
        return origin[0] + point[0] * scale, origin[1] - point[1] * scale

    items: list[Item] = []
    for box in spec.keep_outs:
        x, y = at((box.x, box.y + box.h))
        items.append(Rect(x, y, box.w * scale, box.h * scale, None, Tone.ACT, 1.0, hatch=True))
        if last:
            items.append(Text(x, y - 3, box.name, Tone.ACT, 11))
    joined = [at(point) for pair in shape.segments for point in pair]
    items.append(Line(tuple(joined), Tone.DATA, 2.2))
    items.append(Rect(joined[0][0] - 7, joined[0][1] - 5, 7, 10, Tone.INK, Tone.INK))
    end = joined[-1]
    items.append(Disc(*end, 4, 4, Tone.PROVEN if last else Tone.SHEET, Tone.PROVEN if last else Tone.INK, 1.4))
    return items
