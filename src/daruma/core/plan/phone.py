"""What is done to the phone itself: trust, opening, a trial, its board's memory, closing it again."""

from collections.abc import Iterable, Mapping
from enum import Enum
from typing import Any

from msgspec.structs import replace

from daruma.core.acts import ActKind
from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action, Bar, Effort, How, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Otherwise
from daruma.core.plan.state import Needs, Val, Var, needs
from daruma.core.plan.workbench import BOARD_IN, FITTED, ON_TRIAL, OPEN, RUNS_CLOSED, Fitting, Workbench

_BOARD = Trait(part=PartKind.BOARD)
_NEW_PART = Trait(redone=True)
TRAITS = {
    "unbind_on_phone": Trait(How.DEVICE, PartKind.BOARD, ActKind.UNBIND),
    "lift_memory": replace(_BOARD, lasting=True),
    "unbind_memory": _BOARD,
    "refit_memory": _BOARD,
    "start_trial": _NEW_PART,
    "end_trial": _NEW_PART,
    "fit": _NEW_PART,
    "begin_finishing": _NEW_PART,
}
OTHERWISE = (
    Otherwise(tr("the phone does not start"), Effort.PHONE, (Var.RUNS, (Val.NO,)), {Var.RUNS: Val.YES, Var.TRUST: Val.YES}),
    Otherwise(tr("a trial was made already"), Effort.PHONE, (Var.TRIAL, (Val.YES,)), {Var.TRIAL: Val.NO}),
    Otherwise(tr("the board is ruined"), Effort.PHONE, (Var.BOARD, (Val.LOST,)), {Var.BOARD: Val.BOUND}),
)
UNBOUND = needs(Var.BOARD, Val.UNBOUND, Val.READ_OUT, otherwise=tr("the board is still bound"))
READ_OUT: dict[Enum, Enum] = {Var.BOARD: Val.READ_OUT}
_BOUND = needs(Var.BOARD, Val.BOUND, otherwise=tr("the board is unbound already"))
ENDS = (
    FITTED,
    needs(Var.BOARD, Val.BOUND, Val.UNBOUND, Val.READ_OUT, otherwise=tr("the board is lost")),
)


def start(case: Case) -> dict[Enum, Enum]:
    """Return the phone's values before anything was done."""
    return {
        Var.PHONE: Val.ASSEMBLED,
        Var.RUNS: Val.YES if case.runs else Val.NO,
        Var.TRUST: Val.YES if case.trusted and case.runs else Val.NO,
        Var.BOARD: Val.BOUND,
        Var.TRIAL: Val.NO,
        Var.REOPENED: Val.YES,
        Var.SESSION: Val.NO,
    }


def on_phone(actions: Iterable[Action]) -> tuple[Action, ...]:
    """Return actions as work on the phone and its board."""
    return tuple(replace(action, place=PartKind.BOARD) for action in actions)


