"""What a log says a cell holds: open data, simulated packs whose capacity is known, and what may be written of it."""

from math import floor
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace
from scipy.optimize import curve_fit
from tests.conftest import seeds
from tests.core.cell.packs import Outcome, carried_out, pack, samples_of
from tests.parts import some

from daruma.catalogue.cells import chemistries
from daruma.core.cell.amount import Capacity, Method
from daruma.core.cell.capacity import best_capacity
from daruma.core.cell.deciding import (
    Belief,
    CellOrigin,
    Decision,
    belief,
    decided,
    full_charge,
    prior_of,
    refused,
    writable,
)
from daruma.core.cell.full_run import Stated
from daruma.core.cell.log import totals
from daruma.core.cell.program import Stage, danger_in, standing
from daruma.core.cell.rests import rest_volts, self_discharge
from daruma.handover.cell_answer import cell_answer
from daruma.handover.meter_log import read_log

DATA = Path(__file__).parents[4] / "shared" / "data"
needs_data = pytest.mark.skipif(not DATA.is_dir(), reason="the published data are not at hand")


@needs_data
def test_capacity_of_published_logs() -> None:
    """Of ampworks (BSD-3): 22.055720 mAh of a slow discharge, 3.202452 mAh through pulses, 0.518737 equivalent cycles.

    Of PyBaMM's model (BSD-3): 2415.76 mAh from full to empty.
    """
    slow = cell_answer(read_log(DATA / "cell1_rough.csv"), 22.5, None, "", Stated(full=True, end=3.0145))
    assert slow["capacity_mAh"]["value"] == pytest.approx(22.055720, rel=1e-6)
    assert slow["may_write_percent"] == 96
    pulses = cell_answer(read_log(DATA / "hppc_discharge.csv"), 3.3, None, "", Stated(full=True, end=3.0435))
    assert pulses["capacity_mAh"]["value"] == pytest.approx(3.202452, rel=1e-4)
    assert pulses["full_cycles"] == pytest.approx(0.518737, rel=1e-4)
    model = cell_answer(read_log(DATA / "cccv_ai2020.csv"), 2500, None, "", Stated(full=True, end=3.0))
    assert model["capacity_mAh"]["value"] == pytest.approx(2415.76, rel=1e-3)
    assert model["capacity_mAh"]["method"] == "full discharge"


def test_a_rest_is_extrapolated_as_a_general_fit_does() -> None:
    """scipy's Levenberg-Marquardt fit of the same exponential is the reference."""
    rng = np.random.default_rng(3)
    for tau in (40.0, 120.0, 400.0):
        t = np.arange(0.0, 600.0, 10.0)
        v = 3.8 - 0.03 * np.exp(-t / tau) + rng.normal(0, 2e-4, len(t))
        best, _ = curve_fit(lambda x, end, size, k: end + size * np.exp(-x / k), t, v, p0=(3.8, -0.03, tau))
        found = rest_volts(t, v)
        assert found.volts == pytest.approx(best[0], abs=3e-4)
        assert abs(found.volts - 3.8) < 3 * max(found.u, 1e-4)


def test_what_a_cell_loses_by_itself() -> None:
    rng = np.random.default_rng(1)
    t = np.arange(0.0, 8 * 3600.0, 10.0)
    v = 3.9 - 1e-4 * 0.5 * t / 3600 + rng.normal(0, 2e-4, len(t))
    found = some(self_discharge(t, v, 1e-4))
    assert found[0] == pytest.approx(0.5, abs=3 * found[1])
    assert self_discharge(t[:100], v[:100], 1e-4) is None, "too short a rest"


def check_many(results: list[Outcome]) -> None:
    """The intervals hold as often as they say, and what may be written is no more than is true."""
    off = np.array([(each.standing.belief.capacity.mah - each.truth) / each.standing.belief.capacity.u for each in results])
    held = float((np.abs(off) < 1.96).mean())
    slack = 2 * (0.95 * 0.05 / len(results)) ** 0.5
    assert 0.93 - slack <= held <= 0.97 + slack
    above = [floor(100 * each.standing.belief.capacity.low / each.rated) > 100 * each.truth / each.rated for each in results]
    assert sum(above) < 0.05 * len(results) + 2


def saved(seed: int) -> tuple[Outcome, Outcome]:
    station, test = pack(seed)
    early = carried_out(station, test)
    station, test = pack(seed)
    return early, carried_out(station, replace(test, whole=True))


@pytest.mark.parametrize("tried", seeds(12, 500))
def test_simulated_packs(tried: range) -> None:
    pairs = [saved(seed) for seed in tried]
    check_many([early for early, _ in pairs])
    check_many([whole for _, whole in pairs])
    assert float(np.median([early.hours / whole.hours for early, whole in pairs])) <= 0.5
    assert all(each.standing.order.stage is Stage.DONE for pair in pairs for each in pair)


