"""The cheapest course through a way that no shown route takes, so that it can be laid beside those that are shown."""

import heapq
from collections.abc import Callable
from itertools import count

from msgspec import Struct

from daruma.core.plan.actions import Action
from daruma.core.plan.money import Prices
from daruma.core.plan.packing import Move
from daruma.core.plan.pareto import Found, Search


class Cheapest(Struct, frozen=True):
    """Hold the best course through a way: its actions and what ways are compared by, as `Route.vector` has it."""

    actions: tuple[Action, ...]
    vector: tuple[float, ...]


_Step = tuple[int, Move | None, Move]


class Through:
    """Find courses through given ways, for a search that has been run; `proven` adds the proofs to a course's vector."""

    def __init__(self, search: Search, prices: Prices, vector: Callable[[Found], tuple[float, ...]]) -> None:
        self._search = search
        problem = search.problem
        self._prices = {move: prices.price(move.action) for move in (*problem.moves, *problem.set_ups)}
        self._vector = vector

    def way(self, way: str) -> Cheapest | None:
        """Return the course through a way whose promises, if all goes well, less its price, are worth the most."""
        problem = self._search.problem
        flag = 1 << problem.size
        order, best = count(), (float("-inf"), -1)
        prices: dict[int, float] = {problem.start: 0.0}
        came: dict[int, _Step] = {}
        heap = [(0.0, next(order), problem.start)]
        while heap:
            problem.checkpoint()
            price, _, state = heapq.heappop(heap)
            if price > prices[state]:
                continue
            used, plain = state & flag, state & ~flag
            if used and problem.may_end(plain):
                best = max(best, (self._worth(plain) - price, state))
            for edge in problem.edges(plain):
                if edge.then == edge.before:
                    continue
                move, set_up = edge.move, edge.set_up
                then = edge.then | (flag if used or move.action.way == way else 0)
                total = price + self._prices[move] + (self._prices[set_up] if set_up else 0.0)
                if total < prices.get(then, float("inf")) - 1e-9:
                    prices[then], came[then] = total, (state, set_up, move)
                    heapq.heappush(heap, (total, next(order), then))
        return self._course(best[1], came) if best[1] >= 0 else None

    def _worth(self, state: int) -> float:
        problem = self._search.problem
        kept = [goal.worth * problem.holds(state, i) for i, goal in enumerate(problem.goals)]
        return sum(kept) if any(kept) else float("-inf")

    def _course(self, state: int, came: dict[int, _Step]) -> Cheapest | None:
        steps: list[tuple[Move | None, Move]] = []
        while state in came:
            state, set_up, move = came[state]
            steps.append((set_up, move))
        found = self._search.along(reversed(steps))
        return Cheapest(found.actions, self._vector(found)) if any(found.chances) else None
