"""The face module: tested, activated once in its life, given an extension flex with its own dot map, proven by its dots."""

from collections.abc import Mapping
from enum import Enum
from typing import ClassVar

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.acts import ActKind
from daruma.core.face import DotFrame, LineTest
from daruma.core.job import Job, is_done
from daruma.core.kinds.entries import Entry, Told
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
from daruma.core.plan.phone import over_cable
from daruma.core.plan.state import Conjunction, Named, Needs, Val, needs
from daruma.core.plan.workbench import OPEN, Workbench

KIND = PartKind.FACE_MODULE
IDENTITIES = (Identity.IR_CAMERA_SERIAL, Identity.FLOOD_SERIAL, Identity.PROJECTOR_SERIAL)


class FaceState(Enum):
    """Say how the face module in the phone is, as far as it is known."""

    DARK = "dark"
    FUSED = "fused"
    SOUND = "sound"
    SILENT = "silent"
    REPAIRED = "repaired"
    INFRARED_DEAD = "infrared_dead"
    FLOOD_DEAD = "flood_dead"


TOLD = {
    FaceState.DARK: tr("no Face ID, not tested yet"),
    FaceState.FUSED: tr("tested: link chip fused"),
    FaceState.SOUND: tr("this phone's own, sound"),
    FaceState.SILENT: tr("tested: link chip silent"),
    FaceState.REPAIRED: tr("repaired before"),
    FaceState.INFRARED_DEAD: tr("infrared camera dead"),
    FaceState.FLOOD_DEAD: tr("flood light dead"),
}


class FaceTicket(PartTicket, frozen=True):
    """Hold what intake writes down of the face module in the phone."""

    KIND: ClassVar[PartKind] = KIND

    state: FaceState = FaceState.DARK

    def nameless(self) -> "FaceTicket":
        return FaceTicket(state=self.state)


class FaceWork(PartWork, frozen=True):
    """Hold what was done with the module of a job: the file of its backup in the second place, its tests, volts and amperes
    while it was activated, the dots that it threw, unlocks of so many tries, and whether the phone still warns after a face
    was enrolled.
    """

    KIND: ClassVar[PartKind] = KIND
    SERIES: ClassVar[tuple[str, ...]] = ("frames",)

    second: str = ""
    tests: tuple[LineTest, ...] = ()
    trace: tuple[tuple[float, float], ...] = ()
    frames: tuple[DotFrame, ...] = ()
    unlocked: int = 0
    tried: int = 0
    warns: bool = False

    def unmeasured(self) -> "FaceWork":
        return replace(self, frames=(), unlocked=0, tried=0, warns=False)

    def nameless(self) -> "FaceWork":
        nameless = tuple(replace(test, die="") for test in self.tests)
        return FaceWork(tests=nameless, unlocked=self.unlocked, tried=self.tried)


class FaceFacts(Struct, frozen=True):
    """Hold what is known of a phone's face module; the chances are that its codes answer, that an untested one can be saved."""

    state: FaceState = FaceState.DARK
    chance_codes: float = 0.95
    chance_fused: float = 0.7


class FaceVar(Named):
    """Name a variable of the face module."""

    MODULE = "module"
    CODES = "module_codes"
    PLACE = "module_place"
    DATA = "module_data"
    FLEX = "extension"
    HOLDER = "extension_holder"
    PLATE = "locating_plate"
    AWAKE = "phone_awake"


class FaceVal(Named):
    """Name a value of the face module's variables."""

    SOUND = "sound"
    DARK = tr("dark, not tested")
    FUSED = tr("its link chip is fused")
    BEYOND = tr("beyond saving")
    SILENT = tr("its link chip is silent")
    REPAIRED = tr("repaired before")
    INFRARED_DEAD = tr("its infrared camera is dead")
    FLOOD_DEAD = tr("its flood light is dead")
    ACTIVATED = "activated"
    FOLDED = tr("with an extension, not tested")
    EXTENDED = tr("with an extension")
    BRIDGED = "bridged"
    IN_PHONE = tr("in the phone")
    ON_SOCKET = tr("on the programmer")
    ON_HOLDER = tr("the extension flex")
    EMPTY = "empty"
    CUT = "cut"


