"""The plan of a case: every route that no other beats, the closed ways with their reasons, the best next step."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from enum import Enum

from daruma.core.plan.actions import Action, ActionFigures, ActionKind
from daruma.core.plan.advice import Advice, advise
from daruma.core.plan.case import Case, proof_key
from daruma.core.plan.cheapest import Through
from daruma.core.plan.chip import chip_actions
from daruma.core.plan.closed import Closed, closed_ways
from daruma.core.plan.closing import closing_actions, closing_prices, proofs
from daruma.core.plan.flex import flex_actions
from daruma.core.plan.ordering import by_place
from daruma.core.plan.panel import MIXED, panel_actions
from daruma.core.plan.pareto import Found, Search, costs_of, front
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Problem
from daruma.core.plan.replay import replay
from daruma.core.plan.routes import Promise, Route, named_apart, way_of
from daruma.core.plan.rules import ordered
from daruma.core.plan.sources import source_actions
from daruma.core.plan.state import PANELS, Needs, Val, Var, needs
from daruma.core.plan.threads import ENDS, doubts, goals
from daruma.core.plan.workbench import BOARD_RESTS, CHIP_RESTS, Workbench

_SEEN = 0.005  # chances are shown in whole per cent


@dataclass(frozen=True, slots=True)
class Plan:
    """Hold the routes still open, the recommended one first; the closed ways; and the best next step."""

    routes: tuple[Route, ...]
    closed: tuple[Closed, ...]
    advice: Advice

    def route(self, way: str) -> Route:
        """Return the route of a name; raise LookupError where there is none."""
        for route in self.routes:
            if route.way == way:
                return route
        raise LookupError(way)


def all_actions(case: Case, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    """Return every action of a case, the proofs of what was promised at the end."""
    bench = Workbench(case, figures)
    return (*bench_actions(case, figures), *proofs(bench, case.promised))


def bench_actions(case: Case, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    """Return every action of a case but the proofs."""
    return _bench_actions(case, figures)[0]


def _bench_actions(case: Case, figures: Mapping[str, ActionFigures]) -> tuple[tuple[Action, ...], dict[Enum, Enum]]:
    """Return the actions and the values that a case's history has led to."""
    bench = Workbench(case, figures)
    before = (*source_actions(bench), *flex_actions(bench))
    work = _work(bench)
    start = replay(case.start(), ordered((*before, *work), case.rules), case.history)
    if start[Var.RECORD] in MIXED:
        work = _work(bench, start)
    return ordered((*(_before_the_chip(action, start) for action in before), *work), case.rules), start


def _work(bench: Workbench, start: Mapping[Enum, Enum] | None = None) -> tuple[Action, ...]:
    """Return the work on panel and chip, one thing at a time, and what follows it; `start` is where things stand, once known."""
    work = (*panel_actions(bench, start), *chip_actions(bench))
    return (*(_one_at_a_time(action) for action in work), *closing_actions(bench))


def _before_the_chip(action: Action, start: Mapping[Enum, Enum]) -> Action:
    """Let codes and flex be worked on only before the chip is moved on from where it is now: one part after the other."""
    if action.sets_up:
        return action
    here = {start[Var.CHIP], Val.ON_ORIGINAL}
    rests = needs(Var.CHIP, *here, otherwise="the loose touch chip is to be soldered first", order=True)
    return replace(action, conditions=(*action.conditions, rests))


def _one_at_a_time(action: Action) -> Action:
    """Let work on panel and chip begin only where board and chip rest; soldering a loose chip goes on, and so do reading
    and writing: a record may be written while the chip is loose.
    """
    if action.sets_up:
        return action
    rests = (BOARD_RESTS,) if action.key in _GOES_ON or action.kind in _RECORD_WORK else (BOARD_RESTS, CHIP_RESTS)
    return replace(action, conditions=(*action.conditions, *rests))


