"""The capacity by a run from full to empty: what flowed between a full charge and the voltage at which the cell is empty.

IEC 61960-3 (not opened; from memory): charged as its maker says, discharged at 0.2 of the rated capacity per hour to the stated
end voltage. Another current is allowed for by a term of the uncertainty.
"""

from __future__ import annotations

import numpy as np
from msgspec import Struct

from daruma.core.cell.amount import Capacity, Method
from daruma.core.cell.capacity import Flow
from daruma.core.cell.flaws import Flaw
from daruma.core.cell.log import GAIN, Floats, largest
from daruma.core.language import tr

_AS_MEASURED = 0.003  # relative: what a run from full to empty differs by from one to the next (ours)
_RATE = 0.2  # of the rated capacity per hour: what a capacity is stated at (IEC 61960)
_OTHER_RATE = 0.005  # relative, for each doubling or halving of that current (ours)
_TAPERED = 0.12  # of the rated capacity per hour: a charge at full voltage that fell so far has come to its end
_FULL_VOLTS = 4.1  # V: less is no full charge (common practice, no source)
_DROP = 0.25  # V that a full cell may fall by as its discharge begins
_NEAR = 0.03  # V under the largest voltage that a full charge may end at
_FEWEST = 50  # samples between full and empty
_MOST_LOST = 0.05  # of the charge: more that may have flowed unseen says nothing
_MOST_HELD = 1.12  # of the rated capacity: no cell holds more (ours)
_NOISE = 0.01  # V that a discharge may end above the end voltage
_QUIET = 0.01  # of the largest current: less is a rest


class Stated(Struct, frozen=True):
    """Hold what is said of a log besides its samples: that it begins with a full cell, and the volts at which it is empty."""

    full: bool = False
    end: float | None = None


def full_run(t: Floats, v: Floats, a: Floats, flow: Flow, rated: float, stated: Stated) -> Capacity | Flaw:
    """Return what flowed from full to empty, or why it cannot be said: times (s), volts, amperes with charging positive (n), what
    flowed, mAh rated.
    """
    if stated.end is None:
        return Flaw(
            tr("the end voltage is not stated"),
            tr("State it with --end, for example --end 3.0, or name the chemistry."),
        )
    empty = _empty(v, a, stated.end)
    if empty is None:
        return Flaw(
            tr("it never comes down to the end voltage of {end:.2f} V", end=stated.end),
            tr("Discharge it from full to empty, or name its chemistry and rest it before and after a part of it."),
        )
    full = _full(v, a, empty, rated, stated)
    if full is None:
        return Flaw(
            tr("it shows no full charge, and none was stated"),
            tr("Record a full charge in the same log, or state with --full that the log begins with a full cell."),
        )
    one, two = sorted((full, empty))
    moved = abs(float(flow.mah[two] - flow.mah[one]))
    if two - one < _FEWEST or not moved:
        return Flaw(
            tr("it has only {count} samples between full and empty; {least} are needed", count=two - one, least=_FEWEST),
            tr("Record at least one sample a minute."),
        )
    unseen = float(np.sqrt(flow.lost[two] - flow.lost[one]))
    if unseen > _MOST_LOST * moved:
        return Flaw(
            tr("up to {unseen:.0f} mAh may have flowed during its gaps", unseen=1.96 * unseen),
            tr("Measure again without gaps."),
        )
    zero = flow.zero * float(t[two] - t[one]) / 3.6
    terms = (GAIN, zero / moved, _AS_MEASURED, _other_rate(a[one : two + 1], rated), unseen / moved)
    found = Capacity(moved, moved * float(np.linalg.norm(terms)), Method.FULL)
    return beyond(found, rated) or found


def beyond(found: Capacity, rated: float) -> Flaw | None:
    """Return what is wrong with a capacity that is surely more than a cell of so many mAh rated holds; None where it is not."""
    if found.low <= _MOST_HELD * rated:
        return None
    return Flaw(
        tr("it shows {mah:.0f} mAh, more than a cell rated {rated:.0f} mAh can hold", mah=found.mah, rated=rated),
        tr("Check the rated capacity and the units of the columns."),
    )


def _other_rate(run: Floats, rated: float) -> float:
    """Return the relative standard uncertainty of a capacity whose currents (n) are not those that it is stated at."""
    flowing = np.abs(run[np.abs(run) > _QUIET * largest(run)])
    rate = float(np.median(flowing)) * 1000 / rated if len(flowing) else _RATE
    return _OTHER_RATE * abs(float(np.log2(rate / _RATE)))


def _empty(v: Floats, a: Floats, end: float) -> int | None:
    """Return the first sample at which a discharge has come to the end voltage, as near as a meter's noise lets it be told."""
    out = a < -_QUIET * largest(a)
    for volts in (end, end + _NOISE):
        at = np.flatnonzero(out & (v <= volts))
        if len(at):
            return int(at[0])
    return None


def _full(v: Floats, a: Floats, empty: int, rated: float, stated: Stated) -> int | None:
    """Return the sample of the full charge that belongs to an empty one: the last before it, else the first after it."""
    tapered = (v >= max(_FULL_VOLTS, float(v.max()) - _NEAR)) & (a > 0) & (a <= _TAPERED * rated / 1000)
    # a current that only begins is no taper: it was larger before
    was = np.maximum.accumulate(np.where(v > _FULL_VOLTS - 0.3, a, 0.0)) > 2 * _TAPERED * rated / 1000
    seen = np.flatnonzero(tapered & was)
    before, after = seen[seen < empty], seen[seen > empty]
    if len(before):
        return int(before[-1])
    if stated.full and v[0] > _FULL_VOLTS - _DROP:
        return 0
    return int(after[-1]) if len(after) else None
