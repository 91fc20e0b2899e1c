"""What would open a way that is closed: the least that would have to be otherwise, found by trying it.

A way is open where one of its actions lies on some course of actions from where things stand to an end that keeps a
promise. What bars actions is lifted, and facts are imagined otherwise, one thing at a time and then several, the least
effort first, until that is so.
"""

from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from enum import Enum
from functools import cached_property
from itertools import combinations

from daruma.core.language import tr
from daruma.core.plan.actions import Action, ActionFigures, Bar, Effort
from daruma.core.plan.edges import Edge
from daruma.core.plan.facts import Otherwise
from daruma.core.plan.packing import Move
from daruma.core.plan.problem import Checkpoint, Doubt, Goal, Problem, go_on
from daruma.core.plan.state import Needs

Values = Mapping[Enum, Enum]
_Step = tuple[Move, int, bool]  # a move, the state after it, whether it went well


@dataclass(frozen=True, slots=True)
class Grant:
    """Hold one thing that could be otherwise: a bar that is lifted, or values that the start would have instead."""

    words: str
    effort: Effort
    bar: Bar | None = None
    values: tuple[tuple[Enum, Enum], ...] = ()


@dataclass(frozen=True, slots=True)
class Courses:
    """Hold what some courses from a start reach: the ways on those that keep a promise, the others, goals kept at an end;
    for ways that only a failure leads to, the action that fails.
    """

    useful: frozenset[str]
    tried: frozenset[str]
    goals: frozenset[int]
    after: Mapping[str, Action] = field(default_factory=dict)


