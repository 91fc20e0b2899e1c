"""The stand-in process: one wire per device, every answer decided behind it."""

import json
import os
import socket
import sys
import threading
import tty
from collections.abc import Callable, Mapping
from pathlib import Path
from typing import Any

from daruma.catalogue.loader import load_catalogue
from daruma.link.errors import LinkError
from daruma.link.framing import FrameError, frame, unframe
from daruma.link.messages import Answer, pack_answer, unpack_request
from daruma.standin.errors import No
from daruma.standin.hands import HandsSim
from daruma.standin.lightbox import LightBoxSim
from daruma.standin.phone import PhoneSim
from daruma.standin.programmer import ProgrammerSim
from daruma.standin.world import World, load_world, save_world

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]
Read = Callable[[], bytes]
Send = Callable[[bytes], None]
READS_ONLY = frozenset({"hello", "sockets", "memory.read", "phone.state", "phone.functions", "phone.parts", "hands.look"})


class Device:
    """Serve one device's requests: read frames, decide, answer."""

    def __init__(self, name: str, handlers: Mapping[str, Handler], shared: "Shared") -> None:
        self._name = name
        self._handlers = handlers
        self._shared = shared

    def serve(self, read: Read, send: Send) -> None:
        """Answer until the wire ends."""
        buffer = bytearray()
        while chunk := read():
            buffer += chunk
            while (cut := buffer.find(0)) >= 0:
                raw = bytes(buffer[:cut])
                del buffer[: cut + 1]
                answer = self._answer(raw)
                if answer is not None:
                    send(answer)

    def _answer(self, raw: bytes) -> bytes | None:
        try:
            request = unpack_request(unframe(raw))
        except (FrameError, LinkError):
            return None  # a damaged request is not answered: the other side asks again
        with self._shared.lock:
            answer = self._decide(request.ident, request.op, request.args)
            if request.op not in READS_ONLY:
                self._shared.save()
            return self._spoiled(frame(pack_answer(answer)), request.op)

    def _decide(self, ident: int, op: str, args: Mapping[str, Any]) -> Answer:
        handler = self._handlers.get(op)
        if handler is None:
            return Answer(ident, None, "unknown", op)
        try:
            return Answer(ident, handler(args))
        except No as no:
            return Answer(ident, None, no.code, no.text)
        except (KeyError, ValueError, TypeError) as error:
            return Answer(ident, None, "no", f"{op}: {error}")

    def _spoiled(self, raw: bytes, op: str) -> bytes | None:
        faults = self._shared.world.faults
        if self._name != "programmer":
            return raw
        if op == "write.commit" and faults.take("die_after_commit"):
            os._exit(3)
        if op == "write.commit" and faults.take("lost_commit_answer"):
            return None
        if faults.take("lost_answer"):
            return None
        if faults.take("flipped_bit"):
            middle = len(raw) // 2
            return raw[:middle] + bytes([raw[middle] ^ 0x10 or 0x11]) + raw[middle + 1 :]
        return raw


class Shared:
    """Hold what the devices have in common: the world, its lock, its file."""

    def __init__(self, world: World, file: Path | None) -> None:
        self.world = world
        self.lock = threading.Lock()
        self._file = file

    def save(self) -> None:
        """Keep the world."""
        if self._file is not None:
            save_world(self.world, self._file)


def run(world_file: Path, *, tcp: bool, keep: bool, pace: float | None) -> None:
    """Serve every device until standard input closes; the first line out names the wires as JSON."""
    world = load_world(world_file)
    if pace is not None:
        world.pace = pace
    shared = Shared(world, world_file if keep else None)
    catalogue = load_catalogue()
    devices = {
        "programmer": ProgrammerSim(world, catalogue).handlers(),
        "phone": PhoneSim(world, catalogue).handlers(),
        "colorimeter": LightBoxSim(world, catalogue).handlers(),
        "hands": HandsSim(world, catalogue).handlers(),
    }
    start = _on_tcp if tcp else _on_pty
    wires = {name: start(Device(name, handlers, shared)) for name, handlers in devices.items()}
    print(json.dumps(wires), flush=True)
    sys.stdin.buffer.read()


def _on_pty(device: Device) -> str:
    master, slave = os.openpty()
    tty.setraw(slave)

    def read() -> bytes:
        try:
            return os.read(master, 4096)
        except OSError:
            return b""

    def send(data: bytes) -> None:
        while data:
            data = data[os.write(master, data) :]

    threading.Thread(target=device.serve, args=(read, send), daemon=True).start()
    return os.ttyname(slave)


def _on_tcp(device: Device) -> str:
    listener = socket.create_server(("127.0.0.1", 0))

    def accept() -> None:
        while True:
            connection, _ = listener.accept()
            try:
                device.serve(lambda c=connection: c.recv(4096), connection.sendall)  # type: ignore[misc]
            except OSError:
                connection.close()

    threading.Thread(target=accept, daemon=True).start()
    return f"socket://127.0.0.1:{listener.getsockname()[1]}"
