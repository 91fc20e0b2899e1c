"""Case files: the shipped ones, the published schema, bad input named with place and reason."""

import json
from pathlib import Path
from typing import Any

import pytest
from click.testing import CliRunner

from daruma.catalogue.errors import CatalogueTrouble
from daruma.catalogue.files import read_rules
from daruma.catalogue.loader import Catalogue
from daruma.cli import main
from daruma.core.plan.planner import make_plan
from daruma.handover.casefile import CaseTrouble, answer, case_from, parse_case, read_case, schema

ROOT = Path(__file__).parents[2]
FILES = sorted((ROOT / "examples" / "cases").glob("*.json"))
# what each shipped case is there to show: a step of its recommended way
SHOWS = {
    "01": "solder_chip",
    "02": "typed_serial",
    "03": "earlier_backup",
    "04": "unbind_on_phone",
    "05": "lift_memory",
    "06": "lift_memory",
    "07": "finish_on_phone",
    "08": "finish_on_phone",
    "09": "tune_record",
    "10": "back_up_flex",
    "11": "write_other_maker",
}
GOOD: dict[str, Any] = {
    "format": "daruma-case",
    "version": 1,
    "model": "cedar_l",
    "system": "4.6",
    "promised": ["ambient_white", "touch"],
    "panels": [{"kind": "genuine_used", "maker": "Ostby", "price": 60}],
}


@pytest.mark.parametrize("path", FILES, ids=lambda path: path.stem)
def test_the_worked_cases(path: Path, catalogue: Catalogue) -> None:
    case, figures = case_from(read_case(path), catalogue, path.name)
    plan = make_plan(case, figures)
    assert SHOWS[path.name[:2]] in {action.key for action in plan.routes[0].actions}
    assert not plan.routes[0].left_out, "the recommended way keeps every promise"
    said = json.dumps(answer(case, plan, ()))
    assert json.loads(said)["routes"][0]["way"] == plan.routes[0].way


def test_every_school_has_its_case() -> None:
    assert len(FILES) == len(SHOWS)
    assert {path.name[:2] for path in FILES} == set(SHOWS)


def test_the_published_schema_is_the_one_in_force() -> None:
    assert (ROOT / "docs" / "case.schema.json").read_text(encoding="utf-8") == schema()


def changed(**changes: Any) -> bytes:
    return json.dumps({**GOOD, **changes}).encode()


TWO = {"kind": "genuine_used", "maker": "Ostby", "socket": "s56"}
BAD: dict[str, tuple[dict[str, Any], str]] = {
    "two panels in one socket": ({"panels": [TWO, TWO]}, "panels.1.socket: panel 0 is in socket s56 already"),
    "a socket of another model": (
        {"panels": [{**TWO, "socket": "s40"}]},
        "panels.0.socket: Cedar L panels fit socket s56, not s40",
    ),
    "a version the model never had": ({"system": "9.9"}, "system: Cedar L ran 3.0 to 5.6, never 9.9"),
    "no version": ({"system": "new"}, "system: String should match pattern"),
    "an unknown model": ({"model": "cedar_xl"}, "model: the catalogue has no model cedar_xl"),
    "an unknown kind of identity": (
        {"foreign_identities": ["shoe_size"]},
        "foreign_identities.0: Input should be 'display_serial'",
    ),
    "negative minutes": (
        {"figures": {"fit": {"attended": -1}}},
        "figures.fit.attended: Input should be greater than or equal to 0",
    ),
    "a probability above 1": ({"chances": {"donor_clean": 1.2}}, "chances.donor_clean: Input should be less than or equal to 1"),
    "a probability below 0": (
        {"figures": {"fit": {"chance": -0.1}}},
        "figures.fit.chance: Input should be greater than or equal to 0",
    ),
    "an unknown action": ({"figures": {"juggle": {"attended": 1}}}, "figures.juggle: there is no action juggle"),
    "an unknown step": ({"done": [{"action": "juggle"}]}, "done.0.action: there is no action juggle"),
    "an unknown brand": ({"panels": [{**TWO, "brand": "nobody"}]}, "panels.0.brand: the catalogue has no brand nobody"),
    "a maker the model never had": (
        {"model": "cedar", "panels": [{"kind": "genuine_used", "maker": "Ostby"}]},
        "panels.0.maker: Cedar has panels by Fenwick",
    ),
    "a chip on a missing original": ({"original": "missing"}, "chip: it cannot be on an original that is missing"),
    "a moved chip and no panel": ({"panels": [], "chip": "moved"}, "chip: with no new panel it cannot have been moved"),
    "a promise made twice": ({"promised": ["touch", "touch"]}, "promised.1: promised twice"),
    "a function that the model lacks": (
        {"model": "alder", "system": "3.0", "promised": ["face_unlock"], "panels": []},
        "promised.0: Alder has no face_unlock",
    ),
    "more writes than a panel takes": (
        {"panels": [{**TWO, "counted_writes": 9}]},
        "panels.0.counted_writes: a panel takes 5 writes at most",
    ),
    "nothing promised": ({"promised": []}, "promised: Tuple should have at least 1 item"),
    "a mistyped key": ({"sistem": "4.6"}, "sistem: Extra inputs are not permitted"),
}


