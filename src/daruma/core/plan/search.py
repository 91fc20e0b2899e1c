"""Search over the actions: the cheapest route for each way, and why the other ways are closed."""

import heapq
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from itertools import count

from daruma.core.plan.actions import Action
from daruma.core.plan.state import State, Val, Var


@dataclass(frozen=True, slots=True)
class Rates:
    """Hold what time is worth to the shop, in its money per hour."""

    attended: float = 48.0
    waiting: float = 6.0


@dataclass(frozen=True, slots=True)
class Route:
    """Hold an ordered way from the bench as it is to what was promised."""

    way: str
    actions: tuple[Action, ...]

    @property
    def attended(self) -> float:
        """Return the minutes somebody must be there."""
        return sum(action.figures.attended for action in self.actions)

    @property
    def waiting(self) -> float:
        """Return the minutes nobody need be there."""
        return sum(action.figures.waiting for action in self.actions)

    @property
    def cost(self) -> float:
        """Return the material cost in the shop's money."""
        return sum(action.figures.cost for action in self.actions)

    @property
    def writes(self) -> int:
        """Return the writes used."""
        return sum(action.figures.writes for action in self.actions)

    @property
    def knots(self) -> tuple[Action, ...]:
        """Return the steps that cannot be taken back."""
        return tuple(action for action in self.actions if action.figures.irreversible)

    def chance(self, goal: Var | None = None) -> float:
        """Return the chance that a goal is reached (all of the route without one): the steps' chances multiplied.

        Other goals' own proofs are left out.
        """
        odds = 1.0
        for action in self.actions:
            proves = {var for var in action.effects if var in _GOALS}
            if goal is None or not proves or goal in proves:
                odds *= action.figures.chance
        return odds


_GOALS = frozenset({Var.AMBIENT_WHITE, Var.AUTO_BRIGHTNESS, Var.NO_DISPLAY_NOTICE, Var.TOUCH})


@dataclass(frozen=True, slots=True)
class ClosedWay:
    """Hold a way that does not lead there and the one reason that closed it."""

    way: str
    reason: str


@dataclass(frozen=True, slots=True)
class Plan:
    """Hold the routes still open, the recommended one first, and the closed ways."""

    routes: tuple[Route, ...]
    closed: tuple[ClosedWay, ...]


def price(action: Action, rates: Rates) -> float:
    """Return what an action costs in money: time, material and a small sum for what cannot be taken back."""
    figures = action.figures
    time = (figures.attended * rates.attended + figures.waiting * rates.waiting) / 60
    return time + figures.cost + (1.0 if figures.irreversible else 0.0)


def cheapest(
    start: State, goals: Mapping[Var, Val], actions: Iterable[Action], rates: Rates = Rates()
) -> tuple[Action, ...] | None:
    """Return the cheapest sequence of actions that reaches the goals, or None (uniform-cost search)."""
    pool = tuple(actions)
    order = count()
    frontier: list[tuple[float, int, State, tuple[Action, ...]]] = [(0.0, next(order), start, ())]
    settled: set[State] = set()
    while frontier:
        cost, _, state, path = heapq.heappop(frontier)
        if state in settled:
            continue
        settled.add(state)
        values = state.as_dict()
        if all(values[var] is val for var, val in goals.items()):
            return path
        for action in pool:
            if action.applicable(values):
                after = state.with_(action.effects)
                if after not in settled:
                    heapq.heappush(frontier, (cost + price(action, rates), next(order), after, (*path, action)))
    return None


def make_plan(start: State, goals: Mapping[Var, Val], actions: tuple[Action, ...], rates: Rates = Rates()) -> Plan:
    """Return one route for each source of the codes that leads to the goals, and the reasons that close the others."""
    sources = tuple(a for a in actions if a.way and Var.CODES in a.effects)
    routes: list[Route] = []
    closed: list[ClosedWay] = []
    without = cheapest(start, goals, (a for a in actions if a not in sources), rates)
    if without is not None:
        kept = start.as_dict()[Var.CODES] is Val.KEPT
        return Plan((Route("Go on from here" if kept else "Fit without writing data", without),), ())
    for source in sources:
        allowed = tuple(a for a in actions if a is source or a not in sources)
        path = None if source.impossible else cheapest(start, goals, allowed, rates)
        if path is not None and source in path:
            routes.append(Route(source.way, path))
        else:
            closed.append(ClosedWay(source.way, why_closed(start, goals, allowed, source)))
    routes.sort(key=lambda route: sum(price(action, rates) for action in route.actions))
    return Plan(tuple(routes), tuple(closed))


def reachable(start: State, actions: tuple[Action, ...]) -> dict[Var, set[Val]]:
    """Return the values each variable can ever take when nothing is ever undone (delete relaxation)."""
    values = {var: {val} for var, val in start.values}
    changed = True
    while changed:
        changed = False
        for action in actions:
            if action.impossible or any(not (need.good & values.get(need.var, set())) for need in action.conditions):
                continue
            for var, val in action.effects.items():
                if val not in values.setdefault(var, set()):
                    values[var].add(val)
                    changed = True
    return values


def why_closed(start: State, goals: Mapping[Var, Val], actions: tuple[Action, ...], source: Action) -> str:
    """Return the nearest missing condition of a way, in one clause."""
    values = reachable(start, actions)
    blocked = _first_obstacle(source, values, actions, set())
    if blocked:
        return blocked
    for var, val in goals.items():
        if val in values.get(var, set()):
            continue
        for action in actions:
            if action.effects.get(var) is val:
                obstacle = _first_obstacle(action, values, actions, set())
                if obstacle:
                    return obstacle
    return "no order of steps leads from here to all that was promised"


def _first_obstacle(action: Action, values: dict[Var, set[Val]], actions: tuple[Action, ...], seen: set[str]) -> str:
    if action.impossible:
        return action.impossible
    seen.add(action.key)
    for need in action.conditions:
        if need.good & values.get(need.var, set()):
            continue
        for maker in actions:
            if maker.key not in seen and any(maker.effects.get(need.var) is good for good in need.good):
                deeper = _first_obstacle(maker, values, actions, seen)
                if deeper:
                    return deeper
        return need.otherwise
    return ""
