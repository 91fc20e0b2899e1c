"""Every way that the planner takes can be carried out at the bench, over the real link, to its proofs."""

import pytest
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.kinds.display import codes
from daruma.bench.planning import with_route
from daruma.bench.workshop import Workshop
from daruma.core.backup import Origin
from daruma.core.errors import Trouble
from daruma.core.job import Job, Outcome, Step, StepState
from daruma.core.kinds.display import panel_taken
from daruma.core.kinds.display.facts import OriginalState, facts_of
from daruma.core.parts import Function
from daruma.core.plan.money import Preferences
from daruma.core.plan.proofs import proven_by
from daruma.core.serials import serial_fault
from daruma.demo.hands import Hands
from daruma.store.settings import NAME, load_settings
from tests.conftest import at_step, taken_in
from tests.parts import flex_alone, panel_of, some, with_panel


def of_model(workshop: Workshop, model: str, **panel: object) -> Job:
    job = next(j for j in workshop.shop.jobs.all() if j.ticket.model == model and not j.closed and not flex_alone(j))
    return with_panel(replace(job, steps=(), parts={}), **panel)


def to_the_end(workshop: Workshop, job: Job, context: Context) -> Job:
    """Do every step of the run sheet, then prove what was promised."""
    while (index := job.current_step) is not None and not job.steps[index].action.startswith("prove"):
        job = workshop.do_step(job, index, context)
    for function in job.ticket.promised:
        if function is Function.AMBIENT_WHITE:
            job = workshop.measure(workshop.measure(job, "warm", context), "cool", context)
        job = workshop.prove_step(job, function, context)
    return job


def test_a_busy_service_loses_nothing(workshop: Workshop, hands: Hands, context: Context) -> None:
    job = next(j for j in workshop.shop.jobs.all() if j.ticket.model == "birch_l")
    index = next(i for i, step in enumerate(job.steps) if step.action == "finish_on_phone")
    for before in range(job.current_step or 0, index):
        job = workshop.do_step(job, before, context)
    hands.fault("service_busy", times=-1)
    with pytest.raises(Trouble, match="busy"):
        workshop.do_step(job, index, context)
    hands.calm()
    kept = next(j for j in workshop.shop.jobs.all() if j.number == job.number)
    assert kept.outcomes[-1] == Outcome("finish_on_phone", False), "a failed try teaches the shop's odds"
    assert workshop.do_step(kept, index, context).steps[index].state is StepState.DONE


def test_a_way_after_a_failed_proof_has_every_proof_once(workshop: Workshop, hero: Job, context: Context) -> None:
    job = at_step(workshop, taken_in(workshop, hero, context), "prove_ambient_white", context)
    proofs = [step.action for step in job.steps if proven_by(step.action) is not None]
    for function in job.ticket.promised[1:]:
        job = workshop.prove_step(job, function, context)
    first = next(i for i, step in enumerate(job.steps) if step.state is not StepState.DONE)
    failed = workshop.save(job.with_step(first, StepState.FAILED, "not proven", context.now()), context)
    job = workshop.choose(failed, workshop.plan(failed).routes[0], context)
    assert sorted(step.action for step in job.steps if proven_by(step.action) is not None) == sorted(proofs)
    assert sum(step.state is StepState.OPEN for step in job.steps) >= 1
    worked = with_route(failed, workshop.plan(hero).routes[0], workshop.case(hero))
    again = [step.action for step in worked.steps if proven_by(step.action) is not None]
    assert len(again) == len(set(again)), "new work is proven anew"
    assert all(step.state is StepState.OPEN for step in worked.steps if proven_by(step.action) is not None)


def test_unbinding_asks_the_phone(workshop: Workshop, hero: Job, context: Context) -> None:
    """The hero's version is newer than the window: the phone says so, nothing is lost."""
    job = taken_in(workshop, hero, context)
    job = workshop.save(replace(job, steps=(Step("unbind_on_phone"),)), context)
    with pytest.raises(Trouble, match=r"4\.6; it is done with 3\.0 to 4\.1"):
        workshop.do_step(job, 0, context)


