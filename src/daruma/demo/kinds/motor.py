"""The demo's haptic motors."""

from typing import Any

from daruma.core.kinds.motor import MotorState, MotorTicket
from daruma.core.model import Model
from daruma.core.parts import Identity
from daruma.core.records import encode
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.kinds.motor import KIND, Motor
from daruma.standin.world import Phone


def own(_: Maker, model: Model, phone: Phone, entry: Entry) -> Motor:
    """Return the motor that a phone left the factory with."""
    layout, serial = model.layout(KIND), Identity.MOTOR_SERIAL.value
    memory = encode(layout, {"signature": layout.field("signature").constant, serial: phone.board[serial]}).hex()
    return Motor(f"H{phone.imei}", "", model.key, memory, sound="motor" not in entry)


def ticket(entry: Entry, _: Any) -> MotorTicket | None:
    """Return what intake writes down of the motor, where it is named."""
    return MotorTicket(state=MotorState(entry["motor"])) if "motor" in entry else None


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"motor": MotorState.DEAD.value})
