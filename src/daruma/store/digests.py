"""Digests of rows: each row carries one of itself; acts and settlements are chained besides, as backups are."""

import hashlib
import secrets
from collections.abc import Mapping
from typing import Any

from msgspec import MsgspecError

DIGITS = 32  # hexadecimal ones of a digest
FIRST = "0" * DIGITS  # the link before the first one
ACT = ("uid", "job", "kind", "die", "backup", "digest", "started", "evidence", "who", "before")
SETTLEMENT = ("act", "state", "note", "settled", "answer", "found")
JOB = ("number", "uid", "revision", "body", "updated", "closed", "imei", "model", "purged")
SHELF = ("die", "body")
# what reading a body may raise that makes no sense or is nested too deep, though its digest fits
SENSELESS = (MsgspecError, KeyError, TypeError, AttributeError, ValueError, RecursionError)
NUMBERS = frozenset({"number", "act", "revision"})
_BETWEEN = "\x1f"


def fresh_uid() -> str:
    """Return an identity that no other row anywhere has."""
    return secrets.token_hex(16)


def row_digest(names: tuple[str, ...], row: Mapping[str, Any]) -> str:
    """Return the digest of a row's values: the first 32 hexadecimal digits of SHA-256 over them."""
    return _digest(_BETWEEN.join(str(row[name]) for name in names))


def is_whole(names: tuple[str, ...], row: Mapping[str, Any], digest: object) -> bool:
    """Return whether a row is as it was written; a value of another type is none."""
    values = [row[name] for name in names]
    for index, name in enumerate(names):
        if name in NUMBERS:
            if type(values[index]) is not int:
                return False
            values[index] = str(values[index])
    try:
        return _digest(_BETWEEN.join(values)) == digest
    except TypeError:
        return False


def digested(names: tuple[str, ...]) -> str:
    """Return SQL that gives the bytes which a row's digest covers; NULL where a value is of another type."""
    sound = " AND ".join(f"typeof({name}) = '{'integer' if name in NUMBERS else 'text'}'" for name in names)
    return f"CASE WHEN {sound} THEN cast({' || char(31) || '.join(names)} AS BLOB) END"


def chained(before: str, digest: str) -> str:
    """Return the link of a row from the one before it."""
    return _digest(before + digest)


def salted(salt: str, what: str) -> str:
    """Return a digest that tells nothing of what it was made from without the salt."""
    return hashlib.sha256(f"{salt}{_BETWEEN}{what}".encode()).hexdigest()


def _digest(text: str) -> str:
    return hashlib.sha256(text.encode("utf-8", "surrogatepass")).hexdigest()[:DIGITS]
