"""The actions' conditions, by a checker written from the trade's own rules: random cases, every way step by step.

What is checked is common practice of the trade, with no published source; the cases are drawn from a seeded generator.
"""

import random
from typing import Any

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds import promisable, room
from daruma.core.kinds.display.facts import ChipPlace, DisplayFacts, NewPanel, OriginalState, PanelKind, PanelRecord, facts_of
from daruma.core.kinds.display.state import PanelVal, PanelVar
from daruma.core.kinds.sensor_flex import FlexFacts, FlexState
from daruma.core.parts import Function, PartKind, Version
from daruma.core.plan.case import Case
from daruma.core.plan.goals import goal
from daruma.core.plan.kit import Kit
from daruma.core.plan.planner import make_plan, problem_of
from daruma.core.plan.policy import Choice, Policy, solve
from daruma.core.plan.replay import replay
from daruma.core.plan.routes import Route
from daruma.core.plan.setting import bench_actions, start_of
from daruma.core.tri import Tri
from tests.conftest import seeds
from tests.core.plan.cases import ALL, GONE, case, solved, varied, ways


def drawn(catalogue: Catalogue, rng: random.Random) -> Case:
    """Return a random case over all models, eras, states and kits."""
    model = rng.choice(tuple(catalogue.models.values()))
    systems = [v for v in map(Version.parse, ("3.0", "3.6", "4.1", "4.6", "5.0", "5.2", "5.3", "5.4")) if model.first_system <= v]
    system = rng.choice([v for v in systems if v <= model.last_system] or [model.first_system])
    original = rng.choice(tuple(OriginalState))
    chip = rng.choice(tuple(ChipPlace))
    if original is OriginalState.MISSING and chip is ChipPlace.ON_ORIGINAL:
        chip = ChipPlace.LOST
    # the battery is not on the table here
    can = [f for f in promisable() if f in model.functions and f not in room(PartKind.BATTERY).functions]
    promised = tuple(f for f in can if rng.random() < 0.6) or (Function.TOUCH,)
    display = DisplayFacts(
        original,
        chip,
        tuple(panel(catalogue, model.makers, rng) for _ in range(rng.choice((1, 1, 1, 2)))),
        earlier_backup=rng.random() < 0.2,
        complete_record=rng.random() < 0.3,
        serial_on_paper=rng.random() < 0.3,
    )
    flex = FlexFacts(rng.choice((FlexState.SOUND,) * 4 + tuple(FlexState)))
    made = Case(
        model,
        system,
        promised,
        {PartKind.DISPLAY: display, PartKind.SENSOR_FLEX: flex},
        runs=rng.random() < 0.7,
        trusted=rng.random() < 0.8,
        rules=catalogue.rules,
        system_name=catalogue.system,
    )
    sockets = frozenset({model.memory_package}) if rng.random() < 0.6 else frozenset[str]()
    kit = Kit(rng.random() < 0.85, rng.random() < 0.7, sockets, rng.random() < 0.8, rng.random() < 0.8, rng.random() < 0.9)
    source = rng.choice(("", *model.makers))
    return varied(made, kit=kit, trusted=made.trusted and made.runs, source_maker=source)


def panel(catalogue: Catalogue, makers: tuple[str, ...], rng: random.Random) -> NewPanel:
    kind = rng.choice(tuple(PanelKind))
    brand = rng.choice((None, *catalogue.brands.values())) if kind is PanelKind.AFTERMARKET else None
    record = rng.choice((None, None, *PanelRecord))
    maker, price, writes = rng.choice(makers), rng.choice((20.0, 70.0, 140.0)), rng.choice((0, 0, 1, 3))
    tri = rng.choice(tuple(Tri)), rng.choice(tuple(Tri))
    return NewPanel(kind, maker, "", brand, price, record, writes, False, False, *tri)


