"""A shop of one's own, begun as a newcomer does: by mouse alone and by keyboard alone, with stand-in devices."""

import random
from collections.abc import Iterator
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import Qt, QTimer
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QComboBox, QFileDialog, QLineEdit, QWidget
from pytestqt.qtbot import QtBot

from daruma.app import Setup
from daruma.core.finding import Entry, Kind, entry, search
from daruma.core.job import Stage
from daruma.core.labels import PART
from daruma.core.settings import DEVICES, STANDIN, groups
from daruma.store.index import entries_of
from daruma.store.settings import load_settings
from daruma.ui.scanning import Scanner
from tests.parts import some
from tests.ui.conftest import LONG, Driver, window_of

TAB, ENTER, SPACE, DOWN = Qt.Key.Key_Tab, Qt.Key.Key_Return, Qt.Key.Key_Space, Qt.Key.Key_Down
PARTS = "part,model,die,maker,kind,price\ndisplay,cedar,D77778888AAAA,Fenwick,genuine_used,62\nmotor,cedar,MX,Fenwick,used,9\n"


@pytest.fixture
def own(qtbot: QtBot, tmp_path: Path) -> Iterator[Driver]:
    """The window on a machine with nothing set up."""
    QApplication.setDoubleClickInterval(1)  # a list that drops down is deaf to clicks for so long
    with window_of(qtbot, Setup(tmp_path / "shop", pace=0.0)) as made:
        made.until(lambda: made.desk.workshop is not None and made.window.views.shop_is_shown)
        made.idle()
        yield made


def scan(driver: Driver, code: str) -> None:
    """Let a scanner type a code and Enter: keys that come to the window as from the system."""
    scanner = some(driver.window.findChild(Scanner))
    for timer in scanner.findChildren(QTimer):
        timer.setInterval(10_000)  # here each key waits for what the one before it did, on a machine that may be slow
    for char in code:
        QTest.keyClick(driver.shell.windowHandle(), char)
    QTest.keyClick(driver.shell.windowHandle(), ENTER)


class Mouse:
    """Use the mouse; letters are typed where it has clicked."""

    def __init__(self, driver: Driver) -> None:
        self.driver = driver

    def press(self, name: str) -> None:
        self.driver.click(name)
        self.driver.idle()

    def choose(self, name: str, value: str) -> None:
        combo = self.driver.find(name)
        assert isinstance(combo, QComboBox)
        self.driver.bot.mouseClick(combo, Qt.MouseButton.LeftButton)
        view = combo.view()
        self.driver.until(view.isVisible)
        index = combo.model().index(combo.findData(value), 0)
        view.scrollTo(index)
        self.driver.bot.wait(20)
        place = view.visualRect(index).center()
        self.driver.bot.mouseMove(view.viewport(), place)
        self.driver.bot.mouseClick(view.viewport(), Qt.MouseButton.LeftButton, pos=place)
        self.driver.until(lambda: combo.currentData() == value)
        self.driver.idle()

    def write(self, name: str, text: str) -> None:
        field = self.driver.find(name)
        self.driver.bot.mouseClick(field, Qt.MouseButton.LeftButton)
        self.driver.bot.keyClicks(field, text)

    def open_shelf(self) -> None:
        self.press("open_shop")
        self.press("shop_page_shelf")


class Keyboard(Mouse):
    """Use keys only: Tab goes from one to the next, letters, arrows and Space do the rest."""

    def reach(self, name: str) -> QWidget:
        wanted = self.driver.find(name)
        self.driver.until(lambda: wanted.isVisible() and wanted.isEnabled())
        for _ in range(120):
            if wanted.hasFocus():
                return wanted
            self.driver.key(TAB)
        raise AssertionError(f"no way by Tab to {name}")

    def press(self, name: str) -> None:
        self.reach(name)
        self.driver.key(SPACE)
        self.driver.idle()

    def choose(self, name: str, value: str) -> None:
        combo = self.reach(name)
        assert isinstance(combo, QComboBox)
        steps = combo.findData(value) - combo.currentIndex()
        for _ in range(abs(steps)):
            self.driver.key(DOWN if steps > 0 else Qt.Key.Key_Up)
        assert combo.currentData() == value
        self.driver.idle()

    def write(self, name: str, text: str) -> None:
        self.driver.bot.keyClicks(self.reach(name), text)

    def open_shelf(self) -> None:
        self.driver.key(Qt.Key.Key_P, Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier)
        self.driver.idle()


