"""Measurements from a file that the user brings."""

import random
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.bench.kinds.display.proving import prove_white
from daruma.catalogue.loader import Catalogue
from daruma.core.colour.panel import characterise
from daruma.core.colour.sheet import panel_readings
from daruma.core.colour.shots import Level, Sheet, Taken, panel_shots
from daruma.core.errors import Trouble
from daruma.core.job import Job, Reading
from daruma.core.measured import Measured
from daruma.handover.measurements import MeasurementTrouble, export_sheet, read_measurements
from daruma.handover.tabular import read_table, to_cgats
from tests.parts import some, with_work, work_of

HEAD = "light,screen_x,screen_y,screen_z,ambient_x,ambient_y,ambient_z\n"
GOOD = HEAD + "warm,110.1,100.0,55.5,439.4,400,142.3\ncool,95.0,100.0,108.9,380.2,400,435.6\n"


def test_a_good_file_and_its_verdict(catalogue: Catalogue) -> None:
    readings = read_measurements(GOOD.encode(), "now", "m.csv").readings
    assert [r.light for r in readings] == ["warm", "cool"]
    assert readings[0].screen == (110.1, 100.0, 55.5)
    proof, _ = prove_white(catalogue.models["cedar_l"], readings, "now")
    assert not proof.proven, "this white goes the whole way to the light"
    assert dict(proof.numbers)["warm: CCT"].endswith(" K")


def test_decimal_comma_and_byte_order_mark() -> None:
    text = "\ufeff" + GOOD.replace(",", ";").replace(".", ",")
    assert read_measurements(text.encode(), "now", "m.csv") == read_measurements(GOOD.encode(), "now", "m.csv")


@pytest.mark.parametrize(
    ("text", "said"),
    [
        ("", "column light is missing"),
        (HEAD, "no measurements"),
        (HEAD.replace("screen_y,", ""), "column screen_y is missing"),
        (HEAD + "warm,1,x,3,4,5,6\n", "line 2, screen_y: 'x' is not a number"),
        (HEAD + "warm,1,2,3,4,5\n", "line 2, ambient_z: '' is not a number"),
        (HEAD + "warm,1,-2,3,4,5,6\n", "screen_y: -2 is not between"),
        (HEAD + "warm,1,nan,3,4,5,6\n", "is not between"),
        (HEAD + "warm,1,1e999,3,4,5,6\n", "is not between"),
        (HEAD + ",1,2,3,4,5,6\n", "line 2: the light has no name"),
        (HEAD + "warm,1,2,3,4,5,6\n" * 5001, "more than 5000"),
    ],
)
def test_what_is_wrong_with_a_file(text: str, said: str) -> None:
    with pytest.raises(MeasurementTrouble) as caught:
        read_measurements(text.encode(), "now", "m.csv")
    assert said in caught.value.what
    assert caught.value.safe == "Earlier measurements are kept."


@given(st.binary(max_size=400))
def test_any_bytes_give_readings_or_trouble(raw: bytes) -> None:
    for data in (raw, HEAD.encode() + raw):
        try:
            read_measurements(data, "now", "m.csv")
        except MeasurementTrouble:
            pass


def job_with() -> Job:
    """A job with a measurement of each sheet."""
    rng = random.Random(2)

    def noisy(*xyz: float) -> tuple[float, float, float]:
        x, y, z = (value * (1 + rng.gauss(0, 0.001)) for value in xyz)
        return x, y, z

    light = {"white": (300, 310, 330), "red": (130, 66, 3), "green": (110, 220, 30), "blue": (60, 24, 300)}
    greys = {shot.key: [value * (shot.rgb or (1,))[0] ** 2.2 for value in light["white"]] for shot in panel_shots()}
    fields = tuple(
        Taken(shot.key, tuple(noisy(*light.get(shot.key.removesuffix(" again"), greys[shot.key])) for _ in range(3)))
        for shot in panel_shots()
    )
    readings = tuple(
        Reading(name, noisy(290, 300, 310), (400.0, 390.0, 300.0), "now", "M 1") for name in ("warm", "cool") for _ in range(5)
    )
    levels = tuple(
        Level(lux, tuple(30 * lux**0.3 * (1 + rng.gauss(0, 0.001)) for _ in range(2)), falling)
        for lux, falling in ((2.0, False), (10.0, False), (50.0, False), (200.0, False), (800.0, False), (50.0, True))
    )
    return with_work(Job(7, "then", readings=readings), measured=Measured(fields, levels, instrument='A "fine" meter'))


