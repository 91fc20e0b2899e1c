"""What can be asked of a display: its facts, what is worth knowing of them, and what could be otherwise."""

from collections.abc import Callable

from msgspec.structs import replace

from daruma.core.kinds.display.facts import ChipPlace, DisplayFacts, OriginalState, PanelKind, facts_of, with_facts
from daruma.core.kinds.display.state import PanelVal, PanelVar
from daruma.core.language import tr
from daruma.core.plan.actions import Effort
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Ask, Otherwise, Question, flag
from daruma.core.plan.state import Val
from daruma.core.tri import Tri

_ORIGINAL = {
    OriginalState.ANSWERS: tr("there, answers"),
    OriginalState.UNTRIED: tr("there, untried"),
    OriginalState.DAMAGED: tr("there, does not answer"),
    OriginalState.MISSING: tr("missing"),
}
_CHIP = {ChipPlace.ON_ORIGINAL: tr("on the original"), ChipPlace.MOVED: tr("on the new panel"), ChipPlace.LOST: tr("lost")}
_PANEL = {
    PanelKind.GENUINE_NEW: tr("genuine, new"),
    PanelKind.GENUINE_USED: tr("genuine, used"),
    PanelKind.AFTERMARKET: tr("aftermarket"),
    PanelKind.READY_CODED: tr("ready-coded"),
}
_TRI = {"yes": Tri.NO, "no": Tri.YES, "?": Tri.UNKNOWN}


def _replaced(case: Case) -> bool:
    return not facts_of(case).stays


def _in_hand(case: Case, **changes: object) -> Case:
    panels = facts_of(case).panels
    return with_facts(case, panels=(replace(panels[0], **changes), *panels[1:]))


def _original(case: Case, value: str) -> Case:
    state, chip = OriginalState(value), facts_of(case).chip
    gone = state is OriginalState.MISSING and chip is ChipPlace.ON_ORIGINAL
    return with_facts(case, original=state, chip=ChipPlace.LOST if gone else chip)


def _chip(case: Case, value: str) -> Case:
    place, original = ChipPlace(value), facts_of(case).original
    back = place is ChipPlace.ON_ORIGINAL and original is OriginalState.MISSING
    return with_facts(case, chip=place, original=OriginalState.DAMAGED if back else original)


def _clean(case: Case) -> str:
    panel = facts_of(case).panels[0]
    if Tri.YES in (panel.locked, panel.touch_flex_replaced):
        return "no"
    return "yes" if panel.locked is panel.touch_flex_replaced is Tri.NO else "?"


def _plain(key: str, label: str, now: Callable[[DisplayFacts], bool]) -> Ask:
    return flag(key, label, lambda case: now(facts_of(case)), lambda case, yes: with_facts(case, **{key: yes}), there=_replaced)


