"""What is on the table: a card for each part that the job needs, one of them open."""

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from daruma.core.intake import parts_of_faults
from daruma.core.job import Job
from daruma.core.kinds import KINDS, room
from daruma.core.language import inner, tr
from daruma.core.parts import PART_LABEL, PartKind
from daruma.ui.desk import Desk
from daruma.ui.jobs_desk import shelf_for
from daruma.ui.widgets.fields import choice_field, show_choices
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.part_card import PartCard

HELD = tr("Work on it was begun: plan again instead.")


class TableSheet(QWidget):
    """Show the parts of a ticket; put one on the table, take one off."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self._desk = desk
        self._cards: dict[PartKind, PartCard] = {}
        self._open: PartKind | None = None
        self._of = ""
        self.add = choice_field("add_part")
        self.add.setAccessibleName(tr("Put a part on the table"))
        self.add.setMinimumContentsLength(22)
        self.add.currentIndexChanged.connect(self._put)
        self._nothing = label("quiet", tr("Nothing yet: promise a function, or choose a part. What is not here stays as it is."))
        head = QHBoxLayout()
        head.addWidget(label("part", tr("On the table"), wrap=False))
        head.addStretch(1)
        head.addWidget(self.add)
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(3)
        self._column.addLayout(head)
        self._column.addWidget(self._nothing)
        self._lines = QVBoxLayout()
        self._lines.setSpacing(3)
        self._column.addLayout(self._lines)
        self._column.addStretch(1)

    def show_table(self, job: Job) -> None:
        """Show the parts of a job's ticket."""
        parts = job.ticket.parts
        if job.uid != self._of:
            self._of, self._open = job.uid, next((kind for kind in KINDS if kind in parts), None)
        fresh = [kind for kind in KINDS if kind in parts and not self._is_shown(kind)]
        if self._open not in parts:
            self._open = next(iter(fresh), None)
        faults = parts_of_faults(self._desk.faults(job))
        for kind in KINDS:
            if kind in parts:
                self._show_card(kind, job, faults.get(kind, {}))
            elif kind in self._cards:
                self._cards[kind].hide()
        self._nothing.setVisible(not parts)
        rest = {kind.value: tr("the {part}", part=inner(PART_LABEL[kind])) for kind in KINDS if kind not in parts}
        show_choices(self.add, {"": tr("put a part on the table"), **rest}, "")
        self.add.setVisible(bool(rest))

    def _is_shown(self, kind: PartKind) -> bool:
        return kind in self._cards and not self._cards[kind].isHidden()

    def _show_card(self, kind: PartKind, job: Job, faults: dict[str, str]) -> None:
        card = self._cards.get(kind) or self._make(kind)
        shelf = shelf_for(self._desk.shelf, kind, job.ticket.model, job.ref)
        card.show_part(job.ticket.parts[kind], shelf, faults, held=HELD if kind in job.parts else "")
        card.show_open(kind is self._open)
        card.show()

    def _make(self, kind: PartKind) -> PartCard:
        """Make a kind's card at its place among those there are: cards are kept, to make one takes long."""
        card = self._cards[kind] = PartCard(room(kind))
        card.changed.connect(lambda kind, changes: self._desk.edit_part(kind, **changes))
        card.asked.connect(self._ask)
        card.taken_off.connect(self._desk.take_off)
        order = list(KINDS)
        self._lines.insertWidget(sum(order.index(other) < order.index(kind) for other in self._cards), card)
        return card

    def _ask(self, kind: PartKind) -> None:
        self._open = None if kind is self._open else kind
        for each, card in self._cards.items():
            card.show_open(each is self._open)

    def _put(self) -> None:
        chosen = self.add.currentData()
        with QSignalBlocker(self.add):
            self.add.setCurrentIndex(0)
        if chosen:
            self._open = PartKind(chosen)
            self._desk.put_on(self._open)
