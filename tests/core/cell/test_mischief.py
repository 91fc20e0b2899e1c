"""Logs of cells that share nothing with the stand-in, sound and spoilt in the ways that happen at a bench: what is said of them.

The cell here: a voltage by a formula of the trade's textbooks (Shepherd's, with figures of our own), one resistance, one
relaxation, a meter with gain, zero and noise.
"""

import random
from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
import pytest
from tests.conftest import seeds

from daruma.core.cell.flaws import unit_change
from daruma.core.cell.full_run import Stated
from daruma.core.errors import Trouble
from daruma.handover.cell_answer import cell_answer
from daruma.handover.meter_columns import Column
from daruma.handover.meter_log import MeterLog

END = 3.0  # V
Rows = np.ndarray  # times, volts, amperes with discharging negative (3, n)


@dataclass
class Known:
    """A log, and what is true of its cell."""

    rows: Rows
    rated: float
    holds: float


def voltage(state: np.ndarray) -> np.ndarray:
    return 3.62 + 0.42 * state + 0.16 * np.exp(-18 * (1 - state)) - 0.62 * np.exp(-22 * state)


def discharged(rng: random.Random, down_to: float = END, begins: float = 1.0) -> Known:
    """A rest, a discharge at about 0.2 C, a rest."""
    noise = np.random.default_rng(rng.randrange(1 << 31))
    rated, every = rng.uniform(1800, 4800), rng.choice((1.0, 5.0, 20.0))
    whole, amps = rated * rng.uniform(0.65, 1.03), 0.2 * rated / 1000 * rng.uniform(0.95, 1.05)
    ohm, slow, tau = rng.uniform(0.03, 0.12), rng.uniform(0.01, 0.06), rng.uniform(20, 90)
    t = np.arange(0, 600 + 1.4 * whole * 3.6 / amps, every)
    state = begins - np.maximum(t - 600, 0) * amps / 3.6 / whole
    inner = -amps * slow * (1 - np.exp(-np.maximum(t - 600, 0) / tau))
    v = voltage(state) + np.where(t >= 600, -amps * ohm + inner, 0.0)
    last = int(np.argmax(v <= down_to))
    # what it gives down to the end voltage at this current is what the log is to say
    given = whole * (begins - state[int(np.argmax(v <= END))]) if begins == 1.0 else 0.0
    t, v, a = t[: last + 1], v[: last + 1], np.where(t[: last + 1] >= 600, -amps, 0.0)
    gain, zero = 1 + noise.normal(0, 0.001), noise.normal(0, 0.0008)
    rows = np.array([t, v + noise.normal(0, 0.0015, len(t)), gain * a + zero + noise.normal(0, 0.0008, len(t))])
    return Known(rows, rated, given)


def told(known: Known, rows: Rows | None = None, stated: Stated | None = None) -> dict[str, float] | str:
    """Return value, uncertainty and what may be written, or why nothing is said."""
    t, v, a = np.ascontiguousarray(known.rows if rows is None else rows)
    log = MeterLog(t, v, a, {key: Column(key, unit, 1.0) for key, unit in (("t", "s"), ("v", "V"), ("a", "A"))})
    try:
        found = cell_answer(log, known.rated, None, "log", stated or Stated(full=True, end=END))
    except Trouble as trouble:
        return trouble.what
    return {**found["capacity_mAh"], "write": found["may_write_percent"]}


@pytest.mark.parametrize("tried", seeds(60, 300))
def test_a_sound_log_is_measured(tried: range) -> None:
    held = 0
    for seed in tried:
        known = discharged(random.Random(f"sound/{seed}"))
        found = told(known)
        assert not isinstance(found, str), (seed, found)
        held += abs(found["value"] - known.holds) <= 1.96 * found["u"]
        assert found["u"] < 0.01 * known.rated
    assert held >= 0.93 * len(tried) - 2


def again(rows: Rows, rng: random.Random) -> Rows:
    return np.hstack([rows, rows + np.array([[rows[0, -1] + rng.uniform(1, 600)], [0.0], [0.0]])])


