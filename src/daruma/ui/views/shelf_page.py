"""The parts shelf: find, add, scan, change, withdraw; in and out as CSV; labels."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QModelIndex
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLineEdit, QPushButton, QVBoxLayout

from daruma.core.backup import named
from daruma.core.language import tr
from daruma.core.parts import PART_LABEL
from daruma.core.shelf import ShelfPart
from daruma.ui.asking import file_to_read, file_to_write
from daruma.ui.desk import Desk
from daruma.ui.tables import Rows, RowsOf, table
from daruma.ui.widgets.notices import ElidedLabel, label
from daruma.ui.widgets.shelf_form import ShelfForm

if TYPE_CHECKING:
    from collections.abc import Sequence

    from daruma.handover.shelf_file import Preview

HEADS = (tr("Die or serial"), tr("Part"), tr("Model"), tr("State"), tr("Grade"), tr("From"))
WIDTHS = (122, 112, 76, 70, 150, 110)


class ShelfPage(QFrame):
    """Show the parts and the form of the one that is chosen."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self._desk, self._shelving = desk, desk.shelving
        self._parts: tuple[ShelfPart, ...] = ()
        self._texts: list[str] = []
        self._listed: Sequence[ShelfPart] = ()
        self._preview: Preview | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        row.addWidget(self._sheet(), 1)
        self.form = ShelfForm()
        self.form.kept.connect(self._keep)
        self.form.withdrawn.connect(self._withdraw)
        row.addWidget(self.form)
        self._shelving.changed.connect(self._show)
        self._shelving.previewed.connect(self._show_preview)
        self._shelving.told.connect(self._tell)
        self._shelving.history.connect(self.form.show_history)

    def _sheet(self) -> QFrame:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        column = QVBoxLayout(sheet)
        column.setContentsMargins(16, 12, 16, 12)
        top = QHBoxLayout()
        self.search = QLineEdit()
        self.search.setObjectName("shelf_search")
        self.search.setAccessibleName(tr("Find a part"))
        self.search.setPlaceholderText(tr("part, model, maker, serial, place; or scan a label"))
        self.search.textChanged.connect(self._list)
        top.addWidget(self.search, 1)
        add = QPushButton(tr("Add a part"))
        add.setObjectName("shelf_add")
        add.clicked.connect(self._add)
        top.addWidget(add)
        column.addLayout(top)
        self.rows = Rows(HEADS, mono=frozenset({0}))
        self.view = table("shelf_table", tr("Table of the shelf's parts"), self.rows, WIDTHS)
        self.view.setAccessibleName(tr("Parts on the shelf"))
        self.view.selectionModel().currentRowChanged.connect(self._chosen)
        column.addWidget(self.view, 1)
        self.note = label("quiet")
        self.note.setObjectName("shelf_note")
        column.addWidget(self.note)
        column.addLayout(self._choice())
        column.addLayout(self._buttons())
        return sheet

    def _choice(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.take = QPushButton(tr("Take the sound rows"))
        self.take.setObjectName("shelf_take")
        self.take.clicked.connect(self._take)
        self.leave = QPushButton(tr("Take nothing"))
        self.leave.setObjectName("shelf_leave")
        self.leave.clicked.connect(self._leave)
        for button in (self.take, self.leave):
            button.hide()
            row.addWidget(button)
        row.addStretch(1)
        return row

    def _buttons(self) -> QHBoxLayout:
        row = QHBoxLayout()
        for text, name, handler in (
            (tr("From CSV"), "shelf_import", self._import),
            (tr("To CSV"), "shelf_export", self._export),
            (tr("Its label"), "shelf_label", self._label),
            (tr("Labels of all listed"), "shelf_labels", self._labels),
        ):
            button = QPushButton(text)
            button.setObjectName(name)
            button.clicked.connect(handler)
            row.addWidget(button)
        self.state = ElidedLabel("hint")
        row.addWidget(self.state, 1)
        return row

    def refresh(self) -> None:
        """Show what there is now."""
        self.form.show_vocabulary(self._shelving.vocabulary, self._desk.settings["shop.money"])
        self._show()
        self._shelving.look()

    def _show(self) -> None:
        if self._desk.workshop is None or self._parts is self._shelving.parts:
            return
        self._parts = self._shelving.parts
        self._texts = []
        self._list()

    def _row(self, part: ShelfPart) -> tuple[str, ...]:
        words = self._shelving.vocabulary
        model, where = words.models.get(part.model, part.model), part.gone or named(part.used_in) or tr("free")
        return part.die, PART_LABEL[part.part], model, where, words.grade(part), part.source

    def _list(self) -> None:
        asked = self.search.text().lower().split()
        chosen = self.chosen()
        if asked and not self._texts:
            # made when something is looked for: the page opens without it
            self._texts = [" ".join((*self._row(part), part.maker, part.place, part.note)).lower() for part in self._parts]
        both = zip(self._parts, self._texts, strict=True) if asked else ()
        self._listed = [part for part, text in both if all(word in text for word in asked)] if asked else self._parts
        self.rows.show_rows(RowsOf(self._listed, self._row))
        free = sum(part.free for part in self._listed)
        self.note.setText(
            tr("{count_listed} parts, {free} of them free.", count_listed=len(self._listed), free=free) if self._parts else _EMPTY
        )
        if chosen is not None:
            self.show_part(chosen.die)

    def chosen(self) -> ShelfPart | None:
        """Return the part whose row is chosen."""
        row = self.view.currentIndex().row()
        return self._listed[row] if 0 <= row < len(self._listed) else None

    def show_part(self, die: str) -> bool:
        """Choose the row of a part; return whether it is there."""
        for row, part in enumerate(self._listed):
            if part.die == die:
                self.view.selectRow(row)
                self.form.show_part(part)
                return True
        return False

    def bring(self, die: str) -> None:
        """Choose a part that was scanned; one that is not known is begun with its die filled in."""
        self.search.clear()
        if not self.show_part(die):
            self.form.begin(die)

    def _chosen(self, _: QModelIndex, __: QModelIndex) -> None:
        part = self.chosen()
        if part is not None:
            self.form.show_part(part)
            self._shelving.ask_history(part)

    def _add(self) -> None:
        self.view.clearSelection()
        self.form.begin("")

    def _keep(self, part: ShelfPart) -> None:
        self._shelving.keep(part)
        self.state.setText(tr("{part} is kept", part=part.name))

    def _withdraw(self, part: ShelfPart, why: str) -> None:
        if part.gone:
            self._shelving.put_back(part)
        else:
            self._shelving.withdraw(part, why)

    def _import(self) -> None:
        if (path := file_to_read(self, tr("Parts from CSV"), "CSV (*.csv);;All files (*)")) is not None:
            self._shelving.preview(path)

    def _show_preview(self, preview: Preview) -> None:
        self._preview = preview
        wrong = "; ".join(tr("line {line}: {why}", line=line, why=why) for line, why in preview.faults[:4])
        more = tr("; {count_faults} more", count_faults=len(preview.faults) - 4) if len(preview.faults) > 4 else ""
        self.note.setText(
            tr(
                "The file has {preview}. Nothing is kept yet. {wrong}{more}", preview=preview.words, wrong=wrong, more=more
            ).strip()
        )
        self.take.setEnabled(bool(preview.sound))
        self.take.show()
        self.leave.show()
        self.take.setFocus()

    def _take(self) -> None:
        preview = self._preview
        self._leave()
        if preview is not None:
            self._shelving.keep(*preview.sound)

    def _leave(self) -> None:
        self._preview = None
        self.take.hide()
        self.leave.hide()
        self._list()

    def _export(self) -> None:
        if (path := file_to_write(self, tr("Parts to CSV"), "shelf.csv", "CSV (*.csv)")) is not None:
            self._shelving.write(path)

    def _label(self) -> None:
        part = self.chosen()
        if part is not None:
            self._print([part], f"label-{part.die}.pdf")

    def _labels(self) -> None:
        self._print(list(self._listed), "labels.pdf")

    def _print(self, parts: list[ShelfPart], name: str) -> None:
        if parts and (path := file_to_write(self, tr("Labels"), name, "PDF (*.pdf)")) is not None:
            self._shelving.print_labels(parts, path)

    def _tell(self, said: str) -> None:
        self.state.setText(said)


_EMPTY = tr("The shelf is empty. Add a part, scan its serial into the form, or take parts in from a CSV file.")
