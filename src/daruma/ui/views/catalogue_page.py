"""The catalogue: each model as the planner sees it, changed in an editor that names what is wrong at its line."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer
from PySide6.QtGui import QColor, QTextBlock, QTextCursor, QTextFormat
from PySide6.QtWidgets import (
    QFrame,
    QHBoxLayout,
    QListWidget,
    QPlainTextEdit,
    QPushButton,
    QStackedWidget,
    QTextBrowser,
    QTextEdit,
    QVBoxLayout,
)  # fmt: skip

from daruma.core.language import inner, tr
from daruma.core.model import Model
from daruma.core.parts import PART_LABEL, PartKind
from daruma.core.pictures.layout_map import layout_map
from daruma.core.pictures.primitives import Picture
from daruma.handover.model_page import model_html
from daruma.ui.asking import file_to_read, file_to_write
from daruma.ui.desk import Desk
from daruma.ui.theme import Look, text_font
from daruma.ui.widgets.boxes import ChoiceBox, scrolled
from daruma.ui.widgets.fields import show_choices
from daruma.ui.widgets.notices import ElidedLabel, label
from daruma.ui.widgets.picture_view import PictureView

if TYPE_CHECKING:
    from daruma.handover.own_models import Checked, Shared

LIST_WIDTH = 168
CHECK_MS = 250
VIEWS = {"facts": tr("Facts"), "layout": tr("Memory"), "file": tr("File"), "compare": tr("Changes")}


class CataloguePage(QFrame):
    """Show the models; change, compare, take back and share them."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self._desk, self._modelling = desk, desk.modelling
        self._key = self._shown = ""  # the model that is chosen, and the one whose text is in the editor
        self._shared: Shared | None = None
        self._kept: dict[str, str] = {}  # the texts as they are kept, by model
        self._typed: dict[str, str] = {}  # what was typed and is not kept yet
        self._buttons: dict[str, QPushButton] = {}
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(CHECK_MS)
        self._soon.timeout.connect(self._check)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        row.addWidget(self._side())
        row.addWidget(self._sheet(), 1)
        self._modelling.read.connect(self._read)
        self._modelling.checked.connect(self._checked)
        self._modelling.changed.connect(self.refresh)
        self._modelling.shared.connect(self._show_shared)
        self._modelling.told.connect(self._tell)

    def _side(self) -> QFrame:
        side = QFrame()
        side.setProperty("role", "sheet")
        side.setFixedWidth(LIST_WIDTH)
        column = QVBoxLayout(side)
        column.setContentsMargins(10, 12, 10, 12)
        self.list = QListWidget()
        self.list.setObjectName("models_list")
        self.list.setAccessibleName(tr("Models"))
        self.list.currentRowChanged.connect(self._chosen)
        column.addWidget(self.list, 1)
        for text, name, handler in (
            (tr("Share all"), "models_share", self._share),
            (tr("Take shared"), "models_take", self._look_into),
        ):
            column.addWidget(self._button(text, name, handler))
        return side

    def _sheet(self) -> QFrame:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        column = QVBoxLayout(sheet)
        column.setContentsMargins(16, 12, 16, 12)
        top = QHBoxLayout()
        self.title = label("head", wrap=False)
        self.origin = ElidedLabel("quiet")
        top.addWidget(self.title)
        top.addWidget(self.origin, 1)
        self.part = ChoiceBox()
        self.part.setObjectName("layout_part")
        self.part.setAccessibleName(tr("Memory of which part"))
        self.part.setMinimumContentsLength(15)
        self.part.currentIndexChanged.connect(self._draw)
        top.addWidget(self.part)
        for name, words in VIEWS.items():
            button = self._buttons[name] = self._button(words, f"model_{name}", self._switch)
            button.setProperty("role", "choice")
            button.setCheckable(True)
            button.setAutoExclusive(True)
            top.addWidget(button)
        column.addLayout(top)
        self.stack = QStackedWidget()
        self.facts, self.compare = QTextBrowser(), QTextBrowser()
        self.facts.setAccessibleName(tr("Facts of the model"))
        self.compare.setAccessibleName(tr("How it differs from the model that ships"))
        self.map = PictureView("layout_map", grows=False)
        self.editor = QPlainTextEdit()
        self.editor.setObjectName("model_text")
        self.editor.setAccessibleName(tr("The model's file"))
        self.editor.setFont(text_font(13, mono=True))
        self.editor.setLineWrapMode(QPlainTextEdit.LineWrapMode.NoWrap)
        self.editor.textChanged.connect(self._edited)
        for widget in (self.facts, scrolled(self.map), self.editor, self.compare):
            self.stack.addWidget(widget)
        column.addWidget(self.stack, 1)
        self.note = label("quiet")
        self.note.setObjectName("model_note")
        column.addWidget(self.note)
        column.addLayout(self._foot())
        self._buttons["facts"].setChecked(True)
        return sheet

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        self.keep = self._button(tr("Keep as the shop's own"), "model_keep", self._keep)
        self.back = self._button(tr("Take back: as it ships"), "model_back", self._take_back)
        self.take = self._button(tr("Take these"), "models_take_these", self._take)
        self.leave = self._button(tr("Take nothing"), "models_leave", self._leave)
        self.take.hide()
        self.leave.hide()
        for button in (self.keep, self.back, self.take, self.leave):
            foot.addWidget(button)
        foot.addStretch(1)
        return foot

    @staticmethod
    def _button(text: str, name: str, handler: Callable[[], None]) -> QPushButton:
        button = QPushButton(text)
        button.setObjectName(name)
        button.clicked.connect(lambda: handler())
        return button

    def refresh(self) -> None:
        """Show what there is now; nothing while the shop is opened or closed."""
        if self._desk.workshop is None:
            return
        names = self._desk.ready.catalogue.names
        key = self._key if self._key in names else next(iter(names), "")
        self.list.clear()
        self.list.addItems(list(names.values()))
        self.list.setCurrentRow(list(names).index(key) if key else -1)
        troubles = " ".join(trouble.what for trouble in self._desk.ready.catalogue.troubles)
        if troubles:
            self.note.setText(troubles)

    def _model(self) -> Model | None:
        return self._desk.ready.catalogue.models.get(self._key) if self._desk.workshop is not None else None

    def _chosen(self, row: int) -> None:
        keys = list(self._desk.ready.catalogue.names)
        if not 0 <= row < len(keys):
            return
        self._key = keys[row]
        model = self._model()
        assert model is not None
        self.title.setText(model.name)
        self.facts.setHtml(model_html(model, self._desk.ready.catalogue))
        kinds = {layout.part.value: inner(PART_LABEL[layout.part]) for layout in model.layouts}
        show_choices(self.part, kinds, self.part.currentData() if self.part.currentData() in kinds else next(iter(kinds), ""))
        self._draw()
        self._switch()
        self._modelling.open(self._key)

    def _switch(self) -> None:
        chosen = next(name for name, button in self._buttons.items() if button.isChecked())
        self.stack.setCurrentIndex(list(VIEWS).index(chosen))
        self.part.setVisible(chosen == "layout")
        self.keep.setVisible(chosen == "file")

    def _draw(self) -> None:
        self.map.show_build(self._map)

    def _map(self, width: float, _: float) -> Picture:
        model, kind = self._model(), self.part.currentData()
        if model is None or not kind:
            return Picture(width, 20, ())
        return layout_map(width, model.layout(PartKind(kind)))

    def _read(self, key: str, text: str, difference: str) -> None:
        if key != self._key:
            return
        self._kept[key] = text
        if self._typed.get(key) == text:
            del self._typed[key]
        shown = self._typed.get(key, text)
        self._shown = key
        if self.editor.toPlainText() != shown:
            self.editor.setPlainText(shown)
        own = bool(difference)
        self.origin.setText(tr("the shop's own, in place of the one that ships") if own else tr("as it ships with the program"))
        self.back.setVisible(own)
        self.compare.setPlainText(difference or tr("It is as it ships: nothing is changed."))

    def _edited(self) -> None:
        text = self.editor.toPlainText()
        self._typed.pop(self._shown, None)
        if text != self._kept.get(self._shown, text):
            self._typed[self._shown] = text
        self._soon.start()

    def _check(self) -> None:
        if self._shown and self.editor.toPlainText():
            self._modelling.check(self._shown, self.editor.toPlainText())

    def _checked(self, text: str, checked: Checked) -> None:
        if text != self.editor.toPlainText():
            return
        self.keep.setEnabled(checked.model is not None)
        unkept = tr("What was typed is not kept yet.") if self._shown in self._typed else ""
        self.note.setText(tr("Line {line}: {fault}", line=checked.line, fault=checked.fault) if checked.fault else unkept)
        marks = []
        block: QTextBlock = self.editor.document().findBlockByNumber(checked.line - 1)
        if checked.fault and block.isValid():
            mark = QTextEdit.ExtraSelection()
            mark.cursor = QTextCursor(block)
            mark.format.setBackground(QColor(Look.theme.wash))
            mark.format.setForeground(QColor(Look.theme.act))
            mark.format.setProperty(QTextFormat.Property.FullWidthSelection, True)
            marks.append(mark)
        self.editor.setExtraSelections(marks)

    def _keep(self) -> None:
        self._modelling.keep(self._shown, self.editor.toPlainText())

    def _take_back(self) -> None:
        self._typed.pop(self._key, None)
        self._modelling.take_back(self._key)

    def _share(self) -> None:
        if (path := file_to_write(self, tr("Share the models"), "models.json", "JSON (*.json)")) is not None:
            self._modelling.share(self._desk.ready.catalogue.names, path)

    def _look_into(self) -> None:
        if (path := file_to_read(self, tr("Take shared models"), "JSON (*.json)")) is not None:
            self._modelling.look_into(path)

    def _show_shared(self, shared: Shared) -> None:
        self._shared = shared
        self.note.setText(tr("The file has {shared}. Nothing is taken yet.", shared=shared.words))
        self.take.setEnabled(bool(shared.fresh or shared.changed))
        self.take.show()
        self.leave.show()

    def _take(self) -> None:
        shared = self._shared
        self._leave()
        if shared is not None:
            self._modelling.take(shared)

    def _leave(self) -> None:
        self._shared = None
        self.take.hide()
        self.leave.hide()
        self.note.clear()

    def _tell(self, said: str) -> None:
        self.note.setText(said)
