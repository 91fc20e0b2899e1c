"""Opening, fitting, finishing on the phone itself, and the proofs."""

from daruma.core.model import FinishRule
from daruma.core.parts import Function
from daruma.core.plan.actions import Action, ActionKind, Bar, Effort
from daruma.core.plan.case import Case, NewPanel, proof_key
from daruma.core.plan.panel import chip_bar, finish_bar, variant_of
from daruma.core.plan.state import LOST_PANEL, Needs, Val, Var, needs
from daruma.core.plan.workbench import BOARD_IN, CHIP_RESTS, Workbench

_FITTED = needs(Var.PHONE, Val.FITTED, otherwise="the display must be fitted")
PROOF_KIND = {
    Function.AMBIENT_WHITE: ActionKind.MEASURE_WHITE,
    Function.AUTO_BRIGHTNESS: ActionKind.CHECK_FUNCTION,
    Function.NO_DISPLAY_NOTICE: ActionKind.READ_PARTS_PAGE,
    Function.TOUCH: ActionKind.CHECK_FUNCTION,
    Function.FACE_UNLOCK: ActionKind.CHECK_FUNCTION,
}


def closing_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return opening, fitting and finishing."""
    came = needs(Var.PHONE, Val.ASSEMBLED, otherwise="the phone is open already")
    opening = bench.action(
        "open_phone", ActionKind.HAND, (came,), {Var.PHONE: Val.OPEN}, hands=("power_off", "take_out_original")
    )
    again = bench.action(
        "reopen_phone",
        ActionKind.HAND,
        (_FITTED, needs(Var.TRIAL, Val.NO, Val.YES), needs(Var.REOPENED, Val.NO, otherwise="it was opened again already")),
        {Var.PHONE: Val.OPEN, Var.REOPENED: Val.YES, Var.NEW_READ: Val.NO, Var.SOCKET: Val.EMPTY},
        hands=("power_off", "take_out_new"),
    )
    return (opening, again, *_fit(bench), *_finish(bench))


def _fit(bench: Workbench) -> tuple[Action, ...]:
    case = bench.case
    off = needs(Var.SOCKET, Val.EMPTY, Val.ORIGINAL, Val.NEW_FLEX, otherwise="the new panel must be off the socket")
    opened = needs(Var.PHONE, Val.OPEN, otherwise="the phone must be opened first")
    panels: tuple[tuple[Val, NewPanel], ...] = case.panel_values or ((Val.FIRST, NewPanel()),)
    return tuple(
        bench.action(
            "fit",
            ActionKind.HAND,
            (
                opened,
                needs(Var.PANEL, value, otherwise="another panel is in hand"),
                needs(Var.PAID, paid),
                off,
                BOARD_IN,
                CHIP_RESTS,
            ),
            {Var.PHONE: Val.FITTED, Var.PAID: Val.YES},
            hands=("fit_new", "power_on"),
            ruins=(1.0,),
            ruined={Var.PANEL: LOST_PANEL[value]},
            stake=panel.price,
            extra_cost=price,
            variant="+".join(part for part in (variant_of(value), extra) if part),
            counts_with=f"fit {value.name}",
        )
        for value, panel in panels
        # fitted again the same panel costs minutes, not another panel
        for extra, paid, price in (("", Val.NO, panel.price), ("again", Val.YES, 0.0))
    )


def closing_prices(bench: Workbench) -> tuple[tuple[Needs, tuple[Action, ...]], ...]:
    """Return what stopping still takes: a phone is never left open."""
    close = bench.action("close_up", ActionKind.HAND, (), {})
    end = bench.action("end_trial", ActionKind.HAND, (), {})
    return ((needs(Var.PHONE, Val.OPEN), (close,)), (needs(Var.PHONE, Val.ON_TRIAL), (end, close)))


def _finish(bench: Workbench) -> tuple[Action, ...]:
    case = bench.case
    if case.display_stays or Function.NO_DISPLAY_NOTICE not in case.model.functions or not case.model.display_notice:
        return ()
    network = bench.lacks(case.kit.network, "finishing needs a network", Effort.AT_HAND)
    closed = (network, finish_bar(case))
    return tuple(
        bench.action(
            "finish_on_phone",
            ActionKind.FINISH,
            (
                _FITTED,
                needs(Var.PANEL, value, otherwise="another panel is in hand"),
                needs(Var.BINDING, Val.TO_ORIGINAL, otherwise="the phone has finished the panel already", moot=True),
                needs(
                    Var.DONOR,
                    Val.CLEAN,
                    otherwise="the panel is locked to an account or its touch flex was replaced",
                ),
                *conditions,
            ),
            {Var.BINDING: Val.TO_PANEL},
            bars=(*closed, reason),
            way="finish on the phone",
            hands=("finish",),
            variant="+".join(part for part in (variant_of(value), extra) if part),
            counts_with=f"finish {value.name}",
        )
        for value, panel in case.panel_values
        for extra, conditions, reason in _ways_to_finish(case, panel)
    )


def _ways_to_finish(case: Case, panel: NewPanel) -> tuple[tuple[str, tuple[Needs, ...], Bar | None], ...]:
    own_chip = needs(Var.OWN_CHIP, Val.YES, otherwise="the panel's own touch chip is no longer on it")
    if case.finish_rule is FinishRule.WHOLE_GENUINE:
        own = needs(Var.RECORD, Val.OWN, otherwise="the panel's own data are not on it")
        flex = needs(Var.FLEX, Val.SOUND, Val.WORN, otherwise="the board's own sensor flex is not fitted")
        return (("", (own_chip, own, flex), chip_bar(case, panel)),)
    # serial and cover code must agree with the chip; calibration is not asked for
    codes = (Val.OWN, Val.PARTIAL, Val.MIXED, Val.MIXED_PARTIAL)
    agrees = needs(Var.RECORD, *codes, otherwise="the panel's data were never set for the chip that it carries")
    copied = needs(Var.RECORD, Val.COPIED, otherwise="the panel's data do not agree with the moved chip")
    moved = needs(Var.CHIP, Val.ON_NEW, otherwise="the original touch chip is not on the panel")
    rows: tuple[tuple[str, tuple[Needs, ...], Bar | None], ...] = (("", (own_chip, agrees), chip_bar(case, panel)),)
    return (*rows, ("moved", (moved, copied), None)) if case.moved_chip_finishes(panel) else rows


def proofs(bench: Workbench, kept: tuple[Function, ...]) -> tuple[Action, ...]:
    """Return the proofs of the functions that a route keeps."""
    return tuple(bench.action(proof_key(f), PROOF_KIND[f], (_FITTED,), {}) for f in kept)
