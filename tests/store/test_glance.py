"""The first glance at the jobs tells what the open store tells, or less, and changes nothing."""

import random
from collections.abc import Callable
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.store.glance import RECENT, Glance, glance
from daruma.store.shop import Shop
from daruma.store.version import FILE
from tests.store.conftest import meddle, old_folder

PAGE = 4096


def _bytes_of(folder: Path) -> dict[str, bytes]:
    return {file.name: file.read_bytes() for file in folder.iterdir() if file.is_file()}


@pytest.mark.parametrize("still_open", [False, True], ids=["closed", "open in another window"])
def test_it_tells_what_the_open_store_tells(demo_folder: Path, still_open: bool) -> None:
    with Shop(demo_folder) as shop:
        told = Glance(shop.jobs.on_view(), shop.shelf.all())
        assert told.shelf
        assert any(job.readings or job.proofs for job in told.jobs), "series are read, too"
        if still_open:
            assert glance(demo_folder) == told
    before = _bytes_of(demo_folder)
    assert glance(demo_folder) == told
    assert _bytes_of(demo_folder).items() >= before.items(), "what lies there stays as it is"


def test_of_the_closed_jobs_it_tells_the_newest(empty: Shop) -> None:
    when = [f"2026-11-{1 + n // 24:02d}T{n % 24:02d}:00:00+00:00" for n in range(RECENT + 20)]
    random.Random(5).shuffle(when)
    for moment in when:
        job = empty.jobs.open_new(moment)
        empty.jobs.save(replace(job, closed=moment), moment)
    empty.jobs.open_new(when[0])
    assert glance(empty.folder).jobs == empty.jobs.on_view()
    assert len(glance(empty.folder).jobs) == RECENT + 1


def test_a_job_that_is_not_as_it_was_kept_is_left_out(empty: Shop) -> None:
    kept, other = (empty.jobs.open_new("2026-11-29T10:00:00+00:00") for _ in range(2))
    meddle(empty.folder, f"UPDATE jobs SET imei = '1' WHERE number = {other.number}")
    assert glance(empty.folder).jobs == (kept,) == empty.jobs.on_view()


def _linked(folder: Path) -> None:
    (folder / FILE).rename(folder / "elsewhere")
    (folder / FILE).symlink_to(folder / "elsewhere")


@pytest.mark.parametrize(
    "change",
    [
        lambda folder: (folder / FILE).unlink(),
        lambda folder: (folder / FILE).write_bytes(b""),
        lambda folder: (folder / FILE).write_bytes(b"no store" * PAGE),
        _linked,
    ],
    ids=["none", "empty", "no store", "a link"],
)
def test_it_tells_nothing_where_there_is_no_store_to_open(demo_folder: Path, change: Callable[[Path], object]) -> None:
    change(demo_folder)
    assert glance(demo_folder) == Glance()


def test_it_tells_nothing_of_an_older_store(tmp_path: Path) -> None:
    assert glance(old_folder(tmp_path / "old", "0002")) == Glance()


def test_it_tells_nothing_of_a_store_that_another_keeps_to_itself(empty: Shop) -> None:
    empty.jobs.open_new("2026-11-29T10:00:00+00:00")
    empty.close()
    import sqlite3

    with sqlite3.connect(empty.database.file) as other:
        other.execute("PRAGMA locking_mode = EXCLUSIVE")
        other.execute("BEGIN IMMEDIATE")
        assert glance(empty.folder) == Glance()
    other.close()


def test_damage_anywhere_makes_it_tell_less_and_never_otherwise(demo_folder: Path) -> None:
    with Shop(demo_folder) as shop:
        sound = {job.uid: job for job in shop.jobs.on_view()}
    whole, chance = (demo_folder / FILE).read_bytes(), random.Random(12)
    less = 0
    for _ in range(150):
        damaged, place = bytearray(whole), chance.randrange(len(whole))
        damaged[place : place + 64] = chance.randbytes(64)
        (demo_folder / FILE).write_bytes(damaged)
        told = glance(demo_folder)
        assert all(sound[job.uid] == job for job in told.jobs)
        less += len(told.jobs) < len(sound)
    assert less, "none of the damages was seen"
