"""Cases and small problems for the planner's tests."""

from typing import Any

from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds import promisable
from daruma.core.kinds.display.facts import ChipPlace, DisplayFacts, OriginalState
from daruma.core.kinds.sensor_flex import FlexFacts
from daruma.core.parts import Function, PartKind, Version
from daruma.core.plan.case import Case
from daruma.core.plan.planner import Plan, make_plan

ALL = promisable()[:4]
GONE = {"original": OriginalState.MISSING, "chip": ChipPlace.LOST}
_DISPLAY = set(DisplayFacts.__struct_fields__)
_FLEX = {"flex": "state", "earlier_flex_backup": "earlier_backup"}


def case(catalogue: Catalogue, key: str = "cedar_l", system: str = "4.6", **changes: Any) -> Case:
    parts = {PartKind.DISPLAY: DisplayFacts(), PartKind.SENSOR_FLEX: FlexFacts()}
    made = Case(catalogue.models[key], Version.parse(system), ALL, parts, rules=catalogue.rules, system_name=catalogue.system)
    return varied(made, **changes)


def varied(made: Case, **changes: Any) -> Case:
    """A case with other facts, those of display and flex by their own names."""
    display = {name: changes.pop(name) for name in tuple(changes) if name in _DISPLAY}
    flex = {_FLEX[name]: changes.pop(name) for name in tuple(changes) if name in _FLEX}
    made = made.with_part(PartKind.DISPLAY, replace(made.parts[PartKind.DISPLAY], **display))
    return replace(made.with_part(PartKind.SENSOR_FLEX, replace(made.parts[PartKind.SENSOR_FLEX], **flex)), **changes)


def solved(made: Case, catalogue: Catalogue) -> Plan:
    return make_plan(made, catalogue.figures)


def ways(plan: Plan) -> set[str]:
    return {route.way for route in plan.routes}


def keys(plan: Plan, way: str) -> list[str]:
    return [action.key for action in plan.route(way).actions]


WHITE = (Function.AMBIENT_WHITE, Function.TOUCH)
