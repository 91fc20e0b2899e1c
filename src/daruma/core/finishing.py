"""The phone's own finishing: where a part comes from decides what the parts page says for ever; pages as they were read."""

from enum import Enum

from msgspec import Struct

from daruma.core.language import tr, word
from daruma.core.parts import PartKind, PartStatus


class Origin(Enum):
    """Say where a genuine part comes from, as far as the phone's finishing asks for it."""

    NEW = "genuine, sealed"
    USED = "genuine, was in another phone"
    LOCKED = "genuine, locked to an account"


ORIGIN_WORDS = {origin: word(origin) for origin in Origin}
ORIGIN_GRADES = {origin.name.lower(): word(origin) for origin in Origin}
USED_FOR_EVER = tr(
    "A part that was bound elsewhere says used from then on, even back in its own phone: never swap parts only to try."
)
OWNER_ONLY = tr("Only its owner can release it; a shop must not try to get round that.")


def origin_of(grade: str) -> Origin:
    """Return the origin behind the grade of a part on the shelf; used where there is no such grade."""
    return Origin[grade.upper()] if grade in ORIGIN_GRADES else Origin.USED


class PageLine(Struct, frozen=True):
    """Hold what the parts page says of one part, and whether it puts up a notice."""

    part: PartKind
    status: PartStatus
    notice: bool


class PartsPage(Struct, frozen=True):
    """Hold the parts page as it was read."""

    when: str
    lines: tuple[PageLine, ...]

    def line(self, part: PartKind) -> PageLine | None:
        """Return what it says of a part; None where it does not list it."""
        return next((line for line in self.lines if line.part is part), None)
