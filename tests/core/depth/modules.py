"""Random modules and what a camera sees of them: written from the description of the part, not from the product's code."""

import math

import numpy as np
import numpy.typing as npt

Floats = npt.NDArray[np.float64]
FOCAL, CENTRE, SIZE, BASELINE = 610.0, (320.0, 240.0), (640, 480), 24.0


def pattern(count: int = 420, seed: int = 0) -> Floats:
    """A pattern that keeps its dots apart: each the farthest of some candidates."""
    rng = np.random.default_rng(seed)
    points = [np.array([0.0, 0.0])]
    while len(points) < count:
        tries = np.column_stack((rng.uniform(-0.56, 0.50, 16), rng.uniform(-0.41, 0.41, 16)))
        apart = np.linalg.norm(tries[:, None] - np.array(points)[None], axis=2).min(axis=1)
        points.append(tries[apart.argmax()])
    return np.array(points)


COMMON = pattern()


def turned(rays: Floats, pose: Floats) -> Floats:
    """Turn directions by a rotation vector, by Rodrigues' formula."""
    angle = float(np.linalg.norm(pose))
    axis = pose / angle if angle else np.array([0.0, 0.0, 1.0])
    whole = np.column_stack((rays, np.ones(len(rays))))
    out = whole * math.cos(angle) + np.cross(axis, whole) * math.sin(angle) + np.outer(whole @ axis, axis) * (1 - math.cos(angle))
    return out[:, :2] / out[:, 2:]


def module(rng: np.random.Generator) -> Floats:
    """One module's map: the common pattern turned and shifted, bent by its glass, kept in steps of 1/8192."""
    rays = turned(COMMON, rng.normal(0, 0.003, 3))
    bent = rays.copy()
    for axis in (0, 1):
        waves = [np.cos(rays @ rng.normal(0, 4, 2) + rng.uniform(0, 2 * np.pi)) for _ in range(4)]
        bent[:, axis] += 0.0004 * sum(waves) / np.sqrt(2)
    return np.round(bent * 8192) / 8192


def card(rng: np.random.Generator) -> Floats:
    """A card's plane n.P = 1, 250 to 600 mm away, tilted by up to 15 degrees."""
    tilt, way = math.radians(rng.uniform(0, 15)), rng.uniform(0, 2 * math.pi)
    normal = np.array([math.sin(tilt) * math.cos(way), math.sin(tilt) * math.sin(way), math.cos(tilt)])
    plane: Floats = normal / (normal[2] * rng.uniform(250, 600))
    return plane


def picture(rays: Floats, pose: Floats, plane: Floats, *, bump: float = 0.0) -> Floats:
    """Where each dot is seen: its ray is met with the card, and the meeting point is looked at."""
    start = np.array([BASELINE, 0.0, 0.0])
    away = np.column_stack((turned(rays, pose), np.ones(len(rays))))
    far = (1 - plane @ start) / (away @ plane)
    far = far * (1 + bump * np.sin(9 * rays[:, 0]) * np.cos(8 * rays[:, 1]))
    points = start + far[:, None] * away
    seen: Floats = np.asarray(CENTRE) + FOCAL * points[:, :2] / points[:, 2:]
    return seen


def seen(rng: np.random.Generator, where: Floats, *, noise: float = 0.12, missing: float = 0.01) -> Floats:
    """The centroids of a frame: noise, some dots missing, some false ones."""
    points = where + rng.normal(0, noise, where.shape)
    inside = ((points >= 0) & (points < SIZE)).all(axis=1)
    points = points[inside & (rng.uniform(size=len(points)) > missing)]
    false = rng.uniform((0, 0), SIZE, (round(0.01 * len(where)), 2))
    return np.asarray(rng.permutation(np.vstack((points, false))))
