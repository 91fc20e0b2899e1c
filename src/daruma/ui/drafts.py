"""What is typed is kept at once: the newest state of each job, one save on its way at a time."""

from collections.abc import Callable

from msgspec.structs import replace
from PySide6.QtCore import QObject, Signal

from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.ui.work import Lane, Work

KEEPING = tr("keeping the ticket")


class Drafts(QObject):
    """Keep jobs in the background; what could not be kept stays pending and goes with the next save."""

    failed = Signal(object)
    kept = Signal(object)

    def __init__(self, lane: Lane, save: Callable[[Job], Job], parent: QObject) -> None:
        super().__init__(parent)
        self._lane = lane
        self._save = save
        self._pending: dict[int, Job] = {}
        self._saving = False

    @property
    def pending(self) -> bool:
        """Return whether something is not kept yet."""
        return bool(self._pending)

    def over(self, job: Job) -> Job:
        """Return a job as it was kept, with what was typed into its ticket since."""
        typed = self._pending.get(job.number)
        return replace(job, ticket=typed.ticket) if typed is not None and typed.uid == job.uid else job

    def keep(self, job: Job) -> None:
        """Keep a job as it stands now."""
        self._pending[job.number] = job
        self._go_on()

    def flush(self) -> None:
        """Keep everything now, in this thread."""
        for job in tuple(self._pending.values()):
            self._save(job)
        self._pending.clear()

    def _go_on(self) -> None:
        if self._saving or not self._pending:
            return
        self._saving = True
        batch = dict(self._pending)
        work = Work(KEEPING, lambda _: self._write(batch))
        work.done.connect(self._kept)
        work.failed.connect(self._not_kept)
        self._lane.start(work)

    def _write(self, batch: dict[int, Job]) -> tuple[dict[int, Job], tuple[Job, ...]]:
        return batch, tuple(self._save(job) for job in batch.values())

    def _kept(self, done: tuple[dict[int, Job], tuple[Job, ...]]) -> None:
        self._saving = False
        batch, kept = done
        self._pending = {number: job for number, job in self._pending.items() if batch.get(number) is not job}
        for job in kept:
            self.kept.emit(job)
        self._go_on()

    def _not_kept(self, trouble: Trouble) -> None:
        self._saving = False
        self.failed.emit(trouble)
