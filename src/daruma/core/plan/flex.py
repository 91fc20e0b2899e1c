"""The front sensor flex: get its data, put them on a new one, swap; or find out that it is sound."""

from enum import Enum

from daruma.core.plan.actions import Action, ActionKind, Effort, Place
from daruma.core.plan.case import FlexState
from daruma.core.plan.sources import NO_FLEX_DATA, READ_OUT, UNBOUND, board_actions, on_phone, trial_actions
from daruma.core.plan.state import Val, Var, needs
from daruma.core.plan.workbench import CHIP_RESTS, ON_TRIAL, OPEN, RUNS_CLOSED, Workbench

_DATA: dict[Enum, Enum] = {Var.FLEX_DATA: Val.YES}
# one part after the other: the flex is done before work on the panel begins
_PANEL_UNTOUCHED = (
    needs(Var.NEW_READ, Val.NO, otherwise="the flex is done before the panel", order=True),
    CHIP_RESTS,
)
_OTHER = needs(Var.FLEX, Val.WORN, Val.FOREIGN, otherwise="the flex is sound", moot=True)


def flex_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return every action on the front sensor flex; none where it is known to be the original and sound."""
    case = bench.case
    if not case.flex_replaceable:
        return ()
    no_flex = bench.lacks(case.kit.spare_flex, "no programmable flex is at hand", Effort.PART)
    return (
        *_test(bench),
        *on_phone(_data(bench)),
        bench.action(
            "flex_to_socket", ActionKind.HAND, (), {Var.SOCKET: Val.NEW_FLEX}, hands=("new_flex_on_socket",), sets_up=True
        ),
        bench.action(
            "write_flex",
            ActionKind.WRITE_FLEX,
            (
                needs(Var.FLEX_DATA, Val.YES, otherwise="nothing gives the original flex's data"),
                needs(Var.SOCKET, Val.NEW_FLEX, otherwise="the new flex must be on the programmer"),
                needs(Var.NEW_FLEX, Val.NO, otherwise="the new flex is written already"),
                _OTHER,
                *_PANEL_UNTOUCHED,
            ),
            {Var.NEW_FLEX: Val.YES},
            bars=(no_flex,),
            place=Place.FLEX,
        ),
        bench.action(
            "swap_flex",
            ActionKind.HAND,
            (OPEN, needs(Var.NEW_FLEX, Val.YES, otherwise="the new flex carries no data yet"), _OTHER, *_PANEL_UNTOUCHED),
            {Var.FLEX: Val.PROGRAMMED, Var.SOCKET: Val.EMPTY},
            bars=(no_flex,),
            way="programmable flex",
            place=Place.FLEX,
            hands=("swap_flex",),
            ruins=(0.0, 1.0),
            ruined={Var.NEW_FLEX: Val.LOST},
            stake=bench.figures["swap_flex"].cost,
        ),
    )


def _test(bench: Workbench) -> tuple[Action, ...]:
    if bench.case.flex is not FlexState.UNTESTED:
        return ()
    return (
        bench.action(
            "test_flex",
            ActionKind.HAND,
            (
                needs(Var.FLEX, Val.UNTESTED, otherwise="the flex is tested already"),
                needs(Var.PHONE, Val.ASSEMBLED, otherwise="it is tested while the phone is closed"),
            ),
            {Var.FLEX: Val.SOUND},
            chances=(bench.case.chances.flex_sound,),
            finding="the front sensor flex is the original and sound",
            miss={Var.FLEX: Val.FOREIGN},
        ),
    )


def _data(bench: Workbench) -> tuple[Action, ...]:
    case = bench.case
    answers = bench.lacks(case.flex is not FlexState.DEAD, "the original flex does not answer", Effort.PART)
    own = bench.lacks(case.flex is not FlexState.REPLACED, "the flex in the phone is not the original", Effort.PART)
    adapter = bench.lacks(case.kit.ear_adapter, "the bench has no adapter for the ear-speaker connector")
    worn = needs(Var.FLEX, Val.WORN, otherwise="the flex in the phone is not the original")
    return (
        *(
            bench.action(
                "back_up_flex",
                ActionKind.READ_FLEX,
                (*conditions, worn, NO_FLEX_DATA),
                _DATA,
                bars=(answers, own, adapter),
                way="Back up the flex through the ear-speaker connector",
                variant=variant,
                counts_with="back_up_flex",
            )
            for variant, conditions in (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
        ),
        bench.action(
            "earlier_flex_backup",
            ActionKind.EARLIER_BACKUP,
            (NO_FLEX_DATA, _OTHER),
            _DATA,
            bars=(
                bench.lacks(case.earlier_flex_backup, "the vault holds no earlier backup of this phone's flex", Effort.SOURCE),
            ),
            way="Use an earlier flex backup",
        ),
        *(
            bench.action(
                "flex_data_over_cable",
                ActionKind.CODES_OVER_CABLE,
                (*conditions, UNBOUND, NO_FLEX_DATA, _OTHER),
                {**_DATA, **READ_OUT},
                variant=variant,
            )
            for variant, conditions in (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
        ),
        *_boards(bench),
    )


def _boards(bench: Workbench) -> tuple[Action, ...]:
    return (
        *board_actions(bench, NO_FLEX_DATA, variant="flex"),
        *trial_actions(bench, NO_FLEX_DATA, variant="flex"),
    )
