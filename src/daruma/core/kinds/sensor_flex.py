"""The front sensor flex: get its data, put them on a new one, swap; or find out that it is sound."""

from collections.abc import Mapping
from enum import Enum
from typing import ClassVar

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.acts import ActKind
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
from daruma.core.plan.facts import Otherwise, Question, state_of_part
from daruma.core.plan.phone import READ_OUT, UNBOUND, board_actions, on_phone, trial_actions
from daruma.core.plan.problem import Doubt
from daruma.core.plan.state import Conjunction, Named, Val, needs
from daruma.core.plan.workbench import ON_TRIAL, OPEN, RUNS_CLOSED, Workbench
from daruma.core.shelf import USUAL_GRADES

KIND = PartKind.SENSOR_FLEX
IDENTITIES = (Identity.FLEX_ID, Identity.AMBIENT_CODE)


class FlexState(Enum):
    """Say how the front sensor flex is."""

    SOUND = "sound"
    WORN = "worn"
    DEAD = "dead"
    REPLACED = "replaced"
    UNTESTED = "untested"


class FlexTicket(PartTicket, frozen=True):
    """Hold what intake writes down of the flex in the phone."""

    KIND: ClassVar[PartKind] = KIND

    state: FlexState = FlexState.SOUND

    def nameless(self) -> "FlexTicket":
        return FlexTicket(state=self.state)


class FlexWork(PartWork, frozen=True):
    """Hold what was done with the flexes of a job."""

    KIND: ClassVar[PartKind] = KIND


class FlexFacts(Struct, frozen=True):
    """Hold what is known of a phone's front sensor flex; `chance_sound` is the chance that one nobody tested is sound."""

    state: FlexState = FlexState.SOUND
    earlier_backup: bool = False
    chance_sound: float = 0.9

    @property
    def replaceable(self) -> bool:
        """Return whether there is a reason to put new data on a flex."""
        return self.state is not FlexState.SOUND


class FlexVar(Named):
    """Name a variable of the flex."""

    FLEX = "flex"
    DATA = "flex_data"
    NEW = "new_flex"
    HOLDER = "holder"


class FlexVal(Named):
    """Name a value of the flex's variables."""

    SOUND = tr("the original, sound")
    WORN = tr("the original, worn")
    FOREIGN = tr("another phone's")
    PROGRAMMED = tr("a new one with the original's data")
    UNTESTED = tr("not tested")
    ON_HOLDER = tr("the new flex")
    EMPTY = "empty"


_NOW = {
    FlexState.SOUND: FlexVal.SOUND,
    FlexState.WORN: FlexVal.WORN,
    FlexState.DEAD: FlexVal.WORN,
    FlexState.REPLACED: FlexVal.FOREIGN,
    FlexState.UNTESTED: FlexVal.UNTESTED,
}
WORDS = {
    FlexState.SOUND: tr("original, sound"),
    FlexState.WORN: tr("original, worn"),
    FlexState.DEAD: tr("original, dead"),
    FlexState.REPLACED: tr("another phone's"),
    FlexState.UNTESTED: tr("not tested"),
}
TOLD = {
    FlexState.SOUND: tr("this phone's own, sound"),
    FlexState.WORN: tr("its own, worn or torn"),
    FlexState.DEAD: tr("its own, dead"),
    FlexState.REPLACED: tr("from another phone"),
    FlexState.UNTESTED: tr("not tested"),
}
SOUND_WORDS = tr("the front sensor flex is the original and sound")
_ON_FLEX = Trait(How.DEVICE, KIND)
TRAITS = {
    "test_flex": Trait(part=KIND),
    "back_up_flex": _ON_FLEX,
    "earlier_flex_backup": replace(_ON_FLEX, gives=True),
    "flex_data_over_cable": replace(_ON_FLEX, gives=True),
    "flex_to_socket": Trait(part=KIND),
    "write_flex": replace(_ON_FLEX, act=ActKind.WRITE),
    "swap_flex": Trait(part=KIND),
}
_OTHER = needs(FlexVar.FLEX, FlexVal.WORN, FlexVal.FOREIGN, otherwise=tr("the flex is sound"), moot=True)
_NO_DATA = needs(FlexVar.DATA, Val.NO, otherwise=tr("the flex data are known already"), moot=True)
_DATA: dict[Enum, Enum] = {FlexVar.DATA: Val.YES}


