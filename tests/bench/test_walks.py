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
from daruma.core.kinds.display.steps import OTHER_MAKER
from daruma.core.parts import Function
from daruma.core.plan.routes import Route
from tests.bench.faultbench import FaultBench
from tests.bench.worlds import BLANK, Drawn, draw, lay_out
from tests.conftest import share


def proven(bench: FaultBench, job: Job) -> set[Function]:
    """Do every step of the run sheet and try to prove all that was promised; return what was proven."""
    while (index := job.current_step) is not None and not job.steps[index].action.startswith("prove"):
        if job.steps[index].action == OTHER_MAKER:
            job = bench.workshop.decide(job, bench.context)
        if job.steps[index].action == "finish_on_phone":
            _trusted(bench, job)
        job = bench.workshop.do_step(job, index, bench.context)
    _trusted(bench, job)
    for function in job.ticket.promised:
        try:
            if function is Function.AMBIENT_WHITE:
                job = bench.workshop.measure(bench.workshop.measure(job, "warm", bench.context), "cool", bench.context)
            job = bench.workshop.prove_step(job, function, bench.context)
        except Trouble:
            continue
    return {function for function in job.ticket.promised if job.is_proven(function)}


def _trusted(bench: FaultBench, job: Job) -> None:
    """Let the owner confirm trust: finishing and the phone's own tests are asked for over the cable."""
    if not bench.rig.phone().state().trusted:
        bench.workshop.confirm_trust(job)


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
    """Walk a way; where the original turns out to be another maker's, plan again from there and walk the new one."""
    for _ in range(3):
        keys = [action.key for action in route.actions]
        job = bench.workshop.choose(job, route, bench.context)
        try:
            kept = proven(bench, job)
            missing = set(route.kept) - kept - _by_chance(bench.shop.jobs.get(job.number), drawn)
            assert ({f.value for f in missing}, kept <= set(route.kept)) == (set(), True), (route.way, keys, drawn)
            return
        except Trouble as trouble:
            assert drawn.is_of_another_maker and "maker" in f"{trouble.what} {trouble.advice}", (route.way, str(trouble), drawn)
            job = bench.shop.jobs.get(job.number)
            if OTHER_MAKER in keys and is_tried(job):
                assert not drawn.takes_other_makers
            route = bench.workshop.plan(job).routes[0]
            assert not (is_tried(job) and any(a.key == OTHER_MAKER for a in route.actions)), "what refused is not asked again"
    raise AssertionError((route.way, drawn))


def _by_chance(job: Job, drawn: Drawn) -> set[Function]:
    """Return what the glass decides: with a calibration of another panel the white may come out off, or near the limit."""
    proof = job.proof(Function.AMBIENT_WHITE)
    follows = proof is not None and not proof.summary.startswith("The white does not follow")
    return {Function.AMBIENT_WHITE} if drawn.kind in BLANK and follows else set()


def is_tried(job: Job) -> bool:
    return any(outcome.action == OTHER_MAKER and not outcome.good for outcome in job.outcomes)


@pytest.mark.parametrize("seed", share(range(300), 2))
def test_a_way_that_is_offered_can_be_walked(
    seed: int, tmp_path: Path, catalogue: Catalogue, pytestconfig: pytest.Config
) -> None:
    """One of them; every one in the soak."""
    rng = random.Random(f"walks/{seed}")
    drawn = draw(catalogue, rng)
    number = lay_out(tmp_path / "master", drawn, rng)
    count = walk(tmp_path / "master", number, catalogue, drawn, rng.randrange(99))
    for which in range(count if pytestconfig.getoption("--soak") else 0):
        walk(tmp_path / "master", number, catalogue, drawn, which)
