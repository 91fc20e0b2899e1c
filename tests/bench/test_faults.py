"""The fault matrix: every fault at every step of the display route, and by chance, and by script."""

import random
import shutil
import threading
import time
from collections.abc import Iterator, Mapping
from pathlib import Path

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job, StepState
from daruma.demo.hands import Hands
from daruma.link.errors import Refused
from daruma.standin.faults import FAULTS
from daruma.standin.kinds.display.panel import Panel
from daruma.standin.wires import PtyWire
from tests.bench.faultbench import STEPS, FaultBench, go_on, hero_of, next_step, plug_in, to_the_end
from tests.conftest import share
from tests.parts import panel_of, with_work

# what only a hand can spoil, or what belongs to ways that this route does not take
ELSEWHERE = frozenset(
    {"slip", "unbind_fails", "service_busy", "spent_write_kills", "supply_sags", "folded_wrong", "air_too_hot", "flash_fails"}
)
PLAYED = tuple(name for name in FAULTS if name not in ELSEWHERE)
ENDS = frozenset({"limit_reached", "foreign_maker", "stuck_bit"})
SOME_STEPS = 1  # of the way, besides the write: the soak tries all of them
ON_THE_WIRE = frozenset({"unplug", "lost_answer", "flipped_bit", "flipped_request", "doubled_answer", "slow", "reset"})


@pytest.fixture
def bench(demo_folder: Path, catalogue: Catalogue) -> Iterator[FaultBench]:
    made = FaultBench(demo_folder, catalogue)
    yield made
    made.close()


def test_the_route_has_the_steps_that_are_tested(bench: FaultBench) -> None:
    job, seen = hero_of(bench.shop), set()
    while step := next_step(job):
        seen.add(step)
        job = once(bench, job)
    assert seen - {"plan"} <= set(STEPS)
    assert seen >= {"read_phone", "read_original", "read_new", "write_new", "solder_chip", "fit", "prove_ambient_white"}
    assert job.all_proven


def once(bench: FaultBench, job: Job) -> Job:
    return go_on(bench.workshop, job, bench.context)


def strikes(name: str, step: str, before: Path, folder: Path, catalogue: Catalogue, *, whole: bool) -> bool:
    """Let a fault strike at a step, and go on until the step is done, or to the end; return whether it struck."""
    shutil.copytree(before, folder)
    bench = FaultBench(folder, catalogue)

    def done(job: Job) -> bool:
        return not whole and next_step(job) not in (step, "plan") and not any(s.state is StepState.FAILED for s in job.steps)

    try:
        bench.invariants.check()
        job = to_the_end(bench, hero_of(bench.shop), {step: [name]}, random.Random(f"{name}/{step}"), until=done)
        stopped = any(s.state is StepState.FAILED for s in job.steps)
        assert not stopped or name in ENDS, (step, [(s.action, s.state, s.note) for s in job.steps])
        assert job.all_proven or not whole or name in ENDS
        return bool(bench.hands.played().get(name))
    finally:
        bench.close()


@pytest.mark.parametrize("name", PLAYED)
def test_every_fault_at_some_steps(name: str, before_each_step: dict[str, Path], tmp_path: Path, catalogue: Catalogue) -> None:
    """The fault strikes at one step, the technician follows the advice, the step is done in the end."""
    drawn = {"write_new", *random.Random(f"steps of {name}").sample(sorted(before_each_step), SOME_STEPS)}
    every_step(name, {step: before_each_step[step] for step in sorted(drawn)}, tmp_path, catalogue, whole=False)


def every_step(name: str, steps: Mapping[str, Path], tmp_path: Path, catalogue: Catalogue, *, whole: bool) -> None:
    struck = {step for step, before in steps.items() if strikes(name, step, before, tmp_path / step, catalogue, whole=whole)}
    assert "write_new" in struck, "each fault strikes at the write at least"
    if name in ON_THE_WIRE:
        assert struck == set(steps), "the wire can fail at every step: the window always looks at the bench"


@pytest.mark.soak
@pytest.mark.parametrize("name", PLAYED)
def test_every_fault_at_every_step_to_the_end(
    name: str, before_each_step: dict[str, Path], tmp_path: Path, catalogue: Catalogue
) -> None:
    every_step(name, before_each_step, tmp_path, catalogue, whole=True)


def test_a_fault_that_there_is_not_is_refused(bench: FaultBench) -> None:
    with pytest.raises(Refused, match="faults are unplug"):
        bench.hands.fault("gremlin")
    with pytest.raises(Refused, match="a fault has no colour"):
        bench.hands.fault("slow", colour="red")


