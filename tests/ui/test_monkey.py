"""A monkey at the real window over the stand-ins: every control and hostile file at random, seeds kept.

Nothing unexpected may be raised, every lane comes to rest, and no handler keeps the window deaf for long. How long a
handler takes is the processor's time of the interface's own thread, which the machine's other work does not lengthen.
"""

import gc
import logging
import os
import random
import sys
import time
from collections import Counter
from collections.abc import Callable, Iterator, Sequence
from contextlib import AbstractContextManager, contextmanager
from pathlib import Path

import pytest
from PySide6.QtCore import QEventLoop, QPoint, Qt, QTimer
from PySide6.QtGui import QDesktopServices
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractItemView,
    QApplication,
    QComboBox,
    QFileDialog,
    QLineEdit,
    QPlainTextEdit,
    QSpinBox,
    QWidget,
)
from pytestqt.qtbot import QtBot

from daruma.core.errors import Trouble
from daruma.core.job import Stage
from daruma.link.errors import Refused
from daruma.standin.faults import FAULTS
from daruma.ui import bench_desk as desks
from daruma.ui.widgets import hold
from daruma.ui.widgets.hold import HoldButton
from tests.conftest import share
from tests.parts import panel_of, some
from tests.ui.conftest import Driver, demo_window

Patch = pytest.MonkeyPatch
ROOT = Path(__file__).parents[2]

DEAF = 0.1  # seconds of the interface's thread for one handler
NEVER = frozenset({"app.quit"})
ELSEWHERE = frozenset({"open_demo", "print_page", "mail_page"})  # programs and dialogs of the desktop
WORDS = (
    "",
    "5.3",
    "490154203237518",
    "00",
    "J-0002",
    "\u202eabc",
    "x" * 300,
    "=1+1",
    "Fenwick",
    "STUW9XCWK0K29K88",
    "\x07",
    "ä<b>",
)
ACTS = ("power_on", "power_off", "clear_socket", "original_on_socket", "new_on_socket", "confirm_trust", "take_out_original")


