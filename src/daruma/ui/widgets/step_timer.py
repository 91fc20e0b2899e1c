"""A timer for hand steps: minutes and seconds down to zero, and on beyond it."""

from PySide6.QtCore import QElapsedTimer, QTimer
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QWidget

from daruma.core.language import tr
from daruma.ui.widgets.notices import label


class StepTimer(QWidget):
    """Count a step's time."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("step_timer")
        self._whole = 0.0
        self._before = 0.0
        self._elapsed = QElapsedTimer()
        self._tick = QTimer(self)
        self._tick.setInterval(250)
        self._tick.timeout.connect(self._tell)
        self.words = label("data", wrap=False)
        self.button = QPushButton(tr("Start timer"))
        self.button.setObjectName("timer")
        self.button.clicked.connect(self._toggle)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(self.button)
        row.addWidget(self.words)
        row.addStretch(1)

    def show_minutes(self, minutes: float) -> None:
        """Start over with a step's minutes."""
        self._whole, self._before = minutes * 60, 0.0
        self._tick.stop()
        self.button.setText(tr("Start timer"))
        self._tell()

    def _toggle(self) -> None:
        if self._tick.isActive():
            self._before += self._elapsed.elapsed() / 1000
            self._tick.stop()
            self.button.setText(tr("Go on"))
        else:
            self._elapsed.start()
            self._tick.start()
            self.button.setText(tr("Pause timer"))
        self._tell()

    def _tell(self) -> None:
        passed = self._before + (self._elapsed.elapsed() / 1000 if self._tick.isActive() else 0.0)
        left = self._whole - passed
        clock = f"{int(abs(left)) // 60}:{int(abs(left)) % 60:02d}"
        self.words.setText(tr("{clock} min left", clock=clock) if left >= 0 else tr("{clock} min over", clock=clock))
