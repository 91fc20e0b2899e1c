"""The heat at a soldering step of the run sheet: watched, forecast, said in plain words where a limit will be crossed."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.catalogue.heat import heat_limits
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.bench.heating import Heat
    from daruma.ui.desk import Desk

HEIGHT = 150  # at least


class HeatForm(QWidget):
    """Stand at every step whose heat has limits; while it is watched the picture takes the room below the step."""

    drawn = Signal(bool)

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self._desk = desk
        self._step = ""
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        row = QHBoxLayout()
        self.said = label("")
        self.said.setObjectName("heat_said")
        self.button = QPushButton()
        self.button.setObjectName("heat_watch")
        self.button.clicked.connect(self._clicked)
        row.addWidget(self.said, 1)
        row.addWidget(self.button)
        column.addLayout(row)
        self.picture = PictureView("heat_trace")
        self.picture.setMinimumHeight(HEIGHT)
        column.addWidget(self.picture, 1)
        self.picture.setVisible(False)
        self.setVisible(False)
        desk.heating.changed.connect(self._changed)
        desk.heating.failed.connect(self._failed)

    def show_step(self, job: Job | None, step: str) -> None:
        """Show the form at a step whose heat has limits."""
        heating = self._desk.heating
        self._step = step if job is not None and step in heat_limits() else ""
        self.setVisible(bool(self._step))
        if not self._step or job is None:
            self._draw(False)
            return
        mine = heating.watched == (job.number, step)
        self.button.setText(tr("End the watch") if mine else tr("Watch the heat"))
        self.button.setEnabled(mine or heating.watched is None)
        if not mine:
            kept = next((trace for trace in reversed(job.heats) if trace.step == step), None)
            self.said.setText(tr("Kept: {kept}.", kept=kept.words) if kept is not None else _limits(step))
            self.said.setProperty("role", "")
            self._draw(False)

    def _draw(self, on: bool) -> None:
        if self.picture.isVisibleTo(self) != on:
            self.picture.setVisible(on)
            self.drawn.emit(on)

    def _clicked(self) -> None:
        if self._desk.heating.watched is not None:
            self._desk.heating.end()
        else:
            self._desk.heating.begin(self._step)
            self.button.setText(tr("End the watch"))

    def _changed(self, heat: Heat) -> None:
        from daruma.core.pictures.heat_trace import heat_trace

        if not self._step or heat.step != self._step:
            return
        now = tr("Now {celsius:.0f} °C. ", celsius=heat.celsius[-1]) if len(heat.celsius) else ""
        ahead = (
            tr("{ahead}. Draw the air back now.", ahead=heat.ahead.words)
            if heat.ahead is not None
            else tr("No limit lies ahead.")
        )
        faster = tr(" Demo: the clock runs {speed:.0f} times faster than life.", speed=heat.speed) if heat.speed > 1 else ""
        self.said.setText(f"{now}{ahead}{faster}")
        role = "caution" if heat.ahead is not None else ""
        if self.said.property("role") != role:
            self.said.setProperty("role", role)
            self.said.style().unpolish(self.said)
            self.said.style().polish(self.said)
        self._draw(True)
        self.picture.show_build(lambda w, h: heat_trace(w, h, heat.t, heat.celsius, heat.limits, heat.expected, heat.ahead))

    def _failed(self, trouble: Trouble) -> None:
        if self._step:
            self.said.setText(f"{trouble.what} {trouble.advice}")
            self.button.setText(tr("Watch the heat") if self._desk.heating.watched is None else tr("End the watch"))
            self.button.setEnabled(True)


def _limits(step: str) -> str:
    limits = heat_limits()[step]
    parts = [
        tr("at most {peak_max:g} °C", peak_max=limits.peak_max) if limits.peak_max is not None else "",
        tr("at least {peak_min:g} °C", peak_min=limits.peak_min) if limits.peak_min is not None else "",
        tr("the part beside it {part:g} °C", part=limits.part) if limits.part is not None else "",
        tr("rising by {ramp:g} K/s at most", ramp=limits.ramp) if limits.ramp is not None else "",
    ]
    return tr(
        "Heat: {parts}. With a thermocouple beside the joint it can be watched.", parts=", ".join(part for part in parts if part)
    )
