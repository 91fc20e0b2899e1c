"""Moving the original touch chip: lift, clear the place, solder."""

from daruma.core.kinds.display.facts import facts_of
from daruma.core.kinds.display.state import LOST_PANEL, OFF_SOCKET, OWN_CHIP, SOCKET_EMPTY, PanelVal, PanelVar, variant_of
from daruma.core.language import tr
from daruma.core.plan.actions import Action
from daruma.core.plan.state import Needs, Val, needs
from daruma.core.plan.workbench import OPEN, Workbench

_LOOSE = needs(PanelVar.CHIP, PanelVal.LOOSE, otherwise=tr("the original touch chip is not lifted"))


def chip_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return the actions that move the original touch chip to the new panel."""
    no_air = bench.lacks(bench.case.kit.hot_air, tr("the bench has no hot air"))
    lost = {PanelVar.CHIP: Val.LOST}
    on_original = needs(PanelVar.CHIP, PanelVal.ON_ORIGINAL, otherwise=tr("the original touch chip is not on the original panel"))
    there = needs(PanelVar.ORIGINAL, PanelVal.THERE, otherwise=tr("the original is missing"))
    return (
        *(
            bench.action(
                "lift_chip",
                (OPEN, on_original, there, SOCKET_EMPTY, *ready),
                {PanelVar.CHIP: PanelVal.LOOSE},
                bars=(no_air,),
                hands=("lift_chip",),
                ruins=(1.0,),
                ruined=lost,
                variant=variant,
            )
            for variant, ready in _orders(bench)
        ),
        *_clear(bench),
        *(
            bench.action(
                "solder_chip",
                (
                    OPEN,
                    _LOOSE,
                    needs(PanelVar.OWN_CHIP, Val.NO, otherwise=tr("the new panel's own chip is in the way")),
                    OFF_SOCKET,
                    *ready,
                ),
                {PanelVar.CHIP: PanelVal.ON_NEW},
                bars=(no_air,),
                way=tr("move the touch chip"),
                hands=("solder_chip",),
                ruins=(0.0, 1.0),
                ruined=lost,
                variant=variant,
                counts_with="solder_chip",
            )
            # whoever lifted the chip and when: a panel that wants its data first has them before it is soldered on
            for variant, ready in _orders(bench)
        ),
    )


def _orders(bench: Workbench) -> tuple[tuple[str, tuple[Needs, ...]], ...]:
    """Most panels want their data before a chip is moved to them; for some brands the order does not matter."""
    first = needs(
        PanelVar.RECORD,
        PanelVal.BOARDS,
        PanelVal.BOARDS_PARTIAL,
        otherwise=tr("the panel must carry its data before heat comes near a chip"),
        order=True,
    )
    panels = facts_of(bench.case).panel_values
    strict = [value for value, panel in panels if panel.data_before_chip]
    free = [value for value, panel in panels if not panel.data_before_chip]
    rows = [("", (needs(PanelVar.PANEL, *strict, otherwise=tr("another panel is in hand")), first))] if strict else []
    return (*rows, *([("free", (needs(PanelVar.PANEL, *free, otherwise=tr("another panel is in hand")),))] if free else ()))


def _clear(bench: Workbench) -> tuple[Action, ...]:
    tool = bench.lacks(bench.case.kit.grinder or bench.case.kit.hot_air, tr("the bench has neither grinder nor hot air"))
    return tuple(
        bench.action(
            "clear_new_chip",
            (OPEN, needs(PanelVar.PANEL, value, otherwise=tr("another panel is in hand")), OWN_CHIP, OFF_SOCKET, _LOOSE),
            {PanelVar.OWN_CHIP: Val.NO},
            bars=(tool,),
            hands=("clear_new_chip",),
            ruins=(1.0,),
            ruined={PanelVar.PANEL: LOST_PANEL[value]},
            stake=panel.price,
            variant=variant_of(value),
            counts_with=tr("clear {value}", value=value.name),
        )
        for value, panel in facts_of(bench.case).panel_values
    )
