"""Which functions are promised, and how each was before; with the phone's reading and the way on below them."""

from enum import Enum

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.core.job import PLAIN_FACTS, Job
from daruma.core.kinds import promisable
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.tri import Tri
from daruma.ui.desk import Desk
from daruma.ui.views.base import main_push_button
from daruma.ui.widgets.boxes import scrolled
from daruma.ui.widgets.function_row import FunctionRow
from daruma.ui.widgets.notices import label


class Main(Enum):
    """Name what the main button does."""

    READ = "read the phone"
    TRUST = "the owner confirms trust"
    PLAN = "plan the way"


class FunctionsSheet(QFrame):
    """Show and edit the promises of the ticket; read the phone, then ask for the plan."""

    plan_wanted = Signal()

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self._desk = desk
        self._trust_wanted = False
        self._main = Main.READ
        self._shown = 0
        self._row_of: dict[Function, FunctionRow] = {}
        self.read_button = QPushButton(tr("Read the phone again"))
        self.read_button.setObjectName("read_again")
        self.read_button.clicked.connect(desk.read_phone)
        self.main = main_push_button("intake_main")
        self.main.clicked.connect(self._main_clicked)
        self._lay_out()
        desk.trust_asked.connect(self._trust_asked)

    def _lay_out(self) -> None:
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 14)
        column.setSpacing(6)
        column.addWidget(label("part", tr("Functions: what is promised, and how each was before")))
        self._fault = label("fault")
        column.addWidget(self._fault)
        inside = QWidget()
        filled = QVBoxLayout(inside)
        filled.setContentsMargins(0, 0, 0, 0)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(4)
        filled.addLayout(self._rows)
        filled.addStretch(1)
        # a model may have more functions than a low window has room for
        self._area = scrolled(inside)
        self._area.setAccessibleName(tr("Functions"))
        column.addWidget(self._area, 1)
        self.phone_note = label("quiet")
        column.addWidget(self.phone_note)
        buttons = QHBoxLayout()
        buttons.addWidget(self.read_button)
        buttons.addStretch(1)
        buttons.addWidget(self.main)
        column.addLayout(buttons)

    def show_functions(self, job: Job) -> None:
        """Show the functions that the job's model has."""
        if job.number != self._shown:
            self._shown, self._trust_wanted = job.number, False
        model = self._desk.ready.catalogue.models.get(job.ticket.model)
        wanted = model.functions if model else promisable()
        for function in Function:
            if function in wanted and function not in self._row_of:
                self._row_of[function] = self._row(function)
            elif function in self._row_of:
                self._row_of[function].setVisible(function in wanted)
        for function in wanted:
            before = job.ticket.before.get(function, Tri.UNKNOWN)
            self._row_of[function].show_state(function in job.ticket.promised, job.is_proven(function), before)
        rows = max((self._row_of[function].minimumSizeHint().width() for function in wanted), default=0)
        self._area.setMinimumWidth(rows + self._area.verticalScrollBar().sizeHint().width())

    def _row(self, function: Function) -> FunctionRow:
        """Make a function's row at its place among those there are: rows are kept, to make one takes long."""
        catalogue = self._desk.ready.catalogue
        text, meaning = catalogue.function_labels[function], catalogue.function_meaning[function]
        row = FunctionRow(function, text, meaning, can_be_promised=function in promisable())
        row.promised.connect(self._desk.promise)
        row.seen_before.connect(self._before)
        order = list(Function)
        self._rows.insertWidget(sum(order.index(other) < order.index(function) for other in self._row_of), row)
        return row

    def _before(self, function: Function, value: Tri) -> None:
        if self._desk.job is not None:
            self._desk.edit(before={**self._desk.job.ticket.before, function: value})

    def show_phone(self, job: Job, fault: str) -> bool:
        """Show what the phone gave, what is wrong with the promises, and what comes next; return whether the main button's
        work makes sense now.
        """
        self._fault.setText(fault)
        self._fault.setVisible(bool(fault))
        incomplete = bool(self._desk.faults(job))
        self.read_button.setVisible(job.trusted)
        if job.trusted:
            self._trust_wanted = False
            own = "display_serial" in job.phone
            said = tr("the display's own among them.") if own else tr("not the display's own: those come from another source.")
            self.phone_note.setText(
                tr(
                    "Read over the cable: {count_phone} identities of the board, {said}",
                    count_phone=len(job.phone) - PLAIN_FACTS,
                    said=said,
                )
            )
        elif not self._trust_wanted:
            self.phone_note.setText(tr("The phone on the cable can fill in model, IMEI, system version and what works now."))
        self._main = Main.TRUST if self._trust_wanted else Main.READ if not job.trusted and incomplete else Main.PLAN
        self.main.setText(self._main_words())
        return self._main is not Main.PLAN or not incomplete

    def _main_words(self) -> str:
        match self._main:
            case Main.TRUST:
                return tr("Owner confirms trust (stand-in)") if self._desk.has_hands else tr("Read the phone again")
            case Main.READ:
                return tr("Read the phone on the cable")
            case Main.PLAN:
                return tr("Plan the way")

    def _trust_asked(self) -> None:
        self._trust_wanted = True
        self.phone_note.setText(tr("The phone asks its owner: unlock it and confirm trust on it."))

    def _main_clicked(self) -> None:
        match self._main:
            case Main.TRUST:
                self._trust_wanted = False
                self._desk.confirm_trust() if self._desk.has_hands else self._desk.read_phone()
            case Main.READ:
                self._desk.read_phone()
            case Main.PLAN:
                self.plan_wanted.emit()
