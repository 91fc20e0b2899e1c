"""The meter in the charging cable for the window: on a lane of its own, drawn and recorded while the bench works."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer, Signal

from daruma.bench.context import local_time
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.power.recording import Recording
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.bench.metering import Live, Metering
    from daruma.core.power.played import Trace
    from daruma.handover.meter_log import MeterLog

LIVE_MS, UNSEEN_MS = 25, 1000  # between two looks while somebody watches, and while only recording
FIRST_MS = 1000  # after the shop is open: recordings that were cut off can wait until a job is shown


class MeterDesk(QObject):
    """Look at the meter while it is watched or records; begin and end recordings, read them back."""

    live_changed = Signal(object)
    failed = Signal(object)
    traced = Signal(object)
    understood = Signal(object)
    took = Signal(object)

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__(desk)
        self._desk = desk
        self.lane = Lane("meter", self)
        self.live: Live | None = None
        self.trouble: Trouble | None = None
        self._watched = False
        self._timer = QTimer(self)
        self._timer.timeout.connect(self._look)
        desk.loaded.connect(lambda: QTimer.singleShot(FIRST_MS, self, self._opened))

    @property
    def recording(self) -> str:
        """Return the identity of the job that is recorded for, or nothing."""
        return self.live.job if self.live is not None else ""

    def finish(self) -> None:
        """Stop looking; what is recorded and not kept yet is kept."""
        self._timer.stop()
        workshop = self._desk.workshop
        if workshop is not None:
            self.lane.start(Work(tr("closing the meter"), lambda _: workshop.close_metering()))
        self.lane.finish()

    def watch(self, watched: bool) -> None:
        """Say whether somebody looks at the meter."""
        self._watched = watched
        self._pace()

    def _pace(self) -> None:
        if self._watched or self.recording:
            self._timer.start(LIVE_MS if self._watched else UNSEEN_MS)
        else:
            self._timer.stop()

    def _look(self) -> None:
        if self.lane.current is None:
            self._run(tr("looking at the meter"), lambda metering: metering.look(), self._looked, failed=self._missed)

    def _looked(self, live: Live) -> None:
        another_pace = live.job != self.recording or self.trouble is not None
        self.live, self.trouble = live, None
        if another_pace:
            self._pace()
        self.live_changed.emit(live)

    def _missed(self, trouble: Trouble) -> None:
        self.trouble = trouble
        if self._watched:
            self._timer.start(UNSEEN_MS)
        self.failed.emit(trouble)

    def _opened(self) -> None:
        self._run(tr("looking for recordings that were cut off"), self._continued, self._took_all)

    def _continued(self, metering: Metering) -> tuple[tuple[Job, ...], bool]:
        ended = metering.cut_off(self._desk.ready.catalogue.models, local_time())
        return ended, metering.is_recording

    def _took_all(self, found: tuple[tuple[Job, ...], bool]) -> None:
        jobs, goes_on = found
        for job in jobs:
            self.took.emit(job)
        if goes_on and not self._timer.isActive():
            self._timer.start(UNSEEN_MS)

    def record(self) -> None:
        """Begin to record for the job on view, at the stage that it is at."""
        job = self._desk.job
        if job is not None:
            stage = self._desk.stage_of(job).value
            self._run(tr("beginning to record"), lambda metering: metering.begin(job, stage, local_time()), self._looked)

    def end(self) -> None:
        """End the recording that is going on."""
        models = self._desk.ready.catalogue.models
        self._run(tr("ending the recording"), lambda metering: metering.end(models, local_time()), self._ended)

    def _ended(self, job: Job | None) -> None:
        if job is not None:
            self.took.emit(job)
            self._desk.told.emit(
                tr("Recorded for {job}: {boot}, {why}.", job=job.name, boot=job.recordings[-1].boot, why=job.recordings[-1].why)
            )
        self._look()

    def read(self, recordings: tuple[Recording, ...]) -> None:
        """Read recordings back; told as `traced`."""

        job = self._desk.job
        model = self._desk.ready.catalogue.models.get(job.ticket.model) if job is not None else None
        self._run(tr("reading a recording"), lambda meter: tuple(meter.played(each, model) for each in recordings), self.traced)

    def understand(self, path: Path) -> None:
        """Read another meter's log and tell, as `understood`, what was understood of it; nothing is kept yet."""

        def work(_: Metering) -> tuple[Path, MeterLog]:
            from daruma.handover.meter_log import read_log

            try:
                return path, read_log(path)
            except OSError as error:
                raise Trouble(
                    tr("{path} cannot be read: {strerror}.", path=path.name, strerror=error.strerror),
                    safe=tr("Nothing was changed."),
                    advice=tr("Choose another file."),
                ) from error

        self._run(tr("reading a log"), work, self.understood)

    def take_in(self, path: Path, log: MeterLog) -> None:
        """Keep a log that was read as a recording of the job on view."""
        job, models = self._desk.job, self._desk.ready.catalogue.models
        if job is not None:
            stage = self._desk.stage_of(job).value
            trace, when = _into(log), local_time()
            self._run(tr("keeping the log"), lambda m: m.take_in(job, trace, path.name, stage, models, when), self._ended)

    def replug(self) -> None:
        """Let the stand-in hands unplug the job's phone and plug it in again."""
        job = self._desk.job
        if job is not None and job.ticket.imei:
            imei = job.ticket.imei
            self._run(
                tr("plugging the phone in again"),
                lambda _: self._desk.ready.by_hand(lambda hands: hands.replug(imei)),
                self._plugged,
            )

    def _plugged(self, _: object) -> None:
        self._desk.told.emit(tr("The phone was unplugged and plugged in again."))

    def _run(self, name: str, function, done, *, failed=None) -> None:  # type: ignore[no-untyped-def]
        if self._desk.workshop is None:
            return
        work = Work(name, lambda _: function(self._desk.ready.metering))
        work.done.connect(done)
        work.failed.connect(failed or self._desk.trouble)
        self.lane.start(work)


def _into(log: MeterLog) -> Trace:
    """Return a log with what flows into the phone positive: as its column says, else as most of it flows."""
    from daruma.core.cell.sign import dominant_sign
    from daruma.core.power.played import Trace

    return Trace(log.t, log.v, (log.sign or dominant_sign(log.t, log.a)) * log.a)
