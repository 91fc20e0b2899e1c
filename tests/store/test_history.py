"""Random histories of one shop: kept, written, copied, restored, cut down, damaged, purged; what must hold after each act."""

import random
import shutil
import sqlite3
from collections import Counter
from collections.abc import Sequence
from contextlib import closing
from dataclasses import dataclass, field
from datetime import UTC, datetime, timedelta
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.core.acts import ActKind, ActState
from daruma.core.backup import LOST, known_by
from daruma.core.errors import Trouble
from daruma.core.job import Step, StepState, Ticket
from daruma.store.copies import copies_of, make_copy, restore, rotate
from daruma.store.retention import purge
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from tests.conftest import seeds
from tests.parts import with_work, work_of
from tests.store.conftest import content, meddle

START = datetime(2026, 1, 5, 12, 0, tzinfo=UTC)
ACTS = (*("job",) * 3, *("write",) * 4, "copy", "copy", "night", "restore", "lose", "damage", "purge", "clock")
DIES = tuple(f"D{n:011d}" for n in range(4))


@dataclass
class History:
    """Carry one shop through a random history, beside what really happened."""

    folder: Path
    rng: random.Random
    now: datetime = START
    writes: Counter[str] = field(default_factory=Counter)
    owner: dict[str, str] = field(default_factory=dict)  # which phone each kept backup is of, by digest
    source: dict[str, str] = field(default_factory=dict)  # which backup each job was given, by identity
    purged: set[str] = field(default_factory=set)
    named: set[str] = field(default_factory=set)  # backups of which it was said that they are lost
    steps: dict[str, int] = field(default_factory=dict)  # how many steps each job once had done
    made: int = 0

    def __post_init__(self) -> None:
        self.shop = Shop(self.folder)

    def act(self) -> str:
        name = self.rng.choice(ACTS)
        getattr(self, f"_{name}")()
        self.check()
        return name

    def _job(self) -> None:
        self.made += 1
        imei = f"{self.made:015d}"
        job = self.shop.jobs.open_new(self.now.isoformat())
        backup = self.shop.vault.keep(content(self.made, imei=imei, job=job.ref))
        self.owner[backup.sha256] = imei
        self.source[job.uid] = backup.sha256
        job = with_work(replace(job, ticket=Ticket(imei=imei, model="cedar_l")), source=backup.ref)
        self.shop.jobs.save(job, self.now.isoformat())

    def _write(self) -> None:
        jobs = [job for job in self.shop.jobs.all() if work_of(job).source]
        if not jobs:
            return
        job, die = self.rng.choice(jobs), self.rng.choice(DIES)
        known = {"job": job.uid, "die": die, "backup": work_of(job).source, "digest": "d", "started": self.now.isoformat()}
        try:
            act = self.shop.journal.intend(ActKind.WRITE, evidence=(("Lock", "lit"),), as_of=job, **known)
        except StoreTrouble:
            return  # in doubt, or damaged
        state = self.rng.choice((ActState.DONE, ActState.FAILED, ActState.NOT_SENT, ActState.IN_DOUBT))
        self.writes[die] += state is not ActState.NOT_SENT
        self.shop.journal.settle(act, state, "", self.now.isoformat(), answer="said")
        step = Step("write_new", StepState.DONE, "", self.now.isoformat())
        kept = self.shop.jobs.save(replace(job, steps=(*job.steps, step)), self.now.isoformat())
        self.steps[job.uid] = len(kept.steps)

    def _copy(self) -> None:
        self.now += timedelta(hours=self.rng.choice((1, 20, 40)))
        try:
            make_copy(self.shop.database, self.now)
        except StoreTrouble as trouble:
            assert "does not verify" in trouble.what

    def _night(self) -> None:
        rotate(self.shop.database, self.now.date())

    def _clock(self) -> None:
        self.now += timedelta(days=self.rng.choice((-400, -1, 1, 400)))

    def _restore(self) -> None:
        copies = copies_of(self.folder)
        if not copies:
            return
        self.now += timedelta(seconds=1)
        self.shop.close()
        told: list[str] = []
        try:
            told = restore(self.folder, self.rng.choice(copies), self.now).carried.lost
        except StoreTrouble as trouble:
            assert "does not verify" in trouble.what, "a sound copy can always be restored"
        self.shop = Shop(self.folder)
        self._said(told)

    def _said(self, told: Sequence[object]) -> None:
        """What is missing is said, once: what a restore could not carry is named by it."""
        gone = set(self.owner) - self._digests() - self.named
        assert not gone or told or self.shop.losses(), "what is missing is said"
        self.named = (self.named | gone) - self._digests()

    def _lose(self) -> None:
        """Cut the store to nothing, or take its log away: a new shop is never opened where one was."""
        copies = copies_of(self.folder)
        if not copies or self.rng.random() < 0.5:
            return
        self.shop.close()
        (self.folder / FILE).write_bytes(b"")
        with pytest.raises(StoreTrouble, match="empty, though this folder held one"):
            Shop(self.folder)
        told: list[str] = []
        for copy in copies:
            try:
                told = restore(self.folder, copy, self.now).carried.lost
                break
            except StoreTrouble:
                continue
        else:
            shutil.rmtree(self.folder)
            self.__init__(self.folder, self.rng)  # type: ignore[misc]
            return
        self.shop = Shop(self.folder)
        self._said(told)
        self.source = {uid: digest for uid, digest in self.source.items() if uid in self._uids()}
        self.steps = {job.uid: len(job.steps) for job in self.shop.jobs.all()}

    def _damage(self) -> None:
        table = self.rng.choice(("backups", "acts", "jobs"))
        column = {"backups": "body", "acts": "digest", "jobs": "body"}[table]
        with closing(sqlite3.connect(self.folder / FILE)) as raw:
            whole = "WHERE purged = ''" if table == "backups" else ""
            numbers = [row[0] for row in raw.execute(f"SELECT number FROM {table} {whole}")]
            if not numbers:
                return
            number = self.rng.choice(numbers)
            trigger = raw.execute("SELECT sql FROM sqlite_master WHERE name = ?", (f"{table}_no_update",)).fetchone()
            raw.execute(f"DROP TRIGGER IF EXISTS {table}_no_update")
            raw.execute(f"UPDATE {table} SET {column} = 'x' || substr({column}, 2) WHERE number = ?", (number,))
            if trigger:
                raw.execute(trigger[0])
            raw.commit()
        named = {"backups": f"B-{number:05d}", "acts": f"act {number}", "jobs": f"job J-{number:04d}"}[table]
        assert named in {fault.name for fault in self.shop.check()[1]}
        if table == "jobs":
            gone = (set(self.source) | set(self.steps)) - self._uids()
            self.source = {uid: digest for uid, digest in self.source.items() if uid not in gone}
            self.steps = {uid: count for uid, count in self.steps.items() if uid not in gone}

    def _purge(self) -> None:
        jobs = [job for job in self.shop.jobs.all() if work_of(job).source]
        if not jobs or self.rng.random() < 0.6:
            return
        job = self.rng.choice(jobs)
        self.shop.jobs.save(replace(job, closed="2020-01-01T00:00:00"), self.now.isoformat())
        if purge(self.shop.database, "2021-01-01", self.now.isoformat()).jobs:
            self.purged.add(job.uid)
            self.source.pop(job.uid, None)

    def _digests(self) -> set[str]:
        return {backup.sha256 for backup in self.shop.vault.find()}

    def _uids(self) -> set[str]:
        return {job.uid for job in self.shop.jobs.all()}

    def check(self) -> None:
        shop = self.shop
        for die in DIES:
            assert shop.journal.writes(die) >= self.writes[die], "counts never fall below what the part has had"
        for job in shop.jobs.all():
            source = work_of(job).source
            if job.uid in self.purged:
                assert job.ticket.imei == source == "", "what was purged does not come back"
            if source:
                assert known_by(source) == self.source.get(job.uid, known_by(source)), "a job keeps its own backup"
                try:
                    kept = shop.vault.get(source)
                except Trouble:
                    continue
                assert kept.content.imei == self.owner[kept.sha256] == job.ticket.imei, "never another phone's"
            assert len(job.steps) >= self.steps.get(job.uid, 0), "no job falls back"
        numbers = [backup.number for backup in shop.vault.find()]
        assert sorted(numbers) == list(range(1, len(numbers) + 1)), "the chain has no gap"


