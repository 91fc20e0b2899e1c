"""Heat at a soldering step at the bench: watched, forecast, kept with the step."""

import time
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from contextlib import contextmanager, suppress
from pathlib import Path

import pytest

from daruma.bench.context import Context
from daruma.bench.heating import Heating
from daruma.core.errors import Trouble
from daruma.demo.hands import LateHands
from daruma.link.errors import Refused
from tests.bench.jobbench import WIRES, JobBench, job_bench
from tests.forking import ForkedStandIns
from tests.parts import some

FASTER = 60.0


class Bench(JobBench):
    """A phone at a soldering step."""

    @property
    def heating(self) -> Heating:
        return self.workshop.heating

    def watch(self, step: str, seconds: float, *, hot: bool = False) -> list[str]:
        """Watch a step for so many seconds of the thermocouple's clock; return what was said ahead."""
        if hot:
            self.technician.hands.fault("air_too_hot")
        self.heating.begin(self.job, step, Context().now())
        self.technician.hands.heat(self.phone.imei, step)
        said, end = [], time.monotonic() + 20
        while time.monotonic() < end:
            with suppress(Trouble):
                heat = self.heating.look()
                if heat.ahead is not None:
                    said.append(heat.ahead.words)
                if len(heat.t) and heat.t[-1] >= seconds:
                    break
        job = some(self.heating.end(Context().now()))
        self.job = job
        self.technician.hands.heat(self.phone.imei, "")
        return said


@contextmanager
def bench(tmp_path: Path) -> Iterator[Bench]:
    with job_bench(Bench, tmp_path, {"promised": ["auto_brightness"], "flex": "worn"}) as made:
        made.laying.world.heat_speed = FASTER
        yield made


def test_a_step_within_its_limits_is_kept_and_says_so(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        said = at.watch("lift_chip", 150)
        (trace,) = at.job.heats
        assert trace.broken == (), trace.words
        assert trace.step == "lift_chip"
        assert 217 < trace.peak < 320
        assert trace.source == "thermocouple ST-0001"
        assert trace.speed == FASTER
        assert said == []
        kept = at.workshop.shop.jobs.get(at.job.number)
        assert kept.heats == at.job.heats
        assert at.workshop.shop.check()[1] == ()


def test_air_that_is_too_hot_is_said_before_the_limit_is_crossed(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        said = at.watch("lift_memory", 130, hot=True)
        (trace,) = at.job.heats
        assert any("hotter than allowed" in each for each in trace.broken)
        assert said
        assert "it will be at" in said[0]


@pytest.mark.parametrize("fault", WIRES)
def test_no_fault_of_the_wire_costs_a_reading(fault: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.technician.hands.fault(fault, 2, device="thermocouple", op="heat.*", skip=6)
        at.watch("lift_memory", 60)
        (trace,) = at.job.heats
        steps = [abs(b - a) for a, b in zip(trace.celsius, trace.celsius[1:], strict=False)]
        assert max(steps) < 4.5, "no jump: nothing is missing between two readings"


def test_two_steps_are_not_watched_at_once(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.heating.begin(at.job, "lift_memory", "now")
        with pytest.raises(Trouble, match="watched already"):
            at.heating.begin(at.job, "lift_chip", "now")
        assert at.heating.end("now") is None or at.heating.step == ""


def test_the_stand_in_technician_hears_several_lanes_at_once(standin: ForkedStandIns) -> None:
    """Answers on one wire went to whichever lane read first, and the other took the device for dead."""
    hands = LateHands(lambda: standin.wires)
    with ThreadPoolExecutor(4) as lanes:
        asked = [lanes.submit(hands.replug if n % 2 else hands.heat, *(("",) if n % 2 else ("", ""))) for n in range(200)]
    for each in asked:
        with suppress(Refused):  # there is no such phone: that is an answer
            each.result()
