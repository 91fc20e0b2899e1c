"""Plan: the thread map, the route strips, the best next step, what if; one route is taken."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QScrollArea, QStackedWidget, QVBoxLayout, QWidget

from daruma.core.job import Job
from daruma.core.job_facts import job_facts
from daruma.core.kinds import promisable
from daruma.core.known import Known
from daruma.core.pairing import Verdict, evaluate
from daruma.core.parts import Function
from daruma.core.pictures.numbers import numbers
from daruma.core.pictures.primitives import Picture, Text, Tone
from daruma.core.pictures.route_strips import StripsView, route_strips
from daruma.core.pictures.thread_map import thread_map
from daruma.ui.desk import Desk
from daruma.ui.running import WEIGHING
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.widgets.advice_box import AdviceBox
from daruma.ui.widgets.ask_box import AskBox
from daruma.ui.widgets.boxes import ChoiceBox
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.picture_view import PictureView
from daruma.ui.widgets.preference_box import PreferenceBox

if TYPE_CHECKING:
    from daruma.core.plan.explain import Source
    from daruma.core.plan.knowing import Worth
    from daruma.core.plan.solution import Solution

SIDE = 296  # pixels of the column at the right
LEGEND = "solid: there   hatched: waiting   knot: final   wave: heat   (in brackets: with ways back)"


class PlanView(StageView):
    """Show what hangs on what, the ways, and the advice."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "plan")
        self._job: Job | None = None
        self._solution: Solution | None = None
        self._route = 0
        self._over: int | None = None
        self._function: Function | None = None
        self._verdicts: tuple[Verdict, ...] = ()
        self._sources: tuple[Source, ...] = ()
        columns = QHBoxLayout()
        columns.setSpacing(10)
        left = QVBoxLayout()
        left.setSpacing(10)
        left.addWidget(self._map_sheet(), 5)
        left.addWidget(self._strip_sheet(), 6)
        columns.addLayout(left, 1)
        columns.addWidget(self._side())
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(8)
        column.addLayout(columns, 1)
        column.addLayout(self._foot())
        desk.plan_changed.connect(self._show_plan)
        desk.survey_changed.connect(self._surveyed)

    # -- building

    def _map_sheet(self) -> QWidget:
        sheet, inner = _sheet()
        head = QHBoxLayout()
        self.head = label("part", "Threads with the new panel in the phone, as the bench stands now", wrap=False)
        head.addWidget(self.head)
        head.addStretch(1)
        self.threads_button, self.numbers_button = QPushButton("Threads"), QPushButton("Numbers")
        for button, name in ((self.threads_button, "show_threads"), (self.numbers_button, "show_numbers")):
            button.setObjectName(name)
            button.setProperty("role", "choice")
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.clicked.connect(self._page_chosen)
            head.addWidget(button)
        self.threads_button.setChecked(True)
        inner.addLayout(head)
        self.map = PictureView("thread_map")
        self.map.chosen.connect(self._function_chosen)
        self.numbers = PictureView("numbers", grows=False)
        self.pages = QStackedWidget()
        self.pages.setMinimumHeight(160)
        self.pages.addWidget(self.map)
        self.pages.addWidget(_scrolled(self.numbers))
        inner.addWidget(self.pages, 1)
        return sheet

    def _strip_sheet(self) -> QWidget:
        sheet, inner = _sheet()
        head = QHBoxLayout()
        self.strips_head = label("part", "Ways to all that is promised", wrap=False)
        head.addWidget(self.strips_head)
        head.addStretch(1)
        head.addWidget(label("hint", LEGEND, wrap=False))
        inner.addLayout(head)
        self.strips = PictureView("strips", grows=False)
        self.strips.chosen.connect(self._route_chosen)
        inner.addWidget(_scrolled(self.strips), 1)
        self.none = label("caution")
        self.none.hide()
        inner.addWidget(self.none)
        return sheet

    def _side(self) -> QWidget:
        side = QWidget()
        side.setFixedWidth(SIDE)
        column = QVBoxLayout(side)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(10)
        self.advice = AdviceBox()
        self.ask = AskBox()
        self.ask.asked.connect(self.desk.ask)
        self.ask.taken_back.connect(self._take_back)
        self.preferences = PreferenceBox()
        self.preferences.changed.connect(self.desk.prefer)
        column.addWidget(self.advice)
        column.addWidget(self.ask)
        column.addWidget(self.preferences)
        column.addStretch(1)
        return side

    def _foot(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.note = label("quiet")
        self.over = ChoiceBox()
        self.over.setObjectName("lay_over")
        self.over.setAccessibleName("Lay another way over the chosen one")
        self.over.setMinimumWidth(230)
        self.over.activated.connect(self._over_chosen)
        self.fewer = QPushButton("Ways that keep less")
        self.fewer.setObjectName("fewer")
        self.fewer.setCheckable(True)
        self.fewer.setMinimumWidth(178)
        self.fewer.clicked.connect(self._fewer_clicked)
        self.again = QPushButton("Show every thread")
        self.again.setObjectName("all_threads")
        self.again.clicked.connect(self._all_threads)
        self.main = main_push_button("plan_main")
        self.main.clicked.connect(self._take)
        self._name_main()
        self.allow(self.main, False)
        row.addWidget(self.note, 1)
        for widget in (self.again, self.fewer, self.over, self.main):
            row.addWidget(widget)
        return row

    # -- showing

    def fill(self, job: Job) -> None:
        if self._job is None or job.number != self._job.number:
            self._route, self._over, self._function = 0, None, None
        self._job = job
        self._refresh()
        if self._solution is not self.desk.solution:
            self._show_plan(self.desk.solution)

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
        wanted = [f for f in model.functions if f in promisable() and (f is not Function.FACE_UNLOCK or f in job.ticket.promised)]
        wanted.sort(key=lambda f: f not in job.ticket.promised)
        self._verdicts = tuple(evaluate(facts, f) for f in wanted)
        self.map.show_build(self._map)
        self.again.setVisible(self._function is not None)
        self.note.setText(f"Taken: {job.way}. Taking a way again starts from where the bench stands." if job.steps else "")

    def _map(self, width: float, height: float) -> Picture:
        return thread_map(width, height, self._verdicts, self.desk.ready.catalogue.function_labels, self._function)

    def _show_plan(self, solution: Solution | None) -> None:
        from daruma.core.plan.words import advice_words

        self._solution = solution
        routes = solution.plan.routes if solution else ()
        self._route = min(self._route, max(0, self._shown() - 1))
        self._over = None
        self._fill_over()
        self.strips.show_build(self._strips)
        self.none.setVisible(solution is not None and not routes)
        self.none.setText("No way is open to anything that is promised. Promise less, or change what is in hand.")
        asked = bool(solution and solution.changes)
        self.strips_head.setText("Ways as they would be" if asked else self._heading())
        labels = self.desk.ready.catalogue.function_labels if self.desk.workshop else {}
        said = advice_words(solution.plan.advice, solution.case.promised, labels) if solution else None
        self.advice.show_said(said)
        if solution is not None:
            self.ask.show_facts(solution.facts, solution.changes, solution.difference)
            self.preferences.show_preferences(solution.case.preferences, solution.prices)
            self._weigh()
        self.allow(self.main, bool(routes) and not asked)
        self._name_main()
        self._explain()

    def _heading(self) -> str:
        if self._solution and not self._full():
            return "No way keeps all that is promised; these keep some of it"
        routes = self._solution.plan.routes[: self._full()] if self._solution else ()
        if any(route.left_out for route in routes):
            return "Ways, the one worth most first"
        return "Ways to all that is promised"

    def _full(self) -> int:
        """Return up to which route of the list all is kept that is promised; 0 where none keeps it."""
        routes = self._solution.plan.routes if self._solution else ()
        return max((number for number, route in enumerate(routes, start=1) if not route.left_out), default=0)

    def _shown(self) -> int:
        routes = self._solution.plan.routes if self._solution else ()
        return len(routes) if self.fewer.isChecked() or not self._full() else self._full()

    def _fill_over(self) -> None:
        routes = self._solution.plan.routes[: self._shown()] if self._solution else ()
        with QSignalBlocker(self.over):
            self.over.clear()
            self.over.addItem("Lay nothing over", None)
            for index, route in enumerate(routes):
                if index != self._route:
                    self.over.addItem(f"Lay over: {route.way}", index)
        self.over.setVisible(len(routes) > 1)
        self.fewer.setVisible(
            bool(self._full()) and self._solution is not None and len(self._solution.plan.routes) > self._full()
        )

    def _strips(self, width: float, _: float) -> Picture:
        if self._solution is None:
            return Picture(width, 20, ())
        labels = self.desk.ready.catalogue.function_labels
        return route_strips(width, self._solution.plan, StripsView(labels, self._route, self._over, self._shown()))

    def _weigh(self) -> None:
        """Find out what is worth knowing first, if somebody looks at the plan."""
        solution = self._solution
        if solution is not None and self.isVisible():
            work = lambda context: (solution, self.desk.ready.worth_knowing(solution.case, context))  # noqa: E731
            self.desk.run(self.desk.store, WEIGHING, work, self._weighed)

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self._weigh()

    def _weighed(self, result: tuple[Solution, tuple[Worth, ...]]) -> None:
        from daruma.core.plan.words import worth_words

        solution, worth = result
        if solution is self._solution:
            self.advice.show_worth(worth_words(worth))

    def _name_main(self) -> None:
        if self._solution and self._solution.changes:
            self.main.setText("Take the changed facts back first")
        elif self._solution and self._solution.plan.routes:
            route = self._solution.plan.routes[self._route]
            self.main.setText(f"Take this way: {route.minutes:.0f} min, {route.writes} write{'s' * (route.writes != 1)}")
        else:
            self.main.setText("Take this way")

    # -- numbers

    def _page_chosen(self) -> None:
        self.pages.setCurrentIndex(int(self.numbers_button.isChecked()))
        self.head.setText(
            "Where the numbers of the chosen way come from"
            if self.numbers_button.isChecked()
            else "Threads with the new panel in the phone, as the bench stands now"
        )
        self._explain()

    def _explain(self) -> None:
        if self._solution and self._solution.plan.routes and self.numbers_button.isChecked():
            case, route = self._solution.case, self._solution.plan.routes[self._route]
            self.desk.run(self.desk.store, "explaining", lambda _: self.desk.ready.explain(case, route), self._explained)

    def _explained(self, sources: tuple[Source, ...]) -> None:
        self._sources = sources
        self.numbers.show_build(self._numbers)

    def _numbers(self, width: float, _: float) -> Picture:
        if not self._sources:
            return Picture(width, 30, (Text(0, 20, "No way is chosen.", Tone.QUIET, 13),), (), "No way is chosen.")
        return numbers(width, self._sources)

    # -- acting

    def _function_chosen(self, key: str) -> None:
        self._function = Function(key)
        self._refresh()

    def _all_threads(self) -> None:
        self._function = None
        self._refresh()

    def _route_chosen(self, key: str) -> None:
        self._route, self._over = int(key), None
        self._fill_over()
        self.strips.show_build(self._strips)
        self._name_main()
        self._explain()

    def _over_chosen(self) -> None:
        self._over = self.over.currentData()
        self.strips.show_build(self._strips)

    def _fewer_clicked(self) -> None:
        self._route = min(self._route, max(0, self._shown() - 1))
        self._over = None
        self._fill_over()
        self.strips.show_build(self._strips)
        self._name_main()

    def _take_back(self) -> None:
        self.desk.take_back()

    def _take(self) -> None:
        if self._solution and self._solution.plan.routes and not self._solution.changes:
            self.desk.choose(self._solution.plan.routes[self._route])


def _sheet() -> tuple[QFrame, QVBoxLayout]:
    sheet = QFrame()
    sheet.setProperty("role", "sheet")
    inner = QVBoxLayout(sheet)
    inner.setContentsMargins(16, 8, 16, 8)
    return sheet, inner


def _scrolled(widget: QWidget) -> QScrollArea:
    area = QScrollArea()
    area.setWidgetResizable(True)
    area.setFrameShape(QFrame.Shape.NoFrame)
    area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    area.setFocusPolicy(Qt.FocusPolicy.NoFocus)
    area.setWidget(widget)
    area.viewport().setAutoFillBackground(False)
    widget.setAutoFillBackground(False)
    return area
