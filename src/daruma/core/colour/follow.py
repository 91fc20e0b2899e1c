"""Does the white follow the light? The verdict from two or more lights, with a guard band."""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import Enum
from math import dist, sqrt

from daruma.core.colour.chromaticity import XYZ, Pair, distance, mean_xyz, xy_to_uv, xyz_to_uv
from daruma.core.model import WhitePath

# A white that moves less than this share of what it should is stuck (ours).
STUCK_SHARE = 0.25
# Lights whose targets lie closer together than this many tolerances cannot tell following from standing still (ours).
LIGHTS_APART = 3.0


class Follows(Enum):
    """Name the verdicts."""

    FOLLOWS = "follows"
    OFF = "follows but off"
    STUCK = "stuck"
    WRONG_WAY = "wrong way"
    MORE_LIGHT = "more lights needed"
    MEASURE_AGAIN = "measure again"


@dataclass(frozen=True, slots=True)
class LightSample:
    """Hold the readings taken under one light: XYZ of the screen's white and of the light, in one unit each."""

    light: str
    screen: tuple[XYZ, ...]
    ambient: XYZ


@dataclass(frozen=True, slots=True)
class WhitePoint:
    """Hold one light's result, all in CIE 1976 u', v'; `spread` is the expanded uncertainty (k = 2) of `measured`."""

    light: str
    ambient: Pair
    measured: Pair
    target: Pair
    distance: float
    spread: float


@dataclass(frozen=True, slots=True)
class WhiteVerdict:
    """Hold the verdict, its points and one sentence; `share` is movement along the path over what it should be."""

    kind: Follows
    points: tuple[WhitePoint, ...]
    share: float | None
    sentence: str

    @property
    def proven(self) -> bool:
        """Return whether this proves that the white follows the light."""
        return self.kind is Follows.FOLLOWS


def target_white(path: WhitePath, ambient: Pair) -> Pair:
    """Return the white (u', v') that the display should show in a light of chromaticity u', v'.

    Partial adaptation: `path.degree` of the way from the native white to the light, at most `path.limit_uv` far.
    """
    native = xy_to_uv(path.native_xy)
    shift = [path.degree * (a - n) for a, n in zip(ambient, native, strict=True)]
    length = dist((0, 0), shift)
    cut = min(1.0, path.limit_uv / length) if length else 1.0
    return native[0] + cut * shift[0], native[1] + cut * shift[1]


def expanded_uncertainty(uvs: Sequence[Pair], instrument: float) -> float:
    """Return the expanded uncertainty (k = 2) of a mean chromaticity, as a distance in u'v'.

    Combines the standard deviation of the mean with the instrument's standard uncertainty in quadrature
    (JCGM 100:2008, 4.2.3 and 5.1.2).
    """
    n = len(uvs)
    centre = sum(u for u, _ in uvs) / n, sum(v for _, v in uvs) / n
    variance = sum(distance(uv, centre) ** 2 for uv in uvs) / (n - 1) / n if n > 1 else 0.0
    return 2 * sqrt(variance + instrument**2)


def judge(path: WhitePath, samples: Sequence[LightSample], instrument: float) -> WhiteVerdict:
    """Decide whether the white follows the light.

    `instrument` is the colorimeter's standard uncertainty as a distance in u'v'. A white counts as on the path when it
    is, uncertainty included, within the model's tolerance (guarded acceptance, JCGM 106:2012, 8.3.2).
    """
    points = tuple(_point(path, sample, instrument) for sample in samples)
    pair = _widest(points)
    if pair is None or distance(pair[0].target, pair[1].target) < LIGHTS_APART * path.tolerance_uv:
        return WhiteVerdict(Follows.MORE_LIGHT, points, None, "Two lights that differ more are needed: a warm and a cool one.")
    share = _share(*pair)
    kind = _kind(path, points, share)
    return WhiteVerdict(kind, points, share, _sentence(path, kind, points, share))


def _point(path: WhitePath, sample: LightSample, instrument: float) -> WhitePoint:
    ambient = xyz_to_uv(sample.ambient)
    measured = xyz_to_uv(mean_xyz(list(sample.screen)))
    target = target_white(path, ambient)
    spread = expanded_uncertainty([xyz_to_uv(xyz) for xyz in sample.screen], instrument)
    return WhitePoint(sample.light, ambient, measured, target, distance(measured, target), spread)


def _widest(points: tuple[WhitePoint, ...]) -> tuple[WhitePoint, WhitePoint] | None:
    pairs = [(a, b) for i, a in enumerate(points) for b in points[i + 1 :]]
    return max(pairs, key=lambda pair: distance(pair[0].target, pair[1].target), default=None)


def _share(a: WhitePoint, b: WhitePoint) -> float:
    wanted = b.target[0] - a.target[0], b.target[1] - a.target[1]
    moved = b.measured[0] - a.measured[0], b.measured[1] - a.measured[1]
    return (moved[0] * wanted[0] + moved[1] * wanted[1]) / (wanted[0] ** 2 + wanted[1] ** 2)


def _kind(path: WhitePath, points: tuple[WhitePoint, ...], share: float) -> Follows:
    if share < -STUCK_SHARE:
        return Follows.WRONG_WAY
    if share < STUCK_SHARE:
        return Follows.STUCK
    if any(p.distance - p.spread > path.tolerance_uv for p in points):
        return Follows.OFF
    if any(p.distance + p.spread > path.tolerance_uv for p in points):
        return Follows.MEASURE_AGAIN
    return Follows.FOLLOWS


def _sentence(path: WhitePath, kind: Follows, points: tuple[WhitePoint, ...], share: float) -> str:
    worst = max(points, key=lambda p: p.distance)
    limit = f"tolerance {path.tolerance_uv:.4f}"
    farthest = f"{worst.distance:.4f} ± {worst.spread:.4f} from its path in u'v' under {worst.light} light"
    match kind:
        case Follows.FOLLOWS:
            return f"The white follows the light: at most {farthest} ({limit})."
        case Follows.OFF:
            return f"The white moves with the light but is off: {farthest} ({limit})."
        case Follows.STUCK:
            return f"The white is stuck: it moves {100 * share:.0f} % of what it should between the lights."
        case Follows.WRONG_WAY:
            return f"The white moves the wrong way: {100 * share:.0f} % of what it should between the lights."
        case Follows.MEASURE_AGAIN:
            return f"Not decided: {farthest}, too near the {limit} for this uncertainty. Measure again, more often."
        case Follows.MORE_LIGHT:
            return "Two lights that differ more are needed: a warm and a cool one."
