"""Write records: what would be written, its interlocks, and the writing itself under the journal."""

import hashlib
from dataclasses import dataclass, replace

from daruma.bench.acting import Found, Intent, Sent, act, refuse_dark
from daruma.bench.context import Context
from daruma.bench.keeping import record_of
from daruma.bench.reading import PartReading, read_image, read_part
from daruma.bench.rig import BenchState, Rig, look
from daruma.catalogue.loader import Catalogue
from daruma.core.acts import ActKind
from daruma.core.backup import Backup
from daruma.core.budget import WriteBudget
from daruma.core.display import FIELDS as CALIBRATION
from daruma.core.errors import Trouble
from daruma.core.interlocks import BackupEvidence, FlexEvidence, Interlock, WriteEvidence, flex_interlocks, write_interlocks
from daruma.core.job import Decision, Job
from daruma.core.kinds.display.steps import CODES, CODES_FOR_OWN_CHIP, FOR_OWN_CHIP, OTHER_MAKER, TUNED
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind, PartSelf
from daruma.core.records import FieldRole, Record, compose, decode, encode, fields_to_write
from daruma.link.errors import LinkError, Refused
from daruma.store.shop import Shop

SPENT = "spent"  # what a part answers that takes no more writes
MAKER = "panel_maker"  # the field that says whose panel a record is of
HOLDER = "flex"  # the programmer's place for a new sensor flex


@dataclass(frozen=True, slots=True)
class WritePlan:
    """Hold what would be written: the part, the bytes, the fields taken from the source."""

    part: PartSelf
    current: Record
    source: Record
    image: bytes
    fields: tuple[str, ...]

    @property
    def record_maker(self) -> str:
        """Return whose panel's record would be written; empty where only codes are."""
        return str(self.source.values.get(MAKER) or "") if MAKER in self.fields else ""

    @property
    def after(self) -> Record:
        """Return the record as it will be."""
        return decode(self.current.layout, self.image, loose=True)


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
    if key == "write_for_moved_chip":
        return _with_cover(target.record, chip)
    if source is not None and (key in FOR_OWN_CHIP or source.identity(Identity.COVER_CODE) is None):
        return _with_cover(source, chip)
    return source


def _with_cover(record: Record, chip: str | None) -> Record | None:
    if chip is None:
        return None
    return decode(record.layout, encode(record.layout, {"cover_code": chip}, record.image))


def flex_locks(rig: Rig, shop: Shop, model: Model, job: Job) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of writing the flex on the holder, as it is now."""
    return flex_locks_from(look(rig), shop, model, job)


def flex_locks_from(bench: BenchState, shop: Shop, model: Model, job: Job) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of writing a flex from a look at the bench."""
    part = bench.sockets.get(HOLDER)
    source, backup = _source(shop, model, job.flex_backup, PartKind.SENSOR_FLEX)
    evidence = FlexEvidence(
        model=model,
        part=part,
        source=source,
        source_die=backup.content.die if backup is not None else "",
        backup=_of_backup(backup),
        imei=job.ticket.imei,
        alike=_alike(bench, part, HOLDER),
        firmware=bench.firmware,
        act_in_doubt=_doubtful(shop, part),
    )
    return flex_interlocks(evidence)


def _of_backup(backup: Backup | None) -> BackupEvidence | None:
    if backup is None:
        return None
    return BackupEvidence(backup.name, backup.content.imei, backup.content.model, backup.arrived)


def write_flex(
    rig: Rig, shop: Shop, catalogue: Catalogue, model: Model, job: Job, source: Record, context: Context
) -> PartReading:
    """Write the original flex's data to the new one on the holder and read them back; raise WriteFailed where they differ.

    A flex has no known limit of writes; the journal keeps the act all the same.
    """
    refuse_dark(flex_locks(rig, shop, model, job))
    found = read_part(rig, catalogue, model, context, kind=PartKind.SENSOR_FLEX, socket=HOLDER)
    image = compose(found.record, source, [spec.name for spec in source.layout.fields if source.values[spec.name] is not None])
    place = _Place(rig, model, PartKind.SENSOR_FLEX, HOLDER, found.part, image, found.record.image)
    locks = flex_locks(rig, shop, model, job)
    advice = "Seat the flex again, then write once more."
    intent = _intent(job, place, job.flex_backup, locks, advice, "The original's data are safe.")
    if image == found.record.image:
        return found
    return act(shop.journal, intent, context, lambda sent: place.send(context, sent), lambda: place.look_back(context))


@dataclass(frozen=True, slots=True)
class _Place:
    """Hold where bytes go: the rig, the socket, the part that is to be there, the bytes, and those that it carries."""

    rig: Rig
    model: Model
    kind: PartKind
    socket: str
    part: PartSelf
    image: bytes
    before: bytes

    def send(self, context: Context, sent: Sent) -> None:
        report = context.unstoppable(0.0, 0.6, "writing")
        programmer = self.rig.programmer()
        try:
            programmer.write_memory(self.socket, self.image, self.model.key, report, die=self.part.die, sending=sent.now)
        except Refused:
            raise
        except LinkError:
            self.rig.drop("programmer")
            raise

    def look_back(self, context: Context) -> Found[PartReading]:
        report = context.unstoppable(0.6, 1.0, "reading back")
        try:
            part, image = read_image(self.rig, self.model, self.kind, self.socket, report)
        except LinkError:
            self.rig.drop("programmer")
            raise
        if part.die != self.part.die:
            raise Trouble(f"{part.name()} is on the socket now, the act was on {self.part.name()}.")
        record = decode(self.model.layout(self.kind), image, loose=True)
        return Found(image == self.image, _digest(image), PartReading(part, record), untouched=image == self.before)


