"""Where every number of a route comes from: a guess of the catalogue, this shop's outcomes, or a measurement."""

from msgspec import Struct

from daruma.core.kinds import on_table
from daruma.core.language import figures, tr
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.odds import Beta
from daruma.core.plan.routes import Promise, Route


class Source(Struct, frozen=True):
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
            lines.append(Source(tr("{title}: writes", title=action.figures.title), str(action.figures.writes), "counted"))
    return tuple(lines)


def _promise(case: Case, promise: Promise, label: str) -> list[Source]:
    name = label or promise.function.value.replace("_", " ")
    if promise.chance <= 0:
        return [Source(name, tr("not kept by this way"), tr("the pairing rules"))]
    lines = [
        Source(
            name, percent(promise.chance), tr("product of the steps it rests on") if promise.factors else tr("no uncertain step")
        )
    ]
    if promise.doubt < 1:
        words = [doubt.words for room in on_table(case) for doubt in room.doubts(case)]
        lines.append(Source(f"  {tr(' and ').join(words)}", percent(promise.doubt), tr("catalogue guess, nobody looked")))
    return lines + [
        Source(f"  {action.figures.title}", percent(action.straight), origin(case, action)) for action in promise.factors
    ]


def origin(case: Case, action: Action) -> str:
    """Return where an action's chance comes from."""
    seen = case.record.actions.get(action.key)
    if seen is not None and seen.count:
        low, high = belief(case, action).interval()
        where = tr(" on this adapter") if action.trait.on_adapter else ""
        values = {"where": where, "done": seen.done, "count": seen.count, "low": 100 * low, "high": 100 * high}
        if case.record.arrived:
            text = tr(
                "case file {name}{where}: {done} of {count} went well (95 % credible: {low:.0f} to {high:.0f} %)",
                name=case.record.arrived,
                **values,
            )
        else:
            text = tr("this shop{where}: {done} of {count} went well (95 % credible: {low:.0f} to {high:.0f} %)", **values)
    else:
        text = action.figures.origin
    if len(action.chances) > 1 and not action.figures.writes:
        text += tr("; up to {count_chances} tries", count_chances=len(action.chances))
    notes = [note for room in on_table(case) if room.kind is action.trait.part for note in room.notes(case, action)]
    return "; ".join((text, *notes))


def belief(case: Case, action: Action) -> Beta:
    """Return the belief behind an action's chance: the catalogue's guess as ten trials, then this shop's outcomes."""
    return case.record.belief(action.key, action.figures.chance)


def _minutes(action: Action) -> Source:
    figures = action.figures
    value = tr("{attended:g} min there", attended=figures.attended) + (
        tr(", {waiting:g} min waiting", waiting=figures.waiting) if figures.waiting else ""
    )
    return Source(tr("{title}: time", title=figures.title), value, figures.origin)


def _cost(action: Action) -> Source:
    parts = [f"{action.figures.origin}"] if action.figures.cost else []
    if action.extra_cost:
        parts.append(tr("the panel's price from the shelf"))
    return Source(tr("{title}: cost", title=action.figures.title), figures("{cost:g}", cost=action.cost), tr(" and ").join(parts))


def percent(chance: float) -> str:
    """Return a chance in whole per cent, never rounding to certainty."""
    if 0 < chance < 0.005:
        return tr("under 1 %")
    if 0.995 < chance < 1:
        return tr("over 99 %")
    return f"{100 * chance:.0f} %"
