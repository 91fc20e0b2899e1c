"""The shop's pages with 10,000 jobs and 5,000 parts: how long each holds the window; each key of the search.

Beside them: painting a bare table of as many rows. What counts are the ratios.
"""

import os
import statistics
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
sys.path.insert(0, str(Path(__file__).parent))

from load import fill, median
from PySide6.QtWidgets import QApplication, QLineEdit, QWidget

from daruma.app import Setup, StandIns, build_window, make_app
from daruma.catalogue.loader import load_catalogue
from daruma.core.settings import Settings, groups
from daruma.core.shelf import ShelfPart
from daruma.store.settings import save_settings
from daruma.store.shop import Shop
from daruma.ui.room import Room
from daruma.ui.tables import Rows, table
from daruma.ui.views.pages import PAGES

JOBS, PARTS, ROUNDS = 10_000, 5_000, 9
WORDS = "harbour drawer 77"


def build(folder: Path) -> None:
    """Fill a shop of its own."""
    catalogue = load_catalogue()
    with Shop(folder) as shop:
        fill(shop, JOBS, catalogue)
        keys = list(catalogue.models)
        shop.shelf.save_all([part(n, keys[n % len(keys)]) for n in range(PARTS)])
    every = (setting for group in groups() for setting in group.settings)
    save_settings(folder, Settings({setting.key: setting.default for setting in every}))


def part(number: int, model: str) -> ShelfPart:
    """Return a part of its own."""
    place = f"drawer {number % 99}"
    return ShelfPart(f"D{number:011X}", model, "Fenwick", "genuine_used", f"Harbour, crate {number % 90}", 50.0, place=place)


def wait(met: Callable[[], bool]) -> None:
    """Let the window work until something holds."""
    while not met():
        QApplication.processEvents()
        time.sleep(0.005)


def timed(act: Callable[[], None], shell: QWidget) -> float:
    """Return the milliseconds that an act and the painting after it hold the window."""
    start = time.perf_counter()
    act()
    shell.repaint()
    return 1000 * (time.perf_counter() - start)


def main() -> None:
    """Print the tables."""
    app = make_app()
    bare = table("bare_table", "bare", rows := Rows(("a", "b", "c")), (200, 200, 200))
    bare.resize(800, 600)
    bare.show()
    texts = [(str(n), "part", "place") for n in range(PARTS)]

    def again() -> None:
        rows.show_rows(texts)
        bare.grab()

    floor = median(again, ROUNDS)
    print(f"a bare table of {PARTS} rows: {floor:.1f} ms")
    with tempfile.TemporaryDirectory() as data:
        folder = Path(data) / "shop"
        build(folder)
        standins = StandIns()
        shell = build_window(Setup(folder), standins)
        shell.show()
        wait(lambda: isinstance(shell.room, Room) and shell.room.desk.workshop is not None)
        room = shell.room
        assert isinstance(room, Room)
        rests = lambda: all(lane.current is None for lane in (room.desk.bench, room.desk.store, room.going.finding.lane))  # noqa: E731
        wait(rests)
        print("\npage           first, ms   again, ms   ratio")
        for page in PAGES:
            first = timed(lambda page=page: room.open_shop(page), shell)  # type: ignore[misc]
            wait(rests)
            times = []
            for _ in range(ROUNDS):
                room.open_shop("keys")
                times.append(timed(lambda page=page: room.open_shop(page), shell))  # type: ignore[misc]
                wait(rests)
            print(f"{page:12} {first:10.1f} {statistics.median(times):11.1f} {statistics.median(times) / floor:9.1f}")
        room.going.finding.renew()
        wait(rests)
        room.going.search()
        line = shell.findChild(QLineEdit, "finder_line")
        assert isinstance(line, QLineEdit)
        line.setText("warm")
        shown = [timed(lambda n=n: line.setText(WORDS[:n]), shell) for n in range(1, len(WORDS) + 1)]  # type: ignore[misc]
        answered = [median(lambda n=n: line.setText(WORDS[:n]), 1) for n in range(1, len(WORDS) + 1)]  # type: ignore[misc]
        count = len(room.going.finding._index().entries)
        middle, longest = statistics.median(answered), max(answered)
        print(f"\nsearch over {count} entries: a key is answered in {middle:.1f} ms, longest {longest:.1f}")
        print(f"with the whole window painted anew: {statistics.median(shown):.1f} ms, longest {max(shown):.1f}")
        shell.close()
        standins.stop()
    app.quit()


if __name__ == "__main__":
    main()