@pytest.mark.parametrize("by", [Mouse, Keyboard])
def test_a_newcomer_sets_up_takes_a_phone_in_and_fills_the_shelf(
    own: Driver, by: type[Mouse], tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    hand, folder = by(own), tmp_path / "shop"
    hand.write("shop.name", "Dock Nine")
    hand.write("shop.reach", "555 01")
    hand.press("next_step")
    assert load_settings(folder).settings["shop.name"] == "Dock Nine"
    own.until(lambda: own.shell.windowTitle() == "Daruma, Dock Nine")
    hand.press("skip_step")
    assert own.window.views.shop.set_up.title.text() == "Devices"
    for kind in DEVICES:
        hand.choose(f"device_{kind}", STANDIN)
        own.until(lambda kind=kind: "a stand-in" in own.said(f"tested_{kind}"))  # type: ignore[misc]
    for _ in range(sum(own.desk.settings.is_open(group.table) for group in groups())):
        hand.press("next_step")
    assert own.text("next_step") == "Open a ticket"
    hand.press("next_step")
    own.until(lambda: own.desk.job is not None)
    own.idle()
    hand.press("intake_main")
    own.until(lambda: own.job.ticket.imei != "")
    assert own.job.standins, "whatever a stand-in took part in is marked"
    file, label = tmp_path / "parts.csv", tmp_path / "label.pdf"
    file.write_text(PARTS)
    monkeypatch.setattr(QFileDialog, "getOpenFileName", lambda *_: (str(file), ""))
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_: (str(label), ""))
    hand.open_shelf()
    hand.press("shelf_import")
    assert "1 new" in own.said("shelf_note")
    assert "line 3" in own.said("shelf_note")
    hand.press("shelf_take")
    assert [part.die for part in own.desk.shelf] == ["D77778888AAAA"]
    own.window.views.shop.shelf.view.selectRow(0)
    hand.press("shelf_label")
    own.until(label.exists)
    hand.press("back")
    assert not own.window.views.shop_is_shown
    scan(own, PART + "D77778888AAAA")
    assert own.window.views.shop_is_shown, "a label that is scanned is found wherever the focus is"
    chosen = some(own.window.views.shop.shelf.chosen())
    assert chosen.die == "D77778888AAAA"


def test_what_is_being_typed_is_kept_when_the_window_closes(own: Driver, tmp_path: Path) -> None:
    Mouse(own).write("shop.name", "Half a na")
    own.shell.close()
    assert load_settings(tmp_path / "shop").settings["shop.name"] == "Half a na"


def test_a_part_is_added_changed_withdrawn_and_put_back(own: Driver) -> None:
    hand = Mouse(own)
    own.window.open_shop("shelf")
    hand.press("shelf_add")
    hand.press("shelf_keep")
    assert "Not kept" in own.said("shelf_fault")
    hand.choose("shelf.part", "battery")
    hand.choose("shelf.kind", "pack_used")
    hand.write("shelf.die", "B 1234 5678")
    hand.write("shelf.place", "drawer 2")
    hand.press("shelf_keep")
    (part,) = own.desk.shelf
    assert (part.die, part.kind, part.place, part.free) == ("B12345678", "pack_used", "drawer 2", True)
    own.window.views.shop.shelf.bring(part.die)
    hand.press("shelf_withdraw")
    own.until(lambda: not own.desk.shelf[0].free)
    own.window.views.shop.shelf.bring(part.die)
    hand.press("shelf_withdraw")
    own.until(lambda: own.desk.shelf[0].free)
    own.bot.keyClicks(own.find("shelf_search"), "drawer 9")
    assert own.window.views.shop.shelf.rows.rowCount() == 0


def test_what_a_hand_types_is_left_where_it_was_typed(driver: Driver) -> None:
    field = driver.find("complaint")
    field.setFocus()
    for letters in ("D", "DP", "DP-x y", "Display"):
        for char in letters:
            QTest.keyClick(driver.shell.windowHandle(), char)
        driver.bot.wait(90)
    assert driver.job.ticket.complaint.startswith("DDPDP-x yDisplay") or "DDPDP-x yDisplay" in driver.job.ticket.complaint


