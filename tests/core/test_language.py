"""The user's language: figures, dates, and the words of a second language, whole and fitting."""

import ast
import importlib.util
import re
import subprocess
import sys
from collections.abc import Iterator
from pathlib import Path
from types import ModuleType

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.core import language
from daruma.core.language import continued, day, figures, inner, moment, speak, spoken, tr
from daruma.languages import HERE, languages
from daruma.start import wanted
from tests.parts import some

ROOT = Path(__file__).parents[2]


@pytest.fixture
def german() -> Iterator[None]:
    said = {"{n} of {total:.1f} mm": "{n} von {total:.1f} mm", "%Y-%m-%d": "%d.%m.%Y", "%Y-%m-%d %H:%M": "%d.%m.%Y %H:%M"}
    speak("de", lambda text: said.get(text, text), ",", ".")
    yield
    speak("en", lambda text: text, ".", ",")


def test_english_is_said_as_it_is_written() -> None:
    assert spoken() == "en"
    assert tr("{n} of {total:.1f} mm", n=1, total=2.55) == f"1 of {2.55:.1f} mm"
    assert tr("100 % {of} it") == "100 % {of} it", "without values nothing is put in"
    assert (inner("Touch chip"), continued("Open the phone")) == ("touch chip", "open the phone")
    assert day("2026-11-29T01:02:03+00:00") == "2026-11-29"
    assert moment("2026-11-29T01:02:03+00:00") == "2026-11-29 01:02"
    assert day("some day") == "some day"


@pytest.mark.usefixtures("german")
def test_another_language_has_its_own_marks_and_dates() -> None:
    assert tr("{n} of {total:.1f} mm", n="1.5", total=2.5) == "1.5 von 2,5 mm", "texts that are put in stay as they are"
    assert figures("{a:,.2f} ± {b:g}", a=1234.5, b=0.5) == "1.234,50 ± 0,5"
    assert (inner("Chip"), continued("Chip lesen")) == ("Chip", "Chip lesen")
    assert day("2026-11-29T01:02:03+00:00") == "29.11.2026"
    assert moment("2026-11-29") == "29.11.2026 00:00"


@given(st.floats(allow_nan=False, allow_infinity=False), st.sampled_from([".0f", ".3f", "g", "+.1f", ",.2f"]))
def test_figures_are_formatted_as_python_formats_them(value: float, spec: str) -> None:
    assert figures("{v:" + spec + "}", v=value) == format(value, spec)


def test_the_language_is_the_shops_else_the_systems(tmp_path: Path) -> None:
    own = ["--data", str(tmp_path), "doctor"]
    assert wanted(own, {}) == "en"
    assert wanted(own, {"LANG": "de_AT.UTF-8"}) == "de"
    assert wanted(own, {"LC_ALL": "C.UTF-8", "LANG": "de_DE"}) == "en"
    assert wanted(own, {"LANG": "xx_YY"}) == "en", "what is not spoken is English"
    assert wanted(own, {"LANG": "deutsch"}) == "en"
    (tmp_path / "shop.toml").write_text('[look]\nlanguage = "de"\n')
    assert wanted(own, {"LANG": "en_GB"}) == "de"
    assert wanted([f"--data={tmp_path}"], {}) == "de"
    assert wanted(own, {"DARUMA_LANGUAGE": "en"}) == "en"
    assert wanted([], {"DARUMA_LANGUAGE": "de"}) == "de"
    assert wanted(["--data"], {"DARUMA_LANGUAGE": "de"}) == "de"
    (tmp_path / "shop.toml").write_text('[look]\nlanguage = "system"\n')
    assert wanted(own, {"LANG": "de_DE"}) == "de"
    for bad in ("[look", "look = 3", '[look]\nlanguage = ["de"]', "\x00\xff"):
        (tmp_path / "shop.toml").write_text(bad, encoding="latin-1")
        assert wanted(own, {}) == "en", bad


def tool() -> ModuleType:
    spec = some(importlib.util.spec_from_file_location("texts", ROOT / "tools" / "texts.py"))
    assert spec.loader is not None
    made = importlib.util.module_from_spec(spec)
    spec.loader.exec_module(made)
    return made


def test_every_text_is_translated_and_compiled(tmp_path: Path) -> None:
    texts = tool()
    asked = texts.texts()
    assert len(asked) > 3000
    assert languages() == ("en", *(file.stem for file in sorted(HERE.glob("*.ts"))))
    for file in HERE.glob("*.ts"):
        assert texts.faults(texts.read(file), asked) == [], "run make texts"
        texts.compiled(file, tmp_path / "fresh.qm")
        assert (tmp_path / "fresh.qm").read_bytes() == file.with_suffix(".qm").read_bytes(), "run make texts"


def test_a_missing_text_and_a_wrong_hole_are_told() -> None:
    texts = tool()
    assert texts.faults({"{a} left": "{b} übrig"}, {"{a} left": "x.py", "Go": "y.py"}) == [
        "not translated: 'Go' (y.py)",
        "other holes: '{a} left': '{b} übrig'",
    ]


def test_a_command_speaks_german(tmp_path: Path) -> None:
    command = [sys.executable, "-m", "daruma", "--data", str(tmp_path), "copies", "restore", "none"]
    said = subprocess.run(
        command, capture_output=True, text=True, env={"DARUMA_LANGUAGE": "de", "HOME": str(tmp_path)}, check=False
    )
    assert said.returncode != 0
    assert "Es gibt keine Kopie none." in said.stderr, said.stderr


def test_nothing_is_lost_where_the_language_is_missing(monkeypatch: pytest.MonkeyPatch, tmp_path: Path) -> None:
    speaking = pytest.importorskip("daruma.speaking")
    monkeypatch.setattr(speaking, "HERE", tmp_path)
    speaking._translator.cache_clear()
    speaking.speak_in("de")
    assert language.spoken() == "en"
    speaking._translator.cache_clear()


def is_looked_up(node: ast.expr) -> bool:
    return isinstance(node, ast.Call) and ast.unparse(node.func) == "tr"


def alternatives(tree: ast.AST) -> Iterator[list[ast.expr]]:
    for node in ast.walk(tree):
        if isinstance(node, ast.IfExp):
            yield [node.body, node.orelse]
        elif isinstance(node, ast.Dict):
            yield node.values


def test_what_stands_beside_a_text_that_is_looked_up_is_looked_up_too() -> None:
    names = {"English", "Deutsch", "Daruma"}  # the same in every language
    found = []
    for path in sorted((ROOT / "src").rglob("*.py")):
        for values in alternatives(ast.parse(path.read_text(encoding="utf-8"))):
            said = [each.value for each in values if isinstance(each, ast.Constant) and isinstance(each.value, str)]
            if any(map(is_looked_up, values)):
                found += [f"{path.name}: {text!r}" for text in said if re.search("[a-z]{2}", text) and text not in names]
    assert found == []
