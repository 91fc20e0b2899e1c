"""Bounds of what a state is worth: if all tries were had for one price, if everything went well."""

from __future__ import annotations

from collections.abc import Sequence

from daruma.core.plan.memo import Memo
from daruma.core.plan.money import Prices
from daruma.core.plan.packing import Move
from daruma.core.plan.problem import Problem

Made = tuple[Move, Move | None, int]
Step = tuple[Move, Move | None]
# what a move would be worth if all went well, the move, what sets it up, the bit of the last miss that it may have
Ranked = tuple[float, Move, Move | None, int]


def _by_hope(item: Ranked) -> float:
    return -item[0]


def before(state: int, set_up: Move | None) -> int:
    return state if set_up is None else state & set_up.clear | set_up.make


class Bounds:
    """Bound the values of a problem's states for a shop's preferences from above.

    Without `bounded` nothing is bounded: every move may be the best.
    """

    def __init__(self, problem: Problem, prices: Prices, *, bounded: bool = True) -> None:
        self._problem = problem
        self._bounded = bounded
        price = prices.price
        self._prices = {move: price(move.action) for move in (*problem.moves, *problem.set_ups)}
        self._closing = tuple((mask, sum(map(price, left))) for mask, left in problem.closing)
        self._hopes: Memo[Step] = Memo(problem.uncounted)
        self._blisses: dict[int, float] = {}
        self._ranked: dict[int, Sequence[Ranked]] = {}
        self._mosts: dict[int, float] = {}
        self._stops: dict[int, float] = {}

    @staticmethod
    def used(move: Move, outcomes: Sequence[tuple[float, int, float]], memo: Memo[Step]) -> int:
        """Return the counters that a move and what is best after it make use of."""
        used = ~move.forget if move.counters else 0
        for _, after, _ in outcomes:
            known = memo.find(after)
            used |= known.used if known is not None else 0
        return used

    def hopeful(self, state: int, least: float) -> Sequence[Ranked]:
        """Return the moves by what they would be worth if all went well, the best first; those missed for good among them."""
        plain = state & self._problem.uncounted
        if self._most(plain) <= least:
            return ()
        found = self._ranked.get(plain)
        if found is None:
            ready = self._problem.ready(plain)
            moves = [(self._at_best(plain, move, set_up), move, set_up, last) for move, set_up, last in ready]
            moves.sort(key=_by_hope)
            found = self._ranked[plain] = moves
        return found

    def _most(self, plain: int) -> float:
        found = self._mosts.get(plain)
        if found is None:
            found = self._mosts[plain] = self._problem.most(plain)
        return found

    def hope_of(self, made: Made) -> float:
        """Return a bound of a move's value: its own outcomes as they are, and the hope after each of them."""
        if not self._bounded:
            return float("inf")
        move, set_up, before = made
        hope = -self.price(move, set_up)
        for chance, after, lost in self._problem.outcomes(move, before):
            hope += chance * (self.hope(after) - lost)
        return hope

    def price(self, move: Move, set_up: Move | None) -> float:
        """Return what one try of a move costs, what sets it up included."""
        return self._prices[move] + (self._prices[set_up] if set_up is not None else 0.0)

    def hope(self, state: int) -> float:
        """Return a bound of a state's value: all tries that are left of an action are had for the price of one."""
        known = self._hopes.find(state)
        if known is not None:
            return known.value
        self._problem.checkpoint()
        self._hopes.hold(state)
        best, used = self.stop(state), 0
        for bound, move, set_up, last_miss in self.hopeful(state, best):
            if bound <= best:
                break
            if state & last_miss:
                continue
            price = self.price(move, set_up)
            for outcomes in self._problem.batches(move, before(state, set_up)):
                worth = self._hope_for(outcomes, best + price) - price
                if worth > best:
                    best, used = worth, self.used(move, outcomes, self._hopes)
        self._hopes.keep(state, best, None, used)
        return best

    def _hope_for(self, outcomes: Sequence[tuple[float, int, float]], least: float) -> float:
        """Return what outcomes are worth at best together; minus infinity as soon as that cannot be more than `least`."""
        uncounted = self._problem.uncounted
        bounds = [chance * (self.bliss(after & uncounted) - lost) for chance, after, lost in outcomes]
        total = sum(bounds)
        for bound, (chance, after, lost) in zip(bounds, outcomes, strict=True):
            if total <= least:
                return float("-inf")
            total += chance * (self.hope(after) - lost) - bound
        return total

    def _at_best(self, plain: int, move: Move, set_up: Move | None) -> float:
        if not self._bounded:
            return float("inf")
        after = self._problem.succeed(move, before(plain, set_up)) & self._problem.uncounted
        return self.bliss(after) - self.price(move, set_up)

    def bliss(self, state: int) -> float:
        """Return a bound of a state's hope: what it would be worth if everything went well.

        It is a bound because a success never leaves less to hope for than a failure.
        """
        known = self._blisses.get(state)
        if known is not None:
            return known
        self._blisses[state] = float("-inf")
        best = self.stop(state)
        for bound, *_ in self.hopeful(state, best)[:1]:
            best = max(best, bound)
        self._blisses[state] = best
        return best

    def stop(self, state: int) -> float:
        """Return what stopping here is worth; a phone that cannot be given back so is worth nothing, and is closed up."""
        plain = state & self._problem.uncounted
        found = self._stops.get(plain)
        if found is None:
            found = self._stops[plain] = self._stopped(plain)
        return found

    def _stopped(self, state: int) -> float:
        if not self._problem.may_end(state):
            return -sum(price for mask, price in self._closing if state & mask)
        return sum(goal.worth * self._problem.holds(state, i) for i, goal in enumerate(self._problem.goals))
