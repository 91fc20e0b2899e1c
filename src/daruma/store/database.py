"""The database file: opened private, migrated, in WAL mode with foreign keys on."""

import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

from sqlalchemy import Connection, Engine, create_engine, event, text
from sqlalchemy.exc import DBAPIError

from daruma.core.errors import Trouble

HEAD = "0001"
FILE = "daruma.sqlite3"


class StoreTrouble(Trouble):
    """Report that the store cannot keep or give data."""


class Database:
    """Hold one engine on one data folder; safe to use from several threads."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        with _explained():
            folder.mkdir(parents=True, exist_ok=True, mode=0o700)
            self.file = folder / FILE
            descriptor = os.open(self.file, os.O_CREAT | os.O_RDWR, 0o600)
            os.close(descriptor)
            self._engine = _engine(self.file)
            self._migrate()

    def close(self) -> None:
        """Close every connection."""
        self._engine.dispose()

    @contextmanager
    def reading(self) -> Iterator[Connection]:
        """Give a connection for reading."""
        with _explained(), self._engine.connect() as connection:
            yield connection

    @contextmanager
    def writing(self) -> Iterator[Connection]:
        """Give a connection in a transaction: all of it is kept, or nothing."""
        with _explained(), self._engine.connect() as connection:
            connection.execute(text("BEGIN IMMEDIATE"))
            try:
                yield connection
                connection.commit()
            except BaseException:
                connection.rollback()
                raise

    def _migrate(self) -> None:
        with self._engine.connect() as connection:
            known = connection.execute(text("SELECT 1 FROM sqlite_master WHERE name = 'alembic_version'")).first()
            current = connection.execute(text("SELECT version_num FROM alembic_version")).scalar() if known else None
        if current == HEAD:
            return
        # alembic is slow to import and needed only for a new or older file
        from alembic import command
        from alembic.config import Config

        config = Config()
        config.set_main_option("script_location", "daruma.store:migrations")
        config.set_main_option("path_separator", "os")
        with self._engine.begin() as connection:
            config.attributes["connection"] = connection
            command.upgrade(config, "head")


def _engine(file: Path) -> Engine:
    engine = create_engine(f"sqlite:///{file}", connect_args={"timeout": 10, "check_same_thread": False})

    @event.listens_for(engine, "connect")
    def prepare(connection: sqlite3.Connection, _: Any) -> None:
        # transactions are begun by hand: a write must take its lock before it reads
        connection.isolation_level = None
        for pragma in ("journal_mode=WAL", "foreign_keys=ON", "synchronous=FULL"):
            connection.execute(f"PRAGMA {pragma}")

    return engine


@contextmanager
def _explained() -> Iterator[None]:
    try:
        yield
    except DBAPIError as error:
        raise StoreTrouble(
            f"The store could not be used: {error.orig}.",
            safe="What was kept before is safe; nothing was kept by half.",
            advice="Check free space and access rights of the data folder, then try again.",
        ) from error
    except OSError as error:
        raise StoreTrouble(
            f"The data folder could not be used: {error.strerror}.",
            safe="What was kept before is safe; nothing was kept by half.",
            advice="Check free space and access rights of the data folder, then try again.",
        ) from error
