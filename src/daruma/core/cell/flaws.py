"""What no cell does: units that cannot be, samples that come again, a voltage that jumps, or rises without charging.

A log with such a flaw says nothing of a capacity, whatever figure its sums would give.
"""

from __future__ import annotations

import numpy as np
from msgspec import Struct

from daruma.core.cell.log import Floats, largest, thinned
from daruma.core.language import tr

_MOST_VOLTS = 6.0  # V: no cell of lithium ions stands so high (common practice, no source)
_MOST_RATE = 20.0  # of the rated capacity per hour: no phone's cell is asked for so much (ours)
_WINDOW = 24  # samples that come again together are no chance
_DISTINCT = 8  # different samples in them at least: a level that is held comes again by itself
_MOVES = 0.02  # V that the samples that come again run through at least
_JUMP = 0.3  # V from one sample to the next while the current stays
_STAYS = 0.05  # of the largest current: less is no step of it
_RISE = 0.1  # V that relaxing after a smaller current may explain while it discharges
_RECOVERS = 0.6  # V that a resting cell may recover by
_QUIET = 0.01  # of the largest current: less is a rest
_PARTS, _TENTH = 200, 10.0  # a log's parts, and times that one is larger than another where the unit may have changed
_BLOCK, _MOST_LEAPS = 1 << 20, 50
_WOULD_SHOW = 0.4  # A, V: a change that is real and so large shows beside it
_THOUSAND = 300.0  # times: so much at once is another unit


class Flaw(Struct, frozen=True):
    """Hold what is wrong with a log, in words, and what to do."""

    what: str
    advice: str


def flaw_of(t: Floats, v: Floats, a: Floats, rated: float) -> Flaw | None:
    """Return the first flaw of a cell's log: times (s) that rise, volts, amperes with charging positive (n), mAh rated."""
    return (
        _impossible(v, a, rated)
        or _comes_again(t, v, a)
        or _jumps(t, v, a)
        or _rises_discharging(t, v, a)
        or _rises_at_rest(t, v, a)
    )


def _impossible(v: Floats, a: Floats, rated: float) -> Flaw | None:
    volts, amperes = float(np.percentile(np.abs(thinned(v)), 99)), float(np.percentile(np.abs(thinned(a)), 99))
    if not volts or volts > _MOST_VOLTS or np.median(thinned(v)) < 0:
        return Flaw(
            tr("it shows {volts:.4g} V, which no single cell has", volts=float(np.median(thinned(v)))),
            tr("Put the unit of the voltage into the name of its column, for example voltage_mV."),
        )
    if amperes > _MOST_RATE * rated / 1000:
        return Flaw(
            tr("it shows {amperes:.4g} A, too much for a cell of {rated:.0f} mAh", amperes=amperes, rated=rated),
            tr("Put the unit of the current into the name of its column, for example current_mA."),
        )
    return None


