"""The haptic motor at the bench: the serial that the board expects, put on a new motor, and proven by a tap."""

from collections.abc import Sequence

from daruma.bench import keeping
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.holder import Holder
from daruma.bench.kinds.room import BenchRoom, Proving
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.job import Job, Proof
from daruma.core.kinds.motor import KIND, MotorFacts, MotorTicket, MotorVal, MotorVar, MotorWork
from daruma.core.parts import Function, Identity
from daruma.core.plan.actions import Action
from daruma.core.records import encode
from daruma.core.tri import Tri

NEW = Holder(MotorWork, "motor", "swap_motor")


def bare(job: Job) -> MotorFacts:
    """Return what the ticket says of the motor."""
    return MotorFacts(job.ticket.of(MotorTicket).state)


def known_facts(_: Doing, __: Job, motor: MotorFacts, ___: Sequence[Backup]) -> MotorFacts:
    """Return the facts: the shop knows nothing more of a motor."""
    return motor


def _over_cable(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    job, _said = doing.read_phone(job, context)
    serial = job.phone.get(Identity.MOTOR_SERIAL.value)
    if not serial:
        raise Trouble("The phone gave no motor serial.", safe="Nothing was changed.", advice="Read the phone once more.")
    layout = doing.model(job).layout(KIND)
    image = encode(layout, {"signature": layout.field("signature").constant, Identity.MOTOR_SERIAL.value: serial})
    content = keeping.from_phone(doing.model(job), layout, job, image, context.now())
    backup = keeping.kept_whole(doing.shop.vault, content)
    return NEW.kept(job, backup), f"kept as {backup.name}"


def prove_taps(doing: Doing, job: Job, context: Context) -> Proof:
    """Read whether the phone's own test of its motor passes."""
    doing.right_phone(job)
    context.report(0.3, "letting the phone tap")
    taps = doing.rig.phone().functions().get(Function.HAPTICS) is Tri.YES
    said = "The phone's motor test passes: it taps." if taps else "The phone's motor test fails: no tap."
    return Proof(Function.HAPTICS, taps, said, (("motor test", "taps" if taps else "no tap"),), (), context.now())


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={"motor_serial_over_cable": _over_cable, "read_motor": NEW.read, "write_motor": NEW.write},
    locks=NEW.locks,
    planned=NEW.planned,
    as_found=NEW.as_found,
    proofs={Function.HAPTICS: Proving(prove_taps, words="Let it tap: read the phone")},
    socket=lambda _: NEW.socket,
    looked_at={MotorVar.HOLDER: NEW.looked_at(MotorVal.ON_HOLDER)},
)
