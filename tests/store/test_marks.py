"""What was there is remembered outside: logs, files and copies that lose something are found out, and say what is missing."""

import hashlib
import json
import os
import random
import shutil
import signal
import sqlite3
import threading
from contextlib import closing
from dataclasses import dataclass
from datetime import UTC, datetime, timedelta
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.core.acts import Act, ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.job import Job, Ticket
from daruma.store.copies import copies_of, make_copy, rotate
from daruma.store.files import own_folder
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import read_marks, second_place
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from tests.conftest import seeds
from tests.parts import some, with_work, work_of
from tests.store.conftest import content
from tests.store.test_damage import on_read_only_medium

NOW = datetime(2026, 11, 23, 22, 0, tzinfo=UTC).astimezone()
WAL = FILE + "-wal"
MANY = 30


def killed(folder: Path, second: Path | None = None) -> None:
    """Fill a shop in a process that is killed: what it kept last is in the log alone."""
    child = os.fork()
    if child == 0:
        shop = Shop(folder, second)
        for n in range(1, MANY + 1):
            job = shop.jobs.open_new("2026-11-23T10:00:00+00:00")
            kept = shop.vault.keep(content(n, imei=f"{n:015d}", job=job.ref))
            ticket = Ticket(model="cedar_l", imei=f"{n:015d}")
            shop.jobs.save(with_work(replace(job, ticket=ticket), source=kept.ref), "now")
            told = {"job": job.uid, "die": f"D{n % 5}", "backup": kept.ref, "digest": "d", "started": "t"}
            act = shop.journal.intend(ActKind.WRITE, evidence=(("Lock", "lit"),), **told)
            if n < MANY:
                shop.journal.settle(act, ActState.DONE, "", "t")
            if n == MANY // 2:
                with shop.database.reading() as connection:
                    connection.exec_driver_sql("PRAGMA wal_checkpoint(TRUNCATE)")
        os.kill(os.getpid(), signal.SIGKILL)
    os.waitpid(child, 0)


@dataclass(frozen=True)
class Truth:
    """Hold all that a shop kept."""

    backups: dict[str, bytes]
    acts: dict[str, Act]
    jobs: dict[str, Job]

    @classmethod
    def of(cls, shop: Shop) -> "Truth":
        backups = {b.sha256: b.content.canonical() for b in shop.vault.find()}
        acts = {act.uid: act for act in shop.journal.all()}
        return cls(backups, acts, {job.uid: job for job in shop.jobs.all()})


@pytest.fixture(scope="module")
def left(tmp_path_factory: pytest.TempPathFactory) -> tuple[Path, Truth]:
    folder = tmp_path_factory.mktemp("left") / "shop"
    killed(folder)
    assert (folder / WAL).stat().st_size > 100_000
    whole = folder.with_name("whole")
    shutil.copytree(folder, whole)
    with Shop(whole) as shop:
        truth = Truth.of(shop)
        assert shop.check() == (MANY, ())
    assert len(truth.backups) == len(truth.acts) == len(truth.jobs) == MANY
    return folder, truth


