"""The parts of a phone, each planned apart, and what that is worth together."""

from __future__ import annotations

from collections.abc import Mapping

from msgspec import Struct

from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.joining import Joined
from daruma.core.plan.pieces import Piece
from daruma.core.plan.table import Assignment


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
