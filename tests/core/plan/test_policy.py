"""The policy solver against published and worked decision problems, and against enumeration."""

import random
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds.display.facts import NewPanel, OriginalState, PanelKind
from daruma.core.kinds.display.state import PanelVar
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.parts import Function
from daruma.core.plan.actions import Action, ActionFigures
from daruma.core.plan.knowing import worth_knowing
from daruma.core.plan.money import Preferences
from daruma.core.plan.planner import problem_of
from daruma.core.plan.policy import Choice, Policy, solve
from daruma.core.plan.problem import Goal, Problem
from daruma.core.plan.state import Val, needs
from tests.core.plan.cases import GONE, WHITE, case, solved

ROLL = [(1 / 6, face) for face in range(1, 7)]


@pytest.mark.parametrize(("rolls", "value"), [(1, 7 / 2), (2, 17 / 4), (3, 14 / 3)])
def test_one_die_that_may_be_rolled_again(rolls: int, value: float) -> None:
    """Keep the face or roll again: 7/2, 17/4, 14/3 for one, two, three rolls (a classic of probability)."""
    found, _, _ = solve(0, lambda _: [Choice("roll", 0.0, ROLL)], horizon=rolls, stop=float)
    assert found == pytest.approx(value)


@pytest.mark.parametrize(("n", "value"), [(3, "1/2"), (4, "11/24"), (5, "13/30"), (6, "77/180")])
def test_the_secretary_problem(n: int, value: str) -> None:
    """Best choice of n: 1/2, 11/24, 13/30, 77/180 (Gilbert and Mosteller 1966, from memory)."""

    def choices(state: tuple[int, bool]) -> list[Choice[tuple[int, bool]]]:
        seen, _ = state
        if seen == n:
            return []
        best = 1 / (seen + 1)
        return [Choice("see the next", 0.0, [(best, (seen + 1, True)), (1 - best, (seen + 1, False))])]

    found, _, _ = solve((0, False), choices, stop=lambda s: s[0] / n if s[1] else 0.0)
    assert found == pytest.approx(float(Fraction(value)))


def test_the_forest() -> None:
    """Three ages, waiting pays 4 in the oldest, cutting 1 or 2, fire 0.1, discount 0.9, three years: the values and the
    policy that the documentation of a toolbox for Markov decision processes prints."""

    def choices(age: int) -> list[Choice[int]]:
        wait = Choice("wait", 4.0 if age == 2 else 0.0, [(0.1, 0), (0.9, min(2, age + 1))])
        cut = Choice("cut", (0.0, 1.0, 2.0)[age], [(1.0, 0)])
        return [wait, cut]

    three = [solve(age, choices, horizon=3, discount=0.9)[0] for age in range(3)]
    assert three == pytest.approx([2.6973, 5.9373, 9.9373], abs=1e-6)
    two = [solve(age, choices, horizon=2, discount=0.9)[0] for age in range(3)]
    assert two == pytest.approx([0.81, 3.24, 7.24], abs=1e-6)
    last = [solve(age, choices, horizon=1, discount=0.9)[1] for age in range(3)]
    assert [choice.key if choice else "" for choice in last[1:]] == ["cut", "wait"]


@pytest.mark.parametrize(("tries", "value"), [(1, "3/10"), (2, "11/30"), (3, "23/60"), (4, "23/60")])
def test_tries_that_teach(tries: int, value: str) -> None:
    """A try costs 1/5, a success gives 1, the chance is learnt from Beta(1, 1): own recursion, agreed by a toolbox."""

    def choices(failures: int) -> list[Choice[int]]:
        if failures < 0:
            return []
        chance = 1 / (2 + failures)
        return [Choice("try", chance - 0.2, [(chance, -1), (1 - chance, failures + 1)])]

    found, _, table = solve(0, choices, horizon=tries)
    assert found == pytest.approx(float(Fraction(value)))
    if tries == 4:
        assert table[(3, 1)][1] is None, "after three failures it is no longer worth a try (a tie is stopped)"


def test_choices_that_lead_back_need_a_horizon() -> None:
    with pytest.raises(ValueError, match="give a horizon"):
        solve(0, lambda _: [Choice("stay", 1.0, [(1.0, 0)])])
    assert solve(0, lambda _: [Choice("stay", 1.0, [(1.0, 0)])], horizon=5)[0] == 5


# -- the compiled policy

FREE = Preferences(attended=60.0, waiting=0.0, write=0.0)


def small_problem(rows: list[tuple[float, float, float, int]]) -> Problem:
    """Actions that each bring one variable to YES: (minutes, chance, ruin, tries); the goal needs all of them."""
    variables = [PanelVar.SERIAL, PanelVar.COVER, PanelVar.RECORD, PanelVar.CHIP]
    actions = []
    for i, (minutes, chance, ruin, tries) in enumerate(rows):
        before = (needs(variables[i - 1], Val.YES),) if i else ()
        actions.append(
            Action(
                f"a{i}",
                ActionFigures("x", minutes),
                (*before, needs(variables[i], Val.NO)),
                {variables[i]: Val.YES},
                chances=(chance,) * tries,
                ruins=(ruin,),
                ruined={variables[i]: Val.LOST},
                stake=3.0,
            )
        )
    chosen = variables[: len(rows)]
    goal = Goal(Function.TOUCH, (tuple(needs(var, Val.YES) for var in chosen),), 40.0)
    return Problem(dict.fromkeys(chosen, Val.NO), actions, [goal])


