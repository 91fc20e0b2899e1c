"""The heat at a soldering step for the window: on a lane of its own, so that it is watched while hands and bench work."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, QTimer, Signal

from daruma.bench.context import local_time
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.bench.heating import Heat, Heating

LOOK_MS = 250


class HeatDesk(QObject):
    """Watch a thermocouple while a step is soldered; the trace is kept with the step."""

    changed = Signal(object)
    failed = Signal(object)
    took = Signal(object)

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__(desk)
        self._desk = desk
        self.lane = Lane("heat", self)
        self.heat: Heat | None = None
        self.watched: tuple[int, str] | None = None  # number of the job, key of the step
        self._timer = QTimer(self)
        self._timer.setInterval(LOOK_MS)
        self._timer.timeout.connect(self._look)
        desk.jobs_changed.connect(self._follow)

    def begin(self, step: str) -> None:
        """Begin to watch a step of the job on view; stand-in hands bring the hot air."""
        job, workshop = self._desk.job, self._desk.workshop
        if job is None or workshop is None or self.watched is not None:
            return
        self.watched = job.number, step

        def work(heating: Heating) -> Heat:
            heat = heating.begin(job, step, local_time())
            workshop.by_hand(lambda hands: hands.heat(job.ticket.imei, step))
            return heat

        self._run(tr("watching the heat"), work, self._begun, self._not_begun)

    def end(self) -> None:
        """End the watch; what was measured is kept with the step."""
        workshop = self._desk.workshop
        if self.watched is None or workshop is None:
            return
        number, _ = self.watched
        imei = self._desk.jobs[number].ticket.imei if number in self._desk.jobs else ""
        self.watched = None
        self._timer.stop()

        def work(heating: Heating) -> Job | None:
            if imei:
                workshop.by_hand(lambda hands: hands.heat(imei, ""))
            return heating.end(local_time())

        self._run(tr("keeping the heat"), work, self._ended)

    def finish(self) -> None:
        """End a watch that goes on, and close the wire."""
        self.end()
        workshop = self._desk.workshop
        if workshop is not None:
            self.lane.start(Work(tr("closing the thermocouple"), lambda _: workshop.close_heating()))
        self.lane.finish()

    def _follow(self) -> None:
        """End the watch of a step that its job has left, whatever page is on view."""
        job = self._desk.jobs.get(self.watched[0]) if self.watched is not None else None
        if job is None or self.watched is None:
            return
        index = job.current_step
        if index is None or job.steps[index].action != self.watched[1]:
            self.end()

    def _look(self) -> None:
        if self.lane.current is None:
            self._run(tr("looking at the heat"), lambda heating: heating.look(), self._looked)

    def _begun(self, heat: Heat) -> None:
        self._timer.start()
        self._looked(heat)

    def _not_begun(self, trouble: Trouble) -> None:
        self.watched = None
        self.failed.emit(trouble)

    def _looked(self, heat: Heat) -> None:
        self.heat = heat
        if self.watched is not None:
            self.changed.emit(heat)

    def _ended(self, job: Job | None) -> None:
        if job is not None:
            self.took.emit(job)
            self._desk.told.emit(tr("Kept with the step: {words}.", words=job.heats[-1].words))

    def _run(
        self,
        name: str,
        function: Callable[[Heating], Any],
        done: Callable[[Any], None],
        failed: Callable[[Trouble], None] | None = None,
    ) -> None:
        if self._desk.workshop is not None:
            work = Work(name, lambda _: function(self._desk.ready.heating))
            work.done.connect(done)
            work.failed.connect(failed or self.failed)
            self.lane.start(work)
