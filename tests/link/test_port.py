"""The port by scripted exchanges: repeats, late answers, silence, a wire that dies."""

import pytest
import serial

from daruma.core.parts import PartKind, Version
from daruma.link.devices import PhoneLink, Programmer
from daruma.link.discovery import connect, driver_names
from daruma.link.errors import DeviceGone, DeviceSilent, LinkError, Refused
from daruma.link.framing import frame, unframe
from daruma.link.messages import Answer, Request, pack_answer, unpack_request
from daruma.link.port import TRIES, Port, open_wire


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


def ask(wire: ScriptedWire, **how: object):
    return Port(wire, "programmer").ask("op", timeout=0.05, **how)  # type: ignore[arg-type]


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
    for code in ("empty", "firmware", "trust", "spent", "maker"):
        with pytest.raises(Refused) as refused:
            ask(ScriptedWire(refuses(code)))
        assert refused.value.code == code
        assert refused.value.safe
        assert refused.value.advice
    with pytest.raises(Refused, match="supply dipped"):
        ask(ScriptedWire(refuses("no", "supply dipped")))


def test_drivers_make_sense_of_answers_or_say_that_they_cannot() -> None:
    part = {"die": "D1", "kind": "display", "maker": "Ostby", "family": "cedar_l", "size": 256, "chip": None}
    programmer = Programmer(Port(ScriptedWire(says(sockets={"s56": part, "s40": None})), "programmer"))  # type: ignore[arg-type]
    sockets = programmer.sockets()
    assert sockets["s40"] is None
    assert sockets["s56"] is not None
    assert sockets["s56"].kind is PartKind.DISPLAY
    for nonsense in ({"sockets": 3}, {"sockets": {"a": {"die": "x"}}}, {}):
        with pytest.raises(LinkError, match="makes no sense"):
            Programmer(Port(ScriptedWire(says(**nonsense)), "programmer")).sockets()  # type: ignore[arg-type]
    state = {"label": "x", "model": "cedar", "imei": "1", "system": "4.6", "trusted": True, "board": {"flex_id": "F"}}
    assert PhoneLink(Port(ScriptedWire(says(**state)), "phone")).state().system == Version(4, 6)  # type: ignore[arg-type]
    short = Programmer(Port(ScriptedWire(says(data=b"\x00")), "programmer"))  # type: ignore[arg-type]
    with pytest.raises(LinkError, match="fewer bytes"):
        short.read_memory("s56", 256, "cedar_l", lambda _: None)


def test_drivers_are_found_by_entry_point() -> None:
    assert {"programmer", "phone", "colorimeter"} <= set(driver_names())
    with pytest.raises(LinkError, match="No driver for kettle"):
        connect("kettle", "/dev/null")
    with pytest.raises(DeviceGone, match="cannot be opened"):
        open_wire("/dev/no-such-port")
