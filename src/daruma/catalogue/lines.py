"""Where a key stands in a TOML text: the parser tells it only of what is no TOML at all."""

import re
from collections.abc import Mapping

DEEPEST = 16  # names in one dotted key: the parser takes as long as the square of them
MOST_LISTS = 500  # lists of tables whose entries are counted
_NAME = re.compile(r"[A-Za-z0-9_\"'-]+")
_TABLE = re.compile(r"\s*\[(?P<list>\[)?\s*(?P<name>[^\[\]]+?)\s*\]")
_KEY = re.compile(r"\s*(?P<key>[\"']?[A-Za-z0-9_.-]+[\"']?)\s*=")


def too_deep(text: str) -> int:
    """Return the line of the first key with more names than any file has, 0 where there is none."""
    for number, line in enumerate(text.splitlines(), 1):
        if line.count(".") < DEEPEST:
            continue
        names, end = 0, 0
        for found in _NAME.finditer(line):
            names = names + 1 if line[end : found.start()].strip() == "." else 1
            end = found.end()
            if names > DEEPEST:
                return number
    return 0


def lines_of(text: str) -> dict[str, int]:
    """Return the line of each key by its dotted path, the entries of lists of tables counted from 0."""
    found: dict[str, int] = {}
    counts: dict[str, int] = {}
    table = ""
    for number, line in enumerate(text.splitlines(), 1):
        if len(counts) > MOST_LISTS:
            break
        if head := _TABLE.match(line):
            table = _path(head["name"], counts, is_list=head["list"] is not None)
            found.setdefault(table, number)
        elif key := _KEY.match(line):
            name = key["key"].strip("\"'")
            found.setdefault(f"{table}.{name}" if table else name, number)
    return found


def _path(name: str, counts: dict[str, int], *, is_list: bool) -> str:
    """Return the path of a table: each list of tables on the way is meant by its entry that was begun last."""
    parts, path = [part.strip().strip("\"'") for part in name.split(".")], ""
    for place, part in enumerate(parts):
        path = f"{path}.{part}" if path else part
        if is_list and place == len(parts) - 1:
            counts[path] = counts.get(path, -1) + 1
            for inner in [key for key in counts if key.startswith(f"{path}.")]:
                del counts[inner]
        if path in counts:
            path = f"{path}.{counts[path]}"
    return path


def line_of(text: str, path: str) -> int:
    """Return the line of a key by its dotted path, that of the nearest thing around it where it has none; 0 for none."""
    return line_in(lines_of(text), path)


def line_in(lines: Mapping[str, int], path: str) -> int:
    """Return the line of a key where the lines of a text are known."""
    parts = path.split(".")
    while parts:
        if found := lines.get(".".join(parts)):
            return found
        parts.pop()
    return 0
