"""Drivers: what a programmer, a phone on the cable and a colorimeter can be asked.

Every answer is checked for its shape and bounded in size here; every operation is bounded in time.
"""

import hashlib
from collections.abc import Callable, Mapping

from msgspec import Struct

from daruma.core.colour.chromaticity import XYZ
from daruma.core.face import LineTest
from daruma.core.language import tr
from daruma.core.parts import Function, Identity, PartKind, PartSelf, PartStatus, Version
from daruma.core.tri import Tri
from daruma.link.errors import DeviceFault
from daruma.link.port import LinkHealth, Port
from daruma.link.shapes import (
    MOST_ENTRIES,
    MOST_SOCKETS,
    few,
    flag,
    number,
    numbers,
    part,
    read,
    several,
    share,
    text,
    version,
    xyz,
)

COMMIT_TIMEOUT = 6.0  # seconds
CHUNK = 32  # bytes in one memory message
USUAL_Y = 0.02  # relative standard uncertainty of luminance where an instrument does not say (ours)
OPERATION = 60.0  # seconds that reading or writing a memory may take, whatever each answer does
FIRMWARE = 600.0  # seconds of a firmware update
FIRMWARE_STEPS = 5000  # steps of one
MOST_LINES, MOST_DOTS = 32, 4000
ACTIVATION_STEPS = 2000  # requests that one activation may take
Report = Callable[[float], None]


def _nothing() -> None:
    return None


class DeviceSelf(Struct, frozen=True):
    """Hold what a device says of itself; `simulated` where it is a stand-in."""

    kind: str
    name: str
    serial: str
    firmware: Version
    simulated: bool = False


class PhoneState(Struct, frozen=True):
    """Hold what the phone on the cable says; `board` is empty without trust."""

    label: str
    model: str
    imei: str
    system: Version
    trusted: bool
    board: Mapping[Identity, str]


class PageEntry(Struct, frozen=True):
    """Hold one line of the phone's parts page."""

    part: PartKind
    status: PartStatus
    notice: bool


class MeterSpec(Struct, frozen=True):
    """Hold a colorimeter's standard uncertainties: of a chromaticity as a distance in u'v', of a luminance relative."""

    uv: float
    luminance: float


class AmbientSeen(Struct, frozen=True):
    """Hold what the phone's ambient sensor counts in each channel, the gains stored for them (1000 leaves a channel as
    it is), and the XYZ that the phone makes of both, Y in lux.
    """

    counts: tuple[float, ...]
    gains: tuple[float, ...]
    xyz: XYZ


class SupplyState(Struct, frozen=True):
    """Hold what a supply says: its kind, the voltage it is set to, the voltage and current that it gives, its lamp."""

    kind: str
    set_v: float
    volts: float
    amperes: float
    lamp: bool


