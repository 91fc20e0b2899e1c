"""Themes, actions, models and painting, without the workshop."""

import os
import signal
import subprocess
import sys
import threading
from pathlib import Path

import pytest
from PySide6.QtCore import QModelIndex, QObject, Qt
from PySide6.QtGui import QColor, QImage, QPainter
from PySide6.QtTest import QAbstractItemModelTester
from pytestqt.qtbot import QtBot

from daruma.core.errors import Cancelled, Cause, Remedy, Trouble
from daruma.core.job import Progress, Stage
from daruma.core.pictures.primitives import Picture, Rect, Text, Tone
from daruma.store.shop import Shop
from daruma.ui.actions import SPECS, ActionSpec, duplicate_keys
from daruma.ui.painting import draw
from daruma.ui.tables import Rows
from daruma.ui.theme import MONO_FAMILY, NIGHT, PAPER, Theme, contrast, text_font
from daruma.ui.widgets.cord import Cord
from daruma.ui.widgets.notices import BusyBar, TroubleBar
from daruma.ui.widgets.rail import RailModel, RailTicket
from daruma.ui.work import Lane, Work
from tests.parts import panel_of


@pytest.mark.parametrize("theme", [PAPER, NIGHT])
def test_every_text_colour_can_be_read(theme: Theme) -> None:
    """At least 4.5:1 (WCAG 2.1, 1.4.3) on every ground that texts stand on."""
    for ink in (theme.ink, theme.quiet, theme.act, theme.data, theme.proven):
        for ground in (theme.ground, theme.sheet, theme.field):
            assert contrast(ink, ground) >= 4.5, (theme.name, ink, ground)
    for ink in (theme.ink, theme.quiet):
        assert contrast(ink, theme.wash) >= 4.5, (theme.name, ink)
    assert contrast(theme.on_act, theme.act) >= 4.5


def test_contrast_of_black_on_white() -> None:
    """WCAG 2.1 definition: 21:1 for black on white, 1:1 for a colour on itself."""
    assert contrast("#000000", "#FFFFFF") == pytest.approx(21)
    assert contrast("#123456", "#123456") == pytest.approx(1)


def test_keys_are_unique_and_doubles_are_found() -> None:
    assert duplicate_keys(SPECS) == ()
    assert len({spec.ident for spec in SPECS}) == len(SPECS)
    assert all(spec.key for spec in SPECS)
    assert duplicate_keys((*SPECS, ActionSpec("x", "x", "Job", "Ctrl+N"))) == ("Ctrl+N",)


@pytest.mark.usefixtures("qtbot")
def test_models_pass_the_model_tester() -> None:
    rows = Rows(("a", "b"), mono=frozenset({1}))
    rail = RailModel()
    for model in (rows, rail):
        QAbstractItemModelTester(model, QAbstractItemModelTester.FailureReportingMode.Fatal)
    rows.show_rows([("1", "2"), ("3", "4")])
    assert rows.data(rows.index(1, 1)) == "4"
    assert rows.headerData(0, Qt.Orientation.Horizontal) == "a"
    assert rows.data(QModelIndex()) is None
    tickets = [RailTicket(n, f"J-{n}", "Cedar", ((True, n > 1),), "1 h 00", "proof", False) for n in (1, 2)]
    rail.show_tickets(tickets)
    rail.show_tickets(tickets)
    assert rail.rowCount() == 2
    assert rail.row_of(2) == 1
    assert "1 of 1 promises proven" in str(rail.data(rail.index(1, 0)))


@pytest.mark.usefixtures("qtbot")
def test_pictures_are_drawn_in_the_theme_s_colours() -> None:
    image = QImage(40, 40, QImage.Format.Format_ARGB32)
    image.fill(Qt.GlobalColor.white)
    painter = QPainter(image)
    draw(painter, Picture(40, 40, (Rect(0, 0, 40, 40, Tone.DATA), Text(2, 60, "x"))), PAPER)
    painter.end()
    assert image.pixelColor(20, 20) == QColor(PAPER.data)


@pytest.mark.usefixtures("qtbot")
def test_the_mono_face_ships_with_the_program() -> None:
    from PySide6.QtGui import QFontInfo

    assert QFontInfo(text_font(13, mono=True)).family() == MONO_FAMILY


