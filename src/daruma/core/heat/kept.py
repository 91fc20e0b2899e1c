"""A temperature trace as a job keeps it with its step."""

from msgspec import Struct

from daruma.core.language import tr

MOST = 4000  # readings of one: longer ones are thinned


class HeatTrace(Struct, frozen=True):
    """Hold the trace of a soldering step: its key, when it began, what measured it, times (s) and degrees Celsius of its
    readings, the hottest of them all; what of the step's limits it broke, in words; how much faster than life the clock ran.
    """

    step: str
    when: str
    source: str
    t: tuple[float, ...]
    celsius: tuple[float, ...]
    peak: float
    broken: tuple[str, ...] = ()
    speed: float = 1.0

    @property
    def words(self) -> str:
        """Return what it says, in a sentence."""
        lasted = self.t[-1] - self.t[0]
        said = "; ".join(self.broken) if self.broken else tr("within its limits")
        return tr("{lasted:.0f} s, at most {peak:.0f} °C: {said}", lasted=lasted, peak=self.peak, said=said)
