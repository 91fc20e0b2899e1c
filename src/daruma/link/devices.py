"""Drivers: what a programmer, a phone on the cable and a colorimeter can be asked.

Every answer is checked for its shape and bounded in size here; every operation is bounded in time.
"""

import hashlib
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from math import isfinite
from typing import Any, TypeVar

from daruma.core.colour.chromaticity import XYZ
from daruma.core.errors import Trouble
from daruma.core.parts import Function, Identity, PartKind, PartSelf, PartStatus, Version
from daruma.core.plain import plain
from daruma.core.tri import Tri
from daruma.link.errors import DeviceFault
from daruma.link.port import LinkHealth, Port

COMMIT_TIMEOUT = 6.0  # seconds
CHUNK = 32  # bytes in one memory message
USUAL_Y = 0.02  # relative standard uncertainty of luminance where an instrument does not say (ours)
OPERATION = 60.0  # seconds that reading or writing a memory may take, whatever each answer does
FIRMWARE = 600.0  # seconds of a firmware update
FIRMWARE_STEPS = 5000  # steps of one
LONGEST_TEXT = 200  # characters of a text in an answer
LONGEST_DIE = 64
MOST_SOCKETS, MOST_ENTRIES, MOST_CHANNELS = 64, 64, 64
LARGEST_MEMORY = 1 << 20  # bytes
LARGEST_NUMBER = 1e9  # of what is measured
Report = Callable[[float], None]


def _nothing() -> None:
    return None


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
        return _read(
            lambda: DeviceSelf(
                _text(answer["kind"]), _text(answer["name"]), _text(answer["serial"]), _version(answer["firmware"])
            )
        )

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
        return _read(
            lambda: {_text(name): _part(said) if said else None for name, said in _few(answer["sockets"], MOST_SOCKETS).items()}
        )

    def read_memory(self, socket: str, size: int, model: str, report: Report, *, die: str) -> bytes:
        """Read a part's whole memory in chunks; `report` gets the share done.

        `die` names the part that is meant: the programmer refuses another one.
        """
        image = bytearray()
        with self._port.within(OPERATION):
            while len(image) < size:
                want = min(CHUNK, size - len(image))
                place = {"socket": socket, "model": model, "offset": len(image), "length": want, "die": die}
                data = self._port.ask("memory.read", place).get("data")
                if not isinstance(data, bytes) or len(data) != want:
                    raise DeviceFault(
                        "The programmer gave other bytes than asked.", safe="Nothing was changed.", advice="Read again."
                    )
                image += data
                report(len(image) / size)
        return bytes(image)

    def write_memory(
        self, socket: str, image: bytes, model: str, report: Report, *, die: str, sending: Callable[[], None] = _nothing
    ) -> None:
        """Write a part's memory: fill the programmer's buffer, then commit once.

        Filling is harmless and repeated where need be; the commit, which uses a write of the part's life, is sent
        exactly once, and `sending` is called just before. `die` names the part that is meant: the programmer refuses
        another one.
        """
        with self._port.within(OPERATION):
            self._port.ask("write.begin", {"socket": socket, "model": model, "length": len(image), "die": die})
            for offset in range(0, len(image), CHUNK):
                self._port.ask("write.page", {"offset": offset, "data": image[offset : offset + CHUNK]})
                report(0.8 * (offset + CHUNK) / len(image))
        commit = {"socket": socket, "sha256": hashlib.sha256(image).digest(), "die": die}
        sending()
        self._port.ask("write.commit", commit, repeatable=False, timeout=COMMIT_TIMEOUT)
        report(1.0)

    def update_firmware(self, to: Version, report: Report, sending: Callable[[], None] = _nothing) -> Version:
        """Bring the programmer to a firmware version; return the one it then has.

        Raises DeviceFault for an update that does not go on.
        """
        with self._port.within(FIRMWARE):
            self._port.ask("firmware.begin", {"version": str(to)})
            sending()
            for _ in range(FIRMWARE_STEPS):
                answer = self._port.ask("firmware.step", repeatable=False)
                done = _read(lambda answer=answer: _number(answer.get("done", 1.0)))  # type: ignore[misc]
                report(min(1.0, done))
                if done >= 1.0:
                    return self.hello().firmware
        raise DeviceFault(
            "The programmer's update does not come to an end.",
            safe="No part was touched.",
            advice="Restart it, then update again.",
        )


