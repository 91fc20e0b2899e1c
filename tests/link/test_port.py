"""The port by scripted exchanges: repeats, late answers, silence, a wire that dies."""

import re
import time
from collections.abc import Callable
from pathlib import Path
from typing import Any

import pytest
import serial
from hypothesis import given, settings
from hypothesis import strategies as st

from daruma.core.errors import Cause
from daruma.core.optics.chart import WHOLE, Window
from daruma.core.optics.frames import Mode
from daruma.core.optics.sweep import Seen, Taken, packed_frame
from daruma.core.parts import PartKind, Version
from daruma.link.camera import FLASH_STILL, Wanted, flash, front_record, front_state
from daruma.link.camera import frame as camera_frame
from daruma.link.devices import Colorimeter, Driver, PhoneLink, Programmer, Supply
from daruma.link.discovery import connect, driver_names
from daruma.link.errors import DeviceFault, DeviceGone, DeviceSilent, LinkError, Refused
from daruma.link.framing import frame, unframe
from daruma.link.gauge import boot, flex_state, gauge_of
from daruma.link.haptic import shake
from daruma.link.messages import ADVICE, Answer, Request, pack_answer, permitted, unpack_request
from daruma.link.port import TRIES, Port, open_wire
from daruma.link.station import Station
from daruma.link.sweep import board_view, rear_record, sweep_piece
from daruma.link.thermocouple import Thermocouple
from daruma.link.usb_meter import UsbMeter
from tests.parts import some

SMALL, WHOLE_FRAME = Wanted(Mode.PHOTO, window=Window(0, 0, 5, 4)), Wanted(Mode.PHOTO, window=WHOLE)
PROTOCOL = Path(__file__).parents[2] / "docs" / "protocol.md"


class ScriptedWire:
    """Answer each request with the next of some scripted bytes, made from the request."""

    def __init__(self, *script: object) -> None:
        self.timeout: float | None = None
        self.script = list(script)
        self.seen: list[Request] = []
        self.waiting = b""

    def write(self, data: bytes) -> int:
        request = unpack_request(unframe(data[:-1]))
        self.seen.append(request)
        step = self.script.pop(0) if self.script else None
        if isinstance(step, Exception):
            raise step
        if callable(step):
            self.waiting += step(request)
        return len(data)

    def read(self, size: int = 1) -> bytes:
        out, self.waiting = self.waiting[:size], self.waiting[size:]
        return out

    def close(self) -> None:
        self.waiting = b""


def says(**result: object):
    return lambda request: frame(pack_answer(Answer(request.ident, result)))


def refuses(code: str, text: str = ""):
    return lambda request: frame(pack_answer(Answer(request.ident, None, code, text)))


def flipped(request: Request) -> bytes:
    raw = bytearray(frame(pack_answer(Answer(request.ident, {"x": 1}))))
    raw[3] ^= 0x04
    return bytes(raw)


def programmer(*script: object) -> Programmer:
    return Programmer(Port(ScriptedWire(*script), "programmer"))  # type: ignore[arg-type]


def ask(wire: ScriptedWire, op: str = "memory.read", **how: object):
    return Port(wire, "programmer").ask(op, timeout=0.05, **how)  # type: ignore[arg-type]


def test_an_answer_comes_back() -> None:
    assert ask(ScriptedWire(says(x=1)))["x"] == 1


def test_a_damaged_or_missing_answer_is_asked_for_again() -> None:
    wire = ScriptedWire(flipped, None, says(x=3))
    assert ask(wire)["x"] == 3
    assert len(wire.seen) == TRIES
    assert len({request.ident for request in wire.seen}) == TRIES


def test_what_must_not_be_repeated_is_sent_once() -> None:
    for script in (flipped, None):
        wire = ScriptedWire(script, says(x=1))
        with pytest.raises(LinkError):
            ask(wire, repeatable=False)
        assert len(wire.seen) == 1


def test_late_doubled_and_foreign_answers_are_passed_over() -> None:
    late = lambda request: frame(pack_answer(Answer(9999, {"x": "late"}))) + b"\x00\x00" + says(x="mine")(request)  # noqa: E731
    wire = ScriptedWire(late, says(x="next"))
    port = Port(wire, "programmer")
    assert port.ask("op", timeout=0.05)["x"] == "mine"
    wire.waiting += frame(pack_answer(Answer(1, {"x": "again"})))
    assert port.ask("op", timeout=0.05)["x"] == "next"


