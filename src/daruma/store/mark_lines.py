"""Lines of marks: what one tells, how it is written and read; an earlier version's lines are read as well."""

import hashlib
import json
from collections.abc import Iterable, Mapping
from typing import Annotated

import msgspec
from msgspec import Meta, Struct, field

from daruma.store.digests import SENSELESS
from daruma.store.progress import BEFORE, KINDS, Progress, joined

MOST = 1 << 53  # that anything is counted to
SESSIONS = 100_000  # that the lines of one file tell of: ten a day for 27 years
_DIGEST = 16
Count = Annotated[int, Meta(ge=0, le=MOST)]
Name = Annotated[str, Meta(max_length=64)]
Purge = tuple[Name, Name]  # salt, and digest with that salt


class Memory(Struct, frozen=True):
    """Hold what marks remember of a store: how far its sessions have come, what was purged, how long the notes of acts
    beside the marks were (bytes). `writes` are totals of parts whose acts an earlier version did not note.
    """

    store: Name = ""
    progress: Progress = {}
    purges: frozenset[Purge] = frozenset()
    notes: int = 0
    writes: Mapping[str, int] = {}


def together(memories: Iterable[Memory], store: str = "") -> Memory | None:
    """Return what several memories tell as one, None where there is none. The store is the first one's if none is named."""
    every = list(memories)
    if not every:
        return None
    purges = frozenset[Purge]().union(*(memory.purges for memory in every))
    writes: dict[str, int] = {}
    for memory in every:
        for die, times in memory.writes.items():
            writes[die] = max(writes.get(die, 0), times)
    notes = max(memory.notes for memory in every)
    return Memory(store or every[0].store, joined(*(memory.progress for memory in every)), purges, notes, writes)


def line_of(memory: Memory) -> bytes:
    """Return what is remembered as a line."""
    plain = {
        "store": memory.store,
        "progress": memory.progress,
        "purges": sorted(memory.purges),
        "notes": memory.notes,
        **({"writes": memory.writes} if memory.writes else {}),
    }
    body = json.dumps(plain, sort_keys=True, separators=(",", ":")).encode()
    return hashlib.sha256(body).hexdigest()[:_DIGEST].encode() + b" " + body + b"\n"


class _Line(Struct):
    """Say what a line may hold: marks lie where others can write as well, and what they tell goes into the store's questions."""

    store: Name
    progress: dict[Name, dict[Name, Count]]
    purges: frozenset[Purge]
    notes: Count
    writes: dict[str, Count] = {}


class _EarlierLine(Struct):
    """Say what a line of an earlier version may hold: last numbers and links of chains, totals of writes, what was missing."""

    store: Name
    epoch: Count
    commits: Count
    chains: dict[Name, tuple[Count, str]]
    jobs: Count
    saves: Count
    writes: dict[str, Count]
    missing: dict[Name, Count]
    salt: Name
    purges: frozenset[Name]


class LinesRead(Struct):
    """Gather what the lines of a file tell; the numbers of those that do not verify."""

    memories: list[Memory] = field(default_factory=list)
    damaged: list[int] = field(default_factory=list)
    count: int = 0
    _earlier: _EarlierLine | None = None
    _writes: dict[str, int] = field(default_factory=dict)
    _sessions: int = 0

    def feed(self, raw: bytes) -> Memory | None:
        """Read a file's bytes; return what all of its lines tell together."""
        # what comes after the last line's end was cut off while it was written: it never counted
        for self.count, line in enumerate(raw.split(b"\n")[:-1], start=1):
            if not self._read(line):
                self.damaged.append(self.count)
        if self._earlier is not None:
            self.memories.append(_converted(self._earlier, self._writes))
        return together(self.memories)

    def _read(self, line: bytes) -> bool:
        digest, _, body = line.partition(b" ")
        if hashlib.sha256(body).hexdigest()[:_DIGEST].encode() != digest:
            return False
        try:
            found = msgspec.json.decode(body, type=_Line)
        except SENSELESS:
            return self._read_earlier(body)
        self._sessions += len(found.progress)
        if self._sessions > SESSIONS or any(not counts.keys() <= KINDS for counts in found.progress.values()):
            return False
        self.memories.append(Memory(found.store, found.progress, found.purges, found.notes, found.writes))
        return True

    def _read_earlier(self, body: bytes) -> bool:
        try:
            found = msgspec.json.decode(body, type=_EarlierLine)
        except SENSELESS:
            return False
        self._writes.update(found.writes)
        if self._earlier is None or (found.epoch, found.commits) >= (self._earlier.epoch, self._earlier.commits):
            self._earlier = found
        return True


def _converted(line: _EarlierLine, writes: Mapping[str, int]) -> Memory:
    """Return what an earlier version remembered: what it missed is missing still."""
    numbers = {kind: number for kind, (number, _) in line.chains.items()}
    numbers |= {"jobs": line.jobs, "saves of jobs": line.saves}
    counts = {kind: number + line.missing.get(kind, 0) for kind, number in numbers.items() if kind in KINDS}
    purges = frozenset((line.salt, digest) for digest in line.purges)
    return Memory(line.store, {BEFORE: counts}, purges, 0, writes)
