"""What is left over after the fit: whether it is noise, a map that is not this module's, or a card that is not flat.

A card that is not flat moves dots along the epipolar line only (along x); another module's glass bends its map smoothly along
both axes. So a smooth field in what is left across the line speaks for another map, one along the line alone for the card.
Whether there is one is decided by likelihoods: n/2 log(RSS without / RSS with), less what its freedom would gain by chance
(Schwarz 1978: k/2 log n).
"""

from __future__ import annotations

from dataclasses import dataclass
from math import log, sqrt
from typing import cast

import numpy as np

from daruma.core.depth.fitting import Fit
from daruma.core.depth.view import Floats, View

_DEGREE = 5  # of the smooth field
_CLEAR = 6.0  # log likelihood: more speaks clearly for a field (400 to 1)


@dataclass(frozen=True, slots=True)
class Leftover:
    """Hold what is left along one axis: its smooth part and the scatter about it, px RMS; how clearly there is a smooth part."""

    smooth: float
    scatter: float
    clearly: float
    count: int

    @property
    def bends(self) -> bool:
        """Return whether there is a smooth part beyond chance."""
        return self.clearly > _CLEAR


@dataclass(frozen=True, slots=True)
class Flatness:
    """Hold the RMS of depth that the noise of the centroids does not explain, in percent of the distance, and its uncertainty."""

    value: float
    u: float


def leftovers(view: View, fit: Fit, rays: Floats) -> tuple[Leftover, Leftover]:
    """Return what is left along the epipolar line and across it, all cards together (each has a field of its own)."""
    along, across = [], []
    for plane, matched in zip(fit.planes, fit.matched, strict=True):
        if len(matched.dots):
            left = matched.seen - view.seen(rays[matched.dots], fit.pose, plane)
            along.append((matched.seen, left[:, 0]))
            across.append((matched.seen, left[:, 1]))
    return _leftover(view, along), _leftover(view, across)


def _leftover(view: View, parts: list[tuple[Floats, Floats]]) -> Leftover:
    whole = scatter = unknowns = count = 0.0
    for seen, left in parts:
        terms = _terms(view, seen)
        if len(left) <= 2 * terms.shape[1]:
            continue
        # outliers are no field
        left = np.clip(left, -4 * _robust(left), 4 * _robust(left))
        solved, *_ = np.linalg.lstsq(terms, left, rcond=None)
        whole += float(left @ left)
        scatter += float(((left - terms @ solved) ** 2).sum())
        unknowns += terms.shape[1]
        count += len(left)
    if count <= unknowns or scatter <= 0:
        return Leftover(0.0, 0.0, 0.0, 0)
    variance = scatter / (count - unknowns)
    smooth = max(0.0, (whole - scatter) / count - variance * unknowns / count)
    clearly = count / 2 * log(whole / scatter) - unknowns / 2 * log(count)
    return Leftover(sqrt(smooth), sqrt(variance), clearly, int(count))


def _robust(left: Floats) -> float:
    return float(1.4826 * np.median(np.abs(left))) or 1e-9


def _terms(view: View, seen: Floats) -> Floats:
    """Return the terms of a polynomial field at picture points (n, k)."""
    x, y = (2 * seen / np.asarray(view.size) - 1).T
    powers = [(i, j) for i in range(_DEGREE + 1) for j in range(_DEGREE + 1 - i)]
    return cast(Floats, np.column_stack([x**i * y**j for i, j in powers]))


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