def part_again(rows: Rows, rng: random.Random) -> Rows:
    """A piece of the discharge comes once more in its middle, as where a file was joined wrongly."""
    count = rows.shape[1]
    start = rng.randrange(count // 3, count // 2)
    piece = rows[:, start : start + count // 5].copy()
    at = piece[0, -1] - piece[0, 0] + 1
    after = rows[:, start + count // 5 :].copy()
    piece[0] += at
    after[0] += at
    return np.hstack([rows[:, : start + count // 5], piece, after])


def ends_only(rows: Rows, _: random.Random) -> Rows:
    return rows[:, [0, -1]]


def flat(rows: Rows, _: random.Random) -> Rows:
    made = rows.copy()
    made[1, :-1] = 4.2
    return made


def milli(rows: Rows, _: random.Random) -> Rows:
    return rows * np.array([[1.0], [1.0], [1000.0]])


def other_unit(rows: Rows, rng: random.Random) -> Rows:
    made = rows.copy()
    made[2, int(rows.shape[1] * rng.uniform(0.3, 0.8)) :] *= 1000
    return made


def rising(rows: Rows, rng: random.Random) -> Rows:
    made = rows.copy()
    begin = int(rows.shape[1] * rng.uniform(0.3, 0.6))
    length = rows.shape[1] // 6
    made[1, begin : begin + length] += 0.35 * (1 - np.abs(np.linspace(-1, 1, length)))
    return made


def gap(rows: Rows, rng: random.Random) -> Rows:
    """The meter fell asleep: no samples for a third of the discharge, zero current on both sides."""
    count = rows.shape[1]
    start = rng.randrange(count // 4, count // 2)
    made = np.delete(rows, np.s_[start : start + count // 3], axis=1)
    made[2, start - 3 : start + 3] = 0.0
    return made


SPOILT: tuple[Callable[[Rows, random.Random], Rows], ...] = (
    again,
    part_again,
    ends_only,
    flat,
    milli,
    other_unit,
    rising,
    gap,
)


@pytest.mark.parametrize("tried", seeds(40, 300))
@pytest.mark.parametrize("spoil", SPOILT, ids=lambda spoil: str(spoil.__name__))
def test_a_spoilt_log_is_refused_in_words(spoil: Callable[[Rows, random.Random], Rows], tried: range) -> None:
    for seed in tried:
        rng = random.Random(f"{spoil.__name__}/{seed}")
        known = discharged(rng)
        found = told(known, spoil(known.rows, rng))
        assert isinstance(found, str), (seed, found, known.holds)


@pytest.mark.parametrize("tried", seeds(40, 300))
def test_a_part_of_the_charge_is_no_capacity(tried: range) -> None:
    """Begun at nine tenths, ended too early, or run far below the end: refused, or what is true."""
    for seed in tried:
        rng = random.Random(f"part/{seed}")
        assert isinstance(told(discharged(rng, down_to=3.4)), str)
        assert isinstance(told(discharged(rng), stated=Stated(end=END)), str), "nobody says that it was full"
        assert isinstance(told(discharged(rng), stated=Stated(full=True)), str), "nobody says where it ends"
        deep = discharged(rng, down_to=2.0)
        found = told(deep)
        assert not isinstance(found, str)
        assert found["value"] == pytest.approx(deep.holds, rel=0.01), "cut at the end voltage"


@pytest.mark.parametrize("tried", seeds(40, 300))
def test_the_sign_is_what_the_voltage_says_or_not_known(tried: range) -> None:
    for seed in tried:
        known = discharged(random.Random(f"sign/{seed}"))
        turned = told(known, known.rows * np.array([[1.0], [1.0], [-1.0]]))
        assert turned == told(known), "a meter that counts the other way says the same"


@pytest.mark.parametrize("tried", seeds(200, 2000))
def test_a_load_that_is_switched_on_is_no_other_unit_and_another_unit_is_found(tried: range) -> None:
    """A meter rests at its last digit, then a load of any size comes on; and figures that go on in thousandths."""
    for seed in tried:
        rng, noise = random.Random(f"unit/{seed}"), np.random.default_rng(seed)
        digit, rests = rng.choice((1e-4, 1e-3)), rng.randint(10, 100)
        load = rng.uniform(0.04, 2.4) + noise.normal(0, rng.choice((0.0, 0.002)), 100)
        a = np.round(np.r_[np.full(rests, rng.choice((0, 1, 2)) * digit), load] / digit) * digit
        v = np.round(5.1 - rng.uniform(0.04, 0.3) * a + noise.normal(0, rng.choice((0.0, 0.001, 0.004)), len(a)), 3)
        assert unit_change(a, v) is None, seed
        assert unit_change(v, a) is None, seed
        steady = rng.uniform(0.5, 2) + noise.normal(0, 0.003, 200)
        volts, at = 5.1 - 0.1 * steady + noise.normal(0, 0.003, 200), rng.randint(20, 180)
        changed = np.r_[steady[:at], steady[at:] * rng.choice((1e3, 1e-3))]
        assert unit_change(changed, volts) == at, seed
