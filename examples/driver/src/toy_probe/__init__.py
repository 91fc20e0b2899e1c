"""An example driver: a thermocouple that answers `ID?` and `T?` with a line of text each."""

import time

from daruma.core.parts import Version
from daruma.link.devices import DeviceSelf
from daruma.link.errors import DeviceFault, DeviceSilent
from daruma.link.port import Port
from daruma.link.thermocouple import Thermocouple, ThermocoupleState

LONGEST = 80  # bytes of a line
PATIENCE = 1.0  # seconds
RATE = 2.0  # samples a second


class ToyProbe(Thermocouple):
    """Drive the probe: it keeps no samples of its own, so each look takes one."""

    def __init__(self, port: Port) -> None:
        super().__init__(port)
        self._taken: list[float] = []
        self._run = f"{time.time():.0f}"

    def hello(self) -> DeviceSelf:
        """Ask the probe who it is: `PROBE <serial> <firmware>`."""
        words = self._asked("ID?").split()
        if len(words) != 3 or words[0] != "PROBE":
            raise DeviceFault(
                "This is no such probe.", safe="Nothing was changed.", advice="Choose its port under Shop, Devices."
            )
        return DeviceSelf("thermocouple", "Toy probe", words[1], Version.parse(words[2]))

    def state(self) -> ThermocoupleState:
        """Take one sample; say how many there are."""
        self._taken.append(self._celsius())
        return ThermocoupleState(self._run, RATE, len(self._taken), 1.0)

    def samples(self, after: int) -> tuple[int, tuple[float, ...]]:
        """Return the number of the first sample after one, and degrees Celsius of those that follow."""
        return after + 1, tuple(self._taken[after:])

    def _celsius(self) -> float:
        said = self._asked("T?")
        try:
            value = float(said)
        except ValueError:
            value = float("nan")
        if not -100 <= value <= 1370:
            raise DeviceFault(
                f"The probe said {said[:20]!r}.", safe="Do not go by it: take the heat away.", advice="Check its tip."
            )
        return value

    def _asked(self, question: str) -> str:
        """Send a line and return the line that answers it, bounded in length and time."""
        wire, end, got = self.port.wire, time.monotonic() + PATIENCE, b""
        wire.timeout = 0.1
        wire.write(f"{question}\n".encode("ascii"))
        while not got.endswith(b"\n"):
            if time.monotonic() > end or len(got) > LONGEST:
                raise DeviceSilent("The probe does not answer.", safe="Nothing was changed.", advice="Check cable and power.")
            got += wire.read(1)
        return got.decode("ascii", "replace").strip()
