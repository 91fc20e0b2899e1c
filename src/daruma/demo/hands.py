"""The stand-in hands as a driver: what the demo does where a technician would use fingers."""

from collections.abc import Callable, Mapping
from typing import Any

from daruma.link.devices import Driver
from daruma.link.errors import DeviceGone
from daruma.link.port import Port, open_wire


class Hands(Driver):
    """Tell the stand-ins what hands do."""

    def do(self, act: str, imei: str, new: str = "") -> None:
        """Carry out a hand act on the phone with an IMEI; `new` is the die of the new panel."""
        self._port.ask("hands.do", {"act": act, "imei": imei, "new": new}, repeatable=False)

    def plug_phone(self, imei: str) -> None:
        """Put a phone on the cable."""
        self._port.ask("hands.cable", {"imei": imei})

    def fault(self, name: str, times: int = 1) -> None:
        """Make the stand-ins play a fault."""
        self._port.ask("hands.fault", {"name": name, "times": times})

    def look(self, die: str) -> dict[str, Any]:
        """Return what a panel really holds."""
        return dict(self._port.ask("hands.look", {"die": die}))


def connect_hands(url: str) -> Hands:
    """Open the wire to the stand-in hands."""
    return Hands(Port(open_wire(url), "hands"))


class LateHands:
    """Connect to the hands when they are first needed."""

    def __init__(self, wires: Callable[[], Mapping[str, str]]) -> None:
        self._wires = wires
        self._hands: Hands | None = None

    def _now(self) -> Hands:
        if self._hands is None:
            wires = self._wires()
            if "hands" not in wires:
                raise DeviceGone(
                    "The stand-ins did not start.", safe="The demo's data is safe.", advice="Close and start the demo again."
                )
            self._hands = connect_hands(wires["hands"])
        return self._hands

    def do(self, act: str, imei: str, new: str = "") -> None:
        """Carry out a hand act."""
        self._now().do(act, imei, new)

    def plug_phone(self, imei: str) -> None:
        """Put a phone on the cable."""
        self._now().plug_phone(imei)

    def fault(self, name: str, times: int = 1) -> None:
        """Make the stand-ins play a fault."""
        self._now().fault(name, times)
