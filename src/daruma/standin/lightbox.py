"""The simulated colorimeter in its light box."""

from collections.abc import Callable, Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import XYZ, xy_to_xyz
from daruma.standin.errors import No
from daruma.standin.phone import screen_white
from daruma.standin.world import World

# CIE 15 chromaticities: illuminant A, LED-B3, illuminant D65
LAMPS = {"warm": (0.44758, 0.40745), "neutral": (0.3756, 0.3723), "cool": (0.31271, 0.32902)}
NOISE = 0.0012  # relative standard deviation of each of X, Y, Z
UNCERTAINTY_UV = 0.0004  # the instrument's standard uncertainty in u'v'
Handler = Callable[[Mapping[str, Any]], dict[str, Any]]


class LightBoxSim:
    """Answer as a colorimeter with lamps."""

    def __init__(self, world: World, catalogue: Catalogue) -> None:
        self._world = world
        self._catalogue = catalogue

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": self._hello,
            "light.set": self._light,
            "meter.spec": lambda _: {"uncertainty_uv": UNCERTAINTY_UV},
            "meter.screen": self._screen,
            "meter.ambient": self._ambient,
        }

    def _hello(self, _: Mapping[str, Any]) -> dict[str, Any]:
        return {"kind": "colorimeter", "name": "Stand-in colorimeter", "serial": "SM-0001", "firmware": "1.0"}

    def _light(self, args: Mapping[str, Any]) -> dict[str, Any]:
        light, lux = str(args["light"]), float(args["lux"])
        if light != "off" and light not in LAMPS:
            raise No("no", f"lamps are {', '.join(LAMPS)}")
        if not 0 <= lux <= 20000:
            raise No("no", "0 to 20000 lux")
        self._world.light, self._world.lux = light, lux
        return {}

    def _screen(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone = self._world.phone_on_cable()
        if phone is None:
            raise No("no", "the screen is dark")
        lamp = LAMPS.get(self._world.light) if self._world.lux > 0 else None
        return {"xyz": self._noisy(screen_white(self._world, phone, self._catalogue.models[phone.model], lamp))}

    def _ambient(self, _: Mapping[str, Any]) -> dict[str, Any]:
        if self._world.light not in LAMPS or self._world.lux <= 0:
            raise No("no", "the light box is dark")
        return {"xyz": self._noisy(xy_to_xyz(LAMPS[self._world.light], self._world.lux))}

    def _noisy(self, xyz: XYZ) -> list[float]:
        noise = self._world.noise()
        return [value * (1 + noise.gauss(0, NOISE)) for value in xyz]
