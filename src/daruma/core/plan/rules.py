"""Rules of order from the catalogue: what must be done, or at least tried, before what."""

from collections.abc import Iterable, Sequence
from graphlib import CycleError, TopologicalSorter

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.plan.actions import Action
from daruma.core.plan.state import Needs


class OrderRule(Struct, frozen=True):
    """Hold that `first` must be done or tried before `then`, wherever it can be done at all."""

    first: str
    then: str
    reason: str


def cycle(rules: Iterable[OrderRule]) -> tuple[str, ...]:
    """Return the actions of a cycle among the rules, the first again at its end; empty where there is none."""
    sorter: TopologicalSorter[str] = TopologicalSorter()
    for rule in rules:
        sorter.add(rule.then, rule.first)
    try:
        sorter.prepare()
    except CycleError as error:
        return tuple(error.args[1])
    return ()


def ordered(actions: Sequence[Action], rules: Iterable[OrderRule]) -> tuple[Action, ...]:
    """Return the actions with the rules' conditions added; a rule whose first action is not open adds none."""
    open_keys = {action.key: action for action in reversed(actions) if not action.impossible and action.effects}
    added: dict[str, list[Needs]] = {}
    for rule in rules:
        first = open_keys.get(rule.first)
        if first is not None:
            var, val = next(iter(first.effects.items()))
            good = {val, *([first.miss[var]] if var in first.miss else [])}
            added.setdefault(rule.then, []).append(Needs(var, frozenset(good), rule.reason, order=True))
    return tuple(
        replace(action, conditions=(*action.conditions, *added[action.key])) if action.key in added else action
        for action in actions
    )
