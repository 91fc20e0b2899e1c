"""The battery: a new cell on its own board, a new pack with the original's data, a genuine pack, or one that stays unknown."""

from collections.abc import Mapping
from typing import Any

from msgspec.structs import replace

from daruma.core.acts import ActKind
from daruma.core.cell.deciding import ORIGIN_LABEL, CellOrigin
from daruma.core.finishing import ORIGIN_GRADES, ORIGIN_WORDS, Origin, origin_of
from daruma.core.job import Job, is_done
from daruma.core.kinds.battery.facts import BatteryFacts, BatteryVal, BatteryVar
from daruma.core.kinds.battery.work import IDENTITIES, KIND, BatteryState, BatteryTicket, BatteryWork
from daruma.core.kinds.entries import Entry, Told, shelf_entry
from daruma.core.kinds.room import Room, Values
from daruma.core.known import KnownPart, Seen, board_identities
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity
from daruma.core.plan.actions import Action, Effort, How, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Otherwise, state_of_part
from daruma.core.plan.finishing import era_bar, finish_bars, in_session, locked_bar
from daruma.core.plan.phone import on_phone, over_cable
from daruma.core.plan.state import Conjunction, Val, needs
from daruma.core.plan.workbench import FITTED, OPEN, Workbench
from daruma.core.shelf import ShelfPart

_NOW = {
    BatteryState.WORN: BatteryVal.WORN,
    BatteryState.SWOLLEN: BatteryVal.WORN,
    BatteryState.FOREIGN: BatteryVal.FOREIGN,
    BatteryState.SOUND: BatteryVal.SOUND,
}
TOLD = {
    BatteryState.WORN: tr("its own, worn"),
    BatteryState.SWOLLEN: tr("its own, swollen or hot"),
    BatteryState.FOREIGN: tr("another one, not known to the phone"),
    BatteryState.SOUND: tr("this phone's own, sound"),
}
_CELL, _PACK_GRADE = "cell_", "pack_"
GRADES = {
    **{_CELL + origin.value: tr("a cell, {words}", words=words) for origin, words in ORIGIN_LABEL.items()},
    **{_PACK_GRADE + grade: tr("a pack, {words}", words=words) for grade, words in ORIGIN_GRADES.items()},
}
_WIRED = Trait(How.DEVICE, KIND)
_HAND = Trait(part=KIND)
TRAITS = {
    "gauge_over_cable": replace(_WIRED, gives=True),
    "look_at_cell": replace(_HAND, redone=True),
    "test_cell": replace(_WIRED, redone=True),
    "weld_cell": replace(_HAND, lasting=True),
    "pack_to_holder": _HAND,
    "activate_pack": replace(_WIRED, act=ActKind.ENABLE, redone=True),
    "write_pack": replace(_WIRED, act=ActKind.WRITE, redone=True),
    "fold_pack": _HAND,
    "fit_pack": _HAND,
    "first_boots": _WIRED,
    "fit_genuine": _HAND,
    "finish_battery": replace(_WIRED, act=ActKind.FINISH),
    "fit_unknown": _HAND,
}
_OLD = needs(
    BatteryVar.BATTERY, BatteryVal.WORN, BatteryVal.FOREIGN, otherwise=tr("the battery is not to be replaced"), moot=True
)
_OWN = needs(BatteryVar.BATTERY, BatteryVal.WORN, otherwise=tr("the phone's own gauge board is not in it"))
_UNREAD = needs(BatteryVar.DATA, Val.NO, otherwise=tr("the gauge's data are kept already"), moot=True)
_KEPT = needs(BatteryVar.DATA, Val.YES, otherwise=tr("nothing gives the original gauge's data"))
_ON_HOLDER = needs(BatteryVar.HOLDER, BatteryVal.ON_HOLDER, otherwise=tr("the new pack must be on the programmer"))
_PACK = needs(BatteryVar.CELL, BatteryVal.PACK_MEASURED, otherwise=tr("the new pack's cell was not measured"))


def facts_of(case: Case) -> BatteryFacts:
    """Return what a case knows of the battery; one that is not on the table is sound."""
    found = case.parts.get(KIND, BatteryFacts(BatteryState.SOUND))
    assert isinstance(found, BatteryFacts)
    return found


def start(case: Case) -> Values:
    """Return the battery's values before anything was done."""
    return {
        BatteryVar.BATTERY: _NOW[facts_of(case).state],
        BatteryVar.DATA: Val.NO,
        BatteryVar.CELL: Val.NO,
        BatteryVar.FLEX: Val.NO,
        BatteryVar.HOLDER: BatteryVal.EMPTY,
        BatteryVar.FINISHED: Val.NO,
    }


def actions(bench: Workbench, _: Values | None) -> tuple[Action, ...]:
    """Return every action on the battery; none where it is sound."""
    if facts_of(bench.case).state is BatteryState.SOUND:
        return ()
    return (*_data(bench), *_measuring(bench), *_new_cell(bench), *_new_pack(bench), *_as_they_are(bench))


