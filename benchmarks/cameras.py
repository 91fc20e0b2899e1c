"""Cameras: a slanted edge of 480 x 360 and a sweep's alignment beside a library's step; the sweep ring live."""

import json
import tempfile
import time
from collections.abc import Callable
from datetime import datetime
from pathlib import Path

import numpy as np
from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtWidgets import QAbstractButton, QWidget
from scipy.ndimage import gaussian_filter
from scipy.spatial.transform import Rotation
from scipy.special import ndtr

from daruma.app import Setup, StandIns, build_window, make_app
from daruma.core.acts import ActKind
from daruma.core.job import Stage
from daruma.core.kinds import trait
from daruma.core.optics.align import Turning, align
from daruma.core.optics.edge import sharpness
from daruma.demo.build import build
from daruma.demo.marks import WORLD
from daruma.ui.room import Room
from daruma.ui.views.bench import BenchView

SECONDS, MINUTES = 15, 4


def best(work: Callable[[], object], times: int = 9) -> float:
    """Return the shortest of some runs, ms."""
    found = []
    for _ in range(times):
        start = time.perf_counter()
        work()
        found.append(1000 * (time.perf_counter() - start))
    return min(found)


def edge() -> None:
    """Print the time for one slanted edge, beside blurring the same picture once."""
    y, x = np.mgrid[0:360, 0:480].astype(float)
    rng = np.random.default_rng(1)
    picture = 190 - 145 * ndtr((x - 240 + 0.0875 * (y - 180)) / 0.8) + rng.normal(0, 1.6, x.shape)
    ours, other = best(lambda: sharpness(picture)), best(lambda: gaussian_filter(picture, 2.0))
    print(f"edge of 480x360: {ours:.1f} ms, a Gaussian blur of it {other:.1f} ms, ratio {ours / other:.2f}")


def sweep() -> None:
    """Print the time for aligning four minutes, beside the library's rotation of as many vectors."""
    rng = np.random.default_rng(2)
    t, frames = np.arange(0, 60 * MINUTES, 1 / 200), np.arange(0.05, 60 * MINUTES - 1, 1 / 30)

    def turning(at: np.ndarray) -> np.ndarray:
        return np.stack([np.sin(at * rate + rate) * 0.4 for rate in (0.7, 1.3, 2.9)], axis=1)

    gyro = Turning(t, turning(t) + rng.normal(0, 0.004, (len(t), 3)))
    camera = Turning(frames, turning(frames - 0.012) + rng.normal(0, 0.01, (len(frames), 3)))
    ours = best(lambda: align(gyro, camera), 5)
    other = best(lambda: Rotation.align_vectors(turning(frames), camera.w), 5)
    print(f"alignment of {MINUTES} min: {ours:.0f} ms, align_vectors of its frames {other:.1f} ms, ratio {ours / other:.1f}")


def rest(milliseconds: int) -> None:
    """Let events be handled for a while."""
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()


def ring() -> None:
    """Print how often the ring is drawn anew while 200 samples a second come in, and how long each drawing holds the window."""
    make_app()
    standins = StandIns()
    with tempfile.TemporaryDirectory() as place:
        folder = Path(place) / "demo"
        folder.mkdir()
        build(folder, datetime.now().astimezone())
        world = json.loads((folder / WORLD).read_text(encoding="utf-8"))
        (folder / WORLD).write_text(json.dumps({**world, "sweep_speed": 1.0, "hour": 3.0}), encoding="utf-8")
        shell = build_window(Setup(folder, demo=True, pace=0.0), standins)
        shell.show()
        while not isinstance(shell.room, Room) or shell.room.desk.workshop is None:
            rest(20)
        try:
            watched(shell.room)
        finally:
            shell.close()
            standins.stop()


def watched(room: Room) -> None:
    """Bring the rear camera to its sweep, then count what is drawn of it."""
    desk, bench = room.desk, room.views[Stage.BENCH]
    assert isinstance(bench, BenchView)
    sheet = bench.lens_sheet

    def idle() -> None:
        rest(100)
        while desk.bench.current is not None or desk.store.current is not None:
            rest(20)

    desk.open_job(next(n for n, job in desk.jobs.items() if "from his drawer" in job.ticket.complaint))
    idle()
    room.open_stage(Stage.PLAN)
    idle()
    click(room, "plan_main")
    idle()
    while (job := desk.job) is not None and trait(job.steps[job.current_step or 0].action).act is not ActKind.FINISH:
        click(room, "bench_main")
        idle()
    while not bench.locks.all_lit:
        desk.look()
        idle()
    held: list[float] = []
    shown = sheet._sampled

    def timed(number: int, sample: object) -> None:
        start = time.perf_counter()
        shown(number, sample)
        held.append(1000 * (time.perf_counter() - start))

    desk.sampled.disconnect(sheet._sampled)
    desk.sampled.connect(timed)
    bench.hold.held.emit()
    rest(6000)
    held.clear()
    rest(1000 * SECONDS)
    rate, late = len(held) / SECONDS, float(np.percentile(held, 99))
    print(
        f"sweep ring: {rate:.0f} drawings a second while 200 Hz come in; window held {np.median(held):.1f} ms, 99 % {late:.1f} ms"
    )
    work = desk.bench.current
    if work is not None:
        work.stop.set()
    idle()


def click(room: Room, name: str) -> None:
    """Click a button once it can be clicked."""
    button = room.findChild(QWidget, name)
    assert isinstance(button, QAbstractButton), name
    while not button.isEnabled():
        rest(20)
    button.click()


def main() -> None:
    """Print all three."""
    edge()
    sweep()
    ring()


if __name__ == "__main__":
    main()
