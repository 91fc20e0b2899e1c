"""Frames: COBS and CRC against published examples, and whatever a wire may do to them."""

import json
import re
import tracemalloc
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.link.errors import LinkError
from daruma.link.framing import LARGEST_PAYLOAD, FrameError, cobs_decode, cobs_encode, frame, unframe
from daruma.link.messages import Answer, Request, pack_answer, pack_request, unpack_answer, unpack_request

PROTOCOL = Path(__file__).parents[2] / "docs" / "protocol.md"
RUN = bytes(range(1, 255))

# Cheshire & Baker, "Consistent Overhead Byte Stuffing" (1999), the usual table of examples
EXAMPLES = [
    ("00", "0101"),
    ("0000", "010101"),
    ("001100", "01021101"),
    ("11220033", "0311220233"),
    ("11223344", "0511223344"),
    ("11000000", "0211010101"),
]


@pytest.mark.parametrize(("plain", "stuffed"), EXAMPLES)
def test_published_examples(plain: str, stuffed: str) -> None:
    assert cobs_encode(bytes.fromhex(plain)).hex() == stuffed
    assert cobs_decode(bytes.fromhex(stuffed)).hex() == plain


def test_runs_of_254() -> None:
    """The edge where encoders differ: no empty block after a full one at the end."""
    assert cobs_encode(RUN) == b"\xff" + RUN
    assert cobs_encode(b"\x00" + RUN) == b"\x01\xff" + RUN
    assert cobs_encode(RUN + b"\xff") == b"\xff" + RUN + b"\x02\xff"
    for data in (RUN, b"\x00" + RUN, RUN + b"\xff", RUN + b"\x00", RUN * 3):
        assert cobs_decode(cobs_encode(data)) == data


@given(st.binary(max_size=1200))
def test_stuffing_round_trip(data: bytes) -> None:
    stuffed = cobs_encode(data)
    assert 0 not in stuffed
    assert cobs_decode(stuffed) == data
    assert unframe(frame(data)[:-1]) == data


@given(st.binary(max_size=120), st.data())
def test_one_flipped_bit_is_always_found(payload: bytes, data: st.DataObject) -> None:
    raw = bytearray(frame(payload)[:-1])
    raw[data.draw(st.integers(0, len(raw) - 1))] ^= 1 << data.draw(st.integers(0, 7))
    try:
        assert unframe(bytes(raw)) == payload
        raise AssertionError("a damaged frame passed")
    except FrameError:
        pass


@given(st.binary(max_size=300))
def test_noise_is_refused_and_nothing_else_happens(noise: bytes) -> None:
    for read in (unframe, unpack_request, unpack_answer):
        try:
            read(noise)
        except LinkError:
            pass


def test_a_message_too_large_is_refused() -> None:
    with pytest.raises(FrameError, match="too large"):
        frame(bytes(LARGEST_PAYLOAD + 1))


def test_messages_round_trip() -> None:
    request = Request(7, "memory.read", {"socket": "s56", "offset": 0, "length": 32})
    assert unpack_request(pack_request(request)) == request
    for answer in (Answer(7, {"data": b"\x00\xff"}), Answer(8, None, "empty", "no part")):
        assert unpack_answer(pack_answer(answer)) == answer


def test_cbor_is_the_standard_one() -> None:
    """RFC 8949 appendix A: 24, 1000, -10, {1: 2, 3: 4}, [1, [2, 3], [4, 5]], 'IETF'."""
    import cbor2

    vectors: list[tuple[object, str]] = [
        (24, "1818"),
        (1000, "1903e8"),
        (-10, "29"),
        ({1: 2, 3: 4}, "a201020304"),
        ("IETF", "6449455446"),
    ]
    vectors += [([1, [2, 3], [4, 5]], "8301820203820405"), (1.1, "fb3ff199999999999a"), (1.5, "f93e00"), (65504.0, "f97bff")]
    for value, expected in vectors:
        assert cbor2.dumps(value, canonical=True).hex() == expected
        assert cbor2.loads(bytes.fromhex(expected)) == value


