"""Drivers: what a programmer, a phone on the cable and a colorimeter can be asked."""

import hashlib
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Any, TypeVar

from daruma.core.colour.chromaticity import XYZ
from daruma.core.errors import Trouble
from daruma.core.parts import Function, Identity, PartKind, PartSelf, PartStatus, Version
from daruma.core.tri import Tri
from daruma.link.errors import LinkError
from daruma.link.port import LinkHealth, Port

COMMIT_TIMEOUT = 6.0  # seconds
CHUNK = 32  # bytes in one memory message
USUAL_Y = 0.02  # relative standard uncertainty of luminance where an instrument does not say (ours)
Report = Callable[[float], None]
_T = TypeVar("_T")


@dataclass(frozen=True, slots=True)
class DeviceSelf:
    """Hold what a device says of itself."""

    kind: str
    name: str
    serial: str
    firmware: Version


@dataclass(frozen=True, slots=True)
class PhoneState:
    """Hold what the phone on the cable says; `board` is empty without trust."""

    label: str
    model: str
    imei: str
    system: Version
    trusted: bool
    board: Mapping[Identity, str]


@dataclass(frozen=True, slots=True)
class PageEntry:
    """Hold one line of the phone's parts page."""

    part: PartKind
    status: PartStatus
    notice: bool


@dataclass(frozen=True, slots=True)
class MeterSpec:
    """Hold a colorimeter's standard uncertainties: of a chromaticity as a distance in u'v', of a luminance relative."""

    uv: float
    luminance: float


@dataclass(frozen=True, slots=True)
class AmbientSeen:
    """Hold what the phone's ambient sensor counts in each channel, the gains stored for them (1000 leaves a channel as
    it is), and the XYZ that the phone makes of both, Y in lux.
    """

    counts: tuple[float, ...]
    gains: tuple[float, ...]
    xyz: XYZ


class Driver:
    """Base of drivers: one port, one hello."""

    def __init__(self, port: Port) -> None:
        self._port = port

    def hello(self) -> DeviceSelf:
        """Ask the device who it is."""
        answer = self._port.ask("hello")
        return _read(lambda: DeviceSelf(answer["kind"], answer["name"], answer["serial"], Version.parse(answer["firmware"])))

    @property
    def health(self) -> LinkHealth:
        """Return how the link has done lately."""
        return self._port.health

    def close(self) -> None:
        """Close the port."""
        self._port.close()


class Programmer(Driver):
    """Drive a programmer: parts on sockets, their memory, its own firmware."""

    def sockets(self) -> dict[str, PartSelf | None]:
        """Return the part on each socket as it says of itself, None where none answers."""
        answer = self._port.ask("sockets")
        return _read(lambda: {str(name): _part(said) if said else None for name, said in answer["sockets"].items()})

    def read_memory(self, socket: str, size: int, model: str, report: Report) -> bytes:
        """Read a part's whole memory in chunks; `report` gets the share done."""
        image = bytearray()
        while len(image) < size:
            want = min(CHUNK, size - len(image))
            answer = self._port.ask("memory.read", {"socket": socket, "model": model, "offset": len(image), "length": want})
            data = answer.get("data")
            if not isinstance(data, bytes) or len(data) != want:
                raise LinkError("The programmer gave fewer bytes than asked.", safe="Nothing was changed.", advice="Read again.")
            image += data
            report(len(image) / size)
        return bytes(image)

    def write_memory(self, socket: str, image: bytes, model: str, report: Report, *, die: str) -> None:
        """Write a part's memory: fill the programmer's buffer, then commit once.

        Filling is harmless and repeated where need be; the commit, which uses a write of the part's life, is sent
        exactly once. `die` names the part that is meant: the programmer refuses another one.
        """
        self._port.ask("write.begin", {"socket": socket, "model": model, "length": len(image), "die": die})
        for offset in range(0, len(image), CHUNK):
            self._port.ask("write.page", {"offset": offset, "data": image[offset : offset + CHUNK]})
            report(0.8 * (offset + CHUNK) / len(image))
        digest = hashlib.sha256(image).digest()
        self._port.ask("write.commit", {"socket": socket, "sha256": digest, "die": die}, repeatable=False, timeout=COMMIT_TIMEOUT)
        report(1.0)

    def update_firmware(self, to: Version, report: Report) -> Version:
        """Bring the programmer to a firmware version; return the one it then has."""
        self._port.ask("firmware.begin", {"version": str(to)})
        done = 0.0
        while done < 1.0:
            done = float(self._port.ask("firmware.step", repeatable=False).get("done", 1.0))
            report(done)
        return self.hello().firmware


