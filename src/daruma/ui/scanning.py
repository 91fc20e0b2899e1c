"""Scanners type: what comes in one breath and reads as one of our codes is taken from the keys, wherever the focus is.

The first letters of a code are held back for a moment; when no code comes of them they go where they were typed.
"""

from __future__ import annotations

from PySide6.QtCore import QCoreApplication, QEvent, QObject, Qt, QTimer, Signal
from PySide6.QtGui import QKeyEvent, QWindow

from daruma.core.labels import JOB, PART, Scanned, scanned

BREATH_MS = 60  # between two keys of a scanner; slower is a hand
LONGEST = 80


class Scanner(QObject):
    """Watch the keys that come to a window for codes: at the window itself, since every event of every widget is too many."""

    found = Signal(object)

    def __init__(self, window: QWindow, parent: QObject) -> None:
        super().__init__(parent)
        self._held: list[QKeyEvent] = []
        self._window = window
        self._giving_back = False
        self._breath = QTimer(self)
        self._breath.setSingleShot(True)
        self._breath.setInterval(BREATH_MS)
        self._breath.timeout.connect(self._waited)
        window.installEventFilter(self)

    @property
    def _text(self) -> str:
        return "".join(event.text() for event in self._held)

    def eventFilter(self, _: QObject, event: QEvent) -> bool:
        if event.type() != QEvent.Type.KeyPress or self._giving_back or not isinstance(event, QKeyEvent):
            return False
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and self._held:
            return self._ended()
        if event.key() in (Qt.Key.Key_Shift, Qt.Key.Key_CapsLock):
            return bool(self._held)
        text = self._text + event.text()
        if event.text() and self._may_be(text):
            self._held.append(event.clone())
            self._breath.start()
            return True
        self.give_back()
        return False

    @staticmethod
    def _may_be(text: str) -> bool:
        if len(text) > LONGEST or not text.isprintable():
            return False
        return any(text.startswith(start[: len(text)]) for start in (PART, JOB))

    def _ended(self) -> bool:
        code: Scanned | None = scanned(self._text)
        if code is None:
            self.give_back()
            return False
        self._breath.stop()
        self._held.clear()
        self.found.emit(code)
        return True

    def _waited(self) -> None:
        # keys that came while the window was busy are still to be delivered: they are heard first
        QTimer.singleShot(0, self, self._out_of_breath)

    def _out_of_breath(self) -> None:
        if not self._breath.isActive():
            self.give_back()

    def give_back(self) -> None:
        """Hand what was held back to where it was typed."""
        self._breath.stop()
        held, self._held = self._held, []
        self._giving_back = True
        for event in held:
            QCoreApplication.sendEvent(self._window, event)
        self._giving_back = False
