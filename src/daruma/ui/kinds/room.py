"""What a kind of part has of its own in the window: one value of this class in each kind's module."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import TYPE_CHECKING, Any

from msgspec import Struct

from daruma.core.job import Job
from daruma.core.model import Model
from daruma.core.pictures.primitives import Picture

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop
    from daruma.ui.desk import Desk
    from daruma.ui.views.evidence import Page


class Panel(Struct, frozen=True):
    """Hold a panel beside the record at the bench: its key, its name, and its picture.

    The picture is for a width, a job and its model, and what came in of the work that is under way.
    """

    key: str
    title: str
    draw: Callable[[float, Job, Model, Sequence[object]], Picture]


class Form(Struct, frozen=True):
    """Hold a form at the bench: the step that it stands at, and what makes it for a desk; it must have `show_job`."""

    step: str
    make: Callable[[Desk], Any]


def _nothing(_: Workshop, __: Job) -> None:
    return None


class UiRoom(Struct, frozen=True):
    """Hold panels of the bench, pages of Proof, and what these show of a job, worked out off the interface's thread.

    `steps` name, by the key of a step of the run sheet, the panel that it is looked at with; `forms` ask for something there.
    """

    panels: tuple[Panel, ...] = ()
    pages: tuple[type[Page], ...] = ()
    worked_out: Callable[[Workshop, Job], Any] = _nothing
    key: str = ""
    steps: tuple[tuple[str, str], ...] = ()
    forms: tuple[Form, ...] = ()
