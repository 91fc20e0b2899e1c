"""The application: the only place that builds the object graph."""

import json
import logging
import os
import subprocess
import sys
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6 import __version__ as qt_version
from PySide6.QtWidgets import QApplication

from daruma.ui.desk import Desk
from daruma.ui.main_window import MainWindow
from daruma.ui.theme import PAPER, apply_theme, load_fonts

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop

log = logging.getLogger("daruma.app")


@dataclass(frozen=True, slots=True)
class Setup:
    """Hold where data lies, which wires there are, and whether this is the demo."""

    data: Path
    shop_name: str
    wires: Mapping[str, str]
    models: Path | None = None
    demo: bool = False
    fresh: bool = False
    pace: float | None = None


class StandIns:
    """Run the simulated bench as a process of its own; it ends with its standard input."""

    def __init__(self) -> None:
        self._process: subprocess.Popen[str] | None = None

    def start(self, world: Path, pace: float | None = None) -> dict[str, str]:
        """Start the process; return its wires by device."""
        command = [sys.executable, "-m", "daruma.standin", str(world), "--keep"]
        if pace is not None:
            command += ["--pace", str(pace)]
        self._process = subprocess.Popen(command, stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True)
        assert self._process.stdout is not None
        line = self._process.stdout.readline()
        wires: dict[str, str] = json.loads(line)
        return wires

    def stop(self) -> None:
        """End the process."""
        if self._process is not None:
            if self._process.stdin:
                self._process.stdin.close()
            if self._process.stdout:
                self._process.stdout.close()
            try:
                self._process.wait(5)
            except subprocess.TimeoutExpired:
                self._process.kill()
                self._process.wait()
            self._process = None


def refuse_bad_pair() -> str | None:
    """Return why this Qt for Python cannot be used with this Python, or None."""
    if qt_version.startswith("6.12.0") and sys.version_info < (3, 12):
        return "PySide6 6.12.0 aborts on Python 3.11 and earlier. Install 6.11 with: make setup"
    return None


def refuse_no_display(environment: Mapping[str, str]) -> str | None:
    """Return why no window can be opened, or None."""
    if sys.platform != "linux" or environment.get("QT_QPA_PLATFORM"):
        return None
    if environment.get("DISPLAY") or environment.get("WAYLAND_DISPLAY"):
        return None
    return "There is no display here. Set DISPLAY, or run without a window by QT_QPA_PLATFORM=offscreen."


def make_loader(setup: Setup, standins: StandIns) -> Callable[[], "Workshop"]:
    """Return the function that loads everything slow; it runs off the interface's thread."""

    def load() -> "Workshop":
        from daruma.bench.rig import Rig
        from daruma.bench.workshop import Workshop
        from daruma.catalogue.loader import load_catalogue
        from daruma.store.shop import Shop

        wires, hands = dict(setup.wires), None
        if setup.demo:
            from daruma.demo.build import WORLD, demo_folder
            from daruma.demo.hands import LateHands

            wires = standins.start(demo_folder(setup.data, fresh=setup.fresh) / WORLD, setup.pace)
            hands = LateHands(wires.pop("hands"))
        catalogue = load_catalogue(setup.models)
        return Workshop(Rig(wires), Shop(setup.data), catalogue, hands)

    return load


def build_window(setup: Setup, standins: StandIns) -> MainWindow:
    """Build the window and its desk; loading starts after the first paint."""
    return MainWindow(Desk(make_loader(setup, standins)), setup.shop_name)


def run(setup: Setup) -> int:
    """Run the application until its window closes; return the exit code."""
    for reason in (refuse_bad_pair(), refuse_no_display(os.environ)):
        if reason:
            print(f"daruma: {reason}", file=sys.stderr)
            return 2
    app = QApplication.instance() or QApplication(["daruma"])
    assert isinstance(app, QApplication)
    app.setApplicationName("daruma")
    app.setDesktopFileName("daruma")
    load_fonts()
    apply_theme(app, PAPER)
    standins = StandIns()
    window = build_window(setup, standins)
    sys.excepthook = lambda kind, error, trace: log.critical("unexpected", exc_info=(kind, error, trace))
    window.show()
    try:
        return app.exec()
    finally:
        standins.stop()
