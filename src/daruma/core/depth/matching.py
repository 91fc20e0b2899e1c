"""Which seen dot is which of the map: along its epipolar line first, then by the pose and the plane that most agree with.

With a baseline along x a dot moves along x only as its distance changes, so each dot of the map has few candidates. Near the
nominal pose everything is linear: with w = 1/Z at the seen point (a, b), and turns (tx, ty, tz),

    a - x = B w + (1 + x^2) ty - x y tx - y tz,    b - y = x y ty - (1 + y^2) tx + x tz.

Six unknowns, so three pairs give a first guess; the one with which most pairs agree wins (RANSAC, Fischler and Bolles 1981).
"""

from __future__ import annotations

from math import ceil, log

import numpy as np
from msgspec import Struct
from scipy.spatial import cKDTree

from daruma.core.depth.view import FARTHEST, NEAREST, Floats, Ints, View

WIDEST_TURN = 0.02  # rad: a projector turned further is not looked for
STEEPEST = 0.36  # tangent of the steepest tilt that is looked for (20 degrees)
CONFIDENCE = 0.99999
FEWEST = 12  # dots that make a guess more than chance
_CLOSE = 1.2  # px: pairs nearer than that agree with a guess
_NEVER_MORE = 4000  # trials


def trials(confidence: float, size: int, outliers: float) -> int:
    """Return how many samples of a size are drawn so that one is free of outliers with a confidence.

    Source: Hartley and Zisserman, Multiple View Geometry, 2nd edition, section 4.7.1: log(1 - p) / log(1 - (1 - e)^s).
    """
    good = (1 - outliers) ** size
    return 1 if good >= 1 else ceil(log(1 - confidence) / log(1 - good) - 1e-12)


class Guess(Struct, frozen=True):
    """Hold a first pose (rad) and plane (1/mm), and how many dots agree with it."""

    pose: Floats
    plane: Floats
    agreeing: int


def candidates(view: View, seen: Floats, rays: Floats) -> tuple[Ints, Ints]:
    """Return pairs (seen, map) that could belong together: near the epipolar line, at a distance that is looked for."""
    points, margin = view.tangents(seen), WIDEST_TURN * 1.3
    near, far = view.baseline / NEAREST, view.baseline / FARTHEST
    middle, half = (near + far) / 2, abs(near - far) / 2 + margin
    # an oblong window is a square one in stretched coordinates
    stretch = np.array([1.0, half / margin])
    tree = cKDTree((rays + np.array([middle, 0.0])) * stretch)
    found = tree.query_ball_point(points * stretch, half, p=np.inf)
    counts = np.fromiter(map(len, found), dtype=np.intp, count=len(found))
    if not counts.sum():
        return np.empty(0, np.intp), np.empty(0, np.intp)
    return np.repeat(np.arange(len(points)), counts), np.concatenate([np.asarray(each, np.intp) for each in found])


def guess(view: View, seen: Floats, rays: Floats, rng: np.random.Generator) -> Guess | None:
    """Return the pose and plane that most candidate pairs agree with; None where no more agree than by chance."""
    mine, theirs = candidates(view, seen, rays)
    if len(set(mine.tolist())) < FEWEST:
        return None
    points, ray = view.tangents(seen)[mine], rays[theirs]
    rows_a, rows_b = _rows(view, points, ray)
    off_a, off_b = points[:, 0] - ray[:, 0], points[:, 1] - ray[:, 1]
    share = min(0.95, 0.8 * len(np.unique(mine)) / len(mine))
    tries = min(_NEVER_MORE, trials(CONFIDENCE, 3, 1 - share))
    best: tuple[int, Floats] | None = None
    for first in range(0, tries, 250):
        picks = rng.integers(0, len(mine), size=(min(250, tries - first), 3))
        found = _best_of(view, picks, rows_a, rows_b, off_a, off_b, mine)
        if found is not None and (best is None or found[0] > best[0]):
            best = found
    if best is None or best[0] < FEWEST:
        return None
    agreeing, solution = best
    return Guess(solution[3:], solution[:3], agreeing)


def _rows(view: View, points: Floats, rays: Floats) -> tuple[Floats, Floats]:
    """Return the linear equations of each pair for (p, q, r, tx, ty, tz)."""
    (a, b), (x, y), nought = points.T, rays.T, np.zeros(len(points))
    one = np.ones(len(points))
    along = np.column_stack((view.baseline * a, view.baseline * b, view.baseline * one, -x * y, 1 + x * x, -y))
    across = np.column_stack((nought, nought, nought, -(1 + y * y), x * y, x))
    return along, across


def _best_of(
    view: View, picks: Ints, rows_a: Floats, rows_b: Floats, off_a: Floats, off_b: Floats, mine: Ints
) -> tuple[int, Floats] | None:
    """Return the guess of some samples that most dots agree with."""
    systems = np.concatenate((rows_a[picks], rows_b[picks]), axis=1)
    right = np.concatenate((off_a[picks], off_b[picks]), axis=1)
    scale = np.array([1e-3, 1e-3, 1e-3, 1.0, 1.0, 1.0])  # planes are thousandths, turns are about one
    systems = systems * scale
    sound = np.abs(np.linalg.det(systems)) > 1e-16
    if not sound.any():
        return None
    solved = np.linalg.solve(systems[sound], right[sound][..., None])[..., 0] * scale
    flat = np.abs(solved[:, :2]).max(axis=1) <= STEEPEST * np.abs(solved[:, 2])
    there = (solved[:, 2] > 1 / FARTHEST) & (solved[:, 2] < 1 / NEAREST)
    solved = solved[flat & there & (np.abs(solved[:, 3:]).max(axis=1) < 2 * WIDEST_TURN)]
    if not len(solved):
        return None
    limit = _CLOSE / view.focal
    agrees = (np.abs(solved @ rows_a.T - off_a) < limit) & (np.abs(solved @ rows_b.T - off_b) < limit)
    counts = agrees.sum(axis=1)
    best = int(np.argmax(counts))
    return len(np.unique(mine[agrees[best]])), solved[best]


def pairs(view: View, seen: Floats, rays: Floats, pose: Floats, plane: Floats, within: float) -> tuple[Ints, Ints]:
    """Return pairs (seen, map) of dots nearer than `within` px to where they should be seen, each the other's nearest."""
    expected = view.seen(rays, pose, plane)
    tree = cKDTree(expected)
    apart, nearest = tree.query(seen, distance_upper_bound=within)
    mine = np.flatnonzero(np.isfinite(apart))
    order = mine[np.argsort(apart[mine], kind="stable")]
    theirs, first = np.unique(nearest[order], return_index=True)
    chosen = order[first]
    return chosen.astype(np.intp), theirs.astype(np.intp)
