"""Collect garbage in the interface's own thread, and nowhere else.

Where the collector runs by itself it does so in whatever thread is making objects. In a lane's thread it then takes apart
interface objects that lie in cycles, each of which waits for the interpreter while it holds the toolkit's lock on signals;
the interface's thread holds the interpreter and waits for that lock, and both wait for ever.

Nothing here asks for the objects themselves: another thread may be in the middle of making one, and fails where somebody else
holds it meanwhile.
"""

import gc
from time import perf_counter

from PySide6.QtCore import QObject, QTimer

EVERY_MS = 250
OLDEST = 2  # the generation that is searched as a whole
REST = 50  # times as long as the last whole search took, before the next one


class Collector(QObject):
    """Switch the collector's own runs off and do them here, between events; from the thread that makes this."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        gc.disable()
        self._rested = 0.0
        timer = QTimer(self)
        timer.timeout.connect(self.look)
        timer.start(EVERY_MS)

    def look(self) -> None:
        """Collect the oldest generation that is due; nothing where none is."""
        over = [has > most for has, most in zip(gc.get_count(), gc.get_threshold(), strict=True)]
        began = perf_counter()
        if over[OLDEST] and began >= self._rested:
            gc.collect(OLDEST)
            ended = perf_counter()
            self._rested = ended + REST * (ended - began)
        elif over[1]:
            gc.collect(1)
        elif over[0]:
            gc.collect(0)
