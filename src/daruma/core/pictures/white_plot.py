"""The white plot: measured whites under each light against the path they should follow (CIE 1976 u', v')."""

from collections.abc import Mapping, Sequence
from math import cos, pi, radians, sin

from msgspec import Struct, field

from daruma.core.colour.chromaticity import Pair, xy_to_uv
from daruma.core.colour.follow import WhitePoint, WhiteVerdict, target_white
from daruma.core.colour.light_names import lamp_name
from daruma.core.language import figures, tr
from daruma.core.model import WhitePath
from daruma.core.pictures.primitives import Anchor, Disc, Item, Line, Picture, Rect, Text, Tone, cross
from daruma.core.uncertainty import Claim

_LEFT, _BOTTOM, _TOP, _RIGHT = 56.0, 38.0, 14.0, 14.0


class _Frame:
    """Map u', v' to the picture, with equal scales on both axes."""

    def __init__(self, width: float, height: float, points: Sequence[Pair]) -> None:
        self.w, self.h = width - _LEFT - _RIGHT, height - _TOP - _BOTTOM
        us, vs = [p[0] for p in points], [p[1] for p in points]
        margin = 0.012
        span_u, span_v = max(us) - min(us) + 2 * margin, max(vs) - min(vs) + 2 * margin
        self.scale = min(self.w / span_u, self.h / span_v)
        self.u0 = (max(us) + min(us)) / 2 - self.w / self.scale / 2
        self.v0 = (max(vs) + min(vs)) / 2 - self.h / self.scale / 2

    def at(self, point: Pair) -> tuple[float, float]:
        return _LEFT + (point[0] - self.u0) * self.scale, _TOP + self.h - (point[1] - self.v0) * self.scale

    def holds(self, point: Pair) -> bool:
        x, y = self.at(point)
        return _LEFT <= x <= _LEFT + self.w and _TOP <= y <= _TOP + self.h


class Beside(Struct, frozen=True):
    """Hold what is drawn beside the measured whites: loci to compare with, what was measured before the display was
    tuned, where a tuned record should bring each light's white, and readings that just came in.
    """

    black_body: Sequence[Pair] = ()
    daylight: Sequence[Pair] = ()
    before: Sequence[WhitePoint] = ()
    expected: Mapping[str, Pair] = field(default_factory=dict)
    live: Sequence[Pair] = ()


def white_plot(width: float, height: float, path: WhitePath, verdict: WhiteVerdict | None, beside: Beside) -> Picture:
    """Return the plot; without a verdict it shows the path that is expected."""
    points = verdict.points if verdict else ()
    native = xy_to_uv(path.native_xy)
    warm_end = target_white(path, xy_to_uv((0.44758, 0.40745)))  # illuminant A: the warm end of the path
    shown = [native, warm_end, *(p.measured for p in points), *(p.ambient for p in points), *(p.measured for p in beside.before)]
    frame = _Frame(width, height, shown)
    items: list[Item] = [
        *_axes(frame),
        *_locus(frame, beside.black_body, tr("black body"), (6, 4), 0.42),
        *_locus(frame, beside.daylight, tr("daylight"), (1, 4), 0.0),
        *_path(frame, path, [warm_end, native]),
    ]
    for earlier in beside.before:
        items += _earlier(frame, earlier)
    for point in points:
        items += _point(frame, path, point, width)
        if point.light in beside.expected:
            items += _expected(frame, point.measured, beside.expected[point.light])
    items += [Disc(*frame.at(uv), 2.2, 2.2, Tone.INK) for uv in beside.live if frame.holds(uv)]
    words = verdict.sentence if verdict else tr("Nothing is measured yet; the path that is expected is drawn.")
    return Picture(width, height, tuple(items), (), words)


def _axes(frame: _Frame) -> list[Item]:
    items: list[Item] = [Rect(_LEFT, _TOP, frame.w, frame.h, None, Tone.LINE)]
    step = 0.01 if frame.w / frame.scale < 0.13 else 0.02
    u = (int(frame.u0 / step) + 1) * step
    while u < frame.u0 + frame.w / frame.scale:
        x, _ = frame.at((u, frame.v0))
        items += [
            Line(((x, _TOP), (x, _TOP + frame.h)), Tone.LINE, 0.6),
            Text(x, _TOP + frame.h + 16, figures("{spread:.2f}", spread=u), Tone.QUIET, 12, "middle"),
        ]
        u += step
    v = (int(frame.v0 / step) + 1) * step
    while v < frame.v0 + frame.h / frame.scale:
        _, y = frame.at((frame.u0, v))
        items += [
            Line(((_LEFT, y), (_LEFT + frame.w, y)), Tone.LINE, 0.6),
            Text(_LEFT - 6, y + 4, figures("{v:.2f}", v=v), Tone.QUIET, 12, "end"),
        ]
        v += step
    items += [Text(_LEFT + frame.w, _TOP + frame.h + 32, "u'", Tone.QUIET, 13, "end"), Text(6, _TOP + 12, "v'", Tone.QUIET, 13)]
    return items


