"""One port: requests out, answers in, time-outs, and repeats only where a repeat is harmless."""

import logging
import time
from collections.abc import Mapping
from typing import Any, Protocol

import serial

from daruma.link.errors import DeviceGone, DeviceSilent, LinkError, Refused
from daruma.link.framing import LARGEST_PAYLOAD, FrameError, frame, unframe
from daruma.link.messages import ADVICE, Answer, Request, pack_request, unpack_answer

log = logging.getLogger("daruma.link")

TIMEOUT = 1.5  # seconds
TRIES = 3


class Wire(Protocol):
    """Carry bytes; pyserial's ports are wires."""

    timeout: float | None

    def read(self, size: int = 1) -> bytes:
        """Return up to `size` bytes, fewer when the time-out runs out."""

    def write(self, data: bytes) -> int | None:
        """Send bytes."""

    def close(self) -> None:
        """Close the wire."""


def open_wire(url: str) -> Wire:
    """Open a device path, `socket://host:port` or another pyserial URL; raise DeviceGone where that fails."""
    try:
        wire: Wire = serial.serial_for_url(url, baudrate=921600, timeout=TIMEOUT)
    except (serial.SerialException, OSError, ValueError) as error:
        raise DeviceGone(
            f"The port {url} cannot be opened.", safe="Nothing was changed.", advice="Plug the device in and connect again."
        ) from error
    return wire


class Port:
    """Exchange messages with one device; every exchange is logged."""

    def __init__(self, wire: Wire, name: str) -> None:
        self._wire = wire
        self._name = name
        self._ident = 0
        self._buffer = bytearray()

    def close(self) -> None:
        """Close the wire."""
        self._wire.close()

    def ask(
        self, op: str, args: Mapping[str, Any] | None = None, *, repeatable: bool = True, timeout: float = TIMEOUT
    ) -> Mapping[str, Any]:
        """Send a request and return the answer's result.

        A request that is not `repeatable` is sent once. Raises Refused for an answer that says no, DeviceSilent after
        `timeout` seconds without one, DeviceGone for a dead wire.
        """
        for attempt in range(TRIES if repeatable else 1):
            try:
                answer = self._once(op, args or {}, timeout)
            except (DeviceSilent, FrameError) as error:
                log.info("%s %s: try %d: %s", self._name, op, attempt + 1, error.what)
                silent = error
                continue
            if answer.result is None:
                raise _refusal(answer)
            return answer.result
        raise silent

    def _once(self, op: str, args: Mapping[str, Any], timeout: float) -> Answer:
        self._ident = self._ident % 65535 + 1
        raw = frame(pack_request(Request(self._ident, op, args)))
        log.debug("%s > %s #%d %d bytes", self._name, op, self._ident, len(raw))
        try:
            self._wire.write(raw)
            answer = self._await(self._ident, time.monotonic() + timeout)
        except (serial.SerialException, OSError, TypeError, AttributeError) as error:
            # pyserial raises TypeError or AttributeError where another thread closes the port in mid-read
            raise DeviceGone(
                f"The {self._name} was unplugged.", safe="What is in the vault is safe.", advice="Plug it in and connect again."
            ) from error
        log.debug("%s < %s #%d %s", self._name, op, answer.ident, "ok" if answer.result is not None else answer.code)
        return answer

    def _await(self, ident: int, deadline: float) -> Answer:
        while True:
            cut = self._buffer.find(0)
            if cut >= 0:
                raw = bytes(self._buffer[:cut])
                del self._buffer[: cut + 1]
                if raw and (answer := self._parse(raw)) is not None and answer.ident == ident:
                    return answer
                continue
            if len(self._buffer) > 2 * LARGEST_PAYLOAD:
                self._buffer.clear()
            left = deadline - time.monotonic()
            if left <= 0:
                raise DeviceSilent(
                    f"The {self._name} does not answer.", safe="What is in the vault is safe.", advice="Check cable and power."
                )
            self._wire.timeout = min(left, 0.2)
            self._buffer += self._wire.read(1)
            waiting = getattr(self._wire, "in_waiting", 0)
            if waiting:
                self._buffer += self._wire.read(waiting)

    def _parse(self, raw: bytes) -> Answer | None:
        try:
            return unpack_answer(unframe(raw))
        except FrameError:
            raise
        except LinkError as error:
            log.info("%s: dropped: %s", self._name, error.what)
            return None


def _refusal(answer: Answer) -> Refused:
    what, safe, advice = ADVICE.get(answer.code, ADVICE["no"])
    if answer.code not in ADVICE or answer.code == "no":
        what = f"The device refused: {answer.text or answer.code}."
    return Refused(answer.code, what, safe=safe, advice=advice)
