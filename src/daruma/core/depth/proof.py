"""The proof of a projector by its own dots: how many, where, turned by how much, how flat; whose map it is.

Claims keep a guard band (JCGM 106:2012): proven is what is within its limit with 95 % probability, not proven what is
outside of it as surely; between them it is to be measured again.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from msgspec import Struct
from scipy.spatial import cKDTree
from scipy.stats import beta

from daruma.core.depth.fitting import NOISE, Card, Fit, fit
from daruma.core.depth.residuals import Flatness, leftovers
from daruma.core.depth.residuals import flatness as flatness_of
from daruma.core.depth.view import Floats, View, distance_of, tilt_of
from daruma.core.language import tr
from daruma.core.uncertainty import Claim

_USUAL = 400.0  # mm: where a card is held if nobody says otherwise
ZONES = 3  # by so many thirds of the picture each way
_ONE_SIDE = 1.645  # standard deviations of a normal distribution that 95 % lie below
_RESOLUTION = 1 / 8192 / 12**0.5  # rad: standard uncertainty of a direction that is kept in steps of 1/8192


class Limits(Struct, frozen=True):
    """Hold what a projector must keep to be called proven (ours): shares of dots, turn in mrad, flatness in percent."""

    share: float = 0.92
    zone: float = 0.75
    shift: float = 2.5
    flatness: float = 0.3


class Figure(Struct, frozen=True):
    """Hold a value with its standard uncertainty."""

    value: float
    u: float

    @property
    def highest(self) -> float:
        """Return what it is below with 95 % probability."""
        return self.value + _ONE_SIDE * self.u

    @property
    def lowest(self) -> float:
        """Return what it is above with 95 % probability."""
        return self.value - _ONE_SIDE * self.u


class Share(Struct, frozen=True):
    """Hold how many of the dots that were to be seen were matched."""

    matched: int
    expected: int

    @property
    def value(self) -> float | None:
        """Return the share, None where none was to be seen."""
        return self.matched / self.expected if self.expected else None

    def bound(self, level: float) -> float:
        """Return what the true share is below with a probability: Jeffreys' interval, whatever was seen counted by dots."""
        return float(beta.ppf(level, self.matched + 0.5, self.expected - self.matched + 0.5)) if self.expected else 0.5


class DotVerdict(Struct, frozen=True):
    """Hold what the dots of a projector prove, and why; figures are None where no dots make sense."""

    claim: Claim
    why: str
    all: Share
    zones: tuple[Share, ...]
    shift: Figure | None = None
    distances: tuple[Figure, ...] = ()
    tilts: tuple[float, ...] = ()
    flatness: Figure | None = None
    hole_deg: float | None = None
    fit: Fit | None = None


class _Finding(Struct, frozen=True):
    claim: Claim
    words: str


def judge(view: View, cards: Sequence[Card], rays: Floats, *, noise: float = NOISE, limits: Limits = Limits()) -> DotVerdict:
    """Judge a projector by what the camera sees of some flat cards and by the map (n, 2), tangents, that it should throw.

    Raises ValueError where there is no map or no card.
    """
    if len(rays) < 3 or not cards:
        raise ValueError("a map of three dots and one card at least are needed")
    stated = float(np.hypot(noise, _RESOLUTION * view.focal))
    found = fit(view, cards, rays, noise=stated)
    if found is None:
        return _no_sense(view, cards, rays)
    shares = _shares(view, found, cards, rays)
    total = Share(sum(share.matched for share in shares), sum(share.expected for share in shares))
    along, across = leftovers(view, found, rays)
    scatter = min(max(across.scatter, 0.5 * stated), 1.5 * stated)
    flat = flatness_of(view, found, rays, scatter)
    shift = _shift(found)
    if across.bends or across.scatter > 2 * stated:
        findings = [_Finding(Claim.NOT_PROVEN, _ANOTHER_MAP)]
    else:
        findings = [
            *_flat(flat, limits.flatness, card_bends=along.bends),
            *_enough(total, limits.share, tr("of all dots")),
            *(
                each
                for i, share in enumerate(shares)
                for each in _enough(share, limits.zone, tr("of the dots {where}", where=_WHERE[i]))
            ),
            *_straight(Figure(*shift), limits.shift),
        ]
    claim, why = _verdict(findings, total, shift)
    return DotVerdict(
        claim,
        why,
        total,
        tuple(shares),
        Figure(*shift),
        tuple(Figure(distance_of(plane), found.distance_u(i)) for i, plane in enumerate(found.planes)),
        tuple(map(tilt_of, found.planes)),
        Figure(flat.value, flat.u),
        _hole(view, found, rays),
        found,
    )


_ACROSS, _DOWN = (tr("left"), tr("in the middle"), tr("right")), (tr("at the top"), tr("in the middle"), tr("at the bottom"))
_WHERE = tuple(f"{down}, {across}" if down != across else tr("in the middle") for down in _DOWN for across in _ACROSS)


def _no_sense(view: View, cards: Sequence[Card], rays: Floats) -> DotVerdict:
    """Return that no dots were recognised; what was to be seen is counted as if the module stood as it should."""
    frames, dots = sum(len(card.frames) for card in cards), len(rays)
    seen = sum(card.count for card in cards) / max(1, frames)
    if seen < 0.3 * dots:
        why = tr(
            "Not proven: only {seen:.0f} of {dots} dots are seen: the projector is dark, or its power path is open.",
            seen=seen,
            dots=dots,
        )
    else:
        why = tr(
            "Not proven: {seen:.0f} dots are seen, but not those of this map: it is another module's, or damaged.", seen=seen
        )
    where = view.seen(rays, np.zeros(3), np.array([0.0, 0.0, 1 / (cards[0].distance or _USUAL)]))
    expected = frames * np.bincount(_zones(view, where)[view.inside(where)], minlength=ZONES**2)
    zones = tuple(Share(0, int(count)) for count in expected)
    return DotVerdict(Claim.NOT_PROVEN, why, Share(0, int(expected.sum())), zones)


