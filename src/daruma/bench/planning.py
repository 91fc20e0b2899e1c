"""From a job and the shop's store to the planner's case, and from a way to the run sheet."""

from msgspec.structs import replace

from daruma.bench.doing import Doing
from daruma.bench.kinds import room, rooms
from daruma.catalogue.loader import Catalogue
from daruma.core.history import history, record_of_outcomes
from daruma.core.job import Job, Step, StepState
from daruma.core.kinds import KINDS, promisable, trait
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.plan.case import Case
from daruma.core.plan.proofs import proven_by
from daruma.core.plan.routes import Route


def bare_case(job: Job, model: Model, catalogue: Catalogue) -> Case:
    """Return a job's case from the ticket alone: asks neither store nor device."""
    return Case(
        model,
        job.system_of(model),
        tuple(f for f in job.ticket.promised if f in promisable()),
        {kind: room(kind).bare(job) for kind in KINDS if kind in job.ticket.parts},
        trusted=job.trusted,
        unmet=frozenset(condition for each in rooms() for condition in each.unmet(job)),
        system_name=catalogue.system,
        rules=catalogue.rules,
    )


def case_of(doing: Doing, job: Job) -> Case:
    """Return a job's case with all that the shop knows, from where its steps have brought it."""
    model, shop, known = doing.model(job), doing.shop, doing.known(job)
    case, settings = bare_case(job, model, doing.catalogue), doing.settings()
    kept = tuple(b for b in shop.vault.find(imei=job.ticket.imei or "-") if b.content.model == model.key)
    done = history(job)
    for each in rooms():
        done = each.counts(job, known.of(each.kind), done)
    return replace(
        case,
        parts={kind: room(kind).facts(doing, job, facts, kept) for kind, facts in case.parts.items()},
        kit=settings.kit,
        preferences=settings.preferences,
        record=record_of_outcomes(shop.jobs.totals(), doing.catalogue.models, model.socket),
        history=done,
    )


def with_route(job: Job, route: Route, case: Case) -> Job:
    """Return the job with the run sheet of a route, behind the steps that are done already.

    A route may put another part on the ticket; what was done on the one before is forgotten. A proof is of the bench work
    that came before it: each is on the sheet once, taken again where more work follows.
    """
    done = tuple(step for step in job.steps if step.state is StepState.DONE)
    anew = False
    for each in rooms():
        chosen = each.chosen(job, route, case)
        job, anew = chosen.job, anew or chosen.another
        if chosen.fresh:
            done = tuple(step for step in done if not _of_former(step, each.kind))
    keys = [action.key for action in route.actions if not action.trait.chooses]
    if any(proven_by(key) is None for key in keys):
        done = tuple(step for step in done if proven_by(step.action) is None)
    proven = {step.action for step in done if proven_by(step.action) is not None}
    steps = (Step(key) for key in keys if key not in proven)
    return replace(job, way=job.way if done and not anew else route.way, steps=(*done, *steps))


def _of_former(step: Step, kind: PartKind) -> bool:
    """Return whether a step counted only for the part that was worked on before."""
    its = trait(step.action)
    return its.redone and its.part in (kind, None)
