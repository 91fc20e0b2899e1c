"""Every loop over a device, beside a device that is never done: it can be stopped, or comes to an end by itself.

The devices are the stand-ins; what the loop asks for is answered by them and then changed so that there is always one more.
Patience is counted in answers.
"""

from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import Any

import numpy as np
import pytest

from daruma.bench import context as waiting
from daruma.bench.context import Context
from daruma.bench.kinds import rear_camera
from daruma.catalogue.cells import chemistries
from daruma.core.cell.program import CellTest, Samples, danger_in
from daruma.core.errors import Cancelled, Trouble
from daruma.core.kinds import KINDS
from daruma.core.optics.sweep import RATE
from daruma.core.parts import Function, PartKind, Version
from daruma.demo.kinds import rooms
from daruma.link import camera
from daruma.link.errors import Refused
from daruma.link.port import Port
from tests.bench.jobbench import JobBench, job_bench
from tests.bench.test_every_kind import WRITTEN, promises
from tests.parts import some

Said = Mapping[str, Any]
STOPPED_AFTER = 3  # answers in which the loop is under way
LAST = 8  # answers that may still come: the piece that is under way, and the bench left as it was
MOST = 50_000  # answers of one loop without a stop
REAL = 3  # answers that the stand-in gives itself, before they are made from its last one


class Clock:
    """A clock that goes on by what is waited, and by each answer."""

    def __init__(self) -> None:
        self.now = 0.0

    def __call__(self) -> float:
        return self.now

    def sleep(self, seconds: float) -> None:
        self.now += seconds


class Endless:
    """Answer for the devices: what one op gets is changed, so that it is never done; asks are counted."""

    def __init__(self, op: str, changed: Callable[[Said, Said], Said], patch: pytest.MonkeyPatch) -> None:
        self.op, self.changed = op, changed
        self.asked = self.after = 0
        self.stop: Callable[[], None] | None = None
        self._stopped = False
        self._last: Said = {}
        self._newest = 1 << 20
        self._ask = Port.ask
        patch.setattr(Port, "ask", lambda port, op, args=None, **how: self.answer(port, op, args or {}, how))

    def answer(self, port: Port, op: str, args: Said, how: dict[str, Any]) -> Said:
        self.after += self._stopped
        if op != self.op:
            said = self._ask(port, op, args, **how)
            self._newest += 1000
            return {**said, "newest": self._newest} if op in ("usb.state", "heat.state") else said
        self.asked += 1
        if self.asked <= REAL or self.changed is as_it_is:
            with suppress(Refused):
                self._last = self._ask(port, op, args, **how)
        assert self.asked < MOST, f"{op} is asked without end"
        if self.asked == STOPPED_AFTER and self.stop is not None:
            self.stop()
            self._stopped = True
        return self.changed(args, self._last)


def as_it_is(_: Said, said: Said) -> Said:
    return said


def half_done(_: Said, said: Said) -> Said:
    return {**said, "done": 0.5}


def never_swept(args: Said, said: Said) -> Said:
    nothing = {"gyro": b"", "frames": b"", "first": round(args["after"] * RATE), "end": args["after"]}
    return {**said, **nothing, "done": False, "over": False, "progress": 0.5}


def one_more(args: Said, _: Said) -> Said:
    return {"first": args["after"] + 1, "values": [10.0 * args["after"], 3.9, -0.6, 24.0]}


def now_and_then(_: Said, said: Said, turn: list[int] = [0]) -> Said:  # noqa: B006
    turn[0] += 1
    return {**said, "opened": turn[0] % 2 == 0}


@contextmanager
def at(tmp_path: Path, kind: PartKind) -> Iterator[JobBench]:
    entry: dict[str, Any] = {"original": {}, "promised": promises(kind)}
    for each in rooms():
        entry |= each.broken if each.kind is kind else {}
    with job_bench(JobBench, tmp_path, entry, system="4.6" if kind in WRITTEN else "5.1") as made:
        world = made.laying.world
        world.station_speed, world.sweep_speed, world.sweep_pace = 500.0, 400.0, 4.0
        yield made


def step(bench: JobBench, context: Context) -> object:
    return bench.workshop.do_step(bench.job, some(bench.job.current_step), context)


def proof_of(function: Function) -> Callable[[JobBench, Context], object]:
    return lambda bench, context: bench.workshop.prove_step(bench.job, function, context)


def white(bench: JobBench, context: Context) -> object:
    return bench.workshop.measure(bench.job, "warm", context)


def flashed(bench: JobBench, context: Context) -> object:
    return camera.flash(bench.workshop.rig.phone(), context.part(0.0, 1.0, "flashing"), lambda: None, 1.0)


def creeping(_: Said, said: Said, turn: list[int] = [0]) -> Said:  # noqa: B006
    turn[0] += 1
    return {**said, "done": min(0.9, 1e-4 * turn[0])}


def slow_usb(args: Said, _: Said) -> Said:
    return {"first": args["after"] + 1, "uv": bytes(4), "ua": bytes(4)}


def slow_heat(args: Said, _: Said) -> Said:
    return {"first": args["after"] + 1, "celsius": [25.0]}


def cable(bench: JobBench, _: Context) -> object:
    bench.workshop.metering.look()
    return bench.workshop.metering.look()


def heat(bench: JobBench, _: Context) -> object:
    bench.workshop.heating.look()
    return bench.workshop.heating.look()


