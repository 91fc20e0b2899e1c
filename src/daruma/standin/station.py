"""The simulated cell station: supply, load and meter in one, with a clock of its own that runs on while nobody asks."""

from __future__ import annotations

import random
import time
from collections import deque
from collections.abc import Callable, Mapping
from typing import Any

from msgspec import Struct, field

from daruma.catalogue.cells import chemistries
from daruma.core.cell.chemistry import Chemistry
from daruma.standin.cell import Cell
from daruma.standin.errors import No
from daruma.standin.kinds.battery import Pack
from daruma.standin.world import World

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]

EVERY = 10.0  # seconds between two samples
MOST_KEPT = 6000  # samples that it remembers: more than 16 hours
_ASK = 6 * 3600.0  # seconds of its own time after which it stops by itself where nobody asked
_GAIN, _AMPS, _VOLTS, _KELVIN = 0.001, 0.001, 0.002, 0.3  # standard uncertainties of its meter


class Station(Struct):
    """Hold the station: what it does, the cell on it, its samples. `speed` is how much faster than life its clock runs."""

    seed: int = 0
    speed: float = 1.0
    label: str = ""
    room: float = 23.0
    cell: Cell | None = None
    chemistry: Chemistry | None = None
    amperes: float = 0.0  # that were ordered, charging positive
    limit: float = 0.0  # volts that it stops at, or holds when it charges
    now: float = 0.0
    samples: deque[tuple[int, float, float, float, float]] = field(default_factory=lambda: deque(maxlen=MOST_KEPT))
    count: int = 0
    asked: float = 0.0  # its own time at which somebody asked last
    _wall: float | None = None
    _left: float = 0.0  # seconds that passed since the last sample

    def order(self, amperes: float, volts: float) -> None:
        """Charge (positive) or discharge with a current up to a voltage; zero rests."""
        self.amperes, self.limit = amperes, volts

    def catch_up(self) -> None:
        """Let its clock run to what the wall's says."""
        wall = time.monotonic()
        if self._wall is not None:
            self.asked = max(self.asked, self.now)
            self.advance((wall - self._wall) * self.speed)
        self._wall = wall

    def advance(self, seconds: float) -> None:
        """Let time pass, in whole samples; what is left of it passes the next time."""
        if self.cell is None or self.chemistry is None:
            return
        self._left += seconds
        while self._left >= EVERY:
            self._left -= EVERY
            if self.now - self.asked > _ASK:
                self.amperes = 0.0
            self._sample(self.cell, self.chemistry)

    def _sample(self, cell: Cell, chemistry: Chemistry) -> None:
        flow = self._flow(cell, chemistry)
        volts = cell.run(chemistry, flow, EVERY, self.room)
        if flow < 0 and volts <= self.limit:
            self.amperes = 0.0
        self.now += EVERY
        self.count += 1
        rng = random.Random(f"{self.seed}/{self.count}")
        fixed = random.Random(f"station/{self.seed}")
        gain, zero, off, volt_gain = fixed.gauss(0, _GAIN), fixed.gauss(0, _AMPS), fixed.gauss(0, _VOLTS), 0.0
        told_v = volts * (1 + volt_gain) + off + rng.gauss(0, 0.0005)
        told_a = (flow * (1 + gain) + zero if flow else zero) + rng.gauss(0, 0.0003)
        warm = cell.celsius + rng.gauss(0, 0.1)
        self.samples.append((self.count, self.now, told_v, told_a, warm))

    def _flow(self, cell: Cell, chemistry: Chemistry) -> float:
        if self.amperes <= 0:
            return self.amperes
        # constant current until the voltage is reached, then as much as holds it
        holds = (self.limit - cell.open_volts(chemistry) - cell.slow_volts) / cell.ohm
        return max(0.0, min(self.amperes, holds))


class StationSim:
    """Answer as a cell station."""

    def __init__(self, world: World) -> None:
        self._world = world
        self._station = Station(seed=world.seed, speed=world.station_speed)
        self._pack: Pack | None = None

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": lambda _: {"kind": "station", "name": "Stand-in cell station", "serial": "SS-0001", "firmware": "1.0"},
            "station.state": self._state,
            "station.begin": self._begin,
            "station.order": self._order,
            "station.samples": self._samples,
        }

    def _caught_up(self) -> Station:
        pack = self._world.of(Pack).get(self._world.on_station or "")
        station = self._station
        if pack is not self._pack:
            self._pack = pack
            station.cell = pack.cell() if pack is not None else None
            station.chemistry = chemistries()[pack.chemistry] if pack is not None else None
            station.order(0.0, 0.0)
        station.speed = self._world.station_speed
        station.catch_up()
        if pack is not None and station.cell is not None:
            pack.state = station.cell.state
        return station

    def _state(self, _: Mapping[str, Any]) -> dict[str, Any]:
        station = self._caught_up()
        return {
            "label": station.label,
            "samples": station.count,
            "speed": station.speed,
            "room": station.room,
            "amperes": station.amperes,
            "volts": station.limit,
            "holds": station.cell is not None,
        }

    def _begin(self, args: Mapping[str, Any]) -> dict[str, Any]:
        station = self._caught_up()
        if station.cell is None:
            raise No("empty", "no cell is on the station")
        station.samples.clear()
        station.label, station.count, station.now, station.asked = str(args["label"]), 0, 0.0, 0.0
        station.order(0.0, 0.0)
        return {}

    def _order(self, args: Mapping[str, Any]) -> dict[str, Any]:
        station = self._labelled(args)
        amperes, volts = float(args["amperes"]), float(args["volts"])
        if not (abs(amperes) <= 10 and 0 <= volts <= 5):
            raise No("range")
        station.order(amperes, volts)
        return {}

    def _samples(self, args: Mapping[str, Any]) -> dict[str, Any]:
        station = self._labelled(args)
        after, most = int(args["after"]), min(120, int(args["most"]))
        fresh = [sample for sample in station.samples if sample[0] > after][:most]
        return {"first": fresh[0][0] if fresh else after + 1, "values": [value for sample in fresh for value in sample[1:]]}

    def _labelled(self, args: Mapping[str, Any]) -> Station:
        station = self._caught_up()
        if not station.label or station.label != str(args["label"]):
            raise No("no", f"the station has another log: {station.label or 'none'}")
        return station
