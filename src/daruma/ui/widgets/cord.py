"""The cord: a job's stages as knots, each done, here or not yet, with the reason."""

from collections.abc import Sequence

from PySide6.QtCore import QEvent, QPointF, QSize, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QToolTip, QWidget

from daruma.core.job import Progress, Stage
from daruma.core.language import tr, word
from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, text_font

Knot = tuple[Stage, Progress, str]


class Cord(QWidget):
    """Show the stages; a stage that is done or here can be opened."""

    opened = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("cord")
        self._knots: Sequence[Knot] = ()
        self._shown = Stage.INTAKE
        self._also: frozenset[Stage] = frozenset()
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def show_stages(self, knots: Sequence[Knot], shown: Stage, also: frozenset[Stage] = frozenset()) -> None:
        """Show how the stages stand and which one is on view; `also` can be opened though they are not yet."""
        self._knots, self._shown, self._also = knots, shown, also
        words = "; ".join(f"{word(stage)}: {word(progress)}" + (f", {why}" if why else "") for stage, progress, why in knots)
        self.setAccessibleName(tr("Stages. {words}. On view: {shown}", words=words, shown=word(shown)))
        self.update()

    def may_open(self, stage: Stage) -> bool:
        """Return whether a stage can be looked at."""
        return stage in self._also or any(s is stage and p is not Progress.NOT_YET for s, p, _ in self._knots)

    def sizeHint(self) -> QSize:
        return QSize(600, 58)

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ToolTip and self._knots:
            stage, progress, why = self._knots[self._index_at(event.pos().x())]  # type: ignore[attr-defined]
            text = f"{word(stage)}: {word(progress)}" + (f": {why}" if why else "")
            QToolTip.showText(event.globalPos(), text, self)  # type: ignore[attr-defined]
            return True
        return super().event(event)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self._knots:
            self._open(self._knots[self._index_at(event.position().x())][0])

    def keyPressEvent(self, event: QKeyEvent) -> None:
        order = [stage for stage, *_ in self._knots]
        step = {Qt.Key.Key_Right: 1, Qt.Key.Key_Left: -1}.get(Qt.Key(event.key()))
        if step is None or not order:
            super().keyPressEvent(event)
            return
        index = order.index(self._shown) + step
        if 0 <= index < len(order):
            self._open(order[index])

    def _open(self, stage: Stage) -> None:
        if self.may_open(stage):
            self.opened.emit(stage)

    def _index_at(self, x: float) -> int:
        return min(len(self._knots) - 1, max(0, int(x / (self.width() / len(self._knots)))))

    def paintEvent(self, _: QPaintEvent) -> None:
        theme, painter = Look.theme, QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        if self._knots:
            each, y = self.width() / len(self._knots), 17.0
            for index, knot in enumerate(self._knots):
                self._paint_strand(painter, index * each, each, y, knot[1])
            for index, knot in enumerate(self._knots):
                self._paint_knot(painter, index * each + 22, y, knot)
        if self.hasFocus():
            painter.setPen(QPen(theme.colour(Tone.DATA), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(1, 1, -1, -1))
        painter.end()

    def _paint_strand(self, painter: QPainter, x: float, each: float, y: float, progress: Progress) -> None:
        theme = Look.theme
        pen = QPen(theme.colour(Tone.INK if progress is Progress.DONE else Tone.QUIET), 3 if progress is Progress.DONE else 1.5)
        if progress is Progress.NOT_YET:
            pen.setStyle(Qt.PenStyle.DashLine)
        painter.setPen(pen)
        painter.drawLine(QPointF(x, y), QPointF(x + each, y))

    def _paint_knot(self, painter: QPainter, x: float, y: float, knot: Knot) -> None:
        theme = Look.theme
        stage, progress, _ = knot
        centre = QPointF(x, y)
        match progress:
            case Progress.DONE:
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(theme.colour(Tone.INK))
                painter.drawEllipse(centre, 9, 9)
                painter.setPen(QPen(theme.colour(Tone.SHEET), 2))
                painter.drawPolyline([QPointF(x - 4, y), QPointF(x - 1, y + 3), QPointF(x + 4, y - 3)])
            case Progress.HERE:
                painter.setPen(QPen(theme.colour(Tone.ACT), 3))
                painter.setBrush(theme.colour(Tone.SHEET))
                painter.drawEllipse(centre, 10, 10)
                painter.setBrush(theme.colour(Tone.ACT))
                painter.drawEllipse(centre, 4, 4)
            case Progress.NOT_YET:
                painter.setPen(QPen(theme.colour(Tone.QUIET), 1.5))
                painter.setBrush(theme.colour(Tone.GROUND))
                painter.drawEllipse(centre, 7, 7)
        on_view = stage is self._shown
        painter.setFont(text_font(15, bold=on_view))
        painter.setPen(theme.colour(Tone.QUIET if progress is Progress.NOT_YET else Tone.INK))
        painter.drawText(QPointF(x - 10, y + 30), word(stage))
        if on_view:
            width = painter.fontMetrics().horizontalAdvance(word(stage))
            painter.setPen(QPen(theme.colour(Tone.INK), 2))
            painter.drawLine(QPointF(x - 10, y + 36), QPointF(x - 10 + width, y + 36))
