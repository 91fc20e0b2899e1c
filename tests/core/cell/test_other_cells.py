"""The guided test on cells that share nothing with the stand-in: how often its interval holds, what may be written."""

import random
from collections.abc import Callable

import numpy as np
import pytest
from tests.conftest import seeds
from tests.core.cell.others import Ended, carried_out, drawn
from tests.parts import some

from daruma.core.cell.deciding import CellOrigin, Decision, writable


def many(label: str, share: Callable[[random.Random], float], origin: CellOrigin, tried: range) -> list[Ended]:
    return [carried_out(*drawn(f"{label}/{seed}", share(random.Random(f"{label} {seed}")), origin)) for seed in tried]


def held(found: list[Ended]) -> float:
    measured = [(each, some(each.standing.measured)) for each in found]
    return float(np.mean([abs(by.mah - each.true * each.rated / 100) <= 1.96 * by.u for each, by in measured]))


@pytest.mark.parametrize("origin", list(CellOrigin))
@pytest.mark.parametrize("tried", seeds(10, 300))
def test_at_the_edge_of_the_claim(tried: range, origin: CellOrigin) -> None:
    """A cell that holds 79 % of its rating is not called good, whatever is said of where it comes from."""
    found = many(f"edge {origin.value}", lambda _: 0.79, origin, tried)
    assert sum(each.standing.decision is Decision.GOOD for each in found) <= 0.05 * len(found)
    over = [writable(each.standing.belief, each.rated, origin).percent - each.true for each in found]
    assert sum(each > 0 for each in over) <= 0.05 * len(found)
    assert max(over) <= 2
    assert held(found) >= 0.93 - 2 * (0.05 / len(found)) ** 0.5


@pytest.mark.parametrize("tried", seeds(12, 300))
def test_whatever_it_holds_an_origin_carries_no_claim(tried: range) -> None:
    found = many("any new", lambda rng: rng.uniform(0.6, 1.0), CellOrigin.NEW, tried)
    over = [writable(each.standing.belief, each.rated, CellOrigin.NEW).percent - each.true for each in found]
    assert sum(each > 0 for each in over) <= 0.05 * len(found)
    worn = [each for each in found if each.true < 88]
    assert np.mean([each.standing.belief.contradicts for each in worn]) >= 0.6, "sold as new: said to be none"


@pytest.mark.parametrize("tried", seeds(12, 300))
def test_a_sound_cell_is_shown_to_be_one_in_two_hours(tried: range) -> None:
    found = many("sound", lambda _: 0.95, CellOrigin.UNKNOWN, tried)
    shown = sum(each.standing.decision is Decision.GOOD and each.hours <= 2 for each in found)
    assert shown >= 0.9 * len(found) - 1
    assert held(found) >= 0.93 - 2 * (0.05 / len(found)) ** 0.5
