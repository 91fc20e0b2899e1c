"""What was understood of another meter's log, shown before it is kept."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout

from daruma.core.language import figures, tr
from daruma.handover.cable import lasts
from daruma.ui.tables import Rows, table
from daruma.ui.views.base import main_push_button
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.handover.meter_log import MeterLog

_SHOWN = 12  # samples from the beginning
_WORDS = {"t": tr("Time"), "v": tr("Voltage"), "a": tr("Current")}


class LogPreview(QFrame):
    """Show columns, units, gaps and first samples of a log; let it be kept or not."""

    kept = Signal()
    left = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 10, 14, 10)
        self.head, self.said = label("head"), label("")
        self.said.setObjectName("log_said")
        self.columns = Rows((tr("What"), tr("Column of the file"), tr("Taken to be in")))
        self.samples = Rows((tr("Seconds"), tr("Volts"), tr("Amperes")))
        tables = QHBoxLayout()
        understood, first = (
            table("log_columns", tr("Table of columns"), self.columns, (110, 210, 160)),
            table("log_samples", tr("Table of samples"), self.samples, (110, 110, 110)),
        )
        understood.setAccessibleName(tr("How the columns were understood"))
        first.setAccessibleName(tr("The first samples"))
        tables.addWidget(understood, 1)
        tables.addWidget(first, 1)
        self.keep = main_push_button("log_keep")
        self.keep.clicked.connect(self.kept)
        leave = QPushButton(tr("Do not keep it"))
        leave.setObjectName("log_leave")
        leave.clicked.connect(self.left)
        buttons = QHBoxLayout()
        buttons.addStretch(1)
        buttons.addWidget(leave)
        buttons.addWidget(self.keep)
        for widget in (self.head, self.said):
            column.addWidget(widget)
        column.addLayout(tables, 1)
        column.addLayout(buttons)

    def show_log(self, path: Path, log: MeterLog, job: str) -> None:
        """Show what was understood of a log."""
        from daruma.core.cell.log import gaps

        holes = gaps(log.t)
        lost = tr(", {left_out} rows left out that cannot be read", left_out=log.left_out) if log.left_out else ""
        missing = (
            tr(
                ", {count} gaps, the longest {longest:.0f} s",
                count=len(holes),
                longest=max(gap.end - gap.start for gap in holes),
            )
            if holes
            else tr(", no gap")
        )
        self.head.setText(path.name)
        samples = tr(
            "{count_t} samples over {lasts}{lost}{missing}",
            count_t=len(log.t),
            lasts=lasts(float(log.t[-1])),
            lost=lost,
            missing=missing,
        )
        self.said.setText(tr("This is how the log was understood: {samples}. Nothing is kept yet.", samples=samples))
        self.columns.show_rows([(_WORDS[key], column.name or tr("none"), column.unit) for key, column in log.columns.items()])
        first = zip(*(each[:_SHOWN].tolist() for each in (log.t, log.v, log.a)), strict=True)
        self.samples.show_rows([(figures("{t:.3f}", t=t), figures("{v:.3f}", v=v), figures("{a:.4f}", a=a)) for t, v, a in first])
        self.keep.setText(tr("Keep it with {job}", job=job))
        self.keep.setFocus()
