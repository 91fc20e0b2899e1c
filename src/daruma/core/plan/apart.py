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

from msgspec.structs import replace

from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.ceiling import FAILURES, Ceiling
from daruma.core.plan.joining import Joined, joined
from daruma.core.plan.joint import Joint
from daruma.core.plan.pieces import Piece, Pieces
from daruma.core.plan.policy import Policy
from daruma.core.plan.sparing import Sparing
from daruma.core.plan.table import Assignment, Table

_ROUNDS = 6  # shared steps and worths settle in two or three
_SLACK = 1.0  # money: what is not known to be so much better for a part is not looked into
_ROUGH = 5.0  # money: the same for a first guess
_NEAR = 0.5  # money: a promise's worth to a part is not settled finer
_AMPLE = 1.5  # a part is given so many times what its work costs, so that the bound has it done
_WIDE = 15.0  # money: how much better anything could be is looked into twice where it is more
_LITTLE = 0.05  # of all that is promised: where no more than that could be gained it is not looked for once more
_REPAIRS = 6  # so many steps are given up because they do not go together with the others' work


class Apart:
    """Find the best plan of a table whose parts are planned apart."""

    def __init__(self, table: Table, pieces: Pieces) -> None:
        self.table, self.pieces = table, pieces
        self._without: frozenset[tuple[PartKind, str]] = frozenset()
        self._sparing, self._ceiling = Sparing(table.ruinous), Ceiling(table)
        self._idle: PartKind | None = None
        self._bounded: tuple[Joint, float] | None = None
        self._in_the_way: dict[PartKind, None] = {}  # the kinds beside those whose steps were given up

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
        return self._ceiling.over(self.first, _AMPLE)

    def _whole_worths(self, assignment: Assignment) -> dict[PartKind, dict[int, float]]:
        return {
            kind: {place: term.goal.worth * (kind is not self._idle) for place, term in enumerate(assignment)}
            for kind in self.table.kinds
        }

    @cached_property
    def best(self) -> Joint | None:
        """Return the best plan found; None where the parts' ways do not go together."""
        found = self._found(None)
        if found is None or self._may_be_better(found):
            # what is shared was taken to be worth its price, two parts are in each other's way, or each waits for the other
            guesses = (frozenset[str](), found.used & self.table.shared if found is not None else self.table.shared)
            again = [*map(self._found, guesses), *(self._found(None, idle) for idle in tuple(self._in_the_way))]
            found = max((joint for joint in (found, *again) if joint is not None), key=_value, default=None)
        return found if found is None or found.value > 0 else self._nothing(found)

    def _may_be_better(self, joint: Joint) -> bool:
        wide = max(_WIDE, _LITTLE * sum(term.goal.worth for term in joint.assignment))
        if self.first_bound - joint.value <= wide:
            return False
        return joint.value <= 0 or self._bound_of(joint) - joint.value > wide

    def _bound_of(self, joint: Joint) -> float:
        if self._bounded is None or self._bounded[0] is not joint:
            self._bounded = joint, self._ceiling.over(joint, _AMPLE)
        return self._bounded[1]

    def _found(self, paid: frozenset[str] | None, idle: PartKind | None = None) -> Joint | None:
        """Return the best plan found from a guess of what the phone pays for, with nothing done for an `idle` part's own sake."""
        self._without, self._idle, walkable = frozenset(), idle, None
        for _ in range(_REPAIRS):
            tried = [joint for each in self._assignments for joint in self._settlements(each, paid)]
            walkable = max(
                (joint for joint in (*tried, walkable) if joint is not None and joint.way.ok), key=_value, default=None
            )
            best = max(tried, key=_value)
            if best.way.ok or best.value <= 0:
                # giving a step up for one way may have cost more than that way was ahead of another
                return max(best, walkable or best, key=_value)
            self._without |= set(best.way.stuck.items())
            self._in_the_way.update(dict.fromkeys(kind for kind in best.pieces if kind not in best.way.stuck))
        return walkable

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

    def _settlements(self, assignment: Assignment, paid: frozenset[str] | None) -> Iterator[Joint]:
        """Yield plans from a guess of what the phone pays for; from that of all parts sharing every price also plans where it
        pays only for what every part takes.
        """
        guess, *rounds = self._settled(assignment, paid)
        yield from (guess, *rounds)
        paths = [{step.key for step in piece.path} for piece in guess.pieces.values() if piece.path]
        common = self.table.shared.intersection(*paths)
        if paid is None and paths and common < guess.paid:
            yield from self._settled(assignment, common)

    def _settled(self, assignment: Assignment, paid: frozenset[str] | None) -> list[Joint]:
        """Return the best plan found from a first guess of what the phone pays for (None: all share the price of all), then the
        others on the way there whose ways go together and that use all that they have it pay for.
        """
        worths = self._whole_worths(assignment)
        rounds, fair = list[Joint](), list[Joint]()
        for turn in range(_ROUNDS):
            whole = not turn and paid is None and assignment is self._assignments[0]
            joint = self.first if whole and not self._without and self._idle is None else self._joint(assignment, paid, worths)
            used = joint.used & self.table.shared
            rounds.append(joint)
            if joint.way.ok and (paid is None or paid <= used):
                fair.append(joint)
            then = {kind: self._worths(joint, kind) for kind in self.table.kinds}
            settled = all(abs(then[kind][place] - worth) < _NEAR for kind, old in worths.items() for place, worth in old.items())
            if settled and used == paid:
                break
            paid, worths = used, then
        best = max(rounds, key=lambda joint: (joint.paid <= joint.used, joint.value))
        return [best, *fair]

    def _worths(self, joint: Joint, kind: PartKind) -> dict[int, float]:
        """Return what each promise is worth to a kind: its money times the chance that the others do their share."""
        worths = {}
        for place, term in enumerate(joint.assignment):
            others = tuple(other for other in term.kinds if other is not kind)
            chance = _together(joint.pieces, others, place, joint.shared) * self._sparing.chance(
                joint.pieces, {*term.kinds, kind}
            )
            worths[place] = term.goal.worth * chance * (kind is not self._idle)
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
        found = min(self._bound_of(best), self.first_bound)
        # where much is left open, another way of sharing out may tell more
        return found if found - best.value <= _WIDE else min(found, self._ceiling.over(best, 0.0))

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
            policy = Policy(alone.problem, alone.prices, slack=slack, failures=FAILURES)
            start = alone.problem.start
            return Piece(alone, policy, policy.expected(start), policy.path(start))

        return self.pieces.get((kind, len(self.table.kinds), paid, without, mine, terms), self.table.look(kind), make)


def _value(joint: Joint) -> float:
    return joint.value


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
