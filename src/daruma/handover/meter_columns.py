"""Which column of a meter's log is which: by name and unit, and by what its numbers can be where no name says it."""

from __future__ import annotations

import csv
import re
from collections.abc import Mapping, Sequence
from typing import TYPE_CHECKING

import numpy as np
from msgspec import Struct

from daruma.core.language import tr
from daruma.handover.log_times import stamp_unit
from daruma.handover.tabular import trouble

if TYPE_CHECKING:
    from daruma.core.cell.log import Floats

# a time of day, elapsed, or with a date
_MOMENT = r"[\dT/., -]*\d:\d\d(?::\d\d(?:[.,]\d+)?)?\s*(?:[AaPp][Mm])?\s*(?:Z|[+-]\d\d:?\d\d)?"
_QUOTED = re.compile(r'"[+-]?\d+,\d+"')  # a number with a decimal comma, in quotes
_HEAD_LINES = 60  # lines that may stand before the names of the columns
_SAMPLE = 200  # lines that plausibility looks at
_MOST_COLUMNS = 200


def _words(text: str) -> frozenset[str]:
    return frozenset(text.split())


_TIME = _words("t time times seconds second sec secs elapsed timestamp date datetime uptime minutes hours zeit tiempo tempo")
_VOLTS = _words("v volt volts voltage u vbus mv millivolts uv ucell vcell spannung tension tensione voltaje")
_AMPS = _words("a amp amps ampere amperes current i ibus ma milliamps ua curr strom courant corriente corrente")
_OTHERS = _words("ah mah wh mwh w mw watt watts power capacity energy charge ohm temp temperature c")
_PLAIN = _words("voltage current volts amps spannung strom tension courant corriente corrente")
_TIME_UNITS = {
    **dict.fromkeys(("us", "microseconds"), 1e-6),
    **dict.fromkeys(("ms", "milliseconds"), 1e-3),
    **dict.fromkeys(("s", "sec", "seconds"), 1.0),
    **dict.fromkeys(("min", "minutes"), 60.0),
    **dict.fromkeys(("h", "hours"), 3600.0),
}


class Column(Struct, frozen=True):
    """Hold which column was taken, and the unit that its values were taken to be in."""

    name: str
    unit: str
    factor: float


class Head(Struct, frozen=True):
    """Hold where the samples begin (lines before them), what separates the cells, whether decimals have commas, the names of
    the columns and which of them are time, volts and amperes.
    """

    start: int
    separator: str
    comma: bool
    names: tuple[str, ...]
    places: Mapping[str, int]
    width: int


def head_of(text: str, name: str) -> Head:
    """Return what the first lines of a log say; raise MeasurementTrouble where no volts and amperes are found."""
    lines = text.splitlines()
    start, separator, names = _head(lines, name)
    body = lines[start : start + _SAMPLE]
    comma = any("," in line for line in body) if separator != "," else any(_QUOTED.search(line) for line in body)
    width = max([len(names), *(len(cells_of(line, separator)) for line in body)])
    if width > _MOST_COLUMNS:
        raise trouble(name, tr("it has more than {most_columns} columns", most_columns=_MOST_COLUMNS))
    names = [*names, *("" for _ in range(width - len(names)))]
    places = _places(names, body, separator, comma, name)
    rows = (cells_of(line, separator) for line in lines[start:])
    if not any(all(_holds(row, places[kind], comma) for kind in "va") for row in rows):
        raise trouble(
            name,
            tr("it has fewer than two samples that can be read in its first {count_lines} lines", count_lines=len(lines) - start),
        )
    return Head(start, separator, comma, tuple(names), places, width)


def cells_of(line: str, separator: str) -> list[str]:
    """Return the cells of a line; what separates them may stand within quotes."""
    return next(csv.reader([line], delimiter=separator), []) if '"' in line else line.split(separator)


def _holds(row: Sequence[str], place: int, comma: bool) -> bool:
    return place < len(row) and _number(row[place], comma) is not None


def column_of(kind: str, name: str, values: Floats) -> Column:
    """Return what a column's values were taken to be: seconds, volts or amperes, by its name, else by their size."""
    if kind == "t":
        return _time_column(name, float(values[0]))
    return _unit(name, kind, values, 100.0 if kind == "v" else 50.0)


def sign_of(name: str) -> float:
    """Return the sign of the charging current where a column's name says it, else 0."""
    tokens = set(_tokens(name))
    if "positive" not in tokens or not tokens & {"charge", "discharge"}:
        return 0.0
    return -1.0 if "discharge" in tokens else 1.0


