"""Does the white follow the light? The verdict from two or more lights, with a guard band."""

from collections.abc import Sequence
from enum import Enum
from math import atan2, cos, degrees, dist, hypot, pi, sin, sqrt

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.colour.chromaticity import XYZ, Pair, distance, mean_xyz, uv_to_xy, xy_to_uv, xy_to_xyz, xyz_to_uv
from daruma.core.colour.light_names import lamp_name
from daruma.core.language import figures, tr
from daruma.core.model import WhitePath
from daruma.core.uncertainty import RISK, Claim, Judgement, Standard, judge_distance, judge_known

# A white that moves less than this share of what it should is stuck (ours).
STUCK_SHARE = 0.25
# Lights whose targets lie closer together than this many tolerances cannot tell following from standing still (ours).
LIGHTS_APART = 3.0
_SIDE = 1.6449  # standard deviations that leave RISK on one side of a normal distribution
_ELLIPSE = 2.4477  # standard deviations of a plane's 95 % ellipse: sqrt(5.9915), chi-squared with two degrees of freedom


class Follows(Enum):
    """Name the verdicts."""

    FOLLOWS = "follows"
    OFF = "follows but off"
    STUCK = "stuck"
    WRONG_WAY = "wrong way"
    MORE_LIGHT = "more lights needed"
    MEASURE_AGAIN = "measure again"


class LightSample(Struct, frozen=True):
    """Hold the readings taken under one light: XYZ of the screen's white and of the light, in one unit each.

    `instrument` is the standard uncertainty of the instrument that took them, where it is known for itself.
    """

    light: str
    screen: tuple[XYZ, ...]
    ambient: XYZ
    instrument: float | None = None


class Ellipse(Struct, frozen=True):
    """Hold the region that holds a chromaticity with 95 %: half axes in u'v', the turn of the longer one in degrees."""

    long: float
    short: float
    turn: float


class WhitePoint(Struct, frozen=True):
    """Hold one light's result, all in CIE 1976 u', v'.

    `spread` is the expanded uncertainty (k = 2) of the distance from the target, `de00` the CIEDE2000 difference from
    the target at the same luminance with `de00_spread` (k = 2), `side` where the white lies as the eye names it; `alone`
    where a single reading was taken and nothing tells how much such readings scatter.
    """

    light: str
    ambient: Pair
    measured: Pair
    target: Pair
    judgement: Judgement
    de00: float
    de00_spread: float
    side: str
    ellipse: Ellipse
    alone: bool = False

    @property
    def distance(self) -> float:
        """Return the distance from the target."""
        return self.judgement.distance

    @property
    def spread(self) -> float:
        """Return the expanded uncertainty (k = 2) of the distance."""
        return 2 * self.judgement.uncertainty

    @property
    def offset(self) -> Pair:
        """Return how far the white is off in u' and in v'."""
        return self.measured[0] - self.target[0], self.measured[1] - self.target[1]


class WhiteVerdict(Struct, frozen=True):
    """Hold the verdict, its points and one sentence; `share` is movement along the path over what it should be, with
    its standard uncertainty; `readings` how many of each light would decide, where they can.
    """

    kind: Follows
    points: tuple[WhitePoint, ...]
    share: float | None
    sentence: str
    share_uncertainty: float = 0.0
    readings: int | None = None

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


def judge(path: WhitePath, samples: Sequence[LightSample], instrument: float) -> WhiteVerdict:
    """Decide whether the white follows the light.

    `instrument` is the colorimeter's standard uncertainty as a distance in u'v', for samples that carry none. A white
    counts as on the path when it is within the model's tolerance with 95 % (guarded acceptance, JCGM 106:2012, 8.3.2):
    so a white that is not is called proven in at most 5 % of cases. A light that was read once has the scatter of those
    that were read more often; where there is none, it is never proven.
    """
    scatter = _scatter([[xyz_to_uv(xyz) for xyz in sample.screen] for sample in samples])
    points = tuple(_point(path, sample, sample.instrument or instrument, scatter) for sample in samples)
    pair = _widest(points)
    if pair is None or distance(pair[0].target, pair[1].target) < LIGHTS_APART * path.tolerance_uv:
        return WhiteVerdict(
            Follows.MORE_LIGHT, points, None, tr("Two lights that differ more are needed: a warm and a cool one.")
        )
    share, unsure = _share(*pair)
    kind = _kind(points, share, unsure)
    readings = _readings(points) if kind is Follows.MEASURE_AGAIN else None
    return WhiteVerdict(kind, points, share, _sentence(path, kind, points, share, readings), unsure, readings)


