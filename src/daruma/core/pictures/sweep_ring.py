"""The sweep ring: directions covered and missing, where the phone looks, which way to turn, why frames are refused."""

from math import cos, radians, sin

from daruma.core.language import tr, word
from daruma.core.optics.sweep import FASTEST, NEEDED, SECTORS, RingState
from daruma.core.pictures.primitives import Item, Line, Picture, Rect, Spot, Text, Tone, tick

_RADIUS = 92.0
_SPOKES = 5  # of a sector
_LEAST_WIDTH = 420.0


def sweep_ring(width: float, state: RingState | None) -> Picture:
    """Return the ring of a sweep with what to do beside it; what is to be done where none has begun."""
    if state is None:
        words = tr("The sweep has not begun: hold the phone upright at the chest and keep still for a moment.")
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13, limit=width),), (), words)
    radius, beside = _RADIUS, width >= _LEAST_WIDTH
    x, y = radius * 1.06 + 4, radius * 1.06 + 4
    items: list[Item] = []
    for sector in range(SECTORS):
        items += _sector(x, y, radius, sector, state.covered[sector])
    items += [_arc(x, y, radius * 0.62, 0, 360, Tone.LINE, 1.0), _arc(x, y, radius, 0, 360, Tone.LINE, 1.0)]
    items += _needle(x, y, radius, state)
    left, top = (2 * x + 22, 24.0) if beside else (0.0, 2 * y + 24)
    items += _said(left, top, width - left, state)
    covered = tr("{count} of {of} directions covered", count=SECTORS - len(state.missing), of=SECTORS)
    spots = (Spot("ring", x - radius, y - radius, 2 * radius, 2 * radius, covered),)
    return Picture(width, 2 * y if beside else 2 * y + 130, tuple(items), spots, state.advice())


def _at(x: float, y: float, radius: float, heading: float) -> tuple[float, float]:
    """Return a place on the ring: straight ahead is up, to the left is to the left."""
    return x - radius * sin(radians(heading)), y - radius * cos(radians(heading))


def _arc(x: float, y: float, radius: float, start: float, end: float, tone: Tone, width: float) -> Line:
    steps = max(2, round(abs(end - start) / 3))
    return Line(tuple(_at(x, y, radius, start + (end - start) * i / steps) for i in range(steps + 1)), tone, width)


def _sector(x: float, y: float, radius: float, sector: int, count: int) -> list[Item]:
    """Return a sector: a band that grows outwards with the frames it has, a dashed rim where it is missing."""
    start, end = 10 * sector + 0.8, 10 * sector + 9.2
    share = min(1.0, count / NEEDED)
    inner, outer = radius * 0.64, radius * (0.64 + 0.34 * share)
    tone, found = (Tone.PROVEN if share >= 1 else Tone.DATA), list[Item]()
    if share > 0:
        thick = radius * 0.98 * radians(end - start) / _SPOKES * 1.3
        for spoke in range(_SPOKES):
            heading = start + (end - start) * (spoke + 0.5) / _SPOKES
            found.append(Line((_at(x, y, inner, heading), _at(x, y, outer, heading)), tone, thick))
    if share < 1:
        rim = [_at(x, y, radius * 1.05, start + (end - start) * i / 3) for i in range(4)]
        found.append(Line(tuple(rim), Tone.ACT, 1.6, (3, 2)))
    return found


def _needle(x: float, y: float, radius: float, state: RingState) -> list[Item]:
    tip, tail = _at(x, y, radius * 0.58, state.heading), _at(x, y, radius * 0.1, state.heading)
    items: list[Item] = [
        Line((tail, tip), Tone.INK, 2.4),
        Text(x, y + 5, f"{state.heading:.0f}°", Tone.INK, 13, "middle", bold=True),
    ]
    way = state.nearest()
    if state.done:
        return [*items, tick(x, y - radius * 0.3, 12, Tone.PROVEN, 3)]
    if way is not None and abs(way) > 6:
        items.append(_arc(x, y, radius * 0.45, state.heading, state.heading + way, Tone.GOLD, 3))
        end, before = (_at(x, y, radius * 0.45, state.heading + way * share) for share in (1.0, 0.96))
        items += _head(before, end)
    return items


def _head(before: tuple[float, float], end: tuple[float, float]) -> list[Item]:
    dx, dy = end[0] - before[0], end[1] - before[1]
    long = max(1e-6, (dx * dx + dy * dy) ** 0.5)
    dx, dy = 9 * dx / long, 9 * dy / long
    return [
        Line(
            ((end[0] - dx - dy * 0.6, end[1] - dy + dx * 0.6), end, (end[0] - dx + dy * 0.6, end[1] - dy - dx * 0.6)),
            Tone.GOLD,
            3,
        )
    ]


def _said(x: float, y: float, width: float, state: RingState) -> list[Item]:
    """Return in words what to do, how far it is, how fast the phone turns and why frames were refused."""
    left = tr("about {left:.0f} s left", left=state.left) if state.left is not None and not state.done else ""
    speed, covered = abs(state.speed), SECTORS - len(state.missing)
    pace = tr("turning {speed:.0f}° a second", speed=speed) + (
        tr(": frames blur beyond {fastest:.0f}", fastest=FASTEST) if speed > FASTEST * 0.7 else ""
    )
    refused = sorted(state.refused.items(), key=lambda each: -each[1])
    rows = (
        tr("{covered} of {count} directions covered", covered=covered, count=SECTORS),
        tr("the phone itself says {progress:.0f} %", progress=100 * state.progress),
        "; ".join(each for each in (tr("{seconds:.0f} s so far", seconds=state.seconds), left) if each),
        pace,
        tr("frames refused: ") + (", ".join(f"{word(how)} {count}" for how, count in refused) or tr("none")),
    )
    long = min(width - 8, 320.0)
    items: list[Item] = [
        Text(x, y, state.advice(), Tone.INK, 14, bold=True, limit=width),
        Rect(x, y + 14, long, 10, Tone.SHEET, Tone.LINE),
        Rect(x, y + 14, long * state.share, 10, Tone.PROVEN if state.share >= 1 else Tone.DATA),
    ]
    return [*items, *(Text(x, y + 50 + 20 * place, row, Tone.QUIET, 12, limit=width) for place, row in enumerate(rows))]
