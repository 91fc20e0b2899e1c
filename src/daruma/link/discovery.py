"""Find drivers by entry point, so that a real device can be added without touching the program."""

from __future__ import annotations

from functools import cache
from typing import TYPE_CHECKING

from daruma.core.language import tr
from daruma.link.devices import Driver
from daruma.link.errors import LinkError
from daruma.link.port import TRIES, Port, open_wire

if TYPE_CHECKING:
    from importlib.metadata import EntryPoint

GROUP = "daruma.drivers"


def driver_names() -> tuple[str, ...]:
    """Return the names of the drivers that are installed."""
    return tuple(sorted(point.name for point in _registered()))


@cache  # looking through everything that is installed takes as long as saying hello
def _registered() -> tuple[EntryPoint, ...]:
    from importlib.metadata import entry_points  # slow to load, and needed when a device is first asked for

    return tuple(entry_points(group=GROUP))


def _points(kind: str) -> list[EntryPoint]:
    """Return the drivers of a kind: those that somebody has installed besides come after the program's own."""
    found = [point for point in _registered() if point.name == kind]
    return sorted(found, key=lambda point: point.dist is not None and point.dist.name != "daruma")


def connect(kind: str, url: str, *, patience: float = 1.0, tries: int = TRIES) -> Driver:
    """Open a wire and return the driver registered for a kind, once it has said who it is; `tries` bounds how often it is asked.

    Raises LinkError where no driver is installed, or nothing answers.
    """
    points = _points(kind)
    if not points:
        raise LinkError(
            tr("No driver for {kind} is installed.", kind=kind),
            safe=tr("Nothing was changed."),
            advice=tr("Install a package that offers one in the entry point group {group}.", group=GROUP),
        )
    driver: Driver = points[-1].load()(Port(open_wire(url), kind, patience=patience))
    try:
        with driver.port.asking(tries):
            driver.hello()
    except LinkError:
        driver.close()
        raise
    return driver
