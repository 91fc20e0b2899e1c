"""Make the pictures of every main view from the demo data: screenshots.py FOLDER."""

import os
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtWidgets import QAbstractButton, QApplication, QWidget

from daruma.app import Setup, StandIns, build_window, make_app
from daruma.core.acts import ActKind, ActState
from daruma.core.job import Stage, StepState
from daruma.core.kinds import trait
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.parts import Function
from daruma.core.settings import DEVICES
from daruma.ui.room import Room
from daruma.ui.shell import Shell
from daruma.ui.theme import NIGHT, apply_theme


def rest(milliseconds: int) -> None:
    """Let events be handled for a while; the event loop, unlike the test library's wait, lets other threads run."""
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()


class Tour:
    """Go through the demo's first ticket and take pictures on the way."""

    def __init__(self, app: QApplication, shell: Shell, room: Room, folder: Path) -> None:
        self.app, self.shell, self.window, self.folder = app, shell, room, folder
        self.desk = room.desk

    def until(self, met: Callable[[], bool], seconds: float = 20) -> None:
        """Let the window work until something holds."""
        end = time.monotonic() + seconds
        while not met():
            if time.monotonic() > end:
                lanes = [lane.current.name for lane in (self.desk.bench, self.desk.store) if lane.current]
                main = self.window.views[self.window.stage].main_button()
                said = main.accessibleName() or main.text() if main else ""
                raise SystemExit(f"waited in vain at {self.window.stage}: {said}, {lanes}, {self.window.trouble_bar.what.text()}")
            rest(20)

    def idle(self) -> None:
        """Wait until both lanes rest."""
        rest(60)
        self.until(lambda: all(lane.current is None for lane in (self.desk.bench, self.desk.store, self.desk.copying.lane)))
        rest(80)

    def click(self, name: str) -> None:
        """Click a button by its object name."""
        button = self.window.findChild(QWidget, name)
        assert isinstance(button, QAbstractButton), name
        self.until(button.isEnabled)
        button.click()
        self.idle()

    def shot(self, name: str) -> None:
        """Save the window as a picture."""
        self.idle()
        self.window.foot.told.clear()
        rest(60)
        self.shell.grab().save(str(self.folder / f"{name}.png"))

    def run(self) -> None:
        """Take every picture."""
        self.until(lambda: self.desk.workshop is not None)
        self.click("intake_main")
        self.click("intake_main")
        self.shot("intake")
        self.click("intake_main")
        self.shot("plan")
        self.window.views[Stage.PLAN].map.map.chosen.emit("no_display_notice")
        self.click("plan_main")
        self.steps_until("write_new")
        self.desk.look()
        self.until(lambda: self.window.views[Stage.BENCH].locks.all_lit)
        self.shot("bench-write")
        self.doubt()
        self.window.views[Stage.BENCH].hold.held.emit()
        self.idle()
        self.steps_until("prove")
        for _ in range(6):
            job = self.desk.job
            assert job is not None
            if job.readings and "proof" not in self.taken and job.is_proven(job.ticket.promised[0]):
                self.window.views[Stage.PROOF].choose(job.ticket.promised[0])
                self.shot("proof")
                self.taken.add("proof")
                self.window.views[Stage.PROOF].show_job(job)
            if job.all_proven:
                break
            self.click("proof_main")
        self.window.open_stage(Stage.PROOF)
        self.window.views[Stage.PROOF].choose(Function.AUTO_BRIGHTNESS)
        self.window.open_stage(Stage.HAND_OVER)
        self.shot("handover")
        self.window.open_shop("vault")
        self.window.open_shop("shelf")
        self.idle()
        self.window.views.shop.shelf.view.selectRow(3)
        self.shot("shop-shelf")
        self.window.going.devices()
        self.idle()
        for kind in DEVICES:
            self.click(f"test_{kind}")
            self.idle()
        self.shot("shop-devices")
        self.window.open_shop("copies")
        self.click("copy_now")
        self.shot("shop-copies")
        self.window.open_shop("catalogue")
        self.click("model_layout")
        self.shot("shop-catalogue")
        self.window._leave_shop()
        self.battery()
        self.meter()
        self.face()
        self.cameras()
        self.tuning()
        apply_theme(self.app, NIGHT)
        self.shot("proof-ink")

    def battery(self) -> None:
        """Take the tired battery to what its new cell holds."""
        bench = self.window.views[Stage.BENCH]
        self.desk.open_job(next(n for n, job in self.desk.jobs.items() if "Empty by noon" in job.ticket.complaint))
        self.idle()
        self.window.open_stage(Stage.PLAN)
        self.click("plan_main")
        for step in ("activate_pack", "write_pack"):
            self.steps_until(step)
            self.desk.look()
            self.until(lambda: bench.locks.all_lit)
            bench.hold.held.emit()
            self.idle()
        self.steps_until("prove")
        self.click("proof_main")
        self.window.views[Stage.PROOF].choose(Function.BATTERY_RUNS, "cell")
        rest(500)
        self.shot("proof-cell")

    def meter(self) -> None:
        """Look at what the charging cable says of a phone that starts again and again."""
        self.desk.open_job(next(n for n, job in self.desk.jobs.items() if "on the charger" in job.ticket.complaint))
        self.idle()
        self.window.open_meter()
        rest(1500)
        self.window.views.meter.kept.table.selectRow(0)
        rest(1500)
        self.shot("meter")
        self.window.open_stage(self.window.stage)

    def face(self) -> None:
        """Take the face module that can be saved to its activation and its folds; then the one with another module's map."""
        bench = self.window.views[Stage.BENCH]
        self.desk.open_job(next(n for n, job in self.desk.jobs.items() if "top edge" in job.ticket.complaint))
        self.idle()
        self.window.open_stage(Stage.PLAN)
        self.click("plan_main")
        self.steps_until("activate_module")
        self.desk.look()
        self.until(lambda: bench.locks.all_lit)
        self.shot("bench-activate")
        bench.hold.held.emit()
        self.idle()
        self.steps_until("write_extension")
        self.desk.look()
        self.until(lambda: bench.locks.all_lit)
        bench.hold.held.emit()
        self.idle()
        self.steps_until("fold_extension")
        self.desk.open_job(next(n for n, job in self.desk.jobs.items() if "'its' data" in job.ticket.complaint))
        self.idle()
        self.window.open_stage(Stage.PROOF)
        self.click("proof_main")
        self.shot("proof-dots")

    def cameras(self) -> None:
        """Take a front camera to its proof, a rear camera into its sweep, three new parts to their finishing."""
        proof = self.window.views[Stage.PROOF]
        self.planned("Selfies")
        self.acts_until("prove")
        self.click("proof_main")
        self.until(lambda: self.desk.job.all_proven, 60)
        self.window.open_stage(Stage.PROOF)
        proof.choose(Function.FRONT_CAMERA, "sharpness")
        rest(500)
        self.shot("proof-camera")
        self.planned("from his drawer")
        self.acts_until("finish_rear")
        self.lit()
        self.window.views[Stage.BENCH].hold.held.emit()
        rest(12_000)
        self.shell.grab().save(str(self.folder / "bench-sweep.png"))
        self.until(lambda: self.desk.bench.current is None, 120)
        self.planned("bicycle")
        self.acts_until("finish_on_phone")
        self.lit()
        self.shot("bench-finishing")

    def planned(self, words: str) -> None:
        """Open a ticket and take its best way."""
        self.desk.open_job(next(n for n, job in self.desk.jobs.items() if words in job.ticket.complaint))
        self.idle()
        self.window.open_stage(Stage.PLAN)
        self.click("plan_main")

    def lit(self) -> None:
        """Wait until every interlock of the act at hand is lit."""
        self.desk.look()
        self.until(lambda: self.window.views[Stage.BENCH].locks.all_lit)

    def acts_until(self, action: str) -> None:
        """Do steps, guarded ones as well, until one whose action begins so is at hand."""
        for _ in range(40):
            job = self.desk.job
            key = job.steps[job.current_step].action
            if key.startswith(action):
                return
            if trait(key).act is None:
                self.click("bench_main")
            else:
                self.lit()
                self.window.views[Stage.BENCH].hold.held.emit()
                rest(200)
            self.until(lambda: self.desk.bench.current is None, 120)
            self.idle()

    def tuning(self) -> None:
        """Take the job whose white is off from its first measurement to the tuned panel."""
        number = next(n for n, job in self.desk.jobs.items() if "yellow" in job.ticket.complaint)
        self.desk.open_job(number)
        self.idle()
        proof = self.window.views[Stage.PROOF]
        for _ in range(2):
            self.click("proof_main")
        self.click("proof_main")
        self.click("proof_main")
        self.until(lambda: proof.main.text().startswith("Keep"))
        self.shot("proof-panel")
        self.click("proof_main")
        self.desk.update_firmware()
        self.idle()
        self.steps_until("write_tuned")
        self.desk.look()
        self.until(lambda: self.window.views[Stage.BENCH].locks.all_lit)
        self.window.views[Stage.BENCH].hold.held.emit()
        self.idle()
        self.steps_until("prove")
        for _ in range(2):
            self.click("proof_main")
        proof.choose(self.desk.job.ticket.promised[0], "white")

    def doubt(self) -> None:
        """Let a write be left without its settlement, as a pulled plug leaves it; settle it again afterwards."""
        journal, job = self.desk.ready.shop.journal, self.desk.job
        work = job.of(DisplayWork)
        act = journal.intend(
            ActKind.WRITE, job=job.uid, die=work.die, backup=work.source, digest="", started=job.opened, evidence=()
        )
        journal.leave(act)
        self.desk.look()
        self.until(lambda: self.window.doubt_bar.isVisible())
        self.shot("bench-doubt")
        journal.settle(act, ActState.NOT_SENT, "a picture", job.opened)
        self.desk.look()
        self.until(lambda: self.window.views[Stage.BENCH].locks.all_lit)

    taken: set[str] = set()

    def steps_until(self, action: str) -> None:
        """Do steps until one whose action begins so is at hand."""
        for _ in range(30):
            job = self.desk.job
            index = job.current_step
            if index is None or job.steps[index].action.startswith(action):
                return
            assert job.steps[index].state is StepState.OPEN
            self.click("bench_main")


def main() -> None:
    """Run the tour in a folder of its own."""
    folder = Path(sys.argv[1])
    folder.mkdir(parents=True, exist_ok=True)
    app = make_app()
    standins = StandIns()
    with tempfile.TemporaryDirectory() as data:
        shell = build_window(Setup(Path(data) / "demo", demo=True, pace=0.0), standins)
        shell.show()
        while shell.room is None:
            rest(10)
        try:
            Tour(app, shell, shell.room, folder).run()
        finally:
            shell.close()
            standins.stop()


if __name__ == "__main__":
    main()
