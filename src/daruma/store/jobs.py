"""Jobs and shelf parts, each kept whole as JSON with its digest; totals of how the jobs' steps went beside them.

A job is known by its identity and carries a revision: a save of a stale one is merged by field, or refused.
"""

from collections import Counter, OrderedDict
from collections.abc import Iterable, Mapping, Sequence
from typing import Any

import msgspec
from msgspec.structs import replace
from sqlalchemy import Connection, Row, Select, bindparam, desc, func, or_, select
from sqlalchemy.dialects.sqlite import Insert, insert

from daruma.core.backup import VaultFault
from daruma.core.finding import words_of
from daruma.core.job import Job, job_name
from daruma.core.language import inner, tr
from daruma.core.merging import Clash, merged
from daruma.core.parts import PART_LABEL, PartKind
from daruma.core.shelf import ShelfPart
from daruma.store.apart import DAMAGE, rows_apart
from daruma.store.bodies import NUMBERS, Fetch, body_of, job_of, shelf_part_of
from daruma.store.database import Database
from daruma.store.digests import JOB, SHELF, fresh_uid, row_digest
from daruma.store.glance import RECENT
from daruma.store.linked import Series
from daruma.store.purging import is_purged, without_identifiers
from daruma.store.schema import jobs, outcome_totals, shelf
from daruma.store.series import forget_series, keep_series, series_of
from daruma.store.trouble import StoreTrouble

AT_ONCE = 500  # jobs looked up with one question
REMEMBERED = 1000  # versions of jobs that a later save may have begun from
CHANGED = tr("it is not as it was kept")
Totals = Counter[tuple[str, str, bool]]


class StaleJob(StoreTrouble):
    """Report that a job was changed elsewhere in a way that cannot be merged; both versions are carried."""

    def __init__(self, mine: Job, kept: Job, fields: Sequence[str]) -> None:
        what = ", ".join(name.replace("_", " ") for name in fields)
        super().__init__(
            tr("{kept} was changed in another window meanwhile: {what}.", kept=kept.name, what=what),
            safe=tr("What is kept there stays; nothing of it was overwritten."),
            advice=tr("Look at the job as it is now, then do again what is still to be done."),
        )
        self.mine, self.kept, self.fields = mine, kept, tuple(fields)


