"""What a hostile or broken wire does to every question of every driver: its flow, and the bytes within sound frames.

Frames and CBOR are made here by hand (RFC 8949, and COBS as docs/protocol.md has it), not by the program's own code.
"""

import binascii
import random
import struct
from collections.abc import Callable
from typing import Any

import pytest

from daruma.link.errors import DeviceFault, LinkError
from daruma.link.framing import unframe
from daruma.link.messages import unpack_request
from daruma.link.port import Port
from tests.conftest import seeds
from tests.link.test_port import ASKED

PATIENCE = 0.004  # of the usual time-outs: a silent answer costs 6 ms


def head(major: int, value: int, *, wide: bool = False) -> bytes:
    """Return the head of a CBOR item (RFC 8949, section 3), in eight bytes where that is asked for."""
    if wide or value > 0xFFFFFFFF:
        return bytes([major << 5 | 27]) + struct.pack(">Q", value)
    for limit, info, form in ((24, None, ""), (1 << 8, 24, ">B"), (1 << 16, 25, ">H"), (1 << 32, 26, ">I")):
        if value < limit:
            return bytes([major << 5 | (value if info is None else info)]) + (struct.pack(form, value) if form else b"")
    raise AssertionError(value)


def shortest(value: float) -> bytes:
    """Return a number in the shortest of the three widths that holds it (RFC 8949, section 4.2)."""
    for first, form in ((b"\xf9", ">e"), (b"\xfa", ">f")):
        try:
            if struct.unpack(form, packed := struct.pack(form, value))[0] == value:
                return first + packed
        except OverflowError:
            continue
    return b"\xf9\x7e\x00" if value != value else b"\xfb" + struct.pack(">d", value)


def cbor(value: Any, rng: random.Random | None = None) -> bytes:
    """Return a value as CBOR; with a generator of chances in one of the many other ways that the standard allows, or does not."""
    wide = rng is not None and rng.random() < 0.1
    match value:
        case None | bool():
            return {None: b"\xf6", True: b"\xf5", False: b"\xf4"}[value]
        case int():
            return head(0, value, wide=wide) if value >= 0 else head(1, -1 - value, wide=wide)
        case float():
            return shortest(value)
        case str() | bytes():
            major, raw = (3, value.encode()) if isinstance(value, str) else (2, value)
            return head(major, len(raw), wide=wide) + raw
        case list() | tuple():
            return head(4, len(value), wide=wide) + b"".join(cbor(each, rng) for each in value)
        case dict():
            pairs = sorted((cbor(key), cbor(each, rng)) for key, each in value.items())
            return head(5, len(value), wide=wide) + b"".join(key + each for key, each in pairs)
    raise TypeError(value)


def stuffed(payload: bytes) -> bytes:
    """Return a frame: the payload and its CRC-16 (polynomial 1021, begun with FFFF), stuffed, closed by a zero."""
    runs, out = (payload + binascii.crc_hqx(payload, 0xFFFF).to_bytes(2, "big")).split(b"\0"), b""
    for place, run in enumerate(runs):
        while len(run) > 254 or (len(run) == 254 and place + 1 < len(runs)):
            out, run = out + b"\xff" + run[:254], run[254:]
        out += bytes([len(run) + 1]) + run
    return out + b"\0"


class AttackedWire:
    """Answer each request as an attack says; read in pieces of a random size."""

    def __init__(self, attack: Callable[[int, int], bytes], rng: random.Random) -> None:
        self.timeout: float | None = None
        self._attack, self._rng, self._waiting = attack, rng, b""
        self.asked = 0

    def write(self, data: bytes) -> int:
        ident = unpack_request(unframe(data[:-1])).ident
        self._waiting += self._attack(ident, self.asked)
        self.asked += 1
        return len(data)

    @property
    def in_waiting(self) -> int:
        return self._rng.randrange(len(self._waiting) + 1) if self._waiting else 0

    def read(self, size: int = 1) -> bytes:
        out, self._waiting = self._waiting[:size], self._waiting[size:]
        return out

    def close(self) -> None:
        self._waiting = b""


def answer(ident: int, result: dict[str, Any]) -> dict[str, Any]:
    return {"i": ident, "r": result}


