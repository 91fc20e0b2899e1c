"""What is believed of a cell while its test grows, when enough is known, and what may be written of it."""

from __future__ import annotations

from enum import Enum
from math import ceil, floor, hypot

from msgspec import Struct

from daruma.core.cell.amount import Capacity, Method
from daruma.core.language import tr

CLAIM = 80.0  # percent of the rated capacity that a shop hands out at least (common practice, no source)
WANTED = 1.5  # percent of the rated capacity, standard uncertainty: better is not asked for (ours)
_SURE = 1.96
_CONTRADICTS = 2.6  # standard deviations that a measurement lies off what its origin let expect: one true new cell in a hundred
MOST_WRITTEN = 100


class CellOrigin(Enum):
    """Name where a cell comes from."""

    NEW = "new"
    USED = "used"
    UNKNOWN = "unknown"


ORIGIN_LABEL = {CellOrigin.NEW: tr("new, sealed"), CellOrigin.USED: tr("used"), CellOrigin.UNKNOWN: tr("not known")}
# what is believed of a cell of an origin, percent of the rated capacity: mean and standard deviation (ours)
_BELIEVED = {CellOrigin.NEW: (98.5, 2.5), CellOrigin.USED: (86.0, 9.0), CellOrigin.UNKNOWN: (84.0, 12.0)}


class Decision(Enum):
    """Name what a test has come to."""

    OPEN = "goes on"
    GOOD = "at least the claim"
    POOR = "below the claim"
    EXACT = "as exact as wanted"


class Belief(Struct, frozen=True):
    """Hold what is believed of a cell: its capacity, and whether the measurement contradicts its origin."""

    capacity: Capacity
    contradicts: bool = False


def prior_of(origin: CellOrigin, rated: float) -> Capacity:
    """Return what is believed of a cell before it is measured; rated capacity in mAh."""
    mean, sd = _BELIEVED[origin]
    return Capacity(rated * mean / 100, rated * sd / 100, Method.PRIOR, 0.0)


def belief(origin: CellOrigin, rated: float, measured: Capacity | None) -> Belief:
    """Return what is believed of a cell: what its origin lets expect until it is measured, then the measurement alone.

    An origin never carries a claim; one that the measurement contradicts is said.
    """
    prior = prior_of(origin, rated)
    if measured is None:
        return Belief(prior)
    return Belief(measured, contradicts=abs(measured.mah - prior.mah) > _CONTRADICTS * hypot(prior.u, measured.u))


def decided(capacity: Capacity, rated: float, claim: float = CLAIM, wanted: float = WANTED) -> Decision:
    """Return whether enough is known: the claim (percent) is surely held or missed, with a guard band, or it is exact enough."""
    if capacity.method is Method.PRIOR:
        return Decision.OPEN
    if capacity.low >= claim / 100 * rated:
        return Decision.GOOD
    if capacity.high < claim / 100 * rated:
        return Decision.POOR
    return Decision.EXACT if 100 * capacity.u <= wanted * rated else Decision.OPEN


class Writable(Struct, frozen=True):
    """Hold the most percent of health that may be written, the least cycles, and why not more and not less."""

    percent: int
    cycles: int
    why: str


def writable(found: Belief, rated: float, origin: CellOrigin, gauge_cycles: int | None = None) -> Writable:
    """Return what a measurement supports: health at most the lower end of its 95 % interval, rounded down.

    Cycles are never below what the cell's own gauge said; 0 is for a cell whose origin says new, not contradicted.
    """
    capacity = found.capacity
    if capacity.method is Method.PRIOR:
        return Writable(0, gauge_cycles or 0, tr("Nothing was measured: no figure may be written."))
    percent = max(0, min(MOST_WRITTEN, floor(100 * capacity.low / rated)))
    why = tr(
        "{percent} % is the lower end of the 95 % interval, rounded down: {mah:.0f} ± {spread:.0f} mAh",
        percent=percent,
        mah=capacity.mah,
        spread=_SURE * capacity.u,
    )
    why += tr(" of {rated:.0f}.", rated=rated)
    if found.contradicts:
        why += tr(" The measurement contradicts the origin ({origin}).", origin=ORIGIN_LABEL[origin])
    return Writable(percent, gauge_cycles or 0, why)


def full_charge(percent: int, allowed: Writable, low: float, design: int) -> int:
    """Return the full charge (whole mAh) that a gauge shows as a percent of its design: all that is sure, where it may be.

    A gauge keeps whole mAh and cuts its percent off: one that is just reached is rounded up, by less than 1 mAh.
    """
    least = ceil(percent * design / 100)
    return max(least, min(floor(low), design)) if percent == allowed.percent else least


def refused(percent: float, cycles: int, allowed: Writable, origin: CellOrigin, *, contradicts: bool) -> tuple[str, ...]:
    """Return why figures may not be written; nothing where they may."""
    reasons = []
    if percent > allowed.percent:
        reasons.append(tr("Health {percent:g} % is more than the measurement supports. {why}", percent=percent, why=allowed.why))
    if cycles < allowed.cycles:
        reasons.append(
            tr(
                "{cycles} cycles are fewer than the {cycles_2} that the cell's own gauge counted.",
                cycles=cycles,
                cycles_2=allowed.cycles,
            )
        )
    if not cycles and not allowed.cycles and (origin is not CellOrigin.NEW or contradicts):
        said = tr("the measurement contradicts it") if contradicts else tr("its origin is {origin}", origin=ORIGIN_LABEL[origin])
        reasons.append(tr("0 cycles are for a new cell: {said}.", said=said))
    return tuple(reasons)