def test_faults_by_script(bench: FaultBench) -> None:
    """A script is a list of faults, each with the requests that it waits for."""
    script = [
        {"name": "unplug", "op": "memory.read", "skip": 3, "at": 5},
        {"name": "flipped_request", "op": "write.page", "skip": 2},
        {"name": "doubled_answer", "op": "sockets", "times": 3},
        {"name": "reset", "op": "write.commit", "at": 100},
    ]
    bench.hands.script(script)
    job, seen = hero_of(bench.shop), []
    for _ in range(60):
        if not next_step(job):
            break
        job, trouble = _one(bench, job)
        seen += [trouble] if trouble else []
        bench.invariants.check()
    assert any("unplugged" in words for words in seen)
    acts = bench.shop.journal.acts_on(panel_of(job).die)
    assert next(act.state.value for act in acts) == "failed", "the commit was cut off after 100 bytes"
    assert job.all_proven


def _one(bench: FaultBench, job: Job) -> tuple[Job, str]:
    try:
        return go_on(bench.workshop, job, bench.context), ""
    except Trouble as trouble:
        plug_in(bench.workshop)
        job = bench.shop.jobs.get(job.number)
        for act in bench.shop.journal.left_in_doubt():
            job, _ = bench.workshop.settle(act, bench.context)
        return job, trouble.what


@pytest.mark.parametrize("first", [0, 4, 8, 12])
def test_unplugged_at_every_byte_of_a_commit_s_answer(bench: FaultBench, first: int) -> None:
    """Wherever the answer is cut off, what the part says settles the act; four writes are what a panel's odds allow."""
    job = hero_of(bench.shop)
    while next_step(job) != "write_new":
        job = once(bench, job)
    index, panel = job.current_step or 0, bench.bench.world.of(Panel)[panel_of(job).die]
    panel.limit = None
    for count, at in enumerate(range(first, first + 4), start=1):
        bench.hands.fault("unplug", op="write.commit", at=at)
        try:
            bench.workshop.do_step(job, index, bench.context)
        except Trouble as trouble:
            assert "was unplugged" in trouble.what or "not known what the write did" in trouble.what
        plug_in(bench.workshop)
        for act in bench.shop.journal.left_in_doubt():
            _, state = bench.workshop.settle(act, bench.context)
            assert state.value == "done"
        acts = bench.shop.journal.acts_on(panel.die)
        assert len(acts) == panel.writes == count
        assert acts[-1].digest == bench.hands.look(panel.die)["digest"]
        panel.memory = "ff" * (len(panel.memory) // 2)
        again = bench.shop.jobs.get(job.number).with_step(index, StepState.OPEN, "", "")
        job = bench.workshop.save(with_work(again, image=panel.memory), bench.context)


@pytest.mark.parametrize("seed", share(range(100), 1))
def test_faults_by_chance(seed: int, bench: FaultBench) -> None:
    """Arm several faults, each with a chance at every request, and an adapter that fails more and more often."""
    rng = random.Random(seed)
    faults = {step: rng.sample(PLAYED, 2) for step in STEPS if rng.random() < 0.6}
    job = to_the_end(bench, hero_of(bench.shop), faults, rng)
    bench.invariants.check()
    assert job.all_proven or any(step.state is StepState.FAILED for step in job.steps) or not bench.workshop.plan(job).routes


def test_an_adapter_that_fails_more_and_more_often(bench: FaultBench) -> None:
    hands: Hands = bench.hands
    hands.fault("failing_adapter", chance=0.0, growth=0.02, times=-1, op="sockets")
    failed = [not any(bench.rig.programmer().sockets().values()) for _ in range(10)]
    assert failed, "an empty socket says nothing yet"
    hands.calm()
    job = hero_of(bench.shop)
    while next_step(job) != "read_original":
        job = once(bench, job)
    hands.fault("failing_adapter", chance=0.0, growth=0.01, times=-1, op="sockets")
    seen = [not any(bench.rig.programmer().sockets().values()) for _ in range(120)]
    assert sum(seen[:40]) < sum(seen[40:80]) < sum(seen[80:])


def test_a_wire_stopped_while_it_is_unplugged_closes_nothing_twice(tmp_path: Path) -> None:
    """A number closed twice may by then belong to another file, which would be closed under its owner."""
    wire = PtyWire(tmp_path / "wire", 0.05)
    unplugging = threading.Thread(target=wire.unplug)
    unplugging.start()
    while (tmp_path / "wire").is_symlink():
        time.sleep(0.001)
    wire.stop()
    unplugging.join()
    assert not wire.comes_back()
    assert not (tmp_path / "wire").is_symlink(), "what is stopped is not plugged in again"
