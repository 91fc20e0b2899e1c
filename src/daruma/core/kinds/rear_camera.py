"""The rear camera: a genuine module is bound in the phone's finishing session and swept, and proven by that sweep."""

from collections.abc import Mapping
from enum import Enum
from typing import ClassVar

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.acts import ActKind
from daruma.core.finishing import ORIGIN_GRADES, ORIGIN_WORDS, Origin, origin_of
from daruma.core.job import Job, is_done
from daruma.core.kinds.entries import Entry, Told, shelf_entry
from daruma.core.kinds.room import Room, Values
from daruma.core.known import KnownPart, Seen, board_identities
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.optics.sweep import SweepChunk
from daruma.core.pairing import Condition
from daruma.core.part_work import PartTicket, PartWork
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.plan.actions import Action, How, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.facts import state_of_part
from daruma.core.plan.finishing import finish_bars, in_session, is_locked, locked_bar
from daruma.core.plan.phone import on_phone
from daruma.core.plan.state import Conjunction, Named, needs
from daruma.core.plan.workbench import FITTED, OPEN, Workbench

KIND = PartKind.REAR_CAMERA
IDENTITIES = (Identity.REAR_CAMERA_SERIAL,)


class RearState(Enum):
    """Say how the rear camera in the phone is."""

    BROKEN = "broken"
    UNFINISHED = "unfinished"
    SOUND = "sound"


TOLD = {
    RearState.BROKEN: tr("its own, broken"),
    RearState.UNFINISHED: tr("a genuine new one, not finished"),
    RearState.SOUND: tr("this phone's own, sound"),
}


class RearTicket(PartTicket, frozen=True):
    """Hold what intake writes down of the rear camera in the phone, and where the genuine new one comes from."""

    KIND: ClassVar[PartKind] = KIND

    state: RearState = RearState.BROKEN
    origin: Origin = Origin.NEW

    def nameless(self) -> "RearTicket":
        return RearTicket(state=self.state, origin=self.origin)


class BoardView(Struct, frozen=True):
    """Hold where a rear camera saw the corners of a chessboard: u, v one after the other, px."""

    view: str
    seen: tuple[float, ...]


class RearWork(PartWork, frozen=True):
    """Hold what was done with the rear camera of a job: its sweep as it came over the wire, the die of
    the module that was swept, the chessboard as it was seen.
    """

    KIND: ClassVar[PartKind] = KIND
    SERIES: ClassVar[tuple[str, ...]] = ("sweep", "views")

    sweep: tuple[SweepChunk, ...] = ()
    swept: str = ""
    views: tuple[BoardView, ...] = ()

    def unmeasured(self) -> "RearWork":
        # a sweep is taken while the phone finishes the camera: it counts for the module that was swept
        return replace(self, views=(), sweep=self.sweep if self.swept and self.swept == self.die else ())

    def nameless(self) -> "RearWork":
        return RearWork(sweep=self.sweep, views=self.views)


class RearFacts(Struct, frozen=True):
    """Hold what is known of a phone's rear camera."""

    state: RearState = RearState.BROKEN
    origin: Origin = Origin.NEW


class RearVar(Named):
    """Name a variable of the rear camera."""

    CAMERA = "rear_camera"


class RearVal(Named):
    """Name a value of the rear camera's variable."""

    SOUND = tr("the original, sound")
    BROKEN = tr("the original, broken")
    UNFINISHED = tr("a genuine one, not finished")
    FINISHED = tr("a genuine one, finished and swept")


_NOW = {RearState.SOUND: RearVal.SOUND, RearState.BROKEN: RearVal.BROKEN, RearState.UNFINISHED: RearVal.UNFINISHED}
TRAITS = {
    "swap_rear_camera": Trait(part=KIND),
    "finish_rear_camera": Trait(How.DEVICE, KIND, ActKind.FINISH),
}


def facts_of(case: Case) -> RearFacts:
    """Return what a case knows of the rear camera; one that is not on the table is sound."""
    found = case.parts.get(KIND, RearFacts(RearState.SOUND))
    assert isinstance(found, RearFacts)
    return found