def _scatter(lights: Sequence[Sequence[Pair]]) -> Standard | None:
    """Return the standard deviation of one reading along an axis, pooled over lights that were read more than once."""
    freedom, total = 0, 0.0
    for uvs in lights:
        mean = sum(u for u, _ in uvs) / len(uvs), sum(v for _, v in uvs) / len(uvs)
        total += sum(distance(uv, mean) ** 2 for uv in uvs) / 2
        freedom += len(uvs) - 1
    return Standard(sqrt(total / freedom), freedom) if freedom else None


def _point(path: WhitePath, sample: LightSample, instrument: float, scatter: Standard | None) -> WhitePoint:
    ambient = xyz_to_uv(sample.ambient)
    measured = xyz_to_uv(mean_xyz(list(sample.screen)))
    target = target_white(path, ambient)
    uvs = [xyz_to_uv(xyz) for xyz in sample.screen]
    # the light is measured as well, and the target moves with it by the degree of adaptation
    lasting = hypot(instrument, path.degree * instrument)
    off, n = distance(measured, target), len(uvs)
    own = _scatter([uvs]) or scatter
    if own is not None:
        judgement = judge_distance(off, path.tolerance_uv, scatter=own, readings=n, instrument=lasting)
    else:
        # only what a scatter as large as the tolerance could not explain is said of a reading that stands alone
        judgement = judge_known(off, path.tolerance_uv, max(lasting, path.tolerance_uv))
        if judgement.claim is Claim.PROVEN:
            judgement = replace(judgement, claim=Claim.AGAIN)
    seen = _seen(measured, target, 2 * judgement.uncertainty)
    return WhitePoint(sample.light, ambient, measured, target, judgement, *seen, _ellipse(uvs, instrument), own is None)


