"""Why a way is closed: the nearest missing condition, in words that a technician can act on."""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from enum import Enum

from daruma.core.plan.actions import Action
from daruma.core.plan.problem import Problem
from daruma.core.plan.routes import Route
from daruma.core.plan.state import Needs


@dataclass(frozen=True, slots=True)
class Closed:
    """Hold a way that is not taken and the one reason: closed (`open` false), or open but beaten in every respect."""

    way: str
    reason: str
    open: bool = False


Reached = Mapping[Enum, set[Enum]]


def closed_ways(problem: Problem, actions: tuple[Action, ...], routes: Iterable[Route]) -> tuple[Closed, ...]:
    """Return every way that belongs to no route, with its reason; also each promise that no route keeps."""
    routes = tuple(routes)
    taken = {action.way for route in routes for action in route.actions}
    start = problem.unpack(problem.start)
    reached = reachable(start, actions)
    ways: dict[str, Closed] = {}
    for action in actions:
        if not action.way or action.way in taken or (action.way in ways and not ways[action.way].open):
            continue
        if any(need.moot and not need.good & reached.get(need.var, set()) for need in action.conditions) or _done(action, start):
            continue
        reason = obstacle(action, reached, actions)
        words = action.way[0].upper() + action.way[1:]
        ways[action.way] = Closed(words, reason) if reason else Closed(words, _beaten(routes), open=True)
    return tuple(sorted(ways.values(), key=lambda way: way.open))


def _done(action: Action, start: Mapping[Enum, Enum]) -> bool:
    return all(start.get(var) is val for var, val in action.effects.items())


def _beaten(routes: tuple[Route, ...]) -> str:
    if not routes:
        return "it leads to nothing that was promised"
    return f"‘{routes[0].way}’ does as much and is better or equal in every respect"


def reachable(start: Mapping[Enum, Enum], actions: Iterable[Action]) -> dict[Enum, set[Enum]]:
    """Return the values each variable can ever take when nothing is ever undone (delete relaxation)."""
    values = {var: {val} for var, val in start.items()}
    pool = [action for action in actions if not action.impossible]
    changed = True
    while changed:
        changed = False
        for action in pool:
            if any(not need.good & values.get(need.var, set()) for need in action.conditions):
                continue
            for effects in (action.effects, action.miss):
                for var, val in effects.items():
                    if val not in values.setdefault(var, set()):
                        values[var].add(val)
                        changed = True
    return values


def obstacle(action: Action, reached: Reached, actions: Iterable[Action]) -> str:
    """Return the first thing in the way of an action, deepest cause first; empty where nothing is."""
    return _obstacle(action, reached, tuple(actions), set())


def _obstacle(action: Action, reached: Reached, actions: tuple[Action, ...], seen: set[str]) -> str:
    if action.impossible:
        return action.impossible
    seen.add(action.uid)
    for need in action.conditions:
        if not need.good & reached.get(need.var, set()):
            return cause(need, reached, actions, seen) or need.otherwise
    return ""


def cause(need: Needs, reached: Reached, actions: tuple[Action, ...], seen: set[str] | None = None) -> str:
    """Return why a condition can never be met, by what is in the way of the actions that could bring it."""
    seen = set() if seen is None else seen
    for maker in actions:
        if maker.uid not in seen and any(maker.effects.get(need.var) is good for good in need.good):
            deeper = _obstacle(maker, reached, actions, seen)
            if deeper:
                return deeper
    return need.otherwise
