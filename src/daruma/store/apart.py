"""Read rows one by one where a question as a whole cannot be answered: a damaged row costs itself and no other."""

from collections.abc import Iterator, Mapping
from contextlib import suppress
from typing import Any

from sqlalchemy import Column, Connection, Row, Select, func, select
from sqlalchemy.exc import DBAPIError

DAMAGE = (DBAPIError, UnicodeDecodeError)


_NOTHING: Mapping[str, Any] = {}


def rows_apart(
    connection: Connection, query: Select[Any], key: Column[Any], given: Mapping[str, Any] = _NOTHING
) -> Iterator[Row[Any]]:
    """Yield what a query gives for the values that it was `given`, in its order; where that fails, each of its rows that can be
    read by its key.

    Where not even the keys can be read, every key up to the highest is asked for.
    """
    try:
        rows = connection.execute(query, given).all()
    except DAMAGE:
        rows = None
    if rows is not None:
        yield from rows
        return
    for number in _keys(connection, query, key, given):
        with suppress(*DAMAGE):
            yield from connection.execute(query.where(key == number), given).all()


def _keys(connection: Connection, query: Select[Any], key: Column[Any], given: Mapping[str, Any]) -> list[int]:
    try:
        return list(connection.execute(query.with_only_columns(key), given).scalars())
    except DAMAGE:
        return list(range(1, _highest(connection, key) + 1))


def _highest(connection: Connection, key: Column[Any]) -> int:
    """Return the highest key of a table; 0 where that cannot be read."""
    with suppress(*DAMAGE):
        return int(connection.execute(select(func.max(key))).scalar() or 0)
    return 0
