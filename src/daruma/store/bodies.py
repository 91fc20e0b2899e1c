"""Jobs and parts of the shelf as they are kept, and from their rows. A job is a text: parts by their kinds, measurements as
the link of the last one of each series.

The measurements themselves are rows of their own (store.series); what they are is said here for each series of a job.
"""

from collections.abc import Callable, Iterator, Mapping
from typing import Any

import msgspec
from msgspec.structs import replace

from daruma.core.job import Job
from daruma.core.kinds import room
from daruma.core.parts import PartKind
from daruma.core.shelf import ShelfPart
from daruma.store.digests import JOB, SENSELESS, SHELF, is_whole
from daruma.store.linked import Link, Series

NUMBERS = 100_000_000  # below which jobs are counted
Fetch = Callable[[str], Series]


def body_of(job: Job) -> tuple[str, dict[Link, tuple[Link, str]]]:
    """Return a job as text, and the rows of its series by their links."""
    plain = msgspec.to_builtins(job)
    rows: dict[Link, tuple[Link, str]] = {}
    for holder, name in _series(plain):
        if holder[name]:
            last, added = Series.linked(holder[name])
            rows |= added
            holder[name] = {"last": last, "count": len(holder[name])}
    return msgspec.json.encode(plain).decode(), rows


def job_in(body: str, uid: str, fetch: Fetch) -> Job | None:
    """Return the job in a text, None where it makes no sense; `fetch` gives the series of a job by its identity."""
    try:
        plain = msgspec.json.decode(body)
        found: Series | None = None
        for holder, name in _series(plain):
            if held := holder[name]:
                found = found or fetch(uid)
                holder[name] = found.upto(held["last"], held["count"])
        return _typed(plain)
    except SENSELESS:
        return None


def job_of(row: Any, fetch: Fetch) -> Job | None:
    """Return a job from its row as a mapping, None where that is not as it was written or makes no sense."""
    if not is_whole(JOB, row, row["sha256"]) or not 0 < row["number"] < NUMBERS:
        return None
    job = job_in(row["body"], row["uid"], fetch)
    if job is None:
        return None
    known = (row["number"], row["uid"], row["revision"])
    if known == (job.number, job.uid, job.revision):
        return job
    return replace(job, number=known[0], uid=known[1], revision=known[2])


def shelf_part_of(row: Any) -> ShelfPart | None:
    """Return a part of the shelf from its row as a mapping, None where that is not as it was written or makes no sense."""
    if not is_whole(SHELF, row, row["sha256"]):
        return None
    try:
        return msgspec.json.decode(row["body"], type=ShelfPart)
    except SENSELESS:
        return None


def _typed(plain: dict[str, Any]) -> Job:
    job_parts, ticket_parts = plain.pop("parts"), plain["ticket"].pop("parts")
    job = msgspec.convert(plain, Job)
    works = {kind: msgspec.convert(held, room(kind).work) for kind, held in _by_kind(job_parts)}
    told = {kind: msgspec.convert(held, room(kind).ticket) for kind, held in _by_kind(ticket_parts)}
    return replace(job, ticket=replace(job.ticket, parts=told), parts=works)


def _by_kind(parts: Mapping[str, Any]) -> Iterator[tuple[PartKind, Any]]:
    return ((PartKind(name), held) for name, held in parts.items())


def _series(plain: dict[str, Any]) -> Iterator[tuple[dict[str, Any], str]]:
    """Yield where a job in its plain form holds its series, each as the mapping that it is in and its name there."""
    yield plain, "readings"
    # jobs that were kept before there were any have none
    plain.setdefault("heats", [])
    yield plain, "heats"
    for proof in plain["proofs"]:
        yield proof, "readings"
    for name, work in plain["parts"].items():
        for path in room(PartKind(name)).work.SERIES:
            *inner, last = path.split(".")
            holder = work
            for step in inner:
                holder = holder[step]
            yield holder, last
