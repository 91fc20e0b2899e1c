"""The tables. What must never change is append-only, held by triggers that the migrations make."""

from sqlalchemy import Column, ForeignKey, Integer, LargeBinary, MetaData, String, Table

metadata = MetaData()

jobs = Table(
    "jobs",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("uid", String, nullable=False, unique=True),
    Column("revision", Integer, nullable=False),
    Column("sha256", String, nullable=False),
    Column("body", String, nullable=False),
    Column("updated", String, nullable=False),
    Column("closed", String, nullable=False),
    Column("imei", String, nullable=False),
    Column("model", String, nullable=False),
    Column("purged", String, nullable=False),
)

# what jobs have measured, one reading a row, each linked to the one before it: a job holds the link of the last one
series = Table(
    "series",
    metadata,
    Column("job", String, primary_key=True),
    Column("link", String, primary_key=True),
    Column("before", String, nullable=False),
    Column("body", String, nullable=False),
)

# what meters have recorded for jobs: row 0 says what it is, the others hold samples, each linked to the one before it
recordings = Table(
    "recordings",
    metadata,
    Column("recording", String, primary_key=True),
    Column("number", Integer, primary_key=True),
    Column("job", String, nullable=False),
    Column("before", String, nullable=False),
    Column("link", String, nullable=False),
    Column("body", LargeBinary, nullable=False),
)

# how often each action went well, by model: kept apart from the jobs, so that it outlives what is purged of them
outcome_totals = Table(
    "outcome_totals",
    metadata,
    Column("model", String, primary_key=True),
    Column("action", String, primary_key=True),
    Column("good", Integer, primary_key=True),
    Column("times", Integer, nullable=False),
)

shelf = Table(
    "shelf",
    metadata,
    Column("die", String, primary_key=True),
    Column("sha256", String, nullable=False),
    Column("body", String, nullable=False),
)

# `body` is the canonical form that is hashed; the columns beside it repeat what is searched by
backups = Table(
    "backups",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("sha256", String(64), nullable=False, unique=True),
    Column("chain", String(64), nullable=False),
    Column("model", String, nullable=False),
    Column("layout", String, nullable=False),
    Column("maker", String, nullable=False),
    Column("imei", String, nullable=False),
    Column("job", String, nullable=False),
    Column("die", String, nullable=False),
    Column("purged", String, nullable=False),
    Column("arrived", String, nullable=False),
    Column("body", LargeBinary, nullable=False),
)

vault_head = Table(
    "vault_head",
    metadata,
    Column("one", Integer, primary_key=True),
    Column("number", Integer, nullable=False),
    Column("chain", String(64), nullable=False),
)

# `sha256` covers a row, `chain` what is before it as well (store.digests); `uid` is what an act is known by
acts = Table(
    "acts",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("uid", String, nullable=False, unique=True),
    Column("sha256", String, nullable=False),
    Column("chain", String, nullable=False),
    Column("job", String, nullable=False, index=True),
    Column("kind", String, nullable=False),
    Column("die", String, nullable=False, index=True),
    Column("backup", String, nullable=False),
    Column("digest", String, nullable=False),
    Column("started", String, nullable=False),
    Column("evidence", String, nullable=False),
    Column("who", String, nullable=False),
    Column("before", String, nullable=False),
)

settlements = Table(
    "settlements",
    metadata,
    Column("number", Integer, primary_key=True),
    Column("act", Integer, ForeignKey("acts.number"), nullable=False, index=True),
    Column("sha256", String, nullable=False),
    Column("chain", String, nullable=False),
    Column("state", String, nullable=False),
    Column("note", String, nullable=False),
    Column("settled", String, nullable=False),
    Column("answer", String, nullable=False),
    Column("found", String, nullable=False),
)

# the acts without a final settlement; kept by triggers, so that nobody can forget one
doubts = Table("doubts", metadata, Column("act", Integer, ForeignKey("acts.number"), primary_key=True))

# acts that are known to have been and of which no row here tells: they count for their kind and what they were on; `sent` is 0
# for one that is known never to have gone out
lost_acts = Table(
    "lost_acts",
    metadata,
    Column("uid", String, primary_key=True),
    Column("kind", String, nullable=False),
    Column("die", String, nullable=False, index=True),
    Column("sent", Integer, nullable=False),
)

# how far each session has come, by kind of row; counted by triggers (store.progress)
progress = Table(
    "progress",
    metadata,
    Column("session", String, primary_key=True),
    Column("what", String, primary_key=True),
    Column("times", Integer, nullable=False),
)

# how far sessions are known to have come of which not all is here, so that what is missing stays known without any marks
told = Table(
    "told",
    metadata,
    Column("session", String, primary_key=True),
    Column("what", String, primary_key=True),
    Column("times", Integer, nullable=False),
)

# how many rows it was accepted that are missing
accepted = Table(
    "accepted",
    metadata,
    Column("session", String, primary_key=True),
    Column("what", String, primary_key=True),
    Column("times", Integer, nullable=False),
)

# digests of what was purged, each with its salt: applied to whatever comes back
purges = Table("purges", metadata, Column("salt", String, primary_key=True), Column("digest", String, primary_key=True))

# what the store knows of itself: its identity, the salt of its purges, the session that is writing
facts = Table("facts", metadata, Column("key", String, primary_key=True), Column("value", String, nullable=False))
