"""The compiled problem: states as integers with one bit for each value, actions as masks on them.

Everything here works on any variables and values, so that it can be checked on problems that have nothing to do with
phones.
"""

from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from enum import Enum
from functools import cached_property

from daruma.core.parts import Function
from daruma.core.plan.actions import Action
from daruma.core.plan.mattering import Mattering
from daruma.core.plan.packing import Move, Packing
from daruma.core.plan.state import Needs


@dataclass(frozen=True, slots=True)
class Goal:
    """Hold a promise: any of the alternatives must be met as a whole; `worth` is its value in money."""

    function: Function
    alternatives: tuple[tuple[Needs, ...], ...]
    worth: float = 1.0


@dataclass(frozen=True, slots=True)
class Doubt:
    """Hold a fact that may stay unknown: a value that stands for `yes` with a chance, else for `no`."""

    var: Enum
    unknown: Enum
    yes: Enum
    no: Enum
    chance: float
    words: str = ""


Checkpoint = Callable[[], None]


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
        self.actions = _one_set_up_at_most(_reachable(start, tuple(action for action in actions if not action.impossible)))
        self.goals = tuple(goals)
        self.doubts = tuple(doubts)
        needs = (*ends, *(need for action in self.actions for need in action.conditions), *self._goal_needs())
        self.packing = packing = Packing(self._values(start), (need.var for need in needs))
        self.pack, self.unpack, self.mask, self.vars = packing.pack, packing.unpack, packing.mask, packing.vars
        self.start = self.pack(start)
        self.end_needs = tuple(ends)
        self.ends = tuple(map(self.mask, ends))
        self.closed_by = tuple(closing)
        self.closing = tuple((self.mask(need), left) for need, left in closing)
        self.goal_masks = tuple(tuple(tuple(map(self.mask, option)) for option in goal.alternatives) for goal in self.goals)
        self.uncounted: int = (1 << packing.size) - 1
        self._compile()
        asked = (*self._goal_needs(), *ends, *(need for need, _ in closing))
        apart = ((doubt.var, val) for doubt in doubts for val in (doubt.unknown, doubt.yes, doubt.no))
        self._mattering = Mattering(packing, self.actions, self.moves, self.set_ups, asked, apart)
        self._checks = tuple(_check(move) for move in self.moves)
        self._ready: dict[int, list[tuple[Move, Move | None, int]]] = {}
        self._expanded: dict[int, list[tuple[Move, Move | None, int]]] = {}

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
            for effects in (action.effects, action.miss, action.ruined):
                yield from effects.items()
        for doubt in self.doubts:
            for val in (doubt.unknown, doubt.yes, doubt.no):
                yield doubt.var, val

    def _goal_needs(self) -> list[Needs]:
        return [need for goal in self.goals for conjunction in goal.alternatives for need in conjunction]

    # -- going on

    def expand(self, state: int) -> list[tuple[Move, Move | None, int]]:
        """Return the moves that can be made: move, what sets it up, and the state just before it."""
        found = self._expanded.get(state)
        if found is not None:
            return found
        found = self._expanded[state] = []
        for move, set_up, last_miss in self.ready(state & self.uncounted):
            if not state & last_miss:
                found.append((move, set_up, state if set_up is None else state & set_up.clear | set_up.make))
        return found

    def ready(self, state: int) -> list[tuple[Move, Move | None, int]]:
        """Return the moves that can be made in a state without misses: move, set-up, the bit of the last miss it may have."""
        found = self._ready.get(state)
        if found is None:
            found = self._ready[state] = self._all_ready(state)
        return found

    def _all_ready(self, state: int) -> list[tuple[Move, Move | None, int]]:
        found: list[tuple[Move, Move | None, int]] = []
        for must, choices, last_miss, set_ups, move in self._checks:
            if state & must != must:
                continue
            for mask in choices:
                if not state & mask:
                    break
            else:
                if not set_ups or all(state & mask for mask in set_ups):
                    found.append((move, None, last_miss))
                elif (set_up := self._set_up(move, state)) is not None:
                    found.append((move, set_up, last_miss))
        return found

    def _set_up(self, move: Move, state: int) -> Move | None:
        for set_up in self.set_ups:
            if all(state & need for need in (*set_up.needs, *set_up.set_up_needs)):
                after = state & set_up.clear | set_up.make
                if all(after & need for need in move.set_up_needs):
                    return set_up
        return None

    def succeed(self, move: Move, state: int) -> int:
        """Return the state after a move that went well; its misses are forgotten."""
        return self.tidied(state & move.forget & move.clear | move.make)

    def tidied(self, state: int) -> int:
        """Return the state without what cannot matter any more: misses of moves that can never be made again, differences
        that only such moves ask for.
        """
        keep, put, _ = self._mattering.tidying(state & self.uncounted)
        return state & keep | put

    def forgotten(self, state: int) -> int:
        """Return the places of the variables, as bits, whose values cannot matter any more."""
        return self._mattering.tidying(state & self.uncounted)[2]

    def may_recur(self, move: Move, state: int) -> bool:
        """Return whether a move could ever be made from a state on, as far as each of its needs alone can tell."""
        return self._mattering.may_recur(move, state)

    def misses(self, move: Move, state: int) -> int:
        """Return how many tries of a move have failed."""
        return ((state & ~move.forget) >> move.counter).bit_length()

    def outcomes(self, move: Move, state: int) -> list[tuple[float, int, float]]:
        """Return the outcomes of a try: chance, state after, money lost besides."""
        if not move.counters:
            return [(1.0, self.succeed(move, state), 0.0)]
        tried = self.misses(move, state)
        chance = move.action.chances[tried]
        result = [(chance, self.succeed(move, state), 0.0)]
        ruin = move.action.ruin(tried)
        count = 1 << (move.counter + tried)
        plain = state & move.forget
        if ruin < 1:
            missed = plain & move.misses[0] | move.misses[1] | count
            result.append(((1 - chance) * (1 - ruin), self.tidied(missed), 0.0))
        if ruin > 0:
            ruined = plain & move.ruins[0] | move.ruins[1] | count
            result.append(((1 - chance) * ruin, self.tidied(ruined), move.action.stake))
        return result

    def batches(self, move: Move, state: int) -> list[list[tuple[float, int, float]]]:
        """Return the outcomes of several tries at once, as `outcomes` does: of all that are left, where a miss ruins
        nothing, else of one, two ... tries; after a miss none is left."""
        if not move.counters:
            return [self.outcomes(move, state)]
        tried, count = self.misses(move, state), move.counters
        plain = state & move.forget
        last = 1 << (move.counter + count - 1)
        missed = self.tidied(plain & move.misses[0] | move.misses[1] | last)
        ruined = self.tidied(plain & move.ruins[0] | move.ruins[1] | last)
        good, bad, left, found = 0.0, 0.0, 1.0, []
        for attempt in range(tried, count):
            chance, ruin = move.action.chances[attempt], move.action.ruin(attempt)
            good, bad = good + left * chance, bad + left * (1 - chance) * ruin
            left *= (1 - chance) * (1 - ruin)
            if move.action.ruins or attempt == count - 1:
                after = [(good, self.succeed(move, state), 0.0), (left, missed, 0.0)]
                found.append(after + ([(bad, ruined, move.action.stake)] if bad else []))
        return found

    def may_end(self, state: int) -> bool:
        """Return whether a route may stop here."""
        return all(state & need for need in self.ends)

    # -- goals

    def holds(self, state: int, goal: int) -> float:
        """Return the chance that a goal holds in a state: 0 or 1 unless a fact is in doubt."""
        for doubt in self.doubts:
            unknown = self.packing.places[doubt.var][doubt.unknown]
            if state & unknown:
                rest = state & ~unknown
                yes = self.holds(rest | self.packing.places[doubt.var][doubt.yes], goal)
                no = self.holds(rest | self.packing.places[doubt.var][doubt.no], goal)
                return doubt.chance * yes + (1 - doubt.chance) * no
        return float(_any_all(state, self.goal_masks[goal]))

    def most(self, state: int) -> float:
        """Return what could at best be kept from a state on: the worth of every goal that is not lost for good."""
        return sum(goal.worth for goal, hopes in zip(self.goals, self._hopes, strict=True) if _any_all(state, hopes))

    def is_hopeful(self, needs: Iterable[Needs]) -> bool:
        """Return whether each of some needs alone may be met from the start on."""
        return all(whole or self.start & bits for bits, whole in map(self._mattering.leading_to, needs))

    @cached_property
    def _hopes(self) -> tuple[tuple[tuple[int, ...], ...], ...]:
        """Return for each goal and alternative the values that leave it open."""
        return tuple(
            tuple(
                tuple(dict.fromkeys(mask for mask, whole in map(self._mattering.leading_to, conjunction) if not whole))
                for conjunction in goal.alternatives
            )
            for goal in self.goals
        )

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
        same = (action.key, action.cost, move.needs, move.set_up_needs, move.clear, move.make, move.misses, move.ruins)
        kept.setdefault((*same, move.counter, *known), move)
    return tuple(kept.values())


