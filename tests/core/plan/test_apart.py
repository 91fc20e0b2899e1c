"""Parts planned apart: what that says of the phone is held against the phone planned as one, and its ways are walked."""

import random
from enum import Enum
from itertools import count
from typing import Any

import pytest
from msgspec.structs import asdict, replace

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds import KINDS, promisable, room
from daruma.core.kinds.battery.facts import BatteryFacts
from daruma.core.kinds.display.facts import ChipPlace, DisplayFacts, NewPanel, OriginalState, PanelKind
from daruma.core.kinds.face_module import FaceFacts
from daruma.core.kinds.front_camera.facts import FrontFacts
from daruma.core.kinds.motor import MotorFacts
from daruma.core.kinds.rear_camera import RearFacts
from daruma.core.kinds.sensor_flex import FlexFacts, FlexState
from daruma.core.parts import Function, PartKind, Version
from daruma.core.plan import planner
from daruma.core.plan.apart import Apart
from daruma.core.plan.case import Case
from daruma.core.plan.money import WORTH, Preferences
from daruma.core.plan.pieces import Pieces
from daruma.core.plan.planner import First, make_plan, outlook, problem_of
from daruma.core.plan.policy import Policy
from daruma.core.plan.problem import Problem
from daruma.core.plan.setting import Setting
from daruma.core.plan.table import Table
from tests.conftest import share
from tests.core.plan import test_conditions, test_reasons


def drawn(catalogue: Catalogue, seed: int) -> Case:
    """A phone with several parts on the table, some promises of one part and some of two."""
    rng = random.Random(f"apart/{seed}")
    model = rng.choice([model for model in catalogue.models.values() if Function.FACE_UNLOCK in model.functions])
    systems = [v for v in map(Version.parse, ("3.4", "4.1", "4.6", "5.2")) if model.first_system <= v <= model.last_system]
    panel = NewPanel(rng.choice(tuple(PanelKind)), rng.choice(model.makers), price=rng.choice((20.0, 60.0, 120.0)))
    chip = rng.choice((ChipPlace.ON_ORIGINAL, ChipPlace.LOST))
    parts: dict[PartKind, Any] = {
        PartKind.DISPLAY: DisplayFacts(rng.choice((OriginalState.ANSWERS, OriginalState.DAMAGED)), chip, (panel,)),
        PartKind.SENSOR_FLEX: FlexFacts(rng.choice((FlexState.WORN, FlexState.UNTESTED, FlexState.REPLACED))),
    }
    here = {function for kind in parts for function in room(kind).functions} | {Function.FACE_UNLOCK}
    can = [function for function in promisable() if function in model.functions and function in here]
    promised = tuple(rng.sample(can, rng.randint(2, min(3, len(can)))))
    return Case(model, rng.choice(systems), promised, parts, rng.random() < 0.8, rng.random() < 0.8, rules=catalogue.rules)


def apart(case: Case, problem: Problem) -> Apart:
    return Apart(Table(problem, {kind: frozenset(room(kind).start(case)) for kind in case.parts}, case.preferences), Pieces())


# what two parts' ways had in each other's way cost all that either keeps; what is dear for one was taken for both
HARD = (538, 776, 787, 812)


@pytest.mark.parametrize("seed", (*HARD, *share(range(16), 8)))
def test_the_phone_as_one_agrees(seed: int, catalogue: Catalogue) -> None:
    """No state of the phone is worth more than the bound, and what the parts are worth together is what the phone is worth."""
    case = drawn(catalogue, seed)
    problem = problem_of(case, catalogue.figures)
    exact = Policy(problem, case.preferences)
    best = exact.value(problem.start)
    parts = apart(case, problem)
    assert parts.best is not None, "the parts' ways go together"
    assert best <= parts.bound + 1e-6
    assert best <= parts.first_bound + 1e-6
    assert parts.best.value == pytest.approx(best, abs=0.1 * sum(goal.worth for goal in problem.goals)), seed


