"""What a part's temperature will be in the coming seconds, and which limit that crosses.

A part beside hot air is a first-order body: T(t) = T_end + (T_now - T_end) exp(-t / tau). T_end and tau are fitted to the last
seconds of the trace; for each tau the other two are a linear fit. Where the trace says nothing of tau a straight line is taken.
"""

from __future__ import annotations

import numpy as np
from msgspec import Struct

from daruma.core.heat.trace import Floats, HeatLimits
from daruma.core.language import figures, tr

AHEAD = 20.0  # seconds that are forecast
FITTED = 12.0  # seconds of the trace that the fit rests on
FEWEST = 6  # readings of it
_TAUS = np.geomspace(3.0, 400.0, 40)
_STEP = 0.5
_MOST = 1000.0  # degrees Celsius that nothing here reaches


class Forecast(Struct, frozen=True):
    """Hold times from the newest reading on (s), degrees Celsius expected and their standard uncertainty (n)."""

    t: Floats
    celsius: Floats
    u: Floats


class Crossing(Struct, frozen=True):
    """Hold that a limit will be crossed: in how many seconds, which temperature, whose limit it is."""

    seconds: float
    celsius: float
    what: str

    @property
    def words(self) -> str:
        """Return it in words."""
        return tr(
            "In {seconds:.0f} s it will be at {celsius:.0f} °C: {limit}",
            seconds=self.seconds,
            celsius=self.celsius,
            limit=self.what,
        )


def forecast(t: Floats, celsius: Floats) -> Forecast | None:
    """Return what is expected after the newest reading: times (s) that rise, degrees Celsius (n); None for too short a trace."""
    if not len(t):
        return None
    late = t >= t[-1] - FITTED
    since, seen = t[late] - t[-1], celsius[late]
    if len(since) < FEWEST or since[0] > -0.4 * FITTED:
        return None
    ahead = np.arange(_STEP, AHEAD + _STEP / 2, _STEP)
    found = [_fitted(since, seen, ahead, np.exp(-since / tau), np.exp(-ahead / tau)) for tau in _TAUS]
    found.append(_fitted(since, seen, ahead, since, ahead))
    errors = np.array([each[2] for each in found])
    # what fits about as well is believed as much: the spread of their forecasts is part of the doubt
    weights = np.exp(-0.5 * (errors - errors.min()) / max(errors.min() / max(1, len(since) - 3), 1e-9))
    weights /= weights.sum()
    means, spreads = (np.array([each[place] for each in found]) for place in (0, 1))
    mean = weights @ means
    u = np.sqrt(weights @ (spreads**2 + (means - mean) ** 2))
    return Forecast(ahead, np.clip(mean, -50.0, _MOST), u)


def _fitted(since: Floats, seen: Floats, ahead: Floats, shape: Floats, ahead_shape: Floats) -> tuple[Floats, Floats, float]:
    """Return the forecast by a constant and one shape, its standard uncertainty, and the squares that are left."""
    terms = np.column_stack((np.ones(len(since)), shape))
    solved, *_ = np.linalg.lstsq(terms, seen, rcond=None)
    left = float(((terms @ solved - seen) ** 2).sum())
    variance = max(left / max(1, len(since) - 3), 0.01)
    covariance = np.linalg.pinv(terms.T @ terms) * variance
    later = np.column_stack((np.ones(len(ahead)), ahead_shape))
    return later @ solved, np.sqrt(np.maximum(((later @ covariance) * later).sum(axis=1), 0.0)), left


def crossing(expected: Forecast, now: float, limits: HeatLimits) -> Crossing | None:
    """Return the first limit that the expected temperature rises through; None where it stays below them all."""
    ceilings = ((limits.peak_max, tr("hotter than this step allows")), (limits.part, tr("hotter than the part beside it stands")))
    found = []
    for limit, what in ceilings:
        if limit is None or now > limit:
            continue
        over = np.flatnonzero(expected.celsius > limit)
        if len(over):
            found.append(
                Crossing(
                    float(expected.t[over[0]]),
                    float(expected.celsius[over[0]]),
                    figures("{what} ({limit:g} °C)", what=what, limit=limit),
                )
            )
    return min(found, key=lambda each: each.seconds, default=None)
