"""What is left out of states and labels changes no answer: random cases solved with it and without."""

import random
from itertools import count

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Cancelled
from daruma.core.plan.opening import Courses, Opening
from daruma.core.plan.pareto import Found, Search, front
from daruma.core.plan.planner import make_plan, problem_of
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Problem
from daruma.core.plan.setting import Setting
from tests.core.plan.cases import case
from tests.core.plan.test_conditions import drawn


def _front(found: list[Found]) -> list[tuple[float, ...]]:
    vectors = [(*way.costs, *(-round(chance, 9) for chance in way.chances)) for way in found]
    return sorted(front(sorted(vectors), lambda vector: vector))


@pytest.mark.parametrize("seed", range(24))
def test_what_is_left_out_changes_nothing(seed: int, catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch) -> None:
    made = drawn(catalogue, random.Random(f"mattering/{seed}"))
    problem = problem_of(made, catalogue.figures)
    ways, value = _front(Search(problem).run()), Policy(problem, made.preferences).value(problem.start)
    monkeypatch.setattr(Search, "_as_likely", lambda *_: False)
    assert _front(Search(problem).run()) == ways, "labels compared by what they rest on alone"
    monkeypatch.setattr(Problem, "tidied", lambda _, state: state)
    monkeypatch.setattr(Problem, "forgotten", lambda *_: 0)
    whole = problem_of(made, catalogue.figures)
    assert _front(Search(whole).run()) == ways, "every difference kept"
    assert Policy(whole, made.preferences).value(whole.start) == pytest.approx(value, abs=1e-6)


def test_a_plan_can_be_stopped_wherever_it_is(catalogue: Catalogue) -> None:
    made, asked = case(catalogue, system="5.4"), count(1)
    whole = make_plan(made, catalogue.figures, lambda: [next(asked)].clear())
    often = next(asked)
    assert often > 200, "asked all along"
    for at in range(1, often, often // 12):
        calls = count(1)

        def stop(calls: "count[int]" = calls, at: int = at) -> None:
            if next(calls) == at:
                raise Cancelled

        with pytest.raises(Cancelled):
            make_plan(made, catalogue.figures, stop)
    assert make_plan(made, catalogue.figures) == whole, "what was stopped has left nothing behind"


@pytest.mark.parametrize("block", range(2))
def test_what_does_not_matter_opens_nothing(block: int, catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch) -> None:
    """Whatever bars are lifted: the ways that lead to a promise are those that lead there with every difference kept."""
    for seed in range(30 * block, 30 * (block + 1)):
        made = drawn(catalogue, random.Random(f"opens/{seed}"))
        setting = Setting.of(made, catalogue.figures)

        def courses(setting: Setting = setting, seed: int = seed) -> Courses:
            problem = setting.problem()
            opening = Opening(setting.start, setting.actions, problem.goals, problem.end_needs, problem.doubts)
            rng = random.Random(seed)
            return opening.courses([grant for grant in opening.grants if grant.bar is not None and rng.random() < 0.5])

        tidied = courses()
        with monkeypatch.context() as patch:
            patch.setattr(Problem, "tidied", lambda _, state: state)
            whole = courses()
        assert (tidied.useful, tidied.goals) == (whole.useful, whole.goals), seed
