"""Progress of sessions, acts that were lost sight of by their identity and kind, purges with their salts."""

import hashlib

import sqlalchemy as sa
from alembic import op

revision = "0006"
down_revision = "0005"
branch_labels = None
depends_on = None


def upgrade() -> None:
    """Change the tables; what was counted without sessions is of the session without a name."""
    connection = op.get_bind()
    _lost_acts(connection)
    _purges(connection)
    _progress(connection)


def _lost_acts(connection: sa.Connection) -> None:
    """Turn counts of lost writes into acts: each gets an identity that follows from part and place in the count."""
    op.create_table(
        "lost_acts",
        sa.Column("uid", sa.String, primary_key=True),
        sa.Column("kind", sa.String, nullable=False),
        sa.Column("die", sa.String, nullable=False),
        sa.Column("sent", sa.Integer, nullable=False),
    )
    op.create_index("ix_lost_acts_die", "lost_acts", ["die"])
    for die, times in connection.execute(sa.text("SELECT die, times FROM lost_writes")).all():
        for place in range(int(times)):
            uid = hashlib.sha256(f"lost write {place} of {die}".encode("utf-8", "surrogatepass")).hexdigest()[:32]
            told = {"uid": uid, "die": die}
            connection.execute(sa.text("INSERT OR IGNORE INTO lost_acts VALUES (:uid, 'write', :die, 1)"), told)
    op.drop_table("lost_writes")


def _purges(connection: sa.Connection) -> None:
    salt = connection.execute(sa.text("SELECT value FROM facts WHERE key = 'salt'")).scalar() or ""
    digests = connection.execute(sa.text("SELECT digest FROM purges")).scalars().all()
    op.drop_table("purges")
    op.create_table("purges", sa.Column("salt", sa.String, primary_key=True), sa.Column("digest", sa.String, primary_key=True))
    for digest in digests:
        connection.execute(sa.text("INSERT INTO purges VALUES (:salt, :digest)"), {"salt": salt, "digest": digest})


def _progress(connection: sa.Connection) -> None:
    for name in ("progress", "told", "accepted"):
        op.create_table(
            name,
            sa.Column("session", sa.String, primary_key=True),
            sa.Column("what", sa.String, primary_key=True),
            sa.Column("times", sa.Integer, nullable=False),
        )
    for table in ("backups", "acts", "settlements", "jobs"):
        highest = connection.execute(sa.text(f"SELECT coalesce(max(number), 0) FROM {table}")).scalar()
        told = {"what": table, "times": highest}
        connection.execute(sa.text("INSERT INTO progress VALUES ('', :what, :times)"), told)
    saves = connection.execute(sa.text("SELECT cast(value AS INTEGER) FROM facts WHERE key = 'saves'")).scalar() or 0
    connection.execute(sa.text("INSERT INTO progress VALUES ('', 'saves of jobs', :times)"), {"times": saves})
    connection.execute(sa.text("DELETE FROM facts WHERE key IN ('saves', 'commits')"))
    connection.execute(sa.text("INSERT INTO facts VALUES ('session', '')"))