def test_a_complete_record_is_tuned(workshop: Workshop, hero: Job, context: Context) -> None:
    """The hero's blank panel with codes over the cable and another phone's complete record of the same maker."""
    job = taken_in(workshop, hero, context)
    promised = (Function.AMBIENT_WHITE, Function.AUTO_BRIGHTNESS, Function.TOUCH)
    job = with_panel(replace(job, ticket=replace(job.ticket, promised=promised)), original=OriginalState.DAMAGED)
    job = workshop.save(job, context)
    donor = of_model(workshop, "cedar_l")
    assert donor.number == job.number
    case = workshop.case(job)
    assert not facts_of(case).complete_record, "the earlier record is of another maker"
    kept = next(b for b in workshop.shop.vault.find() if b.content.model == "cedar_l")
    workshop.shop.vault.keep(replace(kept.content, maker="Ostby", job="", imei=""))
    assert facts_of(workshop.case(job)).complete_record


def test_a_step_that_failed_by_hand_is_planned_around(workshop: Workshop, hero: Job, context: Context) -> None:
    job = taken_in(workshop, hero, context)
    job = workshop.choose(job, workshop.plan(job).route("Read the original, move the touch chip"), context)
    while job.steps[job.current_step or 0].action != "lift_chip":
        job = workshop.do_step(job, job.current_step or 0, context)
    index = some(job.current_step)
    job = workshop.fail_step(job, index, context)
    assert job.steps[index].state is StepState.FAILED
    assert "the chip is lost" in job.steps[index].note
    plan = workshop.plan(job)
    assert all(Function.NO_DISPLAY_NOTICE in route.left_out for route in plan.routes)
    again = workshop.choose(job, plan.routes[0], context)
    assert "write_new" not in {step.action for step in again.steps if step.state is StepState.OPEN}, "what is written stays"
    done = to_the_end(workshop, again, context)
    assert done.is_proven(Function.AMBIENT_WHITE)
    assert not done.is_proven(Function.NO_DISPLAY_NOTICE)


def test_another_panel_goes_on_the_ticket(workshop: Workshop, hero: Job, context: Context) -> None:
    job = taken_in(workshop, hero, context)
    part = next(p for p in workshop.shop.shelf.all() if p.model == "cedar_l" and not p.used_in)
    workshop.shop.shelf.save(replace(part, maker="Ostby", earlier_writes=0, price=5.0))
    plan = workshop.plan(job)
    other = next(route for route in plan.routes if panel_taken(route.actions))
    job = workshop.choose(job, other, context)
    assert panel_of(job).die == part.die
    assert "another_panel" not in {step.action for step in job.steps}


def test_preferences_are_kept_with_the_shop(workshop: Workshop, hero: Job, context: Context) -> None:
    workshop.prefer(Preferences(no_soldering=True))
    assert load_settings(workshop.shop.folder).settings.preferences.no_soldering
    job = taken_in(workshop, hero, context)
    solution = workshop.solve(job)
    assert not any("move the touch chip" in route.way for route in solution.plan.routes)
    assert solution.prices["no_soldering"] > 0
    (workshop.shop.folder / NAME).write_text('[planner]\n\nno_soldering = "yes"\n')
    with pytest.raises(Trouble, match=r"shop\.toml, line 3: planner\.no_soldering cannot be used: it takes true or false"):
        workshop.plan(job)


@pytest.mark.parametrize("whose", ["the same phone", "another phone"])
def test_a_typed_serial_that_is_nearly_a_known_one(whose: str, workshop: Workshop, context: Context) -> None:
    """Two wrong characters that the check character does not see: of this phone refused, of another one said."""
    kept = next(b for b in workshop.shop.vault.find() if dict(b.content.fields).get("display_serial"))
    serial = dict(kept.content.fields)["display_serial"]
    swaps = (serial[:3] + a + b + serial[5:] for a in "0123456789ABCDEF" for b in "0123456789ABCDEF")
    typed = next(each for each in swaps if sum(map(str.__ne__, each, serial)) == 2 and serial_fault(each) is None)
    job = of_model(workshop, "cedar_l", paper_serial=typed)
    if whose == "the same phone":
        job = replace(job, ticket=replace(job.ticket, imei=kept.content.imei))
        with pytest.raises(Trouble, match=f"it is nearly that of {kept.name}: character 4 is "):
            codes.keep_paper(workshop.shop.vault, workshop.model(job), job, context.now())
    else:
        job = replace(job, ticket=replace(job.ticket, imei="490154203237518"))
        assert f"nearly that of {kept.name}" in codes.near_others(workshop.shop.vault, job)
        assert codes.keep_paper(workshop.shop.vault, workshop.model(job), job, context.now()).content.origin is Origin.TYPED
    short = with_panel(job, paper_serial=serial[:7] + serial[8:])
    with pytest.raises(Trouble, match=r"16 characters, this has 15; it is nearly that of .* one is missing"):
        codes.keep_paper(workshop.shop.vault, workshop.model(job), short, context.now())
