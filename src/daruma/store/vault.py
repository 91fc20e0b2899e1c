"""The vault: backups, append-only, content-addressed, hash-chained."""

import hashlib
import sqlite3
from collections.abc import Callable, Iterable, Iterator, Sequence
from itertools import islice
from typing import Any

from sqlalchemy import Connection, LargeBinary, Row, String, cast, desc, func, insert, or_, select, text
from sqlalchemy.exc import DatabaseError

from daruma.core.backup import GENESIS, LOST, Backup, BackupContent, Origin, VaultFault, known_by, link_of, name_of, named
from daruma.core.finding import words_of
from daruma.core.language import day, tr
from daruma.store.checking import AT_ONCE, COLUMNS, DAMAGE, check_all
from daruma.store.database import Database, FileLook
from daruma.store.schema import backups, vault_head
from daruma.store.trouble import StoreTrouble

LONGEST_WORD = 40  # characters; curves and matrices are not searched for
# cast, since a damaged row may hold values of another type
_TEXTS = (backups.c.sha256, backups.c.chain, backups.c.purged, backups.c.arrived, *(backups.c[name] for name in COLUMNS))
_WHOLE = select(
    backups.c.number, *(cast(c, String).label(c.name) for c in _TEXTS), cast(backups.c.body, LargeBinary).label("body")
)


class Vault:
    """Keep backups and give them back."""

    def __init__(self, database: Database | FileLook) -> None:
        self._database = database

    def keep(self, content: BackupContent, *, arrived: str = "") -> Backup:
        """Keep a backup; the same content again returns the one that is there.

        `arrived` says which file one was imported from; it stays with it for ever.
        """
        return self.keep_all((content,), arrived=arrived)[0]

    def keep_all(self, contents: Iterable[BackupContent], *, arrived: str = "") -> tuple[Backup, ...]:
        """Keep backups, all of them or none."""
        if isinstance(self._database, FileLook):
            raise StoreTrouble(
                tr("A copy is only looked at."), safe=tr("It is left as it is."), advice=tr("Keep into the store itself.")
            )
        with self._database.writing() as connection:
            return keep_in(connection, tuple(contents), arrived)

    def get(self, name: str) -> Backup:
        """Return a backup by its reference, SHA-256 or name, its bytes verified; raise StoreTrouble where that fails.

        A reference goes by its digest alone: whatever carries its name by now is another one.
        """
        digest = known_by(name)
        number = int(name[2:]) if not digest and name.startswith("B-") and name[2:].isdecimal() and len(name) < 20 else -1
        with self._database.reading() as connection:
            wanted = or_(backups.c.number == number, backups.c.sha256 == (digest or name))
            row = connection.execute(_WHOLE.where(wanted)).first()
        if row is None:
            advice = tr("Restore a copy that holds it, or read the part again.") if digest else tr("Search the vault.")
            raise StoreTrouble(
                tr("The vault has no backup {named}.", named=named(name)), safe=tr("The others are untouched."), advice=advice
            )
        backup = _backup(row)
        if backup.purged.startswith(LOST):
            raise StoreTrouble(
                tr(
                    "Backup {backup} was damaged when a copy was restored; nothing of it could be carried over.",
                    backup=backup.name,
                ),
                safe=tr("The others are untouched."),
                advice=tr("Read the part again if you still have it, or import a copy of the backup."),
            )
        if backup.purged:
            raise StoreTrouble(
                tr(
                    "The identifiers of backup {backup} were purged on {purged}; nothing is left to use.",
                    backup=backup.name,
                    purged=day(backup.purged),
                ),
                safe=tr("The others are untouched."),
                advice=tr("Read the part again if you still have it."),
            )
        if hashlib.sha256(row.body).hexdigest() != backup.sha256:
            raise StoreTrouble(
                tr("Backup {backup} is damaged: its bytes are not those that were kept.", backup=backup.name),
                safe=tr("The others are untouched; this one will not be written to a part."),
                advice=tr(
                    "Read the part again if you still have it, import a copy of the backup, or restore a copy of the store."
                ),
            )
        return backup

    def has(self, ref: str) -> bool:
        """Return whether a backup is there by its reference and was not purged; its bytes are not looked at."""
        query = select(backups.c.number).where(backups.c.sha256 == known_by(ref), backups.c.purged == "")
        with self._database.reading() as connection:
            return connection.execute(query).first() is not None

    def find(self, words: str = "", *, imei: str = "", layout: str = "", maker: str = "", limit: int = 500) -> tuple[Backup, ...]:
        """Return backups, newest first, whose model, IMEI, die or fields hold every word; raise Trouble for too many words."""
        asked = words_of(words)
        if asked is None:
            return ()
        query = _WHOLE.order_by(desc(backups.c.number)).limit(limit)
        for column, value in ((backups.c.imei, imei), (backups.c.layout, layout), (backups.c.maker, maker)):
            query = query.where(column == value) if value else query
        with self._database.reading() as connection:
            try:
                if asked:
                    query = query.where(backups.c.number.in_(_found(connection, asked, limit)))
                return tuple(_backup(row) for row in connection.execute(query))
            except (DatabaseError, UnicodeDecodeError):
                # a damaged page hides what lies on it and nothing else
                wanted = {"imei": imei, "layout": layout, "maker": maker}
                return tuple(islice(_found_apart(connection, [word.casefold() for word in asked], wanted), limit))

    def count(self) -> int:
        """Return the number of backups."""
        with self._database.reading() as connection:
            return int(connection.execute(select(func.count()).select_from(backups)).scalar_one())

    def check(
        self, report: Callable[[int], None] = lambda _: None, *, whole_store: bool = False
    ) -> tuple[int, tuple[VaultFault, ...]]:
        """Verify every byte of the vault, its chain and its pages; return the number seen and what does not verify.

        `report` gets the number seen so far, every few thousand backups and at the end. With `whole_store` the pages of
        jobs and journal are verified as well.
        """
        with self._database.reading() as connection:
            raw = connection.connection.driver_connection
            assert isinstance(raw, sqlite3.Connection)
            done = check_all(raw, self._database.file, _last(raw), "20" if whole_store else "backups", report)
            report(done.seen)
            tail = _tail(raw)
        return done.seen, (*done.faults, *done.unreadable, *tail, *done.structure)


