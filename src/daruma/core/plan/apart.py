"""Plan the parts on the table apart, each in a problem of its own, what they share paid by the phone once.

What joins the parts are the steps that they share and the promises that ask for several of them. So it is looked for which
shared steps are worth paying (each part is then planned as if they cost nothing), and what a promise is worth to a part:
its money times the chance that the others do theirs. Both are settled by turns until nothing changes. A plan found so can
be followed; how much better any plan could be is bounded by charging the parts with the shared prices instead.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from functools import cached_property
from math import prod

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.bounds import Bounds
from daruma.core.plan.joining import Joined, joined
from daruma.core.plan.pieces import Piece, Pieces
from daruma.core.plan.policy import Policy
from daruma.core.plan.sparing import Sparing
from daruma.core.plan.table import Assignment, Table

_ROUNDS = 6  # shared steps and worths settle in two or three
_SLACK = 1.0  # money: what is not known to be so much better for a part is not looked into
_ROUGH = 5.0  # money: the same for a first guess
_FAILURES = 2  # so many failures are looked at before a bound takes all to go well: parts have many ways back
_NEAR = 0.5  # money: a promise's worth to a part is not settled finer
_AMPLE = 1.5  # a part is given so many times what its work costs, so that the bound has it done
_WIDE = 15.0  # money: how much better anything could be is looked into twice where it is more
_REPAIRS = 6  # so many steps are given up because they do not go together with the others' work


class Joint(Struct, frozen=True):
    """Hold the parts planned apart, and what that is worth together; `shared` are the steps that the phone pays for."""

    assignment: Assignment
    pieces: Mapping[PartKind, Piece]
    paid: frozenset[str]
    shared: tuple[Action, ...]
    chances: tuple[float, ...]
    value: float
    way: Joined

    @property
    def used(self) -> frozenset[str]:
        """Return the keys of what any part does."""
        return frozenset(step.key for piece in self.pieces.values() for step in piece.path)


class Apart:
    """Find the best plan of a table whose parts are planned apart."""

    def __init__(self, table: Table, pieces: Pieces) -> None:
        self.table, self.pieces = table, pieces
        self._without: frozenset[tuple[PartKind, str]] = frozenset()
        self._sparing = Sparing(table.ruinous)

    @cached_property
    def _assignments(self) -> tuple[Assignment, ...]:
        return tuple(self.table.assignments())

    @cached_property
    def first(self) -> Joint:
        """Return a first plan: promises kept by whom they are mostly kept by, every part charged alike for what is shared."""
        assignment = self._assignments[0]
        return self._joint(assignment, None, self._whole_worths(assignment))

    @cached_property
    def first_bound(self) -> float:
        """Return what nothing is worth more than, as far as the first plan tells."""
        return self._bound_by(self.first, _AMPLE)

    def _whole_worths(self, assignment: Assignment) -> dict[PartKind, dict[int, float]]:
        return {kind: {place: term.goal.worth for place, term in enumerate(assignment)} for kind in self.table.kinds}

    @cached_property
    def best(self) -> Joint | None:
        """Return the best plan found; None where the parts' ways do not go together."""
        for _ in range(_REPAIRS):
            found = [joint for each in self._assignments for joint in self._settlements(each)]
            best = max(found, key=lambda joint: joint.value)
            if best.value <= 0:
                return self._nothing(best)
            if best.way.ok:
                return best
            self._without |= set(best.way.stuck.items())
        return None

    @staticmethod
    def _nothing(joint: Joint) -> Joint:
        """Return that nothing is done."""
        pieces = {kind: piece.left_alone() for kind, piece in joint.pieces.items()}
        none = tuple(0.0 for _ in joint.chances)
        return replace(joint, pieces=pieces, shared=(), chances=none, value=0.0, way=Joined((), {}))

    @property
    def paid(self) -> frozenset[str]:
        """Return the keys of what the phone pays for in the best plan."""
        return self.best.paid if self.best is not None else frozenset()

    @property
    def size(self) -> int:
        """Return how many states the parts could have together."""
        return prod(piece.policy.size() for piece in self.best.pieces.values()) if self.best is not None else 0

    def _settlements(self, assignment: Assignment) -> Iterator[Joint]:
        """Yield plans from two guesses of what the phone pays for: what the parts take where all share its price, and of that
        only what every part takes.
        """
        guess = self._settled(assignment, None)
        yield guess
        paths = [{step.key for step in piece.path} for piece in guess.pieces.values() if piece.path]
        common = self.table.shared.intersection(*paths)
        if paths and common < guess.paid:
            yield self._settled(assignment, common)

    def _settled(self, assignment: Assignment, paid: frozenset[str] | None) -> Joint:
        """Return the best plan found from a first guess of what the phone pays for (None: all share the price of all)."""
        worths = self._whole_worths(assignment)
        best: Joint | None = None
        for turn in range(_ROUNDS):
            known = not turn and paid is None and assignment is self._assignments[0]
            joint = self.first if known else self._joint(assignment, paid, worths)
            used = joint.used & self.table.shared
            if best is None or (paid is not None and paid <= used, joint.value) > (best.paid <= best.used, best.value):
                best = joint
            then = {kind: self._worths(joint, kind) for kind in self.table.kinds}
            settled = all(abs(then[kind][place] - worth) < _NEAR for kind, old in worths.items() for place, worth in old.items())
            if settled and used == paid:
                break
            paid, worths = used, then
        assert best is not None
        return best

    def _worths(self, joint: Joint, kind: PartKind) -> dict[int, float]:
        """Return what each promise is worth to a kind: its money times the chance that the others do their share."""
        worths = {}
        for place, term in enumerate(joint.assignment):
            others = tuple(other for other in term.kinds if other is not kind)
            chance = _together(joint.pieces, others, place, joint.shared) * self._sparing.chance(
                joint.pieces, {*term.kinds, kind}
            )
            worths[place] = term.goal.worth * chance
        return worths

    def _joint(
        self, assignment: Assignment, paid: frozenset[str] | None, worths: Mapping[PartKind, Mapping[int, float]]
    ) -> Joint:
        pieces = {kind: self._piece(kind, assignment, paid, worths[kind]) for kind in self.table.kinds}
        return self.valued(assignment, paid, pieces)

    def valued(self, assignment: Assignment, paid: frozenset[str] | None, pieces: Mapping[PartKind, Piece]) -> Joint:
        """Return what parts planned so are worth together, and the way that joins theirs."""
        paths, plain = self._paths(pieces), {kind: piece.path for kind, piece in pieces.items()}
        way = joined(self.table, paths)
        dearer = not way.ok and paths != plain
        if dearer:  # what makes it cheapest for the others is in a part's way
            way = joined(self.table, plain)
        shared = self._shared(pieces, paid)
        done = any(piece.path for piece in pieces.values())
        chances = tuple(
            self._sparing.chance(pieces, term.kinds)
            * (_together(pieces, term.kinds, place, shared) if term.kinds else float(done and bool(term.alternatives)))
            for place, term in enumerate(assignment)
        )
        kept = sum(term.goal.worth * chance for term, chance in zip(assignment, chances, strict=True))
        spent = (
            sum(piece.spent for piece in pieces.values())
            + sum(map(self.price, shared))
            + self._besides(pieces, paid, dearer=dearer)
        )
        return Joint(assignment, pieces, self.table.shared if paid is None else paid, shared, chances, kept - spent, way)

    def _besides(self, pieces: Mapping[PartKind, Piece], paid: frozenset[str] | None, *, dearer: bool) -> float:
        """Return what shared steps cost besides for parts that the phone pays them for, or on which nothing was done."""
        used = {step.key for piece in pieces.values() for step in piece.path} & self.table.shared
        own = {kind: {step.key for step in piece.path} - (paid or frozenset()) for kind, piece in pieces.items()}
        found = ((piece, self.table.besides(kind, key)) for kind, piece in pieces.items() for key in used - own[kind])
        return sum(each.alone if dearer and not piece.path else each.price for piece, each in found)

    def _paths(self, pieces: Mapping[PartKind, Piece]) -> dict[PartKind, tuple[Action, ...]]:
        """Return the parts' ways, and of those on which nothing is done what makes a shared step cheapest for them."""
        used = self.table.shared.intersection(step.key for piece in pieces.values() for step in piece.path)
        found = {}
        for kind, piece in pieces.items():
            beside = (self.table.besides(kind, key).steps for key in used) if not piece.path else ()
            found[kind] = piece.path or next(filter(None, beside), ())
        return found

    def _shared(self, pieces: Mapping[PartKind, Piece], paid: frozenset[str] | None) -> tuple[Action, ...]:
        """Return the steps that the phone pays for: what any part takes, as often as the part that takes it most."""
        most: dict[str, list[Action]] = {}
        for piece in pieces.values():
            mine: dict[str, list[Action]] = {}
            for step in piece.path:
                if step.key in (self.table.shared if paid is None else paid):
                    mine.setdefault(step.key, []).append(step)
            for key, steps in mine.items():
                most[key] = max(most.get(key, []), steps, key=len)
        return tuple(self._whole_of(step) for steps in most.values() for step in steps)

    def _whole_of(self, step: Action) -> Action:
        """Return a step as the phone pays for it: without what it costs one part besides."""
        found = next(action for action in self.table.whole.actions if action.uid == step.uid and action.way == step.way)
        return replace(found, extra_cost=0.0, stake=0.0 if self.table.is_special(found) else found.stake)

    @cached_property
    def bound(self) -> float:
        """Return what nothing is worth more than."""
        best = self.best
        assert best is not None
        found = min(self._bound_by(best, _AMPLE), self.first_bound)
        # where much is left open, another way of sharing out may tell more
        return found if found - best.value <= _WIDE else min(found, self._bound_by(best, 0.0))

    def _bound_by(self, joint: Joint, ample: float) -> float:
        """Return a bound: each promise shared out among the parts that are to keep it, the price of what is shared charged to the
        parts that take it, to each its share.

        It is one however that is shared out, since a promise is never likelier than any part keeps it. It is near where each
        part has as much of the promises as pays for its work, `ample` times, and the one that keeps them least likely the rest.
        """
        worths: dict[PartKind, dict[int, float]] = {kind: {} for kind in self.table.kinds}
        sure = 0.0
        wanted = {kind: self._wanted(joint, kind, ample) for kind in self.table.kinds}
        for place, term in enumerate(joint.assignment):
            kinds = sorted(term.kinds, key=lambda kind: joint.pieces[kind].chance(place))
            if not kinds:
                sure += term.goal.worth * bool(term.alternatives)
                continue
            left = 1.0
            # a promise that is given up is left to the part that gives it up
            for kind in kinds[1:] if joint.pieces[kinds[0]].chance(place) else ():
                share = min(left, wanted[kind])
                worths[kind][place] = term.goal.worth * share
                left -= share
            worths[kinds[0]][place] = term.goal.worth * left
        takers = {kind: {step.key for step in piece.path} for kind, piece in joint.pieces.items()}
        return sure + sum(self._most(kind, joint.assignment, worths[kind], takers) for kind in self.table.kinds)

    @staticmethod
    def _wanted(joint: Joint, kind: PartKind, ample: float) -> float:
        """Return the share of the promises it has with others that pays `ample` times for a part's work."""
        piece = joint.pieces[kind]
        mine = [(place, term) for place, term in enumerate(joint.assignment) if kind in term.kinds and joint.chances[place]]
        alone, together = (
            sum(term.goal.worth * piece.chance(place) for place, term in mine if (len(term.kinds) > 1) is several)
            for several in (False, True)
        )
        return min(1.0, max(0.0, ample * piece.spent - alone) / together) if together else 0.0

    def _most(
        self, kind: PartKind, assignment: Assignment, worths: Mapping[int, float], takers: Mapping[PartKind, set[str]]
    ) -> float:
        """Return what a part is worth at most, if only it keeps these promises and pays its share."""

        def share(key: str) -> float:
            taking = [other for other, keys in takers.items() if key in keys] or list(takers)
            return float(kind in taking) / len(taking)

        mine = tuple(
            replace(term, kinds=(kind,) if place in worths else (), alternatives=term.goal.alternatives)
            for place, term in enumerate(assignment)
        )
        alone = self.table.alone(kind, mine, worths, share)
        return Bounds(alone.problem, alone.prices, failures=_FAILURES).hope(alone.problem.start)

    def price(self, action: Action) -> float:
        """Return what a shared step is expected to cost, with as many tries as it takes."""
        return self.tries(action) * self.table.prices.price(action) + _ruin(action) * action.stake

    @staticmethod
    def tries(action: Action) -> float:
        """Return how many tries of a shared step are expected."""
        return sum(left for left, _, _ in _attempts(action))

    def _piece(self, kind: PartKind, assignment: Assignment, paid: frozenset[str] | None, worths: Mapping[int, float]) -> Piece:
        without = frozenset(key for other, key in self._without if other is kind)
        mine = tuple((place, round(worths[place] / _NEAR)) for place, term in enumerate(assignment) if kind in term.kinds)
        terms = tuple(assignment[place].alternatives for place, _ in mine)

        def make() -> Piece:
            alone = self.table.alone(kind, assignment, worths, self.table.paying(paid), without)
            slack = _SLACK if paid is not None else _ROUGH
            policy = Policy(alone.problem, alone.prices, slack=slack, failures=_FAILURES)
            start = alone.problem.start
            return Piece(alone, policy, policy.expected(start), policy.path(start))

        return self.pieces.get((kind, len(self.table.kinds), paid, without, mine, terms), self.table.look(kind), make)


def _attempts(action: Action) -> Iterator[tuple[float, float, float]]:
    """Yield for each try the chance that it is made, that it goes well then, and that it ruins what is at stake."""
    left = 1.0
    for attempt, chance in enumerate(action.chances):
        ruin = action.ruin(attempt)
        yield left, chance, ruin
        left *= (1 - chance) * (1 - ruin)


def _ruin(action: Action) -> float:
    """Return the chance that an action, with as many tries as it takes, ruins what is at stake."""
    return sum(left * (1 - chance) * ruin for left, chance, ruin in _attempts(action))


def _together(pieces: Mapping[PartKind, Piece], kinds: Sequence[PartKind], place: int, shared: Sequence[Action]) -> float:
    """Return the chance that several kinds do their share of a promise: what they share goes well or not for all at once."""
    odds = [pieces[kind].chance(place) for kind in kinds]
    if not odds or not min(odds):
        return float(not odds)
    paths = [{step.key for step in pieces[kind].path} for kind in kinds]
    common = prod(action.straight for action in shared if all(action.key in path for path in paths))
    return min(prod(odds) / common ** (len(odds) - 1), *odds)
