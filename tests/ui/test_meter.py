"""The meter in the charging cable through the real window: a boot loop read from a trace, recorded, laid over, taken in."""

import json
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QTableView
from pytestqt.qtbot import QtBot

from daruma.app import Setup, build_window
from daruma.core.errors import Trouble
from daruma.core.job import Job, Stage
from daruma.core.settings import DEVICES
from daruma.demo.marks import WORLD
from daruma.handover.meter_log import read_log
from daruma.ui.metering import LIVE_MS, UNSEEN_MS
from daruma.ui.views.meter_page import MeterPage
from tests.parts import some
from tests.ui.conftest import Driver
from tests.ui.walking import open_ticket

TICKET = "on the charger"


@pytest.fixture
def fast_meter(demo_folder: Path) -> None:
    """Let the stand-in meter's clock run faster than life."""
    world = demo_folder / WORLD
    said = json.loads(world.read_text(encoding="utf-8"))
    world.write_text(json.dumps({**said, "usb_speed": 30.0}), encoding="utf-8")


def page_of(driver: Driver) -> MeterPage:
    return driver.window.views.meter


def rests(driver: Driver) -> None:
    driver.until(lambda: driver.desk.metering.lane.current is None)


def rows(driver: Driver) -> QTableView:
    found = driver.find("recordings")
    assert isinstance(found, QTableView)
    return found


def choose(driver: Driver, first: int, last: int) -> None:
    """Choose rows with keys alone."""
    view = rows(driver)
    view.setFocus()
    view.setCurrentIndex(view.model().index(first, 0))
    for _ in range(last - first):
        driver.bot.keyClick(view, Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier)


def test_a_boot_loop_is_read_from_another_tickets_trace(driver: Driver) -> None:
    open_ticket(driver, TICKET)
    driver.click("open_meter")
    view = rows(driver)
    driver.until(lambda: view.model().rowCount() == 1)
    driver.bot.mouseClick(view.viewport(), Qt.MouseButton.LeftButton, pos=view.visualRect(view.model().index(0, 0)).center())
    driver.until(lambda: "loops" in driver.said("meter_said"))
    assert "one every" in driver.said("meter_said")
    picture = some(page_of(driver).picture.picture)
    assert sum(getattr(item, "text", "") == "starts" for item in picture.items) >= 3
    driver.click("meter_live")
    driver.until(lambda: "last minute" in driver.said("meter_said"))
    driver.until(lambda: "programmable 3.3 to 11 V" in page_of(driver).about.text())
    driver.click("meter_back")
    assert driver.window.stack.currentWidget() is driver.window.views[driver.window.stage]
    driver.until(lambda: not driver.desk.metering._timer.isActive())


def test_who_looks_sees_it_live_whatever_was_missed_or_goes_on(driver: Driver) -> None:
    metering = driver.desk.metering
    open_ticket(driver, TICKET)
    driver.click("open_meter")
    driver.until(lambda: metering.live is not None)
    metering._missed(Trouble("the meter was pulled"))
    assert metering._timer.interval() == UNSEEN_MS
    driver.until(lambda: metering._timer.interval() == LIVE_MS)
    metering.record()
    driver.until(lambda: bool(metering.recording))
    metering._opened()
    rests(driver)
    assert metering._timer.interval() == LIVE_MS
    metering.end()
    driver.until(lambda: not metering.recording)


@pytest.mark.parametrize("first", [True, False], ids=["tested first", "watched first"])
def test_what_was_tested_still_works(driver: Driver, first: bool) -> None:
    """A device is tested over the wire that works with it: neither keeps the other from it."""
    open_ticket(driver, TICKET)

    def watched() -> None:
        driver.click("open_meter")
        driver.until(lambda: driver.desk.metering.live is not None and driver.desk.metering.trouble is None)
        driver.click("meter_back")

    if not first:
        watched()
    driver.window.going.devices()
    for kind in DEVICES:
        driver.click(f"test_{kind}")
        driver.until(lambda kind=kind: "a stand-in" in driver.said(f"tested_{kind}"))  # type: ignore[misc]
    driver.window._leave_shop()
    driver.desk.metering.live = None
    watched()
    assert not driver.troubles


