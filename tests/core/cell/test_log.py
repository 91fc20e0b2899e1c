"""Charge, resistances and phases of logs, against open data and a general change-point library."""

from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.integrate import trapezoid
from tests.conftest import share
from tests.parts import some

from daruma.core.cell.incremental import incremental
from daruma.core.cell.log import current_steps, gaps, totals
from daruma.core.cell.phases import phases
from daruma.core.cell.spans import Phase
from daruma.handover.meter_log import read_log

DATA = Path(__file__).parents[4] / "shared" / "data"
needs_data = pytest.mark.skipif(not DATA.is_dir(), reason="the published data are not at hand")


@needs_data
def test_charge_of_a_published_slow_discharge() -> None:
    """The data of ampworks (BSD-3): 22.055720 mAh, as its own column says, 81.05805 mWh."""
    log = read_log(DATA / "cell1_rough.csv")
    found = totals(log.t, log.v, log.a)
    assert found.charge_negative.value == pytest.approx(22.055720, rel=1e-6)
    assert found.energy_negative.value == pytest.approx(81.05805, rel=1e-5)
    assert found.charge_positive.value == 0


@needs_data
def test_resistances_of_published_pulses() -> None:
    """The pulse test of ampworks (BSD-3): values of its own impedance analysis."""
    log = read_log(DATA / "hppc_discharge.csv")
    rises = [step for step in current_steps(log.t, log.v, log.a) if step.amperes > 0.001]
    late = [step.late_ohm for step in rises if log.a[np.searchsorted(log.t, step.t, "right") + 1] > 0.001]
    assert late == pytest.approx([21.0585, 21.8537, 22.2308, 23.9205, 24.7659, 24.9545, 26.1519, 29.9244, 44.2959], rel=0.005)
    first = [step.first_ohm for step in rises if log.a[np.searchsorted(log.t, step.t, "right") + 1] > 0.001]
    assert [first[0], first[4], first[8]] == pytest.approx([16.9335, 20.1775, 29.9390], rel=0.005)


@needs_data
def test_phases_of_a_published_model() -> None:
    """PyBaMM's single-particle model of an LCO pouch cell (Ai 2020): when constant current and voltage begin and end."""
    log = read_log(DATA / "cccv_ai2020.csv")
    found = phases(log.t, log.v, -log.a)
    assert [span.phase for span in found] == [
        Phase.DISCHARGE,
        Phase.NOTHING,
        Phase.CONSTANT_CURRENT,
        Phase.CONSTANT_VOLTAGE,
        Phase.NOTHING,
    ]
    assert found[2].start == pytest.approx(9428.71, abs=30)
    assert found[3].start == pytest.approx(16750.69, abs=30)
    assert found[3].end == pytest.approx(17618.78, abs=30)
    whole = totals(log.t, log.v, log.a)
    assert whole.charge_positive.value == pytest.approx(2415.76, rel=1e-3)
    assert whole.energy_positive.value == pytest.approx(9098.34, rel=1e-3)


def test_ohmic_step_of_a_published_model() -> None:
    """PyBaMM's Thevenin model: rest at 3.69651408 V, 50 A at 3.6763859 V, R0 4.0256e-4 ohm."""
    t = np.arange(0.0, 40.0, 1.0)
    a = np.where(t < 20, 0.0, -50.0)
    v = np.where(t < 20, 3.69651408, 3.6763859)
    (step,) = current_steps(t, v, a)
    assert step.first_ohm == pytest.approx(4.0256e-4, rel=0.005)


@settings(max_examples=60, deadline=None)
@given(st.integers(0, 10_000))
def test_what_flows_in_and_out_is_the_integral(seed: int) -> None:
    """The trapezoid rule of scipy is the reference for the sum of both signs, a fine grid for each of them."""
    rng = np.random.default_rng(seed)
    t = np.cumsum(rng.uniform(0.5, 2.0, 60))
    a, v = rng.normal(0, 1, 60), rng.uniform(3, 5, 60)
    found = totals(t, v, a)
    fine = np.unique(np.r_[t, np.linspace(t[0], t[-1], 200_000)])
    flow = np.interp(fine, t, a)
    assert found.charge_positive.value - found.charge_negative.value == pytest.approx(trapezoid(a, t) / 3.6, abs=1e-9)
    assert found.charge_positive.value == pytest.approx(trapezoid(np.maximum(flow, 0), fine) / 3.6, rel=1e-4)
    assert found.energy_positive.value - found.energy_negative.value == pytest.approx(trapezoid(a * v, t) / 3.6, abs=1e-9)


@settings(max_examples=40, deadline=None)
@given(st.integers(0, 10_000))
def test_a_gap_is_marked_and_costs_certainty(seed: int) -> None:
    rng = np.random.default_rng(seed)
    t = np.arange(600.0)
    a = np.sin(t / 60)
    cut = rng.integers(30, 500)
    keep = (t <= cut) | (t > cut + 40)
    (gap,) = gaps(t[keep])
    assert (gap.start, gap.end) == (cut, cut + 41)
    v = np.full(600, 4.0)
    with_gap, without = totals(t[keep], v[keep], a[keep]), totals(t, v, a)
    assert with_gap.charge_positive.u + with_gap.charge_negative.u >= without.charge_positive.u


def staircase(rng: np.random.Generator) -> tuple[np.ndarray, np.ndarray, list[float]]:
    """A charge by constant current with rests between, noise on it; and where its levels change."""
    levels = rng.permutation([0.0, 1.0, 2.0, 0.0, 1.5, 0.0])
    lengths = rng.integers(200, 500, len(levels))
    a = np.repeat(levels, lengths) + rng.normal(0, 0.004, int(lengths.sum()))
    edges = np.cumsum(lengths)[:-1]
    return (
        np.arange(float(len(a))),
        a,
        [float(edge) for edge, one, two in zip(edges, levels, levels[1:], strict=False) if one != two],
    )


@pytest.mark.parametrize("seed", share(range(12), 2))
def test_phases_change_where_a_general_library_sees_changes(seed: int) -> None:
    """`ruptures` (BSD-2), exact segmentation by least squares on a thinned log, finds the same changes of level."""
    ruptures = pytest.importorskip("ruptures")
    t, a, edges = staircase(np.random.default_rng(seed))
    thin = a[::5]
    reference = [5.0 * place for place in ruptures.Dynp(model="l2", min_size=10, jump=1).fit(thin).predict(len(edges))[:-1]]
    assert reference == pytest.approx(edges, abs=5)
    found = [span.start for span in phases(t, np.full(len(t), 5.0), a)[1:]]
    # a change between two charging currents is no change of phase
    assert all(min(abs(start - edge) for edge in reference) <= 8 for start in found)
    quiet = np.abs(a) < 0.5
    turns = [edge for edge in edges if quiet[int(edge) - 20] != quiet[int(edge) + 20]]
    assert all(min(abs(start - edge) for start in found) <= 8 for edge in turns)


@needs_data
def test_where_charge_per_volt_peaks() -> None:
    """Of the slow discharge of ampworks' example data (BSD-3): peaks by SciPy's own smoothing and peak search."""
    log = read_log(DATA / "cell1_rough.csv")
    found = some(incremental(log.t, log.v, log.a))
    assert found.peaks == pytest.approx((3.445, 3.605, 3.740), abs=0.015)
    assert found.area == pytest.approx(22.055720, rel=0.01)
    back = some(incremental(log.t, log.v, -log.a))
    assert back.peaks == found.peaks
    assert incremental(log.t[:20], log.v[:20], log.a[:20]) is None
