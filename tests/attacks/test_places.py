"""Places that fail: a second place in every bad state, and a disk that is full in the middle of each kind's session."""

import json
import os
import random
import resource
import shutil
import subprocess
import sys
import textwrap
from collections import Counter
from collections.abc import Callable
from pathlib import Path
from typing import Any

import pytest

from daruma.bench.context import Context
from daruma.core.acts import ActKind
from daruma.core.kinds import KINDS
from daruma.core.parts import PartKind
from daruma.demo.kinds import rooms
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE
from tests.bench.jobbench import JobBench, job_bench
from tests.bench.test_every_kind import WRITTEN, promises
from tests.conftest import seeds, share
from tests.parts import some

PATIENCE = 120  # s of a process that does a few things: reached only where it hangs

SESSION = """
    import json, sys
    from datetime import datetime
    from pathlib import Path
    from daruma.core.acts import ActKind, ActState
    from daruma.core.errors import Trouble
    from daruma.store.copies import copies_of, make_copy, restore
    from daruma.store.shop import Shop
    from tests.store.conftest import content
    folder, second, said = Path(sys.argv[1]), Path(sys.argv[2]), []
    def tried(deed):
        try:
            return deed()
        except Trouble as trouble:
            said.append(trouble.what)
    def act(shop):
        known = dict(job="J", backup="B", digest="d", started="t", evidence=(("a", "b"),))
        act = shop.journal.intend(ActKind.WRITE, die="D1", **known)
        shop.journal.settle(act, ActState.DONE, "", "t")
    shop = tried(lambda: Shop(folder, second))
    if shop is not None:
        tried(lambda: shop.vault.keep(content(2)))
        tried(lambda: act(shop))
        tried(lambda: make_copy(shop.database, datetime.now().astimezone()))
        said += [shop.marks_trouble] if getattr(shop, "marks_trouble", "") else []
        shop.close()
        copies = copies_of(folder)
        if copies:
            tried(lambda: restore(folder, copies[0], datetime.now().astimezone(), second))
    print(json.dumps(said))
"""


def logs(second: Path) -> list[Path]:
    return sorted(second.glob("daruma-*.log"))


def each(second: Path, change: Callable[[Path], object]) -> None:
    for log in logs(second):
        log.unlink()
        change(log)


# what may become of a second place while nobody looks
STATES: dict[str, Callable[[Path], object]] = {
    "gone": shutil.rmtree,
    "a file": lambda second: (shutil.rmtree(second), second.write_bytes(b"x")),
    "a loop": lambda second: (shutil.rmtree(second), second.symlink_to(second)),
    "a link to nowhere": lambda second: (shutil.rmtree(second), second.symlink_to("/nowhere/at/all")),
    "full": lambda second: each(second, lambda log: log.symlink_to("/dev/full")),
    "endless": lambda second: each(second, lambda log: log.symlink_to("/dev/zero")),
    "pipes": lambda second: each(second, os.mkfifo),
    "folders": lambda second: each(second, Path.mkdir),
    "empty files": lambda second: each(second, Path.touch),
    "noise": lambda second: each(second, lambda log: log.write_bytes(random.Random(1).randbytes(100_000))),
    "long lines": lambda second: each(second, lambda log: log.write_bytes(b"[" * (8 << 20))),
    "many shops": lambda second: [(second / f"daruma-marks-{n:012x}.log").write_bytes(b"x\n") for n in range(300)],
    "pipes of other shops": lambda second: [os.mkfifo(second / f"daruma-marks-{n:012x}.log") for n in range(3)],
}

LASTING = frozenset({"gone", "a file", "a loop", "a link to nowhere", "folders"})  # the others are put right when it is opened


def session(folder: Path, second: Path) -> list[str]:
    command = [sys.executable, "-c", textwrap.dedent(SESSION), str(folder), str(second)]
    done = subprocess.run(command, capture_output=True, text=True, check=False, timeout=PATIENCE)
    assert done.returncode == 0, done.stderr[-2000:]
    said: list[str] = json.loads(done.stdout)
    return said


