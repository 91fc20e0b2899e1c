"""The front camera: a new one gets a programmable flex with the original's bind data; the system is flashed after the swap."""

from collections.abc import Mapping
from enum import Enum

from msgspec.structs import replace

from daruma.core.acts import ActKind
from daruma.core.finishing import ORIGIN_GRADES, ORIGIN_WORDS, Origin, origin_of
from daruma.core.job import Job, is_done
from daruma.core.kinds.entries import Entry, Told, shelf_entry
from daruma.core.kinds.front_camera.facts import FrontFacts, FrontVal, FrontVar
from daruma.core.kinds.front_camera.work import (
    BOARD_SOUND,
    IDENTITIES,
    KIND,
    SIGN_LABEL,
    TOLD,
    FrontState,
    FrontTicket,
    FrontWork,
    Lead,
    Sign,
    lead,
)
from daruma.core.kinds.room import Room, Values
from daruma.core.known import KnownPart, Seen, board_identities
from daruma.core.language import tr, word
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity
from daruma.core.plan.actions import Action, Effort, How, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Otherwise, state_of_part
from daruma.core.plan.finishing import finish_bars, in_session, locked_bar
from daruma.core.plan.phone import on_phone, over_cable
from daruma.core.plan.state import Conjunction, Val, needs
from daruma.core.plan.workbench import FITTED, OPEN, Workbench

_START = {Lead.CAMERA: FrontVal.BROKEN, Lead.DATA: FrontVal.FOREIGN, Lead.EITHER: FrontVal.UNSURE, Lead.NOWHERE: FrontVal.SOUND}
_WIRED = Trait(How.DEVICE, KIND)
_HAND = Trait(part=KIND)
TRAITS = {
    "compare_front_camera": replace(_HAND, lasting=True),
    "front_camera_over_cable": replace(_WIRED, gives=True),
    "kept_front_camera": replace(_WIRED, gives=True),
    "old_front_camera_to_holder": _HAND,
    "read_old_front_camera": replace(_WIRED, gives=True),
    "unbind_front_camera": replace(_WIRED, act=ActKind.RELEASE),
    "solder_camera_flex": replace(_HAND, redone=True),
    "front_camera_to_holder": replace(_HAND, redone=True),
    "read_front_camera": replace(_WIRED, redone=True),
    "write_front_camera": replace(_WIRED, act=ActKind.WRITE, redone=True),
    "fit_front_camera": replace(_HAND, redone=True),
    "flash_system": replace(_WIRED, act=ActKind.FLASH, redone=True),
    "fit_genuine_front_camera": replace(_HAND, redone=True),
    "finish_front_camera": replace(_WIRED, act=ActKind.FINISH, redone=True),
}
_BAD = needs(
    FrontVar.CAMERA, FrontVal.BROKEN, FrontVal.FOREIGN, otherwise=tr("the front camera is not to be replaced"), moot=True
)
_UNREAD = needs(FrontVar.DATA, Val.NO, otherwise=tr("the front camera's data are kept already"), moot=True)
_KEPT = needs(FrontVar.DATA, Val.YES, otherwise=tr("nothing gives the original front camera's data"))
_ON_HOLDER = needs(FrontVar.HOLDER, FrontVal.ON_HOLDER, otherwise=tr("the new camera must be on the programmer"))
_FREE = needs(FrontVar.BINDING, Val.YES, otherwise=tr("the front camera is still bound to the board"))


def facts_of(case: Case) -> FrontFacts:
    """Return what a case knows of the front camera; one that is not on the table is sound."""
    found = case.parts.get(KIND, FrontFacts(FrontState.SOUND))
    assert isinstance(found, FrontFacts)
    return found


def start(case: Case) -> Values:
    """Return the camera's values before anything was done."""
    facts = facts_of(case)
    return {
        FrontVar.CAMERA: _START[lead(facts.state, facts.sign)],
        FrontVar.DATA: Val.NO,
        FrontVar.BINDING: Val.NO,
        FrontVar.NEW: Val.NO,
        FrontVar.HOLDER: FrontVal.EMPTY,
        FrontVar.FLASHED: Val.NO if facts.state is FrontState.FOREIGN else Val.YES,
    }


def actions(bench: Workbench, _: Values | None) -> tuple[Action, ...]:
    """Return every action on the front camera; none where it is sound."""
    if facts_of(bench.case).state is FrontState.SOUND:
        return ()
    return (_compare(bench), *_data(bench), *_binding(bench), *_new(bench), *_genuine(bench), *_flash(bench))


def _compare(bench: Workbench) -> Action:
    return bench.action(
        "compare_front_camera",
        (OPEN, needs(FrontVar.CAMERA, FrontVal.UNSURE, otherwise=tr("the camera is to blame already"), moot=True)),
        {FrontVar.CAMERA: FrontVal.BROKEN},
        place=KIND,
        hands=("compare_front_camera",),
        chances=(BOARD_SOUND[facts_of(bench.case).sign],),
        finding=tr("the board runs a known-good camera"),
        miss={FrontVar.CAMERA: FrontVal.BOARD},
    )


