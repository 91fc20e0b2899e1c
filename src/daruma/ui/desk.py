"""The desk: what the window knows of jobs and bench, and the one way to change it. All work runs on lanes."""

from __future__ import annotations

import logging
from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace
from datetime import datetime
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, QTimer, Signal

from daruma.bench.context import Context, local_time
from daruma.core.errors import Trouble
from daruma.core.job import Job, ticket_faults
from daruma.ui.copying import Copying, told_of
from daruma.ui.drafts import KEEPING, Drafts
from daruma.ui.proving import Proving
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.bench.workshop import Survey, Workshop
    from daruma.core.acts import Act, ActState
    from daruma.core.backup import VaultFault
    from daruma.core.plan.money import Preferences
    from daruma.core.plan.planner import Plan
    from daruma.core.plan.routes import Route
    from daruma.core.plan.solution import Solution
    from daruma.core.shelf import ShelfPart
    from daruma.store.copies import Copy

log = logging.getLogger("daruma.desk")
POLL_MS = 1500
OPENING = "opening the shop"
REPLAN_MS = 150  # at the start the view of the job comes first, its plan after
QUIET_WORK = frozenset(
    {KEEPING, "looking at the bench", "planning", "weighing", "explaining", "drawing the sheets", "making the pages"}
)


@dataclass(frozen=True, slots=True)
class Opened:
    """Hold what opening the shop gave."""

    workshop: Workshop
    jobs: tuple[Job, ...]
    shelf: tuple[ShelfPart, ...]
    doubts: tuple[Act, ...]
    faults: tuple[VaultFault, ...] = ()


