"""A plan as text for a terminal."""

from collections.abc import Mapping

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
    lines = [f"{case.model.name}, {case.system_name} {case.system}", ""]
    said = advice_words(plan.advice, case.promised, labels, money)
    lines += [said.head, *(f"  {line}" for line in said.lines), *(f"  {line}" for line in worth_words(worth, money)), ""]
    lines.append("Ways" if plan.routes else "No way is open to anything that is promised.")
    for index, route in enumerate(plan.routes, start=1):
        lines += _route(index, route, labels, money)
    for heading, group in grouped(plan.closed):
        lines += ["", heading, *(f"  {way.title(labels)}: {way.reason}" for way in group)]
    if plan.routes:
        lines += ["", f"Where the numbers of \u2018{plan.routes[0].way}\u2019 come from"]
        names = {function.value: label for function, label in labels.items()}
        lines += [f"  {source.what}: {source.value}: {source.origin}" for source in explain(case, plan.routes[0], names)]
    return "\n".join(lines) + "\n"


def _risk(promise: Promise) -> str:
    """Say what lies behind a chance that ways back make less: a step that this promise does not rest on."""
    return f": if ‘{promise.risk.figures.title}’ fails, the best that is left keeps it less often" if promise.risk else ""


def _route(index: int, route: Route, labels: Mapping[Function, str], money: str) -> list[str]:
    chances = [
        f"{labels[p.function]} {percent(p.chance)} ({percent(p.with_ways_back)} with ways back{_risk(p)})"
        if p.chance > 0
        else f"{labels[p.function]} not kept"
        for p in route.promises
    ]
    writes = f"{route.writes} write{'s' * (route.writes != 1)}"
    heat = f", {route.board_heat} heatings of the board" if route.board_heat else ""
    return [
        f"{index}. {route.way}",
        f"   {route.attended:.0f} min there, {route.minutes:.0f} min in all, {route.cost:.0f} {money}, {writes}{heat}",
        f"   {', '.join(chances)}",
        f"   {' > '.join(action.figures.title for action in route.actions)}",
    ]
