"""The face module at the bench: tested, backed up in two places, activated once, extended, proven by its dots."""

from collections.abc import Sequence

from msgspec.structs import replace

from daruma.bench import keeping
from daruma.bench.acting import refuse_dark
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.holder import Holder
from daruma.bench.kinds.face_module.activation import SOCKET, activate, activation_locks, settled_by_looking
from daruma.bench.kinds.face_module.proving import measure_face, prove_face
from daruma.bench.kinds.room import BenchRoom, Proving
from daruma.bench.reading import read_part
from daruma.bench.rig import BenchState, look
from daruma.core.acts import ActKind
from daruma.core.backup import Backup
from daruma.core.errors import Cause, Trouble
from daruma.core.face import LineTest, map_of, said_state
from daruma.core.interlocks import Interlock
from daruma.core.job import Job
from daruma.core.kinds import trait
from daruma.core.kinds.face_module import KIND, FaceFacts, FaceTicket, FaceVal, FaceVar, FaceWork
from daruma.core.known import board_identities
from daruma.core.language import day, inner, tr
from daruma.core.parts import IDENTITY_LABEL, Function, Identity
from daruma.core.plan.actions import Action
from daruma.core.records import Record
from daruma.store.twice import keep_twice

NEW = Holder(FaceWork, "extension", "fold_extension", tr("extension flex"))


def bare(job: Job) -> FaceFacts:
    """Return what the ticket says of the module."""
    return FaceFacts(job.ticket.of(FaceTicket).state)


def known_facts(_: Doing, __: Job, face: FaceFacts, ___: Sequence[Backup]) -> FaceFacts:
    """Return the facts: what the shop knows more of a module is in the job's own steps."""
    return face


def _codes(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    doing.right_phone(job)
    context.report(0.5, tr("asking for the module's codes"))
    said, expected = doing.rig.phone().face_codes(), board_identities(job.phone)
    for identity in (Identity.IR_CAMERA_SERIAL, Identity.FLOOD_SERIAL):
        if not said.get(identity) or said[identity] != expected.get(identity, said[identity]):
            raise Trouble(
                f"{IDENTITY_LABEL[identity]}: {said.get(identity) or tr('no answer')}.",
                safe=tr("Nothing was spent."),
                advice=tr("The projector is not to blame: an extension flex cannot bring Face ID back. Plan again."),
                cause=Cause.STEP,
            )
    return job, tr("infrared camera and flood light are the board's own")


def _tested(doing: Doing, job: Job, context: Context, *, through: bool) -> tuple[Job, LineTest]:
    programmer = doing.rig.programmer()
    seated = programmer.sockets().get(SOCKET)
    if seated is None:
        raise Trouble(
            tr("No module answers on the programmer."), safe=tr("Nothing was changed."), advice=tr("Seat it again, then test.")
        )
    test = replace(programmer.test_lines(SOCKET, seated.die), through=through, when=context.now())
    work = job.of(FaceWork)
    return doing.save(job.having(replace(work, tests=(*work.tests, test))), context), test


def _test(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, test = _tested(doing, job, context, through=False)
    why = test.hopeless or ("" if test.counter == 0 else tr("its one activation is spent already"))
    if why:
        raise Trouble(
            tr("The module cannot be saved: {why}.", why=why),
            safe=tr("No part was spent."),
            advice=tr("Plan again: what is left is said there."),
            cause=Cause.STEP,
        )
    return job, tr(
        "link chip {link}, {lines} of {count_lines} lines normal",
        link=said_state(test.link),
        lines=sum((state == "normal" for *_, state in test.lines)),
        count_lines=len(test.lines),
    )


def _test_through(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, test = _tested(doing, job, context, through=True)
    if not test.normal:
        open_ = [name for name, _, state in test.lines if state != "normal"]
        said = tr("every line reads open") if len(open_) == len(test.lines) else tr("{open}: not normal", open=", ".join(open_))
        raise Trouble(
            tr("Through the extension {said}: it is folded wrong.", said=said),
            safe=tr("The flex protects itself: nothing is lost."),
            advice=tr("Unfold it, fold it again as the guide shows, then test again."),
            cause=Cause.STEP,
        )
    return job, tr("all lines normal through the extension")


def _back_up(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    found = read_part(doing.rig, doing.catalogue, doing.model(job), context, twice=True, kind=KIND, socket=SOCKET)
    expected = board_identities(job.phone)
    for identity in (Identity.IR_CAMERA_SERIAL, Identity.FLOOD_SERIAL, Identity.PROJECTOR_SERIAL):
        if identity in expected and found.record.identity(identity) != expected[identity]:
            raise Trouble(
                tr(
                    "This module is not this phone's: its {identity} differs from the board's.",
                    identity=inner(IDENTITY_LABEL[identity]),
                ),
                safe=tr("Nothing was kept."),
                advice=tr("Seat this phone's own module on the programmer."),
            )
    if not map_of(found.record):
        raise Trouble(
            tr("The module's dot map is damaged."), safe=tr("Nothing was kept."), advice=tr("Clean the contacts, read again.")
        )
    backup = keeping.keep_part(doing.shop.vault, found, job, doing.rig.programmer().hello(), context.now())
    serial = found.record.identity(Identity.PROJECTOR_SERIAL) or found.part.die
    file = keep_twice(doing.shop.second, backup, serial)
    work = replace(job.of(FaceWork), source=backup.ref, second=file)
    return job.having(work), tr(
        "kept as {backup} and in the second place{against_earlier}",
        backup=backup.name,
        against_earlier=_against_earlier(doing, job, backup, found.record),
    )


def _against_earlier(doing: Doing, job: Job, backup: Backup, record: Record) -> str:
    """Return how the map differs from one that was kept of this phone before; empty where it does not."""
    from daruma.core.depth.likeness import difference  # brings NumPy, which is slow to import

    kept = (other for other in doing.shop.vault.find(imei=job.ticket.imei) if other.content.part_kind == KIND.value)
    for other in keeping.sound(doing.shop.vault, (each for each in kept if each.sha256 != backup.sha256)):
        said = difference(map_of(record), map_of(keeping.record_of(other, doing.model(job))))
        if said:
            return tr(
                "; {said} as {other} of {taken}: the dots will tell which is right",
                said=said,
                other=other.name,
                taken=day(other.content.taken),
            )
    return ""


def _activate(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    lit = activation_locks(doing, job, look(doing.rig))
    refuse_dark(lit)
    done = activate(doing, job, context, lambda: activation_locks(doing, job, look(doing.rig)))
    doing.by_hand(lambda hands: hands.do("power_off", job.ticket.imei, {}))
    return done


def locks(doing: Doing, job: Job, bench: BenchState) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of the step at hand: of an activation, else of writing the extension flex."""
    index = job.current_step
    if index is not None and trait(job.steps[index].action).act is ActKind.ACTIVATE:
        return activation_locks(doing, job, bench)
    return NEW.locks(doing, job, bench)


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={
        "check_face_codes": _codes,
        "test_module": _test,
        "back_up_module": _back_up,
        "activate_module": _activate,
        "write_extension": NEW.write,
        "test_through_extension": _test_through,
    },
    locks=locks,
    planned=NEW.planned,
    as_found=NEW.as_found,
    proofs={Function.FACE_UNLOCK: Proving(prove_face, measure_face, tr("Measure the dots, then unlock"), ("dots", "depth"))},
    socket=lambda _: NEW.socket,
    looked_at={FaceVar.HOLDER: NEW.looked_at(FaceVal.ON_HOLDER)},
    looks={ActKind.ACTIVATE: settled_by_looking},
)
