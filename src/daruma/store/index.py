"""What of the store can be searched by words: read in one go, from columns and a few fields of the bodies, damaged or not."""

from sqlalchemy import text

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
        said = (row["model"], row["maker"], row["die"], row["imei"], _plain(row["fields"]))
        found.append(entry(Kind.BACKUP, row["sha256"], f"B-{row['number']:05d}", *said))
    for row in jobs:
        state = tr("handed over") if row["closed"] else tr("open")
        said = (row["model"], state, str(row["opened"] or "")[:10], row["imei"], str(row["complaint"] or ""))
        found.append(entry(Kind.JOB, row["uid"], job_name(row["number"]), *said))
    return tuple(found)


def _plain(fields: object) -> str:
    return " ".join(str(fields or "").translate(_MARKS).split())[:MOST_TEXT]


_MARKS = str.maketrans(dict.fromkeys('[]",', " "))
