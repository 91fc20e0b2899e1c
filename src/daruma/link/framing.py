"""Frames on the wire: COBS around payload and CRC, closed by a zero byte.

COBS after Cheshire and Baker, "Consistent Overhead Byte Stuffing" (1999). Where a run of 254 non-zero bytes ends the
data, no empty block is added. The library of that name comes without a wheel, which the locked set-up rules out.
"""

from fastcrc import crc16

from daruma.core.language import tr
from daruma.link.errors import LinkError

LARGEST_PAYLOAD = 16384  # bytes


class FrameError(LinkError):
    """Report a frame that was damaged on the way."""

    def __init__(self, what: str) -> None:
        super().__init__(what, safe=tr("What is in the vault is safe."), advice=tr("Check the cable, then try again."))


def cobs_encode(data: bytes) -> bytes:
    """Return the data without zero bytes."""
    out = bytearray()
    block = bytearray()
    for index, byte in enumerate(data):
        if byte:
            block.append(byte)
            if len(block) == 254 and index + 1 < len(data):
                out += b"\xff" + block
                block.clear()
        else:
            out += bytes([len(block) + 1]) + block
            block.clear()
    return bytes(out + bytes([len(block) + 1]) + block)


def cobs_decode(data: bytes) -> bytes:
    """Return the data behind its stuffing; raise FrameError where it is malformed."""
    out = bytearray()
    position = 0
    while position < len(data):
        code = data[position]
        block = data[position + 1 : position + code]
        if code == 0 or 0 in block or len(block) != code - 1:
            raise FrameError(tr("A frame was damaged on the wire."))
        out += block
        position += code
        if code < 255 and position < len(data):
            out.append(0)
    return bytes(out)


def frame(payload: bytes) -> bytes:
    """Return the bytes to send for a payload: COBS(payload + CRC-16/IBM-3740, high byte first) + 00."""
    if len(payload) > LARGEST_PAYLOAD:
        raise FrameError(tr("A message of {count_payload} bytes is too large for the wire.", count_payload=len(payload)))
    return cobs_encode(payload + crc16.ibm_3740(payload).to_bytes(2, "big")) + b"\x00"


def unframe(raw: bytes) -> bytes:
    """Return the payload of one frame without its closing zero; raise FrameError where it is damaged."""
    body = cobs_decode(raw)
    if len(body) < 2 or crc16.ibm_3740(body[:-2]).to_bytes(2, "big") != body[-2:]:
        raise FrameError(tr("A frame's checksum does not fit."))
    return body[:-2]
