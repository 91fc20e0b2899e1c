"""The facts of a battery that the planner starts from, its variables and their values."""

from msgspec import Struct

from daruma.core.cell.deciding import CellOrigin
from daruma.core.finishing import Origin
from daruma.core.kinds.battery.work import BatteryState
from daruma.core.language import tr
from daruma.core.plan.state import Named


class BatteryFacts(Struct, frozen=True):
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

    SOUND = tr("the original, sound")
    WORN = tr("the original, worn")
    FOREIGN = tr("another one, worn")
    RECELLED = tr("a new cell on its own gauge board")
    PACKED = tr("a new pack, not started yet")
    PROGRAMMED = tr("a new pack with the original's data")
    GENUINE = tr("a genuine pack")
    UNKNOWN = tr("an unknown pack")
    SEEN = tr("a new cell, flat and whole")
    CELL_MEASURED = tr("a new cell, measured")
    PACK_MEASURED = tr("a new pack, measured")
    ACTIVATED = "activated"
    WRITTEN = "written"
    FOLDED = "folded"
    ON_HOLDER = tr("the new pack")
    EMPTY = "empty"
