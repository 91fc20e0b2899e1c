"""Messages: CBOR maps with a request id, an operation and its arguments; answers carry a result or an error.

Both ways in the deterministic encoding of RFC 8949, 4.2: shortest numbers, sorted keys, definite lengths, no tags. What
comes in is bounded in depth and number of items before it is built.
"""

from collections.abc import Mapping
from typing import Any, TypeGuard

import cbor2
from msgspec import Struct

from daruma.core.language import tr
from daruma.link.errors import LinkError

PROTOCOL = 1
MOST_DEPTH = 6  # maps and arrays within each other; the deepest message has four
MOST_ITEMS = 2000  # values in one message

# which error codes may stand as an answer to which operation (docs/protocol.md); others are a fault of the device
_USUAL = frozenset({"busy", "unknown", "no"})
_AT_PART = _USUAL | {"empty", "part", "firmware", "range"}
PERMITTED: Mapping[str, frozenset[str]] = {
    "sockets": _USUAL,
    "memory.read": _AT_PART,
    "write.begin": _AT_PART,
    "write.page": _USUAL | {"range"},
    "write.commit": frozenset({"empty", "part", "firmware", "range", "image", "unknown", "maker", "spent", "no"}),
    "face.test": _AT_PART,
    "face.activate": _AT_PART,
    "face.step": _USUAL,
    "firmware.begin": _USUAL,
    "firmware.step": _USUAL,
    "light.set": _USUAL | {"range"},
}
_OF_PHONE = _USUAL | {"off", "trust", "range"}
# answers after which the device promises that the part is as it was, as far as a look at it agrees
UNTOUCHED = frozenset({"empty", "part", "firmware", "range", "image", "unknown", "busy", "off", "trust"})


def permitted(op: str) -> frozenset[str]:
    """Return the error codes that may answer an operation."""
    if op.startswith("phone."):
        return _OF_PHONE
    return frozenset(ADVICE) if op.startswith("hands.") else PERMITTED.get(op, _USUAL)


ADVICE = {
    "empty": (tr("No part answers on the socket."), tr("Nothing was changed."), tr("Press the connector home on both ends.")),
    "firmware": (
        tr("The part gives nothing: the programmer's firmware is older than this model."),
        tr("The part is sound and untouched."),
        tr("Update the programmer, then read again."),
    ),
    "part": (
        tr("Another part is on the socket than the one that was checked."),
        tr("Nothing was written."),
        tr("Put the right part on the socket and read it."),
    ),
    "maker": (
        tr("The panel refuses a record of another maker."),
        tr("The write was counted."),
        tr("Use a panel by the record's maker."),
    ),
    "spent": (
        tr("The panel took no more writes."),
        tr("Its record is as it was; the write was counted."),
        tr("Use another panel."),
    ),
    "trust": (
        tr("The phone does not trust this bench yet."),
        tr("Nothing was read."),
        tr("Unlock the phone and confirm trust on it."),
    ),
    "off": (tr("The phone does not answer."), tr("Nothing was changed."), tr("Switch the phone on and plug it in.")),
    "unknown": (tr("The device does not know this request."), tr("Nothing was changed."), tr("Update the device's firmware.")),
    "range": (
        tr("The request lies outside the part's memory."),
        tr("Nothing was changed."),
        tr("Check the model in the ticket."),
    ),
    "busy": (
        tr("The device is busy with another act."),
        tr("Nothing was changed."),
        tr("Wait until it is finished, then try again."),
    ),
    "image": (tr("The bytes that arrived are not the bytes that were sent."), tr("Nothing was written."), tr("Try again.")),
    "no": (tr("The device refused."), tr("Nothing was changed."), tr("Read what it says, put it right, try again.")),
}


class Request(Struct, frozen=True):
    """Hold one request; `ident` is 1 to 65535."""

    ident: int
    op: str
    args: Mapping[str, Any]