class Monkey:
    """Act on one window at random."""

    driver: Driver

    def __init__(self, seed: int, demo: Path) -> None:
        self.seed, self.rng = seed, random.Random(seed)
        self.files = demo.parent / "files"
        leave_files(self.files, demo, self.rng)
        self.done: Counter[str] = Counter()
        self.slow: dict[str, float] = {}
        self.unexpected: list[str] = []
        self.last: list[str] = []

    def live(self, driver: Driver, acts: int) -> None:
        """Act on a window so often; every lane rests in between and at the end."""
        self.driver = driver
        for signal in (driver.desk.trouble, driver.desk.step_failed):
            signal.connect(lambda trouble: _note(self, trouble))
        # as the application does once it has started: what stays is not searched again and again
        gc.collect()
        gc.freeze()
        for number in range(acts):
            self.act()
            assert not self.unexpected, (self.seed, number, self.last, self.unexpected)
            if number % 100 == 99:
                assert not (left := self.restless(40)), (self.seed, number, self.last, left)
        assert not (left := self.restless(40)), (self.seed, self.last, left)

    def folder_named(self) -> str:
        """Return a folder for a dialog that asks for one; nothing where it is dismissed."""
        return self.rng.choice((str(self.files), ""))

    def file_named(self) -> str:
        """Return a file for a dialog that asks for one, there or not; nothing where it is dismissed."""
        there = sorted(self.files.iterdir())
        return str(self.rng.choice((*there, self.files / "x.json", self.files / "x.csv"))) if self.rng.random() < 0.7 else ""

    def act(self) -> None:
        """Do one thing and let what it started go on for a moment."""
        kind = self.rng.choice((*("button",) * 5, "action", "action", "field", "combo", "row", "hold", "key", "stage", "hands"))
        name, deed = getattr(self, f"_{kind}")()
        if deed is None:
            return
        self.done[kind] += 1
        self.last = [*self.last[-12:], name]
        self._timed(name, deed)
        for _ in range(self.rng.choice((1, 1, 2, 8))):
            self._timed(f"after {name}", lambda: QApplication.processEvents(QEventLoop.ProcessEventsFlag.AllEvents))
            time.sleep(0.002)

    def _timed(self, name: str, deed: Callable[[], object]) -> None:
        begun = time.thread_time()
        deed()
        spent = time.thread_time() - begun
        if spent > DEAF:
            self.slow[name] = max(spent, self.slow.get(name, 0.0))

    def _some(self, kind: type) -> QWidget | None:
        every = (w for w in self.driver.shell.findChildren(kind) if w.objectName() not in ELSEWHERE)
        found = [w for w in every if w.isVisible() and w.isEnabled()]
        return self.rng.choice(found) if found else None

    def _button(self) -> tuple[str, Callable[[], object] | None]:
        button = self._some(QAbstractButton)
        if button is None:
            return "", None
        return f"click {button.objectName() or button.text()}", button.click  # type: ignore[attr-defined]

    def _action(self) -> tuple[str, Callable[[], object] | None]:
        actions = self.driver.window.actions_by_id
        ident = self.rng.choice([i for i, action in actions.items() if i not in NEVER and action.isEnabled()])
        return ident, actions[ident].trigger

    def _field(self) -> tuple[str, Callable[[], object] | None]:
        field = self._some(self.rng.choice((QLineEdit, QPlainTextEdit, QSpinBox)))
        word = self.rng.choice(WORDS)
        if isinstance(field, QLineEdit):
            return f"type into {field.objectName()}", lambda: (field.setText(word), field.textEdited.emit(field.text()))
        if isinstance(field, QPlainTextEdit):
            return f"type into {field.objectName()}", lambda: field.setPlainText(word)
        if isinstance(field, QSpinBox):
            return f"turn {field.objectName()}", lambda: field.setValue(self.rng.randrange(field.minimum(), field.maximum() + 1))
        return "", None

    def _combo(self) -> tuple[str, Callable[[], object] | None]:
        combo = self._some(QComboBox)
        if not isinstance(combo, QComboBox) or not combo.count():
            return "", None
        index = self.rng.randrange(combo.count())
        return f"choose {combo.objectName()} {index}", lambda: (combo.setCurrentIndex(index), combo.activated.emit(index))

    def _row(self) -> tuple[str, Callable[[], object] | None]:
        view = self._some(QAbstractItemView)
        if not isinstance(view, QAbstractItemView) or view.model() is None or not view.model().rowCount():
            return "", None
        row = self.rng.randrange(view.model().rowCount())
        return f"row {row} of {view.objectName()}", lambda: view.setCurrentIndex(view.model().index(row, 0))

    def _hold(self) -> tuple[str, Callable[[], object] | None]:
        button = self._some(HoldButton)
        if button is None:
            return "", None

        def held() -> None:
            QTest.mousePress(button, Qt.MouseButton.LeftButton)
            QTimer.singleShot(3 * hold.HOLD_MS, lambda: QTest.mouseRelease(button, Qt.MouseButton.LeftButton))

        return f"hold {button.objectName()}", held

    def _key(self) -> tuple[str, Callable[[], object] | None]:
        widget = self.driver.shell.focusWidget() or self.driver.shell
        keys = (Qt.Key.Key_Tab, Qt.Key.Key_Return, Qt.Key.Key_Escape, Qt.Key.Key_Space, Qt.Key.Key_Down, Qt.Key.Key_Left)
        key = self.rng.choice(keys)
        if self.rng.random() < 0.3:
            place = QPoint(self.rng.randrange(max(1, widget.width())), self.rng.randrange(max(1, widget.height())))
            return f"click into {widget.objectName()}", lambda: QTest.mouseClick(widget, Qt.MouseButton.LeftButton, pos=place)
        return f"key {key.name}", lambda: QTest.keyClick(widget, key)

    def _stage(self) -> tuple[str, Callable[[], object] | None]:
        stage = self.rng.choice(tuple(Stage))
        return f"open {stage.value}", lambda: self.driver.window.open_stage(stage)

    def _hands(self) -> tuple[str, Callable[[], object] | None]:
        """Let the bench change under the window: a hand elsewhere, a fault on the wire."""
        desk, job = self.driver.desk, self.driver.desk.job
        if self.rng.random() > 0.25 or desk.workshop is None or job is None:
            return "", None
        act, fault = self.rng.choice(ACTS), self.rng.choice([name for name in FAULTS if name != "die"])

        def work(_: object) -> None:
            hands = some(desk.ready.hands)
            try:
                if self.rng.random() < 0.6:
                    hands.do(act, job.ticket.imei, {"display": panel_of(job).die})
                else:
                    hands.fault(fault)  # type: ignore[attr-defined]
            except Refused:
                return

        return f"hands {act}/{fault}", lambda: desk.run(desk.bench, "hands", work, self._nothing)

    def _nothing(self, _: object) -> None:
        return None

    def restless(self, seconds: float) -> list[str]:
        """Return what keeps the lanes from being at rest all at once; nothing once they are, also beside a silent device."""
        desk, end = self.driver.desk, time.monotonic() + seconds
        lanes = (desk.bench, desk.store, desk.copying.lane)
        while (left := [lane.current.name for lane in lanes if lane.current is not None]) and time.monotonic() < end:
            QApplication.processEvents()
            time.sleep(0.005)
        return left


