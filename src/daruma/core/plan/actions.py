"""Actions: what can be done at the bench, with conditions, effects, time, cost and risk."""

from collections.abc import Iterator, Mapping
from enum import Enum, IntEnum

from msgspec import Struct, field

from daruma.core.acts import ActKind
from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.plan.odds import at_least_once
from daruma.core.plan.state import Needs


class How(Enum):
    """Say how an action is carried out."""

    HAND = "by hand"
    DEVICE = "over the wire"
    PROOF = "proof"


class Trait(Struct, frozen=True):
    """Hold what is so of an action in every case.

    `part` is what it is done on; `act` what kind of guarded act it is, None where it can be taken back. `redone` says
    that it counts for the new part in hand only: with another one it is done again; `on_adapter` that its outcomes teach
    of the same adapter only; `lasting` that what its failure loses stays lost, whatever is planned afterwards; `gives`
    that it gives data that are written later; `writes` that it writes a record to the new part, `looked_at` that what a failed
    write has left is read at once; `chooses` that it only takes another part and is no step of the run sheet.
    """

    how: How = How.HAND
    part: PartKind | None = None
    act: ActKind | None = None
    redone: bool = False
    on_adapter: bool = False
    lasting: bool = False
    gives: bool = False
    writes: bool = False
    looked_at: bool = False
    chooses: bool = False


class Effort(IntEnum):
    """Say what it takes to do away with what bars an action, the least first."""

    WISH = 1
    AT_HAND = 2
    TOOL = 3
    SOURCE = 4
    PART = 5
    PHONE = 6


class Bar(Struct, frozen=True):
    """Hold what bars an action from the start, in words, and what it takes to do away with it."""

    words: str
    effort: Effort


class Heat(Enum):
    """Say where an action's heat goes."""

    NONE = ""
    PANEL = "panel"
    BOARD = "board"


class ActionFigures(Struct, frozen=True):
    """Hold an action's words and numbers, as the catalogue gives them.

    Minutes are minutes of the bench; `cost` is in the shop's money; `chance` is the probability that a try succeeds;
    `origin` says where the numbers come from.
    """

    title: str
    attended: float
    waiting: float = 0.0
    cost: float = 0.0
    chance: float = 1.0
    tries: int = 1
    heat: Heat = Heat.NONE
    solder: bool = False
    writes: int = 0
    irreversible: bool = False
    on_failure: str = tr("nothing is lost")
    how: tuple[str, ...] = ()
    settings: tuple[str, ...] = ()
    caution: str = ""
    origin: str = tr("catalogue guess")


class Action(Struct, frozen=True):
    """Hold one action of the planner.

    `bars` are what keeps it from being done at all here. `chances` are the probabilities of success at each try, given that
    those before failed; after the last the action is over. A miss changes `miss`; with the chance that `ruins` gives for its
    try it changes `ruined` instead and costs `stake` besides. `way` is how a route that takes the action is told from
    others; `place` where its work is, so that steps of one place can be done in a row. `sets_up` marks actions that only
    prepare another one. `finding` is what a test finds where it goes well: a test
    succeeds in either case. `marks_used` that the parts page says used for ever after it.
    `variant` tells apart actions of one key whose effects differ;
    misses of actions with the same `counts_with` (the key where it is empty) are counted together.
    """

    key: str
    figures: ActionFigures
    conditions: tuple[Needs, ...]
    effects: Mapping[Enum, Enum]
    bars: tuple[Bar, ...] = ()
    way: str = ""
    hands: tuple[str, ...] = ()
    chances: tuple[float, ...] = (1.0,)
    miss: Mapping[Enum, Enum] = field(default_factory=dict)
    ruins: tuple[float, ...] = ()
    ruined: Mapping[Enum, Enum] = field(default_factory=dict)
    stake: float = 0.0
    sets_up: bool = False
    variant: str = ""
    counts_with: str = ""
    extra_cost: float = 0.0
    finding: str = ""
    place: PartKind | None = None
    trait: Trait = Trait()
    marks_used: bool = False

    @property
    def impossible(self) -> bool:
        """Return whether it cannot be done here, whatever is done before."""
        return bool(self.bars)

    @property
    def uid(self) -> str:
        """Return the key with its variant."""
        return f"{self.key}:{self.variant}" if self.variant else self.key

    @property
    def cost(self) -> float:
        """Return the material cost in the shop's money."""
        return self.figures.cost + self.extra_cost

    @property
    def minutes(self) -> float:
        """Return attended and waiting minutes together."""
        return self.figures.attended + self.figures.waiting

    @property
    def changes(self) -> Iterator[tuple[Enum, Enum]]:
        """Yield all that it may change: the variables with their values after a success, a miss or a ruin."""
        for effects in (self.effects, self.miss, self.ruined):
            yield from effects.items()

    @property
    def straight(self) -> float:
        """Return the chance that it goes well on a straight way: what uses nothing up is tried again, a write is not."""
        return self.chances[0] if self.figures.writes else at_least_once(self.chances)

    def applicable(self, state: Mapping[Enum, Enum]) -> bool:
        """Return whether the action can be taken in a state."""
        return not self.impossible and all(need.met(state) for need in self.conditions)

    def ruin(self, attempt: int) -> float:
        """Return the chance that a miss at a try (from 0) ruins what is at stake."""
        return self.ruins[min(attempt, len(self.ruins) - 1)] if self.ruins else 0.0

    def __hash__(self) -> int:
        return hash(self.uid)
