"""What intake asks of a display, and how its ticket reads in a few words."""

from __future__ import annotations

from collections.abc import Mapping
from typing import TYPE_CHECKING, Any

from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.kinds.entries import Entry, Told, shelf_entry
from daruma.core.language import tr
from daruma.core.tri import Tri

if TYPE_CHECKING:
    from daruma.core.shelf import ShelfPart

ORIGINAL = {
    OriginalState.UNTRIED: tr("there, not tried yet"),
    OriginalState.ANSWERS: tr("there, answers on the socket"),
    OriginalState.DAMAGED: tr("there, does not answer"),
    OriginalState.MISSING: tr("missing"),
}
CHIP = {
    ChipPlace.ON_ORIGINAL: tr("in place on the original"),
    ChipPlace.MOVED: tr("already moved to the new panel"),
    ChipPlace.LOST: tr("lost"),
}
KIND = {
    PanelKind.GENUINE_NEW: tr("genuine, new"),
    PanelKind.GENUINE_USED: tr("genuine, used"),
    PanelKind.AFTERMARKET: tr("aftermarket"),
    PanelKind.READY_CODED: tr("ready-coded aftermarket"),
}


GRADES = {kind.value: words for kind, words in KIND.items()}


def _taken(part: ShelfPart) -> Mapping[str, Any]:
    free = Tri.NO if Tri.YES is part.locked or part.own_flex is Tri.NO else Tri.UNKNOWN
    if part.locked is Tri.NO and part.own_flex is Tri.YES:
        free = Tri.YES
    return {"maker": part.maker, "kind": PanelKind(part.kind), "source": part.source, "donor": free}


ENTRIES = (
    Entry("original", tr("Original panel"), ORIGINAL),
    Entry("chip", tr("Its touch chip"), CHIP),
    shelf_entry(GRADES, _taken, tr("New panel from the shelf")),
    Entry("maker", tr("New panel's maker"), hint=tr("maker")),
    Entry("kind", tr("Kind"), KIND),
    Entry("source", tr("Where it came from"), hint=tr("bought or taken from")),
    Entry("paper_serial", tr("Display serial on paper"), hint=tr("if there is one"), code=True),
)


def told(ticket: DisplayTicket) -> Told:
    """Return in a few words which panel is to be fitted, how the original is, and what is not known."""
    maker = tr(" by {maker}", maker=ticket.maker) if ticket.maker else ""
    missing = [] if ticket.maker else [tr("its maker")]
    return Told(
        tr("{kind}{maker}; the original {original}", kind=KIND[ticket.kind], maker=maker, original=ORIGINAL[ticket.original]),
        ", ".join(missing),
    )
