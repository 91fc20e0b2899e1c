"""The desk: what the window knows of jobs and bench, and the one way to change it. All work runs on lanes."""

from __future__ import annotations

import threading
import time
from collections.abc import Callable, Mapping
from datetime import datetime
from typing import TYPE_CHECKING

from msgspec import Struct
from PySide6.QtCore import QObject, QTimer

from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.settings import THERMOCOUPLE, USB_METER, Settings
from daruma.store.glance import Glance, glance
from daruma.ui.bench_desk import BenchDesk
from daruma.ui.copying import Copying, told_of
from daruma.ui.drafts import KEEPING
from daruma.ui.heating import HeatDesk
from daruma.ui.metering import MeterDesk
from daruma.ui.modelling import Modelling
from daruma.ui.papers import Papers
from daruma.ui.porting import Porting
from daruma.ui.proving import Proving
from daruma.ui.running import LOOKING, OPENING, PLANNING, QUIET_WORK, WEIGHING
from daruma.ui.shelving import Shelving
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop
    from daruma.core.acts import Act
    from daruma.core.backup import VaultFault
    from daruma.core.shelf import ShelfPart
    from daruma.store.copies import Copy
    from daruma.store.settings import Loaded


KEEPING_SETTINGS = tr("keeping the settings")
REST_SECONDS = 10.0  # that work beside a restore may take to end
GRACE_SECONDS, CLOSING_SECONDS = 2.0, 2.6  # that what is under way gets when the window closes, and all of it together
PAINT_MS, PATIENCE = 30, 2.0  # what the window is given to paint a job first; seconds that opening waits for it at most


class Opened(Struct, frozen=True):
    """Hold what opening the shop gave."""

    workshop: Workshop
    jobs: tuple[Job, ...]
    shelf: tuple[ShelfPart, ...]
    doubts: tuple[Act, ...]
    settings: Loaded
    faults: tuple[VaultFault, ...] = ()


class Glimpse(Struct, frozen=True):
    """Hold what is seen before the shop is open."""

    workshop: Workshop
    told: Glance


