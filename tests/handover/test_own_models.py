"""A shop's own models: faults at their line, kept only when sound, compared, taken back, shared as one file."""

import json
import tomllib
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.lines import line_of, lines_of
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.errors import Trouble
from daruma.core.pictures.layout_map import layout_map
from daruma.core.pictures.primitives import Rect
from daruma.handover.model_page import model_html
from daruma.handover.own_models import OwnModels


@pytest.fixture
def own(tmp_path: Path) -> OwnModels:
    return OwnModels(tmp_path / "models")


def test_what_ships_is_sound_and_each_key_is_found_at_its_line(own: OwnModels, catalogue: Catalogue) -> None:
    for key, model in catalogue.models.items():
        text = own.shipped(key)
        assert own.check(text, key).model == model
        at = lines_of(text)
        lines = text.splitlines()
        for index, layout in enumerate(tomllib.loads(text)["layouts"]):
            for number, field in enumerate(layout["fields"]):
                assert f'"{field["name"]}"' in lines[at[f"layouts.{index}.fields.{number}.name"] - 1]
        page = model_html(model, catalogue)
        assert all(maker in page for maker in model.makers)
        for layout in model.layouts:
            picture = layout_map(700, layout)
            drawn = [item for item in picture.items if isinstance(item, Rect)]
            assert drawn
            assert all(item.x >= 0 and item.x + item.w <= 700.5 for item in drawn)
            assert {field.label for field in layout.fields} <= {spot.key.partition("@")[0] for spot in picture.spots}


@pytest.mark.parametrize(
    ("old", "new", "said"),
    [
        ('socket = "s56"', "socket = 56", "socket"),
        ("degree = 0.45", "degree = 45", "white"),
        ("offset = 0x00", "offset = -1", "offset"),
        ('name = "Cedar L"', 'name = "Cedar L', "is not TOML"),
        ('key = "cedar_l"', 'key = "cedar_m"', "cedar_l's"),
        ('first_system = "3.0"', 'first_system = "three"', "first_system"),
    ],
)
def test_a_fault_is_named_at_its_line_and_is_never_kept(own: OwnModels, old: str, new: str, said: str) -> None:
    text = own.shipped("cedar_l").replace(old, new, 1)
    checked = own.check(text, "cedar_l")
    assert checked.model is None
    assert said in checked.fault
    assert new.partition("\n")[0].split(" =")[0] in text.splitlines()[checked.line - 1] or said == "white"
    with pytest.raises(Trouble, match=f"Line {checked.line}"):
        own.keep("cedar_l", text)
    assert own.own("cedar_l") == ""


@given(st.text(max_size=300))
def test_whatever_is_typed_is_answered(tmp_path_factory: pytest.TempPathFactory, text: str) -> None:
    checked = OwnModels(tmp_path_factory.mktemp("m")).check(text)
    assert checked.model is None
    assert checked.fault
    assert 0 <= checked.line <= text.count("\n") + 1
    assert line_of(text, "a.b.c") >= 0


JSON = st.recursive(st.none() | st.booleans() | st.integers() | st.text(max_size=20), lambda inner: st.lists(inner, max_size=3)
    | st.dictionaries(st.text(max_size=12), inner, max_size=3), max_leaves=12)  # fmt: skip


@given(st.fixed_dictionaries({"format": st.just("daruma models 1"), "version": JSON, "models": JSON}))
def test_whatever_is_shared_is_answered(tmp_path_factory: pytest.TempPathFactory, said: object) -> None:
    folder = tmp_path_factory.mktemp("s")
    (folder / "x.json").write_text(json.dumps(said))
    try:
        shared = OwnModels(folder / "own").shared(folder / "x.json")
        assert not shared.fresh
        assert not shared.changed
    except Trouble as trouble:
        assert trouble.safe == "The catalogue is as it was."
    assert not (folder / "own").exists()


def test_a_model_is_changed_compared_and_taken_back(own: OwnModels) -> None:
    changed = own.shipped("cedar_l").replace("write_limits = [3, 4, 5]", "write_limits = [9]")
    own.keep("cedar_l", changed)
    assert load_catalogue(own.folder).models["cedar_l"].write_limits == (9,)
    difference = [line for line in own.difference("cedar_l").splitlines() if line.startswith(("+w", "-w"))]
    assert [line[:22] for line in difference] == ["-write_limits = [3, 4,", "+write_limits = [9]  #"]
    for _ in range(2):
        own.take_back("cedar_l")
    assert load_catalogue(own.folder).models["cedar_l"].write_limits == (3, 4, 5)
    assert (own.folder / "cedar_l.toml.before").read_text() == changed, "nothing that was typed is lost"


def test_models_are_shared_as_one_file_that_says_what_it_changes(own: OwnModels, tmp_path: Path) -> None:
    own.keep("cedar_l", own.shipped("cedar_l").replace("write_limits = [3, 4, 5]", "write_limits = [9]"))
    file = tmp_path / "models.json"
    own.share(["cedar_l", "cedar"], "7", file)
    said = json.loads(file.read_text())
    said["models"]["fir"] = own.shipped("cedar").replace('key = "cedar"', 'key = "fir"')
    said["models"] |= {"broken": "x = 1", "../evil": own.shipped("cedar")}
    file.write_text(json.dumps(said))
    other = OwnModels(tmp_path / "other")
    shared = other.shared(file)
    assert (shared.version, shared.fresh, shared.changed) == ("7", ("fir",), ("cedar_l",))
    assert {name for name, _ in shared.faults} == {"broken", "../evil"}
    assert not other.folder.exists(), "looking changes nothing"
    other.take(shared)
    assert sorted(path.name for path in other.folder.iterdir()) == ["cedar_l.toml", "fir.toml"]
    for bad in ("", "[]", '{"format": "x"}', "[" * 100_000):
        file.write_text(bad)
        with pytest.raises(Trouble, match=r"models\.json cannot be taken"):
            other.shared(file)
