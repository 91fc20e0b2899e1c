"""Show a picture of the core, made anew for the width there is; spots can be pointed at and chosen."""

from collections.abc import Callable

from PySide6.QtCore import QEvent, QPoint, QSize, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QResizeEvent
from PySide6.QtWidgets import QSizePolicy, QToolTip, QWidget

from daruma.core.pictures.primitives import Picture, Spot, Tone
from daruma.ui.painting import draw
from daruma.ui.theme import Look

Build = Callable[[float, float], Picture]


class PictureView(QWidget):
    """Show what a builder makes of width and height."""

    chosen = Signal(str)

    def __init__(self, name: str, *, grows: bool = True, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName(name)
        self._build: Build | None = None
        self._picture: Picture | None = None
        self._grows = grows
        self._index = -1
        self.setMouseTracking(True)
        vertical = QSizePolicy.Policy.Expanding if grows else QSizePolicy.Policy.Fixed
        self.setSizePolicy(QSizePolicy.Policy.Expanding, vertical)

    @property
    def picture(self) -> Picture | None:
        """Return the picture that is shown."""
        return self._picture

    def show_build(self, build: Build) -> None:
        """Take a new builder and show its picture."""
        self._build = build
        self._make()

    def sizeHint(self) -> QSize:
        height = self._picture.height if self._picture else 40
        return QSize(300, int(height))

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._make()

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ToolTip and self._picture:
            spot = self._spot(event.pos())  # type: ignore[attr-defined]
            QToolTip.showText(event.globalPos(), spot.words if spot else "", self)  # type: ignore[attr-defined]
            return True
        return super().event(event)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        spot = self._spot(event.position().toPoint())
        if spot is not None:
            self.chosen.emit(spot.key)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        over = self._spot(event.position().toPoint()) is not None
        self.setCursor(Qt.CursorShape.PointingHandCursor if over else Qt.CursorShape.ArrowCursor)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        spots = self._picture.spots if self._picture else ()
        if event.key() in (Qt.Key.Key_Down, Qt.Key.Key_Up) and spots:
            step = 1 if event.key() == Qt.Key.Key_Down else -1
            self._index = (max(self._index, 0 if step < 0 else -1) + step) % len(spots)
            self.chosen.emit(spots[self._index].key)
        else:
            super().keyPressEvent(event)

    def paintEvent(self, _: QPaintEvent) -> None:
        if self._picture is None:
            return
        painter = QPainter(self)
        draw(painter, self._picture, Look.theme)
        if self.hasFocus():
            painter.setPen(QPen(Look.theme.colour(Tone.DATA), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))
        painter.end()

    def _make(self) -> None:
        if self._build is None or self.width() < 10:
            return
        self._picture = self._build(float(self.width()), float(self.height()))
        self.setAccessibleName(self._picture.words)
        if self._picture.spots:
            self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        if not self._grows and self.height() != int(self._picture.height):
            self.setFixedHeight(int(self._picture.height))
        self.update()

    def _spot(self, at: QPoint) -> Spot | None:
        if self._picture is None:
            return None
        for spot in self._picture.spots:
            if spot.x <= at.x() <= spot.x + spot.w and spot.y <= at.y() <= spot.y + spot.h:
                return spot
        return None
