"""Series of measurements as rows, each linked to the one before it, so that the last link tells all."""

import json
from collections.abc import Mapping, Sequence
from typing import Any

from daruma.store.digests import FIRST, chained

Link = str
LONGEST = 1_000_000  # rows of one series


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
