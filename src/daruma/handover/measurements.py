"""Measurements in and out: whites under lights, fields of a panel, luminances at levels; as CSV and as CGATS text.

What a file holds is told from its columns (docs/formats.md).
"""

import math
from collections.abc import Mapping, Sequence
from pathlib import Path

from msgspec import Struct

from daruma.core.colour.chromaticity import XYZ
from daruma.core.colour.shots import GREY_LEVELS, Level, Sheet, Shot, Taken, doubt_of, panel_shots
from daruma.core.errors import Trouble
from daruma.core.job import Job, Reading
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.language import tr, word
from daruma.core.measured import IMPORTED_UV
from daruma.core.plain import plain
from daruma.handover.tables import to_csv
from daruma.handover.tabular import LARGEST, MeasurementTrouble, Table, read_table, to_cgats, trouble
from daruma.store.files import write_whole

__all__ = ["LARGEST", "Imported", "MeasurementTrouble", "export_sheet", "read_measurements"]

WHITE = ("light", "screen_x", "screen_y", "screen_z", "ambient_x", "ambient_y", "ambient_z")
PANEL = ("field", "red", "green", "blue", "x", "y", "z")
BRIGHTNESS = ("lux", "direction", "luminance")
MOST_LIGHTS = 16  # lamps that one file may name
MOST_LEVELS = 200  # illuminances that one file may hold
NEAR = 0.006  # a level that is so near one of the session's is that one


class Imported(Struct, frozen=True):
    """Hold what a file gave; one of the three is filled."""

    readings: tuple[Reading, ...] = ()
    fields: tuple[Taken, ...] = ()
    levels: tuple[Level, ...] = ()


def read_measurements(raw: bytes, when: str, name: str) -> Imported:
    """Read a measurement file; raise MeasurementTrouble with line and column.

    Separator comma, or semicolon with decimal comma; or CGATS.
    """
    table = read_table(raw, name)
    kind = _kind(table, name)
    if not table.rows:
        raise trouble(name, tr("the file has no measurements"))
    if kind is WHITE:
        readings = tuple(_reading(table, line, cells, when, name) for line, cells in table.rows)
        if len({reading.light for reading in readings}) > MOST_LIGHTS:
            raise trouble(name, tr("more than {most_lights} lights are named", most_lights=MOST_LIGHTS))
        return Imported(readings=readings)
    if kind is PANEL:
        return Imported(fields=_fields(table, name))
    return Imported(levels=_levels(table, name))


def _kind(table: Table, name: str) -> tuple[str, ...]:
    has = set(table.columns)
    if {"lux", "luminance"} <= has or ("lux" in has and "y" in has):
        return BRIGHTNESS
    if {"x", "y", "z"} <= has and "light" not in has:
        if missing := [column for column in ("red", "green", "blue") if column not in has]:
            raise trouble(
                name, tr("column {missing} is missing; needed are {fields}", missing=missing[0], fields=", ".join(PANEL[1:]))
            )
        return PANEL
    wanted = ("light", "x", "y", "z", *WHITE[4:]) if table.cgats else WHITE
    if missing := [column for column in wanted if column not in has]:
        raise trouble(name, tr("column {missing} is missing; needed are {wanted}", missing=missing[0], wanted=", ".join(wanted)))
    return WHITE


def _number(table: Table, line: int, cells: Mapping[str, str], column: str, name: str, *, least: float = 0.0) -> float:
    text = (cells.get(column) or "").strip()
    try:
        value = float(text.replace(",", ".") if table.comma else text)
    except ValueError as error:
        raise trouble(
            name, tr("line {line}, {column}: {text!r} is not a number", line=line, column=column, text=text[:40])
        ) from error
    if not math.isfinite(value) or not least <= value < 1e6 or (least == 0 and value == 0 and column not in MAY_BE_ZERO):
        raise trouble(
            name,
            tr(
                "line {line}, {column}: {text} is not between {least:g} and 1,000,000",
                line=line,
                column=column,
                text=text[:40],
                least=least,
            ),
        )
    return value


MAY_BE_ZERO = frozenset({"lux", "x", "y", "z", "red", "green", "blue"})


def _reading(table: Table, line: int, cells: Mapping[str, str], when: str, name: str) -> Reading:
    screen = ("x", "y", "z") if table.cgats else WHITE[1:4]
    x, y, z, ax, ay, az = (_number(table, line, cells, column, name) for column in (*screen, *WHITE[4:]))
    if min(x, y, z) <= 0:
        raise trouble(name, tr("line {line}: a white gives light in X, Y and Z", line=line))
    light = plain((cells.get("light") or "").strip()[:40])
    if not light:
        raise trouble(name, tr("line {line}: the light has no name", line=line))
    return Reading(light, (x, y, z), (ax, ay, az), when, tr("file {name}", name=name), IMPORTED_UV)


def _fields(table: Table, name: str) -> tuple[Taken, ...]:
    """Return a panel's fields: known names are kept, others are told by their codes; equal ones are repeated readings."""
    shots = {shot.key: shot for shot in panel_shots()}
    readings: dict[str, list[XYZ]] = {}
    before = ""
    for line, cells in table.rows:
        xyz = (
            _number(table, line, cells, "x", name),
            _number(table, line, cells, "y", name),
            _number(table, line, cells, "z", name),
        )
        given = (cells.get("field") or "").strip()
        top = 100.0 if table.cgats else 1.0
        rgb = [_number(table, line, cells, column, name) / top for column in ("red", "green", "blue")]
        if max(rgb) > 1 + NEAR:
            raise trouble(name, tr("line {line}: codes go from 0 to {top:g}", line=line, top=top))
        key = given if given in shots else _key(rgb)
        if not key:
            continue
        if key == "white" and before not in ("", "white") and "white" in readings and given != "white":
            key = "white again"
        readings.setdefault(key, []).append(xyz)
        before = key
    if "white" in readings:
        readings.setdefault("grey 1.00", readings["white"])
    if missing := [key for key in ("white", "red", "green", "blue", "grey 0.00") if key not in readings]:
        raise trouble(name, tr("the field {missing} is missing", missing=missing[0]))
    if sum(key.startswith("grey") for key in readings) < 5:
        raise trouble(name, tr("a grey ramp of at least five levels is needed"))
    return tuple(_taken(shots.get(key), key, xyz) for key, xyz in readings.items())


