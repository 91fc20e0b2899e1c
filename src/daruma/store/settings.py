"""The shop's settings in its data folder: TOML that stays readable, and may be edited by hand."""

import tomllib
from collections.abc import Iterator, Mapping
from contextlib import suppress
from itertools import islice
from pathlib import Path
from typing import TYPE_CHECKING, Any

from msgspec import MsgspecError, Struct, json

from daruma.catalogue.lines import line_in, lines_of, too_deep
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.settings import WEIGHED, Setting, SettingFault, Settings, declared, groups
from daruma.store.files import private_folder, write_whole
from daruma.store.trouble import StoreTrouble

if TYPE_CHECKING:
    from tomlkit import TOMLDocument

NAME = "shop.toml"
LARGEST = 256 * 1024  # bytes
LONGEST_KEY = 60  # characters of one as it is named
MOST_NAMED = 20  # values that cannot be used, each named by itself
BEFORE, BEFORE_THAT = "bench.toml", "preferences.json"  # where settings were kept by earlier programs
_HEAD = tr(
    "What this shop has set. Daruma writes this file and keeps what is written into it by hand: `daruma settings` tells all keys."
)


class Loaded(Struct, frozen=True):
    """Hold settings as they were found, what of the file could not be used, and the first of that which the planner weighs."""

    settings: Settings
    troubles: tuple[Trouble, ...] = ()
    weighed: Trouble | None = None


def load_settings(folder: Path, earlier: Path | None = None) -> Loaded:
    """Return what a shop has set; `earlier` is where an earlier program kept a part of it.

    A value that cannot be used is named with its line, and counts as not set.
    """
    path = folder / NAME
    if not path.exists():
        return Loaded(Settings(_of_before(folder, earlier)))
    try:
        text = _text_of(path)
        raw = tomllib.loads(text)
    except (OSError, ValueError, RecursionError) as error:
        unread = _unread(error)
        return Loaded(Settings(), (unread,), unread)
    values: dict[str, Any] = {}
    faults: dict[str, SettingFault] = {}
    for key, value in _entries(raw):
        setting = declared().get(key)
        try:
            if setting is None:
                raise SettingFault(tr("no setting has that name"))
            values[key] = setting.checked(value)
        except SettingFault as fault:
            faults[key] = fault
    lines = lines_of(text) if faults else {}
    named = {key: _wrong(key, lines, faults[key]) for key in islice(faults, MOST_NAMED)}
    weighed = next((_wrong(key, lines, fault) for key, fault in faults.items() if key.partition(".")[0] in WEIGHED), None)
    more = (_and_more(len(faults) - MOST_NAMED),) if len(faults) > MOST_NAMED else ()
    return Loaded(Settings(values), (*named.values(), *more), weighed)


def save_settings(folder: Path, settings: Settings) -> None:
    """Keep settings, whole or not at all; comments and further lines of the file stay. Raise StoreTrouble."""
    import tomlkit  # takes a tenth of a second, and nobody saves at the start

    path = folder / NAME
    try:
        file = tomlkit.parse(_text_of(path)) if path.exists() else tomlkit.document()
        if not path.exists():
            file.add(tomlkit.comment(_HEAD))
        for key, value in settings.values.items():
            _put(file, declared()[key], value)
        private_folder(folder)
        write_whole(path, tomlkit.dumps(file).encode("utf-8"))
    except OSError as error:
        raise StoreTrouble(
            tr("The settings could not be kept: {strerror}.", strerror=error.strerror or error),
            safe=tr("They are as they were."),
            advice=tr("Check free space and access rights of the data folder, then try again."),
        ) from error
    except (ValueError, RecursionError, TypeError) as error:
        raise StoreTrouble(
            tr("The settings could not be kept, because {file} cannot be read: {error}.", file=NAME, error=error),
            safe=tr("The file is as it was."),
            advice=tr("Correct {path}, or take it away.", path=path),
        ) from error


