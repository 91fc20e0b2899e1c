"""Heads: how far a store has come, read from it in one transaction, and whether it still holds what it once held."""

from collections.abc import Mapping

from msgspec import Struct, field
from sqlalchemy import Connection, bindparam, text

from daruma.core.backup import GENESIS
from daruma.store.digests import FIRST
from daruma.store.finding import ActFinder

CHAINED = {"backups": GENESIS, "acts": FIRST, "settlements": FIRST}
SAVES = "saves of jobs"
MISSABLE = frozenset({*CHAINED, "jobs", SAVES})  # what a store may be found to have less of
_HEADS = {name: text(f"SELECT number, chain FROM {name} WHERE number = (SELECT max(number) FROM {name})") for name in CHAINED}
_FACTS = text("SELECT key, value FROM facts")
_COUNT_UP = text("UPDATE facts SET value = cast(cast(value AS INTEGER) + :by AS TEXT) WHERE key = :key")
_JOBS = text("SELECT count(*) FROM jobs")
_WRITTEN = text("""
SELECT die FROM acts WHERE number > :acts AND kind = 'write' UNION
SELECT die FROM acts WHERE kind = 'write' AND number IN (SELECT act FROM settlements WHERE number > :ends)
""")
_COUNTED = "kind = 'write' AND NOT EXISTS (SELECT 1 FROM settlements s WHERE s.act = acts.number AND s.state = 'not sent')"
_WRITES = text(f"SELECT count(*) FROM acts WHERE number IN :numbers AND {_COUNTED}").bindparams(
    bindparam("numbers", expanding=True)
)
# an index is not trusted here: a damaged page of it hides rows that stand in the table
_LOST = text("SELECT times FROM lost_writes NOT INDEXED WHERE die = :die")
_EACH = text(f"SELECT die, count(*) FROM acts NOT INDEXED WHERE {_COUNTED} GROUP BY die")
_EACH_LOST = text("SELECT die, times FROM lost_writes NOT INDEXED")


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


def writes_since(connection: Connection, before: Heads, finder: ActFinder) -> dict[str, int]:
    """Return the totals of the parts that acts or settlements behind earlier heads are on."""
    given = {"acts": before.chains["acts"][0], "ends": before.chains["settlements"][0]}
    dies = connection.execute(_WRITTEN, given).scalars()
    return {str(die): _writes_of(connection, str(die), finder) for die in dies}


def _writes_of(connection: Connection, die: str, finder: ActFinder) -> int:
    """Return the writes that count against a part: those of its acts, and those that were lost sight of."""
    numbers = finder.numbers(connection, "die", die)
    return int(connection.execute(_WRITES, {"numbers": numbers}).scalar_one()) + lost_writes_of(connection, die)


def lost_writes_of(connection: Connection, die: str) -> int:
    """Return the writes that a part is known to have had and that no act tells of."""
    return int(connection.execute(_LOST, {"die": die}).scalar() or 0)


def writes_of_all(connection: Connection) -> dict[str, int]:
    """Return the writes that count against each part that had any."""
    totals = {str(die): int(times) for die, times in connection.execute(_EACH_LOST)}
    for die, times in connection.execute(_EACH):
        totals[str(die)] = totals.get(str(die), 0) + int(times)
    return totals


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
        found[SAVES] = then.saves - now.saves
    return found
