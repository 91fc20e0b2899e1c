"""The application: the only place that builds the object graph. Imports nothing that the first paint can do without."""

from __future__ import annotations

import gc
import logging
import os
import sys
import threading
from collections.abc import Callable, Mapping
from pathlib import Path
from time import monotonic
from types import TracebackType
from typing import TYPE_CHECKING

from msgspec import Struct, field
from PySide6 import __version__ as qt_version
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.settings import DEVICES, STANDIN, Settings
from daruma.speaking import speak_as_qt
from daruma.store.settings import NAME, load_settings
from daruma.system_libraries import refuse_missing
from daruma.ui.collecting import Collector
from daruma.ui.importing import import_plainly
from daruma.ui.shell import Shell
from daruma.ui.theme import PAPER, THEMES, Theme, apply_theme, prepare_look

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop
    from daruma.standin_process import StandInProcess
    from daruma.ui.room import Room

log = logging.getLogger("daruma.app")
SWITCH_SECONDS = 0.001
COLLECTOR_RESTS_MS = 5000
REST = 30.0  # seconds before stand-ins that could not start are tried once more
DEMO_SETTLE = 0.1  # of the waits that a real screen needs


class Setup(Struct, frozen=True):
    """Hold where data and catalogue lie, and whether this is the demo."""

    data: Path
    models: Path | None = None
    cache: Path | None = None
    demo: bool = False
    fresh: bool = False
    pace: float | None = None

    @property
    def own_models(self) -> Path:
        """Return the folder of the shop's own models."""
        return self.models or self.data / "models"

    @property
    def settings(self) -> Settings:
        """Return what the shop has set; the demo's is made with its folder."""
        from daruma.demo.marks import SET

        found = load_settings(self.data).settings
        return Settings({**SET, **found.values}) if self.demo else found


class StandIns:
    """Run the simulated bench as a process of its own; it ends with its standard input."""

    def __init__(self) -> None:
        self._process: StandInProcess | None = None
        self._command: list[str] = []
        self._world = Path()
        self._again = 0.0
        self._lock = threading.Lock()  # each lane asks for its devices' wires by itself

    def prepare(self, world: Path, pace: float | None = None, cache: Path | None = None) -> None:
        """Say which world to simulate, and where the catalogue is kept; the process is started when its wires are asked for."""
        self._world = world
        self._command = [sys.executable, "-m", "daruma.standin", str(world), "--keep"]
        if pace is not None:
            self._command += ["--pace", str(pace)]
        if cache is not None:
            self._command += ["--cache", str(cache)]

    def wires(self) -> Mapping[str, str]:
        """Return the wires by device; nothing where the process died before it named them. A dead one is started again."""
        with self._lock:
            return self._started()

    def _started(self) -> Mapping[str, str]:
        if self._process is not None and not self._process.runs:
            # one that ended before it named its wires would do so again: its world is in use, or cannot be read
            self._again = 0.0 if self._process.wires else monotonic() + REST
            self.stop()
        if self._process is None:
            from daruma.standin_process import StandInProcess

            if monotonic() < self._again or not self._has_world():
                return {}
            self._process = StandInProcess(self._command)
        return self._process.wires

    def _has_world(self) -> bool:
        """Return whether there is a world to simulate; one is made where there is none yet."""
        try:
            if not self._world.exists():
                from daruma.demo.practice import make_practice

                make_practice(self._world)
        except OSError as error:
            log.warning("the stand-ins' world cannot be made: %s", error)
            return False
        return True

    def stop(self) -> None:
        """End the process."""
        if self._process is not None:
            self._process.stop()
            self._process = None


def refuse_bad_pair() -> str | None:
    """Return why this Qt for Python cannot be used with this Python, or None."""
    if qt_version.startswith("6.12.0") and sys.version_info < (3, 12):
        return tr("PySide6 6.12.0 aborts on Python 3.11 and earlier. Install 6.11 with: make setup")
    return None


def refuse_no_display(environment: Mapping[str, str]) -> str | None:
    """Return why no window can be opened, or None."""
    if sys.platform != "linux" or environment.get("QT_QPA_PLATFORM"):
        return None
    if environment.get("DISPLAY") or environment.get("WAYLAND_DISPLAY"):
        return None
    return tr("There is no display here. Set DISPLAY, or run without a window by QT_QPA_PLATFORM=offscreen.")