def _data(bench: Workbench) -> tuple[Action, ...]:
    """Return reading the gauge through a phone that runs: its own figures, and the serial that the board expects."""
    return over_cable(bench, "gauge_over_cable", (_UNREAD, _OLD), {BatteryVar.DATA: Val.YES}, why=_UNREAD, trial="battery")


def _measuring(bench: Workbench) -> tuple[Action, ...]:
    """Return looking at the cell that is to be fitted, and measuring it, bare or in its pack."""
    unseen = needs(BatteryVar.CELL, Val.NO, otherwise=tr("a cell was looked at already"), moot=True)
    seen_flat = needs(BatteryVar.CELL, BatteryVal.SEEN, otherwise=tr("nobody has looked at the new cell yet"))
    look = bench.action("look_at_cell", (unseen, _OLD), {BatteryVar.CELL: BatteryVal.SEEN}, place=KIND)
    return look, *(
        bench.action(
            "test_cell",
            (seen_flat, _OLD),
            {BatteryVar.CELL: value},
            variant=variant,
            counts_with="test_cell",
            place=KIND,
            hands=("cell_to_station",),
        )
        for variant, value in (("cell", BatteryVal.CELL_MEASURED), ("pack", BatteryVal.PACK_MEASURED))
    )


def _new_cell(bench: Workbench) -> tuple[Action, ...]:
    """Return welding a new cell to the phone's own gauge board."""
    measured = needs(BatteryVar.CELL, BatteryVal.CELL_MEASURED, otherwise=tr("the new cell was not measured"))
    return (
        bench.action(
            "weld_cell",
            (OPEN, _OWN, measured),
            {BatteryVar.BATTERY: BatteryVal.RECELLED},
            bars=(bench.lacks(bench.case.kit.welder, tr("the bench has no spot welder")),),
            way=tr("New cell on the original gauge board"),
            place=KIND,
            hands=("weld_cell",),
            ruins=(1.0,),
            ruined={BatteryVar.BATTERY: BatteryVal.FOREIGN, BatteryVar.CELL: Val.NO},
        ),
    )


def _new_pack(bench: Workbench) -> tuple[Action, ...]:
    """Return a new pack with a data flex: activated once, written, folded, fitted, started twice."""
    fresh = needs(BatteryVar.FLEX, Val.NO, otherwise=tr("the data flex is activated already"), moot=True)
    activated = needs(BatteryVar.FLEX, BatteryVal.ACTIVATED, otherwise=tr("the data flex is not activated"))
    written = needs(BatteryVar.FLEX, BatteryVal.WRITTEN, otherwise=tr("the data flex carries no data yet"))
    folded = needs(BatteryVar.FLEX, BatteryVal.FOLDED, otherwise=tr("the data flex is not folded"))
    packed = needs(BatteryVar.BATTERY, BatteryVal.PACKED, otherwise=tr("no new pack is fitted"))
    spoilt = {BatteryVar.FLEX: Val.NO, BatteryVar.CELL: Val.NO, BatteryVar.HOLDER: BatteryVal.EMPTY}
    return (
        bench.action(
            "pack_to_holder", (_PACK,), {BatteryVar.HOLDER: BatteryVal.ON_HOLDER}, hands=("new_pack_on_holder",), sets_up=True
        ),
        bench.action(
            "activate_pack",
            (_ON_HOLDER, _PACK, fresh, _OLD, _KEPT),
            {BatteryVar.FLEX: BatteryVal.ACTIVATED},
            place=KIND,
            ruins=(1.0,),
            ruined=spoilt,
            stake=bench.figures["fit_pack"].cost,
        ),
        bench.action(
            "write_pack", (_KEPT, _ON_HOLDER, _PACK, activated, _OLD), {BatteryVar.FLEX: BatteryVal.WRITTEN}, place=KIND
        ),
        bench.action("fold_pack", (written, _OLD), {BatteryVar.FLEX: BatteryVal.FOLDED}, place=KIND, hands=("fold_pack",)),
        bench.action(
            "fit_pack",
            (OPEN, folded, _OLD),
            {BatteryVar.BATTERY: BatteryVal.PACKED, BatteryVar.HOLDER: BatteryVal.EMPTY},
            way=tr("New pack with the original's data"),
            place=KIND,
            hands=("fit_pack",),
        ),
        *on_phone(
            (bench.action("first_boots", (FITTED, packed), {BatteryVar.BATTERY: BatteryVal.PROGRAMMED}),),
        ),
    )


