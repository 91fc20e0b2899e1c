"""The database file: opened private, migrated, in WAL mode with foreign keys on; read-only where the medium is."""

import errno
import os
import shutil
import sqlite3
from collections.abc import Iterator, Mapping
from contextlib import contextmanager
from pathlib import Path
from tempfile import TemporaryDirectory

from msgspec.structs import replace
from sqlalchemy import Connection, text
from sqlalchemy.exc import DatabaseError

from daruma.core.language import tr
from daruma.store.engine import engine_of, explained
from daruma.store.files import PRIVATE, private_folder, settle_folder
from daruma.store.finding import ActFinder
from daruma.store.heads import count_up, facts_of, heads_of, missing_of, writes_of_all, writes_since
from daruma.store.locks import FileLock
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import Marked, Marks
from daruma.store.schema import metadata
from daruma.store.trouble import StoreTrouble
from daruma.store.version import EARLIER, FILE, HEAD

COPIES = "copies"
RESTORING = "daruma.sqlite3.restoring"
MARKS_RESTORING = MARKS + ".restoring"
LOCK = "open.lock"
_READ_ONLY = frozenset({errno.EROFS, errno.EACCES, errno.EPERM})


class Database:
    """Hold one engine on one data folder; safe to use from several threads, windows and processes.

    `second` is the shop's second place, where the marks are kept as well; a database that is not `marked` keeps none.
    """

    def __init__(self, folder: Path, *, second: Path | None = None, marked: bool = True) -> None:
        self.folder = folder
        self.file = folder / FILE
        self.read_only = self._closed = False
        self.marks = Marks(folder, second) if marked else None
        self.finder = ActFinder()
        self._lock: FileLock | None = None
        self._aside: TemporaryDirectory[str] | None = None
        with explained():
            self.read_only = not self._claim()
            self._engine = engine_of(self._readable() if self.read_only else self.file, self.read_only)
            try:
                self._migrate()
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
            try:
                yield connection
                marked = self._marked(connection)
                connection.commit()
            except BaseException:
                connection.rollback()
                raise
            if self.marks is not None and marked is not None:
                self.marks.add(marked)

    def _marked(self, connection: Connection) -> Marked | None:
        """Return the marks that go with a commit."""
        last = self.marks.last if self.marks is not None else None
        if last is None:
            return None
        try:
            count_up(connection, "commits")
            heads = replace(heads_of(connection), writes=writes_since(connection, last.heads, self.finder))
            purges = frozenset(connection.execute(text("SELECT digest FROM purges")).scalars())
        except (DatabaseError, ValueError):
            # a damaged page hides how far the store has come, and nothing is kept from being written for it
            return None
        return replace(last, heads=heads, purges=purges)

    def _compare_if_readable(self) -> None:
        """Compare store and marks; a damaged page that hides how far the store has come does not keep it from opening."""
        try:
            self._compare()
        except (DatabaseError, UnicodeDecodeError, ValueError) as error:
            if self.marks is not None:
                self.marks.last, self.marks.trouble = (
                    None,
                    tr("It cannot be read how far the store has come: {error}.", error=error),
                )

    def _compare(self) -> None:
        """Compare the store with its marks; what is missing is kept with them until it is accepted or brought back.

        Writes that only the marks know of count on.
        """
        if self.marks is None:
            return
        if self.read_only:
            with self._engine.connect() as connection:
                then = self.marks.read(facts_of(connection).get("store", ""))
                if then is not None:
                    self.marks.last = replace(then, missing=_summed(then.missing, missing_of(connection, then.heads)))
            return
        with self._engine.connect() as connection:
            connection.execute(text("BEGIN IMMEDIATE"))
            facts = facts_of(connection)
            then = self.marks.read(facts.get("store", ""))
            missing = missing_of(connection, then.heads) if then is not None else {}
            if then is not None:
                _remember_purges(connection, then)
            if then is not None and missing:
                count_lost(connection, then)
            # a process that was killed between a commit and its mark has left the marks behind
            behind = then is not None and then.heads.commits < int(facts.get("commits") or 0)
            if then is None or missing or behind or self.marks.are_worn:
                heads = replace(heads_of(connection), writes=writes_of_all(connection))
                purges = frozenset(connection.execute(text("SELECT digest FROM purges")).scalars())
                epoch = then.epoch + bool(missing) if then else 0
                known = _summed(then.missing if then else {}, missing)
                marked = Marked(heads, epoch, known, facts.get("salt", ""), purges)
                connection.commit()
                self.marks.rewrite(marked)
            else:
                connection.commit()

    def accept_losses(self) -> None:
        """Take the store as it is: what is missing is no longer said. Counts of writes stay."""
        if self.marks is not None and self.marks.last is not None:
            self.marks.last = replace(self.marks.last, missing={})
        with self.writing():
            pass

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
        copies = sorted((self.folder / COPIES).glob("daruma-*.sqlite3"), reverse=True)
        read = self.marks.read("") if self.marks is not None else None
        if not copies and (read is None or not _holds_something(read)):
            return
        if self._lock is not None:
            self._lock.release()
        held = f": {_told(read)}" if read is not None else ""
        copy = (
            tr("Bring a copy back: daruma copies restore {copy}.", copy=copies[0].stem)
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

    def _migrate(self) -> None:
        with self._engine.connect() as connection:
            known = connection.execute(text("SELECT 1 FROM sqlite_master WHERE name = 'alembic_version'")).first()
            current = connection.execute(text("SELECT version_num FROM alembic_version")).scalar() if known else None
        if current == HEAD:
            return
        if known and (current in EARLIER or not str(current).isdigit()) and self._is_up_to_date():
            self._mend_version()
            return
        if known and current not in EARLIER:
            raise StoreTrouble(
                tr("This data folder was made by a newer Daruma, or its mark of the version is damaged."),
                safe=tr("Nothing in it was changed."),
                advice=tr("Open it with that version, or bring back a copy: daruma copies."),
            )
        self._refuse_closed()
        if self.read_only:
            raise StoreTrouble(
                tr("The data folder is of an older version and read-only."),
                safe=tr("Nothing in it was changed."),
                advice=tr("Copy it to a place that can be written, and open it there."),
            )
        # alembic is slow to import and needed only for a new or older file
        from alembic import command
        from alembic.config import Config

        config = Config()
        config.set_main_option("script_location", "daruma.store:migrations")
        config.set_main_option("path_separator", "os")
        with self._engine.connect() as connection:
            # two windows may start at once on an older file: the second waits here and then finds it done
            connection.execute(text("BEGIN IMMEDIATE"))
            config.attributes["connection"] = connection
            command.upgrade(config, "head")
            connection.commit()

    def _is_up_to_date(self) -> bool:
        with self._engine.connect() as connection:
            raw = connection.connection.driver_connection
            assert isinstance(raw, sqlite3.Connection)
            return up_to_date(raw)

    def _mend_version(self) -> None:
        """Set a damaged mark of the version right: the tables themselves are today's."""
        if self.read_only:
            return
        with self._engine.connect() as connection:
            connection.execute(text("UPDATE alembic_version SET version_num = :head"), {"head": HEAD})
            connection.commit()


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


def up_to_date(raw: sqlite3.Connection) -> bool:
    """Return whether the tables are made as today's version makes them, whatever the file's mark says."""
    return all(columns_of(raw, table.name) == {column.name for column in table.columns} for table in metadata.tables.values())


def columns_of(raw: sqlite3.Connection, table: str) -> set[str]:
    """Return the names of a table's columns; none where they cannot be read."""
    try:
        return {str(row[1]) for row in raw.execute(f"PRAGMA table_info({table})")}
    except sqlite3.DatabaseError:
        return set()


def _summed(before: Mapping[str, int], more: Mapping[str, int]) -> dict[str, int]:
    return {name: before.get(name, 0) + more.get(name, 0) for name in dict.fromkeys((*before, *more))}


def _remember_purges(connection: Connection, then: Marked) -> None:
    rows = [{"digest": digest} for digest in then.purges]
    if rows:
        connection.execute(text("INSERT OR IGNORE INTO purges VALUES (:digest)"), rows)


def count_lost(connection: Connection, then: Marked) -> None:
    """Count the writes on that the marks tell of and no act does: totals never fall."""
    known = writes_of_all(connection)
    for die, total in then.heads.writes.items():
        short = total - known.get(die, 0)
        if short > 0:
            statement = (
                "INSERT INTO lost_writes VALUES (:die, :short) ON CONFLICT (die) DO UPDATE SET times = times + excluded.times"
            )
            connection.execute(text(statement), {"die": die, "short": short})


def _holds_something(marked: Marked) -> bool:
    return marked.heads.jobs > 0 or any(number for number, _ in marked.heads.chains.values())


def _told(marked: Marked) -> str:
    chains, jobs = marked.heads.chains, marked.heads.jobs
    return tr(
        "{chains} backups, {chains_2} acts, {jobs} jobs", chains=chains["backups"][0], chains_2=chains["acts"][0], jobs=jobs
    )


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
