"""The planner's chances against 20,000 runs of its policy on the simulated bench, for each of several cases.

The success rate must fall within the 99.9 % interval of the binomial distribution with the planner's chance. The
20,000 runs belong to the long tests; the same with fewer runs is always tested.
"""

import random
from typing import Any

import pytest
from msgspec.structs import replace
from scipy import stats

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds.display.facts import NewPanel, OriginalState, PanelKind
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.parts import Function
from daruma.core.plan import planner
from daruma.core.plan.money import WORTH, Preferences
from daruma.core.plan.planner import make_plan, problem_of
from daruma.core.plan.policy import Policy
from tests.bench.simulated import SimulatedBench, walk
from tests.conftest import share
from tests.core.plan.cases import GONE, WHITE, case

FEW = 300
DEAR = Preferences(worth={**WORTH, Function.AMBIENT_WHITE: 300.0})
CASES: dict[str, dict[str, Any]] = {
    "the original may answer": {},
    "finishing or moving the chip": {"system": "5.4"},
    "unbinding on the phone": {"key": "birch", "system": "3.6", "promised": WHITE, **GONE},
    "lifting the memory": {"key": "damson_l", "system": "4.8", "promised": WHITE, "preferences": DEAR, **GONE},
    "a worn panel and a spare one": {
        "promised": WHITE,
        "original": OriginalState.ANSWERS,
        "panels": (NewPanel(price=40, counted=3), NewPanel(PanelKind.GENUINE_USED, price=70)),
    },
    "the sensor flex": {
        "system": "4.5",
        "panels": (),
        "flex": FlexState.WORN,
        "promised": (Function.AUTO_BRIGHTNESS, Function.FACE_UNLOCK),
    },
    "display and sensor flex at once": {"flex": FlexState.WORN, "promised": (*WHITE, Function.AUTO_BRIGHTNESS)},
}


@pytest.mark.parametrize("runs", share((FEW, 20_000), 1))
@pytest.mark.parametrize("name", CASES)
def test_the_policy_keeps_its_chances(catalogue: Catalogue, name: str, runs: int) -> None:
    compare(catalogue, name, runs)


def test_parts_planned_apart_expect_what_was_held_against_the_bench(
    catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch
) -> None:
    changes = CASES["display and sensor flex at once"]
    made = case(catalogue, **changes)
    policy = Policy(problem_of(made, catalogue.figures), made.preferences)
    monkeypatch.setattr(planner, "MOST_TOGETHER", -1)
    plan = make_plan(made, catalogue.figures)
    assert plan.parted is not None
    assert plan.advice.expected.chances == pytest.approx(policy.expected(policy.problem.start).chances, abs=1e-4)


def compare(catalogue: Catalogue, name: str, runs: int) -> None:
    """Walk the policy so many times and compare what was kept with what the planner expects."""
    changes = dict(CASES[name])
    made = case(catalogue, changes.pop("key", "cedar_l"), changes.pop("system", "4.6"), **changes)
    policy = Policy(problem_of(made, catalogue.figures), made.preferences)
    expected = policy.expected(policy.problem.start)
    bench, kept = SimulatedBench(made, catalogue, random.Random(2026)), [0] * len(made.promised)
    for _ in range(runs):
        walk(bench, policy)
        for index, function in enumerate(made.promised):
            kept[index] += bench.keeps(function)
    for function, seen, chance in zip(made.promised, kept, expected.chances, strict=True):
        low, high = stats.binom.ppf([0.0005, 0.9995], runs, chance)
        print(f"{name}: {function.value}: planner {chance:.4f}, {seen} of {runs} = {seen / runs:.4f}, {low:.0f} to {high:.0f}")
        assert low <= seen <= high, (function, seen / runs, chance)


def test_a_wrong_figure_would_be_noticed(catalogue: Catalogue) -> None:
    """The same runs under a policy that takes the write for certain: its chance is outside the interval."""
    made = case(catalogue, promised=WHITE, original=OriginalState.ANSWERS)
    sure = {**catalogue.figures, "write_new": replace(catalogue.figures["write_new"], chance=1.0)}
    policy = Policy(problem_of(made, sure), made.preferences)
    bench, kept = SimulatedBench(made, catalogue, random.Random(3)), 0
    policy_real = Policy(problem_of(made, catalogue.figures), made.preferences)
    for _ in range(2000):
        walk(bench, policy_real)
        kept += bench.keeps(Function.AMBIENT_WHITE)
    low, high = stats.binom.ppf([0.0005, 0.9995], 2000, policy.expected(policy.problem.start).chances[0] + 0.02)
    assert not low <= kept <= high
