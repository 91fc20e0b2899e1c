"""Identities that no restore changes, digests of acts, jobs and shelf, provenance of imports, memory of losses and purges."""

import hashlib
import json
import secrets
from collections.abc import Iterator
from typing import Any

import sqlalchemy as sa
from alembic import op

revision = "0003"
down_revision = "0002"
branch_labels = None
depends_on = None

FIRST = "0" * 32
ACT = ("uid", "job", "kind", "die", "backup", "digest", "started", "evidence", "who", "before")
SETTLEMENT = ("act", "state", "note", "settled", "answer", "found")
JOB = ("number", "uid", "revision", "body", "updated", "closed", "imei", "model", "purged")


def upgrade() -> None:
    """Change the tables; what is known by number or name is known by digest or random identity from here on.

    An identity that a row gets here follows from what the row says: copies made before carry the same.
    """
    connection = op.get_bind()
    refs = {f"B-{number:05d}": f"B-{number:05d}@{sha}" for number, sha in _backups(connection)}
    uids = _jobs(connection, refs)
    _acts(connection, refs, uids)
    _settlements(connection)
    _shelf(connection, uids)
    op.create_table("lost_writes", sa.Column("die", sa.String, primary_key=True), sa.Column("times", sa.Integer, nullable=False))
    op.create_table("purges", sa.Column("digest", sa.String, primary_key=True))
    op.create_table("facts", sa.Column("key", sa.String, primary_key=True), sa.Column("value", sa.String, nullable=False))
    for key, value in (("store", _first(connection)), ("salt", secrets.token_hex(16)), ("commits", "0"), ("saves", "0")):
        connection.execute(sa.text("INSERT INTO facts VALUES (:key, :value)"), {"key": key, "value": value})


def _digest(text: str) -> str:
    return hashlib.sha256(text.encode("utf-8", "surrogatepass")).hexdigest()[:32]


def _row(names: tuple[str, ...], row: dict[str, Any]) -> str:
    return _digest("\x1f".join(str(row[name]) for name in names))


def _first(connection: sa.Connection) -> str:
    """Return the store's identity: told by its first backup where it has one, so that its copies agree with it."""
    first = connection.execute(sa.text("SELECT sha256 FROM backups ORDER BY number LIMIT 1")).scalar()
    return str(first)[:32] if first else secrets.token_hex(16)


def _backups(connection: sa.Connection) -> Iterator[tuple[int, str]]:
    op.add_column("backups", sa.Column("arrived", sa.String, nullable=False, server_default=""))
    op.execute("DROP TRIGGER backups_no_update")
    op.execute(
        "CREATE TRIGGER backups_no_update BEFORE UPDATE ON backups WHEN NOT ("
        "NEW.number = OLD.number AND NEW.sha256 = OLD.sha256 AND NEW.chain = OLD.chain AND OLD.purged = '' "
        "AND NEW.purged <> '' AND NEW.body = X'' AND NEW.imei = '' AND NEW.die = '' AND NEW.arrived = OLD.arrived "
        "AND NEW.model = OLD.model AND NEW.layout = OLD.layout AND NEW.maker = OLD.maker AND NEW.job = OLD.job) "
        "BEGIN SELECT RAISE(ABORT, 'backups is append-only'); END"
    )
    for number, sha in connection.execute(sa.text("SELECT number, sha256 FROM backups")):
        yield number, str(sha)


def _jobs(connection: sa.Connection, refs: dict[str, str]) -> dict[str, str]:
    """Give jobs their identities; return them by name."""
    for name in ("uid", "sha256"):
        op.add_column("jobs", sa.Column(name, sa.String, nullable=False, server_default=""))
    op.add_column("jobs", sa.Column("revision", sa.Integer, nullable=False, server_default="0"))
    uids = {}
    for row in connection.execute(sa.text("SELECT * FROM jobs ORDER BY number")).mappings().all():
        values = dict(row)
        try:
            job = json.loads(values["body"])
            uid = _digest(f"{values['number']} {job['opened']}")
            values["body"] = json.dumps(_job(job, uid, refs), separators=(",", ":"), ensure_ascii=False)
        except (ValueError, TypeError, KeyError, AttributeError):
            uid = _digest(f"{values['number']} unreadable")
        uids[f"J-{values['number']:04d}"] = uid
        values |= {"uid": uid, "revision": 0}
        values["sha256"] = _row(JOB, values)
        connection.execute(
            sa.text("UPDATE jobs SET uid = :uid, sha256 = :sha256, body = :body WHERE number = :number"),
            {name: values[name] for name in ("uid", "sha256", "body", "number")},
        )
    op.create_index("jobs_uid", "jobs", ["uid"], unique=True)
    return uids


