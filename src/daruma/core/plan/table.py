"""The parts on the table, each seen alone: what of a problem is whose, and what each part sees of the rest.

Variables belong to the phone (public) or to a kind of part (private). From where one kind stands, the problem is its own
variables and those of the phone, every action that changes one of them, and nothing of what these ask of other kinds.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Mapping
from enum import Enum
from functools import cached_property
from itertools import islice, product

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action, Heat
from daruma.core.plan.beside import Beside, cheapest
from daruma.core.plan.money import Prices
from daruma.core.plan.problem import Goal, Problem
from daruma.core.plan.state import Conjunction, Needs

CLOSING = "fit"  # who stops with an open phone closes it; where others close it anyway, that costs nothing
_LEAST = 0.01  # money: what costs nothing would be done for nothing
MOST_ASSIGNMENTS = 6  # so many choices of how promises are to be kept are looked into


class Shares:
    """Hold the price of each action as one kind of part is charged."""

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


class Term(Struct, frozen=True):
    """Hold one promise and the kinds of parts that it is to be kept by, with the alternatives that ask for just these."""

    goal: Goal
    kinds: tuple[PartKind, ...]
    alternatives: tuple[Conjunction, ...]


Assignment = tuple[Term, ...]
Share = Callable[[str], float]
Look = tuple[object, ...]


class Alone(Struct, frozen=True):
    """Hold the problem of one kind of part and what it is charged in it; `terms` are the places of its promises."""

    kind: PartKind
    problem: Problem
    prices: Shares
    terms: tuple[int, ...]


class _View(Struct, frozen=True):
    """Hold an action as a kind sees it, what a try of it costs, whether it is shared, changes something of the kind, or of any
    part; `besides` is what it costs besides for the kind where nothing was done on it.
    """

    seen: Action
    price: float
    shared: bool
    own: bool
    special: bool
    besides: float


class Table:
    """Take a problem apart by the kinds of parts; `private` are the variables of each kind."""

    def __init__(self, whole: Problem, private: Mapping[PartKind, frozenset[Enum]], prices: Prices) -> None:
        self.whole, self.prices = whole, prices
        changed = {var for action in whole.actions for var in _changed(action)}
        self.own = {kind: own for kind, own in private.items() if own & changed}
        self._all: frozenset[Enum] = frozenset().union(*self.own.values())
        self._foreign: dict[PartKind, frozenset[Enum]] = {}
        self._viewed: dict[PartKind, tuple[_View, ...]] = {}
        self._looks: dict[PartKind, Look] = {}
        self._besides: dict[tuple[PartKind, str], Beside] = {}

    @property
    def kinds(self) -> tuple[PartKind, ...]:
        """Return the kinds of parts that something can be done with."""
        return tuple(self.own)

    def is_shared(self, action: Action) -> bool:
        """Return whether an action is of the phone, or of several parts at once."""
        changed = _changed(action)
        return bool(changed - self._all) or sum(bool(changed & own) for own in self.own.values()) > 1

    @cached_property
    def ruinous(self) -> frozenset[str]:
        """Return the keys of the actions whose failure may ruin something of the phone, that no part has to itself."""
        return frozenset(action.key for action in self.whole.actions if not self._all.issuperset(action.ruined))

    def is_special(self, action: Action) -> bool:
        """Return whether an action that is shared changes something of a part."""
        return bool(_changed(action) & self._all)

    def besides(self, kind: PartKind, key: str) -> Beside:
        """Return what a shared step costs besides for a part on which nothing was done, in its cheapest way."""
        found = self._besides.get((kind, key))
        if found is None:
            found = self._besides[kind, key] = self._cheapest(kind, key)
        return found

    def _cheapest(self, kind: PartKind, key: str) -> Beside:
        own = self.own[kind]
        mine = [action for action in self.whole.actions if _changed(action) & own]
        before = [action for action in mine if action.straight == 1.0 and not self.is_shared(action)]
        step = [action for action in mine if action.key == key]
        found = cheapest(own, self.whole.unpack(self.whole.start), step, before, self.prices)
        return replace(found, steps=tuple(replace(each, effects=self.mine(kind, each.effects)) for each in found.steps))

    def paying(self, paid: frozenset[str] | None) -> Share:
        """Return what a part is charged where the phone pays for some of what is shared: nothing for these, the others in full.

        With None all parts share all prices alike.
        """
        even = 1.0 / len(self.own)
        return lambda key: even if paid is None else float(key not in paid)

    @cached_property
    def shared(self) -> frozenset[str]:
        """Return the keys of what is shared."""
        return frozenset(action.key for action in self.whole.actions if self.is_shared(action))

    # -- promises

    def assignments(self) -> Iterator[Assignment]:
        """Yield the ways to share out the promises: which kinds are to keep each."""
        return islice(product(*map(self._terms, self.whole.goals)), MOST_ASSIGNMENTS)

    def _terms(self, goal: Goal) -> list[Term]:
        groups: dict[tuple[PartKind, ...], list[Conjunction]] = {}
        for option in filter(self.whole.is_hopeful, goal.alternatives):
            asked = {need.var for need in option if need not in self.whole.end_needs}
            # what asks for the phone alone still asks that it is closed again: one of the parts sees to that
            kinds = tuple(kind for kind, own in self.own.items() if own & asked) or self.kinds[:1]
            groups.setdefault(kinds, []).append(option)
        return [Term(goal, kinds, tuple(options)) for kinds, options in groups.items()] or [Term(goal, (), ())]

    # -- one kind alone

    def alone(
        self,
        kind: PartKind,
        terms: Assignment,
        worths: Mapping[int, float],
        share: Share,
        without: frozenset[str] = frozenset(),
    ) -> Alone:
        """Return a kind's own problem, its promises worth so much, its share of what is shared and of closing the phone; actions
        with the keys `without` are left out.
        """
        whole, shares, closing = self.whole, Shares(), share(CLOSING)
        views = [view for view in self._views(kind) if view.seen.key not in without]
        closing_by = [
            (need, tuple(shares.charge(_scaled(each, closing), closing * self.prices.price(each)) for each in left))
            for need, left in whole.closed_by
        ]
        mine = [place for place, term in enumerate(terms) if kind in term.kinds]
        goals = [
            replace(
                terms[place].goal,
                worth=worths[place],
                alternatives=tuple(self._needs(kind, option) for option in terms[place].alternatives),
            )
            for place in mine
        ]
        problem = Problem(
            {var: val for var, val in whole.unpack(whole.start).items() if var not in self.foreign(kind)},
            [self._charged(view, shares, share(view.seen.key)) for view in views],
            goals,
            self._needs(kind, whole.end_needs),
            [doubt for doubt in whole.doubts if doubt.var in self.own[kind]],
            closing_by,
            whole.checkpoint,
        )
        return Alone(kind, problem, shares, tuple(mine))

    def look(self, kind: PartKind) -> Look:
        """Return all that a kind sees of the table, so that two tables can be told to be the same to it."""
        found = self._looks.get(kind)
        if found is None:
            whole, foreign = self.whole, self.foreign(kind)
            start = frozenset((var, val) for var, val in whole.unpack(whole.start).items() if var not in foreign)
            doubts = tuple(doubt for doubt in whole.doubts if doubt.var in self.own[kind])
            closing = tuple((need, tuple(map(self.prices.price, left)), left) for need, left in whole.closed_by)
            found = self._looks[kind] = (start, self._views(kind), self._needs(kind, whole.end_needs), doubts, closing)
        return found

    def foreign(self, kind: PartKind) -> frozenset[Enum]:
        """Return the variables of the other kinds."""
        found = self._foreign.get(kind)
        if found is None:
            found = self._foreign[kind] = self._all - self.own[kind]
        return found

    def mine(self, kind: PartKind, effects: Mapping[Enum, Enum]) -> dict[Enum, Enum]:
        """Return what of effects a kind sees."""
        return {var: val for var, val in effects.items() if var not in self.foreign(kind)}

    def seen(self, kind: PartKind, action: Action, shares: Shares, share: float) -> Action | None:
        """Return an action as a kind sees it, charged with its share where it is shared; None where it changes nothing there."""
        view = self._view(kind, action)
        return None if view is None else self._charged(view, shares, share)

    def _views(self, kind: PartKind) -> tuple[_View, ...]:
        found = self._viewed.get(kind)
        if found is None:
            views = (self._view(kind, action) for action in self.whole.actions)
            found = self._viewed[kind] = tuple(view for view in views if view is not None)
        return found

    def _view(self, kind: PartKind, action: Action) -> _View | None:
        effects, miss, ruined = (self.mine(kind, part) for part in (action.effects, action.miss, action.ruined))
        if not (effects or miss or ruined):
            return None
        seen = replace(
            action,
            conditions=self._needs(kind, action.conditions),
            effects=effects,
            miss=miss,
            ruined=ruined,
            counts_with=action.counts_with or action.key,
        )
        special = _changed(action) & self._all
        own, shared = bool(special & self.own[kind]), self.is_shared(action)
        besides = self.besides(kind, action.key).price if shared and own else 0.0
        return _View(seen, self.prices.price(action), shared, own, bool(special), besides)

    @staticmethod
    def _charged(view: _View, shares: Shares, share: float) -> Action:
        seen, full = view.seen, view.price
        if not view.shared:
            return shares.charge(seen, full)
        extra = seen.extra_cost if view.own or not view.special else 0.0
        if view.own and not share:
            extra -= view.besides
        stake = seen.stake if view.own else seen.stake * share if not view.special else 0.0
        scaled = replace(_scaled(seen, share), extra_cost=extra, stake=stake)
        return shares.charge(scaled, share * (full - seen.extra_cost) + extra or _LEAST)

    def _needs(self, kind: PartKind, needs: Iterable[Needs]) -> Conjunction:
        foreign = self.foreign(kind)
        return tuple(need for need in needs if need.var not in foreign)


def _scaled(action: Action, share: float) -> Action:
    """Return an action with its share of minutes and money."""
    if share >= 1:
        return action
    its = action.figures
    heat = its.heat if share else Heat.NONE
    figures = replace(its, attended=its.attended * share, waiting=its.waiting * share, cost=its.cost * share, heat=heat)
    return replace(action, figures=figures)


def _changed(action: Action) -> frozenset[Enum]:
    return frozenset((*action.effects, *action.miss, *action.ruined))