def _put(file: "TOMLDocument", setting: Setting, value: Any) -> None:
    import tomlkit

    if setting.table not in file:
        table = tomlkit.table()
        title = next((group.what for group in groups() if group.table == setting.table), "")
        if title:
            table.comment(title)
        file.add(setting.table, table)
    table = file[setting.table]
    plain = list(value) if isinstance(value, tuple) else value
    if setting.name not in table:
        table.add(tomlkit.comment(f"{setting.why or setting.words} ({setting.limits})"))
    if table.get(setting.name) != plain:
        table[setting.name] = tomlkit.string(plain, multiline=True) if isinstance(plain, str) and "\n" in plain else plain


def _text_of(path: Path) -> str:
    from daruma.catalogue.reading import read_bounded

    data = read_bounded(path, LARGEST)
    if len(data) > LARGEST:
        raise ValueError(f"it is larger than {LARGEST // 1024} kB")
    text = data.decode("utf-8")
    if line := too_deep(text):
        raise ValueError(tr("the key in line {line} has too many names", line=line))
    return text


def _entries(raw: Mapping[str, Any]) -> Iterator[tuple[str, Any]]:
    for table, entries in raw.items():
        if isinstance(entries, Mapping):
            for name, value in entries.items():
                yield f"{table}.{name}", value
        else:
            yield table, entries


def _and_more(count: int) -> Trouble:
    return Trouble(
        tr("{file}: {count} more entries cannot be used.", file=NAME, count=count),
        safe=tr("The file is as it was."),
        advice=tr("Correct the first ones, then look again."),
    )


def _wrong(key: str, lines: Mapping[str, int], fault: SettingFault) -> Trouble:
    setting, line = declared().get(key), line_in(lines, key)
    key = key if len(key) <= LONGEST_KEY else f"{key[:LONGEST_KEY]}…"
    where = tr("{file}, line {line}", file=NAME, line=line) if line else NAME
    usual = tr(" It counts as not set: {default!r}.", default=setting.default) if setting is not None else tr(" It is not used.")
    return Trouble(
        tr("{where}: {key} cannot be used: {fault}.{usual}", where=where, key=key, fault=fault, usual=usual),
        safe=tr("The file is as it was."),
        advice=tr("Correct that line."),
    )


def _unread(error: Exception) -> Trouble:
    why = error.strerror if isinstance(error, OSError) and error.strerror else error
    return Trouble(
        tr("{file} cannot be read: {why}. Nothing counts as set.", file=NAME, why=why),
        safe=tr("The file is as it was; jobs and backups are untouched."),
        advice=tr("Correct the file or take it away."),
    )


def _of_before(folder: Path, earlier: Path | None) -> dict[str, Any]:
    """Return what earlier programs kept in files of their own."""
    found: dict[str, Any] = {}
    with suppress(OSError, ValueError, AttributeError, RecursionError):
        if earlier is not None and (earlier / BEFORE).exists():
            raw = tomllib.loads(_text_of(earlier / BEFORE))
            found["shop.name"], found["places.second"] = raw.get("shop"), raw.get("second_place")
            found |= {f"devices.{kind}": wire for kind, wire in raw.get("wires", {}).items()}
    with suppress(OSError, ValueError, MsgspecError, AttributeError, RecursionError):
        kept = json.decode(_text_of(folder / BEFORE_THAT))
        found |= {f"planner.{name}": value for name, value in kept.get("preferences", {}).items()}
        found |= {f"worth.{name}": value for name, value in kept.get("preferences", {}).get("worth", {}).items()}
        found |= {f"bench.{name}": value for name, value in kept.get("kit", {}).items()}
    return {key: value for key, value in found.items() if _may_be(key, value)}


def _may_be(key: str, value: Any) -> bool:
    try:
        return key in declared() and declared()[key].checked(value) is not None
    except SettingFault:
        return False
