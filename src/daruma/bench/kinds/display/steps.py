"""What the display's steps do at the bench."""

from msgspec.structs import replace

from daruma.bench import keeping, phone_acts, reading
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.kinds.display import codes, writing
from daruma.bench.writing import digest
from daruma.core.acts import ActKind, ActState
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds import trait
from daruma.core.kinds.display.steps import FOR_MOVED_CHIP, FOR_OWN_CHIP, WRITES
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.language import tr
from daruma.core.parts import Identity, PartKind
from daruma.core.plan.actions import Action
from daruma.core.records import FieldRole, compose


def _read_source(shop: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    found = reading.read_part(shop.rig, shop.catalogue, shop.model(job), context, twice=True)
    new = job.ticket.of(DisplayTicket).die
    if new and found.part.die == new:
        raise Trouble(
            tr("This is the new panel, not the original."),
            safe=tr("Nothing was kept."),
            advice=tr("Put the original on the socket."),
        )
    backup = keeping.keep_part(shop.shop.vault, found, job, shop.rig.programmer().hello(), context.now())
    return _from(job, backup), tr("kept as {backup}", backup=backup.name)


def _from(job: Job, backup: Backup) -> Job:
    """Return the job with the backup that its panel is written from."""
    return job.having(replace(job.of(DisplayWork), source=backup.ref))


def _carries(job: Job, image: bytes) -> Job:
    """Return the job with what its panel was seen to carry."""
    return job.having(replace(job.of(DisplayWork), image=image.hex()))


def _earlier_backup(shop: Doing, job: Job, _: Action, __: Context) -> tuple[Job, str]:
    backup = keeping.newest_backup(shop.shop.vault, job.ticket.imei, shop.model(job), PartKind.DISPLAY)
    return _from(job, backup), keeping.taken_from(backup)


def _over_cable(shop: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, _said = shop.read_phone(job, context)
    backup = codes.keep_codes(shop.shop.vault, shop.model(job), job, context.now())
    return _from(job, backup), tr("kept as {backup}", backup=backup.name)


def _tune(shop: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Put this phone's codes into a complete record of the same model and maker, and keep that."""
    model, vault = shop.model(job), shop.shop.vault
    work = job.of(DisplayWork)
    kept = vault.get(work.source)
    known = keeping.record_of(kept, model)
    maker = work.target.maker if work.target is not None else job.ticket.of(DisplayTicket).maker
    whole = codes.complete_record(vault, model, maker, job)
    names = [spec.name for spec in known.layout.fields if spec.role is FieldRole.IDENTITY and known.values[spec.name] is not None]
    image = compose(keeping.record_of(whole, model), known, names)
    note = tr(
        "complete record of {whole}{imported} with the codes of {kept}",
        whole=whole.name,
        imported=keeping.imported(whole),
        kept=kept.name,
    )
    made = keeping.keep_made(vault, job, kept, image, context.now(), note, whole.arrived)
    return _from(job, made), tr("kept as {made}", made=made.name)


def _read_target(shop: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    vault, model = shop.shop.vault, shop.model(job)
    found = reading.read_part(shop.rig, shop.catalogue, model, context)
    work = job.of(DisplayWork)
    kept = vault.get(work.source) if work.source else None
    again = work.target is not None and work.die == found.part.die and _works_with_its_own(job)
    if kept is not None and kept.content.die == found.part.die and not again:
        raise Trouble(
            tr("This is the original, not the new panel."),
            safe=tr("Nothing was changed."),
            advice=tr("Put the new panel on the socket."),
        )
    job = job.having(replace(work, target=found.part, image=found.record.image.hex()))
    if kept is None and _works_with_its_own(job):
        kept = keeping.keep_part(vault, found, job, shop.rig.programmer().hello(), context.now())
        job = _from(job, kept)
    elif kept is not None and keeping.record_of(kept, model).identity(Identity.COVER_CODE) is None:
        with_cover = writing.source_for("write_new", keeping.record_of(kept, model), found)
        if with_cover is not None:
            note = tr("the serial of {kept} with the code of the chip on the panel", kept=kept.name)
            job = _from(job, keeping.keep_made(vault, job, kept, with_cover.image, context.now(), note))
    return job, found.part.name()


def _works_with_its_own(job: Job) -> bool:
    """Return whether the panel's own record is what a write starts from: nothing on the run sheet gives another one."""
    writes = FOR_OWN_CHIP | {FOR_MOVED_CHIP}
    planned = {step.action for step in job.steps}
    return bool(planned & writes) and not any(trait(key).gives for key in planned)


def _write(shop: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    plan = writing.planned_write(job, shop.known(job).of(PartKind.DISPLAY))
    if plan is None or not job.of(DisplayWork).source:
        raise Trouble(
            tr("Nothing to write yet."), safe=tr("Nothing was sent."), advice=tr("Read the original and the new panel first.")
        )
    model = shop.model(job)
    found = writing.read_as_it_is(shop.rig, shop.shop, model, job, plan, context)
    if found.record.image == plan.image:
        return _carries(job, found.record.image), _already(shop, found)
    if found.record.image != plan.current.image:
        shop.save(_carries(job, found.record.image), context)
        raise Trouble(
            tr("The panel carries something else than when it was read."),
            safe=tr("Nothing was written."),
            advice=tr("It was read anew: look at the record, then write."),
        )
    after = writing.write_record(shop.rig, shop.shop, model, job, plan, context)
    return _carries(job, after.record.image), tr("read-back is equal")


def _already(shop: Doing, found: reading.PartReading) -> str:
    """Say that a panel carries what was to be written; a write that failed before may have changed what no field asks about."""
    acts = shop.shop.journal.acts_on(found.part.die)
    meant = [act.digest for act in acts if act.kind is ActKind.WRITE and act.state is not ActState.NOT_SENT]
    if meant and meant[-1] != digest(found.record.image):
        return tr("every field is on the panel already, other bytes differ from the write that failed: nothing was written")
    return tr("the panel carried it already: nothing was written")


def _typed(shop: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    backup = codes.keep_paper(shop.shop.vault, shop.model(job), job, context.now())
    near = codes.near_others(shop.shop.vault, job)
    return _from(job, backup), "; ".join(said for said in (tr("kept as {backup}", backup=backup.name), near) if said)


def _finish(shop: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    return phone_acts.finished(shop, job, PartKind.DISPLAY, context)


def as_found(shop: Doing, job: Job) -> Job:
    """Return the job with what its panel on the socket carries now; raise Trouble where that cannot be read."""
    model = shop.model(job)
    part, image = reading.read_image(shop.rig, model, PartKind.DISPLAY, model.socket, lambda _: None)
    target = job.of(DisplayWork).target
    return _carries(job, image) if target is not None and part.die == target.die else job


STEPS = {
    "read_original": _read_source,
    "earlier_backup": _earlier_backup,
    "codes_over_cable": _over_cable,
    "typed_serial": _typed,
    "tune_record": _tune,
    "read_new": _read_target,
    "finish_on_phone": _finish,
    **dict.fromkeys(WRITES, _write),
}
