"""Short words for what tests ask: something that is there, a job's display, what was done with it."""

from typing import Any, TypeVar

from msgspec.structs import replace

from daruma.core.job import Job
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.parts import PartKind

T = TypeVar("T")


def some(found: T | None) -> T:
    """Return what is there."""
    assert found is not None
    return found


def panel_of(job: Job) -> DisplayTicket:
    return job.ticket.of(DisplayTicket)


def work_of(job: Job) -> DisplayWork:
    return job.of(DisplayWork)


def with_panel(job: Job, **changes: Any) -> Job:
    return job.with_ticket(replace(panel_of(job), **changes))


def with_work(job: Job, **changes: Any) -> Job:
    return job.having(replace(work_of(job), **changes))


def flex_alone(job: Job) -> bool:
    """Return whether the display stays and the flex alone is exchanged."""
    return tuple(job.ticket.parts) == (PartKind.SENSOR_FLEX,)
