"""The search against brute force, published fronts, and a general planning library."""

import random
from enum import Enum
from itertools import permutations, product
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds.display.state import PanelVar
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.parts import Function
from daruma.core.plan.actions import Action, ActionFigures, Heat
from daruma.core.plan.pareto import Found, Search, beats, costs_of, front
from daruma.core.plan.planner import problem_of
from daruma.core.plan.problem import Goal, Problem
from daruma.core.plan.state import Needs, Val, Var, needs
from tests.core.plan.cases import GONE, case


def test_a_published_front() -> None:
    """Smaller is better in both (as two packages for multi-objective optimisation filter it); a duplicate counts once."""
    points = [(1, 5), (2, 3), (4, 1), (3, 4), (5, 5), (2, 3)]
    assert front(points, lambda p: p) == [(1, 5), (2, 3), (4, 1)]
    assert beats((1, 1), (1, 2))
    assert not beats((1, 2), (1, 2))


@given(st.lists(st.tuples(*[st.integers(0, 4)] * 3), max_size=25))
def test_fronts_against_their_definition(points: list[tuple[int, ...]]) -> None:
    kept = front(points, lambda p: p)
    assert set(kept) == {p for p in points if not any(beats(q, p) for q in points)}
    assert len(set(kept)) == len(kept)


VARS = [PanelVar.SERIAL, PanelVar.COVER, PanelVar.RECORD, PanelVar.CHIP]


def random_actions(rng: random.Random) -> list[Action]:
    actions = []
    for i in range(rng.randint(2, 5)):
        target = rng.choice(VARS)
        before = tuple(needs(var, Val.YES) for var in rng.sample(VARS, rng.randint(0, 2)) if var is not target)
        spoils = {rng.choice(VARS): Val.LOST} if rng.random() < 0.3 else {}
        figures = ActionFigures(
            f"a{i}",
            rng.randint(0, 5),
            rng.randint(0, 5),
            rng.randint(0, 3),
            heat=rng.choice([Heat.NONE, Heat.BOARD]),
            writes=rng.choice([0, 0, 1]),
        )
        chance = rng.choice([1.0, 0.9, 0.5])
        effects = {target: Val.YES}
        actions.append(
            Action(
                f"a{i}",
                figures,
                before,
                effects,
                chances=(chance,),
                ruins=(1.0,) if spoils else (),
                ruined=spoils,
            )
        )
    return actions


def brute_force(start: dict[Enum, Enum], actions: list[Action], goals: list[Goal]) -> set[tuple[float, ...]]:
    """Every order of every subset; the chance of a goal is the product over the actions that its values rest on."""
    vectors = []
    for n in range(len(actions) + 1):
        for order in permutations(actions, n):
            values, rests = dict(start), {var: frozenset[str]() for var in start}
            for action in order:
                if not action.applicable(values):
                    break
                mine = frozenset({action.key} if action.straight < 1 else ()).union(
                    *(rests[need.var] for need in action.conditions)
                )
                for var in {*action.effects, *action.ruined} if action.straight < 1 else set(action.effects):
                    rests[var] = mine if var in action.effects else rests[var] | {action.key}
                values.update(action.effects)
            else:
                vectors.append((order, values, rests))
    chance = {action.key: action.straight for action in actions}
    found = []
    for order, values, rests in vectors:
        costs = [sum(parts) for parts in zip((0,) * 5, *(costs_of(action) for action in order), strict=True)]
        chances = []
        for goal in goals:
            best = 0.0
            for conjunction in goal.alternatives:
                if all(need.met(values) for need in conjunction):
                    p = 1.0
                    for key in sorted(frozenset().union(*(rests[need.var] for need in conjunction))):
                        p *= chance[key]
                    best = max(best, p)
            chances.append(-round(best, 12))
        if any(chances):
            found.append((*costs, *chances))
    return set(front(found, lambda v: v))


def vectors_of(found: list[Found]) -> set[tuple[float, ...]]:
    return set(front([(*way.costs, *(-chance for chance in way.chances)) for way in found], lambda v: v))


