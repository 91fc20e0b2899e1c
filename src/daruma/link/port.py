"""One port: requests out, answers in, time-outs, and repeats only where a repeat is harmless."""

import errno
import logging
import secrets
import time
from collections import deque
from collections.abc import Iterator, Mapping
from contextlib import contextmanager
from math import inf
from typing import Any, Protocol

import serial
from msgspec import Struct, field

from daruma.core.language import tr
from daruma.core.plain import plain
from daruma.link.errors import DeviceFault, DeviceGone, DeviceSilent, LinkError, Refused
from daruma.link.framing import LARGEST_PAYLOAD, FrameError, frame, unframe
from daruma.link.messages import ADVICE, Answer, Request, pack_request, permitted, unpack_answer

log = logging.getLogger("daruma.link")

TIMEOUT = 1.5  # seconds
SLICE = 0.02  # seconds that a wire is waited for at once
LATELY = 50  # exchanges that tell how a link is
TRIES = 3
LONGEST_WORDS = 200  # of a device's own words that are shown


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
        # alone: two windows that talk on one wire would answer each other's questions
        wire: Wire = serial.serial_for_url(url, baudrate=921600, timeout=TIMEOUT, exclusive=True)
    except (serial.SerialException, OSError, ValueError) as error:
        if getattr(error, "errno", None) in (errno.EAGAIN, errno.EBUSY):
            raise DeviceGone(
                tr("The port {url} is used by another window or program.", url=url),
                safe=tr("Nothing was changed."),
                advice=tr("Close that one, or use another device."),
            ) from error
        raise DeviceGone(
            tr("The port {url} cannot be opened.", url=url),
            safe=tr("Nothing was changed."),
            advice=tr("Plug the device in and connect again."),
        ) from error
    return wire


class LinkHealth(Struct):
    """Hold how a link has done lately: how many of its last exchanges went well, the last trouble, whether it is dead."""

    lately: deque[bool] = field(default_factory=lambda: deque(maxlen=LATELY))
    trouble: str = ""
    dead: bool = False

    def answered(self) -> None:
        """Note an exchange that went well."""
        self.lately.append(True)

    def failed(self, what: str, *, dead: bool = False) -> None:
        """Note an exchange that failed."""
        self.lately.append(False)
        self.trouble, self.dead = what, self.dead or dead


class Port:
    """Exchange messages with one device; every exchange is logged."""

    def __init__(self, wire: Wire, name: str, *, patience: float = 1.0) -> None:
        """Use a wire; `patience` scales every time-out."""
        self.health = LinkHealth()
        self._patience = patience
        self._wire = wire
        self._name = name
        # begun anywhere: a late answer to another process's request must not pass for one to ours
        self._ident = secrets.randbelow(65535)
        self._buffer = bytearray()
        self._end = inf
        self._tries = TRIES

    @property
    def wire(self) -> Wire:
        """Return the wire, for drivers of devices that speak otherwise."""
        return self._wire

    @contextmanager
    def within(self, seconds: float) -> Iterator[None]:
        """Bound the time of everything that is asked here, however many requests it takes."""
        before, self._end = self._end, min(self._end, time.monotonic() + seconds * self._patience)
        try:
            yield
        finally:
            self._end = before

    @contextmanager
    def asking(self, tries: int) -> Iterator[None]:
        """Ask what may be repeated so often at most."""
        before, self._tries = self._tries, tries
        try:
            yield
        finally:
            self._tries = before

    def close(self) -> None:
        """Close the wire."""
        self._wire.close()

    def ask(
        self, op: str, args: Mapping[str, Any] | None = None, *, repeatable: bool = True, timeout: float = TIMEOUT
    ) -> Mapping[str, Any]:
        """Send a request and return the answer's result.

        A request that is not `repeatable` is sent once. Raises Refused for an answer that says no, DeviceSilent after
        `timeout` seconds without one, DeviceGone for a dead wire, DeviceFault for an error code that may not stand here.
        """
        silent = self._too_long()
        for attempt in range(self._tries if repeatable else 1):
            if time.monotonic() >= self._end:
                break
            try:
                answer = self._once(op, args or {}, timeout * self._patience)
            except (DeviceSilent, FrameError) as error:
                log.info("%s %s: try %d: %s", self._name, op, attempt + 1, error.what)
                self.health.failed(error.what)
                silent = error
                continue
            except DeviceGone as error:
                self.health.failed(error.what, dead=True)
                raise
            self.health.answered()
            if answer.result is None:
                raise self._refusal(answer, op)
            return answer.result
        raise silent

    def _too_long(self) -> LinkError:
        return DeviceSilent(
            tr("The {name} takes too long.", name=self._name),
            safe=tr("What is in the vault is safe."),
            advice=tr("Check cable and power, then try again."),
        )

    def _refusal(self, answer: Answer, op: str) -> LinkError:
        if answer.code not in permitted(op):
            self.health.failed(tr("{op} was answered {code}", op=op, code=plain(answer.code[:20])))
            return DeviceFault(
                tr(
                    "The {name} answered {code!r} to {op}, which cannot be an answer to it.",
                    name=self._name,
                    code=plain(answer.code[:20]),
                    op=op,
                ),
                safe=tr("What is in the vault is safe."),
                advice=tr("It is a fault of the device: look at the part before going on, and update the device."),
            )
        return _refusal(answer)

    def _once(self, op: str, args: Mapping[str, Any], timeout: float) -> Answer:
        self._ident = self._ident % 65535 + 1
        raw = frame(pack_request(Request(self._ident, op, args)))
        log.debug("%s > %s #%d %d bytes", self._name, op, self._ident, len(raw))
        try:
            self._wire.write(raw)
            answer = self._await(self._ident, min(time.monotonic() + timeout, self._end))
        except (serial.SerialException, OSError, TypeError, AttributeError) as error:
            # pyserial raises TypeError or AttributeError where another thread closes the port in mid-read
            raise DeviceGone(
                tr("The {name} was unplugged.", name=self._name),
                safe=tr("What is in the vault is safe."),
                advice=tr("Plug it in and connect again."),
            ) from error
        log.debug("%s < %s #%d %s", self._name, op, answer.ident, "ok" if answer.result is not None else answer.code)
        return answer

    def _await(self, ident: int, deadline: float) -> Answer:
        while True:
            left = deadline - time.monotonic()
            cut = self._buffer.find(0)
            if cut >= 0 and left > 0:
                raw = bytes(self._buffer[:cut])
                del self._buffer[: cut + 1]
                if raw and (answer := self._parse(raw)) is not None and answer.ident == ident:
                    return answer
                continue
            if len(self._buffer) > 2 * LARGEST_PAYLOAD:
                self._buffer.clear()
            if left <= 0:
                raise DeviceSilent(
                    tr("The {name} does not answer.", name=self._name),
                    safe=tr("What is in the vault is safe."),
                    advice=tr("Check cable and power."),
                )
            self._wait_at_once(min(left, SLICE))
            self._buffer += self._wire.read(1)
            waiting = getattr(self._wire, "in_waiting", 0)
            if waiting:
                self._buffer += self._wire.read(min(waiting, LARGEST_PAYLOAD))

    def _wait_at_once(self, seconds: float) -> None:
        # whenever it is set, the same or not, pyserial sets the whole port up again
        if self._wire.timeout != seconds:
            self._wire.timeout = seconds

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
        what = tr("The device refused: {answer}.", answer=plain((answer.text or answer.code)[:LONGEST_WORDS]))
    return Refused(answer.code, what, safe=safe, advice=advice)