_NOW = {
    FaceState.DARK: FaceVal.DARK,
    FaceState.FUSED: FaceVal.FUSED,
    FaceState.SOUND: FaceVal.SOUND,
    FaceState.SILENT: FaceVal.SILENT,
    FaceState.REPAIRED: FaceVal.REPAIRED,
    FaceState.INFRARED_DEAD: FaceVal.INFRARED_DEAD,
    FaceState.FLOOD_DEAD: FaceVal.FLOOD_DEAD,
}
HOPELESS = {
    FaceVal.BEYOND: tr("the module was found beyond saving"),
    FaceVal.SILENT: tr("the module's link chip is silent"),
    FaceVal.REPAIRED: tr("the module was repaired before"),
    FaceVal.INFRARED_DEAD: tr("the infrared camera is dead"),
    FaceVal.FLOOD_DEAD: tr("the flood light is dead"),
    FaceVal.SOUND: tr("the module is sound"),
}
_WIRED = Trait(How.DEVICE, KIND)
_HAND = Trait(part=KIND)
TRAITS = {
    "check_face_codes": replace(_WIRED, lasting=True),
    "module_to_socket": _HAND,
    "test_module": replace(_WIRED, lasting=True),
    "back_up_module": _WIRED,
    "wake_phone": _HAND,
    "activate_module": replace(_WIRED, act=ActKind.ACTIVATE, lasting=True),
    "extension_to_socket": _HAND,
    "write_extension": replace(_WIRED, act=ActKind.WRITE),
    "cut_locating_plate": _HAND,
    "fold_extension": _HAND,
    "test_through_extension": _WIRED,
    "bridge_module": replace(_HAND, lasting=True),
    "module_back": _HAND,
}
_IN_PHONE = needs(FaceVar.PLACE, FaceVal.IN_PHONE, otherwise=tr("the face module is out of the phone"))
_OUT = needs(FaceVar.PLACE, FaceVal.ON_SOCKET, otherwise=tr("the face module must be on the programmer"))
_FUSED = needs(FaceVar.MODULE, FaceVal.FUSED, otherwise=tr("the module is not known to be one that can be saved"), moot=True)
_WORKS = (FaceVal.SOUND, FaceVal.EXTENDED, FaceVal.BRIDGED)
_OPEN_TO_HELP = (FaceVal.DARK, FaceVal.FUSED, FaceVal.ACTIVATED)


def facts_of(case: Case) -> FaceFacts:
    """Return what a case knows of the face module; one that is not on the table is sound."""
    found = case.parts.get(KIND, FaceFacts(FaceState.SOUND))
    assert isinstance(found, FaceFacts)
    return found


def start(case: Case) -> Values:
    """Return the module's values before anything was done."""
    state = facts_of(case).state
    return {
        FaceVar.MODULE: _NOW[state],
        FaceVar.CODES: Val.NO if state is FaceState.DARK else Val.YES,
        FaceVar.PLACE: FaceVal.IN_PHONE,
        FaceVar.DATA: Val.NO,
        FaceVar.FLEX: Val.NO,
        FaceVar.HOLDER: FaceVal.EMPTY,
        FaceVar.PLATE: Val.NO,
        FaceVar.AWAKE: Val.NO,
    }


def actions(bench: Workbench, _: Values | None) -> tuple[Action, ...]:
    """Return every action on the module; none where it is sound."""
    state = facts_of(bench.case).state
    if state is FaceState.SOUND:
        return ()
    return (
        *_codes(bench),
        *_finding(bench),
        *_saving(bench),
        bench.action("module_back", (OPEN, _OUT), {FaceVar.PLACE: FaceVal.IN_PHONE}, place=KIND, hands=("module_back",)),
    )


def _codes(bench: Workbench) -> tuple[Action, ...]:
    """Return asking the phone for the codes of infrared camera and flood light, before the projector is suspected."""
    unasked = needs(FaceVar.CODES, Val.NO, otherwise=tr("the module's codes were asked already"), moot=True)
    dark = needs(FaceVar.MODULE, FaceVal.DARK, otherwise=tr("the module is tested already"), moot=True)
    return over_cable(
        bench,
        "check_face_codes",
        (unasked, dark, _IN_PHONE),
        {FaceVar.CODES: Val.YES},
        why=unasked,
        trial="face",
        chances=(facts_of(bench.case).chance_codes,),
        finding=tr("infrared camera and flood light answer"),
        miss={FaceVar.MODULE: FaceVal.BEYOND},
    )