def make_loader(setup: Setup, standins: StandIns) -> Callable[[Callable[[float, str], None]], Workshop]:
    """Return the function that loads everything slow and reports how far it is; it runs off the interface's thread."""

    fresh = setup.fresh

    def load(report: Callable[[float, str], None]) -> Workshop:
        nonlocal fresh
        from daruma.demo.folder import demo_folder
        from daruma.demo.hands import LateHands
        from daruma.demo.marks import PRACTICE, SECOND, WORLD

        if setup.demo:
            demo_folder(setup.data, fresh=fresh, report=report)
            fresh = False  # it is loaded again after a restore
        from daruma.bench.rig import Rig
        from daruma.bench.workshop import Workshop
        from daruma.catalogue.loader import load_catalogue
        from daruma.store.shop import Shop

        catalogue = load_catalogue(setup.own_models, setup.cache)
        standins.prepare(setup.data / (WORLD if setup.demo else PRACTICE), setup.pace, setup.cache)
        wiring = Wiring(setup, standins)
        # the stand-ins' screens stand still at once
        rig = Rig(wiring, settle=(DEMO_SETTLE if setup.pace is None else 0.0) if setup.demo else 1.0, real=wiring.real)
        second = setup.data / SECOND if setup.demo else _folder(setup.settings["places.second"])
        workshop = Workshop(rig, Shop(setup.data, second, late=True), catalogue, LateHands(standins.wires))
        workshop.own_models = setup.own_models
        return workshop

    return load


def _folder(named: str) -> Path | None:
    return Path(named).expanduser() if named else None


class Wiring(Struct, frozen=True):
    """Give the wires of the devices as the shop has set them at that moment; a stand-in is started when one is asked for."""

    setup: Setup
    standins: StandIns
    _known: dict[tuple[int, int], Mapping[str, str]] = field(default_factory=dict)

    def _told(self) -> Mapping[str, str]:
        """Return what is set: read anew only where the file is another one, since each exchange asks."""
        try:
            seen = (self.setup.data / NAME).stat()
            mark = seen.st_mtime_ns, seen.st_ino
        except OSError:
            mark = 0, 0
        if mark not in self._known:
            self._known.clear()
            self._known[mark] = self.setup.settings.wires
        return self._known[mark]

    def __call__(self) -> Mapping[str, str]:
        """Return the wires by device, an empty one for a stand-in that did not start."""
        told = self._told()
        simulated = self.standins.wires() if STANDIN in told.values() else {}
        return {kind: simulated.get(kind, "") if wire == STANDIN else wire for kind, wire in told.items()}

    def real(self) -> frozenset[str]:
        """Return the devices that are none of our stand-ins: what is not set up is the technician's own, too."""
        return frozenset(kind for kind in DEVICES if self._told().get(kind) != STANDIN)


def build_window(setup: Setup, standins: StandIns) -> Shell:
    """Build the window; the room in it is built after the first paint, the workshop is loaded after that."""

    def furnish(shell: Shell) -> Room:
        from daruma.ui.desk import Desk
        from daruma.ui.room import Room

        return Room(shell, Desk(make_loader(setup, standins), setup.settings))

    return Shell(setup.settings["shop.name"], furnish)


def make_app(theme: Theme = PAPER) -> QApplication:
    """Make the application with fonts and a theme.

    The garbage collector rests for the first seconds: imports make nothing but objects that stay, and searching them
    over and over takes a fifth of the start. Threads hand over five times as often as usual, so that planning does
    not keep the interface waiting.
    """
    import_plainly()
    gc.disable()
    sys.setswitchinterval(SWITCH_SECONDS)
    app = QApplication(["daruma"])
    app.setApplicationName("daruma")
    app.setDesktopFileName("daruma")
    prepare_look(app)
    speak_as_qt(app)
    apply_theme(app, theme)
    QTimer.singleShot(COLLECTOR_RESTS_MS, lambda: _collect_again(app))
    return app


def _collect_again(app: QApplication) -> None:
    gc.freeze()
    Collector(app)


class CrashNotice:
    """Log what no one caught and say so in the window: the boundary for mistakes in the interface's own thread."""

    def __init__(self, shell: Shell) -> None:
        self._shell = shell

    def __call__(self, kind: type[BaseException], error: BaseException, trace: TracebackType | None) -> None:
        log.critical("unexpected", exc_info=(kind, error, trace))
        if self._shell.room is not None:
            from daruma.ui.work import bug

            self._shell.room.tell(error if isinstance(error, Trouble) else bug(error))
        elif not isinstance(error, Trouble):
            from daruma.reports import write_report

            write_report(error)


def run(setup: Setup) -> int:
    """Run the application until its window closes; return the exit code."""
    for reason in (refuse_bad_pair(), refuse_no_display(os.environ), refuse_missing(os.environ)):
        if reason:
            print(tr("daruma: {reason}", reason=reason), file=sys.stderr)
            return 2
    app = make_app(THEMES[setup.settings["look.theme"]])
    standins = StandIns()
    window = build_window(setup, standins)
    sys.excepthook = CrashNotice(window)
    window.show()
    try:
        code = app.exec()
    finally:
        standins.stop()
    if any(thread.is_alive() and not thread.daemon for thread in threading.enumerate() if thread is not threading.main_thread()):
        # what a lane still waits for ends with the process: every file is whole at any moment
        logging.shutdown()
        os._exit(code)
    return code
