"""Marks: how far the store has come, remembered in a file of lines beside it and in the shop's second place.

Each commit adds a line `DIGEST JSON`; each line tells all, of the totals of parts and the purges only what is new. A line
whose digest does not fit is passed over and named. docs/reliability.md says what they are for.
"""

import fcntl
import hashlib
import json
import logging
import os
from collections.abc import Iterator, Mapping
from pathlib import Path
from typing import Annotated, Any

import msgspec
from msgspec import Meta, Struct, field
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.store.digests import SENSELESS
from daruma.store.files import PRIVATE, write_whole
from daruma.store.heads import CHAINED, MISSABLE, Heads

log = logging.getLogger("daruma.marks")
FILE = "marks.log"
LINES = 500  # lines after which a file is written anew as one
LARGEST = 400_000_000  # bytes of a file of marks
MOST = 1 << 53  # that anything is counted to
_DIGEST = 16


class Marked(Struct, frozen=True):
    """Hold what the marks tell: the heads with every part's total, what is missing since when, the purges' salt and
    digests. `epoch` grows where a store was taken as it is after a loss or a restore.
    """

    heads: Heads
    epoch: int = 0
    missing: Mapping[str, int] = field(default_factory=dict)
    salt: str = ""
    purges: frozenset[str] = frozenset()

    @property
    def order(self) -> tuple[int, int]:
        """Return what later marks have more of."""
        return self.epoch, self.heads.commits


class Read(Struct, frozen=True):
    """Hold what one file of marks gave: nothing where there is none; the numbers of lines that do not verify."""

    marked: Marked | None
    damaged: tuple[int, ...] = ()
    lines: int = 0


def second_file(folder: Path, store: str) -> Path:
    """Return where a second place keeps the marks of a store."""
    return folder / f"daruma-marks-{store[:12]}.log"


def line_of(marked: Marked) -> bytes:
    """Return marks as a line."""
    heads = marked.heads
    plain: dict[str, Any] = {
        "store": heads.store,
        "epoch": marked.epoch,
        "commits": heads.commits,
        "chains": heads.chains,
        "jobs": heads.jobs,
        "saves": heads.saves,
        "writes": heads.writes,
        "missing": marked.missing,
        "salt": marked.salt,
        "purges": sorted(marked.purges),
    }
    body = json.dumps(plain, sort_keys=True, separators=(",", ":")).encode()
    return hashlib.sha256(body).hexdigest()[:_DIGEST].encode() + b" " + body + b"\n"


def read_marks(file: Path) -> Read:
    """Read a file of marks; one that is missing or cannot be read gives nothing."""
    try:
        if not file.is_file() or file.stat().st_size > LARGEST:
            return Read(None)
        raw = file.read_bytes()
    except OSError as error:
        log.info("%s: %s", file, error)
        return Read(None)
    newest: Marked | None = None
    writes: dict[str, int] = {}
    purges: set[str] = set()
    damaged, count = [], 0
    # what comes after the last line's end was cut off while it was written: it never counted
    for count, line in enumerate(raw.split(b"\n")[:-1], start=1):
        marked = _marked(line)
        if marked is None:
            damaged.append(count)
            continue
        if newest is None or marked.order >= newest.order:
            newest = marked
        writes.update(marked.heads.writes)
        purges |= marked.purges
    if newest is not None:
        newest = replace(newest, heads=replace(newest.heads, writes=writes), purges=frozenset(purges))
    return Read(newest, tuple(damaged), count)


Count = Annotated[int, Meta(ge=0, le=MOST)]


class _Line(Struct):
    """Say what a line may hold: marks lie where others can write as well, and what they tell goes into the store's questions."""

    store: str
    epoch: Count
    commits: Count
    chains: dict[str, tuple[Count, str]]
    jobs: Count
    saves: Count
    writes: dict[str, Count]
    missing: dict[str, Count]
    salt: str
    purges: frozenset[str]


