"""A display case: what is in hand and what was promised, and the state it starts the planner from."""

from dataclasses import dataclass
from enum import Enum

from daruma.core.model import Model
from daruma.core.parts import Function, Version
from daruma.core.plan.state import State, Val, Var


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


GOAL_VAR = {
    Function.AMBIENT_WHITE: Var.AMBIENT_WHITE,
    Function.AUTO_BRIGHTNESS: Var.AUTO_BRIGHTNESS,
    Function.NO_DISPLAY_NOTICE: Var.NO_DISPLAY_NOTICE,
    Function.TOUCH: Var.TOUCH,
}


@dataclass(frozen=True, slots=True)
class DisplayCase:
    """Hold the facts that the display ways depend on."""

    model: Model
    system: Version
    original: OriginalState
    chip: ChipPlace
    panel: PanelKind
    promised: tuple[Function, ...]
    earlier_backup: bool = False
    flex_is_original: bool = True
    phone_on: bool = True
    hot_air: bool = True
    progress: tuple[tuple[Var, Val], ...] = ()

    def start(self) -> State:
        """Return the state that planning starts from: what intake found, changed by what was done since."""
        answers = {
            OriginalState.ANSWERS: Val.YES,
            OriginalState.UNTRIED: Val.UNKNOWN,
            OriginalState.DAMAGED: Val.NO,
            OriginalState.MISSING: Val.NO,
        }[self.original]
        chip = {ChipPlace.ON_ORIGINAL: Val.ORIGINAL, ChipPlace.MOVED: Val.NEW, ChipPlace.LOST: Val.MISSING}[self.chip]
        if self.original is OriginalState.MISSING and chip is Val.ORIGINAL:
            chip = Val.MISSING
        return State.of(
            {
                Var.PHONE: Val.ON if self.phone_on else Val.OFF,
                Var.ORIGINAL_AT: Val.MISSING if self.original is OriginalState.MISSING else Val.PHONE,
                Var.ORIGINAL_ANSWERS: answers,
                Var.CHIP_AT: chip,
                Var.CODES: Val.NONE,
                Var.NEW_AT: Val.BENCH,
                Var.NEW_READ: Val.NO,
                Var.NEW_RECORD: Val.OWN,
                Var.NEW_OWN_CHIP: Val.NO if chip is Val.NEW else Val.YES,
                Var.FLEX: Val.BOARD if self.flex_is_original else Val.OWN,
                **dict.fromkeys(GOAL_VAR.values(), Val.NO),
                **dict(self.progress),
            }
        )

    def goals(self) -> dict[Var, Val]:
        """Return the values that a finished job needs."""
        return {GOAL_VAR[function]: Val.YES for function in self.promised if function in GOAL_VAR}