class JobBook:
    """Keep jobs."""

    def __init__(self, database: Database) -> None:
        self._database = database
        self._seen: OrderedDict[tuple[str, int], Job] = OrderedDict()

    def save(self, job: Job, when: str) -> Job:
        """Keep a job as it stands and return it with its new revision.

        Where it was changed elsewhere since, both changes are merged by field; raise StaleJob where they clash.
        """
        return self.save_all((job,), when)[0]

    def save_all(self, kept: Iterable[Job], when: str) -> tuple[Job, ...]:
        """Keep jobs, all of them or none."""
        with self._database.writing() as connection:
            made = self._save(connection, tuple(kept), when)
        return self._remember(made)

    def save_ticket(self, job: Job, when: str) -> Job:
        """Keep a job's ticket and leave its steps and proofs as they are kept: work may be settling them meanwhile."""
        with self._database.writing() as connection:
            there = _stored(connection, job)
            made = self._save(connection, (replace(there, ticket=job.ticket) if there else job,), when)
        return self._remember(made)[0]

    def open_new(self, when: str) -> Job:
        """Open a job with the next number."""
        with self._database.writing() as connection:
            made = self._save(connection, (Job(next_number(connection), when, uid=fresh_uid()),), when)
        return self._remember(made)[0]

    def refuse_stale(self, job: Job) -> None:
        """Raise StaleJob where the kept job has other steps, another panel or another source than this one."""
        with self._database.reading() as connection:
            refuse_overtaken(connection, job)

    def _save(self, connection: Connection, kept: Sequence[Job], when: str) -> tuple[Job, ...]:
        change: Totals = Counter()
        there: dict[str, Row[Any]] = {}
        for start in range(0, len(kept), AT_ONCE):
            uids = [job.uid for job in kept[start : start + AT_ONCE]]
            there |= {row.uid: row for row in connection.execute(_SEVERAL, {"uids": uids})}
        made = [self._next(connection, job, there.get(job.uid), change) for job in kept]
        for job in made:
            change.update(totals_of(job))
        put_jobs(connection, made, when)
        _count(connection, change)
        return tuple(made)

    def _next(self, connection: Connection, job: Job, row: Row[Any] | None, change: Totals) -> Job:
        """Return a job as it is to be kept in place of what is there."""
        if row is None:
            return replace(job, uid=job.uid or fresh_uid(), revision=job.revision + 1)
        stored = _job(connection, row)
        if stored is None:
            raise _damaged(row.number)
        change.subtract(totals_of(stored))
        if stored.revision != job.revision:
            try:
                job = merged(self._seen.get((job.uid, job.revision)), job, stored)
            except Clash as clash:
                raise StaleJob(job, stored, clash.fields) from clash
        if row.purged or is_purged(connection, job.uid):
            job = without_identifiers(job)
        return replace(job, number=stored.number, revision=stored.revision + 1)

    def _remember(self, made: Iterable[Job]) -> tuple[Job, ...]:
        """Remember versions of jobs as they were given out, to tell later what changed since."""
        given = tuple(made)
        for job in given[-REMEMBERED:]:
            self._seen[job.uid, job.revision] = job
            self._seen.move_to_end((job.uid, job.revision))
        while len(self._seen) > REMEMBERED:
            self._seen.popitem(last=False)
        return given

    def get(self, number: int) -> Job:
        """Return one job by its number; raise StoreTrouble where there is none, or a damaged one."""
        return self._one(_NUMBERED, {"number": number}, job_name(number))

    def known_by(self, uid: str) -> Job:
        """Return one job by its identity; raise StoreTrouble where there is none, or a damaged one."""
        return self._one(_KNOWN, {"uid": uid}, uid)

    def _one(self, query: Select[Any], given: Mapping[str, object], name: str) -> Job:
        with self._database.reading() as connection:
            row = next(iter(rows_apart(connection, query, jobs.c.number, given)), None)
            job = _job(connection, row) if row is not None else None
        if row is None:
            raise StoreTrouble(
                tr("There is no job {name}.", name=name), safe=tr("The others are untouched."), advice=tr("Search the jobs.")
            )
        if job is None:
            raise _damaged(row.number)
        return self._remember((job,))[0]

    def all(self) -> tuple[Job, ...]:
        """Return every job that is as it was kept, oldest first."""
        return self._read(_ALL)[0]

    def damaged(self) -> tuple[VaultFault, ...]:
        """Return the jobs that are not as they were kept; they are set aside."""
        return self._read(_ALL)[1]

    def _read(self, *queries: Select[Any]) -> tuple[tuple[Job, ...], tuple[VaultFault, ...]]:
        sound, damaged = {}, {}
        with self._database.reading() as connection:
            for query in queries:
                for row in rows_apart(connection, query, jobs.c.number):
                    job = _job(connection, row)
                    if job is None:
                        damaged[row.number] = VaultFault(tr("job {job_name}", job_name=job_name(row.number)), CHANGED)
                    else:
                        sound[job.number] = job
        return self._remember(sound[number] for number in sorted(sound)), tuple(damaged.values())

    def on_view(self, recent: int = RECENT) -> tuple[Job, ...]:
        """Return the open jobs and the newest closed ones, oldest first."""
        return self._read(*_on_view(recent))[0]

    def damaged_on_view(self, recent: int = RECENT) -> tuple[VaultFault, ...]:
        """Return those of them that are not as they were kept."""
        return self._read(*_on_view(recent))[1]

    def find(self, words: str, limit: int = 200) -> tuple[Job, ...]:
        """Return jobs, newest first, whose number, IMEI or model holds every word; raise Trouble for too many words."""
        asked = words_of(words)
        if asked is None:
            return ()
        # number, IMEI and model lie in an index of their own: the bodies are read only of what is found
        query = select(jobs.c.number).order_by(desc(jobs.c.number)).limit(limit)
        query = query.with_hint(jobs, "INDEXED BY jobs_find", "sqlite") if asked else query
        for word in asked:
            number = word.upper().removeprefix("J-").lstrip("0")
            same = [jobs.c.number == int(number)] if number.isdecimal() and len(number) < 10 else []
            parts = [func.instr(jobs.c.imei, word) > 0, func.instr(jobs.c.model, word.casefold()) > 0]
            query = query.where(or_(*same, *parts))
        return tuple(reversed(self._read(_WHOLE.where(jobs.c.number.in_(query)))[0]))

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
        self.save_all((part,))

    def save_all(self, parts: Sequence[ShelfPart]) -> int:
        """Keep parts as they stand, all or none; return how many there were."""
        with self._database.writing() as connection:
            for part in parts:
                put_shelf(connection, part)
        return len(parts)

    def all(self) -> tuple[ShelfPart, ...]:
        """Return every part that is as it was kept."""
        return self._read()[0]

    def damaged(self) -> tuple[VaultFault, ...]:
        """Return the parts whose rows are not as they were kept; they are set aside."""
        return self._read()[1]

    def _read(self) -> tuple[tuple[ShelfPart, ...], tuple[VaultFault, ...]]:
        sound, damaged = [], []
        with self._database.reading() as connection:
            rows = connection.execute(select(shelf).order_by(shelf.c.die)).mappings().all()
        for row in rows:
            part = shelf_part_of(row)
            if part is None:
                damaged.append(VaultFault(tr("part {row} of the shelf", row=row["die"]), CHANGED))
            else:
                sound.append(part)
        return tuple(sound), tuple(damaged)


def put_shelf(connection: Connection, part: ShelfPart) -> None:
    """Keep a part of the shelf in place of an earlier version of it."""
    values = {"die": part.die, "body": msgspec.json.encode(part).decode()}
    row = {**values, "sha256": row_digest(SHELF, values)}
    statement = insert(shelf).values(**row).on_conflict_do_update(index_elements=["die"], set_=row)
    connection.execute(statement)