def _marked(line: bytes) -> Marked | None:
    digest, _, body = line.partition(b" ")
    if hashlib.sha256(body).hexdigest()[:_DIGEST].encode() != digest:
        return None
    try:
        plain = msgspec.json.decode(body, type=_Line)
    except SENSELESS:
        return None
    if plain.chains.keys() != CHAINED.keys() or not plain.missing.keys() <= MISSABLE:
        return None
    heads = Heads(plain.store, plain.commits, plain.chains, plain.jobs, plain.saves, plain.writes)
    return Marked(heads, plain.epoch, plain.missing, plain.salt, plain.purges)


class Marks:
    """Keep the marks of one store in its folder and, where there is one, in the second place."""

    def __init__(self, folder: Path, second: Path | None = None) -> None:
        self.file = folder / FILE
        self.second = second
        self.trouble = ""
        self.damaged: tuple[str, ...] = ()
        self.last: Marked | None = None
        self._worn = False

    def read(self, store: str) -> Marked | None:
        """Return the newest marks of either place; those of another store count only where they lie in the folder."""
        found = [(file, read_marks(file)) for file in self._files(store)]
        orders = {read.marked.order if read.marked else None for _, read in found}
        self._worn = len(orders) > 1 or any(read.damaged or read.lines > LINES for _, read in found)
        self.damaged = tuple(
            tr("line {number} of {file} is damaged", number=number, file=file.name)
            for file, read in found
            for number in read.damaged
        )
        marks = [read.marked for _, read in found if read.marked is not None]
        mine = [marked for marked in marks if marked.heads.store == store or not store] or marks
        self.last = max(mine, key=lambda marked: marked.order, default=None)
        return self.last

    def add(self, marked: Marked) -> None:
        """Add a line to each place; what fails is remembered and said, and does not undo what was kept."""
        known = self.last.purges if self.last is not None else frozenset[str]()
        line = line_of(replace(marked, purges=marked.purges - known))
        self.last = marked
        self.trouble = ""
        for file in self._files(marked.heads.store):
            try:
                _append(file, line)
            except OSError as error:
                self.trouble = tr(
                    "The marks could not be kept in {parent}: {strerror}.",
                    parent=file.parent.name or file.parent,
                    strerror=error.strerror,
                )
                log.info("%s: %s", file, error)

    def rewrite(self, marked: Marked) -> None:
        """Write each place anew as one line; a file that holds damaged lines is laid aside."""
        self.last = marked
        for file in self._files(marked.heads.store):
            try:
                if read_marks(file).damaged:
                    file.replace(file.with_name(file.name + ".damaged"))
                write_whole(file, line_of(marked))
            except OSError as error:
                self.trouble = tr(
                    "The marks could not be kept in {parent}: {strerror}.",
                    parent=file.parent.name or file.parent,
                    strerror=error.strerror,
                )
                log.info("%s: %s", file, error)

    @property
    def are_worn(self) -> bool:
        """Return whether what was read should be written anew: damaged, long, or another thing in either place."""
        return self._worn

    def _files(self, store: str) -> Iterator[Path]:
        yield self.file
        if self.second is not None and store:
            yield second_file(self.second, store)


def _append(file: Path, line: bytes) -> None:
    flags = os.O_WRONLY | os.O_APPEND | os.O_CREAT | os.O_NOFOLLOW | os.O_NONBLOCK
    descriptor = os.open(file, flags, PRIVATE)
    try:
        fcntl.flock(descriptor, fcntl.LOCK_EX)
        if _is_cut_off(file):
            # a line that was cut off must not spoil the one that follows it
            line = b"\n" + line
        os.write(descriptor, line)
        os.fsync(descriptor)
    finally:
        os.close(descriptor)


def _is_cut_off(file: Path) -> bool:
    with file.open("rb") as reader:
        if reader.seek(0, os.SEEK_END) == 0:
            return False
        reader.seek(-1, os.SEEK_END)
        return reader.read(1) != b"\n"
