"""The plan view in the real window: what if, preferences, laying over, numbers, planning again after a failure."""

from threading import Event

import pytest
from msgspec.structs import replace
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication

from daruma.bench.context import Context
from daruma.core.errors import Cancelled, Trouble
from daruma.core.job import Job, Stage, StepState
from daruma.core.parts import Function
from daruma.core.plan.money import Aim
from daruma.core.plan.planner import Told
from daruma.core.plan.solution import Solution
from daruma.store.settings import load_settings
from daruma.ui.views.plan import PlanView
from tests.parts import some
from tests.ui.conftest import Driver
from tests.ui.painted import Painted
from tests.ui.walking import by_mouse, held_by_mouse, to_the_plan, to_the_proof, to_the_second_eye, to_the_step

Changes = tuple[tuple[str, str], ...]
MOVE = "Read the original, move the touch chip"


@pytest.fixture
def plan(driver: Driver) -> PlanView:
    to_the_plan(driver, by_mouse)
    driver.idle()
    view = driver.window.views[Stage.PLAN]
    assert isinstance(view, PlanView)
    return view


def shown(view: PlanView) -> str:
    return view.ways.strips.accessibleName()


def test_a_way_is_taken_only_of_a_plan_for_the_job_as_it_is(driver: Driver, plan: PlanView) -> None:
    desk, before = driver.desk, driver.desk.solution
    plan.main.setFocus()
    desk.store.hold()
    desk.replan()
    assert not plan.main.isEnabled(), "the plan is being made anew"
    assert driver.shell.focusWidget() is None, "a key that is pressed now is no other button's"
    desk.replan()
    desk.store.let_go()
    driver.until(plan.main.isEnabled)
    assert desk.solution is not before
    assert plan.main.hasFocus()
    promised = driver.job.ticket.promised
    desk.edit(promised=promised[:-1])
    assert not plan.main.isEnabled(), "the plan is one for another ticket"
    driver.window.open_stage(Stage.PLAN)
    driver.until(plan.main.isEnabled)
    assert desk.solution is not None
    assert set(desk.solution.case.promised) == set(promised[:-1])


def test_a_plan_that_fails_leaves_the_one_before_and_its_ways(
    driver: Driver, plan: PlanView, monkeypatch: pytest.MonkeyPatch
) -> None:
    def full(*_: object) -> None:
        raise Trouble("The store could not be used.", safe="What was kept before is safe.", advice="Make room.")

    before = driver.desk.solution
    with monkeypatch.context() as patch:
        patch.setattr(driver.desk.ready, "solve", full)
        driver.desk.replan()
        driver.until(lambda: bool(driver.troubles))
    assert plan.main.isEnabled()
    assert driver.desk.solution is before


def test_a_way_that_was_planned_for_another_ticket_makes_no_run_sheet(driver: Driver, plan: PlanView) -> None:
    job, solution = driver.job, driver.desk.solution
    assert solution is not None
    other = replace(job, ticket=replace(job.ticket, promised=job.ticket.promised[:-1]))
    driver.desk.jobs[job.number] = other
    driver.desk.choose(solution.plan.routes[0])
    driver.idle()
    assert "has changed since these ways were planned" in driver.troubles[-1].what
    assert not driver.job.steps
    driver.click(plan.main.objectName())
    driver.idle()
    assert driver.job.steps, "they were planned anew"


def test_what_if_and_take_it_back(driver: Driver, plan: PlanView) -> None:
    assert MOVE in shown(plan)
    assert "Finish on the phone is closed: TarnOS 4.6 is older" in shown(plan)
    driver.choose("what_if_fact", "system")
    driver.choose("what_if_value", "5.3")
    assert "opens: Finish on the phone" in plan.ask.said.text()
    assert "Finish on the phone:" in shown(plan)
    assert not plan.main.isEnabled(), "a way that is only asked about cannot be taken"
    assert plan.ways.head.text() == "Ways as they would be"
    driver.click("take_back")
    driver.idle()
    assert "Finish on the phone is closed" in shown(plan)
    assert plan.main.isEnabled()
    driver.choose("what_if_fact", "hot_air")
    driver.choose("what_if_value", "no")
    assert f"closes: {MOVE} (the bench has no hot air)" in plan.ask.said.text()


def test_preferences_are_switches_with_a_price(driver: Driver, plan: PlanView) -> None:
    driver.click("prefer_no_board_heat")
    driver.idle()
    assert "Lift the BGA315 memory is closed: the shop rules out heat on the board" in shown(plan)
    assert "No board heat costs" in plan.preferences.price.text()
    driver.click("prefer_fastest")
    driver.idle()
    folder = driver.desk.ready.shop.folder
    assert load_settings(folder).settings.preferences.aim is Aim.FASTEST
    driver.click("prefer_cheapest")
    driver.idle()
    assert load_settings(folder).settings.preferences.aim is Aim.CHEAPEST, "one aim at a time"
    driver.click("prefer_no_board_heat")
    driver.idle()
    assert not load_settings(folder).settings.preferences.no_board_heat


