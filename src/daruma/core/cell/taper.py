"""A charging current that is held, and then falls while the voltage is held: where the one ends and the other begins."""

from __future__ import annotations

from itertools import pairwise

import numpy as np

from daruma.core.cell.log import Floats
from daruma.core.cell.spans import Phase, Span

_STEP = 0.12  # relative: what changes by more at once, against the levels beside it, is a step to another level
_BESIDE = 5  # places on each side that such levels are the medians of
_ALONE = 6.0  # times the usual change beside it, at least, that a step is
_BLOCKS = 60  # means of so many equal parts show whether a piece falls
_FALLS = 0.06  # relative: a piece whose end lies lower by less is held
LOW = 0.2  # of the largest charging current: below it, it trickles or is full
_REST = 0.004  # of the largest current: a tail that moves by less is level
_LEAST_FULL = 60.0  # seconds that it is level at least
_SURE = 5.0  # standard deviations that it must lie lower by
_CORNER = 0.02  # relative: the last mean so near to the level still belongs to it
_TRIES = 40  # places that a corner is looked for at, at each of some finer steps
_ENOUGH = 4000  # samples that it is looked for in


def charging_pieces(t: Floats, v: Floats, a: Floats) -> list[Span]:
    """Return the pieces of one run of charging, held currents and falling ones: times (s), volts, amperes above zero (n)."""
    cuts = [0, *_steps(a), len(a)]
    pieces: list[Span] = []
    for start, end in pairwise(cuts):
        if end - start >= 2:
            pieces += _held_then_falling(t[start:end], v[start:end], a[start:end])
    return pieces


def _steps(a: Floats) -> list[int]:
    """Return the places at which a current goes to another level at once."""
    if len(a) < 2 * _BESIDE:
        return []
    windows = np.lib.stride_tricks.sliding_window_view(a, _BESIDE)
    levels = np.median(windows, axis=1)
    before, after = levels[:-_BESIDE], levels[_BESIDE:]
    change = np.abs(after - before) / np.maximum(np.maximum(before, after), 1e-9)
    places = np.flatnonzero(change > _STEP) + _BESIDE
    found: list[int] = []
    for group in np.split(places, np.flatnonzero(np.diff(places) > _BESIDE) + 1) if len(places) else []:
        # at once: one change between neighbours carries most of it
        near = slice(int(group[0]) - _BESIDE, int(group[-1]) + _BESIDE)
        jumps = np.abs(np.diff(a[near]))
        at = near.start + int(np.argmax(jumps)) + 1
        whole = abs(float(np.median(a[at : at + _BESIDE]) - np.median(a[max(0, at - _BESIDE) : at])))
        if jumps.max() > max(0.5 * whole, _ALONE * float(np.median(jumps))) and whole > _STEP * float(max(a[at], a[at - 1])):
            found.append(at)
    return found


def _held_then_falling(t: Floats, v: Floats, a: Floats) -> list[Span]:
    blocks = np.array_split(a, min(_BLOCKS, max(2, len(a) // 3)))
    means = np.array([float(np.mean(block)) for block in blocks])
    scatter = float(np.median(np.abs(np.diff(a)))) / 0.954 / max(1.0, len(blocks[0])) ** 0.5
    top = float(np.median(np.sort(means)[-max(1, len(means) // 5) :]))
    tail = float(np.mean(means[-max(1, len(means) // 10) :]))
    if top - tail < max(_FALLS * top, _SURE * scatter):
        return [Span(Phase.CONSTANT_CURRENT, float(t[0]), float(t[-1]))]
    high = np.flatnonzero(means >= top - max(_CORNER * top, 3 * scatter))
    near = sum(len(block) for block in blocks[: int(high[-1]) + 1])
    corner = _corner(t, v, a, near, len(blocks[0]))
    if t[corner] - t[0] < 0.02 * (t[-1] - t[0]):
        corner = 0
    at, full = float(t[corner]), _levelled(t[corner:], a[corner:], top)
    first = [Span(Phase.CONSTANT_CURRENT, float(t[0]), at)] if corner else []
    held = [*first, Span(Phase.CONSTANT_VOLTAGE, at, full or float(t[-1]))]
    return [*held, Span(Phase.FULL, full, float(t[-1]))] if full else held


def _levelled(t: Floats, a: Floats, top: float) -> float | None:
    """Return since when a current that fell stays at a low level, None where it falls to the end."""
    blocks = np.array_split(np.arange(len(a)), min(_BLOCKS, max(2, len(a) // 3)))
    means = np.array([float(np.mean(a[block])) for block in blocks])
    level = float(np.mean(means[-max(2, len(means) // 10) :]))
    off = np.flatnonzero(np.abs(means - level) > max(_FALLS * level, _REST * top))
    since = int(off[-1]) + 1 if len(off) else 0
    if level > LOW * top or since >= len(blocks) or t[-1] - t[blocks[since][0]] < max(_LEAST_FULL, 0.15 * (t[-1] - t[0])):
        return None
    return float(t[blocks[since][0]])


def _corner(t: Floats, v: Floats, a: Floats, near: int, block: int) -> int:
    """Return the sample at which a held current begins to fall: where a level and a curve of it, and a kink of the voltage, fit
    best around there, each by its own noise.
    """
    reach = max(8 * block, 24)
    start, end = max(0, near - reach), min(len(a), near + reach)
    by = max(1, (end - start) // _ENOUGH)
    times, amps, volts = t[start:end:by], a[start:end:by], v[start:end:by]
    noise = _noise(amps), _noise(volts)
    found, step = len(times) // 2, len(times)
    # coarsely first, then finer around the best
    while step > 1:
        low, high = max(1, found - step), min(len(times) - 4, found + step)
        step = max(1, (high - low) // _TRIES)
        tried = range(low, high + 1, step)
        errors = [_misfit(times, amps, volts, place, noise) for place in tried]
        if not errors or not np.isfinite(min(errors)):
            return near
        found = tried[int(np.argmin(errors))]
    return start + found * by


def _misfit(times: Floats, amps: Floats, volts: Floats, place: int, noise: tuple[float, float]) -> float:
    """Return how badly a corner at a place fits, in squares of the noise; infinite where the current would rise after it."""
    since = (times - times[place]) / max(float(times[-1] - times[0]), 1e-9)
    late, early = np.maximum(since, 0.0), np.minimum(since, 0.0)
    held = np.column_stack([np.ones(len(times)), late, late**2])
    kinked = np.column_stack([held, early, early**2])
    slope, error = _fitted(held, amps, noise[0])
    return error + _fitted(kinked, volts, noise[1])[1] if slope < 0 else np.inf


def _noise(values: Floats) -> float:
    return max(float(np.median(np.abs(np.diff(values, 2)))) / 1.65, 1e-6)


def _fitted(shape: Floats, values: Floats, noise: float) -> tuple[float, float]:
    """Return the first slope of a least-squares fit, and its squared residuals by the noise of the values."""
    fit = np.linalg.lstsq(shape, values, rcond=None)[0]
    return float(fit[1]), float((((values - shape @ fit) / noise) ** 2).sum())
