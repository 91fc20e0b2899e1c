"""The simulated front sensor flex: in the phone behind the ear-speaker connector, a new one on the holder."""

import random
from collections.abc import Mapping
from typing import Any, ClassVar

from msgspec import Struct, field

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import XYZ
from daruma.core.errors import RecordError
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Identity, PartKind
from daruma.core.records import Record, decode
from daruma.standin.errors import No
from daruma.standin.kinds.room import Hand, StandinRoom
from daruma.standin.lamps import lights_on
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.SENSOR_FLEX
EAR, HOLDER = "ear", "flex"  # the programmer's places for a sensor flex: in the phone, and a new one
WORN = 0.02  # of the light that a worn sensor still sees


class Flex(Thing):
    """Simulate a front sensor flex, worn or sound; a worn one may still answer.

    `channels` is how much each channel of its sensor counts over what the family's does.
    """

    KIND: ClassVar[PartKind] = KIND

    sound: bool = True
    channels: list[float] = field(default_factory=list)


def record_of(flex: Flex | None, model: Model) -> Record | None:
    """Return a flex's record as the phone reads it, or None where it makes no sense."""
    try:
        return decode(model.layout(KIND), bytes.fromhex(flex.memory)) if flex else None
    except RecordError:
        return None


def in_phone(world: World) -> Flex | None:
    """Return the flex behind the ear-speaker connector of the phone on the cable, where that trusts the bench."""
    phone = world.phone_on_cable()
    return world.fitted(phone, Flex) if phone is not None and phone.trusted else None


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its flex."""
    flex = world.fitted(phone, Flex)
    data = record_of(flex, model)
    carried = {identity: data.identity(identity) if data else None for identity in (Identity.FLEX_ID, Identity.AMBIENT_CODE)}
    return Seen(carried, {Condition.SENSOR_FLEX_SOUND: bool(flex and flex.sound)})


class AmbientSeen(Struct, frozen=True):
    """Hold what the phone's ambient sensor counts, its stored gains (1000 leaves a channel as it is), and the XYZ that the
    phone makes of both, Y in lux.
    """

    counts: list[float]
    gains: list[float]
    xyz: XYZ


def ambient_of(world: World, phone: Phone, model: Model, catalogue: Catalogue) -> AmbientSeen | None:
    """Return what the phone sees of the light in the box; None without a flex that answers."""
    from daruma.catalogue.lamps import family_sensor, published_lamps  # brings NumPy, which is slow to import
    from daruma.core.colour.sensor import counts_of

    flex = world.fitted(phone, Flex)
    record = record_of(flex, model)
    stored = record.values.get("ambient_gains") if record is not None and record.sound("ambient_gains") else None
    if flex is None or not flex.answers or not isinstance(stored, tuple):
        return None
    lamps, sensor = published_lamps(), family_sensor(catalogue.ambient_channels)
    counts = [0.0] * len(sensor.channels)
    for lamp, lux in lights_on(world):
        more = counts_of(sensor.channels, lamps.nanometres, lamps.spectrum(lamp, lux))
        counts = [a + float(b) for a, b in zip(counts, more, strict=True)]
    channels = flex.channels or [1.0] * len(counts)
    wear = 1.0 if flex.sound else WORN
    counts = [wear * count * part for count, part in zip(counts, channels, strict=True)]
    gains = [float(gain) for gain in stored]
    x, y, z = (float(value) for value in sensor.xyz(counts, [gain / 1000 for gain in gains]))
    return AmbientSeen(counts, gains, (x, y, z))


def _ambient(world: World, phone: Phone, model: Model, catalogue: Catalogue, _: Mapping[str, Any]) -> dict[str, Any]:
    found = ambient_of(world, phone, model, catalogue)
    if found is None:
        raise No("no", "the ambient sensor does not answer")
    return {"counts": found.counts, "gains": found.gains, "xyz": list(found.xyz)}


def _new_die(phone: Phone) -> str:
    return f"N{phone.imei}"


def _on_holder(hand: Hand) -> None:
    """Put a new, empty flex on the holder: the bench has one for each phone."""
    die, flexes = _new_die(hand.phone), hand.world.of(Flex)
    if die not in flexes:
        maker = random.Random(f"{hand.world.seed}/{die}")
        channels = [1 + maker.gauss(0, 0.03) for _ in range(8)]
        flexes[die] = Flex(die, "", hand.phone.model, "ff" * hand.model.layout(KIND).size, channels=channels)
    hand.clear_sockets()
    hand.world.sockets[HOLDER] = die


def _swap(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")
    hand.clear_sockets()
    hand.phone.fit(KIND, _new_die(hand.phone))


def _tear(hand: Hand) -> None:
    hand.world.of(Flex).pop(_new_die(hand.phone), None)


ROOM = StandinRoom(
    Flex,
    seen=seen,
    hands={"new_flex_on_socket": _on_holder, "swap_flex": _swap},
    sockets=(EAR, HOLDER),
    places={EAR: in_phone},
    slips={"swap_flex": _tear},
    asked={"phone.ambient": _ambient},
)
