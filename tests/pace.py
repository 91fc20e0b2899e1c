"""How slow this machine is now: time-outs of tests are stretched by it, since what they wait for is worked out here, too."""

import time
from collections.abc import Iterator
from functools import lru_cache

_USUAL = 0.006  # seconds that the loop takes on an idle machine of today
_MOST = 6.0
_TURNS = 100_000
_HOLDS = 3.0  # seconds that an answer holds


def again_for(seconds: float) -> Iterator[None]:
    """Give turns until so many seconds are over: what is waited for takes time, however quick each look at it is."""
    end = time.monotonic() + seconds
    while time.monotonic() < end:
        yield


def slowness() -> float:
    """Return how many times longer than usual something takes, load included; at least 1."""
    return _slowness(int(time.monotonic() / _HOLDS))


@lru_cache(maxsize=1)
def _slowness(_: int) -> float:
    began = time.perf_counter()
    sum(turn & 1 for turn in range(_TURNS))
    return min(_MOST, max(1.0, (time.perf_counter() - began) / _USUAL))