class Desk(QObject):
    """Hold jobs, plan and survey of the job on view; start work and take its results."""

    loaded = Signal()
    jobs_changed = Signal()
    job_changed = Signal(object)
    plan_changed = Signal(object)
    survey_changed = Signal(object)
    trouble = Signal(object)
    step_failed = Signal(object)
    trust_asked = Signal()
    told = Signal(str)
    doubts_changed = Signal(object)
    closing_done = Signal()
    sampled = Signal(int, object)
    look_failed = Signal(object)

    def __init__(self, loader: Callable[[], Workshop], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._loader = loader
        self.bench = Lane("bench", self)
        self.store = Lane("store", self)
        self.workshop: Workshop | None = None
        self.jobs: dict[int, Job] = {}
        self.shelf: tuple[ShelfPart, ...] = ()
        self.number = 0
        self.survey: Survey | None = None
        self.solution: Solution | None = None
        self.changes: tuple[tuple[str, str], ...] = ()
        self.drafts = Drafts(self.store, lambda job: self.ready.save_ticket(job, Context()), self)
        self.drafts.failed.connect(self.trouble)
        self.drafts.kept.connect(self._ticket_kept)
        self.look_trouble: Trouble | None = None
        self.doubts: tuple[Act, ...] = ()
        self._surveying = False
        self._look_wanted = False
        self.copying = Copying(self)
        self.proving = Proving(self)
        self._replan_soon = QTimer(self)
        self._replan_soon.setSingleShot(True)
        self._replan_soon.setInterval(REPLAN_MS)
        self._replan_soon.timeout.connect(self.replan)
        self._poll = QTimer(self)
        self._poll.setInterval(POLL_MS)
        self._poll.timeout.connect(self.look)
        self.bench.busy_changed.connect(self._bench_idle)

    # -- what is there

    @property
    def job(self) -> Job | None:
        """Return the job on view."""
        return self.jobs.get(self.number)

    @property
    def ready(self) -> Workshop:
        """Return the workshop; only to be asked for once loaded."""
        if self.workshop is None:
            raise RuntimeError("the workshop is not loaded yet")
        return self.workshop

    @property
    def is_busy(self) -> bool:
        """Return whether bench work that the user asked for is going on."""
        work = self.bench.current
        return work is not None and work.name not in QUIET_WORK

    @property
    def has_hands(self) -> bool:
        """Return whether stand-in hands act for the technician."""
        return self.workshop is not None and self.workshop.hands is not None

    def faults(self, job: Job) -> dict[str, str]:
        """Return what keeps a job's ticket from being planned."""
        return ticket_faults(job.ticket, self.ready.catalogue.models)

    # -- loading

    def load(self) -> None:
        """Load catalogue, store and devices off the interface's thread."""
        self._start(self.store, OPENING, lambda _: self._open_shop(), self._loaded)

    def _open_shop(self) -> Opened:
        workshop = self._loader()
        shop = workshop.shop
        faults = (*shop.losses(), *shop.set_aside())
        return Opened(workshop, shop.jobs.on_view(), shop.shelf.all(), shop.journal.left_in_doubt(), faults)

    def _loaded(self, opened: Opened) -> None:
        self.workshop, jobs, self.shelf = opened.workshop, opened.jobs, opened.shelf
        self.jobs = {job.number: job for job in jobs}
        open_jobs = [job.number for job in jobs if not job.closed]
        self.number = min(open_jobs, default=min(self.jobs, default=0))
        self.loaded.emit()
        self.jobs_changed.emit()
        self._show(at_once=False)
        for trouble in self.workshop.catalogue.troubles:
            self.trouble.emit(trouble)
        if opened.faults:
            self.trouble.emit(_of_faults(opened.faults))
        self._doubt(opened.doubts)
        self._poll.start()

    def keep_all(self) -> None:
        """Keep what is typed and not kept yet; raise Trouble where that fails."""
        if self.workshop is not None:
            self.drafts.flush()

    def shut(self) -> None:
        """Stop work and close devices and store."""
        self._poll.stop()
        self._replan_soon.stop()
        self.copying.finish()
        self.bench.finish()
        self.store.finish()
        # results that are still on their way find nobody to tell
        self.blockSignals(True)
        if self.workshop is not None:
            self.workshop.rig.close()
            self.workshop.shop.close()
            self.workshop = None

    # -- jobs

    def open_job(self, number: int) -> None:
        """Put a job on view."""
        if number in self.jobs and number != self.number:
            self.number, self.solution, self.survey, self.changes = number, None, None, ()
            self.jobs_changed.emit()
            self._show()

    def bring(self, job: Job) -> None:
        """Put a job on view that may have left the rail long ago."""
        self.jobs.setdefault(job.number, job)
        self.open_job(job.number)

    def find(self, uid: str) -> None:
        """Put a job on view that is known by its identity and not on the rail."""
        self._start(self.store, "looking for the job", lambda _: self.ready.shop.jobs.known_by(uid), self.bring)

    def reread(self) -> None:
        """Read the jobs on view again, tickets included: the store was changed under them."""
        self._start(self.store, "reading the jobs again", lambda _: self.ready.shop.jobs.on_view(), self._reread_whole)

    def _reread_whole(self, jobs: tuple[Job, ...]) -> None:
        for job in jobs:
            if self.jobs.get(job.number) not in (None, job):
                self._took_whole(job)

    def restore(self, copy: Copy) -> None:
        """Put a copy in the store's place and open that; nothing else may be going on."""
        if self.workshop is None or self.is_busy or self.store.current is not None or self.copying.lane.current is not None:
            self.told.emit("Wait until what is going on is finished, then restore.")
            return
        self._poll.stop()
        self.keep_all()
        self._start(self.bench, "restoring the copy", lambda _: self._restore(copy), self._restored, failed=self._not_restored)

    def _restore(self, copy: Copy) -> tuple[str, Opened]:
        from daruma.store.copies import restore

        old, said = self.ready, ""
        old.rig.close()
        old.shop.close()
        try:
            done = restore(old.shop.folder, copy, datetime.now().astimezone())
            said = told_of(f"{copy.name} is restored; carried over", done.carried)
        finally:
            # whatever came of it, the shop is opened again
            opened = self._open_shop()
            self.workshop = opened.workshop
        return said, opened

    def _restored(self, result: tuple[str, Opened]) -> None:
        said, opened = result
        self.survey = self.solution = None
        self._loaded(opened)
        self.copying.told.emit(said)

    def _not_restored(self, trouble: Trouble) -> None:
        self._poll.start()
        self.trouble.emit(trouble)

    def new_job(self) -> None:
        """Open a ticket."""
        self._start(self.store, "new ticket", lambda _: self.ready.shop.jobs.open_new(local_time()), self._opened)

    def _opened(self, job: Job) -> None:
        self.jobs[job.number] = job
        self.open_job(job.number)
        self.jobs_changed.emit()

    def edit(self, **changes: Any) -> None:
        """Change fields of the ticket on view and keep them at once."""
        if self.job is None:
            return
        ticket = replace(self.job.ticket, **changes)
        if ticket != self.job.ticket:
            self._put(replace(self.job, ticket=ticket))
            self.drafts.keep(self.jobs[self.number])

    def _ticket_kept(self, kept: Job) -> None:
        """Take the revision that a kept ticket has now, and what another window changed of its job meanwhile."""
        mine = self.jobs.get(kept.number)
        if mine is None or mine.uid != kept.uid or kept.revision <= mine.revision:
            return
        if replace(mine, revision=kept.revision) == replace(kept, ticket=mine.ticket):
            self.jobs[kept.number] = replace(mine, revision=kept.revision)
        else:
            self._took(kept)

    def _put(self, job: Job) -> None:
        self.jobs[job.number] = job
        self.jobs_changed.emit()
        if job.number == self.number:
            self.job_changed.emit(job)

    def _took(self, job: Job) -> None:
        """Take a job that work has changed; the ticket stays as the user has it now."""
        mine = self.jobs.get(job.number, job)
        self._took_whole(replace(job, ticket=mine.ticket))
        if mine.ticket != job.ticket:
            self.drafts.keep(self.jobs[job.number])

    def _took_whole(self, job: Job) -> None:
        self._put(job)
        if job.number == self.number:
            self._show()

    def _show(self, *, at_once: bool = True) -> None:
        job = self.job
        if job is None:
            return
        self.job_changed.emit(job)
        if at_once:
            self.replan()
        else:
            self._replan_soon.start()
        self.look()

    # -- plan

    def replan(self) -> None:
        """Solve the plan of the job on view again."""
        job = self.job
        if job is None or self.workshop is None or self.faults(job):
            self._planned(None)
            return
        changes = self.changes
        self._start(self.store, "planning", lambda _: self.ready.solve(job, changes), self._planned)

    def _planned(self, solution: Solution | None) -> None:
        self.solution = solution
        if solution is not None:
            self.changes = solution.changes
        self.plan_changed.emit(solution)

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
        self._start(self.store, "planning", lambda _: self.ready.prefer(preferences), self._preferred)

    def _preferred(self, _: object) -> None:
        self.replan()

    def choose(self, route: Route) -> None:
        """Make the run sheet of a route."""
        self.job_work(self.store, "making the run sheet", lambda job, context: self.ready.choose(job, route, context))

    # -- bench

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
        work = Work("looking at the bench", lambda work: (job.number, self.ready.survey(job, _context(work))))
        work.done.connect(self._surveyed)
        work.failed.connect(self._survey_failed)
        self.bench.start(work)

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
            self._start(self.bench, "reading the phone", lambda w: self.ready.read_phone(job, _context(w)), self._phone_read)

    def _phone_read(self, result: tuple[Job, Any]) -> None:
        job, said = result
        mine = self.jobs[job.number].ticket
        taken = replace(mine, model=job.ticket.model, imei=job.ticket.imei, system=job.ticket.system, before=job.ticket.before)
        self._took_whole(replace(job, ticket=taken))
        self.drafts.keep(self.jobs[job.number])
        if said.state.trusted:
            self.told.emit("The phone was read over the cable.")
        else:
            self.trust_asked.emit()

    def confirm_trust(self) -> None:
        """Let the stand-in owner confirm trust, then read the phone again."""
        job = self.job
        if job is not None:
            self._start(self.bench, "owner confirms", lambda _: self.ready.confirm_trust(job), self._trust_confirmed)

    def _trust_confirmed(self, _: object) -> None:
        self.read_phone()

    def do_step(self) -> None:
        """Carry out the current step of the run sheet."""
        job = self.job
        index = job.current_step if job else None
        if job is None or index is None:
            return
        title = self.ready.actions(job)[job.steps[index].action].figures.title.lower()
        guarded = self.ready.guarded(job) is not None
        self.job_work(
            self.bench, title, lambda j, c: self.ready.do_step(j, index, c), cancellable=not guarded, failed=self._step_failed
        )

    def put_back(self) -> None:
        """Bring back a state that a ticked step had brought about and that is no more."""
        found = self.survey.lapsed if self.survey is not None else None
        if found is not None:
            self.job_work(self.bench, found.title.lower(), lambda job, context: self.ready.put_back(job, found.index, context))

    def fail_step(self) -> None:
        """Note that the current step failed for good."""
        index = self.job.current_step if self.job else None
        if index is not None:
            self.job_work(self.store, "noting the failure", lambda job, context: self.ready.fail_step(job, index, context))

    def _step_failed(self, trouble: Trouble) -> None:
        self.refresh_from_store()
        self.step_failed.emit(trouble)

    def refresh_from_store(self) -> None:
        """Read the jobs again: work that failed or was stopped has kept what it reached."""
        self._start(self.store, "reading the job again", lambda _: self.ready.shop.jobs.on_view(), self._reread)

    def _reread(self, jobs: tuple[Job, ...]) -> None:
        for job in jobs:
            mine = self.jobs.get(job.number)
            if mine is not None and replace(job, ticket=mine.ticket) != mine:
                self._took(job)

    def decide(self) -> None:
        """Keep the decision to try another maker's record on the panel in hand."""
        self.job_work(self.bench, "keeping the decision", lambda job, context: self.ready.decide(job, context))

    def update_firmware(self) -> None:
        """Bring the programmer to what the model needs."""
        job = self.job
        if job is not None:
            self._start(
                self.bench,
                "updating the programmer",
                lambda w: self.ready.update_firmware(job, _context(w)),
                self._firmware_updated,
            )

    def _firmware_updated(self, version: str) -> None:
        self.told.emit(f"The programmer has firmware {version}.")
        self.look()

    def settle(self, act: Act) -> None:
        """Settle an act in doubt, of whichever job it is."""
        self._start(self.bench, "settling the act", lambda work: self.ready.settle(act, _context(work)), self._settled)

    def _settled(self, result: tuple[Job, ActState]) -> None:
        job, state = result
        self.told.emit(f"The act is settled: {state.value}.")
        if job.number in self.jobs:
            self._took(job)
        self.look()

    # -- hand-over

    def close_job(self) -> None:
        """Hand the job over."""
        self.job_work(self.store, "handing over", self.ready.close)

    # -- work

    def run(self, lane: Lane, name: str, function: Callable[[Context], Any], done: Callable[[Any], None]) -> None:
        """Run something of a view's own on a lane; `done` must be a bound method of a QObject."""
        self._start(lane, name, lambda work: function(_context(work)), done)

    def job_work(
        self,
        lane: Lane,
        name: str,
        function: Callable[[Job, Context], Job],
        *,
        cancellable: bool = False,
        failed: Callable[[Trouble], None] | None = None,
    ) -> None:
        """Run work on the job on view; what it returns is the job as it is then."""
        job = self.job
        if job is not None:
            self._start(
                lane,
                name,
                lambda work: function(job, _context(work, job.number)),
                self._took,
                cancellable=cancellable,
                failed=failed,
            )

    def _start(
        self,
        lane: Lane,
        name: str,
        function: Callable[[Work], Any],
        done: Callable[[Any], None],
        *,
        cancellable: bool = False,
        failed: Callable[[Trouble], None] | None = None,
    ) -> None:
        if self.workshop is None and name != OPENING:
            self.told.emit("The shop is still being opened: one moment.")
            return
        work = Work(name, function, cancellable=cancellable)
        work.done.connect(done)
        work.failed.connect(failed or self.trouble)
        work.sampled.connect(self.sampled)
        work.cancelled.connect(self.refresh_from_store)
        lane.start(work)


def _of_faults(faults: tuple[VaultFault, ...]) -> Trouble:
    """Return what is said at the start of what is missing or damaged."""
    first = "; ".join(f"{fault.name}: {fault.what}" for fault in faults[:3])
    more = f"; {len(faults) - 3} more" if len(faults) > 3 else ""
    return Trouble(
        f"Not all that was kept is there as it was. {first}{more}.",
        safe="What is sound is shown and goes on; what is missing still counts.",
        advice="Shop, Vault, Check names all of it; Shop, Copies brings back what a copy holds.",
    )


def _context(work: Work, number: int = 0) -> Context:
    """Return a context for work on a job: its readings come with the job's number, since another may be on view."""
    return Context(work.report, local_time, work.stop, sample=lambda reading: work.sample(number, reading))  # type: ignore[arg-type]


def shelf_for(shelf: tuple[ShelfPart, ...], model: str, job: str) -> Mapping[str, ShelfPart]:
    """Return the shelf's panels for a model that no other job has taken."""
    return {part.die: part for part in shelf if part.model == model and part.used_in in ("", job)}
