"""What is shown of a cell's test: its curve thinned for the eye, and what was believed as it grew."""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise

import numpy as np

from daruma.bench.kinds.battery.measuring import CellLive, samples_of, test_of
from daruma.core.cell.deciding import Belief
from daruma.core.cell.program import CellTest, Samples, Standing, standing
from daruma.core.job import Job
from daruma.core.kinds.battery.work import BatteryWork, LogChunk
from daruma.core.model import Model
from daruma.core.pictures.cell_trace import CellCurve, Grown

_DRAWN = 600  # samples that are drawn
_STEPS = 16  # moments at which a finished test is believed anew
_QUIET = 0.01  # A


@dataclass(frozen=True, slots=True)
class CellSheet:
    """Hold what a cell's log says: its curve, what was believed as it grew, how it stands."""

    curve: CellCurve
    grown: tuple[Grown, ...]
    standing: Standing
    test: CellTest


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
    work = job.of(BatteryWork)
    if not work.log:
        return None
    test, log = test_of(job, model), samples_of(work)
    grown = []
    for end in np.unique(np.linspace(8, len(log.t), _STEPS).astype(int)).tolist():
        part = Samples(log.t[:end], log.v[:end], log.a[:end], log.celsius[:end], log.room)
        grown.append(grown_of(float(log.t[end - 1]) / 3600, standing(test, part).belief))
    return CellSheet(curve_of(log), tuple(grown), standing(test, log), test)
