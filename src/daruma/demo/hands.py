"""The stand-in hands as a driver: what the demo does where a technician would use fingers."""

import threading
from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from typing import Any

from daruma.core.language import tr
from daruma.link.devices import Driver
from daruma.link.errors import DeviceGone
from daruma.link.port import Port, open_wire


class Hands(Driver):
    """Tell the stand-ins what hands do."""

    def do(self, act: str, imei: str, new: Mapping[str, str] | None = None) -> None:
        """Carry out a hand act on the phone with an IMEI; `new` are the dies of the new parts by their kinds."""
        self._port.ask("hands.do", {"act": act, "imei": imei, "new": dict(new or {})}, repeatable=False)

    def plug_phone(self, imei: str, model: str = "") -> None:
        """Put a phone on the cable: without an IMEI one of a model that nobody has read yet, where there is one."""
        self._port.ask("hands.cable", {"imei": imei, "model": model})

    def replug(self, imei: str) -> None:
        """Unplug a phone and plug it in again."""
        self._port.ask("hands.replug", {"imei": imei})

    def heat(self, imei: str, step: str) -> None:
        """Bring the hot air to a phone for a step, or take it away."""
        self._port.ask("hands.heat", {"imei": imei, "step": step})

    def fault(self, name: str, times: int = 1, **how: Any) -> None:
        """Make the stand-ins play a fault; how it waits: chance, growth, device, op, skip, at, seconds."""
        self._port.ask("hands.fault", {"name": name, "times": times, **how})

    def script(self, faults: list[dict[str, Any]]) -> None:
        """Make the stand-ins play several faults, each as its own words say."""
        self._port.ask("hands.script", {"faults": faults})

    def calm(self) -> None:
        """Take every waiting fault back."""
        self._port.ask("hands.calm")

    def played(self) -> dict[str, int]:
        """Return how often each fault was played so far."""
        return dict(self._port.ask("hands.faults")["played"])

    def box(self, **how: float) -> None:
        """Set how the light box is: `stray` lux of the room in it, `drift` of the colorimeter with each reading."""
        self._port.ask("hands.box", dict(how))

    def events(self) -> list[tuple[str, str, str]]:
        """Return what really happened to parts, phones and the programmer."""
        found: list[tuple[str, str, str]] = []
        while more := self._port.ask("hands.events", {"after": len(found)})["events"]:
            found += [(str(what), str(thing), str(how)) for what, thing, how in more]
        return found

    def look(self, die: str) -> dict[str, Any]:
        """Return what a panel or flex really holds."""
        return dict(self._port.ask("hands.look", {"die": die}))


def connect_hands(url: str) -> Hands:
    """Open the wire to the stand-in hands."""
    # nothing is proven by how fast a stand-in's hands are: a busy machine gets its time
    return Hands(Port(open_wire(url), tr("stand-in technician"), patience=8.0))


class LateHands:
    """Connect to the hands when they are first needed; several lanes may ask, one at a time is heard."""

    def __init__(self, wires: Callable[[], Mapping[str, str]]) -> None:
        self._wires = wires
        self._hands: Hands | None = None
        self._lock = threading.Lock()

    @contextmanager
    def _now(self) -> Iterator[Hands]:
        with self._lock:
            if self._hands is None:
                wires = self._wires()
                if "hands" not in wires:
                    raise DeviceGone(
                        tr("The stand-ins did not start."),
                        safe=tr("The demo's data is safe."),
                        advice=tr("Close and start the demo again."),
                    )
                self._hands = connect_hands(wires["hands"])
            yield self._hands

    def do(self, act: str, imei: str, new: Mapping[str, str] | None = None) -> None:
        """Carry out a hand act."""
        with self._now() as hands:
            hands.do(act, imei, new)

    def plug_phone(self, imei: str, model: str = "") -> None:
        """Put a phone on the cable."""
        with self._now() as hands:
            hands.plug_phone(imei, model)

    def replug(self, imei: str) -> None:
        """Unplug a phone and plug it in again."""
        with self._now() as hands:
            hands.replug(imei)

    def heat(self, imei: str, step: str) -> None:
        """Bring the hot air to a phone for a step, or take it away."""
        with self._now() as hands:
            hands.heat(imei, step)

    def fault(self, name: str, times: int = 1, **how: Any) -> None:
        """Make the stand-ins play a fault."""
        with self._now() as hands:
            hands.fault(name, times, **how)
