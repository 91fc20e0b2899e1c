"""What a step rests on is looked at, not remembered: is the part still on the socket, is the phone still open?"""

from collections.abc import Mapping
from enum import Enum

from msgspec import Struct

from daruma.bench.kinds import rooms
from daruma.bench.kinds.room import Look
from daruma.bench.rig import BenchState
from daruma.core.job import Job, StepState
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.plan.actions import Action
from daruma.core.plan.state import Val, Var


class Lapsed(Struct, frozen=True):
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
    for var, looked in _looks().items():
        good = {value for need in action.conditions if need.var is var for value in need.good}
        seen = looked(job, model, bench, good) if good else ""
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


def _looks() -> dict[Enum, Look]:
    return {Var.PHONE: _phone, **{var: look for each in rooms() for var, look in each.looked_at.items()}}


def _phone(job: Job, _: Model, bench: BenchState, good: set[Enum]) -> str:
    """Return what is seen where the phone should be open and off; nothing where it is, or cannot be told."""
    if good != {Val.OPEN} or not bench.phone_on:
        return ""
    return tr("the phone answers on the cable: it is on") if bench.phone_imei == job.ticket.imei else ""
