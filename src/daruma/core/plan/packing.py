"""States as integers with one bit for each value, and actions as masks on them."""

from collections.abc import Iterable, Mapping
from enum import Enum

from daruma.core.plan.actions import Action
from daruma.core.plan.state import Needs

MOST_TRIES = 9


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


class Packing:
    """Give every value of every variable its bit, and every group of tries its counter behind them."""

    def __init__(self, values: Iterable[tuple[Enum, Enum]], variables: Iterable[Enum]) -> None:
        self.places: dict[Enum, dict[Enum, int]] = {}
        self.size = 0
        self._counters: dict[str, int] = {}
        for var, val in values:
            places = self.places.setdefault(var, {})
            if val not in places:
                places[val] = 1 << self.size
                self.size += 1
        for var in variables:
            self.places.setdefault(var, {})
        self.vars = tuple(self.places)

    def pack(self, values: Mapping[Enum, Enum]) -> int:
        """Return values as a state."""
        return sum(self.places[var][val] for var, val in values.items())

    def unpack(self, state: int) -> dict[Enum, Enum]:
        """Return a state's values; counters are left out."""
        return {var: val for var, values in self.places.items() for val, bit in values.items() if state & bit}

    def mask(self, need: Needs) -> int:
        """Return the bits of which a state must have one; values that nothing ever takes have none."""
        values = self.places.get(need.var, {})
        return sum(values.get(val, 0) for val in need.good)

    def _effects(self, effects: Mapping[Enum, Enum]) -> tuple[int, int]:
        clear = sum(sum(self.places[var].values()) for var in effects)
        return ~clear, self.pack(effects)

    def move(self, action: Action, set_up_vars: set[Enum]) -> Move:
        """Return an action as masks; what stands in variables that other actions set up is told apart."""
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
                self._counters[group] = self.size
                self.size += MOST_TRIES
            move.counter = self._counters[group]
            move.forget = ~(((1 << MOST_TRIES) - 1) << move.counter)
        order = {var: i for i, var in enumerate(self.vars)}
        move.causes = tuple(order[need.var] for need in plain if not need.order)
        spoiled = {*action.miss, *action.ruined} if move.chance < 1 else set()
        move.touched = tuple(order[var] for var in {*action.effects, *spoiled})
        return move