@pytest.mark.parametrize("seed", share(range(300, 330), 8))
def test_ways_made_of_parts_can_be_walked(seed: int, catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(planner, "MOST_TOGETHER", -1)
    test_conditions.check(catalogue, seed)
    test_reasons.check(catalogue, seed)


@pytest.mark.parametrize("seed", range(6))
def test_what_is_too_much_together_is_planned_apart(seed: int, catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch) -> None:
    """How many states parts have together is only guessed: the guess may be wrong by any factor."""
    case = drawn(catalogue, seed)
    monkeypatch.setattr(planner, "MOST_TOGETHER", -1)
    monkeypatch.setattr(planner, "MOST_IN_VAIN", -1)
    first: list[First] = []
    alone, looked = make_plan(case, catalogue.figures, told=first.append), outlook(Setting.of(case, catalogue.figures))
    assert all(found.value <= alone.advice.value + 1e-6 and alone.advice.value <= found.bound + 1e-6 for found in first)
    assert all((found.next is None) == (found.value == 0) for found in first)
    monkeypatch.setattr(planner, "MOST_TOGETHER", 10**9)
    monkeypatch.setattr(planner, "MOST_IN_VAIN", 10**9)
    monkeypatch.setattr(planner, "MOST_LOOKS", 20)
    assert make_plan(case, catalogue.figures) == alone
    assert outlook(Setting.of(case, catalogue.figures)) == looked
    assert alone.parted is not None
    if alone.advice.next is None:
        assert (alone.advice.expected.attended, alone.advice.expected.minutes) == (0, 0)


@pytest.mark.parametrize("state", [FlexState.WORN, FlexState.UNTESTED, FlexState.REPLACED])
@pytest.mark.parametrize("trusted", [True, False])
def test_work_on_one_part_may_ruin_what_another_keeps(
    state: FlexState, trusted: bool, catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Heat on the board for a flex that was replaced costs the motor's promise too where the board does not survive it."""
    parts: dict[PartKind, Any] = {PartKind.SENSOR_FLEX: FlexFacts(state), PartKind.MOTOR: MotorFacts()}
    promised = (Function.AUTO_BRIGHTNESS, Function.HAPTICS)
    dear = Preferences(worth={**WORTH, **dict.fromkeys(promised, 300.0)})
    case = Case(
        catalogue.models["cedar_l"], Version(4, 6), promised, parts, trusted=trusted, rules=catalogue.rules, preferences=dear
    )
    monkeypatch.setattr(planner, "MOST_TOGETHER", 10**9)
    together = make_plan(case, catalogue.figures).advice
    monkeypatch.setattr(planner, "MOST_TOGETHER", -1)
    plan = make_plan(case, catalogue.figures)
    alone = plan.advice
    assert plan.parted is not None
    assert alone.value == pytest.approx(together.value, rel=0.005)
    one, other = alone.expected, together.expected
    assert one.chances == pytest.approx(other.chances, abs=0.01)
    assert (one.attended, one.minutes) == pytest.approx((other.attended, other.minutes), rel=0.02)
    assert (one.cost, one.lost, one.writes) == pytest.approx((other.cost, other.lost, other.writes), rel=0.05)
    assert alone.next is not None and alone.next.key in {option.action.key for option in together.options}


MOST_LOOKS = 40_000
AS_USUAL = {
    PartKind.SENSOR_FLEX: FlexFacts(FlexState.WORN),
    PartKind.FACE_MODULE: FaceFacts(),
    PartKind.FRONT_CAMERA: FrontFacts(),
    PartKind.REAR_CAMERA: RearFacts(),
    PartKind.BATTERY: BatteryFacts(),
    PartKind.MOTOR: MotorFacts(),
}


def mixed(catalogue: Catalogue, seed: int) -> Case:
    """Two kinds of parts or three, in whatever state, with some of what they are for promised."""
    rng = random.Random(f"any/{seed}")
    model = rng.choice([*catalogue.models.values()])
    systems = [v for v in map(Version.parse, ("3.4", "4.1", "4.6", "5.2", "5.4")) if model.first_system <= v <= model.last_system]
    panel = NewPanel(rng.choice([*PanelKind]), rng.choice(model.makers), price=rng.choice((20.0, 60.0, 120.0)))
    known = {**AS_USUAL, PartKind.DISPLAY: DisplayFacts(OriginalState.ANSWERS, panels=(panel,))}
    parts: dict[PartKind, Any] = {}
    for kind in rng.sample([*known], rng.choice((2, 2, 3))):
        states = {name: type(said) for name, said in asdict(known[kind]).items() if isinstance(said, Enum | bool)}
        some = {name: rng.choice([*of] if issubclass(of, Enum) else [False, True]) for name, of in states.items()}
        parts[kind] = replace(known[kind], **{name: said for name, said in some.items() if rng.random() < 0.6})
    can = [f for f in promisable() if f in model.functions and any(f in room(kind).functions for kind in parts)]
    promised = tuple(rng.sample(can, rng.randint(1, min(3, len(can))))) if can else (Function.TOUCH,)
    return Case(model, rng.choice(systems), promised, parts, rng.random() < 0.85, rng.random() < 0.85, rules=catalogue.rules)


@pytest.mark.parametrize("seed", (78, 104, 160, *share(range(300, 600), 20)))  # the first three ask for the phone alone
def test_parts_apart_are_worth_what_they_are_together(seed: int, catalogue: Catalogue) -> None:
    looks = count()

    def few() -> None:
        if next(looks) > MOST_LOOKS:
            pytest.skip("too much to be looked at together")

    case = mixed(catalogue, seed)
    problem = problem_of(case, catalogue.figures, few)
    exact, best = Policy(problem, case.preferences).value(problem.start), planner.apart(case, problem)
    if best is None:
        return  # something can be done with one of them only
    assert best.best is not None
    assert best.bound >= exact - 1e-6
    # each part makes the best of its own failures and not of the other's
    assert best.best.value == pytest.approx(exact, abs=0.1 * sum(goal.worth for goal in problem.goals))


@pytest.mark.parametrize("prices", [(120.0, 60.0), (60.0, 120.0), (120.0, 90.0, 20.0)])
def test_a_phone_is_closed_with_the_cheapest_panel(
    prices: tuple[float, ...], catalogue: Catalogue, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Nothing is promised of the display, but what the phone had is broken: whoever opened it fits a panel."""
    panels = tuple(NewPanel(PanelKind.GENUINE_USED, "Ostby", price=price) for price in prices)
    display = DisplayFacts(OriginalState.DAMAGED, ChipPlace.LOST, panels)
    parts: dict[PartKind, Any] = {PartKind.DISPLAY: display, PartKind.MOTOR: MotorFacts()}
    dear = Preferences(worth={**WORTH, Function.HAPTICS: 400.0})
    case = Case(catalogue.models["cedar_l"], Version(4, 6), (Function.HAPTICS,), parts, rules=catalogue.rules, preferences=dear)
    together = make_plan(case, catalogue.figures)
    monkeypatch.setattr(planner, "MOST_TOGETHER", -1)
    alone = make_plan(case, catalogue.figures)
    assert alone.parted is not None
    assert alone.advice.value == pytest.approx(together.advice.value, rel=0.02), "a panel lost while it is fitted is not counted"
    for plan in (together, alone):
        (fit,) = (action for action in plan.routes[0].actions if action.key == "fit")
        assert fit.extra_cost == min(prices)
    assert test_conditions.Bench(case).walk(alone.routes[0]) == []


def test_a_phone_with_every_kind_on_the_table(catalogue: Catalogue) -> None:
    """Its states together are far too many; each part's way is in the phone's, what they share is done once."""
    panel = NewPanel(PanelKind.GENUINE_USED, "Ostby", price=60)
    parts: dict[PartKind, Any] = {
        PartKind.DISPLAY: DisplayFacts(panels=(panel,)),
        PartKind.SENSOR_FLEX: FlexFacts(FlexState.WORN),
        PartKind.MOTOR: MotorFacts(),
    }
    promised = tuple(function for kind in KINDS for function in room(kind).functions)
    case = Case(catalogue.models["cedar_l"], Version(4, 6), promised, parts, rules=catalogue.rules)
    plan = make_plan(case, catalogue.figures)
    best = plan.routes[0]
    assert plan.parted is not None
    assert plan.advice.gap < 0.05 * sum(map(case.preferences.worth_of, promised)), "nothing could be much better"
    assert all(best.way_on(kind) for kind in (PartKind.DISPLAY, PartKind.SENSOR_FLEX, PartKind.MOTOR))
    assert [action.key for action in best.actions].count("open_phone") == 1
    assert best.left_out == ()
    for kind in parts:
        assert len({route.way_on(kind) for route in plan.routes}) > 1 or kind is PartKind.MOTOR, "a menu for each kind"
    assert plan.advice.next is not None
    assert outlook(Setting.of(case, catalogue.figures)).path[0].key == plan.advice.next.key
    assert test_conditions.Bench(case).walk(best) == []
    menus = {kind: list(dict.fromkeys(route.way_on(kind) for route in plan.routes)) for kind in parts}
    for display in menus[PartKind.DISPLAY]:
        for flex in menus[PartKind.SENSOR_FLEX]:
            found = plan.having({PartKind.DISPLAY: display, PartKind.SENSOR_FLEX: flex, PartKind.MOTOR: ""})
            if found is not None:
                route = found[0].routes[found[1]]
                assert (route.way_on(PartKind.DISPLAY), route.way_on(PartKind.SENSOR_FLEX)) == (display, flex)
                assert test_conditions.Bench(case).walk(route) == []
    assert plan.having({PartKind.DISPLAY: "no such way"}) is None
