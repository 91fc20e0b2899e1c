"""The phases of a log: nothing, short, boot, idle, constant current, constant voltage, trickle, full, discharge.

The log is brought to an even grid, its current smoothed by medians, and every place judged by level and trend; runs that are too
short to be a phase go to their neighbours. What charges is positive here.
"""

from __future__ import annotations

from collections.abc import Sequence
from itertools import groupby

import numpy as np
import numpy.typing as npt
from scipy.ndimage import maximum_filter1d, median_filter, uniform_filter1d

from daruma.core.cell.log import Floats, thinned
from daruma.core.cell.spans import Phase, Span
from daruma.core.cell.taper import LOW, charging_pieces

_MOST_PLACES = 20_000
_NOTHING = 0.003  # A: less is nothing
_NOTHING_SHARE = 0.004  # of the largest current
_COLLAPSED = 0.6  # of the usual voltage: below it, under current, it is a short
_FLAT = 0.02  # a current that changes by less over a window is constant
_AT_ONCE = 0.7  # of a fall within one place: it is a step
_BOOT = 60.0  # seconds in which a phone's start settles
_RESTLESS = 0.12  # of its mean that a current scatters by while a phone starts or works
_LEAST = 0.001  # of the log that a phase lasts at least
_STEADY = frozenset({Phase.CONSTANT_CURRENT, Phase.CONSTANT_VOLTAGE, Phase.TRICKLE, Phase.FULL})
_CHARGED = frozenset({Phase.CONSTANT_CURRENT, Phase.CONSTANT_VOLTAGE, Phase.FULL})
_FEWEST = 12  # samples of a run that can be told by what is held
_LONGEST_LEAST = 10.0  # seconds: what lasts longer is always a phase


def phases(t: Floats, v: Floats, a: Floats) -> tuple[Span, ...]:
    """Return the phases of a log whose charging current is positive: times (s) that rise, volts, amperes."""
    if len(t) < 8 or t[-1] <= t[0]:
        return ()
    count = int(min(_MOST_PLACES, max(64, len(t))))
    grid = np.linspace(t[0], t[-1], count)
    amps, volts = np.interp(grid, t, a), np.interp(grid, t, v)
    step = grid[1] - grid[0]
    window = max(3, 2 * round(min(5.0, 0.01 * (t[-1] - t[0])) / step / 2) + 1)
    smooth = median_filter(amps, size=window, mode="nearest")
    marks = _marked(grid, volts, amps, smooth)
    least = max(3, round(min(_LONGEST_LEAST, max(1.0, _LEAST * (t[-1] - t[0]))) / step))
    return tuple(_charging_runs(t, v, a, _refined(t, a, _spans(grid, _merged(marks, least)))))


