"""Put the ways of several parts into one way of the phone: what they share is done once, when all that wait for it are ready."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from typing import Any

from msgspec import Struct

from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.edges import Edge
from daruma.core.plan.packing import Move
from daruma.core.plan.table import Table

Paths = Mapping[PartKind, Sequence[Action]]
_Left = dict[PartKind, tuple[Action, ...]]
_Steps = tuple[Any, Move | None, Move] | None
_MOST = 3000  # so many places on the ways are looked at before they are said not to go together


class Joined(Struct, frozen=True):
    """Hold the steps of the phone's way, each with what sets it up; where there is none, the `stuck` steps by kind."""

    steps: tuple[tuple[Move | None, Move], ...]
    stuck: Mapping[PartKind, str]

    @property
    def ok(self) -> bool:
        """Return whether the ways go together."""
        return not self.stuck


def joined(table: Table, paths: Paths) -> Joined:
    """Join ways, one for each kind, into one that can be walked from the problem's start.

    One part is gone on with as long as it can be, what is shared comes when nothing else can be done; where that does not
    lead on, other orders are looked into.
    """
    start = {kind: tuple(path) for kind, path in paths.items() if path}
    seen = {_place(start)}
    furthest = start
    # the kinds that moved last, what is left to do, the state, the steps so far
    waiting: list[tuple[tuple[PartKind, ...], _Left, int, _Steps]] = [((), start, table.whole.start, None)]
    while waiting and len(seen) < _MOST:
        last, left, state, steps = waiting.pop()
        if not left:
            return Joined(_unwound(steps), {})
        if _count(left) < _count(furthest):
            furthest = left
        ready = sorted(_ready(table, left, state), key=lambda each: (table.is_shared(each[0].move.action), each[1] != last))
        for edge, movers in reversed(ready):
            then = {kind: path[1:] if kind in movers else path for kind, path in left.items()}
            then = {kind: path for kind, path in then.items() if path}
            if _place(then) not in seen:
                seen.add(_place(then))
                waiting.append((movers, then, edge.then, (steps, edge.set_up, edge.move)))
    return Joined((), {kind: path[0].key for kind, path in furthest.items() if not _waits(table, furthest, kind)})


def _place(left: _Left) -> tuple[tuple[PartKind, int], ...]:
    return tuple((kind, len(path)) for kind, path in left.items())


def _count(left: _Left) -> int:
    return sum(map(len, left.values()))


def _unwound(steps: _Steps) -> tuple[tuple[Move | None, Move], ...]:
    found: list[tuple[Move | None, Move]] = []
    while steps is not None:
        steps, set_up, move = steps
        found.append((set_up, move))
    return tuple(reversed(found))


def _ready(table: Table, left: _Left, state: int) -> Iterator[tuple[Edge, tuple[PartKind, ...]]]:
    """Yield the moves that can be made now, with the kinds that go on by each."""
    for edge in table.whole.edges(state):
        action = edge.move.action
        movers = tuple(kind for kind, path in left.items() if _same(table, kind, path[0], action))
        if movers and not any(_waits(table, left, kind) for kind in movers):
            yield edge, movers


def _waits(table: Table, left: _Left, kind: PartKind) -> bool:
    """Return whether a kind's next step is one that another kind is not ready for."""
    key = left[kind][0].key
    return key in table.shared and any(path[0].key != key and any(step.key == key for step in path) for path in left.values())


def _same(table: Table, kind: PartKind, seen: Action, action: Action) -> bool:
    return seen.key == action.key and seen.way == action.way and table.mine(kind, action.effects) == seen.effects
