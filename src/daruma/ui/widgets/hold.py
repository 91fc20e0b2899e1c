"""The hold button: press and keep pressing while a ring closes; for what cannot be taken back."""

from math import ceil

from PySide6.QtCore import QElapsedTimer, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QFocusEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from daruma.core.language import tr
from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, text_font

HOLD_MS = 1600
_KEYS = (Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Enter)


class HoldButton(QWidget):
    """Fire only after having been held; letting go early does nothing."""

    held = Signal()

    def __init__(self, name: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName(name)
        self._text = ""
        self._share = 0.0
        self._elapsed = QElapsedTimer()
        self._timer = QTimer(self)
        self._timer.setInterval(16)
        self._timer.timeout.connect(self._advance)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def show_text(self, text: str) -> None:
        """Say what holding does, with its cost."""
        self._text = text
        self.setAccessibleName(tr("Hold to: {act}", act=text))
        self.setToolTip(tr("Press and hold for {seconds} seconds, or hold the space bar", seconds=ceil(HOLD_MS / 1000)))
        self.updateGeometry()
        self.update()

    @property
    def is_held(self) -> bool:
        """Return whether it is being held just now."""
        return self._timer.isActive()

    def text(self) -> str:
        """Return what the button says."""
        return self._text

    def sizeHint(self) -> QSize:
        metrics = self.fontMetrics()
        return QSize(int(metrics.horizontalAdvance(tr("Hold: ") + self._text) * 1.25) + 96, 52)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._begin()

    def mouseReleaseEvent(self, _: QMouseEvent) -> None:
        self._end()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in _KEYS and not event.modifiers():
            if not event.isAutoRepeat():
                self._begin()
        else:
            super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() in _KEYS:
            if not event.isAutoRepeat():
                self._end()
        else:
            super().keyReleaseEvent(event)

    def focusOutEvent(self, event: QFocusEvent) -> None:
        self._end()
        super().focusOutEvent(event)

    def _begin(self) -> None:
        if self.isEnabled():
            self._elapsed.start()
            self._timer.start()

    def _end(self) -> None:
        self._timer.stop()
        self._share = 0.0
        self.update()

    def _advance(self) -> None:
        self._share = min(1.0, self._elapsed.elapsed() / HOLD_MS)
        self.update()
        if self._share >= 1.0:
            self._end()
            self.held.emit()

    def paintEvent(self, _: QPaintEvent) -> None:
        theme, painter = Look.theme, QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        ready = self.isEnabled()
        tone = Tone.ACT if ready else Tone.QUIET
        area = QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        painter.setPen(QPen(theme.colour(Tone.INK if self.hasFocus() else tone), 2))
        painter.setBrush(theme.colour(Tone.ACT, 0.10 + 0.35 * self._share) if ready else theme.colour(Tone.LINE, 0.4))
        painter.drawRect(area)
        ring = QRectF(14, self.height() / 2 - 14, 28, 28)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(theme.colour(tone, 0.35), 5))
        painter.drawEllipse(ring)
        painter.setPen(QPen(theme.colour(tone), 5))
        painter.drawArc(ring, 90 * 16, int(-self._share * 360 * 16))
        painter.setFont(text_font(16, bold=True))
        painter.setPen(theme.colour(tone))
        painter.drawText(self.rect().adjusted(56, 0, -12, 0), Qt.AlignmentFlag.AlignVCenter, tr("Hold: ") + self._text)
        painter.end()


def is_any_held(widget: QWidget) -> bool:
    """Return whether something in a widget's window is being held."""
    return any(button.is_held for button in widget.window().findChildren(HoldButton))
