"""Read rows piece by piece where a question as a whole cannot be answered: a damaged row costs itself and no other."""

from collections.abc import Iterator, Mapping, Sequence
from contextlib import suppress
from typing import Any

from sqlalchemy import Column, Connection, Row, Select, func, select
from sqlalchemy.exc import DBAPIError

DAMAGE = (DBAPIError, UnicodeDecodeError)


_NOTHING: Mapping[str, Any] = {}


def rows_apart(
    connection: Connection, query: Select[Any], key: Column[Any], given: Mapping[str, Any] = _NOTHING
) -> Iterator[Row[Any]]:
    """Yield what a query gives for the values that it was `given`, in its order; where that fails, those of its rows that can
    be read, by their keys: ranges of them, halved until what cannot be read stands alone.
    """
    rows = _rows(connection, query, given)
    if rows is None:
        yield from _halved(connection, query, key, given, 1, highest(connection, key))
    else:
        yield from rows


def highest(connection: Connection, key: Column[Any]) -> int:
    """Return the highest key of a table; 0 where that cannot be read."""
    with suppress(*DAMAGE):
        return int(connection.execute(select(func.max(key))).scalar() or 0)
    return 0


def _halved(
    connection: Connection, query: Select[Any], key: Column[Any], given: Mapping[str, Any], first: int, last: int
) -> Iterator[Row[Any]]:
    if first > last:
        return
    # a range of one would look at the row behind it, which may lie on a damaged page
    rows = _rows(connection, query.where(key == first if first == last else key.between(first, last)), given)
    if rows is not None:
        yield from rows
    elif first < last:
        middle = (first + last) // 2
        yield from _halved(connection, query, key, given, first, middle)
        yield from _halved(connection, query, key, given, middle + 1, last)


def _rows(connection: Connection, query: Select[Any], given: Mapping[str, Any]) -> Sequence[Row[Any]] | None:
    """Return the rows of a query, None where it cannot be answered."""
    with suppress(*DAMAGE):
        return connection.execute(query, given).all()
    return None