@pytest.mark.parametrize("name", BAD)
def test_bad_cases_are_named_with_place_and_reason(name: str, catalogue: Catalogue) -> None:
    changes, words = BAD[name]
    with pytest.raises(CaseTrouble) as caught:
        case_from(parse_case(changed(**changes), "case.json"), catalogue, "case.json")
    assert f"case.json: {words}" in caught.value.what
    assert caught.value.safe == "Nothing was planned from it."


def test_no_json_and_no_file(tmp_path: Path) -> None:
    with pytest.raises(CaseTrouble, match="the file: Invalid JSON"):
        parse_case(b"{", "case.json")
    with pytest.raises(CaseTrouble, match="larger than a case"):
        parse_case(b" " * (2 << 20), "case.json")
    with pytest.raises(CaseTrouble, match="cannot be read"):
        read_case(tmp_path / "none.json")


def test_own_figures_and_outcomes_are_used(catalogue: Catalogue) -> None:
    own = {"figures": {"fit": {"attended": 3, "origin": "measured"}}, "outcomes": {"write_new": {"done": 90, "failed": 0}}}
    case, figures = case_from(parse_case(changed(**own), "x"), catalogue)
    assert figures["fit"].attended == 3
    assert case.record.belief("write_new", 0.95).mean > 0.99


def test_a_circle_of_rules_is_named(tmp_path: Path, catalogue: Catalogue) -> None:
    rules = [("fit", "read_new"), ("read_new", "write_new"), ("write_new", "fit")]
    text = "".join(f'[[rules]]\nfirst = "{a}"\nthen = "{b}"\nreason = "so"\n' for a, b in rules)
    (tmp_path / "rules.toml").write_text(text)
    with pytest.raises(CatalogueTrouble, match=r"rules.toml: the rules go round in a circle: .* before .* before") as caught:
        read_rules(tmp_path / "rules.toml", catalogue.figures)
    assert caught.value.safe == "Nothing is planned with them."
    (tmp_path / "rules.toml").write_text('[[rules]]\nfirst = "juggle"\nthen = "fit"\nreason = "so"\n')
    with pytest.raises(CatalogueTrouble, match=r"rules.0: there is no action juggle"):
        read_rules(tmp_path / "rules.toml", catalogue.figures)


def test_the_command_line(tmp_path: Path) -> None:
    run = CliRunner().invoke
    text = run(main, ["plan", str(FILES[0])])
    assert text.exit_code == 0
    assert "1. Read the original, move the touch chip" in text.output
    assert "TarnOS 4.6 is newer than the window" in text.output
    data = run(main, ["plan", str(FILES[0]), "--json"])
    assert json.loads(data.output)["next"]["action"] == "open_phone"
    assert json.loads(run(main, ["case-schema"]).output)["title"] == "Daruma case, version 1"
    (tmp_path / "bad.json").write_bytes(changed(system="9.9"))
    bad = run(main, ["plan", str(tmp_path / "bad.json")])
    assert bad.exit_code == 1
    assert "bad.json: system: Cedar L ran 3.0 to 5.6, never 9.9" in bad.output
