"""A case: the phone, the parts that are on the table, what the bench owns, and what was promised."""

from collections.abc import Mapping
from typing import Any

from msgspec import Struct, field
from msgspec.structs import replace

from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity, PartKind, Version
from daruma.core.plan.kit import Kit
from daruma.core.plan.money import Preferences
from daruma.core.plan.odds import Record
from daruma.core.plan.rules import OrderRule


class Case(Struct, frozen=True):
    """Hold the facts that the ways of a job depend on.

    `parts` are the facts of the parts on the table, each as its own kind has them; a kind that is not there stays as it
    is. `foreign` are identities, and `unmet` conditions, of parts that stay and are not as the board expects. `history` are
    the steps done so far, each with whether it went well.
    """

    model: Model
    system: Version
    promised: tuple[Function, ...]
    parts: Mapping[PartKind, Any] = field(default_factory=dict)
    runs: bool = True
    trusted: bool = True
    foreign: frozenset[Identity] = frozenset()
    unmet: frozenset[Condition] = frozenset()
    system_name: str = "TarnOS"
    kit: Kit = Kit()
    preferences: Preferences = field(default_factory=Preferences)
    record: Record = field(default_factory=Record)
    rules: tuple[OrderRule, ...] = ()
    history: tuple[tuple[str, bool], ...] = ()

    def with_part(self, kind: PartKind, facts: Any) -> "Case":
        """Return the case with other facts of one part."""
        return replace(self, parts={**self.parts, kind: facts})
