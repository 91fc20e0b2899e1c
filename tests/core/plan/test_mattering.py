"""What is left out of states and labels changes no answer: random cases solved with it and without."""

import random
from collections import Counter
from collections.abc import Mapping
from enum import Enum
from itertools import count

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Cancelled
from daruma.core.plan.actions import Action
from daruma.core.plan.courses import Courses, Explorer
from daruma.core.plan.opening import Opening
from daruma.core.plan.pareto import Found, Search, front
from daruma.core.plan.planner import make_plan, problem_of
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Problem
from daruma.core.plan.reaching import reachable
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
    monkeypatch.setattr(Problem, "tidying", lambda problem, _: (problem.full, 0, 0))
    monkeypatch.setattr("daruma.core.plan.problem.useful", lambda _, actions, *__: tuple(actions))
    whole = problem_of(made, catalogue.figures)
    assert len(whole.actions) >= len(problem.actions)
    assert _front(Search(whole).run()) == ways, "every difference kept, and every action"
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
    """Whatever bars are lifted: the ways that lead to a promise are those that lead there with every difference kept, and those
    that are found when each is asked for.
    """
    for seed in range(30 * block, 30 * (block + 1)):
        made = drawn(catalogue, random.Random(f"opens/{seed}"))
        setting = Setting.of(made, catalogue.figures)

        def courses(setting: Setting = setting, seed: int = seed) -> Courses:
            problem = setting.problem()
            opening = Opening(setting.start, setting.actions, problem.goals, problem.end_needs, problem.doubts)
            rng = random.Random(seed)
            granted = tuple(grant for grant in opening.grants if grant.bar is not None and rng.random() < 0.5)
            found = opening.courses(granted)
            wanted = {*(action.way for action in setting.actions if action.way), *range(len(problem.goals))}
            assert opening.opened(granted, wanted) == {*found.useful, *found.goals}, seed
            if not granted:
                seen = Explorer(problem).courses(problem.start)
                assert (seen.useful, seen.goals) == (found.useful, found.goals), seed
            return found

        tidied = courses()
        with monkeypatch.context() as patch:
            patch.setattr(Problem, "tidying", lambda problem, _: (problem.full, 0, 0))
            whole = courses()
        assert (tidied.useful, tidied.goals) == (whole.useful, whole.goals), seed


@pytest.mark.parametrize("seed", range(12))
def test_what_a_move_leads_to_is_what_its_action_says(seed: int, catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch) -> None:
    """Random walks, with misses: masks on one side, the action's own conditions and effects on the other."""
    made, rng = drawn(catalogue, random.Random(f"moves/{seed}")), random.Random(seed)
    with monkeypatch.context() as patch:
        patch.setattr(Problem, "tidying", lambda problem, _: (problem.full, 0, 0))
        problem = problem_of(made, catalogue.figures)
        for _ in range(20):
            state, values, tries = problem.start, problem.unpack(problem.start), Counter[str]()
            for _ in range(25):
                edges = problem.open_edges(state)
                assert {edge.move.action.key for edge in edges} == {
                    action.key
                    for action in problem.actions
                    if not action.sets_up and tries[group(action)] < len(action.chances) and can(action, values, problem)
                }
                if not edges:
                    break
                edge = rng.choice(edges)
                action, before = edge.move.action, {**values, **(edge.set_up.action.effects if edge.set_up else {})}
                tried, ruin = tries[group(action)], action.ruin(tries[group(action)])
                assert edge.tried(state) == tried
                chance = action.chances[tried]
                expected = [(chance, {**before, **action.effects}, 0.0)]
                if len(action.chances) > 1 or chance < 1:
                    miss, ruined = (
                        ((1 - chance) * (1 - ruin), action.miss, 0.0),
                        ((1 - chance) * ruin, action.ruined, action.stake),
                    )
                    failed = [*([miss] if ruin < 1 else []), *([ruined] if ruin > 0 else [])]
                    expected += [(share, {**before, **effects}, lost) for share, effects, lost in failed]
                outcomes = edge.outcomes(state)
                told = [(share, problem.unpack(then), lost) for share, then, lost in outcomes]
                assert [(pytest.approx(share), then, lost) for share, then, lost in expected] == told
                way = rng.randrange(len(outcomes))
                state, values = outcomes[way][1], expected[way][1]
                tries[group(action)] = 0 if way == 0 else tried + 1


@pytest.mark.parametrize("seed", range(12))
def test_a_tidied_state_has_one_value_of_each_variable_or_none(seed: int, catalogue: Catalogue) -> None:
    """Every state of a problem, failures included, is what its values make of it, and stays so when it is tidied again."""
    problem = problem_of(drawn(catalogue, random.Random(f"tidied/{seed}")), catalogue.figures)
    seen, waiting = {problem.start}, [problem.start]
    while waiting and len(seen) < 400:
        state = waiting.pop()
        plain = state & problem.uncounted
        assert problem.pack(problem.unpack(plain)) == plain
        outcomes = [then for edge in problem.open_edges(state) for _, then, _ in edge.outcomes(state)]
        for then in outcomes:
            keep, put, _ = problem.tidying(then & problem.uncounted)
            assert then & keep | put == then
        waiting += [then for then in outcomes if then not in seen]
        seen.update(outcomes)


@pytest.mark.parametrize("seed", range(12))
def test_what_can_be_reached_is_a_fixed_point(seed: int, catalogue: Catalogue) -> None:
    """Found by going over all actions until nothing comes in; a random part of the actions is left out."""
    rng = random.Random(f"reached/{seed}")
    setting = Setting.of(drawn(catalogue, rng), catalogue.figures)
    start = setting.problem().unpack(setting.problem().start)
    actions = [action for action in setting.actions if rng.random() < 0.8]
    reached: dict[Enum, set[Enum]] = {var: {val} for var, val in start.items()}
    for _ in actions:
        for action in actions:
            if all(need.good & reached.get(need.var, set()) for need in action.conditions):
                for effects in (action.effects, action.miss, action.ruined):
                    for var, val in effects.items():
                        reached.setdefault(var, set()).add(val)
    found, made = reachable(start, actions)
    assert found == reached
    able = [each for each in actions if all(need.good & reached.get(need.var, set()) for need in each.conditions)]
    assert list(made) == able


def group(action: Action) -> str:
    return action.counts_with or action.key


def can(action: Action, values: Mapping[Enum, Enum], problem: Problem) -> bool:
    """Whether an action can be taken, at most one other set up before it."""
    ready = [values, *({**values, **each.effects} for each in problem.actions if each.sets_up and each.applicable(values))]
    return any(action.applicable(each) for each in ready)
