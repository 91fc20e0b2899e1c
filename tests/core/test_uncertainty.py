"""Uncertainty against the GUM's worked example, and claims against simulation."""

from math import inf

import numpy as np
import pytest

from daruma.core.uncertainty import (
    RISK,
    Claim,
    Judgement,
    Standard,
    coverage,
    judge_distance,
    judge_known,
    of_mean,
    within,
)
from tests.conftest import share


def test_the_mean_of_readings() -> None:
    """GUM 4.2.3 and 5.1.2; Student's t from the usual table (2.78 for 4, 2.26 for 9 degrees, 95 %)."""
    assert [round(coverage(n), 2) for n in (4, 9, inf)] == [2.78, 2.26, 1.96]
    assert coverage(16, 0.99) == pytest.approx(2.92, abs=0.005), "JCGM 100:2008, H.1 (from memory)"
    assert of_mean(Standard(0.3), 9, 0.0) == pytest.approx(0.1)
    assert of_mean(Standard(0.3), 9, 0.24) == pytest.approx(0.26)
    assert of_mean(Standard(0.3, 4), 9, 0.0) == pytest.approx(0.1 * 2.776 / 1.960, abs=1e-4)


def test_the_probability_of_a_point_in_a_circle() -> None:
    """On the target it is Rayleigh's: 1 - exp(-r2 / 2); elsewhere as a simulation counts it."""
    for r in (0.5, 1.0, 2.4477):
        assert within(0.0, 1.0, r) == pytest.approx(1 - np.exp(-r * r / 2), abs=1e-12)
    points = np.random.default_rng(5).normal((0.8, 0.0), 0.5, (400_000, 2))
    assert within(0.8, 0.5, 1.0) == pytest.approx(np.mean(np.hypot(*points.T) <= 1.0), abs=0.003)
    assert (within(0.2, 0.0, 0.3), within(0.4, 0.0, 0.3)) == (1.0, 0.0)


def judged(distance: float, tolerance: float, spread: float, readings: int, instrument: float) -> Judgement:
    return judge_distance(distance, tolerance, scatter=Standard(spread, readings - 1), readings=readings, instrument=instrument)


@pytest.mark.parametrize("readings", share([3, 12, 5], 2))
def test_a_false_proof_is_rarer_than_stated(readings: int) -> None:
    """True whites just outside the tolerance, measured with noise: claimed as proven in less than the stated 5 %."""
    rng, tolerance, spread, instrument, runs = np.random.default_rng(readings), 0.004, 0.0012, 0.0004, 2500
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
