"""What the work on one part may cost the others: a board or a phone that is ruined keeps nobody's promise."""

from collections.abc import Collection, Mapping

from daruma.core.parts import PartKind
from daruma.core.plan.pieces import Piece


class Sparing:
    """Tell how likely the phone outlives the work on some of its parts."""

    def __init__(self, ruinous: frozenset[str]) -> None:
        """`ruinous` are the keys of the actions whose failure may ruin something of the phone."""
        self._ruinous = ruinous
        self._known: dict[tuple[int, frozenset[str]], float] = {}

    def chance(self, pieces: Mapping[PartKind, Piece], kinds: Collection[PartKind]) -> float:
        """Return the chance that the work on other parts than `kinds`, where it is not theirs as well, ruins nothing of the
        phone.
        """
        spared, theirs = 1.0, {step.key for kind in kinds for step in pieces[kind].path}
        for kind, piece in pieces.items():
            if kind not in kinds and piece.path:
                spared *= 1 - self._ruin(piece, self._ruinous - theirs)
                theirs |= {step.key for step in piece.path}
        return spared

    def _ruin(self, piece: Piece, keys: frozenset[str]) -> float:
        # the store of pieces keeps every policy, so that its identity stays its own
        asked = id(piece.policy), keys
        if asked not in self._known:
            self._known[asked] = piece.policy.ruin(piece.alone.problem.start, lambda action: action.key in keys)
        return self._known[asked]
