"""Routes that no other route beats in every respect: label-correcting search with several objectives.

A label is a way to a state: what it has cost so far and, for each variable, which uncertain actions its value rests
on. At the same state a label is dropped only if another one costs no more in any respect and can never be less likely
to keep anything, so nothing that could belong to the front is lost: it rests on no other action, or what it rests on more
is at least as likely as what the other rests on more and will never share.
"""

from __future__ import annotations

import heapq
from collections.abc import Callable, Iterable, Sequence
from itertools import count
from typing import Any, TypeVar

from msgspec import Struct

from daruma.core.plan.actions import Action, Heat
from daruma.core.plan.edges import Edge
from daruma.core.plan.packing import Move
from daruma.core.plan.problem import Problem

SCALE = 1000  # costs are kept as integers, so that the order of adding cannot tell two routes apart
Costs = tuple[int, int, int, int, int]
_T = TypeVar("_T")
# the way to a state, the last step first: (way before, what sets up, the move); empty at the start
Path = tuple[Any, ...]


class Found(Struct, frozen=True):
    """Hold a way found by the search: its costs, the chance of each goal and the uncertain actions that it rests on."""

    path: Path
    costs: Costs
    chances: tuple[float, ...]
    factors: tuple[tuple[Action, ...], ...]
    state: int

    @property
    def actions(self) -> tuple[Action, ...]:
        """Return the actions in their order, those that set up others included."""
        return _unwound(self.path)

    @property
    def moves(self) -> tuple[Move, ...]:
        """Return the moves in their order, without what sets them up."""
        path, moves = self.path, []
        while path:
            path, _, move = path
            moves.append(move)
        return tuple(reversed(moves))


def costs_of(action: Action) -> Costs:
    """Return attended minutes, all minutes, money (each times SCALE), writes and heatings of the board."""
    figures = action.figures
    return (
        round(figures.attended * SCALE),
        round((figures.attended + figures.waiting) * SCALE),
        round(action.cost * SCALE),
        figures.writes,
        int(figures.heat is Heat.BOARD),
    )


def beats(one: Sequence[float], other: Sequence[float]) -> bool:
    """Return whether one vector is nowhere larger than the other and somewhere smaller."""
    return all(a <= b for a, b in zip(one, other, strict=True)) and any(a < b for a, b in zip(one, other, strict=True))


def front(items: Iterable[_T], vector: Callable[[_T], Sequence[float]]) -> list[_T]:
    """Return the items whose vector (smaller is better) no other beats, in order; equal vectors count once."""
    kept: list[tuple[Sequence[float], _T]] = []
    for item in items:
        mine = vector(item)
        if any(all(a <= b for a, b in zip(other, mine, strict=True)) for other, _ in kept):
            continue
        kept = [(other, old) for other, old in kept if not all(a <= b for a, b in zip(mine, other, strict=True))]
        kept.append((mine, item))
    return [item for _, item in kept]


class Label:
    """A way to a state: its costs, and by variable the uncertain actions that the value rests on."""

    __slots__ = ("costs", "masks", "used")

    def __init__(self, costs: Costs, masks: int) -> None:
        self.costs = costs
        self.masks = masks
        self.used = -1  # not asked for yet

    def costs_no_more(self, other: Label) -> bool:
        """Return whether it costs no more than another in any respect."""
        a, b = self.costs, other.costs
        return a[0] <= b[0] and a[1] <= b[1] and a[2] <= b[2] and a[3] <= b[3] and a[4] <= b[4]


