"""What a job knows: the facts for the pairing model, from the phone, the backup and what was read and done."""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass

from daruma.core.job import Job, StepState
from daruma.core.model import FinishRule, Model
from daruma.core.pairing import Condition, Facts
from daruma.core.parts import Identity, PartSelf, Version
from daruma.core.plan.actions import Action
from daruma.core.plan.state import Val, Var
from daruma.core.records import FieldRole, Record


@dataclass(frozen=True, slots=True)
class Known:
    """Hold the records a job has seen: the source's (a backup of the original) and the new panel's latest read."""

    source: Record | None = None
    source_chip: str | None = None
    target: Record | None = None
    target_part: PartSelf | None = None


def is_done(job: Job, action: str) -> bool:
    """Return whether a step of the run sheet is done."""
    return any(step.action == action and step.state is StepState.DONE for step in job.steps)


def board_identities(phone: Mapping[str, str]) -> dict[Identity, str]:
    """Return the identities among what the phone said."""
    named = {identity.value: identity for identity in Identity}
    return {named[key]: value for key, value in phone.items() if key in named}


def job_facts(job: Job, model: Model, known: Known) -> Facts:
    """Return what is known of the phone with the new panel in it, as the bench stands now."""
    expected = board_identities(job.phone)
    if known.source is not None:
        for identity in (Identity.DISPLAY_SERIAL, Identity.COVER_CODE):
            value = known.source.identity(identity)
            if value and identity not in expected:
                expected[identity] = value
    if known.source_chip and Identity.TOUCH_CHIP_ID not in expected:
        expected[Identity.TOUCH_CHIP_ID] = known.source_chip
    return Facts(model, system_of(job, model), expected, _carried(job, expected, known), _conditions(job, model, known))


def system_of(job: Job, model: Model) -> Version:
    """Return the ticket's system version, the model's first where none can be read."""
    try:
        return Version.parse(job.ticket.system)
    except ValueError:
        return model.first_system


def _carried(job: Job, expected: Mapping[Identity, str], known: Known) -> dict[Identity, str | None]:
    carried: dict[Identity, str | None] = {}
    of_display = {Identity.DISPLAY_SERIAL, Identity.COVER_CODE, Identity.TOUCH_CHIP_ID}
    of_flex = {Identity.FLEX_ID, Identity.AMBIENT_CODE}
    for identity, value in expected.items():
        if (identity in of_flex and job.ticket.flex_original) or identity not in of_display | of_flex:
            carried[identity] = value
    if known.target is not None:
        for identity in (Identity.DISPLAY_SERIAL, Identity.COVER_CODE):
            carried[identity] = known.target.identity(identity)
    if is_done(job, "solder_chip") and known.source_chip:
        carried[Identity.TOUCH_CHIP_ID] = known.source_chip
    elif known.target_part is not None:
        carried[Identity.TOUCH_CHIP_ID] = known.target_part.chip
    return carried


def _conditions(job: Job, model: Model, known: Known) -> dict[Condition, bool]:
    conditions: dict[Condition, bool] = {}
    if known.target is not None:
        conditions[Condition.PANEL_CALIBRATION] = known.target.complete(FieldRole.CALIBRATION)
        conditions[Condition.BRIGHTNESS_CURVE] = known.target.sound("brightness_curve")
    if known.target_part is not None:
        conditions[Condition.TOUCH_CHIP_SOUND] = known.target_part.chip is not None or is_done(job, "solder_chip")
    if model.era(system_of(job, model)).finishing is FinishRule.NONE:
        conditions[Condition.DISPLAY_FINISHED] = False
    return conditions


_NEW_PANEL_AGAIN = {
    Var.NEW_AT: Val.BENCH,
    Var.NEW_READ: Val.NO,
    Var.NEW_RECORD: Val.OWN,
    Var.NEW_OWN_CHIP: Val.YES,
}


def progress(job: Job, actions: Iterable[Action]) -> tuple[tuple[Var, Val], ...]:
    """Return what the steps that are done have changed, for planning from where things stand.

    After a failed write the panel must be read again; another new panel starts from the beginning.
    """
    by_key = {action.key: action for action in actions}
    values: dict[Var, Val] = {}
    for step in job.steps:
        if step.state is StepState.DONE and step.action in by_key:
            values |= by_key[step.action].effects
    if job.target is not None and job.ticket.panel_die not in ("", job.target.die):
        values |= _NEW_PANEL_AGAIN
    elif any(step.state is StepState.FAILED and step.action == "write_new" for step in job.steps):
        values[Var.NEW_READ] = Val.NO
    return tuple(values.items())
