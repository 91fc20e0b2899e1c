"""Uncertainty of a measurement and what may be claimed with it.

Scatter and instrument are combined as JCGM 100:2008 (the GUM) says; claims are made with a guard band as JCGM
106:2012 says, so that a claim is wrong in at most a stated share of cases.
"""

from enum import Enum
from functools import lru_cache
from math import inf, isinf, sqrt

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import figures, tr

RISK = 0.05  # of a claim that is not true (JCGM 106: the specific consumer's risk)
MOST_READINGS = 100  # readings of one thing that a bench would take (ours)


class Standard(Struct, frozen=True):
    """Hold a standard uncertainty with its degrees of freedom, in the unit of the quantity."""

    value: float
    freedom: float = inf


def of_mean(scatter: Standard, readings: int, instrument: float) -> float:
    """Return the standard uncertainty of a mean of so many readings (GUM 4.2 and 5.1.2), as of a normal distribution.

    `scatter` is the standard deviation of one reading with its degrees of freedom, `instrument` the standard uncertainty
    that repeating does not lower. Where the scatter rests on few readings it is widened by Student's factor for itself:
    with the effective degrees of freedom of the whole (GUM G.4.1) claims of three readings are wrong more often than is
    stated. Raises ValueError where one reading alone says nothing of its scatter.
    """
    if scatter.freedom < 1:
        raise ValueError("repeat the reading: one alone says nothing of its spread")
    wide = coverage(scatter.freedom) / coverage(inf)
    return sqrt((wide * scatter.value / sqrt(readings)) ** 2 + instrument**2)


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


class Judgement(Struct, frozen=True):
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
        numbers = tr(
            "{distance:.4f} ± {uncertainty:.4f} from its target, tolerance {tolerance:.4f}",
            distance=self.distance,
            uncertainty=2 * self.uncertainty,
            tolerance=self.tolerance,
        )
        match self.claim:
            case Claim.PROVEN:
                return tr(
                    "Proven: {numbers}; within it with {percent} probability.",
                    numbers=numbers,
                    percent=_percent(self.probability),
                )
            case Claim.NOT_PROVEN:
                return tr(
                    "Not proven: {numbers}; within it with only {percent} probability.",
                    numbers=numbers,
                    percent=_percent(self.probability),
                )
            case Claim.AGAIN if self.readings is None:
                return tr("Undecided: {numbers}. More readings cannot decide it; a better instrument can.", numbers=numbers)
            case Claim.AGAIN:
                return tr(
                    "Undecided: {numbers}. Measure again: about {readings} readings decide it.",
                    numbers=numbers,
                    readings=self.readings,
                )


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
    judged = judge_known(distance, tolerance, of_mean(scatter, readings, instrument), risk)
    if judged.claim is not Claim.AGAIN:
        return judged
    for count in range(max(3, readings + 1), MOST_READINGS + 1):
        more = Standard(scatter.value, max(scatter.freedom, count - 1))
        if _claim(distance, tolerance, of_mean(more, count, instrument), risk) is not Claim.AGAIN:
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


def _percent(share: float) -> str:
    return (
        figures("{share:.1f} %", share=100 * share)
        if 0.001 < share < 0.9995
        else (tr("more than 99.9 %") if share > 0.5 else tr("less than 0.1 %"))
    )
