"""Route strips: the ways still open to a common scale of minutes, and the closed ones with their reasons."""

from collections.abc import Sequence

from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Spot, Text, Tone, cross
from daruma.core.plan.actions import Action
from daruma.core.plan.search import Plan, Route
from daruma.core.plan.state import Var

_STRIP = 26.0
_ROW = 80.0
_CLOSED = 22.0
_FIGURES = 250.0


def strips_height(plan: Plan) -> float:
    """Return the height that a plan's strips need."""
    return 34 + _ROW * len(plan.routes) + (26 + _CLOSED * len(plan.closed) if plan.closed else 0)


def route_strips(
    width: float, plan: Plan, promises: Sequence[tuple[str, Var]] = (), chosen: int = 0, money: str = "€"
) -> Picture:
    """Return the strips; `chosen` is the index of the route that stands out, `promises` are labels with their goals."""
    left, right = 4.0, width - _FIGURES
    longest = max((route.attended + route.waiting for route in plan.routes), default=1.0) or 1.0
    scale = (right - left - 10) / longest
    items: list[Item] = [*_axis(left, right, longest, scale), *_figure_heads(width)]
    spots: list[Spot] = []
    y = 34.0
    for index, route in enumerate(plan.routes):
        items += _route(route, left, y, scale, width, index == chosen, money)
        items.append(Text(width - 8, y + 12, _chances(route, promises), Tone.QUIET, 12, "end"))
        spots.append(Spot(str(index), 0, y - 4, width, _ROW - 4, _words(route, money)))
        y += _ROW
    if plan.closed:
        items.append(Text(left, y + 14, "Closed", Tone.QUIET, 12))
        y += 26
    for way in plan.closed:
        items += [*cross(left + 6, y + 5, 4, Tone.ACT, 1.6), Text(left + 20, y + 10, way.way, Tone.INK, 13, bold=True, limit=360)]
        items.append(Text(left + 390, y + 10, way.reason, Tone.INK, 13, limit=width - left - 400))
        y += _CLOSED
    words = " ".join([*(_words(r, money) for r in plan.routes), *(f"{w.way} is closed: {w.reason}." for w in plan.closed)])
    return Picture(width, max(y, 40.0), tuple(items), tuple(spots), words)


def _axis(left: float, right: float, longest: float, scale: float) -> list[Item]:
    every = next(step for step in (5, 10, 20, 30, 60, 120, 240, 600) if longest / step <= 9)
    items: list[Item] = [Line(((left, 20), (right, 20)), Tone.LINE)]
    minute = 0
    while minute <= longest:
        x = left + minute * scale
        items += [
            Line(((x, 17), (x, 23)), Tone.QUIET),
            Text(x + 3, 14, f"{minute} min" if minute == 0 else str(minute), Tone.QUIET, 12),
        ]
        minute += every
    return items


def _figure_heads(width: float) -> list[Item]:
    x = width - _FIGURES
    heads = (("all kept", 56), ("there", 106), ("in all", 156), ("writes", 200), ("cost", 246))
    return [Text(x + offset, 14, text, Tone.QUIET, 12, "end") for text, offset in heads]


def _route(route: Route, left: float, y: float, scale: float, width: float, chosen: bool, money: str) -> list[Item]:
    items: list[Item] = []
    if chosen:
        items.append(Rect(0, y - 4, width, _ROW - 8, Tone.DATA, alpha=0.08))
        items.append(Rect(0, y - 4, 3, _ROW - 8, Tone.DATA))
    items.append(Text(left + 6, y + 12, route.way, Tone.INK, 14, bold=True, limit=width * 0.45))
    x, strip = left + 6, y + 29
    for action in route.actions:
        items += _block(action, x, strip, scale)
        x += (action.figures.attended + action.figures.waiting) * scale
    figures = width - _FIGURES
    texts = (
        (f"{100 * route.chance():.0f} %", 56),
        (f"{route.attended:.0f} min", 106),
        (f"{route.attended + route.waiting:.0f} min", 156),
        (str(route.writes), 200),
        (f"{route.cost:.0f} {money}", 246),
    )
    items += [Text(figures + offset, strip + 18, text, Tone.INK, 13, "end", bold=chosen) for text, offset in texts]
    return items


def _block(action: Action, x: float, y: float, scale: float) -> list[Item]:
    figures = action.figures
    attended, waiting = figures.attended * scale, figures.waiting * scale
    tone = Tone.ACT if figures.irreversible else Tone.DATA
    items: list[Item] = [Rect(x + 0.5, y, max(attended - 1, 1), _STRIP, tone, alpha=0.55 if figures.irreversible else 0.75)]
    if waiting:
        items.append(Rect(x + attended, y, max(waiting - 1, 1), _STRIP, None, tone, hatch=True))
    if figures.irreversible:
        items += _knot(x + attended / 2, y - 5)
    if figures.heat:
        items += _heat(x, y + _STRIP + 3, attended)
    return items


def _knot(x: float, y: float) -> list[Item]:
    """A knot that cannot be untied: two loops that cross."""
    return [Disc(x - 3, y, 3.5, 2.5, None, Tone.ACT, 1.5), Disc(x + 3, y, 3.5, 2.5, None, Tone.ACT, 1.5)]


def _heat(x: float, y: float, length: float) -> list[Item]:
    points = tuple((x + i * 4.0, y + 2 + (2 if i % 2 else -2)) for i in range(max(2, int(length / 4))))
    return [Line(points, Tone.ACT, 1.5)]


def _chances(route: Route, promises: Sequence[tuple[str, Var]]) -> str:
    return "   ".join(f"{label} {100 * route.chance(goal):.0f} %" for label, goal in promises)


def _words(route: Route, money: str) -> str:
    cost = f", {route.cost:.0f} {money}"
    return (
        f"{route.way}: {len(route.actions)} steps, {route.attended:.0f} minutes there, "
        f"{route.attended + route.waiting:.0f} minutes in all, chance {100 * route.chance():.0f} percent, {route.writes} writes, "
        f"{len(route.knots)} steps that cannot be taken back{cost}."
    )
