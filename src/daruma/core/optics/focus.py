"""Where a lens is sharpest: its blur against the focus code, the least one plus a slope times the codes beside the best."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from msgspec import Struct
from scipy.optimize import least_squares

from daruma.core.optics.edge import GAUSSIAN_MTF50

FEWEST = 5  # points of a sweep


class Peak(Struct, frozen=True):
    """Hold the code at which a lens is sharpest, and half contrast there (cycles a pixel), each with its standard uncertainty."""

    code: float
    u: float
    mtf50: float
    mtf50_u: float
    slope: float


def peak_of(codes: Sequence[float], mtf50: Sequence[float], u: Sequence[float]) -> Peak | None:
    """Return where a sweep is sharpest; None where the blur does not change with the code, or its best lies outside.

    The blur of a lens out of focus is a cone: its width grows with the distance from the best code. Widths are taken as
    those of a Gaussian (0.18739 / MTF50), px. Raises ValueError for fewer than five points.
    """
    if len(codes) < FEWEST:
        raise ValueError(f"a sweep of {len(codes)} points, {FEWEST} at least are needed")
    at = np.asarray(codes, dtype=np.float64)
    width = GAUSSIAN_MTF50 / np.asarray(mtf50, dtype=np.float64)
    spread = np.maximum(width * np.asarray(u) / np.asarray(mtf50), 0.004)
    start = at[int(np.argmin(width))]
    steep = (width.max() - width.min()) / max(1.0, float(np.abs(at - start).max()))
    if steep * float(np.ptp(at)) < 6 * float(np.median(spread)):
        return None
    best: Peak | None = None
    least = np.inf
    # the corner of the cone has no slope: each point of the grid is a start of its own
    for first in np.linspace(at.min(), at.max(), 9):
        solved = least_squares(
            lambda p: (p[0] + p[1] * np.abs(at - p[2]) - width) / spread,
            (float(width.min()), steep, float(first)),
            bounds=((0.05, 0.0, at.min()), (10.0, 1.0, at.max())),
            x_scale=(0.1, 0.01, 5.0),
        )
        if solved.cost >= least:
            continue
        least = solved.cost
        scale = max(1.0, 2 * solved.cost / max(1, len(at) - 3))
        covariance = np.linalg.pinv(solved.jac.T @ solved.jac) * scale
        sigma, slope, code = (float(value) for value in solved.x)
        sure = np.sqrt(np.diag(covariance))
        sharp = GAUSSIAN_MTF50 / sigma
        best = Peak(code, float(sure[2]), sharp, sharp * float(sure[0]) / sigma, slope)
    assert best is not None
    inside = at.min() + 1e-6 < best.code < at.max() - 1e-6
    return best if inside else None