def refuse_overtaken(connection: Connection, job: Job) -> None:
    """Raise StaleJob where the kept job has other steps or another panel than this one: its act may be done already."""
    stored = _stored(connection, job)
    if stored is None:
        return
    fields = ["steps"] if stored.steps != job.steps else []
    mine, kept = ({kind: (work.target, work.source) for kind, work in each.parts.items()} for each in (job, stored))
    if fields := [*fields, *(inner(PART_LABEL[kind]) for kind in PartKind if mine.get(kind) != kept.get(kind))]:
        raise StaleJob(job, stored, fields)


def next_number(connection: Connection) -> int:
    """Return the number of the next job; one that no counting ever gave does not count."""
    highest = select(func.coalesce(func.max(jobs.c.number), 0)).where(jobs.c.number < NUMBERS)
    return int(connection.execute(highest).scalar_one()) + 1


_WHOLE = select(jobs)
# made once: putting a question together takes longer than answering it
_ALL = _WHOLE.order_by(jobs.c.number)
_NUMBERED = _WHOLE.where(jobs.c.number == bindparam("number"))
_KNOWN = _WHOLE.where(jobs.c.uid == bindparam("uid"))
_SEVERAL = _WHOLE.where(jobs.c.uid.in_(bindparam("uids", expanding=True)))
_PURGED = select(jobs.c.number, jobs.c.purged).where(jobs.c.number.in_(bindparam("numbers", expanding=True)), jobs.c.purged > "")
_NAMES = tuple(jobs.columns.keys())


def _on_view(recent: int) -> tuple[Select[Any], Select[Any]]:
    newest = select(jobs.c.number).where(jobs.c.closed > "").order_by(desc(jobs.c.closed)).limit(recent)
    return _WHOLE.where(jobs.c.closed == ""), _WHOLE.where(jobs.c.number.in_(newest))


def _stored(connection: Connection, job: Job) -> Job | None:
    row = connection.execute(_KNOWN, {"uid": job.uid}).first()
    if row is None:
        return None
    found = _job(connection, row)
    if found is None:
        raise _damaged(row.number)
    return found


def _put() -> Insert:
    statement = insert(jobs)
    changed = {name: statement.excluded[name] for name in _NAMES if name != "number"}
    return statement.on_conflict_do_update(index_elements=["number"], set_=changed)


_PUT = _put()


def put_jobs(connection: Connection, kept: Sequence[Job], when: str, purged: str = "") -> None:
    """Write jobs as they are, in place of what carries their numbers."""
    there = _purged_of(connection, kept)
    rows = []
    for job in kept:
        gone = purged or there.get(job.number, "")
        body, readings = body_of(job)
        if gone:
            forget_series(connection, job.uid)
        keep_series(connection, job.uid, readings)
        rows.append(_row(job, body, when, gone))
    connection.execute(_PUT, rows)


def _purged_of(connection: Connection, kept: Sequence[Job]) -> dict[int, str]:
    found: dict[int, str] = {}
    for start in range(0, len(kept), AT_ONCE):
        numbers = [job.number for job in kept[start : start + AT_ONCE]]
        found |= {row.number: row.purged for row in connection.execute(_PURGED, {"numbers": numbers})}
    return found


def _row(job: Job, body: str, when: str, purged: str) -> dict[str, object]:
    row: dict[str, object] = {"number": job.number, "uid": job.uid, "revision": job.revision, "updated": when}
    row |= {"closed": job.closed, "imei": job.ticket.imei, "model": job.ticket.model, "purged": purged}
    row["body"] = body
    return {**row, "sha256": row_digest(JOB, row)}


def totals_of(job: Job) -> Totals:
    """Return how the steps of one job went."""
    return Counter((job.ticket.model, outcome.action, outcome.good) for outcome in job.outcomes if outcome.tells)


def _count(connection: Connection, change: Totals) -> None:
    for (model, action, good), more in change.items():
        if more:
            statement = insert(outcome_totals).values(model=model, action=action, good=int(good), times=more)
            times = {"times": outcome_totals.c.times + more}
            connection.execute(statement.on_conflict_do_update(index_elements=["model", "action", "good"], set_=times))


def _job(connection: Connection, row: Row[Any]) -> Job | None:
    """Return a job from its row, None where that or one of its measurements is not as it was written."""
    return job_of(dict(zip(_NAMES, row, strict=True)), fetching(connection))


def fetching(connection: Connection) -> Fetch:
    """Return how the series of jobs are fetched; a damaged page hides those that lie on it."""

    def fetch(uid: str) -> Series:
        try:
            return series_of(connection, uid)
        except DAMAGE:
            return Series({})

    return fetch


def _damaged(number: int) -> StoreTrouble:
    return StoreTrouble(
        tr("Job {job_name} cannot be read from the store.", job_name=job_name(number)),
        safe=tr("Its bytes are left as they are; the vault is untouched."),
        advice=tr("Restore a copy: daruma copies list, daruma copies restore."),
    )