class Bench:
    """Walk a way as a technician would, and say what is against the rules of the trade."""

    def __init__(self, made: Case) -> None:
        self.case = made
        self.panel = 0
        self.read = self.board_codes = False
        self.loose = self.fitting = False
        self.open = self.trial = self.lifted = self.unbound = False
        self.trust = made.trusted
        self.fitted = self.has_data = False
        self.moved = facts_of(made).chip is ChipPlace.MOVED
        self.own_chip = facts_of(made).chip is not ChipPlace.MOVED
        self.wrong: list[str] = []

    def walk(self, route: Route) -> list[str]:
        for action in route.actions:
            self.action = action
            deed = getattr(self, f"_{action.key}", None)
            if deed is not None:
                deed()
            if action.figures.writes and not self.open:
                self.wrong.append(f"{action.key} with the phone closed")
        if not self.fitted or self.loose or self.lifted:
            self.wrong.append("the way ends with the phone open, the chip loose or the memory off the board")
        return self.wrong

    def _brand(self) -> bool:
        return facts_of(self.case).panels[self.panel].data_before_chip if facts_of(self.case).panels else False

    def _open_phone(self) -> None:
        self.open = True

    def _another_panel(self) -> None:
        self.panel, self.has_data, self.own_chip = self.panel + 1, False, True

    def _read_original(self) -> None:
        if facts_of(self.case).original in (OriginalState.MISSING, OriginalState.DAMAGED):
            self.wrong.append("an original is read that cannot be")
        self.read = True

    def _write_new(self) -> None:
        self.has_data = True
        if "full" in self.action.variant and self._of_another_maker() and not self.fitting:
            self.wrong.append("a whole record of another maker's panel is written as if it were this one's")

    def _write_codes(self) -> None:
        self.has_data = True

    def _tune_record(self) -> None:
        self.fitting = True

    def _write_other_maker(self) -> None:
        self.has_data = True
        if not self._of_another_maker() or facts_of(self.case).panels[self.panel].maker not in self.case.model.takes_other_makers:
            self.wrong.append("another maker's record where there is none, or on a panel that takes none")

    def _of_another_maker(self) -> bool:
        return facts_of(self.case).source_maker not in ("", facts_of(self.case).panels[self.panel].maker)

    def _lift_chip(self) -> None:
        answers = facts_of(self.case).original in (OriginalState.ANSWERS, OriginalState.UNTRIED)
        if answers and not self.read:
            self.wrong.append("heat comes near an original that was neither read nor tried")
        if not self.case.kit.hot_air:
            self.wrong.append("a chip is lifted without hot air")
        self.loose = True

    def _solder_chip(self) -> None:
        carries = facts_of(self.case).panels[self.panel].carries in (PanelRecord.BOARDS, PanelRecord.BOARDS_PARTIAL)
        if self._brand() and not (self.has_data or carries):
            self.wrong.append("a chip is soldered to a panel that wants its data first")
        if not self.loose or self.own_chip:
            self.wrong.append("there is no loose chip, or another one is in the way")
        self.loose, self.moved = False, True

    def _clear_new_chip(self) -> None:
        self.own_chip = False

    def _start_trial(self) -> None:
        if not self.open or self.lifted or not (self.own_chip or self.moved or not facts_of(self.case).panels):
            self.wrong.append("a trial with a closed phone, without its memory, or with a panel that stays dark")
        self.trial, self.open, self.trust = True, False, True

    def _end_trial(self) -> None:
        self.trial, self.open = False, True

    def _confirm_trust(self) -> None:
        self.trust = True

    def _unbind_on_phone(self) -> None:
        window = self.case.model.unbind_on_phone
        if window is None or not window[0] <= self.case.system <= window[1]:
            self.wrong.append("unbinding on a phone whose system does not know it")
        self._phone_runs("unbinding")
        self.unbound = True

    def _codes_over_cable(self) -> None:
        self._phone_runs("reading over the cable")
        if not self.unbound and not self.case.model.codes_over_cable:
            self.wrong.append("codes from a board that keeps them to itself")

    def _back_up_flex(self) -> None:
        self._phone_runs("backing up the flex")

    def _phone_runs(self, what: str) -> None:
        closed = self.case.runs and not self.open and self.trust
        if not (closed or self.trial):
            self.wrong.append(f"{what} with a phone that does not run or does not trust the bench")

    def _lift_memory(self) -> None:
        if self.case.model.memory_package not in self.case.kit.memory_sockets or not self.case.kit.hot_air:
            self.wrong.append("the memory is lifted without its socket or hot air")
        self.lifted = True

    def _refit_memory(self) -> None:
        self.lifted, self.unbound = False, True

    def _fit(self) -> None:
        self.fitted, self.open = True, False

    def _finish_on_phone(self) -> None:
        since = self.case.model.finishing_since
        if since is None or self.case.system < since or not self.case.kit.network or not self.fitted:
            self.wrong.append("finishing where the phone knows none, without a network or before it is closed")


