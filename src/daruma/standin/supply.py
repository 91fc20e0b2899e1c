"""The simulated supply for activations: a set voltage, a lamp, what it gives."""

from collections.abc import Callable, Mapping
from typing import Any

from daruma.standin.errors import No
from daruma.standin.world import World

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]
IDLE = 0.004  # amperes that it takes by itself
NOISE_VOLTS, NOISE_AMPERES = 0.01, 0.001


class SupplySim:
    """Answer as a supply."""

    def __init__(self, world: World) -> None:
        self._world = world

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {"hello": self._hello, "supply.state": self._state, "supply.set": self._set}

    def _hello(self, _: Mapping[str, Any]) -> dict[str, Any]:
        return {"kind": "supply", "name": "Stand-in supply", "serial": "SV-0001", "firmware": "1.0"}

    def _state(self, _: Mapping[str, Any]) -> dict[str, Any]:
        volts, amperes = given(self._world)
        noise = self._world.chance()
        measured = max(0.0, volts + noise.gauss(0, NOISE_VOLTS)), max(0.0, amperes + noise.gauss(0, NOISE_AMPERES))
        return {
            "kind": "dc",
            "set_v": self._world.supply_volts,
            "volts": measured[0],
            "amperes": measured[1],
            "lamp": self._world.supply_on,
        }

    def _set(self, args: Mapping[str, Any]) -> dict[str, Any]:
        volts = float(args["volts"])
        if not 0 <= volts <= 30:
            raise No("no", "0 to 30 V")
        self._world.supply_volts, self._world.supply_on = volts, bool(args["on"])
        return {}


def given(world: World) -> tuple[float, float]:
    """Return what the supply gives: volts, amperes."""
    if world.own_supply:
        return 19.0, IDLE + world.load_amperes
    if not world.supply_on:
        return 0.0, 0.0
    sags = any(armed.name == "supply_sags" for armed in world.faults.armed)
    return world.supply_volts * (0.75 if sags else 1.0), IDLE + world.load_amperes
