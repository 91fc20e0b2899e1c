"""Draw pictures of the core with Qt."""

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QFontMetricsF, QPainter, QPen, QPolygonF

from daruma.core.pictures.primitives import Bars, Disc, Line, Picture, Rect, Text, Tone
from daruma.ui.theme import Theme, text_font


def draw(painter: QPainter, picture: Picture, theme: Theme) -> None:
    """Draw a picture at the painter's origin."""
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    for item in picture.items:
        match item:
            case Line():
                _line(painter, item, theme)
            case Rect():
                _rect(painter, item, theme)
            case Disc():
                _disc(painter, item, theme)
            case Bars():
                _bars(painter, item, theme)
            case Text():
                _text(painter, item, theme)


def _pen(tone: Tone | None, width: float, dash: tuple[float, ...], theme: Theme) -> QPen:
    if tone is None:
        return QPen(Qt.PenStyle.NoPen)
    pen = QPen(theme.colour(tone), width)
    pen.setCapStyle(Qt.PenCapStyle.FlatCap if dash else Qt.PenCapStyle.RoundCap)
    pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
    if dash:
        pen.setDashPattern([part / width for part in dash])
    return pen


def _line(painter: QPainter, item: Line, theme: Theme) -> None:
    painter.setPen(_pen(item.tone, item.width, item.dash, theme))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawPolyline(QPolygonF([QPointF(x, y) for x, y in item.points]))


def _brush(fill: Tone | None, alpha: float, theme: Theme) -> QBrush:
    return QBrush(theme.colour(fill, alpha)) if fill else QBrush(Qt.BrushStyle.NoBrush)


def _rect(painter: QPainter, item: Rect, theme: Theme) -> None:
    area = QRectF(item.x, item.y, item.w, item.h)
    painter.setPen(_pen(item.stroke, item.width, item.dash, theme))
    painter.setBrush(_brush(item.fill, item.alpha, theme))
    painter.drawRect(area)
    if item.hatch and item.stroke:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QBrush(theme.colour(item.stroke), Qt.BrushStyle.BDiagPattern))
        painter.drawRect(area)


def _disc(painter: QPainter, item: Disc, theme: Theme) -> None:
    painter.setPen(_pen(item.stroke, item.width, item.dash, theme))
    painter.setBrush(_brush(item.fill, item.alpha, theme))
    painter.drawEllipse(QPointF(item.x, item.y), item.rx, item.ry)


def _bars(painter: QPainter, item: Bars, theme: Theme) -> None:
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(_brush(item.tone, 1.0, theme))
    painter.drawRects([QRectF(*bar) for bar in item.bars])


def _text(painter: QPainter, item: Text, theme: Theme) -> None:
    font = text_font(item.size, bold=item.bold, mono=item.mono)
    metrics = QFontMetricsF(font)
    text = metrics.elidedText(item.text, Qt.TextElideMode.ElideRight, item.limit) if item.limit > 0 else item.text
    shift = {"start": 0.0, "middle": 0.5, "end": 1.0}[item.anchor] * metrics.horizontalAdvance(text)
    painter.setFont(font)
    painter.setPen(theme.colour(item.tone))
    painter.drawText(QPointF(item.x - shift, item.y), text)
