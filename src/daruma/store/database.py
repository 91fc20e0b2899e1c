"""The database file: opened private, migrated, in WAL mode with foreign keys on; read-only where the medium is."""

import errno
import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

from sqlalchemy import Connection, Engine, create_engine, event, text
from sqlalchemy.exc import DBAPIError

from daruma.core.errors import Trouble
from daruma.store.files import PRIVATE, private_folder, settle_folder
from daruma.store.locks import FileLock

HEAD = "0002"
KNOWN = ("0001", HEAD)
FILE = "daruma.sqlite3"
RESTORING = "daruma.sqlite3.restoring"
LOCK = "open.lock"
_READ_ONLY = frozenset({errno.EROFS, errno.EACCES, errno.EPERM})


class StoreTrouble(Trouble):
    """Report that the store cannot keep or give data."""


class Database:
    """Hold one engine on one data folder; safe to use from several threads, windows and processes."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.file = folder / FILE
        self.read_only = self._closed = False
        self._lock: FileLock | None = None
        with explained():
            self.read_only = not self._claim()
            self._engine = _engine(self.file, self.read_only)
            try:
                self._migrate()
            except BaseException:
                self.close()
                raise

    def close(self) -> None:
        """Close every connection and let the folder go."""
        self._closed = True
        self._engine.dispose()
        if self._lock is not None:
            self._lock.release()

    @contextmanager
    def reading(self) -> Iterator[Connection]:
        """Give a connection for reading."""
        self._refuse_closed()
        with explained(), self._engine.connect() as connection:
            yield connection

    def _refuse_closed(self) -> None:
        if self._closed:
            raise StoreTrouble("The store is closed.", safe="What was kept is safe.", advice="Open it again, then try once more.")

    @contextmanager
    def writing(self) -> Iterator[Connection]:
        """Give a connection in a transaction: all of it is kept, or nothing."""
        self._refuse_closed()
        if self.read_only:
            raise StoreTrouble(
                "The data folder is read-only.",
                safe="Everything in it can be read and exported.",
                advice="Copy the folder to a place that can be written, then open it there.",
            )
        with explained(), self._engine.connect() as connection:
            connection.execute(text("BEGIN IMMEDIATE"))
            try:
                yield connection
                connection.commit()
            except BaseException:
                connection.rollback()
                raise

    def _claim(self) -> bool:
        """Make folder and file private and take part in the folder's lock; return whether it can be written."""
        try:
            private_folder(self.folder)
            self._lock = FileLock(self.folder / LOCK)
            if not self._lock.take(alone=False):
                self._lock.release()
                raise StoreTrouble(
                    "This data folder is being restored from a copy.",
                    safe="Nothing was opened.",
                    advice="Wait until that is finished, then open it again.",
                )
            finish_restore(self.folder)
            descriptor = os.open(self.file, os.O_CREAT | os.O_RDWR, PRIVATE)
            os.fchmod(descriptor, PRIVATE)
            os.close(descriptor)
        except OSError as error:
            if error.errno in _READ_ONLY and self.file.exists():
                return False
            raise
        return True

    def _migrate(self) -> None:
        with self._engine.connect() as connection:
            known = connection.execute(text("SELECT 1 FROM sqlite_master WHERE name = 'alembic_version'")).first()
            current = connection.execute(text("SELECT version_num FROM alembic_version")).scalar() if known else None
        if current == HEAD:
            return
        if current is not None and current not in KNOWN:
            raise StoreTrouble(
                "This data folder was made by a newer Daruma.",
                safe="Nothing in it was changed.",
                advice="Open it with that version.",
            )
        self._refuse_closed()
        if self.read_only:
            raise StoreTrouble(
                "The data folder is of an older version and read-only.",
                safe="Nothing in it was changed.",
                advice="Copy it to a place that can be written, and open it there.",
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


class FileLook:
    """Read one database file as it lies there; nothing is migrated, locked or changed."""

    def __init__(self, file: Path) -> None:
        self.file = file
        self._engine = _engine(file, read_only=True)

    def close(self) -> None:
        """Close every connection."""
        self._engine.dispose()

    @contextmanager
    def reading(self) -> Iterator[Connection]:
        """Give a connection for reading."""
        with explained(), self._engine.connect() as connection:
            yield connection


def finish_restore(folder: Path) -> None:
    """Finish a restore that was cut off between its moves, or drop what is left of one that never came so far.

    Nobody may be restoring meanwhile. The replaced store's log must not lie beside the restored file: SQLite would
    replay it.
    """
    ready, file = folder / RESTORING, folder / FILE
    if not ready.exists():
        return
    if file.exists():
        ready.unlink()
        return
    for log in (folder / (FILE + "-wal"), folder / (FILE + "-shm")):
        if log.exists():
            log.replace(log.with_name(log.name + ".replaced"))
    ready.replace(file)
    settle_folder(folder)


def _engine(file: Path, read_only: bool) -> Engine:
    url = f"sqlite:///file:{file}?mode=ro&immutable=1&uri=true" if read_only else f"sqlite:///{file}"
    engine = create_engine(url, connect_args={"timeout": 10, "check_same_thread": False})

    @event.listens_for(engine, "connect")
    def prepare(connection: sqlite3.Connection, _: Any) -> None:
        # transactions are begun by hand: a write must take its lock before it reads
        connection.isolation_level = None
        pragmas = ("query_only=ON",) if read_only else ("journal_mode=WAL", "foreign_keys=ON", "synchronous=FULL")
        for pragma in (*pragmas, "cell_size_check=ON", "secure_delete=ON"):
            connection.execute(f"PRAGMA {pragma}")

    return engine


@contextmanager
def explained() -> Iterator[None]:
    """Turn what database and file system say into trouble that a technician can act on."""
    try:
        yield
    except DBAPIError as error:
        raise _trouble(str(error.orig)) from error
    except sqlite3.Error as error:
        raise _trouble(str(error)) from error
    except UnicodeDecodeError as error:
        # the names in the file's own schema are damaged: not even what is wrong with them can be said
        raise _trouble("database disk image is malformed") from error
    except OSError as error:
        raise StoreTrouble(
            f"The data folder could not be used: {error.strerror}.",
            safe="What was kept before is safe; nothing was kept by half.",
            advice="Check free space and access rights of the data folder, then try again.",
        ) from error


def _trouble(said: str) -> StoreTrouble:
    if "malformed" in said or "not a database" in said:
        return StoreTrouble(
            f"The store is damaged: {said}.",
            safe="The file is left as it is; what can still be read is served.",
            advice="Check the vault to see what is damaged, then restore a copy: daruma copies list, daruma copies restore.",
        )
    return StoreTrouble(
        f"The store could not be used: {said}.",
        safe="What was kept before is safe; nothing was kept by half.",
        advice="Check free space and access rights of the data folder, then try again.",
    )
