"""One search over everything a shop keeps: what is found is ranked by where the words stand, then by age."""

from bisect import bisect_right
from collections.abc import Iterable, Iterator, Sequence
from enum import Enum
from itertools import accumulate, chain, islice

from msgspec import Struct

from daruma.core.errors import Trouble
from daruma.core.language import tr

MOST = 12
MOST_WORDS, LONGEST_WORD = 32, 200  # that one search is asked for, and characters of one


def words_of(asked: str) -> tuple[str, ...] | None:
    """Return the words that a search asks for, each once; None where nothing can hold them. Raise Trouble for too many.

    No text that is kept holds half a pair of characters, as bytes from a terminal may give, nor a word of such a length.
    """
    words = tuple(dict.fromkeys(asked.split()))
    if len(words) > MOST_WORDS:
        raise Trouble(
            tr("{count} words were given, {most} can be searched for at once.", count=len(words), most=MOST_WORDS),
            safe=tr("Nothing was changed."),
            advice=tr("Search for fewer words."),
        )
    found = all(len(word) <= LONGEST_WORD and not any("\ud800" <= char <= "\udfff" for char in word) for word in words)
    return words if found else None


class Kind(Enum):
    """Say what an entry leads to."""

    JOB = "job"
    PART = "part"
    BACKUP = "backup"
    PAGE = "page"


class Entry(Struct, frozen=True):
    """Hold one thing that can be found: what it is known by, its name, a line about it, and what is searched in lower case."""

    kind: Kind
    key: str
    name: str
    line: str
    text: str


def entry(kind: Kind, key: str, name: str, *said: str) -> Entry:
    """Return an entry whose name and lines are searched."""
    line = ", ".join(text for text in said if text)
    return Entry(kind, key, name, line, " ".join(f"{name} {line}".lower().split("\n")))


class Index:
    """Hold entries so that they are searched as fast as one types: all texts as one, which is scanned from its end."""

    def __init__(self, entries: Iterable[Entry]) -> None:
        self.entries = tuple(entries)
        self._ends = tuple(accumulate(len(each.text) + 1 for each in self.entries))
        self._text = "".join(f"\n{each.text}" for each in self.entries)

    def search(self, asked: str, most: int = MOST) -> tuple[Entry, ...]:
        """Return the entries that hold every word: first those whose name begins with the first word, later before earlier."""
        words = tuple(dict.fromkeys(asked.lower().split()))[:MOST_WORDS]
        if not words:
            return ()
        begins = tuple(islice(self._holding(words, f"\n{words[0]}"), most))
        rarest = min(words, key=self._text.count) if len(words) > 1 else words[0]
        rest = (each for each in self._holding(words, rarest) if not each.text.startswith(words[0]))
        return tuple(islice(chain(begins, rest), most))

    def _holding(self, words: Sequence[str], probe: str) -> Iterator[Entry]:
        place = self._text.rfind(probe)
        while place >= 0:
            number = bisect_right(self._ends, place)
            each = self.entries[number]
            if all(word in each.text for word in words):
                yield each
            start = self._ends[number] - len(each.text) - 1
            # a text's own line break belongs to it, so that the next find ends before it
            place = self._text.rfind(probe, 0, start)


def search(entries: Iterable[Entry], asked: str, most: int = MOST) -> tuple[Entry, ...]:
    """Return what an index of entries finds."""
    return Index(entries).search(asked, most)