def check(catalogue: Catalogue, seed: int) -> int:
    """Assert that no way of a random case breaks a rule and none shown is beaten by another; return how many ways."""
    made = drawn(catalogue, random.Random(f"conditions/{seed}"))
    plan = make_plan(made, catalogue.figures)
    for route in plan.routes:
        assert Bench(made).walk(route) == [], (seed, route.way, [action.key for action in route.actions])
        _replays(made, catalogue, route, seed)
    vectors = [route.vector() for route in plan.routes]
    for one in vectors:
        assert not any(all(a <= b for a, b in zip(other, one, strict=True)) and other != one for other in vectors), seed
    return len(plan.routes)


def _replays(made: Case, catalogue: Catalogue, route: Route, seed: int) -> None:
    """The steps of a way, given back as done, lead to the state that the way ends in."""
    actions, values = bench_actions(made, catalogue.figures), start_of(made)
    for action in route.actions:
        values = {**values, **action.effects}
    done = tuple((action.uid if action.key == "another_panel" else action.key, True) for action in route.actions)
    found = replay(start_of(made), actions, done)
    left_out = {PanelVar.TRIED}
    assert {k: v for k, v in found.items() if k not in left_out} == {k: v for k, v in values.items() if k not in left_out}, seed


@pytest.mark.parametrize("tried", seeds(25, 5000))
def test_no_way_breaks_a_rule_of_the_trade(tried: range, catalogue: Catalogue) -> None:
    assert sum(check(catalogue, seed) for seed in tried) > len(tried)


def test_a_moved_chip_lights_up_a_trial(catalogue: Catalogue) -> None:
    made = case(catalogue, "damson", "4.4", original=OriginalState.DAMAGED, chip=ChipPlace.MOVED)
    assert "Lift the BGA315 memory" in ways(solved(made, catalogue))


def test_a_code_from_paper_is_no_reason_to_heat_an_original(catalogue: Catalogue) -> None:
    boards = (NewPanel(record=PanelRecord.BOARDS, price=70),)
    made = case(catalogue, original=OriginalState.ANSWERS, panels=boards, serial_on_paper=True)
    for route in solved(made, catalogue).routes:
        steps = [action.key for action in route.actions]
        assert "lift_chip" not in steps or steps.index("read_original") < steps.index("lift_chip")


def test_unbinding_does_not_close_the_original(catalogue: Catalogue) -> None:
    made = case(catalogue, system="4.0", original=OriginalState.ANSWERS, flex=FlexState.REPLACED)
    made = varied(made, panels=(NewPanel(PanelKind.GENUINE_NEW, price=70),), promised=(*ALL, Function.FACE_UNLOCK))
    assert any("Unbind on the phone, Read the original" in way for way in ways(solved(made, catalogue)))


def test_a_serial_alone_is_written(catalogue: Catalogue) -> None:
    made = case(catalogue, promised=(Function.AMBIENT_WHITE,), serial_on_paper=True, kit=Kit(memory_sockets=frozenset()), **GONE)
    assert "Type the serial from paper, write for the panel's own chip" in ways(solved(made, catalogue))


@pytest.mark.parametrize(
    ("record", "paper", "way"),
    [
        (PanelRecord.PARTIAL, False, "Finish on the phone"),
        (PanelRecord.BOARDS, True, "Write for the panel's own chip, finish on the phone"),
        (PanelRecord.BLANK, True, "Type the serial from paper, write for the panel's own chip, finish on the phone"),
    ],
)
def test_finishing_asks_for_codes_and_not_for_calibration(
    record: PanelRecord, paper: bool, way: str, catalogue: Catalogue
) -> None:
    panels = (NewPanel(PanelKind.GENUINE_NEW, price=70, record=record),)
    promised = (Function.NO_DISPLAY_NOTICE, Function.TOUCH)
    made = case(catalogue, system="5.4", panels=panels, promised=promised, serial_on_paper=paper, **GONE)
    assert way in ways(solved(made, catalogue))


def test_on_a_trial_the_phone_is_unbound_and_its_flex_backed_up(catalogue: Catalogue) -> None:
    dead = {"runs": False, "trusted": False}
    unbound = solved(case(catalogue, "birch", "3.6", **GONE, **dead), catalogue)
    assert any("start_trial" in _keys(r) and "unbind_on_phone" in _keys(r) for r in unbound.routes)
    promised = (Function.AUTO_BRIGHTNESS, Function.FACE_UNLOCK)
    worn = solved(case(catalogue, promised=promised, flex=FlexState.WORN, original=OriginalState.ANSWERS, **dead), catalogue)
    assert any("start_trial" in _keys(r) and "back_up_flex" in _keys(r) for r in worn.routes)
    alder = solved(case(catalogue, "alder", "3.9", promised=(Function.AMBIENT_WHITE,), trusted=False, **GONE), catalogue)
    assert _keys(alder.routes[0])[0] == "confirm_trust"


