"""A panel from its measurements: what XYZ each drive gives, how well that describes it, and whether to believe it.

The model is the usual one of additive displays (IEC 61966-4): light adds up from a black level and three channels,
each with a tone curve of its own. XYZ is absolute, in cd/m2; levels and drives run from 0 to 1.
"""

from collections.abc import Sequence
from enum import Enum

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.colour.difference import delta_e_2000, xyz_to_lab
from daruma.core.language import tr

Floats = npt.NDArray[np.float64]
Triple = tuple[float, float, float]

# all of them ours
MOST_BLACK = 0.005  # of the white's luminance; more on a panel that can be dark is light from elsewhere
MOST_DRIFT = 0.5  # dE00 between first and last white
MOST_ADDITIVITY = 2.0  # dE00 between white and the sum of the channels
LEAST_BALANCE = 0.1  # of a channel in white beside the channel alone: less is no additive display
STILL = 0.25  # of the rise that a level should bring: less at the top is a channel that is clipped


class Doubt(Enum):
    """Name what speaks against a measurement."""

    STRAY_LIGHT = "stray light"
    CLIPPED = "clipped channel"
    DRIFT = "drift"
    NOT_RISING = "ramp not rising"
    NOT_ADDITIVE = "not additive"


class Finding(Struct, frozen=True):
    """Hold one doubt about a measurement: its size and one sentence with what to do."""

    doubt: Doubt
    size: float
    sentence: str


class PanelReadings(Struct, frozen=True):
    """Hold what was measured: the channels alone at full drive, white before and after, greys with their levels."""

    red: Triple
    green: Triple
    blue: Triple
    white: Triple
    greys: tuple[tuple[float, Triple], ...]
    white_after: Triple | None = None


class PanelModel(Struct, frozen=True):
    """Hold a panel's description: XYZ = black + matrix · tone(levels).

    `levels` and `tones` (shape (n, 3), rising, 0 to 1) are the tone curves; between them the curves are monotone
    cubics. `residual` is the largest dE00 between a channel alone and what the model makes of it, `additivity` the dE00
    of white against the sum of its channels.
    """

    black: Floats
    matrix: Floats
    levels: Floats
    tones: Floats
    white: Floats
    residual: float
    additivity: float
    findings: tuple[Finding, ...]

    def xyz(self, levels: npt.ArrayLike) -> Floats:
        """Return XYZ in cd/m2 for levels of shape (n, 3) or (3,)."""
        asked = np.asarray(levels, dtype=np.float64)
        drives = np.stack([self._curve(channel)(asked[..., channel]) for channel in range(3)], axis=-1)
        return np.asarray(self.black + drives @ self.matrix.T, dtype=np.float64)

    def tones_at(self, codes: npt.ArrayLike) -> Floats:
        """Return each channel's light, 0 to 1, at codes of shape (n,), shape (n, 3)."""
        asked = np.asarray(codes, dtype=np.float64)
        return np.column_stack([self._curve(channel)(asked) for channel in range(3)])

    def drives(self, xyz: npt.ArrayLike) -> Floats:
        """Return the linear drives, 0 to 1 where the panel can show it, of XYZ of shape (n, 3) or (3,)."""
        return np.asarray(np.linalg.solve(self.matrix, (np.asarray(xyz, dtype=np.float64) - self.black).T).T, dtype=np.float64)

    def _curve(self, channel: int):  # type: ignore[no-untyped-def]
        from scipy.interpolate import PchipInterpolator  # slow to import

        return PchipInterpolator(self.levels, self.tones[:, channel], extrapolate=False)


def rgb_matrix(primaries: Sequence[tuple[float, float]], white: tuple[float, float]) -> Floats:
    """Return the matrix from linear RGB to XYZ (white Y = 1) for primaries and white in x, y (SMPTE RP 177)."""
    columns = np.array([[x / y, 1.0, (1 - x - y) / y] for x, y in primaries]).T
    x, y = white
    gains = np.linalg.solve(columns, np.array([x / y, 1.0, (1 - x - y) / y]))
    return np.asarray(columns * gains, dtype=np.float64)


