"""A way that is offered can be walked: every way of many tickets over the stand-ins, to its proofs.

What is proven at the end is compared with what the way was to keep, and with what it left out.
"""

import random
import shutil
from dataclasses import replace
from pathlib import Path

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.parts import Function
from daruma.core.plan.case import ChipPlace, OriginalState, PanelKind
from tests.bench.faultbench import FaultBench

# what is true of the demo's phones and may be so on a ticket: the hero's panel is blank, whatever it was sold as
JOBS: dict[str, dict[str, object]] = {
    "cedar_l": {"panel_kind": PanelKind.GENUINE_NEW},
    "alder_l": {},
    "cedar": {},
}
GONE: dict[str, object] = {"original": OriginalState.MISSING, "chip": ChipPlace.LOST}
THERE: tuple[dict[str, object], ...] = ({}, {"original": OriginalState.ANSWERS}, {"original": OriginalState.DAMAGED}, GONE)
# the original of the demo's Cedar was never handed in
ORIGINALS = {"cedar_l": THERE, "alder_l": THERE, "cedar": (GONE,)}


def at_intake(bench: FaultBench, model: str, changes: dict[str, object]) -> Job:
    """Return a ticket of a model as it stands when the phone was read with its owner's trust."""
    found = (job for job in bench.shop.jobs.all() if job.ticket.model == model and not job.closed)
    job = next(job for job in found if not job.ticket.display_stays)
    job, said = bench.workshop.read_phone(job, bench.context)
    if not said.state.trusted:
        bench.workshop.confirm_trust(job)
        job = bench.workshop.read_phone(job, bench.context)[0]
    ticket = replace(job.ticket, **{**JOBS[model], **changes})  # type: ignore[arg-type]
    empty = {"steps": (), "backup": "", "target": None, "target_image": ""}
    return bench.workshop.save(replace(job, ticket=ticket, **empty), bench.context)  # type: ignore[arg-type]


def proven(bench: FaultBench, job: Job) -> set[Function]:
    """Do every step of the run sheet and try to prove all that was promised; return what was proven."""
    while (index := job.current_step) is not None and not job.steps[index].action.startswith("prove"):
        job = bench.workshop.do_step(job, index, bench.context)
    for function in job.ticket.promised:
        try:
            if function is Function.AMBIENT_WHITE:
                job = bench.workshop.measure(bench.workshop.measure(job, "warm", bench.context), "cool", bench.context)
            job = bench.workshop.prove_step(job, function, bench.context)
        except Trouble:
            continue
    return {function for function in job.ticket.promised if job.is_proven(function)}


def walk(master: Path, folder: Path, catalogue: Catalogue, model: str, changes: dict[str, object], which: int) -> int:
    """Walk one of the ways that are offered; return how many there are."""
    shutil.copytree(master, folder)
    bench = FaultBench(folder, catalogue)
    try:
        job = at_intake(bench, model, changes)
        routes = bench.workshop.plan(job).routes
        route = routes[which % len(routes)]
        kept = proven(bench, bench.workshop.choose(job, route, bench.context))
        assert kept == set(route.kept), (model, changes, route.way)
        return len(routes)
    finally:
        bench.close()
        shutil.rmtree(folder)


@pytest.mark.parametrize("model", JOBS)
def test_a_way_that_is_offered_can_be_walked(model: str, demo_master: Path, tmp_path: Path, catalogue: Catalogue) -> None:
    rng = random.Random(f"walks/{model}")
    for number in range(3):
        walk(demo_master, tmp_path / str(number), catalogue, model, rng.choice(ORIGINALS[model]), rng.randrange(99))


@pytest.mark.soak
@pytest.mark.parametrize("model", JOBS)
def test_every_way_that_is_offered(model: str, demo_master: Path, tmp_path: Path, catalogue: Catalogue) -> None:
    for changes in ORIGINALS[model]:
        which, count = 0, 1
        while which < count:
            count = walk(demo_master, tmp_path / "walk", catalogue, model, changes, which)
            which += 1
