"""Case files: a case for the planner as JSON that people write, with a published schema; the answer as JSON."""

import json
from dataclasses import replace
from pathlib import Path
from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from daruma.catalogue.loader import Catalogue
from daruma.catalogue.reading import read_bounded
from daruma.core.errors import Trouble
from daruma.core.kinds import promisable
from daruma.core.kinds.display import panel_taken
from daruma.core.kinds.display.facts import (
    ChipPlace,
    DisplayChances,
    DisplayFacts,
    NewPanel,
    OriginalState,
    PanelKind,
    PanelRecord,
)
from daruma.core.kinds.display.state import PANELS, variant_of
from daruma.core.kinds.sensor_flex import FlexFacts, FlexState
from daruma.core.model import Model
from daruma.core.parts import Function, Identity, PartKind, Version
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case, Kit
from daruma.core.plan.closed import Closed
from daruma.core.plan.knowing import Worth
from daruma.core.plan.money import WORTH, Aim, Preferences
from daruma.core.plan.odds import Outcomes, Record
from daruma.core.plan.planner import Plan
from daruma.core.tri import Tri

FORMAT = "daruma-case"
LARGEST = 200_000  # bytes; a case has a few thousand
SAFE = "Nothing was planned from it."
_Chance = Annotated[float, Field(ge=0, le=1)]
_Minutes = Annotated[float, Field(ge=0, le=6000)]
_Money = Annotated[float, Field(ge=0, le=100000)]
_Text = Annotated[str, Field(max_length=200)]


class CaseTrouble(Trouble):
    """Report a case file that cannot be used."""


class _Strict(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)


class PanelEntry(_Strict):
    """A panel that could be fitted; the first is the one in hand."""

    kind: PanelKind
    maker: _Text = ""
    name: _Text = ""
    brand: _Text = Field("", description="key of an aftermarket brand in the catalogue")
    price: _Money = 0.0
    record: PanelRecord | None = Field(None, description="what it carries before anything is written; usual for its kind")
    counted_writes: Annotated[int, Field(ge=0, le=100)] = 0
    last_write_failed: bool = False
    hidden_past: bool = Field(False, description="it may have had writes that nobody noted")
    locked: Tri = Tri.UNKNOWN
    touch_flex_replaced: Tri = Tri.UNKNOWN
    socket: _Text = Field("", description="where it lies now; two panels cannot be in one")


class BenchEntry(_Strict):
    """What the bench owns and has at hand."""

    hot_air: bool = True
    grinder: bool = True
    memory_sockets: tuple[_Text, ...] = ("BGA110", "BGA315")
    ear_adapter: bool = True
    spare_flex: bool = True
    network: bool = True


class PreferenceEntry(_Strict):
    """What the shop prefers, in its own money."""

    no_board_heat: bool = False
    no_soldering: bool = False
    aim: Aim = Aim.BALANCE
    attended_per_hour: _Money = 48.0
    waiting_per_hour: _Money = 6.0
    worth: dict[Function, _Money] = Field(default_factory=dict)
    board: _Money = 240.0
    board_heat: _Money = 20.0
    write: _Money = 2.0


class ChanceEntry(_Strict):
    """Chances of facts that nobody has looked at yet."""

    original_answers: _Chance = 0.85
    donor_clean: _Chance = 0.8
    flex_sound: _Chance = 0.9
    original_turns_up: _Chance = 0.3
    spent_write_kills: _Chance = 0.5


class FigureEntry(_Strict):
    """This shop's own figures of an action, in place of the catalogue's."""

    attended: _Minutes | None = None
    waiting: _Minutes | None = None
    cost: _Money | None = None
    chance: _Chance | None = None
    origin: _Text = "measured"


class OutcomeEntry(_Strict):
    """How often an action went well and badly at this shop."""

    done: Annotated[int, Field(ge=0)] = 0
    failed: Annotated[int, Field(ge=0)] = 0


class StepEntry(_Strict):
    """A step that was done already; `panel` says with which panel (1 to 3), where several could be meant."""

    action: _Text
    well: bool = True
    panel: Annotated[int, Field(ge=1, le=3)] | None = None


