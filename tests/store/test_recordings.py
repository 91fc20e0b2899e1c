"""Recordings in the store: only added to, verified row by row, carried over, left alone by a purge."""

import random
import sqlite3
import struct
import zlib
from contextlib import closing
from datetime import UTC, datetime
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.core.job import Job, Ticket
from daruma.core.power.recording import Recording
from daruma.store.copies import compare, make_copy, restore
from daruma.store.recordings import Begun, Chunk, Head, _packed, _unpacked
from daruma.store.retention import purge
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from tests.store.conftest import meddle, old_folder

NOW = datetime(2026, 11, 28, 12, tzinfo=UTC)


def chunk(rng: random.Random, began: float = 0.0, samples: int = 300) -> Chunk:
    noise = np.random.default_rng(rng.randrange(1 << 30))
    t = began + np.arange(samples) / 100
    return Chunk(t, 5 + noise.normal(0, 0.01, samples), noise.normal(0.5, 0.2, samples))


def recorded(shop: Shop, chunks: int = 4, source: str = "meter SM-1") -> Job:
    """Return a job that has a recording."""
    rng, uid = random.Random(3), f"{random.getrandbits(128):032x}"
    job = replace(shop.jobs.open_new("2025-01-01T10:00:00+00:00"), ticket=Ticket(model="cedar_l", imei="490154203237518"))
    head = shop.recordings.begin(uid, Begun(job.uid, "2025-01-01T10:05:00+00:00", "Bench", source))
    for place in range(chunks):
        head = shop.recordings.add(uid, job.uid, head, chunk(rng, 3.0 * place))
    made = Recording(uid, "2025-01-01T10:05:00+00:00", "Bench", source, head.link, head.count, 300 * chunks, 3.0 * chunks)
    return shop.jobs.save(replace(job, recordings=(made,)), "now")


def read(shop: Shop, job: Job) -> list[Chunk]:
    recording = job.recordings[-1]
    return list(shop.recordings.chunks(recording.uid, recording.count))


@given(st.integers(0, 1 << 30), st.integers(1, 400), st.booleans())
@settings(max_examples=60, deadline=None)
def test_a_chunk_comes_back_to_the_millionth(seed: int, samples: int, even: bool) -> None:
    rng = np.random.default_rng(seed)
    steps = np.full(samples, 10.0 ** rng.integers(-3, 2)) if even else rng.uniform(1e-3, 50, samples)
    made = Chunk(rng.uniform(0, 1e5) + np.cumsum(steps), rng.uniform(-60, 60, samples), rng.uniform(-20, 20, samples))
    back = _unpacked(_packed(made))
    for name in "tva":
        assert np.abs(getattr(back, name) - getattr(made, name)).max() < 2e-6


def test_what_was_recorded_comes_back_and_is_only_added_to(empty: Shop) -> None:
    job = recorded(empty)
    assert [len(each.t) for each in read(empty, job)] == [300] * 4
    assert empty.check()[1] == ()
    assert empty.recordings.cut_off() == ()
    with closing(sqlite3.connect(empty.database.file)) as raw:
        for statement in ("UPDATE recordings SET body = x''", "DELETE FROM recordings"):
            with pytest.raises(sqlite3.IntegrityError, match="append-only"):
                raw.execute(statement)


def test_a_recording_that_no_job_remembers_is_found(empty: Shop) -> None:
    job = empty.jobs.open_new("2025-01-01T10:00:00+00:00")
    empty.recordings.begin("a" * 32, Begun(job.uid, "then", "Plan", "meter"))
    assert empty.recordings.cut_off() == (("a" * 32, job.uid),)
    assert empty.recordings.head("a" * 32).count == 0


SPOILT = {
    "a byte": "UPDATE recordings SET body = substr(body, 1, 40) || x'ff' || substr(body, 42) WHERE number = 2",
    "a row": "DELETE FROM recordings WHERE number = 2",
    "the end": "DELETE FROM recordings WHERE number = 4",
    "the beginning": "DELETE FROM recordings WHERE number = 0",
    "another order": "UPDATE recordings SET number = 9 - number WHERE number IN (2, 3)",
    "a text": "UPDATE recordings SET body = 'x' WHERE number = 1",
    "a link": "UPDATE recordings SET link = 'x', before = 'y' WHERE number = 3",
}


@pytest.mark.parametrize("how", SPOILT)
def test_what_is_not_as_it_was_kept_is_named(how: str, empty: Shop) -> None:
    job, other = recorded(empty), recorded(empty)
    meddle(empty.folder, f"{SPOILT[how]} AND recording = '{job.recordings[0].uid}'")
    assert [fault.name for fault in empty.check()[1]] == [f"job {job.name}"]
    assert len(read(empty, other)) == 4
    if how != "the beginning":
        with pytest.raises(StoreTrouble, match="not as it was kept"):
            read(empty, job)


def test_a_restore_carries_recordings_over(empty: Shop) -> None:
    first = recorded(empty)
    copy = make_copy(empty.database, NOW)
    second = recorded(empty)
    folder = empty.folder
    assert compare(folder, copy).lost == []
    empty.close()
    done = restore(folder, copy, NOW)
    assert done.carried.lost == []
    with Shop(folder) as shop:
        assert shop.check()[1] == ()
        for job in (first, second):
            assert len(read(shop, shop.jobs.known_by(job.uid))) == 4


def test_a_purge_keeps_the_samples_and_forgets_the_name_of_a_file(empty: Shop) -> None:
    job = recorded(empty, source="file Mrs Brown.csv")
    empty.jobs.save(replace(job, closed="2025-01-02T10:00:00+00:00"), "now")
    purge(empty.database, "2026-01-01", "now")
    kept = empty.jobs.known_by(job.uid)
    assert kept.recordings[0].source == "file"
    assert len(read(empty, kept)) == 4
    assert empty.check()[1] == ()


@pytest.mark.parametrize("version", ["0002", "0003"])
def test_an_older_store_gets_room_for_recordings(version: str, tmp_path: Path) -> None:
    with Shop(old_folder(tmp_path / "old", version)) as shop:
        job = recorded(shop)
        assert len(read(shop, shop.jobs.known_by(job.uid))) == 4
        assert shop.check()[1] == ()


def test_no_more_of_a_chunk_is_unpacked_than_belongs_to_it(empty: Shop) -> None:
    job = empty.jobs.open_new("now")
    with pytest.raises(ValueError, match="no chunk"):
        empty.recordings.add("b" * 32, job.uid, Head(0, "0" * 32), Chunk(np.empty(0), np.empty(0), np.empty(0)))
    packed = zlib.compress(bytes(50_000_000))
    assert len(_unpacked(struct.pack("<ddI", 0.0, 0.01, 5) + packed).t) == 5
    for body in (b"", packed, struct.pack("<ddI", 0.0, 0.01, 1 << 31) + packed, struct.pack("<ddI", 0.0, 0.01, 5) + b"no zip"):
        with pytest.raises(StoreTrouble):
            _unpacked(body)
