"""What pictures are made of. Lengths are in logical pixels, y grows downwards."""

from enum import Enum
from typing import Literal

from msgspec import Struct

Anchor = Literal["start", "middle", "end"]


class Tone(Enum):
    """Name a colour by what it means; themes say what it looks like."""

    GROUND = "ground"
    SHEET = "sheet"
    INK = "ink"
    QUIET = "quiet"
    LINE = "line"
    ACT = "act"
    DATA = "data"
    PROVEN = "proven"
    GOLD = "gold"


class Line(Struct, frozen=True):
    """Draw a polyline."""

    points: tuple[tuple[float, float], ...]
    tone: Tone
    width: float = 1.0
    dash: tuple[float, ...] = ()


class Rect(Struct, frozen=True):
    """Draw a rectangle, filled, hatched or outlined."""

    x: float
    y: float
    w: float
    h: float
    fill: Tone | None = None
    stroke: Tone | None = None
    width: float = 1.0
    alpha: float = 1.0
    hatch: bool = False
    dash: tuple[float, ...] = ()


class Disc(Struct, frozen=True):
    """Draw an ellipse around a centre."""

    x: float
    y: float
    rx: float
    ry: float
    fill: Tone | None = None
    stroke: Tone | None = None
    width: float = 1.0
    alpha: float = 1.0
    dash: tuple[float, ...] = ()


class Bars(Struct, frozen=True):
    """Fill many rectangles of one colour: left, top, width and height of each."""

    bars: tuple[tuple[float, float, float, float], ...]
    tone: Tone


class Text(Struct, frozen=True):
    """Write a line of text on a baseline; `limit` is the width it may take before it is shortened."""

    x: float
    y: float
    text: str
    tone: Tone = Tone.INK
    size: float = 13.0
    anchor: Anchor = "start"
    bold: bool = False
    mono: bool = False
    limit: float = 0.0


Item = Line | Rect | Disc | Bars | Text


class Spot(Struct, frozen=True):
    """Mark an area that can be pointed at, with the words for it."""

    key: str
    x: float
    y: float
    w: float
    h: float
    words: str


class Picture(Struct, frozen=True):
    """Hold a drawn picture and its text twin for those who cannot see it."""

    width: float
    height: float
    items: tuple[Item, ...]
    spots: tuple[Spot, ...] = ()
    words: str = ""


def tick(x: float, y: float, size: float, tone: Tone, width: float = 2.0) -> Line:
    """Return a tick around a centre: the fonts have none."""
    return Line(((x - size, y), (x - size * 0.3, y + size * 0.7), (x + size, y - size * 0.7)), tone, width)


def cross(x: float, y: float, size: float, tone: Tone, width: float = 2.0) -> tuple[Line, Line]:
    """Return a cross around a centre."""
    return (
        Line(((x - size, y - size), (x + size, y + size)), tone, width),
        Line(((x - size, y + size), (x + size, y - size)), tone, width),
    )


def curve(start: tuple[float, float], end: tuple[float, float], steps: int = 14) -> tuple[tuple[float, float], ...]:
    """Return a smooth horizontal S between two points."""
    points = []
    for i in range(steps + 1):
        t = i / steps
        ease = t * t * (3 - 2 * t)
        points.append((start[0] + (end[0] - start[0]) * t, start[1] + (end[1] - start[1]) * ease))
    return tuple(points)


def arrow_head(x: float, y: float, tone: Tone, size: float = 5.0) -> Line:
    """Return an arrow head that points right."""
    return Line(((x - size, y - size), (x, y), (x - size, y + size)), tone, 1.5)
