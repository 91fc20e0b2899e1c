"""The stand-ins behind their wires: frames in, decisions, frames out, and the faults of wire and programmer."""

import os
import threading
import time
from collections.abc import Callable, Mapping
from pathlib import Path
from typing import Any

from msgspec import Struct

from daruma.catalogue.loader import Catalogue
from daruma.link.errors import LinkError
from daruma.link.framing import FrameError, frame, unframe
from daruma.link.messages import Answer, Request, pack_answer, unpack_request
from daruma.standin.errors import No
from daruma.standin.file import save_world
from daruma.standin.hands import HandsSim
from daruma.standin.lightbox import LightBoxSim
from daruma.standin.phone import PhoneSim
from daruma.standin.programmer import ProgrammerSim, Reset
from daruma.standin.station import StationSim
from daruma.standin.supply import SupplySim
from daruma.standin.thermocouple import ThermocoupleSim
from daruma.standin.usb_meter import UsbMeterSim
from daruma.standin.wires import PtyWire, TcpWire, Wire
from daruma.standin.world import World

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]
READS_ONLY = frozenset(
    {
        "hello",
        "sockets",
        "memory.read",
        "phone.state",
        "phone.functions",
        "phone.parts",
        "phone.front_record",
        "phone.front_state",
        "phone.frame",
        "phone.rear_record",
        "phone.sweep",
        "hands.look",
        "face.test",
        "supply.state",
        "station.state",
        "station.samples",
        "heat.state",
        "heat.samples",
        "usb.state",
        "usb.samples",
        "phone.gauge",
        "flex.state",
    }
)
GONE_SECONDS = 0.05  # how long an unplugged device stays away


class Bench:
    """Hold every simulated device behind a wire of its own, over one world."""

    def __init__(self, world: World, catalogue: Catalogue, *, file: Path | None = None, mortal: bool = True) -> None:
        """Make the devices; `file` keeps the world's changes, `mortal` lets the fault `die` end the process."""
        self.world = world
        self.lock = threading.Lock()
        self._file = file
        self._mortal = mortal
        self._wires: tuple[Wire, ...] = ()
        self._programmer = ProgrammerSim(world, catalogue)
        self.box = LightBoxSim(world, catalogue)
        handlers = {
            "programmer": self._programmer.handlers(),
            "phone": PhoneSim(world, catalogue).handlers(),
            "colorimeter": self.box.handlers(),
            "supply": SupplySim(world).handlers(),
            "station": StationSim(world).handlers(),
            "thermocouple": ThermocoupleSim(world).handlers(),
            "usb_meter": UsbMeterSim(world, catalogue).handlers(),
            "hands": HandsSim(world, catalogue).handlers(),
        }
        self.devices = {name: Device(name, handled, self) for name, handled in handlers.items()}

    def serve(self, folder: Path, *, tcp: bool = False) -> dict[str, str]:
        """Serve every device on threads; return the wires by device. `folder` gets the links to pseudo-terminals."""
        wires: dict[str, Wire] = {name: TcpWire() if tcp else PtyWire(folder / name, GONE_SECONDS) for name in self.devices}
        self._wires = tuple(wires.values())
        for name, wire in wires.items():
            threading.Thread(target=self.devices[name].serve, args=(wire,), daemon=True).start()
        return {name: wire.url for name, wire in wires.items()}

    def stop(self) -> None:
        """Stop serving; the other side must have closed its ends."""
        for wire in self._wires:
            wire.stop()
        self._wires = ()

    def save(self) -> None:
        """Keep the world."""
        if self._file is not None:
            save_world(self.world, self._file)

    def restart_programmer(self) -> None:
        """Let the programmer forget what it had in hand."""
        self._programmer.restart()

    def die(self) -> None:
        """End the process where it may end, else only restart the programmer."""
        if self._mortal:
            os._exit(3)
        self.restart_programmer()


class Reply(Struct, frozen=True):
    """Hold what goes back on the wire: bytes, and whether the wire goes dead after them."""

    data: bytes = b""
    unplug: bool = False


class Device:
    """Serve one device's requests: read frames, decide, answer."""

    def __init__(self, name: str, handlers: Mapping[str, Handler], bench: Bench) -> None:
        self._name = name
        self._handlers = handlers
        self._bench = bench
        self._held = b""

    def serve(self, wire: Wire) -> None:
        """Answer until the wire ends for good."""
        buffer = bytearray()
        while True:
            chunk = wire.read()
            if not chunk and not wire.comes_back():
                return
            buffer += chunk
            while (cut := buffer.find(0)) >= 0:
                raw = bytes(buffer[:cut])
                del buffer[: cut + 1]
                reply = self._reply(raw)
                wire.send(reply.data)
                if reply.unplug:
                    buffer.clear()
                    wire.unplug()

    def _reply(self, raw: bytes) -> Reply:
        try:
            request = unpack_request(unframe(raw))
        except (FrameError, LinkError):
            return Reply()  # a damaged request is not answered: the other side asks again
        with self._bench.lock:
            slow = self._due("slow", request)
            reply = self._handled(request)
        if slow:
            time.sleep(slow.seconds)
        return reply

    def _handled(self, request: Request) -> Reply:
        if self._due("flipped_request", request):
            return Reply()
        if self._due("unplug_request", request):
            return Reply(unplug=True)
        if request.op != "write.commit" and self._due("reset", request):
            self._bench.restart_programmer()
            return Reply(unplug=True)
        happened = len(self._bench.world.events)
        try:
            answer = self._decide(request)
        except Reset:
            self._bench.save()
            return Reply(unplug=True)
        if request.op not in READS_ONLY or len(self._bench.world.events) != happened:
            self._bench.save()
        if self._due("die", request):
            self._bench.die()
            return Reply(unplug=True)
        return self._spoiled(frame(pack_answer(answer)), request)

    def _decide(self, request: Request) -> Answer:
        handler = self._handlers.get(request.op)
        if handler is None:
            return Answer(request.ident, None, "unknown", request.op)
        try:
            said = handler(request.args)
            return Answer(request.ident, {**said, "simulated": True} if request.op == "hello" else said)
        except No as no:
            return Answer(request.ident, None, no.code, no.text)
        except (KeyError, ValueError, TypeError) as error:
            return Answer(request.ident, None, "no", f"{request.op}: {error}")

    def _spoiled(self, raw: bytes, request: Request) -> Reply:
        """Let the wire do to an answer what its faults say."""
        if cut := self._due("unplug", request):
            return Reply(raw[: cut.at % len(raw)], unplug=True)
        if self._due("lost_answer", request):
            return Reply()
        if flip := self._due("flipped_bit", request):
            place = (flip.at or len(raw) // 2) % (len(raw) - 1)
            raw = raw[:place] + bytes([raw[place] ^ 0x10 or 0x11]) + raw[place + 1 :]
        if self._due("doubled_answer", request):
            raw += raw
        if self._due("late_answer", request):
            self._held += raw
            return Reply()
        held, self._held = self._held, b""
        return Reply(held + raw)

    def _due(self, name: str, request: Request):  # type: ignore[no-untyped-def]
        if self._name == "hands":
            return None
        return self._bench.world.faults.take(name, request.op, self._name)
