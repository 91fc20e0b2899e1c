"""Check what is not a backup: every act, settlement, job and part of the shelf against its digest, the journal's chains,
the acts in doubt, and the marks.
"""

import hashlib
import sqlite3
from collections.abc import Callable, Iterator

from daruma.core.backup import VaultFault
from daruma.core.job import job_name
from daruma.core.language import tr
from daruma.store.checking import AT_ONCE, DAMAGE
from daruma.store.database import Database, FileLook
from daruma.store.digests import ACT, DIGITS, FIRST, JOB, SETTLEMENT, SHELF, digested
from daruma.store.recordings import linked
from daruma.store.schema import metadata
from daruma.store.upgrade import columns_of, up_to_date
from daruma.store.version import EARLIER

CHANGED = tr("it is not as it was written")
BROKEN = tr("the chain to the one before it is broken")
UNREADABLE = tr("it cannot be read from the file")
Row = tuple[int, bytes | None, str | None, str]


def check_rows(database: Database | FileLook) -> tuple[VaultFault, ...]:
    """Verify every row of journal, jobs and shelf; return what does not verify, each named."""
    with database.reading() as connection:
        raw = connection.connection.driver_connection
        assert isinstance(raw, sqlite3.Connection)
        if _is_earlier(raw):
            # made by an earlier version: the digests come with its migration
            return ()
        return (
            *_tables(raw),
            *_chain(raw, "acts", ACT, lambda number: tr("act {number}", number=number)),
            *_chain(raw, "settlements", SETTLEMENT, lambda number: _settlement(raw, number)),
            *_plain(raw, "jobs", JOB, lambda number: tr("job {job_name}", job_name=job_name(number))),
            *_series(raw),
            *_recordings(raw),
            *_plain(raw, "shelf", SHELF, lambda number: tr("row {number} of the shelf", number=number)),
            *_doubts(raw),
        )


def _is_earlier(raw: sqlite3.Connection) -> bool:
    try:
        row = raw.execute("SELECT version_num FROM alembic_version").fetchone()
    except DAMAGE:
        return False
    return row is not None and row[0] in EARLIER and not up_to_date(raw)


def _tables(raw: sqlite3.Connection) -> Iterator[VaultFault]:
    """Yield tables whose columns are not those that they were made with: what such a table holds cannot be asked for."""
    for table in metadata.tables.values():
        if columns_of(raw, table.name) != {column.name for column in table.columns}:
            yield VaultFault(tr("the store"), tr("what its table {table} is made of has changed", table=table.name))


def _settlement(raw: sqlite3.Connection, number: int) -> str:
    try:
        row = raw.execute("SELECT act FROM settlements WHERE number = ?", (number,)).fetchone()
    except DAMAGE:
        row = None
    return (
        tr("the settlement {number} of act {row}", number=number, row=row[0])
        if row
        else tr("the settlement {number}", number=number)
    )


def _chain(raw: sqlite3.Connection, table: str, names: tuple[str, ...], called: Callable[[int], str]) -> Iterator[VaultFault]:
    link, expected, sha = FIRST, 1, hashlib.sha256
    for number, said, digest, chain in _rows(raw, table, names, "chain"):
        if digest is None:
            yield VaultFault(called(number), UNREADABLE)
            expected, link = number + 1, ""
            continue
        if said is None or sha(said).hexdigest()[:DIGITS] != digest:
            yield VaultFault(called(number), CHANGED)
        elif link and sha(f"{link}{digest}".encode()).hexdigest()[:DIGITS] != chain:
            yield VaultFault(called(number), BROKEN)
        if number != expected:
            yield VaultFault(called(number), tr("{number} before it are missing", number=number - expected))
        expected, link = number + 1, str(chain)


def _plain(raw: sqlite3.Connection, table: str, names: tuple[str, ...], called: Callable[[int], str]) -> Iterator[VaultFault]:
    for number, said, digest, _ in _rows(raw, table, names, "''"):
        if digest is None:
            yield VaultFault(called(number), UNREADABLE)
        elif said is None or hashlib.sha256(said).hexdigest()[:DIGITS] != digest:
            yield VaultFault(called(number), CHANGED)


