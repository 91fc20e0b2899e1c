"""Settings: declared once, kept as TOML that may be edited by hand, wrong values named with their line."""

import tomllib
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.lines import too_deep
from daruma.core.parts import Function
from daruma.core.plan.kit import Kit
from daruma.core.plan.money import Aim, Preferences
from daruma.core.settings import STANDIN, Form, SettingFault, Settings, declared, groups
from daruma.core.shelf import FIELDS
from daruma.handover.letterhead import Letterhead
from daruma.handover.settings_page import settings_page
from daruma.start import wanted
from daruma.store.settings import MOST_NAMED, NAME, load_settings, save_settings
from daruma.store.trouble import StoreTrouble

ROOT = Path(__file__).parents[2]
TEXT = st.text(st.characters(blacklist_categories=("C", "Z")), max_size=40)
VALUES = {
    Form.LINE: TEXT,
    Form.LINES: st.lists(TEXT.filter(bool), max_size=4).map("\n".join),
    Form.SWITCH: st.booleans(),
    Form.WORDS: st.lists(TEXT, max_size=4),
}


def test_what_is_not_set_is_as_the_planner_always_had_it() -> None:
    assert Settings().preferences == Preferences()
    assert Settings().kit == Kit()
    assert {f"worth.{function.value}" for function in Function} == {k for k in declared() if k.startswith("worth.")}
    for setting in declared().values():
        assert setting.checked(setting.default) == setting.default, setting.key
        assert setting.words or setting.function, setting.key


@given(st.data())
def test_whatever_is_set_comes_back_from_the_file(tmp_path_factory: pytest.TempPathFactory, data: st.DataObject) -> None:
    folder = tmp_path_factory.mktemp("shop")
    for _ in range(2):
        changes = {}
        for key in data.draw(st.lists(st.sampled_from(sorted(declared())), max_size=6)):
            setting = declared()[key]
            if setting.form is Form.NUMBER:
                changes[key] = data.draw(st.floats(setting.least, setting.most).map(lambda x: round(x, 3)))
            elif setting.form is Form.CHOICE:
                changes[key] = data.draw(st.sampled_from(sorted(setting.choices)))
            else:
                changes[key] = data.draw(VALUES[setting.form])
        settings = load_settings(folder).settings.having(changes)
        save_settings(folder, settings)
        assert load_settings(folder).settings == settings
        assert not load_settings(folder).troubles
        tomllib.loads((folder / NAME).read_text(encoding="utf-8"))


TABLES, NAMES = (sorted({key.split(".")[part] for key in declared()}) for part in (0, 1))
LINES = st.builds("[{}]\n{} = {}\n".format, st.sampled_from(TABLES), st.sampled_from(NAMES), st.text(max_size=12))


@given(st.one_of(st.text(max_size=200), LINES))
def test_whatever_the_file_holds_is_answered(tmp_path_factory: pytest.TempPathFactory, text: str) -> None:
    folder = tmp_path_factory.mktemp("shop")
    (folder / NAME).write_bytes(text.encode("utf-8", "surrogatepass"))
    loaded = load_settings(folder)
    assert all(trouble.what and trouble.safe for trouble in loaded.troubles)
    assert loaded.settings.preferences
    assert loaded.settings.kit


DEEP = ".".join("a" * 20_000)
STALLING = {
    f"{DEEP} = 1\n": "the key in line 1 has too many names",
    f'[look]\ntheme = "paper"\n[{DEEP}]\n': "the key in line 3 has too many names",
    "[shop]\n" + "".join(f"k{n} = {n}\n" for n in range(2000)): "k0 cannot be used",
    "".join(f"[t{n}]\na = 1\n" for n in range(10_000)): "t0.a cannot be used",
    "".join(f"[[t{n}]]\n" for n in range(20_000)): "",
    "x = " + "{a=" * 4000 + "1" + "}" * 4000: "cannot be read",
}


@pytest.mark.parametrize("text", STALLING, ids=range(len(STALLING)))
def test_a_file_that_would_stall_the_start_is_answered(text: str, tmp_path: Path) -> None:
    """Within its size it may hold what takes the square of it to read: that is not tried, and no list of faults is endless."""
    (tmp_path / NAME).write_text(text)
    loaded = load_settings(tmp_path)
    assert len(loaded.troubles) <= MOST_NAMED + 1
    assert STALLING[text] in (loaded.troubles[0].what if loaded.troubles else "")
    assert wanted(["--data", str(tmp_path)], {}) == "en"


