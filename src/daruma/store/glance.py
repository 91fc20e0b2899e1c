"""A first glance at jobs and shelf: by the standard library alone, while what the store is opened with is still to be loaded."""

import logging
import sqlite3
from contextlib import closing
from pathlib import Path

from msgspec import Struct

from daruma.core.job import Job
from daruma.core.shelf import ShelfPart
from daruma.store.bodies import job_of, shelf_part_of
from daruma.store.digests import JOB, SHELF
from daruma.store.linked import Series
from daruma.store.version import FILE, HEAD, looking, version_of

log = logging.getLogger("daruma.glance")
RECENT = 60  # closed jobs that stay on view
PATIENCE = 0.2  # seconds that another may hold the store
# columns by their names: a table that lacks one is no store to look at
_ON_VIEW = f"""
SELECT {", ".join(JOB)}, sha256 FROM jobs WHERE closed = '' OR number IN (
  SELECT number FROM jobs WHERE closed > '' ORDER BY closed DESC LIMIT ?
) ORDER BY number
"""
_SHELF = f"SELECT {', '.join(SHELF)}, sha256 FROM shelf ORDER BY die"
_SERIES = "SELECT link, before, body FROM series WHERE job = ?"


class Glance(Struct, frozen=True):
    """Hold the jobs on view, oldest first, and the parts of the shelf, as far as they are as they were kept."""

    jobs: tuple[Job, ...] = ()
    shelf: tuple[ShelfPart, ...] = ()


def glance(folder: Path) -> Glance:
    """Return what lies in a data folder; nothing where only opening the store can tell.

    Nothing is locked, migrated, compared or changed: what is seen counts only until the store is open.
    """
    file = folder / FILE
    if not file.is_file() or file.is_symlink():
        return Glance()
    try:
        with closing(looking(file, PATIENCE)) as connection:
            return _seen(connection) if version_of(connection) == HEAD else Glance()
    except (sqlite3.Error, UnicodeDecodeError) as error:
        log.info("%s: %s", file, error)
        return Glance()


def _seen(connection: sqlite3.Connection) -> Glance:
    def series(uid: str) -> Series:
        return Series({link: (before, body) for link, before, body in connection.execute(_SERIES, (uid,))})

    connection.row_factory = sqlite3.Row
    rows = connection.execute(_ON_VIEW, (RECENT,)).fetchall()
    jobs = tuple(job for row in rows if (job := job_of(row, series)) is not None)
    return Glance(jobs, tuple(part for row in connection.execute(_SHELF) if (part := shelf_part_of(row)) is not None))
