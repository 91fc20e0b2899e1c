"""From which values actions could still lead to others, as far as each variable alone can tell."""

from collections.abc import Iterable, Mapping
from enum import Enum

from daruma.core.plan.actions import Action

# the values a step asks for (None: any), the value it leads to
_Step = tuple[frozenset[Enum] | None, Enum]


class Leading:
    """Tell from which values the good ones of a need can be reached; `values` are all that each variable may have."""

    def __init__(self, actions: Iterable[Action], values: Mapping[Enum, Iterable[Enum]]) -> None:
        self._values = {var: frozenset(all_) for var, all_ in values.items()}
        self._steps: dict[Enum, set[_Step]] = {}
        self._known: dict[tuple[Enum, frozenset[Enum]], tuple[frozenset[Enum], bool]] = {}
        for action in actions:
            asked: dict[Enum, frozenset[Enum]] = {}
            for need in action.conditions:
                asked.setdefault(need.var, need.good)
            for var, val in action.changes:
                self._steps.setdefault(var, set()).add((asked.get(var), val))

    def to(self, var: Enum, good: frozenset[Enum]) -> tuple[frozenset[Enum], bool]:
        """Return the values from which actions could lead to a good one, whatever else they need; and whether these are all."""
        known = self._known.get((var, good))
        if known is None:
            found = self._from(var, good)
            known = self._known[var, good] = found, self._values[var] <= found
        return known

    def _from(self, var: Enum, wanted: frozenset[Enum]) -> frozenset[Enum]:
        every, good = self._values[var], set(wanted)
        left = list(self._steps.get(var, ()))
        grown = True
        while grown:
            grown = False
            for before, after in left:
                asked = every if before is None else before
                if after in good and not asked <= good:
                    good |= asked
                    grown = True
        return frozenset(good)
