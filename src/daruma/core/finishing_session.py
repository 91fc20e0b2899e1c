"""A phone's finishing session as its own run sheet: what is finished, locked, used for ever; what a notice means."""

from collections.abc import Mapping
from enum import Enum

from msgspec import Struct

from daruma.core.acts import ActKind
from daruma.core.finishing import OWNER_ONLY, Origin, PageLine
from daruma.core.job import Job, StepState
from daruma.core.kinds import KINDS, room, trait
from daruma.core.language import tr, word
from daruma.core.model import Model
from daruma.core.parts import PART_LABEL, PartKind
from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.finishing import BEGIN


class Outlook(Enum):
    """Say what a session does with a part."""

    GENUINE = "will say genuine"
    USED = "will say used for ever"
    LOCKED = "locked: is skipped"
    STAYS = "stays as it is"


class Meaning(Enum):
    """Say what a notice of the parts page means."""

    NONE = ""
    EXPECTED = "expected until it is finished"
    BEFORE = "was there before"
    REAL = "real: it was finished and is not known all the same"
    NEW = "new: nothing was done to this part, look at its connector"


class FinishRow(Struct, frozen=True):
    """Hold one part of a session: what it does with it and why, whether that is done, the parts page before and after."""

    part: PartKind
    outlook: Outlook
    why: str
    done: bool
    by_hand: bool
    before: PageLine | None
    after: PageLine | None
    meaning: Meaning


class FinishSession(Struct, frozen=True):
    """Hold a session: its parts in their order, whether it was begun, the minutes that are expected and those planned."""

    rows: tuple[FinishRow, ...]
    begun: bool
    minutes: float
    planned: float


def finishing_steps(job: Job) -> Mapping[PartKind, tuple[str, StepState]]:
    """Return the steps of a run sheet that finish a part, by the part, in their order."""
    steps = ((step, trait(step.action)) for step in job.steps)
    return {its.part: (step.action, step.state) for step, its in steps if its.act is ActKind.FINISH and its.part is not None}


def session_of(job: Job, model: Model, figures: Mapping[str, ActionFigures]) -> FinishSession | None:
    """Return a job's finishing session; None where its run sheet has none and no page was read."""
    steps = finishing_steps(job)
    if not steps and not job.pages:
        return None
    era = model.era(job.system_of(model))
    kinds = [*steps, *(kind for kind in KINDS if kind not in steps and kind in era.finishes)]
    begun = any(step.action == BEGIN and step.state is StepState.DONE for step in job.steps)
    keys = [BEGIN, *(key for key, _ in steps.values())]
    known = [figures[key] for key in keys if key in figures]
    planned = sum(each.attended + each.waiting for each in known)
    expected = sum((each.attended + each.waiting) / max(0.05, each.chance) for each in known)
    return FinishSession(tuple(_row(job, model, kind, steps) for kind in kinds), begun, expected, planned)


def _row(job: Job, model: Model, kind: PartKind, steps: Mapping[PartKind, tuple[str, StepState]]) -> FinishRow:
    done = kind in steps and steps[kind][1] is StepState.DONE
    outlook, why = _outlook(job, model, kind, finished_here=kind in steps)
    before, after = (job.pages[i].line(kind) if job.pages else None for i in (0, -1))
    latest = after if len(job.pages) > 1 else None
    meaning = _meaning(latest or before, before, finished_here=kind in steps, done=done)
    return FinishRow(kind, outlook, why, done, kind is PartKind.REAR_CAMERA and kind in steps, before, latest, meaning)


def _outlook(job: Job, model: Model, kind: PartKind, *, finished_here: bool) -> tuple[Outlook, str]:
    ticket = job.ticket.parts.get(kind)
    origin = room(kind).origin(ticket) if ticket is not None else None
    lockable = kind in model.era(job.system_of(model)).lockable
    if origin is Origin.LOCKED and lockable:
        return Outlook.LOCKED, OWNER_ONLY
    if not finished_here:
        return Outlook.STAYS, tr("this way does nothing that the phone would have to finish")
    if kind is PartKind.REAR_CAMERA:
        said = tr("first, by hand: without its sweep the other parts stay unfinished")
    else:
        said = tr("by itself, in the same go")
    return (Outlook.USED if origin is Origin.USED else Outlook.GENUINE), said


def _meaning(now: PageLine | None, before: PageLine | None, *, finished_here: bool, done: bool) -> Meaning:
    if now is None or not now.notice:
        return Meaning.NONE
    if finished_here:
        return Meaning.REAL if done else Meaning.EXPECTED
    return Meaning.BEFORE if before is not None and before.notice else Meaning.NEW


def session_words(session: FinishSession) -> str:
    """Return a session in a few sentences, for those who cannot see its picture."""
    said = [f"{PART_LABEL[row.part]} {word(row.outlook)}" for row in session.rows if row.outlook is not Outlook.STAYS]
    minutes = tr(
        "About {minutes:.0f} minutes are expected, {planned:.0f} at best.", minutes=session.minutes, planned=session.planned
    )
    return f"{'; '.join(said) or tr('nothing is finished')}. {minutes}"
