"""The order of a way's steps: one place after the other, where the order is free."""

from collections.abc import Sequence

from daruma.core.plan.packing import Move
from daruma.core.plan.pareto import Found, Search
from daruma.core.plan.problem import Problem

Step = tuple[Move | None, Move]


def by_place(search: Search, found: Found) -> Found:
    """Return a way with its steps ordered so that work stays in one place as long as it can; the same way if it must not.

    Costs, chances and the state at its end stay as they are.
    """
    moves = found.moves
    if len({move.action.place for move in moves} - {None}) < 2:
        return found
    steps = _ordered(search.problem, moves)
    other = search.along(steps) if steps else found
    same = (other.state, other.costs, other.chances) == (found.state, found.costs, found.chances)
    return other if same else found


def _ordered(problem: Problem, moves: Sequence[Move]) -> list[Step]:
    state, rest, steps = problem.start, list(moves), []
    last = None
    while rest:
        for move in sorted(rest, key=lambda each: each.action.place is not last):
            made = _made(problem, move, state)
            others = [other for other in rest if other is not move]
            if made is not None and _can_follow(problem, others, made[1]):
                break
        else:
            return []
        steps.append((made[0], move))
        state, rest, last = made[1], others, move.action.place or last
    return steps


def _made(problem: Problem, move: Move, state: int) -> tuple[Move | None, int] | None:
    """Return what sets a move up and the state after it; None where it cannot be made."""
    for edge in problem.edges(state):
        if edge.move is move:
            return edge.set_up, edge.then
    return None


def _can_follow(problem: Problem, moves: Sequence[Move], state: int) -> bool:
    for move in moves:
        made = _made(problem, move, state)
        if made is None:
            return False
        state = made[1]
    return True
