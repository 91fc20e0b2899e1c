"""What a resting cell says: the voltage that it comes to rest at, and what it loses by itself."""

from __future__ import annotations

import numpy as np
from msgspec import Struct

from daruma.core.cell.log import Floats

_SLOWEST = 6.0  # times of the rest itself: slower relaxation looks like a straight line
_LEFT = 0.3  # of what is still extrapolated counts as its standard uncertainty (ours)
_TAUS = 60
# V: half the hysteresis, from 0 to 15 mV between the branches (common practice, no source), and what rests have left after the
# fit to an hour's relaxation of 8 mV at most (ours), each as mean and standard uncertainty
_HALF, _HALF_U, _HALF_U_UNKNOWN = 0.0042, 0.0030, 0.0050
_TAIL, _TAIL_U = 0.0035, 0.0035
LEAST = 60.0  # seconds that a rest lasts at least
LONG = 3600.0  # seconds after which a rest says something about self-discharge


class RestVolts(Struct, frozen=True):
    """Hold the voltage that a rest comes to, its standard uncertainty without the meter's, V, and the time constant, s."""

    volts: float
    u: float
    tau: float


class Above(Struct, frozen=True):
    """Hold by how much a resting cell stands above the mean of its charged and discharged curves, V: the standard uncertainty of
    this rest alone, and that of the cell's hysteresis and relaxation, with the sign of the branch.
    """

    volts: float
    u: float = 0.0
    branch_u: float = 0.0


def above_mean(branch: float, lasted: float) -> Above:
    """Return where a rest of so many seconds stands after charging (1), discharging (-1), or nobody knows what (0).

    A cell that was charged rests above the mean curve by half its hysteresis, and comes down in up to an hour, which a short
    rest does not show; a discharged one rests below it.
    """
    if not branch:
        return Above(0.0, u=_HALF_U_UNKNOWN)
    tail = float(np.exp(-lasted / LONG))
    return Above(branch * (_HALF + _TAIL * tail), branch_u=branch * float(np.hypot(_HALF_U, _TAIL_U * tail)))


def rest_volts(t: Floats, v: Floats) -> RestVolts:
    """Return where a rest's voltage comes to: an exponential fitted to times (s) and volts (n >= 4), extrapolated.

    The time constant is searched, voltage and amplitude follow by linear least squares (variable projection).
    """
    since, n = t - t[0], len(t)
    lasted = float(since[-1])
    taus = np.geomspace(max(lasted / 200, 1e-3), _SLOWEST * lasted, _TAUS)
    shapes = np.exp(-since / taus[:, None])
    mean, mean_v = shapes.mean(axis=1), float(v.mean())
    centred = shapes - mean[:, None]
    spread = np.maximum((centred**2).sum(axis=1), 1e-300)
    amplitude = centred @ (v - mean_v) / spread
    ends = mean_v - amplitude * mean
    errors = ((v - ends[:, None] - amplitude[:, None] * shapes) ** 2).sum(axis=1)
    best = int(np.argmin(errors))
    u = float(np.sqrt(errors[best] / max(n - 3, 1) * (1 / n + mean[best] ** 2 / spread[best])))
    last = float(np.median(v[-max(3, n // 20) :]))
    return RestVolts(float(ends[best]), float(np.hypot(u, _LEFT * abs(ends[best] - last))), float(taus[best]))


def self_discharge(t: Floats, v: Floats, volts_per_mah: float) -> tuple[float, float] | None:
    """Return the current that a resting cell loses by itself and its standard uncertainty, mA; None for too short a rest.

    The second half of the rest counts, a straight line through it. `volts_per_mah` is the slope of the cell's own curve.
    """
    if t[-1] - t[0] < LONG or volts_per_mah <= 0:
        return None
    late = t >= t[0] + 0.5 * (t[-1] - t[0])
    hours, volts = (t[late] - t[0]) / 3600, v[late]
    if len(hours) < 8:
        return None
    fit, cov = np.polyfit(hours, volts, 1, cov=True)
    return float(-fit[0] / volts_per_mah), float(np.sqrt(cov[0, 0]) / volts_per_mah)
