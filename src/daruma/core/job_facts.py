"""What a job knows: the facts for the pairing model, from the phone, the backups and what was read and done."""

from daruma.core.job import Job
from daruma.core.kinds import rooms
from daruma.core.known import Known, board_identities
from daruma.core.model import Model
from daruma.core.pairing import Condition, Facts
from daruma.core.parts import Identity


def job_facts(job: Job, model: Model, known: Known) -> Facts:
    """Return what is known of the phone with the new parts in it, as the bench stands now."""
    expected = board_identities(job.phone)
    carried: dict[Identity, str | None] = dict(expected)
    conditions: dict[Condition, bool] = {}
    believed: dict[Identity, str] = {}
    for room in rooms():
        seen = room.seen(job, model, known.of(room.kind))
        if room.kind in job.ticket.parts:
            carried = {identity: value for identity, value in carried.items() if identity not in room.identities}
        carried |= seen.carried
        conditions |= seen.conditions
        believed |= {identity: value for identity, value in seen.believed.items() if identity not in expected}
    return Facts(model, job.system_of(model), expected, carried, conditions, believed)
