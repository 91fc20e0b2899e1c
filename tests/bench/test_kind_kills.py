"""Kill -9 of program and stand-ins in sessions of every kind, several parts at once: each act is known, and the job goes on.

The program dies at a question over the wire, at a commit of the store (before it or after it), or at whatever moment it is.
"""

import os
import random
import signal
import subprocess
import sys
import time
from collections import Counter
from collections.abc import Callable
from contextlib import suppress
from datetime import UTC, datetime
from itertools import combinations
from pathlib import Path
from typing import Any

import pytest

from daruma.bench.context import Context
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.acts import Act, ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.job import StepState
from daruma.core.kinds import KINDS
from daruma.core.parts import PartKind
from daruma.core.plan.proofs import proven_by
from daruma.demo.build import at_work
from daruma.demo.hands import Hands
from daruma.demo.kinds import rooms
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.demo.marks import WORLD
from daruma.demo.technician import Clock
from daruma.link.port import Port
from daruma.standin.file import save_world
from daruma.store.database import Database
from daruma.store.shop import Shop
from tests.bench.faultbench import Finished, go_on, next_step, plug_in
from tests.bench.killing import Arena
from tests.bench.test_every_kind import LINES, WRITTEN, promises
from tests.conftest import seeds

MOST_KILLS, MOST_PROOFS = 4, 4
MOMENTS: tuple[tuple[type, str], ...] = ((Port, "ask"), (Database, "_told"))
# what the stand-ins note of what happened, and the acts that may have done it
DONE_BY = {"write": {ActKind.WRITE}, "enable": {ActKind.ENABLE}, "activate": {ActKind.ACTIVATE}, "flash": {ActKind.FLASH}}


def laid_out(folder: Path, catalogue: Catalogue, kinds: tuple[PartKind, ...]) -> None:
    """A shop with one phone, some of whose parts are to be replaced."""
    entry: dict[str, Any] = {"complaint": "", "opened": 0, "until": "intake", "original": {}, "promised": promises(*kinds)}
    for its in rooms():
        entry |= its.broken if its.kind in kinds else {}
    second_of(folder).mkdir(parents=True)
    laying, shop = Laying(Maker(random.Random(11))), Shop(folder, second_of(folder))
    world, model = laying.world, catalogue.models["cedar_l"]
    world.firmware = "2.1"
    with shop, at_work(laying, shop, Clock(datetime(2026, 11, 28, tzinfo=UTC))) as technician:
        phone = laying.phone(model, "4.6" if set(kinds) <= WRITTEN else "5.1", "a phone", entry)
        laying.age(phone, entry)
        technician.job(entry, model, phone, laying.new_parts(model, entry))
    world.station_speed, world.sweep_speed, world.sweep_pace = 500.0, 400.0, 4.0
    save_world(world, folder / WORLD)


def second_of(folder: Path) -> Path:
    return folder.with_name(f"{folder.name} second")


def on(arena: Arena, workshop: Workshop, until: float) -> str:
    """Go on with the job until a moment, whatever is in the way; return the step at hand then."""
    job, unproven = workshop.shop.jobs.get(1), 0
    while (step := next_step(job)) and time.monotonic() < until and unproven <= MOST_PROOFS:
        try:
            job = go_on(workshop, workshop.shop.jobs.get(1), arena.context())
        except Finished:
            unproven += 1
            job = workshop.shop.jobs.get(1)
        except Trouble:
            with suppress(Trouble):
                mend(workshop, arena.context())
    return step


def mend(workshop: Workshop, context: Context) -> None:
    """Do what a technician does after a trouble: settle what is in doubt, do again by hand what is no longer so."""
    plug_in(workshop)
    for act in workshop.shop.journal.left_in_doubt():
        workshop.settle(act, context)
    job = workshop.shop.jobs.get(1)
    if job.steps and (lapsed := workshop.survey(job, context).lapsed):
        workshop.put_back(job, lapsed.index, context)


def dying(rng: random.Random) -> Callable[[], None]:
    """Return what makes the program kill itself at a moment: before or after a question or a commit."""
    owner, name = rng.choice(MOMENTS)
    last, after = round(10 ** rng.uniform(0, 3.2 if owner is Port else 1.7)), rng.random() < 0.5
    real, calls = getattr(owner, name), 0

    def counted(self: object, *args: Any, **how: Any) -> Any:
        nonlocal calls
        calls += 1
        if calls == last and not after:
            os.kill(os.getpid(), signal.SIGKILL)
        result = real(self, *args, **how)
        if calls == last and after:
            os.kill(os.getpid(), signal.SIGKILL)
        return result

    return lambda: setattr(owner, name, counted)


