"""A short text that says what a view is for: it opens in place and is closed the same way."""

from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton

from daruma.core.language import tr
from daruma.ui.help import FOR
from daruma.ui.widgets.notices import label


class HelpStrip(QFrame):
    """Show what the view on view is for."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("help_strip")
        self.setProperty("role", "busy")
        self.button = QPushButton(tr("What is this for"))
        self.button.setObjectName("what_for")
        self.button.setProperty("role", "choice")
        self.button.setCheckable(True)
        self.button.toggled.connect(self.setVisible)
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 6, 14, 6)
        self.words = label("")
        row.addWidget(self.words, 1)
        self.hide()

    def show_for(self, name: str) -> None:
        """Say what a view is for, by its name."""
        self.words.setText(FOR.get(name, ""))
