"""Jobs made of parts: measurements in rows of their own, merging part by part, the store of the version before."""

import json
import sqlite3
from collections.abc import Callable
from contextlib import closing
from pathlib import Path

import msgspec
import pytest
from msgspec.structs import replace

from daruma.core.colour.shots import Level, Taken
from daruma.core.errors import Trouble
from daruma.core.job import Job, Ticket
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.kinds.sensor_flex import FlexState, FlexTicket, FlexWork
from daruma.core.measured import Measured
from daruma.core.parts import Function, PartKind
from daruma.store.retention import purge
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from tests.parts import flex_alone, panel_of, with_panel, with_work, work_of
from tests.store.conftest import meddle, old_folder

FIELDS = tuple(Taken(f"field {n}", ((1.0, 2.0, float(n)),)) for n in range(5))
LEVELS = (Level(2.0, (30.0, 31.0)), Level(50.0, (90.0,), falling=True))


def rows(shop: Shop) -> list[tuple[str, ...]]:
    with shop.database.reading() as connection:
        return [tuple(row) for row in connection.exec_driver_sql("SELECT * FROM series ORDER BY rowid")]


def measured(shop: Shop, fields: tuple[Taken, ...] = FIELDS) -> Job:
    job = replace(shop.jobs.open_new("2025-01-01T10:00:00+00:00"), ticket=Ticket(model="cedar_l", imei="490154203237518"))
    return shop.jobs.save(with_work(job, measured=Measured(fields, LEVELS, die="D1")), "now")


def test_measurements_are_only_added_to(empty: Shop) -> None:
    job = measured(empty, FIELDS[:3])
    before = rows(empty)
    assert len(before) == 3 + len(LEVELS)
    with empty.database.reading() as connection:
        body = connection.exec_driver_sql("SELECT body FROM jobs").scalar_one()
    assert "field 1" not in body, "the job keeps the last link alone"
    job = empty.jobs.save(with_work(job, measured=replace(work_of(job).measured, fields=FIELDS)), "later")
    assert rows(empty)[: len(before)] == before
    assert len(rows(empty)) == len(before) + 2
    empty.jobs.save(replace(job, way="another"), "later")
    assert len(rows(empty)) == len(before) + 2, "what is there is not written again"
    assert work_of(empty.jobs.get(job.number)).measured == Measured(FIELDS, LEVELS, die="D1")
    assert empty.check()[1] == ()
    with closing(sqlite3.connect(empty.database.file)) as raw, pytest.raises(sqlite3.IntegrityError, match="append-only"):
        raw.execute("UPDATE series SET body = '{}'")


@pytest.mark.parametrize(
    "meddling",
    [
        "UPDATE series SET body = replace(body, '2.0', '2.5')",
        "UPDATE series SET link = substr(link, 2) || 'x' WHERE rowid = 2",
        "UPDATE series SET before = link WHERE rowid = 3",
        "UPDATE series SET job = 'another' WHERE rowid = 4",
        "DELETE FROM series WHERE rowid = 1",
        "DELETE FROM series WHERE rowid = (SELECT max(rowid) FROM series)",
        "DELETE FROM series",
    ],
)
def test_measurements_that_were_meddled_with_are_named(meddling: str, empty: Shop) -> None:
    job = measured(empty)
    other = empty.jobs.open_new("now")
    meddle(empty.folder, meddling)
    assert f"job {job.name}" in {fault.name for fault in empty.check()[1]}
    with Shop(empty.folder) as again:
        with pytest.raises(Trouble, match=job.name):
            again.jobs.get(job.number)
        assert again.jobs.get(other.number).uid == other.uid, "the others are served"


def test_a_purge_takes_the_measurements_along_that_tell_of_the_phone(empty: Shop) -> None:
    job = measured(empty)
    empty.jobs.save(replace(job, closed="2025-01-02T10:00:00+00:00"), "now")
    assert purge(empty.database, "2026-01-01", "now").jobs == (job.name,)
    left = work_of(empty.jobs.get(job.number)).measured
    assert (left.fields, left.levels, left.die) == (FIELDS, LEVELS, "")
    assert len(rows(empty)) == len(FIELDS) + len(LEVELS), "none is left over"
    assert empty.check()[1] == ()


