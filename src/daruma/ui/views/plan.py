"""Plan: the thread map, the route strips, the best next step, what if; one route is taken."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QSignalBlocker
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.pictures.primitives import Picture
from daruma.core.pictures.route_strips import StripsView, route_strips
from daruma.ui.desk import Desk
from daruma.ui.running import WEIGHING
from daruma.ui.views.base import StageView
from daruma.ui.views.map_sheet import MapSheet
from daruma.ui.views.take_button import TakeButton
from daruma.ui.views.ways_sheet import Listing, WaysSheet
from daruma.ui.widgets.advice_box import AdviceBox
from daruma.ui.widgets.ask_box import AskBox
from daruma.ui.widgets.boxes import ChoiceBox
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.preference_box import PreferenceBox

if TYPE_CHECKING:
    from daruma.core.parts import PartKind
    from daruma.core.plan.knowing import Worth
    from daruma.core.plan.planner import First
    from daruma.core.plan.solution import Solution

SIDE = 296  # pixels of the column at the right


class PlanView(StageView):
    """Show what hangs on what, the ways, and the advice."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "plan")
        self._job: Job | None = None
        self._solution: Solution | None = None
        self._route = 0
        self._over: int | None = None
        self.map = MapSheet(desk)
        self.ways = WaysSheet()
        self.ways.strips.chosen.connect(self._route_chosen)
        self.ways.parts.chosen.connect(self._part_way_chosen)
        self.map.page_chosen.connect(self._explain)
        self.map.function_chosen.connect(self._refresh)
        columns = QHBoxLayout()
        columns.setSpacing(10)
        left = QVBoxLayout()
        left.setSpacing(10)
        left.addWidget(self.map, 5)
        left.addWidget(self.ways, 6)
        columns.addLayout(left, 1)
        columns.addWidget(self._side())
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(8)
        column.addLayout(columns, 1)
        column.addLayout(self._foot())
        desk.plan_changed.connect(self._show_plan)
        desk.first_told.connect(self._show_first)
        desk.overtaken.connect(self._allow_main)
        desk.survey_changed.connect(self._surveyed)

    # -- building

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
        column.addWidget(self.advice, 1)
        column.addWidget(self.ask)
        column.addWidget(self.preferences)
        return side

    def _foot(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.note = label("quiet")
        self.over = ChoiceBox()
        self.over.setObjectName("lay_over")
        self.over.setAccessibleName(tr("Lay another way over the chosen one"))
        self.over.setMinimumWidth(230)
        self.over.activated.connect(self._over_chosen)
        self.fewer = QPushButton(tr("Ways that keep less"))
        self.fewer.setObjectName("fewer")
        self.fewer.setCheckable(True)
        self.fewer.setMinimumWidth(178)
        self.fewer.clicked.connect(self._fewer_clicked)
        self.again = QPushButton(tr("Show every thread"))
        self.again.setObjectName("all_threads")
        self.again.clicked.connect(self._all_threads)
        self.main = TakeButton()
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
            self._route, self._over = 0, None
        self._job = job
        self._refresh()
        if self._solution is not self.desk.solution:
            self._show_plan(self.desk.solution)
        self._allow_main()

    def main_button(self) -> QWidget:
        return self.main

    def _surveyed(self, _: object) -> None:
        self._refresh()

    def _refresh(self) -> None:
        job = self._job
        if job is None:
            return
        self.map.show_job(job)
        self.again.setVisible(self.map.function is not None)
        self.note.setText(
            tr("Taken: {way}. Taking a way again starts from where the bench stands.", way=job.way) if job.steps else ""
        )

    def _show_plan(self, solution: Solution | None) -> None:
        from daruma.core.plan.words import advice_words

        self._solution = solution
        routes = solution.plan.routes if solution else ()
        self._route = min(self._route, max(0, self._shown() - 1))
        self._over = None
        self._fill_over()
        self.ways.strips.show_build(self._strips)
        self.ways.none.setVisible(solution is not None and not routes)
        self.ways.none.setText(tr("No way is open to anything that is promised. Promise less, or change what is in hand."))
        asked = bool(solution and solution.changes)
        self.ways.head.setText(tr("Ways as they would be") if asked else self._listing().heading)
        labels = self.desk.ready.catalogue.function_labels if self.desk.workshop else {}
        said = advice_words(solution.plan.advice, solution.case.promised, labels) if solution else None
        self.advice.show_said(said)
        if solution is not None:
            self.ask.show_facts(solution.facts, solution.changes, solution.difference)
            self.preferences.show_preferences(solution.case.preferences, solution.prices)
            self._weigh()
        self._allow_main()
        self._name_main()
        self._explain()

    def _show_first(self, first: First) -> None:
        """Say what to do first while the ways are still being worked out."""
        from daruma.core.plan.words import first_words

        self.advice.show_said(first_words(first))

    def _listing(self) -> Listing:
        return Listing(self._solution.plan.routes if self._solution else (), fewer=self.fewer.isChecked())

    def _shown(self) -> int:
        return self._listing().shown

    def _fill_over(self) -> None:
        routes = self._solution.plan.routes[: self._shown()] if self._solution else ()
        with QSignalBlocker(self.over):
            self.over.clear()
            self.over.addItem(tr("Lay nothing over"), None)
            for index, route in enumerate(routes):
                if index != self._route:
                    self.over.addItem(tr("Lay over: {way}", way=route.way), index)
        self.over.setVisible(len(routes) > 1)
        self.fewer.setVisible(
            bool(self._listing().full) and self._solution is not None and len(self._solution.plan.routes) > self._listing().full
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
            work = lambda context: (solution, self.desk.ready.worth_knowing(solution, context))  # noqa: E731
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
        from daruma.core.plan.words import shares_words

        routes = self._solution.plan.routes if self._solution else ()
        said = shares_words(routes[self._route]) if routes else ""
        self.ways.parts.show_routes(routes, self._route)
        self.ways.shares.setText(said)
        self.ways.shares.setVisible(bool(said))
        self.main.show_way(self._solution, self._route)

    def _explain(self) -> None:
        if self._solution and self._solution.plan.routes and self.map.shows_numbers:
            case, route = self._solution.case, self._solution.plan.routes[self._route]
            explain = lambda _: self.desk.ready.explain(case, route)  # noqa: E731
            self.desk.run(self.desk.store, "explaining", explain, self.map.show_sources)

    # -- acting

    def _allow_main(self) -> None:
        """Let a way be taken that is one of the job as it is: not while its plan is being made anew."""
        solution = self._solution
        takes = solution is not None and bool(solution.plan.routes) and not solution.changes
        self.allow(self.main, takes and self.desk.plan_is_current)

    def _all_threads(self) -> None:
        self.map.all_threads()
        self._refresh()

    def _route_chosen(self, key: str) -> None:
        self._route, self._over = int(key), None
        self._fill_over()
        self.ways.strips.show_build(self._strips)
        self._name_main()
        self._explain()

    def _part_way_chosen(self, ways: dict[PartKind, str], nearest: int) -> None:
        """Show the route that goes about the parts as they were chosen, made if no route of the list does."""
        assert self._solution is not None
        found = self._solution.plan.having(ways) if ways else None
        route = found[1] if found is not None else nearest
        if found is not None and found[0] is not self._solution.plan:
            self.desk.show_plan(found[0])
        if route >= self._shown():
            self.fewer.setChecked(True)
        self._route_chosen(str(route))

    def _over_chosen(self) -> None:
        self._over = self.over.currentData()
        self.ways.strips.show_build(self._strips)

    def _fewer_clicked(self) -> None:
        self._route = min(self._route, max(0, self._shown() - 1))
        self._over = None
        self._fill_over()
        self.ways.strips.show_build(self._strips)
        self._name_main()

    def _take_back(self) -> None:
        self.desk.take_back()

    def _take(self) -> None:
        if self._solution and self._solution.plan.routes and not self._solution.changes:
            self.desk.choose(self._solution.plan.routes[self._route])
