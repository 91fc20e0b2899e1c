"""What still matters of a state: misses of moves that cannot come again do not, nor what only such moves ask for."""

from collections.abc import Iterable, Mapping, Sequence
from enum import Enum

from msgspec import Struct

from daruma.core.plan.leading import Leading
from daruma.core.plan.packing import Move, Packing
from daruma.core.plan.state import Needs

# what of a state to keep, what to put in place of the rest, the places of the variables that do not matter at all, as bits
Tidying = tuple[int, int, int]
_Kinds = tuple[tuple[int, int], ...]


class _Group(Struct, frozen=True):
    """Hold a variable that goals, ends or doubts ask for: its bits, the values that are all the same to these, each with the
    pattern that stands for it, and what must be so for each move that asks for it besides.

    `settled` are the bits of the values that stand for others, `unsettled` those of the others.
    """

    field: int
    kinds: _Kinds
    settled: int
    unsettled: int
    scopes: tuple[int, ...]

    def asked(self, met: int) -> bool:
        """Return whether a move may still be made that asks for it, as far as the other variables tell."""
        return any(met & scope == scope for scope in self.scopes)


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
        self._past: dict[int, tuple[Tidying, int]] = {}
        self._home = _Homes(packing.fields.values())
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
                self._groups.append(_Group(field, kinds, settled, _any(bits.values()) & ~settled, scopes))

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

    def tidying(self, state: int) -> Tidying:
        """Return what to keep of a state without misses, what to put in place of the rest, and the places of the variables that
        do not matter at all, as bits.
        """
        met = state & self._told
        known = self._past.get(met)
        if known is None:
            known = self._past[met] = self._past_with(met)
        tidying, unsettled = known
        return tidying if not state & unsettled else self._settled(state, tidying)

    def _settled(self, state: int, tidying: Tidying) -> Tidying:
        """Return the tidying with one value for all those that are the same by now."""
        keep, put, forgotten = tidying
        state &= keep
        for group in self._groups:
            if state & group.settled or group.asked(state):
                continue
            pattern = next((pattern for alike, pattern in group.kinds if state & alike), 0)
            if pattern:
                keep, put = keep & ~group.field, put | pattern
                # what is left to look at is looked at as it is now: two moves must not become possible by each other
                state = state & ~group.field | pattern
        return keep, put, forgotten

    def _past_with(self, met: int) -> tuple[Tidying, int]:
        """Return what to do with all states in which some bits of scopes are set, but for the values that are all the same by
        now: if a state has any of the bits besides, those are to be looked at.

        Variables that do not matter have no value any more, so that no move that asks for them can ever seem possible.
        """
        asked, counted = 0, 0
        home = self._home
        for scope, places, field in self._seen:
            missing = scope & ~met
            if not missing:
                counted |= field
                asked |= places
            elif at := home[missing]:
                asked |= places & at
        keep, forgotten = self._packing.full & ~(self._counted & ~counted), 0
        for place, field in self._idle.items():
            if not asked >> place & 1:
                keep, forgotten = keep & ~field, forgotten | 1 << place
        return (keep, 0, forgotten), _any(group.unsettled for group in self._groups if not group.asked(met & keep))


class _Homes(dict[int, int]):
    """Give for missing bits the place, as a bit, of the variable that all of them are of; 0 where several variables' are."""

    def __init__(self, fields: Iterable[int]) -> None:
        super().__init__()
        self._fields = tuple(fields)

    def __missing__(self, missing: int) -> int:
        found = (1 << place for place, field in enumerate(self._fields) if not missing & ~field)
        home = self[missing] = next(found, 0)
        return home


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
