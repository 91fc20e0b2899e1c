"""A store may come from anywhere, as a copy or a folder: whatever its cells say, it opens or says why it does not."""

import random
import shutil
import sqlite3
from contextlib import closing, suppress
from datetime import datetime
from pathlib import Path

import pytest

from daruma.core.errors import Trouble
from daruma.store.copies import compare, copies_of, faults_of, make_copy, restore
from daruma.store.digests import ACT, JOB, SETTLEMENT, SHELF, row_digest
from daruma.store.glance import glance
from daruma.store.index import entries_of
from daruma.store.retention import due
from daruma.store.shop import Shop
from daruma.store.version import FILE
from tests.conftest import share

DIGESTED = {"jobs": JOB, "shelf": SHELF, "acts": ACT, "settlements": SETTLEMENT}
CELLS = (
    *(2**63 - 1, -(2**63), -1, 0, 1.5, float("inf"), None, b"", b"\xff\xfe", "", "x", "5", "\x00", "\u202e", "NaN", "9" * 5000),
    *("[" * 100_000, '{"a":' * 3000, "[]", "{}", "null", "2026-13-45T99:99", "'; DROP TABLE jobs; --", "00" * 40, "a" * 100_000),
)
NOW = datetime(2026, 11, 29, 12, 0).astimezone()


@pytest.fixture(scope="module")
def good(demo_master: Path, tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A demo's shop with a copy, its log in its file."""
    folder = shutil.copytree(demo_master, tmp_path_factory.mktemp("good") / "shop")
    with Shop(folder) as shop:
        make_copy(shop.database, NOW)
    with closing(sqlite3.connect(folder / FILE)) as raw:
        raw.execute("PRAGMA wal_checkpoint(TRUNCATE)")
    return folder


def meddle(file: Path, chance: random.Random) -> list[object]:
    """Put something into a few cells, with digests that fit; return where and what."""
    done: list[object] = []
    with closing(sqlite3.connect(file)) as raw:
        raw.row_factory = sqlite3.Row
        tables, triggers = (
            [row["name"] for row in raw.execute("SELECT name FROM sqlite_master WHERE type = ?", (kind,))]
            for kind in ("table", "trigger")
        )
        for trigger in triggers:
            raw.execute(f"DROP TRIGGER {trigger}")
        raw.execute("PRAGMA ignore_check_constraints = ON")
        for _ in range(chance.choice((1, 2, 4))):
            with suppress(sqlite3.Error, OverflowError, IndexError):
                table = chance.choice(tables)
                row = dict(chance.choice(raw.execute(f"SELECT * FROM {table}").fetchall()))
                cell, value = chance.choice(list(row)), chance.choice(CELLS)
                new = {**row, cell: value}
                new |= {"sha256": row_digest(DIGESTED[table], new)} if table in DIGESTED and cell != "sha256" else {}
                sets, where = (
                    f"{word}".join(f"{name} {sign} ?" for name in row) for word, sign in ((", ", "="), (" AND ", "IS"))
                )
                raw.execute(f"UPDATE {table} SET {sets} WHERE {where}", (*new.values(), *row.values()))
                done.append((table, cell, value if not isinstance(value, str) else value[:20]))
        raw.commit()
    return done


def use(folder: Path) -> None:
    """Do with a shop what window and commands do with it; a Trouble says what cannot be done."""
    glance(folder)
    with Shop(folder) as shop:
        jobs = shop.jobs.all()
        for each in (
            *(shop.losses, shop.set_aside, shop.jobs.on_view, shop.jobs.totals, shop.shelf.all, shop.journal.left_in_doubt),
            *(shop.vault.find, shop.vault.count, shop.check, lambda: entries_of(shop.database), lambda: shop.jobs.find("cedar")),
            *(lambda: due(shop.database, "2030-01-01"), lambda: [shop.journal.acts_of(job.uid) for job in jobs]),
            *(lambda: shop.jobs.open_new(NOW.isoformat()), lambda: make_copy(shop.database, NOW)),
        ):
            with suppress(Trouble):
                each()


@pytest.mark.parametrize("seed", share(range(40), 1))
def test_whatever_a_store_says_it_opens_or_says_why_it_does_not(seed: int, good: Path, tmp_path: Path) -> None:
    chance, whole = random.Random(seed), 0
    for number in range(12):
        folder = shutil.copytree(good, tmp_path / f"{number}")
        done = meddle(folder / FILE, chance)
        try:
            with suppress(Trouble):
                use(folder)
            copy = min(copies_of(folder), key=lambda each: each.turn)
            assert not faults_of(copy.file)
            compare(folder, copy)
            restore(folder, copy, NOW)
            with Shop(folder) as shop:
                shop.set_aside()
                whole += not shop.check()[1]
        except Exception as error:
            raise AssertionError(done) from error
    assert whole > 6, "a good copy puts most of it right"


def test_a_number_that_no_counting_gave_closes_no_shop(good: Path, tmp_path: Path) -> None:
    folder = shutil.copytree(good, tmp_path / "shop")
    with closing(sqlite3.connect(folder / FILE)) as raw:
        raw.row_factory = sqlite3.Row
        row = {**raw.execute("SELECT * FROM jobs WHERE closed > ''").fetchone(), "number": 2**63 - 1}
        raw.execute("UPDATE jobs SET number = ?, sha256 = ? WHERE uid = ?", (row["number"], row_digest(JOB, row), row["uid"]))
        raw.commit()
    with Shop(folder) as shop:
        last = max(job.number for job in shop.jobs.all())
        assert [fault.name for fault in shop.set_aside()] == [f"job J-{row['number']}"]
        assert shop.jobs.open_new(NOW.isoformat()).number == last + 1
