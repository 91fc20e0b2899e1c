"""Driver: a meter in the charging cable, which samples by itself and keeps its samples for a while."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from daruma.core.language import tr
from daruma.link.devices import Driver
from daruma.link.errors import DeviceFault
from daruma.link.shapes import number, read, several, text

if TYPE_CHECKING:
    import numpy as np
    import numpy.typing as npt

MOST_FETCHED = 1500  # samples of one answer
MOST_OFFERS = 14  # objects of one message of a charger (USB PD 3.x: 7, with the extended range 11)
FASTEST, SLOWEST = 1000.0, 1.0  # samples a second
_MICRO = 1e-6


class UsbMeterState(Struct, frozen=True):
    """Hold what a meter says of itself: a name for this run of its clock, samples a second, the number of its newest sample,
    what the charger offers as 32-bit words, its temperature in degrees Celsius where it has one.
    """

    run: str
    rate: float
    newest: int
    offers: tuple[int, ...]
    celsius: float | None


class Samples(Struct, frozen=True):
    """Hold samples that follow one another: the number of the first, volts and amperes into the phone (n)."""

    first: int
    volts: npt.NDArray[np.float64]
    amperes: npt.NDArray[np.float64]


class UsbMeter(Driver):
    """Drive a meter in the charging cable."""

    def state(self) -> UsbMeterState:
        """Read how the meter stands."""
        answer = self._port.ask("usb.state")

        def built() -> UsbMeterState:
            rate, celsius = number(answer["rate"]), answer.get("celsius")
            if not SLOWEST <= rate <= FASTEST:
                raise ValueError("no rate of a meter")
            offers = tuple(_word(each) for each in several(answer["offers"], MOST_OFFERS))
            warm = number(celsius) if celsius is not None else None
            return UsbMeterState(text(answer["run"], 40), rate, _count(answer["newest"]), offers, warm)

        return read(built)

    def samples(self, after: int) -> Samples:
        """Return the samples after a number, as many as one answer holds; a meter that has forgotten some begins later."""
        answer = self._port.ask("usb.samples", {"after": after, "most": MOST_FETCHED})
        first, volts, amperes = read(lambda: (_count(answer["first"]), _micro(answer["uv"]), _micro(answer["ua"])))
        if len(volts) != len(amperes) or first <= after:
            raise DeviceFault(
                tr("The meter gave samples that make no sense."), safe=tr("Nothing was changed."), advice=tr("Try again.")
            )
        return Samples(first, volts, amperes)


def _micro(value: object) -> npt.NDArray[np.float64]:
    """Return numbers that came as 32-bit millionths, low byte first."""
    if not isinstance(value, bytes) or len(value) % 4 or len(value) > 4 * MOST_FETCHED:
        raise ValueError("no samples, or too many")
    import numpy as np  # every bench's rig knows this driver, and few have such a meter

    return np.frombuffer(value, "<i4") * _MICRO


def _count(value: object) -> int:
    if type(value) is not int or not 0 <= value < 1 << 53:
        raise ValueError("no number of a sample")
    return value


def _word(value: object) -> int:
    if type(value) is not int or not 0 <= value < 1 << 32:
        raise ValueError("no 32-bit word")
    return value
