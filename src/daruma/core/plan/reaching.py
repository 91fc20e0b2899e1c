"""What could ever be done if nothing were ever undone."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping, Sequence
from enum import Enum

from daruma.core.plan.actions import Action

Reached = dict[Enum, set[Enum]]


def reachable(start: Mapping[Enum, Enum], actions: Iterable[Action]) -> tuple[Reached, tuple[Action, ...]]:
    """Return the values that could be reached, and the actions that could be made: what cannot leads nowhere, and must not
    look as if it did.
    """
    every = tuple(actions)
    waiting, reached = _Waiting(every), Reached()
    fresh = [*start.items(), *(pair for action in every if not action.conditions for pair in action.changes)]
    while fresh:
        var, val = fresh.pop()
        values = reached.setdefault(var, set())
        if val not in values:
            values.add(val)
            for action in waiting.met(var, val):
                fresh += action.changes
    return reached, waiting.ready


class _Waiting:
    """Hold actions that wait for values: how many needs of each are not met yet."""

    def __init__(self, actions: Sequence[Action]) -> None:
        self._actions = actions
        self._missing = [len(action.conditions) for action in actions]
        self._by_var: dict[Enum, list[tuple[frozenset[Enum], int]]] = {}
        for place, action in enumerate(actions):
            for need in action.conditions:
                self._by_var.setdefault(need.var, []).append((need.good, place))

    @property
    def ready(self) -> tuple[Action, ...]:
        """Return the actions that wait for nothing any more."""
        return tuple(action for action, missing in zip(self._actions, self._missing, strict=True) if not missing)

    def met(self, var: Enum, val: Enum) -> Iterator[Action]:
        """Meet the needs that a value meets; yield the actions that waited for nothing else."""
        waiting = self._by_var.get(var, [])
        self._by_var[var] = [(good, place) for good, place in waiting if val not in good]
        for good, place in waiting:
            if val in good:
                self._missing[place] -= 1
                if not self._missing[place]:
                    yield self._actions[place]
