"""The promises of a job, one card below the other, the one on view marked."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QVBoxLayout, QWidget

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.ui.widgets.boxes import scrolled
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.promise_card import PromiseCard


class PromiseColumn(QFrame):
    """Show the promises and let one be chosen."""

    chosen = Signal(object)

    def __init__(self) -> None:
        super().__init__()
        self._cards: dict[Function, PromiseCard] = {}
        self.setProperty("role", "sheet")
        self.setFixedWidth(286)
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 10, 12, 12)
        column.setSpacing(4)
        column.addWidget(label("part", tr("Promised")))
        cards = QWidget()
        self._column = QVBoxLayout(cards)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(2)
        self._column.setAlignment(Qt.AlignmentFlag.AlignTop)
        column.addWidget(scrolled(cards), 1)

    def show_promises(self, job: Job, catalogue: Catalogue, on_view: Function | None) -> None:
        """Show a job's promises as they stand."""
        if tuple(self._cards) != job.ticket.promised:
            while (item := self._column.takeAt(0)) is not None:
                if (widget := item.widget()) is not None:
                    widget.deleteLater()
            self._cards = {}
            for function in job.ticket.promised:
                card = PromiseCard(function, catalogue.function_labels[function], catalogue.function_meaning[function])
                card.chosen.connect(self.chosen)
                self._cards[function] = card
                self._column.addWidget(card)
        for function, card in self._cards.items():
            card.show_state(job.proof(function), job.is_proven(function), function is on_view)
