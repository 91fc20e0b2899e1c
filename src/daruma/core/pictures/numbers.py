"""Where a route's numbers come from, as lines of a table."""

from collections.abc import Sequence

from daruma.core.language import tr
from daruma.core.pictures.primitives import Item, Line, Picture, Text, Tone
from daruma.core.plan.explain import Source

_ROW = 20.0


def numbers(width: float, sources: Sequence[Source]) -> Picture:
    """Return one line for each number: what it is, its value, where it comes from."""
    value, origin = width * 0.31, width * 0.42
    items: list[Item] = [
        Text(4, 14, tr("Number"), Tone.QUIET, 12),
        Text(value, 14, tr("Value"), Tone.QUIET, 12),
        Text(origin, 14, tr("Where it comes from"), Tone.QUIET, 12),
        Line(((0, 20), (width, 20)), Tone.LINE),
    ]
    y = 22.0
    for source in sources:
        inner = source.what.startswith("  ")
        items += [
            Text(18 if inner else 4, y + 14, source.what.strip(), Tone.QUIET if inner else Tone.INK, 13, limit=value - 24),
            Text(value, y + 14, source.value, Tone.INK, 13, limit=origin - value - 8),
            Text(origin, y + 14, source.origin, Tone.QUIET, 13, limit=width - origin - 4),
        ]
        y += _ROW
    words = "; ".join(f"{source.what.strip()} {source.value}: {source.origin}" for source in sources)
    return Picture(width, y + 4, tuple(items), (), words)