@given(st.integers(0, 10**6))
def test_no_way_is_missed(seed: int) -> None:
    rng = random.Random(seed)
    actions = random_actions(rng)
    goals = [
        Goal(Function.TOUCH, ((needs(rng.choice(VARS), Val.YES),),)),
        Goal(Function.AMBIENT_WHITE, ((needs(VARS[0], Val.YES), needs(VARS[1], Val.YES)), (needs(VARS[2], Val.YES),))),
    ]
    start: dict[Enum, Enum] = dict.fromkeys(VARS, Val.NO)
    assert vectors_of(Search(Problem(start, actions, goals)).run()) == brute_force(start, actions, goals)


# -- textbook problems and a general planning library


def value(name: str) -> Enum:
    return Enum("Value", {name.replace("-", "_"): name})(name)  # type: ignore[call-overload,no-any-return]


class Words:
    """Variables and values by name: equal names are the same."""

    def __init__(self) -> None:
        self._made: dict[str, Enum] = {}

    def __call__(self, name: str) -> Enum:
        return self._made.setdefault(name, value(name))


UNIT = ActionFigures("step", 1.0)


def shortest(start: dict[Enum, Enum], actions: list[Action], goal: dict[Enum, Enum]) -> int:
    wanted = Goal(Function.TOUCH, (tuple(needs(var, val) for var, val in goal.items()),))
    return min(way.costs[0] for way in Search(Problem(start, actions, [wanted])).run()) // 1000


def step(key: str, before: dict[Enum, Enum], after: dict[Enum, Enum]) -> Action:
    return Action(key, UNIT, tuple(Needs(var, frozenset({val})) for var, val in before.items()), after)


def test_sussman() -> None:
    """Sussman's anomaly, blocks world with four operators: 6 steps (planning textbooks)."""
    w, blocks, actions = Words(), "abc", []
    for x in blocks:
        for y in [*blocks, "table"]:
            if x == y:
                continue
            free = {} if y == "table" else {w(f"clear {y}"): w("yes")}
            taken = {w(f"on {x}"): w(y), w("hand"): w("empty"), w(f"clear {x}"): w("yes")}
            held = {w(f"on {x}"): w("held"), w("hand"): w("full"), w(f"clear {x}"): w("no")}
            actions.append(step(f"take {x} {y}", taken, {**held, **free}))
            covered = {} if y == "table" else {w(f"clear {y}"): w("no")}
            put = {w(f"on {x}"): w(y), w("hand"): w("empty"), w(f"clear {x}"): w("yes"), **covered}
            actions.append(step(f"put {x} {y}", {w(f"on {x}"): w("held"), **free}, put))
    start = {w("on a"): w("table"), w("on b"): w("table"), w("on c"): w("a"), w("hand"): w("empty")}
    start |= {w("clear a"): w("no"), w("clear b"): w("yes"), w("clear c"): w("yes")}
    assert shortest(start, actions, {w("on a"): w("b"), w("on b"): w("c")}) == 6


def test_gripper_with_four_balls() -> None:
    """Two grippers, two rooms, four balls: 11 steps (International Planning Competition)."""
    w, actions = Words(), []
    for a, b in (("left", "right"), ("right", "left")):
        actions.append(step(f"go {b}", {w("robot"): w(a)}, {w("robot"): w(b)}))
    for ball, room, hand in product("1234", ("left", "right"), ("g1", "g2")):
        at, held = w(f"ball {ball}"), w(hand)
        actions.append(
            step(f"pick {ball} {room} {hand}", {w("robot"): w(room), at: w(room), held: w("free")}, {at: held, held: w("full")})
        )
        actions.append(step(f"drop {ball} {room} {hand}", {w("robot"): w(room), at: held}, {at: w(room), held: w("free")}))
    start = {w("robot"): w("left"), w("g1"): w("free"), w("g2"): w("free"), **{w(f"ball {b}"): w("left") for b in "1234"}}
    assert shortest(start, actions, {w(f"ball {b}"): w("right") for b in "1234"}) == 11


def test_towers_of_hanoi() -> None:
    """Three discs: 7 moves (2^n - 1)."""
    w, actions = Words(), []
    pegs, discs = ("p1", "p2", "p3"), ("d1", "d2", "d3")
    for index, disc in enumerate(discs):
        places = [*pegs, *discs[index + 1 :]]
        for a, b in permutations(places, 2):
            before = {w(f"on {disc}"): w(a), w(f"top {disc}"): w("clear"), w(f"top {b}"): w("clear")}
            actions.append(
                step(f"{disc} {a} {b}", before, {w(f"on {disc}"): w(b), w(f"top {a}"): w("clear"), w(f"top {b}"): w("covered")})
            )
    start = {w("on d1"): w("d2"), w("on d2"): w("d3"), w("on d3"): w("p1")}
    start |= {w(f"top {p}"): w("covered" if p in ("p1", "d2", "d3") else "clear") for p in (*pegs, *discs)}
    assert shortest(start, actions, {w("on d1"): w("d2"), w("on d2"): w("d3"), w("on d3"): w("p3")}) == 7


