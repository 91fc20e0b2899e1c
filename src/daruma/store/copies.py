"""Copies of the store: made each night, verified, kept in a rotation; and brought back."""

import os
import shutil
import sqlite3
from collections.abc import Callable, Iterable
from contextlib import closing, suppress
from dataclasses import dataclass
from datetime import date, datetime, time, timedelta
from pathlib import Path

from daruma.core.backup import VaultFault
from daruma.store.carrying import carry_over
from daruma.store.database import FILE, LOCK, RESTORING, Database, FileLook, StoreTrouble, explained, finish_restore
from daruma.store.files import PRIVATE, private_folder, settle_folder
from daruma.store.locks import FileLock
from daruma.store.vault import Vault

FOLDER, STAGE = "copies", "restoring"
DAYS, WEEKS = 14, 8  # the newest copy of each of so many days, then of so many weeks
NIGHT = time(3)  # a copy made after this hour of a day is that day's copy
PAGES = 2000  # database pages copied between two reports
_STEM, _STAMP = "daruma-", "%Y%m%d-%H%M%S"
Report = Callable[[float, str], None]


@dataclass(frozen=True, slots=True)
class Copy:
    """Hold one copy: its file, when it was made, how large it is."""

    file: Path
    made: datetime
    size: int

    @property
    def name(self) -> str:
        """Return the copy's name as it is written."""
        return self.file.stem


def copies_of(folder: Path) -> tuple[Copy, ...]:
    """Return the copies in a data folder, newest first."""
    found = []
    for file in (folder / FOLDER).glob(f"{_STEM}*.sqlite3"):
        with suppress(ValueError, OSError):
            made = datetime.strptime(file.stem, _STEM + _STAMP).astimezone()
            found.append(Copy(file, made, file.stat().st_size))
    return tuple(sorted(found, key=lambda copy: copy.made, reverse=True))


def copy_named(folder: Path, name: str) -> Copy:
    """Return a copy by its name; raise StoreTrouble where there is none."""
    for copy in copies_of(folder):
        if copy.name == name:
            return copy
    raise StoreTrouble(f"There is no copy {name}.", safe="Nothing was changed.", advice="daruma copies list shows what there is.")


def is_due(copies: Iterable[Copy], now: datetime) -> bool:
    """Return whether the night's copy is still to be made."""
    night = datetime.combine(now.date(), NIGHT, now.tzinfo)
    night -= timedelta(days=1 if now < night else 0)
    return all(copy.made < night for copy in copies)


def make_copy(database: Database, now: datetime, report: Report = lambda _, __: None) -> Copy:
    """Copy the store with SQLite's backup while it is in use, verify the copy, and put it with the others.

    Raises StoreTrouble where the copy cannot be made or does not verify; nothing is left of such a copy.
    """
    with explained():
        private_folder(database.folder / FOLDER)
        place = database.folder / FOLDER / f"{_STEM}{now.strftime(_STAMP)}.sqlite3"
        spare = place.with_suffix(".part")
        try:
            with database.reading() as connection:
                raw = connection.connection.driver_connection
                assert isinstance(raw, sqlite3.Connection)
                _copied(raw, spare, lambda share: report(0.6 * share, "copying"))
            if faults := faults_of(spare, lambda share: report(0.6 + 0.4 * share, "verifying the copy")):
                raise StoreTrouble(
                    f"The copy does not verify: {faults[0].name}: {faults[0].what}.",
                    safe="The store and the earlier copies are left as they are.",
                    advice="Check the vault: the fault may be in the store itself. Do not let earlier copies go.",
                )
            spare.replace(place)
        except BaseException:
            _remove(spare)
            raise
        settle_folder(place.parent)
    report(1.0, "copied")
    return Copy(place, now, place.stat().st_size)


