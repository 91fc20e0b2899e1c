"""Intake: the ticket, checked as it is typed, and what is promised."""

from collections.abc import Callable, Mapping
from enum import Enum
from typing import Any

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from daruma.core.job import PLAIN_FACTS, Job
from daruma.core.kinds import promisable
from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.parts import Function
from daruma.core.serials import grouped
from daruma.core.tri import Tri
from daruma.ui.desk import Desk
from daruma.ui.jobs_desk import shelf_for
from daruma.ui.views.base import StageView, main_push_button
from daruma.ui.widgets.boxes import ChoiceBox, TickBox
from daruma.ui.widgets.function_row import FunctionRow
from daruma.ui.widgets.notices import label

ORIGINAL = {
    OriginalState.UNTRIED: "there, not tried yet",
    OriginalState.ANSWERS: "there, answers on the socket",
    OriginalState.DAMAGED: "there, does not answer",
    OriginalState.MISSING: "missing",
}
CHIP = {
    ChipPlace.ON_ORIGINAL: "in place on the original",
    ChipPlace.MOVED: "already moved to the new panel",
    ChipPlace.LOST: "lost",
}
FLEX = {
    FlexState.SOUND: "this phone's own, sound",
    FlexState.WORN: "its own, worn or torn",
    FlexState.DEAD: "its own, dead",
    FlexState.REPLACED: "from another phone",
    FlexState.UNTESTED: "not tested",
}
KIND = {
    PanelKind.GENUINE_NEW: "genuine, new",
    PanelKind.GENUINE_USED: "genuine, used",
    PanelKind.AFTERMARKET: "aftermarket",
    PanelKind.READY_CODED: "ready-coded aftermarket",
}


class Main(Enum):
    """Name what the main button does."""

    READ = "read the phone"
    TRUST = "the owner confirms trust"
    PLAN = "plan the way"


