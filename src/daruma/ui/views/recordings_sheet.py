"""The recordings of a job as a table: one is chosen to be seen, two to be laid over each other."""

from __future__ import annotations

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QAbstractItemView, QFrame, QHBoxLayout, QPushButton, QVBoxLayout

from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.power.recording import Recording
from daruma.handover.cable import row_of
from daruma.ui.tables import Rows, table
from daruma.ui.widgets.notices import label

MOST_OVER = 2  # recordings that are laid over each other


class RecordingsSheet(QFrame):
    """Show what was recorded for a job."""

    chosen = Signal(object)
    live_wanted = Signal()
    export_wanted = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self.setMinimumHeight(118)
        self.setMaximumHeight(186)
        self._recordings: tuple[Recording, ...] = ()
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 8)
        head = QHBoxLayout()
        head.addWidget(label("", tr("Recordings of this job: choose one to see it, two to lay them over each other")), 1)
        to_live, self.export = QPushButton(tr("Live")), QPushButton(tr("Export"))
        to_live.setObjectName("meter_live")
        self.export.setObjectName("meter_export")
        to_live.clicked.connect(self.live_wanted)
        self.export.clicked.connect(self.export_wanted)
        head.addWidget(to_live)
        head.addWidget(self.export)
        column.addLayout(head)
        self._rows = Rows(
            (tr("Stage, time"), tr("Length"), tr("Samples"), tr("Charge"), tr("Energy"), tr("The phone"), tr("Why"), tr("From"))
        )
        self.table = table("recordings", tr("Table of recordings"), self._rows, (104, 68, 68, 146, 146, 84, 200, 110))
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.table.setAccessibleName(tr("Recordings of this job"))
        # a selection changes in several steps: looked at once they are over
        self._choose = QTimer(self)
        self._choose.setSingleShot(True)
        self._choose.setInterval(0)
        self._choose.timeout.connect(self._chosen)
        self.table.selectionModel().selectionChanged.connect(self._choose.start)
        column.addWidget(self.table, 1)

    def show_job(self, job: Job) -> None:
        """Show what was recorded for a job."""
        self._recordings = job.recordings
        self._rows.show_rows([row_of(recording) for recording in job.recordings])

    def clear(self) -> None:
        """Choose none."""
        self.table.clearSelection()
        self.export.setEnabled(False)

    def _chosen(self) -> None:
        rows = sorted(index.row() for index in self.table.selectionModel().selectedRows())
        if rows:
            self.chosen.emit(tuple(self._recordings[row] for row in rows[-MOST_OVER:]))
