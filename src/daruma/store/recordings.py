"""Recordings of meters: chunks of samples that are only ever added, each linked to the one before it.

A chunk is small against memory whatever the recording's length. Row 0 of a recording says what it is, so that one that was cut
off by a crash can be brought to its end.
"""

import hashlib
import struct
import zlib
from collections.abc import Iterator
from typing import Any

import msgspec
import numpy as np
import numpy.typing as npt
from msgspec import Struct
from sqlalchemy import LargeBinary, Row, cast, insert, select, text

from daruma.core.language import tr
from daruma.store.database import Database
from daruma.store.digests import DIGITS, FIRST, SENSELESS
from daruma.store.schema import recordings
from daruma.store.trouble import StoreTrouble

Floats = npt.NDArray[np.float64]
MOST = 100_000  # samples of one chunk
LARGEST = 32 * MOST  # bytes of one, unpacked
_HEAD = struct.Struct("<ddI")  # seconds since the recording began, seconds from sample to sample (0: told), samples
_MICRO = 1e6


class Chunk(Struct, frozen=True):
    """Hold samples that follow one another: seconds since the recording began, volts, amperes (n)."""

    t: Floats
    v: Floats
    a: Floats


class Begun(Struct, frozen=True):
    """Hold what a recording is: whose, when, at which stage; by which meter (a run of its clock), its rate and first
    sample, whether it is a stand-in.
    """

    job: str
    when: str
    stage: str
    source: str
    run: str = ""
    rate: float = 0.0
    first: int = 0
    offers: tuple[int, ...] = ()
    simulated: bool = False


class Head(Struct, frozen=True):
    """Hold how far a recording has come: its number of chunks and the link of the last one."""

    count: int
    link: str


class Recordings:
    """Keep recordings."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def begin(self, uid: str, begun: Begun) -> Head:
        """Begin a recording."""
        return self._add(uid, begun.job, Head(-1, FIRST), msgspec.json.encode(begun))

    def add(self, uid: str, job: str, head: Head, chunk: Chunk) -> Head:
        """Add a chunk to a recording that has come as far as its head says; return how far it is now."""
        return self._add(uid, job, head, _packed(chunk))

    def _add(self, uid: str, job: str, head: Head, body: bytes) -> Head:
        made = Head(head.count + 1, linked(head.link, body))
        row = {"recording": uid, "number": made.count, "job": job, "before": head.link, "link": made.link, "body": body}
        with self._database.writing() as connection:
            connection.execute(insert(recordings), row)
        return made

    def begun(self, uid: str) -> Begun:
        """Return what a recording is; raise StoreTrouble where it is not kept."""
        for _, body in self._rows(uid, 0, 0):
            try:
                return msgspec.json.decode(body, type=Begun)
            except SENSELESS as error:
                raise _damaged() from error
        raise _damaged()

    def head(self, uid: str) -> Head:
        """Return how far a recording has come, its rows verified; raise StoreTrouble where one is missing or damaged."""
        head = Head(-1, FIRST)
        for number, body in self._rows(uid, 0):
            head = Head(number, linked(head.link, body))
        return head

    def chunks(self, uid: str, upto: int) -> Iterator[Chunk]:
        """Yield a recording's chunks up to a number; raise StoreTrouble where one is missing or not as it was kept."""
        for _, body in self._rows(uid, 1, upto):
            yield _unpacked(body)

    def _rows(self, uid: str, first: int, last: int = 1 << 62) -> Iterator[tuple[int, bytes]]:
        """Yield number and body of rows, a few at a time: a recording may be larger than memory."""
        wanted, before = first, None
        # a damaged body may be of another type
        body = cast(recordings.c.body, LargeBinary).label("body")
        query = select(recordings.c.number, recordings.c.before, recordings.c.link, body)
        query = query.where(recordings.c.recording == uid).order_by(recordings.c.number).limit(16)
        while wanted <= last:
            with self._database.reading() as connection:
                rows = connection.execute(query.where(recordings.c.number >= wanted)).all()
            for row in rows:
                if type(row.number) is int and row.number > last:
                    return
                if row.number != wanted or not _is_whole(row) or before not in (None, row.before):
                    raise _damaged()
                yield row.number, row.body
                wanted, before = wanted + 1, row.link
            if not rows:
                break
        if last < 1 << 62 and wanted <= last:
            raise _damaged()

    def cut_off(self) -> tuple[tuple[str, str], ...]:
        """Return recordings that no job remembers, each with its job: they were never brought to their end."""
        with self._database.reading() as connection:
            return tuple((str(row[0]), str(row[1])) for row in connection.execute(text(_CUT_OFF)))


_CUT_OFF = """
SELECT recording, recordings.job FROM recordings JOIN jobs ON jobs.uid = recordings.job
WHERE recordings.number = 0 AND instr(jobs.body, recording) = 0
"""


def linked(before: str, body: bytes) -> str:
    """Return the link of a row from the one before it and its body."""
    return hashlib.sha256(before.encode() + body).hexdigest()[:DIGITS]


def _is_whole(row: Row[Any]) -> bool:
    """Return whether a row is as it was written; a value of another type is none."""
    return isinstance(row.before, str) and isinstance(row.body, bytes) and linked(row.before, row.body) == row.link


def _packed(chunk: Chunk) -> bytes:
    if not 0 < len(chunk.t) <= MOST:
        raise ValueError("no chunk of a recording")
    steps = np.diff(chunk.t)
    even = len(steps) > 0 and float(np.ptp(steps)) < 1e-7
    step = float(chunk.t[-1] - chunk.t[0]) / len(steps) if even else 0.0
    columns = [] if even else [np.round((chunk.t - chunk.t[0]) * _MICRO).astype("<i8").tobytes()]
    columns += [np.diff(np.round(each * _MICRO).astype("<i4"), prepend=0).astype("<i4").tobytes() for each in (chunk.v, chunk.a)]
    return _HEAD.pack(float(chunk.t[0]), step, len(chunk.t)) + zlib.compress(b"".join(columns), 1)


def _unpacked(body: bytes) -> Chunk:
    try:
        began, step, count = _HEAD.unpack_from(body)
        if count > MOST:
            raise ValueError("a chunk of no sensible length")
        packed = zlib.decompressobj().decompress(body[_HEAD.size :], LARGEST)
        place = 0
        if step > 0:
            t = began + step * np.arange(count)
        else:
            t, place = began + np.frombuffer(packed, "<i8", count) / _MICRO, 8 * count
        v, a = (np.cumsum(np.frombuffer(packed, "<i4", count, place + 4 * count * each)) / _MICRO for each in range(2))
    except (ValueError, struct.error, zlib.error) as error:
        raise _damaged() from error
    return Chunk(t, v, a)


def _damaged() -> StoreTrouble:
    return StoreTrouble(
        tr("A recording is not as it was kept, or not all of it is there."),
        safe=tr("Its rows are left as they are; the job and the other recordings are untouched."),
        advice=tr("Restore a copy that holds it: daruma copies list, daruma copies restore."),
    )
