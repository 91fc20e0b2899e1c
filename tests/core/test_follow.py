"""The verdict on a white: its kinds, its guard band, its uncertainty."""

import random
import warnings
from math import cos, hypot, radians, sin, sqrt

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import Pair, distance, uv_to_xy, xy_to_uv, xy_to_xyz
from daruma.core.colour.follow import Follows, LightSample, WhiteVerdict, judge, target_white
from daruma.core.model import WhitePath
from daruma.core.uncertainty import within

with warnings.catch_warnings():
    warnings.simplefilter("ignore")
    import colour

WARM, COOL = (0.44758, 0.40745), (0.31271, 0.32902)  # CIE illuminants A and D65
PATH = WhitePath((0.3127, 0.3290), 0.45, 0.04, 0.0055)


def sample(light: str, ambient: Pair, uv: Pair) -> LightSample:
    return LightSample(light, (xy_to_xyz(uv_to_xy(uv), 300.0),) * 3, xy_to_xyz(ambient, 400.0))


def both(warm: Pair, cool: Pair) -> list[LightSample]:
    return [sample("warm", WARM, warm), sample("cool", COOL, cool)]


def targets() -> tuple[Pair, Pair]:
    return target_white(PATH, xy_to_uv(WARM)), target_white(PATH, xy_to_uv(COOL))


def moved(point: Pair, du: float, dv: float) -> Pair:
    return point[0] + du, point[1] + dv


def test_the_target_is_part_of_the_way_and_never_too_far() -> None:
    native, warm = xy_to_uv(PATH.native_xy), xy_to_uv(WARM)
    free = replace(PATH, limit_uv=1.0)
    target = target_white(free, warm)
    assert distance(target, native) == pytest.approx(0.45 * distance(warm, native))
    assert distance(target_white(replace(PATH, limit_uv=0.01), warm), native) == pytest.approx(0.01)
    assert target_white(PATH, native) == pytest.approx(native)


def test_the_kinds() -> None:
    warm, cool = targets()
    assert judge(PATH, both(warm, cool), 0.0004).kind is Follows.FOLLOWS
    assert judge(PATH, both(cool, cool), 0.0004).kind is Follows.STUCK
    assert judge(PATH, both(cool, warm), 0.0004).kind is Follows.WRONG_WAY
    off = judge(PATH, both(moved(warm, 0.011, 0), moved(cool, 0.011, 0)), 0.0004)
    assert off.kind is Follows.OFF
    assert not off.proven
    assert "0.0110" in off.sentence
    assert "(tolerance 0.0055, 95 % sure)" in off.sentence

    def part(share: float) -> WhiteVerdict:
        return judge(PATH, both(moved(cool, share * (warm[0] - cool[0]), share * (warm[1] - cool[1])), cool), 0.0004)

    assert "it moves 10 % of what it should" in part(0.1).sentence
    assert [part(share).kind for share in (0.2, 0.32)] == [Follows.STUCK, Follows.OFF], "a quarter of the way is stuck"
    coarse = judge(PATH, both(moved(warm, 0.005, 0), cool), 0.0025)
    assert "a better instrument can" in coarse.sentence
    single = judge(PATH, both(warm, cool)[:1], 0.0004)
    assert (single.kind, "a warm and a cool one" in single.sentence) == (Follows.MORE_LIGHT, True)
    assert judge(PATH, [sample("warm", WARM, warm), sample("also warm", (0.445, 0.406), warm)], 0.0004).kind is Follows.MORE_LIGHT


@pytest.mark.parametrize(
    ("shift", "kind"),
    [(0.0044, Follows.FOLLOWS), (0.0050, Follows.MEASURE_AGAIN), (0.0060, Follows.MEASURE_AGAIN), (0.0070, Follows.OFF)],
)
def test_the_guard_band(shift: float, kind: Follows) -> None:
    """Guarded acceptance (JCGM 106:2012, 8.3.2): proven only if within tolerance with 95 %."""
    warm, cool = targets()
    assert judge(PATH, both(moved(warm, shift, 0), cool), 0.0005).kind is kind


def test_uncertainty_by_hand() -> None:
    """JCGM 100:2008, 4.2.3 and 5.1.2: the mean's own scatter (Student's factor for few readings), the instrument's, and
    the light's, which moves the target by the degree of adaptation; in quadrature.
    """
    warm, cool = targets()
    shifts = ((0.0, 0.0), (0.002, 0.0), (0.001, 0.001))
    screens = tuple(xy_to_xyz(uv_to_xy(moved(warm, *shift)), 300.0) for shift in shifts)
    verdict = judge(PATH, [LightSample("warm", screens, xy_to_xyz(WARM, 400.0)), *both(warm, cool)[1:]], 0.0004)
    centre = (0.001, 0.001 / 3)
    variance = sum(hypot(u - centre[0], v - centre[1]) ** 2 for u, v in shifts) / 2 / 2
    student, normal = 4.302653, 1.959964  # two-sided 95 %, two and infinite degrees of freedom: the usual tables
    lasting = hypot(0.0004, 0.45 * 0.0004)
    expected = sqrt(variance / 3 * (student / normal) ** 2 + lasting**2)
    assert verdict.points[0].spread == pytest.approx(2 * expected, rel=1e-3)
    assert verdict.points[1].spread == pytest.approx(2 * lasting), "a single reading has only the instrument's"


@given(st.floats(-0.02, 0.02), st.floats(-0.02, 0.02), st.floats(0.0001, 0.003))
def test_a_proof_always_keeps_its_distance(du: float, dv: float, instrument: float) -> None:
    warm, cool = targets()
    verdict = judge(PATH, both(moved(warm, du, dv), cool), instrument)
    if verdict.proven:
        assert all(within(p.distance, p.spread / 2, PATH.tolerance_uv) >= 0.95 for p in verdict.points)