def by_enumeration(rows: list[tuple[float, float, float, int]]) -> float:
    """The same chain solved by plain recursion over (step, tries left)."""

    def value(step: int, left: int) -> float:
        if step == len(rows):
            return 40.0
        minutes, chance, ruin, _ = rows[step]
        if left == 0:
            return 0.0
        onward = value(step + 1, rows[step + 1][3] if step + 1 < len(rows) else 0)
        lost = -3.0
        go = -minutes + chance * onward + (1 - chance) * ((1 - ruin) * value(step, left - 1) + ruin * lost)
        return max(0.0, go)

    return value(0, rows[0][3])


@given(
    st.lists(
        st.tuples(st.floats(0, 8), st.floats(0.05, 1), st.sampled_from([0.0, 0.3, 1.0]), st.integers(1, 3)),
        min_size=1,
        max_size=4,
    )
)
def test_chains_against_enumeration(rows: list[tuple[float, float, float, int]]) -> None:
    for bounded in (True, False):
        problem = small_problem(rows)
        policy = Policy(problem, FREE, bounded=bounded)
        assert policy.value(problem.start) == pytest.approx(by_enumeration(rows), abs=1e-6)


VARIANTS = [
    {},
    {"system": "5.4"},
    {"system": "3.5", **GONE},
    {"flex": FlexState.WORN, "system": "4.0"},
    {"panels": (NewPanel(price=60, hidden_past=True, counted=3), NewPanel(PanelKind.READY_CODED, price=30)), "system": "5.4"},
]


@pytest.mark.parametrize("changes", [each for each in VARIANTS if "flex" not in each])
def test_leaving_out_hopeless_moves_changes_no_value(catalogue: Catalogue, changes: dict[str, object]) -> None:
    made = case(catalogue, **changes)  # type: ignore[arg-type]
    problem = problem_of(made, catalogue.figures)
    with_bound, without = Policy(problem, made.preferences), Policy(problem, made.preferences, bounded=False)
    assert with_bound.value(problem.start) == pytest.approx(without.value(problem.start), abs=1e-9)
    assert with_bound.size() <= without.size()


def test_expected_figures_are_those_of_walking_the_policy(catalogue: Catalogue) -> None:
    """Minutes and chances of the policy against 4,000 seeded walks through its own model."""
    made = case(catalogue)
    problem = problem_of(made, catalogue.figures)
    policy = Policy(problem, made.preferences)
    rng, walks = random.Random(5), 4000
    minutes, kept = [], [0] * len(problem.goals)
    for _ in range(walks):
        state, spent = problem.start, 0.0
        while (pick := policy.best(state)) is not None:
            spent += pick.move.action.minutes + (pick.set_up.action.minutes if pick.set_up else 0.0)
            outcomes = pick.outcomes(state)
            state = rng.choices([s for _, s, _ in outcomes], [p for p, _, _ in outcomes])[0]
        minutes.append(spent)
        for i in range(len(kept)):
            kept[i] += problem.may_end(state) and problem.holds(state, i) > 0.5
    expected = policy.expected(problem.start)
    assert sum(minutes) / walks == pytest.approx(expected.minutes, rel=0.02)
    for seen, chance in zip(kept, expected.chances, strict=True):
        assert seen / walks == pytest.approx(chance, abs=0.025)


def test_a_spent_panel_is_changed_not_written_again(catalogue: Catalogue) -> None:
    """A failed write on a panel that had four: it is spent for sure or nearly, so another one is taken."""
    worn = NewPanel(price=60, counted=4, last_write_failed=True)
    made = case(
        catalogue, promised=WHITE, panels=(worn, NewPanel(price=62)), history=(("open_phone", True), ("read_original", True))
    )
    assert solved(made, catalogue).advice.next.key == "another_panel"  # type: ignore[union-attr]
    fresh = case(catalogue, promised=WHITE, panels=(NewPanel(price=60), NewPanel(price=62)), history=made.history)
    assert solved(fresh, catalogue).advice.next.key != "another_panel"  # type: ignore[union-attr]


def test_after_a_failed_write_the_odds_decide(catalogue: Catalogue) -> None:
    """A fresh panel is written once more; where a further write may well kill a dear one, that is left."""
    known = (("open_phone", True), ("read_original", True), ("read_new", True))
    once = case(catalogue, promised=WHITE, panels=(NewPanel(price=60, counted=1, last_write_failed=True),), history=known)
    assert solved(once, catalogue).advice.next.key in ("write_new", "read_new")  # type: ignore[union-attr]
    late = NewPanel(price=100, counted=5, last_write_failed=True)
    often = case(catalogue, promised=WHITE, panels=(late,), history=known)
    steps = {option.action.key for option in solved(often, catalogue).advice.options}
    assert "write_new" not in steps or solved(often, catalogue).advice.next.key == "fit"  # type: ignore[union-attr]


def test_what_is_worth_knowing(catalogue: Catalogue) -> None:
    missing = worth_knowing(case(catalogue, **GONE), catalogue.figures)  # type: ignore[arg-type]
    assert [item.question for item in missing] == ["Can the original part still be had?"]
    assert missing[0].money > 5
    assert worth_knowing(case(catalogue, original=OriginalState.ANSWERS), catalogue.figures) == ()
    for made in (case(catalogue), case(catalogue, system="5.1"), case(catalogue, flex=FlexState.UNTESTED)):
        assert all(item.money >= 0 for item in worth_knowing(made, catalogue.figures)), (
            "information is never worth less than nothing"
        )


def test_a_long_horizon_is_no_deep_stack() -> None:
    """A bonus at each of 5,000 steps: 5,000 of it in all, and a horizon of one less gives one less."""
    choices = lambda _: (Choice("on", 1.0, ((1.0, "here"),)),)  # noqa: E731
    for horizon in (500, 5000):
        value, pick, _ = solve("here", choices, horizon=horizon)
        assert value == pytest.approx(horizon)
        assert pick is not None
    with pytest.raises(ValueError, match="lead back"):
        solve("here", choices)