def killed(arena: Arena, rng: random.Random) -> bool:
    """Let the program work until it is killed, now and then with the stand-ins; return whether it came to that."""
    prepare = dying(rng) if rng.random() < 0.7 else None
    pid = os.fork()
    if pid == 0:
        with suppress(BaseException):
            if prepare:
                prepare()
            with arena.opened() as (workshop, _):
                on(arena, workshop, time.monotonic() + 60)
        os._exit(0)
    if prepare is None:
        time.sleep(rng.uniform(0.02, 2.0))
        with_standins = rng.random() < 0.4
        if with_standins:
            arena.kill("standin")
        os.kill(pid, signal.SIGKILL)
        if with_standins:
            arena.start_standin()
    _, status = os.waitpid(pid, 0)
    return os.WIFSIGNALED(status)


def one_run(folder: Path, catalogue: Catalogue, seed: int) -> int:
    rng, kills = random.Random(f"kills/{seed}"), 0
    kinds = LINES[seed % len(LINES)] if rng.random() < 0.5 else rng.choice(tuple(combinations(KINDS, rng.randint(1, 2))))
    laid_out(folder, catalogue, kinds)
    arena = Arena(folder, catalogue, second=second_of(folder))
    arena.start_standin()
    try:
        for _ in range(rng.randint(1, MOST_KILLS)):
            kills += killed(arena, rng)
            with Shop(folder, second_of(folder)) as shop:
                assert shop.check()[1] == (), kinds
        with arena.opened() as (workshop, hands):
            mend(workshop, arena.context())
            ended = on(arena, workshop, time.monotonic() + 120)
            honest(workshop, hands, kinds, ended)
        return kills
    finally:
        arena.kill("standin")


def honest(workshop: Workshop, hands: Hands, kinds: tuple[PartKind, ...], ended: str) -> None:
    """Compare job and journal with what the stand-ins noted of phone and parts."""
    job, journal = workshop.shop.jobs.get(1), workshop.shop.journal
    told = [(step.action, step.state, step.note) for step in job.steps]
    assert ended == "", (kinds, told)
    proofs = [step.action for step in job.steps if proven_by(step.action) is not None]
    assert len(set(proofs)) == len(proofs), (kinds, "each proof is on the sheet once")
    assert workshop.shop.check()[1] == ()
    acts = journal.acts_of(job.uid)
    assert not [act for act in acts if act.state is ActState.IN_DOUBT], kinds
    real = Counter((what, thing) for what, thing, more in hands.events() if more == "begun" or what not in ("flash", "activate"))
    for (what, thing), times in real.items():
        assert len(sent(acts, DONE_BY.get(what, set()), thing)) >= (times if what in DONE_BY else 0), (kinds, what, thing)
        assert times == 1 or what not in ("enable", "activate"), "once in its life"
        assert what != "write" or journal.writes(thing) >= times
    assert all(step.state is StepState.DONE for step in job.steps) or not workshop.plan(job).routes, (kinds, told)


def sent(acts: list[Act], kinds: set[ActKind], die: str) -> list[Act]:
    return [act for act in acts if act.kind in kinds and act.die == die and act.state is not ActState.NOT_SENT]


def runs(folder: Path, first: int, count: int) -> int:
    """Run in a process of its own, which can be forked: no thread but this, no window. Return how often it was killed."""
    code = "import sys; from tests.bench.test_kind_kills import main; main(sys.argv)"
    command = [sys.executable, "-c", code, str(folder), str(first), str(count)]
    done = subprocess.run(command, cwd=Path(__file__).parents[2], capture_output=True, text=True, timeout=18000, check=False)
    assert done.returncode == 0, done.stderr[-4000:]
    return int(done.stdout.split()[-1])


def main(said: list[str]) -> None:
    folder, first, count = Path(said[1]), int(said[2]), int(said[3])
    catalogue = load_catalogue()
    print(sum(one_run(folder / str(seed), catalogue, seed) for seed in range(first, first + count)))


@pytest.mark.parametrize("tried", seeds(1, 700))
def test_killed_in_a_session_of_any_kind(tried: range, tmp_path: Path) -> None:
    assert runs(tmp_path, tried.start, len(tried)) >= len(tried)
