"""A replaced store, read row by row for what it still gives."""

import logging
import sqlite3
from contextlib import closing, suppress
from pathlib import Path
from tempfile import TemporaryDirectory
from urllib.parse import quote

from daruma.core.errors import Trouble
from daruma.store.checking import DAMAGE
from daruma.store.database import Database
from daruma.store.digests import SENSELESS
from daruma.store.version import FILE, HEAD

log = logging.getLogger("daruma.store")


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
