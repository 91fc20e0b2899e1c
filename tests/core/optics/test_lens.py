"""Lens records against published values: OpenCV's sample chessboards, its projection, Rodrigues' rotation."""

from pathlib import Path

import numpy as np
import pytest
from scipy.spatial.transform import Rotation

from daruma.core.optics.lens import Camera, Floats, board_fits, rms_of_all
from daruma.handover.optics import read_camera

DATA = Path(__file__).parents[4] / "shared" / "data"
BOARD = np.array([[25.0 * x, 25.0 * y, 0.0] for y in range(6) for x in range(9)])


def test_a_point_is_seen_where_the_usual_model_has_it() -> None:
    """OpenCV's projectPoints: K 800/810/320/240, distortion -.3 .1 .001 -.002 .05, point (.1, -.2, 1)."""
    camera = Camera(800, 810, 320, 240, -0.3, 0.1, 0.001, -0.002, 0.05)
    seen = camera.seen(np.array([[0.1, -0.2, 1.0]]))
    assert seen[0] == pytest.approx((398.6765, 80.5585875), abs=1e-6)
    assert camera.straightened(seen)[0] == pytest.approx((0.1, -0.2), abs=1e-9)


@pytest.mark.skipif(not DATA.exists(), reason="the published corners are not here")
def test_published_chessboards() -> None:
    """OpenCV's sample corners and intrinsics (Apache-2, vendored); per-view RMS as the file gives them."""
    corners = np.load(DATA / "left_corners.npz")["points"].astype(float)
    camera = read_camera((DATA / "left_intrinsics.yml").read_bytes(), "left_intrinsics.yml")
    fits = board_fits(camera, {str(i): (BOARD, seen) for i, seen in enumerate(corners)})
    published = [0.193, 1.18, 0.173, 0.193, 0.160, 0.180, 0.231, 0.242, 0.296, 0.167, 0.202, 0.381, 0.174]
    for number, (fit, wanted) in enumerate(zip(fits, published, strict=True), start=1):
        assert fit.rms_px == pytest.approx(wanted, abs=0.1 if number in (2, 12) else 0.01)
    assert rms_of_all(fits) == pytest.approx(0.3926, abs=0.02)


@pytest.mark.parametrize("seed", range(8))
def test_poses_of_random_boards_are_found(seed: int) -> None:
    rng = np.random.default_rng(seed)
    camera = Camera(600, 605, 322, 238, *rng.normal(0, [0.1, 0.05, 0.001, 0.001, 0.02]))
    turn, place = Rotation.from_rotvec(rng.normal(0, 0.4, 3)), np.array([rng.normal(-100, 20), rng.normal(-60, 20), 500])
    seen = camera.seen(turn.apply(BOARD) + place)
    exact = board_fits(camera, {"a": (BOARD, seen)})[0]
    assert exact.rms_px < 1e-8
    assert exact.turn == pytest.approx(turn.as_matrix(), abs=1e-8)
    assert exact.place == pytest.approx(place, abs=1e-6)
    noisy = board_fits(camera, {"a": (BOARD, seen + rng.normal(0, 0.3, seen.shape))})[0]
    assert noisy.rms_px == pytest.approx(0.3 * np.sqrt(2), rel=0.2)
    other = board_fits(Camera(640, 605, 322, 238), {"a": (BOARD, seen)})[0]
    assert other.rms_px > 0.3, "a record of another lens does not fit"


@pytest.mark.parametrize("corners", [BOARD[:5], BOARD[:9]])
def test_too_few_corners_or_corners_in_a_line(corners: Floats) -> None:
    with pytest.raises(ValueError, match="view a"):
        board_fits(Camera(600, 600, 320, 240), {"a": (corners, corners[:, :2] + 100.0)})


def test_rodrigues() -> None:
    """The rotation vector (.1, -.2, .3) as OpenCV and SciPy turn it into a matrix."""
    wanted = [[0.9357548, -0.3029327, -0.1805401], [0.2831650, 0.9505806, -0.1273346], [0.2101917, 0.0680313, 0.9752903]]
    assert Rotation.from_rotvec([0.1, -0.2, 0.3]).as_matrix() == pytest.approx(np.array(wanted), abs=1e-7)