def _as_they_are(bench: Workbench) -> tuple[Action, ...]:
    """Return a genuine pack that the phone finishes, and an unknown one that stays as it is."""
    genuine = needs(BatteryVar.BATTERY, BatteryVal.GENUINE, otherwise=tr("no genuine pack is fitted"))
    unfinished = needs(BatteryVar.FINISHED, Val.NO, otherwise=tr("the phone has finished the battery already"), moot=True)
    bars, pack = finish_bars(bench.case, KIND), facts_of(bench.case).pack
    return (
        bench.action(
            "fit_genuine",
            (OPEN, _OLD),
            {BatteryVar.BATTERY: BatteryVal.GENUINE},
            bars=(era_bar(bench.case, KIND), locked_bar(bench.case, KIND, pack)),
            way=tr("Genuine pack"),
            place=KIND,
            hands=("fit_genuine",),
        ),
        *on_phone(
            (
                bench.action(
                    "finish_battery",
                    (FITTED, genuine, unfinished, *in_session(bench, KIND)),
                    {BatteryVar.FINISHED: Val.YES},
                    bars=(*bars, locked_bar(bench.case, KIND, pack)),
                    way=tr("finish on the phone"),
                    marks_used=pack is Origin.USED,
                ),
            )
        ),
        bench.action(
            "fit_unknown",
            (OPEN, _OLD, _PACK),
            {BatteryVar.BATTERY: BatteryVal.UNKNOWN},
            way=tr("Unknown pack, left as it is"),
            place=KIND,
            hands=("fit_unknown",),
        ),
    )


def threads(_: Case) -> Mapping[Identity, tuple[Conjunction, ...]]:
    """Return what makes the gauge's serial agree with the board's."""
    own = (BatteryVal.SOUND, BatteryVal.WORN, BatteryVal.RECELLED, BatteryVal.PACKED, BatteryVal.PROGRAMMED)
    same = needs(BatteryVar.BATTERY, *own, otherwise=tr("the battery's gauge is not the one the board expects"))
    return {Identity.GAUGE_SERIAL: ((same,),)}


def conditions(_: Case) -> Mapping[Condition, tuple[Conjunction, ...]]:
    """Return what makes the cell sound, the gauge answer, and the phone have finished it."""
    new = (BatteryVal.SOUND, BatteryVal.RECELLED, BatteryVal.PROGRAMMED, BatteryVal.GENUINE, BatteryVal.UNKNOWN)
    answers = (BatteryVal.SOUND, BatteryVal.WORN, BatteryVal.RECELLED, BatteryVal.PROGRAMMED, BatteryVal.GENUINE)
    finished = needs(BatteryVar.FINISHED, Val.YES, otherwise=tr("the phone has not finished the battery"))
    return {
        Condition.CELL_SOUND: ((needs(BatteryVar.BATTERY, *new, otherwise=tr("the cell is worn")),),),
        Condition.GAUGE_ANSWERS: (
            (needs(BatteryVar.BATTERY, *answers, otherwise=tr("the battery's gauge does not authenticate")),),
        ),
        Condition.BATTERY_FINISHED: ((finished,),),
    }


def seen(job: Job, _: Model, __: KnownPart) -> Seen:
    """Return what the battery carries and how it is, by ticket and steps."""
    state = job.ticket.of(BatteryTicket).state
    packed, welded = is_done(job, "first_boots"), is_done(job, "weld_cell")
    genuine, unknown = is_done(job, "fit_genuine"), is_done(job, "fit_unknown")
    own = (packed or welded or state is not BatteryState.FOREIGN) and not genuine and not unknown
    expected = board_identities(job.phone)
    return Seen(
        {identity: expected[identity] for identity in IDENTITIES if own and identity in expected},
        {
            Condition.CELL_SOUND: packed or welded or genuine or unknown or state is BatteryState.SOUND,
            Condition.GAUGE_ANSWERS: own or genuine,
            Condition.BATTERY_FINISHED: is_done(job, "finish_battery"),
        },
    )


def _from_shelf(part: ShelfPart) -> Mapping[str, Any]:
    if part.kind.startswith(_CELL):
        return {"origin": CellOrigin(part.kind.removeprefix(_CELL))}
    return {"pack": origin_of(part.kind.removeprefix(_PACK_GRADE))}


ROOM = Room(
    KIND,
    identities=IDENTITIES,
    functions=(Function.BATTERY_RUNS, Function.BATTERY_HEALTH, Function.NO_BATTERY_NOTICE),
    ticket=BatteryTicket,
    work=BatteryWork,
    entries=(
        Entry("state", tr("The battery in the phone"), TOLD),
        Entry("origin", tr("Where the new cell or pack comes from"), ORIGIN_LABEL),
        Entry("pack", tr("A genuine pack for it"), ORIGIN_WORDS),
        shelf_entry(GRADES, _from_shelf),
    ),
    told=lambda ticket: Told(TOLD[ticket.state]),
    seen=seen,
    traits=TRAITS,
    start=start,
    actions=actions,
    threads=threads,
    conditions=conditions,
    origin=lambda ticket: ticket.pack,
    grades=GRADES,
    asks=(state_of_part("battery", tr("Battery"), TOLD, facts_of, KIND),),
    otherwise=(
        Otherwise(
            tr("the phone's own gauge board is not in it"),
            Effort.PART,
            (BatteryVar.BATTERY, (BatteryVal.FOREIGN,)),
            {BatteryVar.BATTERY: BatteryVal.WORN},
        ),
    ),
)
