"""The simulated programmer: parts on sockets, reads, writes that count, firmware."""

import hashlib
import time
from collections.abc import Callable, Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.parts import PartKind, Version
from daruma.core.records import recognise
from daruma.standin.errors import No
from daruma.standin.world import Flex, Panel, World

FIRMWARE_STEPS = 12
Handler = Callable[[Mapping[str, Any]], dict[str, Any]]


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
            "firmware.begin": self._firmware_begin,
            "firmware.step": self._firmware_step,
        }

    def _hello(self, _: Mapping[str, Any]) -> dict[str, Any]:
        return {"kind": "programmer", "name": "Stand-in programmer", "serial": "SP-0001", "firmware": self._world.firmware}

    def _sockets(self, _: Mapping[str, Any]) -> dict[str, Any]:
        return {
            "sockets": {name: self._said(self._world.panel_on(name) or self._world.flex_on(name)) for name in self._world.sockets}
        }

    @staticmethod
    def _said(panel: Panel | Flex | None) -> dict[str, Any] | None:
        if panel is None:
            return None
        if isinstance(panel, Flex):
            size = len(panel.memory) // 2
            return {"die": panel.die, "kind": PartKind.SENSOR_FLEX.value, "maker": "", "family": panel.family, "size": size}
        return {
            "die": panel.die,
            "kind": PartKind.DISPLAY.value,
            "maker": panel.maker,
            "family": panel.family,
            "size": len(panel.memory) // 2,
            "chip": panel.chip,
        }

    def _panel(self, args: Mapping[str, Any]) -> Panel | Flex:
        flex = self._world.flex_on(str(args["socket"]))
        if flex is not None:
            return flex
        panel = self._world.panel_on(str(args["socket"]))
        if panel is None:
            raise No("empty")
        model = self._catalogue.models.get(panel.family)
        if model is not None and (
            Version.parse(self._world.firmware) < model.programmer_firmware or panel.maker in model.unreadable_makers
        ):
            raise No("firmware")
        return panel

    def _read(self, args: Mapping[str, Any]) -> dict[str, Any]:
        panel = self._panel(args)
        memory = bytes.fromhex(panel.memory)
        offset, length = int(args["offset"]), int(args["length"])
        if offset < 0 or not 0 < length <= 256 or offset + length > len(memory):
            raise No("range")
        time.sleep(self._world.pace)
        return {"data": memory[offset : offset + length]}

    def _begin(self, args: Mapping[str, Any]) -> dict[str, Any]:
        panel = self._panel(args)
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
        panel = self._panel(args)
        image, self._buffer = self._buffer, None
        if image is None or hashlib.sha256(image).digest() != args["sha256"]:
            raise No("image")
        time.sleep(4 * self._world.pace)
        if isinstance(panel, Flex):
            panel.memory = bytes(image).hex()
            return {}
        panel.writes += 1
        if panel.limit is not None and panel.writes > panel.limit:
            panel.answers = not self._world.faults.take("spent_write_kills")
            raise No("spent")
        if self._foreign_maker(panel, bytes(image)):
            raise No("maker")
        faults = self._world.faults
        if faults.take("write_fails"):
            raise No("no", "supply dipped during the write")
        if faults.take("torn_page"):
            panel.memory = (bytes(image[: len(image) // 2]) + bytes.fromhex(panel.memory)[len(image) // 2 :]).hex()
        elif not faults.take("write_ignored"):
            panel.memory = bytes(image).hex()
        return {}

    def _foreign_maker(self, panel: Panel, image: bytes) -> bool:
        for layout in recognise(self._catalogue.layouts(PartKind.DISPLAY), image):
            spec = layout.field("panel_maker")
            written = image[spec.offset : spec.end].rstrip(b"\x00 \xff").decode("ascii", errors="replace")
            if written and written != panel.maker:
                return True
        return False

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
        return {"done": done / FIRMWARE_STEPS}
