"""The parts on the table: cards at intake, ways part by part at the plan."""

from threading import Event

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox, QLineEdit, QPushButton

from daruma.bench.context import Context
from daruma.core.job import Job, Stage
from daruma.core.kinds import KINDS
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.parts import Function, PartKind
from daruma.core.plan.planner import First, Told
from daruma.core.plan.solution import Solution
from daruma.ui.views.plan import PlanView
from tests.parts import panel_of, some
from tests.ui.conftest import Driver
from tests.ui.walking import by_mouse, to_the_plan


def combo(driver: Driver, name: str) -> QComboBox:
    found = driver.find(name)
    assert isinstance(found, QComboBox)
    return found


def open_cards(driver: Driver) -> list[PartKind]:
    heads = {kind: driver.window.findChild(QPushButton, f"{kind.value}.card") for kind in KINDS}
    return [kind for kind, head in heads.items() if head is not None and head.isVisible() and head.isChecked()]


def test_parts_come_by_promise_and_by_hand_one_open_at_a_time(driver: Driver) -> None:
    driver.key(Qt.Key.Key_N, Qt.KeyboardModifier.ControlModifier)
    driver.until(lambda: driver.desk.number == 18)
    driver.idle()
    assert driver.job.ticket.parts == {}
    driver.click("promise_touch")
    assert set(driver.job.ticket.parts) == {PartKind.DISPLAY}
    assert open_cards(driver) == [PartKind.DISPLAY]
    driver.click("promise_face_unlock")
    assert set(driver.job.ticket.parts) == {PartKind.DISPLAY, PartKind.SENSOR_FLEX, PartKind.FACE_MODULE}
    driver.click("face_module.card")
    driver.click("face_module.off")
    driver.click("display.card")
    assert open_cards(driver) == [PartKind.DISPLAY], "what is worked on stays open"
    driver.click("sensor_flex.card")
    assert open_cards(driver) == [PartKind.SENSOR_FLEX]
    driver.click("display.card")
    line = driver.find("display.source")
    assert isinstance(line, QLineEdit)
    driver.bot.keyClicks(line, "crate 7")
    driver.choose("display.kind", panel_of(driver.job).kind)  # type: ignore[arg-type]
    assert panel_of(driver.job).source == "crate 7"
    driver.click("display.off")
    assert set(driver.job.ticket.parts) == {PartKind.SENSOR_FLEX}
    driver.click("promise_ambient_white")
    assert set(driver.job.ticket.parts) == {PartKind.SENSOR_FLEX}, "what was taken off by hand stays off"
    driver.choose("add_part", PartKind.DISPLAY.value)
    assert panel_of(driver.job).source == "crate 7", "what was typed comes back"
    assert open_cards(driver) == [PartKind.DISPLAY]
    driver.click("display.card")
    assert open_cards(driver) == []


def test_a_fault_of_a_part_is_told_on_its_line(driver: Driver) -> None:
    driver.desk.edit(parts=driver.job.ticket.having(DisplayTicket(maker="Nobody")).parts)
    driver.idle()
    assert "display.maker" in driver.desk.faults(driver.job)
    assert "has Fenwick or Ostby" in driver.said("display.maker_fault")
    driver.click("display.card")
    line = driver.find("display.card")
    assert "has Fenwick or Ostby" in line.accessibleName()


def to_a_plan_with_a_motor(driver: Driver) -> None:
    driver.click("promise_haptics")
    to_the_plan(driver, by_mouse)
    driver.until(lambda: driver.desk.solution is not None and Function.HAPTICS in driver.desk.solution.case.promised)
    driver.idle()


def test_a_first_answer_is_shown_while_the_ways_are_worked_out(driver: Driver, monkeypatch: pytest.MonkeyPatch) -> None:
    to_a_plan_with_a_motor(driver)
    plan = driver.window.views[Stage.PLAN]
    assert isinstance(plan, PlanView)
    solve, first, go_on = driver.desk.ready.solve, list[First](), Event()

    def held(job: Job, changes: tuple[tuple[str, str], ...], context: Context, told: Told) -> Solution:
        def tell(found: First) -> None:
            first.append(found)
            told(found)
            assert go_on.wait(20)

        return solve(job, changes, context, tell)

    monkeypatch.setattr(driver.desk.ready, "solve", held)
    driver.desk.ask("hot_air", "no")
    driver.until(lambda: "still being worked out" in plan.advice.lines.text())
    (found,) = first
    assert some(found.next).figures.title in plan.advice.head.text()
    assert f"to {found.bound:.0f} €" in plan.advice.lines.text()
    go_on.set()
    driver.idle()
    assert "still being" not in plan.advice.lines.text()
    assert driver.desk.solution is not None
    assert driver.desk.solution.plan.advice.value <= found.bound
    assert len(first) == 1, "the plan as things are was known"
    driver.desk.store.hold()
    driver.desk.replan()
    driver.desk._first_told(First(None, None, 0.0, 34.0))
    driver.until(lambda: plan.advice.head.text() == "Nothing yet")
    driver.desk.store.let_go()
    driver.until(lambda: plan.advice.head.text().startswith("Next: "))


def test_ways_are_chosen_part_by_part(driver: Driver) -> None:
    to_a_plan_with_a_motor(driver)
    plan = driver.window.views[Stage.PLAN]
    assert "shared and counted once" in driver.said("shares")
    display = combo(driver, "way_display").currentData()
    driver.choose("way_motor", "")
    route = driver.desk.plan.routes[plan._route]  # type: ignore[union-attr]
    assert route.way_on(PartKind.MOTOR) == ""
    assert route.way_on(PartKind.DISPLAY) == display, "the rest of the way stays"
    driver.choose("thread_part", PartKind.MOTOR.value)
    assert "motor" in plan.map.map.accessibleName().lower()
    assert "display serial" not in plan.map.map.accessibleName().lower()
    driver.choose("thread_part", "")
    driver.click("plan_main")
    driver.until(lambda: driver.job.way == route.way)
