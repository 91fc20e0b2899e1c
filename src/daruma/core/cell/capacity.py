"""The capacity of a cell from a log: what flowed between two states of charge that are known, and how well they are known.

Capacity is what a cell gives from its full voltage to its empty one, both at rest: Q = (charge that flowed) / (s1 - s2). Where
no chemistry is named, only a run from full to empty says it (`full_run`).
"""

from __future__ import annotations

import numpy as np
from msgspec import Struct

from daruma.core.cell.amount import Capacity, Method
from daruma.core.cell.chemistry import WARM, Chemistry
from daruma.core.cell.log import GAIN, Floats, current_steps, offset_of, unseen
from daruma.core.cell.rests import LEAST, Above, above_mean, rest_volts

VOLTS = 0.002  # V, the meter's zero (standard uncertainty)
_QUIET = 0.01  # of the largest current: less is a rest
_SWING = 0.15  # of the charge: less between two rests says too little
_FULL_SWING = 0.9  # of the charge: more is a full run
_LOADED = 0.2  # of the voltage under load: standard uncertainty of its drop where no step was measured (ours)


class Anchor(Struct, frozen=True):
    """Hold a moment at which the state of charge is known: index of the sample, state, standard uncertainty of it without what
    both ends share, and by how much the state rises with the meter's volts (1/V).

    `branch_u` is the uncertainty of how far the cell stands off the mean of its curves, V: positive after charging, negative
    after discharging, since it is the same cell's at both ends.
    """

    at: int
    state: float
    u: float
    per_volt: float
    branch_u: float = 0.0


class Flow(Struct, frozen=True):
    """Hold the charge up to each sample (mAh), the uncertainty of the meter's zero (A), and the variance of what may have flowed
    in gaps up to each sample (mAh squared).
    """

    mah: Floats
    zero: float
    lost: Floats


def best_capacity(t: Floats, v: Floats, a: Floats, cell: Chemistry, celsius: float = WARM) -> Capacity | None:
    """Return the capacity that a log supports best: times (s), volts, amperes with charging positive; None where none does."""
    return best_of(t, flow_of(t, a), [*rests_of(t, v, a, cell, celsius), *_ends(t, v, a, cell, celsius)])


def best_of(t: Floats, flow: Flow, anchors: list[Anchor]) -> Capacity | None:
    """Return the capacity by the two anchors that say it best; None where no two do."""
    pairs = (capacity_between(t, flow, one, two) for i, one in enumerate(anchors) for two in anchors[i + 1 :])
    return min((each for each in pairs if each is not None), key=lambda each: each.u / each.mah, default=None)


def capacity_between(t: Floats, flow: Flow, one: Anchor, two: Anchor) -> Capacity | None:
    """Return the capacity by two anchors, None where they lie too near to each other."""
    swing = abs(one.state - two.state)
    moved = abs(float(flow.mah[one.at] - flow.mah[two.at]))
    if swing < _SWING or not moved:
        return None
    lasted = abs(float(t[one.at] - t[two.at]))
    # what the meter's zero and gain do to both states at once leaves only their difference
    shared = VOLTS * (one.per_volt - two.per_volt)
    branches = one.per_volt * one.branch_u - two.per_volt * two.branch_u
    states = float(np.sqrt(one.u**2 + two.u**2 + shared**2 + branches**2))
    lost = abs(float(flow.lost[one.at] - flow.lost[two.at]))
    mah = moved / swing
    u = mah * float(np.sqrt(GAIN**2 + (flow.zero * lasted / 3.6 / moved) ** 2 + (states / swing) ** 2 + lost / moved**2))
    return Capacity(mah, u, Method.FULL if swing >= _FULL_SWING else Method.RESTS, swing)


