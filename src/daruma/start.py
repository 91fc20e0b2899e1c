"""Start the program in the user's language: chosen before anything is loaded that holds texts of its own."""

import os
import sys
import tomllib
from collections.abc import Mapping, Sequence
from pathlib import Path

from platformdirs import PlatformDirs

from daruma.catalogue.lines import too_deep
from daruma.languages import WRITTEN_IN, languages

SETTINGS = "shop.toml"
LARGEST = 256 * 1024  # bytes of the settings that are read
DIRS = PlatformDirs("daruma", appauthor=False)


def wanted(arguments: Sequence[str], environment: Mapping[str, str]) -> str:
    """Return the language to speak: what the shop has set, else the system's where the program speaks it, else English."""
    known = languages()
    for code in (environment.get("DARUMA_LANGUAGE", ""), _set(_data_of(arguments)), _of_system(environment)):
        if code in known:
            return code
    return WRITTEN_IN


def _data_of(arguments: Sequence[str]) -> Path:
    for place, given in enumerate(arguments):
        if given == "--data" and place + 1 < len(arguments):
            return Path(arguments[place + 1]).expanduser()
        if given.startswith("--data="):
            return Path(given.removeprefix("--data=")).expanduser()
    return Path(DIRS.user_data_dir)


def _set(folder: Path) -> str:
    """Return the language that the settings name; nothing where there are none or they cannot be read: that is said later."""
    try:
        with (folder / SETTINGS).open("rb") as file:
            text = file.read(LARGEST).decode("utf-8")
            look = tomllib.loads(text).get("look", {}) if not too_deep(text) else {}
    except (OSError, ValueError, RecursionError):
        return ""
    return str(look.get("language", "")) if isinstance(look, dict) else ""


def _of_system(environment: Mapping[str, str]) -> str:
    named = next((environment[name] for name in ("LC_ALL", "LC_MESSAGES", "LANG") if environment.get(name)), "")
    return named[:2].lower() if len(named) == 2 or named[2:3] in "_.@-" else ""


def main() -> None:
    """Run the program."""
    code = wanted(sys.argv[1:], os.environ)
    if code != WRITTEN_IN:
        try:
            from daruma.speaking import speak_in
        except ImportError:
            code = WRITTEN_IN  # without Qt's libraries it is said in English what is missing
        else:
            speak_in(code)
    from daruma.cli import main as command

    if code != WRITTEN_IN:
        from daruma.helping import translate_help

        translate_help(command)
    command()
