"""The simulated things: panels with memory, phones with boards, one programmer, one light box. Kept as JSON."""

import json
import random
from dataclasses import asdict, dataclass, field
from pathlib import Path
from typing import Any

from daruma.standin.faults import Faults, load_faults
from daruma.standin.glass import Glass

EAR, HOLDER = "ear", "flex"  # the programmer's places for a sensor flex: in the phone, and a new one


@dataclass(slots=True)
class Panel:
    """Simulate a display panel: memory bytes, a hidden limit of writes, perhaps a touch chip.

    `white_xy` is the white the glass really shows at full drive (CIE 1931), whatever its record says; `glass` what else
    it is, that of the model where it is empty; `takes_other_makers` whether it takes a record of another maker's panel.
    """

    die: str
    maker: str
    family: str
    memory: str
    white_xy: list[float]
    limit: int | None = None
    writes: int = 0
    answers: bool = True
    chip: str | None = None
    chip_genuine: bool = True
    genuine: bool = True
    own_chip: str | None = None
    locked: bool = False
    touch_flex_replaced: bool = False
    takes_other_makers: bool = False
    bound_before: bool = False
    connected: bool = False
    glass: Glass | None = None


@dataclass(slots=True)
class Flex:
    """Simulate a front sensor flex: memory bytes, worn or sound; a worn one may still answer.

    `channels` is how much each channel of its sensor counts over what the family's does.
    """

    die: str
    family: str
    memory: str
    sound: bool = True
    answers: bool = True
    channels: list[float] = field(default_factory=list)


@dataclass(slots=True)
class Phone:
    """Simulate a phone: what its board expects, what is fitted, how it runs; `shows` are the codes of a test field."""

    label: str
    model: str
    imei: str
    system: str
    board: dict[str, str]
    carried: dict[str, str]
    conditions: dict[str, bool]
    home_panel: str
    panel: str | None
    on: bool = True
    trusted: bool = False
    asked: bool = False
    battery_connected: bool = True
    flex: str = ""
    unbound: bool = False
    memory_lifted: bool = False
    display_status: str = ""
    shows: list[float] | None = None


@dataclass(slots=True)
class World:
    """Hold everything that is simulated. `pace` is the seconds that each chunk of memory takes.

    `events` is what really happened to parts, phones and the programmer, whoever knows of it: what a bench has written
    down can be compared with it. `drift` is the part by which each reading of the colorimeter is higher than the one
    before; `stray` the lux of the room that get into the light box.
    """

    panels: dict[str, Panel]
    phones: dict[str, Phone]
    flexes: dict[str, Flex]
    sockets: dict[str, str | None]
    firmware: str = "1.0"
    newest_firmware: str = "2.1"
    cable: str | None = None
    light: str = "off"
    lux: float = 0.0
    loose_chip: str | None = None
    seed: int = 1
    measured: int = 0
    drift: float = 1e-6
    stray: float = 0.0
    pace: float = 0.0
    faults: Faults = field(default_factory=Faults)
    events: list[list[str]] = field(default_factory=list)

    def phone_on_cable(self) -> Phone | None:
        """Return the phone on the cable, if one is plugged in and runs."""
        phone = self.phones.get(self.cable or "")
        return phone if phone is not None and phone.on else None

    def panel_on(self, socket: str) -> Panel | None:
        """Return the panel on a socket, if it answers."""
        panel = self.panels.get(self.sockets.get(socket) or "")
        return panel if panel is not None and panel.answers else None

    def flex_on(self, socket: str) -> Flex | None:
        """Return the flex that answers on the ear-speaker connector, or on the holder for new ones."""
        if socket == EAR:
            phone = self.phone_on_cable()
            flex = self.flexes.get(phone.flex) if phone is not None and phone.trusted else None
        else:
            flex = self.flexes.get(self.sockets.get(socket) or "")
        return flex if flex is not None and flex.answers else None

    def happened(self, what: str, thing: str, how: str) -> None:
        """Note what really happened."""
        self.events.append([what, thing, how])

    def noise(self) -> random.Random:
        """Return the generator of the next measurement: the same world gives the same noise."""
        self.measured += 1
        return random.Random(f"{self.seed}/{self.measured}")


def load_world(path: Path) -> World:
    """Read a world from its JSON file."""
    raw: dict[str, Any] = json.loads(path.read_text(encoding="utf-8"))
    for panel in raw["panels"].values():
        panel["glass"] = Glass(**panel["glass"]) if panel.get("glass") else None
    raw["panels"] = {key: Panel(**value) for key, value in raw["panels"].items()}
    raw["phones"] = {key: Phone(**value) for key, value in raw["phones"].items()}
    raw["flexes"] = {key: Flex(**value) for key, value in raw.get("flexes", {}).items()}
    raw["faults"] = load_faults(raw.get("faults", {}))
    return World(**raw)


def save_world(world: World, path: Path) -> None:
    """Write a world to its JSON file, whole or not at all."""
    spare = path.with_suffix(".part")
    spare.write_text(json.dumps(asdict(world), indent=1), encoding="utf-8")
    spare.replace(path)
