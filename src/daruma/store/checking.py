"""Check a range of the vault; large vaults are checked by two processes at once: `python -m daruma.store.checking`.

Imports nothing but the core's chain, so that a second process is there at once.
"""

import json
import sqlite3
import subprocess
import sys
from collections.abc import Callable, Iterator
from concurrent.futures import ThreadPoolExecutor
from contextlib import closing
from pathlib import Path
from urllib.parse import quote

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.backup import GENESIS, ChainCheck, Kept, VaultFault, name_of
from daruma.core.language import tr
from daruma.store.digests import SENSELESS

COLUMNS = ("model", "layout", "maker", "imei", "job", "die")
# what reading a damaged file raises
DAMAGE = (sqlite3.DatabaseError, UnicodeDecodeError)
AT_ONCE = 2000  # rows between two reports
SHARE = 0.75  # of the backups that this process checks; the other one has the pages to check as well
ALONE = 15_000  # backups that one process checks quickly enough

# in the canonical form these stand side by side: one comparison for each run of them
_TOLD = """
CASE purged WHEN '' THEN cast('","die":' || json_quote(die) || ',"fields":' AS BLOB) END,
CASE purged WHEN '' THEN cast(',"imei":' || json_quote(imei) || ',"job":' || json_quote(job) || ',"layout":' || json_quote(layout)
  || ',"maker":' || json_quote(maker) || ',"model":' || json_quote(model) || ',"note":' AS BLOB) END
"""
# a damaged row may hold a value of another type: that is as wrong as another value, even where its bytes are the same
_TEXTS = ", ".join(f"iif(typeof({name}) = 'text', {name}, '')" for name in ("sha256", "chain"))
_ARRIVED = "iif(typeof(arrived) = 'text', arrived, '?')"
_KEPT = f"SELECT number, {_TEXTS}, iif(typeof(body) = 'blob', body, x''), purged, {_TOLD}, {_ARRIVED}"
_SCAN = f"{_KEPT} FROM backups WHERE number BETWEEN ? AND ? ORDER BY number"
# a range of one would look at the row behind it, which may lie on a damaged page
_ONE = f"{_KEPT} FROM backups WHERE number = ?"
Report = Callable[[int], None]


class Checked(Struct, frozen=True):
    """Hold what a check saw: how many backups, what does not verify, what cannot be read, what the pages say."""

    seen: int
    faults: tuple[VaultFault, ...]
    unreadable: tuple[VaultFault, ...]
    structure: tuple[VaultFault, ...] = ()

    def joined(self, later: "Checked") -> "Checked":
        """Return this and a later range as one."""
        faults, unreadable = self.faults + later.faults, self.unreadable + later.unreadable
        return Checked(self.seen + later.seen, faults, unreadable, self.structure + later.structure)


def check_all(raw: sqlite3.Connection, file: Path, last: int, pages: str, report: Report) -> Checked:
    """Check the backups up to a number and the database's own pages (of a table, or so many faults of all of them).

    Where there are many backups, the pages and the last of them are checked by a process of their own; where there are
    fewer, the pages are checked on a thread beside them.
    """
    if last <= ALONE:
        with ThreadPoolExecutor(1) as beside:
            structure = beside.submit(_pages_of, file, pages)
            seen = check_range(raw, 1, last, report)
        return replace(seen, structure=found if (found := structure.result()) is not None else check_pages(raw, pages))
    mine = int(last * SHARE)
    command = [sys.executable, "-m", "daruma.store.checking", str(file), str(mine + 1), str(last), pages]
    with subprocess.Popen(command, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True) as other:
        first = check_range(raw, 1, mine, lambda seen: report(int(seen / SHARE)))
        said, _ = other.communicate()
    if other.returncode:
        rest = check_range(raw, mine + 1, last, lambda seen: report(mine + seen))
        return first.joined(replace(rest, structure=check_pages(raw, pages)))
    return first.joined(_read(said))


