"""The journal: every act on a part is written ahead, then settled; both are append-only."""

import json
from contextlib import suppress
from pathlib import Path
from typing import Any

from sqlalchemy import Connection, Select, Table, bindparam, func, insert, select

from daruma.core.acts import Act, ActKind, ActState
from daruma.core.backup import VaultFault
from daruma.core.job import Job, job_name
from daruma.core.language import tr
from daruma.store.act_notes import joined as joined_notes
from daruma.store.act_rows import ActQuery, Readout, read_out
from daruma.store.apart import DAMAGE
from daruma.store.database import Database
from daruma.store.digests import ACT, FIRST, SETTLEMENT, chained, fresh_uid, row_digest
from daruma.store.engine import explained
from daruma.store.files import private_folder
from daruma.store.jobs import refuse_overtaken
from daruma.store.locks import FileLock, is_held
from daruma.store.lost_acts import ANY_KIND, lost_on
from daruma.store.schema import acts, doubts, jobs, settlements
from daruma.store.trouble import StoreTrouble

UNDER_WAY = "under-way"
CHANGED = tr("it is not as it was written")


class Journal:
    """Keep acts and their settlements."""

    def __init__(self, database: Database) -> None:
        self._database = database
        self._locks: dict[int, FileLock] = {}

    def intend(
        self,
        kind: ActKind,
        *,
        job: str,
        die: str,
        backup: str,
        digest: str,
        started: str,
        evidence: tuple[tuple[str, str], ...],
        who: str = "",
        before: str = "",
        as_of: Job | None = None,
    ) -> Act:
        """Write an act ahead, before the device is told anything; it is under way until it is settled or left.

        `job` is the identity of the job. Raises StoreTrouble where an earlier act on the same part was never settled,
        or where the kept job has gone on since it was as `as_of` has it.
        """
        values = {"uid": fresh_uid(), "job": job, "kind": kind.value, "die": die, "backup": backup, "digest": digest}
        values |= {"started": started, "evidence": json.dumps(evidence), "who": who, "before": before}
        with self._database.writing() as connection:
            if as_of is not None:
                refuse_overtaken(connection, as_of)
            self._refuse_past_doubt(connection, die)
            number = add_act(connection, values)
            # locked before others can see it: what is under way is not in doubt yet
            self._locks[number] = self._lock(number)
            name = _name_of(connection, job)
        uid = values["uid"]
        return Act(number, job, kind, die, backup, digest, started, evidence, who=who, before=before, uid=uid, job_name=name)

    def settle(self, act: Act, state: ActState, note: str, when: str, *, answer: str = "", found: str = "") -> None:
        """Write how an act ended: what the device answered, and the SHA-256 or words of what was found after.

        Raises StoreTrouble for an act that is settled already.
        """
        with self._database.writing() as connection:
            if connection.execute(_DOUBT, {"act": act.number}).first() is None:
                raise StoreTrouble(
                    tr("Act {number} was settled before.", number=act.number),
                    safe=tr("What the journal says stays."),
                    advice=tr("Look at the job again."),
                )
            row = {"state": state.value, "note": note, "settled": when, "answer": answer, "found": found}
            add_settlement(connection, {"act": act.number, **row})
        self.leave(act)

    def leave(self, act: Act) -> None:
        """Say that nobody works on an act any more, settled or not; a second call does nothing."""
        lock = self._locks.pop(act.number, None)
        if lock is not None:
            with suppress(OSError):
                lock.path.unlink()
            lock.release()

    def is_under_way(self, act: Act) -> bool:
        """Return whether some window is carrying an act out just now."""
        return is_held(self._place(act.number))

    def acts_on(self, die: str) -> tuple[Act, ...]:
        """Return every act on a part, oldest first."""
        return self._read_by("die", die)[0]

    def acts_of(self, job: str) -> tuple[Act, ...]:
        """Return every act of a job, oldest first."""
        return self._read_by("job", job)[0]

    def all(self) -> tuple[Act, ...]:
        """Return every act, oldest first."""
        return self._read(_EVERY)[0]

    def in_doubt(self) -> tuple[Act, ...]:
        """Return every act that was never settled, or settled as in doubt; those under way are among them."""
        return self._read(_IN_DOUBT)[0]

    def left_in_doubt(self) -> tuple[Act, ...]:
        """Return the acts in doubt that nobody is carrying out."""
        return tuple(act for act in self.in_doubt() if not self.is_under_way(act))

    def writes(self, die: str) -> int:
        """Return the writes that count against a part."""
        return self.counted(ActKind.WRITE, die)

    def spent(self, kind: ActKind, die: str) -> bool:
        """Return whether an act that a part takes once was ever begun on it and is not known never to have left."""
        return self.counted(kind, die) > 0

    def counted(self, kind: ActKind, die: str) -> int:
        """Return how many acts of a kind count on a part, a phone or a programmer: failed and doubtful ones, those of which only
        the marks or what was lost sight of tell, and damaged ones unless they still say that they are of another kind.
        """
        with self._database.reading() as connection:
            sound, damaged = self._found(connection, "die", die)
            lost = lost_on(connection, die)
        marks = self._database.marks
        noted = joined_notes(lost.values(), marks.finder.on(die).values() if marks is not None else ())
        told = {act.uid for act in sound}
        counted = sum(act.kind is kind and act.counts for act in sound)
        counted += sum(note.sent and note.kind in (kind.value, ANY_KIND) for note in noted.values() if note.uid not in told)
        others = _KINDS - {kind.value}
        return counted + sum(row.kind not in others for row in damaged if row.uid not in noted)

    def damaged(self) -> tuple[VaultFault, ...]:
        """Return the acts that are not as they were written; they are set aside and count against their parts."""
        return tuple(VaultFault(tr("act {number}", number=row.number), CHANGED) for row in self._read(_EVERY)[1])

    def _read(self, query: ActQuery) -> Readout:
        """Return the acts of a query that are as they were written, and the rows of the others."""
        with self._database.reading() as connection:
            return query.read(connection)

    def _read_by(self, name: str, value: str) -> Readout:
        """Return the acts whose part or job is known by a value, and the damaged rows that may be of it."""
        with self._database.reading() as connection:
            return self._found(connection, name, value)

    def _found(self, connection: Connection, name: str, value: str) -> Readout:
        """Return what the index leads to where the rows tell the same; else what either of them tells of."""
        finder = self._database.finder
        with suppress(*DAMAGE):
            rows = _BY[name].rows(connection, {"value": value})
            # what is in an index is not looked up in the table: its value is the index's own
            told = [row.number for row in rows if getattr(row, name) == value]
            if len(told) == len(rows) and told == sorted(finder.by_rows(connection, name, value)):
                return read_out(rows)
        sound, damaged = _NUMBERED.read(connection, {"numbers": finder.numbers(connection, name, value)})
        # a damaged index leads to acts on other parts as well
        return tuple(act for act in sound if getattr(act, name) == value), damaged

    def _refuse_past_doubt(self, connection: Connection, die: str) -> None:
        number = connection.execute(_OPEN, {"numbers": self._database.finder.numbers(connection, "die", die)}).scalar()
        if number is not None:
            raise StoreTrouble(
                tr("Act {number} on this part was never settled.", number=number),
                safe=tr("Nothing was sent to the part."),
                advice=tr("Put the part on the socket and settle that act first."),
            )

    def _place(self, number: int) -> Path:
        return self._database.folder / UNDER_WAY / f"act-{number}"

    def _lock(self, number: int) -> FileLock:
        with explained():
            place = self._place(number)
            private_folder(place.parent)
            lock = FileLock(place)
            lock.take(alone=True)
        return lock