def _finding(bench: Workbench) -> tuple[Action, ...]:
    """Return taking the module out and testing it."""
    codes = needs(FaceVar.CODES, Val.YES, otherwise=tr("infrared camera and flood light were not excluded yet"))
    open_ = needs(FaceVar.MODULE, *_OPEN_TO_HELP, otherwise=tr("the module is beyond saving"), moot=True)
    dark = needs(FaceVar.MODULE, FaceVal.DARK, otherwise=tr("the module is tested already"), moot=True)
    return (
        bench.action(
            "module_to_socket",
            (OPEN, codes, open_, _IN_PHONE),
            {FaceVar.PLACE: FaceVal.ON_SOCKET},
            place=KIND,
            hands=("module_to_socket",),
        ),
        bench.action(
            "test_module",
            (_OUT, dark),
            {FaceVar.MODULE: FaceVal.FUSED},
            place=KIND,
            chances=(facts_of(bench.case).chance_fused,),
            finding=tr("the link chip is fused, the rest is sound"),
            miss={FaceVar.MODULE: FaceVal.BEYOND},
        ),
    )


def _saving(bench: Workbench) -> tuple[Action, ...]:
    """Return the two schools: an extension flex after activation, and the link chip moved and bridged."""
    kept = needs(FaceVar.DATA, Val.YES, otherwise=tr("the module's dot map is not kept yet"))
    on_holder = needs(FaceVar.HOLDER, FaceVal.ON_HOLDER, otherwise=tr("the extension flex must be on the programmer"))
    written = needs(FaceVar.FLEX, Val.YES, otherwise=tr("the extension flex carries no dot map yet"))
    folded = needs(FaceVar.MODULE, FaceVal.FOLDED, otherwise=tr("no extension flex is folded on the module"))
    unkept = needs(FaceVar.DATA, Val.NO, otherwise=tr("the module's dot map is kept already"), moot=True)
    no_air = bench.lacks(bench.case.kit.hot_air, tr("the bench has no hot air"))
    activated = needs(FaceVar.MODULE, FaceVal.ACTIVATED, otherwise=tr("the module is not activated"))
    return (
        bench.action("back_up_module", (_OUT, _FUSED, unkept), {FaceVar.DATA: Val.YES}, place=KIND),
        bench.action("wake_phone", (OPEN,), {FaceVar.AWAKE: Val.YES}, hands=("wake_phone",), sets_up=True),
        bench.action(
            "activate_module",
            (_OUT, _FUSED, kept, needs(FaceVar.AWAKE, Val.YES, otherwise=tr("the phone must be on and on the cable"))),
            {FaceVar.MODULE: FaceVal.ACTIVATED, FaceVar.AWAKE: Val.NO},
            place=KIND,
            ruins=(1.0,),
            ruined={FaceVar.MODULE: FaceVal.BEYOND, FaceVar.AWAKE: Val.NO},
        ),
        bench.action(
            "extension_to_socket", (), {FaceVar.HOLDER: FaceVal.ON_HOLDER}, hands=("extension_on_holder",), sets_up=True
        ),
        bench.action(
            "write_extension",
            (kept, on_holder, needs(FaceVar.FLEX, Val.NO, otherwise=tr("the extension flex is written already")), activated),
            {FaceVar.FLEX: Val.YES},
            place=KIND,
        ),
        *_plate(bench),
        bench.action(
            "fold_extension",
            (_OUT, written, activated, *_plate_cut(bench)),
            {FaceVar.MODULE: FaceVal.FOLDED, FaceVar.HOLDER: FaceVal.EMPTY},
            way=tr("Extension flex after activation"),
            place=KIND,
            hands=("fold_extension",),
        ),
        bench.action("test_through_extension", (_OUT, folded), {FaceVar.MODULE: FaceVal.EXTENDED}, place=KIND),
        bench.action(
            "bridge_module",
            (_OUT, _FUSED, kept),
            {FaceVar.MODULE: FaceVal.BRIDGED},
            bars=(no_air,),
            way=tr("Move the link chip and bridge the projector"),
            place=KIND,
            hands=("bridge_module",),
            ruins=(1.0,),
            ruined={FaceVar.MODULE: FaceVal.BEYOND},
        ),
    )


