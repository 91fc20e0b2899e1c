"""The best next step, in words."""

from PySide6.QtWidgets import QFrame, QVBoxLayout, QWidget

from daruma.core.language import tr
from daruma.core.plan.words import Said
from daruma.ui.widgets.boxes import scrolled
from daruma.ui.widgets.notices import label


class AdviceBox(QFrame):
    """Show advice, and what is worth knowing first."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("role", "sheet")
        self.setObjectName("advice")
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 10)
        column.setSpacing(4)
        self.head = label("part")
        self.lines = label("quiet")
        self.worth = label("data")
        self.worth.setObjectName("worth_knowing")
        column.addWidget(self.head)
        said = QWidget()
        lines = QVBoxLayout(said)
        lines.setContentsMargins(0, 0, 0, 0)
        lines.setSpacing(4)
        lines.addWidget(self.lines)
        lines.addWidget(self.worth)
        lines.addStretch(1)
        area = scrolled(said)
        area.setAccessibleName(tr("The best next step"))
        column.addWidget(area, 1)

    def show_said(self, said: Said | None) -> None:
        """Show advice; None says that there is no plan."""
        self.head.setText(said.head if said else tr("No plan yet"))
        self.lines.setText("\n".join(said.lines) if said else tr("The ticket must be complete first."))
        self.worth.hide()

    def show_worth(self, lines: tuple[str, ...]) -> None:
        """Show what is worth knowing first."""
        self.worth.setText("\n".join(lines))
        self.worth.setVisible(bool(lines))