class Desk(BenchDesk):
    """Hold jobs, plan and survey of the job on view; start work and take its results."""

    def __init__(
        self, loader: Callable[[Callable[[float, str], None]], Workshop], settings: Settings, parent: QObject | None = None
    ) -> None:
        super().__init__(settings, parent)
        self._loader = loader
        self._unkept = 0
        self._painted = threading.Event()
        self.copying = Copying(self)
        self.proving = Proving(self)
        self.metering = MeterDesk(self)
        self.heating = HeatDesk(self)
        self.porting = Porting(self, {USB_METER: self.metering.lane, THERMOCOUPLE: self.heating.lane})
        self.shelving = Shelving(self)
        self.modelling = Modelling(self)
        self.modelling.changed.connect(self._models_changed)
        self.papers = Papers(self, self.shelving)
        for each in (self.metering.took, self.heating.took):
            each.connect(self._took_if_shown)

    def load(self) -> None:
        """Load catalogue, store and devices off the interface's thread; jobs are shown before the store is open."""
        self.start(self.store, OPENING, self._open_behind, self._loaded, failed=self._not_opened, told=self._glimpsed)

    def _open_behind(self, work: Work) -> Opened:
        workshop = self._loader(work.report)
        if not workshop.shop.is_open and (told := glance(workshop.shop.folder)).jobs:
            work.tell(Glimpse(workshop, told))
            self._painted.wait(PATIENCE)  # both at once would make the window wait
        return self._opened_shop(workshop)

    def _opened_shop(self, workshop: Workshop) -> Opened:
        shop = workshop.shop
        if not shop.is_open:
            shop.open()
        faults = (*shop.losses(), *shop.set_aside())
        return Opened(workshop, shop.jobs.on_view(), shop.shelf.all(), shop.journal.left_in_doubt(), workshop.loaded(), faults)

    def _glimpsed(self, glimpse: Glimpse) -> None:
        self.seen = glimpse.workshop
        self._put_up(glimpse.told.jobs, glimpse.told.shelf)
        QTimer.singleShot(PAINT_MS, self._painted.set)

    def _put_up(self, jobs: tuple[Job, ...], shelf: tuple[ShelfPart, ...]) -> None:
        """Show jobs and shelf in place of those on the desk; the job on view stays where it is among them.

        It is shown anew where something that it wanted was refused while the store was closed.
        """
        before, shown, again = self.jobs, (self.job, self.shelf), self.refused and self.workshop is not None
        self.refused = False
        self.shelf = shelf
        self.jobs = {job.number: self.drafts.over(job) for job in jobs}
        if self.number not in self.jobs:
            open_jobs = [job.number for job in jobs if not job.closed]
            self.number = min(open_jobs, default=min(self.jobs, default=0))
        if self.jobs != before or not jobs:
            self.jobs_changed.emit()
        if self.job is not None and (again or (self.job, self.shelf) != shown):
            self.job_changed.emit(self.job)

    def _not_opened(self, trouble: Trouble) -> None:
        """Take off what was seen at a glance: the store cannot be opened."""
        self.seen = None
        self._put_up((), ())
        self.trouble.emit(trouble)

    def _loaded(self, opened: Opened) -> None:
        self.seen = self.workshop = opened.workshop
        self.settings = opened.settings.settings
        self._put_up(opened.jobs, opened.shelf)
        self.loaded.emit()
        if self.job is not None:
            self.replan_soon.start()
            self.look()
        self.settings_changed.emit(self.settings)
        for trouble in (*self.workshop.catalogue.troubles, *opened.settings.troubles):
            self.trouble.emit(trouble)
        if opened.faults:
            self.trouble.emit(_of_faults(opened.faults))
        self._doubt(opened.doubts)
        self.poll.start()
        self.tending.start()

    def _took_if_shown(self, job: Job) -> None:
        if job.number in self.jobs:
            self._took(job)

    def set(self, changes: Mapping[str, object]) -> None:
        """Keep what the shop sets, and let all that rests on it follow; raise SettingFault for a value that cannot be."""
        self.settings = self.settings.having(changes)
        self._unkept += 1
        self.start(self.store, KEEPING_SETTINGS, lambda _: self.ready.set(changes), self._set, failed=self._not_set)

    def _set(self, settings: Settings) -> None:
        self._unkept -= 1
        if not self._unkept:
            # what was set meanwhile is on its way: until then the earlier answer would be in its way
            self._took_settings(settings)
        self.look()
        self.replan_soon.start()

    def _not_set(self, trouble: Trouble) -> None:
        self._unkept -= 1
        self.trouble.emit(trouble)
        self.reread_settings()

    def reread_settings(self) -> None:
        """Read what is set anew: the file may have been edited by hand."""
        self.start(self.store, LOOKING, lambda _: self.ready.loaded().settings, self._took_settings)

    def _took_settings(self, settings: Settings) -> None:
        self.settings = settings
        self.settings_changed.emit(settings)

    def _models_changed(self) -> None:
        self.jobs_changed.emit()
        self.replan_soon.start()

    def keep_all(self) -> None:
        """Keep what is typed and not kept yet; raise Trouble where that fails."""
        if self.seen is None or not self.drafts.pending:
            return
        if self.workshop is None:
            self.store.rests(REST_SECONDS)  # until the store is open
        self.drafts.flush()

    def shut(self) -> None:
        """Stop work and close devices and store, whatever a device does meanwhile.

        An act gets its time to end; after that the devices are hung up, and one that was under way is in doubt.
        """
        self.poll.stop()
        self.tending.stop()
        self.replan_soon.stop()
        began = time.monotonic()
        for lane in self.findChildren(Lane):
            lane.end_by(began + CLOSING_SECONDS)
        hanging_up = threading.Timer(GRACE_SECONDS, self._hang_up)
        hanging_up.daemon = True
        hanging_up.start()
        self.copying.finish()
        self.metering.finish()
        self.heating.finish()
        self.porting.finish()
        self.bench.finish()
        self.store.finish()
        hanging_up.cancel()
        # results that are still on their way find nobody to tell
        self.blockSignals(True)
        if self.seen is not None:
            self.seen.rig.close()
            self.seen.shop.close()
        self.seen = self.workshop = None

    def _hang_up(self) -> None:
        if self.seen is not None:
            self.seen.rig.hang_up()

    def restore(self, copy: Copy) -> None:
        """Put a copy in the store's place and open that; nothing that the user asked for may be going on."""
        if self.workshop is None or self._is_in_use:
            self.told.emit(tr("Wait until what is going on is finished, then restore."))
            return
        self.poll.stop()
        self.tending.stop()
        self.keep_all()
        for lane in self._beside:
            lane.hold()
        self.store.stop(PLANNING, WEIGHING)
        self.start(
            self.bench,
            tr("restoring the copy"),
            lambda work: self._restore(work, copy),
            self._restored,
            failed=self._not_restored,
        )

    @property
    def _is_in_use(self) -> bool:
        kept = self.store.current is not None and self.store.current.name not in QUIET_WORK - {KEEPING}
        watched = bool(self.metering.recording) or self.heating.watched is not None
        return self.is_busy or kept or watched or self.copying.lane.current is not None

    @property
    def _beside(self) -> list[Lane]:
        """Return the lanes that must not reach for the store while another takes its place."""
        return [lane for lane in self.findChildren(Lane) if lane is not self.bench]

    def _restore(self, work: Work, copy: Copy) -> tuple[str, Opened]:
        from daruma.store.copies import restore

        if not all(lane.rests(REST_SECONDS) for lane in self._beside):
            raise Trouble(
                tr("Something is still going on."),
                safe=tr("Nothing was changed."),
                advice=tr("Wait until what is going on is finished, then restore."),
            )
        old, said = self.ready, ""
        old.close_metering()
        old.close_heating()
        old.rig.close()
        old.shop.close()
        try:
            done = restore(old.shop.folder, copy, datetime.now().astimezone(), old.shop.second)
            said = told_of(tr("{copy} is restored; carried over", copy=copy.name), done.carried)
        finally:
            # whatever came of it, the shop is opened again
            opened = self._opened_shop(self._loader(work.report))
            self.seen = self.workshop = opened.workshop
        return said, opened

    def _restored(self, result: tuple[str, Opened]) -> None:
        said, opened = result
        self.survey = self.solution = None
        self.jobs, self.number = {}, 0
        self._let_go()
        self._loaded(opened)
        self.copying.told.emit(said)

    def _not_restored(self, trouble: Trouble) -> None:
        self._let_go()
        self.replan_soon.start()
        self.poll.start()
        self.tending.start()
        self.trouble.emit(trouble)

    def _let_go(self) -> None:
        for lane in self._beside:
            lane.let_go()

    def close_job(self) -> None:
        """Hand the job over."""
        self.job_work(self.store, tr("handing over"), self.ready.close)


def _of_faults(faults: tuple[VaultFault, ...]) -> Trouble:
    """Return what is said at the start of what is missing or damaged."""
    first = "; ".join(f"{fault.name}: {fault.what}" for fault in faults[:3])
    more = tr("; {count_faults} more", count_faults=len(faults) - 3) if len(faults) > 3 else ""
    return Trouble(
        tr("Not all that was kept is there as it was. {first}{more}.", first=first, more=more),
        safe=tr("What is sound is shown and goes on; what is missing still counts."),
        advice=tr("Shop, Vault, Check names all of it; Shop, Copies brings back what a copy holds."),
    )
