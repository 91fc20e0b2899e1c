"""Case files: a case for the planner as JSON that people write, with a published schema; the answer as JSON."""

import json
from pathlib import Path
from typing import Any

from msgspec.structs import replace
from pydantic import ValidationError

from daruma.catalogue.loader import Catalogue
from daruma.catalogue.reading import read_bounded
from daruma.core.errors import Trouble
from daruma.core.kinds import KINDS, promisable
from daruma.core.kinds.display import panel_taken
from daruma.core.kinds.display.state import PANELS, variant_of
from daruma.core.language import tr, word
from daruma.core.model import Model
from daruma.core.parts import PartKind, Version
from daruma.core.plain import plain
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.closed import Closed
from daruma.core.plan.kit import Kit
from daruma.core.plan.knowing import Worth
from daruma.core.plan.money import WORTH, Preferences
from daruma.core.plan.odds import Outcomes, Record
from daruma.core.plan.planner import Plan
from daruma.handover.case_shape import CaseFile, StepEntry, Strict
from daruma.handover.kinds import room, rooms
from daruma.handover.kinds.room import Faults

FORMAT = "daruma-case"
LARGEST = 200_000  # bytes; a case has a few thousand
SAFE = tr("Nothing was planned from it.")


class CaseTrouble(Trouble):
    """Report a case file that cannot be used."""


def schema() -> str:
    """Return the JSON Schema of case files."""
    return json.dumps(CaseFile.model_json_schema(), indent=2) + "\n"


def read_case(path: Path) -> CaseFile:
    """Read a case file; raise CaseTrouble that names place and reason."""
    try:
        raw = read_bounded(path, LARGEST)
    except OSError as error:
        raise CaseTrouble(
            tr("{path} cannot be read: {strerror}.", path=path.name, strerror=error.strerror),
            safe=SAFE,
            advice=tr("Choose another file."),
        ) from error
    return parse_case(raw, path.name)


def parse_case(raw: bytes, name: str) -> CaseFile:
    """Return a case file's content; raise CaseTrouble that names place and reason."""
    if len(raw) > LARGEST:
        raise CaseTrouble(tr("{name} is larger than a case can be.", name=name), safe=SAFE, advice=tr("Choose a case file."))
    try:
        return CaseFile.model_validate_json(raw)
    except ValidationError as error:
        first = error.errors()[0]
        where = ".".join(str(part) for part in first["loc"]) or tr("the file")
        raise CaseTrouble(
            f"{name}: {where}: {first['msg']}.", safe=SAFE, advice=tr("Correct the file, then ask again.")
        ) from error


def case_from(file: CaseFile, catalogue: Catalogue, name: str = tr("the case")) -> tuple[Case, dict[str, Any]]:
    """Return a file's case and the actions' figures with the shop's own; raise CaseTrouble for what contradicts itself."""
    model = _checked(file, catalogue, name)
    wishes = file.preferences
    case = Case(
        model,
        Version.parse(file.system),
        file.promised,
        {each.kind: facts for each in rooms() if (facts := each.facts(file, catalogue)) is not None},
        file.runs,
        file.trusted,
        foreign=frozenset(file.foreign_identities),
        system_name=catalogue.system,
        kit=Kit(**{**file.bench.model_dump(), "memory_sockets": frozenset(file.bench.memory_sockets)}),
        preferences=Preferences(
            wishes.no_board_heat,
            wishes.no_soldering,
            wishes.aim,
            wishes.attended_per_hour,
            wishes.waiting_per_hour,
            {**WORTH, **wishes.worth},
            wishes.board,
            wishes.board_heat,
            wishes.write,
            used=wishes.used,
        ),
        record=Record({key: Outcomes(entry.done, entry.failed) for key, entry in file.outcomes.items()}, plain(name)),
        rules=catalogue.rules,
        history=tuple((_done(step), step.well) for step in file.done),
    )
    return case, _figures(file, catalogue)


def _done(step: StepEntry) -> str:
    variant = variant_of(PANELS[step.panel - 1]) if step.panel else ""
    return f"{step.action}:{variant}" if variant else step.action


def _figures(file: CaseFile, catalogue: Catalogue) -> dict[str, Any]:
    figures = dict(catalogue.figures)
    for key, entry in file.figures.items():
        changes = {k: v for k, v in entry.model_dump().items() if v is not None}
        figures[key] = replace(figures[key], **changes)
    return figures


