"""The facts of a battery that the planner starts from, its variables and their values."""

from dataclasses import dataclass

from daruma.core.cell.deciding import CellOrigin
from daruma.core.finishing import Origin
from daruma.core.kinds.battery.work import BatteryState
from daruma.core.plan.state import Named


@dataclass(frozen=True, slots=True)
class BatteryFacts:
    """Hold what is known of a phone's battery."""

    state: BatteryState = BatteryState.WORN
    origin: CellOrigin = CellOrigin.NEW
    pack: Origin = Origin.NEW


class BatteryVar(Named):
    """Name a variable of the battery."""

    BATTERY = "battery"
    DATA = "gauge_data"
    CELL = "cell"
    FLEX = "data_flex"
    HOLDER = "pack_holder"
    FINISHED = "battery_finished"


class BatteryVal(Named):
    """Name a value of the battery's variables."""

    SOUND = "the original, sound"
    WORN = "the original, worn"
    FOREIGN = "another one, worn"
    RECELLED = "a new cell on its own gauge board"
    PACKED = "a new pack, not started yet"
    PROGRAMMED = "a new pack with the original's data"
    GENUINE = "a genuine pack"
    UNKNOWN = "an unknown pack"
    SEEN = "a new cell, flat and whole"
    CELL_MEASURED = "a new cell, measured"
    PACK_MEASURED = "a new pack, measured"
    ACTIVATED = "activated"
    WRITTEN = "written"
    FOLDED = "folded"
    ON_HOLDER = "the new pack"
    EMPTY = "empty"
