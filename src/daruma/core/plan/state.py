"""The planner's state: finite variables, each with one value (finite-domain representation)."""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import Enum


class Var(Enum):
    """Name a variable of the state."""

    PHONE = "phone"
    RUNS = "runs"
    TRUST = "trust"
    SOCKET = "socket"
    ORIGINAL = "original"
    TRIED = "tried"
    SERIAL = "serial"
    COVER = "cover"
    CALIBRATION = "calibration"
    BOARD = "board"
    PANEL = "panel"
    DONOR = "donor"
    NEW_READ = "new_read"
    RECORD = "record"
    REFUSES = "another maker's record was tried in vain"
    CHIP = "chip"
    OWN_CHIP = "own_chip"
    FLEX = "flex"
    FLEX_DATA = "flex_data"
    NEW_FLEX = "new_flex"
    BINDING = "binding"
    TRIAL = "trial"
    REOPENED = "reopened"
    PAID = "paid"


class Val(Enum):
    """Name a value of a variable."""

    YES = "yes"
    NO = "no"
    SOUGHT = "tried in vain so far"
    # the phone
    ASSEMBLED = "as it came"
    OPEN = "open"
    ON_TRIAL = "on trial"
    FITTED = "fitted"
    # the socket
    EMPTY = "empty"
    ORIGINAL = "the original"
    NEW = "the new panel"
    NEW_FLEX = "the new flex"
    # the original
    THERE = "there"
    GONE = "gone"
    # the board
    BOUND = "bound"
    UNBOUND = "unbound"
    READ_OUT = "unbound, its data taken"
    LIFTED = "memory lifted"
    LIFTED_UNBOUND = "memory lifted and unbound"
    # a panel's record
    OWN = "its own, complete"
    PARTIAL = "its own, incomplete"
    BLANK = "never set"
    BOARDS = "the board's, complete"
    BOARDS_PARTIAL = "the board's, incomplete"
    MIXED = "the board's serial, its own chip's code"
    MIXED_PARTIAL = "the board's serial, its own chip's code, incomplete"
    COPIED = "its own serial, the moved chip's code"
    # a calibration that is known
    FITTING = "of a panel by the new one's maker"
    # the touch chip
    ON_ORIGINAL = "on the original"
    LOOSE = "loose"
    ON_NEW = "on the new panel"
    # the sensor flex
    SOUND = "the original, sound"
    WORN = "the original, worn"
    FOREIGN = "another phone's"
    PROGRAMMED = "a new one with the original's data"
    UNTESTED = "not tested"
    # what the board binds to
    TO_ORIGINAL = "to the original"
    TO_PANEL = "to the new panel"
    # a donor panel
    UNASKED = "not asked"
    CLEAN = "clean"
    BAD = "locked or its touch flex replaced"
    # whatever is beyond repair
    LOST = "lost"
    # the panels there are, the one in hand first
    FIRST = "the panel in hand"
    SECOND = "the second panel"
    THIRD = "the third panel"
    FIRST_LOST = "the panel in hand, lost"
    SECOND_LOST = "the second panel, lost"
    THIRD_LOST = "the third panel, lost"


PANELS = (Val.FIRST, Val.SECOND, Val.THIRD)
LOST_PANEL = {Val.FIRST: Val.FIRST_LOST, Val.SECOND: Val.SECOND_LOST, Val.THIRD: Val.THIRD_LOST}


@dataclass(frozen=True, slots=True)
class State:
    """Hold one value for each variable; hashable."""

    values: tuple[tuple[Enum, Enum], ...]

    @classmethod
    def of(cls, values: Mapping[Enum, Enum]) -> "State":
        """Build a state from a mapping."""
        return cls(tuple(sorted(values.items(), key=lambda item: str(item[0].value))))

    def as_dict(self) -> dict[Enum, Enum]:
        """Return the values as a new dict."""
        return dict(self.values)


@dataclass(frozen=True, slots=True)
class Needs:
    """Hold one condition on a variable: the values that are good, and what to say where it has none of them.

    `moot` says that the action has no purpose any more where the condition cannot be met; `order` that the condition
    only keeps an order of work: what is done after it does not rest on it.
    """

    var: Enum
    good: frozenset[Enum]
    otherwise: str = ""
    moot: bool = False
    order: bool = False

    def met(self, state: Mapping[Enum, Enum]) -> bool:
        """Return whether the state meets the condition."""
        return state.get(self.var) in self.good


def needs(var: Enum, *good: Enum, otherwise: str = "", moot: bool = False, order: bool = False) -> Needs:
    """Build a condition."""
    return Needs(var, frozenset(good), otherwise, moot, order)
