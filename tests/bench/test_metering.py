"""The meter in the charging cable at the bench: recorded whole through faults of the wire, a kill, a full store."""

import itertools
import random
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from dataclasses import dataclass
from pathlib import Path
from types import SimpleNamespace

import numpy as np
import pytest
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.metering import JUDGED, Metering
from daruma.bench.workshop import Workshop
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.pictures.cable_trace import laid_over
from daruma.core.power.played import Trace
from daruma.core.power.signature import Boot
from daruma.standin import usb_meter
from daruma.store.recordings import Begun, Chunk, Head, Recordings
from daruma.store.trouble import StoreTrouble
from tests.bench.jobbench import WIRES, JobBench, job_bench
from tests.conftest import crossed
from tests.pace import again_for
from tests.parts import some

ENTRY = {"promised": ["auto_brightness"], "flex": "worn", "start": {"how": "loops", "ails": "sensor_flex"}}
RATE = 100.0  # samples a second


@dataclass
class MeterBench(JobBench):
    """A phone that starts again and again, with a meter in its cable whose clock is fast."""

    @property
    def metering(self) -> Metering:
        return self.workshop.metering

    def begin(self, seconds: float = 0.0) -> None:
        self.metering.begin(self.job, "Intake", Context().now())
        self.technician.hands.replug(self.phone.imei)
        self.upto(seconds)

    def upto(self, seconds: float) -> None:
        """Look until so much is recorded, whatever goes wrong on the wire."""
        seen = 0.0
        for _ in again_for(60.0):
            with suppress(Trouble):
                seen = self.metering.look().seconds
            if seen >= seconds:
                return
        raise AssertionError(f"only {seen} s of {seconds} s")

    def end(self) -> Job:
        for _ in again_for(20.0):
            with suppress(StoreTrouble):
                self.job = some(self.metering.end(self.workshop.catalogue.models, Context().now()))
                return self.job
        raise AssertionError("it does not end")

    def trace(self) -> Trace:
        return self.metering.trace(self.job.recordings[-1])

    def ends_whole(self) -> bool:
        """End the recording; return whether no sample is missing and none came twice."""
        self.end()
        return bool(np.allclose(np.diff(self.trace().t), 1 / RATE, atol=2e-6))


@contextmanager
def bench(tmp_path: Path, seconds: float = 3.0) -> Iterator[MeterBench]:
    """Give a bench whose meter's clock goes on by so much each time that it is asked: no machine is too busy to keep up."""
    asked = itertools.count()
    clock = SimpleNamespace(monotonic=lambda: seconds * next(asked))
    with pytest.MonkeyPatch.context() as patch, job_bench(MeterBench, tmp_path, ENTRY) as made:
        patch.setattr(usb_meter, "time", clock)
        made.laying.age(made.phone, ENTRY)
        yield made