def facts_of(case: Case) -> FlexFacts:
    """Return what a case knows of the flex; one that is not on the table is sound."""
    found = case.parts.get(KIND, FlexFacts())
    assert isinstance(found, FlexFacts)
    return found


def start(case: Case) -> Values:
    """Return the flex's values before anything was done."""
    return {
        FlexVar.FLEX: _NOW[facts_of(case).state],
        FlexVar.DATA: Val.NO,
        FlexVar.NEW: Val.NO,
        FlexVar.HOLDER: FlexVal.EMPTY,
    }


def actions(bench: Workbench, _: Values | None) -> tuple[Action, ...]:
    """Return every action on the flex; none where it is known to be the original and sound."""
    if not facts_of(bench.case).replaceable:
        return ()
    no_flex = bench.lacks(bench.case.kit.spare_flex, tr("no programmable flex is at hand"), Effort.PART)
    on_holder = needs(FlexVar.HOLDER, FlexVal.ON_HOLDER, otherwise=tr("the new flex must be on the programmer"))
    return (
        *_test(bench),
        *on_phone(_data(bench)),
        bench.action("flex_to_socket", (), {FlexVar.HOLDER: FlexVal.ON_HOLDER}, hands=("new_flex_on_socket",), sets_up=True),
        bench.action(
            "write_flex",
            (
                needs(FlexVar.DATA, Val.YES, otherwise=tr("nothing gives the original flex's data")),
                on_holder,
                needs(FlexVar.NEW, Val.NO, otherwise=tr("the new flex is written already")),
                _OTHER,
            ),
            {FlexVar.NEW: Val.YES},
            bars=(no_flex,),
            place=KIND,
        ),
        bench.action(
            "swap_flex",
            (OPEN, needs(FlexVar.NEW, Val.YES, otherwise=tr("the new flex carries no data yet")), _OTHER),
            {FlexVar.FLEX: FlexVal.PROGRAMMED, FlexVar.HOLDER: FlexVal.EMPTY},
            bars=(no_flex,),
            way=tr("programmable flex"),
            place=KIND,
            hands=("swap_flex",),
            ruins=(0.0, 1.0),
            ruined={FlexVar.NEW: Val.LOST},
            stake=bench.figures["swap_flex"].cost,
        ),
    )


def _test(bench: Workbench) -> tuple[Action, ...]:
    flex = facts_of(bench.case)
    if flex.state is not FlexState.UNTESTED:
        return ()
    closed = RUNS_CLOSED[0]
    return (
        bench.action(
            "test_flex",
            (
                needs(FlexVar.FLEX, FlexVal.UNTESTED, otherwise=tr("the flex is tested already")),
                replace(closed, otherwise="it is tested while the phone is closed"),
            ),
            {FlexVar.FLEX: FlexVal.SOUND},
            chances=(flex.chance_sound,),
            finding=SOUND_WORDS,
            miss={FlexVar.FLEX: FlexVal.FOREIGN},
        ),
    )