SPOILT = {
    "a tag": "a2616901616fc100",
    "shared references": "a261690161" + "72d81c81" * 3 + "00",
    "an endless map": "bf616901ff",
    "an endless text": "a16161" + "7f6161ff",
    "a long number for a short one": "a16169" + "1801",
    "keys out of order": "a2" + "626f70" + "6178" + "6169" + "01",
    "a key twice": "a2" + "616901" + "616902",
    "a float longer than it need be": "a16169" + "fb3ff8000000000000",
    "undefined": "a16169f7",
    "a simple value": "a16169f820",
    "cut off": "a2616901",
    "left over": "a161690100",
    "too deep": "a16161" + "81" * 40 + "00",
    "many values announced": "a16161" + "9bffffffffffffffff",
    "a text that is longer than the message": "a16161" + "7bffffffffffffff00",
    "no map": "83010203",
}


@pytest.mark.parametrize("what", SPOILT)
def test_what_is_not_deterministic_or_bounded_is_refused(what: str) -> None:
    """RFC 8949, 4.2: what may be written in several ways is written in one."""
    with pytest.raises(LinkError):
        unpack_answer(bytes.fromhex(SPOILT[what]))


GROWING = st.recursive(
    st.integers(-(2**64), 2**64 - 1) | st.text(max_size=8) | st.binary(max_size=8) | st.floats() | st.booleans() | st.none(),
    lambda inner: st.lists(inner, max_size=6) | st.dictionaries(st.text(max_size=4), inner, max_size=6),
    max_leaves=40,
)


@given(GROWING, st.lists(st.tuples(st.integers(0, 400), st.integers(0, 255)), max_size=4), st.booleans())
def test_whatever_comes_costs_little(value: object, spoilt: list[tuple[int, int]], canonical: bool) -> None:
    """Messages and their damaged forms, with a bound of memory for each: what is built is a few times what came."""
    import cbor2

    raw = bytearray(cbor2.dumps({"i": 1, "r": {"x": value}}, canonical=canonical))
    for place, byte in spoilt:
        raw[place % len(raw)] = byte
    tracemalloc.start()
    try:
        unpack_answer(bytes(raw))
    except LinkError:
        pass
    finally:
        _, most = tracemalloc.get_traced_memory()
        tracemalloc.stop()
    assert most < 400_000 + 200 * len(raw)


@pytest.mark.parametrize(
    "bad", [{"i": 0, "op": "x"}, {"i": 70000, "op": "x"}, {"i": True, "op": "x"}, {"i": 1}, {"i": 1, "op": "x", "a": 3}, [1]]
)
def test_malformed_requests(bad: object) -> None:
    import cbor2

    with pytest.raises(LinkError):
        unpack_request(cbor2.dumps(bad))
    with pytest.raises(LinkError):
        unpack_request(cbor2.dumps({"i": 1, "op": "x", "a": {}}) + b"\x00")


def test_the_vectors_of_the_protocol_document() -> None:
    rows = re.findall(r"^\| (request|answer) \| `(\{.*?\})` \| `([0-9a-f]+)` \|$", PROTOCOL.read_text(encoding="utf-8"), re.M)
    assert len(rows) >= 4
    for kind, said, wire in rows:
        raw = bytes.fromhex(wire)
        assert raw[-1] == 0
        fields = json.loads(said)
        if kind == "request":
            request = Request(fields["i"], fields["op"], fields["a"])
            assert unpack_request(unframe(raw[:-1])) == request
            assert frame(pack_request(request)) == raw
        else:
            error = fields.get("e", {})
            answer = Answer(fields["i"], fields.get("r"), error.get("c", ""), error.get("t", ""))
            assert frame(pack_answer(answer)) == raw
