"""What was imported stays imported, through whatever is made of it: to the interlock, the plan and the paper."""

import json
from collections.abc import Iterator
from pathlib import Path

import pytest
from click.testing import CliRunner
from msgspec.structs import replace

from daruma.bench.keeping import keep_made, newest_backup, origins
from daruma.bench.kinds.display.codes import keep_tuned
from daruma.bench.kinds.display.measuring import imported
from daruma.bench.writing import budget_of, evidence_of
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.cli import main
from daruma.core.backup import Backup, Origin
from daruma.core.colour.shots import Level
from daruma.core.interlocks import kept, model_of
from daruma.core.job import Job
from daruma.core.measured import Measured
from daruma.core.parts import PartKind
from daruma.core.records import decode
from daruma.core.shelf import ShelfPart, Vocabulary
from daruma.handover.own_models import OwnModels
from daruma.handover.sheet import _source
from daruma.handover.shelf_file import read_shelf, write_shelf
from daruma.store.shop import Shop
from tests.shops import empty_shop
from tests.store.conftest import content

WHEN = "2026-12-01T10:00:00+01:00"
MINE = Job(1, WHEN, uid="1" * 32)


@pytest.fixture
def empty(tmp_path: Path) -> Iterator[Shop]:
    with empty_shop(tmp_path / "empty") as made:
        yield made


def display(catalogue: Catalogue, shop: Shop, n: int, arrived: str) -> Backup:
    """Keep a display's backup as the demo's shop has one, of another phone."""
    own = next(b for b in shop.vault.find(layout=catalogue.models["cedar_l"].layout(PartKind.DISPLAY).name) if not b.purged)
    made = replace(shop.vault.get(own.ref).content, imei=f"{n:015d}", taken=f"2026-10-{n:02d}T10:00:00+00:00")
    return shop.vault.keep(made, arrived=arrived)


def test_a_record_made_from_an_import_is_imported_and_never_preferred(shop: Shop, catalogue: Catalogue) -> None:
    model = catalogue.models["cedar_l"]
    mine = display(catalogue, shop, 1, "")
    foreign = shop.vault.keep(replace(shop.vault.get(mine.ref).content, taken="2026-10-05"), arrived="theirs.json, 2026-11-01")
    made = keep_made(shop.vault, MINE, foreign, foreign.content.image[::-1], "2026-10-09", "turned round")
    assert made.arrived == "theirs.json, 2026-11-01"
    assert shop.vault.get(made.ref).arrived == made.arrived, "it stays with it for ever"
    assert newest_backup(shop.vault, f"{1:015d}", model).ref == mine.ref, "the shop's own comes first, however old"
    lock = kept(evidence_of(made), "")
    assert "imported: theirs.json" in lock.evidence
    assert "it rests on what was imported from a file (theirs.json, 2026-11-01)" in _source(made)
    assert "put together: turned round" in _source(made)
    again = keep_made(shop.vault, MINE, made, made.content.image[::-1], "2026-10-10", "and back")
    assert again.arrived == made.arrived, "through however many hands"
    assert shop.vault.check()[1] == (), "its link covers where it came from"


def test_a_complete_record_that_was_imported_marks_what_is_made_with_it(shop: Shop, catalogue: Catalogue) -> None:
    mine = display(catalogue, shop, 2, "")
    made = keep_made(shop.vault, MINE, mine, mine.content.image, "t", "tuned", "whole.json, 2026-11-02")
    assert made.arrived == "whole.json, 2026-11-02"
    assert origins("a", "", "b", "a") == "a; b"


def test_a_record_tuned_by_an_imported_measurement_is_imported(shop: Shop, catalogue: Catalogue) -> None:
    layout = catalogue.models["cedar_l"].layout(PartKind.DISPLAY)
    mine = display(catalogue, shop, 3, "")
    measured = imported(MINE, (), (Level(10.0, (5.0,), False),), "levels.csv", WHEN)
    assert measured.arrived == "levels.csv, 2026-12-01"
    record = decode(layout, mine.content.image, loose=True)
    tuned = keep_tuned(shop.vault, MINE, mine, record, "t", "tuned", measured)
    assert tuned.arrived == "levels.csv, 2026-12-01"
    assert keep_tuned(shop.vault, MINE, mine, record, "t2", "tuned", Measured()).arrived == ""


def test_shared_models_stay_imported(tmp_path: Path, catalogue: Catalogue) -> None:
    theirs, ours = OwnModels(tmp_path / "theirs"), OwnModels(tmp_path / "ours")
    theirs.keep("cedar", theirs.shipped("cedar").replace('name = "Cedar"', 'name = "Cedar B"'))
    theirs.share(["cedar"], "1", tmp_path / "models.json")
    shared = ours.shared(tmp_path / "models.json")
    assert shared.changed == ("cedar",)
    ours.take(shared, WHEN)
    assert ours.shared(tmp_path / "models.json").changed == (), "the same file again changes nothing"
    model = load_catalogue(tmp_path / "ours").models["cedar"]
    assert model.arrived == "models.json, 2026-12-01"
    assert "imported: models.json" in model_of(None, model).evidence
    ours.share(["cedar"], "2", tmp_path / "again.json")
    third = OwnModels(tmp_path / "third")
    third.take(third.shared(tmp_path / "again.json"), WHEN)
    assert load_catalogue(tmp_path / "third").models["cedar"].arrived == "again.json, 2026-12-01"
    assert catalogue.models["cedar"].arrived == ""


def test_counts_of_an_imported_list_say_so_at_the_interlock(tmp_path: Path, empty: Shop) -> None:
    words = Vocabulary({"cedar_l": "Cedar L"}, {PartKind.DISPLAY: {"new": "new, sealed"}})
    part = ShelfPart("D1234", "cedar_l", "Ostby", "new", "a shop", 10.0, 2)
    write_shelf([part], words, tmp_path / "list.csv")
    (fresh,) = read_shelf(tmp_path / "list.csv", words, {}, WHEN).fresh
    assert fresh == replace(part, arrived="list.csv, 2026-12-01")
    empty.shelf.save(fresh)
    budget = budget_of(empty, (3, 5), "D1234")
    assert (budget.counted, budget.arrived) == (2, "list.csv, 2026-12-01")
    assert budget_of(empty, (3, 5), "D9").arrived == ""


def test_outcomes_of_a_case_file_are_not_called_this_shop_s(tmp_path: Path) -> None:
    case = json.loads((Path(__file__).parents[2] / "examples" / "cases" / "01-original-present.json").read_text())
    case["outcomes"] = {"write_new": {"done": 3, "failed": 1}}
    (tmp_path / "theirs.json").write_text(json.dumps(case))
    said = CliRunner().invoke(main, ["plan", str(tmp_path / "theirs.json")], catch_exceptions=False).output
    assert "case file theirs.json" in said
    assert "this shop: 3 of 4" not in said


@pytest.mark.parametrize("origin", list(Origin))
def test_whatever_an_imported_backup_says_of_itself_the_paper_says_that_it_was_imported(origin: Origin, empty: Shop) -> None:
    assert "imported from a file (x.json" in _source(empty.vault.keep(content(1, origin=origin), arrived="x.json, 2026-12-01"))
