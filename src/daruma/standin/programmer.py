"""The simulated programmer: parts on sockets, reads, writes that count, firmware."""

import hashlib
import time
from collections.abc import Callable, Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.parts import PartKind, Version
from daruma.standin.errors import No
from daruma.standin.kinds import room, rooms
from daruma.standin.kinds.room import Tool
from daruma.standin.world import Thing, World

FIRMWARE_STEPS = 12
FIRST_FIRMWARE = "1.0"
COMMIT = "write.commit"
Handler = Callable[[Mapping[str, Any]], dict[str, Any]]


class Reset(Exception):
    """Report that the programmer restarted in mid-act: no answer goes out."""


class ProgrammerSim:
    """Answer as a programmer."""

    def __init__(self, world: World, catalogue: Catalogue) -> None:
        self._world = world
        self._catalogue = catalogue
        self._buffer: bytearray | None = None
        self._filled = 0
        self._update: tuple[str, int] | None = None

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": self._hello,
            "sockets": self._sockets,
            "memory.read": self._read,
            "write.begin": self._begin,
            "write.page": self._page,
            "write.commit": self._commit,
            **{op: self._at_part(op, room.thing.KIND, asked) for room in rooms() for op, asked in room.tools.items()},
            "firmware.begin": self._firmware_begin,
            "firmware.step": self._firmware_step,
        }

    def _hello(self, _: Mapping[str, Any]) -> dict[str, Any]:
        return {"kind": "programmer", "name": "Stand-in programmer", "serial": "SP-0001", "firmware": self._world.firmware}

    def _there(self, socket: str) -> Thing | None:
        """Return the part that answers on a place of the programmer."""
        reaching = (room.places[socket] for room in rooms() if socket in room.places)
        into_phone = next(reaching, None)
        part = into_phone(self._world) if into_phone else self._world.find(self._world.sockets.get(socket))
        return part if part is not None and part.answers else None

    def _sockets(self, _: Mapping[str, Any]) -> dict[str, Any]:
        if self._world.faults.take("poor_contact", "sockets") or self._world.faults.take("failing_adapter", "sockets"):
            return {"sockets": dict.fromkeys(self._world.sockets)}
        if self._world.faults.take("wrong_part", "sockets"):
            for name in self._world.sockets:
                self._exchange(name)
        said = {name: self._said(self._there(name)) for name in self._world.sockets}
        there = next((name for name, part in said.items() if part is not None), "")
        if there and self._world.faults.take("nameless_part", "sockets"):
            said[there] = {**(said[there] or {}), "die": ""}
        if there and self._world.faults.take("twin_part", "sockets"):
            said[next(name for name, part in said.items() if part is None)] = said[there]
        return {"sockets": said}

    @staticmethod
    def _said(part: Thing | None) -> dict[str, Any] | None:
        if part is None:
            return None
        return {
            "die": part.die,
            "kind": part.KIND.value,
            "maker": part.maker,
            "family": part.family,
            "size": len(part.memory) // 2,
            **room(part.KIND).says(part),
        }

    def restart(self) -> None:
        """Forget what was in hand: the buffer, an update that was begun."""
        self._buffer, self._update = None, None

    def _part(self, args: Mapping[str, Any], op: str) -> Thing:
        self._contact(str(args["socket"]), op)
        part = self._there(str(args["socket"]))
        if part is None:
            raise No("empty")
        model = self._catalogue.models.get(part.family)
        if model is not None and not room(part.KIND).readable(self._world, part, model):
            raise No("firmware")
        return part

    def _contact(self, socket: str, op: str) -> None:
        """Let contact, part and firmware be what the faults say."""
        faults = self._world.faults
        if faults.take("old_firmware", op):
            self._world.firmware = FIRST_FIRMWARE
        if faults.take("wrong_part", op):
            self._exchange(socket)
        if faults.take("poor_contact", op) or faults.take("failing_adapter", op):
            raise No("empty")

    def _exchange(self, socket: str) -> None:
        """Put another part on a socket, of the same kind if there is one: one that is nowhere else."""
        there = self._world.find(self._world.sockets.get(socket))
        if there is None:
            return
        busy = {die for phone in self._world.phones.values() for die in phone.fitted.values()} | set(self._world.sockets.values())
        free = [part for part in self._world.everything() if part.die not in busy and part.answers]
        other = next(iter(sorted(free, key=lambda part: part.KIND is not there.KIND)), None)
        if other is not None:
            self._world.sockets[socket] = other.die

    def _at_part(self, op: str, kind: PartKind, asked: Tool) -> Handler:
        """Return what a kind of part lets the programmer do with it, besides reading and writing its memory."""

        def handled(args: Mapping[str, Any]) -> dict[str, Any]:
            time.sleep(self._world.pace)
            part = self._meant(args, op)
            if part.KIND is not kind:
                raise No("part")
            return asked(self._world, part, args)

        return handled

    def _meant(self, args: Mapping[str, Any], op: str) -> Thing:
        part = self._part(args, op)
        if args.get("die", part.die) != part.die:
            raise No("part")
        return part

    def _read(self, args: Mapping[str, Any]) -> dict[str, Any]:
        panel = self._meant(args, "memory.read")
        memory = bytes.fromhex(panel.memory)
        offset, length = int(args["offset"]), int(args["length"])
        if offset < 0 or not 0 < length <= 256 or offset + length > len(memory):
            raise No("range")
        time.sleep(self._world.pace)
        data = memory[offset : offset + length]
        if noisy := self._world.faults.take("noisy_contact", "memory.read"):
            data = _flipped(data, noisy.at)
        return {"data": data}

    def _begin(self, args: Mapping[str, Any]) -> dict[str, Any]:
        panel = self._meant(args, "write.begin")
        length = int(args["length"])
        if length != len(panel.memory) // 2:
            raise No("range")
        self._buffer = bytearray(length)
        self._filled = 0
        return {}

    def _page(self, args: Mapping[str, Any]) -> dict[str, Any]:
        offset, data = int(args["offset"]), bytes(args["data"])
        if self._buffer is None or offset < 0 or offset + len(data) > len(self._buffer):
            raise No("range")
        self._buffer[offset : offset + len(data)] = data
        time.sleep(self._world.pace)
        return {}

    def _commit(self, args: Mapping[str, Any]) -> dict[str, Any]:
        part = self._meant(args, COMMIT)
        image, self._buffer = self._buffer, None
        if image is None or hashlib.sha256(image).digest() != args["sha256"]:
            raise No("image")
        time.sleep(4 * self._world.pace)
        # from here on the part has had a write, whatever comes of it
        self._world.happened("write", part.die, hashlib.sha256(image).hexdigest())
        room(part.KIND).written(self._world, part, bytes(image), self._catalogue)
        return self._burn(part, bytes(image))

    def _burn(self, part: Thing, image: bytes) -> dict[str, Any]:
        """Bring bytes into a part's memory, as far as the faults let it."""
        faults, before = self._world.faults, bytes.fromhex(part.memory)
        if faults.take("voltage_dip", COMMIT):
            raise No("no", "supply dipped during the write")
        if faults.take("write_ignored", COMMIT):
            return {}
        if reset := faults.take("reset", COMMIT):
            part.memory = (image[: reset.at] + before[reset.at :]).hex()
            self.restart()
            raise Reset
        if torn := faults.take("torn_page", COMMIT):
            cut = torn.at or len(image) // 2
            image = image[:cut] + before[cut:]
        if noisy := faults.take("noisy_contact", COMMIT):
            image = _flipped(image, noisy.at)
        if stuck := faults.take("stuck_bit", COMMIT):
            byte, bit = stuck.at // 8 % len(image), 1 << stuck.at % 8
            image = image[:byte] + bytes([image[byte] & ~bit | before[byte] & bit]) + image[byte + 1 :]
        if faults.take("spoilt_and_denied", COMMIT):
            part.memory = _flipped(image, 77).hex()
            raise No("image")
        part.memory = image.hex()
        if faults.take("lying_answer", COMMIT):
            raise No("busy")
        return {}

    def _firmware_begin(self, args: Mapping[str, Any]) -> dict[str, Any]:
        wanted = Version.parse(str(args["version"]))
        if wanted > Version.parse(self._world.newest_firmware):
            raise No("no", f"newest firmware is {self._world.newest_firmware}")
        self._update = (str(wanted), 0)
        return {}

    def _firmware_step(self, _: Mapping[str, Any]) -> dict[str, Any]:
        if self._update is None:
            raise No("no", "no update was begun")
        version, done = self._update
        done += 1
        time.sleep(4 * self._world.pace)
        self._update = (version, done) if done < FIRMWARE_STEPS else None
        if self._update is None:
            self._world.firmware = version
            self._world.happened("firmware", "SP-0001", version)
        return {"done": done / FIRMWARE_STEPS}


def _flipped(data: bytes, bit: int) -> bytes:
    byte = bit // 8 % len(data)
    return data[:byte] + bytes([data[byte] ^ (1 << bit % 8)]) + data[byte + 1 :]