def faults_of(file: Path, report: Callable[[float], None] = lambda _: None) -> tuple[VaultFault, ...]:
    """Verify a copy's every backup, its chain and its pages; return what does not verify."""
    database = FileLook(file)
    try:
        vault = Vault(database)
        total = max(1, vault.count())
        return vault.check(lambda seen: report(seen / total), whole_store=True)[1]
    except StoreTrouble as trouble:
        return (VaultFault(file.stem, trouble.what),)
    finally:
        database.close()


def outdated(copies: Iterable[Copy], today: date) -> tuple[Copy, ...]:
    """Return the copies that the rotation lets go; the newest copy of all always stays."""
    by_age = sorted(copies, key=lambda copy: copy.made, reverse=True)
    kept: dict[object, Copy] = {}
    for copy in by_age:
        age = (today - copy.made.date()).days
        if age < DAYS:
            kept.setdefault(copy.made.date(), copy)
        elif age < DAYS + 7 * WEEKS:
            kept.setdefault(copy.made.isocalendar()[:2], copy)
    stay = {copy.file for copy in (*kept.values(), *by_age[:1])}
    return tuple(copy for copy in by_age if copy.file not in stay)


def rotate(folder: Path, today: date) -> tuple[Copy, ...]:
    """Remove the copies that the rotation lets go; return them."""
    gone = outdated(copies_of(folder), today)
    with explained():
        for copy in gone:
            _remove(copy.file)
    return gone


@dataclass(frozen=True, slots=True)
class Restored:
    """Hold what a restore did: the copy, where the replaced store went, what was carried over from it."""

    copy: Copy
    replaced: Path
    backups: int
    acts: int
    jobs: int


def restore(folder: Path, copy: Copy, now: datetime) -> Restored:
    """Put a copy in the store's place; nobody may have the store open.

    What the replaced store still gives of backups, acts and jobs made after the copy is carried over first: a restore
    takes back no write that was counted. The replaced store is kept beside the copies.
    """
    if faults := faults_of(copy.file):
        raise StoreTrouble(
            f"Copy {copy.name} does not verify: {faults[0].name}: {faults[0].what}.",
            safe="The store is left as it is.",
            advice="Choose another copy.",
        )
    with explained():
        lock = FileLock(folder / LOCK)
        try:
            if not lock.take(alone=True):
                raise StoreTrouble(
                    "The store is open in another window or command.",
                    safe="It is left as it is.",
                    advice="Close every other Daruma on this data folder, then restore again.",
                )
            finish_restore(folder)
            carried = _prepare(folder, copy)
            replaced = folder / FOLDER / f"replaced-{now.strftime(_STAMP)}"
            _exchange(folder, folder / FOLDER / STAGE / FILE, replaced)
            shutil.rmtree(folder / FOLDER / STAGE)
        finally:
            lock.release()
    return Restored(copy, replaced, *carried)


def _prepare(folder: Path, copy: Copy) -> tuple[int, int, int]:
    """Make the store as it will be, in a folder of its own: the copy, brought to this version, and what is carried over."""
    stage = folder / FOLDER / STAGE
    shutil.rmtree(stage, ignore_errors=True)
    private_folder(stage)
    with closing(sqlite3.connect(copy.file)) as source:
        _copied(source, stage / FILE)
    database = Database(stage)
    try:
        return carry_over(folder / FILE, database)
    finally:
        database.close()


def _exchange(folder: Path, spare: Path, replaced: Path) -> None:
    """Put a ready file in the store's place by moves alone; opening the store finishes what a kill cuts off here."""
    private_folder(replaced)
    spare.replace(folder / RESTORING)
    settle_folder(folder)
    if (folder / FILE).exists():
        (folder / FILE).replace(replaced / FILE)
    finish_restore(folder)
    for log in folder.glob(f"{FILE}-*.replaced"):
        log.replace(replaced / log.name.removesuffix(".replaced"))
    settle_folder(replaced)


def _copied(source: sqlite3.Connection, place: Path, report: Callable[[float], None] = lambda _: None) -> None:
    _remove(place)
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


def _remove(file: Path) -> None:
    for ending in ("", "-journal", "-wal", "-shm"):
        file.with_name(file.name + ending).unlink(missing_ok=True)
