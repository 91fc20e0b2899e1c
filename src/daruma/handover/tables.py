"""Tables as CSV for spreadsheets, in which no text can run as a formula."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable
from pathlib import Path
from typing import TYPE_CHECKING

from daruma.core.backup import named
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.plain import plain
from daruma.store.files import write_whole

if TYPE_CHECKING:
    from daruma.store.journal import Journal

# what makes a spreadsheet read a cell as something to be computed (common practice, no source)
RUNS = ("=", "+", "-", "@")
BLANKS = "".join(c for c in map(chr, range(0x3001)) if c.isspace() or not c.isprintable())  # passed over before it
HEADS = (
    "act",
    "job",
    "kind",
    "part",
    "backup",
    "started",
    "by",
    "state",
    "note",
    "settled",
    "answer",
    "meant",
    "before",
    "found",
)


def inert(text: str) -> str:
    """Return a cell that a spreadsheet shows as text: one that would be computed gets an apostrophe in front."""
    return f"'{text}" if text.lstrip(BLANKS).startswith(RUNS) else text


def numbers_csv(heads: Iterable[str], rows: Iterable[Iterable[str]]) -> bytes:
    """Return rows of numbers as CSV: what cannot steer needs no guard, which would turn a minus sign into a text."""
    return "".join(",".join(row) + "\r\n" for row in (heads, *rows)).encode()


def to_csv(heads: Iterable[str], rows: Iterable[Iterable[str]]) -> str:
    """Return rows as CSV (RFC 4180, UTF-8)."""
    out = io.StringIO()
    writer = csv.writer(out)
    writer.writerow(heads)
    writer.writerows([inert(plain(cell, lines=True)) for cell in row] for row in rows)
    return out.getvalue()


def write_journal(journal: Journal, file: Path) -> None:
    """Write every act with its settlement, whole or not at all."""
    rows = (
        (
            str(act.number), act.job_name, act.kind.value, act.die, named(act.backup), act.started, act.who,
            act.state.value, act.note, act.settled, act.answer, act.digest, act.before, act.found,
        )
        for act in journal.all()
    )  # fmt: skip
    write_export(file, to_csv(HEADS, rows).encode(), tr("The journal is as it was."))


def write_export(file: Path, data: bytes, safe: str) -> None:
    """Write a file for others, whole or not at all; raise Trouble, which says what is `safe`, where that fails."""
    try:
        write_whole(file, data)
    except OSError as error:
        raise Trouble(
            tr("{file} cannot be written: {strerror}.", file=file.name, strerror=error.strerror),
            safe=safe,
            advice=tr("Choose another place."),
        ) from error
