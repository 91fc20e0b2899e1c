"""Records and their layouts: sizes, round trips, damage."""

import random

import pytest
from crccheck.crc import Crc16CcittFalse, Crc16Modbus, Crc16Xmodem, Crc32
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.errors import RecordError
from daruma.core.parts import Identity, PartKind
from daruma.core.records import (
    CHECKSUMS,
    Encoding,
    FieldRole,
    FieldSpec,
    FieldValue,
    Layout,
    compose,
    decode,
    encode,
    fields_to_write,
    recognise,
    shown,
)
from daruma.demo.kinds.display import record
from daruma.demo.maker import Maker

LAYOUTS = {key: model.layout(PartKind.DISPLAY) for key, model in load_catalogue().models.items()}
SIZES = {"alder": 256, "birch": 256, "cedar": 256, "damson": 256, "elder": 320}


def full(catalogue: Catalogue, key: str, seed: int = 1) -> bytes:
    model = catalogue.models[key]
    return record(Maker(random.Random(seed)), model, model.makers[0], [0.3121, 0.3284])


def test_published_check_values() -> None:
    """RevEng catalogue, check input 123456789; the CRC of nothing by CCITT-FALSE is FFFF."""
    data = b"123456789"
    expected = {
        "crc-16/ibm-3740": 0x29B1,
        "crc-16/xmodem": 0x31C3,
        "crc-16/modbus": 0x4B37,
        "crc-32/iso-hdlc": 0xCBF43926,
        "crc-8/smbus": 0xF4,
    }
    for name, value in expected.items():
        assert CHECKSUMS[name][1](data) == value
    assert CHECKSUMS["crc-16/ibm-3740"][1](b"") == 0xFFFF


@given(st.binary(max_size=300))
def test_checksums_agree_with_a_second_library(data: bytes) -> None:
    pairs = (
        ("crc-16/ibm-3740", Crc16CcittFalse),
        ("crc-16/xmodem", Crc16Xmodem),
        ("crc-16/modbus", Crc16Modbus),
        ("crc-32/iso-hdlc", Crc32),
    )
    for name, theirs in pairs:
        assert CHECKSUMS[name][1](data) == theirs.calc(data)


@pytest.mark.parametrize("key", LAYOUTS)
def test_layouts_have_their_size_and_every_model_another_signature(key: str, catalogue: Catalogue) -> None:
    layout = LAYOUTS[key]
    assert layout.size == SIZES[key.removesuffix("_l")]
    image = full(catalogue, key)
    assert [found.name for found in recognise(LAYOUTS.values(), image)] == [layout.name]
    record = decode(layout, image)
    assert record.intact
    assert record.complete(FieldRole.IDENTITY)
    assert record.complete(FieldRole.CALIBRATION)
    assert encode(layout, record.values) == image


def _value(spec: FieldSpec) -> st.SearchStrategy[FieldValue]:
    width = 8 * spec.length // spec.count
    low, high = (-(2 ** (width - 1)), 2 ** (width - 1) - 1) if spec.signed else (0, 2**width - 1)
    match spec.encoding:
        case Encoding.ASCII:
            letters = st.characters(min_codepoint=48, max_codepoint=90)
            return st.text(letters, min_size=1, max_size=spec.length)
        case Encoding.HEX:
            return (
                st.binary(min_size=spec.length, max_size=spec.length)
                .filter(lambda b: set(b) != {255})
                .map(lambda b: b.hex().upper())
            )
        case Encoding.UINT | Encoding.FIXED:
            scale = 2**spec.fraction_bits if spec.encoding is Encoding.FIXED else 1
            number = st.integers(low, high - 1).filter(lambda n: n != -1).map(lambda n: n / scale if scale > 1 else n)
            return number if spec.count == 1 else st.tuples(*[number] * spec.count)


@given(st.data())
def test_what_is_encoded_is_decoded(data: st.DataObject) -> None:
    layout = data.draw(st.sampled_from(list(LAYOUTS.values())))
    values = {spec.name: spec.constant or data.draw(_value(spec), label=spec.name) for spec in layout.fields}
    record = decode(layout, encode(layout, values))
    assert dict(record.values) == values
    assert record.intact