@pytest.mark.parametrize("sheet", Sheet)
@pytest.mark.parametrize("suffix", [".csv", ".txt"])
def test_what_is_exported_can_be_imported(sheet: Sheet, suffix: str, tmp_path: Path) -> None:
    job, file = job_with(), tmp_path / f"m{suffix}"
    export_sheet(job, sheet, file, "2026-11-25")
    assert file.stat().st_mode & 0o077 == 0
    back = read_measurements(file.read_bytes(), "now", file.name)
    if sheet is Sheet.WHITE:
        assert [r.light for r in back.readings] == [r.light for r in job.readings]
        assert [r.screen for r in back.readings] == [pytest.approx(r.screen, rel=1e-5) for r in job.readings]
    elif sheet is Sheet.PANEL:
        assert [taken.key for taken in back.fields] == [taken.key for taken in work_of(job).measured.fields]
        assert panel_readings(back.fields) is not None
        for mine, theirs in zip(back.fields, work_of(job).measured.fields, strict=True):
            for one, other in zip(mine.readings, theirs.readings, strict=True):
                assert one == pytest.approx(other, rel=1e-5, abs=1e-9)
    else:
        assert [(x.lux, x.falling, len(x.luminance)) for x in back.levels] == [
            (x.lux, x.falling, len(x.luminance)) for x in work_of(job).measured.levels
        ]


CGATS = """CGATS.17
ORIGINATOR "another program"
KEYWORD "SAMPLE_LOC"
# codes in per cent, as the format has them
NUMBER_OF_FIELDS 7
BEGIN_DATA_FORMAT
SAMPLE_ID RGB_R RGB_G RGB_B XYZ_X XYZ_Y XYZ_Z
END_DATA_FORMAT
NUMBER_OF_SETS 12
BEGIN_DATA
1 100 100 100 300 310 330
2 100 0 0 130 66 3
3 0 100 0 110 220 30
4 0 0 100 60 24 297
5 0 0 0 0 0 0
6 25 25 25 14.2 14.7 15.6
7 50.0 50.0 50.0 65.3 67.5 71.8
8 75 75 75 159 164 175
9 90 90 90 238 246 262
10 30 70 20 50 80 30
11 100 100 100 299 309 329
12 100 100 100 299.5 309.5 329.5
END_DATA
"""


def test_a_cgats_file_of_another_program() -> None:
    """The layout as ANSI CGATS.17 and ISO 28178 have it (from memory); other colours than the sheet's are passed over."""
    fields = {taken.key: taken for taken in read_measurements(CGATS.encode(), "now", "x.txt").fields}
    assert set(fields) == {"white", "red", "green", "blue", "white again", "grey 1.00", "grey 0.00", "grey 0.25", "grey 0.50"} | {
        "grey 0.75",
        "grey 0.90",
    }
    assert len(fields["white again"].readings) == 2
    readings = some(panel_readings(tuple(fields.values())))
    assert readings.white_after == pytest.approx((299.25, 309.25, 329.25))
    assert characterise(readings).xyz([1.0, 1.0, 1.0]) == pytest.approx([300, 310, 330])


@pytest.mark.parametrize(
    ("change", "said"),
    [
        (("4 0 0 100 60 24 297\n", ""), "the field blue is missing"),
        (("100 0 0 130 66 3", "100 0 0 130 66"), "line 12: 6 values for 7 fields"),
        (("65.3", "many"), "line 17, x: 'many' is not a number"),
        (("0 100 0 110", "0 130 0 110"), "line 13: codes go from 0 to 100"),
        (("RGB_G ", ""), "line 11: 7 values for 6 fields"),
        (("6 25 25 25 14.2 14.7 15.6\n7 50.0 50.0 50.0 65.3 67.5 71.8\n", ""), "at least five levels"),
        (("1 100", '1 "100'), "a quotation mark is not closed"),
    ],
)
def test_what_is_wrong_with_a_cgats_file(change: tuple[str, str], said: str) -> None:
    with pytest.raises(MeasurementTrouble) as caught:
        read_measurements(CGATS.replace(*change).encode(), "now", "m.txt")
    assert said in caught.value.what


def test_brightness_from_a_spreadsheet() -> None:
    text = "lux;luminance;direction\n2;36,5;rising\n10;75;rising\n10;76;falling\n"
    levels = read_measurements(text.encode(), "now", "b.csv").levels
    assert levels == (Level(2.0, (36.5,)), Level(10.0, (75.0,)), Level(10.0, (76.0,), True))
    with pytest.raises(MeasurementTrouble, match="neither rising nor falling"):
        read_measurements(text.replace("falling", "sideways").encode(), "now", "b.csv")


def test_nothing_measured_is_not_exported(tmp_path: Path) -> None:
    with pytest.raises(Trouble, match="Nothing is measured"):
        export_sheet(Job(1, "then"), Sheet.PANEL, tmp_path / "x.csv", "now")
    assert list(tmp_path.iterdir()) == []


@given(st.text(max_size=60))
def test_no_text_breaks_out_of_a_cgats_file(evil: str) -> None:
    text = to_cgats(("SAMPLE_ID", "LIGHT", "XYZ_X"), [("1", evil, "2")], {"DESCRIPTOR": evil})
    assert text.count("\n") == to_cgats(("SAMPLE_ID", "LIGHT", "XYZ_X"), [("1", "x", "2")], {"DESCRIPTOR": "x"}).count("\n")
    (row,) = read_table(text.encode(), "x").rows
    assert row[1]["x"] == "2"
    assert row[1]["sample_id"] == "1"
