"""The plan of a phone whose parts are planned apart: ways part by part, joined; reasons, advice and figures of the whole."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from functools import cached_property

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.advice import Advice, after_failures, first_listed
from daruma.core.plan.apart import Apart
from daruma.core.plan.cheapest import Through
from daruma.core.plan.closed import Closed, beside, closed_ways, kept_by_none, merged
from daruma.core.plan.joint import Joint
from daruma.core.plan.listing import listed, proofs_of, risk_of, route_of, unbeaten, vector
from daruma.core.plan.ordering import by_place
from daruma.core.plan.pareto import Search, front
from daruma.core.plan.pieces import Piece, Pieces
from daruma.core.plan.policy import Expected, Option
from daruma.core.plan.routes import Promise, Route, named_apart, way_of
from daruma.core.plan.setting import Setting, otherwise

_MENU = 6  # so many ways of a part are offered
_SEEN = 0.005  # chances are shown in whole per cent


class Entry(Struct, frozen=True):
    """Hold one way of a part: as a route of its own, and as a piece of the phone's plan."""

    route: Route
    piece: Piece


class Menu:
    """Hold the ways of one part, the one worth most first, and those that it does not take."""

    def __init__(self, setting: Setting, parts: Apart, piece: Piece) -> None:
        self._setting, self._parts, self._piece = setting, parts, piece
        self._search = Search(piece.alone.problem)
        self._proving = setting.proofs()

    @cached_property
    def _all(self) -> list[Entry]:
        piece, problem = self._piece, self._piece.alone.problem
        ways = [by_place(self._search, way) for way in unbeaten(self._search.run(), problem, self._proving)]
        found = []
        for way in ways:
            expected = piece.policy.along(way.actions)
            moves = tuple(move.action for move in way.moves)
            found.append(Entry(route_of(piece.policy, way, self._proving), replace(piece, expected=expected, path=moves)))
        return sorted(found, key=lambda entry: -entry.route.utility)

    @cached_property
    def entries(self) -> list[Entry]:
        """Return the ways that are offered, at last that nothing is done."""
        left = Entry(Route("", (), ()), self._piece.left_alone())
        return [*self._all[:_MENU], left]

    def entry(self, way: str) -> Entry:
        """Return the best way of the part that goes about it so; the best of all where none does."""
        kind = self._piece.alone.kind
        return next((entry for entry in self.entries if entry.route.way_on(kind) == way), self.entries[0])

    @cached_property
    def closed(self) -> tuple[Closed, ...]:
        """Return the ways that the part does not take, and its promises that none keeps."""
        alone = self._piece.alone
        share = self._parts.table.paying(self._parts.paid)
        seen = (self._parts.table.seen(alone.kind, each, alone.prices, share(each.key)) for each in self._setting.actions)
        actions = [action for action in seen if action is not None]
        through = Through(self._search, alone.prices, lambda way: vector(way, alone.problem, self._proving))
        routes = named_apart([entry.route for entry in self._all])
        found = closed_ways(alone.problem, actions, routes, through, otherwise())
        return tuple(beside(each, self._setting, self._parts.table.own[alone.kind], otherwise()) for each in found)


