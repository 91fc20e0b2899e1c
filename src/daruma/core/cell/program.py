"""The guided test of a cell: rest, charge, rest, discharge, rest; it stops as soon as enough is known.

What to do next follows from the log alone, so that a test goes on wherever it was left: after a closed window, a crash or a
pulled cable the same samples give the same answer.
"""

from __future__ import annotations

from enum import Enum

import numpy as np
from msgspec import Struct
from msgspec.structs import replace

from daruma.core.cell.amount import Capacity
from daruma.core.cell.capacity import (
    Anchor,
    best_of,
    capacity_between,
    flow_of,
    loaded_anchor,
    resistance_of,
    rests_of,
)
from daruma.core.cell.chemistry import WARM, Chemistry
from daruma.core.cell.deciding import CLAIM, WANTED, Belief, CellOrigin, Decision, belief, decided
from daruma.core.cell.log import Floats
from daruma.core.language import tr, word

REST = 600.0  # seconds that a rest lasts before it counts
CHARGE_RATE, DISCHARGE_RATE = 0.5, 0.2  # of the rated capacity per hour
TAPER = 0.05  # of the rated capacity per hour: the charge ends below it
HOT, WARMER = 45.0, 8.0  # degrees Celsius, and above the room: common practice, no source
COOLEST, WARMEST = 15.0, 35.0  # degrees Celsius between which the curves are good
UNSAFE = 2.5  # V: below it a cell is not charged (common practice, no source)
_TOO_MUCH = 2.0  # of the rated capacity, one way: no test moves more than it once
_ABOVE = 0.06  # V above the full voltage that the meter may see
_RETRY = 0.06  # of the charge that moves before the next rest is tried
_REST_U = 0.001  # V that a rest of the usual length is good for: what is forecast before it is taken
_DROP = 0.3  # of a resistance that was not measured
_QUIET = 0.01  # A: less may be the meter's zero


class Stage(Enum):
    """Name a stage of the test."""

    REST = "rest"
    CHARGE = "charge"
    DISCHARGE = "discharge"
    DONE = "done"
    STOPPED = "stopped"


class Samples(Struct, frozen=True):
    """Hold a test's log: times (s), volts, amperes with charging positive, degrees Celsius, all (n); the room's degrees."""

    t: Floats
    v: Floats
    a: Floats
    celsius: Floats
    room: float = WARM


class Order(Struct, frozen=True):
    """Hold what is to be done next: the stage, amperes (charging positive), the voltage that it ends at; why, in words."""

    stage: Stage
    amperes: float = 0.0
    volts: float = 0.0
    why: str = ""


class Standing(Struct, frozen=True):
    """Hold how a test stands: what to do next, what is believed, what that decides, seconds still expected at most."""

    order: Order
    belief: Belief
    decision: Decision
    left: float
    measured: Capacity | None = None


class CellTest(Struct, frozen=True):
    """Hold what a test is about: chemistry, rated capacity (mAh), origin; claim and wanted uncertainty in percent."""

    cell: Chemistry
    rated: float
    origin: CellOrigin = CellOrigin.UNKNOWN
    claim: float = CLAIM
    wanted: float = WANTED
    whole: bool = False  # go on to the empty voltage whatever is known before

    @property
    def amperes(self) -> tuple[float, float]:
        """Return the charging and the discharging current, A."""
        return CHARGE_RATE * self.rated / 1000, DISCHARGE_RATE * self.rated / 1000


def standing(test: CellTest, log: Samples) -> Standing:
    """Return how a test stands by its samples, and what to do next."""
    measured = measured_so_far(test, log)
    found = belief(test.origin, test.rated, measured)
    decision = decided(found.capacity, test.rated, test.claim, test.wanted)
    danger = danger_in(test, log)
    if danger:
        return Standing(Order(Stage.STOPPED, why=danger), found, decision, 0.0, measured)
    order = _next(test, log, decision)
    return Standing(order, found, decision, seconds_left(test, log, order), measured)


def danger_in(test: CellTest, log: Samples) -> str:
    """Return what is dangerous about the newest sample or cannot be of the whole log, and what to do; empty where nothing is."""
    if not len(log.t):
        return ""
    volts, celsius = float(log.v[-1]), float(log.celsius[-1])
    if celsius > HOT:
        return tr(
            "The cell is at {celsius:.0f} °C. Take it off, carry it to a fire-proof place, leave it there.", celsius=celsius
        )
    if celsius > log.room + WARMER:
        warm = tr("The cell is {celsius:.0f} K above the room: it is not sound.", celsius=celsius - log.room)
        return tr("{warm} Take it off, let it cool on a fire-proof base.", warm=warm)
    if volts < UNSAFE:
        return tr(
            "The cell is at {volts:.2f} V, below {unsafe} V: it is not charged any more. Dispose of it by the local rules.",
            volts=volts,
            unsafe=UNSAFE,
        )
    if volts > test.cell.full + _ABOVE:
        return tr(
            "The cell is at {volts:.2f} V, above its full {full:.2f} V: is the chemistry right? Take it off.",
            volts=volts,
            full=test.cell.full,
        )
    moved = max(abs(float(np.trapezoid(way, log.t))) / 3.6 for way in (log.a.clip(min=0.0), log.a.clip(max=0.0)))
    if moved > _TOO_MUCH * test.rated:
        return tr(
            "{moved:.0f} mAh went through a cell that is rated {rated:.0f} mAh: that cannot be. Take it off, check the station.",
            moved=moved,
            rated=test.rated,
        )
    return ""


