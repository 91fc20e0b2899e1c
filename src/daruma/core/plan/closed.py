"""Ways that are not taken, and promises that no way keeps: why, by what the search itself knows."""

from collections.abc import Callable, Collection, Iterable, Mapping, Sequence
from enum import Enum
from typing import Protocol

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.plan.actions import Action
from daruma.core.plan.cheapest import Through
from daruma.core.plan.courses import Courses, Explorer
from daruma.core.plan.facts import Otherwise
from daruma.core.plan.opening import Grant, Opening
from daruma.core.plan.problem import Problem
from daruma.core.plan.reaching import Reached, reachable
from daruma.core.plan.routes import Route
from daruma.core.plan.state import Needs


class Standing(Enum):
    """Say how a way stands that no shown route takes."""

    CLOSED = "closed"
    LATER = "needed only after a failure"
    BEATEN = "beaten"


class Closed(Struct, frozen=True):
    """Hold a way that is not taken and why, or a promise (`function`) that no way keeps.

    `needs` are the things that would open it, all of them together; `by` names the route that beats it.
    """

    way: str
    reason: str
    standing: Standing = Standing.CLOSED
    needs: tuple[str, ...] = ()
    by: str = ""
    function: Function | None = None

    def title(self, labels: Mapping[Function, str]) -> str:
        """Return its name, a promise's by its label."""
        return self.way if self.function is None else labels.get(self.function, self.way)

    @property
    def open(self) -> bool:
        """Return whether it could be taken."""
        return self.standing is not Standing.CLOSED


def grouped(ways: Iterable[Closed]) -> list[tuple[str, list[Closed]]]:
    """Return ways under the headings that they are shown under, empty ones left out."""
    groups: dict[str, list[Closed]] = {tr("Promised, but kept by no way"): [], tr("Closed"): [], tr("Open, but not taken"): []}
    lost, closed, open_ = groups.values()
    for way in ways:
        (open_ if way.open else closed if way.function is None else lost).append(way)
    return [(heading, group) for heading, group in groups.items() if group]


def closed_ways(
    problem: Problem, actions: Sequence[Action], routes: Sequence[Route], through: Through, facts: Sequence[Otherwise] = ()
) -> tuple[Closed, ...]:
    """Return every way that belongs to no route, and every promise that none keeps, each with its reason; `facts` are those
    that nothing at the bench changes.
    """
    taken = {action.way for route in routes for action in route.actions}
    kept = {function for route in routes for function in route.kept}
    start = problem.unpack(problem.start)
    ways = list(dict.fromkeys(action.way for action in actions if action.way and action.way not in taken))
    lost = [i for i, goal in enumerate(problem.goals) if goal.function not in kept]
    if not ways and not lost:
        return ()
    opening = Opening(start, actions, problem.goals, problem.end_needs, problem.doubts, facts, problem.checkpoint)
    plain, failing = _courses(problem, ways)
    reached, _ = reachable(start, (action for action in actions if not action.impossible))
    shut = [way for way in ways if way not in failing.useful and not _moot(way, actions, start, reached)]
    nearest = opening.nearest(shut, lost)
    found: list[Closed | None] = [_promise(problem, i, nearest) for i in lost]
    vain = not problem.goals  # a part may have nothing of the promises to keep, whatever is done to it
    found += [_shut(way, nearest, tried=vain or way in failing.tried or not opening.asks_for(way)) for way in shut]
    found += [_later(way, failing.after) for way in ways if way in failing.useful and way not in plain.useful]
    found += [_beaten(way, through, routes) for way in ways if way in plain.useful]
    return tuple(sorted((each for each in found if each is not None), key=lambda each: list(Standing).index(each.standing)))


def _courses(problem: Problem, ways: Iterable[str]) -> tuple[Courses, Courses]:
    """Return what can be reached as things are when all goes well, and with failures: where these cannot lead to any way that
    is left, that is the same.
    """
    explorer = Explorer(problem)
    plain = explorer.courses(problem.start)
    reached = explorer.reached(problem.start, failures=True)
    if any(way not in plain.useful and explorer.hopeful(way, reached) for way in ways):
        return plain, explorer.courses(problem.start, failures=True)
    return plain, plain


def kept_by_none(problem: Problem, goal: int) -> Closed:
    """Return a promise that nothing at all could keep."""
    return _promise(problem, goal, {})


def merged(ways: Iterable[Closed]) -> tuple[Closed, ...]:
    """Return what several parts say of their ways: each way once, as the part says that is nearest to taking it."""
    found: dict[tuple[Function | None, str], Closed] = {}
    ranks = [Standing.BEATEN, Standing.LATER, Standing.CLOSED]
    for way in ways:
        known = found.get((way.function, way.way))
        if known is None or ranks.index(way.standing) < ranks.index(known.standing):
            found[way.function, way.way] = way
    return tuple(sorted(found.values(), key=lambda each: list(Standing).index(each.standing)))


class Standings(Protocol):
    """What says where a whole phone stands and what can be done to it."""

    @property
    def actions(self) -> Sequence[Action]:
        """Return every action."""

    @property
    def start(self) -> Mapping[Enum, Enum]:
        """Return where things stand."""