def flip(folder: Path, truth: Truth, where: Path, rng: random.Random, table: str = "") -> bool:
    """Change one byte in a copy of a shop; return whether something is not served as it was, and is named.

    With `table` it is a byte of what the file says of that table's columns.
    """
    shutil.copytree(folder, where, ignore=shutil.ignore_patterns("wires"))
    there = [name for name in (FILE, FILE, WAL, WAL, MARKS) if (where / name).exists() and (where / name).stat().st_size]
    file = where / (FILE if table else rng.choice(there))
    raw = bytearray(file.read_bytes())
    first = raw.rindex(b"CREATE TABLE " + table.encode()) if table else 0
    last = raw.index(b"PRIMARY KEY", first) if table else len(raw)
    place, by = rng.randrange(first, last), rng.randrange(1, 256)
    raw[place] ^= by
    file.write_bytes(raw)
    try:
        shop = Shop(where)
    except Trouble as trouble:
        assert trouble.advice
        return True
    with shop:
        try:
            faults = {fault.name for fault in (*shop.losses(), *shop.check()[1])}
            now = Truth.of(shop)
        except StoreTrouble as trouble:
            assert trouble.advice
            return True
        told = f"{file.name}, byte {place}, by {by}: {sorted(faults)[:4]}"
        somewhere = faults & {"the store", "the vault's head", "the search"}
        for sha, body in truth.backups.items():
            number = list(truth.backups)[::-1].index(sha) + 1
            assert now.backups.get(sha) == body or f"B-{number:05d}" in faults or somewhere, told
        # one damaged leaf page holds a few backups; a damaged inner page may hide more, which the whole store's fault says
        hidden = sum(now.backups.get(sha) != body for sha, body in truth.backups.items())
        named = sum(name.startswith("B-") for name in faults)
        assert hidden <= named + 12 or "the store" in faults, told
        for uid, act in truth.acts.items():
            assert now.acts.get(uid) == act or somewhere or any(f"act {act.number}" in name for name in faults), told
        for uid, job in truth.jobs.items():
            assert now.jobs.get(uid) == job or f"job {job.name}" in faults or somewhere, told
        for n in range(5):
            had = sum(act.die == f"D{n}" for act in truth.acts.values())
            assert shop.journal.writes(f"D{n}") >= had or faults, told
    return bool(faults)


@pytest.mark.parametrize("tried", seeds(100, 10_000))
def test_a_changed_byte_of_store_log_or_marks_is_found(tried: range, left: tuple[Path, Truth], tmp_path: Path) -> None:
    found = 0
    for seed in tried:
        found += flip(*left, tmp_path / "shop", random.Random(f"flip/{seed}"))
        shutil.rmtree(tmp_path / "shop")
    assert found > 0.1 * len(tried), "what is not served is named"


@pytest.mark.parametrize("table", ["acts", "backups", "jobs", "settlements", "doubts"])
def test_a_changed_byte_in_what_the_file_says_of_its_tables_is_found(
    table: str, left: tuple[Path, Truth], tmp_path: Path
) -> None:
    for index in range(10):
        flip(*left, tmp_path / str(index), random.Random(f"{table}/{index}"), table)


def test_a_log_that_is_gone_is_noticed_and_its_writes_count_on(left: tuple[Path, Truth], tmp_path: Path) -> None:
    folder, truth = left
    shutil.copytree(folder, tmp_path / "shop")
    (tmp_path / "shop" / WAL).unlink()
    (tmp_path / "shop" / (FILE + "-shm")).unlink(missing_ok=True)
    with Shop(tmp_path / "shop") as shop:
        (loss,) = shop.losses()
        assert f"{MANY // 2} backups, {MANY // 2} acts" in loss.what
        assert "look in the shop's second place" in loss.what
        assert loss in shop.check()[1]
        for n in range(5):
            assert shop.journal.writes(f"D{n}") == sum(act.die == f"D{n}" for act in truth.acts.values())
        shop.vault.keep(content(99))
    with Shop(tmp_path / "shop") as shop:
        assert shop.losses(), "it is said until it is accepted"
        shop.database.accept_losses()
        assert shop.losses() == ()
    with Shop(tmp_path / "shop") as shop:
        assert shop.losses() == ()
        assert shop.journal.writes("D1") == MANY // 5, "what was counted stays counted"


SENSELESS = (
    *(10**30, -1, 1e400, True, None, "", "5", "\ud800", "x' OR 1=1 --", [], [1], {}, {"jobs": 10**30}, {"<b>": 3}),
    *({"a": {"acts": 10**30}}, {"a": {"acts": -1}}, {"a": {"acts; DROP TABLE jobs": 3}}, {"D1": -3}, ["\ud800"], [["a"]]),
)


def _line(body: str) -> bytes:
    return f"{hashlib.sha256(body.encode()).hexdigest()[:16]} {body}\n".encode()


