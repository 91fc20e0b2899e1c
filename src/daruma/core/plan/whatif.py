"""What if: facts of a case that can be changed to see what opens and what closes, and taken back."""

from collections.abc import Iterable

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.kinds import rooms
from daruma.core.language import tr
from daruma.core.parts import Version
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Ask, Fact, Option, flag
from daruma.core.plan.planner import Plan


def _versions(case: Case) -> dict[str, str]:
    """Return the version there is and those at which something changes, as far as the model ran them."""
    model = case.model
    edges = {
        case.system,
        model.first_system,
        model.last_system,
        *(era.since for era in model.eras),
        *(model.unbind_on_phone or ()),
    }
    return {str(v): str(v) for v in sorted(edges) if model.first_system <= v <= model.last_system}


def _socket(case: Case, there: bool) -> Case:
    package = {case.model.memory_package}
    sockets = case.kit.memory_sockets | package if there else case.kit.memory_sockets - package
    return replace(case, kit=replace(case.kit, memory_sockets=frozenset(sockets)))


_SYSTEM = Ask(
    "system",
    lambda _: tr("System version"),
    _versions,
    lambda case: str(case.system),
    lambda case, value: replace(case, system=Version.parse(value)),
)
_BENCH = (
    flag("runs", tr("The phone starts"), lambda case: case.runs, lambda case, yes: replace(case, runs=yes, trusted=yes)),
    flag(
        "hot_air",
        tr("Hot air"),
        lambda case: case.kit.hot_air,
        lambda case, yes: replace(case, kit=replace(case.kit, hot_air=yes)),
    ),
    flag(
        "welder",
        tr("Spot welder"),
        lambda case: case.kit.welder,
        lambda case, yes: replace(case, kit=replace(case.kit, welder=yes)),
    ),
    replace(
        flag("memory_socket", "", lambda case: case.model.memory_package in case.kit.memory_sockets, _socket),
        label=lambda case: tr("{package} socket", package=case.model.memory_package),
    ),
    flag(
        "network",
        tr("Network for finishing"),
        lambda case: case.kit.network,
        lambda case, yes: replace(case, kit=replace(case.kit, network=yes)),
    ),
)


def asks(case: Case) -> tuple[Ask, ...]:
    """Return what can be asked of a case: the phone, the parts, the bench."""
    every = (_SYSTEM, *(ask for room in rooms() for ask in room.asks), *_BENCH)
    return tuple(ask for ask in every if ask.there(case))


def facts(case: Case) -> tuple[Fact, ...]:
    """Return the facts of a case that can be asked about."""
    return tuple(ask.fact(case) for ask in asks(case))


def changed(case: Case, key: str, value: str) -> Case:
    """Return the case with one fact changed; raise LookupError for a fact or value that there is not."""
    ask = next((ask for ask in asks(case) if ask.key == key), None)
    if ask is None or value not in ask.options(case):
        raise LookupError(f"{key} = {value}")
    return ask.change(case, value)


def all_changed(case: Case, changes: Iterable[tuple[str, str]]) -> Case:
    """Return the case with several facts changed, in order."""
    for key, value in changes:
        case = changed(case, key, value)
    return case


def those_that_apply(case: Case, changes: Iterable[tuple[str, str]]) -> tuple[tuple[str, str], ...]:
    """Return the changes whose facts and values a case has: those asked of another job or ticket are left out."""
    found = []
    for key, value in changes:
        try:
            case = changed(case, key, value)
        except LookupError:
            continue
        found.append((key, value))
    return tuple(found)


class Difference(Struct, frozen=True):
    """Hold what a change of facts opens and closes: names of ways, and closed ones with their reasons."""

    opened: tuple[str, ...]
    closed: tuple[tuple[str, str], ...]


def difference(before: Plan, after: Plan) -> Difference:
    """Return what is open after and was not before, and the other way round with the reason."""
    old, new = {route.way for route in before.routes}, {route.way for route in after.routes}
    reasons = {way.way: way.reason for way in after.closed}
    gone = tuple((way, _reason(way, reasons)) for way in _in_order(before, old - new))
    return Difference(tuple(_in_order(after, new - old)), gone)


def _in_order(plan: Plan, ways: set[str]) -> list[str]:
    return list(dict.fromkeys(route.way for route in plan.routes if route.way in ways))


def _reason(way: str, reasons: dict[str, str]) -> str:
    for part in way.split(", "):
        words = part[0].upper() + part[1:]
        if words in reasons:
            return reasons[words]
    return tr("another way is better or equal in every respect")


__all__ = ["Difference", "Fact", "Option", "all_changed", "changed", "difference", "facts", "those_that_apply"]
