"""Truth of the dot proof over random modules: claims keep their risk, uncertainties hold, another map is never proven."""

import numpy as np
import pytest

from daruma.core.depth.fitting import Card, fit
from daruma.core.depth.proof import DotVerdict, judge
from daruma.core.depth.view import View
from daruma.core.uncertainty import Claim
from tests.core.depth.modules import Floats, card, module, picture, seen
from tests.parts import some

VIEW = View()


def frames(rng: np.random.Generator, rays: Floats, pose: Floats, plane: Floats, count: int = 1, **more: float) -> Card:
    where = picture(rays, pose, plane, bump=more.pop("bump", 0.0))
    return Card(tuple(seen(rng, where, **more) for _ in range(count)))


def proven(rng: np.random.Generator, rays: Floats, pose: Floats, plane: Floats, **more: float) -> DotVerdict:
    return judge(VIEW, [frames(rng, rays, pose, plane, **more)], rays)


@pytest.mark.parametrize(("count", "seed"), [(60, 1), pytest.param(2000, 2, marks=pytest.mark.soak)])
def test_what_is_claimed_of_random_modules_is_true(count: int, seed: int) -> None:
    """Random modules, turned by up to twice what is allowed."""
    rng = np.random.default_rng(seed)
    false_proofs, refused, off, straight, crooked = 0, 0, 0, 0, 0
    for _ in range(count):
        rays, plane = module(rng), card(rng)
        pose = rng.normal(0, rng.choice([0.0005, 0.0018]), 3)
        shift = 1000 * float(np.linalg.norm(pose))
        verdict = proven(rng, rays, pose, plane)
        straight, crooked = straight + (shift < 2.5), crooked + (shift >= 2.5)
        false_proofs += verdict.claim is Claim.PROVEN and shift >= 2.5
        refused += verdict.claim is not Claim.PROVEN and shift < 2.2
        distance, found = verdict.distances[0], some(verdict.shift)
        off += abs(found.value - shift) > 3 * found.u
        off += abs(distance.value - 1 / plane[2]) > 3 * distance.u
        other = judge(VIEW, [frames(rng, rays, pose, plane)], module(rng))
        assert other.claim is not Claim.PROVEN, "another module's map"
        assert "another module" in other.why
    print(
        f"{count} modules: {false_proofs} false proofs of {crooked}, {refused} sound ones refused of {straight}, {off} off by 3 u"
    )
    assert false_proofs <= 0.05 * crooked + 1
    assert refused <= 0.05 * straight + 1
    assert off <= 0.01 * 2 * count


def test_a_second_distance_tells_turn_and_distance_apart() -> None:
    """For one card turning about the vertical is nearly a change of distance: their errors go together, and are told."""
    rng = np.random.default_rng(3)
    rays, pose = module(rng), np.array([0.0, 0.001, 0.0])
    planes = [np.array([0.0, 0.0, 1 / 280]), np.array([0.0, 0.0, 1 / 580])]
    one = fit(VIEW, [frames(rng, rays, pose, planes[0])], rays)
    two = fit(VIEW, [frames(rng, rays, pose, plane) for plane in planes], rays)
    assert one is not None
    assert two is not None
    about = one.covariance[[1, 5], :][:, [1, 5]]
    assert abs(about[0, 1]) / np.sqrt(about[0, 0] * about[1, 1]) > 0.9
    assert two.pose_covariance()[1, 1] < 0.6 * one.pose_covariance()[1, 1]
    known = some(fit(VIEW, [Card(frames(rng, rays, pose, planes[0]).frames, 280.0, 0.2)], rays))
    assert known.pose_covariance()[1, 1] < one.pose_covariance()[1, 1]


@pytest.mark.parametrize("seed", range(4))
def test_a_card_that_is_not_flat_is_no_other_map(seed: int) -> None:
    rng = np.random.default_rng(seed)
    verdict = proven(rng, module(rng), rng.normal(0, 0.0004, 3), card(rng), bump=0.012)
    assert verdict.claim is Claim.AGAIN
    assert "card is not flat" in verdict.why


def test_a_dark_projector_and_a_dark_corner() -> None:
    rng = np.random.default_rng(5)
    rays, plane = module(rng), np.array([0.0, 0.0, 1 / 400])
    where = picture(rays, np.zeros(3), plane)
    dark = judge(VIEW, [Card((rng.uniform((0, 0), (640, 480), (5, 2)),))], rays)
    assert dark.claim is Claim.NOT_PROVEN
    assert "dark" in dark.why
    assert judge(VIEW, [Card((np.empty((0, 2)),))], rays).claim is Claim.NOT_PROVEN
    corner = seen(rng, where[~((where[:, 0] < 213) & (where[:, 1] < 160))])
    verdict = judge(VIEW, [Card((corner,))], rays)
    assert verdict.claim is Claim.NOT_PROVEN
    assert "at the top, left" in verdict.why
    assert verdict.zones[0].matched <= 2
    assert verdict.hole_deg is not None
    assert verdict.hole_deg > 10, "the hole is as wide as the dark zone"
    thin = judge(VIEW, [Card((seen(rng, where, missing=0.10),))], rays)
    assert thin.claim is not Claim.PROVEN, "a tenth of the dots is missing"


def test_more_frames_make_it_surer() -> None:
    rng = np.random.default_rng(6)
    rays, pose, plane = module(rng), np.array([0.0004, 0.0, 0.0]), card(rng)
    few, many = (judge(VIEW, [frames(rng, rays, pose, plane, count)], rays) for count in (1, 9))
    assert few.fit is not None
    assert many.fit is not None
    spread = [float(np.sqrt(np.trace(verdict.fit.pose_covariance()))) for verdict in (few, many)]  # type: ignore[union-attr]
    assert spread[1] == pytest.approx(spread[0] / 3, rel=0.2)
    assert many.all.expected == pytest.approx(9 * few.all.expected, rel=0.02)


def test_dots_that_are_not_of_this_map_at_all() -> None:
    rng = np.random.default_rng(7)
    rays = module(rng)
    verdict = judge(VIEW, [Card((rng.uniform((0, 0), (640, 480), (420, 2)),))], rays)
    assert verdict.claim is Claim.NOT_PROVEN
    assert "not those of this map" in verdict.why or "matched" in verdict.why
    with pytest.raises(ValueError, match="map"):
        judge(VIEW, [Card((rays,))], rays[:2])
