"""Closing up: the steps that are ticked, and where each screw belongs."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFrame, QHBoxLayout, QVBoxLayout, QWidget

from daruma.core.closing import CHECK, ClosingStep, closing_steps, ticked_of
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.pictures.screw_map import screw_map
from daruma.ui.desk import Desk
from daruma.ui.widgets.boxes import TickBox, scrolled
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.picture_view import PictureView


class ClosingSheet(QFrame):
    """Lead through closing a phone up; what is ticked stays ticked."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self._desk = desk
        self._job: Job | None = None
        self._model: Model | None = None
        self._steps: tuple[ClosingStep, ...] = ()
        self._boxes: dict[str, TickBox] = {}
        row = QHBoxLayout(self)
        row.setContentsMargins(16, 12, 16, 12)
        row.setSpacing(16)
        left = QWidget()
        self._column = QVBoxLayout(left)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(4)
        area = scrolled(left)
        area.setAccessibleName(tr("Closing up"))
        area.setMinimumWidth(250)
        row.addWidget(area, 1)
        right = QVBoxLayout()
        self.title, self.how = label("part"), label("")
        self.how.setObjectName("closing_how")
        self.map = PictureView("screw_map")
        for widget in (self.title, self.how):
            right.addWidget(widget)
        right.addWidget(self.map, 1)
        row.addLayout(right, 1)

    def show_job(self, job: Job) -> None:
        """Show how far a job's phone is closed up."""
        model = self._desk.ready.catalogue.models[job.ticket.model]
        if self._model is not model:
            self._lay_out(model)
        self._job = job
        done = {each.key: each.when for each in job.closing}
        for step in self._steps:
            box = self._boxes[step.key]
            box.setChecked(step.key in done)
            box.setEnabled(step.key not in done and not job.closed)
            box.setText(f"{step.title}{', ' + done[step.key][11:16] if step.key in done else ''}")
        self._show_step(next((step for step in self._steps if step.key not in done), self._steps[-1]))

    def _lay_out(self, model: Model) -> None:
        self._model, self._steps = model, closing_steps(model.closing)
        for box in self._boxes.values():
            box.deleteLater()
        while self._column.count():
            self._column.takeAt(0)
        self._boxes = {}
        for step in self._steps:
            box = TickBox(step.title)
            box.setObjectName(f"closing_{step.key.replace(' ', '_')}")
            box.setToolTip(step.how)
            box.clicked.connect(lambda _=False, step=step: self._ticked(step))
            self._boxes[step.key] = box
            self._column.addWidget(box, 0, Qt.AlignmentFlag.AlignLeft)
        self._column.addStretch(1)

    def _show_step(self, step: ClosingStep) -> None:
        done, of = ticked_of(self._job.closing if self._job is not None else (), self._steps)
        self.title.setText(tr("{title}  ({done} of {of} done)", title=step.title, done=done, of=of))
        self.how.setText(step.how)
        spec, holds = self._model.closing if self._model is not None else None, step.holds
        self.map.show_build(lambda w, h: screw_map(w, h, spec, holds))

    def _ticked(self, step: ClosingStep) -> None:
        job = self._job
        if job is None or any(each.key == step.key for each in job.closing):
            return
        lane = self._desk.bench if step.key == CHECK else self._desk.store
        work = self._desk.ready.tick
        self._desk.job_work(lane, tr("closing up"), lambda job, context: work(job, step.key, context), failed=self._failed)

    def _failed(self, trouble: Trouble) -> None:
        if self._job is not None:
            self.show_job(self._job)
        self._desk.trouble.emit(trouble)