def keep_in(connection: Connection, contents: Sequence[BackupContent], arrived: str = "") -> tuple[Backup, ...]:
    """Keep backups in a transaction that is under way."""
    digests = [content.sha256() for content in contents]
    there = {row.sha256: row for row in _by_digest(connection, digests)}
    number, chain = head_in(connection)
    kept: dict[str, Backup] = {sha256: _unpurged(_backup(row)) for sha256, row in there.items()}
    new = []
    for content, sha256 in zip(contents, digests, strict=True):
        if sha256 not in kept:
            number, chain = number + 1, link_of(chain, sha256, arrived)
            kept[sha256] = Backup(number, content, sha256, chain, arrived=arrived)
            new.append(kept[sha256])
    if new:
        connection.execute(insert(backups), [_columns(backup) for backup in new])
        words = [{"number": backup.number, "words": _words(backup.number, backup.content)} for backup in new]
        connection.execute(text("INSERT INTO backup_search (rowid, words) VALUES (:number, :words)"), words)
        put_head(connection, number, chain)
    return tuple(kept[sha256] for sha256 in digests)


def head_in(connection: Connection) -> tuple[int, str]:
    """Return number and link of the newest backup, as the vault's head says."""
    head = connection.execute(select(vault_head.c.number, vault_head.c.chain)).first()
    return (head.number, head.chain) if head else (0, GENESIS)


def put_head(connection: Connection, number: int, chain: str) -> None:
    """Let the vault's head say which backup is the newest."""
    head = {"number": number, "chain": chain}
    connection.execute(text("INSERT OR REPLACE INTO vault_head VALUES (1, :number, :chain)"), head)


def _by_digest(connection: Connection, digests: Sequence[str]) -> Iterator[Row[Any]]:
    for start in range(0, len(digests), AT_ONCE):
        yield from connection.execute(_WHOLE.where(backups.c.sha256.in_(digests[start : start + AT_ONCE])))


def _unpurged(there: Backup) -> Backup:
    if there.purged:
        raise StoreTrouble(
            tr("This is backup {there}, whose identifiers were purged on {purged}.", there=there.name, purged=day(there.purged)),
            safe=tr("The vault is unchanged."),
            advice=tr("Read the part itself again: a fresh reading is kept as a backup of its own."),
        )
    return there


def _columns(backup: Backup) -> dict[str, object]:
    columns: dict[str, object] = {name: getattr(backup.content, name) for name in COLUMNS}
    own = {"number": backup.number, "sha256": backup.sha256, "chain": backup.chain, "purged": "", "arrived": backup.arrived}
    return {**columns, **own, "body": backup.content.canonical()}


