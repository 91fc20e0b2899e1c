"""Kill -9 of the application and of the stand-ins, in a process of its own: `python -m tests.bench.killing`.

Between the kills a second window works on the same job, copies are made and restored, the clock jumps, bytes of store, log
and marks change.

One thread and no Qt here, so that both can be forked: a run costs no start-up. What must hold is checked after every
kill, and at the end of the job that goes on after it.
"""

import argparse
import os
import random
import shutil
import signal
import sys
import time
from collections.abc import Callable
from contextlib import contextmanager
from dataclasses import dataclass
from datetime import datetime, timedelta
from pathlib import Path
from typing import Any

from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.demo.hands import connect_hands
from daruma.demo.marks import WORLD
from daruma.link.errors import LinkError
from daruma.link.port import Port
from daruma.standin.file import load_world
from daruma.standin.server import Bench
from daruma.store.copies import copies_of, make_copy, restore, rotate
from daruma.store.jobs import JobBook
from daruma.store.journal import Journal
from daruma.store.marks import FILE as MARKS
from daruma.store.marks import read_marks
from daruma.store.progress import lacking, progress_of
from daruma.store.shop import Shop
from daruma.store.vault import Vault
from tests.bench.faultbench import Finished, go_on, next_step, recover
from tests.bench.invariants import Invariants
from tests.conftest import HERO
from tests.pace import slowness
from tests.store.test_marks import Truth
from tests.store.test_marks import flip as changed

DEVICES = ("programmer", "phone", "colorimeter", "supply", "station", "usb_meter", "thermocouple", "hands")
PATIENCE = 0.3
LONGEST = 240.0  # seconds: hangs are for ever, and these machines may be slow
PACE = 0.0005

# where an application dies that dies at the worst moment: the method, before or after it, at which call
POINTS: dict[str, tuple[type, str, bool, int]] = {
    f"{'after' if after else 'before'} {owner.__name__}.{method} {nth}": (owner, method, after, nth)
    for owner, method, nths in (
        (Journal, "intend", (1,)),
        (Journal, "settle", (1,)),
        (Vault, "keep", (1,)),
        (JobBook, "save", (1, 4, 6, 9)),
        (Port, "commit", (1,)),
    )
    for nth in nths
    for after in (False, True)
}


@dataclass
class Arena:
    """Hold one folder with shop and world, and the processes on it."""

    folder: Path
    catalogue: Catalogue
    standin: int = 0
    app: int = 0
    window: int = 0
    clock: timedelta = timedelta()
    second: Path | None = None

    def start_standin(self) -> None:
        ready, tell = os.pipe()
        self.standin = os.fork()
        if self.standin == 0:
            world = load_world(self.folder / WORLD)
            world.pace = PACE
            wires = self.folder / "wires"
            wires.mkdir(exist_ok=True)
            Bench(world, self.catalogue, file=self.folder / WORLD).serve(wires)
            os.write(tell, b"x")
            signal.pause()
            os._exit(0)
        os.close(tell)
        os.read(ready, 1)
        os.close(ready)

    def start_app(self, prepare: Callable[[], None], which: str = "app") -> None:
        pid = os.fork()
        if pid == 0:
            prepare()
            try:
                with self.opened() as (workshop, _):
                    walk(workshop, self.context())
            finally:
                os._exit(0)
        setattr(self, which, pid)

    def context(self) -> Context:
        """Return a context whose clock is as wrong as the machine's is."""
        return Context(now=lambda: (datetime.now().astimezone() + self.clock).isoformat(timespec="seconds"))

    @contextmanager
    def opened(self):  # type: ignore[no-untyped-def]
        """Open the shop as an application does, with hands beside it."""
        wires = {name: str(self.folder / "wires" / name) for name in DEVICES}
        shop, hands = Shop(self.folder, self.second), connected(wires["hands"])
        rig = Rig({name: url for name, url in wires.items() if name != "hands"}, patience=PATIENCE * slowness(), settle=0.0)
        try:
            yield Workshop(rig, shop, self.catalogue, hands), hands
        finally:
            rig.close()
            hands.close()
            shop.close()

    def kill(self, which: str) -> None:
        pid = getattr(self, which)
        if pid:
            os.kill(pid, signal.SIGKILL)
            os.waitpid(pid, 0)
            setattr(self, which, 0)

    def app_has_ended(self) -> bool:
        if self.app and os.waitpid(self.app, os.WNOHANG)[0]:
            self.app = 0
        return self.app == 0


def connected(url: str):  # type: ignore[no-untyped-def]
    end = time.monotonic() + 5
    while True:
        try:
            hands = connect_hands(url)
            hands.hello()
            return hands
        except LinkError:
            if time.monotonic() > end:
                raise
            time.sleep(0.02)


def walk(workshop: Workshop, context: Context) -> Job:
    """Bring the job to its end, whatever dies on the way."""
    end = time.monotonic() + LONGEST
    job = workshop.shop.jobs.get(HERO)
    while next_step(job):
        assert time.monotonic() < end, f"the job hangs at {next_step(job)}"
        try:
            job = go_on(workshop, job, context)
        except Finished:
            break
        except Trouble:
            time.sleep(0.02)
            job = recovered(workshop, context) or job
    return job


def recovered(workshop: Workshop, context: Context) -> Job | None:
    try:
        return recover(workshop, workshop.hands, HERO, context)  # type: ignore[arg-type]
    except Trouble:
        # the stand-ins are away as well: tried again at the next turn, over a new wire
        workshop.rig.close()
        workshop.hands = connected(str(workshop.shop.folder / "wires" / "hands"))
        return None


