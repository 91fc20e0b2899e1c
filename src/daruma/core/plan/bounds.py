"""Bounds of what a state is worth: if all tries were had for one price, if everything went well."""

from __future__ import annotations

from collections.abc import Sequence

from daruma.core.plan.edges import Edge, Outcome
from daruma.core.plan.memo import Entry, Memo
from daruma.core.plan.money import Prices
from daruma.core.plan.problem import Problem

Ranked = tuple[float, float, Edge]  # what a move would be worth if all went well, its price, the move


def _by_hope(item: Ranked) -> float:
    return -item[0]


class Bounds:
    """Bound the values of a problem's states for a shop's preferences from above.

    After so many `failures` everything is taken to go well: with more of them the bound is nearer and takes longer. Without
    `bounded` nothing is bounded: every move may be the best.
    """

    def __init__(self, problem: Problem, prices: Prices, *, bounded: bool = True, failures: int = 1) -> None:
        self._problem = problem
        self._bounded = bounded
        self._uncounted = problem.uncounted
        price = prices.price
        self._prices = {move: price(move.action) for move in (*problem.moves, *problem.set_ups)}
        self._closing = tuple((mask, sum(map(price, left))) for mask, left in problem.closing)
        self._failures = failures
        self._hopes: list[Memo[Edge]] = [Memo(problem.uncounted) for _ in range(failures + 1)]
        self._blisses: dict[int, float] = {}
        self._ranked: dict[int, Sequence[Ranked]] = {}
        self._mosts: dict[int, float] = {}
        self._stops: dict[int, float] = {}

    @staticmethod
    def used(edge: Edge, outcomes: Sequence[Outcome], memo: Memo[Edge]) -> int:
        """Return the counters that a move and what is best after it make use of."""
        used = edge.move.field
        for _, after, _ in outcomes:
            known = memo.find(after)
            used |= known[3] if known is not None else 0
        return used

    def hopeful(self, state: int, least: float) -> Sequence[Ranked]:
        """Return the moves by what they would be worth if all went well, the best first; those missed for good among them."""
        plain = state & self._uncounted
        if self._most(plain) <= least:
            return ()
        found = self._ranked.get(plain)
        if found is None:
            moves = [(self._at_best(edge), self.price(edge), edge) for edge in self._problem.edges(plain)]
            moves.sort(key=_by_hope)
            found = self._ranked[plain] = moves
        return found

    def _most(self, plain: int) -> float:
        seen = plain & self._problem.hoped
        found = self._mosts.get(seen)
        if found is None:
            found = self._mosts[seen] = self._problem.most(seen)
        return found

    def hope_of(self, edge: Edge, state: int) -> float:
        """Return a bound of a move's value: its own outcomes as they are, and the hope after each of them."""
        if not self._bounded:
            return float("inf")
        hope = -self.price(edge)
        for chance, after, lost in edge.outcomes(state):
            hope += chance * (self.hope(after) - lost)
        return hope

    def price(self, edge: Edge) -> float:
        """Return what one try of a move costs, what sets it up included."""
        price = self._prices[edge.move]
        return price if edge.set_up is None else price + self._prices[edge.set_up]

    def hope(self, state: int) -> float:
        """Return a bound of a state's value: all tries that are left of an action are had for the price of one, and after some
        such failures everything goes well.
        """
        return self._hoped(state, self._failures)[0]

    def _hoped(self, state: int, failures: int) -> Entry[Edge]:
        hopes = self._hopes[failures]
        known = hopes.find(state)
        if known is not None:
            return known
        self._problem.checkpoint()
        hopes.hold(state)
        best, used = self.stop(state), 0
        for bound, price, edge in self.hopeful(state, best):
            if bound <= best:
                break
            if state & edge.last:
                continue
            if failures and edge.last:
                worth, uses = self._hoped_with_misses(edge, state, best + price, failures)
            else:
                worth, _, _, uses = self._hoped(edge.well(state), failures)
            if worth - price > best:
                best, used = worth - price, uses | edge.move.field
        return hopes.keep(state, best, None, used)

    def _hoped_with_misses(self, edge: Edge, state: int, least: float, failures: int) -> tuple[float, int]:
        """Return what a move that may fail is worth at best, its price aside, and the counters that this makes use of; `least`
        where it is not known to be worth more.
        """
        move, bliss, uncounted = edge.move, self.bliss, self._uncounted
        well, missed = edge.well(state), edge.missed(state, move.last)
        ruined = edge.ruined(state, move.last) if move.action.ruins else missed
        hopes = bliss(edge.then), bliss(missed & uncounted), bliss(ruined & uncounted)
        used = 0
        for good, left, bad in move.together(move.missed(state)):
            total = good * hopes[0] + left * hopes[1] + bad * (hopes[2] - move.action.stake)
            uses = 0
            for chance, hope, then, more in ((good, hopes[0], well, 0), (left, hopes[1], missed, 1), (bad, hopes[2], ruined, 1)):
                if not chance:
                    continue
                if total <= least:
                    break
                worth, _, _, its = self._hoped(then, failures - more)
                total += chance * (worth - hope)
                uses |= its
            if total > least:
                least, used = total, uses
        return least, used

    def _at_best(self, edge: Edge) -> float:
        return self.bliss(edge.then) - self.price(edge) if self._bounded else float("inf")

    def bliss(self, state: int) -> float:
        """Return a bound of a state's hope: what it would be worth if everything went well.

        It is a bound because a success never leaves less to hope for than a failure.
        """
        known = self._blisses.get(state)
        if known is not None:
            return known
        self._blisses[state] = float("-inf")
        best = self.stop(state)
        for bound, _, _ in self.hopeful(state, best)[:1]:
            best = max(best, bound)
        self._blisses[state] = best
        return best

    def stop(self, state: int) -> float:
        """Return what stopping here is worth; a phone that cannot be given back so is worth nothing, and is closed up."""
        seen = state & self._problem.judged
        found = self._stops.get(seen)
        if found is None:
            found = self._stops[seen] = self._stopped(seen)
        return found

    def _stopped(self, state: int) -> float:
        if not self._problem.may_end(state):
            return -sum(price for mask, price in self._closing if state & mask)
        return sum(goal.worth * self._problem.holds(state, i) for i, goal in enumerate(self._problem.goals))
