"""The planner: search, display actions, closed ways, planning again from where things stand."""

from dataclasses import replace
from enum import Enum
from itertools import permutations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.job import Job, Step, StepState, Ticket
from daruma.core.known import progress
from daruma.core.parts import Function, PartKind, PartSelf, Version
from daruma.core.plan.actions import Action, ActionFigures, ActionKind
from daruma.core.plan.case import GOAL_VAR, ChipPlace, DisplayCase, OriginalState, PanelKind
from daruma.core.plan.display import display_actions
from daruma.core.plan.search import Plan, Rates, cheapest, make_plan, price
from daruma.core.plan.state import State, Val, Var, needs

ALL = tuple(GOAL_VAR)


def case(catalogue: Catalogue, key: str = "cedar_l", system: str = "4.6", **changes: object) -> DisplayCase:
    made = DisplayCase(
        catalogue.models[key],
        Version.parse(system),
        OriginalState.UNTRIED,
        ChipPlace.ON_ORIGINAL,
        PanelKind.GENUINE_USED,
        ALL,
    )
    return replace(made, **changes)  # type: ignore[arg-type]


def solved(made: DisplayCase, catalogue: Catalogue) -> Plan:
    return make_plan(made.start(), made.goals(), display_actions(made, catalogue.figures))


def test_the_shortest_plan_of_a_textbook_problem() -> None:
    """Sussman's anomaly (blocks world with pick-up, put-down, stack, unstack): 6 steps (planning textbooks, from memory)."""
    blocks = "abc"
    on = {b: Enum(f"On{b}", {"v": f"on-{b}"}).v for b in blocks}  # type: ignore[attr-defined]
    clear = {b: Enum(f"Clear{b}", {"v": f"clear-{b}"}).v for b in blocks}  # type: ignore[attr-defined]
    hand = Enum("Hand", {"v": "hand"}).v  # type: ignore[attr-defined]
    value = Enum("Where", {x: x for x in ["a", "b", "c", "table", "held", "yes", "no", "empty", "full"]})
    free = figures = ActionFigures("step", 1.0)
    actions = []
    for x in blocks:
        for y in [*blocks, "table"]:
            if x == y:
                continue
            take = {on[x]: value["held"], hand: value["full"], clear[x]: value["no"]} | (
                {clear[y]: value["yes"]} if y != "table" else {}
            )
            put = {on[x]: value[y], hand: value["empty"], clear[x]: value["yes"]} | (
                {clear[y]: value["no"]} if y != "table" else {}
            )
            taken = (
                needs(on[x], value[y], otherwise=""),
                needs(clear[x], value["yes"], otherwise=""),
                needs(hand, value["empty"], otherwise=""),
            )
            putting = [needs(on[x], value["held"], otherwise="")]
            if y != "table":
                putting.append(needs(clear[y], value["yes"], otherwise=""))
            actions.append(Action(f"take {x} {y}", ActionKind.HAND, free, taken, take))
            actions.append(Action(f"put {x} {y}", ActionKind.HAND, figures, tuple(putting), put))
    start = {on["a"]: value["table"], on["b"]: value["table"], on["c"]: value["a"], hand: value["empty"]}
    start |= {clear["a"]: value["no"], clear["b"]: value["yes"], clear["c"]: value["yes"]}
    path = cheapest(State.of(start), {on["a"]: value["b"], on["b"]: value["c"]}, actions)
    assert path is not None
    assert [a.key for a in path] == ["take c a", "put c table", "take b table", "put b c", "take a table", "put a b"]


@given(st.lists(st.tuples(st.floats(0, 30), st.floats(0, 30), st.booleans()), min_size=1, max_size=4), st.data())
def test_no_order_is_cheaper_than_the_one_that_is_found(costs: list[tuple[float, float, bool]], data: st.DataObject) -> None:
    """Against brute force over all orders and subsets of a few random actions."""
    variables = [Var.PHONE, Var.CODES, Var.NEW_READ, Var.FLEX]
    actions = []
    for i, (minutes, cost, chained) in enumerate(costs):
        before = (needs(variables[i - 1], Val.YES, otherwise="not yet"),) if chained and i else ()
        target = variables[data.draw(st.integers(0, i))]
        actions.append(Action(f"a{i}", ActionKind.HAND, ActionFigures("x", minutes, cost=cost), before, {target: Val.YES}))
    goals = {variables[data.draw(st.integers(0, len(costs) - 1))]: Val.YES}
    start = State.of(dict.fromkeys(variables, Val.NO))
    best = None
    for n in range(len(actions) + 1):
        for order in permutations(actions, n):
            values = start.as_dict()
            for action in order:
                if not action.applicable(values):
                    break
                values |= action.effects
            else:
                if all(values[var] is val for var, val in goals.items()):
                    total = sum(price(a, Rates()) for a in order)
                    best = total if best is None else min(best, total)
    path = cheapest(start, goals, actions)
    found = None if path is None else sum(price(a, Rates()) for a in path)
    assert found == (None if best is None else pytest.approx(best))


