"""The run sheet: the route's steps, done, here and to come."""

from collections.abc import Sequence

from msgspec import Struct
from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from daruma.core.job import StepState
from daruma.core.language import tr, word
from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, text_font

ROW = 41


class SheetLine(Struct, frozen=True):
    """Hold one line of the run sheet."""

    title: str
    minutes: float
    state: StepState
    here: bool
    knot: bool
    note: str


class RunSheet(QWidget):
    """Paint the steps."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("run_sheet")
        self._lines: Sequence[SheetLine] = ()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def show_lines(self, lines: Sequence[SheetLine]) -> None:
        """Show steps."""
        self._lines = lines
        words = [f"{i}. {line.title}: {(tr('here') if line.here else word(line.state))}" for i, line in enumerate(lines, start=1)]
        self.setAccessibleName(tr("Run sheet. ") + "; ".join(words))
        self.setFixedHeight(max(ROW, ROW * len(lines)))
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(280, ROW * max(1, len(self._lines)))

    def paintEvent(self, _: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for index, line in enumerate(self._lines):
            self._paint(painter, line, index * float(ROW))
        painter.end()

    def _paint(self, painter: QPainter, line: SheetLine, y: float) -> None:
        theme = Look.theme
        if line.here:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(theme.colour(Tone.DATA, 0.10))
            painter.drawRect(QRectF(0, y + 1, self.width(), ROW - 2))
        self._mark(painter, line, 13, y + ROW / 2)
        room = self.width() - 34
        painter.setFont(text_font(14, bold=line.here))
        painter.setPen(theme.colour(Tone.INK if line.here or line.state is not StepState.OPEN else Tone.QUIET))
        painter.drawText(QPointF(30, y + 17), painter.fontMetrics().elidedText(line.title, Qt.TextElideMode.ElideRight, room))
        painter.setFont(text_font(12))
        painter.setPen(theme.colour(Tone.QUIET))
        under = tr("{minutes:g} min", minutes=line.minutes) + (f", {line.note}" if line.note else "")
        painter.drawText(QPointF(30, y + 32), painter.fontMetrics().elidedText(under, Qt.TextElideMode.ElideRight, room))

    def _mark(self, painter: QPainter, line: SheetLine, x: float, y: float) -> None:
        theme = Look.theme
        centre = QPointF(x, y)
        match line.state:
            case StepState.DONE:
                painter.setPen(QPen(theme.colour(Tone.INK), 2.2))
                painter.drawPolyline([QPointF(x - 5, y), QPointF(x - 1, y + 4), QPointF(x + 6, y - 4)])
            case StepState.FAILED:
                painter.setPen(QPen(theme.colour(Tone.ACT), 2.4))
                painter.drawLine(QPointF(x - 5, y - 5), QPointF(x + 5, y + 5))
                painter.drawLine(QPointF(x - 5, y + 5), QPointF(x + 5, y - 5))
            case StepState.OPEN:
                painter.setBrush(theme.colour(Tone.ACT) if line.here else Qt.BrushStyle.NoBrush)
                painter.setPen(QPen(theme.colour(Tone.ACT if line.here or line.knot else Tone.QUIET), 1.6))
                if line.knot:
                    painter.drawEllipse(QPointF(x - 3.5, y), 4.5, 3.5)
                    painter.drawEllipse(QPointF(x + 3.5, y), 4.5, 3.5)
                else:
                    painter.drawEllipse(centre, 5, 5)