class Parted:
    """Make the plan of a phone from those of its parts."""

    def __init__(self, setting: Setting, parts: Apart) -> None:
        assert parts.best is not None
        self._setting, self._parts, self._best = setting, parts, parts.best
        self._table, self._whole = parts.table, parts.table.whole
        self._search = Search(self._whole)
        self._proving = setting.proofs()
        self._menus = {kind: Menu(setting, parts, piece) for kind, piece in parts.best.pieces.items()}

    @property
    def pieces(self) -> Pieces:
        """Return the parts that were planned for it."""
        return self._parts.pieces

    @cached_property
    def routes(self) -> tuple[Route, ...]:
        """Return the ways of the phone: the best of each part together, each other one with the best of the rest."""
        firsts = {kind: menu.entries[0].piece for kind, menu in self._menus.items()}
        choices = [{}, *({kind: entry.piece} for kind, menu in self._menus.items() for entry in menu.entries[1:])]
        found = [route for choice in choices if (route := self._route({**firsts, **choice})) is not None]
        ranked = sorted(found, key=lambda route: -route.utility)
        return tuple(named_apart(listed(front(ranked, lambda route: route.vector()))))

    def combined(self, ways: Mapping[PartKind, str]) -> Route | None:
        """Return the phone's way that goes about each part as it is wanted; None where that does not go together."""
        return self._route({kind: menu.entry(ways.get(kind, "")).piece for kind, menu in self._menus.items()})

    def _route(self, pieces: Mapping[PartKind, Piece]) -> Route | None:
        """Return the phone's way from one for each part; None where these do not go together."""
        joint = self._parts.valued(self._best.assignment, self._parts.paid, pieces)
        if not joint.way.ok or not joint.way.steps:
            return None
        found = self._search.along(joint.way.steps)
        if not any(found.chances):
            return None
        promises = tuple(
            Promise(
                goal.function,
                chance,
                factors,
                self._whole.holds(found.state, i) if chance else 1.0,
                joint.chances[i],
                self._risk(joint, found.actions, i, factors) if joint.chances[i] < chance - _SEEN else None,
            )
            for i, (goal, chance, factors) in enumerate(zip(self._whole.goals, found.chances, found.factors, strict=True))
        )
        actions = (*found.actions, *proofs_of(found, self._whole, self._proving))
        return Route(way_of(actions), actions, promises, min(joint.value, self._parts.bound))

    @staticmethod
    def _risk(joint: Joint, actions: Sequence[Action], goal: int, factors: Sequence[Action]) -> Action | None:
        """Return the step of a way whose failure takes most from a promise, by the part that keeps it least likely."""
        pieces = sorted((joint.pieces[kind] for kind in joint.assignment[goal].kinds), key=lambda piece: piece.chance(goal))
        for piece in pieces:
            risk = risk_of(piece.policy, piece.path, piece.alone.terms.index(goal), factors)
            if risk is not None:
                return next((action for action in actions if action.key == risk.key and action.way == risk.way), None)
        known = set(factors)
        left = (action for action in actions if action.chances[0] < 1 and action not in known)
        return min(left, key=lambda action: action.chances[0], default=None)

    @cached_property
    def closed(self) -> tuple[Closed, ...]:
        """Return every way that belongs to no route, and every promise that none keeps, each with its reason."""
        taken = {action.way for route in self.routes for action in route.actions}
        kept = {function for route in self.routes for function in route.kept}
        told = [self._beaten(each) for menu in self._menus.values() for each in menu.closed]
        told = [each for each in told if (each.function not in kept if each.function else not _named(each.way, taken))]
        known = {each.function for each in told}
        lost = [i for i, goal in enumerate(self._whole.goals) if goal.function not in kept and goal.function not in known]
        return merged([*told, *(kept_by_none(self._whole, i) for i in lost)])

    def _beaten(self, closed: Closed) -> Closed:
        """Return what a part says of a way, with the phone's way that has what beats it there."""
        words = set(closed.by.lower().split(", "))
        having = (route.way for route in self.routes if words <= set(route.way.lower().split(", ")))
        by = next(having, self.routes[0].way) if closed.by and self.routes else ""
        return replace(closed, by=by)

    @cached_property
    def advice(self) -> Advice:
        """Return the best next step of the phone, and what to expect."""
        steps = self._best.way.steps
        next_, set_up = (steps[0][1].action, steps[0][0]) if steps else (None, None)
        value = min(self._best.value, self._parts.bound)
        watched, after = self._after_failures()
        options = self._options()
        return Advice(
            next_,
            set_up.action if set_up else None,
            value,
            options[:3],
            watched,
            after,
            self._expected(),
            sum(piece.policy.size() for piece in self._best.pieces.values()),
            next((option for option in options if next_ and option.then and next_.key not in option.then), None),
            first_listed(next_, value, self.routes[0]) if self.routes else None,
            self._parts.bound - value,
        )

    def _options(self) -> tuple[Option, ...]:
        """Return what can be done next by any part, valued with the best of the others."""
        found: dict[str, Option] = {}
        ready = {edge.move.action.uid: edge for edge in self._whole.edges(self._whole.start)}
        for piece in self._best.pieces.values():
            less = self._best.value - piece.expected.value
            for option in piece.policy.options(piece.alone.problem.start):
                made = ready.get(option.action.uid)
                if made is None:
                    continue
                set_up = made.set_up.action if made.set_up else None
                seen = replace(option, action=made.move.action, set_up=set_up, value=option.value + less)
                if seen.action.uid not in found or seen.value > found[seen.action.uid].value:
                    found[seen.action.uid] = seen
        return tuple(sorted(found.values(), key=lambda option: -option.value))

    def _after_failures(self) -> tuple[Action | None, tuple[tuple[Action | None, float], ...]]:
        """Return the first uncertain step of the phone's way, and what is done after its failures."""
        for _, move in self._best.way.steps:
            owners = [piece for piece in self._best.pieces.values() if any(step.uid == move.action.uid for step in piece.path)]
            if move.counters and owners:
                watched, after = after_failures(owners[0].policy)
                less = self._best.value - owners[0].expected.value
                told = tuple((action and self._of_whole(action), value + less) for action, value in after)
                return watched and self._of_whole(watched), told
        return None, ()

    def _expected(self) -> Expected:
        each = [piece.expected for piece in self._best.pieces.values()]
        shared = [(self._parts.tries(action), action) for action in self._best.shared]
        return Expected(
            self._best.chances,
            sum(one.attended for one in each) + sum(tries * action.figures.attended for tries, action in shared),
            sum(one.minutes for one in each) + sum(tries * action.minutes for tries, action in shared),
            sum(one.cost for one in each) + sum(tries * action.cost for tries, action in shared),
            sum(one.writes for one in each),
            sum(one.lost for one in each),
            self._best.value,
        )

    def _of_whole(self, seen: Action) -> Action:
        """Return the phone's own action for one as a part sees it."""
        return next((action for action in self._whole.actions if action.uid == seen.uid and action.way == seen.way), seen)


def _named(way: str, taken: Iterable[str]) -> bool:
    return any(way.lower() == other.lower() for other in taken)
