"""How a front camera is found by its frames: what is wrong with it, or that photo, video, depth and autofocus all work."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from enum import Enum
from functools import cached_property
from math import log

import numpy as np
from msgspec import Struct

from daruma.core.language import figures, tr, word
from daruma.core.optics.chart import MIDDLE, PLACES
from daruma.core.optics.focus import FEWEST, Peak, peak_of
from daruma.core.optics.frames import Blur, Frame, Mode

CLASS_MTF50 = 0.26  # cycles a pixel that each of nine places must surely reach (ours)
TOLERANCE = 8.0  # codes that the phone's own focus may lie beside the best one (ours)
DISTANCES = (0.3, 0.5, 1.2)  # m: near, an arm's length, a group (ours)
_WHITE, _BLACK = 240.0, 12.0  # grey: a mean above is white, below is black
_SKEW = 0.10  # of the logarithm of the two edges' ratio: less is no lens hurt by heat
_SMEARED = 0.85  # of the usual sharpness: less in single places is dirt
_SURE = 1.96
_FAR_OFF = 3.0  # standard uncertainties


class Finding(Enum):
    """Say how a front camera is found."""

    WORKS = "works"
    DEAD = "dead"
    FROZEN = "freezes"
    WHITE = "white after recording"
    NO_FOCUS = "does not focus"
    HEAT = "lens hurt by heat"
    DIRTY = "dirty"
    TABLE = "wrong focus table"
    NO_DEPTH = "no depth"
    UNSURE = "not surely"


ADVICE = {
    Finding.DEAD: tr("the flex is open or the camera is dead: look at its pads and its connector, then at the board"),
    Finding.FROZEN: tr("one and the same frame comes again and again: its connector or its flex has a dry joint"),
    Finding.WHITE: tr("the picture stays white after a film was taken: its data are not bound to this board"),
    Finding.NO_FOCUS: tr("no code changes the blur: the lens does not move"),
    Finding.HEAT: tr("upright and level edges differ all over the picture: the lens was too hot; take another camera"),
    Finding.DIRTY: tr("single places are dull, the others sharp: clean lens and window, then look again"),
    Finding.TABLE: tr(
        "as sharp as it should be, at another code than the phone sets: another camera's focus codes are on the flex"
    ),
    Finding.NO_DEPTH: tr("near and far are equally sharp in the cinematic mode"),
    Finding.UNSURE: tr("what was measured does not surely reach the class: look again with more light on the chart"),
}


@dataclass(frozen=True)
class Look:
    """Hold a session's frames and, worked out when asked for, what they say."""

    frames: tuple[Frame, ...]

    def of(self, mode: Mode, **like: bool) -> tuple[Frame, ...]:
        """Return the frames of a mode for which so many marks hold."""
        return tuple(f for f in self.frames if f.mode is mode and all(getattr(f, key) is value for key, value in like.items()))

    @cached_property
    def peaks(self) -> dict[float, Peak | None]:
        """Return where the lens is sharpest at each distance that was swept."""
        found: dict[float, Peak | None] = {}
        for distance in sorted({f.distance for f in self.of(Mode.FOCUS, swept=True)}):
            codes, mtf50, u = self.sweep(distance)
            found[distance] = peak_of(codes, mtf50, u) if len(codes) >= FEWEST else None
        return found

    def sweep(self, distance: float) -> tuple[tuple[float, ...], tuple[float, ...], tuple[float, ...]]:
        """Return codes, half contrasts and their uncertainties of the sweep at a distance."""
        points = sorted(
            (f.code, f.edges[0].mtf50, f.edges[0].u)
            for f in self.of(Mode.FOCUS, swept=True)
            if f.distance == distance and f.edges and f.edges[0].found
        )
        return (
            tuple(code for code, _, _ in points),
            tuple(mtf50 for _, mtf50, _ in points),
            tuple(u for _, _, u in points),
        )

    def own_code(self, distance: float) -> float | None:
        """Return the code that the phone's autofocus has set at a distance; None where it was not asked."""
        return next((f.code for f in self.of(Mode.FOCUS, swept=False) if f.distance == distance), None)

    @cached_property
    def nine(self) -> tuple[tuple[Blur, Blur], ...]:
        """Return the upright and the level edge of each of nine places of the photo."""
        return _pairs(next(iter(self.of(Mode.PHOTO, plain=False, swept=False)), None))

    @cached_property
    def nine_at_best(self) -> tuple[tuple[Blur, Blur], ...]:
        """Return the same at the best code: what the lens itself can do."""
        return _pairs(next(iter(self.of(Mode.PHOTO, plain=False, swept=True)), None)) or self.nine

    @cached_property
    def skew(self) -> tuple[float, float]:
        """Return the mean logarithm of level over upright sharpness of the outer places at the best code, and its uncertainty."""
        found = [
            (log(b.mtf50 / a.mtf50), (a.u / a.mtf50) ** 2 + (b.u / b.mtf50) ** 2)
            for place, (a, b) in enumerate(self.nine_at_best)
            if place != MIDDLE and a.found and b.found
        ]
        if len(found) < 4:
            return 0.0, 1.0
        return float(np.median([value for value, _ in found])), 1.25 * float(np.mean([v for _, v in found]) / len(found)) ** 0.5

    @cached_property
    def dull(self) -> tuple[int, ...]:
        """Return the places that are surely less sharp, along both edges, than the others are."""
        nine = self.nine_at_best
        usual = float(np.median([blur.mtf50 for pair in nine for blur in pair])) if nine else 0.0
        return tuple(
            place for place, pair in enumerate(nine) if all(blur.mtf50 + _FAR_OFF * blur.u < _SMEARED * usual for blur in pair)
        )

    def off(self, distance: float) -> tuple[float, float] | None:
        """Return by how many codes the phone's own lies beside the best one at a distance, and its standard uncertainty."""
        peak, own = self.peaks.get(distance), self.own_code(distance)
        return (own - peak.code, peak.u) if peak is not None and own is not None else None


