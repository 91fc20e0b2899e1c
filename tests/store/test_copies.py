"""Copies of the store: made whole, verified, rotated; a restore loses no count and survives a kill."""

import os
import shutil
import signal
import sqlite3
import stat
from contextlib import closing
from datetime import UTC, datetime, timedelta
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.core.acts import ActKind, ActState
from daruma.core.job import Outcome
from daruma.store import copies
from daruma.store.copies import Copy, copies_of, copy_named, is_due, make_copy, restore, rotate
from daruma.store.database import RESTORING
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from tests.store.conftest import content, meddle

NOW = datetime(2026, 11, 23, 22, 0, tzinfo=UTC).astimezone()


def filled(shop: Shop) -> Shop:
    """Keep three backups, a job and a settled write."""
    for n in (1, 2, 3):
        shop.vault.keep(content(n))
    job = shop.jobs.open_new("2026-11-23T10:00:00+00:00")
    shop.jobs.save(replace(job, outcomes=(Outcome("write_new", True),)), "now")
    write(shop, "D1", ActState.DONE)
    return shop


def write(shop: Shop, die: str, state: ActState | None) -> None:
    act = shop.journal.intend(
        ActKind.WRITE, job="J-0001", die=die, backup="B-00001", digest="d", started="t", evidence=(("Lock", "lit"),)
    )
    if state is not None:
        shop.journal.settle(act, state, "", "t")
    shop.journal.leave(act)


def test_a_copy_is_whole_private_and_one_file(empty: Shop) -> None:
    shares: list[float] = []
    made = make_copy(filled(empty).database, NOW, lambda share, _: shares.append(share))
    assert shares[-1] == 1.0
    assert shares == sorted(shares)
    folder = empty.folder / copies.FOLDER
    assert [file.name for file in folder.iterdir()] == [made.file.name], "no log beside it that could get lost"
    assert stat.S_IMODE(made.file.stat().st_mode) == 0o600
    assert stat.S_IMODE(folder.stat().st_mode) == 0o700
    with closing(sqlite3.connect(made.file)) as connection:
        assert connection.execute("SELECT count(*) FROM backups").fetchone() == (3,)
    assert copies_of(empty.folder) == (made,)
    assert copy_named(empty.folder, made.name) == made
    with pytest.raises(StoreTrouble, match="no copy yesterday"):
        copy_named(empty.folder, "yesterday")


def test_a_copy_that_does_not_verify_is_not_kept(empty: Shop) -> None:
    filled(empty)
    meddle(empty.folder, "UPDATE backups SET body = replace(body, 'Ostby', 'Ostbx') WHERE number = 2")
    with pytest.raises(StoreTrouble, match="does not verify: B-00002"):
        make_copy(empty.database, NOW)
    assert list((empty.folder / copies.FOLDER).iterdir()) == []


def test_the_night_s_copy_is_due_once() -> None:
    evening, morning = NOW, (NOW + timedelta(days=1)).replace(hour=9)
    assert is_due((), evening)
    made = Copy(Path("x"), evening, 1)
    assert not is_due((made,), evening.replace(hour=23))
    assert not is_due((made,), (NOW + timedelta(days=1)).replace(hour=2)), "before three it is still the same night"
    assert is_due((made,), morning)


def test_the_rotation(empty: Shop) -> None:
    """Of two copies a day the newest stays; the rule itself is tested in test_rotation."""
    old = make_copy(filled(empty).database, NOW - timedelta(hours=2))
    new = make_copy(empty.database, NOW)
    assert rotate(empty.database, NOW.date()) == (old,)
    assert copies_of(empty.folder) == (new,)


