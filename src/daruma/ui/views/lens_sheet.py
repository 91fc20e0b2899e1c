"""The record at the bench: what the board expects, what is kept, what the panel carries, what will be written."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.core.backup import named
from daruma.core.job import Job
from daruma.core.job_facts import job_facts
from daruma.core.language import tr
from daruma.core.parts import PART_NOUN
from daruma.core.pictures.lens import LensColumn, lens_bytes, lens_fields
from daruma.core.pictures.primitives import Picture, Text, Tone
from daruma.core.pictures.small import socket_view, write_budget
from daruma.ui.finishing import finishing_at, finishing_panel
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.kinds import room
from daruma.ui.kinds.room import Panel, UiRoom
from daruma.ui.widgets.boxes import scrolled
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.bench.workshop import Survey


MOST_LIVE = 400  # readings shown while they come in


class LensSheet(QFrame):
    """Show the records of a job side by side, with the writes that are left and what is on the sockets."""

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__()
        self._desk = desk
        self._job: Job | None = None
        self._survey: Survey | None = None
        self.setProperty("role", "sheet")
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 8, 16, 8)
        head = QHBoxLayout()
        head.addWidget(label("part", tr("Record"), wrap=False))
        head.addStretch(1)
        self.fields_button, self.bytes_button = QPushButton(tr("Fields")), QPushButton(tr("Bytes"))
        for button in (self.fields_button, self.bytes_button):
            button.setProperty("role", "choice")
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.clicked.connect(self._show)
            head.addWidget(button)
        self.fields_button.setObjectName("lens_fields")
        self.bytes_button.setObjectName("lens_bytes")
        self.fields_button.setChecked(True)
        self._head = head
        self._panels: dict[str, tuple[Panel, QPushButton]] = {}
        self._step = ""
        self._finishing = finishing_panel(desk.ready.catalogue.figures)
        self._live: list[object] = []
        desk.sampled.connect(self._sampled)
        column.addLayout(head)
        self.lens = PictureView("lens", grows=False)
        column.addWidget(scrolled(self.lens), 1)
        self._low = QWidget()
        low = QHBoxLayout(self._low)
        low.setContentsMargins(0, 0, 0, 0)
        low.setSpacing(16)
        self.budget = PictureView("budget", grows=False)
        self.sockets = PictureView("sockets", grows=False)
        low.addWidget(self.budget, 1)
        low.addWidget(self.sockets, 1)
        column.addWidget(self._low)

    def show_job(self, job: Job | None, survey: Survey | None) -> None:
        """Show a job's records as a look at the bench found them."""
        self._job, self._survey = job, survey
        self._offer_panels()
        self._show()

    def _offer_panels(self) -> None:
        """Offer the panels of the kind of part at hand; a step that is looked at with one of them brings it forward."""
        survey, job = self._survey, self._job
        its = room(survey.kind) if survey is not None else UiRoom()
        session = finishing_at(job)
        panels = (*its.panels, self._finishing) if session else its.panels
        for panel in panels:
            if panel.key not in self._panels:
                self._panels[panel.key] = panel, self._choice(panel)
        for key, (_, button) in self._panels.items():
            button.setVisible(any(panel.key == key for panel in panels))
        index = job.current_step if job is not None else None
        step = job.steps[index].action if job is not None and index is not None else ""
        if step != self._step:
            self._live.clear()
        if step != self._step or not panels:
            self._step, wanted = step, {**dict(session), **dict(its.steps)}.get(step, "")
            (self._panels[wanted][1] if wanted else self.fields_button).setChecked(True)

    def _sampled(self, number: int, sample: object) -> None:
        """Show what comes in of the step at hand."""
        if self._job is not None and number == self._job.number and self.isVisible():
            self._live.append(sample)
            del self._live[:-MOST_LIVE]
            self._show()

    def _choice(self, panel: Panel) -> QPushButton:
        button = QPushButton(panel.title)
        button.setObjectName(f"lens_{panel.key}")
        button.setProperty("role", "choice")
        button.setCheckable(True)
        button.setAutoExclusive(True)
        button.clicked.connect(self._show)
        self._head.addWidget(button)
        return button

    def _show(self) -> None:
        survey = self._survey
        self.lens.show_build(self._lens)
        # what has no place on the programmer is written nowhere
        self._low.setVisible(survey is None or bool(survey.socket))
        self.sockets.show_build(lambda w, _: _sockets(w, survey))
        self.budget.show_build(lambda w, _: _budget(w, survey))

    def _lens(self, width: float, _: float) -> Picture:
        survey, job = self._survey, self._job
        if survey is None or job is None:
            return Picture(
                width, 30, (Text(0, 20, tr("Looking at the bench."), Tone.QUIET, 13),), (), tr("Looking at the bench.")
            )
        chosen = next((panel for panel, button in self._panels.values() if button.isChecked() and button.isVisibleTo(self)), None)
        if chosen is not None:
            return chosen.draw(width, job, self._desk.ready.catalogue.models[job.ticket.model], self._live)
        known, plan = survey.known.of(survey.kind), survey.plan
        written = plan is not None and plan.image == plan.current.image
        if self.bytes_button.isChecked():
            if plan is not None and not written:
                return lens_bytes(width, plan.after, plan.current)
            return lens_bytes(width, known.target or known.source, known.source)
        model = self._desk.ready.catalogue.models[job.ticket.model]
        work = job.parts.get(survey.kind)
        source = work.source if work is not None else ""
        columns = [
            LensColumn(tr("board expects"), expected=job_facts(job, model, survey.known).expected),
            LensColumn(tr("backup {named}", named=named(source)).strip(), known.source),
            LensColumn(tr("on the new {part}", part=PART_NOUN[survey.kind]), known.target),
        ]
        if plan is not None and not written:
            columns.append(LensColumn(tr("will be written"), plan.after))
        return lens_fields(width, columns, 1)


def _sockets(width: float, survey: Survey | None) -> Picture:
    """Return what is plugged in where; nothing before the first look at the bench."""
    if survey is None:
        return Picture(width, 40, (), (), "")
    return socket_view(width, survey.bench.sockets, survey.socket, True)


def _budget(width: float, survey: Survey | None) -> Picture:
    if survey is None:
        return Picture(width, 34, (), (), "")
    if survey.budget is not None:
        return write_budget(width, survey.budget)
    words = tr("Writes: read the new {part} to see its budget.", part=PART_NOUN[survey.kind])
    return Picture(width, 34, (Text(0, 20, words, Tone.QUIET, 13),), (), words)