def test_the_same_samples_give_the_same_answer_wherever_the_test_was_left() -> None:
    station, test = pack(5)
    carried_out(station, test)
    log = samples_of(station)
    assert standing(test, log) == standing(test, log)
    half = replace(log, t=log.t[:200], v=log.v[:200], a=log.a[:200], celsius=log.celsius[:200])
    assert standing(test, half).order.stage in (Stage.REST, Stage.CHARGE, Stage.DISCHARGE)


@pytest.mark.parametrize(
    ("volts", "celsius", "said"),
    [(3.8, 46.0, "46 °C"), (3.8, 32.0, "above the room"), (2.3, 23.0, "below 2.5 V"), (4.9, 23.0, "is the chemistry right")],
)
def test_danger_stops_the_test_and_says_what_to_do(volts: float, celsius: float, said: str) -> None:
    station, test = pack(1)
    station.advance(100)
    log = samples_of(station)
    log.v[-1], log.celsius[-1] = volts, celsius
    assert said in danger_in(test, log)
    assert standing(test, log).order.stage is Stage.STOPPED


def test_a_station_that_is_asked_more_often_than_it_samples_runs_as_fast() -> None:
    station, _ = pack(1)
    for _ in range(25):
        station.advance(4)
    assert (station.count, station.now) == (10, 100)


def test_a_gauge_s_curve_and_its_inverse_agree() -> None:
    for cell in chemistries().values():
        states = np.linspace(0, 1, 50)
        assert cell.state(cell.open_volts(states, 30.0), 30.0) == pytest.approx(states, abs=1e-6)
        assert cell.slope(0.5) > 0


@given(st.floats(0.5, 1.1), st.floats(0.002, 0.05), st.sampled_from(CellOrigin))
def test_no_more_is_written_than_is_supported(share: float, u: float, origin: CellOrigin) -> None:
    found = belief(origin, 3000.0, Capacity(3000.0 * share, 3000.0 * u, Method.RESTS))
    allowed = writable(found, 3000.0, origin, 120)
    assert allowed.percent <= max(0.0, 100 * found.capacity.low / 3000.0)
    assert allowed.percent <= 100
    assert allowed.cycles == 120
    assert refused(allowed.percent, 120, allowed, origin, contradicts=found.contradicts) == ()
    assert any("more than the measurement" in why for why in refused(101, 120, allowed, origin, contradicts=False))
    assert any("fewer than" in why for why in refused(allowed.percent, 0, allowed, origin, contradicts=False))


@given(st.floats(0.0, 1.2), st.integers(1000, 6000), st.integers(0, 100))
def test_a_gauge_shows_the_very_percent_that_is_written(share: float, rated: int, wished: int) -> None:
    found = Belief(Capacity(rated * share, 1.0, Method.FULL))
    allowed = writable(found, rated, CellOrigin.USED)
    for percent in {allowed.percent, min(wished, allowed.percent)}:
        full = full_charge(percent, allowed, found.capacity.low, rated)
        assert 100 * full // rated == percent
        assert full < max(0.0, found.capacity.low) + 1


def test_zero_cycles_are_for_a_new_cell_that_nothing_contradicts() -> None:
    new = belief(CellOrigin.NEW, 3000.0, Capacity(2950.0, 20.0, Method.FULL))
    assert refused(97, 0, writable(new, 3000.0, CellOrigin.NEW), CellOrigin.NEW, contradicts=new.contradicts) == ()
    worn = belief(CellOrigin.NEW, 3000.0, Capacity(2300.0, 20.0, Method.FULL))
    assert worn.contradicts
    assert any(
        "contradicts" in why for why in refused(70, 0, writable(worn, 3000.0, CellOrigin.NEW), CellOrigin.NEW, contradicts=True)
    )
    used = writable(new, 3000.0, CellOrigin.USED)
    assert any("used" in why for why in refused(98, 0, used, CellOrigin.USED, contradicts=False))


def test_nothing_measured_nothing_written_and_nothing_decided() -> None:
    prior = prior_of(CellOrigin.NEW, 3000.0)
    assert decided(prior, 3000.0) is Decision.OPEN
    assert writable(Belief(prior), 3000.0, CellOrigin.NEW).percent == 0


@pytest.mark.parametrize("seed", range(6))
def test_two_rests_of_a_log_on_file_say_the_capacity(seed: int) -> None:
    """A log of charging between two rests, judged without any origin: within three standard uncertainties of the truth."""
    station, test = pack(200 + seed)
    assert station.cell is not None
    for amperes, seconds in ((0.0, 900.0), (0.4 * test.rated / 1000, 3000.0), (0.0, 1200.0)):
        station.order(amperes, test.cell.full)
        station.asked = station.now
        station.advance(seconds)
    log = samples_of(station)
    found = some(best_capacity(log.t, log.v, log.a, test.cell, 23.0))
    assert found.method is Method.RESTS
    assert abs(found.mah - station.cell.mah) < 3 * found.u
    assert totals(log.t, log.v, log.a).charge_positive.value > 0
