"""Where the series of jobs are kept: rows that are only ever added (store.linked)."""

from collections.abc import Mapping

from sqlalchemy import Connection, bindparam, delete, insert, select

from daruma.store.linked import Link, Series
from daruma.store.schema import series

_LINKS = 500  # rows looked up with one question


_OF_JOB = select(series.c.link, series.c.before, series.c.body).where(series.c.job == bindparam("job"))


def series_of(connection: Connection, uid: str) -> Series:
    """Return the series of a job."""
    rows = connection.execute(_OF_JOB, {"job": uid})
    return Series({link: (before, body) for link, before, body in rows})


def keep_series(connection: Connection, uid: str, rows: Mapping[Link, tuple[Link, str]]) -> None:
    """Keep rows of a job's series that are not there yet."""
    links, there = list(rows), set()
    for start in range(0, len(links), _LINKS):
        some = links[start : start + _LINKS]
        there |= set(connection.execute(select(series.c.link).where(series.c.job == uid, series.c.link.in_(some))).scalars())
    fresh = [{"job": uid, "link": link, "before": rows[link][0], "body": rows[link][1]} for link in links if link not in there]
    if fresh:
        connection.execute(insert(series), fresh)


def forget_series(connection: Connection, uid: str) -> None:
    """Take the rows of a job's series away: for a purge, which keeps what may stay anew."""
    connection.execute(delete(series).where(series.c.job == uid))
