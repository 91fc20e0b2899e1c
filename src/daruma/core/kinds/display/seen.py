"""What a job has seen of its display, for the pairing model: the identities carried and believed, the conditions that hold."""

from daruma.core.job import Job, is_done
from daruma.core.known import KnownPart, Seen
from daruma.core.model import FinishRule, Model
from daruma.core.pairing import Condition
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldRole

CODES = (Identity.DISPLAY_SERIAL, Identity.COVER_CODE)
_OF_A_PANEL = (Condition.PANEL_CALIBRATION, Condition.BRIGHTNESS_CURVE, Condition.TOUCH_CHIP_SOUND)


def seen(job: Job, model: Model, known: KnownPart) -> Seen:
    """Return what is known of the display as the bench stands now."""
    if PartKind.DISPLAY not in job.ticket.parts:
        return Seen(conditions={**dict.fromkeys(_OF_A_PANEL, True), **_finishing(job, model)})
    return Seen(_carried(job, known), {**_conditions(job, known), **_finishing(job, model)}, _believed(known))


def _carried(job: Job, known: KnownPart) -> dict[Identity, str | None]:
    carried: dict[Identity, str | None] = {}
    if known.target is not None:
        carried |= {identity: known.target.identity(identity) for identity in CODES}
    if is_done(job, "solder_chip") and known.source_chip:
        carried[Identity.TOUCH_CHIP_ID] = known.source_chip
    elif known.part is not None:
        carried[Identity.TOUCH_CHIP_ID] = known.part.chip
    return carried


def _believed(known: KnownPart) -> dict[Identity, str]:
    """Return what the backup says the board expects: never its own check."""
    found: dict[Identity, str] = {}
    if known.own:
        return found
    if known.source is not None:
        found |= {identity: value for identity in CODES if (value := known.source.identity(identity))}
    if known.source_chip:
        found[Identity.TOUCH_CHIP_ID] = known.source_chip
    return found


def _conditions(job: Job, known: KnownPart) -> dict[Condition, bool]:
    conditions: dict[Condition, bool] = {}
    if known.target is not None:
        conditions[Condition.PANEL_CALIBRATION] = known.target.complete(FieldRole.CALIBRATION)
        conditions[Condition.BRIGHTNESS_CURVE] = known.target.sound("brightness_curve")
    if known.part is not None:
        conditions[Condition.TOUCH_CHIP_SOUND] = known.part.chip is not None or is_done(job, "solder_chip")
    return conditions


def _finishing(job: Job, model: Model) -> dict[Condition, bool]:
    finished = {Condition.DISPLAY_FINISHED: True} if is_done(job, "finish_on_phone") else {}
    if model.era(job.system_of(model)).finishing is FinishRule.NONE:
        finished[Condition.DISPLAY_FINISHED] = False
    return finished
