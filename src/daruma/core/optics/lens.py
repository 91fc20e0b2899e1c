"""A lens record checked: corners of a chessboard, whose places are known, projected by it and compared with where they were seen.

The model is the usual one of radial (k1, k2, k3) and tangential (p1, p2) distortion (Brown 1966) behind a pinhole.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import cast

import numpy as np
import numpy.typing as npt
from msgspec import Struct
from scipy.optimize import least_squares
from scipy.spatial.transform import Rotation

Floats = npt.NDArray[np.float64]
FEWEST = 6  # corners of a view


class Camera(Struct, frozen=True):
    """Hold a camera: focal lengths and principal point in px, distortion coefficients."""

    fx: float
    fy: float
    cx: float
    cy: float
    k1: float = 0.0
    k2: float = 0.0
    p1: float = 0.0
    p2: float = 0.0
    k3: float = 0.0

    def seen(self, points: Floats) -> Floats:
        """Return where points before the camera (n, 3) are seen, px."""
        x, y = (points[:, :2] / points[:, 2:]).T
        r2 = x * x + y * y
        radial = 1 + r2 * (self.k1 + r2 * (self.k2 + r2 * self.k3))
        bent_x = x * radial + 2 * self.p1 * x * y + self.p2 * (r2 + 2 * x * x)
        bent_y = y * radial + self.p1 * (r2 + 2 * y * y) + 2 * self.p2 * x * y
        return np.column_stack((self.fx * bent_x + self.cx, self.fy * bent_y + self.cy))

    def straightened(self, seen: Floats) -> Floats:
        """Return the tangents (n, 2) that are seen at picture points, the distortion taken out by iteration."""
        start = (seen - [self.cx, self.cy]) / [self.fx, self.fy]
        at = start.copy()
        for _ in range(50):
            whole = np.column_stack((at, np.ones(len(at))))
            bent = (self.seen(whole) - [self.cx, self.cy]) / [self.fx, self.fy]
            step = start - bent
            at = at + step
            if np.abs(step).max() < 1e-13:
                break
        return at


class ViewFit(Struct, frozen=True):
    """Hold how one view of the board fits: root mean square of the distances, px, of so many corners; the board's pose."""

    view: str
    rms_px: float
    count: int
    turn: Floats
    place: Floats


def board_fits(camera: Camera, views: Mapping[str, tuple[Floats, Floats]]) -> tuple[ViewFit, ...]:
    """Return how each view of a board fits a camera: corners (n, 3) in the board's units, where they were seen (n, 2), px.

    The board's pose of each view is found by least squares, the camera stays as it is. Raises ValueError for views of
    fewer than six corners or corners in one line.
    """
    return tuple(_fit(camera, view, corners, seen) for view, (corners, seen) in views.items())


def rms_of_all(fits: Sequence[ViewFit]) -> float:
    """Return the root mean square of the distances of all views, px."""
    total = sum(fit.count for fit in fits)
    return float((sum(fit.rms_px**2 * fit.count for fit in fits) / total) ** 0.5) if total else 0.0


def _fit(camera: Camera, view: str, corners: Floats, seen: Floats) -> ViewFit:
    if len(corners) < FEWEST:
        raise ValueError(f"view {view}: {len(corners)} corners, {FEWEST} at least are needed")
    centre = corners.mean(axis=0)
    size = float(np.abs(corners - centre).max()) or 1.0
    local = (corners - centre) / size
    turn, place = _first_pose(local, camera.straightened(seen), view)

    def off(values: Floats) -> Floats:
        points = Rotation.from_rotvec(values[:3]).apply(local) + values[3:]
        return cast(Floats, (camera.seen(points) - seen).ravel())

    solved = least_squares(off, np.concatenate((turn.as_rotvec(), place)), method="lm", xtol=1e-12, ftol=1e-12)
    rotation = Rotation.from_rotvec(solved.x[:3])
    rms = float(np.sqrt((solved.fun**2).sum() / len(corners)))
    return ViewFit(view, rms, len(corners), rotation.as_matrix(), solved.x[3:] * size - rotation.apply(centre))


def _first_pose(local: Floats, tangents: Floats, view: str) -> tuple[Rotation, Floats]:
    """Return a first pose from the homography between the board's plane and the tangents (Zhang 2000)."""
    _, strengths, axes = np.linalg.svd(local)
    if strengths[1] < 1e-6 * strengths[0]:
        raise ValueError(f"view {view}: its corners lie in one line")
    if np.linalg.det(axes) < 0:
        axes[2] *= -1
    flat = local @ axes.T
    rows = []
    for (x, y), (u, v) in zip(flat[:, :2], tangents, strict=True):
        rows.append([x, y, 1, 0, 0, 0, -u * x, -u * y, -u])
        rows.append([0, 0, 0, x, y, 1, -v * x, -v * y, -v])
    *_, last = np.linalg.svd(np.array(rows))
    h = last[-1].reshape(3, 3)
    scale = (np.linalg.norm(h[:, 0]) + np.linalg.norm(h[:, 1])) / 2
    h = h / (scale if h[2, 2] > 0 else -scale)
    u, _, v = np.linalg.svd(np.column_stack((h[:, 0], h[:, 1], np.cross(h[:, 0], h[:, 1]))))
    turn = u @ np.diag([1, 1, np.sign(np.linalg.det(u @ v))]) @ v @ axes
    return Rotation.from_matrix(turn), cast(Floats, h[:, 2])
