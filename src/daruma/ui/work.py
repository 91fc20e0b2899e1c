"""Lanes: work off the interface's thread, one piece at a time for each lane."""

import logging
import math
import threading
import time
from collections import deque
from collections.abc import Callable
from concurrent.futures import Future, ThreadPoolExecutor, wait
from typing import Any

from PySide6.QtCore import QEventLoop, QObject, Signal

from daruma.core.errors import Cancelled, Trouble
from daruma.core.language import tr

log = logging.getLogger("daruma.work")
KEPT = 8  # pieces of work that are over: the lane's thread has let go of the first long before


class Work(QObject):
    """One piece of work: signals arrive in the interface's thread."""

    progress = Signal(float, str)
    sampled = Signal(int, object)
    told = Signal(object)
    done = Signal(object)
    failed = Signal(object)
    ended = Signal(object)
    cancelled = Signal()

    def __init__(self, name: str, function: Callable[["Work"], Any], *, cancellable: bool = False, is_act: bool = False) -> None:
        """Name the work; `is_act` says that it does what must not be left half-way."""
        super().__init__()
        self.name = name
        self.cancellable, self.is_act = cancellable, is_act
        self.stop = threading.Event()
        self.started = 0.0
        self._function = function

    def report(self, share: float, text: str) -> None:
        """Say how far the work is; called from the lane's thread."""
        self.progress.emit(share, text)

    def sample(self, number: int, reading: object) -> None:
        """Hand a reading of a job over as it comes; called from the lane's thread."""
        self.sampled.emit(number, reading)

    def tell(self, first: object) -> None:
        """Hand over what is known before the work is done; called from the lane's thread."""
        self.told.emit(first)

    def run(self) -> None:
        """Do the work in the lane's thread."""
        self.started = time.monotonic()
        try:
            result = self._function(self)
        except Cancelled:
            log.info("%s: cancelled", self.name)
            self.cancelled.emit()
        except Trouble as trouble:
            log.info("%s: %s", self.name, trouble.what)
            self.failed.emit(trouble)
        except Exception as error:
            log.exception("%s: unexpected", self.name)
            self.failed.emit(bug(error))
        else:
            self.done.emit(result)
        self.ended.emit(self)


_OF_THREAD = threading.local()


def _welcome_qt() -> None:
    """Give the thread an event dispatcher: Qt's documents start timers where they are laid out."""
    _OF_THREAD.loop = QEventLoop()


class Lane(QObject):
    """A thread of its own that does one piece of work after the other."""

    busy_changed = Signal(object)

    def __init__(self, name: str, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.setObjectName(name)
        self._thread = ThreadPoolExecutor(max_workers=1, thread_name_prefix=name, initializer=_welcome_qt)
        self._futures: set[Future[None]] = set()
        self._queue: list[Work] = []
        # work that is over is let go of in this thread: in the lane's it would be taken apart beside running signals
        self._over: deque[Work] = deque(maxlen=KEPT)
        self._held: list[Work] | None = None
        self._closed = False
        self._end = math.inf

    @property
    def current(self) -> Work | None:
        """Return the work that is going on or comes next."""
        return self._queue[0] if self._queue else None

    def start(self, work: Work) -> Work:
        """Queue work whose signals are connected already; a lane that is finished takes none."""
        if self._closed:
            return work
        self._queue.append(work)
        work.ended.connect(self._ended)
        if self._held is None:
            self._submit(work)
        else:
            self._held.append(work)
        self.busy_changed.emit(self.current)
        return work

    def _submit(self, work: Work) -> None:
        future = self._thread.submit(work.run)
        self._futures.add(future)
        future.add_done_callback(self._futures.discard)

    def hold(self) -> None:
        """Let what is queued from now on wait until `let_go`; what began before goes on."""
        if self._held is None:
            self._held = []

    def let_go(self) -> None:
        """Do what was held, in its order."""
        held, self._held = self._held or (), None
        if not self._closed:
            for work in held:
                self._submit(work)

    def rests(self, seconds: float) -> bool:
        """Wait for what was submitted, in any thread but the lane's own; return whether all of it ended."""
        return not wait(tuple(self._futures), timeout=seconds).not_done

    def stop(self, *names: str) -> None:
        """Ask work of some names to stop at its next checkpoint."""
        for work in self._queue:
            if work.name in names:
                work.stop.set()

    def end_by(self, moment: float) -> None:
        """Ask everything to stop, and let nobody wait for it beyond a moment of the monotonic clock."""
        self._end = moment
        for work in self._queue:
            work.stop.set()

    def finish(self, seconds: float = 10.0) -> bool:
        """Ask everything to stop, take no more work and wait, so long at most; return whether all of it ended."""
        self._closed = True
        for work in self._queue:
            work.stop.set()
        rests = self.rests(max(0.0, min(seconds, self._end - time.monotonic())))
        self._thread.shutdown(wait=False, cancel_futures=True)
        return rests

    def _ended(self, work: Work) -> None:
        if work in self._queue:
            self._queue.remove(work)
            self._over.append(work)
        self.busy_changed.emit(self.current)


def bug(error: BaseException) -> Trouble:
    """Return the notice for a mistake of the program's own, and leave a report of it."""
    from daruma.reports import write_report

    report = write_report(error)
    where = tr("Read {report}, then pass it on", report=report) if report is not None else tr("Report this with the log")
    return Trouble(
        tr("Daruma made a mistake of its own ({name}).", name=type(error).__name__),
        safe=tr("What was kept before is safe."),
        advice=tr("Look at the part before going on. {where}: nothing is sent by itself.", where=where),
    )
