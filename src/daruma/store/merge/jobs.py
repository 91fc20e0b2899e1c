"""Jobs of a replaced store, by their identities, with what they have measured and recorded: the further state wins."""

from collections.abc import Mapping
from contextlib import suppress

from msgspec.structs import replace
from sqlalchemy import insert, select

from daruma.core.backup import KNOWN_BY, known_by
from daruma.core.job import Job, StepState
from daruma.core.language import tr
from daruma.store.bodies import job_of
from daruma.store.checking import DAMAGE
from daruma.store.digests import FIRST
from daruma.store.jobs import fetching, next_number, put_jobs
from daruma.store.linked import Series
from daruma.store.merge.context import Merge
from daruma.store.old_rows import Row, blob_of, each_row, text_of
from daruma.store.purging import without_identifiers
from daruma.store.recordings import linked
from daruma.store.schema import jobs, recordings


class JobMerge(Merge):
    """Carry jobs over."""

    def all(self, names: Mapping[str, str]) -> None:
        """Merge jobs and their recordings; `names` are those that backups have now which had another one, by digest."""
        self._jobs(names)
        self._recordings()

    def _jobs(self, refs: Mapping[str, str]) -> None:
        columns = jobs.columns.keys()
        mine = {row["uid"]: row for row in self.new.execute(select(jobs)).mappings().all()}
        for number, row in each_row(self.old, "jobs", columns):
            job = job_of(row, self._old_series) if row is not None else None
            if row is None or job is None:
                known = row is not None and row["uid"] in mine
                said = tr("job J-{number:04d} is damaged in the replaced store", number=number)
                self.carried.lose("saves of jobs" if known else "jobs", said)
                continue
            there = job_of(mine[row["uid"]], fetching(self.new)) if row["uid"] in mine else None
            if there is None:
                job = replace(job, number=self._place_of(number)) if row["uid"] not in mine else job
                self.carried.jobs += 1
                self._put(_renamed(job, refs), row)
            elif (further := _further(job, there)) is not there or row["purged"]:
                told = {"there": there.name, "state": _state(job), "state_2": _state(there)}
                self.carried.differs.append(tr("{there}: the replaced store's is further ({state}, not {state_2})", **told))
                self._put(replace(_renamed(further, refs), number=there.number), row)
            elif job != there:
                told = {"there": there.name, "state": _state(there), "state_2": _state(job)}
                self.carried.differs.append(tr("{there}: the copy's is further ({state}, not {state_2})", **told))

    def _recordings(self) -> None:
        """Carry over the rows of recordings that the copy has not, as far as each hangs together with what is before it."""
        query = "SELECT recording, number, job, before, link, body FROM recordings ORDER BY recording, number"
        kept = self.new.execute(select(recordings.c.recording, recordings.c.number, recordings.c.link))
        there = {(uid, number): link for uid, number, link in kept}
        try:
            for row in self.old.execute(query):
                number, body, (uid, job, before, link) = row[1], blob_of(row[5]), map(text_of, (row[0], *row[2:5]))
                if (uid, number) in there:
                    continue
                bound = type(number) is int and before == (there.get((uid, number - 1)) if number else FIRST)
                if not bound or linked(before, body) != link:
                    self.carried.lose(
                        "recordings",
                        tr(
                            "a recording of job {job} is damaged in the replaced store from chunk {number} on",
                            job=job,
                            number=number,
                        ),
                    )
                    continue
                values = {"recording": uid, "number": number, "job": job, "before": before, "link": link, "body": body}
                self.new.execute(insert(recordings), values)
                there[uid, number] = link
        except (*DAMAGE, TypeError, ValueError):
            self.carried.lose("recordings", tr("recordings in the replaced store cannot be read"))

    def _old_series(self, uid: str) -> Series:
        """Return the series of a job in the replaced store, as far as they can be read."""
        rows = {}
        with suppress(*DAMAGE):
            for link, before, body in self.old.execute("SELECT link, before, body FROM series WHERE job = ?", (uid,)):
                rows[text_of(link)] = text_of(before), text_of(body)
        return Series(rows)

    def _put(self, job: Job, row: Row) -> None:
        purged = text_of(row["purged"])
        put_jobs(self.new, (without_identifiers(job) if purged else job,), text_of(row["updated"]), purged=purged)

    def _place_of(self, number: int) -> int:
        taken = self.new.execute(select(jobs.c.number).where(jobs.c.number == number)).first() is not None
        if not taken:
            return number
        return next_number(self.new)


def _renamed(job: Job, names: Mapping[str, str]) -> Job:
    """Return a job whose references read by the names that its backups have now."""

    def now(ref: str) -> str:
        digest = known_by(ref)
        return f"{names[digest]}{KNOWN_BY}{digest}" if digest in names else ref

    return job.having(*(replace(work, source=now(work.source), made=now(work.made)) for work in job.parts.values()))


def _further(one: Job, other: Job) -> Job:
    """Return the version of a job that has come further; the first where neither has."""

    def reached(job: Job) -> tuple[bool, int, int]:
        return bool(job.closed), sum(step.state is StepState.DONE for step in job.steps), job.revision

    return one if reached(one) > reached(other) else other


def _state(job: Job) -> str:
    done = sum(step.state is StepState.DONE for step in job.steps)
    return tr(
        "{closed}{done} steps done, saved {revision} times",
        closed=tr("closed, ") if job.closed else "",
        done=done,
        revision=job.revision,
    )
