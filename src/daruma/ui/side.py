"""The side of the window: the tickets on the rail, a new one, the way to the shop."""

from __future__ import annotations

from datetime import datetime, timedelta

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout

from daruma.core.job import Job, waits_for
from daruma.core.language import tr
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.shell import RAIL_WIDTH
from daruma.ui.widgets.rail import Rail, RailTicket

FOLDED = 94  # pixels


class Side(QFrame):
    """Show every ticket on view and let one be chosen."""

    opened = Signal(int)
    shop_wanted = Signal()

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__()
        self._desk = desk
        self.setProperty("role", "rail")
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 8, 0, 8)
        self._folded: bool | None = None
        self.new = new = QPushButton()
        new.setObjectName("new_ticket")
        new.setAccessibleName(tr("New ticket"))
        new.clicked.connect(desk.new_job)
        self.rail = Rail()
        self.rail.opened.connect(self.opened)
        self.shop = shop = QPushButton()
        shop.setObjectName("open_shop")
        shop.setAccessibleName(tr("The shop: vault, shelf, copies, set-up"))
        shop.clicked.connect(self.shop_wanted)
        for widget in (new, shop):
            row = QHBoxLayout()
            row.setContentsMargins(6, 0, 6, 0)
            row.addWidget(widget)
            column.addLayout(row)
            if widget is new:
                column.addWidget(self.rail, 1)
        desk.jobs_changed.connect(self._show)
        self.fold(False)

    def fold(self, folded: bool) -> None:
        """Fold to a face for each ticket, or show all of each."""
        if folded is self._folded:
            return
        self._folded = folded
        self.setFixedWidth(FOLDED if folded else RAIL_WIDTH)
        self.new.setText(tr("New") if folded else tr("New ticket"))
        self.shop.setText(tr("Shop") if folded else tr("Shop: vault, shelf, copies"))
        for button in (self.new, self.shop):
            button.setProperty("role", "choice" if folded else "")
            button.style().unpolish(button)
            button.style().polish(button)
        self.rail.fold(folded)

    def _show(self) -> None:
        now = datetime.now().astimezone()
        ordered = sorted(self._desk.jobs.values(), key=lambda job: (bool(job.closed), job.opened))
        self.rail.show_tickets([self._ticket(job, now) for job in ordered], self._desk.number)

    def _ticket(self, job: Job, now: datetime) -> RailTicket:
        names = self._desk.ready.catalogue.names
        since = datetime.fromisoformat(job.closed or job.opened)
        faces = tuple((True, job.is_proven(f)) for f in job.ticket.promised)
        return RailTicket(
            job.number,
            job.name,
            names.get(job.ticket.model, tr("no model yet")),
            faces,
            _span(now - since) if not job.closed else "",
            waits_for(job, self._desk.faults(job)),
            bool(job.closed),
        )

    def step(self, step: int) -> None:
        """Choose the ticket so many places further down."""
        row = self.rail.currentIndex().row() + step
        if 0 <= row < self.rail.model().rowCount():
            self.rail.setCurrentIndex(self.rail.model().index(row, 0))


def _span(span: timedelta) -> str:
    minutes = int(span.total_seconds() // 60)
    if minutes < 1:
        return "now"
    if minutes < 60:
        return tr("{minutes} min", minutes=minutes)
    return f"{minutes // 60} h {minutes % 60:02d}" if minutes < 1440 else f"{minutes // 1440} d"
