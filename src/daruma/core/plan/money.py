"""What time, functions and ruined things are worth to the shop, in its own money."""

from collections.abc import Mapping
from enum import Enum
from typing import Protocol

from msgspec import Struct, field

from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.plan.actions import Action, Bar, Effort, Heat


class Aim(Enum):
    """Say what a shop puts first."""

    BALANCE = "balance"
    FASTEST = "fastest"
    CHEAPEST = "cheapest"


WORTH = {
    Function.AMBIENT_WHITE: 80.0,
    Function.AUTO_BRIGHTNESS: 40.0,
    Function.NO_DISPLAY_NOTICE: 90.0,
    Function.TOUCH: 120.0,
    Function.FACE_UNLOCK: 120.0,
    Function.BATTERY_RUNS: 120.0,
    Function.BATTERY_HEALTH: 60.0,
    Function.NO_BATTERY_NOTICE: 40.0,
    Function.FRONT_CAMERA: 90.0,
    Function.REAR_CAMERA_FINISHED: 120.0,
    Function.HAPTICS: 30.0,
}


class Prices(Protocol):
    """What says what a try of an action costs."""

    def price(self, action: Action) -> float:
        """Return the price in the shop's money."""


class Preferences(Struct, frozen=True):
    """Hold what the shop rules out and what it weighs, in its money (all figures ours, to be set by the shop).

    `attended` and `waiting` are money for an hour; `worth` is what a kept promise is worth; `board` the price of a
    ruined board; `board_heat` what one heating of the board counts for beyond its counted risks; `write` what a used
    write counts for, `used` what it counts for that a part says used for ever;
    `tolerance_de` the dE00 that white and greys of a display may be off.
    """

    no_board_heat: bool = False
    no_soldering: bool = False
    aim: Aim = Aim.BALANCE
    attended: float = 48.0
    waiting: float = 6.0
    worth: Mapping[Function, float] = field(default_factory=lambda: dict(WORTH))
    board: float = 240.0
    board_heat: float = 20.0
    write: float = 2.0
    used: float = 15.0
    tolerance_de: float = 1.5

    @property
    def hour_attended(self) -> float:
        """Return what an attended hour counts for, the aim included."""
        return self.attended * {Aim.FASTEST: 4.0, Aim.CHEAPEST: 0.5}.get(self.aim, 1.0)

    @property
    def hour_waiting(self) -> float:
        """Return what an hour of waiting counts for, the aim included."""
        return self.waiting * {Aim.FASTEST: 8.0, Aim.CHEAPEST: 0.5}.get(self.aim, 1.0)

    def price(self, action: Action) -> float:
        """Return what one try of an action costs: time, material, a write, heat on the board, a part used for ever."""
        figures = action.figures
        time = (figures.attended * self.hour_attended + figures.waiting * self.hour_waiting) / 60
        heat = self.board_heat if figures.heat is Heat.BOARD else 0.0
        used = self.used if action.marks_used else 0.0
        return time + action.cost + self.write * figures.writes + heat + used

    def worth_of(self, function: Function) -> float:
        """Return what a kept promise is worth."""
        return self.worth.get(function, 20.0)

    def forbids(self, action: Action) -> tuple[Bar, ...]:
        """Return for what reasons the shop rules an action out; empty where it does not."""
        ruled_out = (
            (self.no_board_heat and action.figures.heat is Heat.BOARD, tr("the shop rules out heat on the board")),
            (self.no_soldering and action.figures.solder, tr("the shop rules out soldering")),
        )
        return tuple(Bar(words, Effort.WISH) for wished, words in ruled_out if wished)
