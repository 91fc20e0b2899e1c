"""Jobs and shelf parts, each kept whole as JSON by its number or die; totals of how their steps went beside them."""

from collections import Counter
from collections.abc import Iterable, Sequence
from dataclasses import replace

import msgspec
from sqlalchemy import Connection, Row, desc, func, or_, select
from sqlalchemy.dialects.sqlite import insert

from daruma.core.job import Job
from daruma.core.shelf import ShelfPart
from daruma.store.database import Database, StoreTrouble
from daruma.store.schema import jobs, outcome_totals, shelf

AT_ONCE = 500  # jobs looked up with one question
RECENT = 60  # closed jobs that stay on view
Totals = Counter[tuple[str, str, bool]]


class JobBook:
    """Keep jobs."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def save(self, job: Job, when: str) -> None:
        """Keep a job as it stands."""
        self.save_all((job,), when)

    def save_all(self, kept: Iterable[Job], when: str) -> None:
        """Keep jobs, all of them or none."""
        with self._database.writing() as connection:
            _save(connection, tuple(kept), when)

    def save_ticket(self, job: Job, when: str) -> None:
        """Keep a job's ticket and leave its steps and proofs as they are kept: work may be settling them meanwhile."""
        with self._database.writing() as connection:
            body = connection.execute(select(jobs.c.body).where(jobs.c.number == job.number)).scalar()
            _save(connection, (replace(decode_job(job.number, body), ticket=job.ticket) if body else job,), when)

    def open_new(self, when: str) -> Job:
        """Open a job with the next number."""
        with self._database.writing() as connection:
            number = int(connection.execute(select(func.coalesce(func.max(jobs.c.number), 0))).scalar_one()) + 1
            job = Job(number, when)
            _save(connection, (job,), when)
        return job

    def get(self, number: int) -> Job:
        """Return one job; raise StoreTrouble where there is none."""
        with self._database.reading() as connection:
            body = connection.execute(select(jobs.c.body).where(jobs.c.number == number)).scalar()
        if body is None:
            raise StoreTrouble(f"There is no job J-{number:04d}.", safe="The others are untouched.", advice="Search the jobs.")
        return decode_job(number, body)

    def all(self) -> tuple[Job, ...]:
        """Return every job, oldest first."""
        with self._database.reading() as connection:
            rows = connection.execute(select(jobs.c.number, jobs.c.body).order_by(jobs.c.number)).all()
        return tuple(decode_job(row.number, row.body) for row in rows)

    def on_view(self, recent: int = RECENT) -> tuple[Job, ...]:
        """Return the open jobs and the newest closed ones, oldest first."""
        rows = select(jobs.c.number, jobs.c.body)
        with self._database.reading() as connection:
            found = list(connection.execute(rows.where(jobs.c.closed == "")))
            newest = select(jobs.c.number).where(jobs.c.closed > "").order_by(desc(jobs.c.closed)).limit(recent)
            found += connection.execute(rows.where(jobs.c.number.in_(newest)))
        return tuple(decode_job(row.number, row.body) for row in sorted(found, key=lambda row: row.number))

    def find(self, words: str, limit: int = 200) -> tuple[Job, ...]:
        """Return jobs, newest first, whose number, IMEI or model holds every word."""
        # number, IMEI and model lie in an index of their own: the bodies are read only of what is found
        query = select(jobs.c.number).order_by(desc(jobs.c.number)).limit(limit)
        query = query.with_hint(jobs, "INDEXED BY jobs_find", "sqlite") if words.split() else query
        for word in words.split():
            number = word.upper().removeprefix("J-").lstrip("0")
            same = [jobs.c.number == int(number)] if number.isdecimal() and len(number) < 10 else []
            parts = [func.instr(jobs.c.imei, word) > 0, func.instr(jobs.c.model, word.casefold()) > 0]
            query = query.where(or_(*same, *parts))
        found = select(jobs.c.number, jobs.c.body).where(jobs.c.number.in_(query)).order_by(desc(jobs.c.number))
        with self._database.reading() as connection:
            return tuple(decode_job(row.number, row.body) for row in connection.execute(found))

    def totals(self) -> Totals:
        """Return how often each action went well or not, by model, action and outcome: purged jobs are still in it."""
        with self._database.reading() as connection:
            return Counter(
                {(row.model, row.action, bool(row.good)): row.times for row in connection.execute(select(outcome_totals))}
            )


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
        return tuple(_shelf_part(row) for row in rows)


def _save(connection: Connection, kept: Sequence[Job], when: str) -> None:
    change: Totals = Counter()
    for start in range(0, len(kept), AT_ONCE):
        numbers = [job.number for job in kept[start : start + AT_ONCE]]
        for row in connection.execute(select(jobs.c.number, jobs.c.body).where(jobs.c.number.in_(numbers))):
            change.subtract(totals_of(decode_job(row.number, row.body)))
    for job in kept:
        change.update(totals_of(job))
    statement = insert(jobs)
    changed = {name: statement.excluded[name] for name in ("body", "updated", "closed", "imei", "model")}
    statement = statement.on_conflict_do_update(index_elements=["number"], set_=changed)
    connection.execute(statement, [_row(job, when) for job in kept])
    _count(connection, change)


def _row(job: Job, when: str) -> dict[str, object]:
    body = msgspec.json.encode(job).decode()
    told = {"closed": job.closed, "imei": job.ticket.imei, "model": job.ticket.model, "purged": ""}
    return {"number": job.number, "body": body, "updated": when, **told}


def totals_of(job: Job) -> Totals:
    """Return how the steps of one job went."""
    return Counter((job.ticket.model, action, good) for action, good in job.outcomes)


def _count(connection: Connection, change: Totals) -> None:
    for (model, action, good), more in change.items():
        if more:
            statement = insert(outcome_totals).values(model=model, action=action, good=int(good), times=more)
            times = {"times": outcome_totals.c.times + more}
            connection.execute(statement.on_conflict_do_update(index_elements=["model", "action", "good"], set_=times))


def _shelf_part(row: Row[tuple[str]]) -> ShelfPart:
    try:
        return msgspec.json.decode(row.body, type=ShelfPart)
    except msgspec.MsgspecError as error:
        raise StoreTrouble(
            "A part of the shelf cannot be read from the store.",
            safe="Its bytes are left as they are; jobs and vault are untouched.",
            advice="Restore a copy: daruma copies list, daruma copies restore.",
        ) from error


def decode_job(number: int, body: str) -> Job:
    """Return a job from its JSON; raise StoreTrouble where it makes no sense."""
    try:
        return msgspec.json.decode(body, type=Job)
    except msgspec.MsgspecError as error:
        raise StoreTrouble(
            f"Job J-{number:04d} cannot be read from the store.",
            safe="Its bytes are left as they are; the vault is untouched.",
            advice="Restore a copy: daruma copies list, daruma copies restore.",
        ) from error