def _seen(measured: Pair, target: Pair, radius: float) -> tuple[float, float, str]:
    """Return the CIEDE2000 difference of two whites of the same luminance, by how much it may be off where the first is
    known to `radius` in u', v', and the side to which that lies.
    """
    from daruma.core.colour.difference import delta_e_2000, xyz_to_lab  # brings NumPy, which is slow to import

    around = [(measured[0] + radius * cos(k * pi / 8), measured[1] + radius * sin(k * pi / 8)) for k in range(16)]
    whites = [xy_to_xyz(uv_to_xy(uv)) for uv in (measured, *around)]
    lab = xyz_to_lab(whites, xy_to_xyz(uv_to_xy(target)))
    difference = delta_e_2000(lab, [100.0, 0.0, 0.0])
    hue = degrees(atan2(float(lab[0, 2]), float(lab[0, 1]))) % 360
    side = (tr("reddish"), tr("yellowish"), tr("greenish"), tr("bluish"))[int((hue + 45) % 360 // 90)]
    return float(difference[0]), float(abs(difference[1:] - difference[0]).max()), side


def _ellipse(uvs: Sequence[Pair], instrument: float) -> Ellipse:
    """Return the 95 % ellipse of the mean of readings, the instrument's own uncertainty along every axis included."""
    n = len(uvs)
    mean = sum(u for u, _ in uvs) / n, sum(v for _, v in uvs) / n
    rows = [(u - mean[0], v - mean[1]) for u, v in uvs]
    scale = 1 / (n - 1) / n if n > 1 else 0.0
    a = scale * sum(u * u for u, _ in rows) + instrument**2
    b = scale * sum(u * v for u, v in rows)
    c = scale * sum(v * v for _, v in rows) + instrument**2
    middle, half = (a + c) / 2, sqrt(((a - c) / 2) ** 2 + b * b)
    turn = degrees(0.5 * atan2(2 * b, a - c))
    return Ellipse(_ELLIPSE * sqrt(middle + half), _ELLIPSE * sqrt(max(middle - half, 0.0)), turn)


def _widest(points: tuple[WhitePoint, ...]) -> tuple[WhitePoint, WhitePoint] | None:
    pairs = [(a, b) for i, a in enumerate(points) for b in points[i + 1 :]]
    return max(pairs, key=lambda pair: distance(pair[0].target, pair[1].target), default=None)


def _share(a: WhitePoint, b: WhitePoint) -> tuple[float, float]:
    wanted = b.target[0] - a.target[0], b.target[1] - a.target[1]
    moved = b.measured[0] - a.measured[0], b.measured[1] - a.measured[1]
    length = hypot(*wanted)
    unsure = hypot(a.judgement.uncertainty, b.judgement.uncertainty) / length
    return (moved[0] * wanted[0] + moved[1] * wanted[1]) / length**2, unsure


def _kind(points: tuple[WhitePoint, ...], share: float, unsure: float) -> Follows:
    margin = _SIDE * unsure
    if share + margin < -STUCK_SHARE:
        return Follows.WRONG_WAY
    if share + margin < STUCK_SHARE:
        return Follows.STUCK
    claims = {point.judgement.claim for point in points}
    if Claim.NOT_PROVEN in claims:
        return Follows.OFF
    return Follows.MEASURE_AGAIN if Claim.AGAIN in claims else Follows.FOLLOWS


def _readings(points: tuple[WhitePoint, ...]) -> int | None:
    counts = [point.judgement.readings for point in points if point.judgement.claim is Claim.AGAIN]
    return max((count for count in counts if count is not None), default=None) if None not in counts else None


def _sentence(path: WhitePath, kind: Follows, points: tuple[WhitePoint, ...], share: float, readings: int | None) -> str:
    worst = max(points, key=lambda p: p.distance)
    limit = tr("tolerance {tolerance_uv:.4f}, {risk:.0f} % sure", tolerance_uv=path.tolerance_uv, risk=100 * (1 - RISK))
    seen = figures("ΔE00 {de00:.1f} ± {de00_spread:.1f}, {side}", de00=worst.de00, de00_spread=worst.de00_spread, side=worst.side)
    size = tr(
        "{distance:.4f} ± {spread:.4f} in u'v' ({seen}) under {light} light",
        distance=worst.distance,
        spread=worst.spread,
        seen=seen,
        light=lamp_name(worst.light),
    )
    match kind:
        case Follows.FOLLOWS:
            return tr("The white follows the light: at most {size} ({limit}).", size=size, limit=limit)
        case Follows.OFF:
            return tr("The white moves with the light but is off: {size} ({limit}).", size=size, limit=limit)
        case Follows.STUCK:
            return tr("The white is stuck: it moves {share:.0f} % of what it should between the lights.", share=100 * share)
        case Follows.WRONG_WAY:
            return tr("The white moves the wrong way: {share:.0f} % of what it should between the lights.", share=100 * share)
        case Follows.MEASURE_AGAIN if any(point.alone for point in points):
            return tr(
                "Not decided: one reading alone tells nothing of its scatter ({size}). Measure each light again, three times.",
                size=size,
            )
        case Follows.MEASURE_AGAIN if readings:
            return tr(
                "Not decided: {size}, too near the limit ({limit}). Measure again: about {readings} readings a light decide it.",
                size=size,
                limit=limit,
                readings=readings,
            )
        case _:
            return tr(
                "Not decided: {size}, too near the limit ({limit}). More readings cannot decide it; a better instrument can.",
                size=size,
                limit=limit,
            )
