"""Fixtures of the bench tests: the display route, walked once and kept before each step."""

import shutil
import sqlite3
from pathlib import Path

import pytest

from daruma.catalogue.loader import Catalogue
from tests.bench.faultbench import STEPS, FaultBench, go_on, hero_of, next_step


@pytest.fixture(scope="session")
def before_each_step(demo_master: Path, tmp_path_factory: pytest.TempPathFactory, catalogue: Catalogue) -> dict[str, Path]:
    """Walk the route once and keep shop and world as they are before each step."""
    top = tmp_path_factory.mktemp("steps")
    shutil.copytree(demo_master, top / "walked")
    bench, found = FaultBench(top / "walked", catalogue, patience=1.0), {}
    job = hero_of(bench.shop)
    while step := next_step(job):
        if step in STEPS and step not in found:
            found[step] = top / step
            with sqlite3.connect(bench.shop.database.file) as connection:
                connection.execute("PRAGMA wal_checkpoint(TRUNCATE)")
            connection.close()
            shutil.copytree(top / "walked", found[step], ignore=shutil.ignore_patterns("wires"))
        job = go_on(bench.workshop, job, bench.context)
    bench.close()
    return found