def leave_files(folder: Path, demo: Path, rng: random.Random) -> None:
    """Leave what a window may be asked to read: what it wrote itself, the same damaged, and what is no file of its own."""
    folder.mkdir(exist_ok=True)
    sound = [
        *demo.glob("*.toml"),
        *demo.glob("*.json"),
        *(ROOT / "examples").rglob("*.json"),
        *(ROOT / "examples").rglob("*.csv"),
    ]
    for number, file in enumerate(rng.sample(sound, min(len(sound), 12))):
        content = bytearray(file.read_bytes()[:200_000])
        for _ in range(rng.choice((0, 1, 30)) if content else 0):
            content[rng.randrange(len(content))] = rng.randrange(256)
        (folder / f"{number}{file.suffix}").write_bytes(content[: rng.choice((len(content), len(content) // 2))])
    (folder / "deep.json").write_bytes(b"[" * 300_000)
    (folder / "noise.csv").write_bytes(rng.randbytes(200_000))
    (folder / "zeros.csv").write_bytes(bytes(1 << 20))
    (folder / "empty.json").write_bytes(b"")
    os.mkfifo(folder / "pipe.csv")
    (folder / "endless.json").symlink_to("/dev/zero")
    (folder / "nowhere.json").symlink_to(folder / "nowhere.json")


Opening = Callable[[], AbstractContextManager[Driver]]


def let_loose(open_window: Opening, seed: int, lives: Sequence[int], demo: Path, patch: Patch) -> Monkey:
    """Let a monkey act on one window after the other over the same demo's folder, so often in each."""
    monkey = Monkey(seed, demo)
    patch.setattr(hold, "HOLD_MS", 20)
    patch.setattr(desks, "POLL_MS", 200)
    patch.setattr(QFileDialog, "getExistingDirectory", lambda *_, **__: monkey.folder_named())
    for ask in ("getOpenFileName", "getSaveFileName"):
        patch.setattr(QFileDialog, ask, lambda *_, **__: (monkey.file_named(), ""))
    patch.setattr(QDesktopServices, "openUrl", lambda _: True)
    patch.setattr(sys, "excepthook", lambda kind, error, _: monkey.unexpected.append(f"{kind.__name__}: {error}"))
    logging.disable(logging.CRITICAL)
    try:
        for acts in lives:
            with open_window() as driver:
                monkey.live(driver, acts)
    finally:
        gc.unfreeze()
        logging.disable(logging.NOTSET)
    return monkey


def _note(monkey: Monkey, trouble: Trouble) -> None:
    if "mistake of its own" in trouble.what:
        monkey.unexpected.append(f"{trouble.what} {trouble.__cause__!r}")


@pytest.fixture
def open_window(qtbot: QtBot, demo_folder: Path, cache_folder: Path) -> Opening:
    """Give what opens a window over the demo's folder, again and again."""

    @contextmanager
    def opened() -> Iterator[Driver]:
        with demo_window(qtbot, demo_folder, cache_folder) as driver:
            driver.until(lambda: driver.desk.workshop is not None)
            yield driver
            for _ in range(3):  # an act that is under way and what cannot be kept are each said once
                driver.shell.close()
            assert not driver.shell.isVisible(), "it can be closed"

    return opened


@pytest.mark.parametrize("seed", share(range(2), 1))
def test_a_monkey_at_the_window(seed: int, open_window: Opening, demo_folder: Path, monkeypatch: Patch) -> None:
    monkey = let_loose(open_window, seed, (150, 100), demo_folder, monkeypatch)
    assert len(monkey.done) >= 8
    # the figures stand in `make bench`; here only what no noise explains
    slowest = sorted(monkey.slow.items(), key=lambda item: -item[1])[:4]
    assert max(monkey.slow.values(), default=0) < 6 * DEAF, slowest


@pytest.mark.soak
@pytest.mark.parametrize("seed", range(100, 110))
def test_many_monkeys(seed: int, open_window: Opening, demo_folder: Path, monkeypatch: Patch) -> None:
    """Ten of these and ten in German (`test_circumstances`) make 20,000 acts."""
    monkey = let_loose(open_window, seed, (400, 300, 300), demo_folder, monkeypatch)
    print(seed, dict(monkey.done), {name: round(spent, 3) for name, spent in monkey.slow.items()}, file=sys.stderr)
