"""Retention: purge the identifiers of jobs that were closed long ago; what is counted stays."""

from dataclasses import dataclass, replace

import msgspec
from sqlalchemy import Connection, select, text, update

from daruma.core.backup import name_of
from daruma.core.job import Job, Ticket
from daruma.store.database import Database
from daruma.store.jobs import decode_job
from daruma.store.schema import backups, jobs


@dataclass(frozen=True, slots=True)
class Due:
    """Hold what a purge would take: jobs and backups by name."""

    jobs: tuple[str, ...]
    backups: tuple[str, ...]


def due(database: Database, closed_before: str) -> Due:
    """Return what is to be purged of jobs closed before a day (ISO 8601).

    A job with an act in doubt stays as it is, and so does a backup of a phone that is in an open job again.
    """
    with database.reading() as connection:
        return _due(connection, closed_before)


def purge(database: Database, closed_before: str, when: str) -> Due:
    """Purge identifiers for good and return what was purged, all of it or nothing.

    A job keeps model, promises, steps, outcomes and proofs; a backup keeps its place in the chain and what kind it was;
    the journal keeps every act, so that a part's writes still count. The bytes are overwritten in the file; copies made
    before hold them until the rotation lets them go.
    """
    with database.writing() as connection:
        found = _due(connection, closed_before)
        for number in (int(name[2:]) for name in found.backups):
            connection.execute(update(backups).where(backups.c.number == number).values(purged=when, body=b"", imei="", die=""))
            connection.execute(text("DELETE FROM backup_search WHERE rowid = :number"), {"number": number})
        for number in (int(name[2:]) for name in found.jobs):
            body = connection.execute(select(jobs.c.body).where(jobs.c.number == number)).scalar_one()
            left = without_identifiers(decode_job(number, body))
            changed = {"body": msgspec.json.encode(left).decode(), "imei": "", "purged": when}
            connection.execute(update(jobs).where(jobs.c.number == number).values(**changed))
        # without this the search index would keep the words of what it no longer finds
        connection.execute(text("INSERT INTO backup_search(backup_search) VALUES ('optimize')"))
    with database.reading() as connection:
        connection.execute(text("PRAGMA wal_checkpoint(TRUNCATE)"))
    return found


def without_identifiers(job: Job) -> Job:
    """Return a job without what points to the phone, its owner or the parts in it."""
    ticket = job.ticket
    kept = Ticket(
        model=ticket.model,
        system=ticket.system,
        original=ticket.original,
        chip=ticket.chip,
        panel_kind=ticket.panel_kind,
        panel_maker=ticket.panel_maker,
        flex=ticket.flex,
        donor=ticket.donor,
        display_stays=ticket.display_stays,
        promised=ticket.promised,
        before=ticket.before,
    )
    steps = tuple(replace(step, note="") for step in job.steps)
    # a sensor's gains are its flex's own; what was measured of the display says nothing of whose it was
    measured = replace(job.measured, die="", lights=())
    job = replace(job, backup="", flex_backup="", tuned="", target=None, target_image="", phone={})
    return replace(job, ticket=kept, steps=steps, measured=measured)


_JOBS = """
SELECT number FROM jobs WHERE closed > '' AND closed < :before AND purged = '' AND NOT EXISTS
(SELECT 1 FROM doubts JOIN acts ON acts.number = doubts.act WHERE acts.job = printf('J-%04d', jobs.number))
"""
_BACKUPS = f"""
SELECT number FROM backups WHERE purged = '' AND job IN (SELECT printf('J-%04d', number) FROM ({_JOBS}))
AND imei NOT IN (SELECT imei FROM jobs WHERE closed = '') ORDER BY number
"""


def _due(connection: Connection, closed_before: str) -> Due:
    before = {"before": closed_before}
    found_jobs = connection.execute(text(_JOBS + " ORDER BY number"), before).scalars()
    found_backups = connection.execute(text(_BACKUPS), before).scalars()
    return Due(tuple(f"J-{number:04d}" for number in found_jobs), tuple(name_of(number) for number in found_backups))
