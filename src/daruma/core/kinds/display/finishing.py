"""What the phone's own finishing asks of a display, and fitting the panel that is to be finished."""

from daruma.core.kinds.display.facts import GENUINE, GENUINE_CHIP, ChipPlace, NewPanel, PanelKind, facts_of
from daruma.core.kinds.display.state import LOST_PANEL, PanelVal, PanelVar, variant_of
from daruma.core.language import tr
from daruma.core.model import FinishRule
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import Action, Bar, Effort
from daruma.core.plan.case import Case
from daruma.core.plan.finishing import finish_bars, in_session
from daruma.core.plan.state import Needs, Val, needs
from daruma.core.plan.workbench import FITTED, Fitting, Workbench


def finish_rule(case: Case) -> FinishRule:
    """Return what the phone's own finishing asks of a display; NONE where this model or version knows none."""
    since = case.model.finishing_since
    if since is None or case.system < since:
        return FinishRule.NONE
    return case.model.era(case.system).finishing


def finishes_own_chip(case: Case, panel: NewPanel) -> bool:
    """Return whether the phone could finish a panel with the chip that it came with."""
    allowed = {FinishRule.WHOLE_GENUINE: GENUINE, FinishRule.GENUINE_CHIP: GENUINE_CHIP}
    return panel.kind in allowed.get(finish_rule(case), frozenset())


def finishes_moved_chip(case: Case, panel: NewPanel) -> bool:
    """Return whether the original chip could be on a panel whose serial is not the board's, and finished so."""
    moved = facts_of(case).chip is ChipPlace.MOVED or not panel.data_before_chip
    return moved and finish_rule(case) is FinishRule.GENUINE_CHIP


def chip_bar(case: Case, panel: NewPanel) -> Bar | None:
    """Return why the phone does not finish a panel with the chip that it came with; None where it may."""
    if finish_rule(case) is FinishRule.WHOLE_GENUINE:
        return None if panel.kind in GENUINE else Bar(tr("it accepts only whole genuine panels"), Effort.PART)
    return None if panel.kind in GENUINE_CHIP else Bar(tr("no genuine touch chip is on the panel"), Effort.PART)


def fittings(case: Case) -> tuple[Fitting, ...]:
    """Return fitting each of the panels; fitted again the same panel costs minutes, not another panel."""
    return tuple(
        Fitting(
            "+".join(part for part in (variant_of(value), extra) if part),
            (needs(PanelVar.PANEL, value, otherwise=tr("another panel is in hand")), needs(PanelVar.PAID, paid)),
            {PanelVar.PAID: Val.YES},
            {PanelVar.PANEL: LOST_PANEL[value]},
            price,
            panel.price,
            tr("fit {value}", value=value.name),
        )
        for value, panel in facts_of(case).panel_values
        for extra, paid, price in (("", Val.NO, panel.price), ("again", Val.YES, 0.0))
    )


def finish_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return letting the phone finish its display, by what is on it."""
    case = bench.case
    if Function.NO_DISPLAY_NOTICE not in case.model.functions or not case.model.display_notice:
        return ()
    closed, session = finish_bars(case, PartKind.DISPLAY), in_session(bench, PartKind.DISPLAY)
    return tuple(
        bench.action(
            "finish_on_phone",
            (
                FITTED,
                needs(PanelVar.PANEL, value, otherwise=tr("another panel is in hand")),
                needs(
                    PanelVar.BINDING, PanelVal.TO_ORIGINAL, otherwise=tr("the phone has finished the panel already"), moot=True
                ),
                needs(
                    PanelVar.DONOR,
                    PanelVal.CLEAN,
                    otherwise=tr("the panel is locked to an account or its touch flex was replaced"),
                ),
                *conditions,
                *session,
            ),
            {PanelVar.BINDING: PanelVal.TO_PANEL},
            bars=(*closed, reason),
            way=tr("finish on the phone"),
            variant="+".join(part for part in (variant_of(value), extra) if part),
            counts_with=tr("finish {value}", value=value.name),
            marks_used=panel.kind is not PanelKind.GENUINE_NEW,
        )
        for value, panel in facts_of(case).panel_values
        for extra, conditions, reason in _ways_to_finish(case, panel, bench.around.own.get(PartKind.SENSOR_FLEX, ()))
    )


def _ways_to_finish(
    case: Case, panel: NewPanel, flex: tuple[Needs, ...]
) -> tuple[tuple[str, tuple[Needs, ...], Bar | None], ...]:
    own_chip = needs(PanelVar.OWN_CHIP, Val.YES, otherwise=tr("the panel's own touch chip is no longer on it"))
    if finish_rule(case) is FinishRule.WHOLE_GENUINE:
        own = needs(PanelVar.RECORD, PanelVal.OWN, otherwise=tr("the panel's own data are not on it"))
        return (("", (own_chip, own, *flex), chip_bar(case, panel)),)
    # serial and cover code must agree with the chip; calibration is not asked for
    codes = (PanelVal.OWN, PanelVal.PARTIAL, PanelVal.MIXED, PanelVal.MIXED_PARTIAL)
    agrees = needs(PanelVar.RECORD, *codes, otherwise=tr("the panel's data were never set for the chip that it carries"))
    copied = needs(PanelVar.RECORD, PanelVal.COPIED, otherwise=tr("the panel's data do not agree with the moved chip"))
    moved = needs(PanelVar.CHIP, PanelVal.ON_NEW, otherwise=tr("the original touch chip is not on the panel"))
    rows: tuple[tuple[str, tuple[Needs, ...], Bar | None], ...] = (("", (own_chip, agrees), chip_bar(case, panel)),)
    return (*rows, ("moved", (moved, copied), None)) if finishes_moved_chip(case, panel) else rows
