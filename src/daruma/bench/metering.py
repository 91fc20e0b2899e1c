"""The meter in the charging cable: looked at live, recorded for a job at any stage, read back, judged; logs of others taken in.

It has a wire and a lane of its own, so that recording goes on while the bench works. What is recorded is kept every few seconds;
a recording that was cut off goes on where the meter still has its samples, else it is brought to its end as it is.
"""

from __future__ import annotations

import logging
from collections.abc import Mapping

import numpy as np
from msgspec import Struct, field
from msgspec.structs import replace

from daruma.bench.rig import Rig
from daruma.core.cell.log import Floats, integrals, offset_of, totals
from daruma.core.cell.spans import Span
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.power.boot import BootVerdict, boot_of, with_starts
from daruma.core.power.envelope import shortened
from daruma.core.power.played import Played, Trace
from daruma.core.power.recording import Recording
from daruma.core.settings import USB_METER
from daruma.link.devices import Driver
from daruma.link.usb_meter import UsbMeterState
from daruma.store.digests import fresh_uid
from daruma.store.locks import FileLock
from daruma.store.recordings import MOST, Begun, Chunk, Head, Recordings
from daruma.store.shop import Shop

log = logging.getLogger("daruma.bench")
LOCK = "recording.lock"
WINDOW = 60.0  # seconds that are seen live
KEPT_EVERY = 5.0  # seconds of samples that a crash can cost the program; the meter still has them
MOST_AT_ONCE = 20  # answers of the meter taken in one look
JUDGED = 2_000_000  # samples that are judged and drawn of a longer recording, as means


class Live(Struct, frozen=True):
    """Hold what is seen of the meter: its state, the last minute (s before now, so negative), the recording that is going on."""

    state: UsbMeterState
    trace: Trace
    job: str = ""
    seconds: float = 0.0
    trouble: str = ""


class _Going(Struct):
    """Hold a recording that goes on: how far it is kept, what is not kept yet."""

    uid: str
    begun: Begun
    head: Head
    last: int  # number of the last sample that was taken
    numbers: list[Floats] = field(default_factory=list)
    volts: list[Floats] = field(default_factory=list)
    amperes: list[Floats] = field(default_factory=list)

    @property
    def waiting(self) -> int:
        return sum(map(len, self.numbers))


