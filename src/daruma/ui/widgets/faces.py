"""The daruma face: left eye painted when promised, right eye when proven."""

from functools import lru_cache

from PySide6.QtCore import QPoint, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QFontMetrics, QPainter, QPainterPath, QPaintEvent, QPen, QPixmap
from PySide6.QtWidgets import QCheckBox, QWidget

from daruma.core.language import tr
from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, Theme, text_font
from daruma.ui.tips import plain_tip


def face_words(promised: bool, proven: bool) -> str:
    """Return the face's text twin."""
    if proven:
        return tr("both eyes: promised and proven")
    return tr("one eye: promised, not proven yet") if promised else tr("no eye: not promised")


def draw_face(painter: QPainter, area: QRectF, promised: bool, proven: bool, theme: Theme) -> None:
    """Draw a face into a square area of whole pixels."""
    scale = painter.device().devicePixelRatio()
    painter.drawPixmap(area.topLeft().toPoint(), _face(round(area.width()), scale, promised, proven, theme))


@lru_cache(maxsize=64)
def _face(side: int, scale: float, promised: bool, proven: bool, theme: Theme) -> QPixmap:
    """Return a face as it was drawn before: there are many, and they are painted anew with whatever lies around them."""
    made = QPixmap(round(side * scale), round(side * scale))
    made.setDevicePixelRatio(scale)
    made.fill(Qt.GlobalColor.transparent)
    painter = QPainter(made)
    _draw(painter, side, promised, proven, theme)
    painter.end()
    return made


def _draw(painter: QPainter, side: int, promised: bool, proven: bool, theme: Theme) -> None:
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.scale(side / 100, side / 100)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(Tone.INK, 0.92 if promised else 0.35))
    painter.drawPath(_BODY)
    painter.setBrush(QColor(theme.gold if proven else theme.mask))
    painter.drawPath(_MASK)
    ink = QPen(QColor(theme.on_face), 6)
    ink.setCapStyle(Qt.PenCapStyle.RoundCap)
    painter.setPen(ink)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawPath(_BROWS)
    painter.setPen(QPen(QColor(theme.on_face), 3.5))
    for centre, painted in ((33.0, promised), (67.0, proven)):
        painter.setBrush(QColor(theme.eye))
        painter.drawEllipse(QPointF(centre, 53), 13, 13)
        if painted:
            painter.setBrush(QColor(theme.on_face))
            painter.drawEllipse(QPointF(centre, 53), 7, 7)
    painter.setPen(ink)
    painter.drawLine(QPointF(45, 74), QPointF(55, 74))


def _closed(start: tuple[float, float], *curves: tuple[float, float, float, float, float, float]) -> QPainterPath:
    path = QPainterPath(QPointF(*start))
    for curve in curves:
        path.cubicTo(*curve)
    return path


_BODY = _closed((50, 2), (86, 2, 100, 30, 98, 58), (96, 86, 78, 98, 50, 98), (22, 98, 4, 86, 2, 58), (0, 30, 14, 2, 50, 2))
_MASK = _closed((50, 24), (70, 12, 92, 26, 90, 52), (88, 74, 74, 84, 50, 84), (26, 84, 12, 74, 10, 52), (8, 26, 30, 12, 50, 24))
_BROWS = _closed((20, 37), (26, 28, 36, 28, 43, 35))
_BROWS.moveTo(80, 37)
_BROWS.cubicTo(74, 28, 64, 28, 57, 35)


class Face(QWidget):
    """Show one face."""

    def __init__(self, side: int, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._side = side
        self._promised = self._proven = False
        self.setFixedSize(QSize(side, side))

    def show_state(self, promised: bool, proven: bool, what: str) -> None:
        """Show which eyes are painted, for what."""
        self._promised, self._proven = promised, proven
        words = f"{what}, {face_words(promised, proven)}"
        self.setAccessibleName(words)
        self.setToolTip(plain_tip(words))
        self.update()

    def paintEvent(self, _: QPaintEvent) -> None:
        painter = QPainter(self)
        draw_face(painter, QRectF(self.rect()), self._promised, self._proven, Look.theme)
        painter.end()


class FaceCheck(QCheckBox):
    """Promise a function: checking paints the face's first eye."""

    SIDE, TEXT = 28, 15

    def __init__(self, text: str, parent: QWidget | None = None) -> None:
        super().__init__(text, parent)
        self._proven = False
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def show_proven(self, proven: bool) -> None:
        """Show whether the second eye is painted."""
        self._proven = proven
        self.update()

    def sizeHint(self) -> QSize:
        # as wide as it is when it is checked
        words = QFontMetrics(text_font(self.TEXT, bold=True)).horizontalAdvance(self.text())
        return QSize(self.SIDE + 14 + words + 4, self.SIDE + 6)

    def minimumSizeHint(self) -> QSize:
        return self.sizeHint()

    def hitButton(self, pos: QPoint) -> bool:
        return self.rect().contains(pos)

    def paintEvent(self, _: QPaintEvent) -> None:
        theme, painter = Look.theme, QPainter(self)
        draw_face(
            painter, QRectF(4, (self.height() - self.SIDE) / 2, self.SIDE, self.SIDE), self.isChecked(), self._proven, theme
        )
        painter.setFont(text_font(self.TEXT, bold=self.isChecked()))
        painter.setPen(theme.colour(Tone.INK))
        painter.drawText(self.rect().adjusted(self.SIDE + 14, 0, 0, 0), Qt.AlignmentFlag.AlignVCenter, self.text())
        if self.hasFocus():
            painter.setPen(QPen(theme.colour(Tone.DATA), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))
        painter.end()
