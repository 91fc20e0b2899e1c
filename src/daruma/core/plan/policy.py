"""The best next step, solved exactly: finite-horizon dynamic programming over the reachable states."""

from collections.abc import Callable, Hashable, Sequence
from dataclasses import dataclass, field
from typing import Generic, TypeVar

from msgspec import Struct

from daruma.core.plan.actions import Action
from daruma.core.plan.bounds import Bounds
from daruma.core.plan.edges import Edge
from daruma.core.plan.memo import Memo
from daruma.core.plan.money import Prices
from daruma.core.plan.problem import Problem

S = TypeVar("S", bound=Hashable)


class Choice(Struct, Generic[S], frozen=True):
    """Hold one choice in a state: what it gains at once, and where it may lead with which chance."""

    key: str
    reward: float
    outcomes: Sequence[tuple[float, S]]


def solve(
    start: S,
    choices: Callable[[S], Sequence[Choice[S]]],
    *,
    horizon: int | None = None,
    discount: float = 1.0,
    stop: Callable[[S], float] = lambda _: 0.0,
) -> tuple[float, Choice[S] | None, dict[tuple[S, int | None], tuple[float, Choice[S] | None]]]:
    """Return the value of a start, the best choice there (None: stop) and the table of all states.

    With a horizon so many choices are left; without one the states must not lead back to themselves (ValueError).
    Stopping is always open and gives `stop(state)`; a tie is stopped.
    """
    table: dict[tuple[S, int | None], tuple[float, Choice[S] | None]] = {}
    under_way: dict[tuple[S, int | None], Sequence[Choice[S]]] = {}
    waiting = [(start, horizon)]
    while waiting:  # a stack of its own: a long horizon is deeper than the interpreter's
        state, left = key = waiting[-1]
        after = None if left is None else left - 1
        open_ = () if key in table or left == 0 else under_way.get(key) or choices(state)
        missing = [(then, after) for choice in open_ for _, then in choice.outcomes if (then, after) not in table]
        if missing:
            back = next((then for then, _ in missing if (then, after) in under_way or (then, after) == key), None)
            if back is not None:
                raise ValueError(f"the choices lead back to {back!r}; give a horizon")
            under_way[key] = open_
            waiting += missing
            continue
        if key not in table:
            worth = [c.reward + discount * sum(p * table[then, after][0] for p, then in c.outcomes) for c in open_]
            table[key] = _best(stop(state), open_, worth)
        under_way.pop(key, None)
        waiting.pop()
    return *table[start, horizon], table


def _best(stopped: float, open_: Sequence[Choice[S]], worth: Sequence[float]) -> tuple[float, Choice[S] | None]:
    best, pick = stopped, None
    for choice, value in zip(open_, worth, strict=True):
        if value > best + 1e-12:
            best, pick = value, choice
    return best, pick


class Option(Struct, frozen=True):
    """Hold one thing that could be done next: the action, what sets it up, its chance and its value in money.

    Where `exact` is false the value is only a bound that it does not exceed. `then` are the keys of what is done when all
    goes well, the action's own first.
    """

    action: Action
    set_up: Action | None
    value: float
    chance: float
    exact: bool = True
    then: tuple[str, ...] = ()


class Expected(Struct, frozen=True):
    """Hold what the best policy is expected to give: the chance of each goal, minutes, money, writes; `value` is all of it
    in the shop's money.
    """

    chances: tuple[float, ...]
    attended: float
    minutes: float
    cost: float
    writes: float
    lost: float
    value: float