def _intent(job: Job, place: _Place, backup: str, locks: tuple[Interlock, ...], advice: str, safe: str) -> Intent:
    digests = {"digest": _digest(place.image), "before": _digest(place.before)}
    return Intent(ActKind.WRITE, job, place.part.die, locks, backup, **digests, safe=safe, advice=advice)


def _digest(image: bytes) -> str:
    return hashlib.sha256(image).hexdigest()


def _doubtful(shop: Shop, part: PartSelf | None) -> bool:
    return part is not None and any(each.die == part.die for each in shop.journal.in_doubt())


def budget_of(shop: Shop, model: Model, die: str) -> WriteBudget:
    """Return a part's write budget from the journal and what the shelf knows of its past."""
    earlier = sum(part.earlier_writes for part in shop.shelf.all() if die and part.die == die)
    acts = shop.journal.acts_on(die) if die else ()
    spent = any(each.answer == SPENT for each in acts)
    counted = shop.journal.writes(die) if die else 0
    return WriteBudget(model.write_limits, counted + earlier, spent)


def locks_from(bench: BenchState, shop: Shop, model: Model, job: Job, plan: WritePlan | None) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of a write from a look at the bench."""
    source, backup = _source(shop, model, job.backup, PartKind.DISPLAY)
    part = bench.sockets.get(model.socket)
    evidence = WriteEvidence(
        model=model,
        part=part,
        checked_part=plan.part if plan else None,
        source=source,
        backup=_of_backup(backup),
        imei=job.ticket.imei,
        alike=_alike(bench, part, model.socket),
        firmware=bench.firmware,
        phone_on=bench.phone_on and (not job.ticket.imei or bench.phone_imei == job.ticket.imei),
        budget=budget_of(shop, model, part.die if part else ""),
        act_in_doubt=_doubtful(shop, part),
        record_maker=plan.record_maker if plan else str(source.values.get(MAKER) or "") if source else "",
        decided=_decided(job, part, plan),
        tried=_tries(job),
    )
    return write_interlocks(evidence)


def _decided(job: Job, part: PartSelf | None, plan: WritePlan | None) -> str:
    """Return the words of the decision to try the planned record on the part; empty where there is none."""
    found = job.decided(part.die, plan.record_maker) if part is not None and plan is not None else None
    return f"decided {found.when[:16].replace('T', ' ')} by {found.who}" if found else ""


def _tries(job: Job) -> bool:
    """Return whether the step at hand is the one that tries another maker's record."""
    return job.current_step is not None and job.steps[job.current_step].action == OTHER_MAKER


def decide(job: Job, plan: WritePlan | None, context: Context) -> Job:
    """Return the job with the decision to try another maker's record on its panel; raise Trouble where there is nothing to."""
    if plan is None or plan.record_maker in ("", plan.part.maker):
        raise Trouble(
            "There is no record of another maker to decide about.",
            safe="Nothing was changed.",
            advice="Read the new panel first.",
        )
    if not _tries(job):
        raise Trouble(
            "This way was chosen before it was known that the record is of another maker's panel.",
            safe="Nothing was changed.",
            advice="Plan again from here: trying it is a way of its own, with its own chance.",
        )
    made = Decision(plan.part.die, plan.record_maker, context.now(), context.who)
    return replace(job, decisions=(*job.decisions, made))


def read_as_it_is(rig: Rig, shop: Shop, model: Model, job: Job, plan: WritePlan, context: Context) -> PartReading:
    """Read what the panel on the socket carries just before a write to it; raise InterlockDark where that may not be."""
    refuse_dark(locks_from(look(rig), shop, model, job, plan))
    part, image = read_image(rig, model, PartKind.DISPLAY, model.socket, context.part(0.0, 0.2, "reading before the write"))
    return PartReading(part, decode(model.layout(PartKind.DISPLAY), image, loose=True))


def write_record(rig: Rig, shop: Shop, model: Model, job: Job, plan: WritePlan, context: Context) -> PartReading:
    """Write a planned record once and return what the part then carries.

    Raises InterlockDark before anything is sent, WriteFailed where the part does not carry the planned bytes after.
    """
    place = _Place(rig, model, PartKind.DISPLAY, model.socket, plan.part, plan.image, plan.current.image)
    locks = locks_from(look(rig), shop, model, job, plan)
    advice = "Stop here: a further try can kill the panel. Plan again from here; the panel is read first."
    safe = "The backup is safe. The write was counted."
    intent = _intent(job, place, job.backup, locks, advice, safe)
    return act(shop.journal, intent, context, lambda sent: place.send(context, sent), lambda: place.look_back(context))


def _source(shop: Shop, model: Model, ref: str, kind: PartKind) -> tuple[Record | None, Backup | None]:
    """Return a job's source and the backup behind it; nothing where it does not verify or is of another kind."""
    if not ref:
        return None, None
    try:
        backup = shop.vault.get(ref)
        record = record_of(backup, model)
    except Trouble:
        return None, None
    return (record, backup) if record.layout.part is kind else (None, None)


def _alike(bench: BenchState, part: PartSelf | None, socket: str) -> bool:
    """Return whether another part on the bench calls itself as this one does."""
    return part is not None and any(
        other is not None and other.die == part.die for name, other in bench.sockets.items() if name != socket
    )
