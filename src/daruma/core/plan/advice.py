"""Advice: the best next step and why, what to do when it fails, and what would be worth knowing first."""

from collections.abc import Sequence

from msgspec import Struct

from daruma.core.plan.actions import Action
from daruma.core.plan.policy import Expected, Option, Policy
from daruma.core.plan.routes import Route


class Advice(Struct, frozen=True):
    """Hold the best next step (None: stop), its value and the others', what follows a failure, what to expect.

    Values are the shop's money, seen from now on; `watched` is the first uncertain step on the best way and `after`
    the best steps, with their values, after one, two ... failures of it; None stands for stopping. `rival` is the best
    that could be done instead, `listed` the first way of the list where that begins otherwise, with what it is worth less;
    `gap` is how much better than this anything could be at most.
    """

    next: Action | None
    set_up: Action | None
    value: float
    options: tuple[Option, ...]
    watched: Action | None
    after: tuple[tuple[Action | None, float], ...]
    expected: Expected
    states: int
    rival: Option | None = None
    listed: tuple[str, float] | None = None
    gap: float = 0.0


def advise(policy: Policy, routes: Sequence[Route] = ()) -> Advice:
    """Say what the policy of a problem advises at its start; `routes` are the ways as they are listed."""
    problem = policy.problem
    value = policy.value(problem.start)
    pick = policy.best(problem.start)
    return Advice(
        pick.move.action if pick else None,
        pick.set_up.action if pick and pick.set_up else None,
        value,
        policy.options(problem.start),
        *after_failures(policy),
        policy.expected(problem.start),
        policy.size(),
        _rival(policy, pick.move.action) if pick else None,
        first_listed(pick.move.action if pick else None, value, routes[0]) if routes else None,
    )


def _rival(policy: Policy, best: Action) -> Option | None:
    """Return the best that could be done instead: what only comes before the best step, or after it, is none."""
    options = policy.options(policy.problem.start, count=12)
    return next((option for option in options if option.then and best.key not in option.then), None)


def first_listed(best: Action | None, value: float, first: Route) -> tuple[str, float] | None:
    """Return the first way of the list and what it is worth less than the advice, where the advice is no step of it."""
    if best is not None and any(action.key == best.key for action in first.actions):
        return None
    return first.way, value - first.utility


def after_failures(policy: Policy) -> tuple[Action | None, tuple[tuple[Action | None, float], ...]]:
    """Follow the best steps down the branch where the first uncertain one keeps failing."""
    state = policy.problem.start
    steps: list[tuple[Action | None, float]] = []
    watched: Action | None = None
    for _ in range(40):
        pick = policy.best(state)
        if pick is None:
            if watched is not None:
                steps.append((None, policy.value(state)))
            break
        action, outcomes = pick.move.action, pick.outcomes(state)
        if watched is not None:
            steps.append((action, policy.value(state)))
            if action is not watched or len(outcomes) == 1:
                break
        if len(outcomes) > 1:
            watched = watched or action
            state = outcomes[1][1]
        else:
            state = outcomes[0][1]
    return watched, tuple(steps)
