"""The cable meter live at a thousand samples a second: frames a second, and how long the window is held by each."""

import json
import tempfile
import time
from collections.abc import Callable
from datetime import datetime
from pathlib import Path

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtGui import QPaintEvent

from daruma.app import Setup, StandIns, build_window, make_app
from daruma.demo.build import build
from daruma.demo.marks import WORLD
from daruma.ui.room import Room
from daruma.ui.widgets.picture_view import PictureView

RATE, FILLED, SECONDS = 1000.0, 62, 20


def rest(milliseconds: int) -> None:
    """Let events be handled for a while."""
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()


class Watched(PictureView):
    """Tell how long each painting of the trace takes."""

    spent: float = 0.0

    def paintEvent(self, event: QPaintEvent) -> None:
        start = time.perf_counter()
        super().paintEvent(event)
        Watched.spent = 1000 * (time.perf_counter() - start)


def timed(handler: Callable[[object], None], found: list[float]) -> Callable[[object], None]:
    """Return a handler that notes its own time and that of the painting before it, ms."""

    def handle(live: object) -> None:
        start = time.perf_counter()
        handler(live)
        found.append(1000 * (time.perf_counter() - start) + Watched.spent)

    return handle


def main() -> None:
    """Watch the meter until its minute is full, then count."""
    app = make_app()
    standins = StandIns()
    with tempfile.TemporaryDirectory() as place:
        folder = Path(place) / "demo"
        folder.mkdir()
        build(folder, datetime.now().astimezone())
        world = json.loads((folder / WORLD).read_text(encoding="utf-8"))
        (folder / WORLD).write_text(json.dumps({**world, "usb_rate": RATE}), encoding="utf-8")
        shell = build_window(Setup(folder, demo=True), standins)
        shell.show()
        while shell.room is None:
            rest(20)
        room = shell.room
        assert isinstance(room, Room)
        while room.desk.workshop is None:
            rest(20)
        room.open_meter()
        page, found = room.views.meter, list[float]()
        page.picture.__class__ = Watched
        room.desk.metering.live_changed.disconnect(page.show_live)
        room.desk.metering.live_changed.connect(timed(page.show_live, found))  # type: ignore[arg-type]
        room.desk.metering.record()
        rest(1000 * FILLED)
        found.clear()
        rest(1000 * SECONDS)
        found.sort()
        print(
            f"{RATE:.0f} samples a second, recording: {len(found) / SECONDS:.1f} frames a second (30); "
            f"the window is held {found[len(found) // 2]:.1f} ms, 99 % {found[int(0.99 * len(found))]:.1f} ms (16)"
        )
        shell.close()
        standins.stop()
        app.quit()


if __name__ == "__main__":
    main()
