"""Plan: the thread map and the route strips; one route is taken."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.core.job import Job
from daruma.core.known import Known, job_facts
from daruma.core.pairing import Verdict, evaluate
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.core.pictures.route_strips import route_strips
from daruma.core.pictures.thread_map import thread_map
from daruma.core.plan.case import GOAL_VAR
from daruma.ui.desk import Desk
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.core.plan.search import Plan


class PlanView(StageView):
    """Show what hangs on what, and the ways."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "plan")
        self._job: Job | None = None
        self._plan: Plan | None = None
        self._route = 0
        self._function: Function | None = None
        self._verdicts: tuple[Verdict, ...] = ()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(10)
        column.addWidget(self._map_sheet(), 1)
        column.addWidget(self._strip_sheet())
        column.addLayout(self._foot())
        desk.plan_changed.connect(self._show_plan)
        desk.survey_changed.connect(self._surveyed)

    def _map_sheet(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        inner = QVBoxLayout(sheet)
        inner.setContentsMargins(16, 8, 16, 8)
        self.head = label("part", "Threads with the new panel in the phone, as the bench stands now")
        inner.addWidget(self.head)
        self.map = PictureView("thread_map")
        self.map.chosen.connect(self._function_chosen)
        inner.addWidget(self.map, 1)
        return sheet

    def _strip_sheet(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        inner = QVBoxLayout(sheet)
        inner.setContentsMargins(16, 8, 16, 8)
        head = QHBoxLayout()
        head.addWidget(label("part", "Ways to all that is promised", wrap=False))
        head.addStretch(1)
        head.addWidget(
            label(
                "hint",
                "solid: somebody is there   hatched: waiting   knot: cannot be taken back   wave: heat on a part",
                wrap=False,
            )
        )
        inner.addLayout(head)
        self.strips = PictureView("strips", grows=False)
        self.strips.chosen.connect(self._route_chosen)
        inner.addWidget(self.strips)
        self.none = label("caution")
        self.none.hide()
        inner.addWidget(self.none)
        return sheet

    def _foot(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.note = label("quiet")
        self.again = QPushButton("Show every thread")
        self.again.setObjectName("all_threads")
        self.again.clicked.connect(self._all_threads)
        self.main = main_push_button("plan_main")
        self.main.clicked.connect(self._take)
        row.addWidget(self.note, 1)
        row.addWidget(self.again)
        row.addWidget(self.main)
        return row

    def show_job(self, job: Job) -> None:
        if self._job is None or job.number != self._job.number:
            self._route, self._function = 0, None
        self._job = job
        self._refresh()
        if self._plan is not self.desk.plan:
            self._show_plan(self.desk.plan)

    def main_button(self) -> QWidget:
        return self.main

    def _surveyed(self, _: object) -> None:
        self._refresh()

    def _refresh(self) -> None:
        job = self._job
        model = self.desk.ready.catalogue.models.get(job.ticket.model) if job and self.desk.workshop else None
        if job is None or model is None:
            return
        known = self.desk.survey.known if self.desk.survey else Known()
        facts = job_facts(job, model, known)
        wanted = [f for f in model.functions if f in GOAL_VAR]
        wanted.sort(key=lambda f: f not in job.ticket.promised)
        self._verdicts = tuple(evaluate(facts, f) for f in wanted)
        self.map.show_build(self._map)
        self.again.setVisible(self._function is not None)
        taken = bool(job.steps)
        self.note.setText(f"Taken: {job.way}. Taking a way again starts from where the bench stands." if taken else "")

    def _map(self, width: float, height: float) -> Picture:
        return thread_map(width, height, self._verdicts, self.desk.ready.catalogue.function_labels, self._function)

    def _show_plan(self, plan: Plan | None) -> None:
        self._plan = plan
        routes = plan.routes if plan else ()
        self._route = min(self._route, max(0, len(routes) - 1))
        self.strips.show_build(self._strips)
        self.none.setVisible(plan is not None and not routes)
        self.none.setText("No way is open to all that is promised. Promise less, or change what is in hand.")
        self.allow(self.main, bool(routes))
        self._name_main()

    def _strips(self, width: float, _: float) -> Picture:
        if self._plan is None:
            return Picture(width, 20, ())
        labels = self.desk.ready.catalogue.function_labels
        promises = [(labels[f], GOAL_VAR[f]) for f in self._job.ticket.promised if f in GOAL_VAR] if self._job else []
        return route_strips(width, self._plan, promises, self._route)

    def _name_main(self) -> None:
        if self._plan and self._plan.routes:
            route = self._plan.routes[self._route]
            self.main.setText(
                f"Take this way: {route.attended + route.waiting:.0f} min, {route.writes} write{'s' * (route.writes != 1)}"
            )
        else:
            self.main.setText("Take this way")

    def _function_chosen(self, key: str) -> None:
        self._function = Function(key)
        self._refresh()

    def _all_threads(self) -> None:
        self._function = None
        self._refresh()

    def _route_chosen(self, key: str) -> None:
        self._route = int(key)
        self.strips.show_build(self._strips)
        self._name_main()

    def _take(self) -> None:
        if self._plan and self._plan.routes:
            self.desk.choose(self._plan.routes[self._route])
