"""Copies of the store: made each night while it is in use, and verified."""

import os
import sqlite3
import threading
from collections.abc import Callable
from contextlib import closing, contextmanager
from datetime import datetime
from pathlib import Path

from daruma.core.backup import VaultFault
from daruma.core.language import tr
from daruma.store.copy_files import FOLDER, STAMP, STEM, Copy, copies_of
from daruma.store.database import Database, FileLook
from daruma.store.engine import explained
from daruma.store.files import PRIVATE, private_folder, remove_database, settle_folder
from daruma.store.locks import FileLock
from daruma.store.trouble import StoreTrouble
from daruma.store.vault import Vault
from daruma.store.whole import check_rows

PAGES = 2000  # database pages copied between two reports
_ONE_AT_A_TIME = threading.Lock()
Report = Callable[[float, str], None]


def make_copy(database: Database, now: datetime, report: Report = lambda _, __: None) -> Copy:
    """Copy the store with SQLite's backup while it is in use, verify the copy, and put it with the others.

    Raises StoreTrouble where the copy cannot be made or does not verify; nothing is left of such a copy. Windows and
    commands that copy at the same moment wait for each other.
    """
    with explained():
        private_folder(database.folder / FOLDER)
        with _alone(database.folder / FOLDER):
            turn = 1 + max((copy.turn for copy in copies_of(database.folder)), default=0)
            place = database.folder / FOLDER / f"{STEM}{now.strftime(STAMP)}.{turn:05d}.sqlite3"
            spare = place.with_suffix(".part")
            try:
                with database.reading() as connection:
                    raw = connection.connection.driver_connection
                    assert isinstance(raw, sqlite3.Connection)
                    copy_database(raw, spare, lambda share: report(0.6 * share, "copying"))
                if faults := faults_of(spare, lambda share: report(0.6 + 0.4 * share, tr("verifying the copy"))):
                    raise StoreTrouble(
                        tr("The copy does not verify: {name}: {what}.", name=faults[0].name, what=faults[0].what),
                        safe=tr("The store and the earlier copies are left as they are."),
                        advice=tr("Check the vault: the fault may be in the store itself. Do not let earlier copies go."),
                    )
                spare.replace(place)
            except BaseException:
                remove_database(spare)
                raise
            settle_folder(place.parent)
    report(1.0, "copied")
    return Copy(place, now, place.stat().st_size, turn)


@contextmanager
def _alone(folder: Path):  # type: ignore[no-untyped-def]
    with _ONE_AT_A_TIME:
        lock = FileLock(folder.parent / "copying.lock")
        try:
            lock.wait()
            yield
        finally:
            lock.release()


def faults_of(file: Path, report: Callable[[float], None] = lambda _: None) -> tuple[VaultFault, ...]:
    """Verify a copy's every backup, act and job, its chains and its pages; return what does not verify."""
    database = FileLook(file)
    try:
        vault = Vault(database)
        total = max(1, vault.count())
        seen = vault.check(lambda seen: report(seen / total), whole_store=True)[1]
        return (*seen, *check_rows(database))
    except StoreTrouble as trouble:
        return (VaultFault(file.stem, trouble.what),)
    finally:
        database.close()


def copy_database(source: sqlite3.Connection, place: Path, report: Callable[[float], None] = lambda _: None) -> None:
    """Copy a database that may be in use into a file of its own, and make sure that it is on the disk."""
    remove_database(place)
    place.touch(PRIVATE)
    with closing(sqlite3.connect(place)) as target:
        # inside a transaction the source stands still, so that writers do not make the copy begin anew
        source.execute("BEGIN")
        try:
            source.execute("SELECT count(*) FROM sqlite_master").fetchone()
            source.backup(target, pages=PAGES, progress=lambda _, left, total: report(1 - left / max(1, total)))
        finally:
            source.execute("ROLLBACK")
        # the copy is one file: no log beside it that could get lost
        target.execute("PRAGMA journal_mode = DELETE")
        target.execute("PRAGMA synchronous = FULL")
    with place.open("rb+") as file:
        os.fsync(file.fileno())
