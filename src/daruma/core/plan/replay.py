"""Where things stand: the steps that were done, applied to the start."""

from collections.abc import Iterable, Mapping
from enum import Enum

from daruma.core.plan.actions import Action


def replay(start: Mapping[Enum, Enum], actions: Iterable[Action], history: Iterable[tuple[str, bool]]) -> dict[Enum, Enum]:
    """Return the values after steps (key, went well); of an action's variants the one that fits the moment counts.

    A step that no variant fits is taken all the same: what was done was done.
    """
    values: dict[Enum, Enum] = dict(start)
    by_key: dict[str, list[Action]] = {}
    for action in actions:
        by_key.setdefault(action.key, []).append(action)
    for key, good in history:
        variants = by_key.get(key, [])
        if not variants:
            continue
        fitting = next((action for action in variants if all(need.met(values) for need in action.conditions)), variants[0])
        if good:
            values.update(fitting.effects)
        else:
            values.update(fitting.ruined if fitting.ruin(0) >= 0.5 and fitting.ruined else fitting.miss)
    return values