def _plate(bench: Workbench) -> tuple[Action, ...]:
    """Return cutting the shield's locating plate, on models that have one in the way."""
    if not bench.case.model.face_plate:
        return ()
    whole = needs(FaceVar.PLATE, Val.NO, otherwise=tr("the locating plate is cut already"), moot=True)
    activated = needs(FaceVar.MODULE, FaceVal.ACTIVATED, otherwise=tr("the module is not activated"))
    return (bench.action("cut_locating_plate", (_OUT, activated, whole), {FaceVar.PLATE: FaceVal.CUT}, place=KIND),)


def _plate_cut(bench: Workbench) -> tuple[Needs, ...]:
    if not bench.case.model.face_plate:
        return ()
    return (needs(FaceVar.PLATE, FaceVal.CUT, otherwise=tr("the shield's locating plate is in the way")),)


def threads(_: Case) -> Mapping[Identity, tuple[Conjunction, ...]]:
    """Return that the module's serials agree with the board's: it stays the phone's own, whatever is done with it."""
    own = needs(FaceVar.PLACE, FaceVal.IN_PHONE, otherwise=tr("the face module is not in the phone"))
    return dict.fromkeys(IDENTITIES, ((own,),))


def conditions(_: Case) -> Mapping[Condition, tuple[Conjunction, ...]]:
    """Return what makes the dot map readable and the lines normal."""
    works = needs(FaceVar.MODULE, *_WORKS, otherwise=tr("the dot projector is dark"))
    return dict.fromkeys((Condition.DOT_MAP_READABLE, Condition.LINK_LINES_NORMAL), ((works,),))


def ends(_: Case) -> Conjunction:
    """Return that the module is back in the phone wherever work stops."""
    return (_IN_PHONE,)


def questions(case: Case) -> tuple[Question, ...]:
    """Return whether an untested module can be saved at all."""
    face = facts_of(case)
    if face.state is not FaceState.DARK:
        return ()
    found = ((face.chance_fused, FaceState.FUSED), (1 - face.chance_fused, FaceState.SILENT))
    answers = tuple((chance, case.with_part(KIND, replace(face, state=state))) for chance, state in found)
    return (Question(tr("Can the module be saved?"), "test_module", answers),)


def seen(job: Job, _: Model, __: KnownPart) -> Seen:
    """Return what the module carries and whether it works, by ticket and steps."""
    state = job.ticket.of(FaceTicket).state
    expected = board_identities(job.phone)
    dead = {FaceState.INFRARED_DEAD: Identity.IR_CAMERA_SERIAL, FaceState.FLOOD_DEAD: Identity.FLOOD_SERIAL}.get(state)
    carried: dict[Identity, str | None] = {each: expected[each] for each in IDENTITIES if each in expected and each is not dead}
    if dead is not None:
        carried[dead] = None
    saved = is_done(job, "test_through_extension") or is_done(job, "bridge_module")
    works = state is FaceState.SOUND or saved
    known = works or state is not FaceState.DARK
    return Seen(carried, dict.fromkeys((Condition.DOT_MAP_READABLE, Condition.LINK_LINES_NORMAL), works) if known else {})


ROOM = Room(
    KIND,
    identities=IDENTITIES,
    functions=(Function.FACE_UNLOCK,),
    ticket=FaceTicket,
    work=FaceWork,
    entries=(Entry("state", tr("The face module in the phone"), TOLD),),
    told=lambda ticket: Told(TOLD[ticket.state]),
    seen=seen,
    traits=TRAITS,
    start=start,
    actions=actions,
    threads=threads,
    conditions=conditions,
    ends=ends,
    closes=ends,
    questions=questions,
    asks=(state_of_part("face_module", tr("Face module"), TOLD, facts_of, KIND),),
    otherwise=tuple(
        Otherwise(words, Effort.PART, (FaceVar.MODULE, (val,)), {FaceVar.MODULE: FaceVal.DARK, FaceVar.CODES: Val.YES})
        for val, words in HOPELESS.items()
    ),
)
