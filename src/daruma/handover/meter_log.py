"""Logs of volts and amperes of any meter as CSV: which column is which is found by name, unit and plausibility, and said."""

from __future__ import annotations

from io import BytesIO
from typing import TYPE_CHECKING

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.cell.flaws import unit_change
from daruma.core.cell.log import largest
from daruma.core.language import tr
from daruma.handover.log_times import moments, spread
from daruma.handover.meter_columns import Column, Head, column_of, head_of, sign_of
from daruma.handover.tabular import trouble

if TYPE_CHECKING:
    from pathlib import Path

    import polars as pl

    from daruma.core.cell.log import Floats

LARGEST = 2 << 30  # bytes
MOST_SAMPLES = 20_000_000
_FIRST = 1 << 16  # bytes that the names of the columns are looked for in
_PIECE = 1 << 22  # bytes that are looked through at once
_MOST, _MOST_SECONDS = 1e4, 1e9  # V, A, and s from the first sample: more is no measurement
_HOUR, _CHANGE = 3600.0, 900.0  # s that a clock is set back by, and how far a meter's samples lie apart at most there


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
    _refuse_nul(source, name)
    head = head_of(first.decode("utf-8-sig", errors="replace"), name)
    return _understood(_cells(source, head, name), head, name)


def _refuse_nul(source: Path | bytes, name: str) -> None:
    before = 0
    with BytesIO(source) if isinstance(source, bytes) else source.open("rb") as file:
        while piece := file.read(_PIECE):
            at = piece.find(b"\0")
            if at >= 0:
                file.seek(0)
                line = sum(file.read(min(_PIECE, before + at - done)).count(b"\n") for done in range(0, before + at, _PIECE)) + 1
                raise trouble(name, tr("line {line} holds NUL bytes: the meter may have lost power while writing", line=line))
            before += len(piece)


class _Cells(Struct):
    """Hold the columns that are wanted (n), nan where a cell is no number, the lines of the file they came from, and how moments
    were read where they are no plain numbers.
    """

    values: dict[str, Floats]
    lines: npt.NDArray[np.int32]
    moments: str = ""


def _cells(source: Path | bytes, head: Head, name: str) -> _Cells:
    """Return the columns that are wanted as they stand; times in s or their own unit."""
    import polars as pl  # slow to import, and needed only where a log is read

    found = _read(source, head, pl.Float64(), name)
    if found.height > MOST_SAMPLES:
        raise trouble(name, tr("it has more than {most_samples} samples", most_samples=MOST_SAMPLES))
    if not any(found[column].null_count() for column in found.columns):
        return _Cells(
            {column: found[column].to_numpy() for column in found.columns},
            np.arange(head.start + 1, head.start + 1 + found.height, dtype=np.int32),
        )
    texts = _read(source, head, pl.String(), name).with_row_index("line")
    # a row without anything is a blank line, not one that was left out
    columns = [column for column in texts.columns if column != "line"]
    texts = texts.filter(pl.any_horizontal(pl.col(columns).str.strip_chars().str.len_bytes() > 0))
    values = {column: _numbers(texts[column], comma=head.comma) for column in columns if column != "t"}
    read = moments(texts["t"], comma=head.comma) if "t" in columns else None
    if read is not None:
        values = {"t": read.seconds, **values}
    return _Cells(values, head.start + 1 + texts["line"].to_numpy().astype(np.int32), read.how if read else "")


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
            decimal_comma=head.comma and head.separator != ",",
            ignore_errors=True,
            truncate_ragged_lines=True,
            encoding="utf8-lossy",
        )
    except pl.exceptions.PolarsError as error:
        raise trouble(name, tr("there is no sample in it that can be read")) from error
    return found.rename({f"column_{place + 1}": names[place] for place in wanted})


def _numbers(texts: pl.Series, *, comma: bool) -> Floats:
    """Return a column of texts as numbers, nan where they are none: spaces and quotes are taken off."""
    import polars as pl

    text = texts.str.strip_chars(" \t\"'")
    found = (text.str.replace(",", ".", literal=True) if comma else text).cast(pl.Float64, strict=False)
    numbers: Floats = found.fill_null(float("nan")).to_numpy()
    return numbers