@pytest.mark.usefixtures("fast_meter")
def test_recorded_while_another_job_is_worked_on_and_laid_over_the_first(driver: Driver) -> None:
    open_ticket(driver, TICKET)
    number, other = driver.desk.number, next(n for n, job in driver.desk.jobs.items() if job.ticket.model == "elder")
    driver.key(Qt.Key.Key_M, Qt.KeyboardModifier.ControlModifier)
    page = page_of(driver)
    driver.until(page.main.hasFocus)
    driver.key(Qt.Key.Key_Return, Qt.KeyboardModifier.ControlModifier)
    driver.until(lambda: page.main.text() == "End the recording")
    driver.desk.open_job(other)
    driver.idle()
    driver.until(lambda: driver.window.stack.currentWidget().objectName() == "meter_page")
    driver.until(lambda: not page.main.isEnabled())
    assert "end that first" in page.main.toolTip()
    driver.click("meter_back")
    driver.until(lambda: "recording" in driver.text("open_meter"))
    open_ticket(driver, TICKET)
    driver.click("open_meter")
    driver.click("meter_replug")
    live = driver.desk.metering
    driver.until(lambda: live.live is not None and live.live.seconds > 90, 40_000)
    driver.main_key() if driver.window.stage is Stage.BENCH else driver.key(
        Qt.Key.Key_Return, Qt.KeyboardModifier.ControlModifier
    )
    driver.until(lambda: len(driver.desk.jobs[number].recordings) == 2)
    latest = driver.desk.jobs[number].recordings[-1]
    assert latest.seconds > 80
    choose(driver, 0, 1)
    driver.until(lambda: driver.said("meter_said").startswith("Before (Intake"))
    picture = some(page.picture.picture)
    assert {"before", "after"} <= {getattr(item, "text", "") for item in picture.items}
    assert not driver.troubles


def test_another_meters_log_is_shown_before_it_is_taken_and_goes_out_again(driver: Driver, tmp_path: Path) -> None:
    open_ticket(driver, TICKET)
    driver.click("open_meter")
    log = tmp_path / "other meter.csv"
    lines = "".join(f"0:00:{i:02d},{i % 10};5,{100 - i};{250 + i}\n" for i in range(60))
    log.write_text(f"Zeit;Spannung U (V);Strom I (mA)\n{lines}broken\n", encoding="utf-8")
    driver.desk.metering.understand(log)
    driver.until(lambda: page_of(driver).pages.currentIndex() == 1)
    assert "60 samples" in driver.said("log_said")
    assert "1 rows left out" in driver.said("log_said")
    driver.click("log_leave")
    assert len(driver.job.recordings) == 1
    driver.desk.metering.understand(log)
    driver.until(lambda: page_of(driver).pages.currentIndex() == 1)
    driver.click("log_keep")
    driver.until(lambda: len(driver.job.recordings) == 2)
    assert driver.job.recordings[-1].source == "file other meter.csv"
    choose(driver, 1, 1)
    driver.until(lambda: page_of(driver).kept.export.isEnabled())
    for ending in ("csv", "svg", "png"):
        page_of(driver).export_to(tmp_path / f"out.{ending}")
    driver.idle()
    back = read_log(tmp_path / "out.csv")
    assert len(back.t) == 60
    assert back.a[0] == pytest.approx(0.25)
    assert (tmp_path / "out.svg").read_text(encoding="utf-8").startswith("<svg")
    assert (tmp_path / "out.png").read_bytes().startswith(b"\x89PNG")
    page_of(driver).export_to(tmp_path / "out.doc")
    driver.until(lambda: bool(driver.troubles))
    assert "no ending that is known" in driver.troubles.pop().what


def test_a_log_that_cannot_be_understood_says_so(driver: Driver, tmp_path: Path) -> None:
    driver.click("open_meter")
    (tmp_path / "one.csv").write_text("just\none\ncolumn\n", encoding="utf-8")
    driver.desk.metering.understand(tmp_path / "one.csv")
    driver.until(lambda: bool(driver.troubles))
    assert driver.troubles.pop().safe
    driver.desk.metering.understand(tmp_path / "none.csv")
    driver.until(lambda: bool(driver.troubles))
    assert "cannot be read" in driver.troubles.pop().what
    assert page_of(driver).pages.currentIndex() == 0


@pytest.mark.usefixtures("fast_meter")
def test_a_recording_goes_on_in_the_next_window(driver: Driver, demo_folder: Path, qtbot: QtBot) -> None:
    open_ticket(driver, TICKET)
    driver.click("open_meter")
    page = page_of(driver)
    driver.until(page.main.isEnabled)
    driver.click("meter_main")
    live = driver.desk.metering
    driver.until(lambda: live.live is not None and live.live.seconds > 20)
    seconds = live.live.seconds if live.live is not None else 0.0
    driver.shell.close()
    shell = build_window(Setup(demo_folder, demo=True, pace=0.0), driver.standins)
    shell.show()
    try:
        qtbot.waitUntil(lambda: shell.room is not None and bool(shell.room.desk.jobs), timeout=20_000)  # type: ignore[attr-defined]
        meter = shell.room.desk.metering  # type: ignore[union-attr]
        qtbot.waitUntil(lambda: meter.recording != "", timeout=20_000)
        qtbot.waitUntil(lambda: meter.live is not None and meter.live.seconds > seconds + 10, timeout=20_000)
        took: list[Job] = []
        meter.took.connect(took.append)
        meter.end()
        qtbot.waitUntil(lambda: bool(took), timeout=20_000)
        recording = took[0].recordings[-1]
        assert recording.note == ""
        assert recording.seconds > seconds + 10
        assert recording.samples == pytest.approx(100 * recording.seconds, abs=2)
    finally:
        shell.close()
        shell.deleteLater()
