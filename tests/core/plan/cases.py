"""Cases and small problems for the planner's tests."""

from dataclasses import replace
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.parts import Function, Version
from daruma.core.plan.case import PLANNED, Case, ChipPlace, OriginalState
from daruma.core.plan.planner import Plan, make_plan

ALL = PLANNED[:4]
GONE = {"original": OriginalState.MISSING, "chip": ChipPlace.LOST}


def case(catalogue: Catalogue, key: str = "cedar_l", system: str = "4.6", **changes: Any) -> Case:
    made = Case(catalogue.models[key], Version.parse(system), ALL, rules=catalogue.rules, system_name=catalogue.system)
    return replace(made, **changes)


def solved(made: Case, catalogue: Catalogue) -> Plan:
    return make_plan(made, catalogue.figures)


def ways(plan: Plan) -> set[str]:
    return {route.way for route in plan.routes}


def keys(plan: Plan, way: str) -> list[str]:
    return [action.key for action in plan.route(way).actions]


WHITE = (Function.AMBIENT_WHITE, Function.TOUCH)
