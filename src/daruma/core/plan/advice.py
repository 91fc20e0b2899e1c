"""Advice: the best next step and why, what to do when it fails, and what would be worth knowing first."""

from dataclasses import dataclass

from daruma.core.plan.actions import Action
from daruma.core.plan.policy import Expected, Option, Policy


@dataclass(frozen=True, slots=True)
class Advice:
    """Hold the best next step (None: stop), its value and the others', what follows a failure, what to expect.

    Values are the shop's money, seen from now on; `watched` is the first uncertain step on the best way and `after`
    the best steps, with their values, after one, two ... failures of it; None stands for stopping.
    """

    next: Action | None
    set_up: Action | None
    value: float
    options: tuple[Option, ...]
    watched: Action | None
    after: tuple[tuple[Action | None, float], ...]
    expected: Expected
    states: int


def advise(policy: Policy) -> Advice:
    """Say what the policy of a problem advises at its start."""
    problem = policy.problem
    value = policy.value(problem.start)
    pick = policy.best(problem.start)
    return Advice(
        pick[0].action if pick else None,
        pick[1].action if pick and pick[1] else None,
        value,
        policy.options(problem.start),
        *_after_failures(policy),
        policy.expected(problem.start),
        policy.size(),
    )


def _after_failures(policy: Policy) -> tuple[Action | None, tuple[tuple[Action | None, float], ...]]:
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
        move, _, before = pick
        outcomes = policy.problem.outcomes(move, before)
        if watched is not None:
            steps.append((move.action, policy.value(state)))
            if move.action is not watched or len(outcomes) == 1:
                break
        if len(outcomes) > 1:
            watched = watched or move.action
            state = outcomes[1][1]
        else:
            state = outcomes[0][1]
    return watched, tuple(steps)
