"""A replaced store, read row by row for what it still gives."""

import logging
import sqlite3
from collections.abc import Iterator
from contextlib import closing, suppress
from pathlib import Path
from tempfile import TemporaryDirectory
from typing import Any
from urllib.parse import quote

from daruma.core.errors import Trouble
from daruma.store.checking import DAMAGE
from daruma.store.database import Database
from daruma.store.digests import SENSELESS
from daruma.store.version import FILE, HEAD

log = logging.getLogger("daruma.store")
Row = dict[str, Any]
MOST_ROWS = 1_000_000  # looked for one by one in a damaged table


class OldStore:
    """Open the replaced store for reading, brought to this version where it can be."""

    def __init__(self, file: Path) -> None:
        self.file = file
        self.raw: sqlite3.Connection | None = None
        self._aside: TemporaryDirectory[str] | None = None

    def __enter__(self) -> sqlite3.Connection | None:
        if not self.file.exists() or not self.file.stat().st_size:
            return None
        self.raw = self._opened()
        with suppress(*DAMAGE):
            # the log belongs to the old store: brought into its file before that is moved away
            self.raw.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        if self._version() not in (HEAD, ""):
            try:
                self.raw = self._migrated(self.raw)
            except (Trouble, *DAMAGE, *SENSELESS) as error:
                # of a newer version, or its mark of the version is damaged: what can be read as it lies is not given up
                log.info("%s: %s", self.file, error)
                self.raw = self._opened()
        self.raw.row_factory = sqlite3.Row
        return self.raw

    def _opened(self) -> sqlite3.Connection:
        return sqlite3.connect(f"file:{quote(str(self.file.absolute()))}?mode=rw", uri=True)

    def _version(self) -> str:
        assert self.raw is not None
        try:
            row = self.raw.execute("SELECT version_num FROM alembic_version").fetchone()
        except DAMAGE:
            return ""
        return str(row[0]) if row else ""

    def _migrated(self, raw: sqlite3.Connection) -> sqlite3.Connection:
        """Read a store of an earlier version from a copy that is migrated aside; the old one stays as it is."""
        self._aside = TemporaryDirectory(prefix="daruma-")
        place = Path(self._aside.name)
        with closing(raw), closing(sqlite3.connect(place / FILE)) as target:
            raw.backup(target)
        Database(place, marked=False).close()
        return sqlite3.connect(place / FILE)

    def __exit__(self, *_: object) -> None:
        if self.raw is not None:
            self.raw.close()
        if self._aside is not None:
            self._aside.cleanup()


def text_of(value: object) -> str:
    """Return a value that should be a text, empty where it is none."""
    return value if isinstance(value, str) else ""


def blob_of(value: object) -> bytes:
    """Return a value that should be bytes, none where it is something else."""
    return value if isinstance(value, bytes) else b""


def each_row(old: sqlite3.Connection, table: str, names: list[str]) -> Iterator[tuple[int, Row | None]]:
    """Yield a table's rows with their numbers, in order; None for one that cannot be read. A table that is not there, or
    whose end cannot be found, yields nothing; of one that is damaged so many rows are looked for, whatever it says of its end.
    """
    query, last = f"SELECT rowid, {', '.join(names)} FROM {table}", 0
    try:
        for rowid, *row in (tuple(found) for found in old.execute(f"{query} ORDER BY rowid")):
            last = rowid
            yield rowid, dict(zip(names, row, strict=True))
        return
    except DAMAGE:
        most = _most(old, table)
    for number in range(last + 1, min(most, last + MOST_ROWS) + 1):
        try:
            found = old.execute(f"{query} WHERE rowid = ?", (number,)).fetchone()
        except DAMAGE:
            yield number, None
            continue
        if found is not None:
            yield number, dict(zip(names, tuple(found)[1:], strict=True))


def _most(old: sqlite3.Connection, table: str) -> int:
    try:
        return int(old.execute(f"SELECT coalesce(max(rowid), 0) FROM {table}").fetchone()[0])
    except DAMAGE:
        return 0
