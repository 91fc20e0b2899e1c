"""Read rows piece by piece where a question as a whole cannot be answered: a damaged row costs itself and no other."""

from collections.abc import Iterator, Mapping, Sequence
from contextlib import suppress
from typing import Any

from sqlalchemy import Column, Connection, Row, Select, func, select
from sqlalchemy.exc import DBAPIError

DAMAGE = (DBAPIError, UnicodeDecodeError)
MOST_UNREAD = 10_000  # ranges, one after the other, that cannot be read before the rest is given up
WINDOW, GAP = 256, 1024  # keys looked for together, and without any before the end

_NOTHING: Mapping[str, Any] = {}


def rows_apart(
    connection: Connection, query: Select[Any], key: Column[Any], given: Mapping[str, Any] = _NOTHING
) -> Iterator[Row[Any]]:
    """Yield what a query gives for the values that it was `given`, in its order; where that fails, those of its rows that can
    be read, by their keys: ranges of them, halved until what cannot be read stands alone.
    """
    rows = _rows(connection, query, given)
    if rows is None:
        yield from _Halving(connection, query, key, given).between(1, highest(connection, key))
    else:
        yield from rows


def highest(connection: Connection, key: Column[Any]) -> int:
    """Return the highest key of a table; where its last page is damaged, the highest one that can be read."""
    with suppress(*DAMAGE):
        return int(connection.execute(select(func.max(key))).scalar() or 0)
    found, first = 0, 1
    halving = _Halving(connection, select(key).order_by(key), key, _NOTHING)
    # where nothing tells the end, it is behind so many keys of which none can be read
    while first <= found + GAP:
        found = max((row[0] for row in halving.between(first, first + WINDOW - 1)), default=found)
        first += WINDOW
    return found


class _Halving:
    """Answer a question for ranges of keys, halved where they cannot be read, until so many could not."""

    def __init__(self, connection: Connection, query: Select[Any], key: Column[Any], given: Mapping[str, Any]) -> None:
        self._connection, self._query, self._key, self._given = connection, query, key, given
        # a damaged page may say that it holds any number of keys
        self._left = MOST_UNREAD

    def between(self, first: int, last: int) -> Iterator[Row[Any]]:
        """Yield what can be read from one key to another."""
        if first > last or not self._left:
            return
        # a range of one would look at the row behind it, which may lie on a damaged page
        within = self._key == first if first == last else self._key.between(first, last)
        rows = _rows(self._connection, self._query.where(within), self._given)
        if rows is not None:
            if rows:
                self._left = MOST_UNREAD
            yield from rows
            return
        self._left -= 1
        if first < last:
            middle = (first + last) // 2
            yield from self.between(first, middle)
            yield from self.between(middle + 1, last)


def _rows(connection: Connection, query: Select[Any], given: Mapping[str, Any]) -> Sequence[Row[Any]] | None:
    """Return the rows of a query, None where it cannot be answered."""
    with suppress(*DAMAGE):
        return connection.execute(query, given).all()
    return None
