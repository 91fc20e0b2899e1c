"""Lines of name and value, under a heading for each group that the names share."""

from collections.abc import Iterable

from PySide6.QtWidgets import QGridLayout, QWidget

from daruma.ui.widgets.notices import label


class Numbers(QWidget):
    """Show numbers: `light: CCT` and its like are gathered under `light`."""

    def __init__(self, name: str) -> None:
        super().__init__()
        self.setObjectName(name)
        self._shown: tuple[tuple[str, str], ...] = ()
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 4, 0, 0)
        self._grid.setVerticalSpacing(1)
        self._grid.setColumnStretch(1, 1)

    def show_numbers(self, numbers: Iterable[tuple[str, str]]) -> None:
        """Show these numbers."""
        numbers = tuple(numbers)
        if numbers == self._shown:
            return
        self._shown = numbers
        while (item := self._grid.takeAt(0)) is not None:
            if (widget := item.widget()) is not None:
                widget.deleteLater()
        group, line = "", 0
        for name, value in numbers:
            head, found, rest = name.partition(": ")
            if found and head != group:
                group = head
                self._grid.addWidget(label("part", head), line, 0, 1, 2)
                line += 1
            self._grid.addWidget(label("quiet", rest if found else name, wrap=False), line, 0)
            self._grid.addWidget(label("data", value), line, 1)
            line += 1
        for each in range(self._grid.rowCount()):
            self._grid.setRowStretch(each, int(each == line))
