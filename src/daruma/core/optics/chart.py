"""The chart before a front camera: nine tiles, each with a dark slanted rectangle whose right and lower edges are looked at.

Frames are 480 x 360 px, 8-bit grey. A crop holds one edge alone, so that its spread can be transformed.
"""

from msgspec import Struct

from daruma.core.language import tr

WIDTH, HEIGHT = 480, 360  # px of a frame
TILE_WIDTH, TILE_HEIGHT = WIDTH // 3, HEIGHT // 3
SLANT = 5.0  # degrees: as ISO 12233 has it
DARK_WIDTH, DARK_HEIGHT = 64, 56  # px of a tile's rectangle
PLACES = (
    tr("upper left"),
    tr("upper"),
    tr("upper right"),
    tr("left"),
    tr("middle"),
    tr("right"),
    tr("lower left"),
    tr("lower"),
    tr("lower right"),
)
MIDDLE = len(PLACES) // 2


class Window(Struct, frozen=True):
    """Hold a part of a frame: its upper left corner, width and height, px."""

    x: int
    y: int
    width: int
    height: int


WHOLE = Window(0, 0, WIDTH, HEIGHT)


def tile(place: int) -> Window:
    """Return the tile of one of the nine places."""
    return Window(place % 3 * TILE_WIDTH, place // 3 * TILE_HEIGHT, TILE_WIDTH, TILE_HEIGHT)


def edges(place: int) -> tuple[Window, Window]:
    """Return the crops of a place's upright edge and of its level one."""
    at = tile(place)
    x, y = at.x + TILE_WIDTH // 2, at.y + TILE_HEIGHT // 2
    return (
        Window(x + DARK_WIDTH // 2 - 28, y - 21, 56, 42),
        Window(x - 24, y + DARK_HEIGHT // 2 - 26, 48, 52),
    )


CENTRES = tuple((i % 3 * TILE_WIDTH + TILE_WIDTH // 2, i // 3 * TILE_HEIGHT + TILE_HEIGHT // 2) for i in range(9))
