"""The simulated cell station: supply, load and meter in one, with a clock of its own that runs on while nobody asks."""

from __future__ import annotations

import random
import time
from collections import deque
from dataclasses import dataclass, field

from daruma.core.cell.chemistry import Chemistry
from daruma.standin.cell import Cell

EVERY = 10.0  # seconds between two samples
MOST_KEPT = 6000  # samples that it remembers: more than 16 hours
_ASK = 6 * 3600.0  # seconds of its own time after which it stops by itself where nobody asked
_GAIN, _AMPS, _VOLTS, _KELVIN = 0.001, 0.001, 0.002, 0.3  # standard uncertainties of its meter


@dataclass
class Station:
    """Hold the station: what it does, the cell on it, its samples. `speed` is how much faster than life its clock runs."""

    seed: int = 0
    speed: float = 600.0
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
        end = self.now + seconds
        while self.now + EVERY <= end:
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