def _reachable(start: Mapping[Enum, Enum], actions: tuple[Action, ...]) -> tuple[Action, ...]:
    """Return the actions that could ever be made if nothing were ever undone: what cannot leads nowhere, and must not look
    as if it did.
    """
    reached: dict[Enum, set[Enum]] = {var: {val} for var, val in start.items()}
    left, found = list(actions), set[int]()
    while ready := [action for action in left if all(reached.get(need.var, set()) & need.good for need in action.conditions)]:
        for action in ready:
            found.add(id(action))
            for effects in (action.effects, action.miss, action.ruined):
                for var, val in effects.items():
                    reached.setdefault(var, set()).add(val)
        left = [action for action in left if id(action) not in found]
    return tuple(action for action in actions if id(action) in found)


def _one_set_up_at_most(actions: tuple[Action, ...]) -> tuple[Action, ...]:
    """Return the actions, none of them marked as setting up where some action needs two things set up: one is put before
    a move at most, and a way that needs two must not close for that.
    """
    variables = {var for action in actions if action.sets_up for var in action.effects}
    if all(len({need.var for need in action.conditions} & variables) <= 1 for action in actions):
        return actions
    return tuple(replace(action, sets_up=False) for action in actions)


def _any_all(state: int, alternatives: tuple[tuple[int, ...], ...]) -> bool:
    """Return whether a state has a bit of every mask of one of the alternatives."""
    for masks in alternatives:
        for mask in masks:
            if not state & mask:
                break
        else:
            return True
    return False


def _check(move: Move) -> tuple[int, tuple[int, ...], int, tuple[int, ...], Move]:
    """Return a move's needs in the order of a quick look: bits that must all be set, sets of bits of which one
    must be, the bit of its last miss, what setting up can bring."""
    single = [need for need in move.needs if need and not need & (need - 1)]
    several = tuple(need for need in move.needs if not need or need & (need - 1))
    last = 1 << (move.counter + move.counters - 1) if move.counters else 0
    must = 0
    for bit in single:
        must |= bit
    return must, several, last, move.set_up_needs, move
