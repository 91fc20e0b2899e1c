"""Read rows one by one where a question as a whole cannot be answered: a damaged row costs itself and no other."""

from collections.abc import Iterator
from contextlib import suppress
from typing import Any

from sqlalchemy import Column, Connection, Row, Select, func, select
from sqlalchemy.exc import DBAPIError

DAMAGE = (DBAPIError, UnicodeDecodeError)


def rows_apart(connection: Connection, query: Select[Any], key: Column[Any]) -> Iterator[Row[Any]]:
    """Yield what a query gives, in its order; where that fails, each of its rows that can be read by its key.

    Where not even the keys can be read, every key up to the highest is asked for.
    """
    try:
        rows = connection.execute(query).all()
    except DAMAGE:
        rows = None
    if rows is not None:
        yield from rows
        return
    for number in _keys(connection, query, key):
        with suppress(*DAMAGE):
            yield from connection.execute(query.where(key == number)).all()


def _keys(connection: Connection, query: Select[Any], key: Column[Any]) -> list[int]:
    try:
        return list(connection.execute(query.with_only_columns(key)).scalars())
    except DAMAGE:
        return list(range(1, _highest(connection, key) + 1))


def _highest(connection: Connection, key: Column[Any]) -> int:
    """Return the highest key of a table; 0 where that cannot be read."""
    with suppress(*DAMAGE):
        return int(connection.execute(select(func.max(key))).scalar() or 0)
    return 0
