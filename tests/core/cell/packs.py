"""Simulated packs of every chemistry, origin and age, tested as the guided test orders it."""

import random
from dataclasses import dataclass

import numpy as np

from daruma.catalogue.cells import chemistries
from daruma.core.cell.deciding import CellOrigin
from daruma.core.cell.program import CellTest, Samples, Stage, Standing, standing
from daruma.standin.cell import Cell
from daruma.standin.station import Station

# what cells of an origin really hold, percent of the rated capacity: mean and standard deviation (invented)
TRUE = {CellOrigin.NEW: (98.5, 2.5), CellOrigin.USED: (86.0, 9.0), CellOrigin.UNKNOWN: (84.0, 12.0)}


@dataclass
class Outcome:
    """What became of a test, and what is true."""

    standing: Standing
    truth: float
    rated: float
    hours: float


def pack(seed: int) -> tuple[Station, CellTest]:
    """Return a station with a random pack on it, and the test that it is to have."""
    rng = random.Random(f"pack/{seed}")
    chemistry = chemistries()[rng.choice(sorted(chemistries()))]
    rated, origin = rng.uniform(2000, 4500), rng.choice(list(CellOrigin))
    share = min(1.03, max(0.6, rng.gauss(*TRUE[origin]) / 100))
    ohm = rng.uniform(*chemistry.resistance) / (rated / 1000)
    cell = Cell(
        rated * share,
        state=rng.uniform(0.05, 0.7),
        ohm=0.6 * ohm,
        slow_ohm=0.4 * ohm,
        tau=rng.uniform(30, 80),
        leak=rng.uniform(0.05, 0.5),
        celsius=23.0,
        hysteresis=rng.uniform(0.004, 0.015),
        branch=rng.choice((-1.0, 1.0)),
        seed=seed,
    )
    return Station(seed=seed, cell=cell, chemistry=chemistry), CellTest(chemistry, rated, origin)


def samples_of(station: Station) -> Samples:
    """Return what a station has measured."""
    table = np.array(station.samples, dtype=float).reshape(-1, 5)
    return Samples(table[:, 1], table[:, 2], table[:, 3], table[:, 4], station.room)


def carried_out(station: Station, test: CellTest, every: float = 300.0) -> Outcome:
    """Carry a test out, asked every so many seconds."""
    assert station.cell is not None
    for _ in range(600):
        found = standing(test, samples_of(station))
        if found.order.stage in (Stage.DONE, Stage.STOPPED):
            return Outcome(found, station.cell.mah, test.rated, station.now / 3600)
        station.order(found.order.amperes, found.order.volts)
        station.asked = station.now
        station.advance(every)
    raise AssertionError("the test does not come to an end")
