"""What is seen on the display's socket."""

from enum import Enum

from daruma.bench.rig import BenchState
from daruma.core.job import Job
from daruma.core.kinds.display.state import PanelVal
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import PartKind


def on_socket(job: Job, model: Model, bench: BenchState, good: set[Enum]) -> str:
    """Return what is seen on the socket where it is not what the step needs."""
    if bench.programmer is None:
        return ""
    there = bench.sockets.get(model.socket)
    new = job.ticket.of(DisplayTicket).die or job.of(DisplayWork).die
    is_new = there is not None and there.die == new
    met: dict[Enum, bool] = {
        PanelVal.NEW: is_new or (there is not None and not new),
        PanelVal.ORIGINAL: there is not None and there.kind is PartKind.DISPLAY and not is_new,
        PanelVal.EMPTY: not is_new,
    }
    if any(met.get(value, True) for value in good):
        return ""
    return (
        tr("{there} is on socket {socket}", there=there.name(), socket=model.socket)
        if there is not None
        else tr("socket {socket} is empty", socket=model.socket)
    )
