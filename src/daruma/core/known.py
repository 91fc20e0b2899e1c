"""What a job knows: the facts for the pairing model, from the phone, the backup and what was read and done."""

from collections.abc import Mapping
from dataclasses import dataclass

from daruma.core.job import Job, StepState
from daruma.core.kinds import trait
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.model import FinishRule, Model
from daruma.core.pairing import Condition, Facts
from daruma.core.parts import Identity, PartSelf, Version
from daruma.core.plan.odds import Record as OutcomeRecord
from daruma.core.plan.odds import total
from daruma.core.records import FieldRole, Record


@dataclass(frozen=True, slots=True)
class Known:
    """Hold the records a job has seen: the source's (a backup of the original) and the new panel's latest read.

    `own` says that the source is what the new panel itself carried: that tells nothing of what the board expects.
    """

    source: Record | None = None
    source_chip: str | None = None
    target: Record | None = None
    target_part: PartSelf | None = None
    own: bool = False


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
    carried, conditions = _carried(job, expected, known), _conditions(job, model, known)
    return Facts(model, system_of(job, model), expected, carried, conditions, _believed(expected, known))


def _believed(expected: Mapping[Identity, str], known: Known) -> dict[Identity, str]:
    """Return what the backup says the board expects, where the board itself does not tell: never its own check."""
    found: dict[Identity, str] = {}
    if known.own:
        return found
    if known.source is not None:
        for identity in (Identity.DISPLAY_SERIAL, Identity.COVER_CODE):
            value = known.source.identity(identity)
            if value:
                found[identity] = value
    if known.source_chip:
        found[Identity.TOUCH_CHIP_ID] = known.source_chip
    return {identity: value for identity, value in found.items() if identity not in expected}


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
        stays = identity in of_display and job.ticket.display_stays
        if stays or identity not in of_display | of_flex or (identity in of_flex and _flex_is_original(job)):
            carried[identity] = value
    if known.target is not None:
        for identity in (Identity.DISPLAY_SERIAL, Identity.COVER_CODE):
            carried[identity] = known.target.identity(identity)
    if is_done(job, "solder_chip") and known.source_chip:
        carried[Identity.TOUCH_CHIP_ID] = known.source_chip
    elif known.target_part is not None:
        carried[Identity.TOUCH_CHIP_ID] = known.target_part.chip
    return carried


def _flex_is_original(job: Job) -> bool:
    """Return whether the flex in the phone carries the original's data: by itself, or written to a new one."""
    own = job.ticket.flex in (FlexState.SOUND, FlexState.WORN, FlexState.DEAD)
    return own or is_done(job, "swap_flex")


def _conditions(job: Job, model: Model, known: Known) -> dict[Condition, bool]:
    conditions: dict[Condition, bool] = {}
    if known.target is not None:
        conditions[Condition.PANEL_CALIBRATION] = known.target.complete(FieldRole.CALIBRATION)
        conditions[Condition.BRIGHTNESS_CURVE] = known.target.sound("brightness_curve")
    if known.target_part is not None:
        conditions[Condition.TOUCH_CHIP_SOUND] = known.target_part.chip is not None or is_done(job, "solder_chip")
    if job.ticket.display_stays:
        for condition in (Condition.PANEL_CALIBRATION, Condition.BRIGHTNESS_CURVE, Condition.TOUCH_CHIP_SOUND):
            conditions[condition] = True
    if job.ticket.flex is not FlexState.UNTESTED:
        worn = job.ticket.flex in (FlexState.WORN, FlexState.DEAD)
        conditions[Condition.SENSOR_FLEX_SOUND] = not worn or is_done(job, "swap_flex")
    if is_done(job, "finish_on_phone"):
        conditions[Condition.DISPLAY_FINISHED] = True
    if model.era(system_of(job, model)).finishing is FinishRule.NONE:
        conditions[Condition.DISPLAY_FINISHED] = False
    return conditions


def history(job: Job) -> tuple[tuple[str, bool], ...]:
    """Return the steps that were done or failed, for planning from where things stand.

    With another new panel on the ticket than the one that was worked on, what was done on that one does not count.
    """
    other = job.target is not None and job.ticket.panel_die not in ("", job.target.die)
    settled = [(step.action, step.state is StepState.DONE) for step in job.steps if step.state is not StepState.OPEN]
    done = {key for key, good in settled if good}
    failed = [outcome.action for outcome in job.outcomes if not outcome.good and outcome.tells]
    lost = [(key, False) for key in failed if trait(key).lasting and key not in done]
    return (*((key, good) for key, good in settled if not (other and trait(key).redone)), *lost)


def record_of_outcomes(totals: Mapping[tuple[str, str, bool], int], models: Mapping[str, Model], adapter: str) -> OutcomeRecord:
    """Return what the shop's outcomes, by model, action and whether it went well, say about how often each action does.

    Reading and writing count on one adapter only.
    """

    def counts(key: str, action: str) -> bool:
        model = models.get(key)
        return not trait(action).on_adapter or (model is not None and model.socket == adapter)

    return total((action, good, times) for (key, action, good), times in totals.items() if counts(key, action))