def dying_at(point: str) -> Callable[[], None]:
    """Return what makes an application kill itself at a point."""
    owner, method, after, nth = POINTS[point]

    def prepare() -> None:
        calls = 0
        name = "ask" if method == "commit" else method
        real = getattr(owner, name)

        def dying(self: object, *args: Any, **how: Any) -> Any:
            nonlocal calls
            counts = method != "commit" or args[0] == "write.commit"
            calls += counts
            if counts and calls == nth and not after:
                os.kill(os.getpid(), signal.SIGKILL)
            result = real(self, *args, **how)
            if counts and calls == nth and after:
                os.kill(os.getpid(), signal.SIGKILL)
            return result

        setattr(owner, name, dying)

    return prepare


def meddle(arena: Arena, rng: random.Random) -> str:
    """Do to a closed shop what befalls one; return what it was."""
    what = rng.choice(("nothing", "copy", "copy and restore", "clock", "byte"))
    now = datetime.now().astimezone() + arena.clock
    match what:
        case "copy":
            with Shop(arena.folder) as shop:
                make_copy(shop.database, now)
                rotate(shop.database, now.date())
        case "copy and restore":
            restore(arena.folder, rng.choice(copies_of(arena.folder)), now)
        case "clock":
            arena.clock += timedelta(days=rng.choice((-400, -2, 2, 400)))
        case "byte":
            flip(arena.folder, rng)
    return what


def flip(folder: Path, rng: random.Random) -> None:
    """Change one byte of store, log or marks in a copy: it is named, or changes nothing that is kept."""
    marked, sound, spoilt = read_marks(folder / MARKS).memory, folder.with_name("sound"), folder.with_name("spoilt")
    shutil.copytree(folder, sound, ignore=shutil.ignore_patterns("wires"))
    with Shop(sound) as shop, shop.database.reading() as connection:
        truth = Truth.of(shop)
        # killed between a commit and its mark: one fault; a byte that changes before the next start would be a second
        behind = marked is None or bool(lacking(progress_of(connection), marked.progress))
    if not behind:
        changed(folder, truth, spoilt, rng)
        shutil.rmtree(spoilt)
    shutil.rmtree(sound)


def one_run(arena: Arena, rng: random.Random, point: str = "", *, whole: bool = True) -> dict[str, int]:
    """Kill once or more, check after each; then, for a whole run, let the job go on to its end and check again.

    Returns what was seen.
    """
    seen = {"kills": 0, "doubts": 0}
    arena.start_standin()
    with arena.opened() as (workshop, hands):
        watch = Invariants(workshop.shop, hands)
        watch.check()
        make_copy(workshop.shop.database, datetime.now().astimezone())
    for _ in range(1 if point else rng.randrange(1, 3)):
        arena.start_app(dying_at(point) if point else lambda: None)
        if point:
            while not arena.app_has_ended():
                time.sleep(0.005)
        else:
            if rng.random() < 0.3:
                arena.start_app(lambda: None, "window")
            time.sleep(rng.uniform(0.0, 0.9))
            arena.kill("window")
            which = rng.choice(("app", "app", "standin", "both"))
            for each in ("app", "standin"):
                if which in (each, "both"):
                    arena.kill(each)
            if arena.standin == 0:
                time.sleep(rng.uniform(0.0, 0.05))
                arena.start_standin()
            time.sleep(rng.uniform(0.0, 0.2) if which == "standin" else 0.0)
            arena.kill("app")
        seen["kills"] += 1
        if not point:
            what = meddle(arena, rng)
            seen[what] = seen.get(what, 0) + 1
        with arena.opened() as (workshop, hands):
            watch.shop, watch.hands = workshop.shop, hands
            watch.check()
            seen["doubts"] += len(workshop.shop.journal.left_in_doubt())
    if not whole:
        arena.kill("standin")
        return seen
    with arena.opened() as (workshop, hands):
        watch.shop, watch.hands = workshop.shop, hands
        recovered(workshop, Context())
        assert not workshop.shop.journal.in_doubt(), "every act in doubt can be settled by reading"
        job = walk(workshop, arena.context())
        watch.hands = workshop.hands
        watch.check()
        assert job.all_proven, [(step.action, step.state, step.note) for step in job.steps]
    arena.kill("standin")
    return seen


def main() -> int:
    """Run so many kills on copies of prepared folders; say what was seen."""
    parser = argparse.ArgumentParser()
    parser.add_argument("work", type=Path)
    parser.add_argument("starts", type=Path, nargs="+", help="folders to begin from")
    parser.add_argument("--runs", type=int, default=0)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--whole", type=int, default=1, help="let one run in so many go on to its end")
    parser.add_argument("--points", action="store_true", help="die at every point instead")
    arguments = parser.parse_args()
    catalogue = load_catalogue()
    total = {"runs": 0, "kills": 0, "doubts": 0}
    for index, point in enumerate(POINTS if arguments.points else [""] * arguments.runs):
        rng = random.Random(f"{arguments.seed}/{index}")
        folder = arguments.work / f"run-{index}"
        shutil.copytree(rng.choice(arguments.starts), folder, ignore=shutil.ignore_patterns("wires"))
        arena = Arena(folder, catalogue)
        try:
            seen = one_run(arena, rng, point, whole=index % arguments.whole == 0)
        except BaseException:
            print(f"run {index} {point} failed", file=sys.stderr)
            raise
        finally:
            for each in ("app", "window", "standin"):
                arena.kill(each)
        shutil.rmtree(folder)
        total["runs"] += 1
        for key, count in seen.items():
            total[key] = total.get(key, 0) + count
    print(total)
    return 0


if __name__ == "__main__":
    sys.exit(main())
