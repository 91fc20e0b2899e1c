"""Front cameras by their frames: blur made by another hand, focus sweeps, and the truth of random stand-ins."""

import random

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.ndimage import gaussian_filter
from tests.conftest import seeds
from tests.core.optics.standins import Asked
from tests.parts import some

from daruma.catalogue.loader import Catalogue
from daruma.core.optics.chart import HEIGHT, MIDDLE, WHOLE, WIDTH, Window, edges
from daruma.core.optics.edge import GAUSSIAN_MTF50, sharpness
from daruma.core.optics.focus import peak_of
from daruma.core.optics.frames import Frame, Mode
from daruma.core.optics.front import Finding, Look, judged
from daruma.core.optics.seeing import flat_field, seen, shading
from daruma.standin.camera import LEAST, Lens, picture

AILS = {
    "": Finding.WORKS,
    "no_focus": Finding.NO_FOCUS,
    "freezes": Finding.FROZEN,
    "white": Finding.WHITE,
    "dead": Finding.DEAD,
    "heat": Finding.HEAT,
    "dirty": Finding.DIRTY,
}


def test_an_edge_that_scipy_has_blurred_has_the_sharpness_of_its_gaussian() -> None:
    """MTF50 = 0.18739 / sigma for a Gaussian (analytic); the edge is drawn 16 times finer and blurred by SciPy."""
    fine = 16
    y, x = np.mgrid[0 : 52 * fine, 0 : 60 * fine] / fine
    for sigma in (0.6, 0.9, 1.5, 2.4):
        dark = (x - 30 + np.tan(np.radians(5)) * (y - 26)) < 0
        blurred = gaussian_filter(np.where(dark, 40.0, 190.0), sigma * fine, mode="nearest")
        # a pixel gathers light over its own square: its width adds to the blur as its variance, 1/12
        pixels = blurred.reshape(52, fine, 60, fine).mean(axis=(1, 3))
        found = sharpness(pixels)
        square = np.sinc(found.mtf50)
        whole = GAUSSIAN_MTF50 / sigma
        expected = np.sqrt(-np.log(0.5 / square) / (2 * np.pi**2)) / sigma
        assert found.mtf50 == pytest.approx(expected, rel=0.02)
        assert found.mtf50 < whole


def test_uneven_light_is_no_blur() -> None:
    lens = Lens(corners=0.6)
    shade = shading(picture(lens, 96, 0.5, WHOLE, "flat", plain=True))
    raw = picture(lens, 96, 0.5, WHOLE, "chart")
    frame = Frame(Mode.PHOTO, 0.5, 96, "", 0.0)
    wanted = GAUSSIAN_MTF50 / LEAST
    with_shade = [blur.mtf50 / wanted - 1 for blur in seen(frame, raw, WHOLE, range(9), shade).edges]
    without = [blur.mtf50 / wanted - 1 for blur in seen(frame, raw, WHOLE, range(9)).edges]
    assert np.std(with_shade) < np.std(without)
    assert abs(np.mean(with_shade)) < 0.02


@given(st.floats(30, 200), st.floats(-25, 25), st.floats(0.01, 0.03), st.floats(0.4, 0.8))
@settings(max_examples=25)
def test_a_sweep_gives_back_the_best_code(best: float, beside: float, slope: float, least: float) -> None:
    codes = [best + beside + step for step in (-70, -45, -30, -20, -12, -6, 0, 6, 12, 20, 30, 45, 70)]
    mtf50 = [GAUSSIAN_MTF50 / (least + slope * abs(code - best)) for code in codes]
    peak = some(peak_of(codes, mtf50, [0.01 * each for each in mtf50]))
    assert peak.code == pytest.approx(best, abs=0.2)
    assert peak.mtf50 == pytest.approx(GAUSSIAN_MTF50 / least, rel=0.01)