@dataclass
class Policy:
    """Solve a problem for a shop's preferences; states must not lead back to themselves.

    With `bounded`, moves that cannot be the best even if all went well are left out; the values stay the same. With a `slack`,
    what is not known to be more than so much money better is left out: the policy is then one that can be followed, and its
    values are its own.
    """

    problem: Problem
    preferences: Prices
    bounded: bool = True
    slack: float = 1e-9
    failures: int = 1
    bounds: Bounds = field(init=False)
    _values: Memo[Edge] = field(init=False)
    _expected: dict[int, Expected] = field(default_factory=dict)

    def __post_init__(self) -> None:
        self.bounds = Bounds(self.problem, self.preferences, bounded=self.bounded, failures=self.failures)
        self._values = Memo(self.problem.uncounted)

    def value(self, state: int) -> float:
        """Return the expected money from a state on: kept promises less time, material and what is ruined."""
        known = self._values.find(state)
        if known is not None:
            return known[0]
        self.problem.checkpoint()
        self._values.hold(state)
        best, pick = self.bounds.stop(state), None
        for bound, _, edge in self.bounds.hopeful(state, best):
            if bound <= best + self.slack:
                break
            if state & edge.last or (pick is not None and self.bounds.hope_of(edge, state) <= best + self.slack):
                continue
            worth = self._value_of(edge, state, best)
            if worth > best + 1e-9:
                best, pick = worth, edge
        used = 0 if pick is None else self.bounds.used(pick, pick.outcomes(state), self._values)
        self._values.keep(state, best, pick, used)
        return best

    def _value_of(self, edge: Edge, state: int, least: float = float("-inf")) -> float:
        """Return what a move is worth; minus infinity as soon as that cannot be more than `least`."""
        price, outcomes = self.bounds.price(edge), edge.outcomes(state)
        now = edge.before | state & ~self.problem.uncounted
        if any(after == now for _, after, _ in outcomes):
            return float("-inf")
        if not self.bounded:
            return sum(chance * (self.value(after) - lost) for chance, after, lost in outcomes) - price
        bounds = [chance * (self.bounds.hope(after) - lost) for chance, after, lost in outcomes]
        total = sum(bounds)
        for bound, (chance, after, lost) in zip(bounds, outcomes, strict=True):
            if total - price <= least:
                return float("-inf")
            total += chance * (self.value(after) - lost) - bound
        return total - price

    def _left(self, state: int) -> tuple[Action, ...]:
        """Return what is to be done all the same where one stops in a state."""
        return tuple(action for mask, left in self.problem.closing if state & mask for action in left)

    def best(self, state: int) -> Edge | None:
        """Return the best move from a state; None says stop."""
        self.value(state)
        known = self._values.find(state)
        return None if known is None else known[1]

    def options(self, state: int, count: int = 3) -> tuple[Option, ...]:
        """Return the most promising things that can be done next with their values, the best first."""
        made, best = [], self.value(state)
        ranked = [each for each in self.bounds.hopeful(state, float("-inf")) if not state & each[2].last]
        for bound, _, edge in ranked[:count]:
            hope = min(bound, self.bounds.hope_of(edge, state))
            exact = hope > best - 1e-9  # what could not be better was never solved, and need not be
            worth = self._value_of(edge, state) if exact else hope
            chance, after, _ = edge.outcomes(state)[0]
            action = edge.move.action
            then = (action.key, *(each.key for each in self.path(after))) if exact else ()
            made.append(Option(action, edge.set_up.action if edge.set_up else None, worth, chance, exact, then))
        return tuple(sorted(made, key=lambda option: -option.value))

    def path(self, state: int) -> tuple[Action, ...]:
        """Return what is done from a state on when all goes well."""
        actions: list[Action] = []
        while (pick := self.best(state)) is not None:
            actions.append(pick.move.action)
            state = pick.well(state)
        return tuple(actions)

    def expected(self, state: int) -> Expected:
        """Return what following the best moves gives on average."""
        known = self._expected.get(state)
        if known is not None:
            return known
        pick = self.best(state)
        if pick is None:
            chances = tuple(
                self.problem.holds(state, i) if self.problem.may_end(state) else 0.0 for i in range(len(self.problem.goals))
            )
            left = self._left(state) if not self.problem.may_end(state) else ()
            attended, minutes = sum(a.figures.attended for a in left), sum(a.minutes for a in left)
            result = Expected(chances, attended, minutes, sum(a.cost for a in left), 0.0, 0.0, self.bounds.stop(state))
        else:
            result = self.mixed(pick, state, lambda then, _: self.expected(then))
        self._expected[state] = result
        return result

    def ruin(self, state: int, harmful: Callable[[Action], bool]) -> float:
        """Return the chance that following the best moves ends with something ruined by an action that is harmful."""
        known: dict[int, float] = {}

        def on(state: int) -> float:
            if state not in known:
                pick = self.best(state)
                known[state] = 0.0 if pick is None else of(pick, state)
            return known[state]

        def of(edge: Edge, state: int) -> float:
            outcomes, action = edge.outcomes(state), edge.move.action
            ruins = len(outcomes) > 1 and action.ruin(edge.tried(state)) > 0 and harmful(action)
            followed = outcomes[:-1] if ruins else outcomes
            return sum(chance * on(after) for chance, after, _ in followed) + (outcomes[-1][0] if ruins else 0.0)

        return on(state)

    def mixed(self, edge: Edge, state: int, follow: Callable[[int, bool], Expected]) -> Expected:
        """Return a move's own share and, by their chances, what follows each of its outcomes."""
        actions = [each.action for each in (edge.move, edge.set_up) if each is not None]
        sums = [0.0] * (len(self.problem.goals) + 6)
        for index, (chance, after, lost) in enumerate(edge.outcomes(state)):
            then = follow(after, index == 0)
            for i, part in enumerate(self._parts(then, lost)):
                sums[i] += chance * part
        attended, minutes, cost, writes, lost, value = sums[-6:]
        return Expected(
            tuple(sums[:-6]),
            attended + sum(action.figures.attended for action in actions),
            minutes + sum(action.minutes for action in actions),
            cost + sum(action.cost for action in actions),
            writes + sum(action.figures.writes for action in actions),
            lost,
            value - self.bounds.price(edge),
        )

    @staticmethod
    def _parts(then: Expected, lost: float) -> tuple[float, ...]:
        costs = (then.attended, then.minutes, then.cost, then.writes, then.lost + lost, then.value - lost)
        return (*then.chances, *costs)

    def along(self, path: Sequence[Action]) -> Expected:
        """Return what taking these actions one after the other gives, with the best moves after a failure for good."""
        return Along(self, tuple(path)).expected(self.problem.start, 0)

    def risks(self, path: Sequence[Action]) -> tuple[tuple[tuple[Action, float], ...], ...]:
        """Return for each goal, and each step of a path, what the step's failure takes from the goal's chance: the best after
        it against what going on would have given.
        """
        found: list[tuple[Action, tuple[float, ...]]] = []
        along = Along(self, tuple(path))
        state, reached = self.problem.start, 1.0
        for index, action in enumerate(along.path):
            edge = along.ready(state, index)
            if edge is None:
                continue
            outcomes = edge.outcomes(state)
            state = outcomes[0][1]
            if len(outcomes) > 1:
                again = along.after_a_miss(index)
                well = along.expected(state, index + 1).chances
                missed = [(chance, along.expected(after, again).chances) for chance, after, _ in outcomes[1:]]
                lost = [reached * sum(p * (well[i] - then[i]) for p, then in missed) for i in range(len(well))]
                found.append((action, tuple(lost)))
                reached *= outcomes[0][0]
        return tuple(tuple((action, lost[i]) for action, lost in found) for i in range(len(self.problem.goals)))

    def size(self) -> int:
        """Return how many states were solved."""
        return len(self._values)


