"""Retention: purge the identifiers of jobs that were closed long ago; what is counted stays."""

from collections.abc import Iterable, Sequence

from msgspec import Struct
from msgspec.structs import replace
from sqlalchemy import Connection, select, text, update

from daruma.core.backup import known_by, name_of
from daruma.core.job import Job
from daruma.store.bodies import job_of
from daruma.store.database import Database
from daruma.store.jobs import fetching, put_jobs
from daruma.store.purging import Purge, is_purged, remember, remember_purges, without_identifiers
from daruma.store.schema import acts, backups, doubts, jobs


class Due(Struct, frozen=True):
    """Hold what a purge would take: jobs and backups by name."""

    jobs: tuple[str, ...]
    backups: tuple[str, ...]


def due(database: Database, closed_before: str) -> Due:
    """Return what is to be purged of jobs closed before a day (ISO 8601).

    A job with an act in doubt stays as it is, and so does a backup that an act in doubt names, or whose phone is in an
    open job again.
    """
    with database.reading() as connection:
        return _names(*_due(connection, closed_before))


def purge(database: Database, closed_before: str, when: str) -> Due:
    """Purge identifiers for good and return what was purged, all of it or nothing.

    A job keeps model, promises, steps, outcomes and proofs; a backup keeps its place in the chain and what kind it was;
    the journal keeps every act, so that a part's writes still count. The bytes are overwritten in the file; copies made
    before hold them until the rotation lets them go. What was purged is remembered by salted digests: a stale save, a
    restore or an import does not bring it back.
    """
    with database.writing() as connection:
        found_jobs, found_backups = _due(connection, closed_before)
        _purge_backups(connection, found_backups, when)
        _purge_jobs(connection, found_jobs, when)
        remember(connection, *(job.uid for job in found_jobs), *found_backups.values())
    database.overwrite()
    return _names(found_jobs, found_backups)


def apply_purges(database: Database, told: Iterable[Purge], when: str) -> Due:
    """Remember what was purged elsewhere, purge what of it is here again, and return that."""
    with database.writing() as connection:
        remember_purges(connection, told)
        again = purge_again(connection, when)
    database.overwrite()
    return again


def purge_again(connection: Connection, when: str) -> Due:
    """Purge whatever came back of what is remembered as purged."""
    rows, fetch = connection.execute(select(jobs).where(jobs.c.purged == "")).mappings().all(), fetching(connection)
    back = [job for row in rows if is_purged(connection, row["uid"]) and (job := job_of(row, fetch)) is not None]
    kept = connection.execute(select(backups.c.number, backups.c.sha256).where(backups.c.purged == "")).all()
    found = {number: sha for number, sha in kept if is_purged(connection, sha)}
    _purge_backups(connection, found, when)
    _purge_jobs(connection, back, when)
    return _names(back, found)


def _names(found_jobs: Sequence[Job], found_backups: dict[int, str]) -> Due:
    return Due(tuple(job.name for job in found_jobs), tuple(name_of(number) for number in sorted(found_backups)))


def _purge_backups(connection: Connection, found: dict[int, str], when: str) -> None:
    for number in found:
        connection.execute(update(backups).where(backups.c.number == number).values(purged=when, body=b"", imei="", die=""))
        connection.execute(text("DELETE FROM backup_search WHERE rowid = :number"), {"number": number})
    # without this the search index would keep the words of what it no longer finds
    connection.execute(text("INSERT INTO backup_search(backup_search) VALUES ('optimize')"))


def _purge_jobs(connection: Connection, found: Sequence[Job], when: str) -> None:
    if found:
        stripped = [replace(without_identifiers(job), revision=job.revision + 1) for job in found]
        put_jobs(connection, stripped, when, purged=when)


_OPEN_ACT = select(acts.c.job).where(acts.c.number.in_(select(doubts.c.act)))


def _due(connection: Connection, closed_before: str) -> tuple[list[Job], dict[int, str]]:
    """Return the jobs that are due, and the digests of the backups that go with them by number."""
    query = select(jobs).where(jobs.c.closed > "", jobs.c.closed < closed_before, jobs.c.purged == "")
    rows = connection.execute(query.where(jobs.c.uid.not_in(_OPEN_ACT)).order_by(jobs.c.number)).mappings().all()
    fetch = fetching(connection)
    found = [job for row in rows if (job := job_of(row, fetch)) is not None]
    here = {_digits(imei) for imei in connection.execute(select(jobs.c.imei).where(jobs.c.closed == "")).scalars()}
    named = select(acts.c.backup).where(acts.c.number.in_(select(doubts.c.act)))
    doubtful = {known_by(str(ref)) for ref in connection.execute(named).scalars()}
    going: dict[int, str] = {}
    columns = (backups.c.number, backups.c.sha256, backups.c.imei, backups.c.job)
    for job in found:
        mine = select(*columns).where(backups.c.job.in_((job.ref, job.name)), backups.c.purged == "")
        for number, sha, imei, owner in connection.execute(mine):
            same = owner == job.ref or _digits(imei) == _digits(job.ticket.imei)
            if same and _digits(imei) not in here and sha not in doubtful:
                going[number] = sha
    return found, going


def _digits(imei: str) -> str:
    """Return an IMEI however it is written."""
    return "".join(c for c in str(imei) if c.isdecimal()) or str(imei)
