"""Heads: how far a store has come, read from it in one transaction, and whether it still holds what it once held."""

from collections.abc import Mapping

from msgspec import Struct, field
from sqlalchemy import Connection, text

from daruma.core.backup import GENESIS
from daruma.store.digests import FIRST

CHAINED = {"backups": GENESIS, "acts": FIRST, "settlements": FIRST}
_HEADS = {name: text(f"SELECT number, chain FROM {name} WHERE number = (SELECT max(number) FROM {name})") for name in CHAINED}
_FACTS = text("SELECT key, value FROM facts")
_COUNT_UP = text("UPDATE facts SET value = cast(cast(value AS INTEGER) + :by AS TEXT) WHERE key = :key")
_JOBS = text("SELECT count(*) FROM jobs")
_WRITTEN = """
SELECT die FROM acts WHERE number > :acts AND kind = 'write' UNION
SELECT die FROM acts WHERE kind = 'write' AND number IN (SELECT act FROM settlements WHERE number > :ends)
"""
_WRITTEN_SINCE, _WRITTEN_EVER = text(_WRITTEN), text(_WRITTEN + "UNION SELECT die FROM lost_writes")
_WRITES = text("""
SELECT coalesce((SELECT times FROM lost_writes WHERE die = :die), 0) + (SELECT count(*) FROM acts WHERE die = :die
AND kind = 'write' AND NOT EXISTS (SELECT 1 FROM settlements s WHERE s.act = acts.number AND s.state = 'not sent'))
""")


class Heads(Struct, frozen=True):
    """Hold how far a store has come: the last number and link of each chain, jobs and how often any was saved.

    `store` is the identity of the store, `commits` how many changes it has seen, `writes` the totals of parts.
    """

    store: str
    commits: int = 0
    chains: Mapping[str, tuple[int, str]] = field(default_factory=dict)
    jobs: int = 0
    saves: int = 0
    writes: Mapping[str, int] = field(default_factory=dict)


def facts_of(connection: Connection) -> dict[str, str]:
    """Return what the store says of itself."""
    return {str(key): str(value) for key, value in connection.execute(_FACTS)}


def keep_fact(connection: Connection, key: str, value: str) -> None:
    """Keep one fact."""
    connection.execute(text("INSERT OR REPLACE INTO facts VALUES (:key, :value)"), {"key": key, "value": value})


def count_up(connection: Connection, key: str, by: int = 1) -> None:
    """Count a fact up."""
    connection.execute(_COUNT_UP, {"key": key, "by": by})


def heads_of(connection: Connection) -> Heads:
    """Return how far the store has come, without the totals of parts."""
    facts = facts_of(connection)
    chains = {}
    for table, first in CHAINED.items():
        row = connection.execute(_HEADS[table]).first()
        chains[table] = (int(row[0]), str(row[1])) if row else (0, first)
    jobs = int(connection.execute(_JOBS).scalar_one())
    return Heads(facts.get("store", ""), _number(facts, "commits"), chains, jobs, _number(facts, "saves"))


def _number(facts: Mapping[str, str], key: str) -> int:
    return int(facts[key]) if facts.get(key, "").isdecimal() else 0


def writes_since(connection: Connection, before: Heads | None) -> dict[str, int]:
    """Return the totals of the parts that acts or settlements behind earlier heads are on; all without earlier ones."""
    acts, ends = (before.chains[name][0] if before else 0 for name in ("acts", "settlements"))
    statement = _WRITTEN_EVER if before is None else _WRITTEN_SINCE
    dies = connection.execute(statement, {"acts": acts, "ends": ends}).scalars()
    return {str(die): writes_of(connection, str(die)) for die in dies}


def writes_of(connection: Connection, die: str) -> int:
    """Return the writes that count against a part: those of its acts, and those that were lost sight of."""
    return int(connection.execute(_WRITES, {"die": die}).scalar_one())


def missing_of(connection: Connection, then: Heads) -> dict[str, int]:
    """Return how many backups, acts, settlements, jobs and saves of jobs there were then and are not there now; at
    least one where a chain has taken another course.
    """
    now, found = heads_of(connection), {}
    for table, (number, chain) in then.chains.items():
        if number == 0:
            continue
        there = connection.execute(text(f"SELECT chain FROM {table} WHERE number = :number"), {"number": number}).scalar()
        if there != chain:
            found[table] = max(1, number - now.chains[table][0])
    if now.jobs < then.jobs:
        found["jobs"] = then.jobs - now.jobs
    if now.saves < then.saves:
        found["saves of jobs"] = then.saves - now.saves
    return found
