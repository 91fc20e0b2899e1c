"""What a job has seen of its parts: the records of the originals and of the new ones, what they say for the pairing model."""

from collections.abc import Mapping

from msgspec import Struct, field

from daruma.core.pairing import Condition
from daruma.core.parts import Identity, PartKind, PartSelf
from daruma.core.records import Record


class KnownPart(Struct, frozen=True):
    """Hold the records that a job has seen of a part: the source's (a backup of the original) and the new one's latest read.

    `part` is the new part as it said of itself. `own` says that the source is what the new part itself carried: that tells
    nothing of what the board expects.
    """

    source: Record | None = None
    source_chip: str | None = None
    target: Record | None = None
    part: PartSelf | None = None
    own: bool = False


class Known(Struct, frozen=True):
    """Hold what a job has seen of each of its parts."""

    parts: Mapping[PartKind, KnownPart] = field(default_factory=dict)

    def of(self, kind: PartKind) -> KnownPart:
        """Return what was seen of a part; nothing where the job has none of its kind."""
        return self.parts.get(kind, KnownPart())


class Seen(Struct, frozen=True):
    """Hold what a kind of part says for the pairing model, where something is known: the identities that it carries and the
    conditions that hold; `believed` is what the board should expect by what was kept.
    """

    carried: Mapping[Identity, str | None] = field(default_factory=dict)
    conditions: Mapping[Condition, bool] = field(default_factory=dict)
    believed: Mapping[Identity, str] = field(default_factory=dict)


def board_identities(phone: Mapping[str, str]) -> dict[Identity, str]:
    """Return the identities among what the phone said."""
    named = {identity.value: identity for identity in Identity}
    return {named[key]: value for key, value in phone.items() if key in named}
