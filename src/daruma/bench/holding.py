"""What a step rests on is looked at, not remembered: is the part still on the socket, is the phone still open?"""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import Enum

from daruma.bench.kinds.sensor_flex import HOLDER
from daruma.bench.rig import BenchState
from daruma.core.job import Job, StepState
from daruma.core.kinds.display.state import PanelVal, PanelVar
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.kinds.sensor_flex import FlexVal, FlexVar
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.state import Val, Var

_LOOKED_AT = (Var.PHONE, PanelVar.SOCKET, FlexVar.HOLDER)


@dataclass(frozen=True, slots=True)
class Lapsed:
    """Hold a step that is ticked and whose state is no more: its index, its title, what was seen instead."""

    index: int
    title: str
    seen: str


def lapsed(job: Job, actions: Mapping[str, Action], model: Model, bench: BenchState) -> Lapsed | None:
    """Return the done step that the step at hand rests on and that is no longer so; None where all holds."""
    index = job.current_step
    action = actions.get(job.steps[index].action) if index is not None else None
    if action is None or index is None or job.steps[index].state is not StepState.OPEN:
        return None
    for var in _LOOKED_AT:
        good: set[Enum] = set()
        for need in action.conditions:
            if need.var is var:
                good |= need.good
        seen = _phone(job, bench, good) if var is Var.PHONE else _socket(job, model, bench, good)
        if seen and (found := _done(job, actions, var, good, index)) is not None:
            return Lapsed(found, actions[job.steps[found].action].figures.title, seen)
    return None


def _done(job: Job, actions: Mapping[str, Action], var: Enum, good: set[Enum], before: int) -> int | None:
    """Return the last done step that brought a state about."""
    for index in reversed(range(before)):
        action = actions.get(job.steps[index].action)
        if action is not None and action.effects.get(var) in good and job.steps[index].state is StepState.DONE:
            return index
    return None


def _phone(job: Job, bench: BenchState, good: set[Enum]) -> str:
    """Return what is seen where the phone should be open and off; nothing where it is, or cannot be told."""
    if good != {Val.OPEN} or not bench.phone_on:
        return ""
    return "the phone answers on the cable: it is on" if bench.phone_imei == job.ticket.imei else ""


def _socket(job: Job, model: Model, bench: BenchState, good: set[Enum]) -> str:
    """Return what is seen on the socket where it is not what the step needs."""
    if not good or bench.programmer is None:
        return ""
    there = bench.sockets.get(model.socket)
    new = job.ticket.of(DisplayTicket).die or job.of(DisplayWork).die
    is_new = there is not None and there.die == new
    met: dict[Enum, bool] = {
        PanelVal.NEW: is_new or (there is not None and not new),
        PanelVal.ORIGINAL: there is not None and there.kind is PartKind.DISPLAY and not is_new,
        FlexVal.ON_HOLDER: bench.sockets.get(HOLDER) is not None,
        PanelVal.EMPTY: not is_new,
    }
    if any(met.get(value, True) for value in good):
        return ""
    return f"{there.name()} is on socket {model.socket}" if there is not None else f"socket {model.socket} is empty"
