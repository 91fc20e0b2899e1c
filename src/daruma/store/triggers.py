"""The triggers of the tables: what is only added to, what is in doubt, what is counted.

At each opening one that is missing or reads otherwise is made anew and a strange one taken away, so that a file that was
meddled with is guarded again.
"""

from sqlalchemy import Connection, text

from daruma.store.progress import ADDED, CHANGED, counting

_PURGED = (
    "NEW.number = OLD.number AND NEW.sha256 = OLD.sha256 AND NEW.chain = OLD.chain AND OLD.purged = '' "
    "AND NEW.purged <> '' AND NEW.body = X'' AND NEW.imei = '' AND NEW.die = '' AND NEW.arrived = OLD.arrived "
    "AND NEW.model = OLD.model AND NEW.layout = OLD.layout AND NEW.maker = OLD.maker AND NEW.job = OLD.job"
)
_DOUBTS = {
    "acts_doubt": "AFTER INSERT ON acts BEGIN INSERT INTO doubts VALUES (NEW.number); END",
    "settlements_once": "BEFORE INSERT ON settlements WHEN NOT EXISTS (SELECT 1 FROM doubts WHERE act = NEW.act) "
    "BEGIN SELECT RAISE(ABORT, 'the act is settled'); END",
    "settlements_doubt": "AFTER INSERT ON settlements WHEN NEW.state <> 'in doubt' "
    "BEGIN DELETE FROM doubts WHERE act = NEW.act; END",
}
_KEPT = {"UPDATE": ("acts", "settlements", "series", "recordings"), "DELETE": ("acts", "settlements", "backups", "recordings")}
_THERE = text("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'")


def triggers() -> dict[str, str]:
    """Return what each trigger is to be, by its name."""
    made = dict(_DOUBTS)
    for verb, tables in _KEPT.items():
        for table in tables:
            made[f"{table}_no_{verb.lower()}"] = f"BEFORE {verb} ON {table} {_refused(table)}"
    made["backups_no_update"] = f"BEFORE UPDATE ON backups WHEN NOT ({_PURGED}) {_refused('backups')}"
    for verb, kinds in (("INSERT", ADDED), ("UPDATE", CHANGED)):
        for table, counted in kinds.items():
            made[f"{table}_counted_on_{verb.lower()}"] = f"AFTER {verb} ON {table} BEGIN {' '.join(map(counting, counted))} END"
    return made


def _refused(table: str) -> str:
    return f"BEGIN SELECT RAISE(ABORT, '{table} is append-only'); END"


def make_triggers(connection: Connection) -> None:
    """Let a store have these triggers, as they are to be, and no others."""
    there = {str(name): sql for name, sql in connection.execute(_THERE)}
    wanted = {name: f"CREATE TRIGGER {name} {body}" for name, body in triggers().items()}
    for name in there:
        if there[name] != wanted.get(name):
            quoted = name.replace('"', '""')
            connection.exec_driver_sql(f'DROP TRIGGER "{quoted}"')
    for name, made in wanted.items():
        if there.get(name) != made:
            connection.exec_driver_sql(made)
