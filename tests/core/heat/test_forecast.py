"""The coming seconds of a warming part: first-order bodies at random, whose true course is known."""

import numpy as np
import pytest
from tests.parts import some

from daruma.core.heat.forecast import AHEAD, Forecast, crossing, forecast
from daruma.core.heat.trace import Floats, HeatLimits


def body(rng: np.random.Generator, noise: float = 0.6) -> tuple[Floats, Floats, Floats]:
    """Return times, readings, and what the temperature will be in each half second to come (a first-order body, exactly)."""
    tau, start, end = rng.uniform(15, 90), rng.uniform(25, 120), rng.uniform(150, 420)
    t = np.arange(0, rng.uniform(8, 60), 0.25)
    ahead = t[-1] + np.arange(0.5, AHEAD + 0.25, 0.5)

    def true(times: Floats) -> Floats:
        return end + (start - end) * np.exp(-times / tau)

    return t, true(t) + rng.normal(0, noise, len(t)), true(ahead)


def test_twenty_seconds_ahead_are_forecast() -> None:
    rng = np.random.default_rng(0)
    ten, twenty, inside, told = [], [], 0, 0
    for _ in range(200):
        t, seen, true = body(rng)
        found = some(forecast(t, seen))
        off = found.celsius - true
        ten.append(abs(off[19]))
        twenty.append(abs(off[39]))
        inside += int((abs(off) < 1.96 * found.u).sum())
        told += len(off)
    assert np.percentile(ten, 95) < 4.0
    assert np.percentile(twenty, 95) < 9.0
    assert inside / told > 0.88


def test_a_limit_is_said_before_it_is_crossed() -> None:
    rng = np.random.default_rng(1)
    missed = early = said = 0
    for _ in range(150):
        t, seen, true = body(rng)
        limit = float(rng.uniform(seen[-1] + 5, seen[-1] + 60))
        found = some(forecast(t, seen))
        ahead = crossing(found, float(seen[-1]), HeatLimits(peak_max=limit))
        crosses = true.max() > limit
        said += ahead is not None
        missed += ahead is None and true[29] > limit + 3
        early += ahead is not None and true.max() < limit - 12
        if ahead is not None and crosses:
            assert abs(ahead.seconds - 0.5 * (1 + int(np.argmax(true > limit)))) < 8
    assert said > 20
    assert missed == 0, "what is clearly crossed in 15 s is said now"
    assert early <= 3


def test_the_parts_own_limit_counts_as_well_and_a_cooling_part_crosses_none() -> None:
    t = np.arange(0, 30, 0.25)
    rising = 25 + 3.0 * t
    found = forecast(t, rising)
    assert isinstance(found, Forecast)
    ahead = some(crossing(found, float(rising[-1]), HeatLimits(peak_max=300.0, part=120.0)))
    assert "part beside it" in ahead.words
    assert ahead.seconds == pytest.approx((120 - rising[-1]) / 3.0, abs=1.5)
    cooling = some(forecast(t, 300 - 2.0 * t))
    assert crossing(cooling, 240.0, HeatLimits(peak_max=250.0, part=245.0)) is None
    assert crossing(found, 130.0, HeatLimits(part=120.0)) is None, "what is crossed already is no forecast"


def test_a_short_trace_forecasts_nothing() -> None:
    assert forecast(np.arange(3.0), np.array([20.0, 21.0, 22.0])) is None
    assert forecast(np.empty(0), np.empty(0)) is None
