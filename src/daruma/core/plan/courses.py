"""Courses of actions from a start: which ways lie on those that keep a promise, and which only a failure leads to."""

from collections import deque
from collections.abc import Collection, Iterator, Mapping

from msgspec import Struct, field

from daruma.core.plan.actions import Action
from daruma.core.plan.edges import Edge
from daruma.core.plan.packing import Move
from daruma.core.plan.problem import Problem

_Step = tuple[Move, int, bool]  # a move, the state after it, whether it went well


class Courses(Struct, frozen=True):
    """Hold what some courses from a start reach: the ways on those that keep a promise, the others, goals kept at an end;
    for ways that only a failure leads to, the action that fails.
    """

    useful: frozenset[str]
    tried: frozenset[str]
    goals: frozenset[int]
    after: Mapping[str, Action] = field(default_factory=dict)


class Explorer:
    """Follow the courses of a problem; `barred` are for its moves what bars them, as bits."""

    def __init__(self, problem: Problem, barred: Mapping[Move, int] | None = None) -> None:
        self.problem = problem
        moves = (*problem.moves, *problem.set_ups)
        self._barred = barred if barred is not None else dict.fromkeys(moves, 0)
        self._ends: dict[int, frozenset[int]] = {}
        self._ahead: dict[int, list[tuple[int, _Step]]] = {}
        self._aside: dict[int, list[tuple[int, _Step]]] = {}

    def courses(self, start: int, lifted: int = 0, *, failures: bool = False) -> Courses:
        """Return what can be reached where some bars are lifted, when all goes well; with `failures` also what misses lead to."""
        steps: dict[int, list[_Step]] = {}
        found = [start]
        while found:
            state = found.pop()
            if state not in steps:
                self.problem.checkpoint()
                steps[state] = after = [step for barred, step in self._steps(state, failures) if not barred & ~lifted]
                found += [step[1] for step in after if step[1] not in steps]
        return self._judged(start, steps, failures)

    def opened(self, start: int, lifted: int, wanted: Collection[str | int]) -> set[str | int]:
        """Return of some ways those that lie on a course that keeps a promise, of some goals those that a course keeps.

        What `courses` would say of them, with no more looked at than that takes.
        """
        seen, found = {start}, set[str | int]()
        leading = _Hopeful(self, lifted)
        waiting = deque([start])
        while waiting and len(found) < len(wanted):
            self.problem.checkpoint()
            state = waiting.popleft()
            found |= self.kept(state).intersection(wanted)
            for way, then in self.ahead(state, lifted):
                if way in wanted and way not in found and leading.leads(then):
                    found.add(way)
                if then not in seen:
                    seen.add(then)
                    waiting.append(then)
        return found

    def ahead(self, state: int, lifted: int) -> list[tuple[str, int]]:
        """Return where one can go from a state when all goes well, and by which way."""
        return [(move.action.way, then) for barred, (move, then, _) in self._steps(state, False) if not barred & ~lifted]

    def reached(self, start: int, lifted: int = 0, *, failures: bool = False) -> int:
        """Return the values that could be reached if nothing were ever undone."""
        left = [
            (_needs(move), move.make | (move.misses[1] | move.ruins[1] if failures else 0))
            for move, barred in self._barred.items()
            if not barred & ~lifted
        ]
        while ready := [make for needs, make in left if start & needs == needs and make & ~start]:
            for make in ready:
                start |= make
        return start

    def hopeful(self, way: str, reached: int, lifted: int = 0) -> bool:
        """Return whether a way could be taken if all of some values were there at once."""
        return any(
            move.action.way == way and not self._barred[move] & ~lifted and reached & _needs(move) == _needs(move)
            for move in self.problem.moves
        )

    def _steps(self, state: int, failures: bool) -> list[tuple[int, _Step]]:
        """Return what can be done in a state, and with `failures` what misses, each with what bars it."""
        ahead = self._ahead.get(state)
        if ahead is None:
            edges = self.problem.edges(state)
            ahead = self._ahead[state] = [(self._bars_of(e), (e.move, e.then, True)) for e in edges if e.then != state]
        if not failures:
            return ahead
        aside = self._aside.get(state)
        if aside is None:
            aside = self._aside[state] = list(self._missed(state))
        return [*ahead, *aside]

    def _missed(self, state: int) -> Iterator[tuple[int, _Step]]:
        for edge in self.problem.edges(state):
            for then in self._failed(edge):
                if then != state:
                    yield self._bars_of(edge), (edge.move, then, False)

    @staticmethod
    def _failed(edge: Edge) -> Iterator[int]:
        """Yield the states after a miss, without its count: what is tried again changes nothing of what can be reached."""
        move = edge.move
        if move.counters:
            if move.misses[1]:
                yield edge.missed(edge.before, 0)
            if move.ruins[1]:
                yield edge.ruined(edge.before, 0)

    def _bars_of(self, edge: Edge) -> int:
        return self._barred[edge.move] | (0 if edge.set_up is None else self._barred[edge.set_up])

    def _judged(self, start: int, steps: Mapping[int, list[_Step]], failures: bool) -> Courses:
        kept = {state: self.kept(state) for state in steps}
        good = _leading_to([state for state, goals in kept.items() if goals], steps)
        useful: set[str] = set()
        tried: set[str] = set()
        for moves in steps.values():
            for move, then, well in moves:
                if well and move.action.way:
                    (useful if then in good else tried).add(move.action.way)
        goals = frozenset(goal for each in kept.values() for goal in each)
        return Courses(frozenset(useful), frozenset(tried - useful), goals, _after(start, steps, good) if failures else {})

    def kept(self, state: int) -> frozenset[int]:
        """Return the goals that may hold where one stops in a state."""
        known = self._ends.get(state)
        if known is None:
            ends = self.problem.may_end(state)
            held = (i for i in range(len(self.problem.goals)) if ends and self.problem.holds(state, i) > 0)
            known = self._ends[state] = frozenset(held)
        return known