ASKS = (
    Ask(
        "original",
        lambda _: tr("The original"),
        lambda _: {state.value: words for state, words in _ORIGINAL.items()},
        lambda case: facts_of(case).original.value,
        _original,
        _replaced,
    ),
    Ask(
        "chip",
        lambda _: tr("Original touch chip"),
        lambda _: {place.value: words for place, words in _CHIP.items()},
        lambda case: facts_of(case).chip.value,
        _chip,
        _replaced,
    ),
    Ask(
        "panel",
        lambda _: tr("New panel"),
        lambda _: {kind.value: words for kind, words in _PANEL.items()},
        lambda case: facts_of(case).panels[0].kind.value,
        lambda case, value: _in_hand(case, kind=PanelKind(value), record=None),
        _replaced,
    ),
    Ask(
        "clean",
        lambda _: tr("Panel unlocked, its touch flex never replaced"),
        lambda _: {"yes": tr("yes"), "no": tr("no"), "?": tr("not known")},
        _clean,
        lambda case, value: _in_hand(case, locked=_TRI[value], touch_flex_replaced=_TRI[value]),
        _replaced,
    ),
    _plain("earlier_backup", tr("Earlier backup of this phone"), lambda display: display.earlier_backup),
    _plain("complete_record", tr("Complete record of this model"), lambda display: display.complete_record),
    _plain("serial_on_paper", tr("Display serial on paper"), lambda display: display.serial_on_paper),
    Ask(
        "source_maker",
        lambda _: tr("Maker of the original panel"),
        lambda case: {"": tr("not known"), **{maker: maker for maker in case.model.makers}},
        lambda case: facts_of(case).source_maker,
        lambda case, value: with_facts(case, source_maker=value),
        lambda case: _replaced(case) and len(case.model.makers) > 1,
    ),
)
OTHERWISE = (
    Otherwise(
        tr("the original is missing"), Effort.PART, (PanelVar.ORIGINAL, (PanelVal.GONE,)), {PanelVar.ORIGINAL: PanelVal.THERE}
    ),
    Otherwise(
        tr("the original touch chip is lost"),
        Effort.PART,
        (PanelVar.CHIP, (Val.LOST,)),
        {PanelVar.CHIP: PanelVal.ON_ORIGINAL, PanelVar.ORIGINAL: PanelVal.THERE},
    ),
    Otherwise(
        tr("the panel is locked to an account or its touch flex was replaced"),
        Effort.PART,
        (PanelVar.DONOR, (PanelVal.BAD,)),
        {PanelVar.DONOR: PanelVal.CLEAN},
    ),
    Otherwise(
        tr("the panel's own touch chip is no longer on it"),
        Effort.PART,
        (PanelVar.OWN_CHIP, (Val.NO,)),
        {PanelVar.OWN_CHIP: Val.YES, PanelVar.CHIP: Val.LOST},
    ),
    Otherwise(
        tr("the panel's own data are not on it"),
        Effort.PART,
        (
            PanelVar.RECORD,
            (
                *(PanelVal.BLANK, PanelVal.PARTIAL, PanelVal.BOARDS, PanelVal.BOARDS_PARTIAL),
                *(PanelVal.MIXED, PanelVal.MIXED_PARTIAL, PanelVal.COPIED),
            ),
        ),
        {PanelVar.RECORD: PanelVal.OWN},
    ),
    Otherwise(
        tr("the panel is ruined"),
        Effort.PART,
        (PanelVar.PANEL, (PanelVal.FIRST_LOST, PanelVal.SECOND_LOST, PanelVal.THIRD_LOST)),
        {PanelVar.PANEL: PanelVal.FIRST},
    ),
)


def questions(case: Case) -> tuple[Question, ...]:
    """Return what nobody has looked at yet: the original, and the past of the panel in hand."""
    if facts_of(case).stays:
        return ()
    return (*_of_original(case), *_of_panel(case))


def _of_original(case: Case) -> tuple[Question, ...]:
    display, chances = facts_of(case), facts_of(case).chances
    if display.original is OriginalState.MISSING:
        back = ChipPlace.ON_ORIGINAL if display.chip is ChipPlace.LOST else display.chip
        there = with_facts(case, original=OriginalState.UNTRIED, chip=back)
        answers = ((chances.original_turns_up, there), (1 - chances.original_turns_up, case))
        return (Question(tr("Can the original part still be had?"), "", answers),)
    if display.original is OriginalState.UNTRIED and not case.history:
        pair = ((chances.original_answers, OriginalState.ANSWERS), (1 - chances.original_answers, OriginalState.DAMAGED))
        found = tuple((chance, with_facts(case, original=state)) for chance, state in pair)
        return (Question(tr("Does the original answer on the socket?"), "read_original", found),)
    return ()


def _of_panel(case: Case) -> tuple[Question, ...]:
    clean = facts_of(case).chances.donor_clean
    if facts_of(case).panels[0].donor() is not PanelVal.UNASKED:
        return ()
    pair = ((clean, Tri.NO), (1 - clean, Tri.YES))
    answers = tuple((chance, _in_hand(case, locked=locked, touch_flex_replaced=Tri.NO)) for chance, locked in pair)
    return (Question(tr("Is the panel unlocked, its touch flex its own?"), "check_donor", answers),)
