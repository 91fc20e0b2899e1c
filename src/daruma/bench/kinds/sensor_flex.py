"""The front sensor flex at the bench: its data kept, put on a new one, and proven by what the phone does with it."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench import keeping
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.holder import Holder
from daruma.bench.kinds.room import BenchRoom
from daruma.bench.reading import read_part
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds.sensor_flex import (
    FlexFacts,
    FlexState,
    FlexTicket,
    FlexVal,
    FlexVar,
    FlexWork,
)
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.plan.actions import Action
from daruma.core.records import encode
from daruma.core.tri import Tri

if TYPE_CHECKING:
    from daruma.store.vault import Vault

KIND = PartKind.SENSOR_FLEX
NEW = Holder(FlexWork, "flex", "swap_flex")
EAR = "ear"  # the programmer's adapter on the ear-speaker connector


def bare(job: Job) -> FlexFacts:
    """Return what the ticket says of the flex."""
    return FlexFacts(job.ticket.of(FlexTicket).state)


def known_facts(_: Doing, job: Job, flex: FlexFacts, kept: Sequence[Backup]) -> FlexFacts:
    """Return the facts with whether an earlier job has kept this phone's flex."""
    mine = (backup for backup in kept if backup.content.part_kind == KIND.value)
    return replace(flex, earlier_backup=any(not job.owns(backup.content.job) for backup in mine))


def unmet(job: Job) -> frozenset[Condition]:
    """Return that the face module is not sound, where face unlock failed before and the flex is not to blame."""
    blameless = job.ticket.before.get(Function.FACE_UNLOCK) is Tri.NO and job.ticket.of(FlexTicket).state is FlexState.SOUND
    return frozenset({Condition.DOT_MAP_READABLE}) if blameless else frozenset()


def tested(job: Job, good: bool) -> Job:
    """Return the job with what a test of the flex has found."""
    return job if good else job.with_ticket(replace(job.ticket.of(FlexTicket), state=FlexState.REPLACED))


def _read(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    doing.right_phone(job)
    found = read_part(doing.rig, doing.catalogue, doing.model(job), context, twice=True, kind=KIND, socket=EAR)
    backup = keeping.keep_part(doing.shop.vault, found, job, doing.rig.programmer().hello(), context.now())
    return NEW.kept(job, backup), tr("kept as {backup}", backup=backup.name)


def _earlier_backup(doing: Doing, job: Job, _: Action, __: Context) -> tuple[Job, str]:
    backup = keeping.newest_backup(doing.shop.vault, job.ticket.imei, doing.model(job), KIND)
    return NEW.kept(job, backup), keeping.taken_from(backup)


def _over_cable(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, _said = doing.read_phone(job, context)
    backup = keep_flex_data(doing.shop.vault, doing.model(job), job, context.now())
    return NEW.kept(job, backup), tr("kept as {backup}", backup=backup.name)


def keep_flex_data(vault: Vault, model: Model, job: Job, when: str) -> Backup:
    """Keep the flex's identities that the unbound board gave over the cable."""
    layout = model.layout(PartKind.SENSOR_FLEX)
    try:
        codes = {key: job.phone[key] for key in (Identity.FLEX_ID.value, Identity.AMBIENT_CODE.value)}
    except KeyError as error:
        raise Trouble(
            tr("The phone gave no flex data."), safe=tr("Nothing was changed."), advice=tr("Read the phone once more.")
        ) from error
    image = encode(layout, {"signature": layout.field("signature").constant, "ambient_gains": (1000,) * 8, **codes})
    return keeping.kept_whole(vault, keeping.from_phone(model, layout, job, image, when))


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={
        "back_up_flex": _read,
        "earlier_flex_backup": _earlier_backup,
        "flex_data_over_cable": _over_cable,
        "write_flex": NEW.write,
    },
    locks=NEW.locks,
    planned=NEW.planned,
    as_found=NEW.as_found,
    proofs={},
    socket=lambda _: NEW.socket,
    unmet=unmet,
    tells={"test_flex": tested},
    looked_at={FlexVar.HOLDER: NEW.looked_at(FlexVal.ON_HOLDER)},
)
