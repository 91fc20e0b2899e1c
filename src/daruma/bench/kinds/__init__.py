"""The kinds of parts at the bench: what each step of the run sheet does, and how each function is proven."""

from functools import cache

from daruma.bench import phone_acts
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.kinds.room import BenchRoom, Proving
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds import KINDS, module
from daruma.core.language import tr, word
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import Action, How
from daruma.core.plan.finishing import BEGIN
from daruma.core.plan.proofs import proven_by


@cache
def room(kind: PartKind) -> BenchRoom:
    """Return what the bench knows of a kind of part."""
    found = module("bench", kind).ROOM
    assert isinstance(found, BenchRoom)
    return found


@cache
def rooms() -> tuple[BenchRoom, ...]:
    """Return every kind's room."""
    return tuple(room(kind) for kind in KINDS)


def proof_of(function: Function) -> Proving:
    """Return how a function is proven; raise Trouble for one that no kind speaks for."""
    for each in rooms():
        if function in each.proofs:
            return each.proofs[function]
    raise Trouble(tr("There is no proof yet for {function}.", function=word(function)), safe=tr("Nothing was changed."))


def carry_out(doing: Doing, job: Job, action: Action, context: Context) -> tuple[Job, str]:
    """Carry out an action; return the job as it then is and a note for the step."""
    if proven_by(action.key) is not None:
        raise Trouble(tr("Proofs are taken at the Proof stage."), safe=tr("Nothing was changed."), advice=tr("Go to Proof."))
    part = action.trait.part
    if action.trait.how is How.HAND:
        act_by_hand(doing, job, action)
        if action.key == BEGIN:
            return phone_acts.session_begun(doing, job, context), ""
        told = room(part).tells.get(action.key) if part in KINDS else None
        return (told(job, True) if told else job), ""
    if action.key == "unbind_on_phone":
        doing.right_phone(job)
        phone_acts.unbind(doing.rig, doing.shop, doing.model(job), job, context)
        return job, tr("the board is unbound")
    assert part is not None, "what is done over the wire is done on a part"
    return room(part).steps[action.key](doing, job, action, context)


def act_by_hand(doing: Doing, job: Job, action: Action) -> None:
    """Let the stand-in hands do what an action is by hand; a technician does it with their own."""
    new = new_parts(job)
    for deed in action.hands:
        doing.by_hand(lambda hands, deed=deed: hands.do(deed, job.ticket.imei, new))  # type: ignore[misc]


def new_parts(job: Job) -> dict[str, str]:
    """Return the dies of the new parts on a job's ticket, by the names of their kinds."""
    return {kind.value: part.die for kind, part in job.ticket.parts.items() if part.die}
