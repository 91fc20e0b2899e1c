"""Uncertainty against the GUM's worked example, and claims against simulation."""

from math import inf, sqrt

import numpy as np
import pytest

from daruma.core.uncertainty import (
    RISK,
    Claim,
    Judgement,
    Standard,
    certified,
    combined,
    coverage,
    judge_distance,
    judge_known,
    rectangular,
    repeated,
    within,
)


def test_the_end_gauge_of_the_gum() -> None:
    """JCGM 100:2008, H.1 (from memory; the arithmetic agrees): a 50 mm end gauge, in nm.

    Parts: the standard 25 (18 degrees of freedom); the difference from 5.8 (24), 3.9 (5), 6.7 (8), together 9.7 with
    25.6; the difference of the coefficients of expansion 2.9 (50); the difference of temperatures 16.6 (2). Combined 32
    with 16 degrees of freedom; t for 99 % is 2.92, the expanded uncertainty 93.
    """
    difference = combined([Standard(5.8, 24), Standard(3.9, 5), Standard(6.7, 8)])
    assert difference.value == pytest.approx(9.7, abs=0.05)
    assert difference.freedom == pytest.approx(25.6, abs=0.5)
    whole = combined([Standard(25, 18), difference, Standard(2.9, 50), Standard(16.6, 2)])
    assert whole.value == pytest.approx(32, abs=0.5)
    assert int(whole.freedom) == 16
    assert coverage(16, 0.99) == pytest.approx(2.92, abs=0.005)
    assert Standard(32, 16).expanded(0.99) == pytest.approx(93, abs=0.6)


def test_readings_limits_and_certificates() -> None:
    """GUM 4.2 to 4.3: type A and type B; Student's t from the usual table (2.78 for 4, 2.26 for 9 degrees, 95 %)."""
    mean, standard = repeated([10.0, 12.0, 11.0, 13.0])
    assert mean == 11.5
    assert standard.value == pytest.approx(sqrt(5 / 3) / 2)
    assert standard.freedom == 3
    assert rectangular(0.3).value == pytest.approx(0.3 / sqrt(3))
    assert certified(0.24, 3).value == pytest.approx(0.08)
    assert Standard(2.0).scaled(-3.0).value == 6.0
    assert [round(coverage(n), 2) for n in (4, 9, inf)] == [2.78, 2.26, 1.96]
    with pytest.raises(ValueError, match="repeat the reading"):
        repeated([1.0])


def test_three_factors_of_the_gum() -> None:
    """JCGM 100:2008, G.4.1, note 3 (from memory; the arithmetic agrees): relative 0.25, 0.57, 0.82 % from 10, 5 and 15
    readings make 1.03 % with 19 degrees of freedom, expanded (95 %) 2.2 %.
    """
    whole = combined([Standard(0.25, 9), Standard(0.57, 4), Standard(0.82, 14)])
    assert whole.value == pytest.approx(1.03, abs=0.005)
    assert whole.freedom == pytest.approx(19.0, abs=0.05)
    assert whole.expanded() == pytest.approx(2.2, abs=0.05)


def test_the_probability_of_a_point_in_a_circle() -> None:
    """On the target it is Rayleigh's: 1 - exp(-r2 / 2); elsewhere as a simulation counts it."""
    for r in (0.5, 1.0, 2.4477):
        assert within(0.0, 1.0, r) == pytest.approx(1 - np.exp(-r * r / 2), abs=1e-12)
    points = np.random.default_rng(5).normal((0.8, 0.0), 0.5, (400_000, 2))
    assert within(0.8, 0.5, 1.0) == pytest.approx(np.mean(np.hypot(*points.T) <= 1.0), abs=0.003)
    assert (within(0.2, 0.0, 0.3), within(0.4, 0.0, 0.3)) == (1.0, 0.0)


def judged(distance: float, tolerance: float, spread: float, readings: int, instrument: float) -> Judgement:
    return judge_distance(distance, tolerance, scatter=Standard(spread, readings - 1), readings=readings, instrument=instrument)


@pytest.mark.parametrize("readings", [3, 5, 12])
def test_a_false_proof_is_rarer_than_stated(readings: int) -> None:
    """True whites just outside the tolerance, measured with noise: claimed as proven in less than the stated 5 %."""
    rng, tolerance, spread, instrument, runs = np.random.default_rng(readings), 0.004, 0.0012, 0.0004, 4000
    false = 0
    for _ in range(runs):
        true = np.array([tolerance * 1.0001, 0.0])
        seen = true + rng.normal(0, instrument, 2) + rng.normal(0, spread, (readings, 2))
        mean, found = seen.mean(axis=0), seen.std(axis=0, ddof=1)
        sigma = float(np.sqrt((found**2).mean()))
        claim = judged(float(np.hypot(*mean)), tolerance, sigma, readings, instrument).claim
        false += claim is Claim.PROVEN
    assert false / runs < RISK, false / runs


def test_claims_and_how_often_to_measure_again() -> None:
    good = judged(0.001, 0.004, 0.0005, 5, 0.0004)
    assert good.claim is Claim.PROVEN
    assert "Proven: 0.0010" in good.sentence
    bad = judged(0.007, 0.004, 0.0005, 5, 0.0004)
    assert bad.claim is Claim.NOT_PROVEN
    again = judged(0.003, 0.004, 0.0012, 3, 0.0002)
    assert again.claim is Claim.AGAIN
    assert again.readings is not None
    settled = judged(0.003, 0.004, 0.0012, again.readings, 0.0002)
    assert settled.claim is Claim.PROVEN, "the number it names is enough"
    fewer = judged(0.003, 0.004, 0.0012, again.readings - 1, 0.0002)
    assert fewer.claim is Claim.AGAIN, "and no more than enough"
    never = judged(0.0039, 0.004, 0.0005, 5, 0.0004)
    assert never.readings is None
    assert "a better instrument" in never.sentence
    with pytest.raises(ValueError, match="repeat the reading"):
        judged(0.001, 0.004, 0.0, 1, 0.0)


@pytest.mark.parametrize("uncertainty", [0.0005, 0.002, 0.02, 0.2])
def test_not_knowing_is_not_being_off(uncertainty: float) -> None:
    """A point on the edge is called off in no more than the stated share of cases, however little is known of it."""
    rng, tolerance, runs = np.random.default_rng(11), 0.004, 4000
    seen = np.hypot(*(np.array([tolerance, 0.0]) + rng.normal(0, uncertainty, (runs, 2))).T)
    off = sum(judge_known(float(distance), tolerance, uncertainty).claim is Claim.NOT_PROVEN for distance in seen)
    assert off / runs < RISK + 3 * np.sqrt(RISK * (1 - RISK) / runs)
    assert judge_known(0.0002, tolerance, 0.022).claim is Claim.AGAIN
    assert judge_known(0.5, tolerance, 0.022).claim is Claim.NOT_PROVEN
