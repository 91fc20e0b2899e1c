"""One read-only table model for the shop's lists."""

from collections.abc import Callable, Sequence
from typing import Generic, TypeVar, overload

from PySide6.QtCore import QAbstractTableModel, QModelIndex, QObject, QPersistentModelIndex, Qt
from PySide6.QtWidgets import QAbstractItemView, QHeaderView, QTableView

from daruma.ui.theme import text_font
from daruma.ui.tips import plain_tip

Index = QModelIndex | QPersistentModelIndex


Item = TypeVar("Item")


class RowsOf(Sequence[tuple[str, ...]], Generic[Item]):
    """Make the row of each item when it is looked at: of a long table a few are."""

    def __init__(self, items: Sequence[Item], make: Callable[[Item], tuple[str, ...]]) -> None:
        self._items, self._make = items, make
        self._made: dict[int, tuple[str, ...]] = {}

    def __len__(self) -> int:
        return len(self._items)

    @overload
    def __getitem__(self, index: int) -> tuple[str, ...]: ...
    @overload
    def __getitem__(self, index: slice) -> Sequence[tuple[str, ...]]: ...
    def __getitem__(self, index: int | slice) -> tuple[str, ...] | Sequence[tuple[str, ...]]:
        if isinstance(index, slice):
            return [self[at] for at in range(*index.indices(len(self)))]
        if index not in self._made:
            self._made[index] = self._make(self._items[index])
        return self._made[index]


class Rows(QAbstractTableModel):
    """Show rows of texts under heads; columns named in `mono` are serials."""

    def __init__(self, heads: Sequence[str], *, mono: frozenset[int] = frozenset(), parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._heads = tuple(heads)
        self._mono = mono
        self._rows: Sequence[tuple[str, ...]] = ()

    def show_rows(self, rows: Sequence[tuple[str, ...]]) -> None:
        """Take new rows, which are left as they are from now on."""
        self.beginResetModel()
        self._rows = rows
        self.endResetModel()

    def rowCount(self, parent: Index = QModelIndex()) -> int:
        return 0 if parent.isValid() else len(self._rows)

    def columnCount(self, parent: Index = QModelIndex()) -> int:
        return 0 if parent.isValid() else len(self._heads)

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> object:
        if not index.isValid():
            return None
        if role == Qt.ItemDataRole.DisplayRole:
            return self._rows[index.row()][index.column()]
        if role == Qt.ItemDataRole.ToolTipRole:
            return plain_tip(self._rows[index.row()][index.column()])
        if role == Qt.ItemDataRole.FontRole and index.column() in self._mono:
            return text_font(13, mono=True)
        return None

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> object:
        if role == Qt.ItemDataRole.DisplayRole and orientation == Qt.Orientation.Horizontal:
            return self._heads[section]
        return None


def table(name: str, called: str, rows: Rows, widths: Sequence[int]) -> QTableView:
    """Return a quiet table over rows; `called` is what a screen reader says of it."""
    view = QTableView()
    view.setObjectName(name)
    view.setAccessibleName(called)
    view.setModel(rows)
    view.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
    view.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
    view.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
    view.setShowGrid(False)
    view.setAlternatingRowColors(False)
    view.setTabKeyNavigation(False)
    view.verticalHeader().hide()
    view.verticalHeader().setDefaultSectionSize(28)
    head = view.horizontalHeader()
    head.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
    head.setHighlightSections(False)
    for column, width in enumerate(widths):
        view.setColumnWidth(column, max(width, head.sectionSizeHint(column)))  # a heading is never cut
    head.setSectionResizeMode(len(widths) - 1, QHeaderView.ResizeMode.Stretch)
    return view
