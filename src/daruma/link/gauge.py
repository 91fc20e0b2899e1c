"""What a phone says of its battery over the cable, and what a data flex does on the programmer."""

from collections.abc import Callable

from msgspec import Struct

from daruma.link.devices import PhoneLink, Programmer
from daruma.link.shapes import LARGEST_MEMORY, LONGEST_DIE, flag, number, read, text


class PhoneGauge(Struct, frozen=True):
    """Hold a battery as its phone has it: the gauge's registers (empty where it does not answer), the serial that the board
    expects, whether the gauge authenticates, who the pack says that it is.
    """

    image: bytes
    expected: str
    answers: bool
    die: str = ""


class Boot(Struct, frozen=True):
    """Hold what a phone says of its battery after a start: health in percent and cycles, None where it shows none."""

    unknown: bool
    percent: int | None
    cycles: int | None


class FlexState(Struct, frozen=True):
    """Hold how a data flex stands: how often it was activated, whether it is on the right way round."""

    activations: int
    protects: bool


def gauge_of(phone: PhoneLink) -> PhoneGauge:
    """Read the gauge through the phone."""
    answer = phone.port.ask("phone.gauge")

    def built() -> PhoneGauge:
        image = answer["image"]
        if not isinstance(image, bytes) or len(image) > LARGEST_MEMORY:
            raise ValueError("no registers")
        return PhoneGauge(image, text(answer["expected"], 40), flag(answer["answers"]), text(answer.get("die", ""), LONGEST_DIE))

    return read(built)


def boot(phone: PhoneLink) -> Boot:
    """Start the phone anew and read what it says of its battery then."""
    answer = phone.port.ask("phone.boot", repeatable=False)

    def whole(value: object) -> int | None:
        return None if value is None else int(number(value))

    return read(lambda: Boot(flag(answer["unknown"]), whole(answer["percent"]), whole(answer["cycles"])))


def flex_state(programmer: Programmer, socket: str, die: str) -> FlexState:
    """Read how a data flex stands; `die` names the one that is meant."""
    answer = programmer.port.ask("flex.state", {"socket": socket, "die": die})
    return read(lambda: FlexState(int(number(answer["activations"])), flag(answer["protects"])))


def activate_flex(programmer: Programmer, socket: str, die: str, sending: Callable[[], None]) -> None:
    """Activate a data flex, once in its life."""
    sending()
    programmer.port.ask("flex.activate", {"socket": socket, "die": die}, repeatable=False)
