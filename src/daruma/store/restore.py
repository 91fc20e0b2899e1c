"""Restore: a copy put in the store's place, with all that came after it; compared before, changing nothing."""

import shutil
import sqlite3
from collections.abc import Iterator
from contextlib import closing, contextmanager, suppress
from datetime import datetime
from pathlib import Path
from tempfile import TemporaryDirectory

from msgspec import Struct

from daruma.core.language import tr
from daruma.store.copy_files import FOLDER, REPLACED, STAMP, Copy
from daruma.store.database import LOCK, MARKS_RESTORING, RESTORING, Database, finish_restore
from daruma.store.engine import explained
from daruma.store.files import private_folder, settle_folder, write_whole
from daruma.store.locks import FileLock
from daruma.store.mark_lines import line_of
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import NOTES
from daruma.store.merge.context import Carried
from daruma.store.merge.store import carry_over
from daruma.store.night_copy import copy_database, faults_of
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE

STAGE = "restoring"


class Restored(Struct, frozen=True):
    """Hold what a restore did: the copy, where the replaced store went, what was carried over from it."""

    copy: Copy
    replaced: Path
    carried: Carried


def compare(folder: Path, copy: Copy, second: Path | None = None) -> Carried:
    """Return what a restore of a copy would carry over and what differs, changing nothing; the store may be in use."""
    _refuse_faults(copy)
    with explained(), TemporaryDirectory(prefix="comparing-", dir=folder / FOLDER) as aside:
        place = Path(aside)
        (place / FOLDER).mkdir()
        for file in (folder / MARKS, folder / NOTES, *folder.glob(f"{FILE}*")):
            if file.is_file():
                shutil.copyfile(file, place / file.name)
        if (folder / FILE).exists():
            # in use, the file alone may be in the middle of a change; where it is damaged its bytes must do
            with suppress(sqlite3.Error), closing(sqlite3.connect(folder / FILE)) as source:
                whole = place / "whole"
                copy_database(source, whole)
                for file in place.glob(f"{FILE}*"):
                    file.unlink()
                whole.replace(place / FILE)
        return _prepare(place, folder, copy, datetime.now().astimezone(), second)


def restore(folder: Path, copy: Copy, now: datetime, second: Path | None = None) -> Restored:
    """Put a copy in the store's place; nobody may have the store open. `second` is the shop's second place.

    What the replaced store still gives is merged in first, and all that marks and other copies remember: no count falls,
    the further state of a job wins, what was purged stays purged. The replaced store is kept beside the copies.
    """
    _refuse_faults(copy)
    with explained(), _closed(folder):
        carried = _prepare(folder, folder, copy, now, second)
        replaced = _own_place(folder / FOLDER / f"{REPLACED}{now.strftime(STAMP)}")
        _exchange(folder, folder / FOLDER / STAGE / FILE, replaced)
        shutil.rmtree(folder / FOLDER / STAGE)
    return Restored(copy, replaced, carried)


def _refuse_faults(copy: Copy) -> None:
    # a copy of an earlier version has no digests of acts and jobs yet: they come with its migration
    if faults := faults_of(copy.file):
        raise StoreTrouble(
            tr("Copy {copy} does not verify: {name}: {what}.", copy=copy.name, name=faults[0].name, what=faults[0].what),
            safe=tr("The store is left as it is."),
            advice=tr("Choose another copy."),
        )


def _own_place(wanted: Path) -> Path:
    """Return a folder that is not there yet: two restores may be made within a second."""
    place, number = wanted, 1
    while place.exists():
        number += 1
        place = wanted.with_name(f"{wanted.name}-{number}")
    return place


@contextmanager
def _closed(folder: Path) -> Iterator[None]:
    """Keep everybody else from opening the store meanwhile."""
    lock = FileLock(folder / LOCK)
    try:
        if not lock.take(alone=True):
            raise StoreTrouble(
                tr("The store is open in another window or command."),
                safe=tr("It is left as it is."),
                advice=tr("Close every other Daruma on this data folder, then restore again."),
            )
        finish_restore(folder)
        yield
    finally:
        lock.release()


def _prepare(folder: Path, copies: Path, copy: Copy, now: datetime, second: Path | None) -> Carried:
    """Make the store as it will be, in a folder of its own: the copy, brought to this version, and what is carried over.

    The marks that will go with it are laid ready, too. `copies` is the data folder in which other copies lie.
    """
    stage = folder / FOLDER / STAGE
    shutil.rmtree(stage, ignore_errors=True)
    private_folder(stage)
    with closing(sqlite3.connect(copy.file)) as source:
        copy_database(source, stage / FILE)
    database = Database(stage, marked=False)
    try:
        carried, memory = carry_over(folder, copies, database, now, second)
    finally:
        database.close()
    write_whole(folder / MARKS_RESTORING, line_of(memory))
    return carried


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