def test_a_restore_brings_the_copy_back_and_carries_over_what_came_after(empty: Shop) -> None:
    copy = make_copy(filled(empty).database, NOW)
    empty.vault.keep(content(4))
    write(empty, "D1", ActState.FAILED)
    write(empty, "D2", None)
    second = empty.jobs.open_new("2026-11-24T10:00:00+00:00")
    first = empty.jobs.get(1)
    empty.jobs.save(replace(first, way="changed after the copy"), "later")
    with pytest.raises(StoreTrouble, match="open in another window"):
        restore(empty.folder, copy, NOW)
    empty.close()
    done = restore(empty.folder, copy, NOW)
    assert (done.carried.backups, done.carried.acts, done.carried.jobs) == (1, 2, 1)
    with Shop(empty.folder) as back:
        assert back.vault.check() == (4, ())
        assert back.journal.writes("D1") == 2, "a restore takes back no write that was counted"
        assert [act.die for act in back.journal.in_doubt()] == ["D2"]
        assert back.jobs.get(1).way == "changed after the copy", "the further state of a job wins"
        assert back.jobs.get(second.number) == second
        assert back.jobs.totals() == {("", "write_new", True): 1}
    assert (done.replaced / FILE).exists(), "the replaced store is kept"
    assert not (empty.folder / RESTORING).exists()


@pytest.mark.parametrize("spoil", ["header", "middle", "missing"])
def test_a_restore_from_a_store_that_is_damaged_or_gone(empty: Shop, spoil: str) -> None:
    copy = make_copy(filled(empty).database, NOW)
    for n in range(4, 40):
        empty.vault.keep(content(n, image=bytes(700)))
    empty.close()
    raw = bytearray(empty.database.file.read_bytes())
    match spoil:
        case "header":
            raw[:100] = bytes(100)
        case "middle":
            raw[len(raw) // 2 : len(raw) // 2 + 4096] = b"\x5a" * 4096
    empty.database.file.write_bytes(raw)
    if spoil == "missing":
        empty.database.file.unlink()
    done = restore(empty.folder, copy, NOW)
    assert done.carried.backups >= (10 if spoil == "middle" else 0)
    with Shop(empty.folder) as back:
        seen, faults = back.vault.check()
        assert faults == ()
        assert seen == 3 + done.carried.backups
        assert back.journal.writes("D1") == 1


def test_a_damaged_copy_is_not_restored(empty: Shop) -> None:
    copy = make_copy(filled(empty).database, NOW)
    empty.close()
    raw = bytearray(copy.file.read_bytes())
    at = raw.index(b"SERIAL0002")
    raw[at] ^= 1
    copy.file.write_bytes(raw)
    with pytest.raises(StoreTrouble, match="does not verify: B-00002"):
        restore(empty.folder, copy, NOW)
    with Shop(empty.folder) as back:
        assert back.vault.check() == (3, ())


@pytest.mark.parametrize("call", range(1, 12))
def test_a_restore_that_is_killed_leaves_a_whole_store(empty: Shop, call: int) -> None:
    """Kill -9 before each move of a file: the store is then the old one or the restored one, never none."""
    copy = make_copy(filled(empty).database, NOW)
    empty.vault.keep(content(4))
    empty.close()
    child = os.fork()
    if child == 0:
        calls, move = 0, Path.replace

        def dying(self: Path, target: Path) -> Path:
            nonlocal calls
            calls += 1
            if calls == call:
                os.kill(os.getpid(), signal.SIGKILL)
            return move(self, target)

        Path.replace = dying  # type: ignore[method-assign, assignment]
        restore(empty.folder, copy, NOW)
        os._exit(0)
    os.waitpid(child, 0)
    with Shop(empty.folder) as back:
        assert back.vault.check() == (4, ())
        assert back.journal.writes("D1") == 1
    restore(empty.folder, copy, NOW + timedelta(seconds=1))
    with Shop(empty.folder) as back:
        assert back.vault.check() == (4, ())


def test_a_log_of_the_replaced_store_is_never_replayed_on_the_restored_one(empty: Shop) -> None:
    copy = make_copy(filled(empty).database, NOW)
    empty.close()
    shutil.copy(copy.file, empty.folder / RESTORING)
    (empty.folder / FILE).unlink()
    (empty.folder / (FILE + "-wal")).write_bytes(b"another store's log")
    with Shop(empty.folder) as back:
        assert back.vault.check() == (3, ())
