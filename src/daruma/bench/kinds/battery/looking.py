"""What is shown of a cell's test: its curve thinned for the eye, and what was believed as it grew."""

from collections.abc import Sequence
from itertools import pairwise

import numpy as np
from msgspec import Struct

from daruma.bench.kinds.battery.measuring import CellLive, samples_of, test_of
from daruma.core.cell.capacity import resistance_of
from daruma.core.cell.deciding import Belief
from daruma.core.cell.program import CellTest, Samples, Standing, standing
from daruma.core.cell.rests import self_discharge
from daruma.core.job import Job
from daruma.core.kinds.battery.work import BatteryWork, LogChunk, measured
from daruma.core.model import Model
from daruma.core.pictures.cell_trace import CellCurve, Grown

_DRAWN = 600  # samples that are drawn
_STEPS = 16  # moments at which a finished test is believed anew
_QUIET = 0.01  # A


class CellSheet(Struct, frozen=True):
    """Hold what a cell's log says: its curve, what was believed as it grew, how it stands; slow resistance (ohm) and what it
    loses by itself (mA) with their standard uncertainties, by how much it was warmer than the room (K).
    """

    curve: CellCurve
    grown: tuple[Grown, ...]
    standing: Standing
    test: CellTest
    ohm: tuple[float, float] | None = None
    leaks: tuple[float, float] | None = None
    warmer: float = 0.0


def with_live(work: BatteryWork, live: Sequence[object]) -> tuple[LogChunk, ...]:
    """Return the chunks of a log with those that came in since."""
    chunks = {chunk.first: chunk for chunk in work.log}
    for each in live:
        if isinstance(each, CellLive) and each.chunk.values:
            chunks[each.chunk.first] = each.chunk
    return tuple(chunks[first] for first in sorted(chunks))


def curve_of(log: Samples) -> CellCurve:
    """Return a log's curve, thinned."""
    if not len(log.t):
        return CellCurve((), (), (), ())
    keep = slice(None, None, max(1, len(log.t) // _DRAWN))
    signs = np.where(np.abs(log.a) <= _QUIET, 0, np.sign(log.a))
    edges = [0, *(np.flatnonzero(np.diff(signs)) + 1).tolist(), len(signs) - 1]
    words = {0: "rest", 1: "charge", -1: "discharge"}
    stages = [
        (float(log.t[one]) / 3600, float(log.t[two]) / 3600, words[int(signs[one])]) for one, two in pairwise(edges) if two > one
    ]
    return CellCurve((log.t[keep] / 3600).tolist(), log.v[keep].tolist(), log.a[keep].tolist(), stages)


def grown_of(hour: float, found: Belief) -> Grown:
    """Return what is believed at an hour."""
    return Grown(hour, found.capacity.mah, found.capacity.low, found.capacity.high)


def grown_live(live: Sequence[object]) -> list[Grown]:
    """Return what was believed at each look that came in."""
    seen = (each for each in live if isinstance(each, CellLive) and each.chunk.values)
    return [grown_of(each.chunk.values[-4] / 3600, each.standing.belief) for each in seen]


def cell_sheet(job: Job, model: Model) -> CellSheet | None:
    """Return what a job's log says; None where there is none. Slow: not for the interface's thread."""
    work = measured(job)
    if not work.log:
        return None
    test, log = test_of(job, model), samples_of(work)
    grown = []
    for end in np.unique(np.linspace(8, len(log.t), _STEPS).astype(int)).tolist():
        part = Samples(log.t[:end], log.v[:end], log.a[:end], log.celsius[:end], log.room)
        grown.append(grown_of(float(log.t[end - 1]) / 3600, standing(test, part).belief))
    found = standing(test, log)
    ohm, leaks = resistance_of(log.t, log.v, log.a), _leaks(log, test, found)
    warmer = float(np.max(log.celsius)) - log.room
    return CellSheet(curve_of(log), tuple(grown), found, test, ohm, leaks, warmer)


def _leaks(log: Samples, test: CellTest, found: Standing) -> tuple[float, float] | None:
    """Return what the cell loses by itself, mA, by its longest rest; None where that is too short to say."""
    edges = np.flatnonzero(np.diff(np.concatenate(([0], (np.abs(log.a) <= _QUIET).astype(np.int8), [0]))))
    rests = list(zip(edges[::2].tolist(), edges[1::2].tolist(), strict=True))
    if not rests:
        return None
    start, end = max(rests, key=lambda rest: log.t[rest[1] - 1] - log.t[rest[0]])
    state = float(test.cell.state(float(log.v[end - 1]), log.room))
    return self_discharge(log.t[start:end], log.v[start:end], test.cell.slope(state) / found.belief.capacity.mah)