class Along:
    """Follow a given path under a policy: what is not ruined is tried again, after a failure for good the best is done."""

    def __init__(self, policy: Policy, path: tuple[Action, ...]) -> None:
        self.path = path
        self._policy = policy
        self._expected: dict[tuple[int, int], Expected] = {}

    def ready(self, state: int, index: int) -> Edge | None:
        """Return the move that the path makes at a place, None where it cannot be made there."""
        action = self.path[index]
        return next((edge for edge in self._policy.problem.open_edges(state) if edge.move.action is action), None)

    def after_a_miss(self, index: int) -> int:
        """Return where on the path one goes on after a miss: at the same place, or nowhere where it used something up."""
        return len(self.path) if self.path[index].figures.writes else index

    def expected(self, state: int, index: int) -> Expected:
        """Return what going on from a place of the path gives."""
        known = self._expected.get((state, index))
        if known is None:
            known = self._expected[state, index] = self._follow(state, index)
        return known

    def _follow(self, state: int, index: int) -> Expected:
        if index == len(self.path):
            return self._policy.expected(state)
        edge = self.ready(state, index)
        if edge is None:
            return self.expected(state, index + 1) if self.path[index].sets_up else self._policy.expected(state)
        again = self.after_a_miss(index)
        return self._policy.mixed(edge, state, lambda then, good: self.expected(then, index + 1 if good else again))
