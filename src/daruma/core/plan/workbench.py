"""Build actions: figures from the catalogue, chances from them and the shop's record, what the shop rules out."""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, replace
from enum import Enum
from typing import Any

from daruma.core.plan.actions import Action, ActionFigures, ActionKind, Bar, Effort
from daruma.core.plan.case import Case
from daruma.core.plan.odds import Beta
from daruma.core.plan.state import Needs, Val, Var, needs

OPEN = needs(Var.PHONE, Val.OPEN, otherwise="the phone must be open")
RUNS_CLOSED = (
    needs(Var.PHONE, Val.ASSEMBLED, otherwise="the phone must be as it came"),
    needs(Var.RUNS, Val.YES, otherwise="the phone does not start"),
    needs(Var.TRUST, Val.YES, otherwise="the phone's owner has not confirmed trust"),
)
ON_TRIAL = needs(Var.PHONE, Val.ON_TRIAL, otherwise="a panel must be connected for a trial")
BOARD_IN = needs(Var.BOARD, Val.BOUND, Val.UNBOUND, Val.READ_OUT, otherwise="the memory is off the board")
# one thing at a time: a board that was unbound is read out, a loose chip is soldered, before anything else is begun
BOARD_RESTS = needs(Var.BOARD, Val.BOUND, Val.READ_OUT, otherwise="the unbound board is to be read out first", order=True)
CHIP_RESTS = needs(
    Var.CHIP, Val.ON_ORIGINAL, Val.ON_NEW, Val.LOST, otherwise="the loose touch chip is to be soldered first", order=True
)
SOCKET_EMPTY = needs(Var.SOCKET, Val.EMPTY, otherwise="the socket must be empty")
NO_CODES = needs(Var.SERIAL, Val.NO, otherwise="the codes are known already", moot=True)


@dataclass(frozen=True, slots=True)
class Workbench:
    """Carry case and figures to the places where actions are made."""

    case: Case
    figures: Mapping[str, ActionFigures]

    def belief(self, key: str) -> Beta:
        """Return what is believed about the chance that a try of an action succeeds."""
        return self.case.record.belief(key, self.figures[key].chance)

    def action(
        self,
        key: str,
        kind: ActionKind,
        conditions: tuple[Needs, ...],
        effects: Mapping[Enum, Enum],
        *,
        bars: Iterable[Bar | None] = (),
        **more: Any,
    ) -> Action:
        """Return an action with the catalogue's figures; `bars` are what keeps it from being done, `more` further fields."""
        figures = self.figures[key]
        more.setdefault("chances", self.belief(key).tries(figures.tries))
        made = Action(key, kind, figures, conditions, dict(effects), **more)
        every = (*bars, *self.case.preferences.forbids(made))
        return replace(made, bars=tuple(bar for bar in every if bar is not None))

    def lacks(self, there: bool, words: str, effort: Effort = Effort.TOOL) -> Bar | None:
        """Return the bar that something is not there; None where it is."""
        return None if there else Bar(words, effort)
