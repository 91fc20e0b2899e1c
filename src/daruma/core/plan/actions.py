"""Actions: what can be done at the bench, with conditions, effects, time, cost and risk."""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import Enum

from daruma.core.plan.state import Needs, Val, Var


class ActionKind(Enum):
    """Say who does an action and how the bench carries it out."""

    HAND = "hand"
    READ_SOURCE = "read_source"
    EARLIER_BACKUP = "earlier_backup"
    CODES_OVER_CABLE = "codes_over_cable"
    READ_TARGET = "read_target"
    WRITE = "write"
    MEASURE_WHITE = "measure_white"
    READ_PARTS_PAGE = "read_parts_page"
    CHECK_FUNCTION = "check_function"


@dataclass(frozen=True, slots=True)
class ActionFigures:
    """Hold an action's words and numbers, as the catalogue gives them.

    Minutes are minutes of the bench; `cost` is in the shop's money; `chance` is the probability of success; `origin`
    says where the numbers come from.
    """

    title: str
    attended: float
    waiting: float = 0.0
    cost: float = 0.0
    chance: float = 1.0
    heat: str = ""
    writes: int = 0
    irreversible: bool = False
    on_failure: str = "nothing is lost"
    how: tuple[str, ...] = ()
    settings: tuple[str, ...] = ()
    caution: str = ""
    origin: str = "catalogue guess"


@dataclass(frozen=True, slots=True)
class Action:
    """Hold one action of the planner; `way` marks those among which ways are told apart."""

    key: str
    kind: ActionKind
    figures: ActionFigures
    conditions: tuple[Needs, ...]
    effects: Mapping[Var, Val]
    impossible: str = ""
    way: str = ""
    hands: tuple[str, ...] = ()

    def applicable(self, state: Mapping[Var, Val]) -> bool:
        """Return whether the action can be taken in a state."""
        return not self.impossible and all(need.met(state) for need in self.conditions)

    def __hash__(self) -> int:
        return hash(self.key)