def measured_so_far(test: CellTest, log: Samples) -> Capacity | None:
    """Return the capacity by the rests and the empty end of a log; None where they are not far enough apart."""
    if len(log.t) < 8:
        return None
    return best_of(log.t, flow_of(log.t, log.a), _anchors(test, log))


def forecast(test: CellTest, log: Samples) -> Capacity | None:
    """Return the capacity that a rest at this moment would show: by the voltage under load, as good as a rest is."""
    anchors = _anchors(test, log)
    if not anchors:
        return None
    flow = flow_of(log.t, log.a)
    found = resistance_of(log.t, log.v, log.a)
    ohm, _ = found or (_DROP, 0.0)
    celsius = float(np.median(log.celsius))
    now = loaded_anchor(len(log.t) - 1, log.v, log.a, ohm, 0.0, test.cell, celsius)
    now = replace(now, u=float(np.hypot(now.u, _REST_U * now.per_volt)))
    pairs = (capacity_between(log.t, flow, one, now) for one in anchors)
    return min((each for each in pairs if each is not None), key=lambda each: each.u / each.mah, default=None)


def _anchors(test: CellTest, log: Samples) -> list[Anchor]:
    celsius = float(np.median(log.celsius)) if len(log.t) else WARM
    rests = rests_of(log.t, log.v, log.a, test.cell, celsius, least=0.9 * REST)
    low = int(np.argmin(log.v))
    found = resistance_of(log.t, log.v, log.a)
    if log.v[low] <= test.cell.empty + 0.01 and log.a[low] < 0 and found:
        rests.append(loaded_anchor(low, log.v, log.a, *found, test.cell, celsius))
    return rests


def _next(test: CellTest, log: Samples, decision: Decision) -> Order:
    charging, discharging = test.amperes
    cell = test.cell
    if not len(log.t):
        return Order(Stage.REST, why=tr("The first rest shows where it stands."))
    mode, since = _mode(log)
    lasted = float(log.t[-1] - log.t[since])
    if mode == 0:
        return _after_rest(test, log, decision, lasted)
    if mode > 0:
        if log.v[-1] >= cell.full - 0.01 and log.a[-1] <= TAPER * test.rated / 1000:
            return Order(Stage.REST, why=tr("Full: it rests."))
        if _worth_a_rest(test, log, since):
            return Order(Stage.REST, why=tr("What flowed so far may be enough: it rests, then that is seen."))
        return Order(Stage.CHARGE, charging, cell.full, tr("It charges."))
    if log.v[-1] <= cell.empty:
        return Order(Stage.REST, why=tr("Empty: a last rest."))
    if _worth_a_rest(test, log, since):
        return Order(Stage.REST, why=tr("What flowed so far may be enough: it rests, then that is seen."))
    return Order(Stage.DISCHARGE, -discharging, cell.empty, tr("It discharges."))


def _after_rest(test: CellTest, log: Samples, decision: Decision, lasted: float) -> Order:
    charging, discharging = test.amperes
    ended_full, ended_empty = _was_full(test, log), bool(log.v.min() <= test.cell.empty)
    if lasted < REST:
        return Order(Stage.REST, why=tr("It rests."))
    if ended_empty:
        return Order(Stage.DONE, why=tr("It was discharged to the end."))
    if decision is not Decision.OPEN and not test.whole:
        return Order(Stage.DONE, why=tr("Enough is known: {decision}.", decision=word(decision)))
    if not ended_full and not _discharged(log):
        return Order(Stage.CHARGE, charging, test.cell.full, tr("It charges."))
    return Order(Stage.DISCHARGE, -discharging, test.cell.empty, tr("It discharges."))


def _mode(log: Samples) -> tuple[int, int]:
    """Return whether it charges (1), rests (0) or discharges (-1) now, and the sample since which it does."""
    signs = np.where(np.abs(log.a) <= _QUIET, 0, np.sign(log.a))
    changes = np.flatnonzero(signs != signs[-1])
    return int(signs[-1]), int(changes[-1]) + 1 if len(changes) else 0


def _was_full(test: CellTest, log: Samples) -> bool:
    return bool(((log.v >= test.cell.full - 0.012) & (log.a <= 1.2 * TAPER * test.rated / 1000) & (log.a > 0)).any())


def _discharged(log: Samples) -> bool:
    return bool((log.a < -_QUIET).any())


def _worth_a_rest(test: CellTest, log: Samples, since: int) -> bool:
    """Return whether a rest now would probably decide, and enough has flowed since the last one."""
    if test.whole:
        return False
    moved = abs(float(np.trapezoid(log.a[since:], log.t[since:]))) / 3.6
    if moved < _RETRY * test.rated:
        return False
    expected = forecast(test, log)
    if expected is None:
        return False
    return decided(belief(test.origin, test.rated, expected).capacity, test.rated, test.claim, test.wanted) is not Decision.OPEN


def seconds_left(test: CellTest, log: Samples, order: Order) -> float:
    """Return how long a test still takes at most, s: to the empty end, by what is believed of the cell."""
    if order.stage in (Stage.DONE, Stage.STOPPED):
        return 0.0
    charging, discharging = test.amperes
    whole = belief(test.origin, test.rated, None).capacity.high / 1000 * 3600
    state = float(test.cell.state(log.v[-1])) if len(log.t) else 0.5
    down = whole * state / discharging + REST
    if _discharged(log) or order.stage is Stage.DISCHARGE:
        return down
    up = 0.0 if _was_full(test, log) else whole * (1 - state) / charging + 1800.0
    return up + REST + whole / discharging + REST
