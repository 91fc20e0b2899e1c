"""Kill -9 of the application while it binds, flashes, finishes and sweeps: each act is known afterwards, and the job goes on."""

import os
import random
import signal
import subprocess
import sys
import time
from contextlib import suppress
from datetime import UTC, datetime
from pathlib import Path

import pytest

from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.acts import ActKind, ActState
from daruma.core.errors import Trouble
from daruma.demo.build import at_work
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.demo.marks import WORLD
from daruma.demo.technician import Clock
from daruma.standin.file import save_world
from daruma.store.shop import Shop
from tests.bench.faultbench import go_on, next_step, plug_in
from tests.bench.killing import Arena
from tests.conftest import seeds

ENTRY = {
    "complaint": "",
    "opened": 0,
    "until": "intake",
    "front_camera": "own",
    "front_camera_stock": "locked",
    "rear_camera": "broken",
    "promised": ["front_camera", "rear_camera_finished"],
}
MOST_KILLS = 4


def laid_out(folder: Path, catalogue: Catalogue) -> None:
    """A shop with one phone whose cameras are both to be replaced."""
    folder.mkdir()
    laying, shop = Laying(Maker(random.Random(11))), Shop(folder)
    world, model = laying.world, catalogue.models["damson"]
    world.firmware = "2.1"
    with shop, at_work(laying, shop, Clock(datetime(2026, 11, 28, tzinfo=UTC))) as technician:
        phone = laying.phone(model, "5.2", "a phone", ENTRY)
        laying.age(phone, ENTRY)
        technician.job(ENTRY, model, phone, laying.new_parts(model, ENTRY))
    world.sweep_speed, world.sweep_pace = 150.0, 4.0
    save_world(world, folder / WORLD)


def on(arena: Arena, workshop: Workshop, until: float) -> str:
    """Go on with the job until a moment, whatever is in the way; return the step at hand then."""
    job = workshop.shop.jobs.get(1)
    while (step := next_step(job)) and time.monotonic() < until:
        with suppress(Trouble):
            plug_in(workshop)
            for act in workshop.shop.journal.left_in_doubt():
                workshop.settle(act, arena.context())
            job = go_on(workshop, workshop.shop.jobs.get(1), arena.context())
    return step


def one_run(folder: Path, catalogue: Catalogue, seed: int) -> int:
    rng, kills = random.Random(f"camera kills/{seed}"), 0
    laid_out(folder, catalogue)
    arena = Arena(folder, catalogue)
    arena.start_standin()
    try:
        for _ in range(rng.randint(1, MOST_KILLS)):
            pid = os.fork()
            if pid == 0:
                with suppress(BaseException), arena.opened() as (workshop, _):
                    on(arena, workshop, time.monotonic() + 60)
                os._exit(0)
            time.sleep(rng.uniform(0.05, 3.0))
            ended, _ = os.waitpid(pid, os.WNOHANG)
            if not ended:
                os.kill(pid, signal.SIGKILL)
                os.waitpid(pid, 0)
                kills += 1
            with Shop(folder) as shop:
                assert shop.check()[1] == ()
        with arena.opened() as (workshop, hands):
            assert on(arena, workshop, time.monotonic() + 60) == ""
            job, journal = workshop.shop.jobs.get(1), workshop.shop.journal
            assert job.all_proven
            acts = journal.acts_of(job.uid)
            assert not [act for act in acts if act.state is ActState.IN_DOUBT]
            begun = [event for event in hands.events() if event[0] == "flash" and event[2] == "begun"]
            told = [act for act in acts if act.kind is ActKind.FLASH and act.state is not ActState.NOT_SENT]
            assert len(told) >= len(begun), "whatever was begun is told"
            assert workshop.shop.check()[1] == ()
        return kills
    finally:
        arena.kill("standin")


def runs(folder: Path, first: int, count: int) -> int:
    """Run in a process of its own, which can be forked: no thread but this, no window. Return how often it was killed."""
    code = "import sys; from pathlib import Path; from tests.bench.test_camera_kills import main; main(sys.argv)"
    command = [sys.executable, "-c", code, str(folder), str(first), str(count)]
    done = subprocess.run(command, cwd=Path(__file__).parents[2], capture_output=True, text=True, timeout=9000, check=False)
    assert done.returncode == 0, done.stderr[-4000:]
    return int(done.stdout.split()[-1])


def main(said: list[str]) -> None:
    folder, first, count = Path(said[1]), int(said[2]), int(said[3])
    catalogue = load_catalogue()
    print(sum(one_run(folder / str(seed), catalogue, seed) for seed in range(first, first + count)))


@pytest.mark.parametrize("tried", seeds(1, 200))
def test_killed_at_random_moments(tried: range, tmp_path: Path) -> None:
    assert runs(tmp_path, tried.start, len(tried)) >= len(tried)
