"""One promise at Proof: its face, what it means, what its proof says."""

from PySide6.QtCore import Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout

from daruma.core.job import Proof
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.ui.widgets.faces import Face
from daruma.ui.widgets.notices import label


class PromiseCard(QFrame):
    """One promise: face, what it means, what its proof says."""

    chosen = Signal(object)

    def __init__(self, function: Function, text: str, meaning: str) -> None:
        super().__init__()
        self._function, self._text = function, text
        row = QHBoxLayout(self)
        row.setContentsMargins(4, 6, 4, 6)
        self.face = Face(44)
        self.button = QPushButton(text)
        self.button.setObjectName(f"promise_card_{function.value}")
        self.button.setProperty("role", "card")
        self.button.setCheckable(True)
        self.button.clicked.connect(self._clicked)
        self.said = label("hint", meaning)
        self._meaning = meaning
        texts = QVBoxLayout()
        texts.setSpacing(1)
        texts.addWidget(self.button)
        texts.addWidget(self.said)
        row.addWidget(self.face)
        row.addLayout(texts, 1)

    def show_state(self, proof: Proof | None, proven: bool, chosen: bool) -> None:
        """Show the proof and whether the card is chosen."""
        self.face.show_state(True, proven, self._text)
        self.button.setChecked(chosen)
        self.button.setText(self._text + (tr(": proven") if proven else tr(": not proven") if proof else ""))
        self.said.setText(proof.summary if proof else self._meaning)
        self._fit()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._fit()

    def _fit(self) -> None:
        # what scrolls goes by the least height, and a wrapped text has none of its own
        self.said.setMinimumHeight(self.said.heightForWidth(self.said.width()))

    def _clicked(self) -> None:
        self.chosen.emit(self._function)
