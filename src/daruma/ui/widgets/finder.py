"""The one search: a line over the window and what it finds, chosen by arrows, Enter or mouse."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QEvent, QObject, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QFrame, QLineEdit, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from daruma.core.finding import Entry, Kind
from daruma.core.language import tr
from daruma.ui.widgets.notices import label

WIDTH, ROWS, ROW = 640, 9, 30
WORDS = {Kind.JOB: tr("Job"), Kind.PART: tr("Part"), Kind.BACKUP: tr("Backup"), Kind.PAGE: tr("Page")}


class Finder(QFrame):
    """Ask for words and offer what holds them."""

    chosen = Signal(object)

    def __init__(self, parent: QWidget, search: Callable[[str], tuple[Entry, ...]]) -> None:
        super().__init__(parent)
        self.setObjectName("finder")
        self.setProperty("role", "over")
        self._room, self._search = parent, search
        self._found: tuple[Entry, ...] = ()
        self._before: QWidget | None = None
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 10, 12, 10)
        column.setSpacing(6)
        self.line = QLineEdit()
        self.line.setObjectName("finder_line")
        self.line.setAccessibleName(tr("Go to a job, part, backup or page"))
        self.line.setPlaceholderText(tr("job, customer's words, part, serial, backup, page"))
        self.line.textChanged.connect(self._list)
        self.line.installEventFilter(self)
        self.list = QListWidget()
        self.list.setObjectName("finder_list")
        self.list.setUniformItemSizes(True)
        self.list.setAccessibleName(tr("What was found"))
        self.list.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.itemClicked.connect(self._clicked)
        self.hint = label("hint")
        for widget in (self.line, self.list, self.hint):
            column.addWidget(widget)
        self.hide()

    def open(self) -> None:
        """Come up with the jobs that were looked at last."""
        self._before = self._room.window().focusWidget()
        width = min(WIDTH, self._room.width() - 40)
        self.setFixedWidth(width)
        self.move((self._room.width() - width) // 2, 44)
        self.line.clear()
        self._list("")
        self.show()
        self.raise_()
        self.line.setFocus()

    def close_up(self) -> None:
        """Go away; the focus goes back to where it was."""
        self.hide()
        if self._before is not None:
            self._before.setFocus()

    def _list(self, asked: str) -> None:
        self._found = self._search(asked)
        self.list.clear()
        self.list.addItems([f"{WORDS[found.kind]}   {found.name}   {found.line}" for found in self._found])
        if self._found:
            self.list.setCurrentRow(0)
        self.list.setFixedHeight(4 + ROW * max(1, min(ROWS, len(self._found))))
        self.adjustSize()
        if not asked.strip():
            said = tr("Looked at last.")
        else:
            said = tr("{count_found} found.", count_found=len(self._found)) if self._found else tr("Nothing holds all of that.")
        self.hint.setText(tr("{said} Arrows choose, Enter opens, Esc leaves.", said=said))

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.FocusOut and self.isVisible():
            self.hide()
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent) and event.key() == Qt.Key.Key_Escape:
            event.accept()  # or it would be the key that stops work
            return True
        if event.type() != QEvent.Type.KeyPress or not isinstance(event, QKeyEvent):
            return super().eventFilter(watched, event)
        step = {Qt.Key.Key_Down: 1, Qt.Key.Key_Up: -1}.get(Qt.Key(event.key()))
        if step is not None and self._found:
            self.list.setCurrentRow((self.list.currentRow() + step) % len(self._found))
            return True
        if event.key() == Qt.Key.Key_Escape:
            self.close_up()
            return True
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self._take(self.list.currentRow())
            return True
        return super().eventFilter(watched, event)

    def _clicked(self, item: QListWidgetItem) -> None:
        self._take(self.list.row(item))

    def _take(self, row: int) -> None:
        if 0 <= row < len(self._found):
            found = self._found[row]
            self.close_up()
            self.chosen.emit(found)
