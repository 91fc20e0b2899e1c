"""One function on the ticket: its face, whether it is promised, how it was before."""

from PySide6.QtCore import QSignalBlocker, Qt, Signal
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QWidget

from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.tri import Tri
from daruma.ui.tips import plain_tip
from daruma.ui.widgets.faces import FaceCheck, face_words
from daruma.ui.widgets.notices import label

BEFORE = {Tri.YES: tr("works"), Tri.NO: tr("fails"), Tri.UNKNOWN: tr("not seen")}


class FunctionRow(QWidget):
    """Show a function; say when it is promised or its state before is chosen."""

    promised = Signal(object, bool)
    seen_before = Signal(object, object)

    def __init__(self, function: Function, text: str, meaning: str, *, can_be_promised: bool) -> None:
        super().__init__()
        self._function, self._text, self._meaning = function, text, meaning
        self._state: tuple[bool, bool, Tri] | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 1, 0, 1)
        row.setSpacing(6)
        self.promise = FaceCheck(text)
        self.promise.setObjectName(f"promise_{function.value}")
        self.promise.toggled.connect(self._toggled)
        if can_be_promised:
            row.addWidget(self.promise, 1)
        else:
            plain = label("", text)
            plain.setContentsMargins(FaceCheck.SIDE + 14, 0, 0, 0)
            plain.setToolTip(plain_tip(meaning))
            row.addWidget(plain, 1)
        self.choices = {value: self._choice(value, words) for value, words in BEFORE.items()}
        for button in self.choices.values():
            row.addWidget(button)

    def _choice(self, value: Tri, words: str) -> QPushButton:
        button = QPushButton(words)
        button.setObjectName(f"before_{self._function.value}_{value.value}")
        button.setProperty("role", "choice")
        button.setCheckable(True)
        button.setAutoExclusive(True)
        button.setAccessibleName(tr("{function} before: {state}", function=self._text, state=words))
        button.setCursor(Qt.CursorShape.PointingHandCursor)
        button.clicked.connect(self._chosen)
        return button

    def show_state(self, promised: bool, proven: bool, before: Tri) -> None:
        """Show promise, proof and the state before."""
        if self._state == (promised, proven, before):
            return
        self._state = promised, proven, before
        self.promise.show_proven(proven)
        words = f"{self._text}, {face_words(promised, proven)}"
        self.promise.setAccessibleName(tr("Promise {words}: {meaning}", words=words, meaning=self._meaning))
        self.promise.setToolTip(plain_tip(f"{words}: {self._meaning}"))
        with QSignalBlocker(self.promise):
            self.promise.setChecked(promised)
        self.choices[before].setChecked(True)

    def _toggled(self, on: bool) -> None:
        self._state = None
        self.promised.emit(self._function, on)

    def _chosen(self) -> None:
        self._state = None
        for value, button in self.choices.items():
            if button.isChecked():
                self.seen_before.emit(self._function, value)
