"""Do the plots keep up? Readings come in at 100 a second into the real proof view; frames painted a second are counted."""

import os
import sys
import tempfile
import time
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
sys.path.insert(0, str(Path(__file__).parents[1]))

from PySide6.QtCore import QEventLoop, QTimer
from tests.ui.painted import Painted

from daruma.app import Setup, StandIns, build_window, make_app
from daruma.bench.kinds.display.measuring import Sample
from daruma.core.colour.shots import brightness_shots, panel_shots, white_shots
from daruma.core.job import Stage
from daruma.core.parts import Function
from daruma.ui.room import Room
from daruma.ui.views.proof import ProofView

RATE, SECONDS = 100, 6.0


def rest(milliseconds: int) -> None:
    """Let events be handled for a while."""
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()


def main() -> int:
    """Print one line for each plot."""
    app = make_app()
    standins = StandIns()
    with tempfile.TemporaryDirectory() as data:
        shell = build_window(Setup(Path(data) / "demo", demo=True, pace=0.0), standins)
        shell.show()
        while shell.room is None:
            rest(20)
        room = shell.room
        assert isinstance(room, Room)
        desk = room.desk
        while desk.workshop is None:
            rest(20)
        number = next(n for n, job in desk.jobs.items() if "yellow" in job.ticket.complaint)
        desk.open_job(number)
        rest(1500)
        room.open_stage(Stage.PROOF)
        view = room.views[Stage.PROOF]
        assert isinstance(view, ProofView)
        print(f"readings at {RATE} a second     frames a second   of 30   longest gap of the interface")
        for page, shots in (
            ("white", white_shots(("warm", "cool"))),
            ("panel", panel_shots()),
            ("brightness", brightness_shots()),
        ):
            if page == "brightness":
                view.stack.setCurrentWidget(view.pages["brightness"])
                view._page = "brightness"
            else:
                view.choose(Function.AMBIENT_WHITE, page)
            rest(1500)
            frames = Painted()
            view.pages[page].picture.installEventFilter(frames)
            gaps, last, sent = [], time.perf_counter(), 0
            start = last
            while (now := time.perf_counter()) - start < SECONDS:
                while sent < (now - start) * RATE:
                    shot = shots[sent * len(shots) // int(RATE * SECONDS + 1)]
                    wobble = 1 + 0.01 * ((sent * 37) % 100 / 100 - 0.5)
                    desk.sampled.emit(number, Sample(shot, sent, int(RATE * SECONDS), (95.0 * wobble, 100.0, 90.0 / wobble)))
                    sent += 1
                app.processEvents()
                gaps.append(time.perf_counter() - now)
                time.sleep(0.001)
            view.pages[page].picture.removeEventFilter(frames)
            rate = frames.count / SECONDS
            print(f"{page:30} {rate:10.1f} {rate / 30:12.2f} {1000 * max(gaps):14.0f} ms   ({sent} readings on view)")
        shell.close()
        standins.stop()
    return 0


if __name__ == "__main__":
    sys.exit(main())
