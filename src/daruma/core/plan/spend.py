"""Spend a write on it? What tuning a panel would bring against what the write risks, in the shop's own money."""

from __future__ import annotations

from enum import Enum
from typing import TYPE_CHECKING

from msgspec import Struct

from daruma.core.language import tr
from daruma.core.plan.odds import WriteLife

if TYPE_CHECKING:
    from daruma.core.colour.tuning import Tuning


class Spend(Enum):
    """Name the answers."""

    YES = "worth a write"
    NOT_NEEDED = "not needed"
    NO = "not worth a write"
    CANNOT = "no write left"


class Stakes(Struct, frozen=True):
    """Hold what the answer weighs: the belief about the panel's next writes, and money.

    `kills` is the chance that a write to a spent panel kills it, `panel` what it cost, `worth` what a right white is
    worth, `kept` what the promises that hold already are worth, `work` what opening, writing and fitting again cost.
    """

    life: WriteLife
    kills: float
    panel: float
    worth: float
    kept: float
    work: float
    minutes: float


class SpendAdvice(Struct, frozen=True):
    """Hold the answer with its reasons.

    `before` and `after` are the chances that white and greys are within `tolerance` (dE00), `odds` that the panel takes
    the write, `ruin` that it dies of it; `gain` and `risk` are expected money, the work left out.
    """

    kind: Spend
    tolerance: float
    before: float
    after: float
    odds: float
    ruin: float
    gain: float
    risk: float
    work: float
    sentence: str


def advise_write(tuning: Tuning, stakes: Stakes, tolerance: float) -> SpendAdvice:
    """Weigh one write for a tuned record against leaving the panel as it is."""
    before = tuning.before.chance(tolerance) if tuning.before is not None else 0.0
    after = tuning.after.chance(tolerance)
    odds = stakes.life.next_odds()
    ruin = stakes.kills * stakes.life.spent()
    gain = odds * (after - before) * stakes.worth
    risk = ruin * (stakes.panel + stakes.kept)
    kind = _kind(tuning, odds, before, gain - risk - stakes.work)
    sentence = _sentence(kind, stakes, tolerance, (before, after, odds, gain - risk - stakes.work))
    return SpendAdvice(kind, tolerance, before, after, odds, ruin, gain, risk, stakes.work, sentence)


def _kind(tuning: Tuning, odds: float, before: float, balance: float) -> Spend:
    if before >= 0.95 or not tuning.helps:
        return Spend.NOT_NEEDED
    if odds <= 0:
        return Spend.CANNOT
    return Spend.YES if balance > 0 else Spend.NO


def _sentence(kind: Spend, stakes: Stakes, tolerance: float, numbers: tuple[float, float, float, float]) -> str:
    before, after, odds, balance = numbers
    within = tr("white and greys within ΔE00 {tolerance:.1f}", tolerance=tolerance)
    match kind:
        case Spend.YES:
            return tr(
                "Worth a write: {within} with {percent}, now {percent_2}. The panel takes the write with "
                "{percent_3}; it costs {minutes:.0f} minutes and gains {balance:.0f} of the shop's money on "
                "balance.",
                within=within,
                percent=_percent(after),
                percent_2=_percent(before),
                percent_3=_percent(odds),
                minutes=stakes.minutes,
                balance=balance,
            )
        case Spend.NOT_NEEDED if before >= 0.95:
            return tr("Not needed: {within} already, with {percent}.", within=within, percent=_percent(before))
        case Spend.NOT_NEEDED:
            return tr("Not needed: tuning would change less than the measurement is sure of.")
        case Spend.CANNOT:
            return tr("The panel takes no write any more: fit another one, or hand it over as it is.")
        case Spend.NO:
            return tr(
                "Not worth a write: {within} with {percent}, now {percent_2}, but the panel takes it only "
                "with {percent_3} and it would cost {balance:.0f} on balance.",
                within=within,
                percent=_percent(after),
                percent_2=_percent(before),
                percent_3=_percent(odds),
                balance=-balance,
            )


def _percent(share: float) -> str:
    return f"{100 * share:.0f} %"
