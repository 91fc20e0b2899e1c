"""Moving the original touch chip: lift, clear the place, solder."""

from daruma.core.plan.actions import Action, ActionKind
from daruma.core.plan.panel import variant_of
from daruma.core.plan.state import LOST_PANEL, Needs, Val, Var, needs
from daruma.core.plan.workbench import OPEN, SOCKET_EMPTY, Workbench

_LOOSE = needs(Var.CHIP, Val.LOOSE, otherwise="the original touch chip is not lifted")
_OFF_SOCKET = needs(Var.SOCKET, Val.EMPTY, Val.ORIGINAL, Val.NEW_FLEX, otherwise="the new panel must be off the socket")


def chip_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return the actions that move the original touch chip to the new panel."""
    if bench.case.display_stays:
        return ()
    no_air = bench.lacks(bench.case.kit.hot_air, "the bench has no hot air")
    lost = {Var.CHIP: Val.LOST}
    on_original = needs(Var.CHIP, Val.ON_ORIGINAL, otherwise="the original touch chip is not on the original panel")
    there = needs(Var.ORIGINAL, Val.THERE, otherwise="the original is missing")
    return (
        *(
            bench.action(
                "lift_chip",
                ActionKind.HAND,
                (OPEN, on_original, there, SOCKET_EMPTY, *ready),
                {Var.CHIP: Val.LOOSE},
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
                ActionKind.HAND,
                (
                    OPEN,
                    _LOOSE,
                    needs(Var.OWN_CHIP, Val.NO, otherwise="the new panel's own chip is in the way"),
                    _OFF_SOCKET,
                    *ready,
                ),
                {Var.CHIP: Val.ON_NEW},
                bars=(no_air,),
                way="move the touch chip",
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
        Var.RECORD,
        Val.BOARDS,
        Val.BOARDS_PARTIAL,
        otherwise="the panel must carry its data before heat comes near a chip",
        order=True,
    )
    panels = bench.case.panel_values
    strict = [value for value, panel in panels if panel.data_before_chip]
    free = [value for value, panel in panels if not panel.data_before_chip]
    rows = [("", (needs(Var.PANEL, *strict, otherwise="another panel is in hand"), first))] if strict else []
    return (*rows, *([("free", (needs(Var.PANEL, *free, otherwise="another panel is in hand"),))] if free else ()))


def _clear(bench: Workbench) -> tuple[Action, ...]:
    tool = bench.lacks(bench.case.kit.grinder or bench.case.kit.hot_air, "the bench has neither grinder nor hot air")
    own = needs(Var.OWN_CHIP, Val.YES, otherwise="the new panel has no chip of its own")
    return tuple(
        bench.action(
            "clear_new_chip",
            ActionKind.HAND,
            (OPEN, needs(Var.PANEL, value, otherwise="another panel is in hand"), own, _OFF_SOCKET, _LOOSE),
            {Var.OWN_CHIP: Val.NO},
            bars=(tool,),
            hands=("clear_new_chip",),
            ruins=(1.0,),
            ruined={Var.PANEL: LOST_PANEL[value]},
            stake=panel.price,
            variant=variant_of(value),
            counts_with=f"clear {value.name}",
        )
        for value, panel in bench.case.panel_values
    )
