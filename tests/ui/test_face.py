"""Face ID through the real window: from the complaint to the unlocked phone, by mouse alone and by keyboard alone."""

from collections.abc import Callable

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QWidget

from daruma.core.acts import ActKind
from daruma.core.job import Stage
from daruma.core.kinds import trait
from daruma.core.kinds.face_module import FaceWork
from daruma.core.parts import Function
from tests.ui.conftest import Driver


def open_ticket(driver: Driver, words: str) -> None:
    number = next(number for number, job in driver.desk.jobs.items() if words in job.ticket.complaint)
    driver.desk.open_job(number)
    driver.until(lambda: driver.desk.number == number)
    driver.idle()


def by_mouse(driver: Driver, stage: Stage) -> None:
    button = driver.window.views[stage].main_button()
    assert isinstance(button, QWidget)
    driver.until(button.isEnabled)
    driver.bot.mouseClick(button, Qt.MouseButton.LeftButton)


def held_by_mouse(driver: Driver, done: Callable[[], bool]) -> None:
    button = driver.window.views[Stage.BENCH].hold
    driver.bot.mousePress(button, Qt.MouseButton.LeftButton)
    driver.until(done)
    driver.bot.mouseRelease(button, Qt.MouseButton.LeftButton)


def by_key(driver: Driver, _: Stage) -> None:
    driver.main_key()


def held_by_key(driver: Driver, done: Callable[[], bool]) -> None:
    button = driver.window.views[Stage.BENCH].hold
    driver.main_key()
    driver.until(button.hasFocus)
    driver.bot.keyPress(button, Qt.Key.Key_Space)
    driver.until(done)
    driver.bot.keyRelease(button, Qt.Key.Key_Space)


@pytest.mark.parametrize(("press", "held"), [(by_mouse, held_by_mouse), (by_key, held_by_key)], ids=["mouse", "keyboard"])
def test_from_complaint_to_unlocked_phone(
    driver: Driver, press: Callable[[Driver, Stage], None], held: Callable[[Driver, Callable[[], bool]], None]
) -> None:
    open_ticket(driver, "top edge")
    driver.until(lambda: driver.window.stage is Stage.INTAKE or driver.window.stage is Stage.PLAN)
    if driver.window.stage is Stage.INTAKE:
        press(driver, Stage.INTAKE)
    driver.until(lambda: driver.window.stage is Stage.PLAN and driver.desk.plan is not None)
    driver.idle()
    press(driver, Stage.PLAN)
    driver.until(lambda: driver.window.stage is Stage.BENCH)
    view = driver.window.views[Stage.BENCH]
    while driver.step() and not driver.step().startswith("prove"):
        before = driver.step()

        def moved(before: str = before) -> bool:
            return driver.step() != before or bool(driver.troubles)

        if trait(before).act is not None:
            driver.until(lambda: view.hold.isVisible() and view.hold.isEnabled())
            held(driver, moved)
        else:
            press(driver, Stage.BENCH)
            driver.until(moved)
        assert not driver.troubles, driver.troubles
        driver.idle()
    work = driver.job.of(FaceWork)
    assert len(work.trace) > 5, "volts and amperes were taken down while it was activated"
    assert [test.through for test in work.tests] == [False, False, True]
    driver.until(lambda: driver.window.stage is Stage.PROOF)
    driver.idle()
    press(driver, Stage.PROOF)
    driver.until(lambda: driver.job.is_proven(Function.FACE_UNLOCK))
    driver.until(lambda: driver.window.stage is Stage.HAND_OVER)
    driver.idle()
    page = driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert "no longer what its maker certified" in page
    assert "dots are where this module's map has them" in page
    spent = [act for act in driver.desk.ready.shop.journal.acts_of(driver.job.uid) if act.kind is ActKind.ACTIVATE]
    assert len(spent) == 1
    labels = {label for label, _ in spent[0].evidence}
    assert {"Kept in the second place", "Supply at 19 V", "Module never activated", "Original module seated"} <= labels


def test_a_module_that_cannot_be_saved_is_said_at_once(driver: Driver) -> None:
    open_ticket(driver, "market stall")
    driver.window.open_stage(Stage.PLAN)
    driver.until(lambda: driver.desk.plan is not None)
    driver.idle()
    plan = driver.desk.plan
    assert plan is not None
    assert plan.routes == ()
    assert {closed.reason for closed in plan.closed} == {"the module was repaired before"}
    assert not driver.window.views[Stage.PLAN].main.isEnabled()


def test_the_wrong_file_is_found_by_the_dots(driver: Driver) -> None:
    open_ticket(driver, "'its' data")
    driver.window.open_stage(Stage.PROOF)
    driver.idle()
    driver.click("proof_main")
    driver.until(lambda: driver.job.proof(Function.FACE_UNLOCK) is not None)
    driver.idle()
    proof = driver.window.views[Stage.PROOF]
    assert "another module's map" in proof.pages["dots"].said.text()
    driver.click("tab_depth")
    assert proof.stack.currentWidget() is proof.pages["depth"]
    driver.until(lambda: proof.pages["depth"].picture.picture is not None)
    assert proof.pages["depth"].picture.picture is not None
    assert len(proof.pages["depth"].picture.picture.items) > 300
