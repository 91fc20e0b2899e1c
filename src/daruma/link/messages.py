"""Messages: CBOR maps with a request id, an operation and its arguments; answers carry a result or an error."""

from collections.abc import Mapping
from dataclasses import dataclass
from io import BytesIO
from typing import Any, TypeGuard

import cbor2

from daruma.link.errors import LinkError

PROTOCOL = 1

ADVICE = {
    "empty": ("No part answers on the socket.", "Nothing was changed.", "Press the connector home on both ends."),
    "firmware": (
        "The part gives nothing: the programmer's firmware is older than this model.",
        "The part is sound and untouched.",
        "Update the programmer, then read again.",
    ),
    "part": (
        "Another part is on the socket than the one that was checked.",
        "Nothing was written.",
        "Put the right part on the socket and read it.",
    ),
    "maker": ("The panel refuses a record of another maker.", "The write was counted.", "Use a panel by the record's maker."),
    "spent": ("The panel took no more writes.", "Its record is as it was; the write was counted.", "Use another panel."),
    "trust": ("The phone does not trust this bench yet.", "Nothing was read.", "Unlock the phone and confirm trust on it."),
    "off": ("The phone does not answer.", "Nothing was changed.", "Switch the phone on and plug it in."),
    "unknown": ("The device does not know this request.", "Nothing was changed.", "Update the device's firmware."),
    "range": ("The request lies outside the part's memory.", "Nothing was changed.", "Check the model in the ticket."),
    "busy": ("The device is busy with another act.", "Nothing was changed.", "Wait until it is finished, then try again."),
    "image": ("The bytes that arrived are not the bytes that were sent.", "Nothing was written.", "Try again."),
    "no": ("The device refused.", "Nothing was changed.", "Read what it says, put it right, try again."),
}


@dataclass(frozen=True, slots=True)
class Request:
    """Hold one request; `ident` is 1 to 65535."""

    ident: int
    op: str
    args: Mapping[str, Any]


@dataclass(frozen=True, slots=True)
class Answer:
    """Hold one answer: a result, or an error code with the device's own words."""

    ident: int
    result: Mapping[str, Any] | None
    code: str = ""
    text: str = ""


def pack_request(request: Request) -> bytes:
    """Return the CBOR of a request."""
    return cbor2.dumps({"i": request.ident, "op": request.op, "a": dict(request.args)})


def pack_answer(answer: Answer) -> bytes:
    """Return the CBOR of an answer."""
    if answer.result is None:
        return cbor2.dumps({"i": answer.ident, "e": {"c": answer.code, "t": answer.text}})
    return cbor2.dumps({"i": answer.ident, "r": dict(answer.result)})


def unpack_request(payload: bytes) -> Request:
    """Read a request; raise LinkError where it is none."""
    message = _map(payload)
    ident, op, args = message.get("i"), message.get("op"), message.get("a", {})
    if not _is_ident(ident) or not isinstance(op, str) or not isinstance(args, dict):
        raise LinkError("A request on the wire is malformed.")
    return Request(ident, op, args)


def unpack_answer(payload: bytes) -> Answer:
    """Read an answer; raise LinkError where it is none."""
    message = _map(payload)
    ident, result, error = message.get("i"), message.get("r"), message.get("e")
    if _is_ident(ident) and isinstance(result, dict):
        return Answer(ident, result)
    if _is_ident(ident) and isinstance(error, dict):
        return Answer(ident, None, str(error.get("c", "no")), str(error.get("t", "")))
    raise LinkError("An answer on the wire is malformed.")


def _is_ident(value: object) -> TypeGuard[int]:
    return isinstance(value, int) and not isinstance(value, bool) and 0 < value < 65536


def _map(payload: bytes) -> dict[Any, Any]:
    stream = BytesIO(payload)
    try:
        message = cbor2.load(stream)
    except (cbor2.CBORDecodeError, ValueError, OverflowError, RecursionError, MemoryError, TypeError) as error:
        raise LinkError("A message on the wire is not CBOR.") from error
    if not isinstance(message, dict) or stream.read(1):
        raise LinkError("A message on the wire is not one CBOR map.")
    return message
