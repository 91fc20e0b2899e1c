"""A form that follows from what is declared: one field for each setting of a group, with its limits and what is wrong."""

from collections.abc import Callable, Iterable, Mapping
from typing import Any

from PySide6.QtCore import QSignalBlocker, Signal
from PySide6.QtWidgets import QGridLayout, QLabel, QLineEdit, QPlainTextEdit, QSizePolicy, QWidget

from daruma.core.language import tr
from daruma.core.settings import Form, Setting, SettingFault, Settings
from daruma.ui.widgets.boxes import ChoiceBox, TickBox
from daruma.ui.widgets.fields import choice_field, show_choice, text_field
from daruma.ui.widgets.notices import label

LINES_HEIGHT = 66  # pixels
SHORT = 110  # pixels of a number


class LinesField(QPlainTextEdit):
    """A field of several lines that says when it was left."""

    left = Signal()

    def focusOutEvent(self, event: Any) -> None:
        super().focusOutEvent(event)
        self.left.emit()


class SettingForm(QWidget):
    """Show settings and hand over what is changed, as it is kept."""

    changed = Signal(object)

    def __init__(self, settings: Iterable[Setting], words: Mapping[str, str] | None = None) -> None:
        """Make the fields; `words` complete those of settings that are about a function."""
        super().__init__()
        self._fields: dict[str, tuple[Setting, QWidget, QLabel]] = {}
        self._units: dict[str, QLabel] = {}
        self._money = ""
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(3)
        grid.setColumnStretch(2, 1)
        for row, setting in enumerate(settings):
            self._lay(grid, row, setting, (words or {}).get(setting.key, setting.words))
        grid.setRowStretch(grid.rowCount(), 1)

    def _lay(self, grid: QGridLayout, row: int, setting: Setting, words: str) -> None:
        made = _MAKERS[setting.form](self, setting, words)
        made.setObjectName(setting.key)
        made.setAccessibleName(words)
        made.setAccessibleDescription(setting.why)
        fault = label("fault")
        fault.setObjectName(f"{setting.key}_fault")
        fault.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        self._fields[setting.key] = setting, made, fault
        caption = label("", "" if setting.form is Form.SWITCH else words, wrap=False)
        caption.setBuddy(made)
        wide = setting.form in (Form.LINE, Form.LINES, Form.WORDS, Form.CHOICE)
        if setting.form is Form.SWITCH:
            grid.addWidget(made, 2 * row, 0, 1, 2)
        else:
            grid.addWidget(caption, 2 * row, 0)
            grid.addWidget(made, 2 * row, 1, 1, 2 if wide else 1)
        if not wide:
            unit = self._units[setting.key] = label("hint", _first(setting.why))
            unit.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
            grid.addWidget(unit, 2 * row, 2)
        elif setting.why:
            made.setToolTip(_first(setting.why))
        grid.addWidget(fault, 2 * row + 1, 1, 1, 2)
        fault.hide()

    def _line(self, setting: Setting, _: str) -> QWidget:
        line = text_field(setting.key, setting.why if setting.form is not Form.NUMBER else "")
        if setting.form is Form.NUMBER:
            line.setFixedWidth(SHORT)
        line.editingFinished.connect(lambda: self._take(setting, line.text()))
        return line

    def _lines(self, setting: Setting, _: str) -> QWidget:
        field = LinesField()
        field.setFixedHeight(LINES_HEIGHT)
        field.setTabChangesFocus(True)
        field.setPlaceholderText(setting.why)
        field.left.connect(lambda: self._take(setting, field.toPlainText()))
        return field

    def _choice(self, setting: Setting, _: str) -> QWidget:
        combo = choice_field(setting.key, setting.choices)
        combo.setMinimumContentsLength(max(map(len, setting.choices.values())))
        combo.currentIndexChanged.connect(lambda _: self._take(setting, combo.currentData()))
        return combo

    def _switch(self, setting: Setting, words: str) -> QWidget:
        box = TickBox(words)
        box.clicked.connect(lambda: self._take(setting, box.isChecked()))
        return box

    def show_settings(self, settings: Settings) -> None:
        """Show what is set; what is being typed is left."""
        self._money = settings["shop.money"]
        for key, (setting, field, _) in self._fields.items():
            self._show(setting, field, settings[key])
            unit = self._money if setting.unit == "money" else setting.unit
            if unit and key in self._units:
                self._units[key].setText(f"{unit}    {_first(setting.why)}")

    def _show(self, setting: Setting, field: QWidget, value: Any) -> None:
        with QSignalBlocker(field):
            if isinstance(field, TickBox):
                field.setChecked(value)
            elif isinstance(field, ChoiceBox):
                show_choice(field, value)
            elif isinstance(field, LinesField):
                if not field.hasFocus() and field.toPlainText() != value:
                    field.setPlainText(value)
            elif isinstance(field, QLineEdit) and not (field.hasFocus() and field.isModified()):
                field.setText(shown(setting, value))

    def explain(self, key: str, words: str) -> None:
        """Say more of a setting, beside what is declared of it."""
        setting, field, _ = self._fields[key]
        said = f"{_first(setting.why)}; {words}"
        field.setAccessibleDescription(said)
        if key in self._units:
            self._units[key].setText(said)
        else:
            field.setToolTip(said)

    def _take(self, setting: Setting, value: Any) -> None:
        fault = self._fields[setting.key][2]
        try:
            taken = setting.checked(read(setting, value))
        except SettingFault as error:
            fault.setText(tr("Not kept: {error}.", error=error))
            fault.show()
            return
        fault.hide()
        fault.clear()
        field = self._fields[setting.key][1]
        if isinstance(field, QLineEdit):
            field.setModified(False)
        self.changed.emit({setting.key: taken})


def shown(setting: Setting, value: Any) -> str:
    """Return a value as it stands in a line."""
    if setting.form is Form.NUMBER:
        return f"{value:g}"
    return ", ".join(value) if setting.form is Form.WORDS else str(value)


def read(setting: Setting, value: Any) -> Any:
    """Return what was typed into a line as a value; raise SettingFault where it is no number."""
    if setting.form is Form.WORDS:
        return value.replace(",", " ").split()
    if setting.form is not Form.NUMBER:
        return value
    try:
        return float(value.strip().replace(",", "."))
    except ValueError:
        raise SettingFault(tr("it takes a number, {limits}", limits=setting.limits)) from None


def _first(text: str) -> str:
    return text[:1].upper() + text[1:]


_MAKERS: Mapping[Form, Callable[[SettingForm, Setting, str], QWidget]] = {
    Form.LINE: SettingForm._line,
    Form.NUMBER: SettingForm._line,
    Form.WORDS: SettingForm._line,
    Form.LINES: SettingForm._lines,
    Form.CHOICE: SettingForm._choice,
    Form.SWITCH: SettingForm._switch,
}
