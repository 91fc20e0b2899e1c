"""The demo's haptic motors."""

import random
from typing import Any

from daruma.core.kinds.motor import MotorState, MotorTicket
from daruma.core.model import Model
from daruma.core.parts import Identity
from daruma.core.records import FieldValue, encode
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.kinds.motor import KIND, Motor, calibrated, made
from daruma.standin.world import Phone


def own(_: Maker, model: Model, phone: Phone, entry: Entry) -> Motor:
    """Return the motor that a phone left the factory with."""
    layout, serial = model.layout(KIND), Identity.MOTOR_SERIAL.value
    # a generator of its own: what else the scenario draws stays as it is
    rng = random.Random(f"motor/{phone.imei}")
    motor = made(f"H{phone.imei}", model, rng)
    motor.sound, motor.ail = "motor" not in entry, entry.get("motor_ail", motor.ail)
    signed: dict[str, FieldValue] = {"signature": layout.field("signature").constant, serial: phone.board[serial]}
    motor.memory = encode(layout, {**signed, **calibrated(motor, rng)}).hex()
    return motor


def ticket(entry: Entry, _: Any) -> MotorTicket | None:
    """Return what intake writes down of the motor, where it is named."""
    return MotorTicket(state=MotorState(entry["motor"])) if "motor" in entry else None


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"motor": MotorState.DEAD.value})
