"""Routes: ordered ways from the bench as it is to what was promised, with the figures that they are compared by."""

from collections.abc import Sequence

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import Action, Heat
from daruma.core.plan.pareto import SCALE, costs_of


class Promise(Struct, frozen=True):
    """Hold what a route does for one promise: the chance to keep it, and the uncertain actions it rests on.

    `doubt` is the chance of facts that nobody looked at (1 where none is in doubt); `with_ways_back` the chance when the
    best is made of every failure on the way; where that is less, `risk` is the step that costs it most when it fails.
    """

    function: Function
    chance: float
    factors: tuple[Action, ...] = ()
    doubt: float = 1.0
    with_ways_back: float = 0.0
    risk: Action | None = None


class Route(Struct, frozen=True):
    """Hold an ordered way; the last actions prove what it keeps. `utility` is what it is worth with every way back used,
    in the shop's money.
    """

    way: str
    actions: tuple[Action, ...]
    promises: tuple[Promise, ...]
    utility: float = 0.0

    @property
    def attended(self) -> float:
        """Return the minutes somebody must be there."""
        return sum(action.figures.attended for action in self.actions)

    @property
    def waiting(self) -> float:
        """Return the minutes nobody need be there."""
        return sum(action.figures.waiting for action in self.actions)

    @property
    def minutes(self) -> float:
        """Return all minutes."""
        return self.attended + self.waiting

    @property
    def cost(self) -> float:
        """Return the material cost in the shop's money, the panel included."""
        return sum(action.cost for action in self.actions)

    def way_on(self, part: PartKind) -> str:
        """Return how a part is gone about; empty where it is left as it is."""
        words = list(dict.fromkeys(action.way for action in self.actions if action.way and action.trait.part is part))
        return ", ".join(words)

    @property
    def writes(self) -> int:
        """Return the writes used."""
        return sum(action.figures.writes for action in self.actions)

    @property
    def board_heat(self) -> int:
        """Return how often the board is heated."""
        return sum(action.figures.heat is Heat.BOARD for action in self.actions)

    @property
    def knots(self) -> tuple[Action, ...]:
        """Return the steps that cannot be taken back."""
        return tuple(action for action in self.actions if action.figures.irreversible)

    @property
    def kept(self) -> tuple[Function, ...]:
        """Return the promises that the route may keep."""
        return tuple(promise.function for promise in self.promises if promise.chance > 0)

    @property
    def left_out(self) -> tuple[Function, ...]:
        """Return the promises that the route gives up."""
        return tuple(promise.function for promise in self.promises if promise.chance <= 0)

    def chance(self, function: Function | None = None) -> float:
        """Return the chance of one promise; without one, that every step goes well."""
        if function is None:
            odds = 1.0
            for action in self.actions:
                odds *= action.straight
            return odds
        return next((promise.chance for promise in self.promises if promise.function is function), 0.0)

    def chance_with_ways_back(self, function: Function) -> float:
        """Return the chance of one promise when the best is made of every failure."""
        return next((promise.with_ways_back for promise in self.promises if promise.function is function), 0.0)

    def vector(self) -> tuple[float, ...]:
        """Return what routes are compared by, smaller is better in each place."""
        sums = [0, 0, 0, 0, 0]
        for action in self.actions:
            for place, part in enumerate(costs_of(action)):
                sums[place] += part
        return (*(float(part) for part in sums), *(-promise.chance for promise in self.promises))


def way_of(actions: tuple[Action, ...]) -> str:
    """Return a route's name from what tells it apart."""
    words = list(dict.fromkeys(action.way for action in actions if action.way))
    if not words:
        wrote = any(action.figures.writes for action in actions)
        return tr("Go on from here") if wrote or not any(a.key == "fit" for a in actions) else tr("Fit without writing data")
    words.sort(key=lambda word: word[0].islower())
    text = ", ".join(words)
    return text[0].upper() + text[1:]


def named_apart(routes: Sequence[Route]) -> list[Route]:
    """Return the routes, those of one name told apart by a step that the others lack, or that only they lack."""
    alike: dict[str, list[Route]] = {}
    for route in routes:
        alike.setdefault(route.way, []).append(route)
    return [replace(route, way=_apart(route, alike[route.way])) for route in routes]


def _apart(route: Route, alike: Sequence[Route]) -> str:
    if len(alike) == 1:
        return route.way
    mine, others = _titles(route), [_titles(other) for other in alike if other is not route]
    only = [title for title in mine if all(title not in other for other in others)]
    lacks = [title for title in others[0] if title not in mine and all(title in other for other in others)]
    if only:
        return tr("{way}, with ‘{only}’", way=route.way, only=only[0])
    if lacks:
        return tr("{way}, without ‘{lacks}’", way=route.way, lacks=lacks[0])
    return tr("{way}, the {ordinal} of its kind", way=route.way, ordinal=_ORDINALS[min(alike.index(route), len(_ORDINALS) - 1)])


_ORDINALS = (
    tr("first"),
    tr("second"),
    tr("third"),
    tr("fourth"),
    tr("fifth"),
    tr("sixth"),
    tr("seventh"),
    tr("eighth"),
    tr("ninth"),
)


def _titles(route: Route) -> list[str]:
    return list(dict.fromkeys(action.figures.title for action in route.actions if not action.sets_up))


__all__ = ["SCALE", "Promise", "Route", "named_apart", "way_of"]
