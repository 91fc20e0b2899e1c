"""From a wanted colour through a record's calibration to the panel's codes, as the phones of the catalogue do it.

Linear colour in the model's primaries, balanced to the record's white point, goes through the gain matrix to drives,
by the exponent to signals, through the tone curve to codes (docs/display.md).
"""

import numpy as np
import numpy.typing as npt

from daruma.core.colour.panel import PanelModel, rgb_matrix
from daruma.core.display import Calibration, DisplaySpec, Pair

Floats = npt.NDArray[np.float64]


def codes_for(calibration: Calibration, spec: DisplaySpec, white_xy: Pair, levels: npt.ArrayLike) -> Floats:
    """Return the panel's codes (0 to 1), shape (n, 3), for greys of a white: levels of shape (n,) from 0 to 1.

    The brightest channel of the white is driven fully; what the panel cannot show is cut off.
    """
    linear = _linear(calibration, spec, white_xy)
    if not linear.max() > 0:
        raise ValueError("this white lies outside what the panel can show")
    linear = linear / linear.max()
    asked = np.asarray(levels, dtype=np.float64)[:, None] ** spec.gamma * linear
    drives = np.clip(asked @ np.asarray(calibration.gains).reshape(3, 3).T, 0.0, 1.0)
    return toned(calibration, drives ** (1 / spec.gamma))


def boost(calibration: Calibration, spec: DisplaySpec, white_xy: Pair) -> float:
    """Return by how much more light the phone asks the panel for, so that a white keeps its luminance."""
    return float(_linear(calibration, spec, white_xy).max())


def _linear(calibration: Calibration, spec: DisplaySpec, white_xy: Pair) -> Floats:
    """Return a white of luminance 1 as linear colour in the model's primaries."""
    x, y = white_xy
    matrix = rgb_matrix(spec.primaries_xy, calibration.white_xy)
    return np.asarray(np.linalg.solve(matrix, [x / y, 1.0, (1 - x - y) / y]), dtype=np.float64)


def toned(calibration: Calibration, signals: Floats) -> Floats:
    """Return codes for signals of shape (n, 3), by straight lines between the tone curve's steps."""
    curves = np.asarray(calibration.tone, dtype=np.float64)
    steps = np.linspace(0.0, 1.0, curves.shape[1])
    return np.column_stack([np.interp(signals[:, c], steps, curves[c % len(curves)]) for c in range(3)])


def shown(panel: PanelModel, calibration: Calibration, spec: DisplaySpec, white_xy: Pair, levels: Floats) -> Floats:
    """Return XYZ in cd/m2 that a panel shows for greys of a white through a calibration, shape (n, 3)."""
    return panel.xyz(codes_for(calibration, spec, white_xy, levels))