def _checked(file: CaseFile, catalogue: Catalogue, name: str) -> Model:
    """Return the model; raise CaseTrouble for the first thing that cannot be."""
    model = catalogue.models.get(file.model)
    faults = [("model", tr("the catalogue has no model {model}", model=file.model) if model is None else "")]
    if model is not None:
        faults += [*_of_model(file, model), *_of_parts(file, model, catalogue), *_of_actions(file, catalogue)]
    for where, fault in faults:
        if fault:
            raise CaseTrouble(f"{name}: {where}: {fault}.", safe=SAFE, advice=tr("Correct the file, then ask again."))
    assert model is not None
    return model


def _of_model(file: CaseFile, model: Model) -> Faults:
    version = Version.parse(file.system)
    never = not model.first_system <= version <= model.last_system
    faults = [
        (
            "system",
            tr(
                "{model} ran {first_system} to {last_system}, never {version}",
                model=model.name,
                first_system=model.first_system,
                last_system=model.last_system,
                version=version,
            )
            if never
            else "",
        )
    ]
    for index, function in enumerate(file.promised):
        where = f"promised.{index}"
        faults.append(
            (
                where,
                "" if function in model.functions else tr("{model} has no {function}", model=model.name, function=word(function)),
            )
        )
        faults.append(
            (
                where,
                "" if function in promisable() else tr("no way to {function} is known to the planner", function=word(function)),
            )
        )
        faults.append((where, tr("promised twice") if function in file.promised[:index] else ""))
    return faults


def _of_parts(file: CaseFile, model: Model, catalogue: Catalogue) -> Faults:
    faults: Faults = []
    for kind, said in file.parts.items():
        entry = room(kind).entry if kind in KINDS else None
        faults += _of_entry(kind, entry, said)
    return [*faults, *(fault for each in rooms() for fault in each.faults(file, model, catalogue))]


def _of_entry(kind: PartKind, entry: type[Strict] | None, said: dict[str, object]) -> Faults:
    where = f"parts.{kind.value}"
    if entry is None:
        return [(where, tr("no such part has an entry of its own here"))]
    try:
        entry.model_validate(said)
    except ValidationError as error:
        first = error.errors()[0]
        return [(".".join((where, *map(str, first["loc"]))), str(first["msg"]))]
    return []


def _of_actions(file: CaseFile, catalogue: Catalogue) -> Faults:
    keys = [(f"figures.{key}", key) for key in file.figures] + [(f"outcomes.{key}", key) for key in file.outcomes]
    keys += [(f"done.{index}.action", step.action) for index, step in enumerate(file.done)]
    return [(where, "" if key in catalogue.figures else tr("there is no action {key}", key=key)) for where, key in keys]


def answer(case: Case, plan: Plan, worth: tuple[Worth, ...]) -> dict[str, Any]:
    """Return a plan as plain data: routes, closed ways, the next step."""
    return {
        "format": "daruma-plan",
        "version": 1,
        "model": case.model.key,
        "system": str(case.system),
        "routes": [
            {
                "way": route.way,
                "panel": panel_taken(route.actions),
                "steps": [_step(action) for action in route.actions],
                "promises": [
                    {
                        "function": promise.function.value,
                        "chance": promise.chance,
                        "with_ways_back": promise.with_ways_back,
                        "rests_on": [action.key for action in promise.factors],
                    }
                    for promise in route.promises
                ],
                "attended_minutes": route.attended,
                "total_minutes": route.minutes,
                "cost": route.cost,
                "writes": route.writes,
                "board_heat": route.board_heat,
                "utility": route.utility,
            }
            for route in plan.routes
        ],
        "closed": [_closed(way) for way in plan.closed],
        "next": _next(plan),
        "worth_knowing": [{"question": item.question, "money": item.money} for item in worth],
    }


def _step(action: Action) -> dict[str, Any]:
    figures = action.figures
    return {
        "action": action.key,
        "title": figures.title,
        "attended": figures.attended,
        "waiting": figures.waiting,
        "chance": action.straight,
        "final": figures.irreversible,
    }


def _closed(way: Closed) -> dict[str, Any]:
    function = way.function.value if way.function is not None else None
    standing = way.standing.name.lower()
    named = {"way": way.way, "function": function, "reason": way.reason, "open": way.open, "standing": standing}
    return {**named, "needs": list(way.needs), "by": way.by or None}


def _next(plan: Plan) -> dict[str, Any]:
    advice = plan.advice
    return {
        "action": advice.next.key if advice.next else None,
        "value": advice.value,
        "others": [{"action": option.action.key, "value": option.value, "exact": option.exact} for option in advice.options],
        "watched": advice.watched.key if advice.watched else None,
        "after_failures": [{"action": step.key if step else None, "value": value} for step, value in advice.after],
        "chances": list(advice.expected.chances),
        "minutes": advice.expected.minutes,
        "cost": advice.expected.cost,
    }
