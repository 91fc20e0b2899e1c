"""The run sheet: the route's steps, done, here and to come."""

from collections.abc import Sequence

from msgspec import Struct
from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QFontMetricsF, QPainter, QPaintEvent, QPen, QResizeEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from daruma.core.job import StepState
from daruma.core.language import tr, word
from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, text_font

ROW, MORE = 41, 17  # pixels of a step, and of a second line of its name
LEFT, RIGHT = 30, 4
TITLE = 14


class SheetLine(Struct, frozen=True):
    """Hold one line of the run sheet."""

    title: str
    minutes: float
    state: StepState
    here: bool
    knot: bool
    note: str


class RunSheet(QWidget):
    """Paint the steps; say where the one at hand is whenever it is another: `here_moved`, in pixels from the top."""

    here_moved = Signal(int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("run_sheet")
        self._lines: Sequence[SheetLine] = ()
        self._titles: list[tuple[str, ...]] = []
        self._here = ""
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def show_lines(self, lines: Sequence[SheetLine]) -> None:
        """Show steps."""
        self._lines = lines
        words = [f"{i}. {line.title}: {(tr('here') if line.here else word(line.state))}" for i, line in enumerate(lines, start=1)]
        self.setAccessibleName(tr("Run sheet. ") + "; ".join(words))
        self._lay()
        self.update()
        here = next((words[i] for i, line in enumerate(lines) if line.here), "")
        if here != self._here:
            self._here = here
            self.here_moved.emit(self.middle_of_here())

    def middle_of_here(self) -> int:
        """Return where the middle of the step at hand is, in pixels from the top; 0 where none is at hand."""
        at = next((i for i, line in enumerate(self._lines) if line.here), None)
        return 0 if at is None else sum(height_of(title) for title in self._titles[:at]) + height_of(self._titles[at]) // 2

    def sizeHint(self) -> QSize:
        return QSize(280, self.height())

    def resizeEvent(self, _: QResizeEvent) -> None:
        self._lay()

    def titles(self) -> list[tuple[str, ...]]:
        """Return each step's name as it stands there: in one line, or in two of which the second may be shortened."""
        return [two_lines(line.title, self.width() - LEFT - RIGHT, bold=line.here) for line in self._lines]

    def _lay(self) -> None:
        self._titles = self.titles()
        self.setFixedHeight(max(ROW, sum(height_of(title) for title in self._titles)))

    def paintEvent(self, _: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        y = 0.0
        for line, title in zip(self._lines, self._titles, strict=True):
            y += self._paint(painter, line, title, y)
        painter.end()

    def _paint(self, painter: QPainter, line: SheetLine, title: tuple[str, ...], y: float) -> int:
        theme, height = Look.theme, height_of(title)
        if line.here:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(theme.colour(Tone.DATA, 0.10))
            painter.drawRect(QRectF(0, y + 1, self.width(), height - 2))
        self._mark(painter, line, 13, y + height / 2)
        painter.setFont(text_font(TITLE, bold=line.here))
        painter.setPen(theme.colour(Tone.INK if line.here or line.state is not StepState.OPEN else Tone.QUIET))
        for row, words in enumerate(title):
            painter.drawText(QPointF(LEFT, y + 17 + MORE * row), words)
        painter.setFont(text_font(12))
        painter.setPen(theme.colour(Tone.QUIET))
        under = tr("{minutes:g} min", minutes=line.minutes) + (f", {line.note}" if line.note else "")
        room = self.width() - LEFT - RIGHT
        painter.drawText(
            QPointF(LEFT, y + height - 9), painter.fontMetrics().elidedText(under, Qt.TextElideMode.ElideRight, room)
        )
        return height

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


def height_of(title: tuple[str, ...]) -> int:
    """Return how high a step is whose name has so many lines, in pixels."""
    return ROW + MORE * (len(title) - 1)


def two_lines(text: str, room: float, *, bold: bool) -> tuple[str, ...]:
    """Return a text in one line, or in two where it is wider than its room, in pixels."""
    metrics = QFontMetricsF(text_font(TITLE, bold=bold))
    if metrics.horizontalAdvance(text) <= room:
        return (text,)
    words = text.split(" ")
    fitting = [n for n in range(1, len(words)) if metrics.horizontalAdvance(" ".join(words[:n])) <= room]
    if not fitting:
        return (metrics.elidedText(text, Qt.TextElideMode.ElideRight, room),)
    rest = " ".join(words[fitting[-1] :])
    return " ".join(words[: fitting[-1]]), metrics.elidedText(rest, Qt.TextElideMode.ElideRight, room)