def test_a_loop_is_recorded_told_and_read_back(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.begin(90)
        assert made.ends_whole()
        (recording,) = made.job.recordings
        assert (recording.boot, recording.stage, recording.source) == (Boot.LOOPS.value, "Intake", "meter SM-0001")
        assert "one every" in recording.why
        trace = made.trace()
        assert len(trace.t) == recording.samples >= 9000
        # charge by another way: the mean current over the time
        mean = float(np.mean(trace.a)) * recording.seconds / 3.6
        assert recording.charge[0] == pytest.approx(mean, abs=0.05)
        played = made.metering.played(recording, made.workshop.model(made.job))
        assert sum(span.phase.value == "boot" for span in played.spans) >= 3
        assert sum(amount[0] for amount in played.amounts) == pytest.approx(recording.charge[0], rel=0.02)
        told = laid_over(900, 400, (played,), "x").words
        assert told.count("starts, ") >= 3
        assert "mAh" in told
        assert made.workshop.shop.check()[1] == ()


def test_what_ails_it_taken_out_it_boots(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.laying.world.phones[made.phone.imei].fitted["sensor_flex"] = None
        made.begin(60)
        assert made.end().recordings[-1].boot == Boot.BOOTS.value


@pytest.mark.parametrize(
    ("op", "fault"), crossed(("usb.state", "usb.samples", "hello"), sorted({*WIRES, "slow", "flipped_request"}))
)
def test_no_fault_of_the_wire_costs_a_sample(fault: str, op: str, tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.begin()
        how = {"at": 40} if fault in ("unplug", "flipped_bit") else {"seconds": 0.05} if fault == "slow" else {}
        made.technician.hands.fault(fault, 3, device="usb_meter", op=op, skip=1, **how)
        made.upto(60)
        assert made.ends_whole()


def test_random_faults_cost_no_sample(tmp_path: Path) -> None:
    rng = random.Random(5)
    with bench(tmp_path, 1.0) as made:
        made.begin()
        for _ in range(12):
            made.technician.hands.fault(rng.choice(WIRES), 2, device="usb_meter", op="usb.*", chance=0.5)
            made.upto(rng.uniform(5, 100))
        made.technician.hands.calm()
        assert made.ends_whole()


def killed(made: MeterBench) -> Workshop:
    """Let it end as a killed process does: nothing is kept that was not kept yet, nobody closes anything."""
    made.workshop.metering._rig.close()
    made.workshop.metering._let_go()
    return made.workshop


def test_after_a_kill_it_goes_on_where_it_was(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.begin(40)
        workshop = killed(made)
        workshop.metering = Metering(workshop.rig.beside(), workshop.shop)
        assert workshop.metering.cut_off(workshop.catalogue.models, Context().now()) == ()
        assert workshop.metering.is_recording
        made.upto(80)
        assert made.ends_whole(), "the meter had kept what the program had not"
        assert made.trace().t[-1] >= 80
        assert not workshop.metering.cut_off(workshop.catalogue.models, Context().now())


def test_a_recording_whose_meter_is_gone_ends_with_what_was_kept(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.begin(40)
        workshop = killed(made)
        workshop.metering = Metering(replace(workshop.rig.beside(), wires={}), workshop.shop)
        (job,) = workshop.metering.cut_off(workshop.catalogue.models, Context().now())
        assert job.recordings[-1].note.startswith("cut off")
        assert job.recordings[-1].seconds > 25
        assert workshop.shop.check()[1] == ()
        assert workshop.metering.cut_off(workshop.catalogue.models, Context().now()) == ()


def test_a_store_that_takes_nothing_loses_nothing(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    def full(*_: object) -> Head:
        raise StoreTrouble("The disk is full.")

    with bench(tmp_path) as made:
        made.begin(20)
        with monkeypatch.context() as patched:
            patched.setattr(Recordings, "add", full)
            for _ in range(40):
                with suppress(StoreTrouble):
                    made.metering.look()
        made.upto(60)
        assert made.ends_whole()


def test_two_jobs_do_not_record_at_once_and_work_meanwhile_is_merged(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.begin()
        with pytest.raises(Trouble, match="going on already"):
            made.metering.begin(made.job, "Bench", "now")
        before = made.job
        made.upto(20)
        made.workshop.shop.jobs.save(replace(before, way="chosen meanwhile"), "now")
        job = made.end()
        assert (job.way, len(job.recordings)) == ("chosen meanwhile", 1)
        stale = made.workshop.shop.jobs.save(replace(before, phone={**before.phone, "x": "y"}), "later")
        assert len(stale.recordings) == 1, "what grew from the job before it was recorded keeps the recording"


def test_a_long_recording_is_looked_at_in_means(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        store, uid = made.workshop.shop.recordings, "f" * 32
        head = store.begin(uid, Begun(made.job.uid, "now", "Bench", "file"))
        count, rng = 45, np.random.default_rng(1)
        for place in range(count):
            t = place * 100.0 + np.arange(100_000) / 1000
            amperes = 0.5 + 0.1 * rng.standard_normal(len(t))
            head = store.add(uid, made.job.uid, head, Chunk(t, np.full(len(t), 5.0), amperes))
        job = made.metering.cut_off(made.workshop.catalogue.models, "later")[0]
        (recording,) = job.recordings
        trace = made.metering.trace(recording)
        assert len(trace.t) <= JUDGED
        assert recording.samples == count * 100_000
        assert recording.charge[0] == pytest.approx(0.5 * 4500 / 3.6, rel=1e-3)


def test_samples_of_a_meter_that_began_anew_are_not_taken_for_its_own(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.begin(30)
        # the meter restarts: its clock begins anew, further on than the recording has come
        before = made.metering._rig.usb_meter().state()
        restarted = replace(before, run="another", newest=before.newest + 50_000)
        made.metering._rig._drivers["usb_meter"].state = lambda: restarted  # type: ignore[method-assign]
        with suppress(Trouble):
            made.metering.look()
        del made.metering._rig._drivers["usb_meter"].state
        assert "begun anew" in made.metering._trouble
        assert made.ends_whole(), "nothing of the other clock is in it"
        assert made.job.recordings[-1].seconds < 200


def test_another_window_leaves_a_recording_alone(tmp_path: Path) -> None:
    with bench(tmp_path) as made:
        made.begin(30)
        workshop = made.workshop
        other = Metering(workshop.rig.beside(), workshop.shop)
        assert other.cut_off(workshop.catalogue.models, "now") == ()
        assert not other.is_recording
        with pytest.raises(Trouble, match="Another window"):
            other.begin(made.job, "Bench", "now")
        made.upto(60)
        assert made.ends_whole()
        workshop.metering.close()
        other.begin(made.job, "Bench", "now")
        assert other.is_recording
        other.close()
