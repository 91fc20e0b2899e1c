"""Jobs made of part works, tickets of parts on the table; what was measured in rows of its own, linked one to the next."""

import hashlib
import json
from collections.abc import Iterator
from typing import Any

import sqlalchemy as sa
from alembic import op

revision = "0004"
down_revision = "0003"
branch_labels = None
depends_on = None

FIRST = "0" * 32
JOB = ("number", "uid", "revision", "body", "updated", "closed", "imei", "model", "purged")
PANEL = {
    "panel_die": "die",
    "original": "original",
    "chip": "chip",
    "panel_kind": "kind",
    "panel_maker": "maker",
    "panel_source": "source",
    "donor": "donor",
    "paper_serial": "paper_serial",
}
WORK = {
    "backup": "source",
    "target": "target",
    "target_image": "image",
    "tuned": "made",
    "measured": "measured",
    "decisions": "decisions",
}
MEASURED = ("fields", "levels", "lights")


def upgrade() -> None:
    """Write every job anew; a job whose text is not as it was kept stays as it is, and is named as before."""
    op.create_table(
        "series",
        sa.Column("job", sa.String, primary_key=True),
        sa.Column("link", sa.String, primary_key=True),
        sa.Column("before", sa.String, nullable=False),
        sa.Column("body", sa.String, nullable=False),
    )
    op.execute("CREATE TRIGGER series_no_update BEFORE UPDATE ON series BEGIN SELECT RAISE(ABORT, 'series is append-only'); END")
    connection = op.get_bind()
    for row in connection.execute(sa.text("SELECT * FROM jobs ORDER BY number")).mappings().all():
        values = dict(row)
        if values["sha256"] != _row(values):
            continue
        try:
            job = _job(json.loads(values["body"]))
            rows = dict(_linked(job))
        except (ValueError, TypeError, KeyError, AttributeError):
            continue
        values["body"] = json.dumps(job, separators=(",", ":"), ensure_ascii=False)
        values["sha256"] = _row(values)
        told = {name: values[name] for name in ("number", "body", "sha256")}
        connection.execute(sa.text("UPDATE jobs SET body = :body, sha256 = :sha256 WHERE number = :number"), told)
        added = [{"job": values["uid"], "link": link, "before": before, "body": body} for link, (before, body) in rows.items()]
        if added:
            connection.execute(sa.text("INSERT INTO series VALUES (:job, :link, :before, :body)"), added)


def _row(row: dict[str, Any]) -> str:
    return _digest("\x1f".join(str(row[name]) for name in JOB))


def _digest(text: str) -> str:
    return hashlib.sha256(text.encode("utf-8", "surrogatepass")).hexdigest()[:32]


def _job(job: dict[str, Any]) -> dict[str, Any]:
    ticket = job["ticket"]
    panel = {now: ticket.pop(name) for name, now in PANEL.items() if name in ticket}
    stays, flex = ticket.pop("display_stays", False), ticket.pop("flex", "sound")
    work = {now: job.pop(name) for name, now in WORK.items() if name in job}
    flex_source = job.pop("flex_backup", "")
    ticket["parts"], job["parts"] = {}, {}
    if not stays:
        ticket["parts"]["display"] = panel
    if flex != "sound" or flex_source:
        ticket["parts"]["sensor_flex"] = {"state": flex}
    if any(work.get(name) for name in ("source", "target", "made", "decisions")) or _is_measured(work):
        job["parts"]["display"] = work
    if flex_source:
        job["parts"]["sensor_flex"] = {"source": flex_source}
    return job


def _is_measured(work: dict[str, Any]) -> bool:
    return any(work.get("measured", {}).get(name) for name in MEASURED)


def _linked(job: dict[str, Any]) -> Iterator[tuple[str, tuple[str, str]]]:
    """Put the link of the last one in the place of each series; yield their rows."""
    measured = job["parts"].get("display", {}).get("measured", {})
    held = [(job, "readings"), *((proof, "readings") for proof in job["proofs"])]
    for holder, name in (*held, *((measured, name) for name in MEASURED)):
        items, last = holder.get(name), FIRST
        if not items:
            continue
        for item in items:
            body = json.dumps(item, separators=(",", ":"), ensure_ascii=False)
            before, last = last, _digest(last + body)
            yield last, (before, body)
        holder[name] = {"last": last, "count": len(items)}
