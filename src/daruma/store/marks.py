"""Marks: how far the store has come and which acts there were, remembered in files of lines beside it and in the shop's
second place.

Each commit adds a line to either place, `DIGEST JSON`; acts are noted in a file of their own (act_notes). What the places
tell is one set, whichever of them is older. docs/reliability.md says what they are for.
"""

import logging
from collections.abc import Iterable, Iterator
from contextlib import contextmanager
from pathlib import Path

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.store.act_notes import ActNote, NoteFinder, Notes, add_notes, joined, read_notes, write_notes
from daruma.store.files import append_synced, write_whole
from daruma.store.mark_lines import LinesRead, Memory, line_of, together
from daruma.store.progress import SENT, Counts, Progress, lacking
from daruma.store.progress import joined as joined_progress

log = logging.getLogger("daruma.marks")
FILE, NOTES = "marks.log", "acts.log"
LINES = 500  # lines after which a file is written anew as one
LARGEST = 64_000_000  # bytes of a file of marks
_SECOND, _SECOND_NOTES = "daruma-marks-", "daruma-acts-"


class MarkPlace(Struct, frozen=True):
    """Say where one place remembers: how far the store has come, and its acts."""

    marks: Path
    notes: Path


class Read(Struct, frozen=True):
    """Hold what one file of marks gave: nothing where there is none; the numbers of lines that do not verify."""

    memory: Memory | None
    damaged: tuple[int, ...] = ()
    lines: int = 0


class Told(Struct, frozen=True):
    """Hold what a commit adds: how far its session has come, what it purged, which acts it began or found never sent."""

    store: str
    session: str
    counts: Counts
    purges: frozenset[tuple[str, str]] = frozenset()
    notes: tuple[ActNote, ...] = ()


def beside(folder: Path) -> MarkPlace:
    """Return where a data folder remembers."""
    return MarkPlace(folder / FILE, folder / NOTES)


def second_place(folder: Path, store: str) -> MarkPlace:
    """Return where a second place remembers a store."""
    return MarkPlace(folder / f"{_SECOND}{store[:12]}.log", folder / f"{_SECOND_NOTES}{store[:12]}.log")


def read_marks(file: Path) -> Read:
    """Read a file of marks; one that is missing or cannot be read gives nothing."""
    try:
        if not file.is_file() or file.stat().st_size > LARGEST:
            return Read(None)
        raw = file.read_bytes()
    except OSError as error:
        log.info("%s: %s", file, error)
        return Read(None)
    lines = LinesRead()
    memory = lines.feed(raw)
    return Read(memory, tuple(lines.damaged), lines.count)


def all_notes(places: Iterable[MarkPlace]) -> Notes:
    """Return the acts that any of some places remembers; what cannot be read gives none."""
    return joined(*(_notes_in(place).values() for place in places))


def _notes_in(place: MarkPlace) -> Notes:
    try:
        return read_notes(place.notes).notes
    except OSError as error:
        log.info("%s: %s", place.notes, error)
        return {}


