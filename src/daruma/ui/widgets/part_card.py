"""The card of one part on the table: a line that says what it is, and its entries while it is open."""

from collections.abc import Mapping
from typing import Any

from PySide6.QtCore import QSignalBlocker, Signal
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLineEdit, QPushButton, QSizePolicy, QVBoxLayout, QWidget

from daruma.core.intake import field_name
from daruma.core.kinds.entries import Entry
from daruma.core.kinds.room import Room
from daruma.core.language import inner, tr
from daruma.core.part_work import PartTicket
from daruma.core.parts import PART_LABEL
from daruma.core.shelf import ShelfPart
from daruma.ui.tips import plain_tip
from daruma.ui.widgets.fields import FieldGrid, choice_field, show_choice, show_choices, show_text, text_field
from daruma.ui.widgets.notices import ElidedLabel

HEAD = 24  # pixels: the height of a card's line
NAME = 146  # pixels: what every part's name has room in, so that what is told stands in one column


class PartCard(QWidget):
    """Show and edit what a ticket says of a part."""

    changed = Signal(object, object)
    asked = Signal(object)
    taken_off = Signal(object)

    def __init__(self, room: Room) -> None:
        super().__init__()
        self._room = room
        self._shelf: Mapping[str, ShelfPart] = {}
        self._inputs: dict[str, QWidget] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(3)
        column.addLayout(self._head())
        self.body = QWidget()
        self._grid = FieldGrid(self.body)
        self._grid.setContentsMargins(11, 0, 0, 0)
        self._lay_entries()
        column.addWidget(self.body)

    def _head(self) -> QHBoxLayout:
        kind = self._room.kind
        self.head = QPushButton(PART_LABEL[kind])
        self.head.setObjectName(f"{kind.value}.card")
        self.head.setProperty("role", "card")
        self.head.setCheckable(True)
        self.head.setFixedHeight(HEAD)
        self.head.setMinimumWidth(NAME)
        self.head.clicked.connect(lambda: self.asked.emit(kind))
        self.told, self.lacks = ElidedLabel("quiet"), ElidedLabel("fault")
        self.lacks.setSizePolicy(QSizePolicy.Policy.Maximum, QSizePolicy.Policy.Fixed)
        self.off = QPushButton(tr("Take off"))
        self.off.setObjectName(f"{kind.value}.off")
        self.off.setAccessibleName(tr("Take the {part} off the table", part=inner(PART_LABEL[kind])))
        self.off.setProperty("role", "choice")
        self.off.clicked.connect(lambda: self.taken_off.emit(kind))
        line = QHBoxLayout()
        line.setSpacing(8)
        line.addWidget(self.head)
        line.addWidget(self.told, 1)
        line.addWidget(self.lacks)
        line.addWidget(self.off)
        self.off.setFixedHeight(HEAD)
        return line

    def _lay_entries(self) -> None:
        row, column = 0, 0
        for entry in self._room.entries:
            made = self._inputs[entry.name] = self._input(entry)
            if entry.wide and column:
                row, column = row + 1, 0
            self._grid.place(row, column, entry.label, made, wide=entry.wide)
            column = 0 if entry.wide else 1 - column
            row += entry.wide or not column

    def _input(self, entry: Entry) -> QWidget:
        name = field_name(self._room.kind, entry.name)
        if entry.words is None and entry.shelf is None:
            line = text_field(name, entry.hint, code=entry.code)
            line.textEdited.connect(lambda text: self._typed(entry, text))
            return line
        combo = choice_field(name, entry.words)
        combo.currentIndexChanged.connect(lambda _: self._chosen(entry, combo))
        return combo

    def _typed(self, entry: Entry, text: str) -> None:
        self.changed.emit(self._room.kind, {entry.name: "".join(text.split()) if entry.code else text})

    def _chosen(self, entry: Entry, combo: QComboBox) -> None:
        value = combo.currentData()
        taken: dict[str, Any] = {entry.name: value}
        if entry.shelf is not None and value in self._shelf:
            taken |= entry.shelf.taken(self._shelf[value])
        self.changed.emit(self._room.kind, taken)

    def show_part(self, ticket: PartTicket, shelf: Mapping[str, ShelfPart], faults: Mapping[str, str], *, held: str) -> None:
        """Show what a ticket says of the part; `held` is why it cannot be taken off, empty where it can."""
        self._shelf = shelf
        for entry in self._room.entries:
            self._show_entry(entry, getattr(ticket, entry.name))
        self._grid.show_faults(faults)
        said = self._room.told(ticket)
        self.told.setText(said.known)
        fault = next(iter(faults.values()), "")
        self.lacks.setText(fault or (tr("missing: {missing}", missing=said.missing) if said.missing else ""))
        self.head.setAccessibleName(f"{self.head.text()}: {said.known}. {self.lacks.text()}")
        self.off.setEnabled(not held)
        self.off.setToolTip(plain_tip(held or tr("It is left as it is; what was typed comes back with it.")))

    def _show_entry(self, entry: Entry, value: Any) -> None:
        made = self._inputs[entry.name]
        if isinstance(made, QLineEdit):
            show_text(made, value)
        elif isinstance(made, QComboBox) and entry.shelf is not None:
            offered = {die: entry.shelf.words(part) for die, part in self._shelf.items()}
            show_choices(made, {"": tr("not from the shelf"), **offered}, value)
        elif isinstance(made, QComboBox):
            show_choice(made, value)

    def show_open(self, is_open: bool) -> None:
        """Show the entries, or the line alone."""
        with QSignalBlocker(self.head):
            self.head.setChecked(is_open)
        self.body.setVisible(is_open)
        self.told.show_text(not is_open)
        self.lacks.setVisible(not is_open)
