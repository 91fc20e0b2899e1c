"""What a purge leaves, and how it is remembered: by salted digests, applied to whatever comes back."""

from collections.abc import Iterable

from msgspec.structs import replace
from sqlalchemy import Connection, or_, select, text

from daruma.core.job import Job, Proof, Ticket
from daruma.store.digests import salted
from daruma.store.schema import facts, purges

Purge = tuple[str, str]  # salt, and digest with that salt


def remember(connection: Connection, *identities: str) -> None:
    """Remember identities (a job's, a backup's digest) as purged."""
    salt = str(connection.execute(select(facts.c.value).where(facts.c.key == "salt")).scalar() or "")
    remember_purges(connection, {(salt, salted(salt, identity)) for identity in identities})


def known_purges(connection: Connection) -> frozenset[Purge]:
    """Return what is remembered as purged."""
    return frozenset((str(salt), str(digest)) for salt, digest in connection.execute(select(purges.c.salt, purges.c.digest)))


def remember_purges(connection: Connection, told: Iterable[Purge]) -> bool:
    """Remember what was purged elsewhere as well; return whether something of it was not known."""
    fresh = set(told) - known_purges(connection)
    if fresh:
        rows = [{"salt": salt, "digest": digest} for salt, digest in sorted(fresh)]
        connection.execute(text("INSERT OR IGNORE INTO purges VALUES (:salt, :digest)"), rows)
    return bool(fresh)


def is_purged(connection: Connection, identity: str) -> bool:
    """Return whether what carries an identity was purged before."""
    salts = connection.execute(select(purges.c.salt).distinct()).scalars().all()
    same = [(purges.c.salt == salt) & (purges.c.digest == salted(str(salt), identity)) for salt in salts]
    return bool(same) and connection.execute(select(purges.c.digest).where(or_(*same))).first() is not None


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
