"""The window in another language and at another scale: in runs of their own, since both are settled when the program starts."""

import os
import subprocess
import sys
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[2]


def run(tests: str, *plugins: str, soak: bool = False, **environment: str) -> str:
    """Run some tests with plugins and in an environment; return what they said where they failed."""
    named = [word for plugin in plugins for word in ("-p", plugin)]
    command = [sys.executable, "-m", "pytest", *named, "-p", "no:xdist", "-p", "no:cacheprovider", tests, *["--soak"] * soak]
    # a run of its own is no worker of this one
    inherited = {name: said for name, said in os.environ.items() if not name.startswith("PYTEST_")}
    environment = {**inherited, "QT_QPA_PLATFORM": "offscreen", **environment}
    done = subprocess.run(
        command, cwd=ROOT, env=environment, capture_output=True, text=True, timeout=3600 if soak else 550, check=False
    )
    return done.stdout + done.stderr if done.returncode else ""


def test_nothing_is_said_past_the_translation() -> None:
    said = run("tests/ui/walk_marked.py", "tests.ui.marked")
    assert not said, said


def test_german_fits_the_smallest_window_at_twice_the_scale() -> None:
    said = run("tests/ui/test_small_window.py", "tests.ui.german", QT_SCALE_FACTOR="2")
    assert not said, said


@pytest.mark.soak
def test_many_monkeys_in_german() -> None:
    said = run("tests/ui/test_monkey.py::test_many_monkeys", "tests.ui.german", soak=True)
    assert not said, said
