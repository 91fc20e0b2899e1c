"""What a phone's rear camera gives: its record, its sweep while it runs, the corners of a chessboard."""

from msgspec import Struct

from daruma.core.optics.sweep import RATE, SweepChunk, frames_in
from daruma.link.camera import EXPOSURE
from daruma.link.devices import PhoneLink
from daruma.link.shapes import LONGEST_DIE, flag, number, read, text

MOST_RECORD = 4096  # bytes of a module's record
MOST_BYTES = 16_000  # of gyroscope or frames in one answer
MOST_FRAMES = 120  # a second
MOST_CORNERS = 400
_CORNER_COUNTS = 32.0  # of 1 px


class RearSaid(Struct, frozen=True):
    """Hold who a rear camera is and what its record carries."""

    die: str
    image: bytes


class SweepPiece(Struct, frozen=True):
    """Hold a piece of a sweep: what came, up to which second, the phone's own progress, whether it is done or given up."""

    chunk: SweepChunk
    end: float
    progress: float
    done: bool
    over: bool


def rear_record(phone: PhoneLink) -> RearSaid:
    """Read the rear camera's record through the phone."""
    answer = phone.port.ask("phone.rear_record")

    def built() -> RearSaid:
        image = answer["image"]
        if not isinstance(image, bytes) or len(image) > MOST_RECORD:
            raise ValueError("no record")
        return RearSaid(text(answer["die"], LONGEST_DIE), image)

    return read(built)


def sweep_piece(phone: PhoneLink, after: float) -> SweepPiece:
    """Return what came of the running sweep since a second of it."""
    answer = phone.port.ask("phone.sweep", {"after": after}, timeout=EXPOSURE)

    def built() -> SweepPiece:
        gyro, frames, first = answer["gyro"], answer["frames"], int(number(answer["first"]))
        if not isinstance(gyro, bytes) or not isinstance(frames, bytes) or len(gyro) % 6:
            raise ValueError("no piece of a sweep")
        if len(gyro) > MOST_BYTES or len(frames) > MOST_BYTES or number(answer["rate"]) != RATE:
            raise ValueError("too much of a sweep, or another rate")
        chunk, end = SweepChunk(first, gyro, frames), number(answer["end"])
        count = sum(1 for _ in frames_in(chunk))
        if abs(first - after * RATE) > 1 or end < after:
            raise ValueError("another piece than the one that was asked for")
        # no more can have come than the time between has room for
        if len(gyro) // 6 > (end - after) * RATE + 2 or count > (end - after) * MOST_FRAMES + 2:
            raise ValueError("more of a sweep than there was time for")
        return SweepPiece(chunk, end, min(1.0, number(answer["progress"])), flag(answer["done"]), flag(answer["over"]))

    return read(built)


def begin_sweep(phone: PhoneLink) -> None:
    """Let the phone sweep once more: what it has finished stays finished."""
    phone.port.ask("phone.sweep_begin", repeatable=False)


def stop_sweep(phone: PhoneLink) -> None:
    """Let the phone give up its sweep."""
    phone.port.ask("phone.sweep_stop")


def board_view(phone: PhoneLink, view: int) -> tuple[float, ...]:
    """Return where the rear camera sees the corners of a chessboard: u, v one after the other, px."""
    answer = phone.port.ask("phone.board", {"view": view}, timeout=EXPOSURE)

    def built() -> tuple[float, ...]:
        data = answer["seen"]
        if not isinstance(data, bytes) or len(data) % 8 or len(data) > 8 * MOST_CORNERS:
            raise ValueError("no corners")
        return tuple(int.from_bytes(data[i : i + 4], "big", signed=True) / _CORNER_COUNTS for i in range(0, len(data), 4))

    return read(built)
