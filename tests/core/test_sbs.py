"""Words of a gauge against the published Smart Battery Data Specification 1.1 and the packet error check of SMBus.

The values are those that the Linux kernel's sbs-battery driver, which follows the specification, makes of the same words.
"""

import itertools

import pytest
from fastcrc import crc8

from daruma.catalogue.loader import Catalogue
from daruma.core.kinds.battery.work import COMMANDS, HEADS
from daruma.core.parts import PartKind
from daruma.core.pictures.lens import LensColumn
from daruma.core.records import FieldValue, Layout, decode, encode
from daruma.core.sbs import Meaning, capacity, said, specification, status, temperature


@pytest.fixture
def layout(catalogue: Catalogue) -> Layout:
    return catalogue.models["cedar"].layout(PartKind.BATTERY)


def lens(layout: Layout, **words: FieldValue) -> dict[str, str | None]:
    """Return what the record lens shows of a gauge."""
    signed: dict[str, FieldValue] = {"signature": layout.field("signature").constant, **HEADS}
    column = LensColumn("gauge", decode(layout, encode(layout, {**signed, **words})))
    return {spec.name: column.text(spec) for spec in layout.fields}


@pytest.mark.parametrize(("word", "date"), [(0x4F65, "2019-11-05"), (0x5041, "2020-02-01")])
def test_the_date_is_packed_by_day_month_and_year_since_1980(word: int, date: str, layout: Layout) -> None:
    spec = layout.field("manufacture_date")
    image = bytearray(encode(layout, {"signature": layout.field("signature").constant, **HEADS, spec.name: date}))
    assert image[spec.offset : spec.end] == word.to_bytes(2, "little")
    assert decode(layout, bytes(image)).values[spec.name] == date


@pytest.mark.parametrize(
    ("word", "version", "checked"),
    [(0x0031, "1.1", True), (0x0021, "1.1", False), (0x0011, "1.0", False), (0x00F1, "not known", False)],
)
def test_the_specification_word(word: int, version: str, checked: bool) -> None:
    found = specification(word)
    assert (found.version, found.checked, found.volts_power, found.amperes_power) == (version, checked, 0, 0)
    assert specification(word | 0x2100) == type(found)(version, checked, 1, 2)


def test_temperature_and_status() -> None:
    assert temperature(2981) == pytest.approx(25.0)
    assert status(0x00C0) == ("initialised", "discharging")
    assert status(0x00A0) == ("initialised", "full")
    assert status(0x0090) == ("initialised", "empty")
    assert status(0x1000) == ("over-temperature",)


def test_capacities_are_in_the_unit_of_the_battery_mode(layout: Layout) -> None:
    assert capacity(1234, 0x0001) == (1234, "mAh")
    assert capacity(1234, 0x8001) == (12340, "mWh")
    for mode, text in ((0x0001, "1234 mAh"), (0x8001, "12340 mWh")):
        assert lens(layout, battery_mode=mode, design_capacity=1234)["design_capacity"] == text


def test_the_lens_shows_what_the_words_mean(layout: Layout) -> None:
    found = lens(layout, battery_status=0x00C0, specification=0x31, temperature=2981, current=-1000, voltage=3874, cycle_count=17)
    assert found["battery_status"] == "initialised, discharging"
    assert found["specification"] == "1.1 with packet checks"
    assert found["temperature"] == "25.0 °C"
    assert found["current"] == "-1000 mA"
    assert found["voltage"] == "3874 mV"
    current = layout.field("current")
    assert encode(layout, {"current": -1000})[current.offset : current.end] == bytes((0x18, 0xFC))


def test_the_packet_error_check() -> None:
    """CRC-8 with the polynomial 07, as SMBus 2.0 has it: F4 is its published check value."""
    assert crc8.smbus(b"123456789") == 0xF4
    assert crc8.smbus(bytes.fromhex("160917102E")) == 0xF6


def test_each_word_is_kept_with_its_frame_and_check(layout: Layout) -> None:
    words: dict[str, FieldValue] = {name: 0x1234 for name in COMMANDS if name != "manufacture_date"}
    image = encode(layout, {"signature": layout.field("signature").constant, **HEADS, **words})
    assert decode(layout, image).damaged == ()
    for name, command in COMMANDS.items():
        if name == "manufacture_date":
            continue
        start = layout.field(f"{name}_head").offset
        frame = image[start : start + 6]
        assert frame[:3] == bytes((0x16, command, 0x17))
        assert crc8.smbus(frame[:5]) == frame[5]
        for place, bit in itertools.product(range(6), range(8)):
            bent = bytearray(image)
            bent[start + place] ^= 1 << bit
            assert decode(layout, bytes(bent)).damaged == (f"{name}_pec",)


def test_every_word_has_something_to_say() -> None:
    for meaning, word in itertools.product(Meaning, (0, 1, 0x31, 0x8000, 0xFFFF)):
        assert said(meaning, word)
