"""Collect garbage in the interface's own thread, and nowhere else.

Where the collector runs by itself it does so in whatever thread is making objects. In a lane's thread it then takes apart
interface objects that lie in cycles, each of which waits for the interpreter while it holds the toolkit's lock on signals;
the interface's thread holds the interpreter and waits for that lock, and both wait for ever.
"""

import gc

from PySide6.QtCore import QObject, QTimer

EVERY_MS = 250
OLDEST = 2  # the generation that is searched as a whole
SHARE = 4  # searched once this part of it has come in since the last time: the interpreter's own rule for its own runs


class Collector(QObject):
    """Switch the collector's own runs off and do them here, as often as it would; from the thread that makes this."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        gc.disable()
        self._come_in = self._known = 0
        timer = QTimer(self)
        timer.timeout.connect(self.look)
        timer.start(EVERY_MS)

    def look(self) -> None:
        """Collect the oldest generation that is due; nothing where none is."""
        over = [has > most for has, most in zip(gc.get_count(), gc.get_threshold(), strict=True)]
        if over[OLDEST] and self._come_in * SHARE > self._known:
            gc.collect(OLDEST)
            self._known, self._come_in = len(gc.get_objects(OLDEST)), 0
        elif over[1]:
            young = len(gc.get_objects(0)) + len(gc.get_objects(1))
            self._come_in += young - gc.collect(1)
        elif over[0]:
            gc.collect(0)