class CaseFile(_Strict):
    """A case for the planner, see docs/formats.md."""

    model_config = ConfigDict(extra="forbid", frozen=True, title="Daruma case, version 1")
    format: Literal["daruma-case"]
    version: Literal[1]
    title: _Text = ""
    model: _Text
    system: Annotated[str, Field(pattern=r"^[0-9]{1,3}(\.[0-9]{1,3})?$")]
    promised: Annotated[tuple[Function, ...], Field(min_length=1)]
    original: OriginalState = OriginalState.UNTRIED
    chip: ChipPlace = ChipPlace.ON_ORIGINAL
    panels: Annotated[tuple[PanelEntry, ...], Field(max_length=3)] = ()
    flex: FlexState = FlexState.SOUND
    runs: bool = True
    trusted: bool = True
    earlier_backup: bool = False
    earlier_flex_backup: bool = False
    complete_record: bool = False
    serial_on_paper: bool = False
    source_maker: _Text = Field("", description="maker of the panel that the display's data are of, as far as it is known")
    foreign_identities: tuple[Identity, ...] = Field(
        (), description="identities, besides those of display and sensor flex, that do not match the board"
    )
    bench: BenchEntry = BenchEntry()
    preferences: PreferenceEntry = PreferenceEntry()
    chances: ChanceEntry = ChanceEntry()
    figures: dict[str, FigureEntry] = Field(default_factory=dict)
    outcomes: dict[str, OutcomeEntry] = Field(default_factory=dict)
    done: tuple[StepEntry, ...] = ()


def schema() -> str:
    """Return the JSON Schema of case files."""
    return json.dumps(CaseFile.model_json_schema(), indent=2) + "\n"


def read_case(path: Path) -> CaseFile:
    """Read a case file; raise CaseTrouble that names place and reason."""
    try:
        raw = read_bounded(path, LARGEST)
    except OSError as error:
        raise CaseTrouble(f"{path.name} cannot be read: {error.strerror}.", safe=SAFE, advice="Choose another file.") from error
    return parse_case(raw, path.name)


def parse_case(raw: bytes, name: str) -> CaseFile:
    """Return a case file's content; raise CaseTrouble that names place and reason."""
    if len(raw) > LARGEST:
        raise CaseTrouble(f"{name} is larger than a case can be.", safe=SAFE, advice="Choose a case file.")
    try:
        return CaseFile.model_validate_json(raw)
    except ValidationError as error:
        first = error.errors()[0]
        where = ".".join(str(part) for part in first["loc"]) or "the file"
        raise CaseTrouble(f"{name}: {where}: {first['msg']}.", safe=SAFE, advice="Correct the file, then ask again.") from error


def case_from(file: CaseFile, catalogue: Catalogue, name: str = "the case") -> tuple[Case, dict[str, Any]]:
    """Return a file's case and the actions' figures with the shop's own; raise CaseTrouble for what contradicts itself."""
    model = _checked(file, catalogue, name)
    wishes = file.preferences
    case = Case(
        model,
        Version.parse(file.system),
        file.promised,
        {PartKind.SENSOR_FLEX: _flex(file), PartKind.DISPLAY: _display(file, catalogue)},
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
        ),
        record=Record({key: Outcomes(entry.done, entry.failed) for key, entry in file.outcomes.items()}),
        rules=catalogue.rules,
        history=tuple((_done(step), step.well) for step in file.done),
    )
    return case, _figures(file, catalogue)


def _flex(file: CaseFile) -> FlexFacts:
    return FlexFacts(file.flex, file.earlier_flex_backup, file.chances.flex_sound)


def _display(file: CaseFile, catalogue: Catalogue) -> DisplayFacts:
    chances = file.chances.model_dump()
    chances.pop("flex_sound")
    return DisplayFacts(
        file.original,
        file.chip,
        tuple(_panel(entry, catalogue) for entry in file.panels),
        file.earlier_backup,
        file.complete_record,
        file.serial_on_paper,
        file.source_maker,
        DisplayChances(**chances),
    )


def _done(step: StepEntry) -> str:
    variant = variant_of(PANELS[step.panel - 1]) if step.panel else ""
    return f"{step.action}:{variant}" if variant else step.action


