"""What a move leads to: worked out once for a state without misses, and good for all that differ from it in misses."""

from __future__ import annotations

from collections.abc import Callable

from daruma.core.plan.mattering import Tidying
from daruma.core.plan.packing import Move

Outcome = tuple[float, int, float]  # chance, state after, money lost besides
_Change = tuple[int, int, int]  # what of a state is kept, what is put to it, which counts of misses still matter


class Edge:
    """A move from a state, after what sets it up.

    `before` is the state just before it, without misses, `then` the one after it went well; `idle` says that it changes
    nothing; `forgotten` are the variables, as bits, that do not matter any more after it. `last` is the bit of the miss after
    which it can no longer be made.
    """

    __slots__ = ("_missed", "_ruined", "_tidying", "_well", "before", "forgotten", "idle", "last", "move", "set_up", "then")

    def __init__(self, move: Move, set_up: Move | None, state: int, tidying: Callable[[int], Tidying]) -> None:
        self.move, self.set_up, self.last = move, set_up, move.last
        self._tidying = tidying
        self._well: _Change | None = None
        self._missed: _Change | None = None
        self._ruined: _Change | None = None
        self.before = before = state if set_up is None else state & set_up.spares | set_up.make
        after = before & move.spares | move.make
        self.idle = after == before
        keep, put, self.forgotten = tidying(after)
        self.then = after & keep | put

    def well(self, state: int) -> int:
        """Return the state after it went well; its misses are forgotten."""
        found = self._well
        if found is None:
            found = self._well = self._changing(self.move.spares, self.move.make)
        return state & found[0] | found[1]

    def missed(self, state: int, count: int) -> int:
        """Return the state after a miss that is the bit `count` of its counter."""
        found = self._missed
        if found is None:
            found = self._missed = self._changing(*self.move.misses)
        return state & found[0] | found[1] | count & found[2]

    def ruined(self, state: int, count: int) -> int:
        """Return the state after a miss that ruins."""
        found = self._ruined
        if found is None:
            found = self._ruined = self._changing(*self.move.ruins)
        return state & found[0] | found[1] | count & found[2]

    def _changing(self, spares: int, make: int) -> _Change:
        """Return what a state with misses keeps and what is put to it, and which counts of misses still matter."""
        keep, put, _ = self._tidying(self.before & spares | make)
        kept, made = spares & keep & ~self.move.field, make & keep | put
        if self.set_up is not None:
            kept, made = kept & self.set_up.spares, self.set_up.make & kept | made
        return kept, made, keep

    def tried(self, state: int) -> int:
        """Return how many tries have failed."""
        return self.move.missed(state)

    def outcomes(self, state: int) -> list[Outcome]:
        """Return the outcomes of a try."""
        move = self.move
        if not move.counters:
            return [(1.0, self.well(state), 0.0)]
        tried = move.missed(state)
        well, missed, ruined = move.odds[tried]
        count = 1 << (move.counter + tried)
        found = [(well, self.well(state), 0.0)]
        ruin = move.action.ruin(tried)
        if ruin < 1:
            found.append((missed, self.missed(state, count), 0.0))
        if ruin > 0:
            found.append((ruined, self.ruined(state, count), move.action.stake))
        return found
