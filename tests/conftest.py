"""Fixtures: the catalogue, a demo folder, the stand-ins as a process, a workshop over the real link."""

import fcntl
import gc
import os
import shutil
import sys
import tempfile
from collections.abc import Iterable, Iterator, Sequence
from datetime import UTC, datetime
from pathlib import Path
from typing import Any

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
os.environ["XDG_STATE_HOME"] = tempfile.mkdtemp(prefix="daruma-state")  # logs and reports

import pytest
from hypothesis import HealthCheck, settings

from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.job import Job
from daruma.demo.build import build
from daruma.demo.hands import Hands, connect_hands
from daruma.demo.marks import WORLD
from daruma.store.shop import Shop
from tests.forking import ForkedStandIns

settings.register_profile(
    "daruma", deadline=None, max_examples=60, derandomize=True, suppress_health_check=[HealthCheck.function_scoped_fixture]
)
settings.load_profile("daruma")

MEMORY, ENOUGH = Path("/dev/shm"), 4e9  # where files are kept in memory, bytes that should be free there


def _has_room(folder: Path) -> bool:
    """Return whether tests may keep their folders there, programs among them."""
    if not folder.is_dir() or not os.access(folder, os.W_OK):
        return False
    return shutil.disk_usage(folder).free > ENOUGH and not os.statvfs(folder).f_flag & os.ST_NOEXEC


if _has_room(MEMORY):
    # what is kept there is never waited for
    os.environ.setdefault("PYTEST_DEBUG_TEMPROOT", str(MEMORY))

LONGEST = ("test_kills", "test_circumstances")
HERO = 2  # the demo's fresh ticket


def share(values: Iterable[Any], often: int) -> list[Any]:
    """Return the values of a parameter, so that `often` of them are tried at each run of the suite and all in the soak."""
    return [value if place < often else pytest.param(value, marks=pytest.mark.soak) for place, value in enumerate(values)]


def seeds(few: int, many: int, first: int = 1000) -> list[Any]:
    """Return ranges of seeds for a parameter: a few that are tried at each run of the suite, many others for the soak."""
    return [range(few), pytest.param(range(first, first + many), marks=pytest.mark.soak)]


def crossed(one: Sequence[Any], other: Sequence[Any]) -> list[Any]:
    """Return the pairs of two parameters, so that each of either meets one of the other at each run of the suite, and all of
    them in the soak.
    """
    tried = {(turn % len(one), turn % len(other)) for turn in range(max(len(one), len(other)))}
    return [
        pytest.param(one[row], other[column], marks=() if (row, column) in tried else pytest.mark.soak)
        for row in range(len(one))
        for column in range(len(other))
    ]


def pytest_addoption(parser: pytest.Parser) -> None:
    parser.addoption("--soak", action="store_true", help="run the long tests too")


def pytest_collection_modifyitems(config: pytest.Config, items: list[pytest.Item]) -> None:
    # the longest by far begin first, or the others wait for them at the end
    items.sort(key=lambda item: not any(name in item.nodeid for name in LONGEST))
    if not config.getoption("--soak"):
        long = [item for item in items if "soak" in item.keywords]
        config.hook.pytest_deselected(items=long)
        items[:] = [item for item in items if "soak" not in item.keywords]


def pytest_collection_finish() -> None:
    # what was loaded by now stays: the collector need not look through it again and again
    gc.collect()
    gc.freeze()


@pytest.fixture(scope="session")
def shared_folder(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A folder of this run that every worker has."""
    base = tmp_path_factory.getbasetemp()
    return base.parent if os.environ.get("PYTEST_XDIST_WORKER") else base


@pytest.fixture(scope="session")
def cache_folder(shared_folder: Path) -> Path:
    return shared_folder / "cache"


@pytest.fixture(scope="session")
def catalogue() -> Catalogue:
    return load_catalogue()


@pytest.fixture(scope="session")
def demo_master(shared_folder: Path) -> Path:
    """The demo's folder, built by the first worker that wants it."""
    folder = shared_folder / "demo"
    with (shared_folder / "demo.lock").open("w") as lock:
        fcntl.flock(lock, fcntl.LOCK_EX)
        if not folder.exists():
            build(folder.with_name("demo.part"), datetime(2026, 11, 23, 12, 0, tzinfo=UTC))
            folder.with_name("demo.part").rename(folder)
    return folder


@pytest.fixture
def demo_folder(demo_master: Path, tmp_path: Path) -> Path:
    folder = tmp_path / "demo"
    shutil.copytree(demo_master, folder)
    return folder


def start_standin(folder: Path, *more: str) -> ForkedStandIns:
    return ForkedStandIns([sys.executable, "-m", "daruma.standin", str(folder / WORLD), "--keep", "--pace", "0", *more])


@pytest.fixture(params=["pty"])
def standin(request: pytest.FixtureRequest, demo_folder: Path, cache_folder: Path) -> Iterator[ForkedStandIns]:
    made = start_standin(demo_folder, "--cache", str(cache_folder), *(["--tcp"] if request.param == "tcp" else []))
    yield made
    made.stop()


@pytest.fixture
def hands(standin: ForkedStandIns) -> Iterator[Hands]:
    made = connect_hands(standin.wires["hands"])
    yield made
    made.close()


@pytest.fixture
def shop(demo_folder: Path) -> Iterator[Shop]:
    made = Shop(demo_folder)
    yield made
    made.close()


@pytest.fixture
def workshop(standin: ForkedStandIns, hands: Hands, shop: Shop, catalogue: Catalogue) -> Iterator[Workshop]:
    rig = Rig({kind: url for kind, url in standin.wires.items() if kind != "hands"}, patience=3.0, settle=0.0)
    yield Workshop(rig, shop, catalogue, hands)
    rig.close()


@pytest.fixture
def context() -> Context:
    return Context()


@pytest.fixture
def hero(shop: Shop) -> Job:
    return next(job for job in shop.jobs.all() if job.number == HERO)


def taken_in(workshop: Workshop, job: Job, context: Context) -> Job:
    """Read the phone with its owner's trust."""
    job, said = workshop.read_phone(job, context)
    assert not said.state.trusted
    workshop.confirm_trust(job)
    return workshop.read_phone(job, context)[0]


def at_step(workshop: Workshop, job: Job, action: str, context: Context) -> Job:
    """Choose the recommended way and do steps until one is at hand."""
    if not job.steps:
        job = workshop.choose(job, workshop.plan(job).routes[0], context)
    while (index := job.current_step) is not None and job.steps[index].action != action:
        job = workshop.do_step(job, index, context)
    assert index is not None
    return job
