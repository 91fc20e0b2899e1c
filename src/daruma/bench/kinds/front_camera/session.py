"""A session before the front camera: which frames are taken in which order, and what each of them shows."""

from __future__ import annotations

import secrets
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.core.language import tr
from daruma.core.optics.chart import MIDDLE, PLACES, WHOLE, edges
from daruma.core.optics.frames import Frame, Mode
from daruma.link.camera import Wanted, frame
from daruma.link.devices import PhoneLink

if TYPE_CHECKING:
    from daruma.core.optics.seeing import Floats

SWEEP = (-70.0, -45.0, -30.0, -20.0, -12.0, -6.0, 0.0, 6.0, 12.0, 20.0, 30.0, 45.0, 70.0)  # codes beside the phone's own
FILMED = 3  # frames of a film
EDGE = edges(MIDDLE)[0]
NINE = range(len(PLACES))


class Session:
    """Take the frames of one session; `take` numbers them, so that none is mistaken for another one's."""

    def __init__(self, phone: PhoneLink, context: Context) -> None:
        from daruma.core.optics.front import DISTANCES

        self._phone = phone
        self._context = context
        self._take = secrets.randbelow(1 << 30)
        self._shade: Floats | None = None
        self._distances = DISTANCES

    def frames(self) -> tuple[Frame, ...]:
        """Take them all: a flat field, a photo, a film, near and far, the focus at three distances, a photo at the best code."""
        found: list[Frame] = []
        for share, words, wanted, places in self._wanted():
            self._context.checkpoint()
            self._context.report(share, words)
            found.append(self._taken(wanted, places))
            if wanted.mode is Mode.FOCUS:
                found += self._swept(wanted, found[-1].code)
        found.append(self._taken(Wanted(Mode.PHOTO, self._distances[1], code=self._best(found)), NINE))
        return tuple(found)

    def _wanted(self) -> Iterator[tuple[float, str, Wanted, Sequence[int]]]:
        arm = self._distances[1]
        yield 0.0, tr("a flat field"), Wanted(Mode.PHOTO, arm, plain=True), ()
        yield 0.05, tr("a photo of the chart"), Wanted(Mode.PHOTO, arm), NINE
        for number in range(FILMED):
            yield 0.15 + 0.03 * number, "filming", Wanted(Mode.VIDEO, arm, window=EDGE), ()
        yield 0.25, tr("after the film"), Wanted(Mode.VIDEO, arm, after=True, window=EDGE), ()
        yield 0.3, tr("what is near"), Wanted(Mode.CINEMATIC, arm, near=True, window=EDGE), ()
        yield 0.32, tr("what is far"), Wanted(Mode.CINEMATIC, arm, window=EDGE), ()
        for number, distance in enumerate(self._distances):
            yield (
                0.35 + 0.2 * number,
                tr("focus at {distance:g} m", distance=distance),
                Wanted(Mode.FOCUS, distance, window=EDGE),
                (),
            )

    def _taken(self, wanted: Wanted, places: Sequence[int] = ()) -> Frame:
        from daruma.core.optics.seeing import seen, shading

        self._take += 1
        code, raw = frame(self._phone, wanted, self._take, self._context.checkpoint)
        if wanted.plain and wanted.window == WHOLE:
            self._shade = shading(raw)
        swept = wanted.code is not None
        blank = Frame(wanted.mode, wanted.distance, code, "", 0.0, (), swept, wanted.plain)
        found = seen(replace(blank, after=wanted.after, near=wanted.near), raw, wanted.window, places, self._shade)
        self._context.sample(found)
        return found

    def _swept(self, wanted: Wanted, own: float) -> list[Frame]:
        """Return frames of a sweep about the phone's own code; codes below zero are left out."""
        found = []
        for code in (own + beside for beside in SWEEP if own + beside >= 0):
            self._context.checkpoint()
            found.append(self._taken(replace(wanted, code=code)))
        return found

    def _best(self, found: Sequence[Frame]) -> float:
        """Return the code at which the lens is sharpest at arm's length; the phone's own where none is."""
        from daruma.core.optics.front import Look

        peak = Look(tuple(found)).peaks.get(self._distances[1])
        return peak.code if peak is not None else next(f.code for f in found if f.mode is Mode.PHOTO)
