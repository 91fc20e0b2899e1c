"""The compiled problem: states as integers with one bit for each value, actions as masks on them.

Everything here works on any variables and values, so that it can be checked on problems that have nothing to do with
phones.
"""

from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from enum import Enum
from functools import cached_property

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.parts import Function
from daruma.core.plan.actions import Action
from daruma.core.plan.edges import Edge
from daruma.core.plan.leading import Leading
from daruma.core.plan.mattering import Mattering, Tidying
from daruma.core.plan.packing import Move, Packing
from daruma.core.plan.reaching import reachable
from daruma.core.plan.state import Needs
from daruma.core.plan.useful import useful


class Goal(Struct, frozen=True):
    """Hold a promise: any of the alternatives must be met as a whole; `worth` is its value in money."""

    function: Function
    alternatives: tuple[tuple[Needs, ...], ...]
    worth: float = 1.0


class Doubt(Struct, frozen=True):
    """Hold a fact that may stay unknown: a value that stands for `yes` with a chance, else for `no`."""

    var: Enum
    unknown: Enum
    yes: Enum
    no: Enum
    chance: float
    words: str = ""


Checkpoint = Callable[[], None]
_Checks = tuple[tuple[int, int, Move], ...]
_SORTING = 6  # by so many variables moves are sorted before they are looked at one by one


def go_on() -> None:
    """Let planning go on: the checkpoint of a plan that nobody stops."""


