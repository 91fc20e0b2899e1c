"""What a front camera has shown in a session: a chart near and far, while it films and after, a flat field."""

from enum import Enum

from msgspec import Struct


class Mode(Enum):
    """Name a mode of the front camera that is tested by its frames."""

    PHOTO = "photo"
    VIDEO = "video"
    CINEMATIC = "cinematic"
    FOCUS = "autofocus"


class Blur(Struct, frozen=True):
    """Hold how sharp an edge was: half contrast at so many cycles a pixel, its standard uncertainty; zero where none was."""

    mtf50: float = 0.0
    u: float = 0.0

    @property
    def found(self) -> bool:
        """Return whether an edge was there to be measured."""
        return self.mtf50 > 0


class Frame(Struct, frozen=True):
    """Hold what one frame has shown: the mode, distance of the chart (m), focus code that the phone set, digest and mean of
    the grey values; the blur of the edges that were measured, upright and level of each place in turn.

    `swept` says that the code was asked for; `plain` that a flat field was before it: then `spots` are its dust spots and
    `corner` is the corners' share of the middle's light.
    """

    mode: Mode
    distance: float
    code: float
    digest: str
    mean: float
    edges: tuple[Blur, ...] = ()
    swept: bool = False
    plain: bool = False
    spots: int = 0
    corner: float = 1.0
    after: bool = False
    near: bool = False
