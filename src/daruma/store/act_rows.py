"""Acts from their rows: each with its last settlement and its job's name, looked up apart, so that what is damaged of those
hides no act.
"""

import json
from collections.abc import Iterable, Iterator, Mapping, Sequence
from contextlib import suppress
from typing import Any

from sqlalchemy import Column, Connection, Row, Select, bindparam, select

from daruma.core.acts import Act, ActKind, ActState
from daruma.core.job import job_name
from daruma.core.language import tr
from daruma.store.apart import DAMAGE, rows_apart
from daruma.store.digests import ACT, SENSELESS, SETTLEMENT, is_whole
from daruma.store.schema import acts, jobs, settlements

AT_ONCE = 500  # looked up with one question
EVERY = 5_000  # from so many on all rows of a table are read in one go

Readout = tuple[tuple[Act, ...], tuple[Row[Any], ...]]  # acts as they were written, and the rows that are not

ACTS = select(acts).order_by(acts.c.number)
_COLUMNS = tuple(acts.columns.keys())
_SETTLED = (*SETTLEMENT, "sha256")


def read_out(connection: Connection, rows: Iterable[Row[Any]]) -> Readout:
    """Return the acts in rows that are as they were written, and the rows of the others."""
    kept = list(rows)
    ends = {row.act: row for row in _ENDS.rows(connection, _of(kept, "number"))}
    names = {row.uid: row.number for row in _NAMES.rows(connection, _of(kept, "job"))}
    sound, damaged = [], []
    for row in kept:
        act = _act(row, ends.get(row.number), names)
        if act is None:
            damaged.append(row)
        else:
            sound.append(act)
    return tuple(sound), tuple(damaged)


def _of(rows: Sequence[Row[Any]], name: str) -> list[Any]:
    return list(dict.fromkeys(getattr(row, name) for row in rows))


class _Lookup:
    """Look rows up by the values of a column, with an index; where that is damaged, among all rows."""

    def __init__(self, query: Select[Any], column: Column[Any], key: Column[Any]) -> None:
        self._column, self._key = column, key
        # made once: putting a question together takes longer than answering it
        self._some = query.where(column.in_(bindparam("values", expanding=True)))
        self._every = query.with_hint(key.table, "NOT INDEXED", "sqlite")

    def rows(self, connection: Connection, values: list[Any]) -> Iterator[Row[Any]]:
        """Yield the rows with one of some values."""
        if len(values) < EVERY:
            with suppress(*DAMAGE):
                pieces = [values[start : start + AT_ONCE] for start in range(0, len(values), AT_ONCE)]
                yield from [row for piece in pieces for row in connection.execute(self._some, {"values": piece})]
                return
        asked = set(values)
        rows = rows_apart(connection, self._every, self._key)
        yield from (row for row in rows if getattr(row, self._column.name) in asked)


_ENDS = _Lookup(
    select(*(settlements.c[name] for name in SETTLEMENT), settlements.c.sha256).order_by(settlements.c.number),
    settlements.c.act,
    settlements.c.number,
)
_NAMES = _Lookup(select(jobs.c.uid, jobs.c.number), jobs.c.uid, jobs.c.number)


def _act(row: Row[Any], end: Row[Any] | None, names: Mapping[str, int]) -> Act | None:
    """Return an act, None where its row is not as it was written; of a damaged settlement only that there was one."""
    if not is_whole(ACT, plain := dict(zip(_COLUMNS, row, strict=True)), plain["sha256"]):
        return None
    told = dict(zip(_SETTLED, end, strict=True)) if end is not None else dict.fromkeys(SETTLEMENT, "")
    if end is None:
        told["state"] = ActState.IN_DOUBT.value
    elif not is_whole(SETTLEMENT, told, told["sha256"]):
        told = dict.fromkeys(SETTLEMENT, "") | {"state": ActState.FAILED.value, "note": tr("its settlement is damaged")}
    with suppress(*SENSELESS):
        return Act(
            row.number,
            row.job,
            ActKind(row.kind),
            row.die,
            row.backup,
            row.digest,
            row.started,
            tuple((str(name), str(said)) for name, said in json.loads(row.evidence)),
            ActState(told["state"]),
            told["note"],
            told["settled"],
            row.who,
            row.before,
            told["answer"],
            told["found"],
            row.uid,
            job_name(names[row.job]) if row.job in names else row.job,
        )
    return None