def test_a_long_text_is_no_deep_key() -> None:
    assert too_deep("[shop]\nname = '" + "x" * 200_000 + "'\n" + "# " + ". " * 1000) == 0
    assert too_deep("a.b.c = 1\n" + ".".join("abcdefghijklmnopqrst") + " = 1") == 2


def test_what_is_written_by_hand_stays_and_what_is_wrong_is_named_with_its_line(tmp_path: Path) -> None:
    file = tmp_path / NAME
    file.write_text('# mine\n[shop]\nname = "Dock 4"  # the sign\ncolour = 3\n\n[planner]\nattended = -1\nwaiting = 7\n')
    loaded = load_settings(tmp_path)
    assert [trouble.what.partition(":")[0] for trouble in loaded.troubles] == ["shop.toml, line 4", "shop.toml, line 7"]
    assert "0 to 1000" in loaded.troubles[1].what
    assert (loaded.settings["shop.name"], loaded.settings["planner.waiting"]) == ("Dock 4", 7)
    assert loaded.settings["planner.attended"] == Preferences().attended, "a value that cannot be used counts as not set"
    save_settings(tmp_path, loaded.settings.having({"planner.aim": "fastest", "shop.address": "1 Quay\nPort"}))
    text = file.read_text()
    assert text.startswith("# mine\n[shop]\n")
    assert "# the sign" in text
    assert "attended = -1" in text, "what somebody wrote is theirs to take away"
    assert load_settings(tmp_path).settings.preferences.aim is Aim.FASTEST
    file.write_text("[shop\n")
    assert "cannot be read" in load_settings(tmp_path).troubles[0].what
    with pytest.raises(StoreTrouble, match="cannot be read"):
        save_settings(tmp_path, Settings({"shop.name": "x"}))
    assert file.read_text() == "[shop\n", "nothing was lost"


@pytest.mark.parametrize(
    ("key", "value"),
    [
        ("shop.name", "a\nb"),
        ("shop.name", 3),
        ("shop.name", "\x1b[31m"),
        ("shop.address", "\n".join("abcdefgh")),
        ("shop.paper", "a5"),
        ("shop.warranty", True),
        ("planner.board", float("nan")),
        ("bench.hot_air", "yes"),
        ("bench.memory_sockets", "BGA110"),
    ],
)
def test_what_cannot_be_is_refused(key: str, value: object) -> None:
    with pytest.raises(SettingFault):
        Settings().having({key: value})


def test_files_of_earlier_programs_are_taken_over(tmp_path: Path) -> None:
    (tmp_path / "bench.toml").write_text(
        'shop = "A"\nsecond_place = "/mnt/nas"\n[wires]\nprogrammer = "/dev/ttyUSB0"\nodd = "x"\n'
    )
    (tmp_path / "preferences.json").write_text(
        '{"preferences": {"aim": "cheapest", "worth": {"touch": 7}}, "kit": {"welder": false}}'
    )
    settings = load_settings(tmp_path, tmp_path).settings
    assert (settings["shop.name"], settings["places.second"]) == ("A", "/mnt/nas")
    assert settings.wires == {"programmer": "/dev/ttyUSB0"}
    assert settings.preferences.aim is Aim.CHEAPEST
    assert settings.preferences.worth_of(Function.TOUCH) == 7
    assert not settings.kit.welder
    (tmp_path / "preferences.json").write_text("{")
    assert load_settings(tmp_path, None).settings == Settings()


def test_the_pages_follow_from_what_is_declared() -> None:
    assert (ROOT / "docs" / "settings.md").read_text(encoding="utf-8") == settings_page(), "make pages"
    assert {group.table for group in groups()} >= {"shop", "places", "devices", "bench", "planner", "worth"}
    assert len({field.name for field in FIELDS}) == len(FIELDS)


def test_a_warranty_ends_on_a_day_that_there_is() -> None:
    head = Letterhead(warranty=6)
    assert head.until("2026-08-31T10:00:00+00:00") == "2027-02-28"
    assert head.until("2027-08-31") == "2028-02-29"
    assert head.until("2026-01-15") == "2026-07-15"
    assert Letterhead().until("2026-01-15") == ""
    assert Settings({"devices.phone": STANDIN}).wires == {"phone": STANDIN}
