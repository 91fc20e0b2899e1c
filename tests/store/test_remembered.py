"""What is remembered outside the store: every kind of act and every kind of row, whatever is lost and in whatever order it is
found.
"""

import lzma
import shutil
import sqlite3
from collections.abc import Callable
from contextlib import closing
from datetime import UTC, datetime, timedelta
from pathlib import Path

import numpy as np
import pytest
from msgspec.structs import replace

from daruma.core.acts import RULES, ActKind, ActState
from daruma.core.job import Ticket
from daruma.core.shelf import ShelfPart
from daruma.store.copies import Copy, compare, copies_of, make_copy, restore
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import NOTES
from daruma.store.recordings import Begun, Chunk
from daruma.store.retention import purge
from daruma.store.shop import Shop
from daruma.store.version import FILE
from tests.shops import empty_shop
from tests.store.conftest import content, meddle

NOW = datetime(2026, 11, 23, 22, 0, tzinfo=UTC).astimezone()
WAL = FILE + "-wal"


def act(shop: Shop, kind: ActKind, die: str, state: ActState = ActState.DONE) -> str:
    made = shop.journal.intend(kind, job="J", die=die, backup="", digest="d", started="t", evidence=(("Lock", "lit"),))
    shop.journal.settle(made, state, "", "t")
    return made.uid


def lose(folder: Path, *names: str) -> None:
    for name in names:
        (folder / name).unlink(missing_ok=True)


STORE, BESIDE = (FILE, WAL, FILE + "-shm"), (MARKS, NOTES)


class Bench:
    """A shop with a copy from before one act of a kind, and a folder put aside from before it."""

    def __init__(self, top: Path, kind: ActKind) -> None:
        self.folder, self.second, self.aside, self.kind = top / "shop", top / "second", top / "aside", kind
        self.second.mkdir()
        with empty_shop(self.folder, self.second) as shop:
            self.copy = make_copy(shop.database, NOW)
        shutil.copytree(self.folder, self.aside)
        with Shop(self.folder, self.second) as shop:
            self.uid = act(shop, kind, "D1")
            act(shop, kind, "D2", ActState.NOT_SENT)

    def restored(self) -> None:
        restore(self.folder, self.copy, NOW, self.second)

    def restored_blindly(self) -> None:
        """Restore where nobody names the second place, as a script might."""
        restore(self.folder, self.copy, NOW)

    def put_back(self) -> None:
        shutil.rmtree(self.folder)
        shutil.copytree(self.aside, self.folder)

    def opened(self) -> None:
        Shop(self.folder, self.second).close()

    def spoilt(self) -> None:
        other = ActKind.FLASH if self.kind is ActKind.FINISH else ActKind.FINISH
        meddle(self.folder, f"UPDATE acts SET kind = '{other.value}', die = 'D9'")

    def lost(self, *names: str) -> Callable[[], None]:
        return lambda: lose(self.folder, *names)

    def without_second(self) -> None:
        shutil.rmtree(self.second)
        self.second.mkdir()


WAYS: dict[str, Callable[[Bench], tuple[Callable[[], None], ...]]] = {
    "store": lambda b: (b.lost(*STORE), b.restored),
    "store, marks": lambda b: (b.lost(*STORE, *BESIDE), b.restored),
    "store, second": lambda b: (b.lost(*STORE), b.without_second, b.restored),
    "store, restored without the second, then opened": lambda b: (b.lost(*STORE, *BESIDE), b.restored_blindly, b.opened),
    "marks": lambda b: (b.lost(*BESIDE), b.opened, b.lost(*STORE), b.restored),
    "second": lambda b: (b.without_second, b.opened, b.lost(*STORE, *BESIDE), b.restored),
    "marks, second": lambda b: (b.lost(*BESIDE), b.without_second, b.opened),
    "older folder, opened first": lambda b: (b.put_back, b.opened, b.without_second, b.opened, b.restored),
    "older folder, restored first": lambda b: (b.put_back, b.restored, b.without_second, b.opened),
    "older folder, opened, all else lost": lambda b: (b.put_back, b.opened, b.lost(*BESIDE), b.without_second, b.opened),
    "older folder, restored, all else lost": lambda b: (b.put_back, b.restored, b.lost(*BESIDE), b.without_second, b.opened),
    "damaged": lambda b: (b.spoilt, b.opened),
    "damaged, restored": lambda b: (b.spoilt, b.restored),
    "damaged, no marks": lambda b: (b.spoilt, b.lost(*BESIDE), b.restored),
    "damaged, restored, marks lost": lambda b: (b.spoilt, b.restored, b.lost(*BESIDE), b.without_second, b.opened),
    "folder": lambda b: (lambda: shutil.rmtree(b.folder), b.opened, b.without_second, b.opened),
}