def _words(number: int, content: BackupContent) -> str:
    said = [name_of(number), *(getattr(content, name) for name in COLUMNS), content.chip, content.taken, content.note]
    return "\n".join(word for word in (*said, *(value for _, value in content.fields)) if len(word) <= LONGEST_WORD)


def _found(connection: Connection, words: Sequence[str], limit: int) -> list[int]:
    """Return the newest numbers whose words hold each of some; parts of three characters or more go by the index."""
    query, values = "SELECT rowid FROM backup_search WHERE ", {"limit": limit}
    long = [word for word in words if len(word) >= 3]
    conditions = ["backup_search MATCH :match"] if long else []
    bound: dict[str, object] = {"match": " AND ".join('"' + word.replace('"', '""') + '"' for word in long), **values}
    for index, word in enumerate(word for word in words if len(word) < 3):
        conditions.append(f"words LIKE :short{index} ESCAPE '\\'")
        bound[f"short{index}"] = "%" + "".join("\\" + c if c in "\\%_" else c for c in word) + "%"
    rows = connection.execute(text(query + " AND ".join(conditions) + " ORDER BY rowid DESC LIMIT :limit"), bound)
    return [int(number) for (number,) in rows]


def _found_apart(connection: Connection, words: list[str], wanted: dict[str, str]) -> Iterator[Backup]:
    """Yield the backups that can be read, newest first, and hold every word."""
    raw = connection.connection.driver_connection
    assert isinstance(raw, sqlite3.Connection)
    for number in range(_head(raw)[0], 0, -1):
        try:
            row = connection.execute(_WHOLE.where(backups.c.number == number)).first()
        except (DatabaseError, UnicodeDecodeError):
            continue
        backup = _backup(row) if row is not None else None
        if backup is None or any(value and getattr(backup.content, name) != value for name, value in wanted.items()):
            continue
        said = _words(number, backup.content).casefold()
        if all(word in said for word in words):
            yield backup


def _last(raw: sqlite3.Connection) -> int:
    """Return the highest number there is or should be."""
    try:
        there = raw.execute("SELECT coalesce(max(number), 0) FROM backups").fetchone()[0]
    except DAMAGE:
        there = 0
    return max(_number(there), _head(raw)[0])


def _number(value: object) -> int:
    """Return a number as it was read; 0 where a damaged file gives something else for it."""
    return value if isinstance(value, int) else 0


def _head(raw: sqlite3.Connection) -> tuple[int, str]:
    try:
        row = raw.execute("SELECT number, chain FROM vault_head").fetchone()
    except DAMAGE:
        row = None
    return (_number(row[0]), str(row[1])) if row else (0, GENESIS)


def _tail(raw: sqlite3.Connection) -> tuple[VaultFault, ...]:
    """Return whether the newest backups are missing or differ from what the vault's head says."""
    number, chain = _head(raw)
    try:
        last = raw.execute("SELECT number, chain FROM backups ORDER BY number DESC LIMIT 1").fetchone() or (0, GENESIS)
        found = raw.execute("SELECT count(*) FROM backup_search_docsize").fetchone()[0]
        kept = raw.execute("SELECT count(*) FROM backups WHERE purged = ''").fetchone()[0]
    except DAMAGE as error:
        return (VaultFault(tr("the store"), tr("its end cannot be read: {error}", error=error)),)
    newest = _number(last[0])
    if newest < number:
        return (VaultFault(name_of(newest + 1), tr("it and all up to {name_of} are missing", name_of=name_of(number))),)
    if tuple(last) != (number, chain):
        return (VaultFault(tr("the vault's head"), tr("it does not fit the newest backup")),)
    return (
        () if found == kept else (VaultFault(tr("the search"), tr("it knows {found} of {kept} backups", found=found, kept=kept)),)
    )


def _backup(row: Row[Any]) -> Backup:
    try:
        content = BackupContent.from_canonical(row.body)
    except ValueError:
        # a body changed from outside must not keep the other backups from being served
        texts = {name: str(getattr(row, name)) for name in COLUMNS}
        content = BackupContent(
            **texts, part_kind="", chip="", taken="", programmer="", firmware="", origin=Origin.PART, fields=(), image=b"",
            note="purged" if row.purged else "unreadable",
        )  # fmt: skip
    return Backup(row.number, content, row.sha256, row.chain, row.purged, row.arrived)
