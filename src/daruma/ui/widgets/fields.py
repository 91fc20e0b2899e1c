"""Fields of a form: each with its name and what is wrong with it above it, laid out in two columns."""

from collections.abc import Mapping
from typing import Any

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import QComboBox, QGridLayout, QHBoxLayout, QLabel, QLineEdit, QSizePolicy, QWidget

from daruma.ui.widgets.boxes import ChoiceBox
from daruma.ui.widgets.notices import label

GAP = 4  # pixels between two fields


class FieldGrid(QGridLayout):
    """Lay out fields; a field is named by its widget."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._fields: dict[str, tuple[QWidget, QLabel]] = {}
        self.setHorizontalSpacing(16)
        self.setVerticalSpacing(1)
        self.setColumnStretch(0, 1)
        self.setColumnStretch(1, 1)

    def place(self, row: int, column: int, text: str, widget: QWidget, *, wide: bool = False) -> None:
        """Put a field into a row of fields; a wide one takes all of it."""
        caption, fault = label("hint", text, wrap=False), label("fault", wrap=False)
        caption.setBuddy(widget)
        widget.setAccessibleName(text)
        fault.setObjectName(f"{widget.objectName()}_fault")
        fault.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
        fault.setAlignment(Qt.AlignmentFlag.AlignRight)
        self._fields[widget.objectName()] = widget, fault
        line = QHBoxLayout()
        line.addWidget(caption)
        line.addWidget(fault, 1)
        span = 2 if wide else 1
        self.addLayout(line, 3 * row, column, 1, span)
        self.addWidget(widget, 3 * row + 1, column, 1, span)
        self.setRowMinimumHeight(3 * row + 2, GAP)

    def show_faults(self, faults: Mapping[str, str]) -> None:
        """Show what is wrong, by field; the others are sound."""
        for name, (widget, shown) in self._fields.items():
            fault = faults.get(name, "")
            shown.setText(fault)
            if widget.property("fault") != bool(fault):
                widget.setProperty("fault", bool(fault))
                widget.style().unpolish(widget)
                widget.style().polish(widget)


def text_field(name: str, hint: str, *, code: bool = False) -> QLineEdit:
    """Return a line to type in."""
    line = QLineEdit()
    line.setObjectName(name)
    line.setPlaceholderText(hint)
    line.setProperty("mono", code)
    return line


def choice_field(name: str, words: Mapping[Any, str] | None = None) -> ChoiceBox:
    """Return a box to choose from."""
    combo = ChoiceBox()
    combo.setObjectName(name)
    for value, text in (words or {}).items():
        combo.addItem(text, value)
    return combo


def show_text(line: QLineEdit, value: str) -> None:
    """Show a value in a line, but leave what is being typed there."""
    same = "".join(line.text().split()) == "".join(value.split())
    if not same or (not line.hasFocus() and line.text() != value):
        line.setText(value)


def show_choice(combo: QComboBox, value: object) -> None:
    """Show which value is chosen; nobody is told."""
    with QSignalBlocker(combo):
        combo.setCurrentIndex(combo.findData(value))


def show_choices(combo: QComboBox, words: Mapping[Any, str], chosen: object) -> None:
    """Offer values, with their words, in place of those that were offered before, and show which is chosen."""
    with QSignalBlocker(combo):
        if {combo.itemData(i): combo.itemText(i) for i in range(combo.count())} != dict(words):
            combo.clear()
            for value, text in words.items():
                combo.addItem(text, value)
        combo.setCurrentIndex(max(0, combo.findData(chosen)))
