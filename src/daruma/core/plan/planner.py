"""The plan of a case: every route that no other beats, the closed ways with their reasons, the best next step."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from daruma.core.kinds import on_table
from daruma.core.parts import Function
from daruma.core.plan.actions import Action, ActionFigures
from daruma.core.plan.advice import Advice, advise
from daruma.core.plan.case import Case
from daruma.core.plan.cheapest import Through
from daruma.core.plan.closed import Closed, closed_ways
from daruma.core.plan.ordering import by_place
from daruma.core.plan.pareto import Found, Search, costs_of, front
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Checkpoint, Problem, go_on
from daruma.core.plan.routes import Promise, Route, named_apart, way_of
from daruma.core.plan.setting import Setting, otherwise
from daruma.core.plan.splitting import split_policy

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


def problem_of(case: Case, figures: Mapping[str, ActionFigures], checkpoint: Checkpoint = go_on) -> Problem:
    """Return a case as a compiled problem that starts from where its history has brought it."""
    return Setting.of(case, figures).problem(checkpoint)


def policy_of(case: Case, problem: Problem) -> Policy:
    """Return the policy of a case's problem, the parts on its table solved apart as far as that goes."""
    return split_policy(problem, case.preferences, [frozenset(room.start(case)) for room in on_table(case)])


def make_plan(case: Case, figures: Mapping[str, ActionFigures], checkpoint: Checkpoint = go_on) -> Plan:
    """Solve a case: routes, closed ways and the policy; what `checkpoint` raises stops it."""
    setting = Setting.of(case, figures)
    problem, proving = setting.problem(checkpoint), setting.proofs()
    search = Search(problem)
    found = [(way, _proofs_of(way, problem, proving)) for way in search.run()]
    best = front(sorted(found, key=lambda item: (-sum(item[0].chances), item[0].costs)), _vector)
    policy = policy_of(case, problem)
    routes = [_route(policy, by_place(search, way), proven) for way, proven in best]
    routes = named_apart(_listed(routes))
    through = Through(search, case.preferences, lambda way: _vector((way, _proofs_of(way, problem, proving))))
    closed = closed_ways(problem, setting.actions, routes, through, otherwise())
    return Plan(tuple(routes), closed, advise(policy, routes))


def _proofs_of(way: Found, problem: Problem, proving: Mapping[Function, Action]) -> tuple[Action, ...]:
    pairs = zip(problem.goals, way.chances, strict=True)
    return tuple(proving[goal.function] for goal, chance in pairs if chance > 0)


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
    return Route(way_of(actions), actions, promises, back.value)


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