def check_range(raw: sqlite3.Connection, first: int, last: int, report: Report) -> Checked:
    """Check the backups of a range of numbers."""
    check = ChainCheck(_columns_agree(raw), _link_before(raw, first), first)
    unreadable: list[VaultFault] = []
    for rows in _pieces(raw, first, last, unreadable):
        check.feed(rows)
        report(check.seen)
    faults = tuple(check.faults)
    if unreadable:
        # what cannot be read also breaks the row of those behind it: named once is enough
        faults = tuple(fault for fault in faults if not fault.gap)
    return Checked(check.seen, faults, tuple(unreadable))


def _link_before(raw: sqlite3.Connection, first: int) -> str:
    if first == 1:
        return GENESIS
    try:
        row = raw.execute("SELECT cast(chain AS TEXT) FROM backups WHERE number = ?", (first - 1,)).fetchone()
    except DAMAGE:
        row = None
    return str(row[0]) if row else ""


def _pieces(raw: sqlite3.Connection, first: int, last: int, unreadable: list[VaultFault]) -> Iterator[list[Kept]]:
    """Yield every backup that can be read; where a page is damaged go on one by one and name what cannot be read."""
    done = first - 1
    scan, one = _of_version(raw, _SCAN), _of_version(raw, _ONE)
    try:
        cursor = raw.execute(scan, (first, last))
        while rows := cursor.fetchmany(AT_ONCE):
            done = rows[-1][0]
            yield rows
        return
    except DAMAGE:
        pass
    for number in range(done + 1, last + 1):
        try:
            rows = raw.execute(one, (number,)).fetchall()
        except DAMAGE:
            rows = []
        if rows:
            yield rows
        else:
            unreadable.append(VaultFault(name_of(number), tr("it cannot be read from the file")))


def _of_version(raw: sqlite3.Connection, query: str) -> str:
    """Return a query as the file's version answers it: copies made before imports were marked have no such column."""
    try:
        names = {row[1] for row in raw.execute("PRAGMA table_info(backups)")}
    except DAMAGE:
        return query
    return query if "arrived" in names or not names else query.replace(_ARRIVED, "''")


def _columns_agree(raw: sqlite3.Connection) -> Callable[[Kept], bool]:
    """Return how to compare columns and body by their meaning, for texts that JSON may write in several ways."""

    def agree(row: Kept) -> bool:
        told = raw.execute(f"SELECT {', '.join(COLUMNS)} FROM backups WHERE number = ?", (row[0],)).fetchone()
        try:
            plain = json.loads(row[3])
            return tuple(plain[name] for name in COLUMNS) == tuple(told)
        except SENSELESS:
            return False

    return agree


def check_pages(raw: sqlite3.Connection, what: str) -> tuple[VaultFault, ...]:
    """Return what the database says against its own pages and indexes: of one table, or as many lines of all of them."""
    try:
        said = [str(row[0]) for row in raw.execute(f"PRAGMA integrity_check({what})")]
    except DAMAGE as error:
        said = [str(error)]
    return tuple(VaultFault(tr("the store"), line.replace("\n", " ")) for line in said if line != "ok")


def _pages_of(file: Path, pages: str) -> tuple[VaultFault, ...] | None:
    """Return what a connection of its own says of the pages; None where there can be none, as on some media."""
    try:
        with closing(sqlite3.connect(_address(file), uri=True)) as raw:
            raw.execute("SELECT count(*) FROM sqlite_master").fetchone()
            return check_pages(raw, pages)
    except DAMAGE:
        return None


def _address(file: Path | str) -> str:
    return f"file:{quote(str(Path(file).absolute()))}?mode=ro"


def _read(said: str) -> Checked:
    seen, *lists = json.loads(said)
    faults, unreadable, structure = (tuple(VaultFault(name, what) for name, what in each) for each in lists)
    return Checked(seen, faults, unreadable, structure)


def main() -> None:
    """Check FILE from FIRST to LAST, and its PAGES; print what was seen as JSON."""
    file, first, last, pages = sys.argv[1:5]
    with closing(sqlite3.connect(_address(file), uri=True)) as raw:
        done = check_range(raw, int(first), int(last), lambda _: None)
        lists = (done.faults, done.unreadable, check_pages(raw, pages))
    print(json.dumps([done.seen, *([[fault.name, fault.what] for fault in each] for each in lists)]))


if __name__ == "__main__":
    main()
