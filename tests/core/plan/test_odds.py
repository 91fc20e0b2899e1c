"""Odds against closed forms, published worked examples and scipy.stats."""

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy import stats

from daruma.catalogue.loader import Catalogue
from daruma.core.history import record_of_outcomes
from daruma.core.plan.odds import Beta, Outcomes, Record, WriteLife, at_least_once, total, tries_of_a_doubtful_part


def test_one_of_n_tries() -> None:
    """1 - (1 - p)^n (elementary probability)."""
    for p in (0.1, 0.5, 0.97):
        for n in (1, 2, 3, 7):
            assert at_least_once([p] * n) == pytest.approx(1 - (1 - p) ** n, abs=1e-15)
            assert at_least_once(Beta.sure(p).tries(n)) == pytest.approx(1 - (1 - p) ** n, abs=1e-15)


def test_a_posterior_from_a_textbook() -> None:
    """437 girls of 980 births with placenta previa, uniform prior (Gelman et al., Bayesian Data Analysis; from memory)."""
    posterior = Beta(1, 1).updated(437, 543)
    assert posterior.mean == pytest.approx(0.446, abs=5e-4)
    assert posterior.sd == pytest.approx(0.016, abs=5e-4)
    assert posterior.interval() == pytest.approx((0.415, 0.477), abs=5e-4)


@pytest.mark.parametrize(("done", "count", "low", "high"), [(81, 263, 0.25452, 0.36565), (15, 148, 0.06045, 0.15764)])
def test_jeffreys_intervals(done: int, count: int, low: float, high: float) -> None:
    """Jeffreys prior, 95 % (values as statsmodels prints them for these counts)."""
    assert Beta(0.5, 0.5).updated(done, count - done).interval() == pytest.approx((low, high), abs=1e-5)


def test_beta_binomial_worked_values() -> None:
    belief = Beta(2, 3)
    assert [belief.pmf(k, 10) for k in range(3)] == pytest.approx([0.065934, 0.109890, 0.134865], abs=1e-6)


@given(st.floats(0.2, 30), st.floats(0.2, 30), st.integers(0, 20))
def test_beta_binomial_against_scipy(a: float, b: float, n: int) -> None:
    belief = Beta(a, b)
    for k in range(n + 1):
        assert belief.pmf(k, n) == pytest.approx(stats.betabinom.pmf(k, n, a, b), rel=1e-9, abs=1e-14)
    assert at_least_once(belief.tries(n)) == pytest.approx(1 - stats.betabinom.pmf(0, n, a, b), abs=1e-10)
    assert belief.interval() == pytest.approx(stats.beta.interval(0.95, a, b), rel=1e-9)


def test_a_fresh_panel_with_three_four_or_five_writes() -> None:
    """The 3-4-5 limit gives 1, 1, 1, 2/3, 1/2 for the first to the fifth write (closed form), and none for the sixth."""
    life, odds = WriteLife.of((3, 4, 5), Beta.sure(1.0)), []
    for _ in range(6):
        odds.append(life.next_odds())
        life = life.after(True)
    assert odds == pytest.approx([1, 1, 1, 2 / 3, 1 / 2, 0])
    counted = [WriteLife.of((3, 4, 5), Beta.sure(1.0), counted=n).next_odds() for n in range(5)]
    assert counted == pytest.approx(odds[:5]), "counted writes and writes seen here say the same"


def test_a_failed_write_is_shared_between_limit_and_contact() -> None:
    """Bayes by hand: after three writes a panel takes a fourth with 2/3; a miss with contact 0.9 has 1/3 + 2/3 * 0.1."""
    life = WriteLife.of((3, 4, 5), Beta.sure(0.9), counted=3)
    assert life.next_odds() == pytest.approx(2 / 3 * 0.9)
    assert life.spent_after_misses(1)[0] == pytest.approx((1 / 3) / (1 / 3 + 2 / 3 * 0.1))
    after = life.after(False)
    left_four, left_five = 1 / 3 * 0.1, 1 / 3 * 0.1
    spent = (1 / 3 + left_four) / (1 / 3 + left_four + left_five)
    assert after.spent() == pytest.approx(spent), "a failed write counts: a limit of four is spent by it as well"
    assert after.next_odds() == pytest.approx((1 - spent) * 0.9)


@given(st.lists(st.booleans(), max_size=6), st.floats(0.5, 20), st.floats(0.1, 5), st.sampled_from([(1.0,), (0.6, 0.3, 0.1)]))
def test_the_belief_against_enumeration(outcomes: list[bool], a: float, b: float, past: tuple[float, ...]) -> None:
    """Every limit and hidden past weighed by the beta-binomial chance of what was seen under it."""
    life = WriteLife.of((3, 4, 5), Beta(a, b), past=past)
    weights: list[tuple[float, bool, int, int]] = []
    for limit in (3, 4, 5):
        for hidden, share in enumerate(past):
            left, belief, chance = limit - hidden, Beta(a, b), share / 3
            good = bad = 0
            for taken in outcomes:
                p = belief.updated(good, bad).mean if left > 0 else 0.0
                chance *= p if taken else 1 - p
                if left > 0:
                    good, bad, left = good + taken, bad + (not taken), left - 1
            weights.append((chance, left > 0, good, bad))
    whole = sum(weight for weight, *_ in weights)
    for taken in outcomes:
        life = life.after(taken)
    if whole > 0:
        expected = sum(w * Beta(a, b).updated(good, bad).mean for w, live, good, bad in weights if live) / whole
        assert life.next_odds() == pytest.approx(expected, rel=1e-9, abs=1e-12)


def test_a_doubtful_part() -> None:
    """Sound with 3/4, a sound one answers with 1/2: 3/8, then 3/16 of the 5/8 that are left (by hand)."""
    assert tries_of_a_doubtful_part(0.75, Beta.sure(0.5), 2) == pytest.approx((0.375, (0.375 / 2) / 0.625))


def test_what_a_shop_learns() -> None:
    record = total([("solder_chip", True, 2), ("solder_chip", False, 1), ("read_new", True, 1)])
    assert record.actions["solder_chip"] == Outcomes(2, 1)
    assert record.belief("solder_chip", 0.9).mean == pytest.approx((9 + 2) / 13)
    assert Record().belief("solder_chip", 0.9).mean == pytest.approx(0.9), "without outcomes the guess stands"
    assert record.belief("read_new", 1.0).mean == 1.0


def test_reading_and_writing_are_learnt_for_each_adapter(catalogue: Catalogue) -> None:
    """Cedar L and Damson share an adapter, Elder has another one; soldering is the same everywhere."""

    totals = {
        ("damson", "write_new", False): 1,
        ("damson", "solder_chip", True): 1,
        ("cedar_l", "write_new", True): 1,
        ("elder", "write_new", False): 1,
        ("elder", "solder_chip", False): 1,
    }
    record = record_of_outcomes(totals, catalogue.models, catalogue.models["cedar_l"].socket)
    assert catalogue.models["cedar_l"].socket == catalogue.models["damson"].socket
    assert record.actions == {"write_new": Outcomes(1, 1), "solder_chip": Outcomes(1, 1)}