def trust_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return letting the owner confirm trust on a phone that runs."""
    if bench.case.trusted or not bench.case.runs:
        return ()
    closed = needs(Var.PHONE, Val.ASSEMBLED, otherwise=tr("the phone is open already"))
    asked = needs(Var.TRUST, Val.NO, otherwise=tr("trust is confirmed already"), moot=True)
    return (bench.action("confirm_trust", (closed, asked), {Var.TRUST: Val.YES}, hands=("confirm_trust",)),)


def trial_actions(bench: Workbench, why: Needs, variant: str = "") -> tuple[Action, ...]:
    """Return connecting a screen that lights up for a trial, so that a phone that did not run can be read or unbound.

    The owner confirms trust on it, whatever the screen. `why` is what is still missing that it could give.
    """
    once = needs(Var.TRIAL, Val.NO, otherwise=tr("a trial was made already"))
    return (
        *(
            bench.action(
                "start_trial",
                (OPEN, BOARD_IN, once, *screen, *bench.around.clear, why),
                {Var.PHONE: Val.ON_TRIAL, Var.TRIAL: Val.YES},
                hands=("connect_new", "power_on", "trust_again"),
                variant="+".join(part for part in (variant, name) if part),
                counts_with="start_trial",
            )
            for name, screen in bench.around.screens.items()
        ),
        bench.action(
            "end_trial",
            (ON_TRIAL,),
            {Var.PHONE: Val.OPEN},
            hands=("power_off", "take_out_new"),
            variant=variant,
        ),
    )


def over_cable(
    bench: Workbench,
    key: str,
    conditions: tuple[Needs, ...],
    effects: Mapping[Enum, Enum],
    *,
    why: Needs,
    trial: str,
    **more: Any,
) -> tuple[Action, ...]:
    """Return what is asked of a phone over the cable: as it came, or on a trial, which `why` is still missing asks for."""
    return on_phone(
        (
            *(
                bench.action(key, (*runs, *conditions), effects, variant=variant, counts_with=key, **more)
                for variant, runs in (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
            ),
            *trial_actions(bench, why, variant=trial),
        )
    )


def board_actions(bench: Workbench, why: Needs, variant: str = "") -> tuple[Action, ...]:
    """Return the ways to unbind the board; `why` is what is still missing that they could give."""
    case = bench.case
    package = case.model.memory_package
    no_socket = bench.lacks(package in case.kit.memory_sockets, tr("the bench has no {package} socket", package=package))
    no_air = bench.lacks(case.kit.hot_air, tr("the bench has no hot air"))
    lost: dict[Enum, Enum] = {Var.BOARD: Val.LOST}
    return (
        *(
            bench.action(
                "unbind_on_phone",
                (*conditions, _BOUND, why),
                {Var.BOARD: Val.UNBOUND},
                bars=_window(case),
                way=tr("Unbind on the phone"),
                variant="+".join(part for part in (variant, name) if part),
                counts_with="unbind_on_phone",
            )
            for name, conditions in (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
        ),
        bench.action(
            "lift_memory",
            (OPEN, _BOUND, why, *bench.around.rests, *bench.around.clear),
            {Var.BOARD: Val.LIFTED},
            bars=(no_air, no_socket),
            way=tr("Lift the {package} memory", package=package),
            hands=("lift_memory",),
            ruins=(1.0,),
            ruined=lost,
            stake=case.preferences.board,
            variant=variant,
        ),
        bench.action(
            "unbind_memory",
            (needs(Var.BOARD, Val.LIFTED, otherwise=tr("the memory is not lifted")),),
            {Var.BOARD: Val.LIFTED_UNBOUND},
            bars=(no_socket,),
            hands=("unbind_memory",),
            variant=variant,
        ),
        bench.action(
            "refit_memory",
            (needs(Var.BOARD, Val.LIFTED_UNBOUND, otherwise=tr("the memory is not unbound")),),
            {Var.BOARD: Val.UNBOUND},
            hands=("refit_memory",),
            ruins=(0.0, 1.0),
            ruined=lost,
            stake=case.preferences.board,
            variant=variant,
        ),
    )


def _window(case: Case) -> tuple[Bar, ...]:
    window = case.model.unbind_on_phone
    if window is None:
        return (Bar(tr("{model} cannot be unbound on the phone", model=case.model.name), Effort.PHONE),)
    if window[0] <= case.system <= window[1]:
        return ()
    age = tr("older") if case.system < window[0] else tr("newer")
    span = tr("{window} to {window_2}", window=window[0], window_2=window[1])
    words = tr(
        "{system_name} {system} is {age} than the window for unbinding on the phone ({span})",
        system_name=case.system_name,
        system=case.system,
        age=age,
        span=span,
    )
    return (Bar(words, Effort.PHONE),)


def opening_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return opening the phone, closing it with what is to be fitted, and opening it once more."""
    came = needs(Var.PHONE, Val.ASSEMBLED, otherwise=tr("the phone is open already"))
    opened = needs(Var.REOPENED, Val.NO, otherwise=tr("it was opened again already"))
    return (
        bench.action("open_phone", (came,), {Var.PHONE: Val.OPEN}, hands=("power_off", "take_out_original")),
        bench.action(
            "reopen_phone",
            (FITTED, opened),
            {Var.PHONE: Val.OPEN, Var.REOPENED: Val.YES, Var.SESSION: Val.NO, **bench.around.reopened},
            hands=("power_off", "take_out_new"),
        ),
        *(_fit(bench, each) for each in bench.around.fittings or (Fitting(ruined={Var.PHONE: Val.LOST}),)),
    )


def _fit(bench: Workbench, fitting: Fitting) -> Action:
    opened = needs(Var.PHONE, Val.OPEN, otherwise=tr("the phone must be opened first"))
    return bench.action(
        "fit",
        (opened, *fitting.conditions, *bench.around.closes, BOARD_IN, *bench.around.rests),
        {Var.PHONE: Val.FITTED, **fitting.effects},
        hands=("fit_new", "power_on"),
        ruins=(1.0,),
        ruined=fitting.ruined,
        stake=fitting.stake,
        extra_cost=fitting.cost,
        variant=fitting.variant,
        counts_with=fitting.counts_with,
    )


def closing_prices(bench: Workbench) -> tuple[tuple[Needs, tuple[Action, ...]], ...]:
    """Return what stopping still takes: a phone is never left open."""
    close = bench.action("close_up", (), {})
    end = bench.action("end_trial", (), {})
    return ((needs(Var.PHONE, Val.OPEN, Val.LOST), (close,)), (needs(Var.PHONE, Val.ON_TRIAL), (end, close)))


def settled(start: Mapping[Enum, Enum]) -> dict[Enum, Enum]:
    """Return where things stand with a phone that was closed: it may be opened once more."""
    closed = start[Var.PHONE] is Val.FITTED
    return {**start, **({Var.REOPENED: Val.NO} if closed else {})}
