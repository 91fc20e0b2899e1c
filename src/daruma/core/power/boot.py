"""What a log of the charging cable says of a phone's start: it boots, starts again and again, hangs, is dead or shorted.

The catalogue says what a model draws while it starts. A run is a time in which current flows; its course is compared with what
the model draws, as a correlation over the time that a start takes.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.cell.log import Floats
from daruma.core.cell.spans import Phase, Span
from daruma.core.language import tr
from daruma.core.power.signature import Boot, BootSignature

_OFF = 0.03  # A: a phone that does not start draws less
_BREAK = 0.3  # seconds without current that end a run
_COLLAPSED = 4.0  # V: less than USB may ever give (USB 2.0, 7.2.2: 4.40 V at a device); current at it is a short
_SHORT_AMPERES, _SHORT_SECONDS = 0.3, 0.5
_ALIKE = 0.95  # correlation from which a run is taken for the model's start: two models of the catalogue come to 0.93
_PACES = np.linspace(0.94, 1.06, 13)  # of the model's: one phone starts faster, another slower (ours)
_PLACES = 200  # that a start is compared at
_LOOPS = 3  # starts without an end that make a loop
_DEAD_SECONDS = 10.0  # without any current, before a phone is called dead
_STANDS = 0.07  # of its level that the current of a hanging phone moves by at most, averaged over spans
_SPAN = 1.0  # seconds
_LEAST_STAND = 8.0  # seconds
_WITHIN = 0.95  # of a start: standing still since later is no hanging
_AFTER = 5.0  # seconds after a start before it is judged
_LEVEL = 0.15  # relative: how near to what the model draws a hanging phone stands
_MISFIT = 0.3  # of what the model draws: how far what came before may lie off it
_TOLD = 0.2  # A that a model's draw must have moved by before its shape tells it
_OUTLASTS = 1.5  # times the longest run that broke off, before one has gone on
_LEAST_RUN = 0.5  # seconds


class Run(Struct, frozen=True):
    """Hold a time in which current flows, s; `alike` is the correlation with the model's start, over as much as there is."""

    start: float
    end: float
    alike: float
    ended: bool


class BootVerdict(Struct, frozen=True):
    """Hold what a log says of a start, why, and the runs that it saw."""

    boot: Boot
    why: str
    runs: tuple[Run, ...] = ()


def drawn(signature: BootSignature, seconds: Floats) -> Floats:
    """Return what a model draws at times after its start, A: seconds (n)."""
    t, a = zip(*signature.corners, strict=True)
    amperes: Floats = np.interp(seconds, t, a)
    return amperes


def boot_of(t: Floats, v: Floats, a: Floats, signature: BootSignature | None) -> BootVerdict:
    """Return what a log says of a start: times in s that rise, volts, amperes into the phone (n)."""
    if len(t) < 8:
        return BootVerdict(Boot.UNKNOWN, tr("too few samples"))
    short = _shorted(t, v, a)
    if short is not None:
        return BootVerdict(
            Boot.SHORTED, tr("at {short:.1f} s the voltage breaks down under current: something is shorted", short=short)
        )
    lasts = float(t[-1] - t[0])
    runs = _runs(t, a, signature)
    if not runs:
        if lasts < _DEAD_SECONDS:
            return BootVerdict(Boot.UNKNOWN, tr("nothing is drawn, but only {lasts:.0f} s were recorded", lasts=lasts))
        return BootVerdict(
            Boot.DEAD, tr("never more than {off:.0f} mA in {lasts:.0f} s: it does not start", off=_OFF * 1000, lasts=lasts)
        )
    if signature is None:
        return BootVerdict(Boot.UNKNOWN, tr("the catalogue does not say what this model draws while it starts"), runs)
    return _judged(t, a, signature, runs)


def with_starts(spans: Sequence[Span], verdict: BootVerdict, signature: BootSignature | None) -> tuple[Span, ...]:
    """Return phases with the starts in them named: a start draws too unevenly to be told from charging by level alone."""
    starts = [
        Span(Phase.BOOT, run.start, min(run.end, run.start + signature.settle))
        for run in verdict.runs
        if signature is not None and run.alike >= _ALIKE
    ]
    kept: list[Span] = []
    for span in spans:
        pieces = [span]
        for start in starts:
            pieces = [left for piece in pieces for left in _without(piece, start)]
        kept += pieces
    return tuple(sorted((*kept, *starts), key=lambda span: span.start))


def _without(span: Span, taken: Span) -> list[Span]:
    """Return what is left of a span; scraps that no phase could be are given up."""
    before = Span(span.phase, span.start, min(span.end, taken.start))
    after = Span(span.phase, max(span.start, taken.end), span.end)
    return [part for part in (before, after) if part.end - part.start >= _BREAK]


def _judged(t: Floats, a: Floats, signature: BootSignature, runs: tuple[Run, ...]) -> BootVerdict:
    ended = [run for run in runs if run.ended]
    last = runs[-1]
    lasted, longest = last.end - last.start, max((run.end - run.start for run in ended), default=0.0)
    if len(ended) >= _LOOPS and lasted < _OUTLASTS * longest:
        every = np.median(np.diff([run.start for run in runs]))
        words = tr("{count} starts, one every {every:.0f} s, and none lasted", count=len(ended), every=every)
        return BootVerdict(Boot.LOOPS, words, runs)
    if lasted < signature.settle + _AFTER:
        return BootVerdict(
            Boot.UNKNOWN, tr("only {lasted:.0f} s of the last start were recorded: record longer", lasted=lasted), runs
        )
    if t[0] >= last.start:
        return BootVerdict(Boot.UNKNOWN, tr("current flows from the first sample on: record from before it is plugged in"), runs)
    stands = _hangs(t, a, last, signature)
    if stands is not None:
        return BootVerdict(Boot.HANGS, stands, runs)
    if last.alike < _ALIKE:
        words = tr("what is drawn is not how this model starts (likeness {alike:.2f})", alike=last.alike)
        return BootVerdict(Boot.UNKNOWN, words, runs)
    if ended and lasted < _OUTLASTS * longest:
        return BootVerdict(Boot.UNKNOWN, tr("an earlier start ended after {longest:.0f} s: record longer", longest=longest), runs)
    after = tr(", after {count} that failed", count=len(ended)) if ended else ""
    words = tr("a start as this model does it (likeness {alike:.2f}){after}", alike=last.alike, after=after)
    return BootVerdict(Boot.BOOTS, words, runs)


