"""Series of measurements: rows that are only ever added, each linked to the one before it, so that the last link tells all."""

import json
from collections.abc import Mapping, Sequence
from typing import Any

from sqlalchemy import Connection, bindparam, delete, insert, select

from daruma.store.digests import FIRST, chained
from daruma.store.schema import series

Link = str
LONGEST = 1_000_000  # rows of one series
_LINKS = 500  # rows looked up with one question


_OF_JOB = select(series.c.link, series.c.before, series.c.body).where(series.c.job == bindparam("job"))


class Series:
    """Hold the rows of a job's series by their links."""

    def __init__(self, rows: Mapping[Link, tuple[Link, str]]) -> None:
        self._rows = rows

    @staticmethod
    def linked(items: Sequence[Any]) -> tuple[Link, dict[Link, tuple[Link, str]]]:
        """Return the link of the last item of a series in its plain form, and the rows by their links."""
        rows: dict[Link, tuple[Link, str]] = {}
        last = FIRST
        for item in items:
            body = json.dumps(item, separators=(",", ":"), ensure_ascii=False)
            before, last = last, chained(last, body)
            rows[last] = before, body
        return last, rows

    def upto(self, last: Link, count: int) -> list[Any]:
        """Return the items up to a link in their order; raise ValueError where one is missing or is not as it was kept."""
        if not 0 <= count <= LONGEST:
            raise ValueError("a series of no sensible length")
        bodies, link = [], last
        for _ in range(count):
            if link not in self._rows:
                raise ValueError("an item of the series is missing")
            before, body = self._rows[link]
            if chained(before, body) != link:
                raise ValueError("an item of the series is not as it was kept")
            bodies.append(body)
            link = before
        if link != FIRST:
            raise ValueError("the series is longer than the job says")
        return [json.loads(body) for body in reversed(bodies)]


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
