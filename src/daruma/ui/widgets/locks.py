"""The interlocks of an act: lit or dark, each with its evidence, and how to light a dark one."""

from collections.abc import Sequence

from PySide6.QtCore import QPointF, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from daruma.core.interlocks import Interlock
from daruma.core.language import tr
from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, text_font
from daruma.ui.tips import plain_tip

ROW = 37
FEW = 9  # interlocks that three columns hold in as many rows
SHORT = 24  # letters of a label that fits one of four columns


class Locks(QWidget):
    """Paint interlocks in columns."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("locks")
        self._locks: Sequence[Interlock] = ()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def show_locks(self, locks: Sequence[Interlock]) -> None:
        """Show interlocks."""
        self._locks = locks
        words = [
            f"{k.label}: {(tr('lit') if k.lit else tr('dark'))}, {k.evidence}" + ("" if k.lit else f". {k.remedy}") for k in locks
        ]
        self.setAccessibleName(tr("Interlocks. ") + "; ".join(words))
        self.setToolTip(plain_tip("\n".join(f"{k.label}: {k.remedy}" for k in locks if not k.lit)))
        self.setFixedHeight(ROW * _rows(locks))
        self.update()

    @property
    def all_lit(self) -> bool:
        """Return whether there are interlocks and each is lit."""
        return bool(self._locks) and all(lock.lit for lock in self._locks)

    def sizeHint(self) -> QSize:
        return QSize(500, ROW * _rows(self._locks))

    def paintEvent(self, _: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        rows = _rows(self._locks)
        each = self.width() / _columns(self._locks)
        for index, lock in enumerate(self._locks):
            self._paint(painter, lock, (index // rows) * each, (index % rows) * float(ROW), each - 12)
        painter.end()

    def _paint(self, painter: QPainter, lock: Interlock, x: float, y: float, room: float) -> None:
        theme = Look.theme
        centre = QPointF(x + 10, y + 13)
        if lock.lit:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(theme.colour(Tone.PROVEN))
            painter.drawEllipse(centre, 7, 7)
        else:
            painter.setPen(QPen(theme.colour(Tone.ACT), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(centre, 7, 7)
            painter.drawLine(QPointF(x + 5, y + 18), QPointF(x + 15, y + 8))
        painter.setFont(text_font(14, bold=not lock.lit))
        painter.setPen(theme.colour(Tone.INK))
        # bold and the crossed ring say that it is dark where there is no room for the word
        words = lock.label if lock.lit else tr("{label}: dark", label=lock.label)
        fits = painter.fontMetrics().horizontalAdvance(words) <= room - 24
        label = painter.fontMetrics().elidedText(lock.label, Qt.TextElideMode.ElideRight, int(room - 24))
        painter.drawText(QPointF(x + 24, y + 14), words if fits else label)
        painter.setFont(text_font(12))
        painter.setPen(theme.colour(Tone.QUIET if lock.lit else Tone.ACT))
        said = lock.evidence if lock.lit else f"{lock.evidence}. {lock.remedy}"
        text = painter.fontMetrics().elidedText(said, Qt.TextElideMode.ElideRight, int(room - 24))
        painter.drawText(QPointF(x + 24, y + 30), text)


def _columns(locks: Sequence[Interlock]) -> int:
    return 4 if len(locks) > FEW and max(len(lock.label) for lock in locks) <= SHORT else 3


def _rows(locks: Sequence[Interlock]) -> int:
    return -(-len(locks) // _columns(locks))
