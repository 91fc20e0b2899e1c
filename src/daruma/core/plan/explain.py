"""Where every number of a route comes from: a guess of the catalogue, this shop's outcomes, or a measurement."""

from dataclasses import dataclass

from daruma.core.kinds import on_table
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.odds import Beta
from daruma.core.plan.routes import Promise, Route


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
        words = [doubt.words for room in on_table(case) for doubt in room.doubts(case)]
        lines.append(Source(f"  {' and '.join(words)}", percent(promise.doubt), "catalogue guess, nobody looked"))
    return lines + [
        Source(f"  {action.figures.title}", percent(action.straight), origin(case, action)) for action in promise.factors
    ]


def origin(case: Case, action: Action) -> str:
    """Return where an action's chance comes from."""
    seen = case.record.actions.get(action.key)
    if seen is not None and seen.count:
        low, high = belief(case, action).interval()
        where = " on this adapter" if action.trait.on_adapter else ""
        text = f"this shop{where}: {seen.done} of {seen.count} went well (95 % credible: {100 * low:.0f} to {100 * high:.0f} %)"
    else:
        text = action.figures.origin
    if len(action.chances) > 1 and not action.figures.writes:
        text += f"; up to {len(action.chances)} tries"
    notes = [note for room in on_table(case) if room.kind is action.trait.part for note in room.notes(case, action)]
    return "; ".join((text, *notes))


def belief(case: Case, action: Action) -> Beta:
    """Return the belief behind an action's chance: the catalogue's guess as ten trials, then this shop's outcomes."""
    return case.record.belief(action.key, action.figures.chance)


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
