"""Chromatic adaptation: what a colour becomes when the white it is seen against changes, fully or in part.

A linear von Kries transform in a sharpened cone space: Bradford (Lam 1985; matrix as the ICC specification carries it)
or CAT16 (Li et al. 2017, Color Res. Appl. 42:703). Partial adaptation after CAT02/CAT16: D of the way.
"""

from enum import Enum

import numpy as np
import numpy.typing as npt

Floats = npt.NDArray[np.float64]


class Method(Enum):
    """Name the cone spaces."""

    BRADFORD = "Bradford"
    CAT16 = "CAT16"


CONES: dict[Method, Floats] = {
    Method.BRADFORD: np.array([[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]]),
    Method.CAT16: np.array([[0.401288, 0.650173, -0.051461], [-0.250268, 1.204414, 0.045854], [-0.002079, 0.048952, 0.953127]]),
}


def adaptation_matrix(source: npt.ArrayLike, target: npt.ArrayLike, method: Method, degree: float = 1.0) -> Floats:
    """Return the 3x3 matrix that takes XYZ seen against white `source` to XYZ seen against white `target`.

    Whites are XYZ, scaled to Y = 1 here. `degree` is 1 for full adaptation, 0 for none. Raises ValueError for a white
    without positive luminance or with a cone response that is not positive, or a degree outside 0 to 1.
    """
    if not 0.0 <= degree <= 1.0:
        raise ValueError("the degree of adaptation lies between 0 and 1")
    cones = CONES[method]
    before, after = cones @ _unit(source), cones @ _unit(target)
    if not (before.min() > 0 and after.min() > 0):
        raise ValueError("a white that no eye could adapt to: one of its cone responses is not positive")
    gains = after / before
    return np.asarray(np.linalg.solve(cones, np.diag(degree * gains + 1.0 - degree) @ cones), dtype=np.float64)


def adapt(xyz: npt.ArrayLike, source: npt.ArrayLike, target: npt.ArrayLike, method: Method, degree: float = 1.0) -> Floats:
    """Return XYZ of shape (n, 3) or (3,) adapted from one white to another."""
    return np.asarray(xyz, dtype=np.float64) @ adaptation_matrix(source, target, method, degree).T


def _unit(white: npt.ArrayLike) -> Floats:
    values = np.asarray(white, dtype=np.float64)
    if values.shape != (3,) or not values[1] > 0:
        raise ValueError("a white is XYZ with a positive luminance")
    return np.asarray(values / values[1], dtype=np.float64)