def characterise(readings: PanelReadings) -> PanelModel:
    """Return the panel behind its readings; raise ValueError where they cannot describe one.

    At least five greys are needed, from level 0 to level 1.
    """
    greys = sorted(readings.greys)
    levels = np.array([level for level, _ in greys])
    if len(greys) < 5 or levels[0] != 0.0 or levels[-1] != 1.0 or np.any(np.diff(levels) <= 0):
        raise ValueError("a grey ramp has at least five different levels, from 0 to 1")
    ramp = np.array([xyz for _, xyz in greys])
    black = ramp[0]
    channels = np.array([readings.red, readings.green, readings.blue]) - black
    white = np.array(readings.white)
    if np.any(channels[:, 1] <= 0) or white[1] <= 2 * black[1]:
        raise ValueError("white or a channel gives no light beside black")
    if np.linalg.cond(channels) > 1e4:
        raise ValueError("the three channels do not differ: was one of them measured twice?")
    # the channels alone give the directions, the white their balance: so that white itself is met
    matrix = channels.T
    raw = np.linalg.solve(matrix, (ramp - black).T).T
    balance = raw[-1]
    if np.any(balance < LEAST_BALANCE):
        raise ValueError("white is not the sum of its channels: was a field measured in another one's place?")
    tones = np.clip(_rising(raw / balance), 0.0, 1.0)
    model = PanelModel(black, matrix * balance, levels, tones, white, 0.0, 0.0, ())
    # the greys are met by construction: what the model has not been told are the channels alone
    alone = np.array([readings.red, readings.green, readings.blue])
    residual = float(np.max(_difference(model.xyz(np.eye(3)), alone, white)))
    additivity = float(_difference(black + channels.sum(axis=0), white, white))
    findings = tuple(_findings(readings, ramp, levels, raw / balance, additivity))
    return PanelModel(black, matrix * balance, levels, tones, white, residual, additivity, findings)


def _rising(tones: Floats) -> Floats:
    """Return each channel's nearest rising curve (isotonic regression by pooling neighbours)."""
    from scipy.optimize import isotonic_regression  # slow to import

    return np.column_stack([isotonic_regression(channel).x for channel in tones.T])


def _difference(left: Floats, right: Floats, white: Floats) -> Floats:
    return delta_e_2000(xyz_to_lab(left, white), xyz_to_lab(right, white))


def _findings(readings: PanelReadings, ramp: Floats, levels: Floats, tones: Floats, additivity: float) -> list[Finding]:
    found = []
    share = ramp[0, 1] / ramp[-1, 1]
    if share > MOST_BLACK:
        words = tr(
            "Black has {share:.1f} % of the white's luminance: shield the instrument from the room and measure again.",
            share=100 * share,
        )
        found.append(Finding(Doubt.STRAY_LIGHT, float(share), words))
    found += _drift(readings) + _clipped(levels, tones) + _falling(levels, ramp)
    if additivity > MOST_ADDITIVITY:
        words = tr(
            "White differs from the sum of its channels by {additivity:.1f} dE00: a limit on power, or a wrong patch.",
            additivity=additivity,
        )
        found.append(Finding(Doubt.NOT_ADDITIVE, additivity, words))
    return found


def _drift(readings: PanelReadings) -> list[Finding]:
    if readings.white_after is None:
        return []
    first, last = np.array(readings.white), np.array(readings.white_after)
    size = float(_difference(last, first, first))
    if size <= MOST_DRIFT:
        return []
    words = tr(
        "White moved by {size:.1f} dE00 between start and end: let the panel warm up for ten minutes, then measure again.",
        size=size,
    )
    return [Finding(Doubt.DRIFT, size, words)]


def _clipped(levels: Floats, tones: Floats) -> list[Finding]:
    """Return the channels whose tone stands still at the top while the level rises."""
    found = []
    for channel, name in enumerate(("red", "green", "blue")):
        rise = (tones[-1, channel] - tones[-2, channel]) / (levels[-1] - levels[-2])
        before = (tones[-2, channel] - tones[-3, channel]) / (levels[-2] - levels[-3])
        if rise < STILL * before:
            words = tr(
                "The {name} channel stands still from level {levels:.2f} on: lower the brightness, then measure again.",
                name=name,
                levels=levels[-2],
            )
            found.append(Finding(Doubt.CLIPPED, float(rise), words))
    return found


def _falling(levels: Floats, ramp: Floats) -> list[Finding]:
    steps = np.diff(ramp[:, 1])
    if np.all(steps >= 0):
        return []
    place = int(np.argmin(steps))
    words = tr(
        "Level {levels:.2f} is darker than level {levels_2:.2f}: repeat that patch.",
        levels=levels[place + 1],
        levels_2=levels[place],
    )
    return [Finding(Doubt.NOT_RISING, float(-steps[place] / ramp[-1, 1]), words)]
