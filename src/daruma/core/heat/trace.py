"""A temperature trace against limits: each that is broken is named, with its place and by how much.

Slopes are those of a line through a window of the trace: neighbouring readings alone would turn the thermocouple's noise into
ramps. Times above a temperature are taken where the trace crosses it, between readings.
"""

from __future__ import annotations

from collections.abc import Iterator
from enum import Enum

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.language import tr

Floats = npt.NDArray[np.float64]
WINDOW = 5.0  # seconds of the trace that one slope is taken over
_SHORTEST = 3  # readings of a slope


class Limit(Enum):
    """Name a limit of a step."""

    RAMP = "ramp_up"
    COOLING = "cooling"
    PEAK_LOW = "peak_too_low"
    PEAK_HIGH = "peak_too_high"
    ABOVE_SHORT = "time_above_too_short"
    ABOVE_LONG = "time_above_too_long"
    PART = "part_limit"
    GAP = "gap"


class HeatLimits(Struct, frozen=True):
    """Hold the limits of a step; None where there is none.

    Slopes are in K/s, temperatures in degrees Celsius, times above one of them in s. `part` is what the part beside it
    stands at most, `gap` the longest time without a reading.
    """

    ramp: float | None = None
    cooling: float | None = None
    peak_min: float | None = None
    peak_max: float | None = None
    above: float | None = None
    above_min: float | None = None
    above_max: float | None = None
    part: float | None = None
    gap: float = 5.0


class Violation(Struct, frozen=True):
    """Hold a broken limit: what is allowed, what was seen, in the limit's unit, and from when to when (s)."""

    limit: Limit
    allowed: float
    seen: float
    unit: str
    start: float
    end: float

    @property
    def words(self) -> str:
        """Return it in words."""
        names = {
            Limit.RAMP: tr("heated faster than allowed"),
            Limit.COOLING: tr("cooled faster than allowed"),
            Limit.PEAK_LOW: tr("never hot enough"),
            Limit.PEAK_HIGH: tr("hotter than allowed"),
            Limit.ABOVE_SHORT: tr("too short above the melting temperature"),
            Limit.ABOVE_LONG: tr("too long above the melting temperature"),
            Limit.PART: tr("hotter than the part stands"),
            Limit.GAP: tr("no reading for too long"),
        }
        place = tr("{start:.1f} to {end:.1f} s", start=self.start, end=self.end)
        return tr(
            "{names}: {seen:.1f} {unit}, allowed {allowed:g} {unit}, {place}",
            names=names[self.limit],
            seen=self.seen,
            unit=self.unit,
            allowed=self.allowed,
            place=place,
        )


def violations(t: Floats, celsius: Floats, limits: HeatLimits) -> tuple[Violation, ...]:
    """Return every limit that a trace breaks, in order of time; raise ValueError for a trace that is none."""
    if len(t) < _SHORTEST or len(t) != len(celsius):
        raise ValueError(f"{len(t)} readings: {_SHORTEST} at least are needed")
    if not (np.diff(t) > 0).all():
        raise ValueError("the times do not rise")
    found = [
        *_slopes(t, celsius, limits),
        *_peak(t, celsius, limits),
        *_above(t, celsius, limits),
        *_part(t, celsius, limits),
        *_gaps(t, limits),
    ]
    return tuple(sorted(found, key=lambda each: (each.start, each.limit.value)))


def slopes_of(t: Floats, celsius: Floats, window: float = WINDOW) -> Floats:
    """Return the slope at each reading, K/s: of the least-squares line through the readings within half a window of it."""
    first = np.searchsorted(t, t - window / 2, side="left")
    last = np.searchsorted(t, t + window / 2, side="right")
    # sums up to each reading give every window's line without a loop
    since = t - t[0]
    terms = (np.ones(len(t)), since, celsius, since**2, since * celsius)
    sums = [np.concatenate(([0.0], np.cumsum(each))) for each in terms]
    n, sx, sy, sxx, sxy = (each[last] - each[first] for each in sums)
    spread = n * sxx - sx * sx
    good = (n >= _SHORTEST) & (spread > 1e-9)
    return np.where(good, (n * sxy - sx * sy) / np.where(good, spread, 1.0), 0.0)


