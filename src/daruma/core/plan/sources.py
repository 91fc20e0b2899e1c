"""Where the board's display codes can come from: the original, the vault, the phone, its memory, paper."""

from collections.abc import Iterable
from dataclasses import replace
from enum import Enum

from daruma.core.plan.actions import Action, ActionKind, Bar, Effort, Place
from daruma.core.plan.case import Case, OriginalState
from daruma.core.plan.odds import tries_of_a_doubtful_part
from daruma.core.plan.state import Needs, Val, Var, needs
from daruma.core.plan.workbench import BOARD_IN, CHIP_RESTS, NO_CODES, ON_TRIAL, OPEN, RUNS_CLOSED, SOCKET_EMPTY, Workbench

ALL_CODES: dict[Enum, Enum] = {Var.SERIAL: Val.YES, Var.COVER: Val.YES}
UNBOUND = needs(Var.BOARD, Val.UNBOUND, Val.READ_OUT, otherwise="the board is still bound")
READ_OUT: dict[Enum, Enum] = {Var.BOARD: Val.READ_OUT}
_BOUND = needs(Var.BOARD, Val.BOUND, otherwise="the board is unbound already")
_NO_TOUCH = "the panel has no touch chip to confirm trust with"
NO_FLEX_DATA = needs(Var.FLEX_DATA, Val.NO, otherwise="the flex data are known already", moot=True)


def source_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return every action that leads to the board's display codes."""
    if bench.case.display_stays:
        return ()
    return (*_original(bench), *_vault(bench), *on_phone(_cable(bench)), *_paper(bench))


def on_phone(actions: Iterable[Action]) -> tuple[Action, ...]:
    """Return actions as work on the phone and its board."""
    return tuple(replace(action, place=Place.PHONE) for action in actions)


def _original(bench: Workbench) -> tuple[Action, ...]:
    case = bench.case
    gone = (
        bench.lacks(case.original is not OriginalState.MISSING, "the original is missing", Effort.PART),
        bench.lacks(case.original is not OriginalState.DAMAGED, "the original does not answer on the socket", Effort.PART),
    )
    contact, tries = bench.belief("read_original"), bench.figures["read_original"].tries
    sound = case.chances.original_answers if case.original is OriginalState.UNTRIED else 1.0
    there = needs(Var.ORIGINAL, Val.THERE, otherwise="the original is missing")
    return (
        bench.action(
            "original_to_socket",
            ActionKind.HAND,
            (OPEN, there),
            {Var.SOCKET: Val.ORIGINAL},
            bars=gone,
            hands=("original_on_socket",),
            sets_up=True,
        ),
        bench.action(
            "read_original",
            ActionKind.READ_SOURCE,
            (
                OPEN,
                there,
                needs(Var.SOCKET, Val.ORIGINAL, otherwise="the original must be on the socket"),
                needs(Var.TRIED, Val.NO, Val.SOUGHT, otherwise="the original was read already", moot=True),
                CHIP_RESTS,
            ),
            # read or tried comes first: what must wait for it rests on that, not on a code known from elsewhere
            {Var.TRIED: Val.YES, **ALL_CODES, Var.CALIBRATION: Val.YES},
            bars=gone,
            way="Read the original",
            chances=tries_of_a_doubtful_part(sound, contact, tries),
            miss={Var.TRIED: Val.SOUGHT},
        ),
    )


def _vault(bench: Workbench) -> tuple[Action, ...]:
    another = any(map(bench.case.is_of_another_maker, bench.case.panels))
    unfit = (Val.NO, Val.YES) if another else (Val.NO,)
    return (
        bench.action(
            "earlier_backup",
            ActionKind.EARLIER_BACKUP,
            (NO_CODES,),
            {**ALL_CODES, Var.CALIBRATION: Val.YES},
            bars=(bench.lacks(bench.case.earlier_backup, "the vault holds no earlier backup of this phone", Effort.SOURCE),),
            way="Use an earlier backup",
        ),
        bench.action(
            "tune_record",
            ActionKind.COMPLETE_RECORD,
            (
                needs(Var.CALIBRATION, *unfit, otherwise="a complete calibration is known already", moot=True),
                needs(Var.SERIAL, Val.YES, otherwise="the display codes are not known"),
                needs(
                    Var.RECORD,
                    *(Val.BLANK, Val.PARTIAL, Val.BOARDS_PARTIAL, Val.MIXED_PARTIAL),
                    otherwise="the record is complete already",
                    moot=True,
                ),
            ),
            {Var.CALIBRATION: Val.FITTING if another else Val.YES},
            bars=(
                bench.lacks(
                    bench.case.complete_record,
                    "the vault holds no complete record of this model and panel maker",
                    Effort.SOURCE,
                ),
            ),
            way="tune a complete record",
        ),
    )


