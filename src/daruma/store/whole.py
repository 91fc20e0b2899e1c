"""Check what is not a backup: every act, settlement, job and part of the shelf against its digest, the journal's chains,
the acts in doubt, and the marks.
"""

import sqlite3
from collections.abc import Callable, Iterator
from typing import Any

from daruma.core.backup import VaultFault
from daruma.core.job import job_name
from daruma.store.checking import AT_ONCE, DAMAGE
from daruma.store.database import Database, FileLook
from daruma.store.digests import ACT, FIRST, JOB, SETTLEMENT, SHELF, chained, is_whole

CHANGED = "it is not as it was written"
BROKEN = "the chain to the one before it is broken"
UNREADABLE = "it cannot be read from the file"
Row = dict[str, Any]


def check_rows(database: Database | FileLook) -> tuple[VaultFault, ...]:
    """Verify every row of journal, jobs and shelf; return what does not verify, each named."""
    with database.reading() as connection:
        raw = connection.connection.driver_connection
        assert isinstance(raw, sqlite3.Connection)
        if "sha256" not in _columns(raw, "acts"):
            # made by an earlier version: the digests come with its migration
            return ()
        return (
            *_chain(raw, "acts", ACT, lambda row: f"act {row['number']}"),
            *_chain(raw, "settlements", SETTLEMENT, lambda row: f"the settlement {row['number']} of act {row['act']}"),
            *_plain(raw, "jobs", JOB, lambda row: f"job {job_name(row['number'])}"),
            *_plain(raw, "shelf", SHELF, lambda row: f"part {row['die']} of the shelf"),
            *_doubts(raw),
        )


def _columns(raw: sqlite3.Connection, table: str) -> set[str]:
    try:
        return {str(row[1]) for row in raw.execute(f"PRAGMA table_info({table})")}
    except DAMAGE:
        return set()


def _chain(raw: sqlite3.Connection, table: str, names: tuple[str, ...], called: Callable[[Row], str]) -> Iterator[VaultFault]:
    link, expected = FIRST, 1
    for number, row in _rows(raw, table, (*names, "sha256", "chain")):
        if row is None:
            yield VaultFault(_name(table, number), UNREADABLE)
            expected, link = number + 1, ""
            continue
        if not is_whole(names, row, row["sha256"]):
            yield VaultFault(called(row), CHANGED)
        elif link and chained(link, str(row["sha256"])) != row["chain"]:
            yield VaultFault(called(row), BROKEN)
        if number != expected:
            yield VaultFault(called(row), f"{number - expected} before it are missing")
        expected, link = number + 1, str(row["chain"])


def _plain(raw: sqlite3.Connection, table: str, names: tuple[str, ...], called: Callable[[Row], str]) -> Iterator[VaultFault]:
    for number, row in _rows(raw, table, (*names, "sha256")):
        if row is None:
            yield VaultFault(_name(table, number), UNREADABLE)
        elif not is_whole(names, row, row["sha256"]):
            yield VaultFault(called(row), CHANGED)


def _name(table: str, number: int) -> str:
    words = {"acts": f"act {number}", "jobs": f"job {job_name(number)}", "settlements": f"the settlement {number}"}
    return words.get(table, f"row {number} of the {table}")


def _rows(raw: sqlite3.Connection, table: str, names: tuple[str, ...]) -> Iterator[tuple[int, Row | None]]:
    """Yield a table's rows in their order; where a page is damaged go on one by one, None for what cannot be read."""
    names = ("rowid", "number", *(name for name in names if name != "number")) if table != "shelf" else ("rowid", *names)
    query, done = f"SELECT {', '.join(names)} FROM {table}", 0
    try:
        cursor = raw.execute(f"{query} ORDER BY rowid")
        while rows := cursor.fetchmany(AT_ONCE):
            for row in rows:
                done = row[0]
                yield done, dict(zip(names, row, strict=True))
        return
    except DAMAGE:
        pass
    for number in _numbers(raw, table, done):
        try:
            one = raw.execute(f"{query} WHERE rowid = ?", (number,)).fetchone()
        except DAMAGE:
            yield number, None
            continue
        if one is not None:
            yield number, dict(zip(names, one, strict=True))


def _numbers(raw: sqlite3.Connection, table: str, after: int) -> range:
    try:
        most = raw.execute(f"SELECT coalesce(max(rowid), 0) FROM {table}").fetchone()[0]
    except DAMAGE:
        most = after + AT_ONCE
    return range(after + 1, int(most) + 1)


def _doubts(raw: sqlite3.Connection) -> Iterator[VaultFault]:
    """Yield acts that are not settled and not in doubt either, or the other way round."""
    final = "SELECT 1 FROM settlements WHERE act = acts.number AND state <> 'in doubt'"
    try:
        wrong = raw.execute(
            f"SELECT number FROM acts WHERE EXISTS ({final}) = EXISTS (SELECT 1 FROM doubts WHERE act = acts.number)"
        ).fetchall()
    except DAMAGE as error:
        yield VaultFault("the acts in doubt", f"they cannot be read: {error}")
        return
    for (number,) in wrong:
        yield VaultFault(f"act {number}", "whether it is in doubt is not as its settlements say")