class _Hopeful:
    """Tell of states whether an end that keeps a promise can be reached from them."""

    def __init__(self, explorer: Explorer, lifted: int) -> None:
        self._explorer, self._lifted = explorer, lifted
        self._known: dict[int, bool] = {}

    def leads(self, state: int) -> bool:
        """Return whether it can; one way there is enough, and all that was looked at in vain leads nowhere."""
        seen, path = {state}, [(state, iter(self._ahead(state)))]
        while path:
            here, ahead = path[-1]
            if self._known.get(here) or self._explorer.kept(here):
                self._known.update((passed, True) for passed, _ in path)
                return True
            then = next((then for _, then in ahead if then not in seen and self._known.get(then) is not False), None)
            if then is None:
                path.pop()
            else:
                seen.add(then)
                path.append((then, iter(self._ahead(then))))
        self._known.update(dict.fromkeys(seen, False))
        return False

    def _ahead(self, state: int) -> list[tuple[str, int]]:
        return self._explorer.ahead(state, self._lifted) if state not in self._known else []


def _needs(move: Move) -> int:
    return move.needs | move.set_up_needs


def _leading_to(ends: list[int], steps: Mapping[int, list[_Step]]) -> set[int]:
    """Return every state from which one of the ends can be reached."""
    back: dict[int, list[int]] = {}
    for state, moves in steps.items():
        for _, then, _ in moves:
            back.setdefault(then, []).append(state)
    good, found = set(ends), list(ends)
    while found:
        for state in back.get(found.pop(), ()):
            if state not in good:
                good.add(state)
                found.append(state)
    return good


def _after(start: int, steps: Mapping[int, list[_Step]], good: set[int]) -> dict[str, Action]:
    """Return for each way that keeps a promise the action whose failure leads to it with the fewest failures."""
    blame: dict[int, tuple[int, Action | None]] = {start: (0, None)}
    layers: list[list[int]] = [[start]]
    ways: dict[str, Action] = {}
    open_: set[str] = set()
    for count, layer in enumerate(layers):
        if not layer:
            break
        later: list[int] = []
        for state in layer:
            cause = blame[state][1]
            for move, then, well in steps[state]:
                if well and move.action.way and then in good:
                    if cause is None:
                        open_.add(move.action.way)
                    else:
                        ways.setdefault(move.action.way, cause)
                if then not in blame or blame[then][0] > count + (not well):
                    blame[then] = (count + (not well), cause if well else cause or move.action)
                    (layer if well else later).append(then)
        layers.append(later)
    return {way: action for way, action in ways.items() if way not in open_}
