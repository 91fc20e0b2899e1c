"""Proof: each promise with its test, the white plot, the numbers."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFileDialog, QFrame, QGridLayout, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.bench.context import Context
from daruma.core.colour.follow import WhiteVerdict
from daruma.core.job import Job, Proof
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.core.pictures.white_plot import white_plot
from daruma.core.white_proof import ASSUMED_UNCERTAINTY, verdict_of
from daruma.ui.desk import Desk
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.widgets.faces import Face
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.core.colour.chromaticity import Pair

TEST = {
    Function.NO_DISPLAY_NOTICE: "Read the parts page",
    Function.AUTO_BRIGHTNESS: "Measure dim and bright",
    Function.TOUCH: "Read the touch test",
    Function.FACE_UNLOCK: "Enrolled: read the phone",
}
LIGHTS = ("warm", "cool")


class ProofView(StageView):
    """Lead through the proofs."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "proof")
        self._job: Job | None = None
        self._function: Function | None = None
        self._verdict: WhiteVerdict | None = None
        self._locus: tuple[Pair, ...] = ()
        self._cards: dict[Function, _PromiseCard] = {}
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        row.addWidget(self._promise_column())
        row.addWidget(self._evidence(), 1)

    def _promise_column(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        sheet.setFixedWidth(290)
        column = QVBoxLayout(sheet)
        column.setContentsMargins(12, 10, 12, 12)
        column.setSpacing(4)
        column.addWidget(label("part", "Promised"))
        self._card_column = QVBoxLayout()
        self._card_column.setSpacing(2)
        column.addLayout(self._card_column)
        column.addStretch(1)
        return sheet

    def _evidence(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        column = QVBoxLayout(sheet)
        column.setContentsMargins(16, 10, 16, 12)
        column.setSpacing(6)
        self.head = label("head")
        self.verdict = label("")
        column.addWidget(self.head)
        column.addWidget(self.verdict)
        middle = QHBoxLayout()
        self.plot = PictureView("white_plot")
        middle.addWidget(self.plot, 5)
        self._numbers_box = QWidget()
        self._numbers = QGridLayout(self._numbers_box)
        self._numbers.setContentsMargins(0, 8, 0, 0)
        self._numbers.setVerticalSpacing(2)
        side = QVBoxLayout()
        side.addWidget(self._numbers_box)
        side.addStretch(1)
        middle.addLayout(side, 2)
        column.addLayout(middle, 1)
        buttons = QHBoxLayout()
        self.main = main_push_button("proof_main")
        self.main.clicked.connect(self._main_clicked)
        self.again = QPushButton("Measure again")
        self.again.setObjectName("measure_again")
        self.again.clicked.connect(self._measure_again)
        self.importing = QPushButton("Import CSV")
        self.importing.setObjectName("import_csv")
        self.importing.clicked.connect(self._import)
        buttons.addWidget(self.main)
        buttons.addWidget(self.again)
        buttons.addWidget(self.importing)
        buttons.addStretch(1)
        self.as_it_is = QPushButton("Hand over as it is")
        self.as_it_is.setObjectName("as_it_is")
        self.as_it_is.clicked.connect(self._as_it_is)
        buttons.addWidget(self.as_it_is)
        column.addLayout(buttons)
        return sheet

    # -- showing

    def show_job(self, job: Job) -> None:
        changed = self._job is None or job.number != self._job.number
        self._job = job
        promised = job.ticket.promised
        if self._function not in promised or changed or (self._function and job.is_proven(self._function)):
            self._function = self._next(job) or (None if changed else self._function)
            if self._function not in promised:
                self._function = promised[0] if promised else None
        self._show_cards(job)
        self._show_evidence(job)
        self._judge(job)

    def _show_cards(self, job: Job) -> None:
        labels, meaning = self.desk.ready.catalogue.function_labels, self.desk.ready.catalogue.function_meaning
        if tuple(self._cards) != job.ticket.promised:
            while (item := self._card_column.takeAt(0)) is not None:
                if item.widget() is not None:
                    item.widget().deleteLater()
            self._cards = {}
            for function in job.ticket.promised:
                card = _PromiseCard(function, labels[function], meaning[function], self)
                self._cards[function] = card
                self._card_column.addWidget(card)
        for function, card in self._cards.items():
            card.show_state(job.proof(function), job.is_proven(function), function is self._function)

    def _show_evidence(self, job: Job) -> None:
        function = self._function
        if function is None:
            self.head.setText("Nothing is promised")
            return
        proof = job.proof(function)
        self.head.setText(self.desk.ready.catalogue.function_labels[function])
        white = function is Function.AMBIENT_WHITE
        self.plot.setVisible(white)
        missing = self._missing_lights(job)
        said = proof.summary if proof else "Not tested yet."
        if white and not proof and missing:
            measured = [light for light in LIGHTS if light not in missing]
            said = f"Measured under {measured[0]} light; {missing[0]} light is still needed." if measured else "Not measured yet."
        self.verdict.setText(said)
        self._show_numbers(proof)
        self.again.setVisible(white and bool(job.readings))
        self.importing.setVisible(white)
        self.as_it_is.setVisible(job.all_tested and not job.all_proven)
        for button in (self.main, self.again, self.importing):
            self.allow(button, True)
        if job.all_proven:
            self.main.setText("Go on to Hand-over")
        elif job.is_proven(function) and (after := self._next(job)) is not None:
            self.main.setText(f"Go on to {self.desk.ready.catalogue.function_labels[after]}")
        elif white and missing:
            self.main.setText(f"Measure under {missing[0]} light")
        elif white:
            self.main.setText("Measure again under both lights")
            self.again.setVisible(False)
        else:
            self.main.setText(TEST[function])

    @staticmethod
    def _next(job: Job) -> Function | None:
        return next((f for f in job.ticket.promised if not job.is_proven(f)), None)

    def _show_numbers(self, proof: Proof | None) -> None:
        while (item := self._numbers.takeAt(0)) is not None:
            if item.widget() is not None:
                item.widget().deleteLater()
        group, line = "", 0
        for name, value in proof.numbers if proof else ():
            head, found, rest = name.partition(": ")
            if found and head != group:
                group = head
                self._numbers.addWidget(label("part", f"{head} light"), line, 0, 1, 2)
                line += 1
            self._numbers.addWidget(label("quiet", rest if found else name), line, 0)
            self._numbers.addWidget(label("data", value, wrap=False), line, 1)
            line += 1

    @staticmethod
    def _missing_lights(job: Job) -> list[str]:
        seen = {reading.light for reading in job.readings}
        return [] if len(seen - set(LIGHTS)) >= 2 else [light for light in LIGHTS if light not in seen]

    def _judge(self, job: Job) -> None:
        """Work out the plot off the interface's thread: it needs the slow libraries."""
        if self._function is Function.AMBIENT_WHITE:
            proof = job.proof(Function.AMBIENT_WHITE)
            readings, uncertainty = job.readings, proof.uncertainty if proof else ASSUMED_UNCERTAINTY
            model = self.desk.ready.model(job)

            def work(_: Context) -> tuple[int, WhiteVerdict | None, tuple[Pair, ...]]:
                from daruma.core.colour.temperature import locus_line

                return job.number, verdict_of(model.white, readings, uncertainty), locus_line()

            self.desk.run(self.desk.store, "drawing the white", work, self._judged)

    def _judged(self, result: tuple[int, WhiteVerdict | None, tuple[Pair, ...]]) -> None:
        number, verdict, locus = result
        if self._job is not None and number == self._job.number:
            self._verdict, self._locus = verdict, locus
            self.plot.show_build(self._plot)

    def _plot(self, width: float, height: float) -> Picture:
        assert self._job is not None
        return white_plot(width, height, self.desk.ready.model(self._job).white, self._verdict, self._locus)

    # -- acting

    def main_button(self) -> QWidget:
        return self.main

    def choose(self, function: Function) -> None:
        """Put a promise's evidence on view."""
        self._function = function
        if self._job is not None:
            self._show_cards(self._job)
            self._show_evidence(self._job)
            self._judge(self._job)

    def _main_clicked(self) -> None:
        job, function = self._job, self._function
        if job is None or function is None:
            return
        if job.all_proven:
            self.desk.told.emit("stage:Hand-over")
        elif job.is_proven(function) and (after := self._next(job)) is not None:
            self.choose(after)
        elif function is Function.AMBIENT_WHITE and (missing := self._missing_lights(job)):
            self.desk.measure((missing[0],), judge=len(missing) == 1)
        elif function is Function.AMBIENT_WHITE:
            self.desk.measure(LIGHTS, judge=True)
        else:
            self.desk.prove(function)

    def _as_it_is(self) -> None:
        self.desk.told.emit("stage:Hand-over")

    def _measure_again(self) -> None:
        self.desk.measure(LIGHTS, judge=True)

    def _import(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, "Measurements", "", "CSV (*.csv)")
        if name:
            self.desk.import_readings(Path(name))


class _PromiseCard(QFrame):
    """One promise: face, what it means, what its proof says."""

    def __init__(self, function: Function, text: str, meaning: str, view: ProofView) -> None:
        super().__init__()
        self._function, self._view, self._text = function, view, text
        row = QHBoxLayout(self)
        row.setContentsMargins(4, 6, 4, 6)
        self.face = Face(44)
        self.button = QPushButton(text)
        self.button.setObjectName(f"promise_card_{function.value}")
        self.button.setProperty("role", "card")
        self.button.setCheckable(True)
        self.button.clicked.connect(self._clicked)
        self.said = label("hint", meaning)
        self._meaning = meaning
        texts = QVBoxLayout()
        texts.setSpacing(1)
        texts.addWidget(self.button)
        texts.addWidget(self.said)
        row.addWidget(self.face)
        row.addLayout(texts, 1)

    def show_state(self, proof: Proof | None, proven: bool, chosen: bool) -> None:
        """Show the proof and whether the card is chosen."""
        self.face.show_state(True, proven, self._text)
        self.button.setChecked(chosen)
        self.button.setText(self._text + (": proven" if proven else ": not proven" if proof else ""))
        self.said.setText(proof.summary if proof else self._meaning)

    def _clicked(self) -> None:
        self._view.choose(self._function)
