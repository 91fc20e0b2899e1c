"""Does the screen's luminance follow the room? The verdict from five or more levels, with a guard band.

Luminance is judged against what the model wants, in logarithms, where eye and sensor work; the fit is the nearest rising
curve (isotonic regression, Barlow et al. 1972).
"""

from collections.abc import Sequence
from enum import Enum
from math import erf, exp, log, sqrt

from msgspec import Struct

from daruma.core.colour.shots import Level
from daruma.core.display import DisplaySpec, wanted_luminance
from daruma.core.language import tr
from daruma.core.uncertainty import MOST_READINGS, RISK, Claim, Standard, coverage, of_mean

LEAST_LEVELS = 5
LEAST_RISE = 2.0  # factor by which the wanted luminance must rise over the levels: else a fixed screen passes as well (ours)
FLAT = 0.25  # share of the rise that is wanted below which a stretch stands still (ours)
HYSTERESIS = 0.10  # difference between rising and falling light, in logarithm, that is still right (ours)

TELL_SCATTER = 3  # readings that tell how much readings scatter (ours)


class Follows(Enum):
    """Name the verdicts."""

    FOLLOWS = "follows"
    OFF = "follows but off"
    INCOMPLETE = "incomplete"
    FIXED = "does not follow"
    FALLING = "wrong way"
    LAGS = "depends on where it came from"
    MORE_LEVELS = "more levels needed"
    AGAIN = "measure again"


class BrightnessPoint(Struct, frozen=True):
    """Hold one illuminance's result in cd/m2: measured, fitted by a rising curve, wanted; `spread` is the relative
    expanded uncertainty (95 %) of the measured one.
    """

    lux: float
    measured: float
    fitted: float
    wanted: float
    spread: float

    @property
    def ratio(self) -> float:
        """Return measured over wanted."""
        return self.measured / self.wanted


class BrightnessVerdict(Struct, frozen=True):
    """Hold the verdict with its points, rising in lux.

    `reach` is the factor by which the fit rises over all levels and `wanted_reach` what it should; `residual` the root
    mean square of what the fit leaves, relative; `hysteresis` the largest relative difference between rising and
    falling light (None where only one was measured); `readings` how many would decide, where they can.
    """

    kind: Follows
    points: tuple[BrightnessPoint, ...]
    reach: float
    wanted_reach: float
    residual: float
    hysteresis: float | None
    sentence: str
    readings: int | None = None

    @property
    def proven(self) -> bool:
        """Return whether this proves that the screen follows the room."""
        return self.kind is Follows.FOLLOWS


def judge_brightness(spec: DisplaySpec, levels: Sequence[Level], instrument: float) -> BrightnessVerdict:
    """Decide whether luminance follows illuminance.

    `instrument` is the relative standard uncertainty of a luminance that repeating does not lower. Proven only where
    every level is within the model's tolerance with 95 % (guarded acceptance, JCGM 106:2012, 8.3.2).
    """
    by_lux = {lux: [level for level in levels if level.lux == lux] for lux in sorted({level.lux for level in levels})}
    if any(value <= 0 for level in levels for value in level.luminance):
        return _short(tr("A level reads no light: the screen is dark, or the instrument is not on it."))
    if len(by_lux) < LEAST_LEVELS:
        return _short(
            tr(
                "{count_by_lux} levels are measured; at least {least_levels} are needed.",
                count_by_lux=len(by_lux),
                least_levels=LEAST_LEVELS,
            )
        )
    logs = [sum(log(level.mean) for level in group) / len(group) for group in by_lux.values()]
    fitted = _rising(logs)
    precision = _Precision(instrument, _scatter(levels), spec.brightness_tolerance)
    points = tuple(
        BrightnessPoint(lux, exp(mean), exp(fit), wanted_luminance(spec.brightness, lux), precision.spread(group))
        for (lux, group), mean, fit in zip(by_lux.items(), logs, fitted, strict=True)
    )
    rise = points[-1].wanted / points[0].wanted
    if rise < LEAST_RISE:
        lux = tr("{lux:g} to {lux_2:g} lx", lux=points[0].lux, lux_2=points[-1].lux)
        return _short(
            tr(
                "From {lux} the screen should rise by a factor of {rise:.2f} only: levels further apart are "
                "needed ({least_rise:g}).",
                lux=lux,
                rise=rise,
                least_rise=LEAST_RISE,
            )
        )
    residual = sqrt(sum((a - b) ** 2 for a, b in zip(logs, fitted, strict=True)) / len(logs))
    hysteresis = _hysteresis(by_lux)
    reach, wanted = points[-1].fitted / points[0].fitted, points[-1].wanted / points[0].wanted
    kind, sentence = _decide(spec, points, reach, hysteresis)
    if kind in (Follows.FOLLOWS, Follows.AGAIN) and precision.pooled is None:
        # what was read once only may scatter by anything
        kind, sentence = Follows.AGAIN, tr("Not decided: each level was read once, and nothing tells how much readings scatter.")
    readings = _readings(precision, by_lux, points) if kind is Follows.AGAIN else None
    if kind is Follows.AGAIN:
        often = (
            tr("Measure again: about {readings} readings a level decide it.", readings=readings)
            if readings
            else tr("A better instrument can decide it.")
        )
        sentence = f"{sentence} {often}"
    return BrightnessVerdict(kind, points, reach, wanted, residual, hysteresis, sentence, readings)


