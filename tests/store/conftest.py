"""Fixtures of the store tests: an empty shop, backups to keep, meddling from outside."""

import lzma
import sqlite3
from collections.abc import Iterator
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


def meddle(shop: Shop, *statements: str) -> None:
    """Change the file from outside, as nobody should."""
    with sqlite3.connect(shop.database.file) as connection:
        for trigger in ("backups_no_update", "backups_no_delete"):
            connection.execute(f"DROP TRIGGER IF EXISTS {trigger}")
        for statement in statements:
            connection.execute(statement)
    connection.close()


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
