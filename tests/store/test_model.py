"""The store held against a model of it: random sequences of all that is kept, lost, copied, put back and restored."""

import json
import os
import random
import shutil
import sqlite3
from collections import Counter
from collections.abc import Callable
from contextlib import closing
from datetime import UTC, datetime, timedelta
from pathlib import Path
from typing import Any

import pytest
from msgspec.structs import replace

from daruma.bench.keeping import keep_made
from daruma.core.acts import RULES, ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.job import Job, Ticket
from daruma.core.parts import PartKind
from daruma.core.shelf import ShelfPart
from daruma.store.copies import copies_of, make_copy, restore, rotate
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import NOTES
from daruma.store.progress import COMMITS, PURGES
from daruma.store.retention import purge
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from tests.shops import empty_shop
from tests.store.conftest import content
from tests.store.model import Model, Store

START = datetime(2026, 1, 5, 12, 0, tzinfo=UTC)
DIES = ("D1", "D2", "D3")
LOSSES = ("store", "marks", "second")
OFTEN = {"act": 6, "settle": 2, "keep": 2, "imported": 1, "job": 2, "save": 1, "shelf": 2, "purge": 1, "copy": 2, "night": 1}
RARELY = {"lose": 2, "snapshot": 1, "put_back": 1, "damage": 1, "restore": 2, "clock": 1, "reopen": 2, "accept": 1}


