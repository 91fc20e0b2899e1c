"""A tired battery through the real window: from the complaint to the second eye, by mouse alone and by keyboard alone."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QPushButton, QSpinBox, QWidget

from daruma.core.job import Stage
from daruma.core.kinds.battery.work import BatteryWork
from daruma.core.parts import Function
from tests.parts import some
from tests.ui.conftest import Driver
from tests.ui.walking import PATIENCE, Held, Press, mostly_by_mouse, open_ticket, to_the_proof, to_the_second_eye, to_the_step

TICKET = "Empty by noon"


def invented(driver: Driver) -> None:
    """Ask for a health that nothing supports: it is refused, with what is allowed."""
    percent = some(driver.window.findChild(QSpinBox, "figure_percent"))
    wish = some(driver.window.findChild(QPushButton, "figures_wish"))
    most = percent.value()
    assert most < 100
    percent.setValue(100)
    driver.bot.mouseClick(wish, Qt.MouseButton.LeftButton)
    driver.until(lambda: bool(driver.troubles))
    trouble = driver.troubles.pop()
    assert "more than the measurement supports" in trouble.what
    assert f"At most {most} %" in trouble.advice
    driver.idle()


@mostly_by_mouse
def test_from_complaint_to_second_eye(driver: Driver, press: Press, held: Held) -> None:
    to_the_proof(driver, TICKET, press, held, {"write_pack": invented})
    work = driver.job.of(BatteryWork)
    assert work.log
    assert work.written is not None
    to_the_second_eye(driver, press)
    page = driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert "its health is what was measured" in page
    driver.click("page_shop")
    page = driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert "surely at least the shop's 80 %" in page


def test_a_cell_that_runs_is_drawn_and_left_alone(driver: Driver) -> None:
    """The watcher stops watching: the station goes on, and is looked after while another job is on view."""
    open_ticket(driver, TICKET)
    to_the_step(driver, "test_cell")
    number, drawn = driver.desk.number, driver.window.findChild(QWidget, "lens")
    driver.click("bench_main")
    driver.until(lambda: "mAh" in str(getattr(drawn.picture, "words", "")) or "h," in str(drawn.picture.words))
    assert "faster than life" in drawn.picture.words, "the demo's clock says so"
    seen: list[str] = []
    driver.desk.told.connect(seen.append)
    driver.desk.bench.current.stop.set()
    driver.idle()
    assert driver.step() == "test_cell"
    open_ticket(driver, "yellow")

    def tended() -> bool:
        if driver.desk.bench.current is None:
            driver.desk.tend()
        return any("Enough is known" in words for words in seen)

    driver.until(tended, PATIENCE)
    assert driver.desk.number != number
    job = driver.desk.jobs[number]
    assert sum(len(chunk.values) for chunk in job.of(BatteryWork).log) > 500
    assert Function.BATTERY_RUNS in job.ticket.promised