def _locus(frame: _Frame, locus: Sequence[Pair], words: str, dash: tuple[float, ...], place: float) -> list[Item]:
    inside = tuple(frame.at(point) for point in locus if frame.holds(point))
    if len(inside) < 2:
        return []
    x, y = inside[int(len(inside) * place)]
    side = (x - 10, y - 4, "end")
    return [Line(inside, Tone.QUIET, 1.4, dash), Text(side[0], side[1], words, Tone.QUIET, 12, side[2])]  # type: ignore[arg-type]


def _earlier(frame: _Frame, point: WhitePoint) -> list[Item]:
    x, y = frame.at(point.measured)
    return [
        Rect(x - 4, y - 4, 8, 8, None, Tone.QUIET, 1.6),
        Text(x - 9, y - 6, tr("{light}, before", light=lamp_name(point.light)), Tone.QUIET, 12, "end"),
    ]


def _expected(frame: _Frame, here: Pair, there: Pair) -> list[Item]:
    (x0, y0), (x1, y1) = frame.at(here), frame.at(there)
    diamond = ((x1, y1 - 5), (x1 + 5, y1), (x1, y1 + 5), (x1 - 5, y1), (x1, y1 - 5))
    return [Line(((x0, y0), (x1, y1)), Tone.PROVEN, 1.2, (3, 3)), Line(diamond, Tone.PROVEN, 1.8)]


def _outline(frame: _Frame, point: WhitePoint) -> tuple[tuple[float, float], ...]:
    """Return the uncertainty ellipse as a closed line."""
    turn, found = radians(point.ellipse.turn), []
    for step in range(33):
        along, across = point.ellipse.long * cos(step * pi / 16), point.ellipse.short * sin(step * pi / 16)
        u, v = along * cos(turn) - across * sin(turn), along * sin(turn) + across * cos(turn)
        found.append(frame.at((point.measured[0] + u, point.measured[1] + v)))
    return tuple(found)


def _path(frame: _Frame, path: WhitePath, ends: Sequence[Pair]) -> list[Item]:
    (x0, y0), (x1, y1) = frame.at(ends[0]), frame.at(ends[1])
    r = path.tolerance_uv * frame.scale
    length = ((x1 - x0) ** 2 + (y1 - y0) ** 2) ** 0.5 or 1.0
    nx, ny = (y0 - y1) / length * r, (x1 - x0) / length * r
    band = [Line(((x0 + s * nx, y0 + s * ny), (x1 + s * nx, y1 + s * ny)), Tone.DATA, 1, (2, 3)) for s in (-1, 1)]
    return [*band, Line(((x0, y0), (x1, y1)), Tone.DATA, 1.6)]


def _point(frame: _Frame, path: WhitePath, point: WhitePoint, width: float) -> list[Item]:
    x, y = frame.at(point.measured)
    tx, ty = frame.at(point.target)
    ax, ay = frame.at(point.ambient)
    tolerance = path.tolerance_uv * frame.scale
    tone = Tone.PROVEN if point.judgement.claim is Claim.PROVEN else Tone.ACT
    rays: list[Item] = [
        Line(
            ((ax + 5 * cos(k * pi / 4), ay + 5 * sin(k * pi / 4)), (ax + 9 * cos(k * pi / 4), ay + 9 * sin(k * pi / 4))),
            Tone.QUIET,
            1.4,
        )
        for k in range(8)
    ]
    near = abs(ax - tx) + abs(ay - ty) < 2 * tolerance
    place = (ax, ay + tolerance + 16) if near else (ax - 14, ay + 4)
    side: Anchor = "end" if x > width * 0.6 else "start"
    reach = (14.0 + tolerance) * (1 if side == "start" else -1)
    label = Text(
        x + reach,
        y + 5,
        tr("{light}: {distance:.4f} off", light=lamp_name(point.light), distance=point.distance),
        tone,
        13,
        side,
        bold=True,
    )
    return [
        *rays,
        Disc(ax, ay, 3, 3, Tone.QUIET),
        Text(
            *place, tr("{light} light", light=lamp_name(point.light)), Tone.QUIET, 12, "end" if place[1] == ay + 4 else "middle"
        ),
        Disc(tx, ty, tolerance, tolerance, None, Tone.DATA, 1.6),
        *cross(tx, ty, 4, Tone.DATA, 1.4),
        Line(_outline(frame, point), tone, 1.4),
        Disc(x, y, 2.6, 2.6, tone),
        label,
    ]
