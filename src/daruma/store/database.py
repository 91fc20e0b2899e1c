"""The database file: opened private, migrated, in WAL mode with foreign keys on; read-only where the medium is."""

import errno
import os
import shutil
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from tempfile import TemporaryDirectory

from sqlalchemy import Connection, text
from sqlalchemy.exc import DatabaseError

from daruma.core.language import tr
from daruma.store.comparison import Comparison, accept, look, take_up
from daruma.store.copy_files import copies_of
from daruma.store.engine import engine_of, explained
from daruma.store.facts import highest_numbers
from daruma.store.files import PRIVATE, private_folder, settle_folder
from daruma.store.finding import ActFinder
from daruma.store.locks import FileLock, exclusive
from daruma.store.lost_acts import notes_of, notes_since
from daruma.store.mark_lines import Memory
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import Marks, Told
from daruma.store.progress import PURGES, begin, counts_of, fresh_session, total
from daruma.store.purging import known_purges
from daruma.store.triggers import make_triggers
from daruma.store.trouble import StoreTrouble
from daruma.store.upgrade import upgrade
from daruma.store.version import FILE

MARKING = "marks.lock"
RESTORING = "daruma.sqlite3.restoring"
MARKS_RESTORING = MARKS + ".restoring"
LOCK = "open.lock"
_READ_ONLY = frozenset({errno.EROFS, errno.EACCES, errno.EPERM})


class Database:
    """Hold one engine on one data folder; safe to use from several threads, windows and processes.

    `second` is the shop's second place, where the marks are kept as well; a database that is not `marked` keeps none.
    `session` names this opening in what the store counts, `seen` is what it was compared with when it was opened.
    """

    def __init__(self, folder: Path, *, second: Path | None = None, marked: bool = True) -> None:
        self.folder = folder
        self.file = folder / FILE
        self.read_only = self._closed = False
        self.marks = Marks(folder, second) if marked else None
        self.session = fresh_session()
        self.seen = Comparison()
        self._purged = 0
        self._is_new = False
        self.finder = ActFinder()
        self._lock: FileLock | None = None
        self._aside: TemporaryDirectory[str] | None = None
        with explained():
            self.read_only = not self._claim()
            self._engine = engine_of(self._readable() if self.read_only else self.file, self.read_only)
            try:
                self._is_new = upgrade(self._engine, read_only=self.read_only)
                self._compare_if_readable()
            except BaseException:
                self.close()
                raise

    def close(self) -> None:
        """Close every connection and let the folder go."""
        self._closed = True
        self._engine.dispose()
        if self._lock is not None:
            self._lock.release()
        if self._aside is not None:
            self._aside.cleanup()

    @contextmanager
    def reading(self) -> Iterator[Connection]:
        """Give a connection for reading."""
        self._refuse_closed()
        with explained(), self._engine.connect() as connection:
            yield connection

    def _refuse_closed(self) -> None:
        if self._closed:
            raise StoreTrouble(
                tr("The store is closed."), safe=tr("What was kept is safe."), advice=tr("Open it again, then try once more.")
            )

    @contextmanager
    def writing(self) -> Iterator[Connection]:
        """Give a connection in a transaction: all of it is kept, or nothing. How far the store has come is marked after."""
        self._refuse_closed()
        if self.read_only:
            raise StoreTrouble(
                tr("The data folder is read-only."),
                safe=tr("Everything in it can be read and exported."),
                advice=tr("Copy the folder to a place that can be written, then open it there."),
            )
        with explained(), self._engine.connect() as connection:
            connection.execute(text("BEGIN IMMEDIATE"))
            before = self._begun(connection)
            try:
                yield connection
                told = self._told(connection, before) if before is not None else None
                # whoever opens the store meanwhile waits until this is marked as well
                with exclusive(self.folder / MARKING):
                    connection.commit()
                    if self.marks is not None and told is not None:
                        self.marks.add(told)
            except BaseException:
                connection.rollback()
                raise

    def _begun(self, connection: Connection) -> tuple[int, int] | None:
        """Let a transaction count for this session; return the last numbers of acts and settlements, None where a damaged
        page hides how far the store has come: nothing is kept from being written for it.
        """
        try:
            begin(connection, self.session)
            return highest_numbers(connection)
        except (DatabaseError, ValueError):
            return None

    def _told(self, connection: Connection, before: tuple[int, int]) -> Told | None:
        """Return what a commit adds to the marks."""
        if self.marks is None or not self.seen.store:
            return None
        try:
            counts = counts_of(connection, self.session)
            purged = counts.get(PURGES, 0) > self._purged
            self._purged = counts.get(PURGES, 0)
            purges = known_purges(connection) if purged else frozenset[tuple[str, str]]()
            return Told(self.seen.store, self.session, counts, purges, notes_since(connection, *before))
        except (DatabaseError, ValueError):
            return None

    def _compare_if_readable(self) -> None:
        """Compare store and marks; a damaged page that hides how far the store has come does not keep it from opening."""
        try:
            with self._engine.connect() as connection:
                if self.marks is not None and self.read_only:
                    self.seen = look(connection, self.marks)
                elif not self.read_only:
                    self._compare(connection)
        except (DatabaseError, UnicodeDecodeError, ValueError) as error:
            if self.marks is not None:
                self.seen = Comparison()
                self.marks.trouble = tr("It cannot be read how far the store has come: {error}.", error=error)

    def _compare(self, connection: Connection) -> None:
        """Compare the store with all that remembers it, and let those places remember it as far as it is known."""
        connection.execute(text("BEGIN IMMEDIATE"))
        make_triggers(connection)
        if self.marks is None:
            connection.commit()
            return
        with exclusive(self.folder / MARKING):
            self.seen = take_up(connection, self.marks, self.folder, is_new=self._is_new)
            connection.commit()
            self.marks.bring_up(self.seen.memory, notes_of(connection))

    def accept_losses(self) -> None:
        """Take the store as it is: what is missing is no longer said. Counts of acts stay."""
        with self.writing() as connection:
            self.seen = accept(connection, self.seen)

    def overwrite(self) -> None:
        """Take what was purged out of the log as well."""
        with self.reading() as connection:
            connection.execute(text("PRAGMA wal_checkpoint(TRUNCATE)"))

    def _readable(self) -> Path:
        """Return the file to read from a medium that cannot be written: where a log lies beside it, a private copy of
        both, since what only the log holds would be hidden otherwise.
        """
        log = self.file.with_name(FILE + "-wal")
        if not log.exists() or not log.stat().st_size:
            return self.file
        self._aside = TemporaryDirectory(prefix="daruma-")
        place = Path(self._aside.name) / FILE
        shutil.copyfile(self.file, place)
        shutil.copyfile(log, place.with_name(log.name))
        with sqlite3.connect(place) as connection:
            connection.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        connection.close()
        return place

    def _claim(self) -> bool:
        """Make folder and file private and take part in the folder's lock; return whether it can be written."""
        try:
            private_folder(self.folder)
            self._lock = FileLock(self.folder / LOCK)
            if not self._lock.take(alone=False):
                self._lock.release()
                raise StoreTrouble(
                    tr("This data folder is being restored from a copy."),
                    safe=tr("Nothing was opened."),
                    advice=tr("Wait until that is finished, then open it again."),
                )
            finish_restore(self.folder)
            if self.marks is not None:
                self._refuse_emptied()
            descriptor = os.open(self.file, os.O_CREAT | os.O_RDWR | os.O_NOFOLLOW, PRIVATE)
            os.fchmod(descriptor, PRIVATE)
            os.close(descriptor)
        except OSError as error:
            if error.errno in _READ_ONLY and self.file.exists():
                return False
            raise
        return True

    def _refuse_emptied(self) -> None:
        """Refuse to open a new shop where one was: its copies or marks lie beside it, its store is gone or empty."""
        if self.file.exists() and self.file.stat().st_size:
            return
        copies = copies_of(self.folder)
        read = self.marks.read("") if self.marks is not None else None
        if not copies and (read is None or not any(_kept(read).values())):
            return
        if self._lock is not None:
            self._lock.release()
        held = ": " + tr("{backups} backups, {acts} acts, {jobs} jobs", **_kept(read)) if read is not None else ""
        copy = (
            tr("Bring a copy back: daruma copies restore {copy}.", copy=copies[0].name)
            if copies
            else tr("Look for a copy of it elsewhere.")
        )
        raise StoreTrouble(
            tr(
                "The store is {state}, though this folder held one{held}.",
                state=tr("empty") if self.file.exists() else tr("missing"),
                held=held,
            ),
            safe=tr("Nothing was made in its place."),
            advice=tr("{copy} To begin anew, take the folder away first.", copy=copy),
        )


