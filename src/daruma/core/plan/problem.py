"""The compiled problem: states as integers with one bit for each value, actions as masks on them.

Everything here works on any variables and values, so that it can be checked on problems that have nothing to do with
phones.
"""

from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from enum import Enum
from functools import cached_property

from daruma.core.parts import Function
from daruma.core.plan.actions import Action
from daruma.core.plan.state import Needs

MOST_TRIES = 9


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


class Move:
    """An action as masks: needs, what it clears and sets, its counter of misses."""

    __slots__ = (
        "action",
        "causes",
        "chance",
        "clear",
        "counter",
        "counters",
        "forget",
        "index",
        "make",
        "misses",
        "needs",
        "ruins",
        "set_up_needs",
        "touched",
    )

    def __init__(self, action: Action, index: int) -> None:
        self.action = action
        self.index = index
        self.needs: tuple[int, ...] = ()
        self.set_up_needs: tuple[int, ...] = ()
        self.clear = self.make = 0
        self.misses = self.ruins = (0, 0)
        self.counter = 0
        self.counters = 0
        self.forget = -1
        self.chance = action.straight
        self.causes: tuple[int, ...] = ()
        self.touched: tuple[int, ...] = ()


class Problem:
    """Actions over a start, compiled; `ends` must be met where a route may stop.

    `closing` is what stopping takes all the same where a route may not: conditions, each with the actions that it costs.
    """

    def __init__(
        self,
        start: Mapping[Enum, Enum],
        actions: Iterable[Action],
        goals: Sequence[Goal],
        ends: Sequence[Needs] = (),
        doubts: Sequence[Doubt] = (),
        closing: Sequence[tuple[Needs, tuple[Action, ...]]] = (),
    ) -> None:
        self.actions = _one_set_up_at_most(_reachable(start, tuple(action for action in actions if not action.impossible)))
        self.goals = tuple(goals)
        self.doubts = tuple(doubts)
        self._places: dict[Enum, dict[Enum, int]] = {}
        self._next = 0
        self._counters: dict[str, int] = {}
        self._leading: dict[Needs, tuple[int, bool]] = {}
        self._collect(start, ends)
        self.vars = tuple(self._places)
        self.start = self.pack(start)
        self.end_needs = tuple(ends)
        self.ends = tuple(self.mask(need) for need in ends)
        self._closing_needs = tuple(closing)
        self.closing = tuple((self.mask(need), left) for need, left in closing)
        set_up_vars = {var for action in self.actions if action.sets_up for var in action.effects}
        self.moves = _once(self._compile(action, set_up_vars) for action in self.actions if not action.sets_up)
        self._first_counter = min((move.counter for move in self.moves if move.counters), default=self._next)
        self.uncounted = (1 << self._first_counter) - 1
        quickest = sorted((action for action in self.actions if action.sets_up), key=lambda action: action.minutes)
        self.set_ups = tuple(self._compile(action, set()) for action in quickest)
        self.goal_masks = tuple(
            tuple(tuple(self.mask(need) for need in conjunction) for conjunction in goal.alternatives) for goal in self.goals
        )
        places = {sum(values.values()): place for place, values in enumerate(self._places.values())}
        counted, idle = self._all_scopes(), tuple(self._all_idle())
        found = [scope for _, scopes in counted for scope in scopes] + [scope for *_, scopes in idle for scope in scopes]
        bits = {mask: 1 << index for index, mask in enumerate(dict.fromkeys(mask for scope in found for mask in scope))}
        self._scope_masks = tuple((bit, mask) for mask, bit in bits.items())
        self._past: dict[int, tuple[int, tuple[tuple[int, tuple[tuple[int, int], ...]], ...], int]] = {}
        # a scope as bits: which of the masks must be met
        self._scopes = tuple((field, _bits(scopes, bits)) for field, scopes in counted)
        self._idle = tuple((places[field], field, kinds, _bits(scopes, bits)) for field, kinds, scopes in idle)
        self._checks = tuple(self._check(move) for move in self.moves)
        self._recurs: dict[Move, tuple[int, ...]] = {}
        self._tidy: dict[int, tuple[int, int, int]] = {}
        self._ready: dict[int, list[tuple[Move, Move | None, int]]] = {}
        self._expanded: dict[int, list[tuple[Move, Move | None, int]]] = {}

    # -- packing

    @property
    def size(self) -> int:
        """Return how many bits a state has."""
        return self._next

    def _collect(self, start: Mapping[Enum, Enum], ends: Sequence[Needs]) -> None:
        for var, val in start.items():
            self._place(var, val)
        for action in self.actions:
            for effects in (action.effects, action.miss, action.ruined):
                for var, val in effects.items():
                    self._place(var, val)
        for doubt in self.doubts:
            for val in (doubt.unknown, doubt.yes, doubt.no):
                self._place(doubt.var, val)
        for need in [*ends, *(n for a in self.actions for n in a.conditions), *self._goal_needs()]:
            self._places.setdefault(need.var, {})

    def _goal_needs(self) -> list[Needs]:
        return [need for goal in self.goals for conjunction in goal.alternatives for need in conjunction]

    def _place(self, var: Enum, val: Enum) -> None:
        values = self._places.setdefault(var, {})
        if val not in values:
            values[val] = 1 << self._next
            self._next += 1

    def pack(self, values: Mapping[Enum, Enum]) -> int:
        """Return values as a state."""
        return sum(self._places[var][val] for var, val in values.items())

    def unpack(self, state: int) -> dict[Enum, Enum]:
        """Return a state's values; counters are left out."""
        return {var: val for var, values in self._places.items() for val, bit in values.items() if state & bit}

    def mask(self, need: Needs) -> int:
        """Return the bits of which a state must have one; values that nothing ever takes have none."""
        values = self._places.get(need.var, {})
        return sum(values.get(val, 0) for val in need.good)

    def _effects(self, effects: Mapping[Enum, Enum]) -> tuple[int, int]:
        clear = sum(sum(self._places[var].values()) for var in effects)
        return ~clear, self.pack(effects)

    def _compile(self, action: Action, set_up_vars: set[Enum]) -> Move:
        move = Move(action, 0)
        plain = [need for need in action.conditions if need.var not in set_up_vars]
        move.needs = tuple(self.mask(need) for need in plain)
        move.set_up_needs = tuple(self.mask(need) for need in action.conditions if need.var in set_up_vars)
        move.clear, move.make = self._effects(action.effects)
        move.misses, move.ruins = self._effects(action.miss), self._effects(action.ruined)
        if len(action.chances) > 1 or action.chances[0] < 1:
            move.counters = len(action.chances)
            group = action.counts_with or action.key
            if group not in self._counters:
                self._counters[group] = self._next
                self._next += MOST_TRIES
            move.counter = self._counters[group]
            move.forget = ~(((1 << MOST_TRIES) - 1) << move.counter)
        order = {var: i for i, var in enumerate(self.vars)}
        move.causes = tuple(order[need.var] for need in plain if not need.order)
        spoiled = {*action.miss, *action.ruined} if move.chance < 1 else set()
        move.touched = tuple(order[var] for var in {*action.effects, *spoiled})
        return move

    def _scope(self, move: Move, apart_from: Enum | None = None) -> tuple[int, ...]:
        """Return what must be so for a move ever to be made again: values from which its needs can still be met."""
        masks = (self._leading_to(need) for need in move.action.conditions if need.var is not apart_from)
        return tuple(dict.fromkeys(mask for mask, whole in masks if not whole))

    def may_recur(self, move: Move, state: int) -> bool:
        """Return whether a move could ever be made from a state on, as far as each of its needs alone can tell."""
        if move not in self._recurs:
            self._recurs[move] = self._scope(move)
        return all(state & mask for mask in self._recurs[move])

    def _all_scopes(self) -> tuple[tuple[int, tuple[tuple[int, ...], ...]], ...]:
        """Return for each counter the scopes of the moves that count with it; a move without one keeps its counter."""
        by_field: dict[int, list[tuple[int, ...]]] = {}
        for move in self.moves:
            if move.counters:
                by_field.setdefault(~move.forget, []).append(self._scope(move))
        return tuple((field, tuple(scopes)) for field, scopes in by_field.items() if all(scopes))

    def _all_idle(self) -> Iterator[tuple[int, tuple[tuple[int, int], ...], tuple[tuple[int, ...], ...]]]:
        """Yield for each variable: its bits, the values that are all the same once no move asks for it any more, each kind
        with the one that stands for it, and the scopes of the moves that ask for it.
        """
        for var, values in self._places.items():
            moves = (*self.moves, *self.set_ups)
            asking = [move for move in moves if any(need.var is var for need in move.action.conditions)]
            scopes = tuple(self._scope(move, apart_from=var) for move in asking)
            kinds = tuple(self._alike(var))
            if len(kinds) < len(values) and all(scopes):
                yield sum(values.values()), kinds, scopes

    def _alike(self, var: Enum) -> Iterator[tuple[int, int]]:
        """Yield the values of a variable in groups that no goal, end or doubt tells apart: their bits, and the first one's."""
        ends = (*self._goal_needs(), *self.end_needs, *(need for need, _ in self._closing_needs))
        asked: list[frozenset[Enum]] = [need.good for need in dict.fromkeys(ends) if need.var is var]
        asked += [frozenset({val}) for doubt in self.doubts if doubt.var is var for val in (doubt.unknown, doubt.yes, doubt.no)]
        groups: dict[tuple[bool, ...], list[int]] = {}
        for val, bit in self._places[var].items():
            groups.setdefault(tuple(val in good for good in asked), []).append(bit)
        for bits in groups.values():
            yield sum(bits), bits[0]

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

    def _check(self, move: Move) -> tuple[int, tuple[int, ...], int, tuple[int, ...], Move]:
        """Return a move's needs in the order of a quick look: bits that must all be set, sets of bits of which one
        must be, the bit of its last miss, what setting up can bring."""
        single = [need for need in move.needs if need and not need & (need - 1)]
        several = tuple(need for need in move.needs if not need or need & (need - 1))
        last = 1 << (move.counter + move.counters - 1) if move.counters else 0
        must = 0
        for bit in single:
            must |= bit
        return must, several, last, move.set_up_needs, move

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
        keep, put, _ = self._tidying(state)
        return state & keep | put

    def forgotten(self, state: int) -> int:
        """Return the places of the variables, as bits, whose values cannot matter any more."""
        return self._tidying(state)[2]

    def _tidying(self, state: int) -> tuple[int, int, int]:
        """Return what to keep of a state, what to put in place of the rest, and the variables that do not matter at all."""
        plain = state & self.uncounted
        known = self._tidy.get(plain)
        if known is None:
            known = self._tidy[plain] = self._first_tidying(plain)
        return known

    def _first_tidying(self, state: int) -> tuple[int, int, int]:
        met = 0
        for bit, mask in self._scope_masks:
            if state & mask:
                met |= bit
        known = self._past.get(met)
        if known is None:
            known = self._past[met] = self._past_with(met)
        keep, idle, forgotten = known
        put = 0
        for field, kinds in idle:
            for alike, one in kinds:
                if state & alike:
                    if not state & one:
                        keep, put = keep & ~field, put | one
                    break
        return keep, put, forgotten

    def _past_with(self, met: int) -> tuple[int, tuple[tuple[int, tuple[tuple[int, int], ...]], ...], int]:
        """Return what does not matter any more where some masks are met: misses that need not be kept (as the bits that are),
        variables of which some values are all the same, those that do not matter at all.
        """
        keep, forgotten, idle = -1, 0, []
        for field, scopes in self._scopes:
            if not any(met & scope == scope for scope in scopes):
                keep &= ~field
        for place, field, kinds, scopes in self._idle:
            if not any(met & scope == scope for scope in scopes):
                idle.append((field, kinds))
                forgotten |= (len(kinds) == 1) << place
        return keep, tuple(idle), forgotten

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
            unknown = self._places[doubt.var][doubt.unknown]
            if state & unknown:
                rest = state & ~unknown
                yes = self.holds(rest | self._places[doubt.var][doubt.yes], goal)
                no = self.holds(rest | self._places[doubt.var][doubt.no], goal)
                return doubt.chance * yes + (1 - doubt.chance) * no
        return float(_any_all(state, self.goal_masks[goal]))

    def most(self, state: int) -> float:
        """Return what could at best be kept from a state on: the worth of every goal that is not lost for good."""
        return sum(goal.worth for goal, hopes in zip(self.goals, self._hopes, strict=True) if _any_all(state, hopes))

    @cached_property
    def _hopes(self) -> tuple[tuple[tuple[int, ...], ...], ...]:
        """Return for each goal and alternative the values that leave it open."""
        return tuple(
            tuple(
                tuple(dict.fromkeys(mask for mask, whole in map(self._leading_to, conjunction) if not whole))
                for conjunction in goal.alternatives
            )
            for goal in self.goals
        )

    def _leading_to(self, need: Needs) -> tuple[int, bool]:
        """Return the bits of the values from which actions could lead to a good value, whatever else they need; and
        whether these are all values."""
        if need in self._leading:
            return self._leading[need]
        values, good = set(self._places[need.var]), set(need.good)
        steps = [
            (next((c.good for c in action.conditions if c.var is need.var), values), effects[need.var])
            for action in self.actions
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
        found = self._leading[need] = self.mask(Needs(need.var, frozenset(good))), values <= good
        return found

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


def _bits(scopes: Iterable[tuple[int, ...]], bits: Mapping[int, int]) -> tuple[int, ...]:
    return tuple(dict.fromkeys(sum(bits[mask] for mask in dict.fromkeys(scope)) for scope in scopes))


def _any_all(state: int, alternatives: tuple[tuple[int, ...], ...]) -> bool:
    """Return whether a state has a bit of every mask of one of the alternatives."""
    for masks in alternatives:
        for mask in masks:
            if not state & mask:
                break
        else:
            return True
    return False
