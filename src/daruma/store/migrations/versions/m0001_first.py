"""First tables: jobs, shelf, backups, acts, settlements; triggers that keep the last three append-only."""

import sqlalchemy as sa
from alembic import op

revision = "0001"
down_revision = None
branch_labels = None
depends_on = None


def upgrade() -> None:
    """Create the tables and their triggers."""
    op.create_table(
        "jobs",
        sa.Column("number", sa.Integer, primary_key=True),
        sa.Column("body", sa.String, nullable=False),
        sa.Column("updated", sa.String, nullable=False),
    )
    op.create_table(
        "shelf",
        sa.Column("die", sa.String, primary_key=True),
        sa.Column("body", sa.String, nullable=False),
    )
    op.create_table(
        "backups",
        sa.Column("number", sa.Integer, primary_key=True),
        sa.Column("sha256", sa.String(64), nullable=False, unique=True),
        sa.Column("chain", sa.String(64), nullable=False),
        sa.Column("model", sa.String, nullable=False, index=True),
        sa.Column("imei", sa.String, nullable=False, index=True),
        sa.Column("die", sa.String, nullable=False, index=True),
        sa.Column("body", sa.String, nullable=False),
        sa.Column("image", sa.LargeBinary, nullable=False),
    )
    op.create_table(
        "acts",
        sa.Column("number", sa.Integer, primary_key=True),
        sa.Column("job", sa.String, nullable=False, index=True),
        sa.Column("kind", sa.String, nullable=False),
        sa.Column("die", sa.String, nullable=False, index=True),
        sa.Column("backup", sa.String, nullable=False),
        sa.Column("digest", sa.String, nullable=False),
        sa.Column("started", sa.String, nullable=False),
        sa.Column("evidence", sa.String, nullable=False),
    )
    op.create_table(
        "settlements",
        sa.Column("number", sa.Integer, primary_key=True),
        sa.Column("act", sa.Integer, sa.ForeignKey("acts.number"), nullable=False, index=True),
        sa.Column("state", sa.String, nullable=False),
        sa.Column("note", sa.String, nullable=False),
        sa.Column("settled", sa.String, nullable=False),
    )
    for table in ("backups", "acts", "settlements"):
        for verb in ("UPDATE", "DELETE"):
            op.execute(
                f"CREATE TRIGGER {table}_no_{verb.lower()} BEFORE {verb} ON {table} "
                f"BEGIN SELECT RAISE(ABORT, '{table} is append-only'); END"
            )