def test_the_cord_opens_only_what_can_be_seen(qtbot: QtBot) -> None:
    cord = Cord()
    qtbot.addWidget(cord)
    cord.resize(1000, 58)
    here = [(Stage.INTAKE, Progress.DONE, ""), (Stage.PLAN, Progress.HERE, "no way"), (Stage.BENCH, Progress.NOT_YET, "no way")]
    cord.show_stages(here, Stage.INTAKE)
    opened: list[Stage] = []
    cord.opened.connect(opened.append)
    qtbot.keyClick(cord, Qt.Key.Key_Right)
    cord.show_stages(here, Stage.PLAN)
    qtbot.keyClick(cord, Qt.Key.Key_Right)
    qtbot.keyClick(cord, Qt.Key.Key_Left)
    assert opened == [Stage.PLAN, Stage.INTAKE]
    assert "Bench: not yet, no way" in cord.accessibleName()


def test_a_lane_does_one_thing_after_the_other_and_keeps_going(qtbot: QtBot) -> None:
    lane, order, failed = Lane("test"), [], []
    idle: list[object] = []

    def work_of(n: int) -> Work:
        def run(_: Work) -> int:
            if n == 2:
                raise Trouble("no", safe="yes")
            if n == 3:
                raise Cancelled
            if n == 4:
                raise ZeroDivisionError
            return n

        made = Work(str(n), run)
        made.done.connect(order.append)
        made.failed.connect(failed.append)
        return made

    lane.busy_changed.connect(idle.append)
    for n in range(1, 6):
        lane.start(work_of(n))
    qtbot.waitUntil(lambda: lane.current is None and 5 in order, timeout=5000)
    assert order == [1, 5]
    assert [trouble.what for trouble in failed] == ["no", "Daruma made a mistake of its own (ZeroDivisionError)."]
    assert idle[-1] is None
    assert lane.finish()


def test_the_notices(qtbot: QtBot) -> None:
    bar, busy = TroubleBar(), BusyBar()
    for widget in (bar, busy):
        qtbot.addWidget(widget)
    bar.show_trouble(Trouble("It broke.", safe="All is safe.", advice="Mend it.", cause=Cause.FIRMWARE))
    assert bar.accessibleName() == "It broke. All is safe. Mend it."
    asked: list[Remedy] = []
    bar.remedy_asked.connect(asked.append)
    bar.remedy.click()
    assert asked == [Remedy.FIRMWARE]
    work = Work("reading", lambda _: None, cancellable=True)
    busy.follow(work)
    work.report(0.5, "half")
    assert "reading: half" in busy.words.text()
    assert busy.bar.value() == 500
    busy.stop_button.click()
    assert work.stop.is_set()
    busy.follow(None)
    assert not busy.isVisible()


TYPIST = """
import os, signal, sys
from pathlib import Path
from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QLineEdit
from daruma.app import Setup, StandIns, build_window
from daruma.core.job import Stage
def rest(milliseconds):  # the test library's wait would keep other threads from running
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()
app = QApplication([])
window = build_window(Setup(Path(sys.argv[1])), StandIns())
window.show()
while not (window.room and window.room.desk.jobs): rest(10)
QTest.keyClicks(window.room.findChild(QLineEdit, "display.source"), " and typed before the kill")
while window.room.desk.drafts.pending: rest(1)
os.kill(os.getpid(), signal.SIGKILL)
"""


def test_nothing_typed_is_lost_when_the_process_is_killed(demo_folder: Path) -> None:
    result = subprocess.run(
        [sys.executable, "-c", TYPIST, str(demo_folder)],
        env={**os.environ, "QT_QPA_PLATFORM": "offscreen"},
        timeout=60,
        check=False,
    )
    assert result.returncode == -signal.SIGKILL
    shop = Shop(demo_folder)
    assert any(panel_of(job).source.endswith("typed before the kill") for job in shop.jobs.all())
    assert shop.vault.check()[1] == ()
    shop.close()


def test_garbage_is_collected_in_the_interface_s_thread_only(qtbot: QtBot) -> None:
    """A cycle with interface objects that dies while a lane makes objects is taken apart by the thread that may do so."""
    apart: list[int] = []
    made = [0]

    class Part(QObject):
        def __init__(self) -> None:
            super().__init__()
            self.myself = self

        def __del__(self) -> None:
            apart.append(threading.get_ident())

    def busy(work: Work) -> None:
        while not work.stop.is_set():
            made[0] = len([[] for _ in range(5000)])

    lane = Lane("busy")
    work = lane.start(Work("busy", busy))
    for _ in range(200):
        Part()
    qtbot.waitUntil(lambda: len(apart) >= 100, timeout=20_000)
    work.stop.set()
    assert lane.finish()
    assert set(apart) == {threading.get_ident()}
