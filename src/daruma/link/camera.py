"""What a phone's front camera gives: its data, its frames, how binding and system stand."""

from collections.abc import Callable, Mapping
from functools import partial
from time import monotonic, sleep
from typing import Any

from msgspec import Struct

from daruma.core.language import tr
from daruma.core.optics.chart import WHOLE, Window
from daruma.core.optics.frames import Mode
from daruma.link.devices import PhoneLink, Report
from daruma.link.errors import DeviceFault
from daruma.link.shapes import LONGEST_DIE, flag, number, read, text

MOST_RECORD = 4096  # bytes of a camera's data
LEAST_PIECE = 1024  # bytes of a frame in one answer, but for the last
EXPOSURE = 8.0  # seconds that a frame may take
FLASH_STILL = 120  # looks in which flashing comes no further, after which it is taken to stand still
FLASH_STEP = 0.001  # of the whole, that it has to come further
FLASH_LONGEST = 2700.0  # seconds that flashing is watched
FARTHEST = 4096.0  # focus codes


class FrontSaid(Struct, frozen=True):
    """Hold a front camera's data as the phone gives them (empty where it is dead), the serial that the board expects, and who
    the camera says that it is.
    """

    image: bytes
    expected: str
    die: str = ""


class FrontState(Struct, frozen=True):
    """Hold whether the board has let go of its camera, whether the system was flashed since, the battery's charge (percent)."""

    free: bool
    flashed: bool
    charge: float


class Wanted(Struct, frozen=True):
    """Hold which frame is wanted: mode, distance of the chart (m), focus code (None: the phone's own), what is before it."""

    mode: Mode
    distance: float = 0.5
    code: float | None = None
    plain: bool = False
    after: bool = False
    near: bool = False
    window: Window = WHOLE


def front_record(phone: PhoneLink) -> FrontSaid:
    """Read the front camera's data through the phone."""
    answer = phone.port.ask("phone.front_record")

    def built() -> FrontSaid:
        image = answer["image"]
        if not isinstance(image, bytes) or len(image) > MOST_RECORD:
            raise ValueError("no record")
        return FrontSaid(image, text(answer["expected"]), text(answer.get("die", ""), LONGEST_DIE))

    return read(built)


def front_state(phone: PhoneLink) -> FrontState:
    """Read how binding, system and battery stand."""
    answer = phone.port.ask("phone.front_state")
    return read(lambda: FrontState(flag(answer["free"]), flag(answer["flashed"]), number(answer["charge"])))


def release_front(phone: PhoneLink, sending: Callable[[], None]) -> None:
    """Let the board let go of its front camera."""
    sending()
    phone.port.ask("phone.release_front", repeatable=False)


def flash(phone: PhoneLink, report: Report, sending: Callable[[], None], pause: float) -> None:
    """Flash the system to its end, looked at after each pause (s); `report` gets the share done and may stop the watching.

    Raises DeviceFault for one that comes no further, or does not come to an end in its time.
    """
    sending()
    phone.port.ask("phone.flash", repeatable=False)
    furthest, still, end = 0.0, 0, monotonic() + FLASH_LONGEST
    while still < FLASH_STILL and monotonic() < end:
        answer = phone.port.ask("phone.flash_step", repeatable=False)
        done = read(lambda answer=answer: number(answer["done"]))  # type: ignore[misc]
        report(min(1.0, max(furthest, done)))
        if done >= 1.0:
            return
        still = 0 if done >= furthest + FLASH_STEP else still + 1
        furthest = max(furthest, done) if not still else furthest
        sleep(pause)
    raise DeviceFault(
        tr("Flashing does not come to an end: it stands at {share:.0f} %.", share=100 * furthest),
        safe=tr("Backups are safe."),
        advice=tr("Charge the phone, then flash it again."),
    )


def frame(phone: PhoneLink, wanted: Wanted, take: int, going_on: Callable[[], None] = lambda: None) -> tuple[float, bytes]:
    """Return the focus code of a frame and the grey values of its window, row by row; `take` tells frames apart.

    `going_on` is called before each piece, and may stop it by an exception.
    """
    grey, code = b"", 0.0
    size = wanted.window.width * wanted.window.height
    while len(grey) < size:
        going_on()
        answer = phone.port.ask("phone.frame", _asked(wanted, take, len(grey)), timeout=EXPOSURE)
        code, piece = read(partial(_piece, answer, size - len(grey)))
        grey += piece
    return code, grey


def _piece(answer: Mapping[str, Any], most: int) -> tuple[float, bytes]:
    data, code = answer["grey"], number(answer["code"])
    # a device that gives byte after byte would never come to an end
    enough = isinstance(data, bytes) and min(most, LEAST_PIECE) <= len(data) <= most
    if not isinstance(data, bytes) or not enough or not 0 <= code <= FARTHEST:
        raise ValueError("no piece of a frame")
    return code, data


def _asked(wanted: Wanted, take: int, at: int) -> dict[str, object]:
    window = wanted.window
    return {
        "mode": wanted.mode.value,
        "distance": wanted.distance,
        "code": wanted.code,
        "plain": wanted.plain,
        "after": wanted.after,
        "near": wanted.near,
        "take": take,
        "at": at,
        "x": window.x,
        "y": window.y,
        "width": window.width,
        "height": window.height,
    }
