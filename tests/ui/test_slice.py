"""The slice through the real window: with the mouse alone, then with the keyboard alone; and when things fail."""

import sqlite3
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QLabel, QLineEdit

from daruma.core.acts import ActKind
from daruma.core.job import Stage, StepState
from daruma.core.parts import Function
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.ui.views.pages import PAGES
from daruma.ui.widgets.hold import HoldButton
from tests.parts import panel_of, some, work_of
from tests.ui.conftest import LONG, Driver
from tests.ui.walking import Held, Press, both_ways, to_the_proof, to_the_second_eye, to_the_step


@both_ways
def test_first_ticket_to_second_eye(driver: Driver, demo_folder: Path, press: Press, held: Held) -> None:
    assert driver.job.name == "J-0002"
    assert driver.text("intake_main") == "Read the phone on the cable"
    driver.until(lambda: driver.window.views[Stage.INTAKE].functions.main.hasFocus())
    hold = driver.window.views[Stage.BENCH].hold
    count = {"write_new": lambda at: at.until(lambda: hold.text() == "write record, 1 of about 4 left")}
    to_the_proof(driver, driver.job.ticket.complaint, press, held, count)
    to_the_second_eye(driver, press)
    assert driver.window.head.face.accessibleName() == "J-0002, both eyes: promised and proven"
    driver.click("page_shop")
    assert "Interlocks of act" in driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    press(driver, Stage.HAND_OVER)
    driver.until(lambda: bool(driver.job.closed))
    folder = demo_folder / "handover" / "J-0002"
    names = {path.name for path in folder.iterdir()}
    assert names == {f"J-0002-{who}.{kind}" for who in ("customer", "shop") for kind in ("html", "pdf")}
    assert (folder / "J-0002-shop.pdf").read_bytes().startswith(b"%PDF")
    assert "<svg" in (folder / "J-0002-customer.html").read_text(encoding="utf-8")


def to_the_write(driver: Driver) -> None:
    to_the_step(driver, "write_new")
    driver.until(lambda: driver.window.views[Stage.BENCH].locks.all_lit)


def test_a_failed_write_says_what_is_safe_and_the_plan_goes_on_from_there(driver: Driver) -> None:
    to_the_write(driver)
    driver.hands(lambda hands: hands.fault("voltage_dip"))  # type: ignore[attr-defined]
    driver.window.views[Stage.BENCH].hold.held.emit()
    driver.until(lambda: driver.window.trouble_bar.isVisible())
    assert "supply dipped" in driver.window.trouble_bar.what.text()
    assert "backup is safe" in driver.window.trouble_bar.safe.text()
    driver.until(lambda: driver.text("bench_main") == "Plan again from here")
    assert driver.job.steps[driver.job.current_step or 0].state is StepState.FAILED
    driver.idle()
    driver.click("bench_main")
    driver.until(lambda: driver.window.stage is Stage.PLAN)
    driver.idle()
    driver.click("plan_main")
    driver.until(lambda: driver.step() == "read_new")
    driver.until(lambda: driver.window.foot.store.text() == "vault: 12 backups")


def test_a_dark_interlock_keeps_the_button_from_being_held(driver: Driver) -> None:
    to_the_write(driver)
    view, wired = driver.window.views[Stage.BENCH], driver.desk.ready.hands
    driver.desk.ready.hands = None  # the stand-in hands would look for a phone of that IMEI
    driver.desk.edit(imei="352099001761481")
    driver.desk.look()
    driver.until(lambda: not view.locks.all_lit)
    assert not view.hold.isEnabled()
    assert "Backup is of this phone: dark" in view.locks.accessibleName()
    driver.desk.ready.hands = wired


