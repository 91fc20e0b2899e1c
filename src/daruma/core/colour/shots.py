"""A measurement session as a list of shots: what to show, under which light, how long to wait, how often to read.

What was bad is told from its own readings, so that only that is repeated.
"""

from collections.abc import Sequence
from enum import Enum
from math import sqrt

from msgspec import Struct

from daruma.core.colour.chromaticity import XYZ
from daruma.core.colour.light_names import lamp_name
from daruma.core.language import tr

GREY_LEVELS = (0.0, 0.05, 0.1, 0.15, 0.22, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0)
BRIGHTNESS_LUX = (2.0, 10.0, 50.0, 200.0, 800.0, 3000.0)
WHITE_LUX = 400.0
PANEL_SETTLE, LIGHT_SETTLE, DIM_SETTLE = 0.5, 4.0, 6.0  # seconds until the screen stands still (ours)
REPEATS, WHITE_REPEATS = 3, 5
READING = 1.0  # seconds that an instrument takes for one reading, about (ours)
TRIES = 3  # for one shot, before it is taken as it is and marked
LARGEST_SCATTER = 0.008  # relative standard deviation of repeated luminances (ours)
FLOOR = 0.02  # cd/m2 added to it: what is dark scatters more
LEAST_LIGHT = 0.5  # cd/m2 that a lit field must have


class Sheet(Enum):
    """Say what the session is for."""

    WHITE = "white"
    PANEL = "panel"
    BRIGHTNESS = "brightness"


class Shot(Struct, frozen=True):
    """Hold one shot.

    `rgb` are codes of a field shown straight on the panel, None for the phone's own white page; `dark` asks for a black
    field under the same light first, so that what the glass mirrors can be taken off; `lux` 0 is a dark box.
    """

    key: str
    words: str
    rgb: tuple[float, float, float] | None
    light: str
    lux: float
    settle: float
    repeats: int
    dark: bool = False
    falling: bool = False


class Taken(Struct, frozen=True):
    """Hold what a shot gave: XYZ readings in cd/m2, the mirrored light taken off already, the tries it took, and what
    is still wrong with it.
    """

    key: str
    readings: tuple[XYZ, ...]
    tries: int = 1
    doubt: str = ""


class Level(Struct, frozen=True):
    """Hold repeated luminances in cd/m2 at one illuminance in lux, reached by rising or by falling light."""

    lux: float
    luminance: tuple[float, ...]
    falling: bool = False

    @property
    def mean(self) -> float:
        """Return the mean luminance in cd/m2."""
        return sum(self.luminance) / len(self.luminance)


def panel_shots() -> tuple[Shot, ...]:
    """Return the shots of a panel sheet: white first and last, the channels, the grey ramp, in a dark box."""
    fields = [("white", tr("White"), (1.0, 1.0, 1.0)), ("red", tr("Red"), (1.0, 0.0, 0.0))]
    fields += [("green", tr("Green"), (0.0, 1.0, 0.0)), ("blue", tr("Blue"), (0.0, 0.0, 1.0))]
    fields += [
        (f"grey {level:.2f}", tr("Grey {level:.0f} %", level=100 * level), (level, level, level))
        for level in reversed(GREY_LEVELS)
    ]
    fields.append(("white again", tr("White again"), (1.0, 1.0, 1.0)))
    return tuple(Shot(key, words, rgb, "off", 0.0, PANEL_SETTLE, REPEATS) for key, words, rgb in fields)


def white_shots(lights: Sequence[str], repeats: int = WHITE_REPEATS) -> tuple[Shot, ...]:
    """Return the shots of the white under lights."""
    return tuple(
        Shot(
            light,
            tr("White under {light} light", light=lamp_name(light)),
            None,
            light,
            WHITE_LUX,
            LIGHT_SETTLE,
            repeats,
            dark=True,
        )
        for light in lights
    )


def brightness_shots(repeats: int = REPEATS, lux: Sequence[float] = BRIGHTNESS_LUX) -> tuple[Shot, ...]:
    """Return the shots of the brightness plot: rising light, then falling at every second level."""
    ways = [(level, False) for level in lux] + [(level, True) for level in lux[-2::-2]]
    return tuple(
        Shot(
            tr("{level:g} lx{direction}", level=level, direction=tr(" falling") if falling else ""),
            tr("White at {level:g} lx{direction}", level=level, direction=tr(", coming down") if falling else ""),
            None,
            "neutral",
            level,
            DIM_SETTLE,
            repeats,
            dark=True,
            falling=falling,
        )
        for level, falling in ways
    )


def is_dark(shot: Shot, readings: Sequence[XYZ]) -> bool:
    """Return whether a field that should be lit gives no light."""
    lit = shot.rgb is None or max(shot.rgb) >= 0.2
    return lit and sum(xyz[1] for xyz in readings) / len(readings) < LEAST_LIGHT


def doubt_of(shot: Shot, readings: Sequence[XYZ]) -> str:
    """Return what is wrong with a shot's readings and what to do, in one sentence; empty where nothing is."""
    luminances = [xyz[1] for xyz in readings]
    mean = sum(luminances) / len(luminances)
    if is_dark(shot, readings):
        return tr("No light: lay the instrument on the screen and wake the phone.")
    scatter = sqrt(sum((value - mean) ** 2 for value in luminances) / (len(luminances) - 1)) if len(luminances) > 1 else 0.0
    if scatter > LARGEST_SCATTER * abs(mean) + FLOOR:
        return tr(
            "Readings scatter by {scatter:.1f} %: hold the instrument still and keep the box shut.", scatter=100 * scatter / mean
        )
    return ""


def minutes(shots: Sequence[Shot]) -> float:
    """Return about how many minutes shots take."""
    return sum(shot.settle + (shot.repeats + 2 * shot.dark) * READING for shot in shots) / 60
