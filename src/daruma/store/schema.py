"""The tables. What must never change is append-only, held by triggers that the migration makes."""

from sqlalchemy import Column, ForeignKey, Integer, LargeBinary, MetaData, String, Table

metadata = MetaData()

jobs = Table(
    "jobs",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("body", String, nullable=False),
    Column("updated", String, nullable=False),
)

shelf = Table(
    "shelf",
    metadata,
    Column("die", String, primary_key=True),
    Column("body", String, nullable=False),
)

backups = Table(
    "backups",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("sha256", String(64), nullable=False, unique=True),
    Column("chain", String(64), nullable=False),
    Column("model", String, nullable=False, index=True),
    Column("imei", String, nullable=False, index=True),
    Column("die", String, nullable=False, index=True),
    Column("body", String, nullable=False),
    Column("image", LargeBinary, nullable=False),
)

acts = Table(
    "acts",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("job", String, nullable=False, index=True),
    Column("kind", String, nullable=False),
    Column("die", String, nullable=False, index=True),
    Column("backup", String, nullable=False),
    Column("digest", String, nullable=False),
    Column("started", String, nullable=False),
    Column("evidence", String, nullable=False),
)

settlements = Table(
    "settlements",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("act", Integer, ForeignKey("acts.number"), nullable=False, index=True),
    Column("state", String, nullable=False),
    Column("note", String, nullable=False),
    Column("settled", String, nullable=False),
)

APPEND_ONLY = ("backups", "acts", "settlements")
