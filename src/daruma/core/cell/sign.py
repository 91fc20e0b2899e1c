"""Which sign of a log's current charges: by the column's own word, by what flows on a cable, by how a cell's voltage goes."""

from __future__ import annotations

import numpy as np

from daruma.core.cell.log import Floats, largest

_CABLE = 4.6  # V: more stands on a charging cable, where current flows into the phone alone; no cell has it
_MOST_PLACES = 20_000
_STEADY = 0.05  # of the largest current: what changes by less flows on
_MOVING = 0.05  # of the largest current: less is no charging
_SURE = 6.0  # standard deviations that the voltage must go with one sign
_LEAST = 0.005  # V that it must go at least


def charging_sign(t: Floats, v: Floats, a: Floats, named: float = 0.0) -> float:
    """Return the sign of the current that charges, 0 where it is not to be told: times (s), volts, amperes as they stand (n).

    `named` is what the column's name says (-1, 1, or 0). On a cable the larger sum of current goes into the phone. A cell's
    voltage rises while it is charged and falls while it is discharged, over each stretch of steady current.
    """
    if named or not len(t):
        return named
    stride = max(1, len(t) // _MOST_PLACES)
    t, v, a = t[::stride], v[::stride], a[::stride]
    if float(np.percentile(v, 95)) > _CABLE:
        return dominant_sign(t, a)
    risen, noise = _risen(v, a)
    return 0.0 if abs(risen) < max(_LEAST, _SURE * noise) else float(np.sign(risen))


def dominant_sign(t: Floats, a: Floats) -> float:
    """Return the sign of the charge that flows in all: 1 where none does."""
    return 1.0 if len(t) < 2 or float(np.trapezoid(a, t)) >= 0 else -1.0


def _risen(v: Floats, a: Floats) -> tuple[float, float]:
    """Return by how much the voltage rises with positive current, over all steady stretches, and the noise of that, V."""
    most = largest(a)
    signs = np.where(np.abs(a) > _MOVING * most, np.sign(a), 0.0)
    breaks = np.flatnonzero((np.diff(signs) != 0) | (np.abs(np.diff(a)) > _STEADY * most)) + 1
    risen, variance = 0.0, 0.0
    noise = float(np.median(np.abs(np.diff(v, 2)))) / (0.6745 * 6**0.5) if len(v) > 4 else 0.0
    for start, end in zip([0, *breaks.tolist()], [*breaks.tolist(), len(v)], strict=True):
        # the first sample after a step still moves with it
        run = v[start + 1 : end]
        if not signs[start] or len(run) < 4:
            continue
        each = max(1, len(run) // 4)
        risen += float(signs[start] * (run[-each:].mean() - run[:each].mean()))
        variance += 2 * noise**2 / each
    return risen, float(np.sqrt(variance))
