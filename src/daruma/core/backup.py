"""A backup: one record kept, with where it came from; known by its content's digest and chained to the one before."""

import hashlib
import json
from collections.abc import Callable, Iterable
from enum import Enum
from typing import Any

from msgspec import Struct, field

from daruma.core.language import tr

GENESIS = "0" * 64
KNOWN_BY = "@"  # between a name for reading and an identity
LOST = "lost "  # what the day of purge begins with for a backup that was damaged when a copy was restored


class Origin(Enum):
    """Say where a backup's data came from."""

    PART = "part"
    PHONE = "phone"
    MADE = "made"
    TYPED = "typed"


class BackupContent(Struct, frozen=True):
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

    @classmethod
    def from_canonical(cls, body: bytes) -> "BackupContent":
        """Return the content behind its byte form; raise ValueError where it is none."""
        try:
            plain: dict[str, Any] = json.loads(body)
            fields = tuple((str(name), str(value)) for name, value in plain.pop("fields"))
            image, origin = bytes.fromhex(plain.pop("image")), Origin(plain.pop("origin"))
            return cls(**plain, fields=fields, image=image, origin=origin)
        except (KeyError, TypeError, AttributeError, RecursionError) as error:
            raise ValueError("not a backup's content") from error


_PLAIN = (
    "model", "layout", "part_kind", "die", "chip", "maker", "imei", "job", "taken", "programmer", "firmware", "note",
)  # fmt: skip


class Backup(Struct, frozen=True):
    """Hold a kept backup: its content, its place in the vault and the chain up to it.

    `purged` is the day on which its identifiers were purged, or `lost` and the day on which a restore found it damaged:
    then nothing is left of the content but model and kind. `arrived` says which file it was imported from and when;
    it is empty for what this bench read or made itself.
    """

    number: int
    content: BackupContent
    sha256: str
    chain: str
    purged: str = ""
    arrived: str = ""

    @property
    def name(self) -> str:
        """Return the backup's name as it is written: for reading only, a restore may change it."""
        return name_of(self.number)

    @property
    def ref(self) -> str:
        """Return how others remember the backup: its name for reading, and the digest by which it is found."""
        return f"{self.name}{KNOWN_BY}{self.sha256}"


def name_of(number: int) -> str:
    """Return a backup's name by its number."""
    return f"B-{number:05d}"


def named(ref: str) -> str:
    """Return the name that a reference is read by."""
    return ref.partition(KNOWN_BY)[0]


def known_by(ref: str) -> str:
    """Return the identity in a reference, empty where it is a bare name."""
    return ref.partition(KNOWN_BY)[2]


def link_of(previous: str, sha256: str, arrived: str = "") -> str:
    """Return the chain value of a backup from the one before it; an imported one's link covers where it came from."""
    return hashlib.sha256((previous + sha256 + arrived).encode()).hexdigest()


class VaultFault(Struct, frozen=True):
    """Hold one thing that does not verify; `gap` says that rows before it are missing."""

    name: str
    what: str
    gap: bool = False


# number, sha256, chain, body, day of purge, two byte strings that the body holds if what is searched by is what it
# carries (None where there is nothing to compare), and where it arrived from; a plain tuple, since a full check goes
# through every backup
Kept = tuple[int, str, str, bytes, str, bytes | None, bytes | None, str]

CHANGED = tr("its bytes are not those that were kept")
UNTRUE = tr("what is searched is not what it carries")
BROKEN = tr("the chain to the backup before it is broken")


class ChainCheck(Struct):
    """Verify backups in their order, in as many pieces as they come, from the one numbered `expected` on.

    `columns_agree` is asked about a row whose body does not hold what its columns tell word for word.
    """

    columns_agree: Callable[[Kept], bool] = lambda _: False
    previous: str = GENESIS
    expected: int = 1
    seen: int = 0
    faults: list[VaultFault] = field(default_factory=list)

    def feed(self, rows: Iterable[Kept]) -> None:
        """Verify some more; what does not verify is added to the faults."""
        sha, previous, expected, faults = hashlib.sha256, self.previous, self.expected, self.faults
        for row in rows:
            number, sha256, chain, body, purged, first, second, arrived = row
            if not purged and sha(body).hexdigest() != sha256:
                faults.append(VaultFault(name_of(number), CHANGED))
            elif first and second and not (first in body and second in body) and not self.columns_agree(row):
                faults.append(VaultFault(name_of(number), UNTRUE))
            if sha((previous + sha256 + arrived).encode()).hexdigest() != chain:
                faults.append(VaultFault(name_of(number), BROKEN))
            if number != expected:
                faults.append(
                    VaultFault(name_of(number), tr("{missing} before it", missing=_missing(expected, number)), gap=True)
                )
            self.seen += 1
            expected, previous = number + 1, chain
        self.previous, self.expected = previous, expected


def _missing(first: int, number: int) -> str:
    last = number - 1
    return (
        tr("{name_of} is missing", name_of=name_of(first))
        if first == last
        else tr("{name_of} to {name_of_2} are missing", name_of=name_of(first), name_of_2=name_of(last))
    )
