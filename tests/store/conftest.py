"""Fixtures of the store tests: an empty shop, backups to keep, meddling from outside."""

import lzma
import sqlite3
from collections.abc import Iterator
from contextlib import closing
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.core.backup import BackupContent, Origin
from daruma.store.shop import Shop
from daruma.store.version import FILE
from tests.shops import empty_shop


@pytest.fixture
def empty(tmp_path: Path) -> Iterator[Shop]:
    made = empty_shop(tmp_path / "shop")
    yield made
    made.close()


def content(n: int = 1, **changes: object) -> BackupContent:
    made = BackupContent(
        model="cedar_l",
        layout="cedar_l_display",
        part_kind="display",
        die=f"D{n:011d}",
        chip="00",
        maker="Ostby",
        imei="490154203237518",
        job="J-0001",
        taken="2026-11-23T10:00:00+00:00",
        programmer="Stand-in SP-1",
        firmware="1.5",
        origin=Origin.PART,
        fields=(("display_serial", f"SERIAL{n:04d}"),),
        image=bytes([n % 256]) * 32,
    )
    return replace(made, **changes)  # type: ignore[arg-type]


def meddle(folder: Path, *statements: str) -> None:
    """Change a shop's file from outside, as nobody should."""
    with closing(sqlite3.connect(folder / FILE)) as raw, raw:
        for (trigger,) in raw.execute("SELECT name FROM sqlite_master WHERE type = 'trigger'").fetchall():
            raw.execute(f"DROP TRIGGER {trigger}")
        for statement in statements:
            raw.execute(statement)


def old_folder(folder: Path, version: str) -> Path:
    """Make a folder with the store of an earlier version."""
    folder.mkdir(mode=0o700)
    packed = Path(__file__).parents[1] / "data" / f"store-{version}.sqlite3.xz"
    (folder / FILE).write_bytes(lzma.decompress(packed.read_bytes()))
    return folder


@pytest.fixture
def old_store(tmp_path: Path) -> Path:
    """A folder with a store of before identities and digests; beside it, as `before`, one that stays as it is."""
    old_folder(tmp_path / "before", "0002")
    return old_folder(tmp_path / "old", "0002")
