"""Rows of a file that may be damaged, of an earlier version, or another's: read one by one for what it still gives."""

import sqlite3
from collections.abc import Iterator
from typing import Any

from daruma.store.checking import DAMAGE

Row = dict[str, Any]
MOST_ROWS = 1_000_000  # looked for one by one in a damaged table


def text_of(value: object) -> str:
    """Return a value that should be a text, empty where it is none."""
    return value if isinstance(value, str) else ""


def blob_of(value: object) -> bytes:
    """Return a value that should be bytes, none where it is something else."""
    return value if isinstance(value, bytes) else b""


def each_row(old: sqlite3.Connection, table: str, names: list[str]) -> Iterator[tuple[int, Row | None]]:
    """Yield a table's rows with their numbers, in order; None for one that cannot be read. A table that is not there, or
    whose end cannot be found, yields nothing; of one that is damaged so many rows are looked for, whatever it says of its end.
    """
    query, last = f"SELECT rowid, {', '.join(names)} FROM {table}", 0
    try:
        for rowid, *row in (tuple(found) for found in old.execute(f"{query} ORDER BY rowid")):
            last = rowid
            yield rowid, dict(zip(names, row, strict=True))
        return
    except DAMAGE:
        most = _most(old, table)
    for number in range(last + 1, min(most, last + MOST_ROWS) + 1):
        try:
            found = old.execute(f"{query} WHERE rowid = ?", (number,)).fetchone()
        except DAMAGE:
            yield number, None
            continue
        if found is not None:
            yield number, dict(zip(names, tuple(found)[1:], strict=True))


def _most(old: sqlite3.Connection, table: str) -> int:
    try:
        return int(old.execute(f"SELECT coalesce(max(rowid), 0) FROM {table}").fetchone()[0])
    except DAMAGE:
        return 0
