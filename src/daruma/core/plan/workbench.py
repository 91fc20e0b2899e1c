"""Build actions: figures from the catalogue, chances from them and the shop's record, what the shop rules out."""

from collections.abc import Iterable, Mapping
from enum import Enum
from typing import Any

from msgspec import Struct, field
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action, ActionFigures, Bar, Effort, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.odds import Beta
from daruma.core.plan.state import Needs, Val, Var, needs

OPEN = needs(Var.PHONE, Val.OPEN, otherwise=tr("the phone must be open"))
FITTED = needs(Var.PHONE, Val.FITTED, otherwise=tr("the display must be fitted"))
RUNS_CLOSED = (
    needs(Var.PHONE, Val.ASSEMBLED, otherwise=tr("the phone must be as it came")),
    needs(Var.RUNS, Val.YES, otherwise=tr("the phone does not start")),
    needs(Var.TRUST, Val.YES, otherwise=tr("the phone's owner has not confirmed trust")),
)
ON_TRIAL = needs(Var.PHONE, Val.ON_TRIAL, otherwise=tr("a panel must be connected for a trial"))
BOARD_IN = needs(Var.BOARD, Val.BOUND, Val.UNBOUND, Val.READ_OUT, otherwise=tr("the memory is off the board"))
# one thing at a time: a board that was unbound is read out before anything else is begun
BOARD_RESTS = needs(Var.BOARD, Val.BOUND, Val.READ_OUT, otherwise=tr("the unbound board is to be read out first"), order=True)


class Fitting(Struct, frozen=True):
    """Hold one way to close the phone: with which part, at which price, and what a failure ruins."""

    variant: str = ""
    conditions: tuple[Needs, ...] = ()
    effects: Mapping[Enum, Enum] = field(default_factory=dict)
    ruined: Mapping[Enum, Enum] = field(default_factory=dict)
    cost: float = 0.0
    stake: float = 0.0
    counts_with: str = ""


class Around(Struct, frozen=True):
    """Hold what the parts on the table ask of work that is not their own.

    `clear`: nothing of theirs lies on the programmer; `rests`: none of them is half done; `closes`: what must be so before
    the phone is closed. `first` and `untouched` are by kind: what keeps work of others before its own. `screens` are what
    makes the phone light up on a trial, `own` what says that a part is still the phone's own, `reopened` what opening the
    phone again changes, `fittings` the ways to close it; `pending` is by kind what leaves every other part unfinished.
    """

    clear: tuple[Needs, ...] = ()
    rests: tuple[Needs, ...] = ()
    closes: tuple[Needs, ...] = ()
    first: Mapping[PartKind, tuple[Needs, ...]] = field(default_factory=dict)
    untouched: Mapping[PartKind, tuple[Needs, ...]] = field(default_factory=dict)
    screens: Mapping[str, tuple[Needs, ...]] = field(default_factory=dict)
    own: Mapping[PartKind, tuple[Needs, ...]] = field(default_factory=dict)
    reopened: Mapping[Enum, Enum] = field(default_factory=dict)
    fittings: tuple[Fitting, ...] = ()
    pending: Mapping[PartKind, tuple[Needs, ...]] = field(default_factory=dict)


class Workbench(Struct, frozen=True):
    """Carry case and figures to the places where actions are made."""

    case: Case
    figures: Mapping[str, ActionFigures]
    traits: Mapping[str, Trait] = field(default_factory=dict)
    around: Around = Around()

    def belief(self, key: str) -> Beta:
        """Return what is believed about the chance that a try of an action succeeds."""
        return self.case.record.belief(key, self.figures[key].chance)

    def action(
        self,
        key: str,
        conditions: tuple[Needs, ...],
        effects: Mapping[Enum, Enum],
        *,
        bars: Iterable[Bar | None] = (),
        **more: Any,
    ) -> Action:
        """Return an action with the catalogue's figures; `bars` are what keeps it from being done, `more` further fields."""
        figures = self.figures[key]
        more.setdefault("chances", self.belief(key).tries(figures.tries))
        made = Action(key, figures, conditions, dict(effects), trait=self.traits.get(key, Trait()), **more)
        every = (*bars, *self.case.preferences.forbids(made))
        return replace(made, bars=tuple(bar for bar in every if bar is not None))

    def lacks(self, there: bool, words: str, effort: Effort = Effort.TOOL) -> Bar | None:
        """Return the bar that something is not there; None where it is."""
        return None if there else Bar(words, effort)
