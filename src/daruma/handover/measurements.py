"""Measurements of the white from a CSV file that the user brings."""

import csv
import io
import math
from collections.abc import Iterator

from daruma.core.errors import Trouble
from daruma.core.job import Reading

COLUMNS = ("light", "screen_x", "screen_y", "screen_z", "ambient_x", "ambient_y", "ambient_z")
LARGEST = 10 << 20  # bytes
MOST_ROWS = 5000
LONGEST_LINE = 4000  # characters


class MeasurementTrouble(Trouble):
    """Report a measurement file that cannot be used."""


def readings_from_csv(raw: bytes, when: str, name: str) -> tuple[Reading, ...]:
    """Read measurements: one header line, columns light, screen_x, screen_y, screen_z (XYZ, cd/m2), ambient_x,
    ambient_y, ambient_z (XYZ, lux). Separator comma, or semicolon with decimal comma.

    Raises MeasurementTrouble with line and column.
    """
    if len(raw) > LARGEST:
        raise _trouble(name, "the file is larger than 10 MB")
    try:
        text = raw.decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise _trouble(name, "the file is not UTF-8 text") from error
    first = text[:LONGEST_LINE].partition("\n")[0]
    separator = ";" if ";" in first else ","
    header, *body = _rows(text, separator, name)
    columns = [cell.strip().lower() for cell in header[1]]
    if missing := [column for column in COLUMNS if column not in columns]:
        raise _trouble(name, f"column {missing[0]} is missing; needed are {', '.join(COLUMNS)}")
    if not body:
        raise _trouble(name, "the file has no measurements")
    return tuple(_reading(dict(zip(columns, row, strict=False)), number, separator == ";", when, name) for number, row in body)


def _rows(text: str, separator: str, name: str) -> list[tuple[int, list[str]]]:
    """Return the rows with their lines, blank ones left out; raise MeasurementTrouble where there are too many."""
    rows: list[tuple[int, list[str]]] = []
    try:
        for number, row in enumerate(csv.reader(_lines(text, name), delimiter=separator), start=1):
            if number == 1 or any(cell.strip() for cell in row):
                rows.append((number, row))
            if number > MOST_ROWS + 1:
                raise _trouble(name, f"more than {MOST_ROWS} measurements")
    except csv.Error as error:
        raise _trouble(name, str(error)) from error
    return rows or [(1, [])]


def _lines(text: str, name: str) -> Iterator[str]:
    """Yield lines one by one: a file of nothing but separators must not fill the memory."""
    for line in io.StringIO(text):
        if len(line) > LONGEST_LINE:
            raise _trouble(name, f"a line is longer than {LONGEST_LINE} characters")
        yield line


def _reading(cells: dict[str, str], line: int, comma: bool, when: str, name: str) -> Reading:
    numbers = []
    for column in COLUMNS[1:]:
        text = cells.get(column, "").strip()
        try:
            value = float(text.replace(",", ".") if comma else text)
        except ValueError as error:
            raise _trouble(name, f"line {line}, {column}: {text!r} is not a number") from error
        if not math.isfinite(value) or not 0 < value < 1e6:
            raise _trouble(name, f"line {line}, {column}: {text} is not between 0 and 1,000,000")
        numbers.append(value)
    light = cells.get("light", "").strip()[:40]
    if not light:
        raise _trouble(name, f"line {line}: the light has no name")
    return Reading(light, (numbers[0], numbers[1], numbers[2]), (numbers[3], numbers[4], numbers[5]), when, f"file {name}")


def _trouble(name: str, why: str) -> MeasurementTrouble:
    return MeasurementTrouble(
        f"{name} cannot be used: {why}.", safe="Earlier measurements are kept.", advice="Correct the file, then import it again."
    )
