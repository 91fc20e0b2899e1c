"""Where something happened: the trouble bar and the busy bar. Neither is modal."""

import time
from collections.abc import Callable

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QProgressBar, QPushButton, QSizePolicy, QVBoxLayout, QWidget

from daruma.core.errors import Remedy, Trouble
from daruma.core.language import tr
from daruma.ui.tips import plain_tip
from daruma.ui.widgets.hold import is_any_held
from daruma.ui.work import Work

HELD_MS = 50  # between two looks whether something is held still


def label(role: str, text: str = "", *, wrap: bool = True) -> QLabel:
    """Return a label of a role of the style sheet; what it shows is never read as markup."""
    made = QLabel(text)
    made.setProperty("role", role)
    made.setWordWrap(wrap)
    made.setTextFormat(Qt.TextFormat.PlainText)
    return made


class ElidedLabel(QLabel):
    """A label of one line that ends in dots where there is no room for it; all of it is in its tip."""

    def __init__(self, role: str, *, snug: bool = False) -> None:
        """Fill the room that there is; a snug one takes no more of it than its text."""
        super().__init__()
        self.setProperty("role", role)
        self.setTextFormat(Qt.TextFormat.PlainText)
        wide = QSizePolicy.Policy.Maximum if snug else QSizePolicy.Policy.Ignored
        self.setSizePolicy(wide, QSizePolicy.Policy.Fixed)
        self._seen = True

    def minimumSizeHint(self) -> QSize:
        return QSize(0, super().minimumSizeHint().height())

    def show_text(self, seen: bool) -> None:
        """Show the text, or leave its place empty."""
        self._seen = seen
        self.update()

    def paintEvent(self, _: QPaintEvent) -> None:
        if not self._seen:
            return
        painter = QPainter(self)
        text = self.fontMetrics().elidedText(self.text(), Qt.TextElideMode.ElideRight, self.width())
        self.setToolTip(plain_tip(self.text()) if text != self.text() else "")
        painter.setPen(self.palette().color(self.foregroundRole()))
        painter.drawText(self.rect(), self.alignment() | Qt.AlignmentFlag.AlignVCenter, text)
        painter.end()


REMEDIES = {
    Remedy.SETTLE: tr("Settle the act in doubt"),
    Remedy.FIRMWARE: tr("Update the programmer"),
    Remedy.TRUST: tr("The owner confirms trust"),
    Remedy.DECIDE: tr("Decide: try it on this panel"),
    Remedy.DIAGNOSTIC: tr("It is in its diagnostic mode"),
}


class Notice(QFrame):
    """A bar above the work: it neither comes nor goes while something is being held, which it would move."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._waiting: Callable[[], None] | None = None

    def change(self, how: Callable[[], None]) -> None:
        """Change the bar now, or once nothing is held any more; of several changes the last one counts."""
        self._waiting = how
        self._settle()

    def _settle(self) -> None:
        if self._waiting is None:
            return
        if is_any_held(self):
            QTimer.singleShot(HELD_MS, self._settle)
            return
        how, self._waiting = self._waiting, None
        how()


class TroubleBar(Notice):
    """Say what happened, what is safe, what to do next; offer the next step where the program can do it."""

    remedy_asked = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("trouble")
        self.setProperty("role", "trouble")
        self._offers: Remedy | None = None
        self.what = label("part")
        self.safe = label("quiet")
        self.advice = label("")
        self.remedy = QPushButton()
        self.remedy.setObjectName("remedy")
        self.remedy.clicked.connect(self._ask)
        self.close_button = QPushButton(tr("Dismiss"))
        self.close_button.setObjectName("dismiss")
        self.close_button.clicked.connect(self.hide)
        texts = QVBoxLayout()
        texts.setSpacing(2)
        for made in (self.what, self.safe, self.advice):
            texts.addWidget(made)
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 8, 10, 8)
        row.addLayout(texts, 1)
        row.addWidget(self.remedy, 0, Qt.AlignmentFlag.AlignVCenter)
        row.addWidget(self.close_button, 0, Qt.AlignmentFlag.AlignVCenter)
        self.hide()

    def show_trouble(self, trouble: Trouble) -> None:
        """Show a trouble, with a button for what puts it right."""
        self.change(lambda: self._show(trouble))

    def over(self) -> None:
        """Go: what was done since went well."""
        self.change(self.hide)

    def _show(self, trouble: Trouble) -> None:
        self._offers = trouble.offers
        self.what.setText(trouble.what)
        self.safe.setText(trouble.safe)
        self.safe.setVisible(bool(trouble.safe))
        self.advice.setText(trouble.advice)
        self.advice.setVisible(bool(trouble.advice))
        self.remedy.setText(REMEDIES[trouble.offers] if trouble.offers else "")
        self.remedy.setVisible(trouble.offers is not None)
        self.setAccessibleName(trouble.sentences())
        self.show()

    def _ask(self) -> None:
        self.hide()
        self.remedy_asked.emit(self._offers)


class BusyBar(QFrame):
    """Show what is going on: how far, how long, and a way to stop where that is safe."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("busy")
        self.setProperty("role", "busy")
        self._work: Work | None = None
        self._share = 0.0
        self.words = label("", wrap=False)
        self.bar = QProgressBar()
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.stop_button = QPushButton(tr("Stop"))
        self.stop_button.setObjectName("stop")
        self.stop_button.clicked.connect(self._stop)
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 5, 10, 5)
        row.addWidget(self.words, 0)
        row.addWidget(self.bar, 1)
        row.addWidget(self.stop_button)
        self._clock = QTimer(self)
        self._clock.setInterval(250)
        self._clock.timeout.connect(self._tell)
        self.hide()

    def follow(self, work: Work | None) -> None:
        """Follow a piece of work; None hides the bar."""
        self._work = work
        self.setVisible(work is not None)
        if work is None:
            self._clock.stop()
            return
        self._share, self._text = 0.0, ""
        work.progress.connect(self._progress)
        self.stop_button.setVisible(work.cancellable)
        self._clock.start()
        self._tell()

    def _progress(self, share: float, text: str) -> None:
        self._share, self._text = share, text
        self._tell()

    def _tell(self) -> None:
        if self._work is None:
            return
        elapsed = time.monotonic() - self._work.started if self._work.started else 0.0
        left = tr(", about {elapsed:.0f} s to go", elapsed=elapsed / self._share - elapsed) if 0.05 < self._share < 1 else ""
        said = ": ".join(dict.fromkeys(filter(None, (self._work.name, self._text))))
        self.words.setText(f"{said}, {elapsed:.0f} s{left}")
        # a visible bar repaints the whole window within setValue; held back, it waits for the next paint like the rest
        self.bar.setUpdatesEnabled(False)
        self.bar.setValue(int(1000 * self._share))
        self.bar.setUpdatesEnabled(True)

    def _stop(self) -> None:
        if self._work is not None:
            self._work.stop.set()
