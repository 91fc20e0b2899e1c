"""Start-up side by side with a bare window: first paint, the demo's job shown and answering, Stop, and the end.

Ratios of whole processes, pair by pair, and of the quickest of each, so that they hold on a machine whose speed changes.
Nothing passes or fails here.
"""

import os
import statistics
import subprocess
import sys
import tempfile
import time
from pathlib import Path

PAIRS, NEW = 25, 8

BARE = """
import sys
from PySide6.QtCore import QAbstractTableModel, QTimer, Qt
from PySide6.QtWidgets import QApplication, QMainWindow, QTableView
class Rows(QAbstractTableModel):
    def rowCount(self, _=None): return 10000
    def columnCount(self, _=None): return 5
    def data(self, index, role=Qt.ItemDataRole.DisplayRole):
        return str(index.row()) if role == Qt.ItemDataRole.DisplayRole else None
class Window(QMainWindow):
    painted = False
    def paintEvent(self, event):
        super().paintEvent(event)
        if not self.painted:
            self.painted = True
            QTimer.singleShot(0, done)
def done():
    print("painted", flush=True)
    app.quit()
app = QApplication([])
window = Window()
table, rows = QTableView(), Rows()
table.setModel(rows)
window.setCentralWidget(table)
window.resize(1280, 800)
window.show()
app.exec()
"""

OURS = """
import sys
from pathlib import Path
from PySide6.QtCore import QTimer
from daruma.app import Setup, StandIns, build_window, make_app
app = make_app()
standins = StandIns()
window = build_window(Setup(Path(sys.argv[1]), cache=Path(sys.argv[1]).parent / "cache", demo=True, pace=0.0), standins)
def answering():
    print("answering", flush=True)
    if window.room.desk.workshop is None:
        window.room.desk.loaded.connect(begin)
    else:
        begin()
def begin():
    desk = window.room.desk
    desk.poll.stop()
    desk.start(desk.bench, "waiting", wait, print, cancellable=True)
def wait(work):
    from daruma.ui.running import context_of
    QTimer.singleShot(0, window, stop)
    context_of(work).pause(60.0)
def stop():
    print("stop", flush=True)
    window.room.desk.bench.busy_changed.connect(rests)
    window.room.stop()
def rests(work):
    if work is None:
        print("rests", flush=True)
        window.close()
        app.quit()
def shown(job):
    QTimer.singleShot(0, answering)
window.first_painted.connect(lambda: print("painted", flush=True))
def furnished():
    window.room.desk.job_changed.connect(shown)
window.furnished.connect(furnished)
window.show()
app.exec()
standins.stop()
"""


def marks(code: str, *arguments: str) -> dict[str, float]:
    """Return the seconds from the process's start to each line that it prints."""
    start = time.perf_counter()
    environment = {**os.environ, "QT_QPA_PLATFORM": os.environ.get("QT_QPA_PLATFORM", "offscreen"), "OPENBLAS_NUM_THREADS": "1"}
    found: dict[str, float] = {}
    with subprocess.Popen(
        [sys.executable, "-c", code, *arguments], stdout=subprocess.PIPE, text=True, env=environment
    ) as process:
        assert process.stdout
        for line in process.stdout:
            found.setdefault(line.strip(), time.perf_counter() - start)
    found["ended"] = time.perf_counter() - start
    return found


def main() -> None:
    """Run the pairs and print medians and ratios."""
    with tempfile.TemporaryDirectory() as folder:
        data = str(Path(folder) / "demo")
        marks(OURS, data)  # lays out the demo's data folder, and warms the caches
        marks(BARE)
        bare, ours, first = [], [], []
        for turn in range(PAIRS):
            alone = marks(BARE)
            bare.append(alone["painted"])
            ours.append({**marks(OURS, data), "bare end": alone["ended"] - alone["painted"]})
            if turn < NEW:
                first.append(marks(OURS, str(Path(folder) / f"demo {turn}"))["answering"] / alone["painted"])
    print(
        f"bare window, first paint: {1000 * statistics.median(bare):.0f} ms (median of {PAIRS}; {1000 * min(bare):.0f} at best)"
    )
    for name, mark, goal in (("first paint", "painted", 1.3), ("job shown and answering", "answering", 3.0)):
        ratios = [each[mark] / floor for each, floor in zip(ours, bare, strict=True)]
        best = min(each[mark] for each in ours) / min(bare)
        low, middle, high = statistics.quantiles(ratios, n=4)
        print(f"{name}: {middle:.2f} times the bare window ({low:.2f} to {high:.2f}), at best {best:.2f}; aim: at most {goal}")
    print(f"first job of a demo that is new: {statistics.median(first):.2f} times the bare window; aim: 3 s on a quiet machine")
    stops = [1000 * (each["rests"] - each["stop"]) for each in ours]
    ends = [each["ended"] - each["rests"] for each in ours]
    shares = [end / each["bare end"] for end, each in zip(ends, ours, strict=True)]
    print(f"Stop, until the bench rests: {statistics.median(stops):.0f} ms, longest {max(stops):.0f}")
    print(f"end, from the last click to the end of the process: {statistics.median(shares):.2f} times that of the bare window")


if __name__ == "__main__":
    main()
