"""The shelf as CSV: written whole, read with what each row would do before anything is kept."""

import csv
import io
from collections.abc import Mapping, Sequence
from pathlib import Path

from msgspec import Struct
from msgspec.structs import replace

from daruma.catalogue.reading import read_bounded
from daruma.core.backup import named
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.shelf import FIELDS, ShelfFault, ShelfPart, Vocabulary, read_part, texts_of
from daruma.handover.exchange import arrived
from daruma.handover.tables import inert, to_csv, write_export

LARGEST = 4 << 20  # bytes
MOST_ROWS = 20_000
HEADS = {**{field.name: field.name for field in FIELDS}, **{field.label.lower(): field.name for field in FIELDS}}


class Preview(Struct, frozen=True):
    """Hold what a file would do: parts that are new, parts that it changes, and what is wrong, by the number of the line."""

    fresh: tuple[ShelfPart, ...]
    changed: tuple[ShelfPart, ...]
    same: int
    faults: tuple[tuple[int, str], ...]

    @property
    def words(self) -> str:
        """Return it in a line."""
        said = [
            tr("{count_fresh} new", count_fresh=len(self.fresh)),
            tr("{count_changed} changed", count_changed=len(self.changed)),
            tr("{same} as they are", same=self.same),
        ]
        return ", ".join(said) + (tr(", {count_faults} wrong and left out", count_faults=len(self.faults)) if self.faults else "")

    @property
    def sound(self) -> tuple[ShelfPart, ...]:
        """Return the parts that would be kept."""
        return (*self.fresh, *self.changed)


def write_shelf(parts: Sequence[ShelfPart], vocabulary: Vocabulary, path: Path) -> None:
    """Write parts as CSV; raise Trouble where that fails."""
    heads = [*(field.name for field in FIELDS), "used_in", "gone"]
    write_export(path, to_csv(heads, (_row(part, vocabulary) for part in parts)).encode(), tr("The shelf is as it was."))


def _row(part: ShelfPart, vocabulary: Vocabulary) -> list[str]:
    texts = {**texts_of(part, vocabulary), "part": part.part.value, "model": part.model, "kind": part.kind}
    # as keys, so that a shop that speaks another language can read it
    texts |= {"locked": part.locked.value, "own_flex": part.own_flex.value}
    return [*(texts[field.name] for field in FIELDS), named(part.used_in), part.gone]


def read_shelf(path: Path, vocabulary: Vocabulary, there: Mapping[str, ShelfPart], when: str = "") -> Preview:
    """Return what a CSV file would do to the shelf; raise Trouble for a file that is none.

    A part that is new, or whose count it changes, says from then on which file that came from, and `when` (ISO 8601).
    """
    origin = arrived(path, when)
    rows = _rows(path)
    heads = [HEADS.get(head.strip().lower(), "") for head in rows[0]] if rows else []
    if "die" not in heads:
        raise Trouble(
            tr("{path} has no column for the die or serial of the parts.", path=path.name),
            safe=tr("Nothing was taken."),
            advice=tr(
                "Its first line must name columns, such as: {fields}.", fields=", ".join(field.name for field in FIELDS[:7])
            ),
        )
    twice = sorted({field for field in heads if field and heads.count(field) > 1})
    if twice:
        raise Trouble(
            tr("{path} has two columns for: {fields}.", path=path.name, fields=", ".join(twice)),
            safe=tr("Nothing was taken."),
            advice=tr("Take one of the two away, then try again."),
        )
    fresh: dict[str, ShelfPart] = {}
    changed: dict[str, ShelfPart] = {}
    faults: list[tuple[int, str]] = []
    same = 0
    for line, row in enumerate(rows[1:], 2):
        texts = {head: _freed(cell) for head, cell in zip(heads, row, strict=False) if head}
        if not any(texts.values()):
            continue
        before = there.get("".join(texts.get("die", "").split()))
        try:
            part = read_part(texts, vocabulary, before)
            if part.die in fresh or part.die in changed:
                raise ShelfFault(tr("Die or serial"), tr("it stands twice in the file"))
        except ShelfFault as fault:
            faults.append((line, str(fault)))
            continue
        if before is None:
            fresh[part.die] = replace(part, arrived=origin)
        elif part != before:
            counted = part.earlier_writes != before.earlier_writes
            changed[part.die] = replace(part, arrived=origin if counted else before.arrived)
        else:
            same += 1
    return Preview(tuple(fresh.values()), tuple(changed.values()), same, tuple(faults))


def _freed(cell: str) -> str:
    """Return a cell without the apostrophe that keeps spreadsheets from computing it."""
    return cell[1:] if cell.startswith("'") and inert(cell[1:]) == cell else cell


def _rows(path: Path) -> list[list[str]]:
    try:
        data = read_bounded(path, LARGEST)
        if len(data) > LARGEST:
            raise ValueError(f"it is larger than {LARGEST >> 20} MB")
        text = data.decode("utf-8-sig")
        head = text.partition("\n")[0]
        separator = max(",;\t", key=head.count)
        rows = list(csv.reader(io.StringIO(text, newline=""), delimiter=separator))
        if len(rows) > MOST_ROWS:
            raise ValueError(f"it has more than {MOST_ROWS} rows")
    except (OSError, ValueError, csv.Error) as error:
        why = error.strerror if isinstance(error, OSError) and error.strerror else error
        raise Trouble(
            tr("{path} cannot be read as CSV: {why}.", path=path.name, why=why),
            safe=tr("Nothing was taken."),
            advice=tr("Save it as CSV in UTF-8, then try again."),
        ) from error
    return rows