def _hangs(t: Floats, a: Floats, run: Run, signature: BootSignature) -> str | None:
    """Return in words where a start stands still, None where it does not.

    It goes as the model does up to there, stays at what the model draws then, and stays so when the start would be over.
    """
    since = _stands(t, a, run)
    if since is None or since >= run.start + _WITHIN * signature.settle:
        return None
    reached, level = since - run.start, float(np.mean(a[(t >= since) & (t <= run.end)]))
    around = drawn(signature, np.linspace((1 - _LEVEL) * reached, (1 + _LEVEL) * reached + _SPAN, 20))
    if float(np.abs(around / level - 1).min()) > _LEVEL:
        return None
    before = (t >= run.start) & (t <= since)
    wanted = drawn(signature, t[before] - run.start)
    if float(np.sqrt(np.mean((a[before] - wanted) ** 2))) > _MISFIT * float(np.sqrt(np.mean(wanted**2))):
        return None
    part = _alike(t, a, int(np.searchsorted(t, run.start)), int(np.searchsorted(t, since)) + 1, signature)
    if np.ptp(wanted) > _TOLD and part < _ALIKE:
        return None
    return tr("from {since:.0f} s after its start it stays at {level:.2f} A and goes no further", since=reached, level=level)


def _shorted(t: Floats, v: Floats, a: Floats) -> float | None:
    """Return when a short began that lasted, None without one."""
    low = (v < _COLLAPSED) & (np.abs(a) > _SHORT_AMPERES)
    for start, end in _true_runs(low):
        if t[end - 1] - t[start] >= _SHORT_SECONDS or (end - start >= 2 and end == len(t)):
            return float(t[start])
    return None


def _runs(t: Floats, a: Floats, signature: BootSignature | None) -> tuple[Run, ...]:
    on = a > _OFF
    joined: list[tuple[int, int]] = []
    for start, end in _true_runs(on):
        if joined and t[start] - t[joined[-1][1] - 1] < _BREAK:
            joined[-1] = joined[-1][0], end
        else:
            joined.append((start, end))
    long = [(start, end) for start, end in joined if t[end - 1] - t[start] >= _LEAST_RUN]
    return tuple(_run(t, a, start, end, signature) for start, end in long)


def _run(t: Floats, a: Floats, start: int, end: int, signature: BootSignature | None) -> Run:
    alike = 0.0 if signature is None else _alike(t, a, start, end, signature)
    ended = end < len(t) and t[-1] - t[end - 1] >= _BREAK
    return Run(float(t[start]), float(t[end - 1]), alike, bool(ended))


def _alike(t: Floats, a: Floats, start: int, end: int, signature: BootSignature) -> float:
    # what a phone that is quicker than others does after its start is left out
    reach = min(float(t[end - 1] - t[start]), signature.settle * float(_PACES[0]))
    if reach <= 0:
        return 0.0
    # means over the places: a meter of a thousand samples a second and one of a few see the same
    edges = np.linspace(0.0, reach, _PLACES + 1)
    sums = np.concatenate(([0.0], np.cumsum(0.5 * np.diff(t[start:end]) * (a[start + 1 : end] + a[start : end - 1]))))
    seen = np.diff(np.interp(edges, t[start:end] - t[start], sums))
    if np.ptp(seen) == 0:
        return 0.0
    return max(_correlation(seen, drawn(signature, pace * 0.5 * (edges[1:] + edges[:-1]))) for pace in _PACES)


def _correlation(seen: Floats, wanted: Floats) -> float:
    return float(np.corrcoef(seen, wanted)[0, 1]) if np.ptp(wanted) > 0 else 0.0


def _stands(t: Floats, a: Floats, run: Run) -> float | None:
    """Return since when the current of a run has stood still to its end, None where it moves to the end."""
    inside = (t >= run.start) & (t <= run.end)
    times, amps = t[inside], a[inside]
    level = float(np.median(amps[times >= times[-1] - _LEAST_STAND]))
    # means over short spans: single spikes of the noise are no movement
    spans = np.linspace(times[0], times[-1], max(2, int((times[-1] - times[0]) / _SPAN)) + 1)
    first = np.searchsorted(times, spans[:-1])
    means = np.add.reduceat(amps, first) / np.maximum(np.diff(np.append(first, len(amps))), 1)
    off = np.flatnonzero(np.abs(means - level) > _STANDS * max(level, 1e-9) + _OFF / 10)
    since = float(spans[off[-1] + 1]) if len(off) else float(times[0])
    return since if times[-1] - since >= _LEAST_STAND else None


def _true_runs(mask: npt.NDArray[np.bool_]) -> list[tuple[int, int]]:
    """Return where a mask is true, as starts and ends."""
    edges = np.flatnonzero(np.diff(np.concatenate(([0], mask.astype(np.int8), [0]))))
    return list(zip(edges[::2].tolist(), edges[1::2].tolist(), strict=True))
