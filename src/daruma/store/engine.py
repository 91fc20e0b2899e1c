"""The way into the database file, and what it says turned into trouble that a technician can act on."""

import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any
from urllib.parse import quote

from sqlalchemy import Engine, create_engine, event
from sqlalchemy.exc import DBAPIError
from sqlalchemy.pool import QueuePool

from daruma.core.language import tr
from daruma.store.trouble import StoreTrouble


def engine_of(file: Path, read_only: bool) -> Engine:
    """Return the engine of a database file."""
    # quoted: a folder's name may hold what an address would be cut at
    where = f"file:{quote(str(file.absolute()))}?{'mode=ro&immutable=1' if read_only else 'mode=rw'}"

    def connect() -> sqlite3.Connection:
        return sqlite3.connect(where, uri=True, timeout=10, check_same_thread=False)

    # each thread has a connection of its own, as SQLAlchemy keeps them for files
    engine = create_engine("sqlite:///a file", creator=connect, poolclass=QueuePool)

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
    except UnicodeEncodeError as error:
        raise StoreTrouble(
            tr("A text holds characters that are no text and cannot be kept."),
            safe=tr("What was kept before is safe; nothing was kept by half."),
            advice=tr("Type it anew."),
        ) from error
    except OSError as error:
        raise StoreTrouble(
            tr("The data folder could not be used: {strerror}.", strerror=error.strerror),
            safe=tr("What was kept before is safe; nothing was kept by half."),
            advice=tr("Check free space and access rights of the data folder, then try again."),
        ) from error


def _trouble(said: str) -> StoreTrouble:
    if "malformed" in said or "not a database" in said:
        return StoreTrouble(
            tr("The store is damaged: {said}.", said=said),
            safe=tr("The file is left as it is; what can still be read is served."),
            advice=tr("Check the vault to see what is damaged, then restore a copy: daruma copies list, daruma copies restore."),
        )
    return StoreTrouble(
        tr("The store could not be used: {said}.", said=said),
        safe=tr("What was kept before is safe; nothing was kept by half."),
        advice=tr("Check free space and access rights of the data folder, then try again."),
    )
