"""Where the board's display codes can come from: the original, the vault, the phone, its memory, paper."""

from enum import Enum

from daruma.core.kinds.display.facts import OriginalState, facts_of
from daruma.core.kinds.display.state import CHIP_RESTS, NO_CODES, PanelVal, PanelVar
from daruma.core.language import tr
from daruma.core.plan.actions import Action, Effort
from daruma.core.plan.odds import tries_of_a_doubtful_part
from daruma.core.plan.phone import READ_OUT, UNBOUND, board_actions, on_phone, trial_actions
from daruma.core.plan.state import Val, needs
from daruma.core.plan.workbench import ON_TRIAL, OPEN, RUNS_CLOSED, Workbench

ALL_CODES: dict[Enum, Enum] = {PanelVar.SERIAL: Val.YES, PanelVar.COVER: Val.YES}


def source_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return every action that leads to the board's display codes."""
    return (*_original(bench), *_vault(bench), *on_phone(_cable(bench)), *_paper(bench))


def _original(bench: Workbench) -> tuple[Action, ...]:
    display = facts_of(bench.case)
    gone = (
        bench.lacks(display.original is not OriginalState.MISSING, tr("the original is missing"), Effort.PART),
        bench.lacks(display.original is not OriginalState.DAMAGED, tr("the original does not answer on the socket"), Effort.PART),
    )
    contact, tries = bench.belief("read_original"), bench.figures["read_original"].tries
    sound = display.chances.original_answers if display.original is OriginalState.UNTRIED else 1.0
    there = needs(PanelVar.ORIGINAL, PanelVal.THERE, otherwise=tr("the original is missing"))
    return (
        bench.action(
            "original_to_socket",
            (OPEN, there),
            {PanelVar.SOCKET: PanelVal.ORIGINAL},
            bars=gone,
            hands=("original_on_socket",),
            sets_up=True,
        ),
        bench.action(
            "read_original",
            (
                OPEN,
                there,
                needs(PanelVar.SOCKET, PanelVal.ORIGINAL, otherwise=tr("the original must be on the socket")),
                needs(PanelVar.TRIED, Val.NO, Val.SOUGHT, otherwise=tr("the original was read already"), moot=True),
                CHIP_RESTS,
            ),
            # read or tried comes first: what must wait for it rests on that, not on a code known from elsewhere
            {PanelVar.TRIED: Val.YES, **ALL_CODES, PanelVar.CALIBRATION: Val.YES},
            bars=gone,
            way=tr("Read the original"),
            chances=tries_of_a_doubtful_part(sound, contact, tries),
            miss={PanelVar.TRIED: Val.SOUGHT},
        ),
    )


def _vault(bench: Workbench) -> tuple[Action, ...]:
    display = facts_of(bench.case)
    another = any(map(display.is_of_another_maker, display.panels))
    unfit = (Val.NO, Val.YES) if another else (Val.NO,)
    return (
        bench.action(
            "earlier_backup",
            (NO_CODES,),
            {**ALL_CODES, PanelVar.CALIBRATION: Val.YES},
            bars=(bench.lacks(display.earlier_backup, tr("the vault holds no earlier backup of this phone"), Effort.SOURCE),),
            way=tr("Use an earlier backup"),
        ),
        bench.action(
            "tune_record",
            (
                needs(PanelVar.CALIBRATION, *unfit, otherwise=tr("a complete calibration is known already"), moot=True),
                needs(PanelVar.SERIAL, Val.YES, otherwise=tr("the display codes are not known")),
                needs(
                    PanelVar.RECORD,
                    *(PanelVal.BLANK, PanelVal.PARTIAL, PanelVal.BOARDS_PARTIAL, PanelVal.MIXED_PARTIAL),
                    otherwise=tr("the record is complete already"),
                    moot=True,
                ),
            ),
            {PanelVar.CALIBRATION: PanelVal.FITTING if another else Val.YES},
            bars=(
                bench.lacks(
                    display.complete_record,
                    tr("the vault holds no complete record of this model and panel maker"),
                    Effort.SOURCE,
                ),
            ),
            way=tr("tune a complete record"),
        ),
    )


def _cable(bench: Workbench) -> tuple[Action, ...]:
    model = bench.case.model
    gives = () if model.codes_over_cable else (UNBOUND,)
    actions = [
        bench.action(
            "codes_over_cable",
            (*conditions, *gives, NO_CODES),
            ALL_CODES if model.codes_over_cable else {**ALL_CODES, **READ_OUT},
            way=tr("Codes over the cable") if model.codes_over_cable else "",
            variant=variant,
        )
        for variant, conditions in (("", RUNS_CLOSED), ("trial", (ON_TRIAL,)))
    ]
    if not model.codes_over_cable:
        actions += board_actions(bench, NO_CODES)
    return (*actions, *trial_actions(bench, NO_CODES))


def _paper(bench: Workbench) -> tuple[Action, ...]:
    return (
        bench.action(
            "typed_serial",
            (NO_CODES,),
            {PanelVar.SERIAL: Val.YES},
            bars=(
                bench.lacks(facts_of(bench.case).serial_on_paper, tr("nobody has the display serial on paper"), Effort.SOURCE),
            ),
            way=tr("Type the serial from paper"),
        ),
    )
