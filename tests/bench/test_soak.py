"""Random faults at random steps: whatever fails, nothing kept is lost and no write goes uncounted."""

import random

import pytest

from daruma.bench.context import Context
from daruma.bench.workshop import Workshop
from daruma.core.errors import Trouble
from daruma.core.job import Job, StepState
from daruma.core.records import FieldRole, decode
from daruma.demo.hands import Hands
from tests.conftest import taken_in

FAULTS = ("flipped_bit", "lost_answer", "lost_commit_answer", "write_fails", "write_ignored", "torn_page")
MOST_TRIES = 40


def invariants(workshop: Workshop, hands: Hands, die: str, kept: set[str]) -> set[str]:
    """Check what must hold after every step; return the backups that are kept now."""
    seen, faults = workshop.shop.vault.check()
    assert faults == ()
    now = {backup.sha256 for backup in workshop.shop.vault.find()}
    assert kept <= now
    assert len(now) == seen
    assert workshop.shop.journal.writes(die) >= hands.look(die)["writes"], "every write that the part took is counted"
    return now


def one_run(seed: int, workshop: Workshop, hands: Hands, hero: Job, context: Context) -> None:
    rng = random.Random(seed)
    job = taken_in(workshop, hero, context)
    job = workshop.choose(job, workshop.plan(job).routes[0], context)
    die, kept = job.ticket.panel_die, invariants(workshop, hands, job.ticket.panel_die, set())
    for _ in range(MOST_TRIES):
        index = job.current_step
        if index is None or job.steps[index].action.startswith("prove"):
            break
        if job.steps[index].state is StepState.FAILED:
            routes = workshop.plan(job).routes
            if not routes:
                break
            job = workshop.choose(job, routes[0], context)
            continue
        if rng.random() < 0.5:
            hands.fault(rng.choice(FAULTS), rng.choice((1, 1, 2, 4)))
        try:
            job = workshop.do_step(job, index, context)
        except Trouble as trouble:
            assert trouble.what
            assert trouble.advice, trouble.what
            job = next(found for found in workshop.shop.jobs.all() if found.number == job.number)
            for act in workshop.shop.journal.in_doubt():
                for fault in FAULTS:
                    hands.fault(fault, 0)
                job, _ = workshop.settle(job, act, context)
        kept = invariants(workshop, hands, die, kept)
    for fault in FAULTS:
        hands.fault(fault, 0)
    if any(step.action == "write_new" and step.state is StepState.DONE for step in job.steps):
        memory = bytes.fromhex(hands.look(die)["memory"])
        assert decode(workshop.model(job).layouts[0], memory).complete(FieldRole.IDENTITY), (
            "what the journal calls done is on the part"
        )


@pytest.mark.parametrize("seed", range(3))
def test_random_faults(seed: int, workshop: Workshop, hands: Hands, hero: Job, context: Context) -> None:
    one_run(seed, workshop, hands, hero, context)


@pytest.mark.soak
@pytest.mark.parametrize("seed", range(100, 200))
def test_many_random_faults(seed: int, workshop: Workshop, hands: Hands, hero: Job, context: Context) -> None:
    one_run(seed, workshop, hands, hero, context)