@pytest.mark.parametrize("way", WAYS)
@pytest.mark.parametrize("kind", list(ActKind))
def test_every_kind_of_act_counts_whatever_is_lost(kind: ActKind, way: str, tmp_path: Path) -> None:
    bench = Bench(tmp_path, kind)
    for step in WAYS[way](bench):
        step()
    with Shop(bench.folder, bench.second) as shop:
        assert shop.journal.counted(kind, "D1") == 1
        assert shop.journal.counted(kind, "D2") == 0, "what was never sent does not count"
        assert shop.journal.spent(kind, "D1")
        for other in ActKind:
            assert other is kind or shop.journal.counted(other, "D1") == 0
        act(shop, kind, "D1")
    with Shop(bench.folder, bench.second) as shop:
        assert shop.journal.counted(kind, "D1") == 2


def test_one_table_says_what_is_so_of_every_kind() -> None:
    assert RULES.keys() == set(ActKind)


def test_two_courses_of_one_store_are_added_up(tmp_path: Path) -> None:
    """Each wrote while the second place was away from the other: both counted, once, whoever is opened first."""
    bench = Bench(tmp_path, ActKind.WRITE)
    away = tmp_path / "away"
    shutil.move(bench.second, away)
    bench.put_back()
    with Shop(bench.folder, bench.second) as shop:
        act(shop, ActKind.WRITE, "D1")
        assert shop.journal.writes("D1") == 1, "nothing here knows of the other course yet"
    shutil.rmtree(bench.second, ignore_errors=True)
    shutil.move(away, bench.second)
    for _ in range(3):
        with Shop(bench.folder, bench.second) as shop:
            assert shop.journal.writes("D1") == 2
            assert "2 acts" in shop.losses()[0].what


def test_a_damaged_act_whose_kind_and_part_were_changed_is_known_by_what_it_was(tmp_path: Path) -> None:
    bench = Bench(tmp_path, ActKind.ACTIVATE)
    with Shop(bench.folder, bench.second) as shop:
        bench.spoilt()
        assert shop.journal.spent(ActKind.ACTIVATE, "D1"), "while the shop is open, too"


def test_the_notes_in_a_new_folder_are_those_of_other_shops_on_the_second_place(tmp_path: Path) -> None:
    bench = Bench(tmp_path, ActKind.ENABLE)
    with Shop(tmp_path / "another", bench.second) as shop:
        assert shop.journal.spent(ActKind.ENABLE, "D1")
        assert shop.losses() == ()


# -- what is cut off, by kind of row


def saved_shelf(shop: Shop) -> None:
    shop.shelf.save(ShelfPart("D1", "cedar_l", "Ostby", "new", "x", 1.0))


def recorded(shop: Shop) -> None:
    head = shop.recordings.begin("R1", Begun("J", "t", "bench", "meter"))
    shop.recordings.add("R1", "J", head, Chunk(*(np.arange(3.0) for _ in range(3))))


KEPT: dict[str, Callable[[Shop], object]] = {
    "backup": lambda shop: shop.vault.keep(content(9)),
    "2 acts": lambda shop: (act(shop, ActKind.FLASH, "phone"), act(shop, ActKind.FINISH, "phone")),
    "job": lambda shop: shop.jobs.open_new("t"),
    "save of a job": lambda shop: shop.jobs.save(replace(shop.jobs.get(1), way="typed"), "t"),
    "save of a part on the shelf": saved_shelf,
    "2 pieces of recordings": recorded,
    "2 purges": lambda shop: purge(shop.database, "2021-01-01", "t"),
    "1 change": lambda shop: shop.database.accept_losses(),
}