def _job(job: dict[str, Any], uid: str, refs: dict[str, str]) -> dict[str, Any]:
    job["uid"], job["revision"] = uid, 0
    for name in ("backup", "flex_backup", "tuned"):
        job[name] = refs.get(job.get(name, ""), "")
    job["outcomes"] = [{"action": action, "good": good, "cause": "step"} for action, good in job.get("outcomes", ())]
    parts, sheet = _basis(job)
    for proof in job.get("proofs", ()):
        proof["parts"], proof["sheet"] = parts, sheet
    file, uv = "file ", {"file": 0.0010, "own": 0.0005}
    for reading in [*job.get("readings", ()), *(r for proof in job.get("proofs", ()) for r in proof.get("readings", ()))]:
        reading["uv"] = uv["file" if str(reading.get("instrument", "")).startswith(file) else "own"]
    return job


def _basis(job: dict[str, Any]) -> tuple[list[str], str]:
    """Return what the job's proofs were taken on, as far as it is known: its panel, the work done."""
    ticket, target = job.get("ticket") or {}, job.get("target") or {}
    panel = ticket.get("panel_die", "")
    parts = [die for die in dict.fromkeys((panel, target.get("die", panel))) if die]
    steps = [step for step in job.get("steps", ()) if not step["action"].startswith("prove_")]
    done = [f"{step['action']} {step.get('when', '')}" for step in steps if step.get("state") == "done"]
    return parts, hashlib.sha256("\n".join(done).encode()).hexdigest()[:16]


def _acts(connection: sa.Connection, refs: dict[str, str], uids: dict[str, str]) -> None:
    for name in ("uid", "sha256", "chain"):
        op.add_column("acts", sa.Column(name, sa.String, nullable=False, server_default=""))
    op.execute("DROP TRIGGER acts_no_update")
    link = FIRST
    for row in connection.execute(sa.text("SELECT * FROM acts ORDER BY number")).mappings().all():
        values = dict(row)
        values["uid"] = _digest("\x1f".join(str(values[name]) for name in ("number", *ACT[1:])))
        values["backup"] = refs.get(values["backup"], values["backup"])
        before, name, after = str(values["die"]).rpartition("phone of ")
        if name and not before:
            values["die"] = name + uids.get(after, after)
        values["job"] = uids.get(values["job"], values["job"])
        values["sha256"] = _row(ACT, values)
        values["chain"] = link = _digest(link + values["sha256"])
        changed = ("uid", "backup", "die", "job", "sha256", "chain")
        statement = f"UPDATE acts SET {', '.join(f'{name} = :{name}' for name in changed)} WHERE number = :number"
        connection.execute(sa.text(statement), {name: values[name] for name in (*changed, "number")})
    op.create_index("acts_uid", "acts", ["uid"], unique=True)
    _append_only("acts")


def _settlements(connection: sa.Connection) -> None:
    for name in ("sha256", "chain"):
        op.add_column("settlements", sa.Column(name, sa.String, nullable=False, server_default=""))
    op.execute("DROP TRIGGER settlements_no_update")
    link = FIRST
    for row in connection.execute(sa.text("SELECT * FROM settlements ORDER BY number")).mappings().all():
        digest = _row(SETTLEMENT, dict(row))
        link = _digest(link + digest)
        connection.execute(
            sa.text("UPDATE settlements SET sha256 = :sha256, chain = :chain WHERE number = :number"),
            {"sha256": digest, "chain": link, "number": row["number"]},
        )
    _append_only("settlements")


def _append_only(table: str) -> None:
    op.execute(
        f"CREATE TRIGGER {table}_no_update BEFORE UPDATE ON {table} BEGIN SELECT RAISE(ABORT, '{table} is append-only'); END"
    )


def _shelf(connection: sa.Connection, uids: dict[str, str]) -> None:
    op.add_column("shelf", sa.Column("sha256", sa.String, nullable=False, server_default=""))
    for die, body in connection.execute(sa.text("SELECT die, body FROM shelf")).all():
        try:
            part = json.loads(body)
            used = part.get("used_in", "")
            part["used_in"] = f"{used}@{uids[used]}" if used in uids else used
            body = json.dumps(part, separators=(",", ":"), ensure_ascii=False)
        except (ValueError, TypeError, AttributeError):
            pass
        values = {"die": die, "body": body}
        connection.execute(
            sa.text("UPDATE shelf SET sha256 = :sha256, body = :body WHERE die = :die"),
            {**values, "sha256": _row(("die", "body"), values)},
        )