def _shares(view: View, found: Fit, cards: Sequence[Card], rays: Floats) -> list[Share]:
    """Return how many of the expected dots were matched in each zone, row by row, all frames together."""
    matched, expected = np.zeros(ZONES**2, dtype=int), np.zeros(ZONES**2, dtype=int)
    for card, plane, mine in zip(cards, found.planes, found.matched, strict=True):
        where = view.seen(rays, found.pose, plane)
        inside, zone = view.inside(where), _zones(view, where)
        expected += len(card.frames) * np.bincount(zone[inside], minlength=ZONES**2)
        counted = mine.dots[inside[mine.dots]]
        matched += np.bincount(zone[counted], minlength=ZONES**2)
    return [Share(int(min(m, e)), int(e)) for m, e in zip(matched, expected, strict=True)]


def _zones(view: View, points: Floats) -> np.ndarray[tuple[int], np.dtype[np.intp]]:
    across, down = np.clip(points // (np.asarray(view.size) / ZONES), 0, ZONES - 1).astype(np.intp).T
    return down * ZONES + across  # type: ignore[no-any-return]


def _shift(found: Fit) -> tuple[float, float]:
    """Return by how much the projector is turned, all three turns together, with its standard uncertainty, mrad."""
    size = float(np.linalg.norm(found.pose))
    covariance = found.pose_covariance()
    toward = found.pose / size if size > 1e-12 else np.ones(3) / 3**0.5
    return 1000 * size, 1000 * float(np.sqrt(toward @ covariance @ toward))


def _hole(view: View, found: Fit, rays: Floats) -> float:
    """Return the angle between two matched dots that nothing lies between where the widest gap is, degrees."""
    widest = 0.0
    for plane, matched in zip(found.planes, found.matched, strict=True):
        where = view.seen(rays, found.pose, plane)
        where = where[view.inside(where)]
        if len(matched.dots) and len(where):
            widest = max(widest, float(cKDTree(matched.seen).query(where)[0].max()))
    return float(2 * np.degrees(np.arctan(widest / view.focal)))


_ANOTHER_MAP = tr("the dots are bent against this map along both axes: it is another module's map")


def _flat(flat: Flatness, limit: float, *, card_bends: bool) -> list[_Finding]:
    """Judge the depths; what bends along the line of sight alone is the card."""
    figure = Figure(flat.value, flat.u)
    if figure.highest < limit:
        return []
    if card_bends:
        said = tr(
            "depths are off by {flat:.2f} % along the line of sight alone: the card is not flat; take a flat one", flat=flat.value
        )
        return [_Finding(Claim.AGAIN, said)]
    if figure.lowest > limit:
        return [
            _Finding(Claim.NOT_PROVEN, tr("depths scatter by {flat:.2f} %, allowed are {limit} %", flat=flat.value, limit=limit))
        ]
    return [
        _Finding(
            Claim.AGAIN, tr("depths scatter by {flat:.2f} ± {spread:.2f} %: take more frames", flat=flat.value, spread=2 * flat.u)
        )
    ]


def _enough(share: Share, limit: float, what: str) -> list[_Finding]:
    if not share.expected:
        return [_Finding(Claim.AGAIN, tr("none {what} could be seen: bring the card into the whole picture", what=what))]
    if share.bound(0.05) >= limit:
        return []
    words = tr(
        "{matched} of {expected} {what} are matched, wanted are {limit:.0f} %",
        matched=share.matched,
        expected=share.expected,
        what=what,
        limit=100 * limit,
    )
    return [_Finding(Claim.NOT_PROVEN if share.bound(0.95) < limit else Claim.AGAIN, words)]


def _straight(shift: Figure, limit: float) -> list[_Finding]:
    if shift.highest < limit:
        return []
    if shift.lowest > limit:
        turned = tr(
            "the projector is turned by {shift:.2f} ± {spread:.2f} mrad against its map: seat it again",
            shift=shift.value,
            spread=2 * shift.u,
        )
        return [_Finding(Claim.NOT_PROVEN, turned)]
    near = tr(
        "the projector is turned by {shift:.2f} ± {spread:.2f} mrad, allowed are {limit} mrad",
        shift=shift.value,
        spread=2 * shift.u,
        limit=limit,
    )
    return [_Finding(Claim.AGAIN, tr("{near}: a second distance or more frames decide it", near=near))]


def _verdict(findings: Sequence[_Finding], total: Share, shift: tuple[float, float]) -> tuple[Claim, str]:
    bad = [each.words for each in findings if each.claim is Claim.NOT_PROVEN]
    if bad:
        return Claim.NOT_PROVEN, tr("Not proven: {bad}.", bad="; ".join(bad))
    unsure = [each.words for each in findings]
    if unsure:
        return Claim.AGAIN, tr("Measure again: {unsure}.", unsure="; ".join(unsure))
    value, u = shift
    seen = tr("{matched} of {expected} dots are where this module's map has them", matched=total.matched, expected=total.expected)
    return Claim.PROVEN, tr("Proven: {seen}, turned by {value:.2f} ± {spread:.2f} mrad.", seen=seen, value=value, spread=2 * u)
