"""A plan as text for a terminal."""

from collections.abc import Mapping

from daruma.core.interlocks import imported
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.plan.case import Case
from daruma.core.plan.closed import grouped
from daruma.core.plan.explain import explain, percent
from daruma.core.plan.knowing import Worth
from daruma.core.plan.planner import Plan
from daruma.core.plan.routes import Promise, Route
from daruma.core.plan.words import advice_words, worth_words


def plan_text(case: Case, plan: Plan, worth: tuple[Worth, ...], labels: Mapping[Function, str], money: str = "€") -> str:
    """Return ways, closed ways, advice and the origin of the first way's numbers."""
    lines = [f"{case.model.name}, {case.system_name} {case.system}{imported(case.model.arrived)}", ""]
    said = advice_words(plan.advice, case.promised, labels, money)
    lines += [said.head, *(f"  {line}" for line in said.lines), *(f"  {line}" for line in worth_words(worth, money)), ""]
    lines.append(tr("Ways") if plan.routes else tr("No way is open to anything that is promised."))
    for index, route in enumerate(plan.routes, start=1):
        lines += _route(index, route, labels, money)
    for heading, group in grouped(plan.closed):
        lines += ["", heading, *(f"  {way.title(labels)}: {way.reason}" for way in group)]
    if plan.routes:
        lines += ["", tr("Where the numbers of ‘{way}’ come from", way=plan.routes[0].way)]
        names = {function.value: label for function, label in labels.items()}
        lines += [f"  {source.what}: {source.value}: {source.origin}" for source in explain(case, plan.routes[0], names)]
    return "\n".join(lines) + "\n"


def _risk(promise: Promise) -> str:
    """Say what lies behind a chance that ways back make less: a step that this promise does not rest on."""
    return (
        tr(": if ‘{title}’ fails, the best that is left keeps it less often", title=promise.risk.figures.title)
        if promise.risk
        else ""
    )


def _route(index: int, route: Route, labels: Mapping[Function, str], money: str) -> list[str]:
    chances = [
        tr(
            "{labels} {percent} ({percent_2} with ways back{risk})",
            labels=labels[p.function],
            percent=percent(p.chance),
            percent_2=percent(p.with_ways_back),
            risk=_risk(p),
        )
        if p.chance > 0
        else tr("{labels} not kept", labels=labels[p.function])
        for p in route.promises
    ]
    writes = tr("1 write") if route.writes == 1 else tr("{writes} writes", writes=route.writes)
    heat = tr(", {board_heat} heatings of the board", board_heat=route.board_heat) if route.board_heat else ""
    return [
        f"{index}. {route.way}",
        tr(
            "   {attended:.0f} min there, {minutes:.0f} min in all, {cost:.0f} {money}, {writes}{heat}",
            attended=route.attended,
            minutes=route.minutes,
            cost=route.cost,
            money=money,
            writes=writes,
            heat=heat,
        ),
        f"   {', '.join(chances)}",
        f"   {' > '.join(action.figures.title for action in route.actions)}",
    ]
