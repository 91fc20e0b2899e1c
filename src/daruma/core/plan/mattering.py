"""What still matters of a state: misses of moves that cannot come again do not, nor what only such moves ask for."""

from collections.abc import Iterable, Iterator, Mapping, Sequence
from enum import Enum

from daruma.core.plan.actions import Action
from daruma.core.plan.packing import Move, Packing
from daruma.core.plan.state import Needs

Scope = tuple[int, ...]  # masks of which a state must meet every one
Alike = tuple[tuple[int, int], ...]  # groups of values that nothing tells apart, each with the one that stands for it
_Past = tuple[int, int, int]


class Mattering:
    """Tell what matters of the states of a problem; `asked` are the needs of its goals and ends, `apart` further values
    that are never taken for each other.
    """

    def __init__(
        self,
        packing: Packing,
        actions: Sequence[Action],
        moves: Sequence[Move],
        set_ups: Sequence[Move],
        asked: Iterable[Needs],
        apart: Iterable[tuple[Enum, Enum]],
    ) -> None:
        self._packing = packing
        self._actions = actions
        self._leading: dict[Needs, tuple[int, bool]] = {}
        self._tidy: dict[int, tuple[int, int, int]] = {}
        self._past: dict[int, _Past] = {}
        needs = [*dict.fromkeys(asked), *(Needs(var, frozenset({val})) for var, val in apart)]
        self._scope_of = {move: self.scope(move) for move in moves}
        counted = self._counted(moves)
        idle = tuple(self._all_idle((*moves, *set_ups), needs))
        found = [scope for _, scopes in counted for scope in scopes] + [scope for *_, scopes in idle for scope in scopes]
        bits = {mask: 1 << index for index, mask in enumerate(dict.fromkeys(mask for scope in found for mask in scope))}
        self._masks = tuple((bit, mask) for mask, bit in bits.items())
        # a scope as bits: which of the masks must be met
        self._counters = tuple((field, _bits(scopes, bits)) for field, scopes in counted)
        masks = {place: tuple((bit, mask) for mask, bit in bits.items() if mask & field) for place, field, *_ in idle}
        wanted = {need.var for need in needs}
        unasked = {place for place, var in enumerate(packing.vars) if var not in wanted}
        self._idle = tuple(
            (place, field, _bits(scopes, bits), sum(bit for bit, _ in masks[place]))
            for place, field, _, scopes in idle
            if place in unasked
        )
        self._grouped = tuple(
            (field, kinds, _bits(scopes, bits), masks[place]) for place, field, kinds, scopes in idle if place not in unasked
        )

    def scope(self, move: Move, apart_from: Enum | None = None) -> Scope:
        """Return what must be so for a move ever to be made again: values from which its needs can still be met."""
        masks = (self.leading_to(need) for need in move.action.conditions if need.var is not apart_from)
        return tuple(dict.fromkeys(mask for mask, whole in masks if not whole))

    def may_recur(self, move: Move, state: int) -> bool:
        """Return whether a move could ever be made from a state on, as far as each of its needs alone can tell."""
        return all(state & mask for mask in self._scope_of[move])

    def _counted(self, moves: Iterable[Move]) -> tuple[tuple[int, tuple[Scope, ...]], ...]:
        """Return for each counter the scopes of the moves that count with it; a move without one keeps its counter."""
        by_field: dict[int, list[Scope]] = {}
        for move in moves:
            if move.counters:
                by_field.setdefault(~move.forget, []).append(self._scope_of[move])
        return tuple((field, tuple(scopes)) for field, scopes in by_field.items() if all(scopes))

    def _all_idle(self, moves: Sequence[Move], needs: Sequence[Needs]) -> Iterator[tuple[int, int, Alike, tuple[Scope, ...]]]:
        """Yield for each variable: its place, its bits, the values that are all the same once no move asks for it any more,
        and the scopes of the moves that ask for it.
        """
        for place, (var, values) in enumerate(self._packing.places.items()):
            asking = [move for move in moves if any(need.var is var for need in move.action.conditions)]
            scopes = tuple(self.scope(move, apart_from=var) for move in asking)
            kinds = _alike(values, [need.good for need in needs if need.var is var])
            if len(kinds) < len(values) and all(scopes):
                yield place, sum(values.values()), kinds, scopes

    def tidying(self, state: int) -> tuple[int, int, int]:
        """Return what to keep of a state without misses, what to put in place of the rest, and the places of the variables that
        do not matter at all, as bits.
        """
        known = self._tidy.get(state)
        if known is None:
            known = self._tidy[state] = self._first_tidying(state)
        return known

    def _first_tidying(self, state: int) -> tuple[int, int, int]:
        met = 0
        for bit, mask in self._masks:
            if state & mask:
                met |= bit
        known = self._past.get(met)
        if known is None:
            known = self._past[met] = self._past_with(met)
        keep, met, forgotten = known
        put = 0
        for field, kinds, scopes, masks in self._grouped:
            if any(met & scope == scope for scope in scopes):
                continue
            one = next((one for alike, one in kinds if state & alike), 0)
            if one and not state & one:
                keep, put = keep & ~field, put | one
                # what is left to look at is looked at as it is now: two moves must not become possible by each other
                for bit, mask in masks:
                    met = met | bit if one & mask else met & ~bit
        return keep, put, forgotten

    def _past_with(self, met: int) -> _Past:
        """Return, where some masks are met, what of a state to keep, which masks are met of that, and the variables that do not
        matter at all: those have no value any more, so that no move that asks for them can ever seem possible.
        """
        keep, forgotten, left = -1, 0, met
        for field, scopes in self._counters:
            if not any(met & scope == scope for scope in scopes):
                keep &= ~field
        for place, field, scopes, bits in self._idle:
            if not any(met & scope == scope for scope in scopes):
                keep, forgotten, left = keep & ~field, forgotten | 1 << place, left & ~bits
        return keep, left, forgotten

    def leading_to(self, need: Needs) -> tuple[int, bool]:
        """Return the bits of the values from which actions could lead to a good value, whatever else they need; and
        whether these are all values."""
        if need in self._leading:
            return self._leading[need]
        values, good = set(self._packing.places[need.var]), set(need.good)
        steps = [
            (next((c.good for c in action.conditions if c.var is need.var), values), effects[need.var])
            for action in self._actions
            for effects in (action.effects, action.miss, action.ruined)
            if need.var in effects
        ]
        grown = True
        while grown:
            grown = False
            for before, after in steps:
                if after in good and not before <= good:
                    good |= before
                    grown = True
        found = self._leading[need] = self._packing.mask(Needs(need.var, frozenset(good))), values <= good
        return found


def _alike(values: Mapping[Enum, int], asked: Sequence[frozenset[Enum]]) -> Alike:
    """Return the values of a variable in groups that no goal, end or doubt tells apart: their bits, and the first one's."""
    groups: dict[tuple[bool, ...], list[int]] = {}
    for val, bit in values.items():
        groups.setdefault(tuple(val in good for good in asked), []).append(bit)
    return tuple((sum(bits), bits[0]) for bits in groups.values())


def _bits(scopes: Iterable[Scope], bits: Mapping[int, int]) -> tuple[int, ...]:
    return tuple(dict.fromkeys(sum(bits[mask] for mask in dict.fromkeys(scope)) for scope in scopes))
