"""A case: what is in hand, what the bench owns, what was promised, and the state it starts the planner from."""

from dataclasses import dataclass, field
from enum import Enum

from daruma.core.model import FinishRule, Model
from daruma.core.parts import Function, Version
from daruma.core.plan.money import Preferences
from daruma.core.plan.odds import Record
from daruma.core.plan.rules import OrderRule
from daruma.core.plan.state import PANELS, Val, Var
from daruma.core.tri import Tri

PLANNED = (
    Function.AMBIENT_WHITE,
    Function.AUTO_BRIGHTNESS,
    Function.NO_DISPLAY_NOTICE,
    Function.TOUCH,
    Function.FACE_UNLOCK,
)


def proof_key(function: Function) -> str:
    """Return the key of the action that proves a function."""
    return f"prove_{function.value}"


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


class FlexState(Enum):
    """Say how the front sensor flex is."""

    SOUND = "sound"
    WORN = "worn"
    DEAD = "dead"
    REPLACED = "replaced"
    UNTESTED = "untested"


USUAL_RECORD = {
    PanelKind.GENUINE_NEW: PanelRecord.BLANK,
    PanelKind.GENUINE_USED: PanelRecord.COMPLETE,
    PanelKind.AFTERMARKET: PanelRecord.BLANK,
    PanelKind.READY_CODED: PanelRecord.COMPLETE,
}
KIND_WORDS = {
    PanelKind.GENUINE_NEW: "new genuine",
    PanelKind.GENUINE_USED: "used genuine",
    PanelKind.AFTERMARKET: "aftermarket",
    PanelKind.READY_CODED: "ready-coded",
}
GENUINE = frozenset({PanelKind.GENUINE_NEW, PanelKind.GENUINE_USED})
GENUINE_CHIP = GENUINE | {PanelKind.READY_CODED}


@dataclass(frozen=True, slots=True)
class Brand:
    """Hold what is known of an aftermarket brand: whether its panels want their data before a chip is moved to them."""

    key: str
    name: str
    data_before_chip: bool
    note: str = ""


@dataclass(frozen=True, slots=True)
class NewPanel:
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
        maker = f"the {self.maker} panel ({kind})" if self.maker else f"the {kind} panel"
        return self.name or (f"the {self.brand.name} panel" if self.brand else maker)

    def donor(self) -> Val:
        """Return what is known of its past owner's lock and of its touch flex."""
        if Tri.YES in (self.locked, self.touch_flex_replaced):
            return Val.BAD
        if self.kind is PanelKind.GENUINE_NEW or self.locked is self.touch_flex_replaced is Tri.NO:
            return Val.CLEAN
        return Val.UNASKED


@dataclass(frozen=True, slots=True)
class Kit:
    """Hold what the bench owns and has at hand."""

    hot_air: bool = True
    grinder: bool = True
    memory_sockets: frozenset[str] = frozenset({"BGA110", "BGA315"})
    ear_adapter: bool = True
    spare_flex: bool = True
    network: bool = True


@dataclass(frozen=True, slots=True)
class Chances:
    """Hold the chances of facts that nobody has looked at yet (ours, to be replaced by a shop's own)."""

    original_answers: float = 0.85
    donor_clean: float = 0.8
    flex_sound: float = 0.9
    original_turns_up: float = 0.3
    spent_write_kills: float = 0.5