def _cable(bench: Workbench) -> tuple[Action, ...]:
    model = bench.case.model
    gives = () if model.codes_over_cable else (UNBOUND,)
    actions = [
        bench.action(
            "codes_over_cable",
            ActionKind.CODES_OVER_CABLE,
            (*conditions, *gives, NO_CODES),
            ALL_CODES if model.codes_over_cable else {**ALL_CODES, **READ_OUT},
            way="Codes over the cable" if model.codes_over_cable else "",
            variant=variant,
        )
        for variant, conditions in (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
    ]
    if not model.codes_over_cable:
        actions += board_actions(bench, NO_CODES)
    return (*actions, *_trust(bench), *trial_actions(bench, NO_CODES))


def _trust(bench: Workbench) -> tuple[Action, ...]:
    """Return letting the owner confirm trust on a phone that runs."""
    if bench.case.trusted or not bench.case.runs:
        return ()
    closed = needs(Var.PHONE, Val.ASSEMBLED, otherwise="the phone is open already")
    asked = needs(Var.TRUST, Val.NO, otherwise="trust is confirmed already", moot=True)
    return (bench.action("confirm_trust", ActionKind.HAND, (closed, asked), {Var.TRUST: Val.YES}, hands=("confirm_trust",)),)


def trial_actions(bench: Workbench, why: Needs, variant: str = "") -> tuple[Action, ...]:
    """Return connecting a panel that lights up for a trial, so that a phone that did not run can be read or unbound.

    Its own chip or the moved one makes it light up; the owner confirms trust on it, whatever the screen.
    """
    once = needs(Var.TRIAL, Val.NO, otherwise="a trial was made already")
    moved = needs(Var.CHIP, Val.ON_NEW, otherwise=_NO_TOUCH)
    chips = (
        {"moved": moved} if bench.case.display_stays else {"": needs(Var.OWN_CHIP, Val.YES, otherwise=_NO_TOUCH), "moved": moved}
    )
    return (
        *(
            bench.action(
                "start_trial",
                ActionKind.HAND,
                (OPEN, BOARD_IN, once, chip, SOCKET_EMPTY, why),
                {Var.PHONE: Val.ON_TRIAL, Var.TRIAL: Val.YES},
                hands=("connect_new", "power_on", "trust_again"),
                variant="+".join(part for part in (variant, name) if part),
                counts_with="start_trial",
            )
            for name, chip in chips.items()
        ),
        bench.action(
            "end_trial",
            ActionKind.HAND,
            (ON_TRIAL,),
            {Var.PHONE: Val.OPEN},
            hands=("power_off", "take_out_new"),
            variant=variant,
        ),
    )


def board_actions(bench: Workbench, why: Needs, variant: str = "") -> tuple[Action, ...]:
    """Return the ways to unbind the board; `why` is what is still missing that they could give."""
    case = bench.case
    package = case.model.memory_package
    no_socket = bench.lacks(package in case.kit.memory_sockets, f"the bench has no {package} socket")
    no_air = bench.lacks(case.kit.hot_air, "the bench has no hot air")
    lost: dict[Enum, Enum] = {Var.BOARD: Val.LOST}
    return (
        *(
            bench.action(
                "unbind_on_phone",
                ActionKind.UNBIND,
                (*conditions, _BOUND, why),
                {Var.BOARD: Val.UNBOUND},
                bars=_window(case),
                way="Unbind on the phone",
                variant="+".join(part for part in (variant, name) if part),
                counts_with="unbind_on_phone",
            )
            for name, conditions in (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
        ),
        bench.action(
            "lift_memory",
            ActionKind.HAND,
            (OPEN, _BOUND, why, CHIP_RESTS, SOCKET_EMPTY),
            {Var.BOARD: Val.LIFTED},
            bars=(no_air, no_socket),
            way=f"Lift the {package} memory",
            hands=("lift_memory",),
            ruins=(1.0,),
            ruined=lost,
            stake=case.preferences.board,
            variant=variant,
        ),
        bench.action(
            "unbind_memory",
            ActionKind.HAND,
            (needs(Var.BOARD, Val.LIFTED, otherwise="the memory is not lifted"),),
            {Var.BOARD: Val.LIFTED_UNBOUND},
            bars=(no_socket,),
            hands=("unbind_memory",),
            variant=variant,
        ),
        bench.action(
            "refit_memory",
            ActionKind.HAND,
            (needs(Var.BOARD, Val.LIFTED_UNBOUND, otherwise="the memory is not unbound"),),
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
        return (Bar(f"{case.model.name} cannot be unbound on the phone", Effort.PHONE),)
    if window[0] <= case.system <= window[1]:
        return ()
    age = "older" if case.system < window[0] else "newer"
    span = f"{window[0]} to {window[1]}"
    words = f"{case.system_name} {case.system} is {age} than the window for unbinding on the phone ({span})"
    return (Bar(words, Effort.PHONE),)


def _paper(bench: Workbench) -> tuple[Action, ...]:
    return (
        bench.action(
            "typed_serial",
            ActionKind.CODES_ON_PAPER,
            (NO_CODES,),
            {Var.SERIAL: Val.YES},
            bars=(bench.lacks(bench.case.serial_on_paper, "nobody has the display serial on paper", Effort.SOURCE),),
            way="Type the serial from paper",
        ),
    )