def test_silence_and_a_dead_wire() -> None:
    with pytest.raises(DeviceSilent) as silent:
        ask(ScriptedWire())
    assert silent.value.advice
    for error in (serial.SerialException("gone"), OSError(5, "gone"), TypeError("closed")):
        with pytest.raises(DeviceGone) as gone:
            ask(ScriptedWire(error))
        assert "vault is safe" in gone.value.safe


def test_refusals_speak_plainly() -> None:
    causes = {"empty": Cause.STEP, "firmware": Cause.FIRMWARE, "trust": Cause.OTHER, "spent": Cause.STEP, "maker": Cause.STEP}
    for code, cause in causes.items():
        with pytest.raises(Refused) as refused:
            ask(ScriptedWire(refuses(code)), {"trust": "phone.state"}.get(code, "write.commit"))
        assert (refused.value.code, refused.value.cause) == (code, cause)
        assert refused.value.safe
        assert refused.value.advice
    with pytest.raises(Refused, match="supply dipped"):
        ask(ScriptedWire(refuses("no", "supply dipped")))


def test_only_the_answers_that_the_protocol_allows_are_believed() -> None:
    """The document's table is the one in force; another code is a fault of the device, and says so."""
    rows = re.findall(r"^\| `([a-z.*]+)` \| ((?:[a-z]+, )+unknown) \|$", PROTOCOL.read_text(encoding="utf-8"), re.M)
    table = {op: set(codes.split(", ")) for op, codes in rows}
    assert {"write.commit", "memory.read", "phone.*"} <= set(table)
    for op, codes in table.items():
        asked = op.replace("*", "state")
        assert codes == permitted(asked), op
        for code in ADVICE.keys() - codes:
            with pytest.raises(DeviceFault, match="cannot be an answer") as fault:
                ask(ScriptedWire(refuses(code)), asked)
            assert fault.value.cause is Cause.DEVICE
    assert not {"busy", "trust", "off"} & permitted("write.commit")


def test_a_device_that_never_comes_to_an_end_is_left() -> None:
    """Bounded is the whole operation, not each answer."""
    endless = lambda request: says(done=0.5)(request) if request.op == "firmware.step" else says()(request)  # noqa: E731
    with pytest.raises(DeviceFault, match="does not come to an end"):
        programmer(*[endless] * 6000).update_firmware(Version(1, 5), lambda _: None)
    for nonsense in ("abc", None, float("nan"), float("inf"), True, [1]):
        with pytest.raises(DeviceFault, match="makes no sense"):
            programmer(says(), says(done=nonsense)).update_firmware(Version(1, 5), lambda _: None)
    port = Port(ScriptedWire(*[None] * 9), "programmer")  # type: ignore[arg-type]
    begun = time.monotonic()
    with port.within(0.2), pytest.raises(DeviceSilent):
        port.ask("memory.read")
    flood = ScriptedWire(lambda request: frame(pack_answer(Answer(request.ident % 65535 + 1, {}))) * 20_000)
    with pytest.raises(DeviceSilent):
        Port(flood, "programmer").ask("memory.read", timeout=0.2, repeatable=False)  # type: ignore[arg-type]
    assert time.monotonic() - begun < 20, "no request of these may take long, however slow the machine is"


def test_drivers_make_sense_of_answers_or_say_that_they_cannot() -> None:
    part = {"die": "D1", "kind": "display", "maker": "Ostby", "family": "cedar_l", "size": 256, "chip": None}
    asked = programmer(says(sockets={"s56": part, "s40": None}))
    sockets = asked.sockets()
    assert sockets["s40"] is None
    assert some(sockets["s56"]).kind is PartKind.DISPLAY
    many = {f"s{n}": None for n in range(99)}
    spoilt = [
        {**part, name: value} for name, value in (("size", -1), ("size", True), ("die", 5), ("die", "D" * 500), ("kind", 1))
    ]
    shapes: list[object] = [3, {"a": {"die": "x"}}, many, *({"s56": each} for each in spoilt)]
    assert asked.health.lately[-1]
    steered = {**part, "maker": "O\u202es\x1b[2Jby"}
    said = some(programmer(says(sockets={"s56": steered})).sockets()["s56"])
    assert said.maker == "O\ufffds\ufffd[2Jby", "nothing that a device says steers a page or a terminal"
    for nonsense in (*({"sockets": shape} for shape in shapes), {}):
        with pytest.raises(LinkError, match="makes no sense"):
            programmer(says(**nonsense)).sockets()
    state = {"label": "x", "model": "cedar", "imei": "1", "system": "4.6", "trusted": True, "board": {"flex_id": "F"}}
    assert PhoneLink(Port(ScriptedWire(says(**state)), "phone")).state().system == Version(4, 6)  # type: ignore[arg-type]
    with pytest.raises(LinkError, match="other bytes"):
        programmer(says(data=b"\x00")).read_memory("s56", 256, "cedar_l", lambda _: None, die="D")


