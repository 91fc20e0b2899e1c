"""Backups of a replaced store, by their digests: those behind a damaged one keep their names."""

from hashlib import sha256

from sqlalchemy import insert, select, text

from daruma.core.backup import LOST, BackupContent, link_of, name_of
from daruma.core.language import tr
from daruma.store.merge.context import Merge
from daruma.store.old_rows import Row, blob_of, each_row, text_of
from daruma.store.schema import backups
from daruma.store.trouble import StoreTrouble
from daruma.store.vault import head_in, keep_in, put_head


class BackupMerge(Merge):
    """Carry backups over."""

    def all(self) -> dict[str, str]:
        """Carry backups over; return the names that those have now which had another one, by digest."""
        there = {row.sha256: row.number for row in self.new.execute(select(backups.c.sha256, backups.c.number))}
        names: dict[str, str] = {}
        last, _ = head_in(self.new)
        for number, row in each_row(self.old, "backups", backups.columns.keys()):
            if number <= last and row is None:
                continue
            sha = str(row["sha256"]) if row is not None else ""
            if sha in there:
                if row is not None and row["purged"] and not str(row["purged"]).startswith(LOST):
                    self._purge(there[sha], str(row["purged"]))
                continue
            self._fill_up_to(number)
            content = _content_of(row)
            if content is not None and row is not None:
                (kept,) = keep_in(self.new, (content,), text_of(row["arrived"]))
                self.carried.backups += 1
                if kept.number != number:
                    names[sha] = kept.name
                    self.carried.differs.append(tr("{name_of} is now {kept}", name_of=name_of(number), kept=kept.name))
            elif row is not None and row["purged"]:
                self._placeholder(row, text_of(row["purged"]), sha)
            else:
                self.carried.lose("backups", tr("{name_of} is damaged in the replaced store", name_of=name_of(number)))
                self._placeholder(row, LOST + self.when, sha256(f"{LOST}{sha} {number}".encode()).hexdigest())
        return names

    def _fill_up_to(self, number: int) -> None:
        """Keep the places of backups of which nothing can be read, so that those behind them keep their names."""
        last, _ = head_in(self.new)
        for missing in range(last + 1, number):
            self.carried.lose("backups", tr("{name_of} cannot be read in the replaced store", name_of=name_of(missing)))
            self._placeholder(None, LOST + self.when, sha256(f"{LOST}{missing} {self.when}".encode()).hexdigest())

    def _placeholder(self, row: Row | None, purged: str, sha: str) -> None:
        last, chain = head_in(self.new)
        texts = {name: text_of(row[name]) if row is not None else "" for name in ("model", "layout", "maker", "job", "arrived")}
        number, link = last + 1, link_of(chain, sha, texts["arrived"])
        values = {**texts, "number": number, "sha256": sha, "chain": link, "imei": "", "die": "", "purged": purged, "body": b""}
        self.new.execute(insert(backups).values(**values))
        put_head(self.new, number, link)

    def _purge(self, number: int, purged: str) -> None:
        self.new.execute(
            text("UPDATE backups SET purged = :purged, body = x'', imei = '', die = '' WHERE number = :number AND purged = ''"),
            {"purged": purged, "number": number},
        )
        self.new.execute(text("DELETE FROM backup_search WHERE rowid = :number"), {"number": number})


def _content_of(row: Row | None) -> BackupContent | None:
    if row is None or row["purged"]:
        return None
    try:
        content = BackupContent.from_canonical(blob_of(row["body"]))
        return content if content.sha256() == row["sha256"] else None
    except (ValueError, StoreTrouble, TypeError):
        return None