def start(case: Case) -> Values:
    """Return the camera's values before anything was done."""
    return {RearVar.CAMERA: _NOW[facts_of(case).state]}


def actions(bench: Workbench, _: Values | None) -> tuple[Action, ...]:
    """Return fitting a genuine module, and finishing it with its sweep; none where it is sound."""
    facts = facts_of(bench.case)
    if facts.state is RearState.SOUND:
        return ()
    bars = (*finish_bars(bench.case, KIND), locked_bar(bench.case, KIND, facts.origin))
    broken = needs(RearVar.CAMERA, RearVal.BROKEN, otherwise=tr("the rear camera is not to be replaced"), moot=True)
    fresh = needs(RearVar.CAMERA, RearVal.UNFINISHED, otherwise=tr("no rear camera waits to be finished"))
    return (
        bench.action(
            "swap_rear_camera",
            (OPEN, broken),
            {RearVar.CAMERA: RearVal.UNFINISHED},
            bars=bars,
            way=tr("Genuine camera"),
            place=KIND,
            hands=("swap_rear_camera",),
        ),
        *on_phone(
            (
                bench.action(
                    "finish_rear_camera",
                    (FITTED, fresh, *in_session(bench, KIND)),
                    {RearVar.CAMERA: RearVal.FINISHED},
                    bars=bars,
                    way=tr("finish on the phone"),
                    marks_used=facts.origin is Origin.USED,
                ),
            )
        ),
    )


def threads(_: Case) -> Mapping[Identity, tuple[Conjunction, ...]]:
    """Return what makes the camera's serial agree with the board's."""
    own = (RearVal.SOUND, RearVal.BROKEN, RearVal.FINISHED)
    same = needs(RearVar.CAMERA, *own, otherwise=tr("the rear camera is not bound to the board"))
    return {Identity.REAR_CAMERA_SERIAL: ((same,),)}


def conditions(_: Case) -> Mapping[Condition, tuple[Conjunction, ...]]:
    """Return what makes the sweep done: a broken module shows nothing."""
    swept = needs(RearVar.CAMERA, RearVal.SOUND, RearVal.FINISHED, otherwise=tr("the sweep is not done"))
    return {Condition.SWEEP_DONE: ((swept,),)}


def pending(case: Case) -> Conjunction:
    """Return that no rear camera waits for its sweep: skipped, it leaves the others unfinished; a locked one can be skipped."""
    if is_locked(case, KIND, facts_of(case).origin):
        return ()
    done = (RearVal.SOUND, RearVal.BROKEN, RearVal.FINISHED)
    return (needs(RearVar.CAMERA, *done, otherwise=tr("without the rear camera's sweep the other parts stay unfinished")),)


def seen(job: Job, _: Model, __: KnownPart) -> Seen:
    """Return what the camera carries and whether it was swept, by ticket and steps."""
    state = job.ticket.of(RearTicket).state
    finished, swapped = is_done(job, "finish_rear_camera"), is_done(job, "swap_rear_camera")
    expected = board_identities(job.phone)
    own = finished or (state is not RearState.UNFINISHED and not swapped)
    return Seen(
        {identity: expected[identity] for identity in IDENTITIES if own and identity in expected},
        {Condition.SWEEP_DONE: finished or state is RearState.SOUND},
    )


ROOM = Room(
    KIND,
    identities=IDENTITIES,
    functions=(Function.REAR_CAMERA_FINISHED,),
    ticket=RearTicket,
    work=RearWork,
    entries=(
        Entry("state", tr("The rear camera in the phone"), TOLD),
        Entry("origin", tr("The genuine one for it"), ORIGIN_WORDS),
        shelf_entry(ORIGIN_GRADES, lambda part: {"origin": origin_of(part.kind)}),
    ),
    told=lambda ticket: Told(TOLD[ticket.state]),
    seen=seen,
    traits=TRAITS,
    start=start,
    actions=actions,
    threads=threads,
    conditions=conditions,
    pending=pending,
    origin=lambda ticket: ticket.origin,
    grades=ORIGIN_GRADES,
    asks=(state_of_part("rear_camera", tr("Rear camera"), TOLD, facts_of, KIND),),
)