def test_drivers_are_found_by_entry_point() -> None:
    assert {"programmer", "phone", "colorimeter"} <= set(driver_names())
    with pytest.raises(LinkError, match="No driver for kettle"):
        connect("kettle", "/dev/null")
    with pytest.raises(DeviceGone, match="cannot be opened"):
        open_wire("/dev/no-such-port")


_PLAIN = st.one_of(
    st.none(), st.booleans(), st.integers(-(1 << 63), 1 << 63), st.floats(), st.text(max_size=12), st.binary(max_size=40)
)
_ANY = st.recursive(
    _PLAIN, lambda inner: st.lists(inner, max_size=5) | st.dictionaries(st.text(max_size=6), inner, max_size=4), max_leaves=8
)
PART = {"die": "D", "kind": "display", "maker": "Fenwick", "family": "cedar", "size": 256}
SWEPT = {"first": 200, "gyro": bytes(12), "frames": packed_frame(Seen(1.0, Taken.USED)), "end": 1.05, "rate": 200}
ASKED: dict[str, tuple[type[Driver], Callable[[Any], object], dict[str, Any]]] = {
    "usb state": (UsbMeter, UsbMeter.state, {"run": "a", "rate": 10.0, "newest": 5, "offers": [1], "celsius": 20.0}),
    "usb samples": (UsbMeter, lambda meter: meter.samples(3), {"first": 4, "uv": bytes(8), "ua": bytes(8)}),
    "heat state": (Thermocouple, Thermocouple.state, {"run": "a", "rate": 4.0, "newest": 5, "speed": 1.0}),
    "heat samples": (Thermocouple, lambda wire: wire.samples(3), {"first": 4, "celsius": [20.0, 21.0]}),
    "station state": (
        Station,
        Station.state,
        {"label": "a", "samples": 3, "speed": 1.0, "room": 20.0, "amperes": 0.0, "volts": 0.0, "holds": True},
    ),
    "station samples": (Station, lambda station: station.samples("a", 3), {"first": 4, "values": [1.0, 2.0, 3.0, 4.0]}),
    "shake": (PhoneLink, lambda phone: shake(phone, brake=True), {"rate": 1600, "driven": 0.001, "g": bytes(80)}),
    "gauge": (PhoneLink, gauge_of, {"image": bytes(8), "expected": "a", "answers": True}),
    "boot": (PhoneLink, boot, {"unknown": False, "percent": 90, "cycles": 3}),
    "front record": (PhoneLink, front_record, {"image": bytes(8), "expected": "a", "die": "D"}),
    "front state": (PhoneLink, front_state, {"free": True, "flashed": False, "charge": 50.0}),
    "frame": (PhoneLink, lambda phone: camera_frame(phone, SMALL, 1), {"code": 90.0, "grey": bytes(20)}),
    "rear record": (PhoneLink, rear_record, {"die": "D", "image": bytes(8)}),
    "sweep": (PhoneLink, lambda phone: sweep_piece(phone, 1.0), {**SWEPT, "progress": 0.5, "done": False, "over": False}),
    "board": (PhoneLink, lambda phone: board_view(phone, 0), {"seen": bytes(16)}),
    "sockets": (Programmer, Programmer.sockets, {"sockets": {"display": PART, "battery": None}}),
    "memory": (Programmer, lambda wire: wire.read_memory("display", 8, "cedar", lambda _: None, die="D"), {"data": bytes(8)}),
    "lines": (
        Programmer,
        lambda wire: wire.test_lines("face", "D"),
        {
            "lines": [{"name": "P1", "ohms": 5.0, "state": "sound"}],
            "link": "sound",
            "switch": "closed",
            "counter": 0,
            "revision": 1,
            "repaired": False,
        },
    ),
    "phone state": (
        PhoneLink,
        PhoneLink.state,
        {"label": "a", "model": "cedar", "imei": "1", "system": "4.4", "trusted": True, "board": {"display_serial": "S"}},
    ),
    "functions": (PhoneLink, PhoneLink.functions, {"functions": {"touch": "yes"}}),
    "finish": (PhoneLink, PhoneLink.finish, {"status": "genuine"}),
    "ambient": (PhoneLink, PhoneLink.ambient, {"counts": [1.0], "gains": [1.0], "xyz": [1.0, 2.0, 3.0]}),
    "face codes": (PhoneLink, PhoneLink.face_codes, {"display_serial": "S"}),
    "dots": (PhoneLink, lambda phone: phone.dots(0, 0), {"dots": bytes(8)}),
    "warning": (PhoneLink, PhoneLink.face_warning, {"warning": False}),
    "unlock": (PhoneLink, PhoneLink.try_unlock, {"unlocked": False}),
    "parts page": (PhoneLink, PhoneLink.parts_page, {"parts": [{"part": "display", "status": "genuine", "notice": False}]}),
    "spec": (Colorimeter, Colorimeter.spec, {"uncertainty_uv": 0.001, "uncertainty_y": 0.02}),
    "screen": (Colorimeter, Colorimeter.read_screen, {"xyz": [1.0, 2.0, 3.0]}),
    "light": (Colorimeter, Colorimeter.read_ambient, {"xyz": [1.0, 2.0, 3.0]}),
    "supply": (Supply, Supply.state, {"kind": "bench", "set_v": 19.0, "volts": 19.0, "amperes": 0.1, "lamp": True}),
    "hello": (Driver, Driver.hello, {"kind": "programmer", "name": "a", "serial": "1", "firmware": "1.6"}),
    "flex": (Programmer, lambda wire: flex_state(wire, "battery", "D"), {"activations": 1, "protects": False}),
}