class FileLook:
    """Read one database file as it lies there; nothing is migrated, locked or changed."""

    def __init__(self, file: Path) -> None:
        self.file = file
        self._engine = engine_of(file, read_only=True)

    def close(self) -> None:
        """Close every connection."""
        self._engine.dispose()

    @contextmanager
    def reading(self) -> Iterator[Connection]:
        """Give a connection for reading."""
        with explained(), self._engine.connect() as connection:
            yield connection


def _kept(memory: Memory) -> dict[str, int]:
    """Return how much a store held as far as marks remember."""
    return {what: total(memory.progress, what) for what in ("backups", "acts", "jobs")}


def finish_restore(folder: Path) -> None:
    """Finish a restore that was cut off between its moves, or drop what is left of one that never came so far.

    Nobody may be restoring meanwhile. The replaced store's log must not lie beside the restored file: SQLite would
    replay it.
    """
    ready, file, marks = folder / RESTORING, folder / FILE, folder / MARKS_RESTORING
    if not ready.exists():
        return
    if file.exists():
        ready.unlink()
        marks.unlink(missing_ok=True)
        return
    for log in (folder / (FILE + "-wal"), folder / (FILE + "-shm")):
        if log.exists():
            log.replace(log.with_name(log.name + ".replaced"))
    if marks.exists():
        marks.replace(folder / MARKS)
    ready.replace(file)
    settle_folder(folder)
