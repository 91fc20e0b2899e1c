"""What if: change a fact, see what opens and closes, take it back."""

from collections.abc import Sequence

from PySide6.QtCore import QSignalBlocker, Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.core.language import tr
from daruma.core.plan.whatif import Difference, Fact
from daruma.ui.widgets.boxes import ChoiceBox
from daruma.ui.widgets.notices import label


class AskBox(QFrame):
    """Ask what would be if a fact were otherwise."""

    asked = Signal(str, str)
    taken_back = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("role", "sheet")
        self._facts: Sequence[Fact] = ()
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 10)
        column.setSpacing(5)
        head = QHBoxLayout()
        head.addWidget(label("part", tr("What if"), wrap=False))
        head.addStretch(1)
        self.back = QPushButton(tr("Take it back"))
        self.back.setObjectName("take_back")
        self.back.clicked.connect(self.taken_back)
        head.addWidget(self.back)
        column.addLayout(head)
        self.fact, self.value = ChoiceBox(), ChoiceBox()
        self.fact.setObjectName("what_if_fact")
        self.value.setObjectName("what_if_value")
        self.fact.setAccessibleName(tr("Fact"))
        self.value.setAccessibleName(tr("What if it were"))
        self.fact.currentIndexChanged.connect(self._fact_chosen)
        self.value.activated.connect(self._value_chosen)
        column.addWidget(self.fact)
        column.addWidget(self.value)
        self.said = label("quiet")
        self.said.setObjectName("what_if_said")
        column.addWidget(self.said)

    def show_facts(self, facts: Sequence[Fact], changes: Sequence[tuple[str, str]], difference: Difference) -> None:
        """Show the facts that can be asked about, and what the changed ones open and close."""
        self._facts = facts
        keys = [fact.key for fact in facts]
        with QSignalBlocker(self.fact):
            chosen = self.fact.currentData()
            if [self.fact.itemData(i) for i in range(self.fact.count())] != keys:
                self.fact.clear()
                for fact in facts:
                    self.fact.addItem(fact.label, fact.key)
            self.fact.setCurrentIndex(max(0, self.fact.findData(changes[-1][0] if changes else chosen)))
        self._show_values(dict(changes))
        self.back.setVisible(bool(changes))
        self.said.setText(_words(facts, changes, difference))

    def _show_values(self, changes: dict[str, str]) -> None:
        fact = self._current()
        with QSignalBlocker(self.value):
            self.value.clear()
            for option in fact.options if fact else ():
                self.value.addItem(option.words + (tr(" (as it is)") if fact and option.key == fact.now else ""), option.key)
            if fact is not None:
                self.value.setCurrentIndex(self.value.findData(changes.get(fact.key, fact.now)))

    def _current(self) -> Fact | None:
        return next((fact for fact in self._facts if fact.key == self.fact.currentData()), None)

    def _fact_chosen(self) -> None:
        self._show_values({})

    def _value_chosen(self) -> None:
        fact = self._current()
        if fact is not None:
            self.asked.emit(fact.key, self.value.currentData())


def _words(facts: Sequence[Fact], changes: Sequence[tuple[str, str]], difference: Difference) -> str:
    if not changes:
        return tr("Change a fact to see at once what opens and what closes.")
    by_key = {fact.key: fact for fact in facts}
    asked = [f"{by_key[key].label}: {_option(by_key[key], value)}" for key, value in changes if key in by_key]
    lines = [tr("If ") + "; ".join(asked) + ":"]
    lines += [tr("opens: {way}", way=way) for way in difference.opened]
    for way, reason in difference.closed:
        beaten = reason.startswith("another way")
        lines.append(tr("is beaten now: {way}", way=way) if beaten else tr("closes: {way} ({reason})", way=way, reason=reason))
    return "\n".join(lines if len(lines) > 1 else [*lines, tr("nothing opens or closes.")])


def _option(fact: Fact, key: str) -> str:
    return next((option.words for option in fact.options if option.key == key), key)
