"""A log of volts and amperes: charge and energy by the sign of the current, gaps, steps and the resistances that they show.

Between samples current and power run straight (trapezoids); where the current changes its sign it is split at the crossing.
"""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
import numpy.typing as npt
from msgspec import Struct

Floats = npt.NDArray[np.float64]
GAIN = 0.001  # standard uncertainty of a meter's gain where it does not say (ours)
OFFSET = 0.001  # A, of its zero
_GAP_RATIO = 8.0  # a step in time that is so much longer than those before and after it is a gap
_LEAST_GAP = 30.0  # seconds: what flows in a shorter one is little
_STEP = 0.2  # of the largest current: a change that is larger from one sample to the next is a step
_SETTLED = 10.0  # seconds after a step that its slow resistance is read at
_BLOCK = 1 << 17  # samples that are summed at once: they stay in the processor's cache
_ENOUGH = 200_000  # samples that a percentile is taken of
_QUICKEST = 30.0  # seconds: what changes more slowly is no step


class Amount(Struct, frozen=True):
    """Hold a value with its standard uncertainty."""

    value: float
    u: float


class Totals(Struct, frozen=True):
    """Hold charge (mAh) and energy (mWh) of the positive and of the negative current, as amounts."""

    charge_positive: Amount
    charge_negative: Amount
    energy_positive: Amount
    energy_negative: Amount


class Gap(Struct, frozen=True):
    """Hold a time without samples, s."""

    start: float
    end: float


class CurrentStep(Struct, frozen=True):
    """Hold a step of the current: when, by how much, and the resistances that it shows at the first sample after it and after ten
    seconds; None where the current did not stay so long.
    """

    t: float
    amperes: float
    first_ohm: float
    late_ohm: float | None


def offset_of(a: Floats) -> float:
    """Return the standard uncertainty of a meter's zero that is assumed for a log, A: a small current has a small meter."""
    return min(OFFSET, 0.005 * largest(a))


def largest(values: Floats) -> float:
    """Return the largest amount of values (n)."""
    return max(float(values.max(initial=0.0)), -float(values.min(initial=0.0)))


