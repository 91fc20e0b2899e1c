"""Goals from the pairing model: what must be true of the planner's state for each thread and condition."""

from collections.abc import Mapping
from typing import TypeVar

from daruma.core.kinds import on_table, promisable
from daruma.core.pairing import Condition, requirements
from daruma.core.parts import Function, Identity
from daruma.core.plan import phone
from daruma.core.plan.case import Case
from daruma.core.plan.problem import Goal
from daruma.core.plan.state import Conjunction

_T = TypeVar("_T", Identity, Condition)
_HOLDS: tuple[Conjunction, ...] = ((),)


def ends(case: Case) -> Conjunction:
    """Return what must hold where work may stop."""
    return (*phone.ENDS, *(need for room in on_table(case) for need in room.ends(case)))


def goals(case: Case) -> tuple[Goal, ...]:
    """Return the promised functions as goals over the planner's state, by the pairing model's own rules."""
    return tuple(goal(case, function) for function in case.promised)


def goal(case: Case, function: Function) -> Goal:
    """Return one function as a goal; one that no kind of part speaks for is never met."""
    if function not in promisable():
        return Goal(function, (), case.preferences.worth_of(function))
    threads = {identity: found for room in on_table(case) for identity, found in room.threads(case).items()}
    conditions = {condition: found for room in on_table(case) for condition, found in room.conditions(case).items()}
    found: list[Conjunction] = []
    for alternative in requirements(function, case.model, case.system):
        options: list[Conjunction] = [()]
        for identity in alternative.threads:
            options = _and(options, _asked(identity, threads, case.foreign))
        for condition in alternative.conditions:
            options = _and(options, _asked(condition, conditions, case.unmet))
        found += options
    last = ends(case)
    return Goal(function, tuple((*last, *option) for option in found), case.preferences.worth_of(function))


def _asked(wanted: _T, known: Mapping[_T, tuple[Conjunction, ...]], never: frozenset[_T]) -> tuple[Conjunction, ...]:
    """Return what makes a thread or condition hold: what its part says, else nothing, where no work touches the part."""
    return known.get(wanted, () if wanted in never else _HOLDS)


def _and(left: list[Conjunction], right: tuple[Conjunction, ...]) -> list[Conjunction]:
    return [tuple(dict.fromkeys((*one, *other))) for one in left for other in right]
