"""Bring a database file to this version's tables."""

import sqlite3

from sqlalchemy import Engine, text

from daruma.core.language import tr
from daruma.store.schema import metadata
from daruma.store.trouble import StoreTrouble
from daruma.store.version import EARLIER, HEAD


def upgrade(engine: Engine, *, read_only: bool) -> bool:
    """Bring a file to this version and return whether it had no tables yet; raise StoreTrouble where that does not go."""
    with engine.connect() as connection:
        known = connection.execute(text("SELECT 1 FROM sqlite_master WHERE name = 'alembic_version'")).first()
        current = connection.execute(text("SELECT version_num FROM alembic_version")).scalar() if known else None
    if current == HEAD:
        return False
    if known and (current in EARLIER or not str(current).isdigit()) and _is_up_to_date(engine):
        if not read_only:
            _mend_version(engine)
        return False
    if known and current not in EARLIER:
        raise StoreTrouble(
            tr("This data folder was made by a newer Daruma, or its mark of the version is damaged."),
            safe=tr("Nothing in it was changed."),
            advice=tr("Open it with that version, or bring back a copy: daruma copies."),
        )
    if read_only:
        raise StoreTrouble(
            tr("The data folder is of an older version and read-only."),
            safe=tr("Nothing in it was changed."),
            advice=tr("Copy it to a place that can be written, and open it there."),
        )
    _migrate(engine)
    return not known


def _migrate(engine: Engine) -> None:
    # alembic is slow to import and needed only for a new or older file
    from alembic import command
    from alembic.config import Config

    config = Config()
    config.set_main_option("script_location", "daruma.store:migrations")
    config.set_main_option("path_separator", "os")
    with engine.connect() as connection:
        # two windows may start at once on an older file: the second waits here and then finds it done
        connection.execute(text("BEGIN IMMEDIATE"))
        config.attributes["connection"] = connection
        command.upgrade(config, "head")
        connection.commit()


def _is_up_to_date(engine: Engine) -> bool:
    with engine.connect() as connection:
        raw = connection.connection.driver_connection
        assert isinstance(raw, sqlite3.Connection)
        return up_to_date(raw)


def _mend_version(engine: Engine) -> None:
    """Set a damaged mark of the version right: the tables themselves are today's."""
    with engine.connect() as connection:
        connection.execute(text("UPDATE alembic_version SET version_num = :head"), {"head": HEAD})
        connection.commit()


def up_to_date(raw: sqlite3.Connection) -> bool:
    """Return whether the tables are made as today's version makes them, whatever the file's mark says."""
    return all(columns_of(raw, table.name) == {column.name for column in table.columns} for table in metadata.tables.values())


def columns_of(raw: sqlite3.Connection, table: str) -> set[str]:
    """Return the names of a table's columns; none where they cannot be read."""
    try:
        return {str(row[1]) for row in raw.execute(f"PRAGMA table_info({table})")}
    except sqlite3.DatabaseError:
        return set()
