"""Copies, restore and retention for the window: on a lane of their own, so that keeping what is typed never waits."""

from __future__ import annotations

from collections.abc import Callable
from datetime import datetime, timedelta
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer, Signal

from daruma.bench.context import local_time
from daruma.core.language import tr
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.store.copies import Carried, Copy
    from daruma.store.retention import Due

FIRST_MS, AGAIN_MS = 20_000, 15 * 60_000  # when the night's copy is looked for


class Copying(QObject):
    """Make the night's copy when it is due; make, verify and restore copies, and purge, when asked."""

    copies_changed = Signal(object)
    due_changed = Signal(object)
    told = Signal(object)

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__(desk)
        self._desk = desk
        self.lane = Lane("copies", self)
        self._night = QTimer(self)
        self._night.setInterval(FIRST_MS)
        self._night.timeout.connect(self._look_at_night)
        desk.loaded.connect(self._night.start)

    def finish(self) -> None:
        """Stop looking and working."""
        self._night.stop()
        self.lane.finish()

    def list(self) -> None:
        """Tell which copies there are."""
        self._run(tr("looking for copies"), lambda _: self._copies(), self.copies_changed)

    def make(self) -> None:
        """Copy the store now, and let old copies go."""
        self._run(tr("copying the store"), lambda work: self._make(work), self.copies_changed, loud=True)

    def verify(self, copy: Copy) -> None:
        """Verify a copy."""

        def work(work: Work) -> str:
            from daruma.store.copies import faults_of

            faults = faults_of(copy.file, lambda share: work.report(share, copy.name))
            said = "; ".join(f"{fault.name}: {fault.what}" for fault in faults[:3])
            return f"{copy.name}: {said or tr('every byte and every link of the chain is as it was kept')}."

        self._run(tr("verifying the copy"), work, self.told, loud=True)

    def compare(self, copy: Copy) -> None:
        """Tell what a restore of a copy would carry over and what differs."""

        def work(_: Work) -> str:
            from daruma.store.copies import compare

            shop = self._desk.ready.shop
            return told_of(tr("A restore of {copy} would carry over", copy=copy.name), compare(shop.folder, copy, shop.second))

        self._run(tr("comparing the copy with the store"), work, self.told, loud=True)

    def accept_losses(self) -> None:
        """Take the store as it is: what is missing is said no longer."""

        def work(_: Work) -> str:
            self._desk.ready.shop.database.accept_losses()
            return tr("Accepted: what is missing is said no longer; what was counted stays counted.")

        self._run(tr("accepting"), work, self.told, loud=True)

    def look_for_due(self, days: int) -> None:
        """Tell what a purge would take."""

        def work(_: Work) -> Due:
            from daruma.store.retention import due

            return due(self._desk.ready.shop.database, _day(days))

        self._run(tr("looking what is old"), work, self.due_changed)

    def purge(self, days: int) -> None:
        """Purge identifiers of jobs that were closed before so many days."""

        def work(_: Work) -> str:
            from daruma.store.retention import purge

            gone = purge(self._desk.ready.shop.database, _day(days), local_time())
            return tr(
                "Identifiers purged from {count_jobs} jobs and {count_backups} backups.",
                count_jobs=len(gone.jobs),
                count_backups=len(gone.backups),
            )

        self._run(tr("purging identifiers"), work, self._purged, loud=True)

    def _purged(self, said: str) -> None:
        self.told.emit(said)
        self._desk.reread()

    def _look_at_night(self) -> None:
        self._night.setInterval(AGAIN_MS)
        self._run(tr("making the night's copy"), self._night_copy, self._night_done)

    def _night_copy(self, work: Work) -> tuple[Copy, ...] | None:
        from daruma.store.copies import is_due

        workshop = self._desk.workshop
        if workshop is None or workshop.shop.read_only or not is_due(self._copies(), datetime.now().astimezone()):
            return None
        return self._make(work)

    def _night_done(self, copies: tuple[Copy, ...] | None) -> None:
        if copies is not None:
            self.copies_changed.emit(copies)
            self._desk.told.emit(tr("The night's copy is made and verified: {name}.", name=copies[0].name))

    def _make(self, work: Work) -> tuple[Copy, ...]:
        from daruma.store.copies import make_copy, rotate

        shop, now = self._desk.ready.shop, datetime.now().astimezone()
        made = make_copy(shop.database, now, work.report)
        gone = rotate(shop.database, now.date())
        work.report(
            1.0,
            tr("{made} is made and verified", made=made.name)
            + (tr(", {count_gone} old copies let go", count_gone=len(gone)) if gone else ""),
        )
        return self._copies()

    def _copies(self) -> tuple[Copy, ...]:
        from daruma.store.copies import copies_of

        return copies_of(self._desk.ready.shop.folder)

    def _run(self, name: str, function: Callable[[Work], object], done: object, *, loud: bool = False) -> None:
        if self._desk.workshop is None:
            self._desk.told.emit(tr("The shop is still being opened: one moment."))
            return
        work = Work(name, function)
        work.done.connect(done)
        work.failed.connect(self._desk.trouble)
        if loud:
            work.progress.connect(self._progress)
        self.lane.start(work)

    def _progress(self, share: float, text: str) -> None:
        self.told.emit(f"{text}: {100 * share:.0f} %" if share < 1 else f"{text}.")


MOST_TOLD = 6  # lines of what differs that are shown


def told_of(opening: str, carried: Carried) -> str:
    """Return in words what a restore carries over, what differs and what is lost."""
    lines = [*(tr("lost: {line}", line=line) for line in carried.lost), *carried.differs]
    more = tr("; {count_lines} more", count_lines=len(lines) - MOST_TOLD) if len(lines) > MOST_TOLD else ""
    said = f" {'; '.join(lines[:MOST_TOLD])}{more}." if lines else tr(" Nothing differs.")
    return f"{opening}: {carried.words}.{said}"


def _day(days: int) -> str:
    return (datetime.now().astimezone() - timedelta(days=days)).date().isoformat()
