"""The finishing session beside the run sheet: one panel for every kind of part that the phone finishes."""

from collections.abc import Mapping, Sequence

from daruma.core.finishing_session import finishing_steps, session_of
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.pictures.finishing_sheet import finishing_sheet
from daruma.core.pictures.primitives import Picture
from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.finishing import BEGIN
from daruma.ui.kinds.room import Panel

KEY = "finishing"


def finishing_panel(figures: Mapping[str, ActionFigures]) -> Panel:
    """Return the panel, with the minutes that the catalogue gives to its steps."""

    def draw(width: float, job: Job, model: Model, _: Sequence[object]) -> Picture:
        return finishing_sheet(width, session_of(job, model, figures))

    return Panel(KEY, tr("Finishing"), draw)


def finishing_at(job: Job | None) -> tuple[tuple[str, str], ...]:
    """Return the steps of a job's run sheet that the session is looked at with; none where nothing is finished."""
    steps = finishing_steps(job) if job is not None else {}
    return tuple((key, KEY) for key in (BEGIN, *(key for key, _ in steps.values()))) if steps else ()