# kind, the step that is at hand, what is done there, what it asks for again and again, how that is changed
LOOPS = {
    "a memory": (PartKind.DISPLAY, "read_original", step, "memory.read", as_it_is),
    "a white": (PartKind.DISPLAY, "prove_ambient_white", white, "meter.screen", as_it_is),
    "dots": (PartKind.SENSOR_FLEX, "prove_face_unlock", proof_of(Function.FACE_UNLOCK), "phone.dots", as_it_is),
    "unlocking": (PartKind.SENSOR_FLEX, "prove_face_unlock", proof_of(Function.FACE_UNLOCK), "phone.unlock", now_and_then),
    "frames": (PartKind.FRONT_CAMERA, "prove_front_camera", proof_of(Function.FRONT_CAMERA), "phone.frame", as_it_is),
    "a sweep": (PartKind.REAR_CAMERA, "finish_rear_camera", step, "phone.sweep", never_swept),
    "a cell": (PartKind.BATTERY, "test_cell", step, "station.samples", one_more),
    "flashing": (PartKind.FRONT_CAMERA, "unbind_front_camera", flashed, "phone.flash_step", creeping),
    "shakes": (PartKind.MOTOR, "prove_haptics", proof_of(Function.HAPTICS), "phone.shake", as_it_is),
}
# acts that nobody can stop half-way, and looks that come again: they end by themselves
ACTS = {
    "an activation": (PartKind.FACE_MODULE, "activate_module", step, "face.step", half_done),
    "the cable's meter": (PartKind.MOTOR, "motor_to_holder", cable, "usb.samples", slow_usb),
    "the heat": (PartKind.MOTOR, "motor_to_holder", heat, "heat.samples", slow_heat),
}


def reached(bench: JobBench, at_hand: str) -> None:
    while bench.step() != at_hand and not bench.step().startswith("prove"):
        if bench.step() == "finish_on_phone":
            bench.workshop.confirm_trust(bench.job)
        bench.do()


@pytest.mark.parametrize("loop", LOOPS)
def test_a_loop_that_is_never_done_can_be_stopped(loop: str, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    kind, at_hand, deed, op, changed = LOOPS[loop]
    with at(tmp_path, kind) as bench:
        reached(bench, at_hand)
        context, device = Context(), Endless(op, changed, monkeypatch)
        device.stop = context.cancelled.set
        with pytest.raises((Cancelled, Trouble)):
            deed(bench, context)
        assert device.asked >= STOPPED_AFTER, "it was under way"
        assert device.after <= LAST


@pytest.mark.parametrize("loop", [*LOOPS, *ACTS])
def test_a_loop_that_is_never_done_comes_to_an_end(loop: str, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    kind, at_hand, deed, op, changed = {**LOOPS, **ACTS}[loop]
    with at(tmp_path, kind) as bench:
        reached(bench, at_hand)
        clock = Clock()
        for module in (rear_camera, camera, waiting):
            monkeypatch.setattr(module, "monotonic", clock)
            monkeypatch.setattr(module, "sleep", clock.sleep)
        monkeypatch.setattr(Context, "pause", lambda _, seconds: clock.sleep(seconds))
        device = Endless(op, changed, monkeypatch)
        with suppress(Trouble):
            deed(bench, Context())
        assert device.asked > 1, "it was under way"
        bench.workshop.survey(bench.workshop.shop.jobs.get(bench.job.number), Context())


def test_more_than_a_cell_can_hold_ends_its_test() -> None:
    test, hours = CellTest(next(iter(chemistries().values())), 3000.0), 11.0
    t = np.arange(0.0, 3600 * hours, 10.0)
    flat = np.full_like(t, 3.9)
    assert "cannot be" in danger_in(test, Samples(t, flat, np.full_like(t, -0.6), np.full_like(t, 25.0)))
    half = slice(None, len(t) // 2)
    assert not danger_in(test, Samples(t[half], flat[half], np.full_like(t, -0.6)[half], np.full_like(t, 25.0)[half]))


def test_an_update_that_is_never_done_comes_to_an_end(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    with at(tmp_path, PartKind.MOTOR) as bench:
        Endless("firmware.step", half_done, monkeypatch)
        with pytest.raises(Trouble, match="does not come to an end"):
            bench.workshop.rig.programmer().update_firmware(Version(2, 1), lambda _: None)


@pytest.mark.parametrize("kind", KINDS)
def test_no_step_has_a_loop_that_is_not_looked_at_here(kind: PartKind, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """What a step asks for more than a few times is in the table above, or is written into the programmer's buffer."""
    seen = {op for _, _, _, op, _ in (*LOOPS.values(), *ACTS.values())} | {"write.page", "supply.state", "station.state"}
    with at(tmp_path, kind) as bench:
        counted: dict[str, int] = {}
        ask = Port.ask

        def counting(port: Port, op: str, args: Said | None = None, **how: Any) -> Said:
            counted[op] = counted.get(op, 0) + 1
            return ask(port, op, args, **how)

        monkeypatch.setattr(Port, "ask", counting)
        while not bench.step().startswith("prove"):
            if bench.step() == "finish_on_phone":
                bench.workshop.confirm_trust(bench.job)
            counted.clear()
            bench.do()
            assert {op for op, times in counted.items() if times > 6} <= seen, bench.step()
