"""What could ever be done if nothing were ever undone."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from enum import Enum

from daruma.core.plan.actions import Action

Reached = dict[Enum, set[Enum]]


def reachable(start: Mapping[Enum, Enum], actions: Iterable[Action]) -> tuple[Reached, tuple[Action, ...]]:
    """Return the values that could be reached, and the actions that could be made: what cannot leads nowhere, and must not
    look as if it did.
    """
    every = tuple(actions)
    reached: Reached = {var: {val} for var, val in start.items()}
    left, found = list(every), set[int]()
    while ready := [action for action in left if all(need.good & reached.get(need.var, set()) for need in action.conditions)]:
        for action in ready:
            found.add(id(action))
            for effects in (action.effects, action.miss, action.ruined):
                for var, val in effects.items():
                    reached.setdefault(var, set()).add(val)
        left = [action for action in left if id(action) not in found]
    return reached, tuple(action for action in every if id(action) in found)
