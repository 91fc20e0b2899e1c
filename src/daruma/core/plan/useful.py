"""Actions that something asks for: what nobody asks for only takes time, and multiplies the states to be looked into."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from enum import Enum

from daruma.core.plan.actions import Action
from daruma.core.plan.state import Needs

Values = Mapping[Enum, Enum]
_Need = tuple[Enum, frozenset[Enum]]


def useful(start: Values, actions: Iterable[Action], wanted: Iterable[Needs], kept: Iterable[Needs] = ()) -> tuple[Action, ...]:
    """Return the actions that lead to what is wanted or must be kept, or to what one of those needs; the order stays.

    But for what is wanted, a need that holds at the start and that none of them ever breaks asks for nothing. So without the
    other actions a plan keeps what it kept, and costs no more.
    """
    return _Asked(start, actions).by(wanted, kept)


class _Asked:
    """Find what is asked for: needs ask for actions, these for their own needs."""

    def __init__(self, start: Values, actions: Iterable[Action]) -> None:
        self._start = start
        self._actions = tuple(actions)
        self._leading: dict[tuple[Enum, Enum], list[int]] = {}
        for index, action in enumerate(self._actions):
            for pair in set(action.changes):
                self._leading.setdefault(pair, []).append(index)
        self._found: set[int] = set()
        # what asked actions make of variables, and the needs that ask for nothing as long as none of that breaks them
        self._made: dict[Enum, set[Enum]] = {}
        self._resting: dict[Enum, set[_Need]] = {}

    def by(self, wanted: Iterable[Needs], kept: Iterable[Needs]) -> tuple[Action, ...]:
        """Return the actions that are asked for, by what is wanted in the end."""
        goals = {(need.var, need.good) for need in wanted}
        waiting = [*goals, *((need.var, need.good) for need in kept)]
        asked: set[_Need] = set()
        while waiting:
            need = waiting.pop()
            if need not in asked and (need in goals or not self._rests(need)):
                asked.add(need)
                for index in self._leading_to(*need):
                    waiting += self._take(index)
        return tuple(action for index, action in enumerate(self._actions) if index in self._found)

    def _rests(self, need: _Need) -> bool:
        """Return whether a need holds as long as nothing more is done, and remember that."""
        var, good = need
        rests = self._start.get(var) in good and self._made.get(var, set()) <= good
        if rests:
            self._resting.setdefault(var, set()).add(need)
        return rests

    def _leading_to(self, var: Enum, good: frozenset[Enum]) -> list[int]:
        return [index for val in good for index in self._leading.get((var, val), ()) if index not in self._found]

    def _take(self, index: int) -> list[_Need]:
        """Take an action in; return what it needs, and the needs that it may break."""
        action = self._actions[index]
        self._found.add(index)
        found = [(need.var, need.good) for need in action.conditions]
        for var, val in set(action.changes):
            self._made.setdefault(var, set()).add(val)
            broken = {need for need in self._resting.get(var, ()) if val not in need[1]}
            if broken:
                self._resting[var] -= broken
                found += broken
        return found