def test_two_ways_are_laid_over_each_other(driver: Driver, plan: PlanView) -> None:
    driver.click("fewer")
    driver.choose("lay_over", 1)  # type: ignore[arg-type]
    said = [item.text for item in plan.ways.strips.picture.items if hasattr(item, "text")]  # type: ignore[union-attr]
    assert any(text.startswith("Laid over: ") for text in said)
    plan.ways.strips.chosen.emit("1")
    said = [item.text for item in plan.ways.strips.picture.items if hasattr(item, "text")]  # type: ignore[union-attr]
    assert not any(text.startswith("Laid over: ") for text in said), "another choice lifts it off"


def test_ways_that_keep_less_are_shown_when_asked_for(driver: Driver, plan: PlanView) -> None:
    few = len(plan.ways.strips.picture.spots)  # type: ignore[union-attr]
    driver.click("fewer")
    assert len(plan.ways.strips.picture.spots) > few  # type: ignore[union-attr]
    assert "No display notice: not kept" in shown(plan)


def test_numbers_say_where_they_come_from(driver: Driver, plan: PlanView) -> None:
    driver.click("show_numbers")
    driver.idle()
    words = plan.map.numbers.accessibleName()
    assert "a panel takes 3 or 4 or 5 writes in its life, 0 counted" in words
    assert "this shop" in words, "the demo's earlier jobs have taught it something"
    assert "catalogue guess" in words
    driver.click("show_threads")
    assert plan.map.pages.currentWidget() is plan.map.map


def test_advice_names_the_next_step_and_what_follows_a_failure(driver: Driver, plan: PlanView) -> None:
    assert plan.advice.head.text() == "Next: Open, take the display out"
    assert "‘Read and keep the original’ fails" in plan.advice.lines.text()
    driver.until(lambda: not plan.advice.worth.isVisible() or "Worth" in plan.advice.worth.text())


def test_a_step_that_failed_is_planned_around(driver: Driver, plan: PlanView) -> None:
    to_the_step(driver, "lift_chip")
    driver.click("step_failed")
    driver.until(lambda: driver.text("bench_main") == "Plan again from here")
    assert driver.job.steps[driver.job.current_step or 0].state is StepState.FAILED
    driver.click("bench_main")
    driver.until(lambda: driver.window.stage is Stage.PLAN)
    driver.idle()
    assert plan.ways.head.text() == "No way keeps all that is promised; these keep some of it"
    assert plan.advice.head.text() == "Next: Fit the display, start the phone"
    driver.click("plan_main")
    driver.until(lambda: driver.step() in ("new_off_socket", "fit"))


def test_the_flex_job_from_plan_to_proof(driver: Driver) -> None:
    def look(at: Driver) -> None:
        """Overwriting a flex cannot be taken back: held, with its interlocks beside it."""
        at.until(at.window.views[Stage.BENCH].hold.isEnabled)
        assert {lock.key for lock in some(at.desk.survey).locks} == {"backup", "owner", "part", "model", "firmware", "doubt"}

    to_the_proof(driver, "After a swim", by_mouse, held_by_mouse, {"write_flex": look})
    assert Function.FACE_UNLOCK in driver.job.ticket.promised
    to_the_second_eye(driver, by_mouse)
    preview = driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert "a new front sensor flex with the original's data" in preview


def test_planning_is_left_with_the_keyboard(driver: Driver, plan: PlanView) -> None:
    plan.ways.strips.setFocus()
    driver.key(Qt.Key.Key_Down)
    driver.key(Qt.Key.Key_Down)
    assert plan._route == 1


def test_no_way_can_be_taken_before_there_is_a_plan(driver: Driver) -> None:
    driver.click("new_ticket")
    driver.idle()
    view = driver.window.views[Stage.PLAN]
    assert not view.main.isEnabled()
    assert view.main.text() == "Take this way"


@pytest.mark.usefixtures("plan")
def test_a_plan_that_is_overtaken_is_stopped(driver: Driver, monkeypatch: pytest.MonkeyPatch) -> None:
    solve, stopped = driver.desk.ready.solve, Event()

    def endless(job: Job, changes: Changes, context: Context, told: Told) -> Solution:
        if ("runs", "no") not in changes:
            return solve(job, changes, context, told)
        try:
            while True:
                context.checkpoint()
        except Cancelled:
            stopped.set()
            raise

    monkeypatch.setattr(driver.desk.ready, "solve", endless)
    driver.desk.ask("runs", "no")
    driver.desk.ask("runs", "yes")
    driver.idle()
    assert stopped.is_set()
    assert driver.desk.solution is not None
    assert driver.desk.solution.changes == (("runs", "yes"),), "the last that was asked is shown"


def test_what_changed_is_painted_before_its_plan_is_worked_out(
    driver: Driver, plan: PlanView, monkeypatch: pytest.MonkeyPatch, qapp: QApplication
) -> None:
    solve, painted, before = driver.desk.ready.solve, Painted(), list[int]()

    def noted(job: Job, changes: Changes, context: Context, told: Told) -> Solution:
        before.append(painted.count)
        return solve(job, changes, context, told)

    monkeypatch.setattr(driver.desk.ready, "solve", noted)
    qapp.installEventFilter(painted)
    driver.window.update()
    driver.desk.show()
    driver.idle()
    qapp.removeEventFilter(painted)
    assert plan.isVisible()
    assert before, "it was planned again"
    assert before[0] > 0
