"""What intake asks of a display, and how its ticket reads in a few words."""

from __future__ import annotations

from typing import TYPE_CHECKING

from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.kinds.entries import Entry, FromShelf, Told

if TYPE_CHECKING:
    from daruma.core.shelf import ShelfPart

ORIGINAL = {
    OriginalState.UNTRIED: "there, not tried yet",
    OriginalState.ANSWERS: "there, answers on the socket",
    OriginalState.DAMAGED: "there, does not answer",
    OriginalState.MISSING: "missing",
}
CHIP = {
    ChipPlace.ON_ORIGINAL: "in place on the original",
    ChipPlace.MOVED: "already moved to the new panel",
    ChipPlace.LOST: "lost",
}
KIND = {
    PanelKind.GENUINE_NEW: "genuine, new",
    PanelKind.GENUINE_USED: "genuine, used",
    PanelKind.AFTERMARKET: "aftermarket",
    PanelKind.READY_CODED: "ready-coded aftermarket",
}


def _offered(part: ShelfPart) -> str:
    writes = f" ({part.earlier_writes} writes)" if part.earlier_writes else ""
    return f"{part.maker}, {KIND[part.kind]}, {part.die[-6:]}, {part.source}{writes}"


ENTRIES = (
    Entry("original", "Original panel", ORIGINAL),
    Entry("chip", "Its touch chip", CHIP),
    Entry(
        "die",
        "New panel from the shelf",
        wide=True,
        shelf=FromShelf(_offered, lambda part: {"maker": part.maker, "kind": part.kind, "source": part.source}),
    ),
    Entry("maker", "New panel's maker", hint="maker"),
    Entry("kind", "Kind", KIND),
    Entry("source", "Where it came from", hint="bought or taken from"),
    Entry("paper_serial", "Display serial on paper", hint="if there is one", code=True),
)


def told(ticket: DisplayTicket) -> Told:
    """Return in a few words which panel is to be fitted, how the original is, and what is not known."""
    maker = f" by {ticket.maker}" if ticket.maker else ""
    missing = [] if ticket.maker else ["its maker"]
    return Told(f"{KIND[ticket.kind]}{maker}; the original {ORIGINAL[ticket.original]}", ", ".join(missing))
