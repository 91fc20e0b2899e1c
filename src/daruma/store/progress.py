"""Progress: how far each session of a store has come, counted by the database itself as rows are kept.

A session is one opening of a data folder by one program. Each counts what it keeps, by kind of row. A store holds all that
another one, a copy or a mark tells of where no session has come further there: that holds in whatever order they are
compared, whoever was set back, cut off or went on from an older one.
"""

import secrets
import sqlite3
from collections.abc import Mapping

import msgspec
from sqlalchemy import Connection, text

Counts = dict[str, int]
Progress = dict[str, Counts]  # by session, then by kind of row

BEFORE = ""  # the session of all that was kept before sessions were counted
COMMITS = "commits"
PURGES = "purges"
SENT = ("acts", "settlements")  # what tells which acts there were
# what a row that is added or changed counts as, by table; jobs are counted twice: opened, and saved
ADDED = {
    "backups": ("backups",),
    "acts": ("acts",),
    "settlements": ("settlements",),
    "jobs": ("jobs", "saves of jobs"),
    "shelf": ("saves of the shelf",),
    "recordings": ("recordings",),
    "series": ("measurements",),
    "purges": (PURGES,),
}
CHANGED = {"jobs": ("saves of jobs",), "shelf": ("saves of the shelf",)}
KINDS = frozenset({COMMITS, *(kind for kinds in ADDED.values() for kind in kinds)})

_COUNT = (
    "INSERT INTO progress VALUES (coalesce((SELECT value FROM facts WHERE key = 'session'), ''), '{kind}', 1) "
    "ON CONFLICT (session, what) DO UPDATE SET times = times + 1;"
)
_OF_SESSION = text("SELECT what, times FROM progress WHERE session = :session")
_BEGIN = text("UPDATE facts SET value = :session WHERE key = 'session'")
_ADD = text(_COUNT.format(kind=COMMITS))
_FORGET = text("DELETE FROM progress WHERE session = :session")
_RAISE = {
    table: text(
        f"INSERT INTO {table} VALUES (:session, :what, :times) "
        "ON CONFLICT (session, what) DO UPDATE SET times = max(times, excluded.times)"
    )
    for table in ("progress", "told", "accepted")
}
# put together by the database: a store of ten years has many sessions
_WHOLE = (
    "SELECT json_group_object(session, json(counts)) FROM (SELECT session, json_group_object(what, times) AS counts FROM {table} "
    "WHERE typeof(session) = 'text' AND typeof(what) = 'text' AND typeof(times) = 'integer' AND times > 0 GROUP BY session)"
)
_OF_TABLE = {table: text(_WHOLE.format(table=table)) for table in _RAISE}


def fresh_session() -> str:
    """Return the name of a session that no other has."""
    return secrets.token_hex(8)


def counting(kind: str) -> str:
    """Return the statement that counts one more row of a kind."""
    return _COUNT.format(kind=kind)


def begin(connection: Connection, session: str) -> None:
    """Let what is kept from here on count for a session, and this transaction as one of its commits."""
    connection.execute(_BEGIN, {"session": session})
    connection.execute(_ADD)


def progress_of(connection: Connection, table: str = "progress") -> Progress:
    """Return how far each session of a store has come, or what another of its tables of sessions says: `told` or `accepted`."""
    return msgspec.json.decode(connection.execute(_OF_TABLE[table]).scalar_one(), type=Progress)


def counts_of(connection: Connection, session: str) -> Counts:
    """Return how far one session has come."""
    rows = connection.execute(_OF_SESSION, {"session": session})
    return {str(what): int(times) for what, times in rows if isinstance(times, int)}


def progress_in(raw: sqlite3.Connection, table: str = "progress") -> Progress | None:
    """Return how far the sessions of a file have come, or what another of its tables of sessions says; None where that cannot
    be read. A file that was made before sessions were counted tells by its highest numbers.
    """
    try:
        if raw.execute("SELECT 1 FROM sqlite_master WHERE name = 'progress'").fetchone():
            return msgspec.json.decode(raw.execute(_WHOLE.format(table=table)).fetchone()[0], type=Progress)
        return {BEFORE: earlier_counts(raw)}
    except (sqlite3.Error, ValueError):
        return None


def earlier_counts(raw: sqlite3.Connection) -> Counts:
    """Return what stands for the rows that were kept before sessions were counted: the highest number of each table."""
    numbered = {"backups": "backups", "acts": "acts", "settlements": "settlements", "jobs": "jobs"}
    found = {kind: raw.execute(f"SELECT coalesce(max(number), 0) FROM {table}").fetchone()[0] for table, kind in numbered.items()}
    return {kind: number for kind, number in found.items() if isinstance(number, int) and number > 0}


def raise_to(connection: Connection, progress: Progress, table: str = "progress") -> None:
    """Let a store, or another of its tables of sessions, count as having come at least so far."""
    if rows := _rows(progress):
        connection.execute(_RAISE[table], rows)


def _rows(progress: Progress) -> list[dict[str, object]]:
    return [
        {"session": session, "what": what, "times": times}
        for session, counts in progress.items()
        for what, times in counts.items()
        if times > 0
    ]


def forget_session(connection: Connection, session: str) -> None:
    """Forget what a session has counted: it has only moved what others kept."""
    connection.execute(_FORGET, {"session": session})


def joined(*several: Progress) -> Progress:
    """Return what all of some tell together: of each session the furthest."""
    found: Progress = {}
    for progress in several:
        # most are the same wherever they are told, and there may be many: those are not gone through
        if not found:
            found = dict(progress)
        elif found != progress:
            for session, counts in progress.items():
                mine = found.setdefault(session, counts)
                if mine != counts:
                    found[session] = {what: max(mine.get(what, 0), counts.get(what, 0)) for what in mine.keys() | counts.keys()}
    return found


def beyond(there: Progress, here: Progress) -> Progress:
    """Return by session and kind how many rows one tells of that another does not hold."""
    found: Progress = {}
    if there == here:
        return found
    for session, counts in there.items():
        mine = here.get(session, {})
        if mine == counts:
            continue
        more = {what: times - mine.get(what, 0) for what, times in counts.items() if times > mine.get(what, 0)}
        if more:
            found[session] = more
    return found


def lacking(there: Progress, here: Progress) -> Counts:
    """Return of how many rows of each kind one tells that another does not hold."""
    found: Counts = {}
    for counts in beyond(there, here).values():
        for what, times in counts.items():
            found[what] = found.get(what, 0) + times
    return found


def summed(one: Progress, other: Progress) -> Progress:
    """Return how many rows two of them tell of one after the other."""
    return {
        session: {
            what: one.get(session, {}).get(what, 0) + other.get(session, {}).get(what, 0)
            for what in one.get(session, {}).keys() | other.get(session, {}).keys()
        }
        for session in one.keys() | other.keys()
    }


def lowered(progress: Progress, floor: Progress, by: Mapping[str, int]) -> Progress:
    """Return progress with so many rows of each kind fewer, taken where it has come further than a floor."""
    left, found = dict(by), {session: dict(counts) for session, counts in progress.items()}
    for session, counts in found.items():
        for what in counts.keys() & left.keys():
            fewer = min(left[what], max(0, counts[what] - floor.get(session, {}).get(what, 0)))
            counts[what] -= fewer
            left[what] -= fewer
    return found


def total(progress: Progress, what: str) -> int:
    """Return how many rows of a kind all sessions have kept."""
    return sum(counts.get(what, 0) for counts in progress.values())
