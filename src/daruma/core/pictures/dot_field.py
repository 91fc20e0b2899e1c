"""The dot field and the depth map: where the dots of a projector should be seen and are, and how flat the card is."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from msgspec import Struct

from daruma.core.depth.sheet import VIEW, DotSheet
from daruma.core.depth.view import Floats, Ints
from daruma.core.face import DotFrame
from daruma.core.language import tr
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Text, Tone, cross

_TOP, _FOOT = 26.0, 22.0
_FULL = 1.0  # per cent of the distance that a depth's disc is drawn at its full size for
_LONGER = 25.0  # so many times what a dot is off its place is drawn
_LARGEST = 7.0  # px, radius of it


class _Frame(Struct, frozen=True):
    """Map the camera's picture to a rectangle of the drawn one."""

    left: float
    top: float
    scale: float

    def at(self, u: float, v: float) -> tuple[float, float]:
        return self.left + u * self.scale, self.top + v * self.scale

    @property
    def w(self) -> float:
        return VIEW.size[0] * self.scale

    @property
    def h(self) -> float:
        return VIEW.size[1] * self.scale


def dot_field(width: float, height: float, sheet: DotSheet | None, live: Sequence[DotFrame] = ()) -> Picture:
    """Return the dot field of the first card with its nine zones; the newest frame while frames come in."""
    return Picture(width, height, tuple(_field(_whole(width, height), sheet, live)), (), _words(sheet, live))


def depth_map(width: float, height: float, sheet: DotSheet | None) -> Picture:
    """Return how far each dot of the first card lies before or behind it."""
    return Picture(width, height, tuple(_depths(_whole(width, height), sheet)), (), _words(sheet, ()))


def _whole(width: float, height: float) -> _Frame:
    return _Frame(1, _TOP, min((width - 2) / VIEW.size[0], (height - _TOP - _FOOT) / VIEW.size[1]))


def _frame(frame: _Frame, title: str) -> list[Item]:
    items: list[Item] = [
        Text(frame.left, frame.top - 8, title, Tone.INK, 13, bold=True),
        Rect(frame.left, frame.top, frame.w, frame.h, None, Tone.LINE),
    ]
    for third in (1, 2):
        x, y = frame.left + frame.w * third / 3, frame.top + frame.h * third / 3
        items.append(Line(((x, frame.top), (x, frame.top + frame.h)), Tone.LINE, 0.8))
        items.append(Line(((frame.left, y), (frame.left + frame.w, y)), Tone.LINE, 0.8))
    return items


def _field(frame: _Frame, sheet: DotSheet | None, live: Sequence[DotFrame]) -> list[Item]:
    items = _frame(frame, tr("Dots: seen where the map has them"))
    if live:
        newest = np.array(live[-1].points).reshape(-1, 2)
        return [*items, *(Disc(*frame.at(u, v), 1.6, 1.6, Tone.DATA) for u, v in newest)]
    if sheet is None or sheet.verdict.fit is None:
        seen = sheet.cards[0].frames[0] if sheet is not None and sheet.cards and sheet.cards[0].frames else ()
        return [*items, *(Disc(*frame.at(u, v), 1.6, 1.6, Tone.ACT) for u, v in seen)]
    fit = sheet.verdict.fit
    where = sheet.view.seen(sheet.rays, fit.pose, fit.planes[0])
    inside = np.flatnonzero(sheet.view.inside(where))
    found = set(fit.matched[0].dots.tolist())
    which, off = _off(sheet)
    for dot, (du, dv) in zip(which.tolist(), off.tolist(), strict=True):
        u, v = where[dot]
        if np.hypot(du, dv) * _LONGER > 3:
            items.append(Line((frame.at(u, v), frame.at(u + _LONGER * du, v + _LONGER * dv)), Tone.ACT, 1.2))
    for dot in inside.tolist():
        x, y = frame.at(*where[dot])
        items += [Disc(x, y, 1.8, 1.8, Tone.INK)] if dot in found else list(cross(x, y, 3.4, Tone.ACT, 1.6))
    for place, share in enumerate(sheet.verdict.zones):
        x, y = frame.left + frame.w * (place % 3) / 3 + 5, frame.top + frame.h * (place // 3) / 3 + 14
        said = f"{100 * share.value:.0f} %" if share.value is not None else tr("none")
        items.append(Rect(x - 3, y - 11, 40, 15, Tone.SHEET, None, alpha=0.85))
        items.append(Text(x, y, said, Tone.QUIET, 11))
    items.append(
        Text(
            frame.left,
            frame.top + frame.h + 15,
            tr("dot: seen   cross: missing   line: off its place, {times:g} times as long", times=_LONGER),
            Tone.QUIET,
            11,
        )
    )
    return items


def _off(sheet: DotSheet) -> tuple[Ints, Floats]:
    """Return the matched dots of the first card, and how far each is seen off its place on average, px."""
    assert sheet.verdict.fit is not None
    fit = sheet.verdict.fit
    mine = fit.matched[0]
    left = mine.seen - sheet.view.seen(sheet.rays[mine.dots], fit.pose, fit.planes[0])
    which, place, times = np.unique(mine.dots, return_inverse=True, return_counts=True)
    return which, np.column_stack([np.bincount(place, left[:, axis]) / times for axis in (0, 1)])


def _depths(frame: _Frame, sheet: DotSheet | None) -> list[Item]:
    items = _frame(frame, tr("Depth: off the flat card"))
    if sheet is None or sheet.verdict.fit is None:
        return items
    fit = sheet.verdict.fit
    mine, plane = fit.matched[0], fit.planes[0]
    off = (mine.seen - sheet.view.seen(sheet.rays[mine.dots], fit.pose, plane))[:, 0]
    points = sheet.view.tangents(mine.seen)
    percent = 100 * off / (sheet.view.focal * sheet.view.baseline * (points @ plane[:2] + plane[2]))
    which, place = np.unique(mine.dots, return_inverse=True)
    times = np.bincount(place)
    mean = np.bincount(place, percent) / times
    u, v = (np.bincount(place, mine.seen[:, axis]) / times for axis in (0, 1))
    for index in range(len(which)):
        size = min(_LARGEST, max(0.7, _LARGEST * abs(float(mean[index])) / _FULL))
        # before the card is nearer: seen farther along x
        near = mean[index] > 0
        x, y = frame.at(float(u[index]), float(v[index]))
        items.append(Disc(x, y, size, size, Tone.DATA if near else None, Tone.DATA, 1.0, 0.75))
    legend = tr("full: nearer   ring: farther   largest: {full:g} % of the distance", full=_FULL)
    items.append(Text(frame.left, frame.top + frame.h + 15, legend, Tone.QUIET, 11))
    return items


def _words(sheet: DotSheet | None, live: Sequence[DotFrame]) -> str:
    if live:
        return tr("{count_points} dots are seen in the newest frame.", count_points=len(live[-1].points) // 2)
    return sheet.verdict.why if sheet is not None else tr("No dots are measured yet.")
