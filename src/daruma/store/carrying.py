"""Merge what a replaced store still gives into a restored copy: nothing counted is lost, the further state of a job wins.

Rows are matched by what they are (a digest, an identity), never by their number; what differs is told.
"""

import sqlite3
from collections.abc import Mapping
from contextlib import suppress
from datetime import datetime
from hashlib import sha256
from pathlib import Path

from msgspec import Struct, field
from msgspec.structs import replace
from sqlalchemy import Connection, func, insert, select, text

from daruma.core.backup import KNOWN_BY, LOST, BackupContent, known_by, link_of, name_of
from daruma.core.job import Job, StepState
from daruma.core.language import tr
from daruma.store.bodies import job_of
from daruma.store.checking import DAMAGE
from daruma.store.database import Database, count_lost
from daruma.store.digests import ACT, FIRST, SETTLEMENT, SHELF, is_whole
from daruma.store.heads import Heads, facts_of, heads_of, keep_fact, writes_of_all
from daruma.store.jobs import fetching, next_number, put_jobs, put_shelf
from daruma.store.journal import add_act, add_settlement
from daruma.store.linked import Series
from daruma.store.marks import Marked, Marks
from daruma.store.old_store import OldStore, Row, blob_of, each_row, text_of
from daruma.store.purging import without_identifiers
from daruma.store.recordings import linked
from daruma.store.retention import purge_again
from daruma.store.schema import acts, backups, doubts, jobs, outcome_totals, recordings, settlements, shelf
from daruma.store.trouble import StoreTrouble
from daruma.store.vault import head_in, keep_in, put_head
from daruma.store.version import FILE


class Carried(Struct):
    """Hold what was carried over from the replaced store: how many of each, and in words what differs or is lost."""

    backups: int = 0
    acts: int = 0
    jobs: int = 0
    differs: list[str] = field(default_factory=list)
    lost: list[str] = field(default_factory=list)

    @property
    def words(self) -> str:
        """Return the counts in a few words."""
        return tr("{backups} backups, {acts} acts, {jobs} jobs", backups=self.backups, acts=self.acts, jobs=self.jobs)


def carry_over(folder: Path, new: Database, now: datetime) -> tuple[Carried, Marked]:
    """Merge the store in a folder into a copy of it; return what was carried over, and the marks that go with it.

    The old store may be damaged or missing: what can be read is carried, what cannot is named and counted against its
    part.
    """
    carried = Carried()
    before = Marks(folder).read("")
    when = now.isoformat(timespec="seconds")
    with OldStore(folder / FILE) as old, new.writing() as connection:
        kept = _old_heads(old)
        if old is not None:
            _Merge(old, connection, carried, when).all()
        for known in (before, kept):
            if known is not None:
                count_lost(connection, known)
        _facts(connection, before)
        again = purge_again(connection, when)
        if again.jobs or again.backups:
            carried.differs.append(tr("purged again: {names}", names=", ".join((*again.jobs, *again.backups))))
        marked = _marked(connection, before)
    return carried, marked


