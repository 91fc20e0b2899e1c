"""Single steps of the dot proof against published values and general libraries."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.spatial import cKDTree
from scipy.spatial.transform import Rotation

from daruma.core.depth.likeness import difference, plane_through, similarity
from daruma.core.depth.matching import trials
from daruma.core.depth.view import View, distance_of, tilt_of
from tests.core.depth.modules import card, module, picture, turned


@pytest.mark.parametrize(("size", "outliers", "wanted"), [(2, 0.05, 2), (4, 0.5, 72), (7, 0.5, 588), (8, 0.5, 1177)])
def test_how_many_samples_are_drawn(size: int, outliers: float, wanted: int) -> None:
    """Hartley and Zisserman, Multiple View Geometry, 2nd edition, table 4.3 (p = 0.99)."""
    assert trials(0.99, size, outliers) == wanted


def test_similarity_of_a_published_example() -> None:
    """Umeyama 1991, section IV: the example's points; its turn and shift (the printed error is a misprint, .5333 follows)."""
    found = similarity(np.array([[0.0, 0], [1, 0], [0, 2]]), np.array([[0.0, 0], [-1, 0], [0, 2]]))
    assert found.scale == pytest.approx(0.721110, abs=1e-6)
    assert (np.cos(found.turn), np.sin(found.turn)) == pytest.approx((0.83205, -0.5547), abs=1e-5)
    assert found.shift == pytest.approx((-0.8, 0.4), abs=1e-6)
    assert found.left == pytest.approx(0.53333, abs=1e-5)


def test_similarity_of_a_general_library() -> None:
    """scikit-image estimates the same of a quadrangle scaled 2.5 times, turned by 30 degrees and shifted by (10, -5)."""
    one = np.array([[0.0, 0], [4, 0], [4, 3], [0, 3], [2, 1]])
    turn = np.radians(30)
    other = 2.5 * one @ np.array([[np.cos(turn), np.sin(turn)], [-np.sin(turn), np.cos(turn)]]) + [10, -5]
    found = similarity(one, other)
    assert (found.scale, np.degrees(found.turn), *found.shift) == pytest.approx((2.5, 30, 10, -5), abs=1e-9)
    with pytest.raises(ValueError, match="one place"):
        similarity(np.ones((4, 2)), one[:4])
    with pytest.raises(ValueError, match="two at least"):
        similarity(one[:1], one[:1])


@pytest.mark.parametrize(("disparity", "metres"), [(87.5, 0.6), (35.0, 1.5), (17.5, 3.0)])
def test_depth_from_disparity(disparity: float, metres: float) -> None:
    """Z = f B / d, textbook values for f = 700 px and B = 75 mm (OpenCV's triangulatePoints gives the same)."""
    view = View(700.0, (0.0, 0.0), (1280, 960), 75.0)
    depth = view.depths(np.array([[disparity, 0.0]]), np.zeros((1, 2)), np.zeros(3))
    assert depth[0] == pytest.approx(1000 * metres, rel=1e-9)


def test_depth_of_a_published_stereo_pair() -> None:
    """Middlebury 2014, "Motorcycle", calibration as in scikit-image: Z = 193.001 x 994.978 / (d + 31.086) at d = 30."""
    view = View(994.978, (0.0, 0.0), (2964, 2000), 193.001)
    depth = view.depths(np.array([[30 + 31.086, 0.0]]), np.zeros((1, 2)), np.zeros(3))
    assert depth[0] == pytest.approx(3143.63, abs=0.01)


def test_plane_through_points() -> None:
    """Least squares as NumPy's lstsq has it."""
    points = np.array([[0, 0, 1.02], [1, 0, 2.98], [0, 1, 4.01], [1, 1, 6], [2, 1, 8.02], [1, 2, 8.97], [2, 2, 11.01]])
    a, b, c = plane_through(points)
    assert (b, c, a) == pytest.approx((2.003333, 2.993333, 1.004762), abs=1e-6)


def test_nearest_neighbours_are_those_of_brute_force() -> None:
    """SciPy's k-d tree, which the matching uses, against all distances."""
    one, other = np.random.default_rng(1).uniform(size=(200, 2)), np.random.default_rng(0).uniform(size=(500, 2))
    brute = np.linalg.norm(one[:, None] - other[None], axis=2).argmin(axis=1)
    assert (cKDTree(other).query(one)[1] == brute).all()


@settings(max_examples=60, deadline=None)
@given(st.integers(0, 10_000))
def test_dots_are_seen_where_their_rays_meet_the_card(seed: int) -> None:
    """The closed form against meeting each ray with the plane, the turn by Rodrigues' formula against SciPy's."""
    rng = np.random.default_rng(seed)
    rays, pose, plane = module(rng), rng.normal(0, 0.01, 3), card(rng)
    assert View().seen(rays, pose, plane) == pytest.approx(picture(rays, pose, plane), abs=1e-9)
    by_scipy = Rotation.from_rotvec(pose).apply(np.column_stack((rays, np.ones(len(rays)))))
    assert turned(rays, pose) == pytest.approx(by_scipy[:, :2] / by_scipy[:, 2:], abs=1e-12)
    assert distance_of(plane) == pytest.approx(1 / plane[2])
    assert 0 <= tilt_of(plane) <= 15.001


def test_whether_two_maps_are_one() -> None:
    rng = np.random.default_rng(8)
    mine = module(rng)
    assert difference(mine.ravel(), mine.ravel()) == ""
    assert "bent" in difference(mine.ravel(), module(rng).ravel())
    assert "number of dots" in difference(mine.ravel(), mine[:-1].ravel())
    shifted = mine + np.array([0.003, -0.004])
    assert "shifted 5.0 mrad, turned 0.0 mrad, bent 0.0 mrad" in difference(mine.ravel(), shifted.ravel())
