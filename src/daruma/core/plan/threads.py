"""Goals from the pairing model: what must be true of the planner's state for each thread and condition."""

from daruma.core.pairing import Condition, requirements
from daruma.core.parts import Function, Identity
from daruma.core.plan.case import Case, FlexState
from daruma.core.plan.problem import Doubt, Goal
from daruma.core.plan.state import PANELS, Needs, Val, Var, needs

Conjunction = tuple[Needs, ...]
_FITTED = needs(Var.PHONE, Val.FITTED, otherwise="the display must be fitted")
_WHOLE = needs(Var.PANEL, *PANELS, otherwise="the panel is lost")
_BOARD = needs(Var.BOARD, Val.BOUND, Val.UNBOUND, Val.READ_OUT, otherwise="the board is lost")
_HOME = needs(Var.BINDING, Val.TO_ORIGINAL, otherwise="the phone has bound another panel")
_REBOUND: Conjunction = (needs(Var.BINDING, Val.TO_PANEL, otherwise="the phone has not finished this panel"),)
_SERIAL = needs(
    Var.RECORD,
    Val.BOARDS,
    Val.BOARDS_PARTIAL,
    Val.MIXED,
    Val.MIXED_PARTIAL,
    otherwise="the new panel does not carry the display serial that the board expects",
)
_COVER = needs(
    Var.RECORD,
    Val.BOARDS,
    Val.BOARDS_PARTIAL,
    Val.COPIED,
    otherwise="the new panel does not carry the cover code that the board expects",
)
_CHIP = needs(Var.CHIP, Val.ON_NEW, otherwise="the original touch chip is not on the new panel")
_COMPLETE = needs(
    Var.RECORD, Val.OWN, Val.BOARDS, Val.MIXED, Val.COPIED, otherwise="the new panel carries no complete calibration"
)
_FLEX = needs(Var.FLEX, Val.SOUND, Val.WORN, Val.PROGRAMMED, otherwise="the front sensor flex is not the one the board expects")
_FLEX_SOUND = needs(Var.FLEX, Val.SOUND, Val.FOREIGN, Val.PROGRAMMED, otherwise="the front sensor flex is worn")
_OF_IDENTITY: dict[Identity, tuple[Conjunction, ...]] = {
    Identity.DISPLAY_SERIAL: ((_SERIAL, _HOME), _REBOUND),
    Identity.COVER_CODE: ((_COVER, _HOME), _REBOUND),
    Identity.TOUCH_CHIP_ID: ((_CHIP, _HOME), _REBOUND),
    Identity.FLEX_ID: ((_FLEX,),),
    Identity.AMBIENT_CODE: ((_FLEX,),),
    # what no work on display or flex touches
    Identity.FRONT_CAMERA_SERIAL: ((),),
    Identity.IR_CAMERA_SERIAL: ((),),
    Identity.FLOOD_SERIAL: ((),),
    Identity.PROJECTOR_SERIAL: ((),),
}
_OF_CONDITION: dict[Condition, tuple[Conjunction, ...]] = {
    Condition.PANEL_CALIBRATION: ((_COMPLETE,),),
    Condition.BRIGHTNESS_CURVE: ((_COMPLETE,),),
    Condition.SENSOR_FLEX_SOUND: ((_FLEX_SOUND,),),
    Condition.TOUCH_CHIP_SOUND: (
        (_CHIP,),
        (needs(Var.OWN_CHIP, Val.YES, otherwise="no sound touch chip is on the new panel"),),
    ),
    Condition.DISPLAY_FINISHED: (_REBOUND,),
    Condition.DOT_MAP_READABLE: ((),),
    Condition.LINK_LINES_NORMAL: ((),),
}
ENDS = (_FITTED, _WHOLE, _BOARD)


def goals(case: Case) -> tuple[Goal, ...]:
    """Return the promised functions as goals over the planner's state, by the pairing model's own rules."""
    return tuple(goal(case, function) for function in case.promised)


def goal(case: Case, function: Function) -> Goal:
    """Return one function as a goal."""
    found: list[Conjunction] = []
    for alternative in requirements(function, case.model, case.system):
        options: list[Conjunction] = [()]
        for identity in alternative.threads:
            options = _and(options, _identity(case, identity))
        for condition in alternative.conditions:
            options = _and(options, _condition(case, condition))
        found += options
    return Goal(function, tuple((*ENDS, *option) for option in found), case.preferences.worth_of(function))


def _and(left: list[Conjunction], right: tuple[Conjunction, ...]) -> list[Conjunction]:
    return [tuple(dict.fromkeys((*one, *other))) for one in left for other in right]


def _identity(case: Case, identity: Identity) -> tuple[Conjunction, ...]:
    if identity is Identity.FRONT_CAMERA_SERIAL and not case.front_camera_original:
        return ()
    if identity in (Identity.IR_CAMERA_SERIAL, Identity.FLOOD_SERIAL, Identity.PROJECTOR_SERIAL) and not case.face_module_sound:
        return ()
    # what no rule speaks for is never met: it could not be promised
    return _OF_IDENTITY.get(identity, ())


def _condition(case: Case, condition: Condition) -> tuple[Conjunction, ...]:
    if condition in (Condition.DOT_MAP_READABLE, Condition.LINK_LINES_NORMAL) and not case.face_module_sound:
        return ()
    return _OF_CONDITION.get(condition, ())


def doubts(case: Case) -> tuple[Doubt, ...]:
    """Return the facts that a route may leave untested."""
    if case.flex is not FlexState.UNTESTED:
        return ()
    words = "the front sensor flex is the original and sound"
    return (Doubt(Var.FLEX, Val.UNTESTED, Val.SOUND, Val.FOREIGN, case.chances.flex_sound, words),)
