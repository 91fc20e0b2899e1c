"""Driver: a thermocouple at a soldering step, which samples by itself and keeps its samples for a while."""

from msgspec import Struct

from daruma.core.language import tr
from daruma.link.devices import Driver
from daruma.link.errors import DeviceFault
from daruma.link.shapes import number, read, several, text

MOST_FETCHED = 400  # samples of one answer
COLDEST, HOTTEST = -100.0, 1370.0  # degrees Celsius of a type K thermocouple (ITS-90 tables: -270 to 1372)


class ThermocoupleState(Struct, frozen=True):
    """Hold what a thermocouple says: a name for this run of its clock, samples a second of that clock, the number of its newest
    sample, how much faster than life its clock runs (1 for a real one).
    """

    run: str
    rate: float
    newest: int
    speed: float


class Thermocouple(Driver):
    """Drive a thermocouple, its cold junction compensated."""

    def state(self) -> ThermocoupleState:
        """Read how it stands."""
        answer = self._port.ask("heat.state")

        def built() -> ThermocoupleState:
            rate, newest = number(answer["rate"]), answer["newest"]
            if not 0.2 <= rate <= 100 or type(newest) is not int or not 0 <= newest < 1 << 53:
                raise ValueError("no state of a thermocouple")
            return ThermocoupleState(text(answer["run"], 40), rate, newest, number(answer.get("speed", 1.0)))

        return read(built)

    def samples(self, after: int) -> tuple[int, tuple[float, ...]]:
        """Return the number of the first sample after one, and degrees Celsius of those that follow."""
        answer = self._port.ask("heat.samples", {"after": after, "most": MOST_FETCHED})
        first, values = read(lambda: (int(number(answer["first"])), tuple(map(number, several(answer["celsius"], MOST_FETCHED)))))
        if first <= after or any(not COLDEST <= value <= HOTTEST for value in values):
            raise DeviceFault(
                tr("The thermocouple gave temperatures that make no sense."),
                safe=tr("Nothing was changed. Do not go by it: take the heat away."),
                advice=tr("Check its tip and plug."),
            )
        return first, values
