"""A simulated cell: open circuit by its chemistry, one resistance and one resistance with a capacitor, heat, self-discharge."""

from __future__ import annotations

import random
from math import exp, pi, sin

from msgspec import Struct, field

from daruma.core.cell.chemistry import Chemistry

_LONGEST = 10.0  # seconds that are simulated at once
_TURNS = 0.03  # of the charge that moves before a cell has gone half-way from one curve to the other
_HEAT = 45.0  # J/K of a cell
_ABOVE, _BELOW = 1.5, 15.0  # V per state of charge above the full and below the empty end
_COOLING = 900.0  # seconds: its time constant to the room


class Cell(Struct):
    """Hold a cell's hidden state: capacity (mAh), state of charge, ohms, seconds, mA that it loses by itself, degrees Celsius.

    `hysteresis` is V between its charged and its discharged curve, `branch` where it is between them (1 charged, -1 discharged).
    `seed` makes its own small departure from the chemistry's curve; `hot` is heat of a fault, W.
    """

    mah: float
    state: float = 0.5
    ohm: float = 0.05
    slow_ohm: float = 0.03
    tau: float = 45.0
    leak: float = 0.2
    celsius: float = 25.0
    seed: int = 0
    hot: float = 0.0
    slow_volts: float = 0.0
    hysteresis: float = 0.008
    branch: float = -1.0
    waves: tuple[tuple[float, float], ...] = field(default=())

    def __post_init__(self) -> None:
        """Draw the cell's own departure from its curve."""
        rng = random.Random(f"cell/{self.seed}")
        self.waves = tuple((rng.gauss(0, 1), rng.uniform(0, 2 * pi)) for _ in range(3))

    def open_volts(self, chemistry: Chemistry) -> float:
        """Return its own open-circuit voltage at this moment."""
        off = sum(size * sin(2 * pi * (n + 1) * 0.5 * self.state + phase) for n, (size, phase) in enumerate(self.waves))
        own: float = chemistry.volts_u * off * (2 / 3) ** 0.5
        # beyond both ends the curve goes on steeply: a cell is neither filled nor emptied further without being noticed
        beyond = _ABOVE * max(0.0, self.state - 1.0) + _BELOW * min(0.0, self.state)
        between = 0.5 * self.hysteresis * self.branch
        return float(chemistry.open_volts(self.state, self.celsius)) + own + beyond + between

    def run(self, chemistry: Chemistry, amperes: float, seconds: float, room: float) -> float:
        """Let a current flow (charging positive) for a time, return the volts at its ends."""
        while seconds > 0:
            step = min(seconds, _LONGEST)
            seconds -= step
            cold = 1 + 0.015 * max(0.0, 25.0 - self.celsius)
            ohm, slow = self._ohm() * cold, self.slow_ohm * cold
            moved = (amperes * 1000 - self.leak) * step / 3600 / self.mah
            self.state += moved
            self.branch = min(1.0, max(-1.0, self.branch + moved / _TURNS))
            keep = exp(-step / self.tau)
            self.slow_volts = self.slow_volts * keep + amperes * slow * (1 - keep)
            heat = amperes * amperes * (ohm + slow) + (self.hot if amperes else 0.0)
            balance = room + heat * _COOLING / _HEAT
            self.celsius = balance + (self.celsius - balance) * exp(-step / _COOLING)
        return self.volts(chemistry, amperes)

    def volts(self, chemistry: Chemistry, amperes: float) -> float:
        """Return the volts at its ends with a current."""
        return self.open_volts(chemistry) + amperes * self._ohm() + self.slow_volts

    def _ohm(self) -> float:
        return self.ohm * (1 + 0.8 * exp(-max(self.state, 0.0) / 0.06))