def _data(bench: Workbench) -> tuple[Action, ...]:
    flex, kit = facts_of(bench.case), bench.case.kit
    answers = bench.lacks(flex.state is not FlexState.DEAD, tr("the original flex does not answer"), Effort.PART)
    own = bench.lacks(flex.state is not FlexState.REPLACED, tr("the flex in the phone is not the original"), Effort.PART)
    adapter = bench.lacks(kit.ear_adapter, tr("the bench has no adapter for the ear-speaker connector"))
    kept = bench.lacks(flex.earlier_backup, tr("the vault holds no earlier backup of this phone's flex"), Effort.SOURCE)
    worn = needs(FlexVar.FLEX, FlexVal.WORN, otherwise=tr("the flex in the phone is not the original"))
    phone_on = (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
    return (
        *(
            bench.action(
                "back_up_flex",
                (*conditions, worn, _NO_DATA),
                _DATA,
                bars=(answers, own, adapter),
                way=tr("Back up the flex through the ear-speaker connector"),
                variant=variant,
                counts_with="back_up_flex",
            )
            for variant, conditions in phone_on
        ),
        bench.action("earlier_flex_backup", (_NO_DATA, _OTHER), _DATA, bars=(kept,), way=tr("Use an earlier flex backup")),
        *(
            bench.action(
                "flex_data_over_cable",
                (*conditions, UNBOUND, _NO_DATA, _OTHER),
                {**_DATA, **READ_OUT},
                variant=variant,
            )
            for variant, conditions in phone_on
        ),
        *board_actions(bench, _NO_DATA, variant="flex"),
        *trial_actions(bench, _NO_DATA, variant="flex"),
    )


def threads(_: Case) -> Mapping[Identity, tuple[Conjunction, ...]]:
    """Return what makes the flex's identities agree with the board's."""
    same = needs(
        FlexVar.FLEX,
        *(FlexVal.SOUND, FlexVal.WORN, FlexVal.PROGRAMMED),
        otherwise=tr("the front sensor flex is not the one the board expects"),
    )
    return {Identity.FLEX_ID: ((same,),), Identity.AMBIENT_CODE: ((same,),)}


def conditions(_: Case) -> Mapping[Condition, tuple[Conjunction, ...]]:
    """Return what makes the flex sound."""
    sound = needs(
        FlexVar.FLEX, *(FlexVal.SOUND, FlexVal.FOREIGN, FlexVal.PROGRAMMED), otherwise=tr("the front sensor flex is worn")
    )
    return {Condition.SENSOR_FLEX_SOUND: ((sound,),)}


def doubts(case: Case) -> tuple[Doubt, ...]:
    """Return that a flex nobody tested may be sound or not: a route may leave it so."""
    flex = facts_of(case)
    if flex.state is not FlexState.UNTESTED:
        return ()
    return (Doubt(FlexVar.FLEX, FlexVal.UNTESTED, FlexVal.SOUND, FlexVal.FOREIGN, flex.chance_sound, SOUND_WORDS),)


def questions(case: Case) -> tuple[Question, ...]:
    """Return whether an untested flex is sound."""
    flex = facts_of(case)
    if flex.state is not FlexState.UNTESTED:
        return ()
    tested = ((flex.chance_sound, FlexState.SOUND), (1 - flex.chance_sound, FlexState.REPLACED))
    answers = tuple((chance, case.with_part(KIND, replace(flex, state=state))) for chance, state in tested)
    return (Question(tr("Is the front sensor flex the original and sound?"), "test_flex", answers),)


def seen(job: Job, _: Model, __: KnownPart) -> Seen:
    """Return that the flex in the phone carries the original's data, by itself or written to a new one; and its soundness."""
    state, swapped = job.ticket.of(FlexTicket).state, is_done(job, "swap_flex")
    worn = state in (FlexState.WORN, FlexState.DEAD)
    original = swapped or worn or state is FlexState.SOUND
    carried = {identity: value for identity, value in board_identities(job.phone).items() if original and identity in IDENTITIES}
    sound = {} if state is FlexState.UNTESTED else {Condition.SENSOR_FLEX_SOUND: not worn or swapped}
    return Seen(carried, sound)


def own(_: Case) -> Conjunction:
    """Return what says that the phone's own flex is in it."""
    return (needs(FlexVar.FLEX, FlexVal.SOUND, FlexVal.WORN, otherwise=tr("the board's own sensor flex is not fitted")),)


OTHERWISE = (
    Otherwise(
        tr("the flex in the phone is not the original"),
        Effort.PART,
        (FlexVar.FLEX, (FlexVal.FOREIGN,)),
        {FlexVar.FLEX: FlexVal.WORN},
    ),
    Otherwise(
        tr("the flex is not known to be its own and worn"),
        Effort.PART,
        (FlexVar.FLEX, (FlexVal.UNTESTED,)),
        {FlexVar.FLEX: FlexVal.WORN},
    ),
    Otherwise(tr("the new flex is ruined"), Effort.PART, (FlexVar.NEW, (Val.LOST,)), {FlexVar.NEW: Val.NO}),
)
ASKS = (state_of_part("flex", tr("Front sensor flex"), WORDS, facts_of, KIND),)
ROOM = Room(
    KIND,
    identities=IDENTITIES,
    ticket=FlexTicket,
    work=FlexWork,
    entries=(Entry("state", tr("The flex in the phone"), TOLD), shelf_entry(USUAL_GRADES)),
    told=lambda ticket: Told(TOLD[ticket.state]),
    seen=seen,
    functions=(),
    lies_with=(Function.FACE_UNLOCK,),
    traits=TRAITS,
    start=start,
    actions=actions,
    threads=threads,
    conditions=conditions,
    asks=ASKS,
    doubts=doubts,
    questions=questions,
    otherwise=OTHERWISE,
    own=own,
)
