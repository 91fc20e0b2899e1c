"""Carry out one step of a run sheet, by what kind of action it is."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import TYPE_CHECKING

from daruma.bench import keeping, phone_acts, reading, writing
from daruma.bench.context import Context
from daruma.core.backup import Backup, named
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds import trait
from daruma.core.kinds.display.steps import FOR_MOVED_CHIP, FOR_OWN_CHIP
from daruma.core.known import is_done
from daruma.core.parts import Identity, PartKind
from daruma.core.plan.actions import Action, How
from daruma.core.plan.proofs import proven_by
from daruma.core.records import FieldRole, compose
from daruma.core.tri import Tri

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop

EAR = "ear"  # the programmer's adapter on the ear-speaker connector


def carry_out(shop: Workshop, job: Job, action: Action, context: Context) -> tuple[Job, str]:
    """Carry out an action; return the job as it then is and a note for the step."""
    if proven_by(action.key) is not None:
        raise Trouble("Proofs are taken at the Proof stage.", safe="Nothing was changed.", advice="Go to Proof.")
    if action.trait.how is How.HAND:
        return _by_hand(shop, job, action), ""
    return (_write if action.trait.writes else _STEPS[action.key])(shop, job, action, context)


def _by_hand(shop: Workshop, job: Job, action: Action) -> Job:
    for act in action.hands:
        shop.by_hand(lambda hands, act=act: hands.do(act, job.ticket.imei, job.ticket.panel_die))  # type: ignore[misc]
    if action.key == "check_donor":
        return replace(job, ticket=replace(job.ticket, donor=Tri.YES))
    return job


def _read_source(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    found = reading.read_part(shop.rig, shop.catalogue, shop.model(job), context, twice=True)
    if job.ticket.panel_die and found.part.die == job.ticket.panel_die:
        raise Trouble(
            "This is the new panel, not the original.", safe="Nothing was kept.", advice="Put the original on the socket."
        )
    backup = keeping.keep_part(shop.shop.vault, found, job, shop.rig.programmer().hello(), context.now())
    return replace(job, backup=backup.ref), f"kept as {backup.name}"


def _read_flex(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    shop.right_phone(job)
    found = reading.read_part(
        shop.rig, shop.catalogue, shop.model(job), context, twice=True, kind=PartKind.SENSOR_FLEX, socket=EAR
    )
    backup = keeping.keep_part(shop.shop.vault, found, job, shop.rig.programmer().hello(), context.now())
    return replace(job, flex_backup=backup.ref), f"kept as {backup.name}"


def _earlier_backup(shop: Workshop, job: Job, action: Action, _: Context) -> tuple[Job, str]:
    flex = action.key == "earlier_flex_backup"
    kind = PartKind.SENSOR_FLEX if flex else PartKind.DISPLAY
    backup = keeping.newest_backup(shop.shop.vault, job.ticket.imei, shop.model(job), kind)
    changed = replace(job, flex_backup=backup.ref) if flex else replace(job, backup=backup.ref)
    return changed, f"{backup.name} of {backup.content.taken[:10]}{_imported(backup)}"


def _imported(backup: Backup) -> str:
    return f" (imported: {backup.arrived})" if backup.arrived else ""


def _over_cable(shop: Workshop, job: Job, action: Action, context: Context) -> tuple[Job, str]:
    job, _ = shop.read_phone(job, context)
    vault, model, now = shop.shop.vault, shop.model(job), context.now()
    if action.key == "flex_data_over_cable":
        backup = keeping.keep_flex_data(vault, model, job, now)
        return replace(job, flex_backup=backup.ref), f"kept as {backup.name}"
    backup = keeping.keep_codes(vault, model, job, now)
    return replace(job, backup=backup.ref), f"kept as {backup.name}"


def _tune(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Put this phone's codes into a complete record of the same model and maker, and keep that."""
    model, vault = shop.model(job), shop.shop.vault
    codes = keeping.record_of(vault.get(job.backup), model)
    maker = job.target.maker if job.target is not None else job.ticket.panel_maker
    whole = keeping.complete_record(vault, model, maker, job)
    names = [spec.name for spec in codes.layout.fields if spec.role is FieldRole.IDENTITY and codes.values[spec.name] is not None]
    image = compose(keeping.record_of(whole, model), codes, names)
    note = f"complete record of {whole.name}{_imported(whole)} with the codes of {named(job.backup)}"
    made = keeping.keep_made(vault, job, vault.get(job.backup), image, context.now(), note)
    return replace(job, backup=made.ref), f"kept as {made.name}"