def _data(bench: Workbench) -> tuple[Action, ...]:
    """Return the ways to the original's data: over the cable, from the camera itself, from an earlier backup."""
    facts = facts_of(bench.case)
    effects: dict[Enum, Enum] = {FrontVar.DATA: Val.YES}
    foreign = facts.state in (FrontState.FOREIGN, FrontState.UNSURE)
    gone = bench.lacks(not foreign, tr("the phone's own front camera is not in it"), Effort.SOURCE)
    dark = bench.lacks(facts.sign is not Sign.DEAD, tr("a dead camera gives nothing over the cable"), Effort.SOURCE)
    none = bench.lacks(facts.kept, tr("no earlier backup of this phone's own front camera is in the vault"), Effort.SOURCE)
    on_holder = needs(FrontVar.HOLDER, FrontVal.OLD, otherwise=tr("the original camera must be on the programmer"))
    return (
        *over_cable(bench, "front_camera_over_cable", (_UNREAD,), effects, why=_UNREAD, trial="front_camera", bars=(gone, dark)),
        bench.action(
            "old_front_camera_to_holder",
            (OPEN, _UNREAD),
            {FrontVar.HOLDER: FrontVal.OLD},
            bars=(gone,),
            hands=("old_front_camera_on_holder",),
            sets_up=True,
        ),
        bench.action("read_old_front_camera", (on_holder, _UNREAD), effects, bars=(gone,), place=KIND),
        bench.action("kept_front_camera", (_UNREAD,), effects, bars=(none,), place=KIND),
    )


def _binding(bench: Workbench) -> tuple[Action, ...]:
    bound = needs(FrontVar.BINDING, Val.NO, otherwise=tr("the front camera is unbound already"), moot=True)
    free: dict[Enum, Enum] = {FrontVar.BINDING: Val.YES}
    return over_cable(bench, "unbind_front_camera", (bound, _KEPT), free, why=bound, trial="front_camera_binding")


def _new(bench: Workbench) -> tuple[Action, ...]:
    """Return a new camera with a programmable flex: soldered, read, written, fitted."""
    model = bench.case.model
    known = bench.lacks(
        not model.ambient_white_needs_front_camera,
        tr("no programmable flex is known for {model}", model=model.name),
        Effort.PHONE,
    )
    bare = needs(FrontVar.NEW, Val.NO, otherwise=tr("a new camera was prepared already"), moot=True)
    soldered = needs(FrontVar.NEW, FrontVal.SOLDERED, otherwise=tr("the new camera has no programmable flex"))
    read = needs(FrontVar.NEW, FrontVal.READ, otherwise=tr("the new camera was not read yet"))
    written = needs(FrontVar.NEW, Val.YES, otherwise=tr("the new camera does not carry the original's data yet"))
    on_bench = needs(
        FrontVar.NEW, FrontVal.SOLDERED, FrontVal.READ, Val.YES, otherwise=tr("the new camera has no programmable flex")
    )
    return (
        bench.action(
            "solder_camera_flex",
            (bare, _BAD, _KEPT),
            {FrontVar.NEW: FrontVal.SOLDERED},
            bars=(known, bench.lacks(bench.case.kit.hot_air, tr("the bench has no hot air"))),
            place=KIND,
            hands=("solder_camera_flex",),
            ruins=(1.0,),
            ruined={FrontVar.NEW: Val.LOST},
            stake=bench.figures["solder_camera_flex"].cost,
        ),
        bench.action(
            "front_camera_to_holder",
            (on_bench,),
            {FrontVar.HOLDER: FrontVal.ON_HOLDER},
            hands=("new_front_camera_on_holder",),
            sets_up=True,
        ),
        bench.action("read_front_camera", (_ON_HOLDER, soldered, _BAD), {FrontVar.NEW: FrontVal.READ}, place=KIND),
        bench.action("write_front_camera", (_KEPT, _ON_HOLDER, read, _BAD), {FrontVar.NEW: Val.YES}, place=KIND),
        bench.action(
            "fit_front_camera",
            (OPEN, written, _BAD, _FREE),
            {FrontVar.CAMERA: FrontVal.PROGRAMMED, FrontVar.HOLDER: FrontVal.EMPTY, FrontVar.FLASHED: Val.NO},
            way=tr("New camera with the original's data"),
            place=KIND,
            hands=("fit_front_camera",),
        ),
    )