class Driver:
    """Base of drivers: one port, one hello."""

    def __init__(self, port: Port) -> None:
        self._port = port
        self.simulated = False

    def hello(self) -> DeviceSelf:
        """Ask the device who it is."""
        answer = self._port.ask("hello")
        said = read(
            lambda: DeviceSelf(
                text(answer["kind"]),
                text(answer["name"]),
                text(answer["serial"]),
                version(answer["firmware"]),
                flag(answer.get("simulated", False)),
            )
        )
        self.simulated = said.simulated
        return said

    @property
    def port(self) -> Port:
        """Return the port, for what single kinds of parts ask of the device."""
        return self._port

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
        return read(
            lambda: {text(name): part(said) if said else None for name, said in few(answer["sockets"], MOST_SOCKETS).items()}
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
                        tr("The programmer gave other bytes than asked."),
                        safe=tr("Nothing was changed."),
                        advice=tr("Read again."),
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
                done = read(lambda answer=answer: number(answer.get("done", 1.0)))  # type: ignore[misc]
                report(min(1.0, done))
                if done >= 1.0:
                    return self.hello().firmware
        raise DeviceFault(
            tr("The programmer's update does not come to an end."),
            safe=tr("No part was touched."),
            advice=tr("Restart it, then update again."),
        )

    def test_lines(self, socket: str, die: str) -> LineTest:
        """Test the lines of the face module on a place; `die` names the one that is meant."""
        answer = self._port.ask("face.test", {"socket": socket, "die": die})
        return read(
            lambda: LineTest(
                tuple(
                    (text(line["name"], 20), number(line["ohms"]), text(line["state"], 20))
                    for line in several(answer["lines"], MOST_LINES)
                ),
                text(answer["link"], 40),
                text(answer["switch"], 20),
                int(number(answer["counter"])),
                int(number(answer["revision"])),
                flag(answer["repaired"]),
                own_supply=flag(answer.get("own_supply", False)),
                die=die,
            )
        )

    def activate(self, socket: str, die: str, step: Report, sending: Callable[[], None] = _nothing) -> None:
        """Open the power switch of the face module on a place: begun exactly once, then followed to its end.

        `step` gets the share done. Raises DeviceFault for one that does not come to an end.
        """
        place = {"socket": socket, "die": die}
        with self._port.within(OPERATION):
            sending()
            self._port.ask("face.activate", place, repeatable=False)
            for _ in range(ACTIVATION_STEPS):
                answer = self._port.ask("face.step", place, repeatable=False)
                done = read(lambda answer=answer: number(answer.get("done", 1.0)))  # type: ignore[misc]
                step(min(1.0, done))
                if done >= 1.0:
                    return
        raise DeviceFault(
            tr("The activation does not come to an end."), safe=tr("It counts as spent."), advice=tr("Settle it by looking.")
        )


class PhoneLink(Driver):
    """Drive the phone on the cable."""

    def state(self) -> PhoneState:
        """Read what the phone says of itself."""
        answer = self._port.ask("phone.state")
        return read(
            lambda: PhoneState(
                text(answer["label"]),
                text(answer["model"]),
                text(answer["imei"]),
                version(answer["system"]),
                flag(answer["trusted"]),
                {Identity(key): text(value) for key, value in few(answer["board"], MOST_ENTRIES).items()},
            )
        )

    def ask_trust(self) -> None:
        """Make the phone show its trust prompt."""
        self._port.ask("phone.trust", repeatable=False)

    def functions(self) -> dict[Function, Tri]:
        """Read which functions the phone shows as present; it cannot show whether a white is right."""
        answer = self._port.ask("phone.functions")
        return read(lambda: {Function(key): Tri(value) for key, value in few(answer["functions"], MOST_ENTRIES).items()})

    def unbind(self, sending: Callable[[], None] = _nothing) -> None:
        """Unbind the board on the phone; raise Refused where the phone does not let itself be unbound."""
        sending()
        self._port.ask("phone.unbind", repeatable=False)

    def finish(self, sending: Callable[[], None] = _nothing, part: PartKind = PartKind.DISPLAY) -> PartStatus:
        """Let the phone finish a part; return what the parts page says of it then. Refused gives the reason."""
        sending()
        op = "phone.finish" if part is PartKind.DISPLAY else f"phone.finish_{part.value}"
        answer = self._port.ask(op, repeatable=False)
        return read(lambda: PartStatus(answer["status"]))

    def show_field(self, rgb: tuple[float, float, float] | None) -> None:
        """Show a field of codes from 0 to 1 straight on the panel, past its record; None brings the white page back."""
        self._port.ask("phone.field", {"rgb": list(rgb) if rgb is not None else None})

    def ambient(self) -> AmbientSeen:
        """Read the phone's ambient sensor."""
        answer = self._port.ask("phone.ambient")
        return read(lambda: AmbientSeen(numbers(answer["counts"]), numbers(answer["gains"]), xyz(answer)))

    def face_codes(self) -> dict[Identity, str]:
        """Read the serials that the phone's face module gives; empty ones do not answer."""
        answer = self._port.ask("phone.face")
        return read(lambda: {Identity(key): text(value) for key, value in few(answer, MOST_ENTRIES).items()})

    def dots(self, card: int, frame: int) -> tuple[float, ...]:
        """Return what the infrared camera sees of a card in one frame: u, v one after the other, px."""
        data = self._port.ask("phone.dots", {"card": card, "frame": frame}).get("dots")
        if not isinstance(data, bytes) or len(data) % 4 or len(data) > 4 * MOST_DOTS:
            raise DeviceFault(
                tr("The phone gave dots that make no sense."), safe=tr("Nothing was changed."), advice=tr("Try again.")
            )
        return tuple(int.from_bytes(data[at : at + 2], "big") / 64 for at in range(0, len(data), 2))

    def face_warning(self) -> bool:
        """Return whether the phone warns of its face unlock."""
        answer = self._port.ask("phone.warning")
        return read(lambda: flag(answer["warning"]))

    def enrol(self) -> None:
        """Make the phone enrol its owner's face anew."""
        self._port.ask("phone.enrol")

    def try_unlock(self) -> bool:
        """Let the enrolled face unlock the phone once; return whether it did."""
        answer = self._port.ask("phone.unlock")
        return read(lambda: flag(answer["unlocked"]))

    def parts_page(self) -> tuple[PageEntry, ...]:
        """Read the parts page."""
        answer = self._port.ask("phone.parts")
        return read(
            lambda: tuple(
                PageEntry(PartKind(p["part"]), PartStatus(p["status"]), flag(p["notice"]))
                for p in several(answer["parts"], MOST_ENTRIES)
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
        return read(lambda: MeterSpec(share(answer["uncertainty_uv"]), share(answer.get("uncertainty_y", USUAL_Y))))

    def read_screen(self) -> XYZ:
        """Measure the screen's white: XYZ in cd/m2."""
        return xyz(self._port.ask("meter.screen"))

    def read_ambient(self) -> XYZ:
        """Measure the light that falls on the phone: XYZ in lux."""
        return xyz(self._port.ask("meter.ambient"))


class Supply(Driver):
    """Drive a supply."""

    def state(self) -> SupplyState:
        """Read what it is set to and what it gives."""
        answer = self._port.ask("supply.state")
        return read(
            lambda: SupplyState(
                text(answer["kind"], 20),
                number(answer["set_v"]),
                number(answer["volts"]),
                number(answer["amperes"]),
                flag(answer["lamp"]),
            )
        )