def thinned(values: Floats) -> Floats:
    """Return values evenly thinned to about so many as a percentile needs."""
    return values[:: max(1, len(values) // _ENOUGH)]


def totals(t: Floats, v: Floats, a: Floats, *, gain: float = GAIN, offset: float = OFFSET) -> Totals:
    """Return charge and energy of a log: times in s that rise, volts, amperes (n).

    The uncertainty is that of gain and zero, and of what may have happened in gaps: there the current may have been
    anything between those beside it.
    """
    sums = {(kind, sign): np.zeros(2) for kind in "qe" for sign in (1.0, -1.0)}
    for block in _blocks(len(t)):
        dt, amps = np.diff(t[block]), a[block]
        for kind, flow in (("q", amps), ("e", v[block] * amps)):
            for sign in (1.0, -1.0):
                sums[kind, sign] += _one_sign(dt, sign * flow)
    missing = {"q": _in_gaps(t, a), "e": _in_gaps(t, v * a)} if gaps(t) else {"q": 0.0, "e": 0.0}
    mean_v = {"q": 1.0, "e": float(np.mean(v))}
    found = {
        (kind, sign): Amount(
            total / 3.6, float(np.hypot(gain * total, np.hypot(offset * lasted * mean_v[kind], missing[kind]))) / 3.6
        )
        for (kind, sign), (total, lasted) in sums.items()
    }
    return Totals(found["q", 1.0], found["q", -1.0], found["e", 1.0], found["e", -1.0])


def integrals(t: Floats, v: Floats, a: Floats) -> Floats:
    """Return the integrals of volts, amperes and watts over time (3): times in s that rise, volts, amperes (n)."""
    sums = np.zeros(3)
    for block in _blocks(len(t)):
        dt, volts, amps = np.diff(t[block]), v[block], a[block]
        for place, values in enumerate((volts, amps, volts * amps)):
            sums[place] += 0.5 * (float(dt @ values[1:]) + float(dt @ values[:-1]))
    return sums


def _blocks(samples: int) -> Iterator[slice]:
    """Yield slices that share their ends, so that every interval lies in one of them."""
    for start in range(0, samples - 1, _BLOCK):
        yield slice(start, min(start + _BLOCK + 1, samples))


def _in_gaps(t: Floats, flow: Floats) -> float:
    """Return the standard uncertainty of what flowed in gaps: anything between the values beside them."""
    before = np.searchsorted(t, [gap.start for gap in gaps(t)], "right") - 1
    return float((np.diff(t)[before] * np.abs(flow[before + 1] - flow[before])).sum()) / 12**0.5


def unseen(t: Floats, a: Floats) -> Floats:
    """Return the variance of what may have flowed in gaps up to each sample, mAh squared (n): times in s, amperes (n).

    In a gap the current may have been anything up to the largest of the log, either way.
    """
    dt = np.diff(t)
    long = dt > max(_GAP_RATIO * float(np.median(thinned(dt))), _LEAST_GAP) if len(dt) else np.zeros(0, dtype=bool)
    most = largest(a) * np.where(long, dt, 0.0) / 3.6
    return np.concatenate(([0.0], np.cumsum(most**2 / 3)))


def _one_sign(dt: Floats, flow: Floats) -> Floats:
    """Return the integral of the positive part of a straight run through values (n + 1) over dt (n), and how long it lasted."""
    if flow.max() <= 0:
        return np.zeros(2)
    one, other = flow[:-1], flow[1:]
    if flow.min() >= 0:
        return np.array([0.5 * float(dt @ (one + other)), float(dt[(one + other) > 0].sum())])
    high, low = np.maximum(one, other), np.minimum(one, other)
    part = high / np.where(high > low, high - low, 1.0)  # of an interval that is positive
    area = np.where(low >= 0, one + other, np.where(high > 0, high * part, 0.0))
    return np.array([0.5 * float(dt @ area), float(dt[(one + other) > 0].sum())])


def gaps(t: Floats) -> tuple[Gap, ...]:
    """Return the times without samples: steps much longer than those before and after them."""
    dt = np.diff(t)
    if len(dt) < 5:
        return ()
    usual = float(np.percentile(thinned(dt), 10))
    at = np.flatnonzero(dt > _GAP_RATIO * usual)
    # two neighbours on each side; at the ends only those that are there
    beside = np.zeros(len(at))
    for step in (-2, -1, 1, 2):
        there = (at + step >= 0) & (at + step < len(dt))
        beside[there] = np.maximum(beside[there], dt[at[there] + step])
    return tuple(Gap(float(t[i]), float(t[i + 1])) for i in at[dt[at] > _GAP_RATIO * beside].tolist())


def current_steps(t: Floats, v: Floats, a: Floats) -> tuple[CurrentStep, ...]:
    """Return the steps of the current and the resistances that they show."""
    if len(t) < 3:
        return ()
    change = np.diff(a)
    usual = float(np.percentile(np.abs(thinned(a)), 99.9))
    noise = 1.4826 * float(np.median(np.abs(thinned(change))))
    large = max(_STEP * usual, 6 * noise)
    places = np.flatnonzero((change > large) | (change < -large))
    at = places[(t[places + 1] - t[places]) < _QUICKEST].tolist()
    found = []
    for place, i in enumerate(at):
        until = at[place + 1] if place + 1 < len(at) else len(t) - 1
        first = float((v[i + 1] - v[i]) / change[i])
        wanted = t[i] + _SETTLED
        late: float | None = None
        if t[until] >= wanted - 0.05 * _SETTLED:
            j = min(int(np.searchsorted(t, wanted - 1e-9)), until)
            late = float((np.interp(min(wanted, t[until]), t, v) - v[i]) / (a[j] - a[i])) if a[j] != a[i] else None
        found.append(CurrentStep(float(t[i]), float(change[i]), first, late))
    return tuple(found)
