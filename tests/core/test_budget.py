"""The write budget."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.core.budget import WriteBudget, odds_of_each_write


def test_three_four_or_five() -> None:
    """Limits 3, 4, 5 equally likely (three to five writes: common practice, no source) give 1, 1, 1, 2/3, 1/2."""
    assert odds_of_each_write((3, 4, 5)) == pytest.approx((1, 1, 1, 2 / 3, 1 / 2))


@given(st.lists(st.integers(1, 9), min_size=1, max_size=5, unique=True), st.integers(0, 9))
def test_the_odds_multiply_to_the_survival_of_the_limit(limits: list[int], writes: int) -> None:
    product = 1.0
    for done in range(writes):
        product *= WriteBudget(tuple(limits), done).next_odds()
    assert product == pytest.approx(sum(limit >= writes for limit in limits) / len(limits))


@pytest.mark.parametrize(
    ("counted", "sure", "most", "words"),
    [
        (0, 3, 5, "1 of about 4 left"),
        (2, 1, 3, "1 of about 2 left"),
        (4, 0, 1, "perhaps 1 left"),
        (5, 0, 0, "none left"),
        (7, 0, 0, "none left"),
    ],
)
def test_what_is_left(counted: int, sure: int, most: int, words: str) -> None:
    budget = WriteBudget((3, 4, 5), counted)
    assert (budget.sure_left(), budget.most_left(), budget.words()) == (sure, most, words)


def test_what_the_part_itself_says_ends_the_guessing() -> None:
    for limits in ((3, 4, 5), ()):
        budget = WriteBudget(limits, 1, spent=True)
        assert (budget.next_odds(), budget.sure_left(), budget.most_left(), budget.words()) == (0.0, 0, 0, "none left")


def test_no_known_limit() -> None:
    budget = WriteBudget((), 12)
    assert budget.next_odds() == 1.0
    assert budget.sure_left() is None
    assert budget.words() == "no known limit"
