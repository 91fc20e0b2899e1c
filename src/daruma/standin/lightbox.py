"""The simulated colorimeter in its light box: with noise, drift, an error of its own, and light that the glass mirrors."""

import random
from collections.abc import Callable, Mapping
from math import pi
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import XYZ
from daruma.standin.errors import No
from daruma.standin.kinds.display.screen import screen_light
from daruma.standin.lamps import LAMPS, lights_on
from daruma.standin.world import World

NOISE = 0.0012  # relative standard deviation of each of X, Y, Z
FLOOR = 0.002  # cd/m2, standard deviation of each in the dark
OWN_ERROR = 0.0008  # relative standard deviation of the instrument's lasting error of each
UNCERTAINTY_UV = 0.0004  # the instrument's standard uncertainty in u'v'
UNCERTAINTY_Y = 0.01  # its relative standard uncertainty of luminance
MIRRORED = 0.004  # of the light that falls on the glass
Handler = Callable[[Mapping[str, Any]], dict[str, Any]]


class LightBoxSim:
    """Answer as a colorimeter with lamps."""

    def __init__(self, world: World, catalogue: Catalogue) -> None:
        self._world = world
        self._catalogue = catalogue
        self._own = [1.0, 1.0, 1.0]
        self.calibrate()

    def calibrate(self) -> None:
        """Take on the lasting error that an instrument of the world's seed has."""
        own = random.Random(f"{self._world.seed}/own error")
        self._own = [1 + own.gauss(0, OWN_ERROR) for _ in range(3)]

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": self._hello,
            "light.set": self._light,
            "meter.spec": lambda _: {"uncertainty_uv": UNCERTAINTY_UV, "uncertainty_y": UNCERTAINTY_Y},
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
        light = screen_light(self._world, phone, self._catalogue.models[phone.model], self._catalogue)
        mirrored = self._falling()
        return {"xyz": self._read(*(own + MIRRORED / pi * m for own, m in zip(light, mirrored, strict=True)))}

    def _ambient(self, _: Mapping[str, Any]) -> dict[str, Any]:
        if self._world.light not in LAMPS or self._world.lux <= 0:
            raise No("no", "the light box is dark")
        return {"xyz": self._read(*self._falling())}

    def _falling(self) -> XYZ:
        """Return XYZ of all light that falls on the phone, Y in lux."""
        from daruma.catalogue.lamps import published_lamps  # brings NumPy, which is slow to import

        x = y = z = 0.0
        for lamp, lux in lights_on(self._world):
            more = published_lamps().xyz(lamp, lux)
            x, y, z = x + float(more[0]), y + float(more[1]), z + float(more[2])
        return x, y, z

    def _read(self, *xyz: float) -> list[float]:
        noise = self._world.noise()
        drifted = 1 + self._world.drift * self._world.measured
        read = [v * own * drifted * (1 + noise.gauss(0, NOISE)) for v, own in zip(xyz, self._own, strict=True)]
        return [max(0.0, value + noise.gauss(0, FLOOR)) for value in read]
