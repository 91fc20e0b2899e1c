"""Backups keep the bytes that are hashed; search by part of a word; who acted; acts in doubt; totals of outcomes."""

import json
from collections import Counter
from typing import Any

import sqlalchemy as sa
from alembic import op

revision = "0002"
down_revision = "0001"
branch_labels = None
depends_on = None

FINAL = "state <> 'in doubt'"


def upgrade() -> None:
    """Change the tables and carry over what they hold."""
    connection = op.get_bind()
    _backups(connection)
    _acts()
    _jobs(connection)


def _backups(connection: sa.Connection) -> None:
    for verb in ("update", "delete"):
        op.execute(f"DROP TRIGGER backups_no_{verb}")
    op.rename_table("backups", "backups_before")
    for name in ("model", "imei", "die"):
        op.drop_index(f"ix_backups_{name}", "backups_before")
    texts = [sa.Column(name, sa.String, nullable=False) for name in ("model", "layout", "maker", "imei", "job", "die", "purged")]
    op.create_table(
        "backups",
        sa.Column("number", sa.Integer, primary_key=True),
        sa.Column("sha256", sa.String(64), nullable=False, unique=True),
        sa.Column("chain", sa.String(64), nullable=False),
        *texts,
        sa.Column("body", sa.LargeBinary, nullable=False),
    )
    op.create_table(
        "vault_head",
        sa.Column("one", sa.Integer, primary_key=True),
        sa.Column("number", sa.Integer, nullable=False),
        sa.Column("chain", sa.String(64), nullable=False),
    )
    op.execute("CREATE VIRTUAL TABLE backup_search USING fts5(words, tokenize = 'trigram')")
    for row in connection.execute(sa.text("SELECT * FROM backups_before ORDER BY number")).all():
        _carry(connection, row)
    op.drop_table("backups_before")
    op.create_index("backups_imei", "backups", ["imei", "number"])
    op.create_index("backups_die", "backups", ["die"])
    op.create_index("backups_job", "backups", ["job"])
    op.create_index("backups_layout", "backups", ["layout", "maker", "number"])
    op.execute(
        "CREATE TRIGGER backups_no_update BEFORE UPDATE ON backups WHEN NOT ("
        "NEW.number = OLD.number AND NEW.sha256 = OLD.sha256 AND NEW.chain = OLD.chain AND OLD.purged = '' "
        "AND NEW.purged <> '' AND NEW.body = X'' AND NEW.imei = '' AND NEW.die = '' "
        "AND NEW.model = OLD.model AND NEW.layout = OLD.layout AND NEW.maker = OLD.maker AND NEW.job = OLD.job) "
        "BEGIN SELECT RAISE(ABORT, 'backups is append-only'); END"
    )
    op.execute(
        "CREATE TRIGGER backups_no_delete BEFORE DELETE ON backups BEGIN SELECT RAISE(ABORT, 'backups is append-only'); END"
    )


def _carry(connection: sa.Connection, row: sa.Row[Any]) -> None:
    """Carry one backup over; one that makes no sense keeps its bytes and goes on to be found damaged."""
    try:
        plain = json.loads(row.body)
        body = json.dumps({**plain, "image": bytes(row.image).hex()}, sort_keys=True, separators=(",", ":"), ensure_ascii=False)
    except (ValueError, TypeError):
        plain, body = {}, str(row.body)
    values = {
        "number": row.number,
        "sha256": row.sha256,
        "chain": row.chain,
        "model": row.model,
        "imei": row.imei,
        "die": row.die,
    }
    texts = {name: str(plain.get(name, "")) for name in ("layout", "maker", "job")}
    connection.execute(
        sa.text(
            "INSERT INTO backups (number, sha256, chain, model, layout, maker, imei, job, die, purged, body) VALUES "
            "(:number, :sha256, :chain, :model, :layout, :maker, :imei, :job, :die, '', :body)"
        ),
        {**values, **texts, "body": body.encode()},
    )
    words = [f"B-{row.number:05d}", row.model, row.imei, row.die, *texts.values(), plain.get("chip", ""), plain.get("taken", "")]
    words += [str(value) for _, value in plain.get("fields", ()) if len(str(value)) <= 40]
    connection.execute(
        sa.text("INSERT INTO backup_search (rowid, words) VALUES (:number, :words)"),
        {"number": row.number, "words": "\n".join(map(str, words))},
    )
    connection.execute(sa.text("INSERT OR REPLACE INTO vault_head VALUES (1, :number, :chain)"), values)


def _acts() -> None:
    # a default would make later rows that forget them pass; the old rows were made before anybody was asked
    for table, columns in (("acts", ("who", "before")), ("settlements", ("answer", "found"))):
        for name in columns:
            op.add_column(table, sa.Column(name, sa.String, nullable=False, server_default=""))
    op.create_table("doubts", sa.Column("act", sa.Integer, sa.ForeignKey("acts.number"), primary_key=True))
    op.execute(
        f"INSERT INTO doubts SELECT number FROM acts WHERE NOT EXISTS "
        f"(SELECT 1 FROM settlements WHERE act = acts.number AND {FINAL})"
    )
    op.execute("CREATE TRIGGER acts_doubt AFTER INSERT ON acts BEGIN INSERT INTO doubts VALUES (NEW.number); END")
    op.execute(
        "CREATE TRIGGER settlements_once BEFORE INSERT ON settlements "
        "WHEN NOT EXISTS (SELECT 1 FROM doubts WHERE act = NEW.act) "
        "BEGIN SELECT RAISE(ABORT, 'the act is settled'); END"
    )
    op.execute(
        f"CREATE TRIGGER settlements_doubt AFTER INSERT ON settlements WHEN NEW.{FINAL} "
        "BEGIN DELETE FROM doubts WHERE act = NEW.act; END"
    )


def _jobs(connection: sa.Connection) -> None:
    for name in ("closed", "imei", "model", "purged"):
        op.add_column("jobs", sa.Column(name, sa.String, nullable=False, server_default=""))
    op.create_table(
        "outcome_totals",
        sa.Column("model", sa.String, primary_key=True),
        sa.Column("action", sa.String, primary_key=True),
        sa.Column("good", sa.Integer, primary_key=True),
        sa.Column("times", sa.Integer, nullable=False),
    )
    totals: Counter[tuple[str, str, int]] = Counter()
    for number, body in connection.execute(sa.text("SELECT number, body FROM jobs")).all():
        try:
            job = json.loads(body)
            ticket = job.get("ticket") or {}
            told = {"closed": job.get("closed", ""), "imei": ticket.get("imei", ""), "model": ticket.get("model", "")}
            totals.update((told["model"], action, int(good)) for action, good in job.get("outcomes", ()))
        except (ValueError, TypeError, AttributeError):
            continue
        connection.execute(
            sa.text("UPDATE jobs SET closed = :closed, imei = :imei, model = :model WHERE number = :number"),
            {**told, "number": number},
        )
    for (model, action, good), times in totals.items():
        connection.execute(
            sa.text("INSERT INTO outcome_totals VALUES (:model, :action, :good, :times)"),
            {"model": model, "action": action, "good": good, "times": times},
        )
    op.create_index("jobs_find", "jobs", ["closed", "number", "imei", "model", "purged"])
