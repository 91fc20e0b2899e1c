"""The window's shell: painted first, furnished after. Imports nothing slow."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QCloseEvent, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QMainWindow, QVBoxLayout, QWidget

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.settings import Settings

RAIL_WIDTH = 222


class Interior(QWidget):
    """Stand for what fills the shell once it is painted."""

    def load(self) -> None:
        """Load what is shown."""
        raise NotImplementedError

    def tell(self, trouble: Trouble) -> None:
        """Show a trouble."""
        raise NotImplementedError

    def shut(self) -> bool:
        """Keep what is unsaved and close; return False where the window must stay."""
        raise NotImplementedError


class Shell(QMainWindow):
    """Show the rail's ground and the foot at once, then let the room be built in their place."""

    first_painted = Signal()
    furnished = Signal()

    def __init__(self, shop_name: str, furnish: Callable[[Shell], Interior]) -> None:
        super().__init__()
        self._furnish = furnish
        self._painted = False
        self.room: Interior | None = None
        self.setObjectName("shell")
        self._name(shop_name)
        self.setMinimumSize(QSize(1100, 700))
        self.resize(1280, 800)
        self.menuBar().addMenu(tr("Job"))
        self.setCentralWidget(self._bare())

    def _name(self, shop_name: str) -> None:
        self.setWindowTitle(tr("Daruma, {shop_name}", shop_name=shop_name) if shop_name else "Daruma")

    def show_settings(self, settings: Settings) -> None:
        """Show whose shop it is."""
        self._name(settings["shop.name"])

    def _bare(self) -> QWidget:
        whole = QWidget()
        column = QVBoxLayout(whole)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        row = QHBoxLayout()
        rail = QFrame()
        rail.setProperty("role", "rail")
        rail.setFixedWidth(RAIL_WIDTH)
        row.addWidget(rail)
        opening = QLabel(tr("Opening the shop"))
        opening.setProperty("role", "quiet")
        opening.setAlignment(Qt.AlignmentFlag.AlignCenter)
        row.addWidget(opening, 1)
        column.addLayout(row, 1)
        foot = QFrame()
        foot.setProperty("role", "foot")
        foot.setFixedHeight(28)
        column.addWidget(foot)
        return whole

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        if not self._painted:
            self._painted = True
            QTimer.singleShot(0, self._move_in)

    def _move_in(self) -> None:
        self.first_painted.emit()
        self.room = self._furnish(self)
        self.setCentralWidget(self.room)
        self.room.load()
        self.furnished.emit()

    def closeEvent(self, event: QCloseEvent) -> None:
        event.setAccepted(self.room is None or self.room.shut())
