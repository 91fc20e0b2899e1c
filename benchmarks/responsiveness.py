"""How long the window is deaf while the bench reads and writes: gaps between heartbeats of the interface's thread.

Beside it stand the gaps of the same window at rest, so that the machine's own noise can be told apart.
"""

import os
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PySide6.QtCore import QEventLoop, QTimer

from daruma.app import Setup, StandIns, build_window, make_app
from daruma.ui.room import Room

BEAT_MS = 2


def rest(milliseconds: int) -> None:
    """Let events be handled for a while; the event loop, unlike the test library's wait, lets other threads run."""
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()


class Heart:
    """Beat in the interface's thread and keep the gaps."""

    def __init__(self) -> None:
        self.gaps: list[float] = []
        self._last = time.perf_counter()
        self._timer = QTimer()
        self._timer.setInterval(BEAT_MS)
        self._timer.timeout.connect(self._beat)
        self._timer.start()

    def _beat(self) -> None:
        now = time.perf_counter()
        self.gaps.append(1000 * (now - self._last))
        self._last = now

    def during(self, act: Callable[[], None], done: Callable[[], bool]) -> list[float]:
        """Return the gaps from an act until something is done."""
        self.gaps.clear()
        act()
        while not done():
            rest(1)
        return sorted(self.gaps)


def tell(name: str, gaps: list[float]) -> None:
    """Print a row."""
    high = gaps[int(0.99 * (len(gaps) - 1))]
    print(f"{name:28} longest {gaps[-1]:6.1f} ms   99 % {high:5.1f} ms   {len(gaps)} beats")


def at_rest(room: Room) -> bool:
    """Return whether both lanes rest."""
    return room.desk.bench.current is None and room.desk.store.current is None


def main() -> None:
    """Take the demo's first ticket to the write and listen."""
    app = make_app()
    standins = StandIns()
    with tempfile.TemporaryDirectory() as folder:
        shell = build_window(Setup(Path(folder) / "demo", demo=True, pace=0.05), standins)
        shell.show()
        while shell.room is None:
            rest(20)
        room = shell.room
        assert isinstance(room, Room)
        desk = room.desk
        while desk.job is None or desk.survey is None:
            rest(20)
        heart = Heart()
        end = time.monotonic() + 2
        tell("at rest", heart.during(lambda: None, lambda: time.monotonic() > end))
        for act in (desk.read_phone, desk.confirm_trust):
            act()
            rest(100)
            while not at_rest(room):
                rest(20)
        desk.replan()
        while desk.plan is None:
            rest(20)
        desk.choose(desk.plan.routes[0])
        rest(300)
        for _ in range(8):
            job = desk.job
            assert job is not None
            index = job.current_step
            assert index is not None
            step = job.steps[index].action
            gaps = heart.during(desk.do_step, lambda i=index: desk.job.current_step != i)  # type: ignore[misc]
            if step in ("read_original", "read_new", "write_new"):
                tell(step, gaps)
            if step == "write_new":
                break
            rest(300)
        for name, act in (
            ("the other theme", room.other_theme),
            ("back again", room.other_theme),
            ("opening the shop", lambda: room.open_shop("vault")),
            ("its copies", lambda: room.open_shop("copies")),
        ):
            settled = time.monotonic() + 1
            tell(name, heart.during(act, lambda end=settled: time.monotonic() > end and at_rest(room)))  # type: ignore[misc]
        shell.close()
        standins.stop()
        app.quit()


if __name__ == "__main__":
    main()