def _charging_runs(t: Floats, v: Floats, a: Floats, spans: list[Span]) -> list[Span]:
    """Return the spans, each run of steady charging told anew by what is held in it: current, then voltage."""
    found: list[Span] = []
    for steady, group in groupby(spans, key=lambda span: span.phase in _STEADY):
        run = list(group)
        first, last = np.searchsorted(t, (run[0].start, run[-1].end))
        inside = slice(int(first) + 1, int(last))
        if not steady or last - first < _FEWEST or float(a[inside].min()) <= 0:
            found += run
            continue
        by = -(-(int(last) - int(first)) // _MOST_PLACES)
        pieces = charging_pieces(t[inside][::by], v[inside][::by], a[inside][::by])
        ends = [run[0].start, *(piece.start for piece in pieces[1:]), run[-1].end]
        plateau = float(np.percentile(thinned(a[inside]), 95))
        for piece, start, end in zip(pieces, ends, ends[1:], strict=False):
            found.append(Span(_by_level(piece, t, a, plateau, charged=bool(found and found[-1].phase in _CHARGED)), start, end))
    return found


def _by_level(piece: Span, t: Floats, a: Floats, plateau: float, *, charged: bool) -> Phase:
    """Return the phase of a piece of charging: what is held far below the charging current trickles, or has charged."""
    first, last = np.searchsorted(t, (piece.start, piece.end))
    level = float(np.median(thinned(a[first : max(last, first + 1)])))
    if piece.phase is not Phase.CONSTANT_CURRENT or level >= LOW * plateau:
        return piece.phase
    return Phase.FULL if charged else Phase.TRICKLE


def _marked(grid: Floats, volts: Floats, amps: Floats, smooth: Floats) -> list[Phase]:
    """Return the phase of each place by its level and trend."""
    largest = float(np.percentile(np.abs(smooth), 99))
    quiet = max(_NOTHING if largest > 10 * _NOTHING else 0.0, _NOTHING_SHARE * largest, 1e-9)
    usual = (
        float(np.median(volts[np.abs(amps) <= quiet])) if (np.abs(amps) <= quiet).sum() > 8 else float(np.percentile(volts, 90))
    )
    step = grid[1] - grid[0]
    reach = max(2, round(max(30.0, 0.005 * (grid[-1] - grid[0])) / step))
    falls = _falling(smooth, quiet, reach)
    restless = _restless(amps, smooth, max(3, round(5.0 / step)))
    plateau = float(np.percentile(smooth[smooth > quiet], 95)) if (smooth > quiet).any() else 0.0
    marks: list[Phase] = []
    charged = started = False
    first_on: float | None = None
    for place, now in enumerate(smooth):
        if now < -quiet:
            marks.append(Phase.DISCHARGE)
            first_on, started = None, False
        elif abs(now) <= quiet:
            marks.append(Phase.NOTHING)
            first_on, started = None, False
        elif volts[place] < _COLLAPSED * usual and now > 0.5 * largest:
            marks.append(Phase.SHORT)
        else:
            first_on = grid[place] if first_on is None else first_on
            since = grid[place] - first_on
            mark = _charging(now, plateau, bool(falls[place]), bool(restless[place]), since, charged, started)
            started = started or (mark is Phase.BOOT)
            charged = charged or mark is Phase.CONSTANT_VOLTAGE
            marks.append(mark)
    return marks


def _falling(smooth: Floats, quiet: float, reach: int) -> npt.NDArray[np.bool_]:
    """Return where a charging current falls over a window, which never reaches beyond the run of charging that it is in."""
    on = np.concatenate(([0], (smooth > quiet).astype(np.int8), [0]))
    falls = np.zeros(len(smooth), dtype=bool)
    for start, end in zip(np.flatnonzero(np.diff(on) == 1), np.flatnonzero(np.diff(on) == -1), strict=True):
        place = np.arange(start, end)
        earlier, later = smooth[np.maximum(place - reach, start)], smooth[np.minimum(place + reach, end - 1)]
        fall, inside = earlier - later, smooth[start:end]
        steepest = maximum_filter1d(-np.diff(inside, append=inside[-1]), size=2 * reach + 1, mode="nearest")
        # a step down to another constant current falls at once
        falls[start:end] = (fall > 2 * _FLAT * inside) & (steepest < _AT_ONCE * fall)
    return falls


def _charging(now: float, plateau: float, falls: bool, restless: bool, since: float, charged: bool, started: bool) -> Phase:
    if restless:
        return Phase.BOOT if since <= _BOOT else Phase.IDLE
    if falls and now > 0.02 * plateau and (charged or now > LOW * plateau):
        return Phase.CONSTANT_VOLTAGE
    if now < LOW * plateau:
        if charged:
            return Phase.FULL
        return Phase.IDLE if started else Phase.TRICKLE
    return Phase.CONSTANT_CURRENT


def _restless(amps: Floats, smooth: Floats, size: int) -> npt.NDArray[np.bool_]:
    """Return where a current scatters about its median as that of a phone at work does."""
    off = np.abs(amps - smooth)
    mean: Floats = uniform_filter1d(off, 2 * size + 1, mode="constant")
    scattered: npt.NDArray[np.bool_] = mean > _RESTLESS * np.maximum(np.abs(smooth), 1e-9)
    return scattered


def _merged(marks: list[Phase], least: int) -> list[Phase]:
    """Return the marks, runs shorter than `least` given to the longer of their neighbours, the shortest first."""
    runs = [(phase, len(list(group))) for phase, group in groupby(marks)]
    while len(runs) > 1:
        place = min(range(len(runs)), key=lambda i: runs[i][1])
        if runs[place][1] >= least:
            break
        sides = [i for i in (place - 1, place + 1) if 0 <= i < len(runs)]
        into = max(sides, key=lambda i: runs[i][1])
        runs[place] = runs[into][0], runs[place][1]
        joined: list[tuple[Phase, int]] = []
        for phase, length in runs:
            if joined and joined[-1][0] is phase:
                joined[-1] = phase, joined[-1][1] + length
            else:
                joined.append((phase, length))
        runs = joined
    return [phase for phase, length in runs for _ in range(length)]


def _spans(grid: Floats, marks: Sequence[Phase]) -> list[Span]:
    spans, at = [], 0
    for phase, group in groupby(marks):
        length = len(list(group))
        end = min(at + length, len(grid) - 1)
        spans.append(Span(phase, float(grid[at]), float(grid[end])))
        at += length
    return spans


def _refined(t: Floats, a: Floats, spans: list[Span]) -> list[Span]:
    """Return the spans with ends moved to where the log itself changes most nearby: the median has rounded the corners off."""
    moved = list(spans)
    around = max(12.0, 5.0 * float(np.median(np.diff(thinned(t)))) * len(thinned(t)) / len(t))
    for place in range(len(spans) - 1):
        before, after = moved[place], moved[place + 1]
        if {before.phase, after.phase} == {Phase.CONSTANT_CURRENT, Phase.CONSTANT_VOLTAGE}:
            at = _leaves_plateau(t, a, before, after)
        else:
            first, last = np.searchsorted(t, (before.end - around, before.end + around))
            if last - first < 3:
                continue
            at = float(t[first + int(np.argmax(np.abs(np.diff(a[first:last]))))])
        if before.start < at < after.end:
            moved[place] = Span(before.phase, before.start, at)
            moved[place + 1] = Span(after.phase, at, after.end)
    return moved


def _leaves_plateau(t: Floats, a: Floats, before: Span, after: Span) -> float:
    """Return where a constant current begins to fall for good."""
    start, middle, end = np.searchsorted(t, (before.start, before.end, after.end), "left")
    level = float(np.median(a[start : middle + 1]))
    high = np.flatnonzero(a[start : end + 1] >= (1 - _FLAT / 2) * level)
    return float(t[start + high[-1]]) if len(high) else before.end
