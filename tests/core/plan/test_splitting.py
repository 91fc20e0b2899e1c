"""The bound by parts: never below what a state is worth, and the policy found with it is as good as it says."""

import random
from dataclasses import replace
from typing import Any

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds import room
from daruma.core.kinds.display.facts import ChipPlace, DisplayFacts, NewPanel, OriginalState, PanelKind
from daruma.core.kinds.sensor_flex import FlexFacts, FlexState
from daruma.core.parts import Function, PartKind, Version
from daruma.core.plan.case import Case
from daruma.core.plan.planner import policy_of, problem_of
from daruma.core.plan.policy import Policy
from daruma.core.plan.splitting import SLACK, Splitting, clusters_of, split_policy

APART = (Function.TOUCH, Function.NO_DISPLAY_NOTICE)  # asks for the display, and for no flex
FLEX = (Function.FACE_UNLOCK,)


def drawn(catalogue: Catalogue, seed: int) -> Case:
    """A phone with several parts on the table, whose promises fall apart for the most part."""
    rng = random.Random(f"splitting/{seed}")
    model = rng.choice([model for model in catalogue.models.values() if Function.FACE_UNLOCK in model.functions])
    systems = [v for v in map(Version.parse, ("3.4", "4.1", "4.6", "5.2")) if model.first_system <= v <= model.last_system]
    panel = NewPanel(rng.choice(tuple(PanelKind)), rng.choice(model.makers), price=rng.choice((20.0, 60.0, 120.0)))
    chip = rng.choice((ChipPlace.ON_ORIGINAL, ChipPlace.LOST))
    parts: dict[PartKind, Any] = {
        PartKind.DISPLAY: DisplayFacts(rng.choice((OriginalState.ANSWERS, OriginalState.DAMAGED)), chip, (panel,)),
        PartKind.SENSOR_FLEX: FlexFacts(rng.choice((FlexState.WORN, FlexState.UNTESTED, FlexState.REPLACED))),
    }
    promised = (*rng.sample(APART, rng.randint(1, 2)), *FLEX)
    return Case(model, rng.choice(systems), promised, parts, rng.random() < 0.8, rng.random() < 0.8, rules=catalogue.rules)


def private(case: Case) -> list[frozenset[Any]]:
    return [frozenset(room(kind).start(case)) for kind in case.parts]


@pytest.mark.parametrize("seed", range(6))
def test_the_bound_is_one_and_the_policy_keeps_its_word(seed: int, catalogue: Catalogue) -> None:
    case = drawn(catalogue, seed)
    whole = problem_of(case, catalogue.figures)
    exact = Policy(whole, case.preferences)
    best = exact.value(whole.start)
    clusters = clusters_of(whole, private(case))
    split = split_policy(whole, case.preferences, private(case))
    assert best - split.gap - 1e-9 <= split.value(whole.start) <= best + 1e-9
    if len(clusters) > 1:
        bound = Splitting(whole, clusters, case.preferences).bound
        states = [state for state in exact._values._exact if exact._values.find(state) is not None]
        assert all(bound(state) >= exact.value(state) - 1e-9 for state in states), "nowhere below what a state is worth"


def test_parts_that_a_promise_asks_for_together_stay_together(catalogue: Catalogue) -> None:
    case = drawn(catalogue, 1)
    together = replace(case, promised=(Function.AMBIENT_WHITE, *FLEX))
    assert len(clusters_of(problem_of(together, catalogue.figures), private(together))) <= 1
    policy = policy_of(together, problem_of(together, catalogue.figures))
    assert policy.above is None
    assert policy.gap == 0
    assert policy.slack < SLACK
