"""Write display records: what would be written, its interlocks, and the writing itself under the journal."""

from msgspec.structs import replace

from daruma.bench.acting import act, refuse_dark
from daruma.bench.context import Context
from daruma.bench.decoded import Decoded
from daruma.bench.reading import PartReading, read_image
from daruma.bench.rig import BenchState, Rig, look
from daruma.bench.writing import Place, WritePlan, budget_of, evidence_of, has_double, is_doubtful, source_of
from daruma.core.display import FIELDS as CALIBRATION
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, StepState
from daruma.core.kinds.display.interlocks import WriteEvidence, write_interlocks
from daruma.core.kinds.display.steps import CODES, CODES_FOR_OWN_CHIP, FOR_MOVED_CHIP, FOR_OWN_CHIP, OTHER_MAKER, TUNED, WRITES
from daruma.core.kinds.display.work import Decision, DisplayWork
from daruma.core.known import KnownPart
from daruma.core.language import moment, tr
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind, PartSelf
from daruma.core.records import FieldRole, Record, compose, decode, encode, fields_to_write
from daruma.store.shop import Shop

MAKER = "panel_maker"  # the field that says whose panel a record is of


def record_maker(plan: WritePlan) -> str:
    """Return whose panel's record would be written; empty where only codes are."""
    return str(plan.source.values.get(MAKER) or "") if MAKER in plan.fields else ""


def plan_write(target: PartReading, source: Record, key: str = "") -> WritePlan:
    """Put together the bytes that an action writes to a part that was just read.

    A tuned record's calibration is always taken; where only the codes are to be written, no calibration is.
    """
    fields = fields_to_write(target.record, source)
    if key in (CODES, CODES_FOR_OWN_CHIP):
        whose = {spec.name for spec in source.layout.fields if spec.role is FieldRole.CALIBRATION} | {MAKER}
        fields = tuple(name for name in fields if name not in whose)
    if key == TUNED:
        fields = tuple(dict.fromkeys((*fields, *CALIBRATION)))
    return WritePlan(target.part, target.record, source, compose(target.record, source, fields), fields)


def source_for(key: str, source: Record | None, target: PartReading) -> Record | None:
    """Return what a write takes its codes from.

    For the panel's own chip it is the source with that chip's code; for a moved chip the panel's own record with the
    chip's code; a source without a cover code (typed from paper) gets the code of the chip on the panel.
    """
    chip = target.part.chip
    if key == FOR_MOVED_CHIP:
        return _with_cover(target.record, chip)
    if source is not None and (key in FOR_OWN_CHIP or source.identity(Identity.COVER_CODE) is None):
        return _with_cover(source, chip)
    return source


def _with_cover(record: Record, chip: str | None) -> Record | None:
    if chip is None:
        return None
    return decode(record.layout, encode(record.layout, {"cover_code": chip}, record.image))


def planned_write(job: Job, known: KnownPart) -> WritePlan | None:
    """Return what the job's next write would write; None where something is not read yet."""
    if known.target is None or known.part is None:
        return None
    target = PartReading(known.part, known.target)
    key = next((step.action for step in job.steps if step.action in WRITES and step.state is not StepState.DONE), "write_new")
    source = source_for(key, known.source, target)
    return plan_write(target, source, key) if source is not None else None


def locks_from(
    bench: BenchState, shop: Shop, model: Model, job: Job, plan: WritePlan | None, decoded: Decoded | None = None
) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of a write from a look at the bench; `decoded` is enough to look at, not to write from."""
    source, backup = source_of(shop, model, job.of(DisplayWork).source, PartKind.DISPLAY, decoded)
    part = bench.sockets.get(model.socket)
    evidence = WriteEvidence(
        model=model,
        part=part,
        checked_part=plan.part if plan else None,
        source=source,
        backup=evidence_of(backup),
        imei=job.ticket.imei,
        alike=has_double(bench, part, model.socket),
        firmware=bench.firmware,
        phone_on=bench.phone_on and (not job.ticket.imei or bench.phone_imei == job.ticket.imei),
        budget=budget_of(shop, model.write_limits, part.die if part else ""),
        act_in_doubt=is_doubtful(shop, part),
        record_maker=record_maker(plan) if plan else str(source.values.get(MAKER) or "") if source else "",
        decided=_decided(job, part, plan),
        tried=_tries(job),
    )
    return write_interlocks(evidence)


def _decided(job: Job, part: PartSelf | None, plan: WritePlan | None) -> str:
    """Return the words of the decision to try the planned record on the part; empty where there is none."""
    found = job.of(DisplayWork).decided(part.die, record_maker(plan)) if part is not None and plan is not None else None
    return tr("decided {when} by {who}", when=moment(found.when), who=found.who) if found else ""


def _tries(job: Job) -> bool:
    """Return whether the step at hand is the one that tries another maker's record."""
    return job.current_step is not None and job.steps[job.current_step].action == OTHER_MAKER


def decide(job: Job, plan: WritePlan | None, context: Context) -> Job:
    """Return the job with the decision to try another maker's record on its panel; raise Trouble where there is nothing to."""
    if plan is None or record_maker(plan) in ("", plan.part.maker):
        raise Trouble(
            tr("There is no record of another maker to decide about."),
            safe=tr("Nothing was changed."),
            advice=tr("Read the new panel first."),
        )
    if not _tries(job):
        raise Trouble(
            tr("This way was chosen before it was known that the record is of another maker's panel."),
            safe=tr("Nothing was changed."),
            advice=tr("Plan again from here: trying it is a way of its own, with its own chance."),
        )
    made = Decision(plan.part.die, record_maker(plan), context.now(), context.who)
    work = job.of(DisplayWork)
    return job.having(replace(work, decisions=(*work.decisions, made)))


def read_as_it_is(rig: Rig, shop: Shop, model: Model, job: Job, plan: WritePlan, context: Context) -> PartReading:
    """Read what the panel on the socket carries just before a write to it; raise InterlockDark where that may not be."""
    refuse_dark(locks_from(look(rig), shop, model, job, plan))
    part, image = read_image(rig, model, PartKind.DISPLAY, model.socket, context.part(0.0, 0.2, tr("reading before the write")))
    return PartReading(part, decode(model.layout(PartKind.DISPLAY), image, loose=True))


def write_record(rig: Rig, shop: Shop, model: Model, job: Job, plan: WritePlan, context: Context) -> PartReading:
    """Write a planned record once and return what the part then carries.

    Raises InterlockDark before anything is sent, WriteFailed where the part does not carry the planned bytes after.
    """
    place = Place(rig, model, PartKind.DISPLAY, model.socket, plan.part, plan.image, plan.current.image)
    locks = locks_from(look(rig), shop, model, job, plan)
    advice = tr("Stop here: a further try can kill the panel. Plan again from here; the panel is read first.")
    safe = tr("The backup is safe. The write was counted.")
    intent = place.intent(job, job.of(DisplayWork).source, locks, advice, safe)
    return act(shop.journal, intent, context, lambda sent: place.send(context, sent), lambda: place.look_back(context))
