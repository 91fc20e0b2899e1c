"""A bound of what a state is worth that grows with the sum of the parts: each part solved alone, what they share paid once.

Variables belong to the phone (public) or to a kind of part (private); kinds that a goal asks for together are one cluster.
For each cluster a problem of its own keeps its private variables, those of the phone, and every action that changes one of
them, without what it asks of other clusters. Whatever is done to the whole phone is, seen from each cluster, something
that could be done in its problem, and the prices of what is shared are charged to one cluster only. So the sum of the
clusters' best is never less than the best of the whole, whoever is charged; the least of these sums is the bound.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import replace
from enum import Enum

from daruma.core.plan.actions import Action
from daruma.core.plan.money import Prices
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Goal, Problem
from daruma.core.plan.state import Needs

Effects = Mapping[Enum, Enum]
SLACK = 2.0  # money: what is not known to be more than so much better is not looked into
MOST = 1.0  # money: where the policy found so could be more than so much below the best, everything is looked into


def split_policy(whole: Problem, prices: Prices, private: Iterable[frozenset[Enum]]) -> Policy:
    """Return the policy of a problem; `private` are the variables of each kind of part.

    Where the parts fall into several clusters, their bound says what need not be looked into, and `Policy.gap` how much
    better than the policy anything could be at most; where that is much, the policy is the best one.
    """
    clusters = clusters_of(whole, private)
    if len(clusters) < 2:
        return Policy(whole, prices)
    above = Splitting(whole, clusters, prices).bound
    loose = Policy(whole, prices, above=above, slack=SLACK)
    return loose if loose.gap <= MOST else Policy(whole, prices, above=above)


class Shares:
    """Hold the price of each action as a cluster sees it."""

    def __init__(self) -> None:
        self._prices: dict[int, float] = {}
        self._kept: list[Action] = []

    def charge(self, action: Action, price: float) -> Action:
        """Charge a price for an action."""
        self._prices[id(action)] = price
        self._kept.append(action)  # as long as it lives, nothing else has its id
        return action

    def price(self, action: Action) -> float:
        """Return what one try of an action is charged."""
        return self._prices[id(action)]


class Cluster:
    """One cluster of parts: its policy where it pays for what is shared, and where others do."""

    def __init__(self, whole: Problem, own: frozenset[Enum], private: frozenset[Enum], prices: Prices) -> None:
        self._whole, self._own, self._prices = whole, own, prices
        self._foreign = private - own
        self.paying, self.free, self.leading = self._policy(True), self._policy(False), self._policy(True, leads=True)
        self._keep = whole.uncounted
        for move in self.paying.problem.moves:
            self._keep |= ~move.forget if move.counters else 0
        foreign = sum(bit for var in self._foreign for bit in whole.packing.places.get(var, {}).values())
        self._seen_of = self._keep & ~foreign
        self._known: dict[int, tuple[float, float, float]] = {}

    def worth(self, state: int) -> tuple[float, float, float]:
        """Return what the cluster is worth at most in a state of the whole: where it pays for what is shared, where it does
        not, and where it pays and what others could bring comes for nothing.
        """
        seen = state & self._seen_of
        found = self._known.get(seen)
        if found is None:
            own = state & self._keep
            paying, free, leading = (
                policy.value(policy.problem.tidied(own)) for policy in (self.paying, self.free, self.leading)
            )
            found = self._known[seen] = paying, free, leading
        return found

    def _policy(self, pays: bool, *, leads: bool = False) -> Policy:
        whole, shares = self._whole, Shares()
        found = (self._seen(action, shares, pays=pays) for action in whole.actions)
        closing = [
            (need, tuple(shares.charge(action, self._prices.price(action)) for action in left)) for need, left in whole.closed_by
        ]
        problem = Problem(
            whole.unpack(whole.start),
            [action for action in found if action is not None],
            [made for goal in whole.goals if (made := self._goal(goal, pays=pays, leads=leads)) is not None],
            [need for need in whole.end_needs if need.var not in self._foreign],
            [doubt for doubt in whole.doubts if doubt.var in self._own],
            closing if pays else (),
            whole.checkpoint,
            like=whole,
        )
        return Policy(problem, shares)

    def _seen(self, action: Action, shares: Shares, *, pays: bool) -> Action | None:
        """Return an action as the cluster sees it, charged with its share; None where it changes nothing there."""
        effects, miss, ruined = (self._mine(part) for part in (action.effects, action.miss, action.ruined))
        if not (effects or miss or ruined):
            return None
        changed = {*action.effects, *action.miss, *action.ruined}
        mine, others = bool(changed & self._own), bool(changed & self._foreign)
        shared = bool(changed - self._own - self._foreign)
        full = self._prices.price(action)
        base = full - action.extra_cost if shared else 0.0
        special = (mine and not others) or (not (mine or others) and pays)
        price = (base if pays else 0.0) + (full - base if special else 0.0)
        return shares.charge(
            replace(
                action,
                conditions=tuple(need for need in action.conditions if need.var not in self._foreign),
                effects=effects,
                miss=miss,
                ruined=ruined,
                stake=action.stake if special else 0.0,
                counts_with=action.counts_with or action.key,
            ),
            price,
        )

    def _goal(self, goal: Goal, *, pays: bool, leads: bool) -> Goal | None:
        """Return a goal as the cluster sees it. One that asks for nobody's work is counted with who pays; those of others only
        where the cluster leads: then they come for nothing where work may stop.
        """
        asked = _asked(goal, self._whole.end_needs)
        nobodys = not asked & (self._own | self._foreign)
        if not (asked & self._own or leads or (nobodys and pays)):
            return None
        own = (tuple(need for need in option if need.var not in self._foreign) for option in goal.alternatives)
        return replace(goal, alternatives=tuple(own))

    def _mine(self, effects: Effects) -> dict[Enum, Enum]:
        return {var: val for var, val in effects.items() if var not in self._foreign}


class Splitting:
    """Bound the states of a problem by its clusters."""

    def __init__(self, whole: Problem, clusters: Sequence[frozenset[Enum]], prices: Prices) -> None:
        private = frozenset().union(*clusters)
        self._clusters = [Cluster(whole, own, private, prices) for own in clusters]
        self._known: dict[int, float] = {}

    def bound(self, state: int) -> float:
        """Return a bound of what a state is worth."""
        found = self._known.get(state)
        if found is None:
            worth = [cluster.worth(state) for cluster in self._clusters]
            # whoever pays and whoever leads, it is a bound
            paid = sum(free for _, free, _ in worth) + min(pays - free for pays, free, _ in worth)
            found = self._known[state] = min(paid, *(leading for *_, leading in worth))
        return found


def clusters_of(whole: Problem, private: Iterable[frozenset[Enum]]) -> list[frozenset[Enum]]:
    """Return the private variables in clusters: sets that some goal asks for together are one; what nothing changes is in
    none.
    """
    changed = {var for action in whole.actions for part in (action.effects, action.miss, action.ruined) for var in part}
    clusters = [own for own in private if own & changed]
    for goal in whole.goals:
        asked = _asked(goal, whole.end_needs)
        touched = [cluster for cluster in clusters if cluster & asked]
        if len(touched) > 1:
            clusters = [cluster for cluster in clusters if not cluster & asked] + [frozenset().union(*touched)]
    return clusters


def _asked(goal: Goal, ends: Sequence[Needs]) -> set[Enum]:
    """Return what a goal asks for besides what must hold wherever work stops."""
    return {need.var for conjunction in goal.alternatives for need in conjunction if need not in ends}
