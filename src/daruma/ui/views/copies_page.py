"""The shop's page of copies: made each night, verified, restored; and what is purged of old jobs."""

from __future__ import annotations

from datetime import date
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QSpinBox, QVBoxLayout

from daruma.core.job import KEPT_DAYS
from daruma.core.language import moment, tr
from daruma.ui.desk import Desk
from daruma.ui.tables import Rows, table
from daruma.ui.widgets.hold import HoldButton
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.store.copies import Copy
    from daruma.store.retention import Due


class CopiesPage(QFrame):
    """Show the copies and what can be done with them."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self._desk, self._copying = desk, desk.copying
        self._copies: tuple[Copy, ...] = ()
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 12)
        column.addWidget(label("quiet", _WHAT))
        self.rows = Rows((tr("Copy"), tr("Made"), tr("Size")), mono=frozenset({0}))
        self.view = table("copies_table", tr("Table of copies"), self.rows, (260, 200, 120))
        column.addWidget(self.view, 1)
        self.coverage = label("quiet")
        self.coverage.setObjectName("copies_coverage")
        column.addWidget(self.coverage)
        column.addLayout(self._buttons())
        self.note = label("")
        self.note.setObjectName("copies_note")
        column.addWidget(self.note)
        column.addSpacing(10)
        column.addWidget(label("part", tr("Identifiers of closed jobs")))
        column.addWidget(label("quiet", _PURGE))
        column.addLayout(self._retention())
        self._copying.copies_changed.connect(self._show)
        self._copying.due_changed.connect(self._show_due)
        self._copying.told.connect(self._tell)

    def _buttons(self) -> QHBoxLayout:
        row = QHBoxLayout()
        for text, name, handler in (
            (tr("Copy now"), "copy_now", self._copying.make),
            (tr("Verify this copy"), "copy_verify", self._verify),
            (tr("What would differ"), "copy_compare", self._compare),
        ):
            button = QPushButton(text)
            button.setObjectName(name)
            button.clicked.connect(handler)
            row.addWidget(button)
        self.accept = QPushButton(tr("Accept what is missing"))
        self.accept.setObjectName("accept_losses")
        self.accept.clicked.connect(self._copying.accept_losses)
        row.addWidget(self.accept)
        self.restore = HoldButton("copy_restore")
        self.restore.show_text(tr("restore this copy"))
        self.restore.held.connect(self._restore)
        row.addWidget(self.restore)
        row.addStretch(1)
        return row

    def _retention(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.addWidget(label("", tr("Closed more than"), wrap=False))
        self.days = QSpinBox()
        self.days.setObjectName("purge_days")
        self.days.setAccessibleName(tr("Days since closing"))
        self.days.setRange(1, 9999)
        self.days.setSuffix(tr(" days ago"))
        self.days.setValue(KEPT_DAYS)
        self.days.setButtonSymbols(QSpinBox.ButtonSymbols.NoButtons)
        self.days.valueChanged.connect(self._copying.look_for_due)
        row.addWidget(self.days)
        self.due = label("", wrap=False)
        row.addWidget(self.due)
        self.purge = HoldButton("purge")
        self.purge.show_text(tr("purge identifiers"))
        self.purge.held.connect(self._purge)
        row.addWidget(self.purge)
        row.addStretch(1)
        return row

    def refresh(self) -> None:
        """Look again."""
        self.accept.setVisible(bool(self._desk.ready.shop.database.seen.missing.counts))
        self._copying.list()
        self._copying.look_for_due(self.days.value())

    def _show(self, copies: tuple[Copy, ...]) -> None:
        self._copies = copies
        self.rows.show_rows([(c.name, moment(c.made.isoformat()), tr("{size:.1f} MB", size=c.size / 1000000.0)) for c in copies])
        self.coverage.setText(_covered(copies))
        if copies:
            self.view.selectRow(0)
        self.restore.setEnabled(bool(copies))

    def _tell(self, said: str) -> None:
        self.note.setText(said)

    def _show_due(self, due: Due) -> None:
        self.due.setText(
            tr("{count_jobs} jobs, {count_backups} backups", count_jobs=len(due.jobs), count_backups=len(due.backups))
        )
        self.purge.setEnabled(bool(due.jobs))

    def _chosen(self) -> Copy | None:
        row = self.view.currentIndex().row()
        return self._copies[row] if 0 <= row < len(self._copies) else None

    def _verify(self) -> None:
        if (copy := self._chosen()) is not None:
            self._copying.verify(copy)

    def _compare(self) -> None:
        if (copy := self._chosen()) is not None:
            self._copying.compare(copy)

    def _restore(self) -> None:
        if (copy := self._chosen()) is not None:
            self._desk.restore(copy)

    def _purge(self) -> None:
        self._copying.purge(self.days.value())
        self._copying.look_for_due(self.days.value())


def _covered(copies: tuple[Copy, ...]) -> str:
    """Return in words how far back the copies reach, and how closely."""
    from daruma.store.copies import coverage_of

    seen = coverage_of(copies, date.today())
    if seen.copies < 2:
        return tr("One copy so far.") if seen.copies else tr("No copy has been made yet.")
    return tr(
        "Newest copy: {newest}. Days in a row with a copy: {days}. Oldest copy: {oldest}. Longest gap between two copies: {gap}.",
        newest=_old(seen.newest),
        days=seen.days,
        oldest=_old(seen.oldest),
        gap=_long(seen.longest),
    )


def _old(days: int) -> str:
    if days == 0:
        return tr("from today")
    return tr("from yesterday") if days == 1 else tr("{days} days old", days=days)


def _long(days: int) -> str:
    return tr("1 day") if days == 1 else tr("{days} days", days=days)


_WHAT = tr(
    "The store is copied every night after 3:00 while Daruma is open, or at the next start. Every copy is verified. "
    "Daruma saves the newest copy of each of the last 14 days, then at least one a week for 8 weeks, and always the last one "
    "that holds more than the store. A restore puts a copy in the store's place and merges in everything saved since: "
    "counts never go down, and of two versions of a job the one that got further stays."
)
_PURGE = tr(
    "Purging takes IMEI, serials, texts and record bytes of old closed jobs for good. Proofs, "
    "outcomes, odds and the writes that each panel has had stay."
)
