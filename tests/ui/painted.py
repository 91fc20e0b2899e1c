"""Count what is painted."""

from PySide6.QtCore import QEvent, QObject


class Painted(QObject):
    """Count the paint events of what it is installed on."""

    def __init__(self) -> None:
        super().__init__()
        self.count = 0

    def eventFilter(self, _: QObject, event: QEvent) -> bool:
        self.count += event.type() is QEvent.Type.Paint
        return False