class Marks:
    """Keep the marks of one store in its folder and, where there is one, in the second place."""

    def __init__(self, folder: Path, second: Path | None = None) -> None:
        self.folder = folder
        self.second = second
        self.trouble = ""
        self.damaged: tuple[str, ...] = ()
        self.memory: Memory | None = None
        self.finder = NoteFinder(folder / NOTES)
        self._read: dict[MarkPlace, Read] = {}

    def places(self, store: str) -> tuple[MarkPlace, ...]:
        """Return the places that remember a store; where it is not known which, the folder alone."""
        second = (second_place(self.second, store),) if self.second is not None and store else ()
        return (beside(self.folder), *second)

    def _strange_places(self, store: str) -> Iterator[MarkPlace]:
        if self.second is None:
            return
        for file in sorted(self.second.glob(f"{_SECOND}*.log")):
            name = file.name.removeprefix(_SECOND).removesuffix(".log")
            if name != store[:12]:
                yield MarkPlace(file, self.second / f"{_SECOND_NOTES}{name}.log")

    def read(self, store: str) -> Memory | None:
        """Return what all places remember of a store; what another store left counts only where it lies in the folder."""
        self._read = {place: read_marks(place.marks) for place in self.places(store)}
        self.damaged = tuple(
            tr("line {number} of {file} is damaged", number=number, file=place.marks.name)
            for place, read in self._read.items()
            for number in read.damaged
        )
        found = [read.memory for read in self._read.values() if read.memory is not None]
        mine = [memory for memory in found if memory.store == store or not store]
        self.memory = together(mine or found, store)
        return self.memory

    def damaged_notes(self, store: str) -> tuple[str, ...]:
        """Return which notes of acts do not verify, in any place: all of them are read."""
        found = []
        for place in self.places(store):
            with self._said(place):
                found += [(number, place.notes.name) for number in read_notes(place.notes).damaged]
        return tuple(tr("line {number} of {file} is damaged", number=number, file=name) for number, name in found)

    def notes(self, store: str) -> Notes:
        """Return the acts that any place remembers."""
        return all_notes(self.places(store))

    def strange_notes(self, store: str) -> Notes:
        """Return the acts that the second place remembers of other stores: they were on real parts, too."""
        return all_notes(self._strange_places(store))

    def add(self, told: Told) -> None:
        """Add to each place what a commit tells; what fails is remembered and said, and does not undo what was kept."""
        known = self.memory or Memory(told.store)
        fresh = Memory(told.store, {told.session: told.counts}, told.purges - known.purges)
        self.memory = together((known, fresh), told.store)
        self.trouble = ""
        for place in self.places(told.store):
            with self._said(place):
                # noted first: marks never tell of an act that is noted nowhere
                size = add_notes(place.notes, told.notes) if told.notes else 0
                append_synced(place.marks, line_of(replace(fresh, notes=size)))

    def bring_up(self, memory: Memory, notes: Iterable[ActNote]) -> None:
        """Write anew the places that tell less than is known, are damaged or long; `notes` are the acts that the store tells of,
        gone through only where one of the places lacks some.
        """
        every: Notes | None = None
        self.memory = memory
        for place, read in self._read.items():
            noted = _size(place.notes)
            behind = read.memory is None or _tells_less(read.memory, memory)
            stale = read.memory is None or noted < read.memory.notes or _other_acts(read.memory, memory)
            if not (behind or stale or read.damaged or read.lines > LINES):
                continue
            with self._said(place):
                if read.damaged:
                    place.marks.replace(place.marks.with_name(place.marks.name + ".damaged"))
                if stale:
                    # what was noted is believed before the store, a row of which may be damaged
                    every = every or joined(self.notes(memory.store).values(), notes)
                    noted = write_notes(place.notes, every.values())
                write_whole(place.marks, line_of(replace(memory, notes=noted)))

    @contextmanager
    def _said(self, place: MarkPlace) -> Iterator[None]:
        """Remember as the marks' trouble that a place could not be written."""
        try:
            yield
        except OSError as error:
            parent = place.marks.parent
            self.trouble = tr(
                "The marks could not be kept in {parent}: {strerror}.", parent=parent.name or parent, strerror=error.strerror
            )
            log.info("%s: %s", parent, error)


def _size(file: Path) -> int:
    try:
        return file.stat().st_size
    except OSError:
        return 0


def _tells_less(there: Memory, known: Memory) -> bool:
    return bool(lacking(known.progress, there.progress)) or there.purges != known.purges or bool(there.writes)


def _other_acts(one: Memory, other: Memory) -> bool:
    """Return whether two memories tell of other acts."""
    return one.progress != other.progress and _acts_of(one) != _acts_of(other)


def _acts_of(memory: Memory) -> Progress:
    found = {session: {what: counts[what] for what in SENT if what in counts} for session, counts in memory.progress.items()}
    return joined_progress({session: counts for session, counts in found.items() if counts})
