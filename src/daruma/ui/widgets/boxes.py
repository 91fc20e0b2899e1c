"""A tick box and a choice box that paint their own marks (the fonts have none), and a frameless scroll area."""

from PySide6.QtCore import QPoint, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen, QWheelEvent
from PySide6.QtWidgets import QCheckBox, QComboBox, QScrollArea, QStyle, QStyleOptionComboBox, QStylePainter, QWidget

from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, text_font
from daruma.ui.tips import plain_tip

_SIDE = 18


class TickBox(QCheckBox):
    """A check box with a painted tick."""

    def sizeHint(self) -> QSize:
        return QSize(self.fontMetrics().horizontalAdvance(self.text()) + _SIDE + 22, _SIDE + 10)

    def hitButton(self, pos: QPoint) -> bool:
        return self.rect().contains(pos)

    def paintEvent(self, _: QPaintEvent) -> None:
        theme, painter = Look.theme, QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        top = (self.height() - _SIDE) / 2
        focus = self.hasFocus()
        painter.setPen(QPen(theme.colour(Tone.DATA if focus else Tone.QUIET), 2 if focus else 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(QRectF(2, top, _SIDE, _SIDE))
        if self.isChecked():
            painter.setPen(QPen(theme.colour(Tone.INK), 2.6))
            painter.drawPolyline([QPointF(6, top + 9), QPointF(10, top + 13.5), QPointF(17, top + 4.5)])
        painter.setFont(text_font(14))
        painter.setPen(theme.colour(Tone.INK))
        painter.drawText(self.rect().adjusted(_SIDE + 12, 0, 0, 0), Qt.AlignmentFlag.AlignVCenter, self.text())
        painter.end()


class ChoiceBox(QComboBox):
    """A combo box with a painted mark; the wheel scrolls the page, never the choice."""

    def __init__(self) -> None:
        super().__init__()
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.setMinimumContentsLength(6)
        self._tip = ""

    def wheelEvent(self, event: QWheelEvent) -> None:
        event.ignore()

    def paintEvent(self, _: QPaintEvent) -> None:
        option = QStyleOptionComboBox()
        self.initStyleOption(option)
        room = self.style().subControlRect(
            QStyle.ComplexControl.CC_ComboBox, option, QStyle.SubControl.SC_ComboBoxEditField, self
        )
        shown = self.fontMetrics().elidedText(self.currentText(), Qt.TextElideMode.ElideRight, room.width() - 4)
        self.setToolTip(plain_tip(self.currentText()) if shown != self.currentText() else self._tip)
        option.currentText = shown
        painter = QStylePainter(self)
        painter.drawComplexControl(QStyle.ComplexControl.CC_ComboBox, option)
        painter.drawControl(QStyle.ControlElement.CE_ComboBoxLabel, option)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        x, y = self.width() - 15.0, self.height() / 2
        painter.setPen(QPen(Look.theme.colour(Tone.QUIET), 1.8))
        painter.drawPolyline([QPointF(x - 4.5, y - 2), QPointF(x, y + 3), QPointF(x + 4.5, y - 2)])
        painter.end()


def scrolled(widget: QWidget) -> QScrollArea:
    """Return a frameless area that scrolls a widget."""
    area = QScrollArea()
    area.setWidgetResizable(True)
    area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    area.setWidget(widget)
    area.viewport().setAutoFillBackground(False)
    widget.setAutoFillBackground(False)
    return area
