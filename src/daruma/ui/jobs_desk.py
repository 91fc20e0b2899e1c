"""The jobs on the desk: which one is on view, what is typed into its ticket, work that changes it."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import TYPE_CHECKING, Any

from msgspec.structs import replace
from PySide6.QtCore import QObject, Signal

from daruma.bench.context import Context, local_time
from daruma.core.errors import Trouble
from daruma.core.intake import ticket_faults
from daruma.core.job import Job, Stage, stage_of
from daruma.core.kinds import room, rooms
from daruma.core.language import tr
from daruma.core.part_work import PartTicket
from daruma.core.parts import Function, PartKind
from daruma.core.settings import Settings
from daruma.ui.drafts import Drafts
from daruma.ui.running import AGAIN, Running, context_of
from daruma.ui.work import Lane

if TYPE_CHECKING:
    from daruma.core.shelf import ShelfPart


class JobsDesk(Running):
    """Hold the jobs and the one on view; keep what is typed."""

    jobs_changed = Signal()
    job_changed = Signal(object)
    shown = Signal()

    def __init__(self, settings: Settings, parent: QObject | None = None) -> None:
        super().__init__(settings, parent)
        self.jobs: dict[int, Job] = {}
        self.shelf: tuple[ShelfPart, ...] = ()
        self.number = 0
        self._off: dict[tuple[str, PartKind], PartTicket] = {}
        self.drafts = Drafts(self.store, self._save_ticket, self)
        self.drafts.failed.connect(self.trouble)
        self.drafts.kept.connect(self._ticket_kept)
        self.stopped.connect(self.refresh_from_store)

    @property
    def job(self) -> Job | None:
        """Return the job on view."""
        return self.jobs.get(self.number)

    def _save_ticket(self, job: Job) -> Job:
        if not self.ready.shop.is_open:
            raise Trouble(
                tr("The store could not be opened."),
                safe=tr("What was kept before is safe; what was typed since is not kept."),
                advice=tr("Mend what keeps it closed, then start again."),
            )
        return self.ready.save_ticket(job, Context())

    def faults(self, job: Job) -> dict[str, str]:
        """Return what keeps a job's ticket from being planned."""
        return ticket_faults(job.ticket, self.ready.catalogue.models)

    def stage_of(self, job: Job) -> Stage:
        """Return the stage that a job is at."""
        return stage_of(job, self.faults(job))

    def open_job(self, number: int) -> None:
        """Put a job on view."""
        if number in self.jobs and number != self.number:
            self.number = number
            self.forget()
            self.jobs_changed.emit()
            self.show()

    def forget(self) -> None:
        """Forget what was found out for the job that was on view before."""

    def show(self) -> None:
        """Say that the job on view is shown anew: what is found out for it is wanted at once."""
        if self.job is not None:
            self.job_changed.emit(self.job)
            self.shown.emit()

    def bring(self, job: Job) -> None:
        """Put a job on view that may have left the rail long ago."""
        self.jobs.setdefault(job.number, job)
        self.open_job(job.number)

    def find(self, uid: str) -> None:
        """Put a job on view that is known by its identity and not on the rail."""
        self.start(self.store, tr("looking for the job"), lambda _: self.ready.shop.jobs.known_by(uid), self.bring)

    def reread(self) -> None:
        """Read the jobs on view again, tickets included: the store was changed under them."""
        self.start(self.store, AGAIN, lambda _: self.ready.shop.jobs.on_view(), self._reread_whole)

    def _reread_whole(self, jobs: tuple[Job, ...]) -> None:
        for job in map(self.drafts.over, jobs):
            if self.jobs.get(job.number) not in (None, job):
                self._took_whole(job)

    def new_job(self) -> None:
        """Open a ticket."""
        self.start(self.store, tr("new ticket"), lambda _: self.ready.shop.jobs.open_new(local_time()), self._opened)

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

    def promise(self, function: Function, on: bool) -> None:
        """Promise a function, or take the promise back; the part that speaks for it comes on the table with it.

        One that was taken off by hand stays off.
        """
        if self.job is None:
            return
        ticket = self.job.ticket
        kept = tuple(f for f in ticket.promised if f is not function)
        needed = (
            each
            for each in rooms()
            if function in (*each.functions, *each.lies_with) and (self.job.uid, each.kind) not in self._off
        )
        fresh = (each.ticket() for each in needed if each.kind not in ticket.parts)
        parts = ticket.having(*fresh).parts if on else ticket.parts
        self.edit(promised=(*kept, function) if on else kept, parts=parts)

    def edit_part(self, kind: PartKind, /, **changes: Any) -> None:
        """Change what the ticket on view says of a part on the table."""
        if self.job is not None and kind in self.job.ticket.parts:
            self.edit(parts=self.job.ticket.having(replace(self.job.ticket.parts[kind], **changes)).parts)

    def put_on(self, kind: PartKind) -> None:
        """Put a part on the table; what was typed of it before it was taken off comes back."""
        if self.job is not None and kind not in self.job.ticket.parts:
            part = self._off.pop((self.job.uid, kind), None) or room(kind).ticket()
            self.edit(parts=self.job.ticket.having(part).parts)

    def take_off(self, kind: PartKind) -> None:
        """Take a part off the table: it stays as it is."""
        if self.job is not None and kind in self.job.ticket.parts:
            self._off[self.job.uid, kind] = self.job.ticket.parts[kind]
            self.edit(parts=self.job.ticket.without(kind).parts)

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
        if mine.uid == job.uid and job.revision < mine.revision:
            # another lane has kept more of the job meanwhile, and its result came first
            self.refresh_from_store()
            return
        self._took_whole(replace(job, ticket=mine.ticket))
        if mine.ticket != job.ticket:
            self.drafts.keep(self.jobs[job.number])

    def _took_whole(self, job: Job) -> None:
        self._put(job)
        if job.number == self.number:
            self.show()

    def refresh_from_store(self) -> None:
        """Read the jobs again: work that failed or was stopped has kept what it reached."""
        self.start(self.store, AGAIN, lambda _: self.ready.shop.jobs.on_view(), self._reread)

    def _reread(self, jobs: tuple[Job, ...]) -> None:
        for job in jobs:
            mine = self.jobs.get(job.number)
            if mine is not None and replace(job, ticket=mine.ticket) != mine:
                self._took(job)

    def job_work(
        self,
        lane: Lane,
        name: str,
        function: Callable[[Job, Context], Job],
        *,
        cancellable: bool = False,
        is_act: bool = False,
        failed: Callable[[Trouble], None] | None = None,
    ) -> None:
        """Run work on the job on view; what it returns is the job as it is then."""
        job = self.job
        if job is not None:
            self.start(
                lane,
                name,
                lambda work: function(job, context_of(work, job.number)),
                self._took,
                cancellable=cancellable,
                is_act=is_act,
                failed=failed,
            )


def shelf_for(shelf: tuple[ShelfPart, ...], kind: PartKind, model: str, job: str) -> Mapping[str, ShelfPart]:
    """Return the shelf's parts of a kind for a model that no other job has taken."""
    return {part.die: part for part in shelf if (part.part, part.model) == (kind, model) and (part.free or part.used_in == job)}
