"""Retention: identifiers of jobs closed long ago go for good, what is counted stays."""

import pytest
from msgspec.structs import replace

from daruma.core.acts import ActKind, ActState
from daruma.core.backup import GENESIS, link_of
from daruma.core.job import Job, Outcome, Proof, Step, StepState, Ticket
from daruma.core.measured import LightRead, Measured
from daruma.core.parts import Function, PartKind, PartSelf
from daruma.store.retention import due, purge
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from tests.parts import with_work, work_of
from tests.store.conftest import content

OLD, NEW = "490154203237518", "352099001761481"


def closed_job(shop: Shop, imei: str, closed: str, die: str) -> Job:
    job = shop.jobs.open_new("2025-01-01T10:00:00+00:00")
    backup = shop.vault.keep(content(job.number, imei=imei, job=job.ref, die=die))
    job = replace(
        job,
        ticket=Ticket(model="cedar_l", imei=imei, complaint=f"the owner of {imei} says", promised=(Function.TOUCH,)),
        steps=(Step("write_new", StepState.DONE, f"kept as {backup.name} of {die}", "now"),),
        phone={"imei": imei},
        proofs=(Proof(Function.TOUCH, True, "yes"),),
        outcomes=(Outcome("write_new", True),),
        closed=closed,
    )
    lights = (LightRead("warm", (7.25,), (1013.0,), (1, 1, 1), (1, 1, 1)),)
    part, ref = PartSelf(die, PartKind.DISPLAY, "Ostby", "cedar_l", 256, "00"), backup.ref
    job = with_work(job, target=part, image="ff", source=ref, made=ref, measured=Measured(die=die, lights=lights))
    job = shop.jobs.save(job, "now")
    act = shop.journal.intend(ActKind.WRITE, job=job.uid, die=die, backup=backup.ref, digest="d", started="t", evidence=())
    shop.journal.settle(act, ActState.DONE, "", "t")
    return job


def test_what_is_old_goes_and_what_is_counted_stays(empty: Shop) -> None:
    old = closed_job(empty, OLD, "2025-06-01T10:00:00+00:00", "DOLDPANEL001")
    new = closed_job(empty, NEW, "2026-11-01T10:00:00+00:00", "DNEWPANEL002")
    found = due(empty.database, "2026-01-01")
    assert (found.jobs, found.backups) == ((old.name,), ("B-00001",))
    before = empty.vault.get("B-00001")
    assert purge(empty.database, "2026-01-01", "2026-11-23T10:00:00+00:00") == found
    left = empty.jobs.get(old.number)
    assert left.ticket.imei == left.ticket.complaint == work_of(left).source == work_of(left).image == ""
    assert left.phone == {}
    assert (work_of(left).made, work_of(left).measured.die, work_of(left).measured.lights) == ("", "", ())
    assert left.proofs, "what was proven stays"
    assert left.outcomes == (Outcome("write_new", True),)
    assert empty.jobs.get(new.number) == new
    assert empty.jobs.totals() == {("cedar_l", "write_new", True): 2}
    assert empty.journal.writes("DOLDPANEL001") == 1, "the panel may come back: its write still counts"
    assert empty.vault.check() == (2, ())
    assert empty.vault.find(OLD) == empty.vault.find("SERIAL0001") == ()
    (gone,) = [backup for backup in empty.vault.find() if backup.purged]
    assert (gone.sha256, gone.chain) == (before.sha256, link_of(GENESIS, before.sha256)), "its place in the chain stays"
    with pytest.raises(StoreTrouble, match="purged on 2026-11-23"):
        empty.vault.get("B-00001")
    with pytest.raises(StoreTrouble, match="identifiers were purged"):
        empty.vault.keep(before.content)
    assert purge(empty.database, "2026-01-01", "later").jobs == (), "once is enough"


def test_the_bytes_are_gone_from_the_file(empty: Shop) -> None:
    closed_job(empty, OLD, "2025-06-01T10:00:00+00:00", "DOLDPANEL001")
    closed_job(empty, NEW, "2026-11-01T10:00:00+00:00", "DNEWPANEL002")
    purge(empty.database, "2026-01-01", "now")
    empty.close()
    raw = b"".join(file.read_bytes() for file in empty.folder.glob("daruma.sqlite3*"))
    assert OLD.encode() not in raw
    assert b"SERIAL0001" not in raw
    assert NEW.encode() in raw


def test_an_act_in_doubt_and_a_phone_that_is_back_keep_theirs(empty: Shop) -> None:
    doubtful = closed_job(empty, OLD, "2025-06-01T10:00:00+00:00", "DOLDPANEL001")
    empty.journal.intend(ActKind.WRITE, job=doubtful.uid, die="DOLDPANEL001", backup="", digest="", started="", evidence=())
    back = closed_job(empty, NEW, "2025-06-01T10:00:00+00:00", "DNEWPANEL002")
    again = empty.jobs.open_new("2026-11-20T10:00:00+00:00")
    empty.jobs.save(replace(again, ticket=Ticket(imei=NEW)), "now")
    found = due(empty.database, "2026-01-01")
    assert found.jobs == (back.name,)
    assert found.backups == (), "the phone is in the shop again: its backup may be needed"


def test_a_backup_that_an_act_in_doubt_names_stays_however_the_imei_is_written(empty: Shop) -> None:
    old = closed_job(empty, OLD, "2025-06-01T10:00:00+00:00", "DOLDPANEL001")
    other = empty.jobs.open_new("2026-11-20T10:00:00+00:00")
    spaced = f"{OLD[:2]} {OLD[2:8]}-{OLD[8:]}"
    empty.journal.intend(ActKind.WRITE, job=other.uid, die="DX", backup=work_of(old).source, digest="", started="", evidence=())
    assert due(empty.database, "2026-01-01").backups == (), "it may be needed to settle the act"
    empty.jobs.save(replace(other, ticket=Ticket(imei=spaced)), "now")
    (act,) = empty.journal.in_doubt()
    empty.journal.settle(act, ActState.DONE, "", "t")
    assert due(empty.database, "2026-01-01").backups == (), "the phone is back, its IMEI written otherwise"


def test_what_was_purged_does_not_come_back(empty: Shop) -> None:
    """Not by a window that still holds the job as it was, and not by an import of the backup."""
    job = closed_job(empty, OLD, "2025-06-01T10:00:00+00:00", "DOLDPANEL001")
    stale, kept = empty.jobs.get(job.number), empty.vault.get(work_of(job).source)
    assert purge(empty.database, "2026-01-01", "now").jobs
    merged = empty.jobs.save(replace(stale, way="typed"), "later")
    assert (merged.way, merged.ticket.imei, work_of(merged).source) == ("typed", "", "")
    fresh = Shop(empty.folder)
    back = fresh.jobs.save(replace(stale, revision=fresh.jobs.get(job.number).revision), "later")
    assert back.ticket.imei == work_of(back).source == "", "even as a save of the newest revision"
    fresh.close()
    with pytest.raises(StoreTrouble, match="identifiers were purged"):
        empty.vault.keep(kept.content, arrived="file")
