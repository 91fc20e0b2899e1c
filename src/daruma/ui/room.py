"""The room in the window: rail, cord, stage views, notices, foot."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QStackedWidget, QVBoxLayout, QWidget

from daruma.core.errors import Remedy, Trouble
from daruma.core.job import Job, Stage, stage_of, stages
from daruma.core.language import tr, word
from daruma.ui.actions import build_actions
from daruma.ui.close_check import CloseCheck
from daruma.ui.desk import Desk
from daruma.ui.focusing import MainFocus
from daruma.ui.going import Going
from daruma.ui.head import Head
from daruma.ui.running import OPENING, QUIET_WORK
from daruma.ui.shell import Interior, Shell
from daruma.ui.side import Side
from daruma.ui.theme import Look, Wardrobe
from daruma.ui.views.furnish import Views
from daruma.ui.widgets.doubt_bar import DoubtBar
from daruma.ui.widgets.foot import Foot
from daruma.ui.widgets.notices import BusyBar, TroubleBar, label
from daruma.ui.work import Work

if TYPE_CHECKING:
    from daruma.bench.workshop import Survey
    from daruma.core.acts import Act


ROOMY = 1240  # pixels: a narrower window folds its rail


class Room(Interior):
    """Show one job at a time, and the way through it."""

    def __init__(self, shell: Shell, desk: Desk) -> None:
        super().__init__()
        self.shell = shell
        self.desk = desk
        self.stage = Stage.INTAKE
        self.close_check = CloseCheck(desk)
        self._shown = 0
        self.wardrobe = Wardrobe(self)
        self._stage_of: dict[int, Stage] = {}
        self.setObjectName("room")
        self._build()
        self.actions_by_id = build_actions(shell, _handlers(self))
        self._connect()

    def _build(self) -> None:
        middle = QWidget()
        across = QHBoxLayout(middle)
        across.setContentsMargins(0, 0, 0, 0)
        across.setSpacing(0)
        self.side = Side(self.desk)
        across.addWidget(self.side)
        down = QVBoxLayout()
        down.setContentsMargins(16, 10, 16, 10)
        down.setSpacing(8)
        self.head = Head()
        self.head.hide()  # until there is a job to head
        down.addWidget(self.head)
        self.trouble_bar, self.busy_bar = TroubleBar(), BusyBar()
        self.doubt_bar = DoubtBar(self.desk.settle, self._open_known_by)
        down.addWidget(self.doubt_bar)
        down.addWidget(self.trouble_bar)
        down.addWidget(self.busy_bar)
        self.stack = QStackedWidget()
        self.views = Views(self.desk, self.stack, self._go_plan, self._leave_shop)
        self.focus = MainFocus(self.stack, lambda: self.views[self.stage])
        self.opening = label("quiet", tr("Opening the shop"))
        self.stack.addWidget(self.opening)
        self.stack.setCurrentWidget(self.opening)
        down.addWidget(self.stack, 1)
        across.addLayout(down, 1)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        column.addWidget(middle, 1)
        self.foot = Foot()
        column.addWidget(self.foot)
        show, leave = self._show_elsewhere, self._leave_shop
        window = self.shell.windowHandle()
        self.going = Going(window, self, self.desk, self.views, show=show, leave=leave, open_job=self._open_known_by)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.side.fold(self.width() < ROOMY)

    def _connect(self) -> None:
        desk = self.desk
        desk.loaded.connect(self._loaded)
        desk.jobs_changed.connect(self._jobs_changed)
        desk.job_changed.connect(self._show_job)
        desk.plan_changed.connect(self.focus.come_back)
        desk.survey_changed.connect(self._show_survey)
        desk.doubts_changed.connect(self._show_doubts)
        desk.trouble.connect(self.trouble_bar.show_trouble)
        desk.step_failed.connect(self.trouble_bar.show_trouble)
        desk.went_well.connect(self.trouble_bar.over)
        desk.told.connect(self.foot.tell)
        desk.settings_changed.connect(self.shell.show_settings)
        desk.settings_changed.connect(self.wardrobe.show_settings)
        desk.stage_wanted.connect(self.open_stage)
        desk.bench.busy_changed.connect(self._bench_busy)
        desk.store.busy_changed.connect(self._busy)
        self.side.opened.connect(self._open_job)
        self.side.shop_wanted.connect(self.open_shop)
        self.head.cord.opened.connect(self.open_stage)
        self.head.meter.clicked.connect(self.open_meter)
        desk.metering.live_changed.connect(self.head.show_recording)
        self.trouble_bar.remedy_asked.connect(self._remedy)

    def load(self) -> None:
        """Load the workshop."""
        self.desk.load()

    def tell(self, trouble: Trouble) -> None:
        """Show a trouble."""
        self.desk.trouble.emit(trouble)

    def shut(self) -> bool:
        """Keep what is unsaved and close; return False, once, where something could not be kept."""
        if (typing := self.window().focusWidget()) is not None:
            typing.clearFocus()  # a field hands over what was typed when it is left
        if (trouble := self.close_check.trouble()) is not None:
            self.trouble_bar.show_trouble(trouble)
            return False
        self.going.finish()
        self.desk.shut()
        return True

    def _loaded(self) -> None:
        if not self.desk.jobs:
            self.opening.setText(tr("No tickets yet. Open the first one with New ticket (Ctrl+N)."))
            self.going.first()

    def _jobs_changed(self) -> None:
        """Show no job where there is none to show."""
        self._busy(None)
        if self.desk.seen is None:
            self.opening.setText(tr("The shop is not open."))
        if self.desk.job is None and self._shown:
            self._shown = 0
            self.head.hide()
            self.stack.setCurrentWidget(self.opening)

    def _open_job(self, number: int) -> None:
        self.trouble_bar.hide()
        self.desk.open_job(number)

    def _open_known_by(self, uid: str) -> None:
        number = next((job.number for job in self.desk.jobs.values() if job.uid == uid), None)
        if number is not None:
            self._open_job(number)
        else:
            self.desk.find(uid)

    def _show_job(self, job: Job) -> None:
        faults = self.desk.faults(job)
        here = stage_of(job, faults)
        before = self._stage_of.get(job.number)
        self._stage_of[job.number] = here
        if before is None or self._changed_job(job):
            self.stage = here
        elif before is not here and self.stage is before and here is not Stage.PLAN:
            # the view follows the work; from intake to plan it goes only when asked to
            self.stage = here
            QTimer.singleShot(0, self.focus.put)
        self.head.show_job(job, self.desk.ready.catalogue)
        self.doubt_bar.show_job(job.uid)
        self.head.show_stages(job, faults, self.stage)
        elsewhere = self.views.shop_is_shown or self.views.meter_is_shown
        if not elsewhere or (self.views.shop_is_shown and self._changed_job(job)):
            self.head.show()
            self.stack.setCurrentWidget(self.views[self.stage])
        if not self._shown:
            QTimer.singleShot(0, self.focus.put)
        self._shown = job.number
        self.views[self.stage].show_job(job)

    def _changed_job(self, job: Job) -> bool:
        return self._shown != job.number

    def open_stage(self, stage: Stage) -> None:
        """Put a stage of the job on view, if it can be looked at."""
        job = self.desk.job
        if job is None:
            return
        if not self.head.cord.may_open(stage):
            why = next((why for s, _, why in stages(job, self.desk.faults(job)) if s is stage), "")
            self.foot.tell(tr("{stage}: not yet, {why}.", stage=word(stage), why=why))
            return
        if stage is Stage.PLAN and not self.desk.plan_is_asked:
            self.desk.replan()
        self.stage = stage
        self.head.show()
        self.head.show_stages(job, self.desk.faults(job), stage)
        self.stack.setCurrentWidget(self.views[stage])
        self.views[stage].show_job(job)

    def _go_plan(self) -> None:
        self.open_stage(Stage.PLAN)
        self.focus.put()

    def do_main(self) -> None:
        """Do the main action of what is on view."""
        if self.views.meter_is_shown:
            self.views.meter.main.click()
        elif self.stack.currentWidget() is self.views[self.stage]:
            self.views[self.stage].do_main()

    def open_shop(self, page: str = "vault") -> None:
        """Put a page of the shop on view, the vault without one."""
        self.going.shop(page)

    def _show_elsewhere(self, view: QWidget) -> None:
        """Show what is no job's: the head of the job goes."""
        self.head.hide()
        self.stack.setCurrentWidget(view)

    def open_meter(self) -> None:
        """Put the meter in the charging cable on view, for the job on view."""
        if self.desk.job is not None:
            self.head.show()
            self.stack.setCurrentWidget(self.views.meter)

    def _leave_shop(self) -> None:
        self.head.setVisible(self.desk.job is not None)
        self.stack.setCurrentWidget(self.views[self.stage] if self.desk.job else self.opening)

    def _remedy(self, remedy: Remedy) -> None:
        if remedy is Remedy.FIRMWARE:
            self.desk.update_firmware()
        elif remedy is Remedy.DIAGNOSTIC:
            self.desk.diagnostic_mode()

    def _bench_busy(self, work: Work | None) -> None:
        self._busy(work)
        busy = self.desk.is_busy
        if busy:
            self.focus.leave()
        for each in self.views:
            each.set_busy(busy)
        self.doubt_bar.set_busy(busy)
        if not busy:
            self.focus.come_back()

    def _busy(self, _: Work | None) -> None:
        going = [lane.current for lane in (self.desk.bench, self.desk.store)]
        quiet = QUIET_WORK | {OPENING} if self.desk.seen is not None else QUIET_WORK  # jobs are on view: nothing to wait for
        loud = [work for work in going if work is not None and work.name not in quiet]
        self.busy_bar.follow(loud[0] if loud else None)

    def stop(self) -> None:
        """Stop what is going on at the bench, where it can be stopped."""
        work = self.desk.bench.current
        if work is not None and work.cancellable:
            work.stop.set()

    def _show_doubts(self, doubts: tuple[Act, ...]) -> None:
        self.doubt_bar.show_doubts(doubts)
        self.doubt_bar.show_job(self.desk.job.uid if self.desk.job else "")

    def _show_survey(self, survey: Survey) -> None:
        self.foot.show_bench(survey.bench, survey.backups)

    def other_theme(self) -> None:
        """Change between paper and ink, and open so from now on."""
        self.wardrobe.change()
        self.desk.set({"look.theme": Look.theme.name})


def _handlers(room: Room) -> dict[str, Callable[[], object]]:
    """Return what each action of the menus does."""
    desk = room.desk
    return {
        "job.new": desk.new_job,
        "job.main": room.do_main,
        "job.next": lambda: room.side.step(1),
        "job.previous": lambda: room.side.step(-1),
        "job.meter": room.open_meter,
        "job.find": room.going.search,
        "job.order": desk.papers.order,
        "job.label": desk.papers.label,
        "job.stop": room.stop,
        "app.quit": room.shell.close,
        "shop.vault": room.open_shop,
        **{f"shop.{page}": partial(room.open_shop, page) for page in ("jobs", "shelf", "copies", "catalogue", "set_up")},
        "shop.devices": room.going.devices,
        "help.words": partial(room.open_shop, "words"),
        "help.keys": partial(room.open_shop, "keys"),
        "bench.connect": desk.look,
        "view.theme": room.other_theme,
        **{f"stage.{stage.name.lower()}": partial(room.open_stage, stage) for stage in Stage},
    }
