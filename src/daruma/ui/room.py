"""The room in the window: rail, cord, stage views, notices, foot."""

from __future__ import annotations

from datetime import datetime
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import (
    QApplication,
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from daruma.core.errors import Trouble
from daruma.core.job import Job, Stage, stage_of, stages, waits_for
from daruma.ui.actions import build_actions
from daruma.ui.desk import QUIET_WORK, Desk
from daruma.ui.shell import RAIL_WIDTH, Shell
from daruma.ui.theme import ThemeChange
from daruma.ui.views.furnish import Views
from daruma.ui.widgets.cord import Cord
from daruma.ui.widgets.doubt_bar import DoubtBar
from daruma.ui.widgets.faces import Face
from daruma.ui.widgets.foot import Foot
from daruma.ui.widgets.notices import BusyBar, TroubleBar, label
from daruma.ui.widgets.rail import Rail, RailTicket
from daruma.ui.work import Work

if TYPE_CHECKING:
    from daruma.bench.workshop import Survey
    from daruma.core.acts import Act


class Room(QWidget):
    """Show one job at a time, and the way through it."""

    def __init__(self, shell: Shell, desk: Desk, shop_name: str) -> None:
        super().__init__()
        self.shell = shell
        self.desk = desk
        self.stage = Stage.INTAKE
        self._focus_back = False
        self._warned = False
        self._shown = 0
        self._theme_change: ThemeChange | None = None
        self._stage_of: dict[int, Stage] = {}
        self.setObjectName("room")
        self._build(shop_name)
        self._build_actions()
        self._connect()

    # -- building

    def _build(self, shop_name: str) -> None:
        middle = QWidget()
        across = QHBoxLayout(middle)
        across.setContentsMargins(0, 0, 0, 0)
        across.setSpacing(0)
        across.addWidget(self._rail_side())
        down = QVBoxLayout()
        down.setContentsMargins(16, 10, 16, 10)
        down.setSpacing(8)
        self.head = self._head()
        down.addWidget(self.head)
        self.trouble_bar, self.busy_bar = TroubleBar(), BusyBar()
        self.doubt_bar = DoubtBar(self.desk.settle, self._open_known_by)
        down.addWidget(self.doubt_bar)
        down.addWidget(self.trouble_bar)
        down.addWidget(self.busy_bar)
        self.stack = QStackedWidget()
        self.views = Views(self.desk, self.stack, shop_name, self._go_plan, self._leave_shop)
        self.opening = label("quiet", "Opening the shop")
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

    def _rail_side(self) -> QWidget:
        side = QFrame()
        side.setProperty("role", "rail")
        side.setFixedWidth(RAIL_WIDTH)
        column = QVBoxLayout(side)
        column.setContentsMargins(0, 8, 0, 8)
        new = QPushButton("New ticket")
        new.setObjectName("new_ticket")
        new.clicked.connect(self.desk.new_job)
        self.rail = Rail()
        shop = QPushButton("Shop: vault, shelf, copies")
        shop.setObjectName("open_shop")
        shop.clicked.connect(self._open_vault)
        for widget in (new, shop):
            row = QHBoxLayout()
            row.setContentsMargins(8, 0, 8, 0)
            row.addWidget(widget)
            column.addLayout(row)
            if widget is new:
                column.addWidget(self.rail, 1)
        return side

    def _head(self) -> QWidget:
        head = QWidget()
        column = QVBoxLayout(head)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(6)
        top = QHBoxLayout()
        self.face = Face(40)
        self.title, self.subtitle = label("head", wrap=False), label("quiet")
        texts = QVBoxLayout()
        texts.setSpacing(0)
        texts.addWidget(self.title)
        texts.addWidget(self.subtitle)
        top.addWidget(self.face)
        top.addLayout(texts, 1)
        column.addLayout(top)
        self.cord = Cord()
        column.addWidget(self.cord)
        return head

    def _build_actions(self) -> None:
        handlers = {
            "job.new": self.desk.new_job,
            "job.main": self._do_main,
            "job.next": lambda: self._step_rail(1),
            "job.previous": lambda: self._step_rail(-1),
            "job.stop": self._stop,
            "app.quit": self.shell.close,
            "shop.vault": lambda: self.open_shop(0),
            "shop.jobs": lambda: self.open_shop(1),
            "shop.shelf": lambda: self.open_shop(2),
            "shop.copies": lambda: self.open_shop(3),
            "shop.catalogue": lambda: self.open_shop(4),
            "help.keys": lambda: self.open_shop(5),
            "bench.connect": self.desk.look,
            "view.theme": self._other_theme,
        }
        for stage in Stage:
            handlers[f"stage.{stage.name.lower()}"] = lambda stage=stage: self.open_stage(stage)
        self.actions_by_id = build_actions(self.shell, handlers)  # type: ignore[arg-type]

    def _connect(self) -> None:
        desk = self.desk
        desk.loaded.connect(self._loaded)
        desk.jobs_changed.connect(self._show_rail)
        desk.job_changed.connect(self._show_job)
        desk.survey_changed.connect(self._show_survey)
        desk.doubts_changed.connect(self._show_doubts)
        desk.trouble.connect(self._show_trouble)
        desk.step_failed.connect(self._show_trouble)
        desk.told.connect(self._told)
        desk.bench.busy_changed.connect(self._bench_busy)
        desk.store.busy_changed.connect(self._store_busy)
        self.rail.opened.connect(self._open_job)
        self.cord.opened.connect(self.open_stage)
        self.trouble_bar.remedy_asked.connect(self._remedy)

    # -- loading

    def load(self) -> None:
        """Load the workshop."""
        self.desk.load()

    def shut(self) -> bool:
        """Keep what is unsaved and close; return False, once, where something could not be kept."""
        try:
            self.desk.keep_all()
        except Trouble as trouble:
            if not self._warned:
                self._warned = True
                self._show_trouble(
                    Trouble(
                        trouble.what, safe=trouble.safe, advice="Mend it, or close again to leave without what was typed last."
                    )
                )
                return False
        self.desk.shut()
        return True

    def _loaded(self) -> None:
        if not self.desk.jobs:
            self.opening.setText("No tickets yet. Open the first one with New ticket (Ctrl+N).")
        QTimer.singleShot(0, self._focus_main)

    # -- jobs

    def _open_job(self, number: int) -> None:
        self.trouble_bar.hide()
        self.desk.open_job(number)

    def _open_known_by(self, uid: str) -> None:
        number = next((job.number for job in self.desk.jobs.values() if job.uid == uid), None)
        if number is not None:
            self._open_job(number)
        else:
            self.desk.find(uid)

    def _show_rail(self) -> None:
        now = datetime.now().astimezone()
        ordered = sorted(self.desk.jobs.values(), key=lambda job: (bool(job.closed), job.opened))
        self.rail.show_tickets([self._ticket(job, now) for job in ordered], self.desk.number)

    def _ticket(self, job: Job, now: datetime) -> RailTicket:
        names = self.desk.ready.catalogue.names
        since = datetime.fromisoformat(job.closed or job.opened)
        faces = tuple((True, job.is_proven(f)) for f in job.ticket.promised)
        return RailTicket(
            job.number,
            job.name,
            names.get(job.ticket.model, "no model yet"),
            faces,
            _span(now - since) if not job.closed else "",
            waits_for(job, self.desk.faults(job)),
            bool(job.closed),
        )

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
            QTimer.singleShot(0, self._focus_main)
        self._show_head(job)
        self.doubt_bar.show_job(job.uid)
        self.cord.show_stages(stages(job, faults), self.stage, _also(job))
        if not self.views.shop_is_shown or self._changed_job(job):
            self.head.show()
            self.stack.setCurrentWidget(self.views[self.stage])
        self._shown = job.number
        self.views[self.stage].show_job(job)

    def _changed_job(self, job: Job) -> bool:
        return self._shown != job.number

    def _show_head(self, job: Job) -> None:
        names = self.desk.ready.catalogue.names
        proven = sum(job.is_proven(f) for f in job.ticket.promised)
        self.face.show_state(bool(job.ticket.promised), job.all_proven, job.name)
        system = f"{self.desk.ready.catalogue.system} {job.ticket.system}" if job.ticket.system else "System not known yet"
        self.title.setText(f"{names.get(job.ticket.model, 'New ticket')}  {job.name}")
        promised = len(job.ticket.promised)
        promises = f"{proven} of {promised} promises proven" if promised else "Nothing promised yet"
        self.subtitle.setText(f"{system}. {promises}. {job.ticket.complaint}".strip())

    def open_stage(self, stage: Stage) -> None:
        """Put a stage of the job on view, if it can be looked at."""
        job = self.desk.job
        if job is None:
            return
        if not self.cord.may_open(stage):
            why = next((why for s, _, why in stages(job, self.desk.faults(job)) if s is stage), "")
            self.foot.tell(f"{stage.value}: not yet, {why}.")
            return
        self.stage = stage
        self.head.show()
        self.cord.show_stages(stages(job, self.desk.faults(job)), stage, _also(job))
        self.stack.setCurrentWidget(self.views[stage])
        self.views[stage].show_job(job)

    def _go_plan(self) -> None:
        self.desk.replan()
        self.open_stage(Stage.PLAN)
        self._focus_main()

    def _step_rail(self, step: int) -> None:
        row = self.rail.currentIndex().row() + step
        if 0 <= row < self.rail.model().rowCount():
            self.rail.setCurrentIndex(self.rail.model().index(row, 0))

    def _do_main(self) -> None:
        if self.stack.currentWidget() is self.views[self.stage]:
            self.views[self.stage].do_main()

    # -- shop

    def open_shop(self, page: int) -> None:
        """Put a page of the shop on view."""
        self.head.hide()
        self.stack.setCurrentWidget(self.views.shop)
        self.views.shop.show_page(page)

    def _open_vault(self) -> None:
        self.open_shop(0)

    def _leave_shop(self) -> None:
        self.head.show()
        self.stack.setCurrentWidget(self.views[self.stage] if self.desk.job else self.opening)

    # -- notices

    def _show_trouble(self, trouble: Trouble) -> None:
        remedy, text = "", ""
        if getattr(trouble, "code", "") == "firmware":
            remedy, text = "firmware", "Update the programmer"
        self.trouble_bar.show_trouble(trouble, remedy, text)

    def _remedy(self, remedy: str) -> None:
        if remedy == "firmware":
            self.desk.update_firmware()

    def _told(self, text: str) -> None:
        kind, _, name = text.partition("stage:")
        if name and not kind:
            self.open_stage(Stage(name))
        else:
            self.foot.tell(text)

    def _bench_busy(self, work: Work | None) -> None:
        self._busy(work)
        busy = self.desk.is_busy
        view = self.views[self.stage]
        if busy and QApplication.focusWidget() in (view.main_button(), None):
            self._focus_back = True
        for each in self.views:
            each.set_busy(busy)
        self.doubt_bar.set_busy(busy)
        if not busy and self._focus_back:
            self._focus_back = False
            # whoever types keeps the focus
            if not isinstance(QApplication.focusWidget(), QLineEdit | QPlainTextEdit | QComboBox):
                self._focus_main()

    def _focus_main(self) -> None:
        """Put the focus on the main action, where the keyboard goes on."""
        button = self.views[self.stage].main_button()
        if button is None or self.stack.currentWidget() is not self.views[self.stage]:
            return
        if button.isEnabled():
            button.setFocus()
        else:
            # the interlocks may light only with the next look at the bench
            self._focus_back = True

    def _store_busy(self, work: Work | None) -> None:
        self._busy(work)

    def _busy(self, _: Work | None) -> None:
        going = [lane.current for lane in (self.desk.bench, self.desk.store)]
        loud = [work for work in going if work is not None and work.name not in QUIET_WORK]
        self.busy_bar.follow(loud[0] if loud else None)

    def _stop(self) -> None:
        work = self.desk.bench.current
        if work is not None and work.cancellable:
            work.stop.set()

    def _show_doubts(self, doubts: tuple[Act, ...]) -> None:
        self.doubt_bar.show_doubts(doubts)
        self.doubt_bar.show_job(self.desk.job.uid if self.desk.job else "")

    def _show_survey(self, survey: Survey) -> None:
        self.foot.show_bench(survey.bench, survey.backups)

    # -- the rest

    def _other_theme(self) -> None:
        if self._theme_change is None:
            app = QApplication.instance()
            assert isinstance(app, QApplication)
            self._theme_change = ThemeChange(app, self.window())
        self._theme_change.begin()


def _also(job: Job) -> frozenset[Stage]:
    # what was tested can be handed over without every proof: the sheet says what does not come back
    return frozenset({Stage.HAND_OVER}) if job.all_tested else frozenset()


def _span(span: object) -> str:
    minutes = int(span.total_seconds() // 60)  # type: ignore[attr-defined]
    if minutes < 1:
        return "now"
    if minutes < 60:
        return f"{minutes} min"
    return f"{minutes // 60} h {minutes % 60:02d}" if minutes < 1440 else f"{minutes // 1440} d"