class IntakeView(StageView):
    """Show and edit the ticket."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "intake")
        self._faults: dict[str, QLabel] = {}
        self._plan_wanted: Callable[[], None] = lambda: None
        self._trust_wanted = False
        self._main = Main.READ
        self._shown = 0
        columns = QHBoxLayout(self)
        columns.setContentsMargins(0, 0, 0, 0)
        columns.setSpacing(18)
        columns.addWidget(self._phone_sheet(), 5)
        columns.addWidget(self._functions_sheet(), 5)

    def on_plan(self, handler: Callable[[], None]) -> None:
        """Say what happens when the ticket is complete and its plan is asked for."""
        self._plan_wanted = handler

    # -- building

    def _phone_sheet(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        grid = QGridLayout(sheet)
        grid.setContentsMargins(16, 10, 16, 8)
        grid.setHorizontalSpacing(16)
        grid.setVerticalSpacing(1)
        self.model = self._combo("model")
        self.imei = self._line("imei", "15 digits", mono=True)
        self.imei.setMaxLength(24)
        self.system = self._line("system", "such as 4.6", mono=True)
        self.complaint = QPlainTextEdit()
        self.complaint.setObjectName("complaint")
        self.complaint.setMinimumHeight(34)
        self.complaint.setMaximumHeight(110)
        self.complaint.setTabChangesFocus(True)
        self.complaint.textChanged.connect(self._complaint_typed)
        self.original = self._enum_combo("original", ORIGINAL)
        self.chip = self._enum_combo("chip", CHIP)
        self.shelf = self._combo("shelf")
        self.panel_kind = self._enum_combo("panel_kind", KIND)
        self.panel_maker = self._line("panel_maker", "maker")
        self.panel_source = self._line("panel_source", "bought or taken from")
        self.stays = TickBox("The display stays: only the sensor flex")
        self.stays.setObjectName("display_stays")
        self.stays.toggled.connect(self._stays_toggled)
        self.flex = self._enum_combo("flex", FLEX)
        self.paper_serial = self._line("paper_serial", "if there is one", mono=True)
        grid.addWidget(label("part", "The phone"), 0, 0, 1, 2)
        self._place(grid, 1, 0, "Model", "model", self.model)
        self._place(grid, 1, 1, "System version", "system", self.system)
        self._place(grid, 4, 0, "IMEI", "imei", self.imei, span=2)
        self._place(grid, 7, 0, "What is wrong", "complaint", self.complaint, span=2)
        grid.addWidget(label("part", "In hand"), 10, 0)
        grid.addWidget(self.stays, 10, 1)
        self._place(grid, 11, 0, "Original panel", "original", self.original)
        self._place(grid, 11, 1, "Its touch chip", "chip", self.chip)
        self._place(grid, 14, 0, "New panel from the shelf", "shelf", self.shelf, span=2)
        self._place(grid, 17, 0, "New panel's maker", "panel_maker", self.panel_maker)
        self._place(grid, 17, 1, "Kind", "panel_kind", self.panel_kind)
        self._place(grid, 20, 0, "Where it came from", "panel_source", self.panel_source, span=2)
        self._place(grid, 23, 0, "Front sensor flex", "flex", self.flex)
        self._place(grid, 23, 1, "Display serial on paper", "paper_serial", self.paper_serial)
        grid.setRowStretch(8, 4)
        grid.setRowStretch(26, 1)
        grid.setColumnStretch(0, 1)
        grid.setColumnStretch(1, 1)
        return sheet

    def _functions_sheet(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        column = QVBoxLayout(sheet)
        column.setContentsMargins(16, 12, 16, 14)
        column.setSpacing(6)
        column.addWidget(label("part", "Functions: what is promised, and how each was before"))
        self._promise_fault = label("fault")
        column.addWidget(self._promise_fault)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(6)
        column.addLayout(self._rows)
        self._row_of: dict[Function, FunctionRow] = {}
        column.addStretch(1)
        self.phone_note = label("quiet")
        column.addWidget(self.phone_note)
        buttons = QHBoxLayout()
        self.read_button = QPushButton("Read the phone again")
        self.read_button.setObjectName("read_again")
        self.read_button.clicked.connect(self.desk.read_phone)
        self.main = main_push_button("intake_main")
        self.main.clicked.connect(self._main_clicked)
        buttons.addWidget(self.read_button)
        buttons.addStretch(1)
        buttons.addWidget(self.main)
        column.addLayout(buttons)
        self.desk.trust_asked.connect(self._trust_asked)
        return sheet

    def _place(self, grid: QGridLayout, row: int, column: int, text: str, name: str, widget: QWidget, *, span: int = 1) -> None:
        caption, fault = label("hint", text, wrap=False), label("fault", wrap=False)
        caption.setBuddy(widget)
        widget.setAccessibleName(text)
        fault.setObjectName(f"{name}_fault")
        self._faults[name] = fault
        line = QHBoxLayout()
        line.addWidget(caption)
        fault.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
        fault.setAlignment(Qt.AlignmentFlag.AlignRight)
        line.addWidget(fault, 1)
        grid.addLayout(line, row, column, 1, span)
        grid.addWidget(widget, row + 1, column, 1, span)
        grid.setRowMinimumHeight(row + 2, 6)

    def _combo(self, name: str) -> QComboBox:
        combo = ChoiceBox()
        combo.setObjectName(name)
        combo.currentIndexChanged.connect(self._combo_changed)
        return combo

    def _enum_combo(self, name: str, words: Mapping[Any, str]) -> QComboBox:
        combo = self._combo(name)
        with QSignalBlocker(combo):
            for value, text in words.items():
                combo.addItem(text, value)
        return combo

    def _line(self, name: str, hint: str, *, mono: bool = False) -> QLineEdit:
        line = QLineEdit()
        line.setObjectName(name)
        line.setPlaceholderText(hint)
        line.setProperty("mono", mono)
        line.textEdited.connect(self._line_edited)
        return line

    # -- typing

    def _line_edited(self, text: str) -> None:
        name = self.sender().objectName()
        self.desk.edit(**{name: "".join(text.split()) if name in ("imei", "system", "paper_serial") else text})

    def _complaint_typed(self) -> None:
        self.desk.edit(complaint=self.complaint.toPlainText())

    def _stays_toggled(self, on: bool) -> None:
        self.desk.edit(display_stays=on)

    def _combo_changed(self) -> None:
        combo = self.sender()
        value = combo.currentData()  # type: ignore[attr-defined]
        name = combo.objectName()
        if name == "shelf":
            part = shelf_for(self.desk.shelf, self.model.currentData() or "", self.desk.job.ref if self.desk.job else "").get(
                value or ""
            )
            changes: dict[str, Any] = {"panel_die": value or ""}
            if part is not None:
                changes |= {"panel_maker": part.maker, "panel_kind": part.kind, "panel_source": part.source}
            self.desk.edit(**changes)
        else:
            self.desk.edit(**{name: value})

    def _promise(self, function: Function, on: bool) -> None:
        job = self.desk.job
        if job is not None:
            kept = tuple(f for f in job.ticket.promised if f is not function)
            self.desk.edit(promised=(*kept, function) if on else kept)

    def _before(self, function: Function, value: Tri) -> None:
        if self.desk.job is not None:
            self.desk.edit(before={**self.desk.job.ticket.before, function: value})

    # -- showing

    def fill(self, job: Job) -> None:
        ticket, catalogue = job.ticket, self.desk.ready.catalogue
        if job.number != self._shown:
            self._shown, self._trust_wanted = job.number, False
        self._fill_models(catalogue.names, ticket.model)
        self._fill_shelf(job)
        for name in ("imei", "system", "panel_maker", "panel_source", "paper_serial"):
            line: QLineEdit = getattr(self, name)
            value = getattr(ticket, name)
            if "".join(line.text().split()) != "".join(value.split()) or (not line.hasFocus() and line.text() != value):
                line.setText(value)
        if not self.imei.hasFocus() and ticket.imei:
            self.imei.setText(grouped(ticket.imei))
        with QSignalBlocker(self.complaint):
            if self.complaint.toPlainText() != ticket.complaint:
                self.complaint.setPlainText(ticket.complaint)
        for name in ("original", "chip", "panel_kind", "flex"):
            combo: QComboBox = getattr(self, name)
            with QSignalBlocker(combo):
                combo.setCurrentIndex(combo.findData(getattr(ticket, name)))
        with QSignalBlocker(self.stays):
            self.stays.setChecked(ticket.display_stays)
        for widget in (self.original, self.chip, self.shelf, self.panel_kind, self.panel_maker, self.panel_source):
            widget.setEnabled(not ticket.display_stays)
        self._show_functions(job)
        self._show_faults(job)

    def _fill_models(self, names: dict[str, str], chosen: str) -> None:
        with QSignalBlocker(self.model):
            if self.model.count() != len(names) + 1:
                self.model.clear()
                self.model.addItem("choose the model", "")
                for key, name in names.items():
                    self.model.addItem(name, key)
            self.model.setCurrentIndex(max(0, self.model.findData(chosen)))

    def _fill_shelf(self, job: Job) -> None:
        parts = shelf_for(self.desk.shelf, job.ticket.model, job.ref)
        rows = [("not from the shelf", "")] + [
            (
                f"{p.maker}, {KIND[p.kind]}, {p.die[-6:]}, {p.source}"
                + (f" ({p.earlier_writes} writes)" if p.earlier_writes else ""),
                p.die,
            )
            for p in parts.values()
        ]
        with QSignalBlocker(self.shelf):
            if [self.shelf.itemData(i) for i in range(self.shelf.count())] != [die for _, die in rows]:
                self.shelf.clear()
                for text, die in rows:
                    self.shelf.addItem(text, die)
            self.shelf.setCurrentIndex(max(0, self.shelf.findData(job.ticket.panel_die)))

    def _show_functions(self, job: Job) -> None:
        catalogue = self.desk.ready.catalogue
        model = catalogue.models.get(job.ticket.model)
        wanted = model.functions if model else tuple(promisable())
        for function in Function:
            if function in wanted and function not in self._row_of:
                self._row_of[function] = self._row(function)
            elif function in self._row_of:
                self._row_of[function].setVisible(function in wanted)
        for function in wanted:
            before = job.ticket.before.get(function, Tri.UNKNOWN)
            self._row_of[function].show_state(function in job.ticket.promised, job.is_proven(function), before)

    def _row(self, function: Function) -> FunctionRow:
        """Make a function's row at its place among those there are: rows are kept, to make one takes long."""
        catalogue = self.desk.ready.catalogue
        label_, meaning = catalogue.function_labels[function], catalogue.function_meaning[function]
        row = FunctionRow(function, label_, meaning, can_be_promised=function in promisable())
        row.promised.connect(self._promise)
        row.seen_before.connect(self._before)
        order = list(Function)
        self._rows.insertWidget(sum(order.index(other) < order.index(function) for other in self._row_of), row)
        return row

    def _show_faults(self, job: Job) -> None:
        faults = self.desk.faults(job)
        typed = {"model": True, "imei": bool(job.ticket.imei), "system": True, "chip": True}
        for name, shown in self._faults.items():
            fault = faults.get(name, "") if typed.get(name, True) else ""
            shown.setText(fault)
            widget = getattr(self, name)
            if widget.property("fault") != bool(fault):
                widget.setProperty("fault", bool(fault))
                widget.style().unpolish(widget)
                widget.style().polish(widget)
        self._promise_fault.setText(faults.get("promised", ""))
        self._promise_fault.setVisible("promised" in faults)
        self._show_phone(job, bool(faults))

    def _show_phone(self, job: Job, incomplete: bool) -> None:
        trusted = job.trusted
        self.read_button.setVisible(trusted)
        self.allow(self.read_button, True)
        if trusted:
            self._trust_wanted = False
            own = "display_serial" in job.phone
            said = "the display's own among them." if own else "not the display's own: those come from another source."
            self.phone_note.setText(f"Read over the cable: {len(job.phone) - PLAIN_FACTS} identities of the board, {said}")
        elif not self._trust_wanted:
            self.phone_note.setText("The phone on the cable can fill in model, IMEI, system version and what works now.")
        self._main = Main.TRUST if self._trust_wanted else Main.READ if not trusted and incomplete else Main.PLAN
        if self._main is Main.TRUST:
            self.main.setText("Owner confirms trust (stand-in)" if self.desk.has_hands else "Read the phone again")
            self.allow(self.main, True)
        elif self._main is Main.READ:
            self.main.setText("Read the phone on the cable")
            self.allow(self.main, True)
        else:
            self.main.setText("Plan the way")
            self.allow(self.main, not incomplete)

    def _trust_asked(self) -> None:
        self._trust_wanted = True
        self.phone_note.setText("The phone asks its owner: unlock it and confirm trust on it.")
        if self.desk.job is not None:
            self._show_faults(self.desk.job)

    def _main_clicked(self) -> None:
        match self._main:
            case Main.TRUST:
                self._trust_wanted = False
                self.desk.confirm_trust() if self.desk.has_hands else self.desk.read_phone()
            case Main.READ:
                self.desk.read_phone()
            case Main.PLAN:
                self._plan_wanted()

    def main_button(self) -> QWidget:
        return self.main