def time_above(t: Floats, celsius: Floats, level: float) -> float:
    """Return how long a trace is above a level, s; crossings lie between readings."""
    return sum(end - start for start, end in _spans_above(t, celsius, level))


def _spans_above(t: Floats, celsius: Floats, level: float) -> list[tuple[float, float]]:
    over = celsius > level
    spans: list[tuple[float, float]] = []
    start: float | None = float(t[0]) if over[0] else None
    for i in np.flatnonzero(np.diff(over.astype(np.int8))).tolist():
        share = (level - celsius[i]) / (celsius[i + 1] - celsius[i])
        at = float(t[i] + share * (t[i + 1] - t[i]))
        if start is None:
            start = at
        else:
            spans.append((start, at))
            start = None
    if start is not None:
        spans.append((start, float(t[-1])))
    return spans


def _slopes(t: Floats, celsius: Floats, limits: HeatLimits) -> Iterator[Violation]:
    slope = slopes_of(t, celsius)
    for limit, allowed, steep in ((Limit.RAMP, limits.ramp, slope), (Limit.COOLING, limits.cooling, -slope)):
        if allowed is not None:
            for first, last in _runs(steep > allowed):
                yield Violation(limit, allowed, float(steep[first : last + 1].max()), "K/s", float(t[first]), float(t[last]))


def _runs(over: npt.NDArray[np.bool_]) -> Iterator[tuple[int, int]]:
    edges = np.diff(np.concatenate(([0], over.astype(np.int8), [0])))
    yield from zip(np.flatnonzero(edges == 1).tolist(), (np.flatnonzero(edges == -1) - 1).tolist(), strict=True)


def _peak(t: Floats, celsius: Floats, limits: HeatLimits) -> Iterator[Violation]:
    peak, at = float(celsius.max()), float(t[int(celsius.argmax())])
    if limits.peak_min is not None and peak < limits.peak_min:
        yield Violation(Limit.PEAK_LOW, limits.peak_min, peak, "°C", at, at)
    if limits.peak_max is not None and peak > limits.peak_max:
        for start, end in _spans_above(t, celsius, limits.peak_max):
            inside = celsius[(t >= start) & (t <= end)]
            yield Violation(Limit.PEAK_HIGH, limits.peak_max, float(inside.max(initial=limits.peak_max)), "°C", start, end)


def _above(t: Floats, celsius: Floats, limits: HeatLimits) -> Iterator[Violation]:
    if limits.above is None:
        return
    spans = _spans_above(t, celsius, limits.above)
    total = sum(end - start for start, end in spans)
    start, end = (spans[0][0], spans[-1][1]) if spans else (float(t[0]), float(t[-1]))
    if limits.above_min is not None and total < limits.above_min:
        yield Violation(Limit.ABOVE_SHORT, limits.above_min, total, "s", start, end)
    if limits.above_max is not None and total > limits.above_max:
        yield Violation(Limit.ABOVE_LONG, limits.above_max, total, "s", start, end)


def _part(t: Floats, celsius: Floats, limits: HeatLimits) -> Iterator[Violation]:
    if limits.part is not None and float(celsius.max()) > limits.part:
        for start, end in _spans_above(t, celsius, limits.part):
            inside = celsius[(t >= start) & (t <= end)]
            yield Violation(Limit.PART, limits.part, float(inside.max(initial=limits.part)), "°C", start, end)


def _gaps(t: Floats, limits: HeatLimits) -> Iterator[Violation]:
    steps = np.diff(t)
    for i in np.flatnonzero(steps > limits.gap).tolist():
        yield Violation(Limit.GAP, limits.gap, float(steps[i]), "s", float(t[i]), float(t[i + 1]))