def _keys(route: Route) -> list[str]:
    return [action.key for action in route.actions]


def test_fitting_again_costs_no_second_panel(catalogue: Catalogue) -> None:
    made = case(catalogue, panels=(NewPanel(price=120),), history=(("open_phone", True), ("fit", True)))
    assert all(route.cost < 20 for route in solved(made, catalogue).routes)


def test_the_phone_is_never_left_open(catalogue: Catalogue) -> None:
    """Stopping with the phone open costs what closing it takes."""
    made = case(catalogue, kit=Kit(hot_air=False), panels=(NewPanel(locked=Tri.YES),), history=(("open_phone", True),))
    problem = problem_of(made, catalogue.figures)
    policy = Policy(problem, made.preferences)
    assert policy.bounds.stop(problem.start) < 0
    closed = problem_of(varied(made, history=()), catalogue.figures)
    assert Policy(closed, made.preferences).bounds.stop(closed.start) == 0


def test_which_panel_was_taken_is_known(catalogue: Catalogue) -> None:
    three: Any = tuple(NewPanel(price=price) for price in (70, 30, 140))
    for uid, value in (("another_panel", PanelVal.SECOND), ("another_panel:third", PanelVal.THIRD)):
        made = case(catalogue, panels=three, history=((uid, True),))
        problem = problem_of(made, catalogue.figures)
        assert problem.unpack(problem.start)[PanelVar.PANEL] is value


@pytest.mark.parametrize("function", sorted(set(Function) - set(promisable()), key=lambda each: each.value))
def test_a_function_that_no_rule_speaks_for_is_reached_by_nothing(function: Function, catalogue: Catalogue) -> None:
    """No rule is not the same as no condition: what nothing is known of is never "as good as done"."""
    for model in catalogue.models.values():
        if function not in model.functions:
            assert goal(case(catalogue, model.key, str(model.first_system)), function).alternatives == ()


def plain_value(made: Case, catalogue: Catalogue, most: int = 12_000) -> tuple[float, float] | None:
    """Return the policy's value, and the one by plain recursion over every state; None where there are too many.

    The plain one refuses states that lead back to themselves.
    """
    problem = problem_of(made, catalogue.figures)
    policy, seen = Policy(problem, made.preferences), [0]

    def choices(state: int) -> list[Choice[int]]:
        seen[0] += 1
        if seen[0] > most:
            raise OverflowError
        found = []
        for edge in problem.open_edges(state):
            outcomes, before = edge.outcomes(state), edge.before | state & ~problem.uncounted
            if all(after != before for _, after, _ in outcomes):
                price = policy.bounds.price(edge) + sum(chance * lost for chance, _, lost in outcomes)
                found.append(Choice(edge.move.action.uid, -price, [(chance, after) for chance, after, _ in outcomes]))
        return found

    try:
        return policy.value(problem.start), solve(problem.start, choices, stop=policy.bounds.stop)[0]
    except OverflowError:
        return None


@pytest.mark.parametrize(("count", "most"), [(20, 4000), pytest.param(400, 50_000, marks=pytest.mark.soak)])
def test_what_the_policy_shares_and_leaves_out_changes_no_value(count: int, most: int, catalogue: Catalogue) -> None:
    tried = (drawn(catalogue, random.Random(f"conditions/{seed}")) for seed in range(2000, 2000 + count))
    compared = [pair for made in tried if (pair := plain_value(made, catalogue, most)) is not None]
    assert all(quick == pytest.approx(plain, abs=1e-6) for quick, plain in compared), compared
    assert len(compared) >= 0.4 * count


def test_what_was_written_for_the_panel_s_own_chip_is_no_dead_end(catalogue: Catalogue) -> None:
    """The technician thinks better of it: the original chip is moved after all, and the board's codes are written."""
    used = (NewPanel(PanelKind.GENUINE_USED, price=70, locked=Tri.NO, touch_flex_replaced=Tri.NO),)
    keys = ("open_phone", "original_to_socket", "read_original", "new_to_socket", "read_new", "write_for_own_chip")
    made = case(catalogue, original=OriginalState.ANSWERS, panels=used, history=tuple((key, True) for key in keys))
    best = solved(made, catalogue).routes[0]
    assert "write_new" in _keys(best)
    assert "solder_chip" in _keys(best)
    assert set(best.kept) == set(made.promised)