def test_what_a_tick_says_is_looked_at(driver: Driver) -> None:
    """The panel was taken off since: it is said and offered again, and no write can be held meanwhile."""
    to_the_write(driver)
    view = driver.window.views[Stage.BENCH]
    driver.hands(lambda hands: hands.do("clear_socket", driver.job.ticket.imei))
    driver.desk.look()
    driver.until(lambda: driver.text("bench_main") == "Put back: new panel on the socket")
    assert not view.hold.isVisible()
    assert "socket s56 is empty" in view.demo_note.text()
    driver.click("bench_main")
    driver.until(lambda: view.hold.isVisible() and view.hold.isEnabled())


def test_old_firmware_is_updated_from_where_it_was_noticed(driver: Driver) -> None:
    driver.open_job("elder", Stage.BENCH)
    driver.until(lambda: driver.text("bench_main") == "Put back: original panel on the socket")
    driver.click("bench_main")
    driver.until(lambda: driver.text("bench_main") == "Read and keep the original")
    driver.click("bench_main")
    driver.until(lambda: driver.window.trouble_bar.isVisible())
    assert driver.text("remedy") == "Update the programmer"
    driver.click("remedy")
    driver.until(lambda: "firmware 2.0" in driver.window.foot.programmer.text())
    driver.click("bench_main")
    driver.until(lambda: bool(work_of(driver.job).source))


def test_an_unplugged_programmer_is_a_notice_and_the_window_goes_on(driver: Driver) -> None:
    driver.click("intake_main")
    driver.until(lambda: driver.text("intake_main").startswith("Owner"))
    driver.idle()  # the lane must not be using the wire that is taken away here
    rig = driver.desk.ready.rig
    assert callable(rig.wires)
    rig.wires = {**rig.wires(), "programmer": "/dev/no-such-port"}
    rig.drop("programmer")
    driver.desk.look()
    driver.until(lambda: driver.window.foot.programmer.text().startswith("No programmer"))
    assert "cannot be opened" in driver.window.foot.programmer.text()


def test_another_job_can_be_opened_while_a_read_goes_on(driver: Driver) -> None:
    first = driver.desk.number
    driver.desk.read_phone()
    driver.key(Qt.Key.Key_Down, Qt.KeyboardModifier.ControlModifier)
    driver.until(lambda: driver.desk.number != first)
    driver.idle()
    assert driver.desk.number != first, "the finished read does not take the view back"
    assert driver.desk.jobs[first].ticket.imei


def line(driver: Driver, name: str) -> QLineEdit:
    found = driver.find(name)
    assert isinstance(found, QLineEdit)
    return found


def fault(driver: Driver, name: str) -> str:
    found = driver.find(f"{name}_fault")
    assert isinstance(found, QLabel)
    return found.text()


def test_entries_are_checked_as_they_are_typed_and_kept_at_once(driver: Driver, demo_folder: Path) -> None:
    driver.key(Qt.Key.Key_N, Qt.KeyboardModifier.ControlModifier)
    driver.until(lambda: driver.desk.number == 18)
    driver.idle()
    imei = line(driver, "imei")
    driver.bot.keyClicks(imei, "49015420323751")
    assert "this has 14" in fault(driver, "imei")
    driver.bot.keyClicks(imei, "3")
    assert "it would be 8, not 3" in fault(driver, "imei")
    driver.bot.keyClick(imei, Qt.Key.Key_Backspace)
    driver.bot.keyClicks(imei, "8")
    assert fault(driver, "imei") == ""
    driver.bot.keyClicks(line(driver, "system"), "9.9")
    driver.window.views[Stage.INTAKE].model.setCurrentIndex(driver.window.views[Stage.INTAKE].model.findData("birch"))
    assert "Birch ran 2.0 to 5.4" in fault(driver, "system")
    assert not driver.window.views[Stage.INTAKE].functions.main.text().startswith("Plan")
    driver.idle()
    with sqlite3.connect(demo_folder / "daruma.sqlite3") as connection:
        body = connection.execute("SELECT body FROM jobs WHERE number = 18").fetchone()[0]
    connection.close()
    assert "490154203237518" in body
    assert '"birch"' in body