def _panel(entry: PanelEntry, catalogue: Catalogue) -> NewPanel:
    return NewPanel(
        entry.kind,
        entry.maker,
        entry.name,
        catalogue.brands.get(entry.brand),
        entry.price,
        entry.record,
        entry.counted_writes,
        entry.last_write_failed,
        entry.hidden_past,
        entry.locked,
        entry.touch_flex_replaced,
    )


def _figures(file: CaseFile, catalogue: Catalogue) -> dict[str, Any]:
    figures = dict(catalogue.figures)
    for key, entry in file.figures.items():
        changes = {k: v for k, v in entry.model_dump().items() if v is not None}
        figures[key] = replace(figures[key], **changes)
    return figures


def _checked(file: CaseFile, catalogue: Catalogue, name: str) -> Model:
    """Return the model; raise CaseTrouble for the first thing that cannot be."""
    model = catalogue.models.get(file.model)
    faults = [("model", f"the catalogue has no model {file.model}" if model is None else "")]
    if model is not None:
        faults += [*_of_model(file, model), *_of_parts(file, model, catalogue), *_of_actions(file, catalogue)]
    for where, fault in faults:
        if fault:
            raise CaseTrouble(f"{name}: {where}: {fault}.", safe=SAFE, advice="Correct the file, then ask again.")
    assert model is not None
    return model


def _of_model(file: CaseFile, model: Model) -> list[tuple[str, str]]:
    version = Version.parse(file.system)
    never = not model.first_system <= version <= model.last_system
    faults = [("system", f"{model.name} ran {model.first_system} to {model.last_system}, never {version}" if never else "")]
    for index, function in enumerate(file.promised):
        where = f"promised.{index}"
        faults.append((where, "" if function in model.functions else f"{model.name} has no {function.value}"))
        faults.append((where, "" if function in promisable() else f"no way to {function.value} is known to the planner"))
        faults.append((where, "promised twice" if function in file.promised[:index] else ""))
    return faults


def _of_parts(file: CaseFile, model: Model, catalogue: Catalogue) -> list[tuple[str, str]]:
    faults = []
    if file.original is OriginalState.MISSING and file.chip is ChipPlace.ON_ORIGINAL and file.panels:
        faults.append(("chip", "it cannot be on an original that is missing"))
    if not file.panels and file.chip is not ChipPlace.ON_ORIGINAL:
        faults.append(("chip", "with no new panel it cannot have been moved"))
    known = not file.source_maker or file.source_maker in model.makers
    faults.append(("source_maker", "" if known else f"{model.name} has panels by {' or '.join(model.makers)}"))
    sockets: dict[str, int] = {}
    for index, panel in enumerate(file.panels):
        where = f"panels.{index}"
        if panel.socket:
            before = sockets.setdefault(panel.socket, index)
            taken = before != index
            faults.append((f"{where}.socket", f"panel {before} is in socket {panel.socket} already" if taken else ""))
            other = panel.socket != model.socket
            faults.append(
                (f"{where}.socket", f"{model.name} panels fit socket {model.socket}, not {panel.socket}" if other else "")
            )
        known = not panel.brand or panel.brand in catalogue.brands
        faults.append((f"{where}.brand", "" if known else f"the catalogue has no brand {panel.brand}"))
        made = not panel.maker or panel.maker in model.makers
        faults.append((f"{where}.maker", "" if made else f"{model.name} has panels by {' or '.join(model.makers)}"))
        most = max(model.write_limits, default=100)
        faults.append((f"{where}.counted_writes", f"a panel takes {most} writes at most" if panel.counted_writes > most else ""))
    return faults


def _of_actions(file: CaseFile, catalogue: Catalogue) -> list[tuple[str, str]]:
    keys = [(f"figures.{key}", key) for key in file.figures] + [(f"outcomes.{key}", key) for key in file.outcomes]
    keys += [(f"done.{index}.action", step.action) for index, step in enumerate(file.done)]
    return [(where, "" if key in catalogue.figures else f"there is no action {key}") for where, key in keys]


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