@pytest.mark.parametrize("state", share(STATES, 4))
def test_whatever_becomes_of_the_second_place_the_shop_goes_on_and_counts(state: str, tmp_path: Path) -> None:
    """Nothing hangs; what the shop's own folder holds is counted whatever the second place says."""
    folder, second = tmp_path / "shop", tmp_path / "second"
    second.mkdir()
    assert session(folder, second) == []
    STATES[state](second)
    session(folder, second)
    for place in (second, None):
        told = counted(folder, place)
        assert told["writes"] == 2, told
        assert set(told["faults"]) <= {"the marks"}, "the store itself is sound"
        assert bool(told["faults"]) == (place is not None and state in LASTING), "what cannot be remembered there is said"


def counted(folder: Path, second: Path | None) -> dict[str, Any]:
    code = """
        import json, sys
        from pathlib import Path
        from daruma.store.shop import Shop
        shop = Shop(Path(sys.argv[1]), Path(sys.argv[2]) if sys.argv[2] else None)
        print(json.dumps({"writes": shop.journal.writes("D1"), "faults": [fault.name for fault in shop.check()[1]]}))
    """
    command = [sys.executable, "-c", textwrap.dedent(code), str(folder), str(second or "")]
    done = subprocess.run(command, capture_output=True, text=True, check=False, timeout=PATIENCE)
    assert done.returncode == 0, done.stderr[-2000:]
    told: dict[str, Any] = json.loads(done.stdout)
    return told


class FullBench(JobBench):
    """Work with a disk that is full now and then: writing fails at whatever byte, in whatever file of the shop."""

    failed = 0

    def do(self, context: Context | None = None) -> None:
        try:
            super().do(context)
        except StoreTrouble:
            self.failed += 1
            raise

    def fill(self, rng: random.Random) -> None:
        folder = self.workshop.shop.folder
        most = max(file.stat().st_size for file in folder.glob(f"{FILE}*"))
        room = rng.choice((0, 100, 5_000, 30_000, 120_000))
        resource.setrlimit(resource.RLIMIT_FSIZE, (most + room, resource.RLIM_INFINITY))

    def empty(self) -> None:
        resource.setrlimit(resource.RLIMIT_FSIZE, (resource.RLIM_INFINITY, resource.RLIM_INFINITY))

    def mended(self) -> bool:
        self.empty()
        self.job = self.workshop.shop.jobs.get(self.job.number)
        return super().mended()


@pytest.mark.skipif(resource.getrlimit(resource.RLIMIT_FSIZE)[1] != resource.RLIM_INFINITY, reason="files are limited here")
@pytest.mark.parametrize("kind", share(KINDS, 4))
@pytest.mark.parametrize("tried", seeds(1, 150))
def test_a_disk_that_is_full_amid_a_session(tried: range, kind: PartKind, tmp_path: Path) -> None:
    """What was sent is counted, nothing is counted twice, and the job comes to its end once there is room."""
    entry: dict[str, Any] = {"original": {}, "promised": promises(kind)}
    for its in rooms():
        entry |= its.broken if its.kind is kind else {}
    failed = 0
    for seed in tried:
        rng = random.Random(f"full {kind.value} {seed}")
        with job_bench(FullBench, tmp_path / str(seed), entry, system="4.6" if kind in WRITTEN else "5.1") as bench:
            world = bench.laying.world
            world.station_speed, world.sweep_speed, world.sweep_pace = 500.0, 400.0, 4.0
            ends = next(step for step in bench.sheet() if step.startswith("prove"))
            try:
                left = bench.go_on(ends, lambda rng=rng: bench.fill(rng) if rng.random() < 0.5 else None)  # type: ignore[misc]
            finally:
                bench.empty()
            assert left, seed
            assert bench.step() in (ends, ""), (seed, bench.step())
            honest(bench, seed)
            failed += bench.failed
        shutil.rmtree(tmp_path / str(seed))
    assert failed, "it was full now and then"


def honest(bench: FullBench, seed: int) -> None:
    """Compare the journal with what the stand-ins noted of their parts."""
    shop = bench.workshop.shop
    assert shop.check()[1] == (), seed
    real = Counter(thing for what, thing, _ in bench.laying.world.events if what == "write")
    for die, times in real.items():
        assert shop.journal.writes(die) >= times, (seed, die)
    begun = Counter(thing for what, thing, _ in bench.laying.world.events if what == "enable")
    for die, times in begun.items():
        assert times == 1, (seed, "once in its life")
        spent = [act for act in shop.journal.all() if act.die == die and act.kind in (ActKind.ACTIVATE, ActKind.ENABLE)]
        assert spent, (seed, die)
    assert some(shop.jobs.get(bench.job.number)).uid == bench.job.uid