def unit_change(values: Floats, other: Floats) -> int | None:
    """Return the sample from which values (n) go on a thousand times larger or smaller, None where they do not.

    What is measured beside them (`other`, n) stays: a current that really is switched on moves the voltage, and the other way.
    """
    size = np.abs(values)
    if len(size) < 16:
        return None
    means = np.add.reduceat(size, np.arange(0, len(size), max(1, len(size) // _PARTS)))
    if means.max() < _TENTH * means[:-1].min(initial=means.max()):
        return None  # parts as alike as these have one unit
    for place in _leaps(size):
        beside = slice(max(0, place - 7), place + 1), slice(place + 1, place + 9)
        before, after = (size[each] for each in beside)
        if min(len(before), len(after)) < 4 or not before.min() or not after.min():
            continue
        factor = float(np.median(after) / np.median(before))
        steady = all(float(np.ptp(part)) < 0.5 * float(np.median(part)) for part in (before, after))
        thousandfold = any(0.8 < factor / unit < 1.25 for unit in (1e3, 1e-3, 1e6, 1e-6))
        moved = abs(float(np.median(after) - np.median(before)))
        if steady and thousandfold and moved > _WOULD_SHOW and _stays(other, *beside):
            return int(place) + 1
    return None


def _leaps(size: Floats) -> list[int]:
    """Return the first places at which amounts (n) go up or down by a factor of hundreds, looked for in blocks."""
    found: list[int] = []
    for start in range(0, len(size) - 1, _BLOCK):
        earlier, later = size[start : start + _BLOCK], size[start + 1 : start + _BLOCK + 1]
        earlier = earlier[: len(later)]
        found += (start + np.flatnonzero((later > _THOUSAND * earlier) | (earlier > _THOUSAND * later))).tolist()
        if len(found) > _MOST_LEAPS:
            break
    return found[:_MOST_LEAPS]


def _stays(values: Floats, before: slice, after: slice) -> bool:
    one, two = values[before], values[after]
    scatter = max(float(np.ptp(one)), float(np.ptp(two)), 1e-3 * abs(float(np.median(one))))
    return abs(float(np.median(two) - np.median(one))) < scatter


def _comes_again(t: Floats, v: Floats, a: Floats) -> Flaw | None:
    found = repeated(v, a)
    if found is None:
        return None
    return Flaw(
        tr(
            "the samples from {first:.0f} s on are repeated exactly from {again:.0f} s on",
            first=float(t[found[0]]),
            again=float(t[found[1]]),
        ),
        tr("Use the log as the meter wrote it."),
    )


def repeated(v: Floats, a: Floats) -> tuple[int, int] | None:
    """Return where a run of samples (volts, amperes, n) begins and where the very same run begins again, None without one.

    Runs are found by the digests of windows; a level that is held, and a ramp of a few steps, do not count.
    """
    if len(v) < 4 * _WINDOW:
        return None
    marks = v.view(np.uint64) * np.uint64(0x9E3779B97F4A7C15) ^ a.view(np.uint64) * np.uint64(0xC2B2AE3D27D4EB4F)
    with np.errstate(over="ignore"):
        windows = np.zeros(len(v) - _WINDOW + 1, dtype=np.uint64)
        for step in range(_WINDOW):
            windows = windows * np.uint64(0x100000001B3) + marks[step : len(v) - _WINDOW + 1 + step]
    order = np.argsort(windows, kind="stable")
    same = np.flatnonzero(windows[order][1:] == windows[order][:-1])
    for place in same[:: max(1, len(same) // 500)].tolist():
        one, other = sorted((int(order[place]), int(order[place + 1])))
        run_v, run_a = v[one : one + _WINDOW], a[one : one + _WINDOW]
        if other - one < _WINDOW or len(set(zip(run_v.tolist(), run_a.tolist(), strict=True))) < _DISTINCT:
            continue
        if np.ptp(run_v) >= _MOVES or _still_same(v, a, one, other):
            return one, other
    return None


def _still_same(v: Floats, a: Floats, one: int, other: int) -> bool:
    """Return whether two runs go on being the same until the voltage has moved."""
    reach = min(other - one, len(v) - other)
    same = (v[one : one + reach] == v[other : other + reach]) & (a[one : one + reach] == a[other : other + reach])
    length = reach if same.all() else int(np.argmin(same))
    return length >= _WINDOW and float(np.ptp(v[one : one + length])) >= _MOVES


def _jumps(t: Floats, v: Floats, a: Floats) -> Flaw | None:
    stays = np.abs(np.diff(a)) <= _STAYS * largest(a)
    at = np.flatnonzero(stays & (np.abs(np.diff(v)) > _JUMP) & (np.diff(t) <= 20 * np.median(np.diff(t))))
    if not len(at):
        return None
    words = tr("at {t:.0f} s the voltage jumps from {one:.2f} to {other:.2f} V at the same current", **_jump(t, v, int(at[0])))
    return Flaw(words, tr("Check the meter's contacts, then measure again."))


def _jump(t: Floats, v: Floats, at: int) -> dict[str, float]:
    return {"t": float(t[at]), "one": float(v[at]), "other": float(v[at + 1])}


def _rises_discharging(t: Floats, v: Floats, a: Floats) -> Flaw | None:
    most = largest(a)
    out = (a < -_STAYS * most).astype(np.int8)
    steps = np.abs(np.diff(a, prepend=a[0])) > _STAYS * most
    edges = np.flatnonzero(np.diff(np.concatenate(([0], out * ~steps, [0]))))
    for start, end in zip(edges[::2].tolist(), edges[1::2].tolist(), strict=True):
        if end - start < 20:
            continue
        run = v[start:end]
        smooth = np.convolve(run, np.full(5, 0.2), mode="valid")
        rise = smooth - np.minimum.accumulate(smooth)
        if rise.max() > _RISE:
            at = start + int(np.argmax(rise))
            return Flaw(
                tr("by {t:.0f} s the voltage has risen by {rise:.2f} V while discharging", t=float(t[at]), rise=rise.max()),
                tr("Check the sign of the current and the meter's contacts, then measure again."),
            )
    return None


def _rises_at_rest(t: Floats, v: Floats, a: Floats) -> Flaw | None:
    """Return a rise from one sample to the next that no charge explains: resting cells recover slowly, and by less."""
    quiet = (a[1:] <= _QUIET * largest(a)) & (a[:-1] <= _QUIET * largest(a))
    at = np.flatnonzero(quiet & (np.diff(v) > _RECOVERS))
    if not len(at):
        return None
    words = tr("at {t:.0f} s the voltage jumps from {one:.2f} to {other:.2f} V without charging", **_jump(t, v, int(at[0])))
    return Flaw(words, tr("Use one log of one cell."))
