"""What still matters of a state: misses of moves that cannot come again do not, nor what only such moves ask for."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from enum import Enum

from daruma.core.plan.leading import Leading
from daruma.core.plan.packing import Move, Packing
from daruma.core.plan.state import Needs

# what of a state to keep, what to put in place of the rest, the places of the variables that do not matter at all, as bits
Tidying = tuple[int, int, int]
_Kinds = tuple[tuple[int, int], ...]


@dataclass(frozen=True, slots=True)
class _Group:
    """Hold a variable that goals, ends or doubts ask for: its bits, the values that are all the same to these, each with the
    pattern that stands for it (`settled` are the bits of those), and what must be so for each move that asks for it besides.
    """

    field: int
    kinds: _Kinds
    settled: int
    scopes: tuple[int, ...]


class Mattering:
    """Tell what matters of the states of a problem; `asked` are the needs of its goals and ends, `apart` further values
    that are never taken for each other.
    """

    def __init__(
        self,
        packing: Packing,
        leading: Leading,
        moves: Sequence[Move],
        set_ups: Sequence[Move],
        asked: Iterable[Needs],
        apart: Iterable[tuple[Enum, Enum]],
    ) -> None:
        self._packing, self._leading = packing, leading
        self._scopes = {move: self.scope(move) for move in (*moves, *set_ups)}
        self._counted = _any(move.field for move in moves)
        self._tidy: dict[int, Tidying] = {}
        self._past: dict[int, tuple[int, int, tuple[_Group, ...]]] = {}
        self._home: dict[int, int] = {0: -1}
        wanted: dict[Enum, list[frozenset[Enum]]] = {}
        for need in dict.fromkeys(asked):
            wanted.setdefault(need.var, []).append(need.good)
        for var, val in apart:
            wanted.setdefault(var, []).append(frozenset({val}))
        self._find_idle(wanted)
        self._seen = self._looked_at()
        self._told = _any(self._scopes.values())

    def _find_idle(self, wanted: Mapping[Enum, Sequence[frozenset[Enum]]]) -> None:
        """Find the variables that may come not to matter: no move that can always be made asks for them."""
        self._idle: dict[int, int] = {}
        self._groups: list[_Group] = []
        asking = self._asking()
        for place, var in enumerate(self._packing.vars):
            field = self._packing.fields[var]
            scopes = tuple(dict.fromkeys(scope & ~field for scope in asking.get(var, ())))
            bits = self._packing.bits(var)
            kinds = _alike(bits, self._packing.patterns[var], wanted.get(var, ()))
            if 0 in scopes or len(kinds) == len(bits):
                continue
            if var not in wanted:
                self._idle[place] = field
            else:
                settled = _any(alike & pattern for alike, pattern in kinds)
                self._groups.append(_Group(field, kinds, settled, scopes))

    def _asking(self) -> dict[Enum, list[int]]:
        """Return for each variable the scopes of the moves that ask for it."""
        asking: dict[Enum, list[int]] = {}
        for move, scope in self._scopes.items():
            for var in {need.var for need in move.action.conditions}:
                asking.setdefault(var, []).append(scope)
        return asking

    def _looked_at(self) -> tuple[tuple[int, int, int], ...]:
        """Return for each scope the variables that its moves ask for and that may be forgotten, and their counters."""
        known = _any(1 << place for place in self._idle)
        found: dict[int, tuple[int, int]] = {}
        for move, scope in self._scopes.items():
            places, fields = found.get(scope, (0, 0))
            mine = _any(1 << self._packing.places[need.var] for need in move.action.conditions)
            found[scope] = places | mine & known, fields | move.field
        return tuple((scope, *asked) for scope, asked in found.items())

    def scope(self, move: Move) -> int:
        """Return what must be so for a move ever to be made again: values from which its needs can still be met."""
        found = 0
        for need in move.action.conditions:
            good, whole = self._leading.to(need.var, need.good)
            if not whole:
                found |= self._packing.told(need.var, good)
        return found

    def may_recur(self, move: Move, state: int) -> bool:
        """Return whether a move could ever be made from a state on, as far as each of its needs alone can tell."""
        scope = self._scopes[move]
        return state & scope == scope

    def tidying(self, state: int) -> Tidying:
        """Return what to keep of a state without misses, what to put in place of the rest, and the places of the variables that
        do not matter at all, as bits.
        """
        known = self._tidy.get(state)
        if known is None:
            known = self._tidy[state] = self._first_tidying(state)
        return known

    def _first_tidying(self, state: int) -> Tidying:
        met = state & self._told
        known = self._past.get(met)
        if known is None:
            known = self._past[met] = self._past_with(met)
        keep, forgotten, groups = known
        put = 0
        state &= keep
        for group in groups:
            if state & group.settled or any(state & scope == scope for scope in group.scopes):
                continue
            pattern = next((pattern for alike, pattern in group.kinds if state & alike), 0)
            if pattern:
                keep, put = keep & ~group.field, put | pattern
                # what is left to look at is looked at as it is now: two moves must not become possible by each other
                state = state & ~group.field | pattern
        return keep, put, forgotten

    def _past_with(self, met: int) -> tuple[int, int, tuple[_Group, ...]]:
        """Return, where some bits of scopes are set, what of a state to keep, the variables that do not matter at all, and the
        groups from the first on that may not matter.

        Variables that do not matter have no value any more, so that no move that asks for them can ever seem possible.
        """
        asked, counted = 0, 0
        for scope, places, field in self._seen:
            missing = scope & ~met
            home = self._home.get(missing)
            if home is None:
                home = self._home[missing] = self._home_of(missing)
            if not missing:
                counted |= field
            asked |= places & home
        keep, forgotten = self._packing.full & ~(self._counted & ~counted), 0
        for place, field in self._idle.items():
            if not asked >> place & 1:
                keep, forgotten = keep & ~field, forgotten | 1 << place
        left = met & keep
        idle = (i for i, group in enumerate(self._groups) if not any(left & scope == scope for scope in group.scopes))
        return keep, forgotten, tuple(self._groups[next(idle, len(self._groups)) :])

    def _home_of(self, missing: int) -> int:
        """Return the place, as a bit, of the variable whose bits alone are missing; 0 where several variables' are."""
        fields = enumerate(self._packing.fields.values())
        return next((1 << place for place, field in fields if not missing & ~field), 0)


def _alike(bits: Mapping[Enum, int], patterns: Mapping[Enum, int], asked: Sequence[frozenset[Enum]]) -> _Kinds:
    """Return the values of a variable in groups that no goal, end or doubt tells apart: their bits, the first one's pattern."""
    groups: dict[tuple[bool, ...], list[Enum]] = {}
    for val in bits:
        groups.setdefault(tuple(val in good for good in asked), []).append(val)
    return tuple((_any(bits[val] for val in alike), patterns[alike[0]]) for alike in groups.values())


def _any(masks: Iterable[int]) -> int:
    found = 0
    for mask in masks:
        found |= mask
    return found