def _genuine(bench: Workbench) -> tuple[Action, ...]:
    """Return a genuine camera that the phone finishes."""
    bars = finish_bars(bench.case, KIND)
    origin = facts_of(bench.case).origin
    fitted = needs(FrontVar.CAMERA, FrontVal.GENUINE, otherwise=tr("no genuine camera is fitted"))
    return (
        bench.action(
            "fit_genuine_front_camera",
            (OPEN, _BAD),
            {FrontVar.CAMERA: FrontVal.GENUINE, FrontVar.FLASHED: Val.NO},
            bars=(*bars, locked_bar(bench.case, KIND, origin)),
            way=tr("Genuine camera"),
            place=KIND,
            hands=("fit_genuine_front_camera",),
        ),
        *on_phone(
            (
                bench.action(
                    "finish_front_camera",
                    (FITTED, fitted, *in_session(bench, KIND)),
                    {FrontVar.CAMERA: FrontVal.FINISHED},
                    bars=(*bars, locked_bar(bench.case, KIND, origin)),
                    way=tr("finish on the phone"),
                    marks_used=origin is Origin.USED,
                ),
            )
        ),
    )


def _flash(bench: Workbench) -> tuple[Action, ...]:
    """Return flashing the system after the swap, where this model asks for it."""
    if not bench.case.model.reflash_after_camera:
        return ()
    new = (FrontVal.PROGRAMMED, FrontVal.GENUINE, FrontVal.FINISHED)
    return on_phone(
        (
            bench.action(
                "flash_system",
                (
                    FITTED,
                    needs(FrontVar.CAMERA, *new, otherwise=tr("no new camera is fitted")),
                    needs(FrontVar.FLASHED, Val.NO, otherwise=tr("the system is flashed already"), moot=True),
                ),
                {FrontVar.FLASHED: Val.YES},
            ),
        )
    )


def threads(_: Case) -> Mapping[Identity, tuple[Conjunction, ...]]:
    """Return what makes the camera's serial agree with the board's: a broken one keeps no promise."""
    good = (FrontVal.SOUND, FrontVal.PROGRAMMED, FrontVal.FINISHED)
    same = needs(FrontVar.CAMERA, *good, otherwise=tr("no front camera that works is bound to the board"))
    return {Identity.FRONT_CAMERA_SERIAL: ((same,),)}


def conditions(_: Case) -> Mapping[Condition, tuple[Conjunction, ...]]:
    """Return what makes the system flashed after the swap."""
    flashed = needs(FrontVar.FLASHED, Val.YES, otherwise=tr("the system was not flashed after the swap"))
    return {Condition.FLASHED_AFTER_SWAP: ((flashed,),)}


def seen(job: Job, model: Model, known: KnownPart) -> Seen:
    """Return what the camera in the phone carries, as far as it is known, and whether the system was flashed after a swap."""
    state = job.ticket.of(FrontTicket).state
    swapped, genuine = is_done(job, "fit_front_camera"), is_done(job, "fit_genuine_front_camera")
    identity = Identity.FRONT_CAMERA_SERIAL
    expected = board_identities(job.phone).get(identity)
    carried: dict[Identity, str | None] = {}
    if swapped and known.target is not None:
        carried = {identity: known.target.identity(identity)}
    elif state is FrontState.SOUND or is_done(job, "finish_front_camera"):
        carried = {identity: expected} if expected else {}
    fresh = not swapped and not genuine and state is not FrontState.FOREIGN
    flashed = fresh or is_done(job, "flash_system") or not model.reflash_after_camera
    return Seen(carried, {Condition.FLASHED_AFTER_SWAP: flashed})


def told(ticket: FrontTicket) -> Told:
    """Return what the ticket says in a few words, and where the complaint leads."""
    if ticket.state is FrontState.SOUND:
        return Told(TOLD[ticket.state])
    return Told(
        tr(
            "{told}: {sign} (leads to {value})",
            told=TOLD[ticket.state],
            sign=SIGN_LABEL[ticket.sign],
            value=word(lead(ticket.state, ticket.sign)),
        )
    )


ROOM = Room(
    KIND,
    identities=IDENTITIES,
    functions=(Function.FRONT_CAMERA,),
    ticket=FrontTicket,
    work=FrontWork,
    entries=(
        Entry("state", tr("The front camera in the phone"), TOLD),
        Entry("sign", tr("What it shows"), SIGN_LABEL),
        Entry("origin", tr("A genuine one for it"), ORIGIN_WORDS),
        shelf_entry(ORIGIN_GRADES, lambda part: {"origin": origin_of(part.kind)}),
    ),
    told=told,
    seen=seen,
    traits=TRAITS,
    start=start,
    actions=actions,
    threads=threads,
    conditions=conditions,
    origin=lambda ticket: ticket.origin,
    grades=ORIGIN_GRADES,
    asks=(state_of_part("front_camera", tr("Front camera"), TOLD, facts_of, KIND),),
    otherwise=(
        Otherwise(
            tr("the board runs no camera"), Effort.PART, (FrontVar.CAMERA, (FrontVal.BOARD,)), {FrontVar.CAMERA: FrontVal.UNSURE}
        ),
        Otherwise(tr("the new camera is ruined"), Effort.PART, (FrontVar.NEW, (Val.LOST,)), {FrontVar.NEW: Val.NO}),
    ),
)
