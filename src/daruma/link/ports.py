"""The serial ports of this machine: which there are, whether the user may open them, and what answers on one."""

import grp
import os
import re
import time
from collections.abc import Callable
from pathlib import Path
from typing import Any

from msgspec import Struct
from serial.tools import list_ports

from daruma.core.language import tr
from daruma.core.plain import plain
from daruma.link.devices import DeviceSelf, Driver
from daruma.link.errors import LinkError
from daruma.link.port import Port, open_wire

_RELOAD = "sudo udevadm control --reload && sudo udevadm trigger"
MOST = 64  # ports that are shown
ASKING = 0.4  # of the usual time-outs: whoever asks every port does not want to wait long for the mute ones


class PortFound(Struct, frozen=True):
    """Hold one port: where it is, what the system says of it, and what bars the user from it with the remedy."""

    url: str
    words: str
    barred: str = ""
    remedy: str = ""


class Answered(Struct, frozen=True):
    """Hold what a port answered: the device and how long it took, or the trouble in its place."""

    device: DeviceSelf | None
    seconds: float = 0.0
    trouble: str = ""
    advice: str = ""

    @property
    def words(self) -> str:
        """Return what was answered, in a line."""
        if self.device is None:
            return f"{self.trouble} {self.advice}".strip()
        said = self.device
        pretends = tr(", a stand-in") if said.simulated else ""
        return tr(
            "{kind}: {said}, {serial}, firmware {firmware}{pretends}; {seconds:.0f} ms",
            kind=said.kind,
            said=said.name,
            serial=said.serial,
            firmware=said.firmware,
            pretends=pretends,
            seconds=1000 * self.seconds,
        )


def ports() -> tuple[PortFound, ...]:
    """Return the serial ports that there are now, in the order of their names."""
    return tuple(_found(port) for port in sorted(list_ports.comports(), key=lambda port: str(port.device))[:MOST])


def ask(url: str) -> Answered:
    """Ask a port who answers there; nothing but `hello` is sent."""
    driver: Driver | None = None

    def opened() -> Driver:
        nonlocal driver
        driver = Driver(Port(open_wire(url), "port", patience=ASKING))
        return driver

    try:
        return asked_by(opened)
    finally:
        if driver is not None:
            driver.close()


def asked_by(connect: Callable[[], Driver]) -> Answered:
    """Ask a device who it is, by the driver that is made for it; a trouble is an answer, too."""
    started = time.monotonic()
    try:
        return Answered(connect().hello(), time.monotonic() - started)
    except LinkError as error:
        return Answered(None, time.monotonic() - started, error.what, error.advice)


def _found(port: Any) -> PortFound:
    said = [plain(str(text)) for text in (port.manufacturer, port.product, port.serial_number) if text]
    words = ", ".join(said) or plain(str(port.description or "")) or tr("no description")
    return PortFound(str(port.device), words, *rights(Path(str(port.device)), port.vid, port.pid))


def rights(path: Path, vendor: int | None = None, product: int | None = None) -> tuple[str, str]:
    """Return what bars the user from a port and the command that gives the right; empty texts where nothing does."""
    try:
        if os.access(path, os.R_OK | os.W_OK):
            return "", ""
        group = grp.getgrgid(path.stat().st_gid).gr_name
    except (OSError, KeyError):
        return tr("{path} cannot be looked at.", path=path), tr("Plug the device in again.")
    if group != "root" and re.fullmatch(r"[a-z_][a-z0-9_-]*", group):
        why = tr("You may not use {path}: it belongs to the group {group}.", path=path, group=group)
        return why, tr("sudo usermod -aG {group} $USER   (then log in again)", group=group)
    which = f'ATTRS{{idVendor}}=="{vendor:04x}", ATTRS{{idProduct}}=="{product:04x}", ' if vendor and product else ""
    rule = f'SUBSYSTEM=="tty", {which}MODE="0660", TAG+="uaccess"'
    command = f"echo '{rule}' | sudo tee /etc/udev/rules.d/70-daruma.rules && {_RELOAD}"
    return tr("You may not use {path}: nobody but root may.", path=path), command
