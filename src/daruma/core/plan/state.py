"""The planner's state: finite variables, each with one value (finite-domain representation)."""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import Enum


class Var(Enum):
    """Name a variable of the state."""

    PHONE = "phone"
    ORIGINAL_AT = "original_at"
    ORIGINAL_ANSWERS = "original_answers"
    CHIP_AT = "chip_at"
    CODES = "codes"
    NEW_AT = "new_at"
    NEW_READ = "new_read"
    NEW_RECORD = "new_record"
    NEW_OWN_CHIP = "new_own_chip"
    FLEX = "flex"
    AMBIENT_WHITE = "ambient_white"
    AUTO_BRIGHTNESS = "auto_brightness"
    NO_DISPLAY_NOTICE = "no_display_notice"
    TOUCH = "touch"


class Val(Enum):
    """Name a value of a variable."""

    ON = "on"
    OFF = "off"
    PHONE = "in the phone"
    BENCH = "on the bench"
    SOCKET = "on the socket"
    MISSING = "missing"
    ORIGINAL = "on the original"
    NEW = "on the new panel"
    LOOSE = "loose"
    YES = "yes"
    NO = "no"
    UNKNOWN = "unknown"
    NONE = "none"
    KEPT = "kept"
    OWN = "its own"
    BOARD = "the board's"


@dataclass(frozen=True, slots=True)
class State:
    """Hold one value for each variable; hashable."""

    values: tuple[tuple[Var, Val], ...]

    @classmethod
    def of(cls, values: Mapping[Var, Val]) -> "State":
        """Build a state from a mapping."""
        return cls(tuple(sorted(values.items(), key=lambda item: item[0].value)))

    def as_dict(self) -> dict[Var, Val]:
        """Return the values as a new dict."""
        return dict(self.values)

    def with_(self, effects: Mapping[Var, Val]) -> "State":
        """Return the state after effects."""
        return State.of({**self.as_dict(), **effects})


@dataclass(frozen=True, slots=True)
class Needs:
    """Hold one condition on a variable: the values that are good, and what to say where it has none of them."""

    var: Var
    good: frozenset[Val]
    otherwise: str

    def met(self, state: Mapping[Var, Val]) -> bool:
        """Return whether the state meets the condition."""
        return state.get(self.var) in self.good


def needs(var: Var, *good: Val, otherwise: str) -> Needs:
    """Build a condition."""
    return Needs(var, frozenset(good), otherwise)
