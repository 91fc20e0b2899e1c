"""What the dots of a job say: the cards, the verdict, for proof and pictures."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from functools import lru_cache

import numpy as np
from msgspec import Struct

from daruma.core.depth.fitting import Card
from daruma.core.depth.likeness import plane_through
from daruma.core.depth.proof import DotVerdict, judge
from daruma.core.depth.view import Floats, View
from daruma.core.face import DotFrame

VIEW = View()  # of the phones of the catalogue: focal length, picture and baseline are the same in all


class DotSheet(Struct, frozen=True):
    """Hold the cards as they were seen, the map's directions, and the verdict."""

    view: View
    cards: tuple[Card, ...]
    rays: Floats
    verdict: DotVerdict


def dot_sheet(frames: Mapping[int, Sequence[DotFrame]], rays: Sequence[float]) -> DotSheet:
    """Return the sheet of frames by card and a map: x, y of each dot one after the other, tangents."""
    key = tuple((card, tuple(frames[card])) for card in sorted(frames))
    return _sheet(key, tuple(rays))


def triangulated(sheet: DotSheet, card: int) -> float:
    """Return a card's distance along the camera's axis, mm, by triangulating each dot and laying a plane through them.

    It shares the pose with the fit, not its planes: a second way to the same figure.
    """
    fit = sheet.verdict.fit
    assert fit is not None
    mine = fit.matched[card]
    depth = sheet.view.depths(mine.seen, sheet.rays[mine.dots], fit.pose)
    across = sheet.view.tangents(mine.seen) * depth[:, None]
    return plane_through(np.column_stack((across, depth)))[0]


@lru_cache(maxsize=4)
def _sheet(frames: tuple[tuple[int, tuple[DotFrame, ...]], ...], rays: tuple[float, ...]) -> DotSheet:
    cards = tuple(_card(mine) for _, mine in frames)
    directions = np.array(rays).reshape(-1, 2)
    return DotSheet(VIEW, cards, directions, judge(VIEW, cards, directions))


def _card(frames: Sequence[DotFrame]) -> Card:
    seen = tuple(np.array(frame.points).reshape(-1, 2) for frame in frames)
    distance = next((frame.distance for frame in frames if frame.distance > 0), None)
    return Card(seen, distance)
