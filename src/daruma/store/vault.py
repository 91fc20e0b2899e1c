"""The vault: backups, append-only, content-addressed, hash-chained."""

import json
from collections.abc import Callable, Iterator
from typing import Any

from sqlalchemy import Row, desc, func, insert, or_, select

from daruma.core.backup import GENESIS, Backup, BackupContent, Origin, VaultFault, check_chain, link_of
from daruma.store.database import Database, StoreTrouble
from daruma.store.schema import backups


class Vault:
    """Keep backups and give them back."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def keep(self, content: BackupContent) -> Backup:
        """Keep a backup; the same content again returns the one that is there."""
        sha256 = content.sha256()
        with self._database.writing() as connection:
            there = connection.execute(select(backups).where(backups.c.sha256 == sha256)).first()
            if there is not None:
                return _backup(there)
            last = connection.execute(select(backups.c.number, backups.c.chain).order_by(desc(backups.c.number)).limit(1)).first()
            number, previous = (last.number + 1, last.chain) if last else (1, GENESIS)
            chain = link_of(previous, sha256)
            connection.execute(
                insert(backups).values(
                    number=number,
                    sha256=sha256,
                    chain=chain,
                    model=content.model,
                    imei=content.imei,
                    die=content.die,
                    body=_body(content),
                    image=content.image,
                )
            )
        return Backup(number, content, sha256, chain)

    def get(self, name: str) -> Backup:
        """Return a backup by its name or SHA-256, its bytes verified; raise StoreTrouble where that fails."""
        number = int(name[2:]) if name.startswith("B-") and name[2:].isdigit() else -1
        with self._database.reading() as connection:
            row = connection.execute(select(backups).where(or_(backups.c.number == number, backups.c.sha256 == name))).first()
        if row is None:
            raise StoreTrouble(f"The vault has no backup {name}.", safe="The others are untouched.", advice="Search the vault.")
        backup = _backup(row)
        if backup.content.sha256() != backup.sha256:
            raise StoreTrouble(
                f"Backup {backup.name} is damaged: its bytes are not those that were kept.",
                safe="The others are untouched; this one will not be written to a part.",
                advice="Read the part again if you still have it, or import a copy of the backup.",
            )
        return backup

    def find(self, words: str = "", *, imei: str = "", limit: int = 500) -> tuple[Backup, ...]:
        """Return backups, newest first, whose model, IMEI, die or fields hold every word."""
        query = select(backups).order_by(desc(backups.c.number)).limit(limit)
        if imei:
            query = query.where(backups.c.imei == imei)
        for word in words.split():
            query = query.where(backups.c.body.icontains(word, autoescape=True))
        with self._database.reading() as connection:
            return tuple(_backup(row) for row in connection.execute(query))

    def count(self) -> int:
        """Return the number of backups."""
        with self._database.reading() as connection:
            return int(connection.execute(select(func.count()).select_from(backups)).scalar_one())

    def check(self, report: Callable[[int], None] = lambda _: None) -> tuple[int, tuple[VaultFault, ...]]:
        """Verify every byte and the chain; return the number seen and what does not verify."""
        with self._database.reading() as connection:
            rows = connection.execute(select(backups).order_by(backups.c.number).execution_options(yield_per=200))
            return check_chain(_counted((_backup(row) for row in rows), report))


def _counted(items: Iterator[Backup], report: Callable[[int], None]) -> Iterator[Backup]:
    for index, item in enumerate(items, start=1):
        report(index)
        yield item


def _body(content: BackupContent) -> str:
    plain = json.loads(content.canonical())
    del plain["image"]
    return json.dumps(plain, ensure_ascii=False)


def _backup(row: Row[Any]) -> Backup:
    try:
        plain: dict[str, Any] = json.loads(row.body)
        content = BackupContent(
            **{
                **plain,
                "origin": Origin(plain["origin"]),
                "fields": tuple((str(name), str(value)) for name, value in plain["fields"]),
                "image": bytes(row.image),
            }
        )
    except (ValueError, KeyError, TypeError):
        content = _unreadable(row)
    return Backup(row.number, content, row.sha256, row.chain)


def _unreadable(row: Row[Any]) -> BackupContent:
    # a body changed from outside must not keep the other backups from being served
    return BackupContent(
        str(row.model),
        "",
        "",
        str(row.die),
        "",
        "",
        str(row.imei),
        "",
        "",
        "",
        "",
        Origin.PART,
        (),
        bytes(row.image),
        "unreadable",
    )