def flow(good: dict[str, Any], rng: random.Random) -> Callable[[int, int], bytes]:
    """Return what a wire does to sound answers: it loses, adds, doubles, delays and mixes bytes."""
    noise = rng.randbytes(rng.choice((0, 1, 7, 300, 40_000)))
    steady = bytes(byte or 1 for byte in rng.randbytes(40_000))
    cut, turn = rng.random(), rng.randrange(3)

    def attack(ident: int, asked: int) -> bytes:
        whole = stuffed(cbor(answer(ident, good)))
        other = stuffed(cbor(answer(ident % 65535 + 1, {"other": True})))
        early = stuffed(cbor(answer((ident - 2) % 65535 + 1, {"late": True})))
        ways = {
            "whole": whole,
            "noise before": noise + b"\0" + whole,
            "noise within": whole[: int(cut * len(whole))] + noise + whole[int(cut * len(whole)) :],
            "cut": whole[: int(cut * len(whole))],
            "another's": other + whole,
            "late": early + early + whole,
            "doubled": whole + whole,
            "a flood": steady,
            "zeros": bytes(5000) + whole,
            "nothing": b"",
        }
        return ways[way] if asked <= turn else whole

    way = rng.choice(
        ("whole", "noise before", "noise within", "cut", "another's", "late", "doubled", "a flood", "zeros", "nothing")
    )
    return attack


def content(good: dict[str, Any], rng: random.Random) -> Callable[[int, int], bytes]:
    """Return what a device says within sound frames: changed, cut, deep, vast, doubled and foreign items."""

    def changed(raw: bytes) -> bytes:
        body = bytearray(raw)
        for _ in range(rng.choice((1, 1, 3, 20))):
            body[rng.randrange(len(body))] = rng.randrange(256)
        return bytes(body)

    def attack(ident: int, _: int) -> bytes:
        sound = cbor(answer(ident, good), rng)
        result = cbor("r")
        opened = head(5, 2) + cbor("i") + cbor(ident) + result
        ways = {
            "changed": changed(sound),
            "cut": sound[: rng.randrange(len(sound))],
            "deep": opened + b"\x81" * rng.choice((20, 200, 9000)) + b"\x00",
            "deep maps": opened + b"\xa1\x61a" * rng.choice((20, 3000)) + b"\x00",
            "vast": opened + head(rng.choice((2, 3, 4, 5)), rng.choice((1 << 31, 1 << 62)), wide=True),
            "endless": opened + bytes([rng.choice((0x5F, 0x7F, 0x9F, 0xBF))]) + b"\x41a" * 50,
            "tagged": opened
            + head(6, rng.choice((0, 2, 3, 4, 28, 29, 30, 35, 55799, 1 << 40)))
            + cbor(rng.choice((good, b"a" * 99))),
            "no text": opened + b"\xa1\x63\xff\xfe\xfd\x00",
            "numbers as keys": opened + head(5, 2) + b"\x01\x02\xf6\x04",
            "a key twice": opened + head(5, 2 * len(good)) + 2 * cbor(good)[1:],
            "both": head(5, 3) + cbor("i") + cbor(ident) + result + cbor(good) + cbor("e") + cbor({"c": "busy"}),
            "neither": cbor({"i": ident}),
            "a list": cbor([ident, good]),
            "after it": sound + sound,
            "undefined": opened + b"\xf7",
            "not a number": opened + cbor({key: float("nan") for key in good}),
        }
        return stuffed(ways[way][:16_000])

    way = rng.choice(
        ("changed",) * 6
        + ("cut", "deep", "deep maps", "vast", "endless", "tagged", "no text", "numbers as keys", "a key twice", "both")
        + ("neither", "a list", "after it", "undefined", "not a number")
    )
    return attack


def told(name: str, attack: Callable[[int, int], bytes], rng: random.Random) -> object:
    kind, call, _ = ASKED[name]
    return call(kind(Port(AttackedWire(attack, rng), "device", patience=PATIENCE)))  # type: ignore[arg-type]


def same(one: object, other: object) -> bool:
    return repr(one) == repr(other)


@pytest.mark.parametrize("name", ASKED)
@pytest.mark.parametrize("tried", seeds(4, 350))
def test_whatever_a_wire_does_an_answer_is_the_right_one_or_none(tried: range, name: str) -> None:
    good = ASKED[name][2]
    honest = told(name, lambda ident, _: stuffed(cbor(answer(ident, good))), random.Random(0))
    for seed in tried:
        rng = random.Random(f"{name} flows {seed}")
        try:
            assert same(told(name, flow(good, rng), rng), honest), seed
        except LinkError as error:
            assert not isinstance(error, DeviceFault), f"{seed}: it is the cable, not the device"


@pytest.mark.parametrize("name", ASKED)
@pytest.mark.parametrize("tried", seeds(8, 350))
def test_whatever_a_device_says_within_sound_frames_is_told_or_refused(tried: range, name: str) -> None:
    good = ASKED[name][2]
    for seed in tried:
        rng = random.Random(f"{name} says {seed}")
        try:
            told(name, content(good, rng), rng)
        except LinkError as error:
            assert error.safe, seed