def _short(sentence: str) -> BrightnessVerdict:
    return BrightnessVerdict(Follows.MORE_LEVELS, (), 1.0, 1.0, 0.0, None, sentence)


def _rising(values: Sequence[float]) -> list[float]:
    """Return the nearest rising sequence (isotonic regression)."""
    from scipy.optimize import isotonic_regression  # slow to import

    return [float(value) for value in isotonic_regression(values).x]


class _Precision(Struct, frozen=True):
    """Hold what tells how sure a level's mean is, all relative: the instrument, and the scatter of one reading pooled over
    the levels that were read more than once (None where none was); `tolerance` stands in where nothing tells a scatter.
    """

    instrument: float
    pooled: Standard | None
    tolerance: float

    def spread(self, group: Sequence[Level]) -> float:
        """Return the expanded uncertainty (95 %) of a level's mean (JCGM 100:2008, 4.2 and G.3)."""
        return coverage(float("inf")) * self.standard(group)

    def standard(self, group: Sequence[Level], count: int = 0) -> float:
        """Return the standard uncertainty of a level's mean, few readings widened by Student's factor; with `count`, as it
        would be after so many readings.
        """
        scatter = _scatter(group) or self.pooled
        if scatter is None:
            return max(self.instrument, self.tolerance)
        readings = count or sum(len(level.luminance) for level in group)
        freedom = max(scatter.freedom, count - 1) if count else scatter.freedom
        return of_mean(Standard(scatter.value, freedom), readings, self.instrument)


def _scatter(levels: Sequence[Level]) -> Standard | None:
    """Return the relative standard deviation of one reading, pooled over levels; None where each was read once."""
    readings = [value / level.mean for level in levels for value in level.luminance]
    freedom = len(readings) - len(levels)
    return Standard(sqrt(sum((value - 1) ** 2 for value in readings) / freedom), freedom) if freedom else None


def _hysteresis(by_lux: dict[float, list[Level]]) -> float | None:
    both = [
        abs(log(up.mean / down.mean))
        for group in by_lux.values()
        for up in group
        for down in group
        if down.falling and not up.falling
    ]
    return max(both, default=None)


def _claim(point: BrightnessPoint, tolerance: float, standard: float) -> Claim:
    """Say whether a level is within tolerance, on a line: two-sided by the nearer edge.

    Outside is what a level on that edge would give in no more than the stated share of cases (JCGM 106:2012, 8.3.3).
    """
    edge, off = log(1 + tolerance), log(point.ratio)
    scale = max(standard, 1e-9) * sqrt(2)
    inside = (erf((edge - off) / scale) - erf((-edge - off) / scale)) / 2
    on_edge = (1 - erf((abs(off) - edge) / scale)) / 2
    return Claim.PROVEN if 1 - inside <= RISK else Claim.NOT_PROVEN if on_edge <= RISK else Claim.AGAIN


