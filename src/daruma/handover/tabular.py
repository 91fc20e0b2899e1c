"""Tables from files that people bring: CSV with comma or semicolon, and the CGATS text format (ANSI CGATS.17, ISO 28178).

The standard itself was not opened: read is what the files of this kind have in common, keywords, BEGIN_DATA_FORMAT and
BEGIN_DATA; further tables of a file are passed over.
"""

import csv
import io
import math
import shlex
from collections.abc import Iterable, Iterator, Mapping

from msgspec import Struct

from daruma.core.errors import Trouble
from daruma.core.language import tr

LARGEST = 10 << 20  # bytes
MOST_ROWS = 5000  # unless the reader of a table says otherwise
MOST_COLUMNS = 500
MOST_LINES = 50_000  # of a CGATS file, comments included
LONGEST_LINE = 4000  # characters


class MeasurementTrouble(Trouble):
    """Report a measurement file that cannot be used."""


class Table(Struct, frozen=True):
    """Hold columns by lower-case name and rows with the lines they came from; `comma` says that decimals have commas."""

    columns: tuple[str, ...]
    rows: tuple[tuple[int, Mapping[str, str]], ...]
    comma: bool
    cgats: bool


def read_table(raw: bytes, name: str, most: int = MOST_ROWS, largest: int = LARGEST) -> Table:
    """Read a file's table of at most so many rows and bytes; raise MeasurementTrouble where it has none that can be used."""
    if len(raw) > largest:
        raise trouble(name, tr("the file is larger than {largest} MB", largest=largest >> 20))
    try:
        text = raw.decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise trouble(name, tr("the file is not UTF-8 text")) from error
    if "BEGIN_DATA_FORMAT" in text[: 50 * LONGEST_LINE]:
        return _cgats(text, name)
    first = text[:LONGEST_LINE].partition("\n")[0]
    separator = ";" if ";" in first else ","
    (_, head), *body = _rows(text, separator, name, most)
    columns = tuple(cell.strip().lower() for cell in head)
    rows = tuple((line, dict(zip(columns, row, strict=False))) for line, row in body)
    return Table(columns, rows, separator == ";", cgats=False)


def number_of(table: Table, line: int, cells: Mapping[str, str], column: str, name: str) -> float:
    """Return a cell as a finite number; raise MeasurementTrouble with line and column."""
    text = cells.get(column, "").strip()
    try:
        value = float(text.replace(",", ".") if table.comma else text)
    except ValueError:
        value = math.nan
    if not math.isfinite(value):
        raise trouble(name, tr("line {line}, column {column}: {text!r} is no number", line=line, column=column, text=text[:40]))
    return value


def trouble(name: str, why: str) -> MeasurementTrouble:
    """Return the trouble with a file."""
    return MeasurementTrouble(
        tr("{name} cannot be used: {why}.", name=name, why=why),
        safe=tr("Earlier measurements are kept."),
        advice=tr("Correct the file, then import it again."),
    )


def to_cgats(columns: Iterable[str], rows: Iterable[Iterable[str]], head: Mapping[str, str]) -> str:
    """Return rows as a CGATS text; `head` are keywords with their texts. What has blanks is quoted; own columns are declared."""
    names, lines = list(columns), [list(row) for row in rows]
    out = ["CGATS.17", *(f"{key}\t{_quoted(value)}" for key, value in head.items())]
    out += [f'KEYWORD\t"{name}"' for name in names if name not in STANDARD]
    out += [f"NUMBER_OF_FIELDS\t{len(names)}", "BEGIN_DATA_FORMAT", "\t".join(names), "END_DATA_FORMAT"]
    out += [f"NUMBER_OF_SETS\t{len(lines)}", "BEGIN_DATA"]
    out += ["\t".join(cell if _plain(cell) else _quoted(cell) for cell in line) for line in lines]
    return "\n".join([*out, "END_DATA", ""])


STANDARD = frozenset({"SAMPLE_ID", "SAMPLE_NAME", "RGB_R", "RGB_G", "RGB_B", "XYZ_X", "XYZ_Y", "XYZ_Z"})


def _plain(cell: str) -> bool:
    return bool(cell) and all(c.isalnum() or c in "+-._" for c in cell)


def _quoted(text: str) -> str:
    return '"' + "".join(c if c.isprintable() and c != '"' else " " for c in text) + '"'


def _rows(text: str, separator: str, name: str, most: int) -> list[tuple[int, list[str]]]:
    """Return the rows with their lines, blank ones left out; raise MeasurementTrouble where there are too many."""
    rows: list[tuple[int, list[str]]] = []
    try:
        for number, row in enumerate(csv.reader(_lines(text, name), delimiter=separator), start=1):
            if number == 1 or any(cell.strip() for cell in row):
                rows.append((number, row))
            if number > most + 1:
                raise trouble(name, tr("more than {most} measurements", most=most))
    except csv.Error as error:
        raise trouble(name, str(error)) from error
    return rows or [(1, [])]


def _lines(text: str, name: str) -> Iterator[str]:
    """Yield lines one by one: a file of nothing but separators must not fill the memory."""
    for line in io.StringIO(text):
        if len(line) > LONGEST_LINE:
            raise trouble(name, tr("a line is longer than {longest_line} characters", longest_line=LONGEST_LINE))
        yield line


def _cgats(text: str, name: str) -> Table:
    part, columns = "", []
    rows: list[tuple[int, Mapping[str, str]]] = []
    for number, line in enumerate(_lines(text, name), start=1):
        if number > MOST_LINES:
            raise trouble(name, tr("more than {most_lines} lines", most_lines=MOST_LINES))
        words = line.strip()
        if not words or words.startswith("#"):
            continue
        if words in ("BEGIN_DATA_FORMAT", "BEGIN_DATA"):
            part = words
        elif words in ("END_DATA_FORMAT", "END_DATA"):
            if words == "END_DATA":
                break
            part = ""
        elif part == "BEGIN_DATA_FORMAT":
            columns += [_NAMES.get(cell.lower(), cell.lower()) for cell in _split(words, number, name)]
            if len(columns) > MOST_COLUMNS:
                raise trouble(name, tr("more than {most_columns} fields", most_columns=MOST_COLUMNS))
        elif part == "BEGIN_DATA":
            cells = _split(words, number, name)
            if len(cells) != len(columns):
                raise trouble(
                    name,
                    tr(
                        "line {number}: {count_cells} values for {count_columns} fields",
                        number=number,
                        count_cells=len(cells),
                        count_columns=len(columns),
                    ),
                )
            rows.append((number, dict(zip(columns, cells, strict=True))))
            if len(rows) > MOST_ROWS:
                raise trouble(name, tr("more than {most_rows} measurements", most_rows=MOST_ROWS))
    return Table(tuple(columns), tuple(rows), comma=False, cgats=True)


_NAMES = {"xyz_x": "x", "xyz_y": "y", "xyz_z": "z", "rgb_r": "red", "rgb_g": "green", "rgb_b": "blue", "sample_name": "field"}


def _split(words: str, number: int, name: str) -> list[str]:
    if '"' not in words:
        return words.split()
    try:
        lexer = shlex.shlex(words, posix=True)
        lexer.whitespace_split, lexer.quotes, lexer.escape, lexer.commenters = True, '"', "", ""
        return list(lexer)
    except ValueError as error:
        raise trouble(name, tr("line {number}: a quotation mark is not closed", number=number)) from error