def _series(raw: sqlite3.Connection) -> Iterator[VaultFault]:
    """Yield jobs whose measurements are not as they were written, or not all there."""
    changed = set()
    try:
        for job, link, before, body in raw.execute("SELECT job, link, before, cast(body AS BLOB) FROM series"):
            said = f"{before}".encode() + (body or b"")
            if hashlib.sha256(said).hexdigest()[:DIGITS] != link:
                changed.add(str(job))
        for query in (_LAST_MISSING, _ONE_MISSING):
            changed |= {str(row[0]) for row in raw.execute(query, (FIRST,))}
        numbers = dict(raw.execute("SELECT uid, number FROM jobs").fetchall()) if changed else {}
    except DAMAGE as error:
        yield VaultFault(tr("the measurements of the jobs"), tr("they cannot be read: {error}", error=error))
        return
    for uid in sorted(changed):
        name = job_name(numbers[uid]) if uid in numbers else "(none)"
        yield VaultFault(tr("job {name}", name=name), tr("what it has measured is not as it was written"))


def _recordings(raw: sqlite3.Connection) -> Iterator[VaultFault]:
    """Yield jobs whose recordings are not as they were written, or not all there."""
    changed, links = set(), set()
    try:
        for uid, number, job, before, link, body in raw.execute(
            "SELECT recording, number, job, before, link, iif(typeof(body) = 'blob', body, NULL) FROM recordings "
            "ORDER BY recording, number"
        ):
            bound = before == FIRST if number == 0 else (uid, before) in links
            if not bound or not isinstance(body, bytes) or linked(str(before), body) != link:
                changed.add(str(job))
            links.add((uid, link))
        for job, uid, link in raw.execute(_REMEMBERED):
            if (uid, link) not in links:
                changed.add(str(job))
        numbers = dict(raw.execute("SELECT uid, number FROM jobs").fetchall()) if changed else {}
    except (*DAMAGE, ValueError) as error:
        yield VaultFault(tr("the recordings of the jobs"), tr("they cannot be read: {error}", error=error))
        return
    for uid in sorted(changed):
        name = job_name(numbers[uid]) if uid in numbers else "(none)"
        yield VaultFault(tr("job {name}", name=name), tr("a recording of its cable is not as it was written"))


_REMEMBERED = """
SELECT uid, json_extract(held.value, '$.uid'), json_extract(held.value, '$.link')
FROM jobs, json_each(iif(instr(body, '"recordings":[{') > 0 AND json_valid(body), body, '{}'), '$.recordings') AS held
"""


# a job says by the link of its last one what each series holds; each but the first has the one before it
_LAST_MISSING = """
SELECT uid FROM jobs, json_tree(iif(instr(body, '"last":"') > 0 AND json_valid(body), body, '{}')) AS held
WHERE held.key = 'last' AND held.value <> ? AND NOT EXISTS (SELECT 1 FROM series WHERE job = uid AND link = held.value)
"""
_ONE_MISSING = """
SELECT job FROM series AS later WHERE before <> ?
AND NOT EXISTS (SELECT 1 FROM series WHERE job = later.job AND link = later.before)
"""


def _rows(raw: sqlite3.Connection, table: str, names: tuple[str, ...], chain: str) -> Iterator[Row]:
    """Yield number, what the digest covers, digest and link of a table's rows in their order; where a page is damaged go on
    one by one, without a digest for what cannot be read.
    """
    query, done = f"SELECT rowid, {digested(names)}, cast(sha256 AS TEXT), {chain} FROM {table}", 0
    try:
        cursor = raw.execute(f"{query} ORDER BY rowid")
        while rows := cursor.fetchmany(AT_ONCE):
            done = rows[-1][0]
            yield from rows
        return
    except DAMAGE:
        pass
    for number in _numbers(raw, table, done):
        try:
            one = raw.execute(f"{query} WHERE rowid = ?", (number,)).fetchone()
        except DAMAGE:
            one = (number, None, None, "")
        if one is not None:
            yield one


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
        yield VaultFault(tr("the acts in doubt"), tr("they cannot be read: {error}", error=error))
        return
    for (number,) in wrong:
        yield VaultFault(tr("act {number}", number=number), tr("whether it is in doubt is not as its settlements say"))
