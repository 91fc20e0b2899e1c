"""Merge what a replaced store still gives into a restored copy: nothing counted is lost, the further state of a job wins.

Rows are matched by what they are (a digest, an identity), never by their number; what differs is told.
"""

import sqlite3
from collections import Counter
from contextlib import suppress
from datetime import datetime
from pathlib import Path

from msgspec.structs import replace

from daruma.core.language import tr
from daruma.store.act_notes import Notes, joined, write_notes
from daruma.store.checking import DAMAGE
from daruma.store.copy_memory import CopyMemory, believed, memory_of_copies, notes_in
from daruma.store.database import Database
from daruma.store.facts import facts_of
from daruma.store.lost_acts import keep_lost, keep_totals, notes_of
from daruma.store.mark_lines import Memory, together
from daruma.store.marks import Marks, beside
from daruma.store.merge.backups import BackupMerge
from daruma.store.merge.context import Carried
from daruma.store.merge.jobs import JobMerge
from daruma.store.merge.journal import JournalMerge
from daruma.store.merge.memory import MemoryMerge
from daruma.store.merge.shelf import SAVES, ShelfMerge
from daruma.store.old_rows import text_of
from daruma.store.old_store import OldStore
from daruma.store.progress import Progress, forget_session, lacking, lowered, progress_in, progress_of, raise_to
from daruma.store.purging import known_purges, remember_purges
from daruma.store.retention import purge_again
from daruma.store.version import FILE


def carry_over(folder: Path, copies: Path, new: Database, now: datetime, second: Path | None = None) -> tuple[Carried, Memory]:
    """Merge the store in a folder into a copy of it; return what was carried over, and the marks that go with it.

    The old store may be damaged or missing: what can be read is carried, what cannot is named, and acts count on. So do
    those that only the marks in the folder and the second place know of, or another copy in the data folder `copies`.
    """
    carried = Carried()
    when = now.isoformat(timespec="seconds")
    marks = Marks(folder, second)
    with OldStore(folder / FILE) as old, new.writing() as connection:
        stores = dict.fromkeys((facts_of(connection).get("store", ""), _store_of(old), ""))
        known = together(filter(None, map(marks.read, stores)), next(iter(stores))) or Memory()
        held, theirs = progress_of(connection), progress_in(old) if old is not None else {}
        remember_purges(connection, known.purges)
        if old is not None:
            shared = old, connection, carried, when
            MemoryMerge(*shared).all()
            names = BackupMerge(*shared).all()
            JournalMerge(*shared).all()
            JobMerge(*shared).all(names)
            ShelfMerge(*shared, is_later=_is_later(theirs, held), is_earlier=_is_later(held, theirs)).all()
        forget_session(connection, new.session)
        raise_to(connection, _carried_progress(held, theirs, known.progress, carried))
        there = progress_of(connection)
        others = memory_of_copies(copies, there)
        notes = _notes(marks, tuple(stores), old, others)
        keep_lost(connection, notes)
        keep_totals(connection, known.writes)
        remember_purges(connection, others.purges)
        again = purge_again(connection, when)
        if again.jobs or again.backups:
            carried.differs.append(tr("purged again: {names}", names=", ".join((*again.jobs, *again.backups))))
        size = write_notes(beside(folder).notes, joined(notes.values(), notes_of(connection)).values())
        store = next(iter(stores))
        told = (known, *others.memory_of(store), Memory(store, there, known_purges(connection), size))
        memory = together(told, store)
        assert memory is not None
    return carried, replace(memory, store=store, notes=size, writes={})


def _is_later(one: Progress | None, other: Progress | None) -> bool:
    """Return whether one tells of every save of the shelf that another does."""
    return one is not None and other is not None and not lacking(other, one).get(SAVES)


def _carried_progress(held: Progress, theirs: Progress | None, known: Progress, carried: Carried) -> Progress:
    """Return how far a store counts as having come after a merge: all that the old one held and that was not lost."""
    if theirs is not None:
        return lowered(theirs, held, carried.gone)
    missing = Counter(lacking(known, held))
    missing.subtract({"backups": carried.backups, "acts": carried.acts, "jobs": carried.jobs})
    return lowered(known, held, +missing)


def _store_of(old: sqlite3.Connection | None) -> str:
    with suppress(*DAMAGE, TypeError):
        if old is not None:
            return text_of(old.execute("SELECT value FROM facts WHERE key = 'store'").fetchone()[0])
    return ""


def _notes(marks: Marks, stores: tuple[str, ...], old: sqlite3.Connection | None, others: CopyMemory) -> Notes:
    """Return the acts that marks, other copies and the old store remember."""
    noted = joined(*(marks.notes(store).values() for store in stores), others.notes.values())
    return believed([notes_in(old)], noted) if old is not None else noted
