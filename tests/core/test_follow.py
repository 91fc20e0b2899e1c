"""The verdict on a white: its kinds, its guard band, its uncertainty."""

from dataclasses import replace
from math import hypot, sqrt

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import Pair, distance, uv_to_xy, xy_to_uv, xy_to_xyz
from daruma.core.colour.follow import Follows, LightSample, expanded_uncertainty, judge, target_white
from daruma.core.model import WhitePath

WARM, COOL = (0.44758, 0.40745), (0.31271, 0.32902)  # CIE illuminants A and D65
PATH = WhitePath((0.3127, 0.3290), 0.45, 0.04, 0.0055)


def sample(light: str, ambient: Pair, uv: Pair) -> LightSample:
    return LightSample(light, (xy_to_xyz(uv_to_xy(uv), 300.0),), xy_to_xyz(ambient, 400.0))


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
    assert judge(PATH, both(warm, cool)[:1], 0.0004).kind is Follows.MORE_LIGHT
    assert judge(PATH, [sample("warm", WARM, warm), sample("also warm", (0.445, 0.406), warm)], 0.0004).kind is Follows.MORE_LIGHT


@pytest.mark.parametrize(
    ("shift", "kind"),
    [(0.0044, Follows.FOLLOWS), (0.0050, Follows.MEASURE_AGAIN), (0.0060, Follows.MEASURE_AGAIN), (0.0070, Follows.OFF)],
)
def test_the_guard_band(shift: float, kind: Follows) -> None:
    """Guarded acceptance (JCGM 106:2012, 8.3.2): proven only if distance + U is within tolerance; U = 2 x 0.0005 here."""
    warm, cool = targets()
    assert judge(PATH, both(moved(warm, shift, 0), cool), 0.0005).kind is kind


def test_expanded_uncertainty_by_hand() -> None:
    """JCGM 100:2008, 4.2.3: the standard deviation of the mean, combined with the instrument's in quadrature; k = 2."""
    uvs = [(0.200, 0.470), (0.202, 0.470), (0.201, 0.471)]
    centre = (0.201, 0.47033333)
    variance = sum(hypot(u - centre[0], v - centre[1]) ** 2 for u, v in uvs) / 2 / 3
    assert expanded_uncertainty(uvs, 0.0004) == pytest.approx(2 * sqrt(variance + 0.0004**2))
    assert expanded_uncertainty(uvs[:1], 0.0004) == pytest.approx(0.0008)


@given(st.floats(-0.02, 0.02), st.floats(-0.02, 0.02), st.floats(0.0001, 0.003))
def test_a_proof_always_keeps_its_distance(du: float, dv: float, instrument: float) -> None:
    warm, cool = targets()
    verdict = judge(PATH, both(moved(warm, du, dv), cool), instrument)
    if verdict.proven:
        assert all(p.distance + p.spread <= PATH.tolerance_uv for p in verdict.points)


def test_every_model_can_be_judged_with_a_warm_and_a_cool_lamp(catalogue: Catalogue) -> None:
    for model in catalogue.models.values():
        warm = target_white(model.white, xy_to_uv(WARM))
        cool = target_white(model.white, xy_to_uv(COOL))
        assert judge(model.white, both(warm, cool), 0.0004).proven, model.name