@dataclass(frozen=True, slots=True)
class Case:
    """Hold the facts that the ways of a display or sensor flex job depend on.

    `panels` are those that could be fitted, the one in hand first; none means that the display stays. `source_maker` is
    whose panel the display's data were read from, as far as that is known. `history` are the steps done so far, each
    with whether it went well.
    """

    model: Model
    system: Version
    promised: tuple[Function, ...]
    original: OriginalState = OriginalState.UNTRIED
    chip: ChipPlace = ChipPlace.ON_ORIGINAL
    panels: tuple[NewPanel, ...] = (NewPanel(),)
    flex: FlexState = FlexState.SOUND
    runs: bool = True
    trusted: bool = True
    earlier_backup: bool = False
    earlier_flex_backup: bool = False
    complete_record: bool = False
    serial_on_paper: bool = False
    source_maker: str = ""
    face_module_sound: bool = True
    front_camera_original: bool = True
    system_name: str = "TarnOS"
    kit: Kit = Kit()
    chances: Chances = Chances()
    preferences: Preferences = field(default_factory=Preferences)
    record: Record = field(default_factory=Record)
    rules: tuple[OrderRule, ...] = ()
    history: tuple[tuple[str, bool], ...] = ()

    @property
    def display_stays(self) -> bool:
        """Return whether the display is left as it is."""
        return not self.panels

    def is_of_another_maker(self, panel: NewPanel) -> bool:
        """Return whether a panel is by another maker than the one that the display's data were read from."""
        return bool(self.source_maker and panel.maker) and panel.maker != self.source_maker

    @property
    def panel_values(self) -> tuple[tuple[Val, NewPanel], ...]:
        """Return the panels with the values that stand for them."""
        return tuple(zip(PANELS, self.panels, strict=False))

    @property
    def panel_titles(self) -> tuple[str, ...]:
        """Return how ways name the panels, each by a name of its own."""
        titles = [panel.title for panel in self.panels]
        marks = [(f"{p.maker}", f"{p.counted} writes counted", f"at {p.price:g}") for p in self.panels]
        for mark in range(3):
            titles = [
                f"{title}, {marks[i][mark]}" if titles.count(title) > 1 and len({m[mark] for m in marks}) > 1 else title
                for i, title in enumerate(titles)
            ]
        order = ("first", "second", "third")
        return tuple(f"{title}, the {order[i]}" if titles.count(title) > 1 else title for i, title in enumerate(titles))

    @property
    def finish_rule(self) -> FinishRule:
        """Return what the phone's own finishing asks of a display; NONE where this model or version knows none."""
        since = self.model.finishing_since
        if since is None or self.system < since:
            return FinishRule.NONE
        return self.model.era(self.system).finishing

    def own_chip_finishes(self, panel: NewPanel) -> bool:
        """Return whether the phone could finish a panel with the chip that it came with."""
        allowed = {FinishRule.WHOLE_GENUINE: GENUINE, FinishRule.GENUINE_CHIP: GENUINE_CHIP}
        return panel.kind in allowed.get(self.finish_rule, frozenset())

    def moved_chip_finishes(self, panel: NewPanel) -> bool:
        """Return whether the original chip could be on a panel whose serial is not the board's, and finished so."""
        moved = self.chip is ChipPlace.MOVED or not panel.data_before_chip
        return moved and self.finish_rule is FinishRule.GENUINE_CHIP

    @property
    def flex_replaceable(self) -> bool:
        """Return whether there is a reason to put new data on a flex."""
        return self.flex is not FlexState.SOUND

    def start(self) -> dict[Enum, Enum]:
        """Return the values that planning starts from, before anything was done."""
        panel = self.panels[0] if self.panels else None
        return {
            Var.PHONE: Val.ASSEMBLED,
            Var.RUNS: Val.YES if self.runs else Val.NO,
            Var.TRUST: Val.YES if self.trusted and self.runs else Val.NO,
            Var.SOCKET: Val.EMPTY,
            Var.ORIGINAL: Val.GONE if self.original is OriginalState.MISSING or self.display_stays else Val.THERE,
            Var.TRIED: Val.NO,
            Var.SERIAL: Val.NO,
            Var.COVER: Val.NO,
            Var.CALIBRATION: Val.NO,
            Var.BOARD: Val.BOUND,
            Var.PANEL: Val.FIRST,
            Var.NEW_READ: Val.NO,
            Var.FLEX: _FLEX[self.flex],
            Var.FLEX_DATA: Val.NO,
            Var.NEW_FLEX: Val.NO,
            Var.BINDING: Val.TO_ORIGINAL,
            Var.TRIAL: Val.NO,
            Var.REOPENED: Val.YES,
            Var.PAID: Val.NO,
            Var.CHIP: self._chip(),
            **(of_panel(panel, self.chip) if panel else _THE_DISPLAY_STAYS),
        }

    def _chip(self) -> Val:
        if self.display_stays or self.chip is ChipPlace.MOVED:
            return Val.ON_NEW
        gone = self.original is OriginalState.MISSING or self.chip is ChipPlace.LOST
        return Val.LOST if gone else Val.ON_ORIGINAL


_FLEX = {
    FlexState.SOUND: Val.SOUND,
    FlexState.WORN: Val.WORN,
    FlexState.DEAD: Val.WORN,
    FlexState.REPLACED: Val.FOREIGN,
    FlexState.UNTESTED: Val.UNTESTED,
}
_RECORD = {
    PanelRecord.COMPLETE: Val.OWN,
    PanelRecord.PARTIAL: Val.PARTIAL,
    PanelRecord.BLANK: Val.BLANK,
    PanelRecord.BOARDS: Val.BOARDS,
    PanelRecord.BOARDS_PARTIAL: Val.BOARDS_PARTIAL,
}
_THE_DISPLAY_STAYS: dict[Enum, Enum] = {Var.DONOR: Val.CLEAN, Var.RECORD: Val.BOARDS, Var.OWN_CHIP: Val.NO, Var.REFUSES: Val.NO}


def of_panel(panel: NewPanel, chip: ChipPlace = ChipPlace.ON_ORIGINAL) -> dict[Enum, Enum]:
    """Return the values that a fresh panel brings; one that carries the original chip has none of its own."""
    return {
        Var.DONOR: panel.donor(),
        Var.RECORD: _RECORD[panel.carries],
        Var.OWN_CHIP: Val.NO if chip is ChipPlace.MOVED else Val.YES,
        Var.REFUSES: Val.NO,
    }
