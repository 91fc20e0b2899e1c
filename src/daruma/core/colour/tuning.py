"""The calibration that makes this panel right, what it would change, and whether that is worth a write.

White point, gain matrix and tone curve follow from the panel's characterisation by inverting the way a phone drives
it (`drive`). What is predicted is what the panel would show with the values as the record rounds them, over panels
drawn from what the measurement leaves open (Monte Carlo, JCGM 101): so a prediction carries its uncertainty and is not
flattered by having been fitted to its own noise.
"""

from collections.abc import Callable

import numpy as np
import numpy.typing as npt
from msgspec import Struct
from msgspec.structs import replace

from daruma.core.colour.coordinates import chromaticity_xy
from daruma.core.colour.difference import delta_e_2000, xyz_to_lab
from daruma.core.colour.drive import boost, shown
from daruma.core.colour.panel import PanelModel, PanelReadings, characterise, rgb_matrix
from daruma.core.display import Calibration, DisplaySpec, Pair

Floats = npt.NDArray[np.float64]

GREYS = (0.15, 0.30, 0.45, 0.60, 0.75, 0.90)  # signal levels that are judged beside white (ours)
LEVELS = np.array([1.0, *GREYS])
DRAWS = 48  # panels drawn for a prediction
TONE_STEPS = 17
COVERAGE = 3.0  # of a change: a write cannot be taken back, so 1 of 370 is often enough to be wrong about it
MODEL = 0.1  # dE00, standard uncertainty of what the model leaves out: curves between measured levels, rounding (ours)
STRAY = 0.004  # cd/m2, standard uncertainty of what is left of stray light in a reading (ours)


class Instrument(Struct, frozen=True):
    """Hold a colorimeter's standard uncertainties for a mean of repeated readings.

    `systematic` is what repeating does not lower and all readings share, `random` what is left of the scatter; both
    relative, for each of X, Y, Z.
    """

    systematic: float
    random: float


class Prediction(Struct, frozen=True):
    """Hold dE00 of white and six greys, shape (7,): the expected ones, their 95 % limits, and the draws (draws, 7)."""

    expected: Floats
    high: Floats
    draws: Floats

    @property
    def white(self) -> float:
        """Return the expected dE00 of white."""
        return float(self.expected[0])

    @property
    def worst(self) -> float:
        """Return the largest expected dE00."""
        return float(self.expected.max())

    def chance(self, tolerance: float) -> float:
        """Return the probability that white and all greys are within a tolerance in dE00."""
        return float(np.mean(self.draws.max(axis=1) <= tolerance))


class Tuning(Struct, frozen=True):
    """Hold a tuned calibration as the record would carry it, with what the panel shows before and after.

    `before` is None where the panel carries no calibration. `uncertainty` is the expanded one (k = 3) of the change of
    each dE00, shape (7,).
    """

    calibration: Calibration
    before: Prediction | None
    after: Prediction
    uncertainty: Floats

    @property
    def gain(self) -> float:
        """Return by how much the largest expected dE00 falls; infinite where there is nothing before."""
        return float("inf") if self.before is None else self.before.worst - self.after.worst

    @property
    def helps(self) -> bool:
        """Return whether it makes the panel better by more than the uncertainty of saying so."""
        return self.before is None or self.gain > float(self.uncertainty.max())


def tuned(panel: PanelModel, spec: DisplaySpec, white_xy: Pair, curves: int = 1) -> Calibration:
    """Return the calibration that makes a panel, characterised at the test luminance, show what the model wants.

    `white_xy` is the model's white without any light; `curves` is 1 for a tone curve that the channels share and 3 for
    one each. Luminances to ask for are raised by what the panel gives too little.
    """
    full = panel.matrix.sum(axis=1)
    white = chromaticity_xy(full)
    reference = rgb_matrix(spec.primaries_xy, (float(white[0]), float(white[1])))
    gains = np.linalg.solve(panel.matrix / full[1], reference)
    tone = _tone(panel, spec, curves)
    made = Calibration((float(white[0]), float(white[1])), tuple(map(float, gains.ravel())), tone, spec.brightness)
    given = luminance_of(panel, made, spec, white_xy) / spec.test_luminance
    if not given > 0:
        raise ValueError("the panel shows no white")
    return replace(made, brightness=tuple((lux, luminance / given) for lux, luminance in spec.brightness))


