"""The haptic motor: a new one gets the old one's serial, which the board has, before it is fitted."""

from collections.abc import Mapping
from enum import Enum
from typing import ClassVar

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.acts import ActKind
from daruma.core.haptic.shaking import Shake
from daruma.core.job import Job, is_done
from daruma.core.kinds.entries import Entry, Told, shelf_entry
from daruma.core.kinds.room import Room, Values
from daruma.core.known import KnownPart, Seen, board_identities
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.part_work import PartTicket, PartWork
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.plan.actions import Action, Effort, How, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Otherwise, state_of_part
from daruma.core.plan.phone import over_cable
from daruma.core.plan.state import Conjunction, Named, Val, needs
from daruma.core.plan.workbench import OPEN, Workbench
from daruma.core.shelf import USUAL_GRADES

KIND = PartKind.MOTOR
IDENTITIES = (Identity.MOTOR_SERIAL,)


class MotorState(Enum):
    """Say how the motor in the phone is."""

    DEAD = "dead"
    SOUND = "sound"
    FOREIGN = "foreign"
    UNSURE = "unsure"


class MotorTicket(PartTicket, frozen=True):
    """Hold what intake writes down of the motor in the phone."""

    KIND: ClassVar[PartKind] = KIND

    state: MotorState = MotorState.DEAD

    def nameless(self) -> "MotorTicket":
        return MotorTicket(state=self.state)


class MotorWork(PartWork, frozen=True):
    """Hold what was done with the motors of a job: how the accelerometer saw the new one shake."""

    KIND: ClassVar[PartKind] = KIND
    SERIES: ClassVar[tuple[str, ...]] = ("shakes",)

    shakes: tuple[Shake, ...] = ()

    def nameless(self) -> "MotorWork":
        return MotorWork(shakes=self.shakes)


class MotorFacts(Struct, frozen=True):
    """Hold what is known of a phone's motor; the chance is that the board is sound where neither motor taps."""

    state: MotorState = MotorState.DEAD
    chance_board: float = 0.6


class MotorVar(Named):
    """Name a variable of the motor."""

    MOTOR = "motor"
    SERIAL = "motor_serial"
    NEW = "new_motor"
    HOLDER = "motor_holder"


class MotorVal(Named):
    """Name a value of the motor's variables."""

    SOUND = tr("the original, sound")
    DEAD = tr("the original, dead")
    FOREIGN = tr("another phone's, dead")
    UNSURE = tr("a motor that does not tap, or a board that does not drive it")
    BOARD = tr("a board that drives no motor")
    PROGRAMMED = tr("a new one with the original's serial")
    READ = tr("seen by the programmer")
    ON_HOLDER = tr("the new motor")
    EMPTY = "empty"


_NOW = {MotorState.SOUND: MotorVal.SOUND, MotorState.DEAD: MotorVal.DEAD, MotorState.FOREIGN: MotorVal.FOREIGN}
_NOW[MotorState.UNSURE] = MotorVal.UNSURE
TOLD = {
    MotorState.DEAD: tr("its own, does not tap"),
    MotorState.SOUND: tr("this phone's own, sound"),
    MotorState.FOREIGN: tr("another one, does not tap"),
    MotorState.UNSURE: tr("does not tap, nor did a new one"),
}
_WIRED = Trait(How.DEVICE, KIND)
TRAITS = {
    "motor_serial_over_cable": replace(_WIRED, gives=True),
    "compare_motor": Trait(part=KIND, lasting=True),
    "motor_to_holder": Trait(part=KIND, redone=True),
    "read_motor": replace(_WIRED, redone=True),
    "write_motor": replace(_WIRED, act=ActKind.WRITE, redone=True),
    "swap_motor": Trait(part=KIND, redone=True),
}
_DEAD = needs(MotorVar.MOTOR, MotorVal.DEAD, MotorVal.FOREIGN, otherwise=tr("the motor is sound"), moot=True)
_UNKNOWN = needs(MotorVar.SERIAL, Val.NO, otherwise=tr("the motor's serial is known already"), moot=True)
_ON_HOLDER = needs(MotorVar.HOLDER, MotorVal.ON_HOLDER, otherwise=tr("the new motor must be on the programmer"))


def facts_of(case: Case) -> MotorFacts:
    """Return what a case knows of the motor; one that is not on the table is sound."""
    found = case.parts.get(KIND, MotorFacts(MotorState.SOUND))
    assert isinstance(found, MotorFacts)
    return found


def start(case: Case) -> Values:
    """Return the motor's values before anything was done."""
    return {
        MotorVar.MOTOR: _NOW[facts_of(case).state],
        MotorVar.SERIAL: Val.NO,
        MotorVar.NEW: Val.NO,
        MotorVar.HOLDER: MotorVal.EMPTY,
    }


