"""What if: facts of a case that can be changed to see what opens and what closes, and taken back."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass, replace

from daruma.core.parts import Version
from daruma.core.plan.case import Case, ChipPlace, FlexState, OriginalState, PanelKind
from daruma.core.plan.planner import Plan
from daruma.core.tri import Tri


@dataclass(frozen=True, slots=True)
class Option:
    """Hold one value that a fact can be given."""

    key: str
    words: str


@dataclass(frozen=True, slots=True)
class Fact:
    """Hold a fact of a case: its name, its value now and the values it can be given."""

    key: str
    label: str
    now: str
    options: tuple[Option, ...]


_ORIGINAL = {
    OriginalState.ANSWERS: "there, answers",
    OriginalState.UNTRIED: "there, untried",
    OriginalState.DAMAGED: "there, does not answer",
    OriginalState.MISSING: "missing",
}
_CHIP = {ChipPlace.ON_ORIGINAL: "on the original", ChipPlace.MOVED: "on the new panel", ChipPlace.LOST: "lost"}
_PANEL = {
    PanelKind.GENUINE_NEW: "genuine, new",
    PanelKind.GENUINE_USED: "genuine, used",
    PanelKind.AFTERMARKET: "aftermarket",
    PanelKind.READY_CODED: "ready-coded",
}
_FLEX = {
    FlexState.SOUND: "original, sound",
    FlexState.WORN: "original, worn",
    FlexState.DEAD: "original, dead",
    FlexState.REPLACED: "another phone's",
    FlexState.UNTESTED: "not tested",
}
_YES = {True: "yes", False: "no"}


def facts(case: Case) -> tuple[Fact, ...]:
    """Return the facts of a case that can be asked about."""
    found = [
        Fact("system", "System version", str(case.system), tuple(Option(str(v), str(v)) for v in _versions(case))),
        _choice("flex", "Front sensor flex", case.flex.value, {k.value: v for k, v in _FLEX.items()}),
    ]
    if not case.display_stays:
        found += [
            _choice("original", "The original", case.original.value, {k.value: v for k, v in _ORIGINAL.items()}),
            _choice("chip", "Original touch chip", case.chip.value, {k.value: v for k, v in _CHIP.items()}),
            _choice("panel", "New panel", case.panels[0].kind.value, {k.value: v for k, v in _PANEL.items()}),
            _choice(
                "clean",
                "Panel unlocked, its touch flex never replaced",
                _clean(case),
                {"yes": "yes", "no": "no", "?": "not known"},
            ),
            _flag("earlier_backup", "Earlier backup of this phone", case.earlier_backup),
            _flag("complete_record", "Complete record of this model", case.complete_record),
            _flag("serial_on_paper", "Display serial on paper", case.serial_on_paper),
        ]
        if len(case.model.makers) > 1:
            makers = {maker: maker for maker in case.model.makers}
            found.append(_choice("source_maker", "Maker of the original panel", case.source_maker, {"": "not known", **makers}))
    found += [
        _flag("runs", "The phone starts", case.runs),
        _flag("hot_air", "Hot air", case.kit.hot_air),
        _flag("memory_socket", f"{case.model.memory_package} socket", case.model.memory_package in case.kit.memory_sockets),
        _flag("network", "Network for finishing", case.kit.network),
    ]
    return tuple(found)


def _flag(key: str, label: str, now: bool) -> Fact:
    return _choice(key, label, _YES[now], {"yes": "yes", "no": "no"})


def _choice(key: str, label: str, now: str, options: dict[str, str]) -> Fact:
    return Fact(key, label, now, tuple(Option(name, words) for name, words in options.items()))


def _clean(case: Case) -> str:
    panel = case.panels[0]
    if Tri.YES in (panel.locked, panel.touch_flex_replaced):
        return "no"
    return "yes" if panel.locked is panel.touch_flex_replaced is Tri.NO else "?"


def _versions(case: Case) -> list[Version]:
    """Return the version there is and those at which something changes, as far as the model ran them."""
    model = case.model
    edges = {
        case.system,
        model.first_system,
        model.last_system,
        *(era.since for era in model.eras),
        *(model.unbind_on_phone or ()),
    }
    return sorted(version for version in edges if model.first_system <= version <= model.last_system)


_TRI = {"yes": Tri.NO, "no": Tri.YES, "?": Tri.UNKNOWN}


def changed(case: Case, key: str, value: str) -> Case:
    """Return the case with one fact changed; raise LookupError for a fact or value that there is not."""
    fact = next((fact for fact in facts(case) if fact.key == key), None)
    if fact is None or value not in {option.key for option in fact.options}:
        raise LookupError(f"{key} = {value}")
    return _CHANGES[key](case, value)


def _panel(case: Case, **changes: object) -> Case:
    return replace(case, panels=(replace(case.panels[0], **changes), *case.panels[1:]))  # type: ignore[arg-type]


def _original(case: Case, value: str) -> Case:
    state = OriginalState(value)
    gone = state is OriginalState.MISSING and case.chip is ChipPlace.ON_ORIGINAL
    return replace(case, original=state, chip=ChipPlace.LOST if gone else case.chip)


def _chip(case: Case, value: str) -> Case:
    place = ChipPlace(value)
    back = place is ChipPlace.ON_ORIGINAL and case.original is OriginalState.MISSING
    return replace(case, chip=place, original=OriginalState.DAMAGED if back else case.original)


def _socket(case: Case, value: str) -> Case:
    package = {case.model.memory_package}
    sockets = case.kit.memory_sockets | package if value == "yes" else case.kit.memory_sockets - package
    return replace(case, kit=replace(case.kit, memory_sockets=frozenset(sockets)))


def _plain(key: str) -> Callable[[Case, str], Case]:
    return lambda case, value: replace(case, **{key: value == "yes"})  # type: ignore[arg-type]


def _kit(key: str) -> Callable[[Case, str], Case]:
    return lambda case, value: replace(case, kit=replace(case.kit, **{key: value == "yes"}))  # type: ignore[arg-type]


_CHANGES: dict[str, Callable[[Case, str], Case]] = {
    "system": lambda case, value: replace(case, system=Version.parse(value)),
    "flex": lambda case, value: replace(case, flex=FlexState(value)),
    "original": _original,
    "chip": _chip,
    "panel": lambda case, value: _panel(case, kind=PanelKind(value), record=None),
    "clean": lambda case, value: _panel(case, locked=_TRI[value], touch_flex_replaced=_TRI[value]),
    "earlier_backup": _plain("earlier_backup"),
    "complete_record": _plain("complete_record"),
    "serial_on_paper": _plain("serial_on_paper"),
    "source_maker": lambda case, value: replace(case, source_maker=value),
    "runs": lambda case, value: replace(case, runs=value == "yes", trusted=value == "yes"),
    "hot_air": _kit("hot_air"),
    "memory_socket": _socket,
    "network": _kit("network"),
}


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


@dataclass(frozen=True, slots=True)
class Difference:
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
    return "another way is better or equal in every respect"
