"""Cells that share nothing with the stand-in, on the guided test: hysteresis, two relaxations, a curve of their own.

The open-circuit voltage is the chemistry's table with a smooth deviation; between charging and discharging it moves by a
hysteresis of 4 to 15 mV (common practice, no source), and rests come to their end in minutes and in up to an hour.
"""

from __future__ import annotations

import random
from dataclasses import dataclass

import numpy as np
from scipy.interpolate import Akima1DInterpolator

from daruma.catalogue.cells import chemistries
from daruma.core.cell.chemistry import Chemistry
from daruma.core.cell.deciding import CellOrigin
from daruma.core.cell.program import CellTest, Samples, Stage, Standing, standing

EVERY = 10.0  # seconds between samples
ASKED = 30  # samples between two looks


@dataclass
class OtherCell:
    """A cell, and what a meter sees of it."""

    chemistry: Chemistry
    holds: float  # mAh
    state: float
    ohm: float
    hysteresis: float  # V between the branches
    slow: tuple[float, float]  # ohm and s of the slow relaxation
    quick: tuple[float, float]
    deviation: tuple[float, float, float]
    leak: float  # mA
    gain: float
    zero: float
    noise: np.random.Generator
    curve: Akima1DInterpolator
    branch: float = 0.0  # -1 discharged, 1 charged
    inner: tuple[float, float] = (0.0, 0.0)

    def open_volts(self) -> float:
        size, waves, phase = self.deviation
        state = min(1.0, max(0.0, self.state))
        table = float(self.curve(state))
        return table + size * float(np.sin(2 * np.pi * waves * state + phase)) + 0.5 * self.hysteresis * self.branch

    def volts(self, amps: float) -> float:
        return self.open_volts() + amps * self.ohm + sum(self.inner)

    def goes_on(self, amps: float, seconds: float) -> None:
        moved = (amps - self.leak / 1000) * seconds / 3.6 / self.holds
        self.state += moved
        self.branch = float(np.clip(self.branch + 40 * moved, -1, 1))
        made = []
        for now, (ohm, tau) in zip(self.inner, (self.slow, self.quick), strict=True):
            keeps = float(np.exp(-seconds / tau))
            made.append(keeps * now + (1 - keeps) * amps * ohm)
        self.inner = made[0], made[1]

    def step(self, amps: float, limit: float) -> tuple[float, float]:
        """Carry a current for one sample, held back at a voltage; return volts and amperes as the meter sees them."""
        if amps > 0 and limit:
            amps = min(amps, max(0.0, (limit - self.open_volts() - sum(self.inner)) / self.ohm))
        self.goes_on(amps, EVERY)
        seen = self.gain * amps + self.zero + float(self.noise.normal(0, 0.0005))
        return self.volts(amps) + float(self.noise.normal(0, 0.0008)), seen


@dataclass
class Ended:
    """What a test came to, and what is true."""

    standing: Standing
    true: float  # percent of the rated capacity
    rated: float
    hours: float


def drawn(seed: str, share: float, origin: CellOrigin, chemistry: str = "", named: str = "") -> tuple[OtherCell, CellTest]:
    """Return a cell that holds a share of its rating, and the test of it; `named` is the chemistry that the shop believes in."""
    rng = random.Random(f"other/{seed}")
    known = chemistries()
    cell = known[chemistry or rng.choice(sorted(known))]
    rated = rng.uniform(2000, 4500)
    ohm = rng.uniform(*cell.resistance) / (rated / 1000)
    noise = np.random.default_rng(rng.randrange(1 << 31))
    made = OtherCell(
        cell,
        rated * share,
        rng.uniform(0.1, 0.7),
        0.6 * ohm,
        rng.uniform(0.004, 0.015),
        (rng.uniform(0.001, 0.008) / (0.5 * rated / 1000), rng.uniform(600, 3600)),
        (0.4 * ohm, rng.uniform(20, 90)),
        (cell.volts_u * rng.gauss(0, 1), rng.uniform(0.5, 2), rng.uniform(0, 6.3)),
        rng.uniform(0.05, 0.5),
        rng.gauss(1, 0.001),
        rng.gauss(0, 0.0007),
        noise,
        Akima1DInterpolator(cell.charge, cell.volts),
        branch=rng.choice((-1.0, 1.0)),
    )
    return made, CellTest(known[named] if named else cell, rated, origin)


def carried_out(cell: OtherCell, test: CellTest) -> Ended:
    """Carry the guided test out."""
    rows: list[tuple[float, float, float]] = []
    true, now = 100 * cell.holds / test.rated, 0.0
    for _ in range(400):
        found = standing(test, samples(rows))
        if found.order.stage in (Stage.DONE, Stage.STOPPED):
            return Ended(found, true, test.rated, now / 3600)
        for _ in range(ASKED):
            amps = found.order.amperes
            volts, seen = cell.step(amps, found.order.volts if amps > 0 else 0.0)
            now += EVERY
            rows.append((now, volts, seen))
            if amps < 0 and volts <= found.order.volts:
                break
    raise AssertionError("the test does not come to an end")


def samples(rows: list[tuple[float, float, float]]) -> Samples:
    t, v, a = np.array(rows, dtype=float).reshape(-1, 3).T
    return Samples(np.ascontiguousarray(t), np.ascontiguousarray(v), np.ascontiguousarray(a), np.full(len(t), 24.0), 23.0)