@pytest.mark.parametrize("where", ["beside", "second place"])
def test_whatever_marks_say_the_shop_opens(where: str, empty: Shop, tmp_path: Path) -> None:
    """The second place may be a share that others write to: a line with a digest that fits is no reason to believe it."""
    second = tmp_path / "second"
    second.mkdir()
    empty.close()
    with Shop(empty.folder, second) as shop:
        kept = shop.jobs.open_new(NOW.isoformat())
    file = empty.folder / MARKS if where == "beside" else next(second.glob("daruma-marks-*"))
    good = json.loads(file.read_text().splitlines()[-1].partition(" ")[2])
    bad = tried = 0
    deep = '{"progress": ' + "[" * 100_000 + "]" * 100_000 + "}"
    for said in (deep, *(json.dumps({**good, key: value}) for key in good for value in SENSELESS)):
        tried += 1
        file.write_bytes(_line(said))
        with Shop(empty.folder, second) as shop:
            bad += bool(shop.losses())
            assert shop.jobs.get(kept.number) == kept
            kept = shop.jobs.save(kept, NOW.isoformat())
        with Shop(empty.folder, second) as shop:
            shop.losses()
    assert bad > 0.8 * tried > 40, "what makes no sense is named"


def test_the_second_place_remembers_too(tmp_path: Path) -> None:
    folder, second = tmp_path / "shop", tmp_path / "nas"
    second.mkdir()
    killed(folder, second)
    newest = some(read_marks(folder / MARKS).memory)
    there = second_place(second, newest.store)
    assert sorted(second.iterdir()) == sorted((there.marks, there.notes))
    assert newest == read_marks(there.marks).memory
    for name in (MARKS, WAL):
        (folder / name).unlink()
    with Shop(folder, second) as shop:
        assert f"{MANY // 2} backups" in shop.losses()[0].what
        assert (folder / MARKS).exists(), "what is missing is made anew from the other place"
    shutil.rmtree(second)
    with Shop(folder, second) as shop:
        shop.vault.keep(content(77))
        assert any("could not be kept in nas" in loss.what for loss in shop.losses()), "a place that is gone is said, no more"


@pytest.mark.parametrize("name", ["a#b", "a?b=c", "100%", "a b", "ä&;", "%41"])
def test_whatever_the_folder_is_called_it_is_that_one(name: str, tmp_path: Path) -> None:
    with Shop(tmp_path / name) as shop:
        shop.vault.keep(content(1))
        copy = make_copy(shop.database, NOW)
        assert shop.check() == (1, ())
    assert sorted(file.name for file in tmp_path.iterdir()) == [name]
    with Shop(tmp_path / name) as shop:
        assert shop.vault.count() == 1
        assert copies_of(shop.folder) == (copy,)


@pytest.mark.parametrize("how", ["emptied", "gone"])
def test_no_new_shop_is_opened_where_one_was(how: str, empty: Shop) -> None:
    empty.vault.keep(content(1))
    empty.close()
    for file in empty.folder.glob(f"{FILE}*"):
        file.unlink()
    if how == "emptied":
        (empty.folder / FILE).touch()
    with pytest.raises(StoreTrouble, match="this folder held one: 1 backups") as caught:
        Shop(empty.folder)
    assert "take the folder away" in caught.value.advice
    assert not (empty.folder / FILE).exists() or (empty.folder / FILE).stat().st_size == 0


READ = f"""
import sys
from pathlib import Path
from daruma.store.shop import Shop
shop = Shop(Path(sys.argv[1]))
assert shop.read_only
assert shop.vault.count() == {MANY}, shop.vault.count()
assert len(shop.journal.in_doubt()) == 1
assert shop.losses() == (), shop.losses()
shop.close()
"""


def test_a_read_only_medium_left_by_a_killed_process_hides_nothing(left: tuple[Path, Truth], tmp_path: Path) -> None:
    shutil.copytree(left[0], tmp_path / "shop")
    done = on_read_only_medium(tmp_path / "shop", READ)
    assert done.returncode == 0, done.stderr


def test_the_rotation_keeps_the_last_copy_that_holds_more(empty: Shop) -> None:
    """74 nights of an emptied store, and a clock that is set a year ahead and back."""
    for n in range(1, 9):
        empty.vault.keep(content(n))
    whole = make_copy(empty.database, NOW)
    empty.close()
    shutil.move(empty.folder / FILE, empty.folder.parent / "lost")
    (empty.folder / MARKS).unlink()
    shutil.move(empty.folder / "copies", empty.folder.parent / "copies")
    with Shop(empty.folder) as shop:
        shutil.move(empty.folder.parent / "copies", empty.folder / "copies")
        for night in range(1, 75):
            make_copy(shop.database, NOW + timedelta(days=night))
            rotate(shop.database, (NOW + timedelta(days=night)).date())
        assert whole in copies_of(shop.folder)
        assert len(copies_of(shop.folder)) < 30