class Search:
    """Find every way of a problem that may belong to the front."""

    def __init__(self, problem: Problem) -> None:
        self.problem = problem
        self.uncertain = [move for move in problem.moves if move.chance < 1]
        for index, move in enumerate(self.uncertain):
            move.index = index
        self.width = max(1, len(self.uncertain))
        self.full = (1 << self.width) - 1
        self._costs = {move: costs_of(move.action) for move in (*problem.moves, *problem.set_ups)}
        self._causes = {move: tuple(place * self.width for place in move.causes) for move in problem.moves}
        self._touched = {move: self._shifts(move) for move in problem.moves}
        self._recurring = tuple((1 << move.index, problem.scope(move)) for move in self.uncertain)
        self._labels: dict[int, list[Label]] = {}
        self._over: dict[int, int] = {}
        self._odds: dict[int, float] = {0: 1.0}
        self._keeping: dict[int, int] = {}
        self._fields = tuple(self.full << (place * self.width) for place in range(len(problem.vars)))

    def run(self) -> list[Found]:
        """Return the ways to states where a route may stop and some goal may hold, none dropped that could matter."""
        problem, order = self.problem, count()
        nothing: Costs = (0, 0, 0, 0, 0)
        heap: list[tuple[int, int, int, Costs, int, Path]] = []
        heapq.heappush(heap, (0, next(order), problem.start, nothing, 0, ()))
        self._labels[problem.start] = [Label(nothing, 0)]
        found: list[Found] = []
        while heap:
            problem.checkpoint()
            _, _, state, costs, masks, path = heapq.heappop(heap)
            if not any(label.costs == costs and label.masks == masks for label in self._labels[state]):
                continue
            if problem.may_end(state):
                way = self._found(state, costs, masks, path)
                if any(way.chances):
                    found.append(way)
            for edge in problem.edges(state):
                if edge.idle:
                    continue
                move, set_up = edge.move, edge.set_up
                cost = _add(costs, self._costs[move])
                if set_up is not None:
                    cost = _add(cost, self._costs[set_up])
                rests = self._rests(move, masks) if (masks or move.chance < 1) else 0
                if edge.forgotten and rests:
                    rests &= self._kept(edge.forgotten)
                if self._keep(edge.then, cost, rests):
                    step = (path, set_up, move)
                    heapq.heappush(heap, (cost[1] + cost[2], next(order), edge.then, cost, rests, step))
        return found

    def along(self, steps: Iterable[tuple[Move | None, Move]]) -> Found:
        """Return the way that given moves lead, each with what sets it up."""
        path: Path = ()
        state, costs, masks = self.problem.start, (0, 0, 0, 0, 0), 0
        for set_up, move in steps:
            edge = Edge(move, set_up, state, self.problem.tidying)
            for each in (move, set_up):
                costs = costs if each is None else _add(costs, self._costs[each])
            masks, path = self._rests(move, masks) & self._kept(edge.forgotten), (path, set_up, move)
            state = edge.then
        return self._found(state, costs, masks, path)

    def _kept(self, forgotten: int) -> int:
        """Return what is kept of masks where some variables do not matter any more."""
        found = self._keeping.get(forgotten)
        if found is None:
            gone = sum(field for place, field in enumerate(self._fields) if forgotten >> place & 1)
            found = self._keeping[forgotten] = ~gone
        return found

    def _rests(self, move: Move, masks: int) -> int:
        """Return what values rest on after a move: what it needed, and it itself; what a failure would ruin rests on it besides
        all that it rested on before.
        """
        mine = 1 << move.index if move.chance < 1 else 0
        if masks:
            full = self.full
            for shift in self._causes[move]:
                mine |= masks >> shift & full
        kept, fresh, spoiled = self._touched[move]
        rests = masks & kept | spoiled
        if mine:
            for shift in fresh:
                rests |= mine << shift
        return rests

    def _shifts(self, move: Move) -> tuple[int, tuple[int, ...], int]:
        """Return the fields that a move leaves as they are, where those begin that rest on it alone from then on, and its bits
        in those that a failure would spoil.
        """
        spoiled: set[int] = set()
        if move.action.ruined and move.chance < 1:
            made = {self.problem.packing.places[var] for var in move.action.effects}
            spoiled = set(move.touched) - made
        fresh = tuple(place * self.width for place in move.touched if place not in spoiled)
        kept = ~sum(self.full << shift for shift in fresh)
        return kept, fresh, sum(1 << (place * self.width + move.index) for place in spoiled)

    def _keep(self, state: int, costs: Costs, masks: int) -> bool:
        kept = self._labels.setdefault(state, [])
        label = Label(costs, masks)
        for other in kept:
            if other.costs_no_more(label) and (not other.masks & ~masks or self._as_likely(other, label, state)):
                return False
        if kept:
            kept[:] = [
                old
                for old in kept
                if not (label.costs_no_more(old) and (not masks & ~old.masks or self._as_likely(label, old, state)))
            ]
        kept.append(label)
        return True

    def _as_likely(self, one: Label, other: Label, state: int) -> bool:
        """Return whether a label can never be less likely than another to keep anything, though it rests on other actions.

        So it is where each of these is one that the other label never uses, and all of them together go well at least
        as often as what the other one rests on more at the same variable, of which nothing can be done again.
        """
        mine, theirs = self._used(one), self._used(other)
        more, less = mine & ~theirs, theirs & ~mine & self._past(state)
        if not more or not less:
            return False
        odds, extra = self._odds_of(more), one.masks & ~other.masks
        for place, field in enumerate(self._fields):
            here = extra & field
            if not here:
                continue
            shift = place * self.width
            own = (other.masks & field) >> shift & less
            if (here >> shift) & ~more or not own or self._odds_of(own) > odds:
                return False
        return True

    def _used(self, label: Label) -> int:
        """Return every uncertain action that some value of a label rests on."""
        if label.used < 0:
            used, masks = 0, label.masks
            while masks:
                used |= masks & self.full
                masks >>= self.width
            label.used = used
        return label.used

    def _past(self, state: int) -> int:
        """Return the uncertain actions that can never be done again from a state on."""
        found = self._over.get(state)
        if found is None:
            found = 0
            for bit, scope in self._recurring:
                if state & scope != scope:
                    found |= bit
            self._over[state] = found
        return found

    def _odds_of(self, moves: int) -> float:
        """Return the chance that some uncertain actions all go well."""
        found = self._odds.get(moves)
        if found is None:
            low = moves & -moves
            found = self._odds[moves] = self.uncertain[low.bit_length() - 1].chance * self._odds_of(moves ^ low)
        return found

    def _found(self, state: int, costs: Costs, masks: int, path: Path) -> Found:
        chances, factors = [], []
        for index in range(len(self.problem.goals)):
            chance, rests = self._chance(state, index, masks)
            chances.append(chance)
            factors.append(tuple(move.action for move in self.uncertain if rests >> move.index & 1))
        return Found(path, costs, tuple(chances), tuple(factors), state)

    def _chance(self, state: int, goal: int, masks: int) -> tuple[float, int]:
        problem = self.problem
        holds = problem.holds(state, goal)
        if holds <= 0:
            return 0.0, 0
        best, reason = 0.0, 0
        known = self._resolved(state)
        for needs, places in zip(problem.goal_masks[goal], problem.goal_vars[goal], strict=True):
            if known & needs == needs:
                rests = 0
                for place in places:
                    rests |= masks >> (place * self.width) & self.full
                chance = holds
                for move in self.uncertain:
                    if rests >> move.index & 1:
                        chance *= move.chance
                if chance > best:
                    best, reason = chance, rests
        return round(best, 12), reason

    def _resolved(self, state: int) -> int:
        """Return the state with every doubt taken for good: which alternative holds is asked, not how surely."""
        values = self.problem.unpack(state) if self.problem.doubts else {}
        for doubt in self.problem.doubts:
            if values.get(doubt.var) is doubt.unknown:
                state = state & ~self.problem.packing.fields[doubt.var] | self.problem.pack({doubt.var: doubt.yes})
        return state


def _add(one: Costs, other: Costs) -> Costs:
    return (one[0] + other[0], one[1] + other[1], one[2] + other[2], one[3] + other[3], one[4] + other[4])


def _unwound(path: Path) -> tuple[Action, ...]:
    actions: list[Action] = []
    while path:
        path, set_up, move = path
        actions.append(move.action)
        if set_up is not None:
            actions.append(set_up.action)
    return tuple(reversed(actions))