class Problem:
    """Actions over a start, compiled; `ends` must be met where a route may stop.

    `closing` is what stopping takes all the same where a route may not: conditions, each with the actions that it costs.
    `checkpoint` is called again and again while it is solved; what it raises stops that.
    """

    def __init__(
        self,
        start: Mapping[Enum, Enum],
        actions: Iterable[Action],
        goals: Sequence[Goal],
        ends: Sequence[Needs] = (),
        doubts: Sequence[Doubt] = (),
        closing: Sequence[tuple[Needs, tuple[Action, ...]]] = (),
        checkpoint: Checkpoint = go_on,
    ) -> None:
        self.checkpoint = checkpoint
        self.goals = tuple(goals)
        self.doubts = tuple(doubts)
        _, possible = reachable(start, (action for action in actions if not action.impossible))
        kept = (*ends, *(_other(need, possible) for need, _ in closing))
        self.actions = _one_set_up_at_most(useful(start, possible, self._goal_needs(), kept))
        asked = (*self._goal_needs(), *ends, *(need for need, _ in closing))
        needs = (*(need for action in self.actions for need in action.conditions), *asked)
        self.packing = packing = Packing(self._values(start), (need.var for need in needs))
        self.pack, self.unpack, self.mask, self.vars = packing.pack, packing.unpack, packing.mask, packing.vars
        self._leading = Leading(self.actions, packing.values)
        self._tell(needs)
        packing.counted(action for action in self.actions if not action.sets_up)
        self.uncounted, self.full = packing.uncounted, packing.full
        self.start = self.pack(start)
        self.end_needs = tuple(ends)
        self.ends = packing.needed(ends)
        self.closed_by = tuple(closing)
        self.closing = tuple((packing.needed((need,)), left) for need, left in closing)
        self.goal_masks = tuple(tuple(map(packing.needed, goal.alternatives)) for goal in self.goals)
        self._compile()
        apart = ((doubt.var, val) for doubt in doubts for val in (doubt.unknown, doubt.yes, doubt.no))
        self._mattering = Mattering(packing, self._leading, self.moves, self.set_ups, asked, apart)
        self._checks: _Checks = tuple((move.needs, move.set_up_needs, move) for move in self.moves)
        self._sorting = self._telling_apart()
        self._sorted: dict[int, _Checks] = {}
        self._edges: dict[int, list[Edge]] = {}
        self._tidy: dict[int, Tidying] = {}
        self._holding: dict[tuple[int, int], float] = {}

    def _tell(self, needs: Sequence[Needs]) -> None:
        """Give every need that is asked for its bit, and what could still lead to its being met."""
        for var, good in dict.fromkeys((need.var, need.good) for need in needs):
            self.packing.told(var, good)
            self.packing.told(var, self._leading.to(var, good)[0])

    def _compile(self) -> None:
        set_up_vars = {var for action in self.actions if action.sets_up for var in action.effects}
        self.moves = _once(self.packing.move(action, set_up_vars) for action in self.actions if not action.sets_up)
        quickest = sorted((action for action in self.actions if action.sets_up), key=lambda action: action.minutes)
        self.set_ups = tuple(self.packing.move(action, set()) for action in quickest)

    # -- packing

    @property
    def size(self) -> int:
        """Return how many bits a state has."""
        return self.packing.size

    def _values(self, start: Mapping[Enum, Enum]) -> Iterator[tuple[Enum, Enum]]:
        yield from start.items()
        for action in self.actions:
            yield from action.changes
        for doubt in self.doubts:
            for val in (doubt.unknown, doubt.yes, doubt.no):
                yield doubt.var, val

    def has(self, values: Mapping[Enum, Enum]) -> bool:
        """Return whether all of some values can be told in its states."""
        return all(val in self.packing.values.get(var, ()) for var, val in values.items())

    def _goal_needs(self) -> list[Needs]:
        return [need for goal in self.goals for conjunction in goal.alternatives for need in conjunction]

    # -- going on

    def edges(self, state: int) -> list[Edge]:
        """Return the moves that can be made from a state without misses."""
        found = self._edges.get(state)
        if found is None:
            found = self._edges[state] = self._all_edges(state)
        return found

    def _all_edges(self, state: int) -> list[Edge]:
        tidying, ready, found = self.tidying, self._set_ups(state), []
        for needs, set_up_needs, move in self._checks_of(state):
            if state & needs == needs:
                if state & set_up_needs == set_up_needs:
                    found.append(Edge(move, None, state, tidying))
                else:
                    for set_up, after in ready:
                        if after & set_up_needs == set_up_needs:
                            found.append(Edge(move, set_up, state, tidying))
                            break
        return found

    def _checks_of(self, state: int) -> _Checks:
        """Return the moves that a state's values of some variables do not rule out, with their needs."""
        told = state & self._sorting
        found = self._sorted.get(told)
        if found is None:
            ruled_out = self._sorting & ~told
            found = self._sorted[told] = tuple(check for check in self._checks if not check[0] & ruled_out)
        return found

    def _telling_apart(self) -> int:
        """Return the bits of the variables that most moves ask for: by them moves are sorted."""
        fields = self.packing.fields.values()
        asked = sorted(fields, key=lambda field: -sum(bool(move.needs & field) for move in self.moves))
        return sum(asked[:_SORTING])

    def _set_ups(self, state: int) -> list[tuple[Move, int]]:
        """Return what can be set up in a state, with the state after it."""
        return [(move, state & move.spares | move.make) for move in self.set_ups if state & move.needs == move.needs]

    def open_edges(self, state: int) -> list[Edge]:
        """Return the moves that can be made from a state."""
        return [edge for edge in self.edges(state & self.uncounted) if not state & edge.last]

    def tidying(self, state: int) -> Tidying:
        """Return what to keep of a state without misses, what to put in place of the rest, and the places of the variables that
        do not matter at all, as bits.

        What cannot matter any more: misses of moves that can never be made again, differences that only such moves ask for.
        """
        known = self._tidy.get(state)
        if known is None:
            known = self._tidy[state] = self._mattering.tidying(state)
        return known

    def scope(self, move: Move) -> int:
        """Return the bits that a state must have for a move ever to be made from it on, as far as each of its needs tells."""
        return self._mattering.scope(move)

    def may_end(self, state: int) -> bool:
        """Return whether a route may stop here."""
        return state & self.ends == self.ends

    # -- goals

    @cached_property
    def judged(self) -> int:
        """Return the bits that tell what stopping in a state is worth."""
        found = self.ends
        for mask in (*(mask for goal in self.goal_masks for mask in goal), *(mask for mask, _ in self.closing)):
            found |= mask
        for doubt in self.doubts:
            found |= self.packing.fields[doubt.var]
        return found

    @cached_property
    def hoped(self) -> int:
        """Return the bits that tell what could be kept from a state on."""
        found = 0
        for mask in (mask for hopes in self._hopes for mask in hopes):
            found |= mask
        return found

    def holds(self, state: int, goal: int) -> float:
        """Return the chance that a goal holds in a state: 0 or 1 unless a fact is in doubt."""
        seen = state & self.judged, goal
        found = self._holding.get(seen)
        if found is None:
            found = self._holding[seen] = self._holds(*seen)
        return found

    def _holds(self, state: int, goal: int) -> float:
        for doubt in self.doubts:
            patterns, field = self.packing.patterns[doubt.var], self.packing.fields[doubt.var]
            if state & field == patterns[doubt.unknown]:
                rest = state & ~field
                yes, no = (self.holds(rest | patterns[val], goal) for val in (doubt.yes, doubt.no))
                return doubt.chance * yes + (1 - doubt.chance) * no
        return float(_meets_any(state, self.goal_masks[goal]))

    def most(self, state: int) -> float:
        """Return what could at best be kept from a state on: the worth of every goal that is not lost for good."""
        return sum(goal.worth for goal, hopes in zip(self.goals, self._hopes, strict=True) if _meets_any(state, hopes))

    def is_hopeful(self, needs: Iterable[Needs]) -> bool:
        """Return whether each of some needs alone may be met from the start on."""
        hopes = self._hope(needs)
        return self.start & hopes == hopes

    def _hope(self, needs: Iterable[Needs]) -> int:
        """Return the bits that must be set for each of some needs to be met some time."""
        found = 0
        for need in needs:
            good, whole = self._leading.to(need.var, need.good)
            found |= 0 if whole else self.packing.told(need.var, good)
        return found

    @cached_property
    def _hopes(self) -> tuple[tuple[int, ...], ...]:
        """Return for each goal and alternative the bits that leave it open."""
        return tuple(tuple(map(self._hope, goal.alternatives)) for goal in self.goals)

    @cached_property
    def goal_vars(self) -> tuple[tuple[tuple[int, ...], ...], ...]:
        """Return for each goal and alternative the places of its variables."""
        order = {var: i for i, var in enumerate(self.vars)}
        return tuple(
            tuple(tuple(order[need.var] for need in conjunction) for conjunction in goal.alternatives) for goal in self.goals
        )