def add_act(connection: Connection, values: dict[str, Any], number: int | None = None) -> int:
    """Write an act behind the others and return its number, the next one where none is given."""
    before = connection.execute(_LAST_ACT).scalar()
    digest = row_digest(ACT, values)
    row = {**values, "sha256": digest, "chain": chained(before or FIRST, digest)}
    if number is not None:
        row["number"] = number
    return int(connection.execute(_ADD_ACT, row).scalar_one())


def add_settlement(connection: Connection, values: dict[str, Any]) -> None:
    """Write a settlement behind the others."""
    before = connection.execute(_LAST_SETTLEMENT).scalar() or FIRST
    digest = row_digest(SETTLEMENT, values)
    connection.execute(_SETTLE, {**values, "sha256": digest, "chain": chained(before, digest)})


def _name_of(connection: Connection, job: str) -> str:
    """Return how a job is called; where that cannot be looked up, its identity."""
    with suppress(*DAMAGE):
        number = connection.execute(_NUMBER, {"uid": job}).scalar()
        return job_name(number) if number is not None else job
    return job


def _newest(table: Table) -> Select[Any]:
    """Return the question for the last link of a chain."""
    return select(table.c.chain).where(table.c.number == select(func.max(table.c.number)).scalar_subquery())


_KINDS = frozenset(kind.value for kind in ActKind)
# made once: putting a question together takes longer than answering it
_EVERY = ActQuery()
_BY = {name: ActQuery(acts.c[name] == bindparam("value")) for name in ("die", "job")}
_NUMBERED = ActQuery(acts.c.number.in_(bindparam("numbers", expanding=True)))
_IN_DOUBT = ActQuery(acts.c.number.in_(select(doubts.c.act)))
_OPEN = select(doubts.c.act).where(doubts.c.act.in_(bindparam("numbers", expanding=True)))
_DOUBT = select(doubts.c.act).where(doubts.c.act == bindparam("act"))
_NUMBER = select(jobs.c.number).where(jobs.c.uid == bindparam("uid"))
_LAST_ACT, _LAST_SETTLEMENT = _newest(acts), _newest(settlements)
_ADD_ACT, _SETTLE = insert(acts).returning(acts.c.number), insert(settlements)