class PhoneLink(Driver):
    """Drive the phone on the cable."""

    def state(self) -> PhoneState:
        """Read what the phone says of itself."""
        answer = self._port.ask("phone.state")
        return _read(
            lambda: PhoneState(
                str(answer["label"]),
                str(answer["model"]),
                str(answer["imei"]),
                Version.parse(answer["system"]),
                bool(answer["trusted"]),
                {Identity(key): str(value) for key, value in answer["board"].items()},
            )
        )

    def ask_trust(self) -> None:
        """Make the phone show its trust prompt."""
        self._port.ask("phone.trust", repeatable=False)

    def functions(self) -> dict[Function, Tri]:
        """Read which functions the phone shows as present; it cannot show whether a white is right."""
        answer = self._port.ask("phone.functions")
        return _read(lambda: {Function(key): Tri(value) for key, value in answer["functions"].items()})

    def unbind(self) -> None:
        """Unbind the board on the phone; raise Refused where the phone does not let itself be unbound."""
        self._port.ask("phone.unbind", repeatable=False)

    def finish(self) -> PartStatus:
        """Let the phone finish its display; return what the parts page says of it then. Refused gives the reason."""
        answer = self._port.ask("phone.finish", repeatable=False)
        return _read(lambda: PartStatus(answer["status"]))

    def show_field(self, rgb: tuple[float, float, float] | None) -> None:
        """Show a field of codes from 0 to 1 straight on the panel, past its record; None brings the white page back."""
        self._port.ask("phone.field", {"rgb": list(rgb) if rgb is not None else None})

    def ambient(self) -> AmbientSeen:
        """Read the phone's ambient sensor."""
        answer = self._port.ask("phone.ambient")
        return _read(
            lambda: AmbientSeen(tuple(float(c) for c in answer["counts"]), tuple(float(g) for g in answer["gains"]), _xyz(answer))
        )

    def parts_page(self) -> tuple[PageEntry, ...]:
        """Read the parts page."""
        answer = self._port.ask("phone.parts")
        return _read(
            lambda: tuple(PageEntry(PartKind(p["part"]), PartStatus(p["status"]), bool(p["notice"])) for p in answer["parts"])
        )


class Colorimeter(Driver):
    """Drive a colorimeter with a light box around the phone."""

    def set_light(self, light: str, lux: float) -> None:
        """Switch the light box to a named lamp at an illuminance in lux."""
        self._port.ask("light.set", {"light": light, "lux": lux})

    def spec(self) -> MeterSpec:
        """Return what the instrument says of its own uncertainty."""
        answer = self._port.ask("meter.spec")
        return _read(lambda: MeterSpec(float(answer["uncertainty_uv"]), float(answer.get("uncertainty_y", USUAL_Y))))

    def read_screen(self) -> XYZ:
        """Measure the screen's white: XYZ in cd/m2."""
        return _xyz(self._port.ask("meter.screen"))

    def read_ambient(self) -> XYZ:
        """Measure the light that falls on the phone: XYZ in lux."""
        return _xyz(self._port.ask("meter.ambient"))


def _xyz(answer: Mapping[str, Any]) -> XYZ:
    return _read(lambda: (float(answer["xyz"][0]), float(answer["xyz"][1]), float(answer["xyz"][2])))


def _part(said: Mapping[str, Any]) -> PartSelf:
    chip = said.get("chip")
    return PartSelf(
        str(said["die"]),
        PartKind(said["kind"]),
        str(said["maker"]),
        str(said["family"]),
        int(said["size"]),
        str(chip) if chip else None,
    )


def _read(build: Callable[[], _T]) -> _T:
    try:
        return build()
    except Trouble:
        raise
    except (KeyError, ValueError, TypeError, IndexError, AttributeError) as error:
        raise LinkError(
            "The device gave an answer that makes no sense.",
            safe="Nothing was changed.",
            advice="Check its firmware, then try again.",
        ) from error