@given(st.data())
def test_any_changed_byte_under_a_checksum_is_found(data: st.DataObject) -> None:
    key = data.draw(st.sampled_from(sorted(LAYOUTS)))
    layout = LAYOUTS[key]
    image = bytearray(full(load_catalogue(), key))
    checksum = data.draw(st.sampled_from(layout.checksums))
    at = data.draw(st.integers(checksum.start, checksum.stop - 1))
    image[at] ^= data.draw(st.integers(1, 255))
    assert checksum.name in decode(layout, bytes(image)).damaged


@given(st.binary(max_size=400))
def test_any_bytes_give_a_record_or_a_record_error(raw: bytes) -> None:
    for layout in LAYOUTS.values():
        try:
            record = decode(layout, raw)
        except RecordError as error:
            assert error.safe
        else:
            assert len(record.image) == layout.size


def test_wrong_size_and_wrong_model_are_named(catalogue: Catalogue) -> None:
    image = full(catalogue, "cedar_l")
    with pytest.raises(RecordError, match=r"gave 100 bytes, a cedar_l_display record has 256"):
        decode(LAYOUTS["cedar_l"], image[:100])
    with pytest.raises(RecordError, match="not a damson_display record") as caught:
        decode(LAYOUTS["damson"], image)
    assert "share a socket" in caught.value.advice


def test_values_that_do_not_fit_are_refused() -> None:
    layout = LAYOUTS["cedar"]
    for values in (
        {"display_serial": "X" * 17},
        {"cover_code": "12"},
        {"cover_code": "GG" * 8},
        {"gain_matrix": (9.0,) * 9},
        {"tone_curve": (1,)},
    ):
        with pytest.raises(RecordError, match=layout.field(next(iter(values))).label):
            encode(layout, values)  # type: ignore[arg-type]


def test_identities_always_come_from_the_source_calibration_only_where_missing(catalogue: Catalogue) -> None:
    layout, maker = LAYOUTS["cedar"], Maker(random.Random(5))
    model = catalogue.models["cedar"]
    source = decode(layout, full(catalogue, "cedar", 2))
    blank = decode(layout, record(maker, model, "Fenwick", [0.31, 0.33], blank=True))
    assert set(fields_to_write(blank, source)) >= {"display_serial", "cover_code", "white_point", "brightness_curve"}
    own = decode(layout, full(catalogue, "cedar", 3))
    assert fields_to_write(own, source) == ("display_serial", "cover_code")
    after = decode(layout, compose(own, source, fields_to_write(own, source)))
    assert after.intact
    assert after.identity(Identity.DISPLAY_SERIAL) == source.identity(Identity.DISPLAY_SERIAL)
    assert after.values["white_point"] == own.values["white_point"]
    torn = bytearray(own.image)
    torn[layout.field("tone_curve").offset] ^= 1
    assert "tone_curve" in fields_to_write(decode(layout, bytes(torn)), source)


def test_records_of_two_models_do_not_mix(catalogue: Catalogue) -> None:
    cedar, damson = decode(LAYOUTS["cedar"], full(catalogue, "cedar")), decode(LAYOUTS["damson"], full(catalogue, "damson"))
    with pytest.raises(RecordError, match="does not fit"):
        compose(cedar, damson, ("display_serial",))


def test_a_damaged_identity_is_no_identity(catalogue: Catalogue) -> None:
    layout = LAYOUTS["birch"]
    image = bytearray(full(catalogue, "birch"))
    image[layout.field("display_serial").offset] ^= 0x01
    record = decode(layout, bytes(image))
    assert record.identity(Identity.DISPLAY_SERIAL) is None
    assert not record.complete(FieldRole.IDENTITY)
    assert record.complete(FieldRole.CALIBRATION)


def test_how_values_are_shown() -> None:
    layout: Layout = LAYOUTS["cedar"]
    assert shown(layout.field("white_point"), None) == "blank"
    assert shown(layout.field("white_point"), (0.3127, 0.329)) == "0.3127  0.3290"
    assert shown(layout.field("panel_maker"), "Ostby") == "Ostby"