def run(folder: Path, seed: int, acts: int) -> Counter[str]:
    history = History(folder, random.Random(seed))
    done = Counter(history.act() for _ in range(acts))
    history.shop.close()
    return done


@pytest.mark.parametrize("tried", seeds(6, 1000))
def test_random_histories(tried: range, tmp_path: Path) -> None:
    total: Counter[str] = Counter()
    for seed in tried:
        total += run(tmp_path / str(seed), seed, 40)
        shutil.rmtree(tmp_path / str(seed))
    print(total)


def write(shop: Shop, die: str) -> None:
    act = shop.journal.intend(ActKind.WRITE, job="J", die=die, backup="", digest="d", started="t", evidence=(("a", "b"),))
    shop.journal.settle(act, ActState.DONE, "", "t")


def test_a_damaged_backup_does_not_renumber_those_behind_it(tmp_path: Path) -> None:
    with Shop(tmp_path / "shop") as shop:
        first = shop.vault.keep(content(1))
        copy = make_copy(shop.database, START)
        later = [shop.vault.keep(content(n, imei=f"{n:015d}")) for n in (2, 3, 4)]
    meddle(tmp_path / "shop", "UPDATE backups SET body = replace(body, 'SERIAL', 'SERIAM') WHERE number = 2")
    done = restore(tmp_path / "shop", copy, START)
    assert [line for line in done.carried.lost if "B-00002" in line], "what cannot be read is named"
    with Shop(tmp_path / "shop") as shop:
        assert [shop.vault.get(b.ref).name for b in (first, *later[1:])] == ["B-00001", "B-00003", "B-00004"]
        with pytest.raises(StoreTrouble, match="no backup B-00002"):
            shop.vault.get(later[0].ref)
        with pytest.raises(StoreTrouble, match="damaged when a copy was restored"):
            shop.vault.get("B-00002")
        assert shop.vault.check() == (4, ())
        (gone,) = [backup for backup in shop.vault.find() if backup.purged]
        assert gone.purged.startswith(LOST)
        assert shop.vault.keep(later[0].content).number == 5, "it can be imported again"


def test_an_unreadable_act_with_a_readable_settlement_is_named_and_counts(tmp_path: Path) -> None:
    with Shop(tmp_path / "shop") as shop:
        copy = make_copy(shop.database, START)
        write(shop, "D1")
        write(shop, "D2")
    meddle(tmp_path / "shop", "UPDATE acts SET kind = 'wrote' WHERE number = 1")
    with Shop(tmp_path / "shop") as shop:
        assert [act.die for act in shop.journal.all()] == ["D2"], "it is set aside, the rest goes on"
        assert shop.journal.writes("D1") == 1
        assert [fault.name for fault in shop.check()[1]] == ["act 1"]
    done = restore(tmp_path / "shop", copy, START)
    assert any("act 1 is damaged" in line for line in done.carried.lost)
    with Shop(tmp_path / "shop") as shop:
        assert (shop.journal.writes("D1"), shop.journal.writes("D2")) == (1, 1)