def _key(rgb: Sequence[float]) -> str:
    """Return the session's name for codes from 0 to 1; empty for a colour that the sheet does not need."""
    red, green, blue = rgb
    if max(rgb) - min(rgb) <= NEAR:
        if red >= 1 - NEAR:
            return "white"
        level = next((level for level in GREY_LEVELS if abs(level - red) <= NEAR), red)
        return tr("grey {level:.2f}", level=level)
    for key, pure in (("red", (1, 0, 0)), ("green", (0, 1, 0)), ("blue", (0, 0, 1))):
        if all(abs(a - b) <= NEAR for a, b in zip((red, green, blue), pure, strict=True)):
            return key
    return ""


def _taken(shot: Shot | None, key: str, readings: list[XYZ]) -> Taken:
    return Taken(key, tuple(readings), 1, doubt_of(shot, readings) if shot is not None else "")


def _levels(table: Table, name: str) -> tuple[Level, ...]:
    column = "luminance" if "luminance" in table.columns else "y"
    found: dict[tuple[float, bool], list[float]] = {}
    for line, cells in table.rows:
        lux, luminance = _number(table, line, cells, "lux", name), _number(table, line, cells, column, name, least=1e-6)
        direction = (cells.get("direction") or "rising").strip().lower()
        if direction not in ("rising", "falling"):
            raise trouble(
                name,
                tr("line {line}, direction: {direction!r} is neither rising nor falling", line=line, direction=direction[:40]),
            )
        found.setdefault((lux, direction == "falling"), []).append(luminance)
    if len(found) > MOST_LEVELS:
        raise trouble(name, tr("more than {most_levels} levels of light", most_levels=MOST_LEVELS))
    return tuple(Level(lux, tuple(values), falling) for (lux, falling), values in found.items())


def table_of(job: Job, sheet: Sheet) -> tuple[tuple[str, ...], list[tuple[str, ...]]]:
    """Return a job's measurements of a sheet as columns and rows of text."""
    match sheet:
        case Sheet.WHITE:
            rows = [(r.light, *map(_told, (*r.screen, *r.ambient))) for r in job.readings]
            return WHITE, rows
        case Sheet.PANEL:
            codes = {shot.key: shot.rgb or (1.0, 1.0, 1.0) for shot in panel_shots()}
            return PANEL, [
                (taken.key, *(f"{code:g}" for code in codes.get(taken.key) or _grey(taken.key)), *map(_told, xyz))
                for taken in job.of(DisplayWork).measured.fields
                for xyz in taken.readings
            ]
        case Sheet.BRIGHTNESS:
            ways = {False: "rising", True: "falling"}
            return BRIGHTNESS, [
                (f"{level.lux:g}", ways[level.falling], _told(value))
                for level in job.of(DisplayWork).measured.levels
                for value in level.luminance
            ]


def export_sheet(job: Job, sheet: Sheet, file: Path, when: str) -> None:
    """Write a job's measurements of a sheet, as CGATS where the name ends in .txt or .cgats, as CSV otherwise."""
    columns, rows = table_of(job, sheet)
    if not rows:
        raise Trouble(
            tr("Nothing is measured for the {sheet} sheet.", sheet=word(sheet)),
            safe=tr("Nothing was written."),
            advice=tr("Measure first."),
        )
    cgats = file.suffix.lower() in (".txt", ".cgats")
    text = _as_cgats(job, sheet, columns, rows, when) if cgats else to_csv(columns, rows)
    try:
        write_whole(file, text.encode())
    except OSError as error:
        raise Trouble(
            tr("{file} cannot be written: {strerror}.", file=file.name, strerror=error.strerror),
            safe=tr("The measurement is kept."),
            advice=tr("Choose another place."),
        ) from error


def _as_cgats(job: Job, sheet: Sheet, columns: tuple[str, ...], rows: list[tuple[str, ...]], when: str) -> str:
    head = {"ORIGINATOR": "Daruma", "DESCRIPTOR": f"{job.name}, {sheet.value}", "CREATED": when}
    instrument = job.of(DisplayWork).measured.instrument or (job.readings[0].instrument if job.readings else "")
    if instrument:
        head["INSTRUMENTATION"] = instrument
    names = [_CGATS.get(column, column.upper()) for column in columns]
    if sheet is Sheet.PANEL:
        # codes are per cent in CGATS
        rows = [(row[0], *(f"{100 * float(code):g}" for code in row[1:4]), *row[4:]) for row in rows]
    numbered = [(str(number), *row) for number, row in enumerate(rows, start=1)]
    return to_cgats(("SAMPLE_ID", *names), numbered, head)


_CGATS = {
    "field": "SAMPLE_NAME",
    "red": "RGB_R",
    "green": "RGB_G",
    "blue": "RGB_B",
    **{f"{prefix}{axis}": f"XYZ_{axis.upper()}" for prefix in ("", "screen_") for axis in "xyz"},
    "luminance": "XYZ_Y",
}


def _grey(key: str) -> tuple[float, float, float]:
    level = float(key.removeprefix("grey "))
    return level, level, level


def _told(value: float) -> str:
    return f"{value:.6g}"