_GOES_ON = frozenset({"clear_new_chip", "solder_chip", "another_panel"})
_RECORD_WORK = frozenset({ActionKind.WRITE, ActionKind.READ_TARGET})


def problem_of(case: Case, figures: Mapping[str, ActionFigures]) -> Problem:
    """Return a case as a compiled problem that starts from where its history has brought it."""
    return _compiled(case, *_bench_actions(case, figures), closing_prices(Workbench(case, figures)))


def _compiled(
    case: Case,
    actions: tuple[Action, ...],
    start: dict[Enum, Enum],
    closing: tuple[tuple[Needs, tuple[Action, ...]], ...],
) -> Problem:
    if start[Var.PHONE] is Val.FITTED:
        start[Var.REOPENED] = Val.NO
    return Problem(start, actions, goals(case), ENDS, doubts(case), closing)


def make_plan(case: Case, figures: Mapping[str, ActionFigures]) -> Plan:
    """Solve a case: routes, closed ways and the policy."""
    actions, start = _bench_actions(case, figures)
    bench = Workbench(case, figures)
    problem = _compiled(case, actions, start, closing_prices(bench))
    proving = {action.key: action for action in proofs(bench, case.promised)}
    search = Search(problem)
    found = [(way, _proofs_of(way, problem, proving)) for way in search.run()]
    best = front(sorted(found, key=lambda item: (-sum(item[0].chances), item[0].costs)), _vector)
    policy = Policy(problem, case.preferences)
    routes = [_route(policy, by_place(search, way), proven) for way, proven in best]
    routes = named_apart(_listed(routes))
    through = Through(search, case.preferences, lambda way: _vector((way, _proofs_of(way, problem, proving))))
    closed = closed_ways(problem, actions, routes, through)
    return Plan(tuple(routes), closed, advise(policy, routes))


def _proofs_of(way: Found, problem: Problem, proving: Mapping[str, Action]) -> tuple[Action, ...]:
    pairs = zip(problem.goals, way.chances, strict=True)
    return tuple(proving[proof_key(goal.function)] for goal, chance in pairs if chance > 0)


def _vector(item: tuple[Found, tuple[Action, ...]]) -> tuple[float, ...]:
    """Return what ways are compared by, smaller is better in each place; the proofs count as well."""
    way, proven = item
    costs = [sum(parts) for parts in zip(way.costs, *(costs_of(action) for action in proven), strict=True)]
    return (*costs, *(-chance for chance in way.chances))


def _route(policy: Policy, found: Found, proven: tuple[Action, ...]) -> Route:
    problem = policy.problem
    back = policy.along(found.actions)
    promises = tuple(
        Promise(
            goal.function,
            chance,
            factors,
            problem.holds(found.state, i) if chance else 1.0,
            back.chances[i],
            _risk(policy, found, i, factors) if back.chances[i] < chance - _SEEN else None,
        )
        for i, (goal, chance, factors) in enumerate(zip(problem.goals, found.chances, found.factors, strict=True))
    )
    actions = (*found.actions, *proven)
    panel = PANELS.index(problem.unpack(found.state)[Var.PANEL])
    return Route(way_of(actions), actions, promises, back.value, panel)


def _listed(routes: Sequence[Route]) -> list[Route]:
    """Return the routes as they are listed: the one worth most first, as the policy has it, then those that keep most."""
    rest = sorted(routes, key=lambda route: (-len(route.kept), -route.utility))
    if not rest:
        return []
    # where several are worth the same, the one of them that keeps most
    first = max(range(len(rest)), key=lambda index: (rest[index].utility, -index))
    return [rest.pop(first), *rest]


def _risk(policy: Policy, found: Found, goal: int, factors: tuple[Action, ...]) -> Action | None:
    """Return the step whose failure takes most from a promise that does not rest on it."""
    others = [(lost, action) for action, lost in policy.risks(found.actions)[goal] if action not in factors]
    return max(others, key=lambda each: each[0])[1] if others else None
