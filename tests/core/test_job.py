"""A job's stages, promises and what it waits for."""

from msgspec.structs import replace

from daruma.catalogue.loader import load_catalogue
from daruma.core.intake import ticket_faults
from daruma.core.job import Job, Progress, Proof, Stage, Step, StepState, Ticket, stage_of, stages, waits_for
from daruma.core.kinds.display.facts import OriginalState
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.parts import Function

MODELS = load_catalogue().models
GOOD = Ticket(model="cedar", imei="490154203237518", system="4.6", promised=(Function.AMBIENT_WHITE, Function.TOUCH))


def test_ticket_faults() -> None:
    assert ticket_faults(GOOD, MODELS) == {}
    empty = ticket_faults(Ticket(), MODELS)
    assert set(empty) == {"model", "imei", "system", "promised"}
    assert ticket_faults(replace(GOOD, system="9.9"), MODELS) == {"system": "Cedar ran 3.0 to 5.6"}
    assert ticket_faults(replace(GOOD, system="4.x"), MODELS) == {"system": "a version such as 4.6"}
    assert ticket_faults(GOOD.having(DisplayTicket(maker="Ostby")), MODELS) == {"display.maker": "Cedar has Fenwick"}
    assert set(ticket_faults(replace(GOOD, model="cedar_xl"), MODELS)) == {"model"}
    assert "display.chip" in ticket_faults(GOOD.having(DisplayTicket(original=OriginalState.MISSING)), MODELS)


def test_stages_follow_the_work() -> None:
    job = Job(1, "2026-11-23T10:00:00+00:00", GOOD)
    assert stage_of(job, {"imei": "wrong"}) is Stage.INTAKE
    assert stage_of(job, {}) is Stage.PLAN
    job = replace(job, steps=(Step("fit"), Step("prove_touch")))
    assert stage_of(job, {}) is Stage.BENCH
    job = job.with_step(0, StepState.DONE, "", "")
    assert stage_of(job, {}) is Stage.PROOF
    shown = {stage: (progress, why) for stage, progress, why in stages(job, {})}
    assert shown[Stage.PROOF] == (Progress.HERE, "a promise has no proof yet")
    assert shown[Stage.HAND_OVER][0] is Progress.NOT_YET
    job = job.with_proof(Proof(Function.AMBIENT_WHITE, True, "")).with_proof(Proof(Function.TOUCH, False, "no"))
    assert not job.all_proven
    assert job.all_tested
    job = job.with_proof(Proof(Function.TOUCH, True, "yes"))
    assert job.all_proven
    assert stage_of(job, {}) is Stage.HAND_OVER
    assert stage_of(replace(job, closed="now"), {}) is Stage.HAND_OVER
    assert waits_for(replace(job, closed="now"), {}) == "handed over"


def test_the_latest_proof_counts() -> None:
    job = Job(1, "", GOOD).with_proof(Proof(Function.TOUCH, True, "first")).with_proof(Proof(Function.TOUCH, False, "second"))
    assert not job.is_proven(Function.TOUCH)
    assert len(job.proofs) == 2, "earlier proofs stay"


def test_a_failed_step_is_what_the_job_waits_for() -> None:
    job = Job(1, "", GOOD, steps=(Step("write_new", StepState.FAILED), Step("fit")))
    assert waits_for(job, {}) == "a decision: a step failed"
    assert job.current_step == 0
