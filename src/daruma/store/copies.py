"""Copies of the store: made each night, verified, kept in a rotation; and brought back."""

import os
import shutil
import sqlite3
import threading
from collections.abc import Callable, Iterable, Sequence
from contextlib import closing, contextmanager, suppress
from datetime import date, datetime, time, timedelta
from pathlib import Path
from tempfile import TemporaryDirectory
from urllib.parse import quote

from msgspec import Struct

from daruma.core.backup import VaultFault
from daruma.core.language import tr
from daruma.store.carrying import Carried, carry_over
from daruma.store.database import COPIES as FOLDER
from daruma.store.database import LOCK, MARKS_RESTORING, RESTORING, Database, FileLook, finish_restore
from daruma.store.engine import explained
from daruma.store.files import PRIVATE, private_folder, settle_folder, write_whole
from daruma.store.heads import CHAINED
from daruma.store.locks import FileLock
from daruma.store.losses import Held
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import line_of
from daruma.store.trouble import StoreTrouble
from daruma.store.vault import Vault
from daruma.store.version import FILE
from daruma.store.whole import check_rows

STAGE = "restoring"
DAYS, WEEKS = 14, 8  # the newest copy of each of so many days, then of so many weeks
NIGHT = time(3)  # a copy made after this hour of a day is that day's copy
PAGES = 2000  # database pages copied between two reports
LONGEST_GAP = 7  # days that can lie between two copies: more is a clock that was set, or a shop that was closed
_STEM, _STAMP = "daruma-", "%Y%m%d-%H%M%S"
_ONE_AT_A_TIME = threading.Lock()
Report = Callable[[float, str], None]


class Copy(Struct, frozen=True):
    """Hold one copy: its file, when it was made by the clock, how large it is, its place in the order of copies."""

    file: Path
    made: datetime
    size: int
    turn: int = 0

    @property
    def name(self) -> str:
        """Return the copy's name as it is written."""
        return self.file.stem

    @property
    def order(self) -> tuple[int, datetime]:
        """Return what a later copy has more of: the clock tells only where the copies' own order does not."""
        return self.turn, self.made


def copies_of(folder: Path) -> tuple[Copy, ...]:
    """Return the copies in a data folder, newest first."""
    found = []
    for file in (folder / FOLDER).glob(f"{_STEM}*.sqlite3"):
        stamp, _, turn = file.stem.removeprefix(_STEM).partition(".")
        with suppress(ValueError, OSError):
            made = datetime.strptime(stamp, _STAMP).astimezone()
            found.append(Copy(file, made, file.stat().st_size, int(turn or 0)))
    return tuple(sorted(found, key=lambda copy: copy.order, reverse=True))


def copy_named(folder: Path, name: str) -> Copy:
    """Return a copy by its name; raise StoreTrouble where there is none."""
    for copy in copies_of(folder):
        if copy.name == name:
            return copy
    raise StoreTrouble(
        tr("There is no copy {name}.", name=name),
        safe=tr("Nothing was changed."),
        advice=tr("daruma copies list shows what there is."),
    )


def is_due(copies: Iterable[Copy], now: datetime) -> bool:
    """Return whether the night's copy is still to be made; one dated ahead of now tells nothing."""
    night = datetime.combine(now.date(), NIGHT, now.tzinfo)
    night -= timedelta(days=1 if now < night else 0)
    return not any(night <= copy.made <= now for copy in copies)


def make_copy(database: Database, now: datetime, report: Report = lambda _, __: None) -> Copy:
    """Copy the store with SQLite's backup while it is in use, verify the copy, and put it with the others.

    Raises StoreTrouble where the copy cannot be made or does not verify; nothing is left of such a copy. Windows and
    commands that copy at the same moment wait for each other.
    """
    with explained():
        private_folder(database.folder / FOLDER)
        with _alone(database.folder / FOLDER):
            turn = 1 + max((copy.turn for copy in copies_of(database.folder)), default=0)
            place = database.folder / FOLDER / f"{_STEM}{now.strftime(_STAMP)}.{turn:05d}.sqlite3"
            spare = place.with_suffix(".part")
            try:
                with database.reading() as connection:
                    raw = connection.connection.driver_connection
                    assert isinstance(raw, sqlite3.Connection)
                    _copied(raw, spare, lambda share: report(0.6 * share, "copying"))
                if faults := faults_of(spare, lambda share: report(0.6 + 0.4 * share, tr("verifying the copy"))):
                    raise StoreTrouble(
                        tr("The copy does not verify: {name}: {what}.", name=faults[0].name, what=faults[0].what),
                        safe=tr("The store and the earlier copies are left as they are."),
                        advice=tr("Check the vault: the fault may be in the store itself. Do not let earlier copies go."),
                    )
                spare.replace(place)
            except BaseException:
                _remove(spare)
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


