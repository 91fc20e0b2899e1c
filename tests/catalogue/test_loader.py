"""The catalogue: ten models, one clear error for a wrong file, a shop's own folder."""

import tomllib
from importlib.resources import files
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.parts import Function, PartKind, Version

TEXT = (files("daruma.catalogue") / "models" / "cedar.toml").read_text(encoding="utf-8")


def own(tmp_path: Path, text: str | bytes, name: str = "own.toml") -> Catalogue:
    data = text if isinstance(text, bytes) else text.encode()
    (tmp_path / name).write_bytes(data)
    return load_catalogue(tmp_path)


def test_the_ten_models(catalogue: Catalogue) -> None:
    names = ["Alder", "Birch", "Cedar", "Damson", "Elder"]
    assert [m.name for m in catalogue.models.values()] == sorted([*names, *(f"{n} L" for n in names)])
    assert catalogue.troubles == ()
    assert {m.key for m in catalogue.models.values() if m.codes_over_cable} == {"alder", "alder_l"}
    assert {m.memory_package for m in catalogue.models.values()} == {"BGA110", "BGA315"}
    assert catalogue.models["cedar_l"].socket == catalogue.models["damson"].socket
    assert catalogue.models["cedar_l"].layout(PartKind.DISPLAY) != catalogue.models["damson"].layout(PartKind.DISPLAY)
    assert catalogue.models["elder"].unreadable_makers == ("Ostby",)
    assert catalogue.models["birch"].write_limits == ()
    assert set(catalogue.function_labels) == set(Function)


@pytest.mark.parametrize(
    ("system", "era"),
    [("1.0", "strict"), ("4.9", "strict"), ("5.0", "finishing"), ("5.2", "finishing"), ("5.3", "relaxed"), ("9.0", "relaxed")],
)
def test_eras(system: str, era: str, catalogue: Catalogue) -> None:
    assert catalogue.models["damson"].era(Version.parse(system)).name == era


@pytest.mark.parametrize(
    ("old", "new", "key", "reason"),
    [
        ('key = "cedar"', 'key = "Cedar!"', "key", "pattern"),
        ("screen_inches = 5.6", "screen_inches = -1", "screen_inches", "greater than 2"),
        ("codes_over_cable = false", "codes_over_cabel = false", "codes_over_cable", "required"),
        ("offset = 0x20", "offset = 0x18", "layouts.0", "overlaps"),
        ("length = 102", "length = 103", "layouts.0.fields.6", "cannot be shared"),
        ("size = 256", "size = 100", "layouts.0", "the memory at 100"),
        ('algorithm = "crc-32/iso-hdlc"', 'algorithm = "crc-33"', "layouts.0.checksums.1.algorithm", "unknown algorithm"),
        ('encoding = "hex"', 'encoding = "octal"', "layouts.0.fields.3.encoding", "ascii"),
        ('last_system = "5.6"', 'last_system = "2.0"', "the whole file", "before first_system"),
        ('name = "cover_code"', 'name = "display_serial"', "layouts.0", "stands twice"),
        ("tolerance_uv = 0.0055", "tolerance_uv = 0", "white.tolerance_uv", "greater than 0"),
    ],
)
def test_a_wrong_file_is_named_with_key_and_reason(old: str, new: str, key: str, reason: str, tmp_path: Path) -> None:
    assert old in TEXT
    loaded = own(tmp_path, TEXT.replace(old, new, 1))
    (trouble,) = loaded.troubles
    assert trouble.what.startswith(f"own.toml: {key}"), trouble.what
    assert reason in trouble.what
    assert "other files" in trouble.safe
    assert len(loaded.models) == 10, "the others still load"


def test_own_models_are_added_and_override(tmp_path: Path) -> None:
    added = TEXT.replace('key = "cedar"', 'key = "fir"').replace('name = "Cedar"', 'name = "Fir"')
    (tmp_path / "fir.toml").write_text(added)
    loaded = own(tmp_path, TEXT.replace("screen_inches = 5.6", "screen_inches = 5.7"))
    assert len(loaded.models) == 11
    assert loaded.models["cedar"].screen_inches == 5.7
    assert loaded.origins["cedar"] == "own.toml"
    assert load_catalogue(tmp_path / "no such folder").troubles == ()


@pytest.mark.parametrize(
    "text",
    ["", "key = ", "a" * 5000, b"\xff\xfe\x00", "x = " + "[" * 3000, "[white]\nwhite = 3", b"\x00" * 100, "key = 'x'\n" * 3],
)
def test_hostile_files_are_said(text: str | bytes, tmp_path: Path) -> None:
    loaded = own(tmp_path, text)
    assert len(loaded.troubles) == 1
    assert loaded.troubles[0].what.startswith("own.toml")
    assert len(loaded.models) == 10


def test_a_file_that_is_far_too_large(tmp_path: Path) -> None:
    assert "too long" in own(tmp_path, b"#" * (1 << 20) + b"\n").troubles[0].what


@given(st.binary(max_size=200))
def test_any_bytes_are_a_trouble_and_no_crash(tmp_path_factory: pytest.TempPathFactory, raw: bytes) -> None:
    assert len(own(tmp_path_factory.mktemp("own"), raw).troubles) == 1


def test_every_model_file_says_what_it_is() -> None:
    for entry in (files("daruma.catalogue") / "models").iterdir():
        raw = tomllib.loads(entry.read_text(encoding="utf-8"))
        assert raw["key"] + ".toml" == entry.name
