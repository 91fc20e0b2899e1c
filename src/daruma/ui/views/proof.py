"""Proof: each promise with its test, the pages of evidence, what the panel needs to become right."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QFileDialog, QFrame, QHBoxLayout, QPushButton, QStackedWidget, QVBoxLayout, QWidget

from daruma.core.colour.shots import brightness_shots, panel_shots
from daruma.core.job import Job, Proof
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.core.plan.spend import Spend
from daruma.core.white_proof import before_tuning, verdict_of
from daruma.ui.desk import Desk
from daruma.ui.printing import png_of, write_picture
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.views.evidence import LIGHTS, BrightnessPage, Evidence, Page, PanelPage, SensorPage, WhitePage, missing_lights
from daruma.ui.widgets.faces import Face
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.bench.measuring import Sample
    from daruma.bench.workshop import Workshop

TEST = {
    Function.NO_DISPLAY_NOTICE: "Read the parts page",
    Function.TOUCH: "Read the touch test",
    Function.FACE_UNLOCK: "Enrolled: read the phone",
}
PAGES = {Function.AMBIENT_WHITE: ("white", "panel", "sensor"), Function.AUTO_BRIGHTNESS: ("brightness",)}
FIRST_PAGE = {function: keys[0] for function, keys in PAGES.items()}
FRAME_MS = 16
MOST_LIVE = 240  # readings shown while they come in: what is older is in the numbers soon
KINDS = ("Picture, SVG (*.svg)", "Picture, PNG (*.png)", "Measurements, CSV (*.csv)", "Measurements, CGATS text (*.txt)")


class ProofView(StageView):
    """Lead through the proofs."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "proof")
        self._job: Job | None = None
        self._function: Function | None = None
        self._page = ""
        self._evidence: Evidence | None = None
        self._live: list[Sample] = []
        self._cards: dict[Function, _PromiseCard] = {}
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        row.addWidget(self._promise_column())
        row.addWidget(self._evidence_sheet(), 1)
        self._redraw = QTimer(self)
        self._redraw.setSingleShot(True)
        self._redraw.setInterval(FRAME_MS)
        self._redraw.timeout.connect(self._show_live)
        desk.sampled.connect(self._sampled)

    def _promise_column(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        sheet.setFixedWidth(286)
        column = QVBoxLayout(sheet)
        column.setContentsMargins(12, 10, 12, 12)
        column.setSpacing(4)
        column.addWidget(label("part", "Promised"))
        self._card_column = QVBoxLayout()
        self._card_column.setSpacing(2)
        column.addLayout(self._card_column)
        column.addStretch(1)
        return sheet

    def _evidence_sheet(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        column = QVBoxLayout(sheet)
        column.setContentsMargins(16, 10, 16, 12)
        column.setSpacing(6)
        self.head = label("head", wrap=False)
        self.verdict = label("")
        top = QHBoxLayout()
        top.addWidget(self.head)
        top.addStretch(1)
        self.pages: dict[str, Page] = {}
        self.tabs: dict[str, QPushButton] = {}
        self.stack = QStackedWidget()
        self.plain = QWidget()
        self.stack.addWidget(self.plain)
        for page in (WhitePage(), PanelPage(), SensorPage(), BrightnessPage()):
            self.pages[page.key] = page
            self.stack.addWidget(page)
            tab = QPushButton(page.title)
            tab.setObjectName(f"tab_{page.key}")
            tab.setProperty("role", "choice")
            tab.setCheckable(True)
            tab.clicked.connect(self._tab_clicked)
            self.tabs[page.key] = tab
            top.addWidget(tab)
        column.addLayout(top)
        column.addWidget(self.verdict)
        column.addWidget(self.stack, 1)
        column.addLayout(self._buttons())
        return sheet

    def _buttons(self) -> QHBoxLayout:
        buttons = QHBoxLayout()
        self.main = main_push_button("proof_main")
        self.main.clicked.connect(self._main_clicked)
        self.again = QPushButton("Measure again")
        self.again.setObjectName("measure_again")
        self.again.clicked.connect(self._measure_again)
        self.importing = QPushButton("Import")
        self.importing.setObjectName("import_csv")
        self.importing.setToolTip("Measurements of another instrument, as CSV or CGATS text")
        self.importing.clicked.connect(self._import)
        self.exporting = QPushButton("Export")
        self.exporting.setObjectName("export_sheet")
        self.exporting.setToolTip("The picture as SVG or PNG, the measurements as CSV or CGATS text")
        self.exporting.clicked.connect(self._export)
        self.as_it_is = QPushButton("Hand over as it is")
        self.as_it_is.setObjectName("as_it_is")
        self.as_it_is.clicked.connect(self._as_it_is)
        for button in (self.main, self.again, self.importing, self.exporting):
            buttons.addWidget(button)
        buttons.addStretch(1)
        buttons.addWidget(self.as_it_is)
        return buttons

    # -- showing

    def show_job(self, job: Job) -> None:
        changed = self._job is None or job.number != self._job.number
        if changed:
            self._evidence, self._page = None, ""
        self._job = job
        self._live.clear()
        promised = job.ticket.promised
        if self._function not in promised or changed or (self._function and self._leaves(job)):
            self._function = self._next(job) or (None if changed else self._function)
            if self._function not in promised:
                self._function = promised[0] if promised else None
        self._show_cards(job)
        self._show_evidence(job)
        self._work_out(job)

    def _leaves(self, job: Job) -> bool:
        """Return whether the promise on view is done with: proven, and looked at on its first page."""
        return self._function is not None and job.is_proven(self._function) and self._page in ("", *FIRST_PAGE.values())

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
        keys = PAGES.get(function, ())
        if self._page not in keys:
            self._page = keys[0] if keys else ""
        proof = job.proof(function)
        self.head.setText(self.desk.ready.catalogue.function_labels[function])
        for key, tab in self.tabs.items():
            tab.setVisible(key in keys and len(keys) > 1)
            tab.setChecked(key == self._page)
        self.verdict.setVisible(not keys)
        self.verdict.setText(proof.summary if proof else "Not tested yet.")
        self.stack.setCurrentWidget(self.pages.get(self._page, self.plain))
        self.again.setVisible(bool(self._can_repeat(job)))
        self.importing.setVisible(bool(keys))
        self.exporting.setVisible(bool(keys))
        self.as_it_is.setVisible(job.all_tested and not job.all_proven)
        for button in (self.main, self.again, self.importing):
            self.allow(button, True)
        self.main.setText(self._next_act(job, function)[0])

    def _can_repeat(self, job: Job) -> bool:
        act = self._next_act(job, self._function)[0] if self._function else ""
        measured = {"white": job.readings, "panel": job.measured.fields, "brightness": job.measured.levels}
        return bool(measured.get(self._page)) and not act.startswith("Measure")

    @staticmethod
    def _next(job: Job) -> Function | None:
        return next((f for f in job.ticket.promised if not job.is_proven(f)), None)

    def _next_act(self, job: Job, function: Function) -> tuple[str, Callable[[], None]]:
        """Return the main action's words and what it does."""
        if self._page in ("panel", "sensor"):
            return self._panel_act(job) if self._page == "panel" else self._sensor_act()
        if job.all_proven:
            return "Go on to Hand-over", self._as_it_is
        if job.is_proven(function) and (after := self._next(job)) is not None:
            return f"Go on to {self.desk.ready.catalogue.function_labels[after]}", self._go_on
        if function is Function.AMBIENT_WHITE:
            return self._white_act(job)
        if function is Function.AUTO_BRIGHTNESS:
            return f"Measure at {len(brightness_shots())} levels of light", self._prove
        return TEST[function], self._prove

    def _white_act(self, job: Job) -> tuple[str, Callable[[], None]]:
        if missing := missing_lights(job):
            return f"Measure under {missing[0]} light", self._measure_missing
        proof = job.proof(Function.AMBIENT_WHITE)
        if proof is not None and not proof.proven and not job.measured.fields:
            return "Find out why: the panel sheet", self._to_panel
        spend = self._evidence.sheets.spend if self._evidence is not None and self._evidence.sheets is not None else None
        if proof is not None and not proof.proven and spend is not None and spend.kind is Spend.YES:
            return "To the panel sheet: tuning is worth a write", self._to_panel
        return "Measure again under both lights", self._measure_again

    def _panel_act(self, job: Job) -> tuple[str, Callable[[], None]]:
        sheets = self._evidence.sheets if self._evidence is not None else None
        bad = [taken for taken in job.measured.fields if taken.doubt]
        if bad:
            return f"Repeat {len(bad)} of {len(panel_shots())} fields", self.desk.measure_panel
        if sheets is not None and sheets.spend is not None and sheets.spend.kind is Spend.YES:
            return "Keep the tuned record", self._tune
        return f"Measure {len(panel_shots())} fields of the panel", self.desk.measure_panel

    def _sensor_act(self) -> tuple[str, Callable[[], None]]:
        sensor = self._evidence.sheets.sensor if self._evidence is not None and self._evidence.sheets is not None else None
        light = sensor.next_light if sensor is not None else LIGHTS[0]
        return f"Measure under {light} light", self._measure_next_light

    def _work_out(self, job: Job) -> None:
        """Work out what the pages show off the interface's thread: it needs the slow libraries."""
        if self._function not in PAGES:
            return
        ready = self.desk.ready
        self.desk.run(self.desk.store, "drawing the sheets", lambda _: work_out(ready, job), self._worked_out)

    def _worked_out(self, evidence: Evidence) -> None:
        if self._job is not None and evidence.job.number == self._job.number and self.desk.workshop is not None:
            self._evidence = evidence
            self._show_evidence(self._job)
            self._show_live()

    def _sampled(self, sample: Sample) -> None:
        self._live.append(sample)
        del self._live[:-MOST_LIVE]
        if not self._redraw.isActive():
            self._redraw.start()

    def _show_live(self) -> None:
        """Show the readings that came in since; at most as often as a screen can."""
        if self._evidence is not None and self._page in self.pages:
            self.pages[self._page].show_evidence(replace(self._evidence, live=tuple(self._live)))

    # -- acting

    def main_button(self) -> QWidget:
        return self.main

    def choose(self, function: Function, page: str = "") -> None:
        """Put a promise's evidence on view."""
        self._function, self._page = function, page
        if self._job is not None:
            self._show_cards(self._job)
            self._show_evidence(self._job)
            self._work_out(self._job)

    def _tab_clicked(self) -> None:
        key = next(key for key, tab in self.tabs.items() if tab is self.sender())
        if self._function is not None:
            self.choose(self._function, key)

    def _main_clicked(self) -> None:
        if self._job is not None and self._function is not None:
            self._live.clear()
            self._next_act(self._job, self._function)[1]()

    def _go_on(self) -> None:
        if self._job is not None and (after := self._next(self._job)) is not None:
            self.choose(after)

    def _prove(self) -> None:
        if self._function is not None:
            self.desk.prove(self._function)

    def _tune(self) -> None:
        self._page = ""
        self.desk.tune()

    def _to_panel(self) -> None:
        self.choose(Function.AMBIENT_WHITE, "panel")

    def _measure_missing(self) -> None:
        missing = missing_lights(self._job) if self._job is not None else []
        if missing:
            self.desk.measure((missing[0],), judge=len(missing) == 1)

    def _measure_next_light(self) -> None:
        words = self.main.text().split()
        self.desk.measure((words[2],), judge=False)

    def _measure_again(self) -> None:
        self._live.clear()
        if self._page == "panel":
            self.desk.measure_panel()
        elif self._page == "brightness":
            self.desk.prove(Function.AUTO_BRIGHTNESS)
        else:
            self.desk.measure(LIGHTS, judge=True)

    def _as_it_is(self) -> None:
        self.desk.told.emit("stage:Hand-over")

    def _import(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, "Measurements", "", "CSV or CGATS (*.csv *.txt *.cgats)")
        if name:
            self.desk.import_readings(Path(name))

    def _export(self) -> None:
        page = self.pages.get(self._page)
        if page is None or self._job is None:
            return
        start = str(Path.home() / f"{self._job.name}-{page.key}.svg")
        name, _ = QFileDialog.getSaveFileName(self, "Export", start, ";;".join(KINDS))
        if name:
            self.export_to(Path(name))

    def export_to(self, file: Path) -> None:
        """Write the page on view: the picture as SVG or PNG, the measurements as CSV or CGATS text, by the file's name."""
        page, job = self.pages[self._page], self._job
        if job is None or page.picture.picture is None:
            return
        picture, sheet = page.picture.picture, page.sheet
        self.desk.run(self.desk.store, "exporting", lambda c: export(job, sheet, picture, file, c.now()), self._exported)

    def _exported(self, file: Path) -> None:
        self.desk.told.emit(f"Saved {file}")


def work_out(ready: Workshop, job: Job) -> Evidence:
    """Return what the pages show of a job."""
    from daruma.core.colour.brightness import judge_brightness
    from daruma.core.colour.coordinates import daylight_line
    from daruma.core.colour.temperature import locus_line

    model, measured = ready.model(job), job.measured
    proof = job.proof(Function.AMBIENT_WHITE)
    white = verdict_of(model.white, job.readings, proof.uncertainty if proof else measured.uv)
    brightness = judge_brightness(model.display, measured.levels, measured.luminance) if measured.levels else None
    sheets = ready.sheets(job) if measured.fields or measured.lights else None
    return Evidence(job, model, white, before_tuning(job, model.white), brightness, sheets, locus_line(), daylight_line())


def export(job: Job, sheet: str, picture: Picture, file: Path, when: str) -> Path:
    """Write a picture or the measurements behind it, by the file's name; raise Trouble where that cannot be done."""
    from daruma.handover.measurements import export_sheet
    from daruma.handover.svg import to_svg

    match file.suffix.lower():
        case ".svg":
            write_picture(file, to_svg(picture).encode())
        case ".png":
            write_picture(file, png_of(picture))
        case _:
            export_sheet(job, sheet, file, when)
    return file


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
