"""The form of one part on the shelf, made from its declared fields."""

from collections.abc import Callable

from PySide6.QtCore import QSignalBlocker, Signal
from PySide6.QtWidgets import QFrame, QGridLayout, QHBoxLayout, QLabel, QLineEdit, QPushButton, QVBoxLayout, QWidget

from daruma.core.language import tr
from daruma.core.parts import PART_LABEL, PartKind
from daruma.core.shelf import FIELDS, TRI_WORDS, Field, ShelfFault, ShelfPart, Vocabulary, read_part, texts_of
from daruma.ui.widgets.boxes import ChoiceBox
from daruma.ui.widgets.fields import choice_field, show_choice, show_choices, text_field
from daruma.ui.widgets.notices import label

WIDTH = 322
TRIS = ("locked", "own_flex")


class ShelfForm(QFrame):
    """Show, begin and change a part; hand it over where it is sound."""

    kept = Signal(object)
    withdrawn = Signal(object, str)

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self.setFixedWidth(WIDTH)
        self._vocabulary = Vocabulary({}, {})
        self._part: ShelfPart | None = None
        self._inputs: dict[str, QWidget] = {}
        self._captions: dict[str, QLabel] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 12, 14, 12)
        column.setSpacing(6)
        self.title = label("part", tr("A new part"), wrap=False)
        column.addWidget(self.title)
        grid = QGridLayout()
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(3)
        grid.setColumnStretch(1, 1)
        for row, field in enumerate(FIELDS):
            made = self._inputs[field.name] = self._input(field)
            made.setObjectName(f"shelf.{field.name}")
            made.setAccessibleName(field.label)
            caption = self._captions[field.name] = label("hint", field.label, wrap=False)
            caption.setBuddy(made)
            grid.addWidget(caption, row, 0)
            grid.addWidget(made, row, 1)
        column.addLayout(grid)
        self.fault = label("fault")
        self.fault.setObjectName("shelf_fault")
        column.addWidget(self.fault)
        self.history = label("hint")
        self.history.setObjectName("shelf_history")
        column.addWidget(self.history)
        column.addStretch(1)
        foot = QHBoxLayout()
        self.away = QPushButton(tr("Withdraw"))
        self.away.setObjectName("shelf_withdraw")
        self.away.setToolTip(tr("It is offered no longer; what is known of it stays. The note says why."))
        self.away.clicked.connect(self._withdraw)
        self.keep = QPushButton(tr("Keep"))
        self.keep.setObjectName("shelf_keep")
        self.keep.setProperty("role", "main")
        self.keep.clicked.connect(self._keep)
        foot.addWidget(self.away)
        foot.addStretch(1)
        foot.addWidget(self.keep)
        column.addLayout(foot)

    def _input(self, field: Field) -> QWidget:
        if field.name in ("part", "model", "kind", *TRIS):
            combo = choice_field(field.name, {words: words for words in TRI_WORDS.values()} if field.name in TRIS else None)
            if field.name == "part":
                for kind, words in PART_LABEL.items():
                    if kind not in (PartKind.BOARD, PartKind.TOUCH_CHIP):
                        combo.addItem(words, kind.value)
                combo.currentIndexChanged.connect(self._other_part)
            return combo
        line = text_field(field.name, field.example, code=field.name == "die")
        line.returnPressed.connect(self._next_of(field))
        return line

    def _next_of(self, field: Field) -> Callable[[], None]:
        """Return what a line does when Enter comes, which a scanner sends after each code: the next field follows."""
        names = [each.name for each in FIELDS]
        behind = names[(names.index(field.name) + 1) % len(names)]
        return lambda: self._inputs[behind].setFocus()

    def show_vocabulary(self, vocabulary: Vocabulary, money: str) -> None:
        """Offer what the catalogue knows."""
        self._vocabulary = vocabulary
        models = self._inputs["model"]
        assert isinstance(models, ChoiceBox)
        show_choices(models, vocabulary.models, models.currentData() or next(iter(vocabulary.models), ""))
        self._captions["price"].setText(tr("Price, {money}", money=money))
        self._other_part()

    def _kind(self) -> PartKind:
        combo = self._inputs["part"]
        assert isinstance(combo, ChoiceBox)
        return PartKind(combo.currentData() or PartKind.DISPLAY.value)

    def _other_part(self, _: int = 0) -> None:
        grades = self._vocabulary.grades.get(self._kind(), {})
        combo = self._inputs["kind"]
        assert isinstance(combo, ChoiceBox)
        show_choices(combo, grades, combo.currentData() if combo.currentData() in grades else next(iter(grades), ""))
        of_display = self._kind() is PartKind.DISPLAY
        for name in ("own_flex",):
            self._inputs[name].setVisible(of_display)
            self._captions[name].setVisible(of_display)

    def begin(self, die: str) -> None:
        """Begin a part, with its die where that is known."""
        self._part = None
        self.title.setText(tr("A new part"))
        for field in FIELDS:
            made = self._inputs[field.name]
            if isinstance(made, QLineEdit):
                made.setText("0" if field.name == "earlier_writes" else "")
            elif field.name in TRIS and isinstance(made, ChoiceBox):
                show_choice(made, TRI_WORDS[next(iter(TRI_WORDS))])
        self._set_text("die", die)
        self._show_state()
        (self._inputs["maker"] if die else self._inputs["die"]).setFocus()

    def show_part(self, part: ShelfPart) -> None:
        """Show a part as it is kept."""
        self._part = part
        texts = texts_of(part, self._vocabulary)
        self.title.setText(part.name)
        for name, data in (("part", part.part.value), ("model", part.model)):
            combo = self._inputs[name]
            assert isinstance(combo, ChoiceBox)
            show_choice(combo, data)
        self._other_part()
        for name, text in texts.items():
            made = self._inputs[name]
            if isinstance(made, QLineEdit):
                made.setText(text)
                made.setCursorPosition(0)
            elif isinstance(made, ChoiceBox) and name not in ("part", "model"):
                show_choice(made, part.kind if name == "kind" else text)
        self._show_state()

    def show_history(self, die: str, said: str) -> None:
        """Show what was done to the part here."""
        if self._part is not None and self._part.die == die:
            self.history.setText(tr("Done to it here:\n{said}", said=said) if said else tr("Nothing was done to it here yet."))

    def _show_state(self) -> None:
        part = self._part
        self.history.clear()
        self.fault.clear()
        self.away.setVisible(part is not None)
        self.away.setEnabled(part is not None and not part.used_in)
        self.away.setText(tr("Put back") if part is not None and part.gone else tr("Withdraw"))
        die = self._inputs["die"]
        assert isinstance(die, QLineEdit)
        die.setReadOnly(part is not None)

    def _set_text(self, name: str, text: str) -> None:
        line = self._inputs[name]
        assert isinstance(line, QLineEdit)
        with QSignalBlocker(line):
            line.setText(text)

    def _texts(self) -> dict[str, str]:
        found = {}
        for name, made in self._inputs.items():
            if isinstance(made, QLineEdit):
                found[name] = made.text()
            elif isinstance(made, ChoiceBox):
                found[name] = str(made.currentData() or "")
        return found

    def _keep(self) -> None:
        try:
            part = read_part(self._texts(), self._vocabulary, self._part)
        except ShelfFault as fault:
            self.fault.setText(tr("Not kept. {fault}.", fault=fault))
            return
        self.fault.clear()
        self.kept.emit(part)

    def _withdraw(self) -> None:
        if self._part is not None:
            note = self._inputs["note"]
            assert isinstance(note, QLineEdit)
            self.withdrawn.emit(self._part, note.text())
