"""A cell's open-circuit voltage by its state of charge, and back."""

from __future__ import annotations

from functools import cache

import numpy as np
from msgspec import Struct

from daruma.core.cell.log import Floats

WARM = 25.0  # degrees Celsius that the curves hold at
_FINE = 4001  # points of the curve between which it is straight


class Chemistry(Struct, frozen=True):
    """Hold a chemistry: volts of its open circuit by state of charge (0 empty, 1 full), how far a single cell lies off them
    (standard uncertainty, V), V per K, ohm x Ah of a sound cell.
    """

    key: str
    name: str
    full: float
    empty: float
    charge: tuple[float, ...]
    volts: tuple[float, ...]
    volts_u: float
    kelvin: float
    resistance: tuple[float, float]

    def open_volts(self, state: float | Floats, celsius: float = WARM) -> Floats:
        """Return open-circuit volts at states of charge (any shape)."""
        states, volts = _curve(self)
        found: Floats = np.interp(np.asarray(state, dtype=float), states, volts) + self.kelvin * (celsius - WARM)
        return found

    def state(self, volts: float | Floats, celsius: float = WARM) -> Floats:
        """Return states of charge at open-circuit volts (any shape): 0 below the empty cell's, 1 above the full one's."""
        states, curve = _curve(self)
        found: Floats = np.interp(np.asarray(volts, dtype=float) - self.kelvin * (celsius - WARM), curve, states)
        return found

    def slope(self, state: float) -> float:
        """Return by how many volts the curve rises per state of charge: over 0.02 of it, as no measurement sees less."""
        low, high = max(0.0, state - 0.01), min(1.0, state + 0.01)
        return float(self.open_volts(high) - self.open_volts(low)) / (high - low)


@cache
def _curve(cell: Chemistry) -> tuple[Floats, Floats]:
    states = np.linspace(0.0, 1.0, _FINE)
    from scipy.interpolate import PchipInterpolator  # slow to import, and needed only where a cell was measured

    return states, PchipInterpolator(cell.charge, cell.volts)(states)
