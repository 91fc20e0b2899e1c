"""What intake asks of a part: its entries, from which card, checks and pages are made."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import TYPE_CHECKING, Any

from msgspec import Struct

from daruma.core.language import tr

if TYPE_CHECKING:
    from daruma.core.shelf import ShelfPart


class FromShelf(Struct, frozen=True):
    """Hold how parts of the shelf are offered in an entry, and what the ticket takes over from the one that is chosen."""

    words: Callable[[ShelfPart], str]
    taken: Callable[[ShelfPart], Mapping[str, Any]]


def _nothing_of(_: ShelfPart) -> Mapping[str, Any]:
    return {}


def offered(part: ShelfPart, grade: str) -> str:
    """Return how a part of the shelf is offered at intake."""
    writes = tr(" ({earlier_writes} writes)", earlier_writes=part.earlier_writes) if part.earlier_writes else ""
    said = (part.maker, grade, part.die[-6:], part.source + writes, part.place)
    return ", ".join(text for text in said if text)


def shelf_entry(
    grades: Mapping[str, str], taken: Callable[[ShelfPart], Mapping[str, Any]] = _nothing_of, label: str = tr("From the shelf")
) -> Entry:
    """Return the entry in which a part of the shelf is chosen."""
    return Entry("die", label, wide=True, shelf=FromShelf(lambda part: offered(part, grades.get(part.kind, part.kind)), taken))


class Entry(Struct, frozen=True):
    """Hold one entry of a part's ticket: the field's name, how it is called, and what may stand there.

    With `words` one of those values is chosen, with `shelf` a part of the shelf, by its die. `code` is for serials: shown
    in figures of one width, kept without spaces.
    """

    name: str
    label: str
    words: Mapping[Any, str] | None = None
    hint: str = ""
    code: bool = False
    wide: bool = False
    shelf: FromShelf | None = None


class Told(Struct, frozen=True):
    """Hold what a ticket says of a part in a few words: what is known, and what is not."""

    known: str
    missing: str = ""
