"""Write a record: interlocks at the moment of the act, intent before, read-back after, settlement always."""

import hashlib
from dataclasses import dataclass

from daruma.bench.context import Context
from daruma.bench.keeping import record_of
from daruma.bench.reading import PartReading, read_part
from daruma.bench.rig import BenchState, Rig, look
from daruma.catalogue.loader import Catalogue
from daruma.core.acts import Act, ActKind, ActState
from daruma.core.budget import WriteBudget
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock, WriteEvidence, dark, write_interlocks
from daruma.core.job import Job
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind, PartSelf
from daruma.core.records import Record, compose, decode, encode, fields_to_write
from daruma.link.errors import LinkError, Refused
from daruma.store.shop import Shop

HOLDER = "flex"  # the programmer's place for a new sensor flex


class WriteFailed(Trouble):
    """Report a write that did not end with the right bytes on the part."""


class InterlockDark(Trouble):
    """Report a write that was not begun because an interlock was dark."""


@dataclass(frozen=True, slots=True)
class WritePlan:
    """Hold what would be written: the part, the bytes, the fields taken from the source."""

    part: PartSelf
    current: Record
    source: Record
    image: bytes
    fields: tuple[str, ...]

    @property
    def after(self) -> Record:
        """Return the record as it will be."""
        return decode(self.current.layout, self.image)


def plan_write(target: PartReading, source: Record) -> WritePlan:
    """Put together the bytes to write to a part that was just read."""
    fields = fields_to_write(target.record, source)
    return WritePlan(target.part, target.record, source, compose(target.record, source, fields), fields)


def source_for(key: str, source: Record | None, target: PartReading) -> Record | None:
    """Return what a write takes its codes from.

    For the panel's own chip it is the source with that chip's code; for a moved chip the panel's own record with the
    chip's code; a source without a cover code (typed from paper) gets the code of the chip on the panel.
    """
    chip = target.part.chip
    if key == "write_for_moved_chip":
        return _with_cover(target.record, chip)
    if source is not None and (key == "write_for_own_chip" or source.identity(Identity.COVER_CODE) is None):
        return _with_cover(source, chip)
    return source


def _with_cover(record: Record, chip: str | None) -> Record | None:
    if chip is None:
        return None
    return decode(record.layout, encode(record.layout, {"cover_code": chip}, record.image))


def write_flex(
    rig: Rig, shop: Shop, catalogue: Catalogue, model: Model, job: Job, source: Record, context: Context
) -> PartReading:
    """Write the original flex's data to the new one on the holder and read them back; raise WriteFailed where they differ.

    A flex has no known limit of writes; the journal keeps the act all the same.
    """
    found = read_part(rig, catalogue, model, context, kind=PartKind.SENSOR_FLEX, socket=HOLDER)
    image = compose(found.record, source, [spec.name for spec in source.layout.fields if source.values[spec.name] is not None])
    act = shop.journal.intend(
        ActKind.WRITE,
        job=job.name,
        die=found.part.die,
        backup=job.flex_backup,
        digest=hashlib.sha256(image).hexdigest(),
        started=context.now(),
        evidence=(("Part is a new flex", found.part.die),),
    )
    try:
        rig.programmer().write_memory(HOLDER, image, model.key, context.unstoppable(0.0, 0.6, "writing the flex"))
        back = read_part(rig, catalogue, model, context.tail(0.6), kind=PartKind.SENSOR_FLEX, socket=HOLDER)
    except LinkError as error:
        rig.drop("programmer")
        shop.journal.settle(act, ActState.FAILED, error.what, context.now())
        raise WriteFailed(
            error.what, safe="The original's data are safe.", advice="Seat the flex again, then write once more."
        ) from error
    if back.record.image != image:
        shop.journal.settle(act, ActState.FAILED, "the read-back differs", context.now())
        raise WriteFailed("The read-back differs.", safe="The original's data are safe.", advice="Write the flex once more.")
    shop.journal.settle(act, ActState.DONE, "read-back is equal", context.now())
    return back


def budget_of(shop: Shop, model: Model, die: str) -> WriteBudget:
    """Return a part's write budget from the journal and what the shelf knows of its past."""
    earlier = sum(part.earlier_writes for part in shop.shelf.all() if part.die == die)
    return WriteBudget(model.write_limits, shop.journal.writes(die) + earlier)


