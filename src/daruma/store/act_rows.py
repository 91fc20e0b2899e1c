"""Acts from their rows: each with its last settlement and its job's name; where those are damaged they are looked up apart, so
that nothing hides an act.
"""

import json
from collections.abc import Iterator, Mapping, Sequence
from contextlib import suppress
from typing import Any

from sqlalchemy import Column, ColumnElement, Connection, Row, Select, bindparam, func, select

from daruma.core.acts import Act, ActKind, ActState
from daruma.core.job import job_name
from daruma.core.language import tr
from daruma.store.apart import DAMAGE, rows_apart
from daruma.store.digests import ACT, SENSELESS, SETTLEMENT, is_whole
from daruma.store.schema import acts, jobs, settlements

AT_ONCE = 500  # looked up with one question
EVERY = 5_000  # from so many on all rows of a table are read in one go

Readout = tuple[tuple[Act, ...], tuple[Row[Any], ...]]  # acts as they were written, and the rows that are not

_COLUMNS = tuple(acts.columns.keys())
_SETTLED = (*SETTLEMENT, "sha256")


class ActQuery:
    """Ask for acts: in one go with their settlements and the numbers of their jobs, or apart from these where that fails."""

    def __init__(self, where: ColumnElement[bool] | None = None) -> None:
        each = settlements.alias()
        last = select(func.max(each.c.number)).where(each.c.act == acts.c.number).correlate(acts).scalar_subquery()
        told = (settlements.c[name].label(f"told_{name}") for name in _SETTLED)
        whole = select(acts, *told, jobs.c.number.label("job_number"))
        whole = whole.select_from(
            acts.outerjoin(settlements, settlements.c.number == last).outerjoin(jobs, jobs.c.uid == acts.c.job)
        )
        self._whole, self._apart = (
            (query.where(where) if where is not None else query).order_by(acts.c.number) for query in (whole, select(acts))
        )

    def rows(self, connection: Connection, given: Mapping[str, Any]) -> Sequence[Row[Any]]:
        """Return the rows of acts with all that belongs to them; raise what a damaged page of any of it raises."""
        return connection.execute(self._whole, given).all()

    def read(self, connection: Connection, given: Mapping[str, Any] = {}) -> Readout:
        """Return the acts that are as they were written, and the rows of the others; what is damaged of jobs and settlements
        hides none.
        """
        with suppress(*DAMAGE):
            return read_out(self.rows(connection, given))
        rows = list(rows_apart(connection, self._apart, acts.c.number, given))
        ends = {row.act: row for row in _ENDS.rows(connection, _of(rows, "number"))}
        names = {row.uid: row.number for row in _NAMES.rows(connection, _of(rows, "job"))}
        return _sorted(rows, [_act(row, ends.get(row.number), names.get(row.job)) for row in rows])


def read_out(rows: Sequence[Row[Any]]) -> Readout:
    """Return the acts in rows that came with all that belongs to them, and the rows that are not as they were written."""
    width = len(_COLUMNS)
    return _sorted(rows, [_act(row[:width], row[width:-1] if row[width] is not None else None, row[-1]) for row in rows])


def _sorted(rows: Sequence[Row[Any]], found: Sequence[Act | None]) -> Readout:
    damaged = tuple(row for row, act in zip(rows, found, strict=True) if act is None)
    return tuple(act for act in found if act is not None), damaged


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


def _act(row: Sequence[Any], end: Sequence[Any] | None, job: int | None) -> Act | None:
    """Return an act, None where its row is not as it was written; of a damaged settlement only that there was one."""
    plain = dict(zip(_COLUMNS, row, strict=True))
    if not is_whole(ACT, plain, plain["sha256"]):
        return None
    told = dict(zip(_SETTLED, end, strict=True)) if end is not None else dict.fromkeys(SETTLEMENT, "")
    if end is None:
        told["state"] = ActState.IN_DOUBT.value
    elif not is_whole(SETTLEMENT, told, told["sha256"]):
        told = dict.fromkeys(SETTLEMENT, "") | {"state": ActState.FAILED.value, "note": tr("its settlement is damaged")}
    with suppress(*SENSELESS):
        return Act(
            plain["number"],
            plain["job"],
            ActKind(plain["kind"]),
            plain["die"],
            plain["backup"],
            plain["digest"],
            plain["started"],
            tuple((str(name), str(said)) for name, said in json.loads(plain["evidence"])),
            ActState(told["state"]),
            told["note"],
            told["settled"],
            plain["who"],
            plain["before"],
            told["answer"],
            told["found"],
            plain["uid"],
            job_name(job) if job is not None else plain["job"],
        )
    return None
