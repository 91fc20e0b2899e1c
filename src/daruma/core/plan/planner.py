"""The plan of a case: every route that no other beats, the closed ways with their reasons, the best next step."""

from collections.abc import Callable, Mapping
from contextlib import suppress
from dataclasses import dataclass, field, replace
from itertools import count
from typing import TypeVar

from msgspec import Struct

from daruma.core.kinds import on_table
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action, ActionFigures
from daruma.core.plan.advice import Advice, advise
from daruma.core.plan.apart import Apart
from daruma.core.plan.case import Case
from daruma.core.plan.cheapest import Through
from daruma.core.plan.closed import Closed, closed_ways
from daruma.core.plan.listing import listed, route_of, unbeaten, vector
from daruma.core.plan.ordering import by_place
from daruma.core.plan.pareto import Search
from daruma.core.plan.parted import Parted
from daruma.core.plan.pieces import Pieces
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Checkpoint, Problem, go_on
from daruma.core.plan.routes import Route, named_apart
from daruma.core.plan.setting import Setting, otherwise
from daruma.core.plan.table import Table

MOST_TOGETHER = 2000  # so many states that the parts could have together are looked into together
MOST_IN_VAIN = 50_000  # the same where nothing seems to be worth doing
MOST_LOOKS = 20_000  # so often the parts are looked at together before they are planned apart all the same


@dataclass(frozen=True, slots=True)
class Plan:
    """Hold the routes still open, the recommended one first; the closed ways; and the best next step.

    `path` are the steps that the advice takes when all goes well. Where the parts were planned apart, `parted` can put any of
    their ways together.
    """

    routes: tuple[Route, ...]
    closed: tuple[Closed, ...]
    advice: Advice
    path: tuple[Action, ...]
    parted: Parted | None = field(default=None, compare=False, repr=False)

    def route(self, way: str) -> Route:
        """Return the route of a name; raise LookupError where there is none."""
        for route in self.routes:
            if route.way == way:
                return route
        raise LookupError(way)

    def having(self, ways: Mapping[PartKind, str]) -> "tuple[Plan, int] | None":
        """Return the plan with a route that goes about each part as it is wanted, and that route's place in the list; None
        where there is none.
        """
        for place, route in enumerate(self.routes):
            if all(route.way_on(part) == way for part, way in ways.items()):
                return self, place
        made = self.parted.combined(ways) if self.parted is not None else None
        if made is None or any(made.way_on(part) != way for part, way in ways.items()):
            return None
        return replace(self, routes=tuple(named_apart((*self.routes, made)))), len(self.routes)


class Outlook(Struct, frozen=True):
    """Hold what a case is worth, and the steps that are taken when all goes well."""

    value: float
    path: tuple[Action, ...]


class First(Struct, frozen=True):
    """Hold a first answer, while the plan is still being worked out: the next step, what it is worth to go that way, and what
    nothing can be worth more than. Without a step none was found yet that is worth its work.
    """

    next: Action | None
    set_up: Action | None
    value: float
    bound: float


Told = Callable[[First], None]
_T = TypeVar("_T")


def unheard(_: First) -> None:
    """Tell nobody."""


def problem_of(case: Case, figures: Mapping[str, ActionFigures], checkpoint: Checkpoint = go_on) -> Problem:
    """Return a case as a compiled problem that starts from where its history has brought it."""
    return Setting.of(case, figures).problem(checkpoint)


def apart(case: Case, problem: Problem, told: Told = unheard, pieces: Pieces | None = None) -> Apart | None:
    """Return the plan of a case's parts apart; None where there is one, or they do not go apart.

    What is found first is `told` at once. Parts that were planned before are taken from `pieces`.
    """
    table = Table(problem, {room.kind: frozenset(room.start(case)) for room in on_table(case)}, case.preferences)
    if len(table.kinds) < 2:
        return None
    parts = Apart(table, Pieces() if pieces is None else pieces)
    if told is not unheard:
        _tell(parts, told)
    return parts if parts.best is not None else None


def _tell(parts: Apart, told: Told) -> None:
    """Tell a first answer, where there is one."""
    way, value = parts.first.way, parts.first.value
    if value <= 0:
        told(First(None, None, 0.0, max(0.0, parts.first_bound)))
    elif way.ok and way.steps:
        set_up, move = way.steps[0]
        told(First(move.action, set_up.action if set_up else None, value, max(value, parts.first_bound)))


class _TooMuch(Exception):
    """Say that parts are too much to be looked into together."""


def _either(problem: Problem, parts: Apart | None, together: Callable[[], _T], apart_: Callable[[Apart], _T]) -> _T:
    """Return what is found of the parts together where they are few enough, else apart.

    How many they are is only guessed: what takes too long together all the same is done apart.
    """
    if parts is None or parts.best is None:
        return together()
    if parts.size > (MOST_TOGETHER if parts.best.value > 0 else MOST_IN_VAIN):
        return apart_(parts)
    checkpoint, looks = problem.checkpoint, count()

    def limited() -> None:
        if next(looks) > MOST_LOOKS:
            raise _TooMuch
        checkpoint()

    problem.checkpoint = limited
    try:
        with suppress(_TooMuch):
            return together()
    finally:
        problem.checkpoint = checkpoint
    return apart_(parts)


def outlook(setting: Setting, checkpoint: Checkpoint = go_on, pieces: Pieces | None = None) -> Outlook:
    """Return what a case that is set out is worth, and the steps that are taken when all goes well."""
    case, problem = setting.case, setting.problem(checkpoint)

    def together() -> Outlook:
        policy = Policy(problem, case.preferences)
        return Outlook(policy.value(problem.start), policy.path(problem.start))

    def apart_(parts: Apart) -> Outlook:
        return Outlook(parts.best.value if parts.best is not None else 0.0, _steps(parts))

    return _either(problem, apart(case, problem, pieces=pieces), together, apart_)


def _steps(parts: Apart) -> tuple[Action, ...]:
    return tuple(move.action for _, move in parts.best.way.steps) if parts.best is not None else ()


def make_plan(case: Case, figures: Mapping[str, ActionFigures], checkpoint: Checkpoint = go_on, told: Told = unheard) -> Plan:
    """Solve a case: routes, closed ways and the policy; what `checkpoint` raises stops it.

    Where several parts are planned apart, a first answer is `told` long before.
    """
    setting = Setting.of(case, figures)
    problem = setting.problem(checkpoint)

    def apart_(parts: Apart) -> Plan:
        parted = Parted(setting, parts)
        return Plan(parted.routes, parted.closed, parted.advice, _steps(parts), parted)

    return _either(problem, apart(case, problem, told), lambda: _together(setting, problem), apart_)


def _together(setting: Setting, problem: Problem) -> Plan:
    """Return the plan of all parts in one."""
    search, proving = Search(problem), setting.proofs()
    best = unbeaten(search.run(), problem, proving)
    policy = Policy(problem, setting.case.preferences)
    routes = named_apart(listed([route_of(policy, by_place(search, way), proving) for way in best]))
    through = Through(search, setting.case.preferences, lambda way: vector(way, problem, proving))
    closed = closed_ways(problem, setting.actions, routes, through, otherwise())
    return Plan(tuple(routes), closed, advise(policy, routes), policy.path(problem.start))