def test_what_is_typed_last_is_kept_when_the_window_closes(driver: Driver, demo_folder: Path) -> None:
    driver.window.views[Stage.INTAKE].complaint.setPlainText("typed at the last moment")
    number = driver.desk.number
    driver.shell.close()
    shop = Shop(demo_folder)
    assert next(job for job in shop.jobs.all() if job.number == number).ticket.complaint == "typed at the last moment"
    shop.close()


def test_promising_paints_the_first_eye(driver: Driver) -> None:
    box = driver.find("promise_touch")
    assert "one eye: promised" in box.accessibleName()
    driver.bot.mouseClick(box, Qt.MouseButton.LeftButton)
    driver.until(lambda: Function.TOUCH not in driver.job.ticket.promised)
    assert "no eye" in driver.find("promise_touch").accessibleName()


def test_a_job_whose_white_is_off_can_be_handed_over_as_it_is(driver: Driver) -> None:
    driver.open_job("damson_l", Stage.PROOF)
    for _ in range(2):
        driver.click("proof_main")
        driver.idle()
    assert not driver.job.is_proven(Function.AMBIENT_WHITE)
    assert "off" in driver.said("said_white")
    assert "0.0" in driver.find("white_plot").accessibleName()
    driver.click("promise_card_touch")
    driver.click("proof_main")
    driver.until(lambda: driver.job.all_tested)
    driver.idle()
    driver.click("as_it_is")
    driver.until(lambda: driver.window.stage is Stage.HAND_OVER)
    driver.idle()
    assert "What does not come back, and why" in driver.window.views[Stage.HAND_OVER].preview.toPlainText()
    assert driver.text("handover_main") == "Hand over without every proof"


def test_measurements_can_be_imported(driver: Driver, tmp_path: Path) -> None:
    driver.open_job("birch_l", Stage.PROOF)
    file = tmp_path / "white.csv"
    file.write_text("light,screen_x\nwarm,1\n")
    driver.desk.proving.import_readings(file)
    driver.until(lambda: bool(driver.troubles))
    assert "column screen_y is missing" in driver.window.trouble_bar.what.text()
    head = "light,screen_x,screen_y,screen_z,ambient_x,ambient_y,ambient_z\n"
    file.write_text(head + "warm,110.1,100,55.5,439.4,400,142.3\ncool,95.05,100,108.9,380.2,400,435.6\n")
    driver.desk.proving.import_readings(file)
    driver.until(lambda: driver.job.proof(Function.AMBIENT_WHITE) is not None)
    assert driver.job.readings[0].instrument == "file white.csv"


def test_the_vault_in_the_shop(driver: Driver, tmp_path: Path) -> None:
    driver.click("open_shop")
    driver.idle()
    shop = driver.window.views.shop
    assert shop.page("vault").rows.rowCount() == 11
    driver.bot.keyClicks(line(driver, "vault_search"), "damson_l")
    driver.idle()
    assert shop.page("vault").rows.rowCount() == 2
    driver.click("vault_check")
    driver.until(lambda: shop.page("vault").note.text().startswith("11 backups checked"))
    shop.page("vault").export_to("B-00002", tmp_path)
    driver.until(lambda: shop.page("vault").note.text().startswith("Exported"))
    exported = next(tmp_path.glob("*.json"))
    shop.page("vault").import_from(exported)
    driver.until(lambda: driver.window.foot.told.text() == "Imported as B-00002.")
    exported.write_text("{}")
    shop.page("vault").import_from(exported)
    driver.until(lambda: driver.window.trouble_bar.isVisible())
    for page in PAGES:
        driver.click(f"shop_page_{page}")
        driver.idle()
    driver.click("back")
    assert driver.window.stack.currentWidget() is driver.window.views[Stage.INTAKE]


