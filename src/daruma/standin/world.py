"""The simulated things: parts with memory, phones with boards, one programmer, one light box."""

import random
from collections.abc import Iterator
from typing import ClassVar, TypeVar

from msgspec import Struct, field

from daruma.core.parts import PartKind
from daruma.standin.faults import Faults

CHARGER = (0x0801912C, 0x0002D0DE, 0xC0DC213C)  # fixed 5 V 3 A, fixed 9 V 2.22 A, programmable 3.3 to 11 V 3 A


class Thing(Struct):
    """Simulate a part: memory bytes, a hidden limit of writes, whether it answers on a socket."""

    KIND: ClassVar[PartKind]

    die: str
    maker: str
    family: str
    memory: str
    answers: bool = True
    writes: int = 0
    limit: int | None = None


T = TypeVar("T", bound=Thing)


class Phone(Struct):
    """Simulate a phone: what its board expects, what is fitted, how it runs; `shows` are the codes of a test field.

    `home` are the dies of the parts it left the factory with and `fitted` of those in it now, by their kinds; `carried` is
    what the others carry. `status` is what finishing has made of a part. `start` is how it starts on its cable,
    as long as what `ails` it (the die of a part, or its own IMEI) is in it; `drives` says that its board
    drives a haptic motor, `camera` that it runs a front camera. `charge` is its battery's, percent; `stock` is of what past the
    shop's genuine parts for it are.
    """

    label: str
    model: str
    imei: str
    system: str
    board: dict[str, str]
    carried: dict[str, str]
    conditions: dict[str, bool]
    home: dict[str, str] = field(default_factory=dict)
    fitted: dict[str, str | None] = field(default_factory=dict)
    on: bool = True
    trusted: bool = False
    asked: bool = False
    battery_connected: bool = True
    unbound: bool = False
    memory_lifted: bool = False
    status: dict[str, str] = field(default_factory=dict)
    shows: list[float] | None = None
    start: str = "boots"
    ails: str = ""
    drives: bool = True
    camera: bool = True
    charge: float = 80.0
    stock: dict[str, str] = field(default_factory=dict)

    def fit(self, kind: PartKind, die: str | None) -> None:
        """Put a part in, or leave its place empty."""
        self.fitted[kind.value] = die


class World(Struct):
    """Hold everything that is simulated. `pace` is the seconds that each chunk of memory takes.

    `parts` are kept by their kinds, then by their dies. `events` is what really happened to parts, phones and the
    programmer, whoever knows of it: what a bench has written down can be compared with it. `drift` is the part by which
    each reading of the colorimeter is higher than the one before; `stray` the lux of the room that get into the light box;
    `load_amperes` what the supply gives at the moment; `own_supply` says that the programmer's adapter brings its own.
    `on_station` is the die of the pack that the cell station holds, `station_speed` how much faster than life its clock runs.
    `plugs` counts how often a phone was unplugged and plugged in again, `charger` is what the charger offers (words of USB
    Power Delivery). The meter in its cable takes `usb_rate` samples a second of a clock `usb_speed` times as fast as life.
    `heating` is the step that hot air is at, `heatings` how often that changed, `heat_speed` how much faster than life the
    thermocouple's clock runs. `hour` is that of the service that finishes parts: it is busy in the evening. A sweep
    runs `sweep_speed` times as fast as life, by a person who turns `sweep_pace` times as fast; `dark` says that the room is.
    """

    sockets: dict[str, str | None]
    phones: dict[str, Phone] = field(default_factory=dict)
    parts: dict[str, dict[str, Thing]] = field(default_factory=dict)
    firmware: str = "1.0"
    newest_firmware: str = "2.1"
    cable: str | None = None
    light: str = "off"
    lux: float = 0.0
    loose_chip: str | None = None
    seed: int = 1
    measured: int = 0
    glances: int = 0
    drift: float = 1e-6
    stray: float = 0.0
    pace: float = 0.0
    supply_volts: float = 19.0
    supply_on: bool = False
    load_amperes: float = 0.0
    own_supply: bool = False
    on_station: str | None = None
    station_speed: float = 3000.0
    plugs: int = 0
    heating: str = ""
    heatings: int = 0
    heat_speed: float = 1.0
    usb_rate: float = 100.0
    usb_speed: float = 1.0
    hour: float = 3.0
    sweep_speed: float = 1.0
    sweep_pace: float = 1.0
    dark: bool = False
    charger: list[int] = field(default_factory=lambda: list(CHARGER))
    faults: Faults = field(default_factory=Faults)
    events: list[list[str]] = field(default_factory=list)

    def phone_on_cable(self) -> Phone | None:
        """Return the phone on the cable, if one is plugged in and runs."""
        phone = self.phones.get(self.cable or "")
        return phone if phone is not None and phone.on else None

    def of(self, thing: type[T]) -> dict[str, T]:
        """Return the parts of a kind by their dies."""
        return self.parts.setdefault(thing.KIND.value, {})  # type: ignore[return-value]

    def put(self, *things: Thing) -> None:
        """Bring parts into the shop."""
        for thing in things:
            self.parts.setdefault(thing.KIND.value, {})[thing.die] = thing

    def everything(self) -> Iterator[Thing]:
        """Yield every part."""
        return (thing for things in self.parts.values() for thing in things.values())

    def find(self, die: str | None) -> Thing | None:
        """Return a part by its die."""
        return next((things[die] for things in self.parts.values() if die in things), None) if die else None

    def home(self, phone: Phone, thing: type[T]) -> T:
        """Return the part that a phone left the factory with."""
        return self.of(thing)[phone.home[thing.KIND.value]]

    def fitted(self, phone: Phone, thing: type[T]) -> T | None:
        """Return the part in a phone."""
        return self.of(thing).get(phone.fitted.get(thing.KIND.value) or "")

    def happened(self, what: str, thing: str, how: str) -> None:
        """Note what really happened."""
        self.events.append([what, thing, how])

    def chance(self) -> random.Random:
        """Return the generator of what is looked at, besides the colorimeter: how often that was does not change its noise."""
        self.glances += 1
        return random.Random(f"{self.seed}/glance {self.glances}")

    def noise(self) -> random.Random:
        """Return the generator of the next measurement: the same world gives the same noise."""
        self.measured += 1
        return random.Random(f"{self.seed}/{self.measured}")
