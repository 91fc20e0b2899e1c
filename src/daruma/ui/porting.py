"""The serial ports for the window: looked for while somebody looks on, asked who answers; on a lane of its own."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, QTimer, Signal

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.ui.running import Running
from daruma.ui.work import Lane, Work

if TYPE_CHECKING:
    from daruma.link.ports import Answered, PortFound

LOOK_MS = 1500


class Porting(QObject):
    """Tell which ports there are and what answers; a port that was just plugged in is asked by itself."""

    ports_changed = Signal(object)
    asked = Signal(str, object)
    tested = Signal(str, object)

    def __init__(self, desk: Running, lanes: Mapping[str, Lane]) -> None:
        """Ask over `lanes` where a kind of device has one of its own."""
        super().__init__(desk)
        self._desk, self._lanes = desk, lanes
        self.lane = Lane("ports", self)
        self._known: tuple[PortFound, ...] | None = None
        self._timer = QTimer(self)
        self._timer.setInterval(LOOK_MS)
        self._timer.timeout.connect(self.look)

    def watch(self, on: bool) -> None:
        """Look for ports again and again, or no longer."""
        if on:
            self._timer.start()
            self.look()
        else:
            self._timer.stop()

    def finish(self) -> None:
        """Stop looking."""
        self._timer.stop()
        self.lane.finish()

    def look(self) -> None:
        """Look which ports there are now."""
        if self.lane.current is None:
            self._run(tr("looking for ports"), lambda: _ports(), self._found)

    def _found(self, ports: tuple[PortFound, ...]) -> None:
        if ports == self._known:
            return
        before = {port.url for port in self._known} if self._known is not None else {port.url for port in ports}
        self._known = ports
        self.ports_changed.emit(ports)
        for port in ports:
            if port.url not in before and not port.barred:
                self.ask(port.url)

    def ask_all(self) -> None:
        """Ask every port that may be opened who answers there."""
        for port in self._known or ():
            if not port.barred:
                self.ask(port.url)

    def ask(self, url: str) -> None:
        """Ask one port who answers there."""
        self._run(tr("asking {url}", url=url), lambda: (url, _ask(url)), self._answered)

    def _answered(self, result: tuple[str, Answered]) -> None:
        self.asked.emit(*result)

    def test(self, kind: str) -> None:
        """Test a device as it is set: connect as the bench does, and ask who it is."""
        workshop = self._desk.ready

        def work() -> tuple[str, Answered]:
            from daruma.link.ports import asked_by

            return kind, asked_by(lambda: workshop.anew(kind))

        # the lane that works with it: a wire is opened by one side at a time
        made = Work(tr("testing the {kind}", kind=kind), lambda _: work())
        made.done.connect(self._tested)
        made.failed.connect(self._failed)
        self._lanes.get(kind, self._desk.bench).start(made)

    def _tested(self, result: tuple[str, Answered]) -> None:
        self.tested.emit(*result)

    def _failed(self, trouble: Trouble) -> None:
        self._desk.trouble.emit(trouble)

    def _run(self, name: str, function: Callable[[], Any], done: Callable[[Any], None]) -> None:
        work = Work(name, lambda _: function())
        work.done.connect(done)
        work.failed.connect(self._failed)
        self.lane.start(work)


def _ports() -> tuple[PortFound, ...]:
    from daruma.link.ports import ports

    return ports()


def _ask(url: str) -> Answered:
    from daruma.link.ports import ask

    return ask(url)
