"""Measurements from a file that the user brings."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.bench.proving import prove_white
from daruma.catalogue.loader import Catalogue
from daruma.core.measured import IMPORTED_UV
from daruma.handover.measurements import MeasurementTrouble, read_measurements

HEAD = "light,screen_x,screen_y,screen_z,ambient_x,ambient_y,ambient_z\n"
GOOD = HEAD + "warm,110.1,100.0,55.5,439.4,400,142.3\ncool,95.0,100.0,108.9,380.2,400,435.6\n"


def test_a_good_file_and_its_verdict(catalogue: Catalogue) -> None:
    readings = read_measurements(GOOD.encode(), "now", "m.csv").readings
    assert [r.light for r in readings] == ["warm", "cool"]
    assert readings[0].screen == (110.1, 100.0, 55.5)
    proof, _ = prove_white(catalogue.models["cedar_l"], readings, IMPORTED_UV, "now")
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
