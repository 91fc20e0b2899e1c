"""Phases by what is held: charges with constant current, then constant voltage, of no stand-in's making, and a published one."""

import random
from pathlib import Path

import numpy as np
import pytest
from tests.conftest import seeds

from daruma.core.cell.phases import phases
from daruma.core.cell.spans import Phase
from daruma.handover.meter_log import read_log

DATA = Path(__file__).parents[4] / "shared" / "data"
BLUNT = 10.0  # s: a current that begins to fall by 0.04 % a second under noise of 1 % shows no sharper corner
Ends = tuple[float, float, float]  # s: charging begins, its current begins to fall, it ends


def charge(seed: int, *, cable: bool) -> tuple[np.ndarray, np.ndarray, np.ndarray, Ends, float]:
    """Return times, volts, amperes of a charge, its ends, and the seconds between two samples."""
    rng = random.Random(f"charge/{seed}")
    noise = np.random.default_rng(rng.randrange(1 << 31))
    every, amps, top = rng.choice((1.0, 5.0, 20.0)), rng.uniform(0.6, 2.5), rng.choice((4.2, 4.35, 4.45))
    lead, held, tau = rng.uniform(60, 400), rng.uniform(1200, 5000), rng.uniform(500, 2500)
    falling = tau * float(np.log(1 / rng.uniform(0.02, 0.1)))
    t = np.arange(0, lead + held + falling + rng.uniform(60, 600), every)
    on = t - lead
    a = np.select([on < 0, on < held, on < held + falling], [0, amps, amps * np.exp(-(on - held) / tau)], 0.0)
    v = np.select(
        [on < 0, on < held, on < held + falling], [3.6, top - 0.5 + 0.5 * np.clip(on / held, 0, 1) ** 1.5, top], top - 0.03
    )
    if cable:
        v = 5.1 - 0.1 * a
    rough = rng.choice((0.0, 0.01))
    a = a + noise.normal(0, 0.002, len(t)) + rough * a * noise.standard_normal(len(t))
    return t, v + noise.normal(0, 0.001, len(t)), a, (lead, lead + held, lead + held + falling), every


@pytest.mark.parametrize("cable", [False, True])
@pytest.mark.parametrize("tried", seeds(20, 300))
def test_one_of_each_and_its_ends(tried: range, cable: bool) -> None:
    begins, ends = [], []
    for seed in tried:
        t, v, a, (_, corner, end), every = charge(seed, cable=cable)
        found = [span for span in phases(t, v, a) if span.phase is not Phase.NOTHING]
        assert [span.phase for span in found] == [Phase.CONSTANT_CURRENT, Phase.CONSTANT_VOLTAGE], seed
        begins.append(abs(found[1].start - corner) <= max(2 * every, BLUNT))
        ends.append(abs(found[1].end - end) <= 2 * every)
    assert np.mean(ends) >= 0.9
    assert np.mean(begins) >= 0.9


@pytest.mark.parametrize("tried", seeds(12, 150))
def test_steps_between_held_currents_are_no_taper(tried: range) -> None:
    """A charger that goes down in two or three steps, then holds the voltage."""
    right = 0
    for seed in tried:
        rng, noise = random.Random(f"steps/{seed}"), np.random.default_rng(seed)
        every, levels = rng.choice((1.0, 5.0)), [rng.uniform(2.2, 3.0)]
        levels += [levels[0] / rng.uniform(1.3, 2), levels[0] / rng.uniform(2.6, 4)][: rng.randint(1, 2)]
        held = [np.full(int(rng.uniform(900, 2000) / every), level) for level in levels]
        tau = rng.uniform(500, 1500)
        a = np.r_[np.zeros(100), np.concatenate(held), levels[-1] * np.exp(-np.arange(0, 2.5 * tau, every) / tau), np.zeros(60)]
        v = 5.1 - 0.08 * a + noise.normal(0, 0.001, len(a))
        a = a * (1 + noise.normal(0, 0.004, len(a))) + noise.normal(0, 0.002, len(a))
        found = [span.phase for span in phases(np.arange(len(a)) * every, v, a) if span.phase is not Phase.NOTHING]
        right += found == [Phase.CONSTANT_CURRENT] * len(levels) + [Phase.CONSTANT_VOLTAGE]
    assert right >= 0.95 * len(tried) - 1


@pytest.mark.skipif(not DATA.is_dir(), reason="the published data are not at hand")
def test_the_phases_of_a_published_charge() -> None:
    """Of PyBaMM's model (BSD-3): a charge of 1.14 A to 4.2 V, held until 50 mA."""
    log = read_log(DATA / "cccv_ai2020.csv")
    found = [span for span in phases(log.t, log.v, -log.a) if span.phase is not Phase.NOTHING]
    assert [span.phase for span in found] == [Phase.DISCHARGE, Phase.CONSTANT_CURRENT, Phase.CONSTANT_VOLTAGE]
    held = log.t[(log.v > 4.1995) & (log.a < -0.04)]
    assert found[2].start == pytest.approx(held[0], abs=60.1), "two samples"
    assert found[2].end == pytest.approx(held[-1], abs=60.1)
