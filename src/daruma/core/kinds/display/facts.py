"""What is known of a phone's display and of the panels that could take its place."""

from enum import Enum

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.kinds.display.state import PANELS, PanelVal
from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.plan.case import Case
from daruma.core.tri import Tri

KIND = PartKind.DISPLAY


class OriginalState(Enum):
    """Say how the original panel is."""

    ANSWERS = "answers"
    DAMAGED = "damaged"
    MISSING = "missing"
    UNTRIED = "untried"


class ChipPlace(Enum):
    """Say where the original touch chip is."""

    ON_ORIGINAL = "on_original"
    MOVED = "moved"
    LOST = "lost"


class PanelKind(Enum):
    """Say what the new panel is."""

    GENUINE_NEW = "genuine_new"
    GENUINE_USED = "genuine_used"
    AFTERMARKET = "aftermarket"
    READY_CODED = "ready_coded"


class PanelRecord(Enum):
    """Say what data a new panel carries before anything is written to it."""

    COMPLETE = "complete"
    PARTIAL = "partial"
    BLANK = "blank"
    BOARDS = "boards"
    BOARDS_PARTIAL = "boards_partial"


USUAL_RECORD = {
    PanelKind.GENUINE_NEW: PanelRecord.BLANK,
    PanelKind.GENUINE_USED: PanelRecord.COMPLETE,
    PanelKind.AFTERMARKET: PanelRecord.BLANK,
    PanelKind.READY_CODED: PanelRecord.COMPLETE,
}
KIND_WORDS = {
    PanelKind.GENUINE_NEW: tr("new genuine"),
    PanelKind.GENUINE_USED: tr("used genuine"),
    PanelKind.AFTERMARKET: tr("aftermarket"),
    PanelKind.READY_CODED: tr("ready-coded"),
}
GENUINE = frozenset({PanelKind.GENUINE_NEW, PanelKind.GENUINE_USED})
GENUINE_CHIP = GENUINE | {PanelKind.READY_CODED}


class Brand(Struct, frozen=True):
    """Hold what is known of an aftermarket brand: whether its panels want their data before a chip is moved to them."""

    key: str
    name: str
    data_before_chip: bool
    note: str = ""


class NewPanel(Struct, frozen=True):
    """Hold what is known of a panel that could be fitted; `counted` are its known writes, price is the shop's money."""

    kind: PanelKind = PanelKind.GENUINE_USED
    maker: str = ""
    name: str = ""
    brand: Brand | None = None
    price: float = 0.0
    record: PanelRecord | None = None
    counted: int = 0
    last_write_failed: bool = False
    hidden_past: bool = False
    locked: Tri = Tri.UNKNOWN
    touch_flex_replaced: Tri = Tri.UNKNOWN
    die: str = ""

    @property
    def carries(self) -> PanelRecord:
        """Return what it carries, as usual for its kind where nothing is known."""
        return self.record or USUAL_RECORD[self.kind]

    @property
    def data_before_chip(self) -> bool:
        """Return whether it must be given its data before a chip is moved to it."""
        return self.brand.data_before_chip if self.brand else True

    @property
    def title(self) -> str:
        """Return how a way names the panel."""
        kind = KIND_WORDS[self.kind]
        maker = tr("the {maker} panel ({kind})", maker=self.maker, kind=kind) if self.maker else tr("the {kind} panel", kind=kind)
        return self.name or (tr("the {brand} panel", brand=self.brand.name) if self.brand else maker)

    def donor(self) -> PanelVal:
        """Return what is known of its past owner's lock and of its touch flex."""
        if Tri.YES in (self.locked, self.touch_flex_replaced):
            return PanelVal.BAD
        if self.kind is PanelKind.GENUINE_NEW or self.locked is self.touch_flex_replaced is Tri.NO:
            return PanelVal.CLEAN
        return PanelVal.UNASKED


class DisplayChances(Struct, frozen=True):
    """Hold the chances of facts that nobody has looked at yet (ours, to be replaced by a shop's own)."""

    original_answers: float = 0.85
    donor_clean: float = 0.8
    original_turns_up: float = 0.3
    spent_write_kills: float = 0.5


class DisplayFacts(Struct, frozen=True):
    """Hold what the ways of a display depend on.

    `panels` are those that could be fitted, the one in hand first; none means that the display stays. `source_maker` is
    whose panel the display's data were read from, as far as that is known.
    """

    original: OriginalState = OriginalState.UNTRIED
    chip: ChipPlace = ChipPlace.ON_ORIGINAL
    panels: tuple[NewPanel, ...] = (NewPanel(),)
    earlier_backup: bool = False
    complete_record: bool = False
    serial_on_paper: bool = False
    source_maker: str = ""
    chances: DisplayChances = DisplayChances()

    @property
    def stays(self) -> bool:
        """Return whether the display is left as it is."""
        return not self.panels

    def is_of_another_maker(self, panel: NewPanel) -> bool:
        """Return whether a panel is by another maker than the one that the display's data were read from."""
        return bool(self.source_maker and panel.maker) and panel.maker != self.source_maker

    @property
    def panel_values(self) -> tuple[tuple[PanelVal, NewPanel], ...]:
        """Return the panels with the values that stand for them."""
        return tuple(zip(PANELS, self.panels, strict=False))

    @property
    def panel_titles(self) -> tuple[str, ...]:
        """Return how ways name the panels, each by a name of its own."""
        titles = [panel.title for panel in self.panels]
        marks = [
            (f"{p.maker}", tr("{counted} writes counted", counted=p.counted), tr("at {price:g}", price=p.price))
            for p in self.panels
        ]
        for mark in range(3):
            titles = [
                f"{title}, {marks[i][mark]}" if titles.count(title) > 1 and len({m[mark] for m in marks}) > 1 else title
                for i, title in enumerate(titles)
            ]
        order = (tr("first"), tr("second"), tr("third"))
        return tuple(
            tr("{title}, the {order}", title=title, order=order[i]) if titles.count(title) > 1 else title
            for i, title in enumerate(titles)
        )


THE_DISPLAY_STAYS = DisplayFacts(panels=())


def facts_of(case: Case) -> DisplayFacts:
    """Return what a case knows of the display; one that is not on the table stays."""
    found = case.parts.get(KIND, THE_DISPLAY_STAYS)
    assert isinstance(found, DisplayFacts)
    return found


def with_facts(case: Case, **changes: object) -> Case:
    """Return the case with some facts of the display changed."""
    return case.with_part(KIND, replace(facts_of(case), **changes))
