"""Incremental capacity: how much charge a cell takes or gives per volt, and where that peaks.

The peaks tell a chemistry and how it ages; they need a slow run in one direction. Charge is counted in even bins of voltage,
smoothed by a Savitzky-Golay filter (Savitzky and Golay 1964).
"""

from __future__ import annotations

import numpy as np
from msgspec import Struct
from scipy.signal import find_peaks, savgol_filter

from daruma.core.cell.log import Floats

BIN = 0.005  # V
_WINDOW, _ORDER = 11, 3
_PROMINENT = 0.05  # of the highest peak
_SLOWEST_BINS = 3 * _WINDOW


class Incremental(Struct, frozen=True):
    """Hold charge per volt, mAh/V, at the middles of even bins of voltage, V (n), and the voltages of its peaks."""

    volts: Floats
    per_volt: Floats
    peaks: tuple[float, ...]

    @property
    def area(self) -> float:
        """Return the charge below the curve, mAh."""
        return float(self.per_volt.sum() * BIN)


def incremental(t: Floats, v: Floats, a: Floats) -> Incremental | None:
    """Return the incremental capacity of a run: times (s), volts, amperes (n); None where it spans too little voltage.

    Only the direction in which most charge flows counts.
    """
    dt, flow = np.diff(t), 0.5 * (a[1:] + a[:-1])
    charge = np.abs(flow) * dt / 3.6
    way = 1.0 if float((flow * dt).sum()) >= 0 else -1.0
    use = way * flow > 0
    middle = 0.5 * (v[1:] + v[:-1])
    if not use.any() or float(np.ptp(middle[use])) < _SLOWEST_BINS * BIN:
        return None
    first = float(np.floor(middle[use].min() / BIN)) * BIN
    bins = int(np.ceil((middle[use].max() - first) / BIN)) + 1
    counted, edges = np.histogram(middle[use], bins=bins, range=(first, first + bins * BIN), weights=charge[use])
    smooth = savgol_filter(counted / BIN, _WINDOW, _ORDER)
    volts = 0.5 * (edges[1:] + edges[:-1])
    places, _ = find_peaks(smooth, prominence=_PROMINENT * float(smooth.max()))
    return Incremental(volts, smooth, tuple(volts[places].tolist()))
