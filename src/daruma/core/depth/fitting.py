"""Pose of the projector and planes of the cards, from matched dots: robust least squares with its covariance."""

from __future__ import annotations

from collections.abc import Sequence
from typing import cast

import numpy as np
from msgspec import Struct

from daruma.core.depth.matching import guess, pairs
from daruma.core.depth.view import Floats, Ints, View, distance_of

NOISE = 0.12  # px: standard uncertainty of a centroid along each axis, as the phone's camera has it
RULER = 1.0  # mm: standard uncertainty of a distance that somebody has measured
HUBER = 1.345  # standard deviations: 95 % efficient for normal noise (Huber 1981)
_WITHIN = (2.5, 1.2)  # px: how near a dot must be to where it is expected, first and last
_STEPS = 12


class Card(Struct, frozen=True):
    """Hold what was seen of one card: the centroids of each frame (n, 2), px; its distance where somebody has measured it, mm."""

    frames: tuple[Floats, ...]
    distance: float | None = None
    distance_u: float = RULER

    @property
    def count(self) -> int:
        """Return how many dots were seen in all frames."""
        return sum(map(len, self.frames))


class Matched(Struct, frozen=True):
    """Hold the matched dots of one card: where they were seen (n, 2), px, which of the map they are, and in which frame."""

    seen: Floats
    dots: Ints
    frame: Ints


class Fit(Struct, frozen=True):
    """Hold the pose (rotation vector, rad), a plane for each card, their covariance, and the matched dots of each card.

    `covariance` is that of pose and planes in one, in their order; `noise` the standard deviation of a centroid that the
    fit itself shows, px.
    """

    pose: Floats
    planes: tuple[Floats, ...]
    covariance: Floats
    matched: tuple[Matched, ...]
    noise: float

    def pose_covariance(self) -> Floats:
        """Return the covariance of the pose, rad^2."""
        return self.covariance[:3, :3]

    def distance_u(self, card: int) -> float:
        """Return the standard uncertainty of a card's distance, mm: of 1 / r."""
        place = 3 + 3 * card + 2
        return float(np.sqrt(self.covariance[place, place]) * distance_of(self.planes[card]) ** 2)


def fit(view: View, cards: Sequence[Card], rays: Floats, *, noise: float = NOISE, seed: int = 1) -> Fit | None:
    """Match the dots of some cards and fit one pose to all and a plane to each; None where no card's dots make sense.

    `rays` (n, 2) are the map's tangents, `noise` is the standard uncertainty of a centroid, px. Cards whose dots make no
    sense by themselves have no matched dots.
    """
    rng = np.random.default_rng(seed)
    guesses = [guess(view, card.frames[0], rays, rng) if card.frames and len(card.frames[0]) else None for card in cards]
    known = [found for found in guesses if found is not None]
    if not known:
        return None
    pose = max(known, key=lambda found: found.agreeing).pose
    planes = [found.plane if found is not None else None for found in guesses]
    for within in (*_WITHIN, _WITHIN[-1]):
        matched = [_matched(view, card, rays, pose, plane, within) for card, plane in zip(cards, planes, strict=True)]
        if not any(len(each.dots) for each in matched):
            return None
        pose, solved, covariance, spread = _solved(view, cards, rays, matched, pose, planes, noise)
        planes = solved
    final = [_matched(view, card, rays, pose, plane, _WITHIN[-1]) for card, plane in zip(cards, planes, strict=True)]
    filled = tuple(plane if plane is not None else np.array([0.0, 0.0, 1 / 400]) for plane in planes)
    return Fit(pose, filled, covariance, tuple(final), spread)


def _matched(view: View, card: Card, rays: Floats, pose: Floats, plane: Floats | None, within: float) -> Matched:
    nothing = Matched(np.empty((0, 2)), np.empty(0, np.intp), np.empty(0, np.intp))
    if plane is None:
        return nothing
    found = [(seen, *pairs(view, seen, rays, pose, plane, within)) for seen in card.frames if len(seen)]
    if not found:
        return nothing
    return Matched(
        np.concatenate([seen[mine] for seen, mine, _ in found]),
        np.concatenate([theirs for _, _, theirs in found]),
        np.concatenate([np.full(len(mine), frame) for frame, (_, mine, _) in enumerate(found)]),
    )


def _solved(
    view: View,
    cards: Sequence[Card],
    rays: Floats,
    matched: Sequence[Matched],
    pose: Floats,
    planes: Sequence[Floats | None],
    noise: float,
) -> tuple[Floats, list[Floats | None], Floats, float]:
    """Return pose, planes, covariance and the spread of the residuals by Gauss-Newton steps with Huber's weights."""
    there = [i for i, each in enumerate(matched) if len(each.dots) >= 3 and planes[i] is not None]
    values = np.concatenate([pose, *(cast(Floats, planes[i]) for i in there)])
    scale = np.concatenate([np.full(3, 1e-3), np.tile([1e-5, 1e-5, 1e-5], len(there))])
    picked = [(cards[i], matched[i].seen, rays[matched[i].dots]) for i in there]
    for _ in range(_STEPS):
        residuals = _residuals(view, picked, values, noise)
        slopes = np.column_stack(
            [(residuals - _residuals(view, picked, values + step, noise)) / step[k] * scale[k] for k, step in _steps(scale)]
        )
        weight = np.sqrt(np.minimum(1.0, HUBER / np.maximum(np.abs(residuals), 1e-12)))
        change, *_ = np.linalg.lstsq(slopes * weight[:, None], residuals * weight, rcond=None)
        values = values + change * scale
        if np.abs(change).max() < 1e-4:
            break
    spread = max(1.0, _spread(residuals, len(values)))
    covariance = np.linalg.pinv(slopes.T @ slopes) * np.outer(scale, scale) * spread**2
    solved: list[Floats | None] = [None] * len(cards)
    for place, i in enumerate(there):
        solved[i] = values[3 + 3 * place : 6 + 3 * place]
    return values[:3], solved, _spaced(covariance, there, len(cards)), spread * noise


def _steps(scale: Floats) -> list[tuple[int, Floats]]:
    return [(k, np.where(np.arange(len(scale)) == k, 0.01 * scale, 0.0)) for k in range(len(scale))]


def _residuals(view: View, picked: Sequence[tuple[Card, Floats, Floats]], values: Floats, noise: float) -> Floats:
    """Return what was seen less what is expected, in standard deviations; measured distances count as one reading each."""
    parts: list[Floats] = []
    for place, (card, seen, rays) in enumerate(picked):
        plane = values[3 + 3 * place : 6 + 3 * place]
        parts.append(((seen - view.seen(rays, values[:3], plane)) / noise).ravel())
        if card.distance is not None:
            parts.append(np.array([(card.distance - distance_of(plane)) / card.distance_u]))
    return np.concatenate(parts)


def _spread(residuals: Floats, unknowns: int) -> float:
    """Return the standard deviation of residuals without their outliers: 1.4826 times the median amount."""
    free = max(1, len(residuals) - unknowns) / len(residuals)
    return float(1.4826 * np.median(np.abs(residuals)) / np.sqrt(free))


def _spaced(covariance: Floats, there: Sequence[int], cards: int) -> Floats:
    """Return the covariance with the rows of cards whose dots made no sense left at infinity."""
    whole = np.diag(np.full(3 + 3 * cards, np.inf))
    places = np.concatenate([np.arange(3), *(3 + 3 * i + np.arange(3) for i in there)])
    whole[np.ix_(places, places)] = covariance
    return whole
