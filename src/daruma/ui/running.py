"""Running work for the window: the lanes, the workshop that they share, and what is told of it."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, Signal

from daruma.bench.context import Context, local_time
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.settings import Settings
from daruma.ui.drafts import KEEPING
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop

OPENING = tr("opening the shop")
PLANNING, WEIGHING = "planning", "weighing"
TENDING = tr("looking after the station")
LOOKING = tr("looking at the shelf")
MADE_QUIETLY = ("explaining", "drawing the sheets", "making the pages")  # named to nobody
AGAIN = tr("reading the jobs again")  # after whatever was done, whether it went well or not
QUIET_WORK = frozenset({KEEPING, tr("looking at the bench"), TENDING, PLANNING, WEIGHING, LOOKING, AGAIN, *MADE_QUIETLY})


class Running(QObject):
    """Run work on one lane for the devices and one for the store."""

    loaded = Signal()
    trouble = Signal(object)
    told = Signal(str)
    stage_wanted = Signal(object)
    sampled = Signal(int, object)
    stopped = Signal()
    went_well = Signal()
    settings_changed = Signal(object)

    def __init__(self, settings: Settings, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.settings = settings
        self.bench = Lane("bench", self)
        self.store = Lane("store", self)
        self.workshop: Workshop | None = None  # once its store is open
        self.seen: Workshop | None = None  # from the first glance at the jobs on
        self.refused = False  # whether something was wanted before the store was open
        self._failed = ""  # the name of the work that failed last

    @property
    def ready(self) -> Workshop:
        """Return the workshop; its store may be being opened still. Only to be asked for once jobs are shown."""
        if self.seen is None:
            raise RuntimeError("the workshop is not loaded yet")
        return self.seen

    @property
    def is_busy(self) -> bool:
        """Return whether bench work that the user asked for is going on."""
        work = self.bench.current
        return work is not None and work.name not in QUIET_WORK

    @property
    def has_hands(self) -> bool:
        """Return whether stand-in hands act for the technician."""
        return self.seen is not None and self.seen.acting is not None

    def run(self, lane: Lane, name: str, function: Callable[[Context], Any], done: Callable[[Any], None]) -> None:
        """Run something of a view's own on a lane; `done` must be a bound method of a QObject."""
        self.start(lane, name, lambda work: function(context_of(work)), done)

    def start(
        self,
        lane: Lane,
        name: str,
        function: Callable[[Work], Any],
        done: Callable[[Any], None],
        *,
        cancellable: bool = False,
        is_act: bool = False,
        failed: Callable[[Trouble], None] | None = None,
        told: Callable[[Any], None] | None = None,
    ) -> None:
        """Start work on a lane; `done`, `failed` and `told` (of what is known before) must be bound methods of QObjects."""
        if self.workshop is None and name != OPENING:
            self.refused = True
            if name not in QUIET_WORK:
                opening = self.store.current is not None
                self.told.emit(tr("The shop is still being opened: one moment.") if opening else tr("The shop is not open."))
            return
        work = Work(name, function, cancellable=cancellable, is_act=is_act)
        if name not in QUIET_WORK:
            work.failed.connect(self._went_wrong)
            work.done.connect(self._bench_went_well if lane is self.bench else self._store_went_well)
        work.done.connect(done)
        work.failed.connect(failed or self.trouble)
        work.sampled.connect(self.sampled)
        if told is not None:
            work.told.connect(told)
        if name not in QUIET_WORK:
            work.cancelled.connect(self.stopped)
        lane.start(work)

    def _went_wrong(self) -> None:
        work = self.sender()
        self._failed = work.name if isinstance(work, Work) else ""

    def _bench_went_well(self, _: object) -> None:
        self.went_well.emit()

    def _store_went_well(self, _: object) -> None:
        """Say that what failed is over where that very work went well now: a page that was opened mends nothing."""
        work = self.sender()
        if isinstance(work, Work) and work.name == self._failed:
            self.went_well.emit()


def context_of(work: Work, number: int = 0) -> Context:
    """Return a context for work on a job: its readings come with the job's number, since another may be on view."""
    return Context(work.report, local_time, work.stop, sample=lambda reading: work.sample(number, reading))