@pytest.mark.parametrize(
    ("du", "dv", "side"), [(0, 0.012, "yellowish"), (0.012, 0, "reddish"), (-0.012, 0, "greenish"), (0, -0.012, "bluish")]
)
def test_size_and_direction(du: float, dv: float, side: str) -> None:
    """The CIEDE2000 of the general library on the same pair of whites; the names of the sides are ours."""
    warm, cool = targets()
    point = judge(PATH, both(moved(warm, du, dv), cool), 0.0004).points[0]
    assert point.offset == pytest.approx((du, dv), abs=1e-9)
    assert point.side == side
    xy = uv_to_xy(warm)
    seen = colour.XYZ_to_Lab(xy_to_xyz(uv_to_xy(moved(warm, du, dv))), xy)
    assert 0 < point.de00_spread < 0.2 * point.de00
    assert point.de00 == pytest.approx(float(colour.delta_E(seen, [100.0, 0.0, 0.0], method="CIE 2000")), abs=1e-3)


def test_the_ellipse_holds_95_percent() -> None:
    """JCGM 102:2011, 6.5.2: the ellipse of a pair of values; counted over simulated sets of many readings."""
    rng, inside, runs = random.Random(4), 0, 1500
    warm, cool = targets()
    for _ in range(runs):
        uvs = [moved(warm, rng.gauss(0, 0.002), 0.5 * rng.gauss(0, 0.002)) for _ in range(30)]
        screens = tuple(xy_to_xyz(uv_to_xy(uv), 300.0) for uv in uvs)
        point = judge(PATH, [LightSample("warm", screens, xy_to_xyz(WARM, 400.0)), *both(warm, cool)[1:]], 1e-7).points[0]
        turn, (u, v) = radians(point.ellipse.turn), (warm[0] - point.measured[0], warm[1] - point.measured[1])
        along, across = u * cos(turn) + v * sin(turn), v * cos(turn) - u * sin(turn)
        inside += (along / point.ellipse.long) ** 2 + (across / point.ellipse.short) ** 2 <= 1
    assert inside / runs == pytest.approx(0.95, abs=0.03)


def test_how_often_to_measure_again() -> None:
    warm, cool = targets()
    rng = random.Random(1)

    def read(n: int) -> WhiteVerdict:
        screens = tuple(
            xy_to_xyz(uv_to_xy(moved(warm, 0.0041 + rng.gauss(0, 0.0012), rng.gauss(0, 0.0012))), 300.0) for _ in range(n)
        )
        return judge(PATH, [LightSample("warm", screens, xy_to_xyz(WARM, 400.0)), *both(warm, cool)[1:]], 0.0003)

    few = read(3)
    assert few.kind is Follows.MEASURE_AGAIN
    assert few.readings
    assert f"about {few.readings} readings" in few.sentence
    assert read(80).kind is Follows.FOLLOWS


def test_every_model_can_be_judged_with_a_warm_and_a_cool_lamp(catalogue: Catalogue) -> None:
    for model in catalogue.models.values():
        warm = target_white(model.white, xy_to_uv(WARM))
        cool = target_white(model.white, xy_to_uv(COOL))
        assert judge(model.white, both(warm, cool), 0.0004).proven, model.name


def measured(rng: random.Random, truth: tuple[Pair, Pair], counts: tuple[int, int], noise: float) -> list[LightSample]:
    """Return lights read so many times, each reading with its own error along u' and v'."""
    lights = []
    for name, ambient, uv, count in zip(("warm", "cool"), (WARM, COOL), truth, counts, strict=True):
        seen = [moved(uv, rng.gauss(0, noise), rng.gauss(0, noise)) for _ in range(count)]
        screens = tuple(xy_to_xyz(uv_to_xy(each), 300.0) for each in seen)
        lights.append(LightSample(name, screens, xy_to_xyz(ambient, 400.0)))
    return lights


@pytest.mark.parametrize("counts", [(1, 1), (1, 2), (1, 3), (1, 10), (2, 2), (3, 3)])
def test_few_readings_are_not_trusted_more_than_many(counts: tuple[int, int]) -> None:
    """A white just outside its tolerance is proven in less than the stated 5 %, one reading alone or not."""
    rng, (warm, cool) = random.Random(f"few/{counts}"), targets()
    off = PATH.tolerance_uv * 1.001
    runs, false = 400, 0
    for _ in range(runs):
        turn = rng.uniform(0, 360)
        true = moved(warm, off * cos(radians(turn)), off * sin(radians(turn))), cool
        false += judge(PATH, measured(rng, true, counts, 0.0015), 0.0003).proven
    assert false / runs < 0.05, false


def test_one_reading_alone_is_never_proven_but_far_off_is_far_off() -> None:
    warm, cool = targets()
    alone = judge(PATH, measured(random.Random(1), (warm, cool), (1, 1), 0.0), 0.0003)
    assert alone.kind is Follows.MEASURE_AGAIN
    assert all(point.alone for point in alone.points)
    assert "one reading alone" in alone.sentence
    far = judge(PATH, measured(random.Random(1), (moved(warm, 0.0, 0.03), cool), (1, 1), 0.0), 0.0003)
    assert far.kind is Follows.OFF


def test_a_light_read_once_has_the_scatter_of_the_others() -> None:
    warm, cool = targets()
    verdict = judge(PATH, measured(random.Random(2), (warm, cool), (1, 6), 0.0004), 0.0003)
    assert verdict.kind is Follows.FOLLOWS
    once, often = verdict.points
    assert once.judgement.uncertainty > often.judgement.uncertainty
