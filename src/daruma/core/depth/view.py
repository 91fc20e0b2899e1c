"""How a camera sees the dots of a projector on a flat card.

The camera is the origin and looks along z; the projector stands `baseline` mm along x from it, its rays are those of its
map turned by a small pose. A card is the plane p X + q Y + r Z = 1 (mm), so that 1/Z at a picture point (a, b), in tangents, is
p a + q b + r. Dots of all cards share the pose; each card has a plane of its own.
"""

from __future__ import annotations

from typing import cast

import numpy as np
import numpy.typing as npt
from msgspec import Struct
from scipy.spatial.transform import Rotation

Floats = npt.NDArray[np.float64]
Ints = npt.NDArray[np.intp]
NEAREST, FARTHEST = 150.0, 1000.0  # mm: cards are looked for between these


class View(Struct, frozen=True):
    """Hold a camera and the projector beside it: focal length, principal point and size in px, baseline in mm."""

    focal: float = 610.0
    centre: tuple[float, float] = (320.0, 240.0)
    size: tuple[int, int] = (640, 480)
    baseline: float = 24.0

    def tangents(self, seen: Floats) -> Floats:
        """Return picture points (n, 2), px, as tangents."""
        return cast(Floats, (seen - np.asarray(self.centre)) / self.focal)

    def pixels(self, tangents: Floats) -> Floats:
        """Return tangents (n, 2) as picture points, px."""
        return cast(Floats, tangents * self.focal + np.asarray(self.centre))

    def inside(self, points: Floats) -> npt.NDArray[np.bool_]:
        """Return which picture points (n, 2) lie in the picture."""
        return cast("npt.NDArray[np.bool_]", ((points >= 0) & (points < np.asarray(self.size))).all(axis=1))

    def seen(self, rays: Floats, pose: Floats, plane: Floats) -> Floats:
        """Return where the camera sees the dots of rays (n, 2), tangents, on a plane (p, q, r), px; the pose is a rotation
        vector, rad.

        A ray's point b + t d on the plane n.P = 1 has t = (1 - n.b) / (n.d), so it is seen along b (n.d) + d (1 - n.b).
        """
        turned = Rotation.from_rotvec(pose).apply(np.column_stack((rays, np.ones(len(rays)))))
        along = turned @ plane
        point = turned * (1 - plane[0] * self.baseline)
        point[:, 0] += self.baseline * along
        return self.pixels(point[:, :2] / point[:, 2:])

    def depths(self, seen: Floats, rays: Floats, pose: Floats) -> Floats:
        """Return the depth Z (mm) of each dot from its shift along x alone: Z = f B / disparity.

        The ray (x, y, 1) t from (B, 0, 0) is seen at X/Z = x + B/Z.
        """
        turned = Rotation.from_rotvec(pose).apply(np.column_stack((rays, np.ones(len(rays)))))
        shift = self.tangents(seen)[:, 0] - turned[:, 0] / turned[:, 2]
        return self.baseline / np.where(np.abs(shift) < 1e-9, 1e-9, shift)


def tilt_of(plane: Floats) -> float:
    """Return how far a card is turned away from the camera, degrees."""
    return float(np.degrees(np.arccos(np.clip(abs(plane[2]) / np.linalg.norm(plane), 0.0, 1.0))))


def distance_of(plane: Floats) -> float:
    """Return a card's distance along the camera's axis, mm."""
    return float(1 / plane[2])
