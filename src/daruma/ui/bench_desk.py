"""The bench on the desk: looked at for the job on view; steps done, acts settled."""

from __future__ import annotations

import logging
import time
from typing import TYPE_CHECKING, Any

from msgspec.structs import replace
from PySide6.QtCore import QObject, QTimer, Signal

from daruma.core.acts import RULES
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import inner, tr, word
from daruma.core.settings import Settings
from daruma.ui.plan_desk import PlanDesk
from daruma.ui.running import TENDING, context_of
from daruma.ui.work import Work

if TYPE_CHECKING:
    from daruma.bench.workshop import Survey
    from daruma.core.acts import Act, ActState

log = logging.getLogger("daruma.desk")
POLL_MS = 1500
REST_MS = 6000  # at most, between two looks at a bench on which something does not answer
TEND_MS = 10_000  # between two looks at work that goes on by itself


class BenchDesk(PlanDesk):
    """Hold how the bench stands for the job on view."""

    survey_changed = Signal(object)
    step_failed = Signal(object)
    trust_asked = Signal()
    doubts_changed = Signal(object)
    look_failed = Signal(object)

    def __init__(self, settings: Settings, parent: QObject | None = None) -> None:
        super().__init__(settings, parent)
        self.survey: Survey | None = None
        self.look_trouble: Trouble | None = None
        self.doubts: tuple[Act, ...] = ()
        self._surveying = False
        self._look_wanted = False
        self.poll = QTimer(self)
        self.poll.setInterval(POLL_MS)
        self.poll.timeout.connect(self._look_again)
        self.tending = QTimer(self)
        self.tending.setInterval(TEND_MS)
        self.tending.timeout.connect(self.tend)
        self._tended = ""
        self.bench.busy_changed.connect(self._bench_idle)
        self.shown.connect(self.look)

    def forget(self) -> None:
        """Forget how the bench stood for the job that was on view before."""
        super().forget()
        self.survey = None

    def look(self) -> None:
        """Survey the bench for the job on view, unless that is under way."""
        job = self.job
        if job is None or self.workshop is None or job.ticket.model not in self.workshop.catalogue.models:
            return
        if self._surveying or self.bench.current is not None:
            self._look_wanted = True
            return
        self._look_wanted = False
        self._surveying = True
        work = Work(tr("looking at the bench"), lambda work: (job.number, self.ready.survey(job, context_of(work))))
        work.done.connect(self._surveyed)
        work.failed.connect(self._survey_failed)
        work.ended.connect(self._rest)
        self.bench.start(work)

    def _look_again(self) -> None:
        """Look from time to time; a lane that is at work is looked at the next time."""
        if not self._surveying and self.bench.current is None:
            self.look()

    def _rest(self) -> None:
        """Let the bench rest twice as long as the look took: what is silent must not keep it busy."""
        work = self.sender()
        took = time.monotonic() - work.started if isinstance(work, Work) else 0.0
        self.poll.setInterval(max(POLL_MS, min(REST_MS, round(2000 * took))))

    def tend(self) -> None:
        """Look after what goes on by itself at the bench, while nothing else does."""
        if self.workshop is None or self.bench.current is not None:
            return
        work = Work(TENDING, lambda work: self.ready.tend(context_of(work)))
        work.done.connect(self._after_tending)
        work.failed.connect(self._survey_failed)
        self.bench.start(work)

    def _after_tending(self, found: tuple[Job, str] | None) -> None:
        if found is None:
            return
        job, said = found
        if job.number in self.jobs:
            self._took(job)
        if said and said != self._tended:
            self.told.emit(said)
        self._tended = said

    def _bench_idle(self, work: Work | None) -> None:
        if work is None and self._look_wanted:
            self.look()

    def _surveyed(self, result: tuple[int, Survey]) -> None:
        self._surveying = False
        self.look_trouble = None
        number, survey = result
        self._doubt(survey.doubts)
        if number == self.number and survey != self.survey:
            self.survey = survey
            self.survey_changed.emit(survey)

    def _doubt(self, doubts: tuple[Act, ...]) -> None:
        if doubts != self.doubts:
            self.doubts = doubts
            self.doubts_changed.emit(doubts)

    def _survey_failed(self, trouble: Trouble) -> None:
        self._surveying = False
        log.info("survey: %s", trouble.what)
        self.look_trouble = trouble
        self.look_failed.emit(trouble)

    def read_phone(self) -> None:
        """Read the phone on the cable into the ticket."""
        job = self.job
        if job is not None:
            self.start(self.bench, tr("reading the phone"), lambda w: self.ready.read_phone(job, context_of(w)), self._phone_read)

    def _phone_read(self, result: tuple[Job, Any]) -> None:
        job, said = result
        mine = self.jobs[job.number].ticket
        taken = replace(mine, model=job.ticket.model, imei=job.ticket.imei, system=job.ticket.system, before=job.ticket.before)
        self._took_whole(replace(job, ticket=taken))
        self.drafts.keep(self.jobs[job.number])
        if said.state.trusted:
            self.told.emit(tr("The phone was read over the cable."))
        else:
            self.trust_asked.emit()

    def confirm_trust(self) -> None:
        """Let the stand-in owner confirm trust, then read the phone again."""
        job = self.job
        if job is not None:
            self.start(self.bench, tr("owner confirms"), lambda _: self.ready.confirm_trust(job), self._trust_confirmed)

    def _trust_confirmed(self, _: object) -> None:
        self.read_phone()

    def diagnostic_mode(self) -> None:
        """Let the phone be in its diagnostic mode, as the technician says that it is; the step at hand is done again."""
        job = self.job
        if job is not None:
            self.start(self.bench, tr("diagnostic mode"), lambda _: self.ready.diagnostic_mode(job), self._diagnostic)

    def _diagnostic(self, _: object) -> None:
        self.told.emit(tr("In its diagnostic mode no service is asked: do the step again."))
        self.look()

    def do_step(self) -> None:
        """Carry out the current step of the run sheet."""
        job = self.job
        index = job.current_step if job else None
        if job is None or index is None:
            return
        title = inner(self.ready.actions(job)[job.steps[index].action].figures.title)
        kind = self.ready.guarded(job)
        stoppable = kind is None or RULES[kind].alone
        self.job_work(
            self.bench,
            title,
            lambda j, c: self.ready.do_step(j, index, c),
            cancellable=stoppable,
            is_act=not stoppable,
            failed=self._step_failed,
        )

    def put_back(self) -> None:
        """Bring back a state that a ticked step had brought about and that is no more."""
        found = self.survey.lapsed if self.survey is not None else None
        if found is not None:
            self.job_work(self.bench, inner(found.title), lambda job, context: self.ready.put_back(job, found.index, context))

    def fail_step(self) -> None:
        """Note that the current step failed for good."""
        index = self.job.current_step if self.job else None
        if index is not None:
            self.job_work(self.store, tr("noting the failure"), lambda job, context: self.ready.fail_step(job, index, context))

    def _step_failed(self, trouble: Trouble) -> None:
        self.refresh_from_store()
        self.step_failed.emit(trouble)

    def decide(self) -> None:
        """Keep the decision to try another maker's record on the panel in hand."""
        self.job_work(self.bench, tr("keeping the decision"), lambda job, context: self.ready.decide(job, context))

    def update_firmware(self) -> None:
        """Bring the programmer to what the model needs."""
        job = self.job
        if job is not None:
            self.start(
                self.bench,
                tr("updating the programmer"),
                lambda w: self.ready.update_firmware(job, context_of(w)),
                self._firmware_updated,
            )

    def _firmware_updated(self, version: str) -> None:
        self.told.emit(tr("The programmer has firmware {version}.", version=version))
        self.look()

    def settle(self, act: Act) -> None:
        """Settle an act in doubt, of whichever job it is."""
        self.start(self.bench, tr("settling the act"), lambda work: self.ready.settle(act, context_of(work)), self._settled)

    def _settled(self, result: tuple[Job, ActState]) -> None:
        job, state = result
        self.told.emit(tr("The act is settled: {state}.", state=word(state)))
        if job.number in self.jobs:
            self._took(job)
        self.look()
