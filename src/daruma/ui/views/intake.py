"""Intake: the ticket, checked as it is typed: the phone, the parts on the table, and what is promised."""

from collections.abc import Callable

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPlainTextEdit, QVBoxLayout, QWidget

from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.serials import grouped
from daruma.ui.desk import Desk
from daruma.ui.views.base import StageView
from daruma.ui.views.functions_sheet import FunctionsSheet
from daruma.ui.views.table_sheet import TableSheet
from daruma.ui.widgets.fields import FieldGrid, choice_field, show_choices, show_text, text_field

COMPLAINT = 34  # pixels: what is left for it when the table is full


class IntakeView(StageView):
    """Show and edit the ticket."""

    def __init__(self, desk: Desk) -> None:
        super().__init__(desk, "intake")
        self.model = choice_field("model")
        self.model.currentIndexChanged.connect(lambda _: self.desk.edit(model=self.model.currentData()))
        self.imei = text_field("imei", tr("15 digits"), code=True)
        self.imei.setMaxLength(24)
        self.system = text_field("system", tr("such as 4.6"), code=True)
        for line in (self.imei, self.system):
            line.textEdited.connect(self._line_edited)
        self.complaint = QPlainTextEdit()
        self.complaint.setObjectName("complaint")
        self.complaint.setMinimumHeight(COMPLAINT)
        self.complaint.setMaximumHeight(110)
        self.complaint.document().setDocumentMargin(1)
        self.complaint.setTabChangesFocus(True)
        self.complaint.textChanged.connect(lambda: self.desk.edit(complaint=self.complaint.toPlainText()))
        self.table = TableSheet(desk)
        self.functions = FunctionsSheet(desk)
        columns = QHBoxLayout(self)
        columns.setContentsMargins(0, 0, 0, 0)
        columns.setSpacing(18)
        columns.addWidget(self._ticket_sheet(), 5)
        columns.addWidget(self.functions, 5)
        desk.trust_asked.connect(self._trust_asked)

    def on_plan(self, handler: Callable[[], None]) -> None:
        """Say what happens when the ticket is complete and its plan is asked for."""
        self.functions.plan_wanted.connect(handler)

    def _ticket_sheet(self) -> QWidget:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        column = QVBoxLayout(sheet)
        column.setContentsMargins(16, 10, 16, 8)
        column.setSpacing(2)
        self._grid = FieldGrid()
        self._grid.place(0, 0, tr("Model"), self.model)
        self._grid.place(0, 1, tr("System version"), self.system)
        self._grid.place(1, 0, "IMEI", self.imei, wide=True)
        self._grid.place(2, 0, tr("What is wrong"), self.complaint, wide=True)
        self._grid.setRowStretch(7, 1)
        column.addLayout(self._grid, 1)
        column.addWidget(self.table, 1)
        return sheet

    def _line_edited(self, text: str) -> None:
        self.desk.edit(**{self.sender().objectName(): "".join(text.split())})

    def fill(self, job: Job) -> None:
        ticket = job.ticket
        show_choices(self.model, {"": tr("choose the model"), **self.desk.ready.catalogue.names}, ticket.model)
        show_text(self.imei, ticket.imei)
        if not self.imei.hasFocus() and ticket.imei:
            self.imei.setText(grouped(ticket.imei))
        show_text(self.system, ticket.system)
        with QSignalBlocker(self.complaint):
            if self.complaint.toPlainText() != ticket.complaint:
                self.complaint.setPlainText(ticket.complaint)
        self.table.show_table(job)
        self.functions.show_functions(job)
        self._show_faults(job)

    def _show_faults(self, job: Job) -> None:
        faults = self.desk.faults(job)
        typed = {name: fault for name, fault in faults.items() if name != "imei" or job.ticket.imei}
        self._grid.show_faults(typed)
        self.allow(self.functions.main, self.functions.show_phone(job, faults.get("promised", "")))
        self.allow(self.functions.read_button, True)

    def _trust_asked(self) -> None:
        if self.desk.job is not None:
            self._show_faults(self.desk.job)

    def main_button(self) -> QWidget:
        return self.functions.main
