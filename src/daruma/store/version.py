"""Which file a store is, and of which version; a module of its own, since both are asked before a database is wanted."""

import sqlite3
from contextlib import closing
from pathlib import Path

from daruma.core.language import tr
from daruma.store.trouble import StoreTrouble

FILE = "daruma.sqlite3"
HEAD = "0006"
EARLIER = ("0001", "0002", "0003", "0004", "0005")


def looking(file: Path, seconds: float = 5.0) -> sqlite3.Connection:
    """Return a connection that changes nothing in a store, and waits so long where another holds it."""
    connection = sqlite3.connect(f"{file.absolute().as_uri()}?mode=ro", uri=True, timeout=seconds)
    for pragma in ("query_only=ON", "cell_size_check=ON"):
        connection.execute(f"PRAGMA {pragma}")
    return connection


def looking_at(file: Path) -> sqlite3.Connection:
    """Return a connection to a file that nobody changes: a copy, or a store that was replaced."""
    return sqlite3.connect(f"{file.absolute().as_uri()}?mode=ro&immutable=1", uri=True)


def version_of(connection: sqlite3.Connection) -> str:
    """Return the version that a store says it is of, nothing where it says none."""
    found = connection.execute("SELECT version_num FROM alembic_version").fetchone()
    return str(found[0]) if found is not None else ""


def is_current(file: Path) -> bool:
    """Return whether a store is of this program's version; nothing is changed by asking. Raise StoreTrouble where it is none."""
    try:
        with closing(looking(file)) as connection:
            return version_of(connection) == HEAD
    except sqlite3.Error as error:
        raise StoreTrouble(
            tr("The store cannot be read: {error}.", error=error),
            safe=tr("Nothing in it was changed."),
            advice=tr("Bring back a copy: daruma copies."),
        ) from error