class Metering:
    """Look at the meter and record; used by one lane, over a rig of its own."""

    def __init__(self, rig: Rig, shop: Shop) -> None:
        self._rig = rig
        self._shop = shop
        self._run = ""
        self._last = 0
        self._seen: list[tuple[Floats, Floats, Floats]] = []
        self._going: _Going | None = None
        self._trouble = ""
        self._lock: FileLock | None = None  # held while recording: another window must not take that for cut off

    @property
    def _recordings(self) -> Recordings:
        return self._shop.recordings

    @property
    def is_recording(self) -> bool:
        """Return whether a recording is going on."""
        return self._going is not None

    def close(self) -> None:
        """Keep what is not kept yet and close the wire; the recording stays cut off, to go on at the next start."""
        try:
            self._keep(0)
        except Trouble as trouble:
            log.warning("the end of a recording is not kept: %s", trouble.what)
        self._let_go()
        self._rig.close()

    def anew(self) -> Driver:
        """Return the meter, connected anew; raise LinkError where none answers."""
        return self._rig.anew(USB_METER)

    # -- live

    def look(self) -> Live:
        """Take what the meter has measured since the last look; raise LinkError where it does not answer."""
        try:
            state = self._taken()
        except Trouble:
            self._rig.drop(USB_METER)
            raise
        self._keep(int(KEPT_EVERY * state.rate))
        going, trace = self._going, self._window(state)
        seconds = (going.last - going.begun.first) / going.begun.rate if going is not None else 0.0
        return Live(state, trace, going.begun.job if going is not None else "", seconds, self._trouble)

    def _taken(self) -> UsbMeterState:
        meter = self._rig.usb_meter()
        state = meter.state()
        window = int(WINDOW * state.rate)
        if state.run != self._run:
            # another meter, or its clock began anew: what is not there cannot go on
            self._run, self._last, self._seen = state.run, max(0, state.newest - window), []
            self._end_other(state)
        for _ in range(MOST_AT_ONCE):
            if self._last >= state.newest:
                break
            some = meter.samples(self._last)
            if not len(some.volts):
                break
            numbers = some.first + np.arange(len(some.volts), dtype=float)
            self._last = int(numbers[-1])
            self._seen.append((numbers, some.volts, some.amperes))
            # numbers of another run of the clock are other samples
            if self._going is not None and self._going.begun.run == self._run:
                self._record(self._going, numbers, some.volts, some.amperes)
        self._forget(window)
        return state

    def _record(self, going: _Going, numbers: Floats, volts: Floats, amperes: Floats) -> None:
        fresh = numbers > going.last
        if fresh.any():
            going.numbers.append(numbers[fresh])
            going.volts.append(volts[fresh])
            going.amperes.append(amperes[fresh])
            going.last = int(numbers[-1])

    def _forget(self, window: int) -> None:
        while self._seen and self._seen[0][0][-1] < self._last - window:
            self._seen.pop(0)
        if len(self._seen) > 64:
            self._seen = [tuple(np.concatenate(each) for each in zip(*self._seen, strict=True))]  # type: ignore[list-item]

    def _window(self, state: UsbMeterState) -> Trace:
        if not self._seen:
            return Trace(*(np.empty(0) for _ in range(3)))
        numbers, volts, amperes = (np.concatenate(each) for each in zip(*self._seen, strict=True))
        t = (numbers - self._last) / state.rate
        inside = t >= -WINDOW
        return Trace(t[inside], volts[inside], amperes[inside])

    # -- recording

    def begin(self, job: Job, stage: str, when: str) -> Live:
        """Begin to record for a job; one that goes on for another job has to be ended first."""
        if self._going is not None:
            raise Trouble(tr("A recording is going on already."), safe=tr("It goes on."), advice=tr("End it first."))
        if not self._may_record():
            raise Trouble(tr("Another window records already."), safe=tr("It goes on."), advice=tr("End it there first."))
        try:
            return self._begun(job, stage, when)
        except BaseException:
            self._let_go()
            raise

    def _may_record(self) -> bool:
        """Return whether no other window records, and keep the others from it."""
        lock = FileLock(self._shop.folder / LOCK)
        if lock.take(alone=True):
            self._lock = lock
            return True
        lock.release()
        return False

    def _let_go(self) -> None:
        if self._lock is not None:
            self._lock.release()
        self._lock = None

    def _begun(self, job: Job, stage: str, when: str) -> Live:
        live = self.look()
        said = self._rig.usb_meter().hello()
        clock = self._run, live.state.rate, self._last + 1
        begun = Begun(job.uid, when, stage, tr("meter {serial}", serial=said.serial), *clock, live.state.offers, said.simulated)
        uid = fresh_uid()
        self._going = _Going(uid, begun, self._recordings.begin(uid, begun), self._last)
        return replace(live, job=job.uid)

    def end(self, now_known: Mapping[str, Model], when: str, note: str = "") -> Job | None:
        """End the recording and return its job, which remembers it; None where none is going on."""
        going = self._going
        if going is None:
            return None
        self._keep(0)
        self._going, self._trouble = None, ""
        self._let_go()
        return self._remembered(going.uid, now_known, when, note)

    def cut_off(self, models: Mapping[str, Model], when: str) -> tuple[Job, ...]:
        """Let recordings that were cut off go on where the meter has their samples, bring the others to their end."""
        if self._shop.read_only or self._going is not None or not self._may_record():
            return ()
        ended = []
        for uid, _ in self._recordings.cut_off():
            if self._going is not None and self._going.uid == uid:
                continue
            try:
                if not self._goes_on(uid):
                    ended.append(self._remembered(uid, models, when, tr("cut off: the program ended before it did")))
            except Trouble as trouble:
                log.warning("a recording that was cut off cannot be read: %s", trouble.what)
        if self._going is None:
            self._let_go()
        return tuple(ended)

    def _goes_on(self, uid: str) -> bool:
        begun = self._recordings.begun(uid)
        if self._going is not None or not begun.run:
            return False
        try:
            meter = self._rig.usb_meter()
            if meter.state().run != begun.run:
                return False
        except Trouble:
            return False
        head, last = self._recordings.head(uid), begun.first - 1
        for chunk in self._recordings.chunks(uid, head.count):
            last = begun.first + round(float(chunk.t[-1]) * begun.rate)
        self._run, self._last, self._seen = begun.run, last, []
        self._going = _Going(uid, begun, head, last)
        return True

    def _end_other(self, state: UsbMeterState) -> None:
        """Say that a recording cannot go on: the meter that it is from is no more what it was."""
        if self._going is not None and self._going.begun.run != state.run:
            self._trouble = tr("The meter has begun anew: what it had not given yet is lost. End the recording.")

    def _keep(self, at_least: int) -> None:
        """Keep what is waiting, where that is as much as wanted; where the store takes nothing it waits on."""
        going = self._going
        if going is None or not going.waiting or going.waiting < at_least:
            return
        numbers, volts, amperes = (np.concatenate(each) for each in (going.numbers, going.volts, going.amperes))
        for start in range(0, len(numbers), MOST):
            part = slice(start, start + MOST)
            t = (numbers[part] - going.begun.first) / going.begun.rate
            going.head = self._recordings.add(going.uid, going.begun.job, going.head, Chunk(t, volts[part], amperes[part]))
            going.numbers, going.volts, going.amperes = ([each[start + MOST :]] for each in (numbers, volts, amperes))
        going.numbers, going.volts, going.amperes = [], [], []

    # -- what was recorded

    def take_in(self, job: Job, log: Trace, name: str, stage: str, models: Mapping[str, Model], when: str) -> Job:
        """Keep the log of another meter, a file of a name, as a recording of a job."""
        uid, begun = fresh_uid(), Begun(job.uid, when, stage, "file")
        head = self._recordings.begin(uid, begun)
        for start in range(0, len(log.t), MOST):
            part = slice(start, start + MOST)
            head = self._recordings.add(uid, job.uid, head, Chunk(log.t[part], log.v[part], log.a[part]))
        return self._remembered(uid, models, when, "", source=tr("file {name}", name=name)[:200])

    def trace(self, recording: Recording) -> Trace:
        """Return what was recorded, as means where it is longer than can be looked at; raise StoreTrouble for damage."""
        return self._trace(recording.uid, recording.count)

    def played(self, recording: Recording, model: Model | None) -> Played:
        """Return a recording of a model with its samples and phases."""
        from daruma.core.cell.phases import phases  # slow to import, and needed only where a recording is looked at

        trace = self.trace(recording)
        verdict, found = verdict_of(trace, model), phases(trace.t, trace.v, trace.a)
        spans = with_starts(found, verdict, model.boot if model is not None else None)
        plugged_in = (run.start for run in verdict.runs if run.start > trace.t[0])
        return Played(recording, trace, spans, next(plugged_in, 0.0), tuple(_amounts(trace, span) for span in spans))

    def _trace(self, uid: str, count: int) -> Trace:
        samples = 0
        parts: list[Chunk] = []
        for chunk in self._recordings.chunks(uid, count):
            parts.append(chunk)
            samples += len(chunk.t)
            if samples > JUDGED:
                parts = [_halved(parts)]
                samples = len(parts[0].t)
        if not parts:
            return Trace(*(np.empty(0) for _ in range(3)))
        return Trace(*(np.concatenate([getattr(part, name) for part in parts]) for name in "tva"))

    def _remembered(self, uid: str, models: Mapping[str, Model], when: str, note: str, source: str = "") -> Job:
        begun, head = self._recordings.begun(uid), self._recordings.head(uid)
        job = self._shop.jobs.known_by(begun.job)
        samples = sum(len(chunk.t) for chunk in self._recordings.chunks(uid, head.count))
        recording = Recording(uid, begun.when, begun.stage, source or begun.source, head.link, head.count, samples, 0.0)
        recording = replace(recording, offers=begun.offers, note=note)
        if samples > 1:
            recording = judged(recording, self._trace(uid, head.count), models.get(job.ticket.model))
        job = job.with_standins([USB_METER] if begun.simulated else [])
        return self._shop.jobs.save(replace(job, recordings=(*job.recordings, recording)), when)