Change = Callable[[Job], Job]
FLEX, OTHER_FLEX = (lambda job, s=state: job.with_ticket(FlexTicket(state=s)) for state in (FlexState.WORN, FlexState.DEAD))


@pytest.mark.parametrize(
    ("mine", "theirs", "clash"),
    [
        (lambda job: with_panel(job, maker="Ostby"), FLEX, False),
        (lambda job: with_panel(job, maker="Ostby"), lambda job: with_panel(job, source="a shelf"), False),
        (lambda job: with_work(job, image="ff"), lambda job: job.having(FlexWork(source="B-00001@x")), False),
        (lambda job: with_work(job, image="ff"), lambda job: with_work(job, source="B-00001@x"), False),
        (lambda job: replace(job, ticket=job.ticket.without(PartKind.DISPLAY)), FLEX, False),
        (FLEX, FLEX, False),
        (FLEX, OTHER_FLEX, True),
        (lambda job: with_panel(job, maker="Ostby"), lambda job: with_panel(job, maker="Fenwick"), True),
        (lambda job: with_work(job, image="ff"), lambda job: with_work(job, image="00"), True),
        (
            lambda job: replace(job, ticket=job.ticket.without(PartKind.DISPLAY)),
            lambda job: with_panel(job, maker="Fenwick"),
            True,
        ),
    ],
)
def test_two_windows_change_parts_of_one_job(mine: Change, theirs: Change, clash: bool, empty: Shop) -> None:
    start = empty.jobs.save(with_work(with_panel(empty.jobs.open_new("t"), die="D1"), image="aa"), "t")
    with Shop(empty.folder) as other:
        kept = other.jobs.save(theirs(start), "t")
    if clash:
        with pytest.raises(StoreTrouble, match="in another window"):
            empty.jobs.save(mine(start), "t")
        assert empty.jobs.get(start.number) == kept
        return
    both = empty.jobs.save(mine(start), "t")
    wanted = mine(theirs(start))
    assert replace(both, revision=0) == replace(wanted, revision=0)
    assert empty.jobs.get(start.number) == both


def test_parts_come_from_the_store_of_the_version_before(tmp_path: Path) -> None:
    """tests/data/store-0003: nine jobs, one with measurements, a tuned record and a decision, one with a flex alone."""
    old = old_folder(tmp_path / "old", "0003")
    with closing(sqlite3.connect(old / FILE)) as raw:
        before = {n: json.loads(body) for n, body in raw.execute("SELECT number, body FROM jobs")}
    with Shop(old) as shop:
        assert shop.check() == (10, ())
        jobs = {job.name: job for job in shop.jobs.all()}
        assert len(jobs) == 9
        assert jobs["J-0001"].all_proven, "what was proven stays proven"
        for job in jobs.values():
            told = [[list(reading.screen), reading.when] for reading in job.readings]
            assert told == [[reading["screen"], reading["when"]] for reading in before[job.number]["readings"]]
        yellow = jobs["J-0005"]
        ticket, work = panel_of(yellow), work_of(yellow)
        assert (ticket.maker, ticket.paper_serial, ticket.donor.value, ticket.die) == ("Fenwick", "AB12", "yes", work.die)
        assert json.loads(msgspec.json.encode(work.measured)) == {**before[5]["measured"], "arrived": ""}
        assert shop.vault.get(work.source).name == shop.vault.get(work.made).name == "B-00009"
        assert work.decided(work.die, "Fenwick") is not None
        assert yellow.ticket.of(FlexTicket).state is FlexState.WORN
        assert yellow.ticket.promised == (Function.AMBIENT_WHITE, Function.TOUCH)
        flex = jobs["J-0009"]
        assert flex_alone(flex)
        assert shop.vault.get(flex.of(FlexWork).source).name == "B-00010"
        assert {part.used_in for part in shop.shelf.all()} <= {"", *(job.ref for job in jobs.values())}
        assert shop.jobs.save(replace(yellow, way="again"), "now").way == "again"
        assert shop.jobs.get(5).of(type(work)).measured == work.measured
    with Shop(old) as shop:
        assert shop.check() == (10, ())
        assert DisplayTicket.KIND not in shop.jobs.get(9).parts
