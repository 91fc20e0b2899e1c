"""The journal: every act on a part is written ahead, then settled; both are append-only."""

import json
from contextlib import suppress
from pathlib import Path
from typing import Any

from sqlalchemy import Connection, Row, Select, func, insert, select

from daruma.core.acts import Act, ActKind, ActState
from daruma.store.database import Database, StoreTrouble, explained
from daruma.store.files import private_folder
from daruma.store.locks import FileLock, is_held
from daruma.store.schema import acts, doubts, settlements

UNDER_WAY = "under-way"


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
    ) -> Act:
        """Write an act ahead, before the device is told anything; it is under way until it is settled or left.

        Raises StoreTrouble where an earlier act on the same part was never settled.
        """
        values = {"job": job, "die": die, "backup": backup, "digest": digest, "started": started, "who": who, "before": before}
        with self._database.writing() as connection:
            self._refuse_past_doubt(connection, die)
            row = insert(acts).values(kind=kind.value, evidence=json.dumps(evidence), **values).returning(acts.c.number)
            number = int(connection.execute(row).scalar_one())
            # locked before others can see it: what is under way is not in doubt yet
            self._locks[number] = self._lock(number)
        return Act(number, job, kind, die, backup, digest, started, evidence, who=who, before=before)

    def settle(self, act: Act, state: ActState, note: str, when: str, *, answer: str = "", found: str = "") -> None:
        """Write how an act ended: what the device answered, and the SHA-256 or words of what was found after.

        Raises StoreTrouble for an act that is settled already.
        """
        with self._database.writing() as connection:
            if connection.execute(select(doubts.c.act).where(doubts.c.act == act.number)).first() is None:
                raise StoreTrouble(
                    f"Act {act.number} was settled before.", safe="What the journal says stays.", advice="Look at the job again."
                )
            row = {"state": state.value, "note": note, "settled": when, "answer": answer, "found": found}
            connection.execute(insert(settlements).values(act=act.number, **row))
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
        return self._acts(_query().where(acts.c.die == die))

    def acts_of(self, job: str) -> tuple[Act, ...]:
        """Return every act of a job, oldest first."""
        return self._acts(_query().where(acts.c.job == job))

    def all(self) -> tuple[Act, ...]:
        """Return every act, oldest first."""
        return self._acts(_query())

    def in_doubt(self) -> tuple[Act, ...]:
        """Return every act that was never settled, or settled as in doubt; those under way are among them."""
        return self._acts(_query().where(acts.c.number.in_(select(doubts.c.act))))

    def left_in_doubt(self) -> tuple[Act, ...]:
        """Return the acts in doubt that nobody is carrying out."""
        return tuple(act for act in self.in_doubt() if not self.is_under_way(act))

    def writes(self, die: str) -> int:
        """Return the writes that count against a part, failed and doubtful ones included."""
        return sum(act.counts for act in self.acts_on(die))

    def spent(self, kind: ActKind, die: str) -> bool:
        """Return whether an act that a part takes once was ever begun on it and is not known never to have left."""
        return any(act.kind is kind and act.state is not ActState.NOT_SENT for act in self.acts_on(die))

    def _acts(self, query: Select[Any]) -> tuple[Act, ...]:
        with self._database.reading() as connection:
            return tuple(_act(row) for row in connection.execute(query))

    @staticmethod
    def _refuse_past_doubt(connection: Connection, die: str) -> None:
        open_act = select(acts.c.number).where(acts.c.die == die, acts.c.number.in_(select(doubts.c.act)))
        number = connection.execute(open_act).scalar()
        if number is not None:
            raise StoreTrouble(
                f"Act {number} on this part was never settled.",
                safe="Nothing was sent to the part.",
                advice="Put the part on the socket and settle that act first.",
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


def _query() -> Select[Any]:
    each = settlements.alias()
    last = select(func.max(each.c.number)).where(each.c.act == acts.c.number).correlate(acts).scalar_subquery()
    told = settlements.c
    return (
        select(acts, told.state, told.note, told.settled, told.answer, told.found)
        .select_from(acts.outerjoin(settlements, settlements.c.number == last))
        .order_by(acts.c.number)
    )


def _act(row: Row[Any]) -> Act:
    return Act(
        row.number,
        row.job,
        ActKind(row.kind),
        row.die,
        row.backup,
        row.digest,
        row.started,
        tuple((str(name), str(said)) for name, said in json.loads(row.evidence)),
        ActState(row.state) if row.state else ActState.IN_DOUBT,
        row.note or "",
        row.settled or "",
        row.who,
        row.before,
        row.answer or "",
        row.found or "",
    )