def rests_of(t: Floats, v: Floats, a: Floats, cell: Chemistry, celsius: float = WARM, least: float = LEAST) -> list[Anchor]:
    """Return the rests of a log as anchors: their voltage is extrapolated to where it comes to rest."""
    quiet = np.abs(a) <= max(_QUIET * float(np.abs(a).max(initial=0.0)), 1e-9)
    edges = np.flatnonzero(np.diff(np.concatenate(([0], quiet.astype(np.int8), [0]))))
    found = []
    for start, end in zip(edges[::2].tolist(), edges[1::2].tolist(), strict=True):
        if end - start < 6 or t[end - 1] - t[start] < least:
            continue
        rest = rest_volts(t[start + 1 : end], v[start + 1 : end])
        # a log that begins with a rest does not say which branch the cell is on
        branch = float(np.sign(a[start - 1])) if start else 0.0
        above = above_mean(branch, float(t[end - 1] - t[start]))
        found.append(anchor_of(end - 1, rest.volts, rest.u, cell, celsius, above))
    return found


def anchor_of(at: int, volts: float, u: float, cell: Chemistry, celsius: float, above: Above) -> Anchor:
    """Return an anchor from open-circuit volts with their own standard uncertainty, the cell's being added, and how far it stands
    above the mean of its curves.
    """
    state = float(cell.state(volts - above.volts, celsius))
    per_volt = 1.0 / cell.slope(state)
    warm = cell.kelvin * 0.3 * abs(celsius - WARM)  # the cell's own coefficient is known to about a third (ours)
    own = float(np.sqrt(u**2 + above.u**2 + cell.volts_u**2 + warm**2))
    return Anchor(at, state, per_volt * own, per_volt, above.branch_u)


def loaded_anchor(at: int, v: Floats, a: Floats, ohm: float, ohm_u: float, cell: Chemistry, celsius: float = WARM) -> Anchor:
    """Return an anchor from a sample under load: its drop over the resistance is taken off, and the branch that it is on."""
    above = above_mean(float(np.sign(a[at])), 0.0)
    return anchor_of(at, float(v[at] - a[at] * ohm), abs(float(a[at])) * ohm_u, cell, celsius, above)


def resistance_of(t: Floats, v: Floats, a: Floats, until: int | None = None) -> tuple[float, float] | None:
    """Return the slow resistance of a log's newest steps and its standard uncertainty, ohm; None where it has no step."""
    late = [step.late_ohm for step in current_steps(t[:until], v[:until], a[:until]) if step.late_ohm and step.late_ohm > 0]
    if not late:
        return None
    newest = late[-3:]
    return float(np.mean(newest)), max(float(np.std(newest)), 0.1 * float(np.mean(newest)))


def flow_of(t: Floats, a: Floats) -> Flow:
    """Return what flowed up to each sample, with the zero that the rests show taken off, and what is left of its doubt."""
    zero = offset_of(a)
    resting = np.abs(a) < max(_QUIET * float(np.abs(a).max(initial=0.0)), 1e-9)
    found = 0.0
    if resting.sum() >= 20:
        found = float(np.mean(a[resting]))
        if abs(found) > 5 * zero:
            found = 0.0
        else:
            zero = max(float(np.std(a[resting])) / float(np.sqrt(resting.sum())), 0.1 * zero)
    corrected = a - found
    flowed = np.concatenate(([0.0], np.cumsum(0.5 * np.diff(t) * (corrected[1:] + corrected[:-1])))) / 3.6
    return Flow(flowed, zero, unseen(t, a))


def _ends(t: Floats, v: Floats, a: Floats, cell: Chemistry, celsius: float) -> list[Anchor]:
    """Return the anchors where a discharge came to the empty voltage, or a charge to the full one and a small current."""
    drop = resistance_of(t, v, a)
    largest = float(np.abs(a).max(initial=0.0))
    found = []
    # the log is cut where it comes to the empty voltage: what flows below is no capacity
    low = next((int(at) for at in np.flatnonzero((v <= cell.empty + 0.02) & (a < 0))[:1]), None)
    if low is not None:
        ohm, u = drop or (_LOADED * 0.5, _LOADED * 0.25)
        found.append(loaded_anchor(low, v, a, ohm, u, cell, celsius))
    full = np.flatnonzero((v >= cell.full - 0.02) & (a > 0) & (a < 0.12 * largest))
    if len(full):
        ohm, u = drop or (_LOADED * 0.5, _LOADED * 0.25)
        found.append(loaded_anchor(int(full[-1]), v, a, ohm, u, cell, celsius))
    return found
