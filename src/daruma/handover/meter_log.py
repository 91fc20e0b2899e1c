"""Logs of volts and amperes of any meter as CSV: which column is which is found by name, unit and plausibility, and said."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.language import tr
from daruma.handover.meter_columns import Column, Head, column_of, head_of, sign_of
from daruma.handover.tabular import trouble

if TYPE_CHECKING:
    from pathlib import Path

    import polars as pl

    from daruma.core.cell.log import Floats

LARGEST = 2 << 30  # bytes
MOST_SAMPLES = 20_000_000
_FIRST = 1 << 16  # bytes that the names of the columns are looked for in
_CLOCK = r"^(?:(\d{1,4})[:.])?(\d{1,2}):(\d{1,2}(?:[.,]\d+)?)$"


class MeterLog(Struct, frozen=True):
    """Hold a log: times from its start (s), volts, amperes; what was understood; how many rows were left out.

    `sign` is that of the charging current where the column's name says it, else 0.
    """

    t: Floats
    v: Floats
    a: Floats
    columns: dict[str, Column]
    left_out: int = 0
    sign: float = 0.0


def read_log(path: Path) -> MeterLog:
    """Read a log; raise MeasurementTrouble for one that cannot be understood, OSError for one that cannot be read."""
    name = path.name
    if not path.is_file():
        raise FileNotFoundError(2, tr("there is no such file"))
    if path.stat().st_size > LARGEST:
        raise trouble(name, tr("the log is larger than {largest} GB", largest=LARGEST >> 30))
    with path.open("rb") as file:
        first = file.read(_FIRST)
    source: Path | bytes = path
    if first[:2] in (b"\xff\xfe", b"\xfe\xff"):
        source = path.read_bytes().decode("utf-16", errors="replace").encode()
        first = source[:_FIRST]
    head = head_of(first.decode("utf-8-sig", errors="replace"), name)
    return _understood(_cells(source, head, name), head, name)


def _cells(source: Path | bytes, head: Head, name: str) -> dict[str, Floats]:
    """Return the columns that are wanted as they stand, nan where a cell is no number; times in s or their own unit."""
    import polars as pl  # slow to import, and needed only where a log is read

    found = _read(source, head, pl.Float64(), name)
    if found.height > MOST_SAMPLES:
        raise trouble(name, tr("it has more than {most_samples} samples", most_samples=MOST_SAMPLES))
    if any(found[column].null_count() for column in found.columns):
        texts = _read(source, head, pl.String(), name)
        # a row without anything is a blank line, not one that was left out
        texts = texts.filter(pl.any_horizontal(pl.all().str.strip_chars().str.len_bytes() > 0))
        found = texts.select(_as_numbers(column, column == "t", comma=head.comma) for column in texts.columns)
        found = found.fill_null(float("nan"))
    return {column: found[column].to_numpy() for column in found.columns}


def _read(source: Path | bytes, head: Head, kind: pl.DataType, name: str) -> pl.DataFrame:
    import polars as pl

    names = {place: kind_ for kind_, place in head.places.items()}
    wanted = sorted(names)
    schema = {f"column_{place + 1}": kind if place in names else pl.String() for place in range(head.width)}
    try:
        found = pl.read_csv(
            source,
            separator=head.separator,
            has_header=False,
            skip_lines=head.start,
            columns=[f"column_{place + 1}" for place in wanted],
            schema=schema,
            decimal_comma=head.comma,
            ignore_errors=True,
            truncate_ragged_lines=True,
            encoding="utf8-lossy",
        )
    except pl.exceptions.PolarsError as error:
        raise trouble(name, tr("there is no sample in it that can be read")) from error
    return found.rename({f"column_{place + 1}": names[place] for place in wanted})


def _as_numbers(column: str, times: bool, *, comma: bool) -> pl.Expr:
    """Return a column of texts as numbers: spaces are taken off, times may be h:m:s or a date with a time."""
    import polars as pl

    text = pl.col(column).str.strip_chars(" \t\"'")
    number = (text.str.replace(",", ".", literal=True) if comma else text).cast(pl.Float64, strict=False)
    if not times:
        return number.alias(column)
    hours, minutes, seconds = (
        text.str.extract(_CLOCK, group).str.replace(",", ".", literal=True).cast(pl.Float64, strict=False) for group in (1, 2, 3)
    )
    clock = hours.fill_null(0.0) * 3600 + minutes * 60 + seconds
    iso = text.str.replace_all("/", "-", literal=True).str.replace("T", " ", literal=True).str.replace(",", ".", literal=True)
    whole = iso.str.slice(0, 19).str.to_datetime("%Y-%m-%d %H:%M:%S", strict=False).dt.epoch("s")
    date = whole + iso.str.extract(r"(\.\d+)$", 1).cast(pl.Float64, strict=False).fill_null(0.0)
    return pl.coalesce(number, clock, date).alias(column)


def _understood(cells: dict[str, Floats], head: Head, name: str) -> MeterLog:
    rows = len(cells["v"])
    good = np.ones(rows, dtype=bool)
    for values in cells.values():
        good &= np.isfinite(values)
    if good.sum() < 2:
        raise trouble(name, tr("it has fewer than two samples that can be read"))
    if not good.all():
        cells = {kind: values[good] for kind, values in cells.items()}
    columns = {kind: column_of(kind, head.names[place], cells[kind]) for kind, place in head.places.items()}
    t = _times(cells.get("t"), columns, int(good.sum()))
    v, a = (cells[kind] if columns[kind].factor == 1 else cells[kind] * columns[kind].factor for kind in ("v", "a"))
    if not _forward(t, name).all():
        # of samples that say the same at the same time one is enough; others at one time are a step
        keep = np.r_[True, (np.diff(t) > 0) | (np.diff(v) != 0) | (np.diff(a) != 0)]
        t, v, a = t[keep], v[keep], a[keep]
    ordered = {kind: columns[kind] for kind in ("t", "v", "a")}
    return MeterLog(t, v, a, ordered, rows - len(t), sign_of(columns["a"].name))


def _times(found: Floats | None, columns: dict[str, Column], samples: int) -> Floats:
    if found is None:
        columns["t"] = Column("", "one sample a second, no time is given", 1.0)
        return np.arange(samples, dtype=float)
    since: Floats = (found - found[0]) * columns["t"].factor
    return since


def _forward(t: Floats, name: str) -> npt.NDArray[np.bool_]:
    """Return which samples are later than the one before; raise MeasurementTrouble where one is earlier."""
    ahead = t[1:] > t[:-1]
    at = next((int(i) for i in np.flatnonzero(~ahead) if t[i + 1] < t[i]), None)
    if at is not None:
        raise trouble(
            name, tr("time goes back at sample {at}: {t:.3f} s is followed by {t_2:.3f} s", at=at + 2, t=t[at], t_2=t[at + 1])
        )
    return ahead