def _read_target(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    vault, model = shop.shop.vault, shop.model(job)
    found = reading.read_part(shop.rig, shop.catalogue, model, context)
    kept = vault.get(job.backup) if job.backup else None
    again = job.target is not None and job.target.die == found.part.die and _works_with_its_own(job)
    if kept is not None and kept.content.die == found.part.die and not again:
        raise Trouble(
            "This is the original, not the new panel.", safe="Nothing was changed.", advice="Put the new panel on the socket."
        )
    job = replace(job, target=found.part, target_image=found.record.image.hex())
    if kept is None and _works_with_its_own(job):
        kept = keeping.keep_part(vault, found, job, shop.rig.programmer().hello(), context.now())
        job = replace(job, backup=kept.ref)
    elif kept is not None and keeping.record_of(kept, model).identity(Identity.COVER_CODE) is None:
        with_cover = writing.source_for("write_new", keeping.record_of(kept, model), found)
        if with_cover is not None:
            note = f"the serial of {kept.name} with the code of the chip on the panel"
            job = replace(job, backup=keeping.keep_made(vault, job, kept, with_cover.image, context.now(), note).ref)
    return job, found.part.name()


def _works_with_its_own(job: Job) -> bool:
    """Return whether the panel's own record is what a write starts from: nothing on the run sheet gives another one."""
    writes = FOR_OWN_CHIP | {FOR_MOVED_CHIP}
    planned = {step.action for step in job.steps}
    return bool(planned & writes) and not any(trait(key).gives for key in planned)


def _write(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    plan = shop.write_plan(job, shop.known(job))
    if plan is None or not job.backup:
        raise Trouble("Nothing to write yet.", safe="Nothing was sent.", advice="Read the original and the new panel first.")
    model = shop.model(job)
    found = writing.read_as_it_is(shop.rig, shop.shop, model, job, plan, context)
    if found.record.image == plan.image:
        return replace(job, target_image=found.record.image.hex()), "the panel carried it already: nothing was written"
    if found.record.image != plan.current.image:
        shop.save(replace(job, target_image=found.record.image.hex()), context)
        raise Trouble(
            "The panel carries something else than when it was read.",
            safe="Nothing was written.",
            advice="It was read anew: look at the record, then write.",
        )
    after = writing.write_record(shop.rig, shop.shop, model, job, plan, context)
    return replace(job, target_image=after.record.image.hex()), "read-back is equal"


def _write_flex(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    model = shop.model(job)
    if not job.flex_backup or is_done(job, "swap_flex"):
        raise Trouble("Nothing to write to the flex yet.", safe="Nothing was sent.", advice="Back up the original flex first.")
    source = keeping.record_of(shop.shop.vault.get(job.flex_backup), model)
    writing.write_flex(shop.rig, shop.shop, shop.catalogue, model, job, source, context)
    return job, "read-back is equal"


def _typed(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    backup = keeping.keep_paper(shop.shop.vault, shop.model(job), job, context.now())
    near = keeping.near_others(shop.shop.vault, job)
    return replace(job, backup=backup.ref), "; ".join(said for said in (f"kept as {backup.name}", near) if said)


def _unbind(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    shop.right_phone(job)
    phone_acts.unbind(shop.rig, shop.shop, shop.model(job), job, context)
    return job, "the board is unbound"


def _finish(shop: Workshop, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    shop.right_phone(job)
    status = phone_acts.finish(shop.rig, shop.shop, shop.model(job), job, context)
    return job, f"the parts page says {status.value}"


_STEPS: dict[str, Callable[[Workshop, Job, Action, Context], tuple[Job, str]]] = {
    "read_original": _read_source,
    "back_up_flex": _read_flex,
    "earlier_backup": _earlier_backup,
    "earlier_flex_backup": _earlier_backup,
    "codes_over_cable": _over_cable,
    "flex_data_over_cable": _over_cable,
    "typed_serial": _typed,
    "tune_record": _tune,
    "read_new": _read_target,
    "write_flex": _write_flex,
    "unbind_on_phone": _unbind,
    "finish_on_phone": _finish,
}
