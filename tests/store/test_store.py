"""Vault and journal: append-only, chained, private; troubles are said and nothing is half-written."""

import sqlite3
import stat
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.core.acts import Act, ActKind, ActState
from daruma.core.backup import GENESIS, link_of
from daruma.core.errors import Trouble
from daruma.core.job import Proof, Reading, Step, StepState, Ticket
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.parts import Function, PartKind, PartSelf
from daruma.core.tri import Tri
from daruma.store.journal import Journal
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from tests.store.conftest import content, meddle


def test_what_is_kept_comes_back(empty: Shop) -> None:
    assert empty.vault.check() == (0, ())
    kept = empty.vault.keep(content())
    assert kept.name == "B-00001"
    assert empty.vault.get("B-00001") == kept
    assert empty.vault.get(kept.sha256) == kept
    assert empty.vault.keep(content()) == kept, "the same content is kept once"
    second = empty.vault.keep(content(2))
    assert kept.chain == link_of(GENESIS, kept.sha256)
    assert second.chain == link_of(kept.chain, second.sha256)
    assert empty.vault.check() == (2, ())
    with pytest.raises(StoreTrouble, match="no backup B-00099"):
        empty.vault.get("B-00099")


def test_finding(empty: Shop) -> None:
    for n in range(1, 8):
        empty.vault.keep(content(n, imei=f"imei-{n % 2}"))
    assert [b.number for b in empty.vault.find("RIAL0003")] == [3]
    assert [b.number for b in empty.vault.find("cedar_l serial000 imei-1")] == [7, 5, 3, 1]
    assert len(empty.vault.find(imei="imei-0")) == 3
    assert empty.vault.find("100%") == ()


def test_nothing_can_be_changed_or_deleted(empty: Shop) -> None:
    empty.vault.keep(content())
    act = empty.journal.intend(ActKind.WRITE, job="J-1", die="D", backup="B-00001", digest="", started="", evidence=())
    empty.journal.settle(act, ActState.DONE, "", "")
    with sqlite3.connect(empty.database.file) as connection:
        for table in ("backups", "acts", "settlements"):
            for statement in (f"DELETE FROM {table}", f"UPDATE {table} SET number = 9"):
                with pytest.raises(sqlite3.IntegrityError, match="append-only"):
                    connection.execute(statement)
    connection.close()


def test_any_changed_byte_of_a_backup_is_found_and_the_others_are_served(empty: Shop) -> None:
    for n in (1, 2, 3):
        empty.vault.keep(content(n))
    meddle(empty.folder, "UPDATE backups SET body = replace(body, 'SERIAL0002', 'SERIAL0003') WHERE number = 2")
    seen, faults = empty.vault.check()
    assert seen == 3
    assert [(f.name, f.what) for f in faults] == [("B-00002", "its bytes are not those that were kept")]
    with pytest.raises(StoreTrouble, match="B-00002 is damaged") as caught:
        empty.vault.get("B-00002")
    assert "others are untouched" in caught.value.safe
    assert empty.vault.get("B-00003").number == 3
    meddle(empty.folder, "UPDATE backups SET body = 'not json' WHERE number = 1")
    assert {f.name for f in empty.vault.check()[1]} == {"B-00001", "B-00002"}
    assert len(empty.vault.find()) == 3, "an unreadable one does not hide the others"


def test_a_removed_or_exchanged_backup_breaks_the_chain(empty: Shop) -> None:
    for n in (1, 2, 3):
        empty.vault.keep(content(n))
    meddle(empty.folder, "DELETE FROM backups WHERE number = 2")
    assert {f.name for f in empty.vault.check()[1]} == {"B-00003", "the search"}


@given(st.binary(min_size=1, max_size=64), st.integers(0, 63), st.integers(1, 255))
def test_the_address_covers_every_byte(image: bytes, at: int, by: int) -> None:
    first = content(1, image=image)
    changed = bytearray(image)
    changed[at % len(image)] ^= by
    assert first.sha256() != content(1, image=bytes(changed)).sha256()
    assert first.sha256() != content(1, image=image, note="x").sha256()


def test_files_are_private_and_settings_are_on(empty: Shop) -> None:
    assert stat.S_IMODE((empty.folder / FILE).stat().st_mode) == 0o600
    assert stat.S_IMODE(empty.folder.stat().st_mode) == 0o700
    with empty.database.reading() as connection:
        assert connection.exec_driver_sql("PRAGMA journal_mode").scalar() == "wal"
        assert connection.exec_driver_sql("PRAGMA foreign_keys").scalar() == 1