def outdated(copies: Iterable[Copy], today: date, irreplaceable: Iterable[Copy] = ()) -> tuple[Copy, ...]:
    """Return the copies that the rotation lets go; the newest copy of all and the irreplaceable ones always stay.

    A copy's age is the sum of the gaps between it and today in the copies' own order, each of at most a week: a clock
    that was set a year ahead makes none of them old.
    """
    newest_first = sorted(copies, key=lambda copy: copy.order, reverse=True)
    kept: dict[object, Copy] = {}
    age, later = 0, today
    for copy in newest_first:
        day = copy.made.date()
        age += min(max(0, (later - day).days), LONGEST_GAP)
        later = day
        if age < DAYS:
            kept.setdefault(("day", age), copy)
        elif age < DAYS + 7 * WEEKS:
            kept.setdefault(("week", (age - DAYS) // 7), copy)
    stay = {copy.file for copy in (*kept.values(), *newest_first[:1], *irreplaceable)}
    return tuple(copy for copy in newest_first if copy.file not in stay)


def rotate(database: Database, today: date) -> tuple[Copy, ...]:
    """Remove the copies that the rotation lets go; return them. The last copy that holds more than the store stays."""
    copies = copies_of(database.folder)
    gone = outdated(copies, today, _holding_more(database, copies))
    with explained():
        for copy in gone:
            _remove(copy.file)
    return gone


def _holding_more(database: Database, copies: Sequence[Copy]) -> tuple[Copy, ...]:
    """Return the newest copy of each course that the store does not contain."""
    kept: list[Copy] = []
    with database.reading() as connection:
        raw = connection.connection.driver_connection
        assert isinstance(raw, sqlite3.Connection)
        for copy in copies:
            heads = _heads(copy.file)
            if heads is None or _contains(raw, heads):
                continue
            if not any(_file_contains(other.file, heads) for other in kept):
                kept.append(copy)
    return tuple(kept)


def _heads(file: Path) -> dict[str, tuple[int, str]] | None:
    """Return number and link of the newest row of each chain in a file, None where it cannot be read."""
    try:
        with closing(_looked_at(file)) as raw:
            found = {}
            for table in CHAINED:
                names = {row[1] for row in raw.execute(f"PRAGMA table_info({table})")}
                link = "chain" if "chain" in names else "''"
                row = raw.execute(f"SELECT number, {link} FROM {table} ORDER BY number DESC LIMIT 1").fetchone()
                found[table] = (int(row[0]), str(row[1])) if row else (0, "")
            return found
    except (sqlite3.Error, UnicodeDecodeError):
        return None


def _contains(raw: sqlite3.Connection, heads: dict[str, tuple[int, str]]) -> bool:
    for table, (number, link) in heads.items():
        try:
            row = raw.execute(f"SELECT chain FROM {table} WHERE number = ?", (number,)).fetchone()
        except (sqlite3.Error, UnicodeDecodeError):
            return False
        # a copy of an earlier version has no links of acts: there its count must do
        if number and (row is None or (link and row[0] != link)):
            return False
    return True


def _file_contains(file: Path, heads: dict[str, tuple[int, str]]) -> bool:
    try:
        with closing(_looked_at(file)) as raw:
            return _contains(raw, heads)
    except sqlite3.Error:
        return False


def _looked_at(file: Path) -> sqlite3.Connection:
    return sqlite3.connect(f"file:{quote(str(file.absolute()))}?mode=ro&immutable=1", uri=True)


def held_by(folder: Path) -> tuple[Held, ...]:
    """Return how much each copy of a data folder holds, newest first."""
    found = []
    for copy in copies_of(folder):
        heads = _heads(copy.file)
        if heads is not None:
            with suppress(sqlite3.Error), closing(_looked_at(copy.file)) as raw:
                jobs = int(raw.execute("SELECT count(*) FROM jobs").fetchone()[0])
                found.append(Held(copy.name, {**{table: number for table, (number, _) in heads.items()}, "jobs": jobs}))
    return tuple(found)


class Restored(Struct, frozen=True):
    """Hold what a restore did: the copy, where the replaced store went, what was carried over from it."""

    copy: Copy
    replaced: Path
    carried: Carried


def compare(folder: Path, copy: Copy) -> Carried:
    """Return what a restore of a copy would carry over and what differs, changing nothing; the store may be in use."""
    _refuse_faults(copy)
    with explained(), TemporaryDirectory(prefix="comparing-", dir=folder / FOLDER) as aside:
        place = Path(aside)
        (place / FOLDER).mkdir()
        for file in (folder / MARKS, *folder.glob(f"{FILE}*")):
            if file.is_file():
                shutil.copyfile(file, place / file.name)
        if (folder / FILE).exists():
            # in use, the file alone may be in the middle of a change; where it is damaged its bytes must do
            with suppress(sqlite3.Error), closing(sqlite3.connect(folder / FILE)) as source:
                whole = place / "whole"
                _copied(source, whole)
                for file in place.glob(f"{FILE}*"):
                    file.unlink()
                whole.replace(place / FILE)
        return _prepare(place, copy, datetime.now().astimezone())


def restore(folder: Path, copy: Copy, now: datetime) -> Restored:
    """Put a copy in the store's place; nobody may have the store open.

    What the replaced store still gives is merged in first: no count falls, the further state of a job wins, what was
    purged stays purged. The replaced store is kept beside the copies.
    """
    _refuse_faults(copy)
    with explained(), _closed(folder):
        carried = _prepare(folder, copy, now)
        replaced = folder / FOLDER / f"replaced-{now.strftime(_STAMP)}"
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


@contextmanager
def _closed(folder: Path):  # type: ignore[no-untyped-def]
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


def _prepare(folder: Path, copy: Copy, now: datetime) -> Carried:
    """Make the store as it will be, in a folder of its own: the copy, brought to this version, and what is carried over.

    The marks that will go with it are laid ready, too.
    """
    stage = folder / FOLDER / STAGE
    shutil.rmtree(stage, ignore_errors=True)
    private_folder(stage)
    with closing(sqlite3.connect(copy.file)) as source:
        _copied(source, stage / FILE)
    database = Database(stage, marked=False)
    try:
        carried, marked = carry_over(folder, database, now)
    finally:
        database.close()
    write_whole(folder / MARKS_RESTORING, line_of(marked))
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
