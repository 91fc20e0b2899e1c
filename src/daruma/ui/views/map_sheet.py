"""The sheet above the ways: what hangs on what, for one part or all, and where the numbers of a way come from."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QStackedWidget, QVBoxLayout

from daruma.core.job import Job
from daruma.core.job_facts import job_facts, of_part, shown_functions
from daruma.core.kinds import KINDS
from daruma.core.known import Known
from daruma.core.language import inner, tr
from daruma.core.pairing import Verdict, evaluate
from daruma.core.parts import PART_LABEL, PART_NOUN, Function, PartKind
from daruma.core.pictures.numbers import numbers
from daruma.core.pictures.primitives import Picture, Text, Tone
from daruma.core.pictures.thread_map import has_room, thread_map
from daruma.ui.desk import Desk
from daruma.ui.widgets.boxes import ChoiceBox, scrolled
from daruma.ui.widgets.fields import show_choices
from daruma.ui.widgets.notices import ElidedLabel
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.core.plan.explain import Source


class MapSheet(QFrame):
    """Show the threads of a job as the bench stands, or the numbers of the chosen way."""

    page_chosen = Signal()
    function_chosen = Signal()

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self._desk = desk
        self._job: Job | None = None
        self._part: PartKind | None = None
        self._crowded = False
        self.function: Function | None = None
        self._verdicts: tuple[Verdict, ...] = ()
        self._sources: tuple[Source, ...] = ()
        self.head = ElidedLabel("part")
        self.part = ChoiceBox()
        self.part.setObjectName("thread_part")
        self.part.setAccessibleName(tr("Threads of which part"))
        self.part.setMinimumContentsLength(14)
        self.part.currentIndexChanged.connect(self._part_chosen)
        head = QHBoxLayout()
        head.addWidget(self.head, 1)
        head.addWidget(self.part)
        self.threads_button, self.numbers_button = QPushButton(tr("Threads")), QPushButton(tr("Numbers"))
        for button, name in ((self.threads_button, "show_threads"), (self.numbers_button, "show_numbers")):
            button.setObjectName(name)
            button.setProperty("role", "choice")
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.clicked.connect(self._page)
            head.addWidget(button)
        self.threads_button.setChecked(True)
        self.map = PictureView("thread_map")
        self.map.chosen.connect(self._function_chosen)
        self.numbers = PictureView("numbers", grows=False)
        self.pages = QStackedWidget()
        self.pages.setMinimumHeight(160)
        self.pages.addWidget(self.map)
        self.pages.addWidget(scrolled(self.numbers))
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 8, 16, 8)
        column.addLayout(head)
        column.addWidget(self.pages, 1)
        self._name()

    @property
    def shows_numbers(self) -> bool:
        """Return whether the numbers are on view."""
        return self.numbers_button.isChecked()

    def show_job(self, job: Job) -> None:
        """Show the threads of a job; another one starts with all of them."""
        if self._job is None or job.number != self._job.number:
            self.function = self._part = None
        self._job = job
        parts = self._parts()
        self._part = self._part if self._part in parts else None
        words = {"": tr("every part"), **{kind.value: inner(PART_LABEL[kind]) for kind in parts}}
        show_choices(self.part, words, self._part.value if self._part else "")
        self.part.setVisible(len(parts) > 1 and not self.shows_numbers)
        self.refresh()

    def refresh(self) -> None:
        """Show the threads as the bench stands now."""
        job = self._job
        model = self._desk.ready.catalogue.models.get(job.ticket.model) if job and self._desk.workshop else None
        if job is None or model is None:
            return
        known = self._desk.survey.known if self._desk.survey else Known()
        facts = job_facts(job, model, known)
        verdicts = (evaluate(facts, function) for function in shown_functions(job, model))
        seen = (verdict if self._part is None else of_part(verdict, self._part) for verdict in verdicts)
        self._verdicts = tuple(verdict for verdict in seen if verdict is not None)
        self.map.show_build(self._map)
        self._name()

    def all_threads(self) -> None:
        """Let no function stand out any more."""
        self.function = None
        self.refresh()

    def show_sources(self, sources: tuple[Source, ...]) -> None:
        """Show where the numbers of a way come from."""
        self._sources = sources
        self.numbers.show_build(self._numbers)

    def _map(self, width: float, height: float) -> Picture:
        crowded = self._part is None and not has_room(height, self._verdicts)
        if crowded is not self._crowded:
            self._crowded = crowded
            self._name()
        if crowded and (first := self._parts()):
            seen = (of_part(verdict, first[0]) for verdict in self._verdicts)
            some = tuple(verdict for verdict in seen if verdict is not None)
            return thread_map(width, height, some, self._desk.ready.catalogue.function_labels, self.function)
        return thread_map(width, height, self._verdicts, self._desk.ready.catalogue.function_labels, self.function)

    def _numbers(self, width: float, _: float) -> Picture:
        if not self._sources:
            return Picture(width, 30, (Text(0, 20, tr("No way is chosen."), Tone.QUIET, 13),), (), tr("No way is chosen."))
        return numbers(width, self._sources)

    def _name(self) -> None:
        if self.shows_numbers:
            self.head.setText(tr("Where the numbers of the chosen way come from"))
            return
        parts = self._parts()
        if self._crowded and parts:
            self.head.setText(tr("Threads of the {part}; no room for all", part=PART_NOUN[parts[0]]))
        elif len(parts) == 1:
            self.head.setText(tr("Threads with the new {part} in the phone, as the bench stands now", part=PART_NOUN[parts[0]]))
        else:
            self.head.setText(tr("Threads, as the bench stands now"))

    def _parts(self) -> list[PartKind]:
        return [kind for kind in KINDS if self._job is not None and kind in self._job.ticket.parts]

    def _page(self) -> None:
        self.pages.setCurrentIndex(int(self.shows_numbers))
        self.part.setVisible(self.part.count() > 2 and not self.shows_numbers)  # besides every part
        self._name()
        self.page_chosen.emit()

    def _part_chosen(self) -> None:
        self._part = PartKind(self.part.currentData()) if self.part.currentData() else None
        self.refresh()

    def _function_chosen(self, key: str) -> None:
        self.function = Function(key)
        self.refresh()
        self.function_chosen.emit()