def _once(moves: Iterable[Move]) -> tuple[Move, ...]:
    """Return the moves, those left out that ask for the same and do the same as one before them."""
    kept: dict[tuple[object, ...], Move] = {}
    for move in moves:
        action = move.action
        known = (action.way, action.chances, action.ruins, action.stake, move.causes)
        same = (action.key, action.cost, move.needs, move.set_up_needs, move.spares, move.make, move.misses, move.ruins)
        kept.setdefault((*same, move.counter, *known), move)
    return tuple(kept.values())


def _one_set_up_at_most(actions: tuple[Action, ...]) -> tuple[Action, ...]:
    """Return the actions, none of them marked as setting up where some action needs two things set up: one is put before
    a move at most, and a way that needs two must not close for that.
    """
    variables = {var for action in actions if action.sets_up for var in action.effects}
    if all(len({need.var for need in action.conditions} & variables) <= 1 for action in actions):
        return actions
    return tuple(replace(action, sets_up=False) for action in actions)


def _other(need: Needs, actions: Iterable[Action]) -> Needs:
    """Return the need that a variable has none of the good values, of those that actions give it."""
    made = {effects[need.var] for action in actions for effects in (action.effects, action.miss) if need.var in effects}
    return Needs(need.var, frozenset(made - need.good))


def _meets_any(state: int, alternatives: tuple[int, ...]) -> bool:
    """Return whether a state has all bits of one of the alternatives."""
    return any(state & needed == needed for needed in alternatives)
