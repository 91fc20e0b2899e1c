"""Recordings of meters in rows of their own."""

import sqlalchemy as sa
from alembic import op

revision = "0005"
down_revision = "0004"
branch_labels = None
depends_on = None


def upgrade() -> None:
    """Make the table of recordings, rows of which are only ever added."""
    op.create_table(
        "recordings",
        sa.Column("recording", sa.String, primary_key=True),
        sa.Column("number", sa.Integer, primary_key=True),
        sa.Column("job", sa.String, nullable=False),
        sa.Column("before", sa.String, nullable=False),
        sa.Column("link", sa.String, nullable=False),
        sa.Column("body", sa.LargeBinary, nullable=False),
    )
    for act in ("update", "delete"):
        refused = "BEGIN SELECT RAISE(ABORT, 'recordings is append-only'); END"
        op.execute(f"CREATE TRIGGER recordings_no_{act} BEFORE {act.upper()} ON recordings {refused}")
