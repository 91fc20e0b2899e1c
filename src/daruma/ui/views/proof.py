"""Proof: each promise with its test, the pages of evidence, what the panel needs to become right."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING, Any, assert_never

from msgspec.structs import replace
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QFileDialog, QFrame, QHBoxLayout, QPushButton, QStackedWidget, QVBoxLayout, QWidget

from daruma.core.colour.shots import REPEATS, WHITE_REPEATS
from daruma.core.job import Job, Stage
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.ui.desk import Desk
from daruma.ui.kinds import rooms
from daruma.ui.laying import laid_out_once
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.views.evidence import BrightnessPage, Evidence, Page, PanelPage, SensorPage, WhitePage
from daruma.ui.views.proof_acts import (
    LIGHTS,
    Act,
    Known,
    NextAct,
    can_repeat,
    missing_lights,
    next_act,
    next_promise,
    pages_of,
)
from daruma.ui.views.proof_work import export, work_out
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.promise_column import PromiseColumn

if TYPE_CHECKING:
    from daruma.bench.kinds.display.measuring import Sample

FRAME_MS = 16
MOST_LIVE = 240  # readings shown while they come in: what is older is in the numbers soon
KINDS = (
    tr("Picture, SVG (*.svg)"),
    tr("Picture, PNG (*.png)"),
    tr("Measurements, CSV (*.csv)"),
    tr("Measurements, CGATS text (*.txt)"),
)


class ProofView(StageView):
    """Lead through the proofs."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "proof")
        self._job: Job | None = None
        self._function: Function | None = None
        self._page = ""
        self._evidence: Evidence | None = None
        self._live: list[Sample] = []
        self._others: list[object] = []
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        self.promises = PromiseColumn()
        self.promises.chosen.connect(self.choose)
        row.addWidget(self.promises)
        row.addWidget(self._evidence_sheet(), 1)
        self._redraw = QTimer(self)
        self._redraw.setSingleShot(True)
        self._redraw.setInterval(FRAME_MS)
        self._redraw.timeout.connect(self._show_live)
        desk.sampled.connect(self._sampled)

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
        own = (page() for each in rooms() for page in each.pages)
        for page in (WhitePage(), PanelPage(), SensorPage(), BrightnessPage(), *own):
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
        self.again = QPushButton(tr("Measure again"))
        self.again.setObjectName("measure_again")
        self.again.clicked.connect(self._measure_again)
        self.importing = QPushButton(tr("Import"))
        self.importing.setObjectName("import_csv")
        self.importing.setToolTip(tr("Measurements of another instrument, as CSV or CGATS text"))
        self.importing.clicked.connect(self._import)
        self.exporting = QPushButton(tr("Export"))
        self.exporting.setObjectName("export_sheet")
        self.exporting.setToolTip(tr("The picture as SVG or PNG, the measurements as CSV or CGATS text"))
        self.exporting.clicked.connect(self._export)
        self.as_it_is = QPushButton(tr("Hand over as it is"))
        self.as_it_is.setObjectName("as_it_is")
        self.as_it_is.clicked.connect(self._as_it_is)
        for button in (self.main, self.again, self.importing, self.exporting):
            buttons.addWidget(button)
        buttons.addStretch(1)
        buttons.addWidget(self.as_it_is)
        return buttons

    # -- showing

    def fill(self, job: Job) -> None:
        changed = self._job is None or job.number != self._job.number
        if changed:
            self._evidence, self._page = None, ""
        self._job = job
        self._live.clear()
        self._others.clear()
        promised = job.ticket.promised
        if self._function not in promised or changed or (self._function and self._leaves(job)):
            self._function = next_promise(job) or (None if changed else self._function)
            if self._function not in promised:
                self._function = promised[0] if promised else None
        self._show_promises(job)
        self._show_evidence(job)
        self._work_out(job)

    def _leaves(self, job: Job) -> bool:
        """Return whether the promise on view is done with: proven, and looked at on its first page."""
        return self._function is not None and job.is_proven(self._function) and self._page in ("", *pages_of(self._function)[:1])

    def _show_promises(self, job: Job) -> None:
        self.promises.show_promises(job, self.desk.ready.catalogue, self._function)

    def _show_evidence(self, job: Job) -> None:
        function = self._function
        if function is None:
            self.head.setText(tr("Nothing is promised"))
            return
        keys = pages_of(function)
        if self._page not in keys:
            self._page = keys[0] if keys else ""
        proof = job.proof(function)
        self.head.setText(self.desk.ready.catalogue.function_labels[function])
        for key, tab in self.tabs.items():
            tab.setVisible(key in keys and len(keys) > 1)
            tab.setChecked(key == self._page)
        self.verdict.setVisible(not keys)
        self.verdict.setText(proof.summary if proof else tr("Not tested yet."))
        self.stack.setCurrentWidget(self.pages.get(self._page, self.plain))
        act = self._next_act(job, function)
        self.again.setVisible(can_repeat(job, self._page, act.act))
        page = self.pages.get(self._page)
        self.importing.setVisible(page is not None and page.sheet is not None)
        self.exporting.setVisible(bool(keys))
        self.as_it_is.setVisible(job.all_tested and not job.all_proven)
        for button in (self.main, self.again, self.importing):
            self.allow(button, True)
        self.main.setText(act.words)

    def _next_act(self, job: Job, function: Function) -> NextAct:
        known = self._evidence.known if self._evidence is not None else Known()
        return next_act(job, function, self._page, known, self.desk.ready.catalogue.function_labels)

    def _work_out(self, job: Job) -> None:
        """Work out what the pages show off the interface's thread: it needs the slow libraries."""
        if self._function is None or not pages_of(self._function):
            return
        draw = lambda _: work_out(self.desk.ready, job)  # noqa: E731
        self.desk.run(self.desk.store, "drawing the sheets", draw, self._worked_out)

    def _worked_out(self, evidence: Evidence) -> None:
        if self._job is not None and evidence.job.number == self._job.number and self.desk.workshop is not None:
            self._evidence = evidence
            self._show_evidence(self._job)
            self._show_live()

    def _sampled(self, number: int, sample: Any) -> None:
        if self._job is None or number != self._job.number:
            return
        # what is measured of one part is shown by that part's own page
        (self._live if hasattr(sample, "shot") else self._others).append(sample)
        del self._live[:-MOST_LIVE], self._others[:-MOST_LIVE]
        if not self._redraw.isActive():
            self._redraw.start()

    def _show_live(self) -> None:
        """Show the readings that came in since; at most as often as a screen can."""
        if self._evidence is not None and self._page in self.pages:
            self.pages[self._page].show_evidence(replace(self._evidence, live=tuple(self._live), others=tuple(self._others)))

    # -- acting

    def main_button(self) -> QWidget:
        return self.main

    def choose(self, function: Function, page: str = "") -> None:
        """Put a promise's evidence on view."""
        self._function, self._page = function, page
        if self._job is not None:
            with laid_out_once(self):
                self._show_promises(self._job)
                self._show_evidence(self._job)
            self._work_out(self._job)

    def _tab_clicked(self) -> None:
        key = next(key for key, tab in self.tabs.items() if tab is self.sender())
        if self._function is not None:
            self.choose(self._function, key)

    def _main_clicked(self) -> None:
        job, function = self._job, self._function
        if job is None or function is None:
            return
        self._live.clear()
        self._others.clear()
        act = self._next_act(job, function)
        match act.act:
            case Act.HAND_OVER:
                self._as_it_is()
            case Act.GO_ON:
                self.choose(next_promise(job) or function)
            case Act.PROVE:
                self.desk.proving.prove(function, act.repeats or REPEATS)
            case Act.MEASURE_LIGHT:
                self.desk.proving.measure((act.light,), judge=len(missing_lights(job)) == 1)
            case Act.MEASURE_BOTH:
                self.desk.proving.measure(LIGHTS, judge=True, repeats=act.repeats or WHITE_REPEATS)
            case Act.MEASURE_PANEL:
                self.desk.proving.measure_panel()
            case Act.TO_PANEL:
                self.choose(Function.AMBIENT_WHITE, "panel")
            case Act.TUNE:
                self._page = ""
                self.desk.proving.tune()
            case Act.LOOK_AT_LIGHT:
                self.desk.proving.measure((act.light,), judge=False)
            case _:
                assert_never(act.act)

    def _measure_again(self) -> None:
        self._live.clear()
        if self._page == "panel":
            self.desk.proving.measure_panel()
        elif self._page == "brightness":
            self.desk.proving.prove(Function.AUTO_BRIGHTNESS)
        else:
            self.desk.proving.measure(LIGHTS, judge=True)

    def _as_it_is(self) -> None:
        self.desk.stage_wanted.emit(Stage.HAND_OVER)

    def _import(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, tr("Measurements"), "", tr("CSV or CGATS (*.csv *.txt *.cgats)"))
        if name:
            self.desk.proving.import_readings(Path(name))

    def _export(self) -> None:
        page = self.pages.get(self._page)
        if page is None or self._job is None:
            return
        start = str(Path.home() / f"{self._job.file_name}-{page.key}.svg")
        name, _ = QFileDialog.getSaveFileName(self, tr("Export"), start, ";;".join(KINDS))
        if name:
            self.export_to(Path(name))

    def export_to(self, file: Path) -> None:
        """Write the page on view: the picture as SVG or PNG, the measurements as CSV or CGATS text, by the file's name."""
        page, job = self.pages[self._page], self._job
        if job is None or page.picture.picture is None:
            return
        picture, kind = page.picture.picture, type(page)
        self.desk.run(self.desk.store, tr("exporting"), lambda c: export(job, kind, picture, file, c.now()), self._exported)

    def _exported(self, file: Path) -> None:
        self.desk.told.emit(tr("Saved {file}", file=file))
