"""States as integers with one bit for each value, and actions as masks on them.

A need that several values meet has a bit of its own, which is set with each of them: so whether a state meets any number
of needs is asked with one mask.
"""

from collections.abc import Iterable, Mapping, Sequence
from enum import Enum
from functools import cached_property

from daruma.core.plan.actions import Action
from daruma.core.plan.state import Needs

MOST_TRIES = 9
Odds = tuple[float, float, float]  # that a try goes well, that it misses, that it misses and ruins


class Move:
    """An action as masks: what it needs, what it clears and sets, its counter of misses.

    `needs` are the bits that must all be set, `set_up_needs` those of them that other actions set up; `spares` are the bits
    that it leaves as they are, `make` those that it sets; `misses` and `ruins` are the same for a miss; `field` are the bits
    of its counter, `last` the one of its last miss, both 0 where it cannot miss.
    """

    __slots__ = (
        "_together",
        "action",
        "causes",
        "chance",
        "counter",
        "counters",
        "field",
        "index",
        "last",
        "make",
        "misses",
        "needs",
        "odds",
        "ruins",
        "set_up_needs",
        "spares",
        "touched",
    )

    def __init__(self, action: Action) -> None:
        self.action = action
        self.index = 0
        self.needs = self.set_up_needs = 0
        self.spares = self.make = 0
        self.misses = self.ruins = (0, 0)
        self.counter = self.counters = self.field = self.last = 0
        self.chance = action.straight
        self.odds: tuple[Odds, ...] = ()
        self._together: tuple[tuple[Odds, ...], ...] = ()
        self.causes: tuple[int, ...] = ()
        self.touched: tuple[int, ...] = ()

    def missed(self, state: int) -> int:
        """Return how many tries have failed."""
        return ((state & self.field) >> self.counter).bit_length()

    def together(self, tried: int) -> tuple[Odds, ...]:
        """Return the odds of several tries at once, after some: that one goes well, that none does, that one ruins; of all that
        are left, where a miss ruins nothing, else of one, two ... tries.
        """
        if not self._together:
            self._together = tuple(_together(self.odds[left:], bool(self.action.ruins)) for left in range(self.counters))
        return self._together[tried]


