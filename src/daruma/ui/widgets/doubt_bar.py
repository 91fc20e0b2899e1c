"""The bar that says that an act is in doubt: what it was, what is safe, how to settle it. It stays until that is done."""

from collections.abc import Callable, Sequence

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QVBoxLayout

from daruma.core.acts import Act, ActKind, what, where
from daruma.core.language import tr
from daruma.ui.widgets.notices import Notice, label


class DoubtBar(Notice):
    """Show the oldest act in doubt, and how many more there are."""

    def __init__(self, settle: Callable[[Act], None], open_job: Callable[[str], None]) -> None:
        super().__init__()
        self.setObjectName("doubt_bar")
        self.setProperty("role", "trouble")
        self._act: Act | None = None
        self._ask_to_settle, self._open = settle, open_job
        self.what, self.safe = label("part"), label("quiet")
        self.open_button, self.settle_button = QPushButton(), QPushButton(tr("Settle the act in doubt"))
        self.open_button.setObjectName("doubt_open")
        self.settle_button.setObjectName("doubt_settle")
        self.open_button.clicked.connect(self._open_clicked)
        self.settle_button.clicked.connect(self._settle_clicked)
        texts = QVBoxLayout()
        texts.setSpacing(2)
        texts.addWidget(self.what)
        texts.addWidget(self.safe)
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 8, 10, 8)
        row.addLayout(texts, 1)
        for button in (self.open_button, self.settle_button):
            row.addWidget(button, 0, Qt.AlignmentFlag.AlignVCenter)
        self.hide()

    def show_doubts(self, doubts: Sequence[Act]) -> None:
        """Show acts in doubt; none hides the bar."""
        self._act = doubts[0] if doubts else None
        self.change(lambda: self._show(len(doubts) - 1))

    def _show(self, more: int) -> None:
        self.setVisible(self._act is not None)
        if self._act is None:
            return
        act = self._act
        others = tr(" {more} more after it.", more=more) if more else ""
        counts = tr("It counts as a write until then") if act.kind is ActKind.WRITE else tr("It counts as done until then")
        self.what.setText(
            tr(
                "In doubt: {what}, act {number} of {job_name}. What it did is not known.{others}",
                what=what(act),
                number=act.number,
                job_name=act.job_name,
                others=others,
            )
        )
        self.safe.setText(
            tr(
                "{counts}, and nothing is planned or done past it. Backups are safe. {where}, then settle it.",
                counts=counts,
                where=where(act),
            )
        )
        self.open_button.setText(tr("Open {job_name}", job_name=act.job_name))
        self.setAccessibleName(f"{self.what.text()} {self.safe.text()}")

    def show_job(self, uid: str) -> None:
        """Offer to open the act's job only where it is not on view."""
        self.open_button.setVisible(self._act is not None and self._act.job != uid)

    def set_busy(self, busy: bool) -> None:
        """Wait while the bench works."""
        self.settle_button.setEnabled(not busy)

    def _open_clicked(self) -> None:
        if self._act is not None:
            self._open(self._act.job)

    def _settle_clicked(self) -> None:
        if self._act is not None:
            self._ask_to_settle(self._act)
