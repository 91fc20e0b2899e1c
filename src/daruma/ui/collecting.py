"""Collect garbage in the interface's own thread, and nowhere else.

Where the collector runs by itself it does so in whatever thread is making objects. In a lane's thread it then takes apart
interface objects that lie in cycles, each of which waits for the interpreter while it holds the toolkit's lock on signals;
the interface's thread holds the interpreter and waits for that lock, and both wait for ever.
"""

import gc

from PySide6.QtCore import QObject, QTimer

EVERY_MS = 250


class Collector(QObject):
    """Switch the collector's own runs off and do them here, as often as it would; from the thread that makes this."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        gc.disable()
        timer = QTimer(self)
        timer.timeout.connect(self.look)
        timer.start(EVERY_MS)

    def look(self) -> None:
        """Collect the oldest generation that is due; nothing where none is."""
        due = [which for which, (has, most) in enumerate(zip(gc.get_count(), gc.get_threshold(), strict=True)) if has > most]
        if due:
            gc.collect(due[-1])