class Judged(Struct, frozen=True):
    """Hold how a camera is found, in words, which modes work, and what was measured."""

    finding: Finding
    why: str
    modes: dict[Mode, bool]
    numbers: tuple[tuple[str, str], ...]


def judged(frames: Sequence[Frame]) -> Judged:
    """Return how a front camera is found by a session's frames."""
    look = Look(tuple(frames))
    finding = _finding(look)
    why = ADVICE.get(finding, tr("photo, video, depth and autofocus work"))
    if finding is Finding.DIRTY and look.dull:
        why = f"{', '.join(PLACES[place] for place in look.dull)}: {why}"
    return Judged(finding, why, modes_of(look), numbers_of(look))


def _finding(look: Look) -> Finding:
    photo = look.of(Mode.PHOTO, plain=False)
    if not photo or max(f.mean for f in look.frames) < _BLACK:
        return Finding.DEAD
    if _frozen(look):
        return Finding.FROZEN
    if any(f.mean > _WHITE for f in look.of(Mode.VIDEO, after=True)):
        return Finding.WHITE
    if look.peaks and all(peak is None for peak in look.peaks.values()):
        return Finding.NO_FOCUS
    skew, u = look.skew
    if abs(skew) > max(_SKEW, _FAR_OFF * u):
        return Finding.HEAT
    if look.dull or any(f.spots for f in look.of(Mode.PHOTO, plain=True)):
        return Finding.DIRTY
    offs = [look.off(distance) for distance in look.peaks]
    if any(off is not None and abs(off[0]) - _SURE * off[1] > TOLERANCE for off in offs):
        return Finding.TABLE
    if not _depth(look):
        return Finding.NO_DEPTH
    return Finding.WORKS if all(modes_of(look).values()) else Finding.UNSURE


def modes_of(look: Look) -> dict[Mode, bool]:
    """Return which of the four modes surely work."""
    film = look.of(Mode.VIDEO, after=False)
    after = look.of(Mode.VIDEO, after=True)
    offs = [look.off(distance) for distance in DISTANCES]
    return {
        Mode.PHOTO: bool(look.nine) and all(b.mtf50 - _SURE * b.u >= CLASS_MTF50 for pair in look.nine for b in pair),
        Mode.VIDEO: len(film) > 1
        and not _frozen(look)
        and bool(after)
        and all(_BLACK < f.mean < _WHITE for f in (*film, *after)),
        Mode.CINEMATIC: _depth(look),
        Mode.FOCUS: all(off is not None and abs(off[0]) + _SURE * off[1] <= TOLERANCE for off in offs),
    }


def _frozen(look: Look) -> bool:
    film = look.of(Mode.VIDEO, after=False)
    return len(film) > 1 and len({f.digest for f in film}) < len(film)


def _depth(look: Look) -> bool:
    """Return whether what is far is surely less sharp than what is near in the cinematic mode."""
    near, far = look.of(Mode.CINEMATIC, near=True), look.of(Mode.CINEMATIC, near=False)
    if not near or not far or not near[0].edges or not far[0].edges or not near[0].edges[0].found:
        return False
    a, b = near[0].edges[0], far[0].edges[0]
    return not b.found or (a.mtf50 - b.mtf50 > _FAR_OFF * float(np.hypot(a.u, b.u)) and b.mtf50 < 0.8 * a.mtf50)


def _pairs(frame: Frame | None) -> tuple[tuple[Blur, Blur], ...]:
    found = frame.edges if frame is not None else ()
    return tuple(zip(found[::2], found[1::2], strict=True)) if len(found) == 2 * len(PLACES) else ()


def numbers_of(look: Look) -> tuple[tuple[str, str], ...]:
    """Return what was measured, each with its expanded uncertainty."""
    rows = [(word(mode), tr("works") if works else tr("not proven")) for mode, works in modes_of(look).items()]
    for place, pair in zip(PLACES, look.nine, strict=False):
        least = min(pair, key=lambda blur: blur.mtf50)
        rows.append(
            (
                tr("{place} MTF50", place=place),
                tr("{mtf50:.3f} ± {spread:.3f} c/px", mtf50=least.mtf50, spread=_SURE * least.u)
                if least.found
                else tr("no edge"),
            )
        )
    for distance, peak in look.peaks.items():
        own = look.own_code(distance)
        said = figures("{code:.1f} ± {SURE:.1f}", code=peak.code, SURE=_SURE * peak.u) if peak is not None else tr("no peak")
        rows.append(
            (
                tr("focus at {distance:g} m", distance=distance),
                tr("{said}, phone {own:.0f}", said=said, own=own) if own is not None else said,
            )
        )
    return tuple(rows)
