"""What a shared step costs besides for a part that nothing was done with: a phone is closed with a panel, whoever opened it."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from enum import Enum
from heapq import heappop, heappush

from msgspec import Struct

from daruma.core.plan.actions import Action
from daruma.core.plan.money import Prices

_MOST = 50  # so many states of a part are looked into


class Beside(Struct, frozen=True):
    """Hold what a shared step costs besides: in its cheapest way, with the `steps` that this takes where it is not the step
    alone, and as the step `alone`.
    """

    price: float = 0.0
    steps: tuple[Action, ...] = ()
    alone: float = 0.0


def cheapest(
    own: frozenset[Enum], start: Mapping[Enum, Enum], step: Sequence[Action], before: Iterable[Action], prices: Prices
) -> Beside:
    """Return what a step costs besides for a part with these variables, whose variants are in `step`.

    `before` are the part's own actions that are sure to go well; they are done at once, as things stand at the start.
    """
    if not any(action.extra_cost for action in step):
        return Beside()
    before = tuple(before)
    found: list[tuple[float, int, tuple[Action, ...]]] = []
    waiting: list[tuple[float, int, Mapping[Enum, Enum], tuple[Action, ...]]] = [(0.0, 0, start, ())]
    seen: set[frozenset[tuple[Enum, Enum]]] = set()
    made = 0
    while waiting and len(seen) < _MOST:
        price, _, values, steps = heappop(waiting)
        place = frozenset(values.items())
        if place in seen:
            continue
        seen.add(place)
        for action in step:
            if all(need.met(values) for need in action.conditions if need.var in own):
                found.append((price + action.extra_cost, len(found), (*steps, action)))
        for action in before:
            if all(need.met(values) for need in action.conditions):
                made += 1
                heappush(waiting, (price + prices.price(action), made, {**values, **action.effects}, (*steps, action)))
    if not found:
        return Beside()
    price, _, way = min(found)
    alone = min((price for price, _, steps in found if len(steps) == 1), default=price)
    return Beside(price, way if len(way) > 1 else (), alone)