def test_the_way_of_the_slice(catalogue: Catalogue) -> None:
    """Original present, chip not yet moved: keep, write, only then heat; fit, then prove (common practice, no source)."""
    plan = solved(case(catalogue), catalogue)
    keys = [action.key for action in plan.routes[0].actions]
    order = [
        "open_phone",
        "original_to_socket",
        "read_original",
        "new_to_socket",
        "read_new",
        "write_new",
        "lift_chip",
        "solder_chip",
        "fit",
    ]
    assert [key for key in keys if key in order] == order
    assert keys.index("clear_new_chip") < keys.index("solder_chip")
    assert {key for key in keys if key.startswith("prove")} == {f"prove_{var.value}" for var in GOAL_VAR.values()}
    route = plan.routes[0]
    assert route.writes == 1
    assert {knot.key for knot in route.knots} == {"write_new", "lift_chip", "clear_new_chip", "solder_chip"}
    chances = [route.chance(goal) for goal in GOAL_VAR.values()]
    assert all(route.chance() <= chance <= 1 for chance in chances)


def test_closed_ways_say_why(catalogue: Catalogue) -> None:
    closed = {way.way: way.reason for way in solved(case(catalogue), catalogue).closed}
    assert closed == {
        "Use an earlier backup": "the vault holds no earlier backup of this phone",
        "Read the codes from the phone over the cable": "Cedar L does not give the display's codes over the cable",
    }
    missing = solved(case(catalogue, original=OriginalState.MISSING, promised=(Function.AMBIENT_WHITE,)), catalogue)
    assert not missing.routes
    assert {w.reason for w in missing.closed} >= {"the original is missing or does not answer"}
    no_air = solved(case(catalogue, hot_air=False), catalogue)
    assert not no_air.routes
    assert "the shop rules out hot air" in {way.reason for way in no_air.closed}
    flex = solved(case(catalogue, flex_is_original=False, promised=(Function.AMBIENT_WHITE,)), catalogue)
    assert {way.reason for way in flex.closed} >= {"the front sensor flex is not the one the board expects"}


def test_ways_open_with_what_there_is(catalogue: Catalogue) -> None:
    assert len(solved(case(catalogue, earlier_backup=True), catalogue).routes) == 2
    alder = solved(case(catalogue, "alder_l", "3.9"), catalogue)
    assert {route.way for route in alder.routes} == {
        "Read the original on the socket",
        "Read the codes from the phone over the cable",
    }
    assert all("solder_chip" not in {a.key for a in route.actions} for route in alder.routes), "Alder never asks for the chip"
    touch_only = solved(case(catalogue, promised=(Function.TOUCH,)), catalogue)
    assert [route.way for route in touch_only.routes] == ["Fit without writing data"]
    assert touch_only.routes[0].writes == 0, "what nobody was promised is not written"


def test_every_model_and_version_gives_routes_or_reasons() -> None:
    catalogue = load_catalogue()
    for model in catalogue.models.values():
        for system in (model.first_system, model.last_system):
            for original in OriginalState:
                plan = solved(case(catalogue, model.key, str(system), original=original), catalogue)
                assert plan.routes or plan.closed
                assert all(way.reason for way in plan.closed)


def _job(*done: str, failed: str = "", panel: str = "", target: str = "") -> Job:
    steps = [Step(key, StepState.DONE) for key in done] + ([Step(failed, StepState.FAILED)] if failed else [])
    part = PartSelf(target, PartKind.DISPLAY, "Ostby", "cedar_l", 256) if target else None
    return Job(1, "", Ticket(panel_die=panel), steps=tuple(steps), target=part)


def test_planning_again_from_where_things_stand(catalogue: Catalogue) -> None:
    base = case(catalogue)
    actions = display_actions(base, catalogue.figures)
    to_read = ("open_phone", "original_to_socket", "read_original", "new_to_socket", "read_new")

    def again(job: Job) -> list[str]:
        plan = solved(replace(base, progress=progress(job, actions)), catalogue)
        return [action.key for action in plan.routes[0].actions]

    assert again(_job(*to_read))[0] == "write_new"
    assert again(_job(*to_read, failed="write_new"))[:2] == ["read_new", "write_new"], (
        "after a failed write the panel is read first"
    )
    other = again(_job(*to_read, "write_new", panel="other", target="first"))
    assert other[:3] == ["new_to_socket", "read_new", "write_new"], "another panel starts from its beginning"
    assert "read_original" not in other, "the backup is kept"
