"""What copies of a store, and stores that restores have replaced, remember of it: how far it has come, which acts there were."""

import sqlite3
from collections.abc import Iterable
from contextlib import closing, suppress
from hashlib import sha256
from itertools import islice
from pathlib import Path

from msgspec import Struct

from daruma.core.acts import ActState
from daruma.core.backup import LOST
from daruma.store.act_notes import ActNote, Notes, joined
from daruma.store.copy_files import copies_of, replaced_stores
from daruma.store.digests import ACT, DIGITS, is_whole
from daruma.store.lost_acts import damaged_note
from daruma.store.mark_lines import Memory
from daruma.store.old_rows import Row, each_row, text_of
from daruma.store.progress import Progress, lacking, progress_in
from daruma.store.progress import joined as joined_progress
from daruma.store.version import looking_at


class CopyMemory(Struct, frozen=True):
    """Hold what files remember beyond a store: how far its sessions have come, by the store they are of; acts, and purges."""

    progress: tuple[tuple[str, Progress], ...] = ()
    notes: Notes = {}
    purges: frozenset[tuple[str, str]] = frozenset()

    def memory_of(self, store: str) -> tuple[Memory, ...]:
        """Return what they tell of one store."""
        return tuple(Memory(store, progress) for of, progress in self.progress if of == store)


class Held(Struct, frozen=True):
    """Hold how far a copy has come."""

    name: str
    progress: Progress


def held_by(folder: Path) -> tuple[Held, ...]:
    """Return how far each copy in a data folder has come, newest first."""
    found = []
    for copy in copies_of(folder):
        with suppress(sqlite3.Error), closing(looking_at(copy.file)) as raw:
            found.append(Held(copy.name, progress_in(raw) or {}))
    return tuple(found)


def memory_of_copies(folder: Path, here: Progress, *, newest_only: bool = False) -> CopyMemory:
    """Return what the copies in a data folder remember that a store which has come so far does not hold.

    With `newest_only` no more than the newest copy is looked at, as there is time for at every opening.
    """
    copies = (copy.file for copy in copies_of(folder))
    return _memory_of(islice(copies, 1) if newest_only else (*copies, *replaced_stores(folder)), here)


def _memory_of(files: Iterable[Path], here: Progress) -> CopyMemory:
    told, purges, noted = [], set[tuple[str, str]](), list[NotesIn]()
    for file in files:
        with suppress(sqlite3.Error, UnicodeDecodeError), closing(looking_at(file)) as raw:
            progress = joined_progress(progress_in(raw) or {}, progress_in(raw, "told") or {})
            if not progress or lacking(progress, here):
                told.append((_store_of(raw), progress))
                noted.append(notes_in(raw))
                purges |= _purges_in(raw)
    return CopyMemory(tuple(told), believed(noted), frozenset(purges))


class NotesIn(Struct, frozen=True):
    """Hold notes of the acts in a file: of rows that are as they were written, and of damaged ones, which may say anything."""

    sound: Notes = {}
    damaged: Notes = {}


def notes_in(raw: sqlite3.Connection) -> NotesIn:
    """Return notes of the acts that a file of the store tells of, as far as they can be read."""
    sound, damaged = [], []
    unsent = {row["act"] for _, row in each_row(raw, "settlements", ["act", "state"]) if row is not None and _is_unsent(row)}
    for number, row in each_row(raw, "acts", ["number", *ACT, "sha256"]):
        if row is not None and is_whole(ACT, row, row["sha256"]):
            sound.append(ActNote(row["uid"], row["kind"], row["die"], row["number"] not in unsent))
        elif row is not None:
            uid = text_of(row["uid"]) or sha256(f"{LOST}act {number}".encode()).hexdigest()[:DIGITS]
            damaged.append(damaged_note(uid, text_of(row["kind"]), text_of(row["die"])))
    for _, row in each_row(raw, "lost_acts", ["uid", "kind", "die", "sent"]):
        if row is not None:
            uid, kind, die = (text_of(row[name]) for name in ("uid", "kind", "die"))
            sound.append(ActNote(uid, kind, die, row["sent"] != 0))
    return NotesIn(joined(sound), joined(damaged))


def believed(several: Iterable[NotesIn], noted: Notes = {}) -> Notes:  # noqa: B006
    """Return what some files and other notes tell together: what a damaged row says only where nothing else tells of it."""
    every = tuple(several)
    sound = joined(noted.values(), *(each.sound.values() for each in every))
    return joined(*(each.damaged.values() for each in every)) | sound


def _is_unsent(row: Row) -> bool:
    return bool(row["state"] == ActState.NOT_SENT.value)


def _purges_in(raw: sqlite3.Connection) -> set[tuple[str, str]]:
    # a file of an earlier version may lack the table, or the salts in it
    with suppress(sqlite3.Error, UnicodeDecodeError):
        return {(str(salt), str(digest)) for salt, digest in raw.execute("SELECT salt, digest FROM purges")}
    return set()


def _store_of(raw: sqlite3.Connection) -> str:
    with suppress(sqlite3.Error, UnicodeDecodeError):
        row = raw.execute("SELECT value FROM facts WHERE key = 'store'").fetchone()
        return str(row[0]) if row else ""
    return ""
