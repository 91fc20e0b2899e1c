"""A backup: one record kept, with where it came from; addressed by its content and chained to the one before."""

import hashlib
import json
from collections.abc import Iterable
from dataclasses import dataclass
from enum import Enum

GENESIS = "0" * 64


class Origin(Enum):
    """Say where a backup's data came from."""

    PART = "part"
    PHONE = "phone"
    MADE = "made"


@dataclass(frozen=True, slots=True)
class BackupContent:
    """Hold what a backup carries; everything here is covered by its SHA-256."""

    model: str
    layout: str
    part_kind: str
    die: str
    chip: str
    maker: str
    imei: str
    job: str
    taken: str
    programmer: str
    firmware: str
    origin: Origin
    fields: tuple[tuple[str, str], ...]
    image: bytes
    note: str = ""

    def canonical(self) -> bytes:
        """Return the one byte form that is hashed: JSON with sorted keys, no spaces, image in hexadecimal."""
        plain = {name: getattr(self, name) for name in _PLAIN}
        plain |= {"origin": self.origin.value, "fields": [list(pair) for pair in self.fields], "image": self.image.hex()}
        return json.dumps(plain, sort_keys=True, separators=(",", ":"), ensure_ascii=False).encode()

    def sha256(self) -> str:
        """Return the content's address."""
        return hashlib.sha256(self.canonical()).hexdigest()


_PLAIN = (
    "model", "layout", "part_kind", "die", "chip", "maker", "imei", "job", "taken", "programmer", "firmware", "note",
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class Backup:
    """Hold a kept backup: its content, its place in the vault and the chain up to it."""

    number: int
    content: BackupContent
    sha256: str
    chain: str

    @property
    def name(self) -> str:
        """Return the backup's name as it is written."""
        return f"B-{self.number:05d}"


def link_of(previous: str, sha256: str) -> str:
    """Return the chain value of a backup from the one before it."""
    return hashlib.sha256((previous + sha256).encode("ascii")).hexdigest()


@dataclass(frozen=True, slots=True)
class VaultFault:
    """Hold one thing that does not verify."""

    name: str
    what: str


def check_chain(backups: Iterable[Backup]) -> tuple[int, tuple[VaultFault, ...]]:
    """Verify backups in their order; return how many were seen and what does not verify."""
    faults: list[VaultFault] = []
    previous = GENESIS
    seen = 0
    for seen, backup in enumerate(backups, start=1):
        if backup.content.sha256() != backup.sha256:
            faults.append(VaultFault(backup.name, "its bytes are not those that were kept"))
        if link_of(previous, backup.sha256) != backup.chain:
            faults.append(VaultFault(backup.name, "the chain to the backup before it is broken"))
        if backup.number != seen and not faults:
            faults.append(VaultFault(backup.name, f"number {seen} is missing before it"))
        previous = backup.chain
    return seen, tuple(faults)