class PhoneLink(Driver):
    """Drive the phone on the cable."""

    def state(self) -> PhoneState:
        """Read what the phone says of itself."""
        answer = self._port.ask("phone.state")
        return _read(
            lambda: PhoneState(
                _text(answer["label"]),
                _text(answer["model"]),
                _text(answer["imei"]),
                _version(answer["system"]),
                _flag(answer["trusted"]),
                {Identity(key): _text(value) for key, value in _few(answer["board"], MOST_ENTRIES).items()},
            )
        )

    def ask_trust(self) -> None:
        """Make the phone show its trust prompt."""
        self._port.ask("phone.trust", repeatable=False)

    def functions(self) -> dict[Function, Tri]:
        """Read which functions the phone shows as present; it cannot show whether a white is right."""
        answer = self._port.ask("phone.functions")
        return _read(lambda: {Function(key): Tri(value) for key, value in _few(answer["functions"], MOST_ENTRIES).items()})

    def unbind(self, sending: Callable[[], None] = _nothing) -> None:
        """Unbind the board on the phone; raise Refused where the phone does not let itself be unbound."""
        sending()
        self._port.ask("phone.unbind", repeatable=False)

    def finish(self, sending: Callable[[], None] = _nothing) -> PartStatus:
        """Let the phone finish its display; return what the parts page says of it then. Refused gives the reason."""
        sending()
        answer = self._port.ask("phone.finish", repeatable=False)
        return _read(lambda: PartStatus(answer["status"]))

    def show_field(self, rgb: tuple[float, float, float] | None) -> None:
        """Show a field of codes from 0 to 1 straight on the panel, past its record; None brings the white page back."""
        self._port.ask("phone.field", {"rgb": list(rgb) if rgb is not None else None})

    def ambient(self) -> AmbientSeen:
        """Read the phone's ambient sensor."""
        answer = self._port.ask("phone.ambient")
        return _read(lambda: AmbientSeen(_numbers(answer["counts"]), _numbers(answer["gains"]), _xyz(answer)))

    def parts_page(self) -> tuple[PageEntry, ...]:
        """Read the parts page."""
        answer = self._port.ask("phone.parts")
        return _read(
            lambda: tuple(
                PageEntry(PartKind(p["part"]), PartStatus(p["status"]), _flag(p["notice"]))
                for p in _several(answer["parts"], MOST_ENTRIES)
            )
        )


class Colorimeter(Driver):
    """Drive a colorimeter with a light box around the phone."""

    def set_light(self, light: str, lux: float) -> None:
        """Switch the light box to a named lamp at an illuminance in lux."""
        self._port.ask("light.set", {"light": light, "lux": lux})

    def spec(self) -> MeterSpec:
        """Return what the instrument says of its own uncertainty."""
        answer = self._port.ask("meter.spec")
        return _read(lambda: MeterSpec(_share(answer["uncertainty_uv"]), _share(answer.get("uncertainty_y", USUAL_Y))))

    def read_screen(self) -> XYZ:
        """Measure the screen's white: XYZ in cd/m2."""
        return _xyz(self._port.ask("meter.screen"))

    def read_ambient(self) -> XYZ:
        """Measure the light that falls on the phone: XYZ in lux."""
        return _xyz(self._port.ask("meter.ambient"))


def _xyz(answer: Mapping[str, Any]) -> XYZ:
    def built() -> XYZ:
        x, y, z = _numbers(answer["xyz"])
        return x, y, z

    return _read(built)


def _part(said: Mapping[str, Any]) -> PartSelf:
    chip = said.get("chip")
    size = said["size"]
    if type(size) is not int or not 0 < size <= LARGEST_MEMORY:
        raise ValueError("no size of a memory")
    return PartSelf(
        _text(said["die"], LONGEST_DIE),
        PartKind(said["kind"]),
        _text(said["maker"]),
        _text(said["family"]),
        size,
        _text(chip) if chip else None,
    )


def _text(value: object, most: int = LONGEST_TEXT) -> str:
    """Return a text, what steers in it replaced; raise ValueError for another thing or a longer one."""
    if not isinstance(value, str) or len(value) > most:
        raise ValueError("no text, or a long one")
    return plain(value)


def _version(value: object) -> Version:
    return Version.parse(_text(value, 20))


def _flag(value: object) -> bool:
    if not isinstance(value, bool):
        raise ValueError("neither true nor false")
    return value


def _number(value: object) -> float:
    if isinstance(value, bool) or not isinstance(value, int | float) or not isfinite(value) or abs(value) > LARGEST_NUMBER:
        raise ValueError("no number, or none that could be measured")
    return float(value)


def _share(value: object) -> float:
    number = _number(value)
    if not 0 <= number <= 1:
        raise ValueError("not between 0 and 1")
    return number


def _numbers(values: object) -> tuple[float, ...]:
    return tuple(_number(value) for value in _several(values, MOST_CHANNELS))


def _several(values: Any, most: int) -> list[Any]:
    if not isinstance(values, list) or len(values) > most:
        raise ValueError("no list, or a long one")
    return values


def _few(values: Any, most: int) -> dict[Any, Any]:
    if not isinstance(values, dict) or len(values) > most:
        raise ValueError("no map, or a large one")
    return values


def _read(build: Callable[[], _T]) -> _T:
    try:
        return build()
    except Trouble:
        raise
    except (KeyError, ValueError, TypeError, IndexError, AttributeError) as error:
        raise DeviceFault(
            "The device gave an answer that makes no sense.",
            safe="Nothing was changed.",
            advice="Check its firmware, then try again.",
        ) from error