class Packing:
    """Give every value of every variable its bit, every need that is told of, and every group of tries its counter."""

    def __init__(self, values: Iterable[tuple[Enum, Enum]], variables: Iterable[Enum]) -> None:
        self.size = 0
        self._bits: dict[Enum, dict[Enum, int]] = {}
        for var, val in values:
            bits = self._bits.setdefault(var, {})
            if val not in bits:
                bits[val] = 1 << self.size
                self.size += 1
        for var in variables:
            self._bits.setdefault(var, {})
        self.vars = tuple(self._bits)
        self.places = {var: place for place, var in enumerate(self.vars)}
        self.values = {var: tuple(bits) for var, bits in self._bits.items()}
        # the bits that are set with each value: its own, and those of the needs that it meets
        self.patterns = {var: dict(bits) for var, bits in self._bits.items()}
        self._told: dict[tuple[Enum, int], int] = {}
        self._goods: dict[tuple[Enum, frozenset[Enum]], int] = {}
        self._counters: dict[str, int] = {}
        self.uncounted = 0

    def told(self, var: Enum, good: frozenset[Enum]) -> int:
        """Return the bit that is set where a variable has one of some values; ask before states are made."""
        found = self._goods.get((var, good))
        if found is None:
            mask = self._mask(var, good)
            found = mask if mask and not mask & (mask - 1) else self._tell(var, mask)
            self._goods[var, good] = found
        return found

    def _tell(self, var: Enum, mask: int) -> int:
        found = self._told.get((var, mask))
        if found is None:
            found = self._told[var, mask] = 1 << self.size
            self.size += 1
            patterns = self.patterns[var]
            for val, bit in self._bits[var].items():
                if bit & mask:
                    patterns[val] |= found
        return found

    def _mask(self, var: Enum, good: Iterable[Enum]) -> int:
        bits = self._bits.get(var, {})
        return sum(bits.get(val, 0) for val in good)

    def counted(self, actions: Iterable[Action]) -> None:
        """Give the tries of actions their counters: behind all that is no count."""
        self.uncounted = (1 << self.size) - 1
        for action in actions:
            if _may_miss(action) and _group(action) not in self._counters:
                self._counters[_group(action)] = self.size
                self.size += MOST_TRIES

    @cached_property
    def full(self) -> int:
        """Return all bits."""
        return (1 << self.size) - 1

    @cached_property
    def fields(self) -> dict[Enum, int]:
        """Return the bits of each variable, those of the needs that ask for it included."""
        found = {var: _any(patterns.values()) for var, patterns in self.patterns.items()}
        for (var, _), bit in self._told.items():
            found[var] |= bit
        return found

    def pack(self, values: Mapping[Enum, Enum]) -> int:
        """Return values as a state."""
        return sum(self.patterns[var][val] for var, val in values.items())

    def unpack(self, state: int) -> dict[Enum, Enum]:
        """Return a state's values; counters are left out."""
        return {var: val for var, bits in self._bits.items() for val, bit in bits.items() if state & bit}

    def bits(self, var: Enum) -> dict[Enum, int]:
        """Return the own bit of each value of a variable."""
        return self._bits[var]

    def mask(self, need: Needs) -> int:
        """Return the bits of which a state must have one; values that nothing ever takes have none."""
        return self._goods.get((need.var, need.good)) or self._mask(need.var, need.good)

    def needed(self, needs: Iterable[Needs]) -> int:
        """Return the bits that a state must have to meet some needs, all of them told."""
        return _any(self._goods[need.var, need.good] for need in needs)

    def _effects(self, effects: Mapping[Enum, Enum]) -> tuple[int, int]:
        return self.full & ~_any(self.fields[var] for var in effects), self.pack(effects)

    def move(self, action: Action, set_up_vars: set[Enum]) -> Move:
        """Return an action as masks; what stands in variables that other actions set up is told apart."""
        move = Move(action)
        plain = [need for need in action.conditions if need.var not in set_up_vars]
        move.needs = self.needed(plain)
        move.set_up_needs = self.needed(need for need in action.conditions if need.var in set_up_vars)
        move.spares, move.make = self._effects(action.effects)
        move.misses, move.ruins = self._effects(action.miss), self._effects(action.ruined)
        if _may_miss(action):
            move.counters = len(action.chances)
            move.counter = self._counters[_group(action)]
            move.field = ((1 << MOST_TRIES) - 1) << move.counter
            move.last = 1 << (move.counter + move.counters - 1)
            tries = ((chance, action.ruin(attempt)) for attempt, chance in enumerate(action.chances))
            move.odds = tuple((well, (1 - well) * (1 - ruin), (1 - well) * ruin) for well, ruin in tries)
        places = self.places
        move.causes = tuple(places[need.var] for need in plain if not need.order)
        spoiled = {*action.miss, *action.ruined} if move.chance < 1 else set()
        move.touched = tuple(places[var] for var in {*action.effects, *spoiled})
        return move


def _together(odds: Sequence[Odds], ruins: bool) -> tuple[Odds, ...]:
    good, bad, left, found = 0.0, 0.0, 1.0, []
    for well, missed, ruined in odds:
        good, bad, left = good + left * well, bad + left * ruined, left * missed
        found.append((good, left, bad))
    return tuple(found) if ruins else (found[-1],)


def _may_miss(action: Action) -> bool:
    return len(action.chances) > 1 or action.chances[0] < 1


def _group(action: Action) -> str:
    return action.counts_with or action.key


def _any(masks: Iterable[int]) -> int:
    found = 0
    for mask in masks:
        found |= mask
    return found