class _Merge(Struct):
    """Carry what one merge shares."""

    old: sqlite3.Connection
    new: Connection
    carried: Carried
    when: str

    def all(self) -> None:
        """Merge everything."""
        self._purges()
        refs = self._backups()
        self._acts()
        self._settlements()
        self._jobs(refs)
        self._recordings()
        self._shelf()
        self._totals()

    # -- backups

    def _backups(self) -> dict[str, str]:
        """Carry backups over; return the names that those have now which had another one, by digest."""
        there = {row.sha256: row.number for row in self.new.execute(select(backups.c.sha256, backups.c.number))}
        names: dict[str, str] = {}
        last, _ = head_in(self.new)
        for number, row in each_row(self.old, "backups", backups.columns.keys()):
            if number <= last and row is None:
                continue
            sha = str(row["sha256"]) if row is not None else ""
            if sha in there:
                if row is not None and row["purged"] and not str(row["purged"]).startswith(LOST):
                    self._purge(there[sha], str(row["purged"]))
                continue
            self._fill_up_to(number)
            content = _content_of(row)
            if content is not None and row is not None:
                (kept,) = keep_in(self.new, (content,), text_of(row["arrived"]))
                self.carried.backups += 1
                if kept.number != number:
                    names[sha] = kept.name
                    self.carried.differs.append(tr("{name_of} is now {kept}", name_of=name_of(number), kept=kept.name))
            elif row is not None and row["purged"]:
                self._placeholder(row, text_of(row["purged"]), sha)
            else:
                self.carried.lost.append(tr("{name_of} is damaged in the replaced store", name_of=name_of(number)))
                self._placeholder(row, LOST + self.when, sha256(f"{LOST}{sha} {number}".encode()).hexdigest())
        return names

    def _fill_up_to(self, number: int) -> None:
        """Keep the places of backups of which nothing can be read, so that those behind them keep their names."""
        last, _ = head_in(self.new)
        for missing in range(last + 1, number):
            self.carried.lost.append(tr("{name_of} cannot be read in the replaced store", name_of=name_of(missing)))
            self._placeholder(None, LOST + self.when, sha256(f"{LOST}{missing} {self.when}".encode()).hexdigest())

    def _placeholder(self, row: Row | None, purged: str, sha: str) -> None:
        last, chain = head_in(self.new)
        texts = {name: text_of(row[name]) if row is not None else "" for name in ("model", "layout", "maker", "job", "arrived")}
        number, link = last + 1, link_of(chain, sha, texts["arrived"])
        values = {**texts, "number": number, "sha256": sha, "chain": link, "imei": "", "die": "", "purged": purged, "body": b""}
        self.new.execute(insert(backups).values(**values))
        put_head(self.new, number, link)

    def _purge(self, number: int, purged: str) -> None:
        self.new.execute(
            text("UPDATE backups SET purged = :purged, body = x'', imei = '', die = '' WHERE number = :number AND purged = ''"),
            {"purged": purged, "number": number},
        )
        self.new.execute(text("DELETE FROM backup_search WHERE rowid = :number"), {"number": number})

    # -- journal

    def _acts(self) -> None:
        there = set(self.new.execute(select(acts.c.uid)).scalars())
        for number, row in each_row(self.old, "acts", acts.columns.keys()):
            if row is None or not is_whole(ACT, row, row["sha256"]):
                self.carried.lost.append(tr("act {number} is damaged in the replaced store; its write counts on", number=number))
            elif row["uid"] not in there:
                add_act(self.new, {name: row[name] for name in ACT}, self._free(number))
                self.carried.acts += 1

    def _free(self, number: int) -> int | None:
        """Return an act's own number where it comes next, None where it has to take another one."""
        last = int(self.new.execute(select(func.coalesce(func.max(acts.c.number), 0))).scalar_one())
        return number if number == last + 1 else None

    def _settlements(self) -> None:
        numbers = {row.uid: row.number for row in self.new.execute(select(acts.c.uid, acts.c.number))}
        uids = {number: row["uid"] for number, row in each_row(self.old, "acts", ["number", "uid"]) if row is not None}
        told = [settlements.c[name] for name in SETTLEMENT]
        there = {tuple(row) for row in self.new.execute(select(*told))}
        for number, row in each_row(self.old, "settlements", settlements.columns.keys()):
            act = numbers.get(uids.get(row["act"], "")) if row is not None else None
            if row is None or act is None or not is_whole(SETTLEMENT, row, row["sha256"]):
                self.carried.lost.append(
                    tr("the settlement {number} in the replaced store is damaged, or its act is", number=number)
                )
                continue
            values = {**{name: row[name] for name in SETTLEMENT}, "act": act}
            if tuple(values[name] for name in SETTLEMENT) in there:
                continue
            if self.new.execute(select(doubts.c.act).where(doubts.c.act == act)).first() is None:
                self.carried.differs.append(
                    tr("act {act} is settled otherwise in the copy: {row} here", act=act, row=row["state"])
                )
                continue
            add_settlement(self.new, values)

    # -- jobs, shelf, totals

    def _jobs(self, refs: Mapping[str, str]) -> None:
        columns = jobs.columns.keys()
        mine = {row["uid"]: row for row in self.new.execute(select(jobs)).mappings().all()}
        for number, row in each_row(self.old, "jobs", columns):
            job = job_of(row, self._old_series) if row is not None else None
            if row is None or job is None:
                self.carried.lost.append(tr("job J-{number:04d} is damaged in the replaced store", number=number))
                continue
            there = job_of(mine[row["uid"]], fetching(self.new)) if row["uid"] in mine else None
            if there is None:
                job = replace(job, number=self._place_of(number)) if row["uid"] not in mine else job
                self.carried.jobs += 1
                self._put(_renamed(job, refs), row)
            elif (further := _further(job, there)) is not there or row["purged"]:
                self.carried.differs.append(
                    tr(
                        "{there}: the replaced store's is further ({state}, not {state_2})",
                        there=there.name,
                        state=_state(job),
                        state_2=_state(there),
                    )
                )
                self._put(replace(_renamed(further, refs), number=there.number), row)
            elif job != there:
                self.carried.differs.append(
                    tr(
                        "{there}: the copy's is further ({state}, not {state_2})",
                        there=there.name,
                        state=_state(there),
                        state_2=_state(job),
                    )
                )

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
                    self.carried.lost.append(
                        tr(
                            "a recording of job {job} is damaged in the replaced store from chunk {number} on",
                            job=job,
                            number=number,
                        )
                    )
                    continue
                values = {"recording": uid, "number": number, "job": job, "before": before, "link": link, "body": body}
                self.new.execute(insert(recordings), values)
                there[uid, number] = link
        except (*DAMAGE, TypeError, ValueError):
            self.carried.lost.append(tr("recordings in the replaced store cannot be read"))

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

    def _shelf(self) -> None:
        for _, row in each_row(self.old, "shelf", shelf.columns.keys()):
            if row is not None and is_whole(SHELF, row, row["sha256"]):
                put_shelf(self.new, {name: row[name] for name in SHELF})

    def _totals(self) -> None:
        """Take the higher total: they only grow, and count what was purged as well."""
        names = outcome_totals.columns.keys()
        statement = (
            f"INSERT INTO outcome_totals ({', '.join(names)}) VALUES (:model, :action, :good, :times) "
            "ON CONFLICT (model, action, good) DO UPDATE SET times = max(times, excluded.times)"
        )
        for _, row in each_row(self.old, "outcome_totals", names):
            if row is not None and isinstance(row["times"], int):
                with suppress(*DAMAGE):
                    self.new.execute(text(statement), row)

    def _purges(self) -> None:
        """Take the old store's memory of purges with its salt."""
        salt = None
        with suppress(*DAMAGE):
            salt = self.old.execute("SELECT value FROM facts WHERE key = 'salt'").fetchone()
        if salt is None:
            return
        keep_fact(self.new, "salt", text_of(salt[0]))
        for _, row in each_row(self.old, "purges", ["digest"]):
            if row is not None:
                self.new.execute(text("INSERT OR IGNORE INTO purges VALUES (:digest)"), {"digest": text_of(row["digest"])})


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