def test_writes_are_counted_from_the_intent_on(empty: Shop) -> None:
    journal = empty.journal
    acts = []
    for count, state in enumerate((ActState.DONE, ActState.FAILED, ActState.NOT_SENT, ActState.IN_DOUBT), start=1):
        acts.append(intend(journal))
        assert journal.writes("D1") == min(count, 3), "an intent counts, and of what ended only what never left does not"
        journal.settle(acts[-1], state, state.value, "t", answer="said", found="f")
    assert [a.number for a in journal.in_doubt()] == [acts[3].number]
    with pytest.raises(StoreTrouble, match=f"Act {acts[3].number} on this part was never settled"):
        intend(journal)
    journal.settle(acts[3], ActState.DONE, "read", "t2")
    with pytest.raises(StoreTrouble, match="was settled before"):
        journal.settle(acts[3], ActState.FAILED, "again", "t3")
    assert journal.in_doubt() == ()
    assert journal.acts_of("J-0001")[3].note == "read"
    assert journal.acts_on("D1")[0].evidence == (("Lock", "lit"),)


def intend(journal: Journal, die: str = "D1") -> Act:
    return journal.intend(
        ActKind.WRITE, job="J-0001", die=die, backup="B", digest="d", started="t", evidence=(("Lock", "lit"),), who="me"
    )


def test_a_full_disk_is_said_and_leaves_nothing_by_half(empty: Shop) -> None:
    empty.vault.keep(content())
    with empty.database.reading() as connection:
        pages = connection.exec_driver_sql("PRAGMA page_count").scalar()
        connection.exec_driver_sql(f"PRAGMA max_page_count = {pages}")
        connection.rollback()
    with pytest.raises(StoreTrouble, match="full") as caught:
        for n in range(2, 400):
            empty.vault.keep(content(n, image=bytes(4000)))
    assert "nothing was kept by half" in caught.value.safe
    count = empty.vault.count()
    assert empty.vault.check() == (count, ())


def test_a_folder_that_cannot_be_used_is_said(tmp_path: Path) -> None:
    (tmp_path / "file").write_text("not a folder")
    with pytest.raises(StoreTrouble, match="data folder"):
        Shop(tmp_path / "file" / "shop")
    broken = tmp_path / "broken"
    broken.mkdir()
    (broken / FILE).write_bytes(b"this is not a database, and long enough to be one" * 40)
    with pytest.raises(StoreTrouble, match="The store is damaged"):
        Shop(broken)


def test_two_windows_on_one_folder(empty: Shop) -> None:
    other = Shop(empty.folder)
    for n in range(1, 11):
        (empty if n % 2 else other).vault.keep(content(n))
    assert empty.vault.check() == (10, ())
    assert other.vault.check() == (10, ())
    other.close()


def test_jobs_and_parts_survive_as_they_are(empty: Shop) -> None:
    job = empty.jobs.open_new("2026-11-23T10:00:00+00:00")
    ticket = Ticket(
        model="cedar_l", imei="1", promised=(Function.TOUCH,), before={Function.TOUCH: Tri.NO}, complaint='a <b> "c"\n'
    )
    part = PartSelf("D1", PartKind.DISPLAY, "Ostby", "cedar_l", 256, "00")
    reading = Reading("warm", (1.5, 2.0, 3.0), (4.0, 5.0, 6.0), "now", "x")
    job = replace(
        job,
        ticket=ticket,
        steps=(Step("fit", StepState.DONE, "note", "now"),),
        parts={PartKind.DISPLAY: DisplayWork(target=part, image="ff00")},
        phone={"imei": "1"},
        readings=(reading,),
        proofs=(Proof(Function.TOUCH, True, "yes", (("a", "b"),), (reading,), "now", 0.0004),),
    )
    job = empty.jobs.save(job, "now")
    assert empty.jobs.all() == (job,)
    typed = replace(job, ticket=replace(ticket, complaint="typed while a step ran"), steps=())
    kept = empty.jobs.save_ticket(typed, "now")
    assert empty.jobs.all() == (kept,)
    assert kept == replace(job, ticket=typed.ticket, revision=kept.revision), "a draft takes back nothing of what a step reached"
    assert empty.jobs.open_new("now").number == job.number + 1
    meddle(empty.folder, "UPDATE jobs SET body = '{}' WHERE number = 1")
    assert [j.number for j in empty.jobs.all()] == [2], "it is set aside, the rest goes on"
    assert [fault.name for fault in empty.set_aside()] == ["job J-0001"]
    with pytest.raises(Trouble, match="J-0001 cannot be read"):
        empty.jobs.get(1)


def test_an_older_file_is_migrated(tmp_path: Path) -> None:
    folder = tmp_path / "shop"
    Shop(folder).close()
    with sqlite3.connect(folder / FILE) as connection:
        version = connection.execute("SELECT version_num FROM alembic_version").fetchone()[0]
    connection.close()
    from alembic.config import Config
    from alembic.script import ScriptDirectory

    from daruma.store.version import HEAD

    config = Config()
    config.set_main_option("script_location", "daruma.store:migrations")
    config.set_main_option("path_separator", "os")
    assert version == HEAD == ScriptDirectory.from_config(config).get_current_head()
