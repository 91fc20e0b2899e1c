"""The search for the window: an index that is read in the background, and what the desk has in hand besides."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from daruma.core.errors import Trouble
from daruma.core.finding import Entry, Index, Kind, entry
from daruma.core.job import Job
from daruma.core.labels import scanned
from daruma.core.language import tr
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.ui.desk import Desk

FIRST_MS = 4000  # after the shop is open
MOST_RECENT = 8


class Finding(QObject):
    """Search jobs, parts, backups and pages."""

    def __init__(self, desk: Desk, pages: dict[str, str]) -> None:
        super().__init__(desk)
        self._desk = desk
        self.lane = Lane("finding", self)
        self._kept: tuple[Entry, ...] = ()
        self._all: Index | None = None
        self._pages = tuple(entry(Kind.PAGE, name, words, tr("page of the shop")) for name, words in pages.items())
        self._recent: list[str] = []
        self._first = QTimer(self)
        self._first.setSingleShot(True)
        self._first.setInterval(FIRST_MS)
        self._first.timeout.connect(self.renew)
        desk.loaded.connect(self._first.start)
        desk.job_changed.connect(self._saw)
        desk.shelving.changed.connect(self._stale)
        desk.jobs_changed.connect(self._stale)

    def finish(self) -> None:
        """Stop reading."""
        self._first.stop()
        self.lane.finish()

    def renew(self) -> None:
        """Read the index anew; what there is serves until then."""
        if self._desk.workshop is None or self.lane.current is not None:
            return

        def work(_: Work) -> tuple[Entry, ...]:
            from daruma.store.index import entries_of

            return entries_of(self._desk.ready.shop.database)

        made = Work(tr("reading the index"), work)
        made.done.connect(self._read)
        made.failed.connect(self._not_read)
        self.lane.start(made)

    def _read(self, entries: tuple[Entry, ...]) -> None:
        self._kept = entries
        self._stale()

    def _not_read(self, trouble: Trouble) -> None:
        self._desk.trouble.emit(trouble)

    def _stale(self) -> None:
        self._all = None

    def _saw(self, job: Job) -> None:
        self._stale()
        if not self._recent or self._recent[-1] != job.uid:
            earlier = [uid for uid in self._recent if uid != job.uid]
            self._recent = [*earlier[-MOST_RECENT:], job.uid]

    def _index(self) -> Index:
        if self._all is None:
            names = self._desk.ready.catalogue.names
            here = {job.uid: _of_job(job, names) for job in self._desk.jobs.values()}
            parts = (
                entry(Kind.PART, p.die, p.name, names.get(p.model, p.model), p.maker, p.die, p.place, p.source, p.note)
                for p in self._desk.shelf
            )
            kept = (each for each in self._kept if each.key not in here)
            self._all = Index((*self._pages, *parts, *kept, *here.values()))
        return self._all

    def search(self, asked: str) -> tuple[Entry, ...]:
        """Return what holds every word; without a word the jobs that were looked at last."""
        if self._desk.workshop is None:
            return ()
        if (code := scanned(asked)) is not None:
            return tuple(each for each in self._index().entries if each.key in (code.die, code.job))
        if asked.strip():
            return self._index().search(asked)
        here = {job.uid: job for job in self._desk.jobs.values()}
        names = self._desk.ready.catalogue.names
        return tuple(_of_job(here[uid], names) for uid in reversed(self._recent) if uid in here)


def _of_job(job: Job, names: dict[str, str]) -> Entry:
    state = tr("handed over") if job.closed else tr("open")
    model = names.get(job.ticket.model, job.ticket.model)
    return entry(Kind.JOB, job.uid, job.name, model, state, job.opened[:10], job.ticket.imei, job.ticket.complaint)