@pytest.mark.parametrize("what", KEPT)
def test_commits_cut_from_the_end_of_the_log_are_said_whatever_they_held(what: str, tmp_path: Path) -> None:
    folder = tmp_path / "shop"
    with empty_shop(folder) as shop:
        job = shop.jobs.open_new("t")
        shop.vault.keep(content(1, job=job.ref))
        shop.jobs.save(replace(job, closed="2020-01-01", ticket=Ticket(imei=content(1).imei)), "t")
    with closing(sqlite3.connect(folder / FILE)) as raw:
        raw.execute("PRAGMA wal_checkpoint(TRUNCATE)")
    shutil.copy(folder / FILE, tmp_path / FILE)
    with Shop(folder) as shop:
        KEPT[what](shop)
    lose(folder, *STORE)
    shutil.copy(tmp_path / FILE, folder / FILE)
    with Shop(folder) as shop:
        assert what in shop.losses()[0].what
        assert shop.losses()[0] in shop.check()[1]
        shop.vault.keep(content(20))
    with Shop(folder) as shop:
        assert what in shop.losses()[0].what, "that others are kept since does not bring it back"
        shop.database.accept_losses()
        assert shop.losses() == ()
    with Shop(folder) as shop:
        assert shop.losses() == ()


def test_a_purge_is_applied_to_whatever_comes_back(tmp_path: Path) -> None:
    """An older folder is put back, then opened, or restored into: each purges again by what the second place knows."""
    folder, second, aside = tmp_path / "shop", tmp_path / "second", tmp_path / "aside"
    second.mkdir()
    with empty_shop(folder, second) as shop:
        job = shop.jobs.open_new("t")
        shop.vault.keep(content(1, job=job.ref, imei="490154203237518"))
        shop.jobs.save(replace(job, closed="2020-01-01", ticket=Ticket(imei="490154203237518")), "t")
        copy = make_copy(shop.database, NOW)
    shutil.copytree(folder, aside)
    with Shop(folder, second) as shop:
        assert purge(shop.database, "2021-01-01", "t").backups
    for first in (True, False):
        shutil.rmtree(folder)
        shutil.copytree(aside, folder)
        if not first:
            restore(folder, copy, NOW, second)
        with Shop(folder, second) as shop:
            assert shop.jobs.get(1).ticket.imei == ""
            assert shop.vault.find()[0].purged
            assert shop.vault.check() == (1, ())
        found = [file for file in folder.glob(f"{FILE}*") if b"490154203237518" in file.read_bytes()]
        assert found == [], "nothing of it is left in the file or its log"


# -- the shelf


def part(**changes: object) -> ShelfPart:
    return replace(ShelfPart("D1", "cedar_l", "Ostby", "new", "supplier", 10.0), **changes)  # type: ignore[arg-type]


def shelves(folder: Path, mine: ShelfPart, theirs: ShelfPart, *, later: str) -> tuple[Copy, ShelfPart, tuple[str, ...]]:
    """Restore a copy that has one version of a part into a store that has another; return the copy, the part, what is said."""
    aside = folder.with_name("aside")
    with empty_shop(folder) as shop:
        shop.shelf.save(part(note="first"))
    shutil.copytree(folder, aside)
    with Shop(folder) as shop:
        shop.shelf.save(mine)
        copy = make_copy(shop.database, NOW)
        if later == "store":
            shop.shelf.save(theirs)
    if later != "store":
        kept = folder.with_name("kept.sqlite3")
        shutil.copy(copy.file, kept)
        shutil.rmtree(folder)
        shutil.copytree(aside, folder)
        (folder / "copies").mkdir(exist_ok=True)
        shutil.copy(kept, copy.file)
        if later == "neither":
            # the courses part without knowing of each other
            moved = folder / "copies" / copy.file.name
            shutil.move(moved, kept)
            with Shop(folder) as shop:
                shop.shelf.save(theirs)
            shutil.move(kept, moved)
    told = compare(folder, copy).differs
    done = restore(folder, copy, NOW)
    assert done.carried.differs == told, "what differs is said before and after"
    with Shop(folder) as shop:
        return copy, shop.shelf.all()[0], tuple(told)


def test_a_part_of_the_shelf_keeps_its_count_in_a_restore(tmp_path: Path) -> None:
    """The copy is later than the store in whose place it comes: an older folder had been put back."""
    _, kept, told = shelves(tmp_path / "a", part(earlier_writes=4, note="counted"), part(), later="copy")
    assert (kept.earlier_writes, kept.note) == (4, "counted")
    assert "earlier_writes 0 / 4" in told[0]
    assert "D1" in told[0]


def test_a_part_that_was_changed_after_the_copy_is_carried_over_but_its_count_never_falls(tmp_path: Path) -> None:
    _, kept, told = shelves(tmp_path / "a", part(earlier_writes=4, note="old"), part(note="new", gone="broken"), later="store")
    assert (kept.earlier_writes, kept.note, kept.gone) == (4, "new", "broken")
    assert told


