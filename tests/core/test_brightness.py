"""Auto-brightness: its verdicts, its fit, its guard band."""

import random
from math import exp

import numpy as np
import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.brightness import Follows, judge_brightness
from daruma.core.colour.shots import Level
from daruma.core.display import DisplaySpec, brightness_faults, wanted_luminance

LUX = (2.0, 10.0, 50.0, 200.0, 800.0, 3000.0)


@pytest.fixture(scope="module")
def spec(catalogue: Catalogue) -> DisplaySpec:
    return catalogue.models["cedar_l"].display


def levels(spec: DisplaySpec, change=lambda _, value: value, *, noise: float = 0.002, repeats: int = 3, seed: int = 1, lux=LUX):  # type: ignore[no-untyped-def]
    rng = random.Random(seed)
    truth = [(x, change(x, wanted_luminance(spec.brightness, x))) for x in lux]
    return [Level(x, tuple(value * (1 + rng.gauss(0, noise)) for _ in range(repeats))) for x, value in truth]


def test_between_the_pairs_it_is_straight_in_logarithms(spec: DisplaySpec) -> None:
    pairs = np.log(np.array(spec.brightness))
    for lux in (1.0, 3.3, 70.0, 12_000.0):
        assert wanted_luminance(spec.brightness, lux) == pytest.approx(exp(np.interp(np.log(lux), *pairs.T)))
    assert wanted_luminance(spec.brightness, 0.0) == spec.brightness[0][1]
    assert wanted_luminance(spec.brightness, 1e6) == spec.brightness[-1][1]


def test_the_kinds(spec: DisplaySpec) -> None:
    def kind(change, **how):  # type: ignore[no-untyped-def]
        verdict = judge_brightness(spec, levels(spec, change, **how), 0.01)
        assert verdict.sentence.endswith(".")
        assert verdict.proven is (verdict.kind is Follows.FOLLOWS)
        return verdict.kind

    assert kind(lambda _, value: value) is Follows.FOLLOWS
    assert kind(lambda _, value: 1.4 * value) is Follows.OFF
    assert kind(lambda _, __: 320.0) is Follows.FIXED
    assert kind(lambda _, value: 3e4 / value) is Follows.FALLING
    assert kind(lambda _, value: min(value, 0.99 * wanted_luminance(spec.brightness, 60))) is Follows.INCOMPLETE
    assert kind(lambda lux, value: value if lux > 40 else wanted_luminance(spec.brightness, 40)) is Follows.INCOMPLETE
    assert kind(lambda _, value: value, lux=LUX[:4]) is Follows.MORE_LEVELS
    assert kind(lambda _, value: 1.14 * value) is Follows.AGAIN
    assert kind(lambda _, value: 0 * value) is Follows.MORE_LEVELS


def test_rising_and_falling_light(spec: DisplaySpec) -> None:
    up = levels(spec)
    down = [Level(level.lux, tuple(1.25 * value for value in level.luminance), falling=True) for level in up[1::2]]
    lagging = judge_brightness(spec, up + down, 0.01)
    assert lagging.kind is Follows.LAGS
    assert lagging.hysteresis == pytest.approx(np.log(1.25))
    same = judge_brightness(spec, up + [Level(x.lux, x.luminance, True) for x in up[1::2]], 0.01)
    assert same.kind is Follows.FOLLOWS
    assert same.hysteresis == 0.0


@pytest.mark.parametrize("ratio", [1.1501, 1 / 1.1501])
def test_a_false_proof_is_rarer_than_stated(ratio: float, spec: DisplaySpec) -> None:
    """One level just outside the tolerance, measured with noise and with an instrument of unknown error."""
    false, runs, rng = 0, 800, random.Random(3)
    for seed in range(runs):
        error = 1 + rng.gauss(0, 0.01)
        seen = levels(spec, lambda lux, value, e=error: e * value * (ratio if lux == 200.0 else 1.0), noise=0.01, seed=seed)
        false += judge_brightness(spec, seen, 0.01).proven
    assert false / runs < 0.05, false / runs


def test_how_often_to_measure_again(spec: DisplaySpec) -> None:
    again = judge_brightness(spec, levels(spec, lambda _, value: 1.11 * value, noise=0.03, seed=4), 0.005)
    assert again.kind is Follows.AGAIN
    assert again.readings
    assert f"about {again.readings} readings" in again.sentence
    never = judge_brightness(spec, levels(spec, lambda _, value: 1.149 * value, noise=0.002), 0.02)
    assert never.readings is None
    assert "better instrument" in never.sentence


def test_what_is_wrong_with_a_record_s_curve(spec: DisplaySpec) -> None:
    assert brightness_faults(spec.brightness) == ""
    assert "missing" in brightness_faults(spec.brightness[:4])
    assert "missing" in brightness_faults((*spec.brightness[:6], (0.0, 0.0), (0.0, 0.0)))
    assert "do not rise" in brightness_faults((*spec.brightness[:6], (900.0, 900.0), (20.0, 1000.0)))
    assert "fall" in brightness_faults((*spec.brightness[:6], (5000.0, 300.0), (20000.0, 1000.0)))


@pytest.mark.parametrize("lux", [(300.0, 301.0, 302.0, 303.0, 304.0), (30_000.0, 40_000.0, 50_000.0, 60_000.0, 70_000.0)])
def test_levels_that_lie_together_prove_nothing(lux: tuple[float, ...], spec: DisplaySpec) -> None:
    """A fixed screen is right at one luminance: the levels must span what a screen that follows would show."""
    fixed = levels(spec, lambda _, __: wanted_luminance(spec.brightness, lux[2]), lux=lux)
    verdict = judge_brightness(spec, fixed, 0.01)
    assert verdict.kind is Follows.MORE_LEVELS
    assert f"From {lux[0]:g} to {lux[-1]:g} lx" in verdict.sentence
    dark = [*fixed[1:], Level(lux[0], (fixed[0].mean, 0.0))]
    assert "no light" in judge_brightness(spec, dark, 0.01).sentence, "one dark reading is enough"


def test_a_screen_that_dips_does_not_stand_still(spec: DisplaySpec) -> None:
    dips = levels(spec, lambda lux, value: value if lux in (LUX[0], LUX[-1]) else 0.2 * value)
    verdict = judge_brightness(spec, dips, 0.01)
    assert verdict.kind is Follows.OFF
    assert "gets darker from 2 to 10 lx" in verdict.sentence


def test_darkness_is_a_level(spec: DisplaySpec) -> None:
    verdict = judge_brightness(spec, levels(spec, lux=(0.0, *LUX)), 0.01)
    assert verdict.proven
    assert "at 0 lx" in verdict.sentence
