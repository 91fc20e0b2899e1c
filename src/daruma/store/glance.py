"""A first glance at the jobs: by the standard library alone, while what the store is opened with is still to be loaded."""

import logging
import sqlite3
from contextlib import closing
from pathlib import Path

from daruma.core.job import Job
from daruma.store.bodies import job_of
from daruma.store.linked import Series
from daruma.store.version import FILE, HEAD, looking, version_of

log = logging.getLogger("daruma.glance")
RECENT = 60  # closed jobs that stay on view
PATIENCE = 0.2  # seconds that another may hold the store
_ON_VIEW = """
SELECT * FROM jobs WHERE closed = '' OR number IN (SELECT number FROM jobs WHERE closed > '' ORDER BY closed DESC LIMIT ?)
ORDER BY number
"""
_SERIES = "SELECT link, before, body FROM series WHERE job = ?"


def glance(folder: Path) -> tuple[Job, ...]:
    """Return the jobs on view as they lie in a data folder, oldest first; none where only opening the store can tell.

    Nothing is locked, migrated, compared or changed: what is seen counts only until the store is open.
    """
    file = folder / FILE
    if not file.is_file() or file.is_symlink():
        return ()
    try:
        with closing(looking(file, PATIENCE)) as connection:
            return _jobs(connection) if version_of(connection) == HEAD else ()
    except (sqlite3.Error, UnicodeDecodeError) as error:
        log.info("%s: %s", file, error)
        return ()


def _jobs(connection: sqlite3.Connection) -> tuple[Job, ...]:
    def series(uid: str) -> Series:
        return Series({link: (before, body) for link, before, body in connection.execute(_SERIES, (uid,))})

    connection.row_factory = sqlite3.Row
    rows = connection.execute(_ON_VIEW, (RECENT,)).fetchall()
    return tuple(job for row in rows if (job := job_of(row, series)) is not None)
