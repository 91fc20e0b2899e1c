"""What no plan of a phone can be worth more than: its parts, each charged with its share of what they have in common."""

from __future__ import annotations

from collections.abc import Mapping

from msgspec.structs import replace

from daruma.core.parts import PartKind
from daruma.core.plan.bounds import Bounds
from daruma.core.plan.joint import Joint
from daruma.core.plan.table import Assignment, Table

FAILURES = 2  # so many failures are looked at before a bound takes all to go well: parts have many ways back


class Ceiling:
    """Tell what nothing on a table can be worth more than."""

    def __init__(self, table: Table) -> None:
        self._table = table

    def over(self, joint: Joint, ample: float) -> float:
        """Return a bound: each promise shared out among the parts that are to keep it, the price of what is shared charged to the
        parts that take it, to each its share.

        It is one however that is shared out, since a promise is never likelier than any part keeps it. It is near where each
        part has as much of the promises as pays for its work, `ample` times, and the one that keeps them least likely the rest.
        """
        worths: dict[PartKind, dict[int, float]] = {kind: {} for kind in self._table.kinds}
        sure = 0.0
        wanted = {kind: self._wanted(joint, kind, ample) for kind in self._table.kinds}
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
        return sure + sum(self._most(kind, joint.assignment, worths[kind], takers) for kind in self._table.kinds)

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
        alone = self._table.alone(kind, mine, worths, share)
        return Bounds(alone.problem, alone.prices, failures=FAILURES).hope(alone.problem.start)
