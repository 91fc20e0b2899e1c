"""What must be true of the display's values for its threads and conditions to hold."""

from collections.abc import Mapping

from daruma.core.kinds.display.facts import facts_of
from daruma.core.kinds.display.state import MOVED_CHIP, PANELS, PanelVal, PanelVar
from daruma.core.language import tr
from daruma.core.pairing import Condition
from daruma.core.parts import Identity
from daruma.core.plan.case import Case
from daruma.core.plan.state import Conjunction, Val, needs

_HOME = needs(PanelVar.BINDING, PanelVal.TO_ORIGINAL, otherwise=tr("the phone has bound another panel"))
_REBOUND: Conjunction = (needs(PanelVar.BINDING, PanelVal.TO_PANEL, otherwise=tr("the phone has not finished this panel")),)
_SERIAL = needs(
    PanelVar.RECORD,
    *(PanelVal.BOARDS, PanelVal.BOARDS_PARTIAL, PanelVal.MIXED, PanelVal.MIXED_PARTIAL),
    otherwise=tr("the new panel does not carry the display serial that the board expects"),
)
_COVER = needs(
    PanelVar.RECORD,
    *(PanelVal.BOARDS, PanelVal.BOARDS_PARTIAL, PanelVal.COPIED),
    otherwise=tr("the new panel does not carry the cover code that the board expects"),
)
_COMPLETE = needs(
    PanelVar.RECORD,
    *(PanelVal.OWN, PanelVal.BOARDS, PanelVal.MIXED, PanelVal.COPIED),
    otherwise=tr("the new panel carries no complete calibration"),
)
_OF_IDENTITY: dict[Identity, tuple[Conjunction, ...]] = {
    Identity.DISPLAY_SERIAL: ((_SERIAL, _HOME), _REBOUND),
    Identity.COVER_CODE: ((_COVER, _HOME), _REBOUND),
    Identity.TOUCH_CHIP_ID: ((MOVED_CHIP, _HOME), _REBOUND),
}
_OF_CONDITION: dict[Condition, tuple[Conjunction, ...]] = {
    Condition.PANEL_CALIBRATION: ((_COMPLETE,),),
    Condition.BRIGHTNESS_CURVE: ((_COMPLETE,),),
    Condition.TOUCH_CHIP_SOUND: (
        (MOVED_CHIP,),
        (needs(PanelVar.OWN_CHIP, Val.YES, otherwise=tr("no sound touch chip is on the new panel")),),
    ),
    Condition.DISPLAY_FINISHED: (_REBOUND,),
}
_WHOLE = needs(PanelVar.PANEL, *PANELS, otherwise=tr("the panel is lost"))
# a display that stays is as it was: only the phone's own finishing has never taken place
_STAYS: dict[Condition, tuple[Conjunction, ...]] = {**dict.fromkeys(_OF_CONDITION, ((),)), Condition.DISPLAY_FINISHED: ()}


def threads(case: Case) -> Mapping[Identity, tuple[Conjunction, ...]]:
    """Return what makes the display's identities agree with the board's."""
    return dict.fromkeys(_OF_IDENTITY, ((),)) if facts_of(case).stays else _OF_IDENTITY


def conditions(case: Case) -> Mapping[Condition, tuple[Conjunction, ...]]:
    """Return what makes the display's conditions hold."""
    return _STAYS if facts_of(case).stays else _OF_CONDITION


def ends(case: Case) -> Conjunction:
    """Return what must hold where work may stop: the phone has a panel."""
    return () if facts_of(case).stays else (_WHOLE,)
