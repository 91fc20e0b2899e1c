"""What a ticket says of a display, and what a job has done with it."""

from collections.abc import Mapping
from typing import ClassVar

from msgspec import Struct, field
from msgspec.structs import replace

from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.language import tr
from daruma.core.measured import Measured
from daruma.core.model import Model
from daruma.core.part_work import PartTicket, PartWork
from daruma.core.parts import PartKind
from daruma.core.tri import Tri


class DisplayTicket(PartTicket, frozen=True):
    """Hold what intake writes down of the original and of the new panel.

    `donor` says whether the new panel is free of locks and its touch flex its own.
    """

    KIND: ClassVar[PartKind] = PartKind.DISPLAY

    original: OriginalState = OriginalState.UNTRIED
    chip: ChipPlace = ChipPlace.ON_ORIGINAL
    kind: PanelKind = PanelKind.GENUINE_USED
    maker: str = ""
    source: str = ""
    donor: Tri = Tri.UNKNOWN
    paper_serial: str = ""

    def nameless(self) -> "DisplayTicket":
        return replace(self, die="", source="", paper_serial="")


class Decision(Struct, frozen=True):
    """Hold what a technician has decided of a panel: to try a record of another maker's panel on it."""

    die: str
    maker: str
    when: str
    who: str = ""


class DisplayWork(PartWork, frozen=True):
    """Hold what was done with the panels of a job, what was measured on the new one, and what was decided of it."""

    KIND: ClassVar[PartKind] = PartKind.DISPLAY
    SERIES: ClassVar[tuple[str, ...]] = ("measured.fields", "measured.levels", "measured.lights")

    measured: Measured = field(default_factory=Measured)
    decisions: tuple[Decision, ...] = ()

    def decided(self, die: str, maker: str) -> Decision | None:
        """Return the decision to try a maker's record on a panel, if there is one."""
        return next((each for each in reversed(self.decisions) if (each.die, each.maker) == (die, maker)), None)

    def nameless(self) -> "DisplayWork":
        # a sensor's gains are its flex's own; what was measured of the display says nothing of whose it was
        return DisplayWork(measured=replace(self.measured, die="", lights=()))


def faults(ticket: PartTicket, model: Model | None) -> Mapping[str, str]:
    """Return what keeps a ticket of a display from being planned, by field."""
    assert isinstance(ticket, DisplayTicket)
    found = {}
    if model is not None and ticket.maker and ticket.maker not in model.makers:
        found["maker"] = tr("{model} has {makers}", model=model.name, makers=tr(" or ").join(model.makers))
    if ticket.original is OriginalState.MISSING and ticket.chip is ChipPlace.ON_ORIGINAL:
        found["chip"] = tr("cannot be on a missing original")
    return found
