"""Long series made short: lowest and highest value of even spans for drawing, means that keep the charge for judging."""

from __future__ import annotations

import numpy as np
from msgspec import Struct

from daruma.core.cell.log import Floats


class Envelope(Struct, frozen=True):
    """Hold the middle of each span (s) and the lowest and highest value in it (n)."""

    t: Floats
    low: Floats
    high: Floats


def envelope(t: Floats, values: Floats, spans: int, ends: tuple[float, float] | None = None) -> Envelope:
    """Return lowest and highest of values (n) in so many even spans of time; spans without a sample are left out."""
    if not len(t):
        return Envelope(t, values, values)
    start, end = ends if ends is not None else (float(t[0]), float(t[-1]))
    if len(t) <= spans:
        return Envelope(t, values, values)
    edges = np.linspace(start, end, spans + 1)
    first = np.searchsorted(t, edges[:-1], "left")
    there = np.diff(np.append(first, np.searchsorted(t, end, "right"))) > 0
    places = first[there]
    middles = 0.5 * (edges[1:] + edges[:-1])
    return Envelope(middles[there], np.minimum.reduceat(values, places), np.maximum.reduceat(values, places))


def shortened(t: Floats, values: tuple[Floats, ...], most: int) -> tuple[Floats, tuple[Floats, ...]]:
    """Return times and values (n) as means of neighbours, at most so many: sums over time stay as they are."""
    by = -(-len(t) // most)
    if by <= 1:
        return t, values
    whole = len(t) // by * by

    def meant(each: Floats) -> Floats:
        rest = [np.mean(each[whole:])] if whole < len(each) else []
        mean: Floats = np.append(each[:whole].reshape(-1, by).mean(axis=1), rest)
        return mean

    return meant(t), tuple(meant(each) for each in values)
