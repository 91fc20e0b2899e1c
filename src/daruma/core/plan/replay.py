"""Where things stand: the steps that were done, applied to the start."""

from collections.abc import Iterable, Mapping
from enum import Enum

from daruma.core.plan.actions import Action


def replay(start: Mapping[Enum, Enum], actions: Iterable[Action], history: Iterable[tuple[str, bool]]) -> dict[Enum, Enum]:
    """Return the values after steps (key, went well); of an action's variants the one that fits the moment counts.

    A key may name its variant (`another_panel:third`): then only those with it are meant. A step that no variant fits is
    taken all the same: what was done was done.
    """
    values: dict[Enum, Enum] = dict(start)
    by_key: dict[str, list[Action]] = {}
    for action in actions:
        by_key.setdefault(action.key, []).append(action)
    for name, good in history:
        key, _, variant = name.partition(":")
        variants = [action for action in by_key.get(key, []) if _named(action, variant)]
        if not variants:
            continue
        fitting = next((action for action in variants if all(need.met(values) for need in action.conditions)), variants[0])
        if good:
            values.update(fitting.effects)
        else:
            values.update(fitting.ruined if fitting.ruin(0) >= 0.5 and fitting.ruined else fitting.miss)
    return values


def _named(action: Action, variant: str) -> bool:
    """A variant's name stands for itself and for what it becomes with more (`third`, `third+chip_lost`)."""
    return not variant or action.variant == variant or action.variant.split("+")[0] == variant
