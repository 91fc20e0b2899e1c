"""The simulated haptic motor: the bench has a new one for each phone."""

import random
from collections.abc import Mapping
from typing import Any, ClassVar

from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import RecordError
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldValue, decode, encode
from daruma.standin.errors import No
from daruma.standin.kinds.room import Hand, StandinRoom
from daruma.standin.shaking import BUZZ, DRIVEN, RATE, Spring, shake
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.MOTOR
HOLDER = "motor"  # the programmer's place for a new motor


class Motor(Thing):
    """Simulate a haptic motor: what it rings at, and what ails one that is not sound: worn, stuck, open, or dumb after one buzz.

    `shaken` counts its taps since the phone started.
    """

    KIND: ClassVar[PartKind] = KIND

    sound: bool = True
    ail: str = "open"
    f0: float = 170.0
    damping: float = 0.05
    level: float = 1.6
    shaken: int = 0

    def spring(self) -> Spring | None:
        """Return what is left of its spring; None where nothing moves."""
        good = Spring(self.f0, self.damping, self.level)
        if self.sound:
            return good
        match self.ail:
            case "worn":
                return replace(good, f0=0.86 * self.f0)
            case "stuck":
                return Spring(self.f0, 0.45, 0.15 * self.level)
            case "dumb":
                return replace(good, level=BUZZ * self.level) if self.shaken == 1 else None
            case _:
                return None


def made(die: str, model: Model, rng: random.Random) -> Motor:
    """Return a sound motor as it comes from the factory, its memory blank."""
    f0, damping, level = rng.uniform(150, 190), rng.uniform(0.03, 0.08), rng.uniform(1.0, 2.2)
    return Motor(die, "", model.key, "ff" * model.layout(KIND).size, f0=f0, damping=damping, level=level)


def calibrated(motor: Motor, rng: random.Random) -> dict[str, FieldValue]:
    """Return the drive calibration that its maker has measured."""
    f0 = motor.f0 * (1 + rng.gauss(0, 0.004))
    return {"drive_f0": f0, "drive_level": motor.level, "drive_brake": rng.uniform(10, 25)}


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its motor."""
    motor = world.fitted(phone, Motor)
    return Seen(
        {Identity.MOTOR_SERIAL: _serial(motor, model)}, {Condition.MOTOR_SOUND: bool(motor and motor.sound and phone.drives)}
    )


def _serial(motor: Motor | None, model: Model) -> str | None:
    try:
        return decode(model.layout(KIND), bytes.fromhex(motor.memory)).identity(Identity.MOTOR_SERIAL) if motor else None
    except RecordError:
        return None


def _new_die(world: World, phone: Phone) -> str:
    """Return the die of the new motor at hand: another one once the one before it is in the phone."""
    number = 1
    while phone.fitted.get(KIND.value) == _die(phone, number) or _die(phone, number + 1) in world.of(Motor):
        number += 1
    return _die(phone, number)


def _die(phone: Phone, number: int) -> str:
    return f"M{phone.imei}{'' if number == 1 else f'-{number}'}"


def _on_holder(hand: Hand) -> None:
    motors, die = hand.world.of(Motor), _new_die(hand.world, hand.phone)
    if die not in motors:
        rng = random.Random(f"motor/{hand.world.seed}/{die}")
        new = made(die, hand.model, rng)
        new.memory = encode(hand.model.layout(KIND), calibrated(new, rng)).hex()
        motors[die] = new
    hand.plug(HOLDER, motors[die])


def _swap(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")
    hand.clear_sockets()
    hand.phone.fit(KIND, _new_die(hand.world, hand.phone))


def _break(hand: Hand) -> None:
    hand.world.of(Motor).pop(_new_die(hand.world, hand.phone), None)


def _compare(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")
    if not hand.phone.drives:
        raise No("no", "a known-good motor does not tap either: the board drives none")


def _pinch(hand: Hand) -> None:
    """Let the motor's contacts be pinched when the phone is closed."""
    motor = hand.world.fitted(hand.phone, Motor)
    if motor is not None:
        motor.sound = False


def _shake(world: World, phone: Phone, model: Model, _: Catalogue, args: Mapping[str, Any]) -> dict[str, Any]:
    motor = world.fitted(phone, Motor)
    if motor is None:
        raise No("no", "no motor answers")
    brake = bool(args["brake"])
    motor.shaken += 1
    record = decode(model.layout(KIND), bytes.fromhex(motor.memory), loose=True)
    f0, ms = record.values.get("drive_f0"), record.values.get("drive_brake")
    drive = f0 if isinstance(f0, float) and f0 > 0 else 170.0
    rng = world.chance()
    seen = shake(motor.spring() if phone.drives else None, drive, (ms if isinstance(ms, float) else 15.0) / 1000 * brake, rng)
    data = b"".join(round(max(-7.9, min(7.9, g)) * 4096).to_bytes(2, "big", signed=True) for g in seen)
    return {"rate": RATE, "driven": DRIVEN, "g": data}


ROOM = StandinRoom(
    Motor,
    seen=seen,
    hands={"new_motor_on_holder": _on_holder, "swap_motor": _swap, "compare_motor": _compare, "pinch_motor": _pinch},
    asked={"phone.shake": _shake},
    sockets=(HOLDER,),
    slips={"swap_motor": _break},
)
