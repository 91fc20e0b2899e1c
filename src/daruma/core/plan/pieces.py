"""One kind of part planned alone, and a store of such plans for tables on which the part looks the same."""

from __future__ import annotations

from collections.abc import Callable

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.plan.actions import Action
from daruma.core.plan.policy import Expected, Policy
from daruma.core.plan.table import Alone, Look


class Piece(Struct, frozen=True):
    """Hold one kind of part, planned alone."""

    alone: Alone
    policy: Policy
    expected: Expected
    path: tuple[Action, ...]

    @property
    def spent(self) -> float:
        """Return what is expected to be spent on it, of its own."""
        goals = self.alone.problem.goals
        return sum(goal.worth * chance for goal, chance in zip(goals, self.expected.chances, strict=True)) - self.expected.value

    def chance(self, term: int) -> float:
        """Return the chance that it does its share of a promise, by its place in the assignment."""
        return self.expected.chances[self.alone.terms.index(term)]

    def left_alone(self) -> Piece:
        """Return that nothing is done with it."""
        none = Expected(tuple(0.0 for _ in self.alone.terms), 0.0, 0.0, 0.0, 0.0, 0.0, 0.0)
        return replace(self, expected=none, path=())


class Pieces:
    """Keep parts that were planned: by what was asked of them, and by all that their kind saw of the table."""

    def __init__(self) -> None:
        self._known: dict[tuple[object, ...], list[tuple[Look, Piece]]] = {}

    def get(self, asked: tuple[object, ...], look: Look, make: Callable[[], Piece]) -> Piece:
        """Return a part as it was planned before for a table on which it looks the same; else as it is made now."""
        kept = self._known.setdefault(asked, [])
        for known, piece in kept:
            if known == look:
                return piece
        piece = make()
        kept.append((look, piece))
        return piece