class Run:
    """Carry one shop and its model through a random sequence."""

    def __init__(self, top: Path, rng: random.Random) -> None:
        self.folder, self.second, self.rng, self.now = top / "shop", top / "second", rng, START
        self.second.mkdir(parents=True)
        self.shop: Shop | None = empty_shop(self.folder, self.second)
        self.model = Model()
        self.before: tuple[Path, Model] | None = None
        self.done: Counter[str] = Counter()
        self.seen = 0
        self.arrived: set[str] = set()  # digests of backups that were imported, or made from such

    # -- what is kept, by this process or by another one

    def _by(self, work: Callable[[Shop], Any]) -> Any:
        """Do something with the shop: in this process, or in one of its own beside it; return what it tells, None where it was
        refused.
        """
        assert self.shop is not None
        if self.rng.random() < 0.9:
            return _told(work, self.shop)
        reader, writer = os.pipe()
        child = os.fork()
        if child == 0:
            with Shop(self.folder, self.second) as other:
                os.write(writer, json.dumps(_told(work, other)).encode())
            os._exit(0)
        os.close(writer)
        os.waitpid(child, 0)
        with os.fdopen(reader) as answer:
            return json.loads(answer.read())

    def act(self) -> None:
        kind, die = self.rng.choice(list(ActKind)), self.rng.choice(DIES)
        state = self.rng.choice((ActState.DONE, ActState.DONE, ActState.FAILED, ActState.NOT_SENT, ActState.IN_DOUBT))

        def work(shop: Shop) -> str:
            act = shop.journal.intend(kind, job="J", die=die, backup="", digest="d", started="t", evidence=(("a", "b"),))
            shop.journal.settle(act, state, "", "t") if state is not ActState.IN_DOUBT else shop.journal.leave(act)
            return act.uid

        uid = self._by(work)
        if uid is not None:
            self.model.begin(uid, kind.value, die)
            if state is not ActState.IN_DOUBT:
                self.model.settle(uid, uid, sent=state is not ActState.NOT_SENT)

    def settle(self) -> None:
        assert self.shop is not None
        doubts = self.shop.journal.in_doubt()
        if not doubts:
            return
        uid, state = self.rng.choice(doubts).uid, self.rng.choice((ActState.DONE, ActState.FAILED, ActState.NOT_SENT))

        def work(shop: Shop) -> bool:
            act = next(act for act in shop.journal.in_doubt() if act.uid == uid)
            shop.journal.settle(act, state, "", "t")
            return True

        if self._by(work):
            self.seen += 1
            self.model.settle(uid, f"{uid} {self.seen}", sent=state is not ActState.NOT_SENT)

    def _keep(self, arrived: str) -> str | None:
        self.seen += 1
        made = content(self.seen, imei=f"{self.seen:015d}")
        sha = self._by(lambda shop: shop.vault.keep(made, arrived=arrived).sha256)
        if sha is not None:
            self.model.keep(("backups", sha))
        return sha

    def keep(self) -> None:
        self._keep("")

    def imported(self) -> None:
        sha = self._keep("a file")
        if sha is None:
            return
        self.arrived.add(sha)
        job = Job(0, "t", uid="made")
        made = self._by(
            lambda shop: keep_made(shop.vault, job, shop.vault.get(sha), b"\x07" * 32, f"t{self.seen}", "from it").sha256
        )
        if made is not None:
            self.model.keep(("backups", made))
            self.arrived.add(made)

    def job(self) -> None:
        self.seen += 1
        imei = f"{self.seen:015d}"

        def work(shop: Shop) -> list[str]:
            job = shop.jobs.open_new("t")
            kept = shop.vault.keep(content(self.seen, imei=imei, job=job.ref))
            shop.jobs.save(replace(job, ticket=Ticket(imei=imei)), "t")
            return [job.uid, kept.sha256]

        told = self._by(work)
        if told is not None:
            self.model.keep(("jobs", told[0]), ("backups", told[1]), *(("saves", f"{self.seen} {n}") for n in (1, 2)))

    def _a_job(self) -> Job | None:
        assert self.shop is not None
        there = [job for job in self.shop.jobs.all() if job.ticket.imei]
        return self.rng.choice(there) if there else None

    def save(self) -> None:
        job = self._a_job()
        if job is None:
            return
        self.seen += 1
        way = f"way {self.seen}"
        if self._by(lambda shop: bool(shop.jobs.save(replace(shop.jobs.known_by(job.uid), way=way), "t"))):
            self.model.keep(("saves", way))

    def shelf(self) -> None:
        self.seen += 1
        die, count = self.rng.choice(DIES), self.rng.randrange(6)
        part = ShelfPart(die, "cedar_l", "Ostby", "new", f"source {self.seen}", 1.0, count, part=PartKind.DISPLAY)
        if self._by(lambda shop: shop.shelf.save_all((part,))):
            self.model.keep(("shelf", f"{self.seen}"))

    def purge(self) -> None:
        job = self._a_job()
        if job is None:
            return
        self.seen += 1

        def work(shop: Shop) -> list[str]:
            mine = [backup.sha256 for backup in shop.vault.find(imei=job.ticket.imei)]
            shop.jobs.save(replace(shop.jobs.known_by(job.uid), closed="2020-01-01T00:00:00"), "t")
            gone = purge(shop.database, "2021-01-01", "t")
            return [job.uid, *mine] if gone.jobs else []

        told = self._by(work)
        if told:
            self.model.keep(("saves", f"closed {self.seen}"))
            self.model.purge(*told)

    # -- copies

    def copy(self) -> None:
        assert self.shop is not None
        self.now += timedelta(hours=self.rng.choice((1, 20, 40)))
        try:
            made = make_copy(self.shop.database, self.now)
        except StoreTrouble as trouble:
            assert "does not verify" in trouble.what
            return
        self.model.copies[made.name] = self.model.store.snapshot()

    def night(self) -> None:
        assert self.shop is not None
        for gone in rotate(self.shop.database, self.now.date()):
            del self.model.copies[gone.name]

    def clock(self) -> None:
        self.now += timedelta(days=self.rng.choice((-400, -1, 1, 400)))

    def restore(self) -> None:
        copies = copies_of(self.folder)
        if not copies:
            return
        self._close()
        self.now += timedelta(seconds=self.rng.choice((0, 1)))
        name = self.rng.choice(copies)
        told = restore(self.folder, name, self.now, self.second if self.rng.random() < 0.7 else None)
        assert (told.replaced / FILE).exists() == (not self.model.store.gone)
        self.model.restore(name.name)
        self._open()

    # -- what happens to it

    def _close(self) -> None:
        if self.shop is not None:
            self.shop.close()
        self.shop = None

    def _open(self) -> None:
        newest = next((copy.name for copy in copies_of(self.folder)), None)
        self.shop = Shop(self.folder, self.second)
        self.model.open(newest)

    def reopen(self) -> None:
        self._close()
        self._open()

    def lose(self) -> None:
        """Lose the store, the marks beside it, the second place, or several together: never all, and never without a copy."""
        copies = copies_of(self.folder)
        what = self.rng.sample(LOSSES, self.rng.choice((1, 1, 2, 3)))
        if "store" in what and not copies:
            return
        self._close()
        if "marks" in what:
            for name in (MARKS, NOTES):
                (self.folder / name).unlink(missing_ok=True)
            self.model.marks.forget()
        if "second" in what:
            shutil.rmtree(self.second)
            self.second.mkdir()
            self.model.second.forget()
        if "store" in what:
            for file in self.folder.glob(f"{FILE}*"):
                file.unlink()
            self.model.store = Store(gone=True)
            with pytest.raises(StoreTrouble, match="missing, though this folder held one"):
                Shop(self.folder, self.second)
            self.restore()
        else:
            self._open()

    def snapshot(self) -> None:
        self._close()
        place = self.folder.with_name("before")
        shutil.rmtree(place, ignore_errors=True)
        shutil.copytree(self.folder, place)
        model = self.model
        kept = Model(store=model.store.snapshot(), marks=model.marks.copy(), copies={**model.copies}, replaced=[*model.replaced])
        self.before = place, kept
        self._open()

    def put_back(self) -> None:
        """Backup software puts an older folder back: over what is there, or in place of it."""
        if self.before is None:
            return
        self._close()
        place, model = self.before
        over = self.rng.random() < 0.5
        if over:
            for name in (FILE, FILE + "-wal", FILE + "-shm", MARKS, NOTES):
                (self.folder / name).unlink(missing_ok=True)
        else:
            shutil.rmtree(self.folder)
            self.model.copies.clear()
            self.model.replaced.clear()
        shutil.copytree(place, self.folder, dirs_exist_ok=True)
        self.model.copies |= model.copies
        self.model.replaced += model.replaced
        self.model.store, self.model.marks = model.store.snapshot(), model.marks.copy()
        if self.rng.random() < 0.5 and copies_of(self.folder):
            self.restore()
        else:
            self._open()

    def damage(self) -> None:
        """Change an act: its kind, its part, or something else; nobody can read it as it was."""
        assert self.shop is not None
        acts = [act for act in self.shop.journal.all() if act.state is not ActState.IN_DOUBT]
        if not acts:
            return
        act, (column, value) = self.rng.choice(acts), self.rng.choice((("kind", "finish"), ("die", "D9"), ("digest", "x")))
        if getattr(act, column) == value or (column == "kind" and act.kind.value == value):
            return
        with closing(sqlite3.connect(self.folder / FILE)) as raw, raw:
            trigger = raw.execute("SELECT sql FROM sqlite_master WHERE name = 'acts_no_update'").fetchone()
            raw.execute("DROP TRIGGER acts_no_update")
            raw.execute(f"UPDATE acts SET {column} = ? WHERE uid = ?", (value, act.uid))
            raw.execute(trigger[0])
        self.model.store.damaged |= {("acts", act.uid), ("settlements", act.uid)}

    def accept(self) -> None:
        assert self.shop is not None
        self.shop.database.accept_losses()
        self.model.accept()

    # -- what must hold

    def step(self) -> None:
        name = self.rng.choices([*OFTEN, *RARELY], [*OFTEN.values(), *RARELY.values()])[0]
        getattr(self, name)()
        self.done[name] += 1
        self.check(name)

    def check(self, name: str) -> None:
        shop, model = self.shop, self.model
        assert shop is not None
        parts = list(model.each_part())
        if name in OFTEN:
            # what is only added to changes one of them
            parts = self.rng.sample(parts, min(3, len(parts)))
        for kind, die in parts:
            counted, known = shop.journal.counted(ActKind(kind), die), model.counted(kind, die)
            said = f"after {name}: {kind} on {die}: {counted}, not {len(known)}; {len(model.hazy)} can be anything"
            assert len(known - model.hazy) <= counted <= len(known) + len(model.hazy), said
            if RULES[ActKind(kind)].once:
                assert shop.journal.spent(ActKind(kind), die) == bool(counted), "what is taken once is never taken again"
        # accepting and purging again are kept as well, and no row of the model
        missing = {what for what in shop.database.seen.missing.counts if what not in (COMMITS, PURGES)}
        assert bool(missing) == bool(model.missing()), f"after {name}: {shop.losses()}, {model.missing()}"
        for job in shop.jobs.all():
            assert not (job.uid in model.store.purged and job.ticket.imei), f"after {name}: what was purged came back"
        for backup in shop.vault.find():
            assert backup.purged or backup.sha256 not in model.store.purged, f"after {name}: what was purged came back"
            assert bool(backup.arrived) == (backup.sha256 in self.arrived), f"after {name}: where it came from is forgotten"


def _told(work: Callable[[Shop], Any], shop: Shop) -> Any:
    try:
        return work(shop)
    except Trouble:
        return None  # an act on the part is in doubt, or a job that has gone on


def run(top: Path, seed: int, steps: int = 16) -> Counter[str]:
    made = Run(top, random.Random(f"model/{seed}"))
    for _ in range(steps):
        made.step()
    made._close()
    return made.done


EACH = 50
FEW = [range(first, first + EACH) for first in range(0, 100, EACH)]


@pytest.mark.parametrize("tried", [*FEW, pytest.param(range(1000, 21_000), marks=pytest.mark.soak)])
def test_the_store_against_its_model(tried: range, tmp_path: Path) -> None:
    total: Counter[str] = Counter()
    for seed in tried:
        try:
            total += run(tmp_path / str(seed), seed)
        except AssertionError as error:
            raise AssertionError(f"seed {seed}: {error}") from error
        shutil.rmtree(tmp_path / str(seed))
    print(total)
