"""The simulated haptic motor: the bench has a new one for each phone."""

from dataclasses import dataclass
from typing import ClassVar

from daruma.core.errors import RecordError
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Identity, PartKind
from daruma.core.records import decode
from daruma.standin.errors import No
from daruma.standin.kinds.room import Hand, StandinRoom
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.MOTOR
HOLDER = "motor"  # the programmer's place for a new motor


@dataclass(slots=True)
class Motor(Thing):
    """Simulate a haptic motor: it taps or does not."""

    KIND: ClassVar[PartKind] = KIND

    sound: bool = True


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its motor."""
    motor = world.fitted(phone, Motor)
    return Seen({Identity.MOTOR_SERIAL: _serial(motor, model)}, {Condition.MOTOR_SOUND: bool(motor and motor.sound)})


def _serial(motor: Motor | None, model: Model) -> str | None:
    try:
        return decode(model.layout(KIND), bytes.fromhex(motor.memory)).identity(Identity.MOTOR_SERIAL) if motor else None
    except RecordError:
        return None


def _new_die(phone: Phone) -> str:
    return f"M{phone.imei}"


def _on_holder(hand: Hand) -> None:
    motors, die = hand.world.of(Motor), _new_die(hand.phone)
    if die not in motors:
        motors[die] = Motor(die, "", hand.phone.model, "ff" * hand.model.layout(KIND).size)
    hand.plug(HOLDER, motors[die])


def _swap(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")
    hand.clear_sockets()
    hand.phone.fit(KIND, _new_die(hand.phone))


def _break(hand: Hand) -> None:
    hand.world.of(Motor).pop(_new_die(hand.phone), None)


ROOM = StandinRoom(
    Motor,
    seen=seen,
    hands={"new_motor_on_holder": _on_holder, "swap_motor": _swap},
    sockets=(HOLDER,),
    slips={"swap_motor": _break},
)