def to_pddl(problem: Problem, goal: int) -> tuple[str, str]:
    """Translate a case to STRIPS: one predicate for each value, one operator for each choice among good values."""

    def fact(var: Enum, val: Enum) -> str:
        return f"({var.value}-{val.name})".replace(" ", "-").replace("_", "-")

    values: dict[Enum, set[Enum]] = {var: set() for var in problem.vars}
    start = problem.unpack(problem.start)
    for var, val in start.items():
        values[var].add(val)
    for action in problem.actions:
        for var, val in action.effects.items():
            values[var].add(val)
    operators = []
    for number, action in enumerate(problem.actions):
        usable = [[v for v in need.good if v in values[need.var]] for need in action.conditions]
        for index, chosen in enumerate(product(*usable)):
            before = " ".join(fact(need.var, val) for need, val in zip(action.conditions, chosen, strict=True))
            after = [fact(var, val) for var, val in action.effects.items()]
            gone = [f"(not {fact(var, val)})" for var, now in action.effects.items() for val in values[var] if val is not now]
            changes = " ".join(after + gone)
            operators.append(f"(:action a{number}-{index} :parameters () :precondition (and {before}) :effect (and {changes}))")
    for index, conjunction in enumerate(problem.goals[goal].alternatives):
        for number, chosen in enumerate(product(*[[v for v in n.good if v in values[n.var]] for n in conjunction])):
            before = [fact(need.var, val) for need, val in zip(conjunction, chosen, strict=True)]
            operators.append(
                f"(:action r{index}-{number} :parameters () :precondition (and {' '.join(before)}) :effect (and (reached)))"
            )
    predicates = " ".join(sorted({fact(var, val) for var, vals in values.items() for val in vals}))
    domain = f"(define (domain bench) (:requirements :strips) (:predicates (reached) {predicates}) {' '.join(operators)})"
    init = " ".join(fact(var, val) for var, val in start.items())
    return domain, f"(define (problem case) (:domain bench) (:init {init}) (:goal (and (reached))))"


CASES = [
    {},
    {"system": "5.4"},
    {"system": "3.5", **GONE},
    {"system": "4.8", **GONE},
    {"system": "4.5", "panels": (), "flex": FlexState.WORN, "promised": (Function.AUTO_BRIGHTNESS, Function.FACE_UNLOCK)},
]


@pytest.mark.filterwarnings("ignore")
@pytest.mark.parametrize("changes", CASES)
def test_the_fewest_steps_against_a_planning_library(catalogue: Catalogue, changes: dict[str, object], tmp_path: Path) -> None:
    """Breadth-first search of a general STRIPS planner on the translated case: the same number of steps for each goal."""
    from pyperplan.planner import search_plan
    from pyperplan.search import breadth_first_search

    problem = problem_of(case(catalogue, **changes), catalogue.figures)  # type: ignore[arg-type]
    for index, goal in enumerate(problem.goals):
        domain, task = to_pddl(problem, index)
        (tmp_path / "domain.pddl").write_text(domain)
        (tmp_path / "task.pddl").write_text(task)
        reference = search_plan(str(tmp_path / "domain.pddl"), str(tmp_path / "task.pddl"), breadth_first_search, None)
        mine = [way for way in Search(unit_costs(problem)).run() if way.chances[index] > 0]
        fewest = min((len(way.actions) for way in mine), default=None)
        # the last step of the translation only says that the goal is reached
        assert fewest == (len(reference) - 1 if reference is not None else None), goal.function


def unit_costs(problem: Problem) -> Problem:
    actions = [replace(action, figures=UNIT, extra_cost=0.0, chances=(1.0,), ruins=(), ruined={}) for action in problem.actions]
    ends = [Needs(Var.PHONE, frozenset({Val.FITTED}))]
    return Problem(problem.unpack(problem.start), actions, problem.goals, ends)