def test_copies_at_the_same_moment_wait_for_each_other(empty: Shop) -> None:
    empty.vault.keep_all(content(n) for n in range(1, 200))
    troubles: list[BaseException] = []

    def copy() -> None:
        try:
            with Shop(empty.folder) as shop:
                make_copy(shop.database, NOW)
        except BaseException as error:  # noqa: BLE001
            troubles.append(error)

    threads = [threading.Thread(target=copy) for _ in range(4)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    assert troubles == []
    assert len({made.name for made in copies_of(empty.folder)}) == 4


def test_a_shared_folder_keeps_its_rights(tmp_path: Path) -> None:
    shared = tmp_path / "shared"
    shared.mkdir()
    shared.chmod(0o777)
    inside = own_folder(shared, FILE)
    assert inside == shared / "daruma"
    with Shop(inside):
        assert inside.stat().st_mode & 0o777 == 0o700
    assert shared.stat().st_mode & 0o777 == 0o777
    assert own_folder(inside, FILE) == inside


def test_two_windows_that_save_one_job(empty: Shop) -> None:
    """What each has changed is kept; where both changed the same, neither is overwritten and both are shown."""
    job = empty.jobs.open_new("t")
    with Shop(empty.folder) as other:
        theirs = other.jobs.get(job.number)
        other.jobs.save(replace(theirs, way="theirs"), "t")
        mine = empty.jobs.save(replace(job, ticket=replace(job.ticket, complaint="mine")), "t")
        assert (mine.way, mine.ticket.complaint) == ("theirs", "mine")
        other.jobs.save(replace(other.jobs.get(job.number), way="again"), "t")
        with pytest.raises(StoreTrouble, match="changed in another window meanwhile: way") as clash:
            empty.jobs.save(replace(mine, way="mine"), "t")
        assert (clash.value.mine.way, clash.value.kept.way) == ("mine", "again")  # type: ignore[attr-defined]
        with pytest.raises(StoreTrouble, match="in another window"):
            told = {"job": job.uid, "die": "D", "backup": "", "digest": "", "started": "t"}
            empty.journal.intend(ActKind.WRITE, evidence=(("a", "b"),), as_of=with_work(mine, source="B-00001@x"), **told)
        assert empty.journal.all() == (), "an act is not begun as of a job that has gone on"


def test_a_store_of_the_version_before_is_migrated(old_store: Path) -> None:
    """tests/data/store-0002: a demo shop, one job written to in two tries, one act never settled."""
    with Shop(old_store) as shop:
        assert shop.check() == (11, ())
        jobs = {job.name: job for job in shop.jobs.all()}
        assert len(jobs) == 9
        assert jobs["J-0001"].all_proven, "what was proven stays proven"
        assert shop.vault.get(work_of(jobs["J-0002"]).source).name == "B-00011"
        assert [act.job_name for act in shop.journal.all()] == ["J-0001", "J-0005", "J-0002", "J-0002", "J-0005"]
        assert shop.vault.get(shop.journal.in_doubt()[0].backup).name == "B-00011"
        assert len(shop.journal.acts_of(jobs["J-0002"].uid)) == 2
        assert {part.used_in for part in shop.shelf.all()} <= {"", *(job.ref for job in jobs.values())}
        uids = {job.uid for job in shop.jobs.all()}, {act.uid for act in shop.journal.all()}
    with closing(sqlite3.connect(old_store / FILE)) as raw:
        assert raw.execute("PRAGMA integrity_check").fetchone() == ("ok",)
    again = old_store.with_name("again")
    shutil.copytree(old_store.with_name("before"), again)
    with Shop(again) as shop:
        assert uids == ({j.uid for j in shop.jobs.all()}, {a.uid for a in shop.journal.all()}), "a copy of it agrees with it"
