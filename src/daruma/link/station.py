"""Driver: a cell station, which is supply, load and meter in one and keeps its samples until they are fetched."""

from msgspec import Struct

from daruma.core.language import tr
from daruma.link.devices import Driver
from daruma.link.errors import DeviceFault
from daruma.link.shapes import flag, number, read, several, text

MOST_FETCHED = 120  # samples of one answer
VALUES = 4  # of a sample: s, V, A, degrees Celsius
LARGEST_AMPERES, LARGEST_VOLTS = 20.0, 30.0


class StationState(Struct, frozen=True):
    """Hold what a station says of itself: whose cell it has, its number of samples, how much faster than life its clock runs
    (1 for a real one), the room's degrees Celsius, and what it was ordered to do: amperes (charging positive), volts.
    """

    label: str
    samples: int
    speed: float
    room: float
    amperes: float
    volts: float
    holds: bool


class Station(Driver):
    """Drive a cell station."""

    def state(self) -> StationState:
        """Read how the station stands."""
        answer = self._port.ask("station.state")
        return read(
            lambda: StationState(
                text(answer["label"]),
                int(number(answer["samples"])),
                number(answer.get("speed", 1.0)),
                number(answer["room"]),
                number(answer["amperes"]),
                number(answer["volts"]),
                flag(answer["holds"]),
            )
        )

    def begin(self, label: str) -> None:
        """Begin a new log, under a label; raise Refused where no cell is on it."""
        self._port.ask("station.begin", {"label": label})

    def order(self, label: str, amperes: float, volts: float) -> None:
        """Charge (positive), discharge or rest (zero) the cell of a label, up to a voltage; the same order may come twice."""
        self._port.ask("station.order", {"label": label, "amperes": amperes, "volts": volts})

    def samples(self, label: str, after: int) -> tuple[int, tuple[float, ...]]:
        """Return the number of the first sample that comes, and s, V, A, degrees Celsius of each, one after the other.

        Those after a number are asked for; a station that has forgotten some begins with a later one.
        """
        answer = self._port.ask("station.samples", {"label": label, "after": after, "most": MOST_FETCHED})
        first, values = read(
            lambda: (
                int(number(answer["first"])),
                tuple(number(each) for each in several(answer["values"], VALUES * MOST_FETCHED)),
            )
        )
        if len(values) % VALUES or first < 1:
            raise DeviceFault(
                tr("The station gave samples that make no sense."), safe=tr("Nothing was changed."), advice=tr("Try again.")
            )
        return first, values
