"""What a purge leaves, and how it is remembered: by salted digests, applied to whatever comes back."""

from dataclasses import replace

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
    kept = Ticket(
        model=ticket.model,
        system=ticket.system,
        original=ticket.original,
        chip=ticket.chip,
        panel_kind=ticket.panel_kind,
        panel_maker=ticket.panel_maker,
        flex=ticket.flex,
        donor=ticket.donor,
        display_stays=ticket.display_stays,
        promised=ticket.promised,
        before=ticket.before,
    )
    steps = tuple(replace(step, note="") for step in job.steps)
    # a sensor's gains are its flex's own; what was measured of the display says nothing of whose it was
    measured = replace(job.measured, die="", lights=())
    stripped = replace(job, backup="", flex_backup="", tuned="", target=None, target_image="", phone={})
    stripped = replace(stripped, ticket=kept, steps=steps, measured=measured)
    # what stood stands: only the names of its parts are gone
    proofs = tuple(replace(proof, parts=()) if job.stands(proof) else _fallen(proof) for proof in job.proofs)
    return replace(stripped, proofs=proofs)


def _fallen(proof: Proof) -> Proof:
    return replace(proof, parts=(), overtaken=True)