@pytest.mark.parametrize(
    ("call", "answer"),
    [
        (lambda phone: camera_frame(phone, WHOLE_FRAME, 1), {"code": 1.0, "grey": b"x"}),
        (lambda phone: flash(phone, lambda _: None, lambda: None, 0.0), {"done": 0.5}),
        (lambda phone: sweep_piece(phone, 1.0), {**ASKED["sweep"][2], "gyro": bytes(6000)}),
        (lambda phone: sweep_piece(phone, 1.0), {**ASKED["sweep"][2], "frames": packed_frame(Seen(1.0, Taken.DARK)) * 99}),
        (lambda phone: sweep_piece(phone, 1.0), {**ASKED["sweep"][2], "first": 5}),
        (lambda phone: sweep_piece(phone, 1.0), {**ASKED["sweep"][2], "end": 0.5}),
    ],
)
def test_a_camera_that_drips_floods_or_never_ends_is_left(call: Callable[[Any], object], answer: dict[str, Any]) -> None:
    wire = ScriptedWire(*[says(**answer)] * 6000)
    with pytest.raises(DeviceFault):
        call(PhoneLink(Port(wire, "phone")))  # type: ignore[arg-type]
    assert len(wire.seen) <= FLASH_STILL + 2


@pytest.mark.parametrize("name", ASKED)
@given(data=st.data())
@settings(max_examples=80, deadline=None)
def test_whatever_a_device_says_is_believed_or_refused(name: str, data: st.DataObject) -> None:
    """Of an answer that makes sense one value is exchanged for any other, left out, or the whole is something else."""
    kind, call, good = ASKED[name]
    assert call(kind(Port(ScriptedWire(says(**good)), "device"))) is not None  # type: ignore[arg-type]
    answer = dict(good)
    key = data.draw(st.sampled_from(sorted(good)))
    if data.draw(st.booleans()):
        answer[key] = data.draw(_ANY)
    else:
        del answer[key]
    try:
        call(kind(Port(ScriptedWire(says(**answer)), "device")))  # type: ignore[arg-type]
    except LinkError as error:
        assert error.safe
