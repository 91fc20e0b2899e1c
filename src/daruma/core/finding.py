"""One search over everything a shop keeps: what is found is ranked by where the words stand, then by age."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from enum import Enum

MOST = 12


class Kind(Enum):
    """Say what an entry leads to."""

    JOB = "job"
    PART = "part"
    BACKUP = "backup"
    PAGE = "page"


@dataclass(frozen=True, slots=True)
class Entry:
    """Hold one thing that can be found: what it is known by, its name, a line about it, and what is searched in lower case."""

    kind: Kind
    key: str
    name: str
    line: str
    text: str


def entry(kind: Kind, key: str, name: str, *said: str) -> Entry:
    """Return an entry whose name and lines are searched."""
    line = ", ".join(text for text in said if text)
    return Entry(kind, key, name, line, f"{name} {line}".lower())


def search(entries: Sequence[Entry], asked: str, most: int = MOST) -> tuple[Entry, ...]:
    """Return the entries that hold every word, those whose name begins with one first; later ones before earlier ones."""
    words = [word for word in asked.lower().split() if word]
    if not words:
        return ()
    first, *others = words
    found = [each for each in entries if first in each.text]
    for word in others:
        found = [each for each in found if word in each.text]
    begins = [each for each in found if each.name.lower().startswith(first)]
    rest = (each for each in reversed(found) if each not in begins) if len(begins) < most else ()
    return tuple(_first(most, [*reversed(begins), *_first(most, rest)]))


def _first(most: int, found: Iterable[Entry]) -> list[Entry]:
    taken: list[Entry] = []
    for each in found:
        if len(taken) >= most:
            break
        taken.append(each)
    return taken