def test_a_part_of_two_courses_is_merged_by_field(tmp_path: Path) -> None:
    mine, theirs = part(earlier_writes=2, used_in="J-0001@x", place="A"), part(earlier_writes=3, warranty="2027", place="B")
    _, kept, told = shelves(tmp_path / "a", mine, theirs, later="neither")
    assert (kept.earlier_writes, kept.used_in, kept.warranty, kept.place) == (3, "J-0001@x", "2027", "B")
    assert "place 'B' / 'A'" in told[0]


def test_a_damaged_part_of_the_shelf_is_named_and_the_copy_s_stays(tmp_path: Path) -> None:
    with empty_shop(tmp_path / "shop") as shop:
        shop.shelf.save(part(earlier_writes=4))
        copy = make_copy(shop.database, NOW)
        shop.shelf.save(part(die="D2X4"))
    meddle(tmp_path / "shop", "UPDATE shelf SET body = replace(body, 'supplier', 'supplies')")
    done = restore(tmp_path / "shop", copy, NOW)
    assert [line for line in done.carried.lost if "D1" in line]
    assert [line for line in done.carried.lost if "D2X4" in line]
    with Shop(tmp_path / "shop") as shop:
        assert shop.shelf.all() == (part(earlier_writes=4),)
        assert "save of a part on the shelf" in shop.losses()[0].what, "what was lost is said until it is accepted"


# -- restores


def test_two_restores_within_a_second_keep_both_replaced_stores(empty: Shop) -> None:
    copy = make_copy(empty.database, NOW)
    empty.close()
    places = [restore(empty.folder, copy, NOW).replaced for _ in range(3)]
    assert len(set(places)) == 3
    assert all((place / FILE).is_file() for place in places)


def test_acts_that_only_another_copy_holds_count_in_a_restored_older_one(tmp_path: Path) -> None:
    with empty_shop(tmp_path / "shop") as shop:
        older = make_copy(shop.database, NOW)
        act(shop, ActKind.ACTIVATE, "D1")
        newer = make_copy(shop.database, NOW + timedelta(days=1))
    lose(tmp_path / "shop", *STORE, *BESIDE)
    restore(tmp_path / "shop", older, NOW)
    with Shop(tmp_path / "shop") as shop:
        assert shop.journal.spent(ActKind.ACTIVATE, "D1")
        assert f"copy {newer.name} holds 1 act" in shop.losses()[0].what
        assert copies_of(shop.folder) == (newer, older)


# -- what an earlier version remembered


def test_marks_of_an_earlier_version_are_believed(tmp_path: Path) -> None:
    """tests/data/store-0005: one write on D1; its marks, which went on: two more, one on D3, an activation that was no write."""
    folder, data = tmp_path / "shop", Path(__file__).parents[1] / "data"
    folder.mkdir(mode=0o700)
    (folder / FILE).write_bytes(lzma.decompress((data / "store-0005.sqlite3.xz").read_bytes()))
    shutil.copy(data / "marks-0005.log", folder / MARKS)
    for _ in range(2):
        with Shop(folder) as shop:
            assert (shop.journal.writes("D1"), shop.journal.writes("D3")) == (3, 1)
            assert "1 backup, 4 acts, 1 job" in shop.losses()[0].what
            assert shop.check()[1] == shop.losses()
    with Shop(folder) as shop:
        act(shop, ActKind.WRITE, "D1")
        assert shop.journal.writes("D1") == 4


def test_guards_that_were_taken_away_are_made_again(empty: Shop) -> None:
    uid = act(empty, ActKind.WRITE, "D1")
    empty.close()
    with closing(sqlite3.connect(empty.folder / FILE)) as raw:
        before = dict(raw.execute("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'"))
    meddle(empty.folder)
    with closing(sqlite3.connect(empty.folder / FILE)) as raw, raw:
        # one that does nothing under a name that is looked for, and one of somebody else's
        raw.execute("CREATE TRIGGER acts_no_update BEFORE UPDATE ON acts WHEN 0 BEGIN SELECT 1; END")
        raw.execute('CREATE TRIGGER "a "" guest" AFTER INSERT ON acts BEGIN DELETE FROM doubts; END')
    with Shop(empty.folder), closing(sqlite3.connect(empty.folder / FILE)) as raw:
        assert dict(raw.execute("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'")) == before
        with pytest.raises(sqlite3.IntegrityError, match="append-only"):
            raw.execute("UPDATE acts SET die = 'another' WHERE uid = ?", (uid,))
