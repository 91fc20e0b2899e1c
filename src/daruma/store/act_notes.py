"""Notes of acts: which acts there were, of what kind and on what, remembered as lines of a file outside the database.

An act gets a line when it is begun and another one where it turns out never to have been sent. Lines are only added; each
stands for itself, carries a digest, and is known by the act's identity, so that files of several places are one set.
"""

import hashlib
import json
import mmap
from collections.abc import Iterable
from contextlib import closing
from pathlib import Path
from typing import Annotated

import msgspec
from msgspec import Meta, Struct

from daruma.store.digests import SENSELESS
from daruma.store.files import append_synced, write_whole

LARGEST = 400_000_000  # bytes of a file
DIES = 4096  # whose notes are remembered
_DIGEST = 16
Short = Annotated[str, Meta(max_length=64)]
Long = Annotated[str, Meta(max_length=200)]


class ActNote(Struct, frozen=True, array_like=True):
    """Hold what is remembered of one act; `sent` is false where it is known never to have gone out."""

    uid: Short
    kind: Short
    die: Long
    sent: bool = True


Notes = dict[str, ActNote]  # by identity


def joined(*several: Iterable[ActNote]) -> Notes:
    """Return notes of several places as one set: an act that any of them knows not to have been sent was not."""
    found: Notes = {}
    for notes in several:
        for note in notes:
            if note.uid not in found or not note.sent:
                found[note.uid] = note
    return found


def line_of(note: ActNote) -> bytes:
    """Return a note as a line."""
    plain = [note.uid, note.kind, note.die, *(() if note.sent else (False,))]
    body = json.dumps(plain, separators=(",", ":")).encode()
    return hashlib.sha256(body).hexdigest()[:_DIGEST].encode() + b" " + body + b"\n"


def add_notes(file: Path, notes: Iterable[ActNote]) -> int:
    """Add notes to a file and return its size after; raise OSError."""
    return append_synced(file, b"".join(map(line_of, notes)))


def write_notes(file: Path, notes: Iterable[ActNote]) -> int:
    """Write a file of notes anew, whole or not at all, and return its size; raise OSError."""
    data = b"".join(map(line_of, notes))
    write_whole(file, data)
    return len(data)


class NotesRead(Struct, frozen=True):
    """Hold what a file of notes gave, and the numbers of lines that do not verify."""

    notes: Notes = {}
    damaged: tuple[int, ...] = ()


def read_notes(file: Path) -> NotesRead:
    """Read a file of notes; one that is missing gives none. Raise OSError where it cannot be read."""
    if not file.is_file() or file.stat().st_size > LARGEST:
        return NotesRead()
    found: list[ActNote] = []
    damaged = []
    with file.open("rb") as reader:
        for number, line in enumerate(reader, start=1):
            # what comes after the last line's end was cut off while it was written: it never counted
            if not line.strip() or not line.endswith(b"\n"):
                continue
            note = _note(line[:-1])
            if note is None:
                damaged.append(number)
            else:
                found.append(note)
    return NotesRead(joined(found), tuple(damaged))


def _note(line: bytes) -> ActNote | None:
    digest, _, body = line.partition(b" ")
    if hashlib.sha256(body).hexdigest()[:_DIGEST].encode() != digest:
        return None
    try:
        return msgspec.json.decode(body, type=ActNote)
    except SENSELESS:
        return None


class NoteFinder:
    """Find the notes on one part or phone in a file, without making sense of the others."""

    def __init__(self, file: Path) -> None:
        self._file = file
        self._looked: dict[str, tuple[int, tuple[ActNote, ...]]] = {}

    def on(self, die: str) -> Notes:
        """Return the notes on a die; what cannot be read gives none."""
        upto, known = self._looked.get(die, (0, ()))
        try:
            size = self._file.stat().st_size
            if size < upto:
                upto, known = 0, ()
            if upto < size <= LARGEST:
                upto, later = self._later(die, upto, size)
                known = (*known, *later)
        except OSError:
            return joined(known)
        if len(self._looked) >= DIES:
            self._looked.clear()
        self._looked[die] = upto, known
        return joined(known)

    def _later(self, die: str, after: int, size: int) -> tuple[int, list[ActNote]]:
        """Return the notes behind a place, and where the last whole line ends."""
        wanted, found = json.dumps(die).encode(), []
        with self._file.open("rb") as reader, closing(mmap.mmap(reader.fileno(), size, access=mmap.ACCESS_READ)) as raw:
            end = raw.rfind(b"\n") + 1
            place = raw.find(wanted, after, end)
            while place >= 0:
                first, last = raw.rfind(b"\n", 0, place) + 1, raw.find(b"\n", place)
                note = _note(raw[first:last])
                if note is not None and note.die == die:
                    found.append(note)
                place = raw.find(wanted, last, end)
        return end, found
