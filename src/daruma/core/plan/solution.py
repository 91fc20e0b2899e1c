"""A plan as it is shown: as things are, as they would be, and what the shop's preferences cost."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.case import Case
from daruma.core.plan.planner import Plan, Told, make_plan, outlook, unheard
from daruma.core.plan.problem import Checkpoint, go_on
from daruma.core.plan.setting import Setting
from daruma.core.plan.whatif import Difference, Fact, all_changed, difference, facts


class Solution(Struct, frozen=True):
    """Hold a solved case.

    `asked` is the case as it is, `case` with the changes. `real` is the plan as things are, `plan` the one that is
    shown: the same, or what it would be with `changes`. `prices` tell for each thing that the shop rules out what
    that costs here, in its money.
    """

    asked: Case
    case: Case
    real: Plan
    plan: Plan
    changes: tuple[tuple[str, str], ...]
    facts: tuple[Fact, ...]
    difference: Difference
    prices: Mapping[str, float]


def solve(
    case: Case,
    figures: Mapping[str, ActionFigures],
    changes: Sequence[tuple[str, str]] = (),
    before: Solution | None = None,
    checkpoint: Checkpoint = go_on,
    told: Told = unheard,
) -> Solution:
    """Solve a case as it is and as it would be with changed facts; raise LookupError for a fact that there is not.

    The plan as things are is taken from the solution `before` where that was of the same case. A first answer of the plan
    that is shown is `told` as soon as there is one.
    """
    first = told if not changes else unheard
    real = before.real if before is not None and before.asked == case else make_plan(case, figures, checkpoint, first)
    asked = all_changed(case, changes)
    plan = make_plan(asked, figures, checkpoint, told) if changes else real
    prices = _prices(asked, plan, figures, checkpoint)
    return Solution(case, asked, real, plan, tuple(changes), facts(case), difference(real, plan), prices)


def _prices(case: Case, plan: Plan, figures: Mapping[str, ActionFigures], checkpoint: Checkpoint) -> dict[str, float]:
    prices, wishes = {}, case.preferences
    freer = {"no_board_heat": replace(wishes, no_board_heat=False), "no_soldering": replace(wishes, no_soldering=False)}
    for name, preferences in freer.items():
        if preferences != wishes:
            free = replace(case, preferences=preferences)
            prices[name] = max(0.0, outlook(Setting.of(free, figures), checkpoint).value - plan.advice.value)
    return prices
