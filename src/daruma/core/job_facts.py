"""What a job knows: the facts for the pairing model, from the phone, the backups and what was read and done."""

from msgspec.structs import replace

from daruma.core.job import Job
from daruma.core.kinds import promisable, room, rooms
from daruma.core.known import Known, board_identities
from daruma.core.model import Model
from daruma.core.pairing import CONDITION_PART, Condition, Facts, Verdict, requirements
from daruma.core.parts import Function, Identity, PartKind


def job_facts(job: Job, model: Model, known: Known) -> Facts:
    """Return what is known of the phone with the new parts in it, as the bench stands now."""
    expected = board_identities(job.phone)
    carried: dict[Identity, str | None] = dict(expected)
    conditions: dict[Condition, bool] = {}
    believed: dict[Identity, str] = {}
    for each in rooms():
        seen = each.seen(job, model, known.of(each.kind))
        if each.kind in job.ticket.parts:
            carried = {identity: value for identity, value in carried.items() if identity not in each.identities}
        carried |= seen.carried
        conditions |= seen.conditions
        believed |= {identity: value for identity, value in seen.believed.items() if identity not in expected}
    return Facts(model, job.system_of(model), expected, carried, conditions, believed)


def shown_functions(job: Job, model: Model) -> tuple[Function, ...]:
    """Return the functions that hang on a job: those promised, then others that rest on the parts on its table."""
    on_table = [each for each in rooms() if each.kind in job.ticket.parts]
    system, promised = job.system_of(model), job.ticket.promised

    def rests(function: Function) -> bool:
        ways = requirements(function, model, system)
        return any(
            function in each.functions
            or any(thread in each.identities for way in ways for thread in way.threads)
            or any(CONDITION_PART[condition] is each.kind for way in ways for condition in way.conditions)
            for each in on_table
        )

    others = (f for f in model.functions if f in promisable() and f not in promised and rests(f))
    return (*(f for f in model.functions if f in promised), *others)


def of_part(verdict: Verdict, kind: PartKind) -> Verdict | None:
    """Return what a function's verdict says of one part: its threads and conditions; None where nothing of it hangs on that."""
    threads = tuple(state for state in verdict.threads if state.identity in room(kind).identities)
    conditions = tuple(state for state in verdict.conditions if CONDITION_PART[state.condition] is kind)
    return replace(verdict, threads=threads, conditions=conditions) if threads or conditions else None
