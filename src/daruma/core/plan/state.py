"""The planner's state: finite variables, each with one value (finite-domain representation).

What is of the phone itself stands here; each kind of part brings variables and values of its own.
"""

from collections.abc import Mapping
from enum import Enum

from msgspec import Struct

from daruma.core.language import tr


class Named(Enum):
    """Stand for itself: members are hashed by identity, since planning asks for that hundreds of thousands of times."""

    __hash__ = object.__hash__


class Var(Named):
    """Name a variable of the phone itself."""

    PHONE = "phone"
    RUNS = "runs"
    TRUST = "trust"
    BOARD = "board"
    TRIAL = "trial"
    REOPENED = "reopened"
    SESSION = "finishing_session"


class Val(Named):
    """Name a value of the phone's variables, or one that those of every kind of part may have."""

    YES = "yes"
    NO = "no"
    SOUGHT = tr("tried in vain so far")
    # whatever is beyond repair
    LOST = "lost"
    # the phone
    ASSEMBLED = tr("as it came")
    OPEN = "open"
    ON_TRIAL = tr("on trial")
    FITTED = "fitted"
    # the board
    BOUND = "bound"
    UNBOUND = "unbound"
    READ_OUT = tr("unbound, its data taken")
    LIFTED = tr("memory lifted")
    LIFTED_UNBOUND = tr("memory lifted and unbound")


class Needs(Struct, frozen=True):
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


Conjunction = tuple[Needs, ...]
