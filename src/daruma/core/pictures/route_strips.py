"""Route strips: the ways still open to a common scale of minutes, and the closed ones with their reasons."""

from collections.abc import Mapping

from msgspec import Struct, field

from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Spot, Text, Tone, cross
from daruma.core.plan.actions import Action, Heat
from daruma.core.plan.closed import Closed, grouped
from daruma.core.plan.explain import percent
from daruma.core.plan.planner import Plan
from daruma.core.plan.routes import Route

_STRIP = 18.0
_ROW = 66.0
_CLOSED = 18.0
_FIGURES = 230.0
_HEAD = 30.0


class StripsView(Struct, frozen=True):
    """Hold what is drawn of a plan: names of functions, the chosen route, one laid over it, how many are shown."""

    labels: Mapping[Function, str] = field(default_factory=dict)
    chosen: int = 0
    over: int | None = None
    shown: int = 99
    money: str = "€"


def strips_height(plan: Plan, view: StripsView) -> float:
    """Return the height that a plan's strips need."""
    rows = len(plan.routes[: view.shown])
    return _HEAD + _ROW * rows + sum(20 + _CLOSED * len(group) for _, group in grouped(plan.closed))


def route_strips(width: float, plan: Plan, view: StripsView) -> Picture:
    """Return the strips of a plan."""
    routes = plan.routes[: view.shown]
    left, right = 4.0, width - _FIGURES
    longest = max((route.minutes for route in routes), default=1.0) or 1.0
    scale = (right - left - 16) / longest
    items: list[Item] = [*_axis(left, right, longest, scale), *_figure_heads(width)]
    spots: list[Spot] = []
    y = _HEAD
    for index, route in enumerate(routes):
        over = plan.routes[view.over] if view.over is not None and index == view.chosen else None
        items += _route(route, over, left, y, scale, width, index == view.chosen, view)
        spots.append(Spot(str(index), 0, y - 4, width, _ROW - 4, _words(route, view)))
        y += _ROW
    for heading, group in grouped(plan.closed):
        items.append(Text(left, y + 12, heading, Tone.QUIET, 12))
        y += 20
        for way in group:
            items += _closed(way, view, left, y, width)
            y += _CLOSED
    words = [_words(route, view) for route in routes]
    words += [
        tr(
            "{way} is {state}: {reason}.",
            way=way.title(view.labels),
            state=tr("open, but not taken") if way.open else tr("closed"),
            reason=way.reason,
        )
        for way in plan.closed
    ]
    return Picture(width, max(y, 40.0), tuple(items), tuple(spots), " ".join(words))


def _axis(left: float, right: float, longest: float, scale: float) -> list[Item]:
    every = next(step for step in (5, 10, 20, 30, 60, 120, 240, 600) if longest / step <= 9)
    items: list[Item] = [Line(((left, 20), (right, 20)), Tone.LINE)]
    minute = 0
    while minute <= longest:
        x = left + 6 + minute * scale
        items += [
            Line(((x, 17), (x, 23)), Tone.QUIET),
            Text(x + 3, 14, tr("{minute} min", minute=minute) if minute == 0 else str(minute), Tone.QUIET, 12),
        ]
        minute += every
    return items


def _figure_heads(width: float) -> list[Item]:
    x = width - _FIGURES
    heads = ((tr("there"), 56), (tr("in all"), 122), (tr("writes"), 168), (tr("cost"), 222))
    return [Text(x + offset, 14, text, Tone.QUIET, 12, "end") for text, offset in heads]


def _route(
    route: Route, over: Route | None, left: float, y: float, scale: float, width: float, chosen: bool, view: StripsView
) -> list[Item]:
    items: list[Item] = []
    if chosen:
        items.append(Rect(0, y - 4, width, _ROW - 6, Tone.DATA, alpha=0.08))
        items.append(Rect(0, y - 4, 3, _ROW - 6, Tone.DATA))
    items.append(Text(left + 6, y + 11, route.way, Tone.INK, 14, bold=True, limit=width - 20))
    items += _strip(route, left + 6, y + 20, scale, _STRIP if over is None else _STRIP / 2 + 1, 1.0)
    if over is not None:
        items += _strip(over, left + 6, y + 20 + _STRIP / 2 + 3, scale, _STRIP / 2 - 2, 0.5)
    figures = width - _FIGURES
    texts = (
        (tr("{attended:.0f} min", attended=route.attended), 56),
        (tr("{minutes:.0f} min", minutes=route.minutes), 122),
        (str(route.writes), 168),
        (f"{route.cost:.0f} {view.money}", 222),
    )
    items += [Text(figures + offset, y + 34, text, Tone.INK, 13, "end", bold=chosen) for text, offset in texts]
    said = _chances(route, view) if over is None else _against(route, over, view)
    items.append(Text(left + 6, y + 55, said, Tone.QUIET if over is None else Tone.DATA, 12, limit=width - 16))
    return items


