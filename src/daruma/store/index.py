"""What of the store can be searched by words: read in one go, from columns and a few fields of the bodies, damaged or not."""

from sqlalchemy import RowMapping, text

from daruma.core.finding import Entry, Kind, entry
from daruma.core.job import job_name
from daruma.core.language import tr
from daruma.store.database import Database

_JOBS = """
SELECT number, uid, model, imei, closed,
CASE WHEN json_valid(body) THEN json_extract(body, '$.ticket.complaint') END AS complaint,
CASE WHEN json_valid(body) THEN json_extract(body, '$.opened') END AS opened FROM jobs ORDER BY number
"""
_BACKUPS = """
SELECT number, sha256, model, imei, die, maker, job,
CASE WHEN json_valid(CAST(body AS TEXT)) THEN json_extract(CAST(body AS TEXT), '$.fields') END AS fields
FROM backups WHERE purged = '' ORDER BY number
"""
MOST_TEXT = 400  # characters of a backup's fields


def entries_of(database: Database) -> tuple[Entry, ...]:
    """Return jobs and backups, earlier ones first."""
    with database.reading() as connection:
        jobs = connection.execute(text(_JOBS)).mappings().all()
        backups = connection.execute(text(_BACKUPS)).mappings().all()
    found = []
    for row in backups:
        model, maker, die, imei, key = _texts(row, "model", "maker", "die", "imei", "sha256")
        found.append(entry(Kind.BACKUP, key, f"B-{row['number']:05d}", model, maker, die, imei, _plain(row["fields"])))
    for row in jobs:
        state = tr("handed over") if row["closed"] else tr("open")
        model, imei, opened, complaint, key = _texts(row, "model", "imei", "opened", "complaint", "uid")
        found.append(entry(Kind.JOB, key, job_name(row["number"]), model, state, opened[:10], imei, complaint))
    return tuple(found)


def _texts(row: RowMapping, *names: str) -> list[str]:
    """Return values as text: what is damaged may be of another type."""
    return [str(row[name] or "") for name in names]


def _plain(fields: object) -> str:
    return " ".join(str(fields or "").translate(_MARKS).split())[:MOST_TEXT]


_MARKS = str.maketrans(dict.fromkeys('[]",', " "))
