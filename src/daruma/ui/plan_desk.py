"""The plan on the desk: solved again when something changes, with what is asked of it."""

from __future__ import annotations

from functools import partial
from threading import Event
from typing import TYPE_CHECKING

from msgspec.structs import replace
from PySide6.QtCore import QObject, QTimer, Signal

from daruma.core.language import tr
from daruma.core.settings import Settings
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.running import PLANNING, WEIGHING, context_of

if TYPE_CHECKING:
    from daruma.bench.context import Context
    from daruma.core.errors import Trouble
    from daruma.core.job import Job
    from daruma.core.plan.money import Preferences
    from daruma.core.plan.planner import First, Plan
    from daruma.core.plan.routes import Route
    from daruma.core.plan.solution import Solution
    from daruma.ui.work import Work

PAINT_MS, PATIENCE = 30, 2.0  # what the window is given to paint what changed; seconds that a plan waits for it at most
HESITATION_MS = 400  # most plans are there by then
REPLAN_MS = 150  # at the start the view of the job comes first, its plan after


class PlanDesk(JobsDesk):
    """Hold the plan of the job on view."""

    plan_changed = Signal(object)
    first_told = Signal(object)
    overtaken = Signal()  # the plan on view is being made anew

    def __init__(self, settings: Settings, parent: QObject | None = None) -> None:
        super().__init__(settings, parent)
        self.solution: Solution | None = None
        self.changes: tuple[tuple[str, str], ...] = ()
        self._asked_of: Job | None = None
        self._asked = self._answered = 0
        self.replan_soon = QTimer(self)
        self.replan_soon.setSingleShot(True)
        self.replan_soon.setInterval(REPLAN_MS)
        self.replan_soon.timeout.connect(self.replan)
        self.shown.connect(self._replan_behind)

    def forget(self) -> None:
        """Forget the plan of the job that was on view before."""
        super().forget()
        self.solution, self.changes, self._asked_of = None, (), None

    @property
    def plan_is_asked(self) -> bool:
        """Return whether the last plan that was asked for is one of the ticket as it is now."""
        job, of = self.job, self._asked_of
        return job is not None and of is not None and (job.uid, job.ticket) == (of.uid, of.ticket)

    @property
    def plan_is_current(self) -> bool:
        """Return whether the plan on view is the last one asked for, and of the ticket as it is now."""
        return self.plan_is_asked and self._answered == self._asked

    def _replan_behind(self) -> None:
        """Solve the plan again once the window has painted what changed: both at once would make it wait."""
        painted = Event()
        # what is to be painted comes before a timer that is over
        QTimer.singleShot(PAINT_MS, painted.set)
        self.replan(painted)

    def replan(self, after: Event | None = None) -> None:
        """Solve the plan of the job on view again, `after` something has happened, which is not waited for without end."""
        # a plan that is overtaken is not worked out to its end, nor is what would be worth knowing of it
        self.store.stop(PLANNING, WEIGHING)
        self._asked += 1
        job = self._asked_of = self.job
        if job is None or self.workshop is None or self.faults(job):
            self._solved((self._asked, None))
            return
        number, changes = self._asked, self.changes

        def solve(work: Work) -> tuple[int, Solution]:
            if after is not None:
                after.wait(PATIENCE)
            return number, self.ready.solve(job, changes, context_of(work), work.tell)

        self.start(self.store, PLANNING, solve, self._solved, failed=self._not_solved, told=self._first_told)
        self.overtaken.emit()

    def _first_told(self, first: First) -> None:
        if first.next is not None:
            self.first_told.emit(first)
        else:
            QTimer.singleShot(HESITATION_MS, partial(self._told_late, self._asked, first))

    def _told_late(self, number: int, first: First) -> None:
        """Say that nothing is known yet only where the plan takes its time."""
        if self._answered < number == self._asked:
            self.first_told.emit(first)

    def _solved(self, answer: tuple[int, Solution | None]) -> None:
        number, solution = answer
        if number == self._asked:  # one that was overtaken may be done all the same
            self._answered = number
            self._planned(solution)

    def _not_solved(self, trouble: Trouble) -> None:
        self._answered = self._asked
        self.trouble.emit(trouble)
        self.plan_changed.emit(self.solution)

    def _planned(self, solution: Solution | None) -> None:
        self.solution = solution
        if solution is not None:
            self.changes = solution.changes
        self.plan_changed.emit(solution)

    def show_plan(self, plan: Plan) -> None:
        """Show the plan with a way made of the ways of its parts."""
        assert self.solution is not None
        real = plan if self.solution.real is self.solution.plan else self.solution.real
        self._planned(replace(self.solution, plan=plan, real=real))

    @property
    def plan(self) -> Plan | None:
        """Return the plan of the job on view as things are."""
        return self.solution.real if self.solution else None

    def ask(self, key: str, value: str) -> None:
        """Ask what would be if a fact were so."""
        self.changes = (*(change for change in self.changes if change[0] != key), (key, value))
        self.replan()

    def take_back(self, key: str = "") -> None:
        """Take a changed fact back, all of them without a key."""
        self.changes = tuple(change for change in self.changes if key and change[0] != key)
        self.replan()

    def prefer(self, preferences: Preferences) -> None:
        """Keep what the shop prefers, and plan with it."""
        self.start(self.store, PLANNING, lambda _: self.ready.prefer(preferences), self._preferred)

    def _preferred(self, _: object) -> None:
        self.replan()

    def choose(self, route: Route) -> None:
        """Make the run sheet of a route of the plan on view."""
        planned = self.solution.asked if self.solution is not None else None

        def chosen(job: Job, context: Context) -> Job:
            return self.ready.choose(job, route, context, planned)

        self.job_work(self.store, tr("making the run sheet"), chosen, failed=self._not_chosen)

    def _not_chosen(self, trouble: Trouble) -> None:
        self.trouble.emit(trouble)
        self.replan()