class Opening:
    """Ask what would open the ways of a case: every action compiled, whatever bars it."""

    def __init__(
        self,
        start: Values,
        actions: Sequence[Action],
        goals: Sequence[Goal],
        ends: Sequence[Needs],
        doubts: Sequence[Doubt],
        facts: Sequence[Otherwise] = (),
        checkpoint: Checkpoint = go_on,
    ) -> None:
        self.start = dict(start)
        self._facts = _standing(start, facts)
        free = [replace(action, bars=()) for action in actions]
        self.problem = Problem(start, [*free, *_imagined(self._facts)], goals, ends, doubts, checkpoint=checkpoint)
        moves = [*self.problem.moves, *self.problem.set_ups]
        bars = {(action.uid, action.way): action.bars for action in actions}
        self._bars = {move: bars.get((move.action.uid, move.action.way), (_IMAGINED,)) for move in moves}
        self._bits = {bar: 1 << i for i, bar in enumerate(dict.fromkeys(bar for each in self._bars.values() for bar in each))}
        self._barred = {move: sum(self._bits[bar] for bar in set(each)) for move, each in self._bars.items()}
        self._ends: dict[int, frozenset[int]] = {}
        self._ahead: dict[int, list[tuple[int, _Step]]] = {}
        self._aside: dict[int, list[tuple[int, _Step]]] = {}

    @cached_property
    def grants(self) -> tuple[Grant, ...]:
        """Return what could be otherwise, the least effort first."""
        bars = dict.fromkeys(bar for bars in self._bars.values() for bar in bars if bar is not _IMAGINED)
        lifted = [Grant(bar.words, bar.effort, bar) for bar in bars]
        facts = [Grant(fact.words, fact.effort, values=tuple(fact.then.items())) for fact in self._facts]
        return tuple(sorted((*lifted, *facts), key=lambda grant: grant.effort))

    @cached_property
    def reach(self) -> int:
        """Return the values that could ever be reached as things are, if nothing were ever undone."""
        return self._reached(())

    def courses(self, granted: Iterable[Grant] = (), *, failures: bool = False) -> Courses:
        """Return what can be reached with what is granted, when all goes well; with `failures` also what misses lead to."""
        lifted, start = self._granted(tuple(granted))
        steps: dict[int, list[_Step]] = {}
        found = [start]
        while found:
            state = found.pop()
            if state not in steps:
                self.problem.checkpoint()
                steps[state] = after = [step for barred, step in self._steps(state, failures) if not barred & ~lifted]
                found += [step[1] for step in after if step[1] not in steps]
        return self._judged(start, steps)

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

    def _failed(self, edge: Edge) -> Iterator[int]:
        """Yield the states after a miss, without its count: whatever is tried again is a course of its own."""
        move = edge.move
        if move.counters:
            if move.misses[1]:
                yield edge.missed(edge.before, 0)
            if move.ruins[1]:
                yield edge.ruined(edge.before, 0)

    def _bars_of(self, edge: Edge) -> int:
        return self._barred[edge.move] | (0 if edge.set_up is None else self._barred[edge.set_up])

    def _granted(self, granted: tuple[Grant, ...]) -> tuple[int, int]:
        values = dict(self.start)
        for grant in granted:
            values.update(grant.values)
        return sum(self._bits[grant.bar] for grant in granted if grant.bar is not None), self.problem.pack(values)

    def _judged(self, start: int, steps: Mapping[int, list[_Step]]) -> Courses:
        kept = {state: self._kept(state) for state in steps}
        good = _leading_to([state for state, goals in kept.items() if goals], steps)
        useful: set[str] = set()
        tried: set[str] = set()
        for moves in steps.values():
            for move, then, well in moves:
                if well and move.action.way:
                    (useful if then in good else tried).add(move.action.way)
        goals = frozenset(goal for each in kept.values() for goal in each)
        return Courses(frozenset(useful), frozenset(tried - useful), goals, _after(start, steps, good))

    def _kept(self, state: int) -> frozenset[int]:
        """Return the goals that may hold where one stops in a state."""
        known = self._ends.get(state)
        if known is None:
            ends = self.problem.may_end(state)
            held = (i for i in range(len(self.problem.goals)) if ends and self.problem.holds(state, i) > 0)
            known = self._ends[state] = frozenset(held)
        return known

    def nearest(self, wanted: Iterable[str], goals: Iterable[int] = ()) -> dict[str | int, tuple[Grant, ...]]:
        """Return for ways and goals the least that would open each; what nothing here opens is left out."""
        open_: dict[str | int, tuple[Grant, ...]] = {}
        left: set[str | int] = {*wanted, *goals}
        for granted in self._few():
            hoped = {each for each in left if self._hope(each, granted)}
            for each in self._opened(granted) & hoped if hoped else ():
                open_[each] = granted
                left.discard(each)
        for each in left:
            granted = self._reduced(each)
            if granted:
                open_[each] = granted
        return open_

    def _few(self) -> list[tuple[Grant, ...]]:
        """Return the grants alone and in pairs, each by what they take together."""
        pairs = [pair for count in (1, 2) for pair in combinations(self.grants, count)]
        return sorted(pairs, key=lambda each: (len(each), sum(grant.effort for grant in each)))

    def _opened(self, granted: tuple[Grant, ...]) -> set[str | int]:
        courses = self.courses(granted)
        return {*courses.useful, *courses.goals}

    def _reduced(self, wanted: str | int) -> tuple[Grant, ...]:
        """Return grants that open a way or a goal and of which none can be spared, those that take most spared first."""
        bars = tuple(grant for grant in self.grants if grant.bar is not None)
        facts = [grant for grant in self.grants if grant.bar is None]
        # facts may stand in each other's way: none of them, then each, then all
        tries = [bars, *((*bars, fact) for fact in facts), self.grants]
        kept = next((each for each in tries if self._hope(wanted, each) and wanted in self._opened(each)), ())
        for grant in sorted(kept, key=lambda each: -each.effort):
            fewer = tuple(each for each in kept if each is not grant)
            if self._hope(wanted, fewer) and wanted in self._opened(fewer):
                kept = fewer
        return kept

    def _hope(self, wanted: str | int, granted: tuple[Grant, ...]) -> bool:
        """Return whether a way or a goal could be reached if nothing were ever undone: where not, no course is tried."""
        reached = self._reached(granted)
        if isinstance(wanted, int):
            return any(reached & needs == needs for needs in self.problem.goal_masks[wanted])
        lifted = self._granted(granted)[0]
        return any(
            move.action.way == wanted and not self._barred[move] & ~lifted and reached & _needs(move) == _needs(move)
            for move in self.problem.moves
        )

    def _reached(self, granted: tuple[Grant, ...]) -> int:
        if granted in self._relaxed:
            return self._relaxed[granted]
        lifted, reached = self._granted(granted)
        left = [(_needs(move), move.make) for move, barred in self._barred.items() if not barred & ~lifted]
        while ready := [make for needs, make in left if reached & needs == needs and make & ~reached]:
            for make in ready:
                reached |= make
        self._relaxed[granted] = reached
        return reached

    @cached_property
    def _relaxed(self) -> dict[tuple[Grant, ...], int]:
        return {}


_IMAGINED = Bar("imagined", Effort.PHONE)


def _needs(move: Move) -> int:
    return move.needs | move.set_up_needs


def _standing(start: Values, facts: Iterable[Otherwise]) -> list[Otherwise]:
    return [
        fact
        for fact in facts
        if start.get(fact.now[0]) in fact.now[1] and any(start.get(k) is not v for k, v in fact.then.items())
    ]


def _imagined(facts: Sequence[Otherwise]) -> list[Action]:
    """Return actions that are never done: they give the values of imagined facts their places."""
    figures = ActionFigures("imagined", 0)
    return [Action(tr("imagined {index}", index=index), figures, (), dict(fact.then)) for index, fact in enumerate(facts)]


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
