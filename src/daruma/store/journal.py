"""The journal: every act on a part is written ahead, then settled; both are append-only."""

import json
from typing import Any

from sqlalchemy import Row, Select, func, insert, select

from daruma.core.acts import Act, ActKind, ActState
from daruma.store.database import Database
from daruma.store.schema import acts, settlements


class Journal:
    """Keep acts and their settlements."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def intend(
        self, kind: ActKind, *, job: str, die: str, backup: str, digest: str, started: str, evidence: tuple[tuple[str, str], ...]
    ) -> Act:
        """Write an act ahead, before the device is told anything."""
        with self._database.writing() as connection:
            number = connection.execute(
                insert(acts)
                .values(
                    job=job,
                    kind=kind.value,
                    die=die,
                    backup=backup,
                    digest=digest,
                    started=started,
                    evidence=json.dumps(evidence),
                )
                .returning(acts.c.number)
            ).scalar_one()
        return Act(number, job, kind, die, backup, digest, started, evidence)

    def settle(self, act: Act, state: ActState, note: str, when: str) -> None:
        """Write how an act ended."""
        with self._database.writing() as connection:
            connection.execute(insert(settlements).values(act=act.number, state=state.value, note=note, settled=when))

    def acts_on(self, die: str) -> tuple[Act, ...]:
        """Return every act on a part, oldest first."""
        return self._acts(_query().where(acts.c.die == die))

    def acts_of(self, job: str) -> tuple[Act, ...]:
        """Return every act of a job, oldest first."""
        return self._acts(_query().where(acts.c.job == job))

    def in_doubt(self) -> tuple[Act, ...]:
        """Return every act that was never settled, or settled as in doubt."""
        return tuple(act for act in self._acts(_query()) if act.state is ActState.IN_DOUBT and act.kind is ActKind.WRITE)

    def writes(self, die: str) -> int:
        """Return the writes that count against a part, failed and doubtful ones included."""
        return sum(act.counts for act in self.acts_on(die))

    def _acts(self, query: Select[Any]) -> tuple[Act, ...]:
        with self._database.reading() as connection:
            return tuple(_act(row) for row in connection.execute(query))


def _query() -> Select[Any]:
    last = select(settlements.c.act, func.max(settlements.c.number).label("number")).group_by(settlements.c.act).subquery()
    return (
        select(acts, settlements.c.state, settlements.c.note, settlements.c.settled)
        .outerjoin(last, last.c.act == acts.c.number)
        .outerjoin(settlements, settlements.c.number == last.c.number)
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
    )