def _strip(route: Route, x: float, y: float, scale: float, height: float, strength: float) -> list[Item]:
    items: list[Item] = []
    for action in route.actions:
        items += _block(action, x, y, scale, height, strength)
        x += action.minutes * scale
    return items


def _block(action: Action, x: float, y: float, scale: float, height: float, strength: float) -> list[Item]:
    figures = action.figures
    attended, waiting = figures.attended * scale, figures.waiting * scale
    tone = Tone.ACT if figures.irreversible else Tone.DATA
    alpha = strength * (0.55 if figures.irreversible else 0.75)
    items: list[Item] = [Rect(x + 0.5, y, max(attended - 1, 1), height, tone, alpha=alpha)]
    if waiting:
        items.append(Rect(x + attended, y, max(waiting - 1, 1), height, None, tone, hatch=True))
    if figures.irreversible and strength == 1:
        items += _knot(x + attended / 2, y - 4)
    if figures.heat is not Heat.NONE:
        items += _heat(x, y + height + 2, attended, 2.5 if figures.heat is Heat.BOARD else 1.2)
    return items


def _knot(x: float, y: float) -> list[Item]:
    """A knot that cannot be untied: two loops that cross."""
    return [Disc(x - 3, y, 3.5, 2.5, None, Tone.ACT, 1.5), Disc(x + 3, y, 3.5, 2.5, None, Tone.ACT, 1.5)]


def _heat(x: float, y: float, length: float, weight: float) -> list[Item]:
    points = tuple((x + i * 4.0, y + 2 + (2 if i % 2 else -2)) for i in range(max(2, int(length / 4))))
    return [Line(points, Tone.ACT, weight)]


def _chances(route: Route, view: StripsView) -> str:
    """Each promise: the chance by this way alone, and in brackets with the ways back that a failure leaves."""
    said = []
    for promise in route.promises:
        label = view.labels.get(promise.function, promise.function.value)
        if promise.chance <= 0:
            said.append(tr("{label}: not kept", label=label))
        else:
            alone, back = percent(promise.chance), percent(promise.with_ways_back)
            risk = tr(": ‘{title}’ risks it", title=promise.risk.figures.title) if promise.risk is not None else ""
            said.append(f"{label} {alone}" if alone == back else f"{label} {alone.removesuffix(' %')} ({back}{risk})")
    return "    ".join(said)


def _against(route: Route, over: Route, view: StripsView) -> str:
    """Say what the route laid over costs and gives more or less."""
    parts = [
        tr("{attended:+.0f} min there", attended=over.attended - route.attended),
        tr("{minutes:+.0f} min in all", minutes=over.minutes - route.minutes),
        tr("{writes:+d} writes", writes=over.writes - route.writes),
        f"{over.cost - route.cost:+.0f} {view.money}",
    ]
    for mine, theirs in zip(route.promises, over.promises, strict=False):
        change = 100 * (theirs.chance - mine.chance)
        if abs(change) >= 0.5:
            parts.append(f"{view.labels.get(mine.function, mine.function.value)} {change:+.0f} %")
    return tr("Laid over: {way}: ", way=over.way) + ", ".join(part for part in parts if not part.startswith(("+0 ", "-0 ")))


def _closed(way: Closed, view: StripsView, left: float, y: float, width: float) -> list[Item]:
    mark: tuple[Item, ...] = (
        (Disc(left + 6, y + 5, 3.5, 3.5, None, Tone.QUIET, 1.4),) if way.open else cross(left + 6, y + 5, 4, Tone.ACT, 1.6)
    )
    middle = width * 0.34
    return [
        *mark,
        Text(left + 20, y + 10, way.title(view.labels), Tone.INK, 13, bold=not way.open, limit=middle - 26),
        Text(left + middle, y + 10, way.reason, Tone.INK, 13, limit=width - left - middle - 4),
    ]


def _words(route: Route, view: StripsView) -> str:
    return tr(
        "{way}: {count_actions} steps, {attended:.0f} minutes there, {minutes:.0f} minutes in all, "
        "{chances}; {writes} writes, {count_knots} steps that cannot be taken back, {board_heat} "
        "heatings of the board, {cost:.0f} {money}.",
        way=route.way,
        count_actions=len(route.actions),
        attended=route.attended,
        minutes=route.minutes,
        chances=_chances(route, view),
        writes=route.writes,
        count_knots=len(route.knots),
        board_heat=route.board_heat,
        cost=route.cost,
        money=view.money,
    )
