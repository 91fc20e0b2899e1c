"""What intake asks of a display, and how its ticket reads in a few words."""

from __future__ import annotations

from collections.abc import Mapping
from typing import TYPE_CHECKING, Any

from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.kinds.entries import Entry, Told, shelf_entry
from daruma.core.tri import Tri

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


GRADES = {kind.value: words for kind, words in KIND.items()}


def _taken(part: ShelfPart) -> Mapping[str, Any]:
    free = Tri.NO if Tri.YES is part.locked or part.own_flex is Tri.NO else Tri.UNKNOWN
    if part.locked is Tri.NO and part.own_flex is Tri.YES:
        free = Tri.YES
    return {"maker": part.maker, "kind": PanelKind(part.kind), "source": part.source, "donor": free}


ENTRIES = (
    Entry("original", "Original panel", ORIGINAL),
    Entry("chip", "Its touch chip", CHIP),
    shelf_entry(GRADES, _taken, "New panel from the shelf"),
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