def beside(closed: Closed, whole: Standings, own: Collection[Enum], facts: Sequence[Otherwise]) -> Closed:
    """Return a way that a part says is closed, with what it needs besides of other parts and can never have.

    A part that is planned alone does not see those; `own` are its own variables.
    """
    if closed.standing is not Standing.CLOSED or not closed.needs or closed.function is not None:
        return closed
    reached: dict[Enum, set[Enum]] = {var: {value} for var, value in whole.start.items()}
    for action in whole.actions:
        for var, value in action.effects.items():
            reached.setdefault(var, set()).add(value)
    mine = [action for action in whole.actions if action.way and _title(action.way) == closed.way]
    lacks = [[n for n in action.conditions if n.var not in own and not n.good & reached.get(n.var, set())] for action in mine]
    if not lacks or not all(lacks):
        return closed
    words = [_fact_of(need, whole.start, facts) for need in min(lacks, key=len)]
    needs = tuple(dict.fromkeys((*closed.needs, *words)))
    return replace(closed, reason=_listed(needs), needs=needs)


def _fact_of(need: Needs, start: Mapping[Enum, Enum], facts: Sequence[Otherwise]) -> str:
    named = (fact.words for fact in facts if fact.now[0] is need.var and start.get(need.var) in fact.now[1])
    return next(named, need.otherwise)


def _moot(way: str, actions: Iterable[Action], start: Mapping[Enum, Enum], reached: Reached) -> bool:
    """Return whether a way has no purpose any more: what it brings is there, or can never be of use again."""
    mine = [action for action in actions if action.way == way]
    return all(_done(action, start) or _without_purpose(action, reached) for action in mine)


def _done(action: Action, start: Mapping[Enum, Enum]) -> bool:
    return all(start.get(var) is val for var, val in action.effects.items())


def _without_purpose(action: Action, reached: Reached) -> bool:
    return any(need.moot and not need.good & reached.get(need.var, set()) for need in action.conditions)


def _title(way: str) -> str:
    return way[0].upper() + way[1:]


def _told(granted: tuple[Grant, ...]) -> tuple[str, ...]:
    return tuple(dict.fromkeys(grant.words for grant in granted))


def _shut(way: str, nearest: Mapping[str | int, tuple[Grant, ...]], *, tried: bool) -> Closed:
    needs = _told(nearest.get(way, ()))
    if needs:
        return Closed(_title(way), _listed(needs), needs=needs)
    return Closed(
        _title(way), tr("it leads to nothing that was promised") if tried else tr("nothing that could be changed here opens it")
    )


def _promise(problem: Problem, index: int, nearest: Mapping[str | int, tuple[Grant, ...]]) -> Closed:
    function = problem.goals[index].function
    needs = _told(nearest.get(index, ()))
    reason = _listed(needs) if needs else tr("what it rests on is not in this phone")
    return Closed(function.value.replace("_", " ").capitalize(), reason, needs=needs, function=function)


def _later(way: str, after: Mapping[str, Action]) -> Closed:
    action = after[way]
    title = action.figures.title
    reason = (
        tr("it is needed only if ‘{title}’ finds otherwise", title=title)
        if action.finding
        else tr("it is needed only if ‘{title}’ fails", title=title)
    )
    return Closed(_title(way), reason, Standing.LATER)


def _beaten(way: str, through: Through, routes: Sequence[Route]) -> Closed | None:
    cheapest = through.way(way)
    if cheapest is None:
        return None
    better = [route for route in routes if all(a <= b for a, b in zip(route.vector(), cheapest.vector, strict=True))]
    if not better:
        return None
    best = max(better, key=lambda route: route.utility)
    return Closed(_title(way), tr("‘{way}’ {why}", way=best.way, why=_by(best, cheapest.vector)), Standing.BEATEN, by=best.way)


_ATTENDED, _ALL_MINUTES = 0, 1  # places in the vector that ways are compared by
_SEEN = 0.5  # what rounds to nothing, as this does, is not said


def _fewer(writes: float) -> str:
    return tr("needs 1 write less") if writes == 1 else tr("needs {writes:.0f} writes less", writes=writes)


_DIFFERENCES: tuple[tuple[int, float, Callable[[float], str]], ...] = (
    (_ALL_MINUTES, 1000.0, lambda minutes: tr("is {minutes:.0f} min quicker", minutes=minutes)),
    (_ATTENDED, 1000.0, lambda minutes: tr("takes {minutes:.0f} min less of your time", minutes=minutes)),
    (2, 1000.0, lambda money: tr("costs {money:.0f} less", money=money)),
    (3, 1.0, _fewer),
    (4, 1.0, lambda _: tr("needs no heat on the board")),
)


def _by(route: Route, vector: Sequence[float]) -> str:
    """Say in what a route beats a way: the differences themselves."""
    mine = route.vector()
    gain = max((theirs - own for own, theirs in zip(mine[5:], vector[5:], strict=True)), default=0.0)
    saved = {i: (vector[i] - mine[i]) / scale for i, scale, _ in _DIFFERENCES}
    if saved[_ALL_MINUTES] > _SEEN:
        saved.pop(_ATTENDED)  # the minutes of somebody's time are among them
    better = [words(saved[i]) for i, _, words in _DIFFERENCES if saved.get(i, 0.0) > _SEEN]
    kept = tr("keeps as much") if gain < 0.005 else tr("keeps more ({gain:.0f} % likelier)", gain=100 * gain)
    return (
        tr("{kept} and {listed}", kept=kept, listed=_listed(better))
        if better
        else (tr("{kept} at the same price", kept=kept) if gain < 0.005 else kept)
    )


def _listed(parts: Sequence[str]) -> str:
    return parts[0] if len(parts) == 1 else tr("{parts} and {parts_2}", parts=", ".join(parts[:-1]), parts_2=parts[-1])
