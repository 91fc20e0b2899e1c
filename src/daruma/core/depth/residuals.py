"""What is left over after the fit: whether it is noise, a map that is not this module's, or a card that is not flat.

A card that is not flat moves dots along the epipolar line only (along x); another module's glass bends its map smoothly along
both axes. So what neighbours have in common across the line speaks for another map, along the line alone for the card. Whether
they have anything in common is told by Moran's coefficient (Moran 1950): the mean product of neighbours' values over their mean
square, which for mere noise is about zero with a variance of about 1 / (sum of the squared weights).
"""

from __future__ import annotations

from math import sqrt

import numpy as np
from msgspec import Struct
from scipy.spatial import cKDTree

from daruma.core.depth.fitting import Fit
from daruma.core.depth.view import Floats, Ints, View

_NEIGHBOURS = 6  # of a dot that are compared with it
_CLEAR = 5.0  # standard deviations: what is more is no chance
_BENT = 0.05  # px: what is bent by less is bent by less than 0.1 mrad


class Leftover(Struct, frozen=True):
    """Hold what is left along one axis: what neighbours share and the scatter about it, px RMS; how clearly they share it, in
    standard deviations.
    """

    smooth: float
    scatter: float
    clearly: float
    count: int

    @property
    def bends(self) -> bool:
        """Return whether neighbours share more than by chance."""
        return self.clearly > _CLEAR and self.smooth > _BENT


class Flatness(Struct, frozen=True):
    """Hold the RMS of depth that the noise of the centroids does not explain, in percent of the distance, and its uncertainty."""

    value: float
    u: float


def leftovers(view: View, fit: Fit, rays: Floats) -> tuple[Leftover, Leftover]:
    """Return what is left along the epipolar line and across it, all cards together (each has a field of its own)."""
    along, across = [], []
    for plane, matched in zip(fit.planes, fit.matched, strict=True):
        if len(matched.dots):
            left = matched.seen - view.seen(rays[matched.dots], fit.pose, plane)
            along.append((matched.dots, matched.seen, left[:, 0]))
            across.append((matched.dots, matched.seen, left[:, 1]))
    return _leftover(along), _leftover(across)


def _leftover(parts: list[tuple[Ints, Floats, Floats]]) -> Leftover:
    shared = square = spread = count = readings = whole = 0.0
    for dots, seen, left in parts:
        # outliers are no field, and each dot counts once however many frames have it
        left = np.clip(left, -4 * _robust(left), 4 * _robust(left))
        which, place, times = np.unique(dots, return_inverse=True, return_counts=True)
        if len(which) <= 2 * _NEIGHBOURS:
            continue
        mean = np.bincount(place, left) / times
        where = np.column_stack([np.bincount(place, seen[:, axis]) / times for axis in (0, 1)])
        near = cKDTree(where).query(where, k=_NEIGHBOURS + 1)[1][:, 1:]
        shared += float((mean * mean[near].mean(axis=1)).sum())
        square += float(mean @ mean)
        spread += 2 * len(which) / _NEIGHBOURS
        count += len(which)
        whole += float(left @ left)
        readings += len(left)
    if not count or square <= 0:
        return Leftover(0.0, 0.0, 0.0, 0)
    smooth = max(0.0, shared / count)
    scatter = max(0.0, whole / readings - smooth)
    return Leftover(sqrt(smooth), sqrt(scatter), shared / square * count / sqrt(spread), int(readings))


def _robust(left: Floats) -> float:
    return float(1.4826 * np.median(np.abs(left))) or 1e-9


def flatness(view: View, fit: Fit, rays: Floats, scatter: float) -> Flatness:
    """Return how much the depths of a card scatter beyond what the centroids' own scatter (px) explains.

    A dot that is seen du off its place along x stands du / (f B / Z) of its distance before or behind the card. The
    variance of a mean square of n values about s^2 is 2 s^4 / n.
    """
    total = noise = count = 0.0
    for plane, matched in zip(fit.planes, fit.matched, strict=True):
        if len(matched.dots):
            left = (matched.seen - view.seen(rays[matched.dots], fit.pose, plane))[:, 0]
            left = np.clip(left, -6 * _robust(left), 6 * _robust(left))
            points = view.tangents(matched.seen)
            disparity = view.focal * view.baseline * (points @ plane[:2] + plane[2])
            total += float(((left / disparity) ** 2).sum())
            noise += float(((scatter / disparity) ** 2).sum())
            count += len(left)
    if not count:
        return Flatness(0.0, float("inf"))
    square, expected = total / count, noise / count * (1 - min(0.5, 4 / count))
    spread = sqrt(2 / count) * sqrt(square**2 + expected**2)
    value = sqrt(max(0.0, square - expected))
    upper = sqrt(max(0.0, square - expected) + 1.645 * spread)
    return Flatness(100 * value, 100 * (upper - value) / 1.645)
