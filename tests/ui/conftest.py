"""The real main window over the stand-in process, offscreen."""

import gc
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QAbstractButton, QApplication, QComboBox, QLabel, QWidget
from pytestqt.exceptions import TimeoutError
from pytestqt.qtbot import QtBot

from daruma.app import Setup, StandIns, build_window
from daruma.bench.workshop import HandsLike
from daruma.core.errors import Trouble
from daruma.core.job import Job, Stage
from daruma.ui.collecting import Collector
from daruma.ui.room import Room
from daruma.ui.shell import Shell
from daruma.ui.theme import PAPER, apply_theme, prepare_look
from tests.forking import ForkedStandIns
from tests.parts import some

LONG = 60_000  # ms that something may take before a test fails


@pytest.fixture(scope="session", autouse=True)
def look(qapp: QApplication) -> None:
    prepare_look(qapp)
    apply_theme(qapp, PAPER)


@pytest.fixture(autouse=True)
def collected_here(qapp: QApplication) -> Iterator[None]:
    """As in the application: garbage is collected in the interface's own thread only."""
    collector = Collector(qapp)
    yield
    collector.deleteLater()
    gc.enable()


@pytest.fixture(autouse=True)
def started_at_once(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr("daruma.standin_process.StandInProcess", ForkedStandIns)


class Driver:
    """Drive the window as a user does: by object names, mouse and keys; wait on states, never on time."""

    def __init__(self, shell: Shell, room: Room, bot: QtBot, standins: StandIns) -> None:
        self.standins = standins
        self.shell, self.window, self.bot, self.desk = shell, room, bot, room.desk
        self.troubles: list[Trouble] = []
        self.desk.trouble.connect(self.troubles.append)
        self.desk.step_failed.connect(self.troubles.append)

    @property
    def job(self) -> Job:
        assert self.desk.job is not None
        return self.desk.job

    def until(self, met: Callable[[], bool], timeout: int = LONG) -> None:
        try:
            self.bot.waitUntil(met, timeout=timeout)
        except TimeoutError as error:
            going = [lane.current.name for lane in (self.desk.bench, self.desk.store) if lane.current is not None]
            raise AssertionError(f"stage {self.window.stage}, going on {going}, troubles {self.troubles}") from error

    def idle(self) -> None:
        def rests() -> bool:
            lanes = (self.desk.bench, self.desk.store)
            return all(lane.current is None for lane in lanes)

        self.until(rests)

    def find(self, name: str) -> QWidget:
        found = self.window.findChild(QWidget, name)
        assert found is not None, name
        return found

    def click(self, name: str) -> None:
        """Click with the mouse as soon as the button is there to be clicked."""
        button = self.find(name)
        self.until(lambda: button.isVisible() and button.isEnabled())
        self.bot.mouseClick(button, Qt.MouseButton.LeftButton)
        self.bot.wait(1)

    def choose(self, name: str, key: object) -> None:
        """Choose an entry of a combo box by its key, as a user's click on the list does."""
        box = self.find(name)
        assert isinstance(box, QComboBox)
        index = box.findData(key)
        assert index >= 0, key
        box.setCurrentIndex(index)
        box.activated.emit(index)
        self.idle()

    def key(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Qt.KeyboardModifier.NoModifier) -> None:
        self.bot.keyClick(self.shell.focusWidget() or self.shell, key, modifier)

    def main_key(self) -> None:
        """Press the key of the main action once it can be done."""
        view = self.window.views[self.window.stage]
        self.until(lambda: (b := view.main_button()) is not None and b.isVisible() and b.isEnabled())
        self.key(Qt.Key.Key_Return, Qt.KeyboardModifier.ControlModifier)
        self.bot.wait(1)

    def text(self, name: str) -> str:
        button = self.find(name)
        assert isinstance(button, QAbstractButton)
        return button.text()

    def said(self, name: str) -> str:
        """Return what a label says."""
        found = self.find(name)
        assert isinstance(found, QLabel)
        return found.text()

    def hands(self, act: Callable[[HandsLike], None], *, rest: bool = True) -> None:
        """Let the stand-in hands act, in the lane that owns their wire; with dead devices the looks leave it no rest."""
        done: list[object] = []
        hands = some(self.desk.ready.hands)
        self.desk.run(self.desk.bench, "hands", lambda _: act(hands), done.append)
        self.until(lambda: bool(done))
        if rest:
            self.idle()

    def step(self) -> str:
        index = self.job.current_step
        return self.job.steps[index].action if index is not None else ""

    def open_job(self, model: str, stage: Stage) -> None:
        """Open a demo job by its model and put a stage on view."""
        number = next(n for n, j in self.desk.jobs.items() if j.ticket.model == model and not j.closed and j.steps)
        self.desk.open_job(number)
        self.idle()
        self.window.open_stage(stage)


@contextmanager
def window_of(bot: QtBot, setup: Setup) -> Iterator[Driver]:
    """Open the window; it is given before anything is loaded."""
    standins = StandIns()
    shell = build_window(setup, standins)
    shell.show()
    with bot.waitActive(shell):
        shell.activateWindow()
    bot.waitUntil(lambda: shell.room is not None, timeout=LONG)
    assert shell.room is not None
    made = Driver(shell, shell.room, bot, standins)
    yield made
    shell.close()
    shell.deleteLater()
    standins.stop()


@contextmanager
def demo_window(bot: QtBot, folder: Path, cache: Path) -> Iterator[Driver]:
    """Open the window over a demo's folder; it is given once a job is on view."""
    with window_of(bot, Setup(folder, cache=cache, demo=True, pace=0.0)) as made:
        made.until(lambda: made.desk.job is not None)
        yield made


@pytest.fixture
def driver(qtbot: QtBot, demo_folder: Path, cache_folder: Path) -> Iterator[Driver]:
    with demo_window(qtbot, demo_folder, cache_folder) as made:
        made.until(lambda: made.desk.workshop is not None)
        made.idle()
        yield made
