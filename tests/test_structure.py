"""The house: no circles among modules, and every kind of part is a whole room in each layer."""

import ast
from graphlib import TopologicalSorter
from pathlib import Path

import grimp
import pytest

from daruma.bench import kinds as bench_kinds
from daruma.catalogue.loader import Catalogue
from daruma.core import kinds
from daruma.core.job import Job
from daruma.core.pairing import requirements
from daruma.core.parts import CARRIER, PartKind
from daruma.core.plan.actions import How
from daruma.core.plan.case import Case
from daruma.core.plan.proofs import proof_key
from daruma.core.plan.setting import all_actions
from daruma.standin.hands import HANDS
from daruma.ui.running import MADE_QUIETLY

MOST_LINES, LONGEST_CLASS = 400, 250
STARTING = frozenset({"run", "_run", "start", "job_work", "Work"})
SOURCE = Path(kinds.__file__).parents[2]


def test_modules_import_each_other_one_way() -> None:
    graph = grimp.build_graph("daruma", cache_dir=None)
    sorter = TopologicalSorter({name: graph.find_modules_directly_imported_by(name) for name in graph.modules})
    sorter.prepare()  # raises CycleError, which names the circle


def test_no_module_is_long() -> None:
    lines = {str(path.relative_to(SOURCE)): len(path.read_text(encoding="utf-8").splitlines()) for path in SOURCE.rglob("*.py")}
    assert [name for name, count in lines.items() if count > MOST_LINES] == []


def test_no_class_is_long() -> None:
    tree = {path: ast.parse(path.read_text(encoding="utf-8")) for path in SOURCE.rglob("*.py")}
    found = ((path.name, node) for path, module in tree.items() for node in ast.walk(module) if isinstance(node, ast.ClassDef))
    assert [f"{name}: {node.name}" for name, node in found if (node.end_lineno or 0) - node.lineno >= LONGEST_CLASS] == []


def test_work_that_is_shown_by_its_name_is_named_in_the_users_language() -> None:
    calls = (node for path in SOURCE.rglob("ui/**/*.py") for node in ast.walk(ast.parse(path.read_text(encoding="utf-8"))))
    starts = (node for node in calls if isinstance(node, ast.Call) and ast.unparse(node.func).split(".")[-1] in STARTING)
    literal = {arg.value for node in starts for arg in node.args[:2] if isinstance(arg, ast.Constant)}
    assert {name for name in literal if isinstance(name, str)} == set(MADE_QUIETLY)


@pytest.mark.parametrize("kind", kinds.KINDS)
def test_a_kind_is_a_whole_room(kind: PartKind, catalogue: Catalogue) -> None:
    room, bench = kinds.room(kind), bench_kinds.room(kind)
    assert (room.kind, bench.kind) == (kind, kind)
    assert set(bench.proofs) == set(room.functions), "what it speaks for can be proven"
    assert set(room.traits) <= set(catalogue.figures), "every action has its words and minutes"
    assert {proof_key(function) for function in room.functions} <= set(catalogue.figures)
    wired = {key for key, trait in room.traits.items() if trait.how is How.DEVICE}
    assert set(bench.steps) == wired, "what is done over the wire has its step, and nothing else has"
    assert set(bench.tells) <= set(room.traits) - wired
    assert all(trait.part is kind for trait in room.traits.values())
    standin, demo, sheet = (kinds.module(layer, kind).ROOM for layer in ("standin", "demo", "handover"))
    assert (room.ticket.KIND, room.work.KIND, standin.thing.KIND, demo.kind, sheet.kind) == (kind,) * 5
    model = catalogue.models["cedar_l"]
    assert {spec.identity for spec in model.layout(kind).fields if spec.identity} <= set(room.identities)
    names = set(room.ticket.__struct_fields__)
    assert {entry.name for entry in room.entries} <= names, "what intake asks is on the ticket"
    case = Case(model, model.first_system, room.functions, {kind: bench.bare(Job(1, "").with_ticket(room.ticket()))})
    made = [action for action in all_actions(case, catalogue.figures) if action.key in room.traits]
    assert {act for action in made for act in action.hands} <= {*standin.hands, *HANDS}, "hands can do it"


def test_rooms_speak_for_their_own_threads_and_no_function_is_spoken_for_twice(catalogue: Catalogue) -> None:
    spoken = [function for room in kinds.rooms() for function in room.functions]
    assert len(spoken) == len(set(spoken))
    for model in catalogue.models.values():
        for function in set(spoken) & set(model.functions):
            asked = [thread for option in requirements(function, model, model.first_system) for thread in option.threads]
            carriers = {CARRIER[thread] for thread in asked}
            assert not carriers or carriers & {*kinds.KINDS, PartKind.TOUCH_CHIP}, f"{function} rests on no part that has a room"
