"""Uncertainty of a measurement and what may be claimed with it.

Components are evaluated and combined as JCGM 100:2008 (the GUM) says; claims are made with a guard band as JCGM
106:2012 says, so that a claim is wrong in at most a stated share of cases.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from enum import Enum
from functools import lru_cache
from math import inf, isinf, sqrt

RISK = 0.05  # of a claim that is not true (JCGM 106: the specific consumer's risk)
MOST_READINGS = 100  # readings of one thing that a bench would take (ours)


@dataclass(frozen=True, slots=True)
class Standard:
    """Hold a standard uncertainty with its degrees of freedom, in the unit of the quantity."""

    value: float
    freedom: float = inf

    def scaled(self, sensitivity: float) -> "Standard":
        """Return the contribution to a result that changes by `sensitivity` for each unit (GUM 5.1.3)."""
        return Standard(abs(sensitivity) * self.value, self.freedom)

    def expanded(self, level: float = 0.95) -> float:
        """Return the half-width of the interval that holds the value with this probability (GUM G.3)."""
        return coverage(self.freedom, level) * self.value


def repeated(values: Sequence[float]) -> tuple[float, Standard]:
    """Return the mean of readings and its standard uncertainty (type A, GUM 4.2); raise ValueError for fewer than two."""
    n = len(values)
    if n < 2:
        raise ValueError("repeat the reading: one alone says nothing of its spread")
    mean = sum(values) / n
    spread = sqrt(sum((value - mean) ** 2 for value in values) / (n - 1))
    return mean, Standard(spread / sqrt(n), n - 1)


def rectangular(half_width: float) -> Standard:
    """Return the standard uncertainty of a value that lies anywhere within limits (type B, GUM 4.3.7)."""
    return Standard(half_width / sqrt(3))


def certified(expanded: float, factor: float = 2.0) -> Standard:
    """Return the standard uncertainty behind a certificate's expanded one with its coverage factor (GUM 4.3.3)."""
    return Standard(expanded / factor)


def combined(parts: Sequence[Standard]) -> Standard:
    """Return the combined standard uncertainty of independent parts (GUM 5.1.2), with the effective degrees of
    freedom after Welch and Satterthwaite (GUM G.4.1).
    """
    total = sqrt(sum(part.value**2 for part in parts))
    share = sum(part.value**4 / part.freedom for part in parts if not isinf(part.freedom))
    return Standard(total, total**4 / share if share > 0 else inf)


@lru_cache(maxsize=4096)
def coverage(freedom: float, level: float = 0.95) -> float:
    """Return the coverage factor: Student's t for two sides, the normal distribution's for infinite freedom."""
    from scipy.special import ndtri, stdtrit  # slow to import, and needed only where something was measured

    share = (1 + level) / 2
    return float(ndtri(share) if isinf(freedom) else stdtrit(max(1.0, freedom), share))


class Claim(Enum):
    """Name what a measurement lets one say of a tolerance."""

    PROVEN = "proven"
    NOT_PROVEN = "not proven"
    AGAIN = "measure again"


@dataclass(frozen=True, slots=True)
class Judgement:
    """Hold a claim about a distance from a target: with the probability that the tolerance is kept.

    `readings` is how many readings in all would decide it, None where no number of them can: then the instrument is
    not good enough for this tolerance.
    """

    claim: Claim
    distance: float
    tolerance: float
    uncertainty: float
    probability: float
    readings: int | None = None

    @property
    def sentence(self) -> str:
        """Return the claim in words."""
        numbers = f"{self.distance:.4f} ± {2 * self.uncertainty:.4f} from its target, tolerance {self.tolerance:.4f}"
        match self.claim:
            case Claim.PROVEN:
                return f"Proven: {numbers}; within it with {_percent(self.probability)} probability."
            case Claim.NOT_PROVEN:
                return f"Not proven: {numbers}; within it with only {_percent(self.probability)} probability."
            case Claim.AGAIN if self.readings is None:
                return f"Undecided: {numbers}. More readings cannot decide it; a better instrument can."
            case Claim.AGAIN:
                return f"Undecided: {numbers}. Measure again: about {self.readings} readings decide it."


def within(distance: float, uncertainty: float, tolerance: float) -> float:
    """Return the probability that a point of a plane lies within `tolerance` of its target.

    It was measured at `distance` from it with the same standard uncertainty along each axis. The squared distance over
    the squared uncertainty is then noncentral chi-squared with two degrees of freedom.
    """
    from scipy.special import chndtr

    if uncertainty <= 0:
        return 1.0 if distance <= tolerance else 0.0
    return float(chndtr((tolerance / uncertainty) ** 2, 2, (distance / uncertainty) ** 2))


def judge_distance(
    distance: float, tolerance: float, *, scatter: Standard, readings: int, instrument: float, risk: float = RISK
) -> Judgement:
    """Judge whether a point is within tolerance of its target: proven, not proven, or measure again and how often.

    `scatter` is the standard deviation of one reading along an axis with its degrees of freedom, and `instrument` the
    standard uncertainty that repeating does not lower, all in the unit of the distance. Few readings count with
    Student's factor, so that the stated risk holds for them as well.
    """
    judged = judge_known(distance, tolerance, _of_mean(scatter, readings, instrument), risk)
    if judged.claim is not Claim.AGAIN:
        return judged
    for count in range(max(3, readings + 1), MOST_READINGS + 1):
        more = Standard(scatter.value, max(scatter.freedom, count - 1))
        if _claim(distance, tolerance, _of_mean(more, count, instrument), risk) is not Claim.AGAIN:
            return replace(judged, readings=count)
    return judged


def judge_known(distance: float, tolerance: float, uncertainty: float, risk: float = RISK) -> Judgement:
    """Judge a distance whose standard uncertainty along an axis is known as a whole, as a single reading's is."""
    inside = within(distance, uncertainty, tolerance)
    return Judgement(_claim(distance, tolerance, uncertainty, risk), distance, tolerance, uncertainty, inside)


def _claim(distance: float, tolerance: float, uncertainty: float, risk: float) -> Claim:
    """Say what is sure enough: inside, outside, or neither (JCGM 106:2012, 8.3: guarded acceptance and rejection).

    Outside is what a point on the very edge would give in no more than `risk` of cases: not knowing is not being off.
    """
    if 1 - within(distance, uncertainty, tolerance) <= risk:
        return Claim.PROVEN
    return Claim.NOT_PROVEN if 1 - within(tolerance, uncertainty, distance) <= risk else Claim.AGAIN


def _of_mean(scatter: Standard, readings: int, instrument: float) -> float:
    """Return the uncertainty of a mean, widened as Student's distribution asks where the scatter rests on little."""
    if scatter.freedom < 1:
        raise ValueError("repeat the reading: one alone says nothing of its spread")
    wide = coverage(scatter.freedom) / coverage(inf)
    return sqrt((wide * scatter.value / sqrt(readings)) ** 2 + instrument**2)


def _percent(share: float) -> str:
    return f"{100 * share:.1f} %" if 0.001 < share < 0.9995 else ("more than 99.9 %" if share > 0.5 else "less than 0.1 %")