def test_the_search_finds_jobs_parts_backups_and_pages(driver: Driver) -> None:
    driver.until(lambda: bool(driver.window.going.finding._kept), timeout=LONG)
    job = next(job for job in driver.desk.jobs.values() if job.ticket.model == "damson_l")
    backup = driver.desk.ready.shop.vault.find()[0]
    part = driver.desk.shelf[0]
    asked = {
        "white looks yellow": (Kind.JOB, job.uid),
        part.die[3:9].lower(): (Kind.PART, part.die),
        backup.name.lower(): (Kind.BACKUP, backup.sha256),
        "set-up": (Kind.PAGE, "set_up"),
    }
    for words, wanted in asked.items():
        found = driver.window.going.finding.search(words)
        assert wanted in [(each.kind, each.key) for each in found], words
    driver.key(Qt.Key.Key_G, Qt.KeyboardModifier.ControlModifier)
    finder_line = driver.find("finder_line")
    assert isinstance(finder_line, QLineEdit)
    driver.bot.keyClicks(finder_line, "yellow customer")
    driver.key(ENTER)
    driver.until(lambda: driver.job.uid == job.uid)
    assert driver.window.stage in Stage
    driver.key(Qt.Key.Key_G, Qt.KeyboardModifier.ControlModifier)
    driver.key(Qt.Key.Key_Escape)
    assert not driver.find("finder").isVisible()


def test_damaged_rows_do_not_keep_the_others_from_being_found(driver: Driver) -> None:
    database, rng = driver.desk.ready.shop.database, random.Random(4)
    before = {each.key for each in entries_of(database)}
    for number in (3, 5, 7):
        body = bytes(rng.randrange(256) for _ in range(40)).decode("latin-1")
        with database.writing() as connection:
            connection.exec_driver_sql("UPDATE jobs SET body = ? WHERE number = ?", (body, number))
    found = entries_of(database)
    assert {each.key for each in found} == before
    assert [each.name for each in search(found, "yellow")] == [], "that one's words are gone"
    assert search(found, "drawer")[0].kind is Kind.JOB


def test_the_search_puts_first_what_begins_so_and_what_is_newest() -> None:
    made: list[Entry] = [entry(Kind.JOB, str(n), f"J-{n:04d}", f"phone {n % 7}") for n in range(5000)]
    assert [each.key for each in search(made, "j-0012")] == ["12"]
    assert [each.key for each in search(made, "phone")][:2] == ["4999", "4998"]
    assert search(made, "nothing of that") == search(made, "  ") == ()


def test_a_model_is_changed_in_the_editor_and_taken_back(driver: Driver) -> None:
    driver.window.open_shop("catalogue")
    driver.idle()
    page = driver.window.views.shop.page("catalogue")
    keys = list(driver.desk.ready.catalogue.names)
    page.list.setCurrentRow(keys.index("cedar_l"))
    driver.idle()
    text = page.editor.toPlainText()
    driver.click("model_file")
    page.editor.setPlainText(text.replace("write_limits = [3", 'write_limits = ["x"'))
    driver.until(lambda: not page.keep.isEnabled())
    assert f"Line {1 + text[: text.index('write_limits')].count(chr(10))}" in driver.said("model_note")
    page.list.setCurrentRow(keys.index("cedar"))
    driver.idle()
    driver.click("back")
    driver.window.open_shop("catalogue")
    page.list.setCurrentRow(keys.index("cedar_l"))
    driver.until(lambda: 'write_limits = ["x"' in page.editor.toPlainText())
    page.editor.setPlainText(text.replace("write_limits = [3", "write_limits = [7"))
    driver.until(page.keep.isEnabled)
    driver.click("model_keep")
    driver.until(lambda: driver.desk.ready.catalogue.models["cedar_l"].write_limits[0] == 7)
    driver.until(page.back.isVisible)
    driver.click("model_back")
    driver.until(lambda: driver.desk.ready.catalogue.models["cedar_l"].write_limits[0] == 3)


@given(
    st.lists(st.tuples(st.text("ab \n", max_size=3), st.text("abc ", max_size=5)), max_size=12),
    st.lists(st.text("abc", min_size=1, max_size=2), max_size=3),
)
def test_the_index_finds_what_a_plain_look_at_each_finds(told: list[tuple[str, str]], words: list[str]) -> None:
    entries = [entry(Kind.JOB, str(i), name, line) for i, (name, line) in enumerate(told)]
    holding = [each for each in reversed(entries) if words and all(word in each.text for word in words)]
    begins = [each for each in holding if each.text.startswith(words[0])]
    rest = [each for each in holding if not each.text.startswith(words[0])]
    assert search(entries, " ".join(words), 5) == tuple([*begins, *rest][:5])
