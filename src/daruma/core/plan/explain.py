"""Where every number of a route comes from: a guess of the catalogue, this shop's outcomes, or a measurement."""

from dataclasses import dataclass

from daruma.core.plan.actions import Action, ActionKind
from daruma.core.plan.case import Case, OriginalState
from daruma.core.plan.odds import Beta
from daruma.core.plan.routes import Promise, Route

_ON_ADAPTER = (ActionKind.READ_SOURCE, ActionKind.READ_TARGET, ActionKind.WRITE)


@dataclass(frozen=True, slots=True)
class Source:
    """Hold one number of a route and where it comes from."""

    what: str
    value: str
    origin: str


def explain(case: Case, route: Route, labels: dict[str, str] | None = None) -> tuple[Source, ...]:
    """Return the origin of every number on a route; `labels` name the functions."""
    labels = labels or {}
    lines = [source for promise in route.promises for source in _promise(case, promise, labels.get(promise.function.value, ""))]
    for action in dict.fromkeys(route.actions):
        lines.append(_minutes(action))
        if action.cost:
            lines.append(_cost(action))
        if action.figures.writes:
            lines.append(Source(f"{action.figures.title}: writes", str(action.figures.writes), "counted"))
    return tuple(lines)


def _promise(case: Case, promise: Promise, label: str) -> list[Source]:
    name = label or promise.function.value.replace("_", " ")
    if promise.chance <= 0:
        return [Source(name, "not kept by this way", "the pairing rules")]
    lines = [
        Source(name, percent(promise.chance), "product of the steps it rests on" if promise.factors else "no uncertain step")
    ]
    if promise.doubt < 1:
        lines.append(
            Source("  the sensor flex is the original and sound", percent(promise.doubt), "catalogue guess, nobody looked")
        )
    return lines + [
        Source(f"  {action.figures.title}", percent(action.straight), origin(case, action)) for action in promise.factors
    ]


def origin(case: Case, action: Action) -> str:
    """Return where an action's chance comes from."""
    seen = case.record.actions.get(action.key)
    if seen is not None and seen.count:
        low, high = belief(case, action).interval()
        where = " on this adapter" if action.kind in _ON_ADAPTER else ""
        text = f"this shop{where}: {seen.done} of {seen.count} went well (95 % credible: {100 * low:.0f} to {100 * high:.0f} %)"
    else:
        text = action.figures.origin
    if len(action.chances) > 1 and not action.figures.writes:
        text += f"; up to {len(action.chances)} tries"
    if action.kind is ActionKind.WRITE and case.model.write_limits:
        text += f"; {_limits(case)}"
    if action.key == "read_original" and case.original is OriginalState.UNTRIED:
        text += f"; guess that the original answers {percent(case.chances.original_answers)}"
    return text


def belief(case: Case, action: Action) -> Beta:
    """Return the belief behind an action's chance: the catalogue's guess as ten trials, then this shop's outcomes."""
    return case.record.belief(action.key, action.figures.chance)


def _limits(case: Case) -> str:
    limits = " or ".join(str(limit) for limit in case.model.write_limits)
    panel = case.panels[0] if case.panels else None
    counted = panel.counted if panel else 0
    hidden = ", perhaps more that nobody noted" if panel and panel.hidden_past else ""
    return f"a panel takes {limits} writes in its life, {counted} counted{hidden}"


def _minutes(action: Action) -> Source:
    figures = action.figures
    value = f"{figures.attended:g} min there" + (f", {figures.waiting:g} min waiting" if figures.waiting else "")
    return Source(f"{figures.title}: time", value, figures.origin)


def _cost(action: Action) -> Source:
    parts = [f"{action.figures.origin}"] if action.figures.cost else []
    if action.extra_cost:
        parts.append("the panel's price from the shelf")
    return Source(f"{action.figures.title}: cost", f"{action.cost:g}", " and ".join(parts))


def percent(chance: float) -> str:
    """Return a chance in whole per cent, never rounding to certainty."""
    if 0 < chance < 0.005:
        return "under 1 %"
    if 0.995 < chance < 1:
        return "over 99 %"
    return f"{100 * chance:.0f} %"
