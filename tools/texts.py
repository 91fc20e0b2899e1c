"""Bring the languages up to date: gather the texts of the program, keep what is translated, compile it for Qt.

Run `python tools/texts.py src/daruma/languages`; with `--check` nothing is written, and what is missing or overtaken is said.
"""

import ast
import re
import subprocess
import sys
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from pathlib import Path

import jinja2
import PySide6

SOURCE = Path(__file__).parent.parent / "src" / "daruma"
CONTEXT = "daruma"
LOOKED_UP = {"tr", "Said"}
# stand-ins speak as devices do; migrations and the demo's customers say nothing in the window
UNSPOKEN = ("standin/", "store/migrations/")
HOLE = re.compile(r"\{(\w*)[^{}]*\}")


def texts() -> dict[str, str]:
    """Return every text of the program that is looked up, with the file where it first stands."""
    found: dict[str, str] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        where = path.relative_to(SOURCE).as_posix()
        if not where.startswith(UNSPOKEN):
            for text in of_code(path.read_text("utf-8")):
                found.setdefault(text, where)
    for path in sorted((SOURCE / "handover" / "templates").glob("*.html")):
        for text in of_template(path.read_text("utf-8")):
            found.setdefault(text, path.relative_to(SOURCE).as_posix())
    for text in of_commands():
        found.setdefault(text, "commands")
    for text in of_catalogue():
        found.setdefault(text, "catalogue")
    return found


def of_code(code: str) -> Iterator[str]:
    """Yield the texts that a module looks up, and what its states are called."""
    for node in ast.walk(ast.parse(code)):
        if isinstance(node, ast.Call) and isinstance(node.func, ast.Name) and node.func.id in LOOKED_UP and node.args:
            first = node.args[0]
            if isinstance(first, ast.Constant) and isinstance(first.value, str):
                yield first.value
        elif isinstance(node, ast.ClassDef) and any("Enum" in ast.unparse(base) for base in node.bases):
            for line in node.body:
                value = line.value if isinstance(line, ast.Assign) else None
                if isinstance(value, ast.Constant) and isinstance(value.value, str) and is_said(value.value):
                    yield value.value


def is_said(value: str) -> bool:
    """Return whether the value of a state is a word, and not a key of a file or a wire."""
    return "_" not in value and re.search("[a-z]{2}", value) is not None


def of_template(code: str) -> Iterator[str]:
    """Yield the texts that a template looks up."""
    for call in jinja2.Environment().parse(code).find_all(jinja2.nodes.Call):
        if isinstance(call.node, jinja2.nodes.Name) and call.node.name in LOOKED_UP:
            first = call.args[0]
            if isinstance(first, jinja2.nodes.Const):
                yield str(first.value)


def of_commands() -> list[str]:
    """Return the help of every command and option."""
    from daruma.cli import main as command
    from daruma.helping import help_of, helped

    return [text for each in helped(command) if (text := help_of(each))]


def of_catalogue() -> list[str]:
    """Return the texts that loading the shipped catalogue looks up."""
    from daruma.catalogue.cells import chemistries
    from daruma.catalogue.loader import load_catalogue
    from daruma.core.language import speak

    asked: dict[str, None] = {}
    chemistries.cache_clear()
    # in a language that nothing was read in before: what was read once is not looked up again
    speak("of the catalogue", lambda text: (asked.setdefault(text), text)[1], ".", ",")
    models = load_catalogue().models.values()
    chemistries()
    for model in models:
        if model.closing is not None:
            asked |= dict.fromkeys(model.closing.connectors)
            asked |= dict.fromkeys(word for screw in model.closing.screws for word in (screw.head, screw.holds))
        if model.face_fold is not None:
            asked |= dict.fromkeys(box.name for box in model.face_fold.keep_outs)
    speak("en", lambda text: text, ".", ",")
    return list(asked)


def read(file: Path) -> dict[str, str]:
    """Return the translations of a language by their texts."""
    if not file.exists():
        return {}
    found = {}
    for message in ET.parse(file).iter("message"):
        translation = message.find("translation")
        if translation is not None and translation.text and translation.get("type") is None:
            found[message.findtext("source", "")] = translation.text
    return found


def write(file: Path, language: str, said: dict[str, str], wanted: dict[str, str]) -> None:
    """Write a language as Qt's own tools read it; a text without a translation is marked as unfinished."""
    root = ET.Element("TS", version="2.1", language=language, sourcelanguage="en")
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = CONTEXT
    for text, where in wanted.items():
        message = ET.SubElement(context, "message")
        ET.SubElement(message, "location", filename=where)
        ET.SubElement(message, "source").text = text
        translation = ET.SubElement(message, "translation")
        translation.text = said.get(text, "")
        if text not in said:
            translation.set("type", "unfinished")
    ET.indent(root, " ")
    file.write_text('<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n' + ET.tostring(root, "unicode") + "\n", "utf-8")


def faults(said: dict[str, str], wanted: dict[str, str]) -> list[str]:
    """Return what a language lacks, what is overtaken, and translations whose holes are not those of their text."""
    found = [f"not translated: {text!r} ({where})" for text, where in wanted.items() if text not in said]
    found += [f"no such text any more: {text!r}" for text in said if text not in wanted]
    found += [
        f"other holes: {text!r}: {translation!r}"
        for text, translation in said.items()
        if set(HOLE.findall(text)) != set(HOLE.findall(translation))
    ]
    return found


def compiled(file: Path, to: Path) -> None:
    """Compile a language with Qt's own tool."""
    release = Path(PySide6.__file__).parent / "lrelease"
    subprocess.run([release, "-silent", file, "-qm", to], check=True)


def main(folder: Path, check: bool) -> int:
    """Bring every language in a folder up to date, or only say what is to be done."""
    wanted, wrong = texts(), 0
    for file in sorted(folder.glob("*.ts")):
        said = read(file)
        if not check:
            write(file, file.stem, {text: each for text, each in said.items() if text in wanted}, wanted)
            compiled(file, file.with_suffix(".qm"))
            said = read(file)
        lines = faults(said, wanted)
        wrong += len(lines)
        for line in lines:
            print(f"{file.name}: {line}")
        print(f"{file.name}: {len(said)} of {len(wanted)} texts")
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1]), "--check" in sys.argv[2:]))