def actions(bench: Workbench, _: Values | None) -> tuple[Action, ...]:
    """Return every action on the motor; none where it is sound."""
    if facts_of(bench.case).state is MotorState.SOUND:
        return ()
    unread = needs(MotorVar.NEW, Val.NO, otherwise=tr("the new motor was read already"), moot=True)
    read = needs(MotorVar.NEW, MotorVal.READ, otherwise=tr("the new motor was not read yet"))
    known = needs(MotorVar.SERIAL, Val.YES, otherwise=tr("nothing gives the original motor's serial"))
    written = needs(MotorVar.NEW, Val.YES, otherwise=tr("the new motor does not carry the original's serial yet"))
    return (
        *_serial(bench),
        bench.action(
            "compare_motor",
            (OPEN, needs(MotorVar.MOTOR, MotorVal.UNSURE, otherwise=tr("the motor is to blame already"), moot=True)),
            {MotorVar.MOTOR: MotorVal.FOREIGN},
            place=KIND,
            hands=("compare_motor",),
            chances=(facts_of(bench.case).chance_board,),
            finding=tr("the board drives a known-good motor"),
            miss={MotorVar.MOTOR: MotorVal.BOARD},
        ),
        bench.action("motor_to_holder", (), {MotorVar.HOLDER: MotorVal.ON_HOLDER}, hands=("new_motor_on_holder",), sets_up=True),
        bench.action("read_motor", (_ON_HOLDER, unread, _DEAD), {MotorVar.NEW: MotorVal.READ}, place=KIND),
        bench.action("write_motor", (known, _ON_HOLDER, read, _DEAD), {MotorVar.NEW: Val.YES}, place=KIND),
        bench.action(
            "swap_motor",
            (OPEN, written, _DEAD),
            {MotorVar.MOTOR: MotorVal.PROGRAMMED, MotorVar.HOLDER: MotorVal.EMPTY},
            way=tr("New motor with the old serial"),
            place=KIND,
            hands=("swap_motor",),
            ruins=(0.0, 1.0),
            ruined={MotorVar.NEW: Val.LOST},
            stake=bench.figures["swap_motor"].cost,
        ),
    )


def _serial(bench: Workbench) -> tuple[Action, ...]:
    """Return reading the serial that the board expects, from a phone that runs and trusts the bench."""
    known: dict[Enum, Enum] = {MotorVar.SERIAL: Val.YES}
    return over_cable(bench, "motor_serial_over_cable", (_UNKNOWN, _DEAD), known, why=_UNKNOWN, trial="motor")


def threads(_: Case) -> Mapping[Identity, tuple[Conjunction, ...]]:
    """Return what makes the motor's serial agree with the board's."""
    own = (MotorVal.SOUND, MotorVal.DEAD, MotorVal.PROGRAMMED)
    same = needs(MotorVar.MOTOR, *own, otherwise=tr("the motor is not the one the board expects"))
    return {Identity.MOTOR_SERIAL: ((same,),)}


def conditions(_: Case) -> Mapping[Condition, tuple[Conjunction, ...]]:
    """Return what makes the motor sound."""
    sound = needs(MotorVar.MOTOR, MotorVal.SOUND, MotorVal.PROGRAMMED, otherwise=tr("the motor does not tap"))
    return {Condition.MOTOR_SOUND: ((sound,),)}


def seen(job: Job, _: Model, __: KnownPart) -> Seen:
    """Return that the motor in the phone carries the original's serial, by itself or written to a new one; its soundness."""
    state, swapped = job.ticket.of(MotorTicket).state, is_done(job, "swap_motor")
    expected = board_identities(job.phone)
    original = swapped or state is not MotorState.FOREIGN
    carried = {identity: expected[identity] for identity in IDENTITIES if original and identity in expected}
    return Seen(carried, {Condition.MOTOR_SOUND: swapped or state is MotorState.SOUND})


ROOM = Room(
    KIND,
    identities=IDENTITIES,
    functions=(Function.HAPTICS,),
    ticket=MotorTicket,
    work=MotorWork,
    entries=(Entry("state", tr("The motor in the phone"), TOLD), shelf_entry(USUAL_GRADES)),
    told=lambda ticket: Told(TOLD[ticket.state]),
    seen=seen,
    traits=TRAITS,
    start=start,
    actions=actions,
    threads=threads,
    conditions=conditions,
    asks=(state_of_part("motor", tr("Haptic motor"), TOLD, facts_of, KIND),),
    otherwise=(
        Otherwise(
            tr("the board drives no motor"), Effort.PART, (MotorVar.MOTOR, (MotorVal.BOARD,)), {MotorVar.MOTOR: MotorVal.UNSURE}
        ),
        Otherwise(tr("the new motor is ruined"), Effort.PART, (MotorVar.NEW, (Val.LOST,)), {MotorVar.NEW: Val.NO}),
        Otherwise(tr("the motor is sound"), Effort.PART, (MotorVar.MOTOR, (MotorVal.SOUND,)), {MotorVar.MOTOR: MotorVal.DEAD}),
    ),
)
