"""Heat traces against limits: made traces whose violations are known; steps of first order as the handbook has them."""

import numpy as np
import pytest

from daruma.catalogue.heat import heat_limits
from daruma.core.heat.trace import Floats, HeatLimits, Limit, slopes_of, time_above, violations
from daruma.core.kinds import traits


def made(*corners: tuple[float, float], noise: float = 0.0) -> tuple[Floats, Floats]:
    """A trace through corners (s, degrees), read twice a second."""
    t = np.arange(corners[0][0], corners[-1][0] + 0.25, 0.5)
    celsius = np.interp(t, *zip(*corners, strict=True))
    return t, celsius + np.random.default_rng(1).normal(0, noise, len(t))


GOOD = ((0, 25), (60, 150), (150, 200), (180, 235), (240, 235), (300, 100))
LEAD_FREE = HeatLimits(ramp=3, cooling=6, above=217, above_min=60, above_max=150, peak_max=260)


@pytest.mark.parametrize("noise", [0.0, 0.4])
def test_a_good_trace_breaks_nothing(noise: float) -> None:
    assert violations(*made(*GOOD, noise=noise), LEAD_FREE) == ()


@pytest.mark.parametrize(
    ("corners", "limits", "limit", "seen", "start", "end"),
    [
        (((0, 25), (20, 125), (60, 150)), {"ramp": 3.0}, Limit.RAMP, 5.0, 0, 20),
        (((0, 240), (30, 240), (45, 120), (90, 100)), {"cooling": 6.0}, Limit.COOLING, 8.0, 30, 45),
        (((0, 25), (60, 205), (90, 25)), {"peak_min": 217.0}, Limit.PEAK_LOW, 205.0, 60, 60),
        (((0, 25), (100, 275), (200, 25)), {"peak_max": 260.0}, Limit.PEAK_HIGH, 275.0, 94, 106),
        (((0, 25), (100, 225), (200, 25)), {"above": 217.0, "above_min": 60.0}, Limit.ABOVE_SHORT, 8.0, 96, 104),
        (((0, 217), (1, 230), (200, 230), (201, 100)), {"above": 217.0, "above_max": 150.0}, Limit.ABOVE_LONG, 200.1, 0, 200.1),
        (((0, 25), (100, 125), (110, 25)), {"part": 120.0}, Limit.PART, 125.0, 95, 100.5),
    ],
)
def test_each_limit_is_named_with_its_place_and_size(
    corners: tuple[tuple[float, float], ...], limits: dict[str, float], limit: Limit, seen: float, start: float, end: float
) -> None:
    found = violations(*made(*corners), HeatLimits(**limits))
    assert [each.limit for each in found] == [limit]
    assert found[0].seen == pytest.approx(seen, rel=0.01, abs=0.2)
    assert (found[0].start, found[0].end) == (pytest.approx(start, abs=1.6), pytest.approx(end, abs=1.6))
    assert found[0].words


def test_a_gap_is_marked() -> None:
    t, celsius = made(*GOOD)
    keep = (t < 100) | (t > 130)
    found = violations(t[keep], celsius[keep], LEAD_FREE)
    assert [(each.limit, each.start, each.end) for each in found] == [(Limit.GAP, 99.5, 130.5)]


def test_slope_and_time_above_of_a_step_of_first_order() -> None:
    """After one time constant 0.632121 of the step is reached, after three 0.950213 (scipy.signal.step gives the same)."""
    t = np.arange(0, 60, 0.1)
    celsius = 25 + 100 * (1 - np.exp(-t / 10))
    assert time_above(t, celsius, 25 + 63.2121) == pytest.approx(t[-1] - 10, abs=0.01)
    assert time_above(t, celsius, 25 + 95.0213) == pytest.approx(t[-1] - 30, abs=0.01)
    slopes = slopes_of(t, celsius, window=1.0)
    assert slopes[200] == pytest.approx(10 * np.exp(-2), rel=2e-3)


def test_what_is_no_trace_is_said() -> None:
    with pytest.raises(ValueError, match="3 at least"):
        violations(np.array([0.0]), np.array([20.0]), LEAD_FREE)
    with pytest.raises(ValueError, match="do not rise"):
        violations(np.array([0.0, 2.0, 1.0]), np.array([20.0, 21.0, 22.0]), LEAD_FREE)


def test_limits_are_of_steps_that_there_are() -> None:
    usual = {"reflow_lead_free", "reflow_leaded", "camera_flex"}
    assert set(heat_limits()) - usual <= set(traits()) | {"lift_memory", "refit_memory"}
