"""Heat at a soldering step: watched live with a forecast, kept with the step. On a wire and a lane of its own."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
from msgspec import Struct
from msgspec.structs import replace

from daruma.bench.rig import Rig
from daruma.catalogue.heat import heat_limits
from daruma.core.errors import Trouble
from daruma.core.heat.kept import MOST, HeatTrace
from daruma.core.heat.trace import HeatLimits, violations
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.settings import THERMOCOUPLE
from daruma.link.devices import Driver
from daruma.link.thermocouple import ThermocoupleState

if TYPE_CHECKING:
    from daruma.core.heat.forecast import Crossing, Forecast
    from daruma.core.heat.trace import Floats
    from daruma.store.shop import Shop

SEEN = 90.0  # seconds that are drawn where no step is watched
MOST_AT_ONCE = 20  # answers taken in one look


class Heat(Struct, frozen=True):
    """Hold what is seen of the heat: times (s) and degrees Celsius (n), what is expected, which limit that crosses, the limits of
    the step that is watched, its key, how much faster than life the clock runs.
    """

    t: Floats
    celsius: Floats
    limits: HeatLimits
    step: str = ""
    expected: Forecast | None = None
    ahead: Crossing | None = None
    speed: float = 1.0


class _Watched(Struct):
    job: str
    step: str
    when: str
    source: str
    simulated: bool


class Heating:
    """Watch a thermocouple; used by one lane, over a rig of its own."""

    def __init__(self, rig: Rig, shop: Shop) -> None:
        self._rig, self._shop = rig, shop
        self._run, self._last = "", 0
        self._rate, self._speed = 1.0, 1.0
        self._numbers: list[int] = []
        self._celsius: list[float] = []
        self._watched: _Watched | None = None

    @property
    def step(self) -> str:
        """Return the step that is watched, or nothing."""
        return self._watched.step if self._watched is not None else ""

    def close(self) -> None:
        """Close the wire."""
        self._rig.close()

    def anew(self) -> Driver:
        """Return the thermocouple, connected anew; raise LinkError where none answers."""
        return self._rig.anew(THERMOCOUPLE)

    def begin(self, job: Job, step: str, when: str) -> Heat:
        """Begin to watch a step of a job: what is measured from here on is kept with it."""
        if self._watched is not None:
            raise Trouble(tr("A step's heat is watched already."), safe=tr("It goes on."), advice=tr("End that first."))
        self._take()
        said = self._rig.thermocouple().hello()
        watched = _Watched(job.uid, step, when, tr("thermocouple {serial}", serial=said.serial), said.simulated)
        self._numbers, self._celsius, self._watched = [], [], watched
        return self.look()

    def look(self) -> Heat:
        """Take what was measured since the last look; raise LinkError where nothing answers."""
        from daruma.core.heat.forecast import crossing, forecast

        try:
            self._take()
        except Trouble:
            self._rig.drop(THERMOCOUPLE)
            raise
        if self._watched is None:
            for each in (self._numbers, self._celsius):
                del each[: -round(SEEN * self._rate)]
        celsius, t = np.array(self._celsius), self._times()
        limits = heat_limits().get(self.step, HeatLimits())
        expected = forecast(t, celsius)
        ahead = crossing(expected, float(celsius[-1]), limits) if expected is not None else None
        return Heat(t, celsius, limits, self.step, expected, ahead, self._speed)

    def _times(self) -> Floats:
        """Return when each reading was taken, s since the first."""
        numbers = np.array(self._numbers, dtype=float)
        since: Floats = (numbers - numbers[:1]) / self._rate
        return since

    def _take(self) -> ThermocoupleState:
        wire = self._rig.thermocouple()
        state = wire.state()
        if state.run != self._run:
            self._run, self._last = state.run, state.newest
            self._numbers, self._celsius = [], []
        self._rate, self._speed = state.rate, state.speed
        for _ in range(MOST_AT_ONCE):
            if self._last >= state.newest:
                break
            first, values = wire.samples(self._last)
            if not values:
                break
            # what a thermocouple has forgotten stays a gap: the numbers tell
            self._numbers += range(first, first + len(values))
            self._celsius += values
            self._last = first + len(values) - 1
        return state

    def end(self, when: str) -> Job | None:
        """End the watch and keep the trace with its step; return the job, None where nothing was watched."""
        watched, self._watched = self._watched, None
        if watched is None or len(self._celsius) < 3:
            return None
        limits, t = heat_limits().get(watched.step, HeatLimits()), self._times()
        broken = tuple(each.words for each in violations(t, np.array(self._celsius), limits))
        by = max(1, -(-len(t) // MOST))
        celsius, times = tuple(self._celsius[::by]), tuple(t[::by].tolist())
        peak = max(self._celsius)
        trace = HeatTrace(watched.step, watched.when, watched.source, times, celsius, peak, broken, self._speed)
        job = self._shop.jobs.known_by(watched.job)
        job = job.with_standins([THERMOCOUPLE] if watched.simulated else [])
        return self._shop.jobs.save(replace(job, heats=(*job.heats, trace)), when)
