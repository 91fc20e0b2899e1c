"""Ways that were found as routes: what no other beats, with the proofs of what they keep and the figures of a policy."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence

from daruma.core.parts import Function
from daruma.core.plan.actions import Action
from daruma.core.plan.pareto import Found, costs_of, front
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Problem
from daruma.core.plan.routes import Promise, Route, way_of

_SEEN = 0.005  # chances are shown in whole per cent
Proving = Mapping[Function, Action]


def proofs_of(way: Found, problem: Problem, proving: Proving) -> tuple[Action, ...]:
    """Return the proofs of what a way keeps."""
    pairs = zip(problem.goals, way.chances, strict=True)
    return tuple(proving[goal.function] for goal, chance in pairs if chance > 0)


def vector(way: Found, problem: Problem, proving: Proving) -> tuple[float, ...]:
    """Return what ways are compared by, smaller is better in each place; the proofs count as well."""
    proofs = (costs_of(action) for action in proofs_of(way, problem, proving))
    costs = [sum(parts) for parts in zip(way.costs, *proofs, strict=True)]
    return (*costs, *(-chance for chance in way.chances))


def unbeaten(ways: Iterable[Found], problem: Problem, proving: Proving) -> list[Found]:
    """Return the ways that no other beats, the likeliest first."""
    ranked = sorted(ways, key=lambda way: (-sum(way.chances), way.costs))
    return front(ranked, lambda way: vector(way, problem, proving))


def route_of(policy: Policy, found: Found, proving: Proving) -> Route:
    """Return a way as a route, with what a policy makes of its failures."""
    problem = policy.problem
    back = policy.along(found.actions)
    promises = tuple(
        Promise(
            goal.function,
            chance,
            factors,
            problem.holds(found.state, i) if chance else 1.0,
            back.chances[i],
            risk_of(policy, found.actions, i, factors) if back.chances[i] < chance - _SEEN else None,
        )
        for i, (goal, chance, factors) in enumerate(zip(problem.goals, found.chances, found.factors, strict=True))
    )
    actions = (*found.actions, *proofs_of(found, problem, proving))
    return Route(way_of(actions), actions, promises, back.value)


def risk_of(policy: Policy, path: Sequence[Action], goal: int, factors: Iterable[Action]) -> Action | None:
    """Return the step of a path whose failure takes most from a promise that does not rest on it."""
    known = {action.uid for action in factors}
    others = [(lost, action) for action, lost in policy.risks(path)[goal] if action.uid not in known]
    return max(others, key=lambda each: each[0])[1] if others else None


def listed(routes: Sequence[Route]) -> list[Route]:
    """Return the routes as they are listed: the one worth most first, as the policy has it, then those that keep most."""
    rest = sorted(routes, key=lambda route: (-len(route.kept), -route.utility))
    if not rest:
        return []
    # where several are worth the same, the one of them that keeps most
    first = max(range(len(rest)), key=lambda index: (rest[index].utility, -index))
    return [rest.pop(first), *rest]
