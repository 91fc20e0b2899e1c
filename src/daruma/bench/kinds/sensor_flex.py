"""The front sensor flex at the bench: its data kept, put on a new one, and proven by what the phone does with it."""

from collections.abc import Sequence
from dataclasses import replace

from daruma.bench import keeping
from daruma.bench.acting import act, refuse_dark
from daruma.bench.context import Context
from daruma.bench.decoded import Decoded
from daruma.bench.doing import Doing
from daruma.bench.kinds.room import BenchRoom, Proving
from daruma.bench.reading import read_part
from daruma.bench.rig import BenchState, look
from daruma.bench.writing import Place, evidence_of, has_double, is_doubtful, source_of
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, Proof, is_done
from daruma.core.kinds.sensor_flex import FlexEvidence, FlexFacts, FlexState, FlexTicket, FlexWork, flex_interlocks
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.plan.actions import Action
from daruma.core.records import Record, compose, encode
from daruma.core.tri import Tri
from daruma.store.vault import Vault

KIND = PartKind.SENSOR_FLEX
HOLDER = "flex"  # the programmer's place for a new sensor flex
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


def locks(doing: Doing, job: Job, bench: BenchState) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of writing the flex on the holder, as they look."""
    return _locks(doing, job, bench, doing.decoded)


def _locks(doing: Doing, job: Job, bench: BenchState, decoded: Decoded | None = None) -> tuple[Interlock, ...]:
    model, shop = doing.model(job), doing.shop
    part = bench.sockets.get(HOLDER)
    source, backup = source_of(shop, model, job.of(FlexWork).source, KIND, decoded)
    evidence = FlexEvidence(
        model=model,
        part=part,
        source=source,
        source_die=backup.content.die if backup is not None else "",
        backup=evidence_of(backup),
        imei=job.ticket.imei,
        alike=has_double(bench, part, HOLDER),
        firmware=bench.firmware,
        act_in_doubt=is_doubtful(shop, part),
    )
    return flex_interlocks(evidence)


def _write(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Write the original flex's data to the new one on the holder and read them back; raise WriteFailed where they differ.

    A flex has no known limit of writes; the journal keeps the act all the same.
    """
    kept = job.of(FlexWork).source
    if not kept or is_done(job, "swap_flex"):
        raise Trouble("Nothing to write to the flex yet.", safe="Nothing was sent.", advice="Back up the original flex first.")
    model, rig = doing.model(job), doing.rig
    source = keeping.record_of(doing.shop.vault.get(kept), model)
    refuse_dark(_locks(doing, job, look(rig)))
    found = read_part(rig, doing.catalogue, model, context, kind=KIND, socket=HOLDER)
    place = Place(rig, model, KIND, HOLDER, found.part, _image(found.record, source), found.record.image)
    lit = _locks(doing, job, look(rig))
    advice = "Seat the flex again, then write once more."
    intent = place.intent(job, kept, lit, advice, "The original's data are safe.")
    if place.image != place.before:
        act(doing.shop.journal, intent, context, lambda sent: place.send(context, sent), lambda: place.look_back(context))
    return job, "read-back is equal"


def _image(target: Record, source: Record) -> bytes:
    return compose(target, source, [spec.name for spec in source.layout.fields if source.values[spec.name] is not None])


def _read(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    doing.right_phone(job)
    found = read_part(doing.rig, doing.catalogue, doing.model(job), context, twice=True, kind=KIND, socket=EAR)
    backup = keeping.keep_part(doing.shop.vault, found, job, doing.rig.programmer().hello(), context.now())
    return _from(job, backup), f"kept as {backup.name}"


def _from(job: Job, backup: Backup) -> Job:
    return job.having(replace(job.of(FlexWork), source=backup.ref))


def _earlier_backup(doing: Doing, job: Job, _: Action, __: Context) -> tuple[Job, str]:
    backup = keeping.newest_backup(doing.shop.vault, job.ticket.imei, doing.model(job), KIND)
    return _from(job, backup), keeping.taken_from(backup)


def _over_cable(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, _said = doing.read_phone(job, context)
    backup = keep_flex_data(doing.shop.vault, doing.model(job), job, context.now())
    return _from(job, backup), f"kept as {backup.name}"


def keep_flex_data(vault: Vault, model: Model, job: Job, when: str) -> Backup:
    """Keep the flex's identities that the unbound board gave over the cable."""
    layout = model.layout(PartKind.SENSOR_FLEX)
    try:
        codes = {key: job.phone[key] for key in (Identity.FLEX_ID.value, Identity.AMBIENT_CODE.value)}
    except KeyError as error:
        raise Trouble("The phone gave no flex data.", safe="Nothing was changed.", advice="Read the phone once more.") from error
    image = encode(layout, {"signature": layout.field("signature").constant, "ambient_gains": (1000,) * 8, **codes})
    return keeping.kept_whole(vault, keeping.from_phone(model, layout, job, image, when))


def prove_face(doing: Doing, job: Job, context: Context) -> Proof:
    """Read whether the phone unlocks by face, after a face was enrolled on it."""
    doing.right_phone(job)
    context.report(0.3, "reading the phone after enrolling")
    works = doing.rig.phone().functions().get(Function.FACE_UNLOCK) is Tri.YES
    said = "A face was enrolled and unlocks the phone." if works else "The phone does not unlock by face."
    return Proof(Function.FACE_UNLOCK, works, said, (("enrolled face", "unlocks" if works else "does not"),), (), context.now())


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={
        "back_up_flex": _read,
        "earlier_flex_backup": _earlier_backup,
        "flex_data_over_cable": _over_cable,
        "write_flex": _write,
    },
    locks=locks,
    proofs={Function.FACE_UNLOCK: Proving(prove_face)},
    unmet=unmet,
    tells={"test_flex": tested},
)