def locks_from(bench: BenchState, shop: Shop, model: Model, job: Job, plan: WritePlan | None) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of a write from a look at the bench."""
    source, verified = _source(shop, model, job)
    part = bench.sockets.get(model.socket)
    doubtful = part is not None and any(act.die == part.die for act in shop.journal.in_doubt())
    evidence = WriteEvidence(
        model=model,
        part=part,
        checked_part=plan.part if plan else None,
        source=source,
        backup_verified=verified,
        firmware=bench.firmware,
        phone_on=bench.phone_on and (not job.ticket.imei or bench.phone_imei == job.ticket.imei),
        budget=budget_of(shop, model, part.die if part else ""),
        act_in_doubt=doubtful,
    )
    return write_interlocks(evidence)


def write_record(
    rig: Rig, shop: Shop, catalogue: Catalogue, model: Model, job: Job, plan: WritePlan, context: Context
) -> PartReading:
    """Write a planned record once and return what the part then carries.

    Raises InterlockDark before anything is sent, WriteFailed where the part does not carry the planned bytes after.
    """
    locks = locks_from(look(rig), shop, model, job, plan)
    if missing := dark(locks):
        raise InterlockDark(
            f"Not written: {missing[0].label.lower()} is not given ({missing[0].evidence}).",
            safe="Nothing was sent to the part.",
            advice=missing[0].remedy,
        )
    act = shop.journal.intend(
        ActKind.WRITE,
        job=job.name,
        die=plan.part.die,
        backup=job.backup,
        digest=hashlib.sha256(plan.image).hexdigest(),
        started=context.now(),
        evidence=tuple((lock.label, lock.evidence) for lock in locks),
    )
    said = _send(rig, shop, model, plan, act, context)
    return _settle(rig, shop, catalogue, model, plan, act, said, context)


def _send(rig: Rig, shop: Shop, model: Model, plan: WritePlan, act: Act, context: Context) -> LinkError | None:
    """Send the write; return what the device or the wire said against it, if anything."""
    try:
        rig.programmer().write_memory(model.socket, plan.image, model.key, context.unstoppable(0.0, 0.6, "writing"))
    except Refused as refused:
        if refused.code in ("empty", "firmware", "range", "image"):
            shop.journal.settle(act, ActState.NOT_SENT, refused.what, context.now())
            raise
        return refused
    except LinkError as error:
        rig.drop("programmer")
        return error
    return None


def _settle(
    rig: Rig, shop: Shop, catalogue: Catalogue, model: Model, plan: WritePlan, act: Act, said: LinkError | None, context: Context
) -> PartReading:
    try:
        found = read_part(rig, catalogue, model, context.tail(0.6))
    except Trouble as trouble:
        note = f"{said.what if said else 'written'}; read-back: {trouble.what}"
        shop.journal.settle(act, ActState.IN_DOUBT, note, context.now())
        raise WriteFailed(
            f"It is not known what the write did: {trouble.what}",
            safe="The backup is safe. The write counts against the panel until the panel is read.",
            advice="Put the same panel on the socket, connect again and settle the act. Do not write again.",
        ) from trouble
    if found.part.die == plan.part.die and found.record.image == plan.image:
        note = "read-back is equal" if said is None else f"{said.what} The read-back is equal all the same."
        shop.journal.settle(act, ActState.DONE, note, context.now())
        return found
    note = said.what if said else "The device reported success, the read-back differs."
    shop.journal.settle(act, ActState.FAILED, note, context.now())
    raise WriteFailed(
        note,
        safe="The backup is safe. The write was counted.",
        advice="Stop here: a further try can kill the panel. Plan again from here; the panel is read first.",
    )


def settle_doubt(rig: Rig, shop: Shop, catalogue: Catalogue, model: Model, act: Act, context: Context) -> ActState:
    """Settle an act in doubt by what the part on the socket carries; raise Trouble where it is another part."""
    reading = read_part(rig, catalogue, model, context)
    if reading.part.die != act.die:
        raise Trouble(
            f"The part on the socket is {reading.part.name()}, the act was on …{act.die[-6:]}.",
            safe="Nothing was changed.",
            advice="Put the part of the act on the socket.",
        )
    same = hashlib.sha256(reading.record.image).hexdigest() == act.digest
    state = ActState.DONE if same else ActState.FAILED
    note = "settled by reading the part: " + ("the planned bytes are on it" if same else "the planned bytes are not on it")
    shop.journal.settle(act, state, note, context.now())
    return state


def _source(shop: Shop, model: Model, job: Job) -> tuple[Record | None, bool]:
    if not job.backup:
        return None, False
    try:
        record = record_of(shop.vault.get(job.backup), model)
    except Trouble:
        return None, False
    return record, record.layout.part is PartKind.DISPLAY
