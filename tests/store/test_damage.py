"""Any changed byte is found, named, and the others are served; full and read-only media leave nothing by half."""

import json
import random
import resource
import shutil
import sqlite3
import subprocess
import sys
import textwrap
from contextlib import closing
from pathlib import Path

import pytest

from daruma.core.acts import RULES, ActKind, ActState
from daruma.core.job import Job
from daruma.handover.exchange import ExchangeTrouble, export, from_json, read_file
from daruma.store import checking
from daruma.store.act_notes import NoteFinder
from daruma.store.database import FileLook
from daruma.store.digests import JOB, SHELF, row_digest
from daruma.store.glance import Glance, glance
from daruma.store.jobs import put_jobs
from daruma.store.journal import add_act, add_settlement
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import NOTES
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from daruma.store.whole import check_rows
from tests.conftest import share
from tests.store.conftest import content, meddle

MANY = 60
TABLE_LEAF, MOST_ON_A_PAGE = 13, 12  # as the file format marks such a page; rows of jobs


@pytest.fixture(scope="module")
def sound(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A shop with backups on many pages, closed and in one file."""
    folder = tmp_path_factory.mktemp("sound") / "shop"
    with Shop(folder) as shop:
        shop.vault.keep_all(content(n, image=random.Random(n).randbytes(256)) for n in range(1, MANY + 1))
    in_one_file(folder)
    return folder


def in_one_file(folder: Path) -> None:
    """Put what a closed shop's log holds into its file."""
    with closing(sqlite3.connect(folder / FILE)) as connection:
        connection.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        connection.execute("PRAGMA journal_mode = DELETE")


@pytest.mark.parametrize("mark", ["0001", "0002", "000\x13"])
def test_a_damaged_mark_of_the_version_neither_closes_the_shop_nor_hides_a_change(mark: str, sound: Path, tmp_path: Path) -> None:
    shutil.copytree(sound, tmp_path / "shop")
    with Shop(tmp_path / "shop") as shop:
        write = shop.journal.intend(ActKind.WRITE, job="J", die="D", backup="", digest="d", started="t", evidence=())
        shop.journal.settle(write, ActState.DONE, "", "t")
    meddle(tmp_path / "shop", f"UPDATE alembic_version SET version_num = '{mark}'", "UPDATE acts SET die = 'another'")
    assert check_rows(FileLook(tmp_path / "shop" / FILE)), "a copy is looked at as it lies there"
    with Shop(tmp_path / "shop") as shop:
        assert len(shop.vault.check()[1]) == 0
        assert check_rows(shop.database)


def test_a_value_that_only_changed_its_type_is_found(sound: Path, tmp_path: Path) -> None:
    """One byte of the row's head makes text of a link into bytes that read the same."""
    for name in ("sha256", "chain", "body"):
        folder = tmp_path / name
        shutil.copytree(sound, folder)
        other = "TEXT" if name == "body" else "BLOB"
        meddle(folder, f"UPDATE backups SET {name} = cast({name} AS {other}) WHERE number = 7")
        with Shop(folder) as shop:
            assert "B-00007" in {fault.name for fault in shop.vault.check()[1]}, name


@pytest.mark.parametrize("body", ["[" * 100_000, '{"readings":' + "[" * 5000, "5", "null", '{"parts":[]}', '{"uid":1}'])
def test_a_body_that_makes_no_sense_costs_its_row_and_no_other(body: str, demo_folder: Path) -> None:
    """Nested too deep, cut off, or of another shape, with a digest that fits: as a hostile copy may bring it."""
    folder = demo_folder
    with Shop(folder) as shop:
        jobs, parts = shop.jobs.all(), shop.shelf.all()
    with closing(sqlite3.connect(folder / FILE)) as raw:
        raw.row_factory = sqlite3.Row
        for table, names, key in (("jobs", JOB, "number"), ("shelf", SHELF, "die")):
            row = {**raw.execute(f"SELECT * FROM {table} ORDER BY {key}").fetchone(), "body": body}
            raw.execute(f"UPDATE {table} SET body = ?, sha256 = ? WHERE {key} = ?", (body, row_digest(names, row), row[key]))
        raw.commit()
    told = glance(folder)
    with Shop(folder) as shop:
        assert shop.jobs.all() == jobs[1:]
        assert shop.shelf.all() == parts[1:]
        assert len(shop.set_aside()) == 2
        assert told == Glance(shop.jobs.on_view(), shop.shelf.all())


def test_a_damaged_page_costs_what_is_on_it(sound: Path, tmp_path: Path) -> None:
    shutil.copytree(sound, tmp_path / "shop")
    file = tmp_path / "shop" / FILE
    raw = bytearray(file.read_bytes())
    at = raw.index(b'"D00000000030"') // 4096 * 4096
    raw[at : at + 4096] = bytes(4096)
    file.write_bytes(raw)
    with Shop(tmp_path / "shop") as shop:
        _, faults = shop.vault.check()
        lost = {fault.name for fault in faults if "it cannot be read" in fault.what}
        assert "B-00030" in lost
        assert len(lost) < 8
        for number in range(1, MANY + 1):
            name = f"B-{number:05d}"
            if name not in lost:
                assert shop.vault.get(name).number == number
        with pytest.raises(StoreTrouble):
            shop.vault.get("B-00030")
        found = {backup.name for backup in shop.vault.find("cedar_l")}
        assert len(found) == MANY - len(lost), "the others are found"


DIES = 150


@pytest.fixture(scope="module")
def acted(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A shop with acts of every kind on many parts, their index on several pages; closed and in one file."""
    folder, rng = tmp_path_factory.mktemp("acted") / "shop", random.Random(5)
    with Shop(folder) as shop, shop.database.writing() as connection:
        for number in range(4 * DIES):
            values = {"uid": f"U{number}", "job": f"job{rng.randrange(DIES)}", "kind": rng.choice(list(ActKind)).value}
            values |= {"die": f"die{rng.randrange(DIES):05d}", "backup": "", "digest": "d", "started": "t", "evidence": "[]"}
            act = add_act(connection, values | {"who": "", "before": ""})
            if rng.random() < 0.9:
                ended = {"act": act, "state": rng.choice(list(ActState)).value, "note": "", "settled": "t"}
                add_settlement(connection, ended | {"answer": "", "found": ""})
    in_one_file(folder)
    return folder


def pages_of_index(file: Path) -> list[int]:
    """Return the pages that hold little but the dies of many parts, or the jobs of many acts."""
    raw = file.read_bytes()
    pages = [raw[start : start + 4096] for start in range(0, len(raw), 4096)]
    return [number for number, page in enumerate(pages) if max(page.count(b"die0"), page.count(b"job")) > 60]


@pytest.mark.parametrize("seed", share(range(300), 15))
def test_a_damaged_index_hides_no_act(seed: int, acted: Path, tmp_path: Path) -> None:
    """What was sent to a part is told by the rows as well, in the journal and in the marks."""
    rng, folder = random.Random(seed), tmp_path / "shop"
    shutil.copytree(acted, folder)
    raw = bytearray((folder / FILE).read_bytes())
    pages = pages_of_index(folder / FILE)
    assert len(pages) > 4
    page, offset = rng.choice(pages), rng.randrange(4096)
    length = min(rng.choice((1, 1, 4, 40)), 4096 - offset)  # the next page may be the table's
    raw[page * 4096 + offset : page * 4096 + offset + length] = rng.randbytes(length)
    (folder / FILE).write_bytes(raw)
    with Shop(folder) as shop:
        journal, everything = shop.journal, shop.journal.all()
        assert len(everything) == 4 * DIES
        for die in {act.die for act in everything}:
            acts = journal.acts_on(die)
            assert acts == tuple(act for act in everything if act.die == die)
            if rng.random() < 0.1:
                assert journal.writes(die) == sum(act.counts for act in acts if act.kind is ActKind.WRITE)
                for kind in (kind for kind, rule in RULES.items() if rule.once):
                    assert journal.spent(kind, die) == any(a.kind is kind and a.state is not ActState.NOT_SENT for a in acts)
        for job in {act.job for act in everything}:
            assert journal.acts_of(job) == tuple(act for act in everything if act.job == job)
        die = rng.choice(sorted({act.die for act in journal.in_doubt()}))
        with pytest.raises(StoreTrouble):
            journal.intend(ActKind.WRITE, job="J", die=die, backup="", digest="d", started="t", evidence=())
        die = rng.choice(sorted({act.die for act in everything} - {act.die for act in journal.in_doubt()}))
        before = sum(act.counts for act in everything if act.die == die and act.kind is ActKind.WRITE)
        try:
            journal.intend(ActKind.WRITE, job="J", die=die, backup="", digest="d", started="t", evidence=())
        except StoreTrouble:  # the index's page takes no more: nothing is sent then
            assert journal.writes(die) == before
            return
        noted = NoteFinder(folder / NOTES).on(die).values()
        assert sum(note.sent and note.kind == ActKind.WRITE.value for note in noted) == before + 1


@pytest.mark.parametrize("index", ["jobs_uid", "ix_settlements_act", "ix_acts_die", "ix_acts_job", "acts_uid"])
@pytest.mark.parametrize("how", ["nonsense", "empty"])
def test_no_damaged_index_of_jobs_or_settlements_hides_an_act(index: str, how: str, tmp_path: Path) -> None:
    folder = tmp_path / "shop"
    with Shop(folder) as shop:
        for number in range(1, 30):
            job = shop.jobs.open_new("t")
            told = {"job": job.uid, "die": f"D{number % 7}", "backup": "", "digest": "d", "started": "t", "evidence": ()}
            shop.journal.settle(shop.journal.intend(ActKind.WRITE, **told), ActState.DONE, "", "t")
        everything = shop.journal.all()
    in_one_file(folder)
    with closing(sqlite3.connect(folder / FILE)) as raw:
        (page,) = raw.execute("SELECT rootpage FROM sqlite_master WHERE name = ?", (index,)).fetchone()
    bytes_ = bytearray((folder / FILE).read_bytes())
    bytes_[(page - 1) * 4096 : page * 4096] = b"\xff" * 4096 if how == "nonsense" else b"\x0a" + bytes(4) + b"\x10" + bytes(4090)
    (folder / FILE).write_bytes(bytes_)
    with Shop(folder) as shop:
        assert [act.uid for act in shop.journal.all()] == [act.uid for act in everything]
        for n in range(7):
            mine = [act.uid for act in everything if act.die == f"D{n}"]
            assert [act.uid for act in shop.journal.acts_on(f"D{n}")] == mine
            assert shop.journal.writes(f"D{n}") == len(mine)
        assert {shop.journal.acts_of(act.job)[0].uid for act in everything} == {act.uid for act in everything}


def test_any_page_of_jobs_costs_what_is_on_it(tmp_path: Path) -> None:
    """The last one too, behind which nothing tells where the table ends."""
    with Shop(tmp_path / "sound") as shop, shop.database.writing() as connection:
        put_jobs(connection, [Job(number, "t", uid=f"uid-of-job-{number:05d}-") for number in range(1, 300)], "t")
    in_one_file(tmp_path / "sound")
    raw = (tmp_path / "sound" / FILE).read_bytes()
    leaves = [
        page for page in range(0, len(raw), 4096) if raw[page] == TABLE_LEAF and raw.count(b"uid-of-job-", page, page + 4096)
    ]
    for number, page in enumerate((*leaves[:2], leaves[len(leaves) // 2], *leaves[-2:])):
        folder = shutil.copytree(tmp_path / "sound", tmp_path / f"{number}")
        (folder / FILE).write_bytes(raw[:page] + b"\xff" * 4096 + raw[page + 4096 :])
        with Shop(folder) as shop:
            assert len(shop.jobs.all()) >= 299 - MOST_ON_A_PAGE
            assert shop.losses() or shop.check()[1], "it is said that something is damaged"


@pytest.mark.parametrize("column", ["digest", "kind", "who", "started", "evidence"])
def test_a_damaged_act_that_a_part_takes_once_is_not_forgotten(column: str, tmp_path: Path) -> None:
    with Shop(tmp_path / "shop") as shop:
        for die in ("D1", "D2"):
            kind = ActKind.ACTIVATE if die == "D1" else ActKind.WRITE
            act = shop.journal.intend(kind, job="J", die=die, backup="", digest="d", started="t", evidence=())
            shop.journal.settle(act, ActState.DONE, "", "t")
    meddle(tmp_path / "shop", f"UPDATE acts SET {column} = '?'")
    for noted in (True, False):
        if not noted:
            (tmp_path / "shop" / NOTES).write_bytes(b"")
            (tmp_path / "shop" / MARKS).unlink()
        with Shop(tmp_path / "shop") as shop:
            assert shop.journal.acts_on("D1") == ()
            assert shop.journal.spent(ActKind.ACTIVATE, "D1")
            assert shop.journal.writes("D2") == 1
            # where the marks cannot tell what it was either, it counts as whatever is asked for
            if noted or column != "kind":
                assert not shop.journal.spent(ActKind.ACTIVATE, "D2")


def test_a_backup_at_the_end_cannot_vanish_unseen(sound: Path, tmp_path: Path) -> None:
    shutil.copytree(sound, tmp_path / "shop")
    meddle(tmp_path / "shop", f"DELETE FROM backups WHERE number >= {MANY - 1}")
    with Shop(tmp_path / "shop") as shop:
        (fault,) = shop.vault.check()[1]
        assert fault.name == f"B-{MANY - 1:05d}"
        assert "missing" in fault.what


def test_what_is_searched_is_what_is_kept(sound: Path, tmp_path: Path) -> None:
    shutil.copytree(sound, tmp_path / "shop")
    meddle(tmp_path / "shop", "UPDATE backups SET imei = '000000000000000' WHERE number = 5")
    with Shop(tmp_path / "shop") as shop:
        assert [(f.name, f.what) for f in shop.vault.check()[1]] == [("B-00005", "what is searched is not what it carries")]


def test_texts_that_json_may_write_in_several_ways_are_no_fault(empty: Shop) -> None:
    empty.vault.keep(content(1, die='D"\\/\x7f\x1f', maker="Ö\u2028\U0001f600", job="J-\n0001"))
    assert empty.vault.check() == (1, ())


def test_any_changed_byte_of_an_exported_file_is_found(empty: Shop, tmp_path: Path) -> None:
    """The JSON file stands alone; beside its checksums even a changed space is found."""
    backup = empty.vault.keep(content(1))
    files = {path.suffix: path for path in export(backup, tmp_path)}
    assert set(files) == {".json", ".hex", ".bin", ".sha256"}
    assert subprocess.run(["sha256sum", "-c", files[".sha256"].name], cwd=tmp_path, capture_output=True).returncode == 0
    sound = files[".json"].read_bytes()
    assert read_file(files[".json"]) == backup.content
    alone = 0
    for place in range(len(sound)):
        for by in (0x01, 0x20, 0x80):
            raw = sound[:place] + bytes([sound[place] ^ by]) + sound[place + 1 :]
            try:
                assert from_json(raw, "x.json") == backup.content, "only what means the same passes"
                alone += 1
            except ExchangeTrouble as trouble:
                assert "x.json" in trouble.what
            if place % 7 == 0:
                files[".json"].write_bytes(raw)
                with pytest.raises(ExchangeTrouble, match=r"B-00001.*\.json"):
                    read_file(files[".json"])
    assert alone < len(json.loads(sound)) * 40, "no more than its spaces"


FULL = """
    import json, resource, sys
    from pathlib import Path
    from daruma.store.shop import Shop
    from daruma.store.copies import make_copy
    from daruma.core.errors import Trouble
    from tests.store.conftest import content
    from datetime import datetime
    shop = Shop(Path(sys.argv[1]))
    most = max(file.stat().st_size for file in shop.folder.glob("daruma.sqlite3*")) + 300_000
    resource.setrlimit(resource.RLIMIT_FSIZE, (most, most))
    kept, said = 0, []
    for n in range(1, 400):
        try:
            shop.vault.keep(content(n, image=bytes(4000)))
            kept += 1
        except Trouble as trouble:
            said.append(trouble.what)
            break
    try:
        make_copy(shop.database, datetime.now().astimezone())
    except Trouble as trouble:
        said.append(trouble.what)
    print(json.dumps([kept, said, shop.vault.count(), list(shop.vault.check()[1])]))
"""


def test_a_disk_that_is_full_leaves_nothing_by_half(tmp_path: Path) -> None:
    """The file size limit of a process stands in for the full disk: writes fail in the middle, at whatever byte."""
    assert resource.RLIMIT_FSIZE
    done = subprocess.run(
        [sys.executable, "-c", textwrap.dedent(FULL), str(tmp_path / "shop")], capture_output=True, text=True, check=False
    )
    assert done.returncode == 0, done.stderr
    kept, said, count, faults = json.loads(done.stdout)
    assert 0 < kept == count < 399
    assert "could not be used" in said[0]
    assert faults == []
    with Shop(tmp_path / "shop") as shop:
        assert shop.vault.check() == (kept, ())
        shop.vault.keep(content(1000))
        left = list((tmp_path / "shop").rglob("*.part"))
        assert left == [], "no half of a copy stays"


def on_read_only_medium(folder: Path, script: str) -> subprocess.CompletedProcess[str]:
    """Run Python with a folder mounted read-only; skip where this machine does not let us."""
    mount = f"mount --bind {folder} {folder} && mount -o remount,ro,bind {folder} {folder}"
    probe = subprocess.run(["unshare", "-m", "sh", "-c", mount], capture_output=True, check=False)
    if probe.returncode:
        pytest.skip("mounting needs more rights than there are here")
    command = f"{mount} && exec {sys.executable} -c '{script}' {folder}"
    return subprocess.run(["unshare", "-m", "sh", "-c", command], capture_output=True, text=True, check=False)


READ = """
import sys
from pathlib import Path
from daruma.store.shop import Shop
from daruma.core.errors import Trouble
from tests.store.conftest import content, meddle
shop = Shop(Path(sys.argv[1]))
assert shop.read_only
assert shop.vault.check() == (60, ()), shop.vault.check()
assert shop.vault.get("B-00030").number == 30
try:
    shop.vault.keep(content(99))
except Trouble as trouble:
    print(trouble.sentences())
"""


def test_a_read_only_medium_is_read(sound: Path, tmp_path: Path) -> None:
    shutil.copytree(sound, tmp_path / "shop")
    done = on_read_only_medium(tmp_path / "shop", READ)
    assert done.returncode == 0, done.stderr
    assert "The data folder is read-only." in done.stdout
    assert "can be read and exported" in done.stdout


def test_a_large_vault_is_checked_by_two_processes(empty: Shop, monkeypatch: pytest.MonkeyPatch) -> None:
    """What each half finds is found as one would find it, and without the second process as well."""
    empty.vault.keep_all(content(n) for n in range(1, 61))
    meddle(
        empty.folder,
        "UPDATE backups SET body = replace(body, 'Ostby', 'Ostbx') WHERE number IN (7, 47)",
        "DELETE FROM backups WHERE number = 31",
    )
    alone = empty.vault.check()
    assert {fault.name for fault in alone[1]} == {"B-00007", "B-00047", "B-00032", "the search"}
    monkeypatch.setattr(checking, "ALONE", 10)
    seen: list[int] = []
    both = empty.vault.check(seen.append)
    assert both[0] == alone[0] == 59
    assert {fault.name for fault in both[1]} == {fault.name for fault in alone[1]}
    assert seen[-1] == 59
    monkeypatch.setattr(sys, "executable", "/bin/false")
    assert empty.vault.check() == both