def judged(recording: Recording, trace: Trace, model: Model | None) -> Recording:
    """Return a recording with what its samples say: charge and energy into the phone, how the phone started."""
    whole = totals(trace.t, trace.v, trace.a, offset=offset_of(trace.a))
    verdict = verdict_of(trace, model)
    charge, energy = whole.charge_positive, whole.energy_positive
    return replace(
        recording,
        seconds=float(trace.t[-1] - trace.t[0]),
        charge=(float(charge.value), float(charge.u)),
        energy=(float(energy.value), float(energy.u)),
        boot=verdict.boot.value,
        why=verdict.why,
    )


def verdict_of(trace: Trace, model: Model | None) -> BootVerdict:
    """Return what a trace says of a model's start."""
    return boot_of(trace.t, trace.v, trace.a, model.boot if model is not None else None)


def _amounts(trace: Trace, span: Span) -> tuple[float, float, float]:
    """Return charge (mAh), energy (mWh) and mean current (A) of a phase."""
    inside = slice(int(np.searchsorted(trace.t, span.start)), int(np.searchsorted(trace.t, span.end, "right")))
    _, charge, energy = integrals(trace.t[inside], trace.v[inside], trace.a[inside]).tolist()
    return charge / 3.6, energy / 3.6, charge / max(span.end - span.start, 1e-9)


def _halved(parts: list[Chunk]) -> Chunk:
    t, v, a = (np.concatenate([getattr(part, name) for part in parts]) for name in "tva")
    short, (volts, amps) = shortened(t, (v, a), len(t) // 2)
    return Chunk(short, volts, amps)