def test_a_lens_that_does_not_move_has_no_peak_and_few_points_say_nothing() -> None:
    rng = np.random.default_rng(1)
    flat = 0.2 * (1 + 0.01 * rng.normal(size=9))
    assert peak_of(range(0, 90, 10), flat, [0.004] * 9) is None
    with pytest.raises(ValueError, match="at least are needed"):
        peak_of([1, 2], [0.2, 0.3], [0.01, 0.01])


def test_dust_is_counted_and_a_clean_field_has_none() -> None:
    clean = np.frombuffer(picture(Lens(), 96, 0.5, WHOLE, "a", plain=True), np.uint8).reshape(HEIGHT, WIDTH).astype(float)
    assert flat_field(clean)[0] == 0
    dusty = Lens(dust=((100, 80), (300, 200), (420, 300)))
    field = np.frombuffer(picture(dusty, 96, 0.5, WHOLE, "a", plain=True), np.uint8).reshape(HEIGHT, WIDTH).astype(float)
    assert flat_field(field)[0] == 3


def test_bytes_that_are_no_frame_are_refused() -> None:
    with pytest.raises(ValueError, match="grey values for"):
        seen(Frame(Mode.PHOTO, 0.5, 1, "", 0.0), b"123", Window(0, 0, 10, 10))


@given(st.binary(min_size=56 * 42, max_size=56 * 42))
@settings(max_examples=20)
def test_any_picture_gives_an_answer_and_never_a_proof(raw: bytes) -> None:
    edge = edges(MIDDLE)[0]
    frames = [seen(Frame(Mode.FOCUS, d, 90.0, "", 0.0, swept=s), raw, edge) for d in (0.3, 0.5, 1.2) for s in (True, False)]
    assert judged([*frames, Frame(Mode.PHOTO, 0.5, 90, "x", 100.0)]).finding is not Finding.WORKS


@pytest.mark.parametrize("tried", seeds(2, 500))
def test_random_cameras_are_found_as_they_are(tried: range, catalogue: Catalogue) -> None:
    """Random cameras of each kind: none that ails is called working, its own fault is named."""
    wrong, off, peaks, missed = 0, 0, 0, 0
    for ail, finding in AILS.items():
        for seed in tried:
            at = Asked(catalogue, seed)
            at.front.ail = ail
            frames = at.frames()
            found = judged(frames)
            wrong += bool(ail) and found.finding is Finding.WORKS
            missed += found.finding is not finding
            if ail in ("", "white"):
                look = Look(frames)
                for distance, peak in look.peaks.items():
                    assert peak is not None
                    peaks += 1
                    off += abs(peak.code - at.front.lens().best(distance)) > 3 * peak.u
    assert wrong == 0, "none that ails is proven"
    assert missed <= 0.05 * len(tried) * len(AILS)
    assert off <= max(1, 0.01 * peaks)


@pytest.mark.parametrize("beside", [-40, -22, 18, 35])
def test_a_wrong_focus_table_is_told_from_a_lens_that_is_hurt(beside: int, catalogue: Catalogue) -> None:
    at = Asked(catalogue, 40 + beside)
    at.front.far += beside
    found = judged(at.frames())
    assert found.finding is Finding.TABLE
    assert not found.modes[Mode.FOCUS]
    assert found.modes[Mode.VIDEO]


def test_sharpness_of_random_blurs_lies_within_its_uncertainty() -> None:
    beyond, rng = 0, random.Random(5)
    for number in range(40):
        code = rng.uniform(60, 130)
        lens = Lens(corners=1.0)
        frame = seen(Frame(Mode.PHOTO, 0.5, code, "", 0.0), picture(lens, code, 0.5, WHOLE, f"u{number}"), WHOLE, range(9))
        true = [GAUSSIAN_MTF50 / blur for place in range(9) for blur in lens.blur(place, code, 0.5)]
        beyond += sum(abs(blur.mtf50 - value) > 3 * blur.u for blur, value in zip(frame.edges, true, strict=True))
    assert beyond <= 0.01 * 40 * 18
