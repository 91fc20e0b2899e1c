"""Carry over what a replaced store still gives: backups, acts and jobs that the restored copy does not know."""

import sqlite3
from collections.abc import Iterator
from contextlib import closing, suppress
from pathlib import Path
from typing import Any

from sqlalchemy import Table, insert, select

from daruma.core.backup import BackupContent
from daruma.store.checking import DAMAGE
from daruma.store.database import Database, StoreTrouble
from daruma.store.schema import acts, backups, jobs, outcome_totals, settlements, shelf
from daruma.store.vault import Vault


def carry_over(old: Path, new: Database) -> tuple[int, int, int]:
    """Bring what only the old file has into the new store; return how many backups, acts and jobs.

    The old file may be damaged or missing: what it does not give is left out. Rows keep their numbers, since both
    stores grew from the same ones; a backup takes the next number where its own is taken.
    """
    if not old.exists():
        return 0, 0, 0
    with closing(sqlite3.connect(old)) as source:
        with suppress(*DAMAGE):
            # the log belongs to the old store: brought into its file before that is moved away
            source.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        found_acts = _missing(source, new, acts)
        _missing(source, new, settlements)
        found_jobs = _missing(source, new, jobs)
        _missing(source, new, shelf)
        _totals(source, new)
        return _backups(source, new), found_acts, found_jobs


def _backups(source: sqlite3.Connection, new: Database) -> int:
    vault = Vault(new)
    before = vault.count()
    for row in _each(source, backups):
        with suppress(ValueError, StoreTrouble):
            content = BackupContent.from_canonical(row["body"])
            if not row["purged"] and content.sha256() == row["sha256"]:
                vault.keep(content)
    return vault.count() - before


def _missing(source: sqlite3.Connection, new: Database, table: Table) -> int:
    key = next(iter(table.primary_key.columns))
    count = 0
    with new.writing() as connection:
        there = set(connection.execute(select(key)).scalars())
        for row in _each(source, table):
            if row[key.name] not in there:
                connection.execute(insert(table).values(**row))
                count += 1
    return count


def _totals(source: sqlite3.Connection, new: Database) -> None:
    """Take the old store's totals where they can be read: they only grow, and count what was purged as well."""
    rows = list(_each(source, outcome_totals))
    with new.writing() as connection:
        for row in rows:
            connection.execute(insert(outcome_totals).prefix_with("OR REPLACE").values(**row))


def _each(source: sqlite3.Connection, table: Table) -> Iterator[dict[str, Any]]:
    """Yield a table's rows that can be read, in their order; a damaged page costs the rows on it."""
    names = [column.name for column in table.columns]
    query, last = f"SELECT rowid, {', '.join(names)} FROM {table.name}", 0
    try:
        for rowid, *row in source.execute(f"{query} ORDER BY rowid"):
            last = rowid
            yield dict(zip(names, row, strict=True))
        return
    except DAMAGE:
        most = _most(source, table.name)
    for number in range(last + 1, most + 1):
        with suppress(*DAMAGE):
            found = source.execute(f"{query} WHERE rowid = ?", (number,)).fetchone()
            if found is not None:
                yield dict(zip(names, found[1:], strict=True))


def _most(source: sqlite3.Connection, table: str) -> int:
    try:
        return int(source.execute(f"SELECT coalesce(max(rowid), 0) FROM {table}").fetchone()[0])
    except DAMAGE:
        return 0