def _content_of(row: Row | None) -> BackupContent | None:
    if row is None or row["purged"]:
        return None
    try:
        content = BackupContent.from_canonical(blob_of(row["body"]))
        return content if content.sha256() == row["sha256"] else None
    except (ValueError, StoreTrouble, TypeError):
        return None


def _old_heads(old: sqlite3.Connection | None) -> Marked | None:
    """Return the totals of writes that the old store itself counts, its damaged acts included."""
    if old is None:
        return None
    writes: dict[str, int] = {}
    for _, row in each_row(old, "lost_writes", ["die", "times"]):
        if row is not None and isinstance(row["times"], int):
            writes[text_of(row["die"])] = row["times"]
    spared = {
        row["act"] for _, row in each_row(old, "settlements", ["act", "state"]) if row is not None and row["state"] == "not sent"
    }
    for number, row in each_row(old, "acts", ["die", "kind"]):
        if row is not None and row["kind"] == "write" and number not in spared:
            writes[text_of(row["die"])] = writes.get(text_of(row["die"]), 0) + 1
    return Marked(Heads("", writes=writes))


def _facts(connection: Connection, before: Marked | None) -> None:
    """Let counts of saves and commits never fall; remember purges that only the marks know of."""
    facts = facts_of(connection)
    if before is None:
        return
    for key, then in (("saves", before.heads.saves), ("commits", before.heads.commits)):
        now = int(facts[key]) if facts.get(key, "").isdecimal() else 0
        keep_fact(connection, key, str(max(now, then)))
    if before.salt and before.purges:
        keep_fact(connection, "salt", before.salt)
        rows = [{"digest": digest} for digest in before.purges]
        connection.execute(text("INSERT OR IGNORE INTO purges VALUES (:digest)"), rows)


def _marked(connection: Connection, before: Marked | None) -> Marked:
    """Return the marks of the restored store: what is missing is what there once was more of."""
    heads = replace(heads_of(connection), writes=writes_of_all(connection))
    missing: dict[str, int] = {}
    if before is not None:
        now = {**{table: number for table, (number, _) in heads.chains.items()}, "jobs": heads.jobs}
        then = {**{table: number for table, (number, _) in before.heads.chains.items()}, "jobs": before.heads.jobs}
        missing = {name: then[name] + before.missing.get(name, 0) - now[name] for name in now if name in then}
    purges = frozenset(connection.execute(text("SELECT digest FROM purges")).scalars())
    salt = facts_of(connection).get("salt", "")
    epoch = before.epoch + 1 if before is not None else 0
    return Marked(heads, epoch, {name: count for name, count in missing.items() if count > 0}, salt, purges)
