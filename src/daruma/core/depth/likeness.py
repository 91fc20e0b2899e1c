"""Maps compared with each other, and depths with a plane."""

from __future__ import annotations

from collections.abc import Sequence
from typing import cast

import numpy as np
from msgspec import Struct

from daruma.core.depth.view import Floats
from daruma.core.language import tr


class Similarity(Struct, frozen=True):
    """Hold the turn (rad), scale and shift that lay one set of points on another, and the mean square left over."""

    turn: float
    scale: float
    shift: tuple[float, float]
    left: float


def similarity(one: Floats, other: Floats) -> Similarity:
    """Return the similarity that lays points (n, 2) on others best, pair by pair, mirrored never.

    Source: Umeyama 1991, "Least-squares estimation of transformation parameters between two point patterns". Raises
    ValueError for fewer than two points or points in one place.
    """
    if one.shape != other.shape or len(one) < 2:
        raise ValueError("two sets of as many points, two at least, are needed")
    mean_one, mean_other = one.mean(axis=0), other.mean(axis=0)
    a, b = one - mean_one, other - mean_other
    variance = float((a * a).sum()) / len(one)
    if variance <= 0:
        raise ValueError("the points lie in one place")
    u, strengths, v = np.linalg.svd(b.T @ a / len(one))
    flip = np.array([1.0, np.sign(np.linalg.det(u @ v)) or 1.0])
    rotation = u @ np.diag(flip) @ v
    scale = float((strengths * flip).sum()) / variance
    shift = mean_other - scale * rotation @ mean_one
    left = other - (scale * one @ rotation.T + shift)
    return Similarity(
        float(np.arctan2(rotation[1, 0], rotation[0, 0])),
        scale,
        (float(shift[0]), float(shift[1])),
        float((left * left).sum()) / len(one),
    )


SAME_MAP = 1 / 8192  # rad: two readings of one map differ by no more than a step


def difference(one: Sequence[float], other: Sequence[float]) -> str:
    """Return how two maps differ, each x, y of one dot after the other, tangents; empty where they are one and the same."""
    if len(one) != len(other):
        return tr("not the same number of dots")
    mine, theirs = np.array(one).reshape(-1, 2), np.array(other).reshape(-1, 2)
    if np.abs(mine - theirs).max(initial=0.0) <= SAME_MAP:
        return ""
    found = similarity(mine, theirs)
    shift, turn, bent = float(np.hypot(*found.shift)), abs(found.turn), found.left**0.5
    return tr(
        "not the same map (shifted {shift:.1f} mrad, turned {turn:.1f} mrad, bent {bent:.1f} mrad)",
        shift=1000 * shift,
        turn=1000 * turn,
        bent=1000 * bent,
    )


def plane_through(points: Floats) -> tuple[float, float, float]:
    """Return a, b, c of the plane z = a + b x + c y through points (n, 3) by least squares along z."""
    terms = np.column_stack((np.ones(len(points)), points[:, 0], points[:, 1]))
    solved, *_ = np.linalg.lstsq(terms, points[:, 2], rcond=None)
    return cast("tuple[float, float, float]", tuple(float(value) for value in solved))
