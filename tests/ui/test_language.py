"""The window in another language; in runs of their own, since texts are looked up when modules are loaded."""

import os
import subprocess
import sys
from pathlib import Path

ROOT = Path(__file__).parents[2]


def run(plugin: str, tests: str) -> str:
    """Run some tests with a language spoken; return what they said where they failed."""
    command = [sys.executable, "-m", "pytest", "-p", plugin, "-p", "no:xdist", "-p", "no:cacheprovider", tests]
    environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
    done = subprocess.run(command, cwd=ROOT, env=environment, capture_output=True, text=True, timeout=550, check=False)
    return done.stdout + done.stderr if done.returncode else ""


def test_nothing_is_said_past_the_translation() -> None:
    said = run("tests.ui.marked", "tests/ui/walk_marked.py")
    assert not said, said


def test_german_fits_the_smallest_window() -> None:
    said = run("tests.ui.german", "tests/ui/test_small_window.py")
    assert not said, said
