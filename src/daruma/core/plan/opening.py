"""What would open a way that is closed: the least that would have to be otherwise, found by trying it.

A way is open where one of its actions lies on some course of actions from where things stand to an end that keeps a
promise. What bars actions is lifted, and facts are imagined otherwise, one thing at a time and then several, the least
effort first, until that is so.
"""

from collections.abc import Collection, Iterable, Mapping, Sequence
from enum import Enum
from functools import cached_property
from itertools import combinations

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.core.plan.actions import Action, ActionFigures, Bar, Effort
from daruma.core.plan.courses import Courses, Explorer
from daruma.core.plan.facts import Otherwise
from daruma.core.plan.problem import Checkpoint, Doubt, Goal, Problem, go_on
from daruma.core.plan.reaching import reachable
from daruma.core.plan.state import Needs
from daruma.core.plan.useful import useful

Values = Mapping[Enum, Enum]


class Grant(Struct, frozen=True):
    """Hold one thing that could be otherwise: a bar that is lifted, or values that the start would have instead."""

    words: str
    effort: Effort
    bar: Bar | None = None
    values: tuple[tuple[Enum, Enum], ...] = ()


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
        self._actions = actions
        self._facts = _standing(start, facts)
        free = [replace(action, bars=()) for action in actions]
        self.problem = Problem(start, [*free, *_imagined(self._facts)], goals, ends, doubts, checkpoint=checkpoint)
        # what nobody asks for has no place, and opens nothing
        self._facts = [fact for fact in self._facts if self.problem.has(fact.then)]
        moves = [*self.problem.moves, *self.problem.set_ups]
        bars = {(action.uid, action.way): action.bars for action in actions}
        self._bars = {move: bars.get((move.action.uid, move.action.way), (_IMAGINED,)) for move in moves}
        self._bits = {bar: 1 << i for i, bar in enumerate(dict.fromkeys(bar for each in self._bars.values() for bar in each))}
        self._barred = {move: sum(self._bits[bar] for bar in set(each)) for move, each in self._bars.items()}
        self._explorer = Explorer(self.problem, self._barred)

    @cached_property
    def grants(self) -> tuple[Grant, ...]:
        """Return what could be otherwise, the least effort first."""
        bars = dict.fromkeys(bar for bars in self._bars.values() for bar in bars if bar is not _IMAGINED)
        lifted = [Grant(bar.words, bar.effort, bar) for bar in bars]
        facts = [Grant(fact.words, fact.effort, values=tuple(fact.then.items())) for fact in self._facts]
        return tuple(sorted((*lifted, *facts), key=lambda grant: grant.effort))

    def asks_for(self, way: str) -> bool:
        """Return whether a way could ever lead to anything that is promised."""
        return any(move.action.way == way for move in self.problem.moves)

    def courses(self, granted: Iterable[Grant] = (), *, failures: bool = False) -> Courses:
        """Return what can be reached with what is granted, when all goes well; with `failures` also what misses lead to."""
        lifted, start = self._granted(tuple(granted))
        return self._explorer.courses(start, lifted, failures=failures)

    def _granted(self, granted: tuple[Grant, ...]) -> tuple[int, int]:
        values = dict(self.start)
        for grant in granted:
            values.update(grant.values)
        return sum(self._bits[grant.bar] for grant in granted if grant.bar is not None), self.problem.pack(values)

    def nearest(self, wanted: Iterable[str], goals: Iterable[int] = ()) -> dict[str | int, tuple[Grant, ...]]:
        """Return for ways and goals the least that would open each; what nothing here opens is left out."""
        open_: dict[str | int, tuple[Grant, ...]] = {}
        left: set[str | int] = {*wanted, *goals}
        for granted in self._few():
            hoped = {each for each in left if self._hope(each, granted)}
            for each in self._purposely(granted, hoped):
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

    def opened(self, granted: tuple[Grant, ...], wanted: Collection[str | int]) -> set[str | int]:
        """Return which of some ways and goals what is granted opens."""
        lifted, start = self._granted(granted)
        return self._explorer.opened(start, lifted, wanted)

    def _purposely(self, granted: tuple[Grant, ...], wanted: Collection[str | int]) -> set[str | int]:
        """Return which of some ways and goals what is granted opens, so that they are of use."""
        if not wanted:
            return set()
        asked = self._asked(granted)
        return self.opened(granted, {each for each in wanted if isinstance(each, int) or each in asked})

    def _asked(self, granted: tuple[Grant, ...]) -> set[str]:
        """Return the ways that anything asks for where some things are granted: what only could be done too is not open."""
        start = {**self.start, **{var: val for grant in granted for var, val in grant.values}}
        lifted = {grant.bar for grant in granted}
        _, possible = reachable(start, (action for action in self._actions if lifted.issuperset(action.bars)))
        wanted = (need for goal in self.problem.goals for option in goal.alternatives for need in option)
        return {action.way for action in useful(start, possible, wanted, self.problem.end_needs)}

    def _reduced(self, wanted: str | int) -> tuple[Grant, ...]:
        """Return grants that open a way or a goal and of which none can be spared, those that take most spared first."""
        bars = tuple(grant for grant in self.grants if grant.bar is not None)
        facts = [grant for grant in self.grants if grant.bar is None]
        # facts may stand in each other's way: none of them, then each, then all
        tries = [bars, *((*bars, fact) for fact in facts), self.grants]
        kept = next((each for each in tries if self._hope(wanted, each) and self._purposely(each, {wanted})), ())
        for grant in sorted(kept, key=lambda each: -each.effort):
            fewer = tuple(each for each in kept if each is not grant)
            if self._hope(wanted, fewer) and self._purposely(fewer, {wanted}):
                kept = fewer
        return kept

    def _hope(self, wanted: str | int, granted: tuple[Grant, ...]) -> bool:
        """Return whether a way or a goal could be reached if nothing were ever undone: where not, no course is tried."""
        reached = self._reached(granted)
        if isinstance(wanted, int):
            return any(reached & needs == needs for needs in self.problem.goal_masks[wanted])
        return self._explorer.hopeful(wanted, reached, self._granted(granted)[0])

    def _reached(self, granted: tuple[Grant, ...]) -> int:
        if granted in self._relaxed:
            return self._relaxed[granted]
        lifted, start = self._granted(granted)
        reached = self._explorer.reached(start, lifted)
        self._relaxed[granted] = reached
        return reached

    @cached_property
    def _relaxed(self) -> dict[tuple[Grant, ...], int]:
        return {}


_IMAGINED = Bar("imagined", Effort.PHONE)


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
