"""What a purge leaves, and how it is remembered: by salted digests, applied to whatever comes back."""

from msgspec.structs import replace
from sqlalchemy import Connection, select, text

from daruma.core.job import Job, Proof, Ticket
from daruma.store.digests import salted
from daruma.store.schema import facts, purges


def remember(connection: Connection, *identities: str) -> None:
    """Remember identities (a job's, a backup's digest) as purged."""
    salt = _salt(connection)
    rows = [{"digest": salted(salt, identity)} for identity in identities]
    if rows:
        connection.execute(text("INSERT OR IGNORE INTO purges VALUES (:digest)"), rows)


def is_purged(connection: Connection, identity: str) -> bool:
    """Return whether what carries an identity was purged before."""
    digest = salted(_salt(connection), identity)
    return connection.execute(select(purges.c.digest).where(purges.c.digest == digest)).first() is not None


def _salt(connection: Connection) -> str:
    return str(connection.execute(select(facts.c.value).where(facts.c.key == "salt")).scalar() or "")


def without_identifiers(job: Job) -> Job:
    """Return a job without what points to the phone, its owner or the parts in it."""
    ticket = job.ticket
    told = {kind: part.nameless() for kind, part in ticket.parts.items()}
    kept = Ticket(ticket.model, system=ticket.system, promised=ticket.promised, before=ticket.before, parts=told)
    steps = tuple(replace(step, note="") for step in job.steps)
    works = {kind: work.nameless() for kind, work in job.parts.items()}
    recordings = tuple(recording.nameless() for recording in job.recordings)
    stripped = replace(job, ticket=kept, steps=steps, parts=works, phone={}, recordings=recordings)
    # what stood stands: only the names of its parts are gone
    proofs = tuple(replace(proof, parts=()) if job.stands(proof) else _fallen(proof) for proof in job.proofs)
    return replace(stripped, proofs=proofs)


def _fallen(proof: Proof) -> Proof:
    return replace(proof, parts=(), overtaken=True)
