"""The simulated thermocouple at a soldering step: a part that is warmed by hot air, as a first-order body."""

from __future__ import annotations

import random
import secrets
import time
from collections.abc import Callable, Mapping
from itertools import pairwise
from typing import Any

from msgspec import Struct, field

from daruma.catalogue.heat import heat_limits
from daruma.standin.errors import No
from daruma.standin.world import World

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]
RATE = 4.0  # samples a second
MOST_KEPT = 20_000
_ROOM, _TAU, _NOISE = 23.0, 22.0, 0.4
# seconds since the air came, and the part of the peak that it has then; it is taken away after the last
_AIR = ((0.0, 0.1), (35.0, 0.55), (50.0, 0.55), (95.0, 1.1), (120.0, 1.1))
_OVER = 1.32  # of the air that is wanted, where the air is too hot
_PEAK = 240.0  # where a step has no limits of its own


class Warmth(Struct):
    """Hold the part under the thermocouple: its temperature, what the air does, since when. Time is its own clock's."""

    seed: int
    speed: float
    run: str = field(default_factory=lambda: secrets.token_hex(6))
    began: float = field(default_factory=time.monotonic)
    celsius: list[float] = field(default_factory=lambda: [_ROOM])
    peak: float = 0.0
    since: int = 0
    over: bool = False

    def catch_up(self) -> None:
        """Let its clock run to what the wall's says."""
        newest = int((time.monotonic() - self.began) * self.speed * RATE)
        while len(self.celsius) - 1 < newest:
            now = self.celsius[-1]
            self.celsius.append(now + (self._air(len(self.celsius)) - now) / _TAU / RATE)

    def _air(self, number: int) -> float:
        lasted = (number - self.since) / RATE
        if not self.peak or lasted >= _AIR[-1][0]:
            return _ROOM
        (t0, one), (t1, two) = next(pair for pair in pairwise(_AIR) if pair[0][0] <= lasted < pair[1][0])
        share = one + (two - one) * (lasted - t0) / (t1 - t0)
        return max(_ROOM, share * self.peak) * (_OVER if self.over else 1.0)


class ThermocoupleSim:
    """Answer as a thermocouple."""

    def __init__(self, world: World) -> None:
        self._world = world
        self._warmth: Warmth | None = None
        self._heating = ("", 0)

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": lambda _: {"kind": "thermocouple", "name": "Stand-in thermocouple", "serial": "ST-0001", "firmware": "1.0"},
            "heat.state": self._state,
            "heat.samples": self._samples,
        }

    def _now(self) -> Warmth:
        world = self._world
        warmth = self._warmth = self._warmth or Warmth(world.seed, world.heat_speed)
        warmth.catch_up()
        if (world.heating, world.heatings) != self._heating:
            self._heating = world.heating, world.heatings
            limits = heat_limits().get(world.heating)
            peak = (limits.peak_max or limits.part or _PEAK) if limits is not None else _PEAK
            low = limits.peak_min if limits is not None and limits.peak_min is not None else 0.85 * peak
            warmth.peak = 0.5 * (low + peak) if world.heating else 0.0
            warmth.since = len(warmth.celsius)
            warmth.over = world.faults.take("air_too_hot") is not None
        return warmth

    def _state(self, _: Mapping[str, Any]) -> dict[str, Any]:
        warmth = self._now()
        return {"run": warmth.run, "rate": RATE, "newest": len(warmth.celsius) - 1, "speed": warmth.speed}

    def _samples(self, args: Mapping[str, Any]) -> dict[str, Any]:
        warmth, after, most = self._now(), int(args["after"]), min(400, int(args["most"]))
        if after < 0:
            raise No("range")
        first = max(after + 1, len(warmth.celsius) - MOST_KEPT)
        seen = warmth.celsius[first : first + most]
        noise = (random.Random(f"{warmth.seed}/heat/{first + place}").gauss(0, _NOISE) for place in range(len(seen)))
        return {"first": first, "celsius": [value + off for value, off in zip(seen, noise, strict=True)]}
