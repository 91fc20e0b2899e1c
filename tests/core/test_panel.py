"""The panel model: published colour spaces, panels whose truth is known, and measurements that went wrong."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.core.colour.panel import Doubt, PanelReadings, characterise, rgb_matrix

SRGB = [(0.64, 0.33), (0.30, 0.60), (0.15, 0.06)]
D65 = (0.3127, 0.3290)
LEVELS = (0.0, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0)


def test_published_matrices() -> None:
    """IEC 61966-2-1 (luminance row) and Adobe RGB 1998 (X row); from memory, two libraries agree."""
    assert rgb_matrix(SRGB, D65)[1] == pytest.approx([0.2126, 0.7152, 0.0722], abs=1e-4)
    adobe = rgb_matrix([(0.64, 0.33), (0.21, 0.71), (0.15, 0.06)], D65)
    assert adobe[0] == pytest.approx([0.57667, 0.18556, 0.18823], abs=1e-5)


def srgb(level: np.ndarray) -> np.ndarray:
    """Return the electro-optical transfer of IEC 61966-2-1."""
    return np.where(level <= 0.04045, level / 12.92, ((level + 0.055) / 1.055) ** 2.4)


def measured(gammas: tuple[float, ...] = (2.2, 2.2, 2.2), *, noise: float = 0.0, black: float = 0.05, seed: int = 1, curve=None):  # type: ignore[no-untyped-def]
    """Return readings of a panel of 500 cd/m2, and the function that is its truth."""
    matrix, rng = 500 * rgb_matrix(SRGB, (0.3131, 0.3285)), np.random.default_rng(seed)
    floor = black * np.array([0.95, 1.0, 1.09])

    def truth(levels) -> np.ndarray:  # type: ignore[no-untyped-def]
        asked = np.asarray(levels, dtype=float)
        drives = curve(asked) if curve else asked ** np.array(gammas)
        return floor + drives @ matrix.T

    def read(*level: float):  # type: ignore[no-untyped-def]
        return tuple(truth(level) * (1 + rng.normal(0, noise, 3)))

    greys = tuple((level, read(level, level, level)) for level in LEVELS)
    readings = PanelReadings(read(1, 0, 0), read(0, 1, 0), read(0, 0, 1), read(1, 1, 1), greys, read(1, 1, 1))
    return readings, truth


@given(st.tuples(*[st.floats(1.8, 2.6)] * 3), st.lists(st.tuples(*[st.sampled_from(LEVELS)] * 3), min_size=1, max_size=5))
def test_a_panel_is_found_as_it_is(gammas: tuple[float, ...], asked: list[tuple[float, ...]]) -> None:
    readings, truth = measured(gammas)
    model = characterise(readings)
    assert model.findings == ()
    assert model.residual < 1e-6
    assert model.additivity < 1e-6
    assert model.xyz(asked) == pytest.approx(truth(asked), rel=1e-9)
    assert model.drives(truth(asked)) == pytest.approx(np.asarray(asked) ** np.array(gammas), abs=1e-9)


def test_between_the_levels_the_curve_is_close() -> None:
    readings, truth = measured(curve=srgb)
    between = np.column_stack([np.linspace(0.06, 0.98, 60)] * 3)
    assert characterise(readings).xyz(between) == pytest.approx(truth(between), rel=0.02)


def test_noise_is_in_the_residual() -> None:
    quiet, loud = (characterise(measured(noise=noise)[0]) for noise in (0.0005, 0.005))
    assert 0 < quiet.residual < 0.25 < loud.residual
    assert np.all(np.diff(loud.tones, axis=0) >= 0), "a tone curve never falls"


def test_bad_measurements_are_named() -> None:
    def doubts(readings: PanelReadings) -> set[Doubt]:
        found = characterise(readings).findings
        assert all(finding.sentence.endswith(".") for finding in found)
        return {finding.doubt for finding in found}

    sound, truth = measured()
    assert doubts(sound) == set()
    assert doubts(measured(black=8.0)[0]) == {Doubt.STRAY_LIGHT}
    assert "Black has 1.6 % of the white" in characterise(measured(black=8.0)[0]).findings[0].sentence, "8 of 508 cd/m2"
    drifted = tuple(0.97 * value for value in sound.white)
    assert doubts(PanelReadings(sound.red, sound.green, sound.blue, sound.white, sound.greys, drifted)) == {Doubt.DRIFT}
    clip = measured(curve=lambda level: np.minimum(level**2.2, [1.0, 1.0, 0.78]) / [1.0, 1.0, 0.78])[0]
    assert doubts(clip) == {Doubt.CLIPPED}
    greys = list(sound.greys)
    greys[6] = (greys[6][0], tuple(0.3 * value for value in greys[6][1]))
    assert Doubt.NOT_RISING in doubts(PanelReadings(sound.red, sound.green, sound.blue, sound.white, tuple(greys)))
    weak = tuple(0.8 * value for value in sound.red)
    assert Doubt.NOT_ADDITIVE in doubts(PanelReadings(weak, sound.green, sound.blue, sound.white, sound.greys))
    assert truth((1, 1, 1))[1] == pytest.approx(sound.white[1])


def test_readings_that_cannot_describe_a_panel() -> None:
    sound, _ = measured()
    with pytest.raises(ValueError, match="five different levels"):
        characterise(PanelReadings(sound.red, sound.green, sound.blue, sound.white, sound.greys[:4]))
    lit = tuple(2 * value for value in sound.greys[-1][1])
    with pytest.raises(ValueError, match="no light beside black"):
        characterise(PanelReadings(lit, lit, lit, sound.white, ((0.0, sound.white), *sound.greys[1:])))
    with pytest.raises(ValueError, match="measured twice"):
        characterise(PanelReadings(sound.red, sound.red, sound.blue, sound.white, sound.greys))
