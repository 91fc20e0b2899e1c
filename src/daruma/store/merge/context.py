"""What a merge of a replaced store into a restored copy shares: the two, and what is told of it."""

import sqlite3
from collections import Counter

from msgspec import Struct, field
from sqlalchemy import Connection

from daruma.core.language import tr


class Carried(Struct):
    """Hold what was carried over from the replaced store: how many of each, and in words what differs or is lost; `gone` are
    the lost rows by kind.
    """

    backups: int = 0
    acts: int = 0
    jobs: int = 0
    differs: list[str] = field(default_factory=list)
    lost: list[str] = field(default_factory=list)
    gone: Counter[str] = field(default_factory=Counter)

    def lose(self, kind: str, what: str) -> None:
        """Say that a row of a kind could not be carried over."""
        self.lost.append(what)
        self.gone[kind] += 1

    @property
    def words(self) -> str:
        """Return the counts in a few words."""
        return tr("{backups} backups, {acts} acts, {jobs} jobs", backups=self.backups, acts=self.acts, jobs=self.jobs)


class Merge(Struct):
    """Hold the replaced store, the restored one in a transaction, what is told, and when it was."""

    old: sqlite3.Connection
    new: Connection
    carried: Carried
    when: str
