"""The front camera at the bench: data kept, the board unbound, a flex written, the system flashed, proven by its frames."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench import keeping, phone_acts
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.holder import Holder
from daruma.bench.kinds.front_camera.session import Session
from daruma.bench.kinds.room import BenchRoom, Chosen, Done, Proving
from daruma.bench.reading import read_part
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.job import Job, Proof, is_done
from daruma.core.kinds.front_camera.facts import FrontFacts, FrontVal, FrontVar
from daruma.core.kinds.front_camera.work import KIND, FrontState, FrontTicket, FrontWork
from daruma.core.known import KnownPart
from daruma.core.language import tr, word
from daruma.core.parts import Function
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.routes import Route
from daruma.core.records import decode
from daruma.core.tri import Tri
from daruma.link.camera import front_record

if TYPE_CHECKING:
    from daruma.core.optics.front import Judged

PROVE, FIT, FIT_GENUINE = "prove_front_camera", "fit_front_camera", "fit_genuine_front_camera"
NEW = Holder(FrontWork, "camera", FIT)
OF_ONE = frozenset(
    {"solder_camera_flex", "front_camera_to_holder", "read_front_camera", "write_front_camera", FIT, "flash_system"}
    | {FIT_GENUINE, "finish_front_camera"}
)


def bare(job: Job) -> FrontFacts:
    """Return what the ticket says of the front camera."""
    ticket = job.ticket.of(FrontTicket)
    return FrontFacts(ticket.state, ticket.sign, ticket.origin)


def known_facts(_: Doing, job: Job, front: FrontFacts, backups: Sequence[Backup]) -> FrontFacts:
    """Return the facts: whether an earlier backup is kept; where a new camera does not work either, it may be the board."""
    failed = any(proof.function is Function.FRONT_CAMERA and not proof.proven for proof in job.proofs)
    kept = any(backup.content.part_kind == KIND.value for backup in backups)
    return replace(front, kept=kept, state=FrontState.UNSURE if failed else front.state)


def counts(_: Job, __: KnownPart, done: Done) -> Done:
    """Return the work that still counts: what was done on a new camera that did not work does not."""
    last = max((place for place, each in enumerate(done) if each == (PROVE, False)), default=-1)
    return tuple(each for place, each in enumerate(done) if place > last or each[0] not in OF_ONE)


def chosen(job: Job, route: Route, _: Case) -> Chosen:
    """Return the job; a way that fits another camera begins on that one anew."""
    fitted = {key for key in (FIT, FIT_GENUINE) if is_done(job, key)}
    return Chosen(job, fresh=bool(fitted) and any(action.key in (FIT, FIT_GENUINE) for action in route.actions))


# -- steps


def _over_cable(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, _said = doing.read_phone(job, context)
    doing.right_phone(job)
    said, model = front_record(doing.rig.phone()), doing.model(job)
    layout = model.layout(KIND)
    if len(said.image) != layout.size or not decode(layout, said.image).intact:
        raise Trouble(
            tr("The phone gave no whole data of its front camera."),
            safe=tr("Nothing was kept, nothing was changed."),
            advice=tr("Read it once more; a dead camera is read on the programmer."),
        )
    backup = keeping.kept_whole(doing.shop.vault, keeping.from_phone(model, layout, job, said.image, context.now()))
    return NEW.kept(job, backup), tr("kept as {backup}", backup=backup.name)


def _from_old(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    rig = doing.rig
    reading = read_part(rig, doing.catalogue, doing.model(job), context, twice=True, kind=KIND, socket=NEW.socket)
    backup = keeping.keep_part(doing.shop.vault, reading, job, rig.programmer().hello(), context.now())
    return NEW.kept(job, backup), tr("kept as {backup}", backup=backup.name)


def _kept(doing: Doing, job: Job, _: Action, __: Context) -> tuple[Job, str]:
    backup = keeping.newest_backup(doing.shop.vault, job.ticket.imei, doing.model(job), KIND)
    return NEW.kept(job, backup), keeping.taken_from(backup)


def _unbind(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    doing.right_phone(job)
    phone_acts.release(doing.rig, doing.shop, doing.model(job), job, context)
    return job, tr("the board takes another front camera")


def _flash(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    doing.right_phone(job)
    phone_acts.flash_system(doing.rig, doing.shop, doing.model(job), job, context)
    return job, tr("the system is flashed")


def _finish(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    doing.right_phone(job)
    said = front_record(doing.rig.phone())
    job = doing.save(phone_acts.with_part(doing, job, job.of(FrontWork), said.die, said.image), context)
    return phone_acts.finished(doing, job, KIND, context)


# -- proof


def measure_front(doing: Doing, job: Job, context: Context, _: int) -> Job:
    """Take a session's frames: a photo, a flat field, a film, near and far, and a sweep of the focus at three distances."""
    doing.right_phone(job)
    frames = Session(doing.rig.phone(), context).frames()
    return job.having(replace(job.of(FrontWork), frames=frames, of=job.basis(KIND)))


def found_in(job: Job) -> Judged:
    """Return how a job's front camera is found by its frames."""
    from daruma.core.optics.front import judged  # brings SciPy, which is slow to import

    return judged(job.evidence(FrontWork).frames)


def prove_front(doing: Doing, job: Job, context: Context) -> Proof:
    """Judge the camera by its frames, and by what the phone says of data and system."""
    from daruma.core.optics.front import Finding

    doing.right_phone(job)
    seen = doing.rig.phone().functions().get(Function.FRONT_CAMERA)
    # the phone sees the switch, but not whether its pictures are right: it says so, or that it does not know
    bound = seen in (Tri.YES, Tri.UNKNOWN)
    found = found_in(job)
    good = found.finding is Finding.WORKS and bound
    said = (
        tr("The front camera {finding}: {why}.", finding=word(found.finding), why=found.why)
        if job.evidence(FrontWork).frames
        else tr("Nothing was measured.")
    )
    if found.finding is Finding.WORKS and not bound:
        said += tr(" The phone does not take it for its own all the same: data or system are not as it expects.")
    return Proof(Function.FRONT_CAMERA, good, said, found.numbers, (), context.now())


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={
        "front_camera_over_cable": _over_cable,
        "read_old_front_camera": _from_old,
        "kept_front_camera": _kept,
        "unbind_front_camera": _unbind,
        "read_front_camera": NEW.read,
        "write_front_camera": NEW.write,
        "flash_system": _flash,
        "finish_front_camera": _finish,
    },
    locks=NEW.locks,
    counts=counts,
    chosen=chosen,
    planned=NEW.planned,
    as_found=NEW.as_found,
    proofs={
        Function.FRONT_CAMERA: Proving(prove_front, measure_front, words=tr("Look at the chart"), pages=("sharpness", "focus"))
    },
    socket=lambda _: NEW.socket,
    looked_at={FrontVar.HOLDER: NEW.looked_at(FrontVal.ON_HOLDER)},
)