def _understood(cells: _Cells, head: Head, name: str) -> MeterLog:
    values, lines = cells.values, cells.lines
    rows = len(values["v"])
    good = np.ones(rows, dtype=bool)
    for each in values.values():
        good &= np.isfinite(each)
    if good.sum() < 2:
        raise trouble(name, tr("it has fewer than two samples that can be read"))
    if not good.all():
        values, lines = {kind: each[good] for kind, each in values.items()}, lines[good]
    columns = {kind: column_of(kind, head.names[place], values[kind]) for kind, place in head.places.items()}
    if cells.moments:
        columns["t"] = Column(columns["t"].name, cells.moments, 1.0)
    t = _times(values.get("t"), columns, int(good.sum()))
    v, a = (values[kind] if columns[kind].factor == 1 else values[kind] * columns[kind].factor for kind in ("v", "a"))
    _refuse_impossible(t, v, a, lines, name)
    if not _forward(t, lines, name).all():
        t = _several_a_stamp(t, columns)
        # of samples that say the same at the same time one is enough; others at one time are a step
        keep = np.r_[True, (np.diff(t) > 0) | (np.diff(v) != 0) | (np.diff(a) != 0)]
        t, v, a, lines = t[keep], v[keep], a[keep], lines[keep]
    _refuse_other_unit(v, a, lines, name)
    ordered = {kind: columns[kind] for kind in ("t", "v", "a")}
    return MeterLog(t, v, a, ordered, rows - len(t), sign_of(columns["a"].name))


def _several_a_stamp(t: Floats, columns: dict[str, Column]) -> Floats:
    """Return times of which several samples share each stamp evenly spread, and say so with the column."""
    even = spread(t)
    if even is not t:
        unit = tr("{unit}; several samples share a time stamp, spread evenly", unit=columns["t"].unit)
        columns["t"] = Column(columns["t"].name, unit, columns["t"].factor)
    return even


def _refuse_impossible(t: Floats, v: Floats, a: Floats, lines: npt.NDArray[np.int32], name: str) -> None:
    for values, most, unit in ((t, _MOST_SECONDS, "s"), (v, _MOST, "V"), (a, _MOST, "A")):
        if largest(values) > most:
            at = int(np.argmax(np.abs(values) > most))
            words = tr("line {line} shows {value:.4g} {unit}, which is impossible", line=lines[at], value=values[at], unit=unit)
            raise trouble(name, words)


def _refuse_other_unit(v: Floats, a: Floats, lines: npt.NDArray[np.int32], name: str) -> None:
    at = unit_change(v, a)
    if at is not None:
        words = tr("from line {line} on the voltage seems to be in another unit: it changes a thousandfold", line=lines[at])
        raise trouble(name, words)
    at = unit_change(a, v)
    if at is not None:
        words = tr("from line {line} on the current seems to be in another unit: it changes a thousandfold", line=lines[at])
        raise trouble(name, words)


def _times(found: Floats | None, columns: dict[str, Column], samples: int) -> Floats:
    if found is None:
        columns["t"] = Column("", "one sample a second, no time is given", 1.0)
        return np.arange(samples, dtype=float)
    since: Floats = (found - found[0]) * columns["t"].factor
    return since


def _forward(t: Floats, lines: npt.NDArray[np.int32], name: str) -> npt.NDArray[np.bool_]:
    """Return which samples are later than the one before; raise MeasurementTrouble where one is earlier."""
    ahead = t[1:] > t[:-1]
    at = next((int(i) for i in np.flatnonzero(~ahead) if t[i + 1] < t[i]), None)
    if at is None:
        return ahead
    back = float(t[at] - t[at + 1])
    words = tr("time goes back by {back:.3f} s at line {line}", back=back, line=lines[at + 1])
    if abs(back - _HOUR) < _CHANGE:
        words = tr("{words}. Was the clock changed there? Write times with their time zone", words=words)
    raise trouble(name, words)
