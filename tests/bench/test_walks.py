"""A way that is offered can be walked: ways of tickets over all models and states, over the stand-ins, to their proofs.

What is proven at the end is compared with what the way was to keep, and with what it left out.
"""

import random
import shutil
from pathlib import Path

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.known import OTHER_MAKER
from daruma.core.parts import Function
from daruma.core.plan.routes import Route
from tests.bench.faultbench import FaultBench
from tests.bench.worlds import Drawn, draw, lay_out


def proven(bench: FaultBench, job: Job) -> set[Function]:
    """Do every step of the run sheet and try to prove all that was promised; return what was proven."""
    while (index := job.current_step) is not None and not job.steps[index].action.startswith("prove"):
        if job.steps[index].action == OTHER_MAKER:
            job = bench.workshop.decide(job, bench.context)
        job = bench.workshop.do_step(job, index, bench.context)
    if not bench.rig.phone().state().trusted:
        # the phone's own tests are read over the cable: its owner confirms trust before
        bench.workshop.confirm_trust(job)
    for function in job.ticket.promised:
        try:
            if function is Function.AMBIENT_WHITE:
                job = bench.workshop.measure(bench.workshop.measure(job, "warm", bench.context), "cool", bench.context)
            job = bench.workshop.prove_step(job, function, bench.context)
        except Trouble:
            continue
    return {function for function in job.ticket.promised if job.is_proven(function)}


def walk(master: Path, number: int, catalogue: Catalogue, drawn: Drawn, which: int) -> int:
    """Walk one of the ways that are offered; return how many there are."""
    folder = master.parent / "walk"
    shutil.copytree(master, folder)
    bench = FaultBench(folder, catalogue)
    try:
        job = bench.shop.jobs.get(number)
        routes = bench.workshop.plan(job).routes
        if routes:
            _to_the_end(bench, job, routes[which % len(routes)], drawn)
        return len(routes)
    finally:
        bench.close()
        shutil.rmtree(folder)


def _to_the_end(bench: FaultBench, job: Job, route: Route, drawn: Drawn) -> None:
    keys = [action.key for action in route.actions]
    job = bench.workshop.choose(job, route, bench.context)
    if OTHER_MAKER in keys and not drawn.takes_other_makers:
        with pytest.raises(Trouble, match=r"refuses|maker"):
            proven(bench, job)
        again = bench.workshop.plan(bench.shop.jobs.get(job.number))
        assert not any(OTHER_MAKER in [a.key for a in r.actions] for r in again.routes), "a panel that refused is not asked again"
        return
    kept = proven(bench, job)
    assert kept == set(route.kept), (drawn, route.way, keys)


@pytest.mark.parametrize("seed", range(16))
def test_a_way_that_is_offered_can_be_walked(seed: int, tmp_path: Path, catalogue: Catalogue) -> None:
    rng = random.Random(f"walks/{seed}")
    drawn = draw(catalogue, rng)
    number = lay_out(tmp_path / "master", drawn, catalogue, rng)
    walk(tmp_path / "master", number, catalogue, drawn, rng.randrange(99))


@pytest.mark.soak
@pytest.mark.parametrize("seed", range(1000, 1300))
def test_every_way_that_is_offered(seed: int, tmp_path: Path, catalogue: Catalogue) -> None:
    rng = random.Random(f"walks/{seed}")
    drawn = draw(catalogue, rng)
    number = lay_out(tmp_path / "master", drawn, catalogue, rng)
    which, count = 0, 1
    while which < count:
        count = walk(tmp_path / "master", number, catalogue, drawn, which)
        which += 1