class Answer(Struct, frozen=True):
    """Hold one answer: a result, or an error code with the device's own words."""

    ident: int
    result: Mapping[str, Any] | None
    code: str = ""
    text: str = ""


def pack_request(request: Request) -> bytes:
    """Return the CBOR of a request."""
    return _packed({"i": request.ident, "op": request.op, "a": dict(request.args)})


def pack_answer(answer: Answer) -> bytes:
    """Return the CBOR of an answer."""
    if answer.result is None:
        return _packed({"i": answer.ident, "e": {"c": answer.code, "t": answer.text}})
    return _packed({"i": answer.ident, "r": dict(answer.result)})


def _packed(message: dict[str, Any]) -> bytes:
    return cbor2.dumps(message, canonical=True)


def unpack_request(payload: bytes) -> Request:
    """Read a request; raise LinkError where it is none."""
    message = _map(payload)
    ident, op, args = message.get("i"), message.get("op"), message.get("a", {})
    if not _is_ident(ident) or not isinstance(op, str) or not isinstance(args, dict):
        raise LinkError(tr("A request on the wire is malformed."))
    return Request(ident, op, args)


def unpack_answer(payload: bytes) -> Answer:
    """Read an answer; raise LinkError where it is none."""
    message = _map(payload)
    ident, result, error = message.get("i"), message.get("r"), message.get("e")
    if _is_ident(ident) and isinstance(result, dict):
        return Answer(ident, result)
    if _is_ident(ident) and isinstance(error, dict):
        return Answer(ident, None, str(error.get("c", "no")), str(error.get("t", "")))
    raise LinkError(tr("An answer on the wire is malformed."))


def _is_ident(value: object) -> TypeGuard[int]:
    return isinstance(value, int) and not isinstance(value, bool) and 0 < value < 65536


def _map(payload: bytes) -> dict[Any, Any]:
    refuse_unbounded(payload)
    try:
        message = cbor2.loads(payload)
    except (cbor2.CBORDecodeError, ValueError, OverflowError, RecursionError, MemoryError, TypeError) as error:
        raise LinkError(tr("A message on the wire is not CBOR.")) from error
    if not isinstance(message, dict):
        raise LinkError(tr("A message on the wire is not one CBOR map."))
    if _packed(message) != payload:
        raise LinkError(tr("A message on the wire is not in the deterministic encoding."))
    return message


def refuse_unbounded(payload: bytes) -> None:
    """Walk over the heads of one CBOR value without building it; raise LinkError for tags, indefinite lengths, too many
    values or too deep ones, and for bytes that are cut off or left over.
    """
    at, items, open_ = 0, 0, [1]  # values that are still to come at each depth
    while open_:
        if open_[-1] == 0:
            open_.pop()
            continue
        open_[-1] -= 1
        items += 1
        major, size, at = _head(payload, at)
        if major in (2, 3):
            at += size
        elif major in (4, 5):
            open_.append(size * (2 if major == 5 else 1))
        if at > len(payload) or items + open_[-1] > MOST_ITEMS or len(open_) > MOST_DEPTH + 1:
            raise LinkError(tr("A message on the wire is cut off, too large or too deep."))
    if at != len(payload):
        raise LinkError(tr("A message on the wire is not one CBOR map."))


def _head(payload: bytes, at: int) -> tuple[int, int, int]:
    """Return major type, argument and where the head ends (RFC 8949, 3)."""
    if at >= len(payload):
        raise LinkError(tr("A message on the wire is cut off."))
    major, info = payload[at] >> 5, payload[at] & 31
    more = {24: 1, 25: 2, 26: 4, 27: 8}.get(info, 0)
    if info > 27 or major == 6 or (major == 7 and info not in (20, 21, 22, 25, 26, 27)):
        raise LinkError(tr("A message on the wire holds tags, endless or undefined values."))
    end = at + 1 + more
    return major, int.from_bytes(payload[at + 1 : end], "big") if more else info, end
