"""Jobs and shelf parts, each kept whole as JSON by its number or die."""

from dataclasses import replace

import msgspec
from sqlalchemy import func, select
from sqlalchemy.dialects.sqlite import insert

from daruma.core.job import Job
from daruma.core.shelf import ShelfPart
from daruma.store.database import Database, StoreTrouble
from daruma.store.schema import jobs, shelf


class JobBook:
    """Keep jobs."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def save(self, job: Job, when: str) -> None:
        """Keep a job as it stands."""
        body = msgspec.json.encode(job).decode()
        statement = insert(jobs).values(number=job.number, body=body, updated=when)
        with self._database.writing() as connection:
            connection.execute(statement.on_conflict_do_update(index_elements=["number"], set_={"body": body, "updated": when}))

    def save_ticket(self, job: Job, when: str) -> None:
        """Keep a job's ticket and leave its steps and proofs as they are kept: work may be settling them meanwhile."""
        with self._database.writing() as connection:
            body = connection.execute(select(jobs.c.body).where(jobs.c.number == job.number)).scalar()
            kept = replace(_job(job.number, body), ticket=job.ticket) if body else job
            text = msgspec.json.encode(kept).decode()
            statement = insert(jobs).values(number=job.number, body=text, updated=when)
            connection.execute(statement.on_conflict_do_update(index_elements=["number"], set_={"body": text, "updated": when}))

    def open_new(self, when: str) -> Job:
        """Open a job with the next number."""
        with self._database.writing() as connection:
            number = int(connection.execute(select(func.coalesce(func.max(jobs.c.number), 0))).scalar_one()) + 1
            job = Job(number, when)
            connection.execute(insert(jobs).values(number=number, body=msgspec.json.encode(job).decode(), updated=when))
        return job

    def all(self) -> tuple[Job, ...]:
        """Return every job, oldest first."""
        with self._database.reading() as connection:
            rows = connection.execute(select(jobs.c.number, jobs.c.body).order_by(jobs.c.number)).all()
        return tuple(_job(row.number, row.body) for row in rows)


class Shelf:
    """Keep spare parts."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def save(self, part: ShelfPart) -> None:
        """Keep a part as it stands."""
        body = msgspec.json.encode(part).decode()
        with self._database.writing() as connection:
            connection.execute(
                insert(shelf).values(die=part.die, body=body).on_conflict_do_update(index_elements=["die"], set_={"body": body})
            )

    def all(self) -> tuple[ShelfPart, ...]:
        """Return every part."""
        with self._database.reading() as connection:
            rows = connection.execute(select(shelf.c.body).order_by(shelf.c.die)).all()
        return tuple(msgspec.json.decode(row.body, type=ShelfPart) for row in rows)


def _job(number: int, body: str) -> Job:
    try:
        return msgspec.json.decode(body, type=Job)
    except msgspec.MsgspecError as error:
        raise StoreTrouble(
            f"Job J-{number:04d} cannot be read from the store.",
            safe="Its bytes are left as they are; the vault is untouched.",
            advice="Restore the data folder from a copy.",
        ) from error