def _head(lines: Sequence[str], name: str) -> tuple[int, str, list[str]]:
    """Return where the samples begin, what separates the cells, and the names of the columns."""
    for number, line in enumerate(lines[:_HEAD_LINES]):
        for separator in ("\t", ";", ","):
            cells = [cell.strip() for cell in cells_of(line, separator)]
            if {"v", "a"} <= {_kind(cell) for cell in cells}:
                return number + 1, separator, cells
    for number, line in enumerate(lines[:_HEAD_LINES]):
        for separator in ("\t", ";", ","):
            cells = cells_of(line, separator)
            if len(cells) >= 2 and all(_is_value(cell, separator != ",") for cell in cells[:3]):
                return number, separator, _unknown_names(lines[number - 1] if number else "", separator, len(cells))
    raise trouble(name, tr("no column of volts and none of amperes is named in it"))


def _unknown_names(above: str, separator: str, count: int) -> list[str]:
    """Return the words above the samples, where there are as many as columns, though none of them is known."""
    cells = [cell.strip() for cell in cells_of(above, separator)]
    return [
        cells[place] if len(cells) == count and cells[place] else tr("column {place}", place=place + 1) for place in range(count)
    ]


def _is_value(cell: str, comma: bool) -> bool:
    return _number(cell, comma) is not None or _is_moment(cell)


def _is_moment(cell: str) -> bool:
    return re.fullmatch(_MOMENT, cell.strip().strip('"')) is not None


def _tokens(cell: str) -> list[str]:
    return [part for part in re.split(r"[^a-zµμ]+", cell.lower().replace("µ", "u").replace("μ", "u")) if part]


def _kind(cell: str) -> str:
    """Return what a column's name says that it holds: t, v, a, or nothing."""
    tokens = _tokens(cell)
    said = set(tokens)
    if not tokens or (said & _OTHERS and not said & _PLAIN and tokens[0] not in ("i", "u")):
        return ""
    if tokens[0] in _TIME:
        return "t"
    for kind, known in (("v", _VOLTS), ("a", _AMPS)):
        if tokens[0] in known or said & (known - {"v", "a", "i", "u"}):
            return kind
    return ""


def _places(names: Sequence[str], lines: Sequence[str], separator: str, comma: bool, name: str) -> dict[str, int]:
    places: dict[str, int] = {}
    for place, cell in enumerate(names):
        kind = _kind(cell)
        if kind and kind not in places:
            places[kind] = place
    if {"v", "a"} <= set(places):
        return places
    cells = [cells_of(line, separator) for line in lines if line.strip()]
    rows = [[_number(cell, comma) for cell in row] for row in cells]
    for place in range(len(names)):
        if "t" not in places and all(place < len(row) and _is_moment(row[place]) for row in cells[:3]):
            places["t"] = place
            continue
        found = np.array([row[place] for row in rows if place < len(row) and row[place] is not None], dtype=float)
        kind = _plausible(found, places)
        if kind and place not in places.values():
            places[kind] = place
    if not {"v", "a"} <= set(places):
        raise trouble(name, tr("it has no columns that could be volts and amperes"))
    return places


def _plausible(found: Floats, places: Mapping[str, int]) -> str:
    """Return what a column without a name can be that none has been yet."""
    if len(found) < 3:
        return ""
    if "t" not in places and (np.diff(found) > 0).all():
        return "t"
    if "v" not in places and 2.0 <= np.median(found) <= 60.0:
        return "v"
    return "a" if "a" not in places and np.abs(found).max() <= 20.0 else ""


def _number(cell: str, comma: bool) -> float | None:
    cell = cell.strip().strip('"')
    try:
        value = float(cell.replace(",", ".") if comma else cell)
    except ValueError:
        return None
    return value if np.isfinite(value) else None


def _time_column(cell: str, first: float) -> Column:
    stamp = stamp_unit(first)
    if stamp is not None:
        return Column(cell, stamp[1], stamp[0])
    unit = next((token for token in reversed(_tokens(cell)) if token in _TIME_UNITS), "s")
    return Column(cell, unit, _TIME_UNITS[unit])


def _unit(cell: str, base: str, values: Floats, most: float) -> Column:
    tokens = set(_tokens(cell))
    for prefix, factor in (("m", 1e-3), ("u", 1e-6)):
        if prefix + base in tokens or (prefix == "m" and "milli" in cell.lower()):
            return Column(cell, prefix + base.upper(), factor)
    if base in tokens or float(np.median(np.abs(values[:: max(1, len(values) // 100_000)]))) <= most:
        return Column(cell, base.upper(), 1.0)
    return Column(cell, tr("m{unit}, by its size", unit=base.upper()), 1e-3)
