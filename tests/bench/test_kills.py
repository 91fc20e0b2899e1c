"""Kill -9 of application and stand-ins: at random moments, and at the worst ones."""

import ast
import subprocess
import sys
from pathlib import Path

import pytest

from tests.conftest import share

ROOT = Path(__file__).parents[2]


def killing(work: Path, starts: list[Path], *options: str) -> dict[str, int]:
    """Run kills in a process of their own; return how many there were and how many acts they left in doubt."""
    command = [sys.executable, "-m", "tests.bench.killing", str(work), *map(str, starts), *options]
    done = subprocess.run(command, cwd=ROOT, capture_output=True, text=True, timeout=9000, check=False)
    assert done.returncode == 0, done.stderr[-4000:]
    return dict(ast.literal_eval(done.stdout.splitlines()[-1]))


@pytest.fixture
def starts(before_each_step: dict[str, Path]) -> list[Path]:
    return [before_each_step["read_phone"], before_each_step["read_original"], before_each_step["write_new"]]


def test_death_at_the_worst_moments(starts: list[Path], tmp_path: Path) -> None:
    seen = killing(tmp_path, starts[1:2], "--points", "--whole", "5")
    assert seen["doubts"] >= 4, "from the intent to the settlement a death leaves the act in doubt"


@pytest.mark.parametrize("seed", share(range(1, 5), 1))
def test_15_runs_with_kills_at_random_moments(seed: int, starts: list[Path], tmp_path: Path) -> None:
    seen = killing(tmp_path, starts, "--runs", "15", "--seed", str(seed), "--whole", "7")
    assert seen["kills"] >= 15
    assert min(seen[what] for what in ("copy", "copy and restore", "clock", "byte")) >= 1


@pytest.mark.soak
def test_death_at_the_worst_moments_and_on_to_the_end(starts: list[Path], tmp_path: Path) -> None:
    assert killing(tmp_path, starts[1:2], "--points")["doubts"] >= 4


@pytest.mark.soak
def test_1000_runs_with_kills_at_random_moments(starts: list[Path], tmp_path: Path) -> None:
    seen = killing(tmp_path, starts, "--runs", "1000", "--seed", "2")
    assert seen["kills"] >= 1000
    print(seen)
