"""The haptic motor at the bench: the serial that the board expects, put on a new motor, and proven by its taps and its ring."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench import keeping
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.holder import Holder
from daruma.bench.kinds.room import BenchRoom, Chosen, Done, Proving
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.haptic.shaking import Drive, Shake
from daruma.core.job import Job, Proof, is_done
from daruma.core.kinds.motor import KIND, MotorFacts, MotorState, MotorTicket, MotorVal, MotorVar, MotorWork
from daruma.core.known import KnownPart
from daruma.core.language import figures, tr, word
from daruma.core.parts import Function, Identity
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.routes import Route
from daruma.core.records import decode, encode
from daruma.core.tri import Tri
from daruma.link.haptic import shake

if TYPE_CHECKING:
    from daruma.core.haptic.motor import Tap

TAPS = 3
PROVE, FIT = "prove_haptics", "swap_motor"
NEW = Holder(MotorWork, "motor", FIT)
OF_ONE = frozenset({"motor_to_holder", "read_motor", "write_motor", FIT})  # work on one new motor
USUAL = Drive(170.0, 1.6, 0.015)  # the middle of the family (invented): where no record of the motor was read


def bare(job: Job) -> MotorFacts:
    """Return what the ticket says of the motor."""
    return MotorFacts(job.ticket.of(MotorTicket).state)


def known_facts(_: Doing, job: Job, motor: MotorFacts, __: Sequence[Backup]) -> MotorFacts:
    """Return the facts: where a new motor was fitted and does not tap either, motor or board is not told yet."""
    failed = any(proof.function is Function.HAPTICS and not proof.proven for proof in job.proofs)
    return replace(motor, state=MotorState.UNSURE) if failed else motor


def counts(_: Job, __: KnownPart, done: Done) -> Done:
    """Return the work that still counts: what was done on a new motor that did not tap does not."""
    last = max((place for place, each in enumerate(done) if each == (PROVE, False)), default=-1)
    return tuple(each for place, each in enumerate(done) if place > last or each[0] not in OF_ONE)


def chosen(job: Job, route: Route, _: Case) -> Chosen:
    """Return the job; a way that fits another motor begins on that one anew."""
    return Chosen(job, fresh=is_done(job, FIT) and any(action.key == FIT for action in route.actions))


def _over_cable(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, _said = doing.read_phone(job, context)
    serial = job.phone.get(Identity.MOTOR_SERIAL.value)
    if not serial:
        raise Trouble(
            tr("The phone gave no motor serial."), safe=tr("Nothing was changed."), advice=tr("Read the phone once more.")
        )
    layout = doing.model(job).layout(KIND)
    image = encode(layout, {"signature": layout.field("signature").constant, Identity.MOTOR_SERIAL.value: serial})
    content = keeping.from_phone(doing.model(job), layout, job, image, context.now())
    backup = keeping.kept_whole(doing.shop.vault, content)
    return NEW.kept(job, backup), tr("kept as {backup}", backup=backup.name)


def measure_motor(doing: Doing, job: Job, context: Context, _: int) -> Job:
    """Let the motor tap three times and ring once, and keep what the accelerometer saw."""
    doing.right_phone(job)
    shakes: list[Shake] = []
    for number in range(TAPS + 1):
        context.checkpoint()
        context.report(
            number / (TAPS + 1),
            tr("letting it ring") if number == TAPS else tr("tap {number} of {taps}", number=number + 1, taps=TAPS),
        )
        shakes.append(shake(doing.rig.phone(), brake=number < TAPS))
        context.sample(shakes[-1])
    return job.having(replace(job.of(MotorWork), shakes=tuple(shakes), of=job.basis(KIND)))


def drive_of(doing: Doing, job: Job) -> Drive:
    """Return the drive calibration of the motor in the phone: the new one's own record, else the family's middle."""
    work = job.of(MotorWork)
    record = decode(doing.model(job).layout(KIND), bytes.fromhex(work.image), loose=True) if work.image else None
    f0, level, ms = (
        record.values.get(name) if record is not None else None for name in ("drive_f0", "drive_level", "drive_brake")
    )
    if isinstance(f0, float) and isinstance(level, float) and isinstance(ms, float) and f0 > 0 and level > 0:
        return Drive(f0, level, ms / 1000)
    return USUAL


def tap_of(doing: Doing, job: Job) -> Tap:
    """Return how a job's motor is found by what was measured of it."""
    from daruma.core.haptic.motor import judged  # brings SciPy, which is slow to import

    return judged(job.evidence(MotorWork).shakes, drive_of(doing, job))


def prove_taps(doing: Doing, job: Job, context: Context) -> Proof:
    """Judge the motor by its taps and its ring, and read the phone's own test."""
    from daruma.core.haptic.motor import Motor

    doing.right_phone(job)
    passes = doing.rig.phone().functions().get(Function.HAPTICS) is Tri.YES
    if KIND not in job.ticket.parts:
        said = tr("The phone's motor test passes: it taps.") if passes else tr("The phone's motor test fails: no tap.")
        return Proof(
            Function.HAPTICS, passes, said, ((tr("motor test"), tr("taps") if passes else tr("no tap")),), (), context.now()
        )
    tap = tap_of(doing, job)
    good = tap.motor is Motor.TAPS and passes
    said = tr(
        "The motor {does}: {why}.", does=tr("taps") if tap.motor is Motor.TAPS else tr("does not tap as it should"), why=tap.why
    )
    if tap.motor is Motor.TAPS and not passes:
        said += tr(" The phone's own motor test fails all the same: another serial is in the motor than the board expects.")
    return Proof(Function.HAPTICS, good, said, numbers_of(tap), (), context.now())


def numbers_of(tap: Tap) -> tuple[tuple[str, str], ...]:
    """Return what was found of a motor, each with its expanded uncertainty."""
    found = [(tr("found"), word(tap.motor)), (tr("level"), figures("{level:.2f} g", level=tap.level))]
    if tap.f0 is not None:
        found.append((tr("resonance"), tr("{f0:.2f} ± {f0_2:.2f} Hz", f0=tap.f0[0], f0_2=1.96 * tap.f0[1])))
    if tap.damping is not None:
        found.append(
            (tr("damping"), figures("{damping:.4f} ± {damping_2:.4f}", damping=tap.damping[0], damping_2=1.96 * tap.damping[1]))
        )
    for name, seconds in ((tr("rises in"), tap.rise), (tr("stops in"), tap.brake)):
        if seconds is not None:
            found.append((name, tr("{seconds:.0f} ms", seconds=1000 * seconds)))
    return tuple(found)


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={"motor_serial_over_cable": _over_cable, "read_motor": NEW.read, "write_motor": NEW.write},
    locks=NEW.locks,
    counts=counts,
    chosen=chosen,
    planned=NEW.planned,
    as_found=NEW.as_found,
    proofs={Function.HAPTICS: Proving(prove_taps, measure_motor, words=tr("Let it tap and ring"), pages=("shakes",))},
    socket=lambda _: NEW.socket,
    looked_at={MotorVar.HOLDER: NEW.looked_at(MotorVal.ON_HOLDER)},
)
