"""The demo's batteries."""

from typing import Any

from daruma.core.cell.deciding import CellOrigin
from daruma.core.kinds.battery.work import BatteryState, BatteryTicket
from daruma.core.model import Model
from daruma.core.parts import Identity
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.kinds.battery import KIND, Pack, registers
from daruma.standin.world import Phone

WORN, CYCLES = 0.71, 812  # what a tired one still holds of its rated capacity; its cycles


def own(_: Maker, model: Model, phone: Phone, entry: Entry) -> Pack:
    """Return the battery that a phone left the factory with."""
    rated = model.cell_rated
    share, cycles = (WORN, CYCLES) if "battery" in entry else (0.92, 214)
    serial = phone.board[Identity.GAUGE_SERIAL.value]
    memory = registers(model.layout(KIND), serial, rated, share * rated, cycles, "2023-04-11")
    return Pack(
        f"B{phone.imei}",
        "",
        model.key,
        memory,
        mah=share * rated,
        rated=rated,
        chemistry=model.cell_chemistry,
        known=entry.get("battery") != "foreign",
    )


def ticket(entry: Entry, _: Any) -> BatteryTicket | None:
    """Return what intake writes down of the battery, where it is named."""
    if "battery" not in entry:
        return None
    return BatteryTicket(state=BatteryState(entry["battery"]), origin=CellOrigin(entry.get("cell_origin", "new")))


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"battery": BatteryState.FOREIGN.value})