def luminance_of(panel: PanelModel, calibration: Calibration, spec: DisplaySpec, white_xy: Pair) -> float:
    """Return the cd/m2 that a panel gives for a white through a calibration, asked for the test luminance."""
    return float(shown(panel, calibration, spec, white_xy, np.ones(1))[0, 1]) * boost(calibration, spec, white_xy)


def _tone(panel: PanelModel, spec: DisplaySpec, curves: int) -> tuple[tuple[float, ...], ...]:
    """Return the codes at which the panel gives the light of each step of signal.

    A curve that the channels share follows their mean by luminance: lightness is right then, and what colour the
    greys keep is the channels' own difference.
    """
    codes = np.linspace(0.0, 1.0, 2049)
    light = panel.tones_at(codes)
    if curves == 1:
        share = panel.matrix[1] / panel.matrix[1].sum()
        light = (light @ share)[:, None]
    wanted = np.linspace(0.0, 1.0, TONE_STEPS) ** spec.gamma
    # a rising light makes the inverse unique; flat stretches give their first code
    return tuple(tuple(float(c) for c in np.interp(wanted, np.maximum.accumulate(column), codes)) for column in light.T)


def differences(
    panel: PanelModel, calibration: Calibration, spec: DisplaySpec, white_xy: Pair, levels: Floats = LEVELS
) -> Floats:
    """Return dE00 of white and greys against what the model wants, shape (n,).

    Wanted is the white of `white_xy` at the luminance that the panel has for it, and greys of the same chromaticity
    that fall with the model's exponent: a colour difference, not one of brightness. Level 1 must be among the levels.
    """
    seen = shown(panel, calibration, spec, white_xy, levels)
    luminance = seen[np.argmax(levels), 1]
    if not luminance > 0:
        raise ValueError("the panel shows no white")
    x, y = white_xy
    white = luminance * np.array([x / y, 1.0, (1 - x - y) / y])
    return delta_e_2000(xyz_to_lab(seen, white), xyz_to_lab(np.asarray(levels)[:, None] ** spec.gamma * white, white))


def tune(
    readings: PanelReadings,
    spec: DisplaySpec,
    white_xy: Pair,
    instrument: Instrument,
    rounded: Callable[[Calibration], Calibration],
    *,
    current: Calibration | None = None,
    curves: int = 1,
    seed: int = 1,
) -> Tuning:
    """Return the tuning of a measured panel.

    `white_xy` is the model's white without any light; `rounded` brings a calibration to the record's own units;
    `current` is what the panel carries now. Raises ValueError where the readings cannot describe a panel.
    """
    calibration = rounded(tuned(characterise(readings), spec, white_xy, curves))
    rng = np.random.default_rng(seed)
    panels = [characterise(_drawn(readings, instrument, rng)) for _ in range(DRAWS)]
    after = np.array([differences(panel, calibration, spec, white_xy) for panel in panels])
    if current is None:
        return Tuning(calibration, None, _prediction(after), _spread(after))
    before = np.array([differences(panel, current, spec, white_xy) for panel in panels])
    return Tuning(calibration, _prediction(before), _prediction(after), _spread(after - before))


def _prediction(draws: Floats) -> Prediction:
    return Prediction(draws.mean(axis=0), np.quantile(draws, 0.95, axis=0), draws)


def _spread(draws: Floats) -> Floats:
    """Return expanded uncertainties: the scatter of the draws with what the model leaves out."""
    return np.asarray(COVERAGE * np.hypot(draws.std(axis=0, ddof=1), MODEL), dtype=np.float64)


def _drawn(readings: PanelReadings, instrument: Instrument, rng: np.random.Generator) -> PanelReadings:
    """Return readings as they could have been as well: one error that all share, one for each reading."""
    shared = 1 + rng.normal(0, instrument.systematic, 3)

    def other(xyz: tuple[float, float, float]) -> tuple[float, float, float]:
        values = np.array(xyz) * shared * (1 + rng.normal(0, instrument.random, 3)) + rng.normal(0, STRAY / 3)
        values = np.maximum(values, 0.0)
        return float(values[0]), float(values[1]), float(values[2])

    greys = tuple((level, other(xyz)) for level, xyz in readings.greys)
    channels = (other(readings.red), other(readings.green), other(readings.blue))
    return replace(readings, red=channels[0], green=channels[1], blue=channels[2], white=other(readings.white), greys=greys)