def test_letting_go_early_does_nothing(driver: Driver) -> None:
    button = HoldButton("test")
    driver.bot.addWidget(button)
    fired: list[int] = []
    button.held.connect(lambda: fired.append(1))
    button.show_text("write")
    button.show()
    driver.bot.mousePress(button, Qt.MouseButton.LeftButton)
    driver.until(lambda: button._share > 0.1)
    driver.bot.mouseRelease(button, Qt.MouseButton.LeftButton)
    assert button._share == 0.0
    assert not button._timer.isActive()
    assert not fired
    driver.bot.mousePress(button, Qt.MouseButton.LeftButton)
    driver.bot.waitUntil(lambda: bool(fired), timeout=LONG)
    assert fired == [1]


def test_every_view_fits_the_smallest_window(driver: Driver) -> None:
    driver.open_job("damson", Stage.BENCH)
    driver.idle()
    for stage in Stage:
        driver.window.open_stage(stage)
        driver.idle()
        driver.shell.resize(1100, 700)
        QApplication.processEvents()
        assert driver.shell.width() == 1100
        assert driver.shell.height() == 700
        hint = driver.shell.minimumSizeHint()
        assert hint.width() <= 1100
        assert hint.height() <= 700


def test_the_focus_goes_with_the_work(driver: Driver) -> None:
    to_the_step(driver, "read_original")
    main = some(driver.window.views[Stage.BENCH].main_button())
    driver.until(main.hasFocus)
    driver.key(Qt.Key.Key_Space)
    assert driver.desk.is_busy
    assert driver.shell.focusWidget() is None, "a key that is pressed once more is no other button's"
    to_the_write(driver)
    driver.until(driver.window.views[Stage.BENCH].hold.hasFocus)


def test_whoever_types_keeps_the_focus(driver: Driver) -> None:
    source = line(driver, "display.source")
    source.setFocus()
    driver.desk.read_phone()
    driver.until(lambda: driver.text("intake_main").startswith("Owner"))
    driver.desk.look()
    driver.idle()
    assert source.hasFocus()


def test_a_full_disk_does_not_let_typed_text_go_in_silence(driver: Driver, monkeypatch: pytest.MonkeyPatch) -> None:
    def full(*_: object) -> None:
        raise StoreTrouble(
            "The store could not be used: disk is full.", safe="What was kept before is safe.", advice="Make room."
        )

    with monkeypatch.context() as patch:
        patch.setattr(driver.desk.ready.shop.jobs, "save_ticket", full)
        driver.bot.keyClicks(line(driver, "display.source"), " and more")
        driver.until(lambda: driver.window.trouble_bar.isVisible())
        assert "disk is full" in driver.window.trouble_bar.what.text()
        driver.shell.close()
        assert driver.shell.isVisible(), "the first try to close says what would be lost"
        assert "close again" in driver.window.trouble_bar.advice.text()
    driver.bot.keyClicks(line(driver, "display.source"), "!")
    driver.until(lambda: not driver.desk.drafts.pending)
    kept = next(job for job in driver.desk.ready.shop.jobs.all() if job.number == driver.desk.number)
    assert panel_of(kept).source.endswith(" and more!")


def test_the_rail_leads_out_of_the_shop(driver: Driver) -> None:
    driver.click("open_shop")
    assert not driver.window.head.isVisible()
    driver.key(Qt.Key.Key_Down, Qt.KeyboardModifier.ControlModifier)
    driver.until(lambda: driver.desk.number != 2)
    driver.idle()
    assert driver.window.head.isVisible()


def test_a_lost_programmer_leaves_an_act_in_doubt_that_is_settled_at_the_bench(driver: Driver) -> None:
    to_the_write(driver)
    journal, die = driver.desk.ready.shop.journal, panel_of(driver.job).die
    journal.leave(journal.intend(ActKind.WRITE, job=driver.job.uid, die=die, backup="", digest="", started="", evidence=()))
    driver.desk.look()
    driver.until(lambda: driver.find("light_lock").isVisible())
    assert driver.text("light_lock") == "Settle the act in doubt"
    assert not driver.window.views[Stage.BENCH].hold.isEnabled()
    driver.click("light_lock")
    driver.until(lambda: journal.in_doubt() == ())
    assert journal.writes(die) == 1
    driver.until(lambda: driver.text("bench_main") == "Plan again from here")