def _decide(
    spec: DisplaySpec, points: tuple[BrightnessPoint, ...], reach: float, hysteresis: float | None
) -> tuple[Follows, str]:
    first, last = points[0], points[-1]
    ends = tr(
        "{measured:.0f} cd/m² at {lux:.0f} lx, {measured_2:.0f} cd/m² at {lux_2:.0f} lx",
        measured=first.measured,
        lux=first.lux,
        measured_2=last.measured,
        lux_2=last.lux,
    )
    wanted = log(last.wanted / first.wanted)
    moved = log(last.measured / first.measured)
    unsure = (first.spread + last.spread) / wanted
    if moved / wanted < -unsure:
        return Follows.FALLING, tr("The screen gets darker as the room gets brighter: {ends}.", ends=ends)
    if log(reach) / wanted < FLAT:
        return Follows.FIXED, tr("The screen does not follow the room: {ends}.", ends=ends)
    if hysteresis is not None and hysteresis > HYSTERESIS + first.spread:
        return (
            Follows.LAGS,
            tr(
                "Rising and falling light differ by {percent:.0f} % at one level: wait longer at each.",
                percent=100 * (exp(hysteresis) - 1),
            ),
        )
    flat = _flat_stretch(points)
    if flat and (dip := _dip(points)):
        return Follows.OFF, tr(
            "The screen gets darker from {lux:.0f} to {lux_2:.0f} lx, where it should get brighter.",
            lux=dip[0].lux,
            lux_2=dip[1].lux,
        )
    if flat:
        where = tr("from {lux:.0f} to {lux_2:.0f} lx", lux=flat[0].lux, lux_2=flat[1].lux)
        return Follows.INCOMPLETE, tr(
            "The screen follows, but stands still {where}: the record's brightness curve is incomplete.", where=where
        )
    worst = max(points, key=lambda p: abs(log(p.ratio)))
    off = tr(
        "{measured:.0f} cd/m² at {lux:.0f} lx, {ratio:.0f} % too {side}",
        measured=worst.measured,
        lux=worst.lux,
        ratio=100 * abs(worst.ratio - 1),
        side=_side(worst),
    )
    limit = tr(
        "tolerance {brightness_tolerance:.0f} %, ± {spread:.1f} %",
        brightness_tolerance=100 * spec.brightness_tolerance,
        spread=100 * worst.spread,
    )
    claims = {_claim(p, spec.brightness_tolerance, p.spread / coverage(float("inf"))) for p in points}
    if Claim.NOT_PROVEN in claims:
        return Follows.OFF, tr("The screen follows the room but is off: {off} ({limit}).", off=off, limit=limit)
    if Claim.AGAIN in claims:
        return Follows.AGAIN, tr("Not decided: {off} ({limit}).", off=off, limit=limit)
    return Follows.FOLLOWS, tr("The screen follows the room: {ends}; at most {off} ({limit}).", ends=ends, off=off, limit=limit)


def _side(point: BrightnessPoint) -> str:
    return tr("bright") if point.ratio > 1 else tr("dark")


def _dip(points: tuple[BrightnessPoint, ...]) -> tuple[BrightnessPoint, BrightnessPoint] | None:
    """Return the ends of the deepest fall with rising light that is certainly one."""
    falls = [
        (log(b.measured / a.measured) + a.spread + b.spread, i, j)
        for i, a in enumerate(points)
        for j, b in enumerate(points[i + 1 :], start=i + 1)
    ]
    deepest, i, j = min(falls)
    return (points[i], points[j]) if deepest < 0 else None


def _flat_stretch(points: tuple[BrightnessPoint, ...]) -> tuple[BrightnessPoint, BrightnessPoint] | None:
    """Return the longest stretch at an end whose rise is certainly less than a share of what is wanted."""
    found = []
    for start, end in [(0, i) for i in range(1, len(points))] + [(i, len(points) - 1) for i in range(len(points) - 1)]:
        a, b = points[start], points[end]
        wanted = log(b.wanted / a.wanted)
        sure = 2 * (a.spread + b.spread)
        if wanted > sure and log(b.fitted / a.fitted) + (a.spread + b.spread) < FLAT * wanted:
            found.append((end - start, a, b))
    return max(found, key=lambda item: item[0])[1:] if found else None


def _readings(precision: _Precision, by_lux: dict[float, list[Level]], points: tuple[BrightnessPoint, ...]) -> int | None:
    """Return how many readings a level would decide every level; None where no number does. Where nothing tells how much
    they scatter, as many as tell it.
    """
    if precision.pooled is None:
        return TELL_SCATTER
    for count in range(3, MOST_READINGS + 1):
        standards = [precision.standard(group, count) for group in by_lux.values()]
        claims = [_claim(point, precision.tolerance, u) for point, u in zip(points, standards, strict=True)]
        if Claim.NOT_PROVEN in claims or Claim.AGAIN not in claims:
            return count
    return None
