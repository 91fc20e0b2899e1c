"""Sharpness of a slanted edge against the closed form of a Gaussian blur; what holds no edge is said."""

import numpy as np
import pytest
from scipy.special import erf

from daruma.core.optics.edge import GAUSSIAN_MTF50, EdgeFault, Floats, sharpness


def picture(sigma: float, angle: float, rng: np.random.Generator, *, noise: float = 1.0, upright: bool = True) -> Floats:
    """An edge blurred by a Gaussian, sampled at the pixels' middles, as 8-bit grey."""
    y, x = np.mgrid[:360, :480]
    away = (x - 240.3) * np.cos(np.radians(angle)) - (y - 180) * np.sin(np.radians(angle))
    grey = 60 + 120 * 0.5 * (1 + erf(away / sigma / np.sqrt(2))) + rng.normal(0, noise, x.shape)
    grey = np.clip(np.round(grey), 0, 255)
    return grey if upright else grey.T


@pytest.mark.parametrize("upright", [True, False])
@pytest.mark.parametrize("sigma", [0.45, 0.6, 0.8, 1.2, 2.0, 3.0])
def test_half_the_contrast_of_a_gaussian_blur(sigma: float, upright: bool) -> None:
    """exp(-2 pi^2 s^2 f^2) = 1/2 at f = sqrt(ln 2 / 2) / (pi s) = 0.18739 / s: closed form."""
    assert pytest.approx(np.sqrt(np.log(2) / 2) / np.pi, abs=5e-6) == GAUSSIAN_MTF50
    rng, off = np.random.default_rng(int(100 * sigma)), []
    for angle in (3.0, 5.0, 7.5, -5.0):
        found = sharpness(picture(sigma, angle, rng, upright=upright))
        truth = GAUSSIAN_MTF50 / sigma
        assert found.mtf50 == pytest.approx(truth, rel=0.035)
        assert found.edge_deg == pytest.approx(abs(angle), abs=0.1)
        off.append((found.mtf50 - truth) / found.u)
    assert np.abs(off).max() < 4.5, "eight parts of one edge tell its uncertainty"


def test_the_whole_curve_is_the_gaussian_s() -> None:
    found = sharpness(picture(1.0, 5, np.random.default_rng(3), noise=0.3))
    f = np.array(found.frequencies)
    near = f < 0.35
    assert np.array(found.contrast)[near] == pytest.approx(np.exp(-2 * (np.pi * f[near]) ** 2), abs=0.02)


@pytest.mark.parametrize(
    ("grey", "words"),
    [
        (np.zeros((60, 60)), "no edge"),
        (np.random.default_rng(1).normal(100, 10, (100, 100)), "no edge"),
        (np.tile(np.r_[np.zeros(50), np.full(50, 100.0)], (100, 1)), "along the pixels"),
        (np.zeros((4, 4)), "smaller than 16"),
        (np.full((60, 60), np.nan), "no numbers"),
        (np.zeros((60, 60, 3)), "smaller"),
    ],
)
def test_what_holds_no_edge_is_said(grey: Floats, words: str) -> None:
    with pytest.raises(EdgeFault, match=words):
        sharpness(grey)
