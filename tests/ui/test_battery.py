"""A tired battery through the real window: from the complaint to the second eye, by mouse alone and by keyboard alone."""

from collections.abc import Callable

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QPushButton, QSpinBox, QWidget

from daruma.core.job import Stage
from daruma.core.kinds import trait
from daruma.core.kinds.battery.work import BatteryWork
from daruma.core.parts import Function
from tests.ui.conftest import Driver
from tests.ui.test_face import by_key, by_mouse, held_by_key, held_by_mouse, open_ticket

TICKET = "Empty by noon"


def invented(driver: Driver) -> None:
    """Ask for a health that nothing supports: it is refused, with what is allowed."""
    percent = driver.window.findChild(QSpinBox, "figure_percent")
    wish = driver.window.findChild(QPushButton, "figures_wish")
    assert percent is not None
    assert wish is not None
    most = percent.value()
    assert most < 100
    percent.setValue(100)
    driver.bot.mouseClick(wish, Qt.MouseButton.LeftButton)
    driver.until(lambda: bool(driver.troubles))
    trouble = driver.troubles.pop()
    assert "more than the measurement supports" in trouble.what
    assert f"At most {most} %" in trouble.advice
    driver.idle()


@pytest.mark.parametrize(("press", "held"), [(by_mouse, held_by_mouse), (by_key, held_by_key)], ids=["mouse", "keyboard"])
def test_from_complaint_to_second_eye(
    driver: Driver, press: Callable[[Driver, Stage], None], held: Callable[[Driver, Callable[[], bool]], None]
) -> None:
    open_ticket(driver, TICKET)
    driver.until(lambda: driver.window.stage in (Stage.INTAKE, Stage.PLAN))
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

        if before == "write_pack":
            invented(driver)
        if trait(before).act is not None:
            driver.until(lambda: view.hold.isVisible() and view.hold.isEnabled())
            held(driver, moved)
        else:
            press(driver, Stage.BENCH)
            driver.until(moved, 60_000)
        assert not driver.troubles, driver.troubles
        driver.idle()
    work = driver.job.of(BatteryWork)
    assert work.log
    assert work.written is not None
    for _ in driver.job.ticket.promised:
        driver.until(lambda: driver.window.stage is Stage.PROOF)
        proven = len([function for function in driver.job.ticket.promised if driver.job.is_proven(function)])
        press(driver, Stage.PROOF)
        driver.until(lambda proven=proven: sum(map(driver.job.is_proven, driver.job.ticket.promised)) > proven)
        driver.idle()
    driver.until(lambda: driver.window.stage is Stage.HAND_OVER)
    driver.idle()
    page = driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert "its health is what was measured" in page
    assert "surely at least the shop's 80 %" in page


def test_a_cell_that_runs_is_drawn_and_left_alone(driver: Driver) -> None:
    """The watcher stops watching: the station goes on, and is looked after while another job is on view."""
    open_ticket(driver, TICKET)
    driver.window.open_stage(Stage.PLAN)
    driver.until(lambda: driver.desk.plan is not None)
    driver.idle()
    driver.click("plan_main")
    driver.until(lambda: driver.step() != "" and driver.window.stage is Stage.BENCH)
    driver.idle()
    while driver.step() != "test_cell":
        before = driver.step()
        driver.click("bench_main")
        driver.until(lambda before=before: driver.step() != before)  # type: ignore[misc]
        driver.idle()
    number, drawn = driver.desk.number, driver.window.findChild(QWidget, "lens")
    driver.click("bench_main")
    driver.until(lambda: "mAh" in str(getattr(drawn.picture, "words", "")) or "h," in str(drawn.picture.words))
    assert "faster than life" in drawn.picture.words, "the demo's clock says so"
    driver.desk.bench.current.stop.set()
    driver.idle()
    assert driver.step() == "test_cell"
    open_ticket(driver, "yellow")
    seen: list[str] = []
    driver.desk.told.connect(seen.append)

    def tended() -> bool:
        if driver.desk.bench.current is None:
            driver.desk.tend()
        return any("Enough is known" in words for words in seen)

    driver.until(tended, 60_000)
    assert driver.desk.number != number
    job = driver.desk.jobs[number]
    assert sum(len(chunk.values) for chunk in job.of(BatteryWork).log) > 500
    assert Function.BATTERY_RUNS in job.ticket.promised
