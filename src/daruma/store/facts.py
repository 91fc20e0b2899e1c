"""What a store says of itself: facts by key, the last numbers of its journal."""

from sqlalchemy import Connection, text

_FACTS = text("SELECT key, value FROM facts")
_KEEP = text("INSERT OR REPLACE INTO facts VALUES (:key, :value)")
_HIGHEST = text("SELECT (SELECT coalesce(max(number), 0) FROM acts), (SELECT coalesce(max(number), 0) FROM settlements)")


def facts_of(connection: Connection) -> dict[str, str]:
    """Return what the store says of itself."""
    return {str(key): str(value) for key, value in connection.execute(_FACTS)}


def keep_fact(connection: Connection, key: str, value: str) -> None:
    """Keep one fact."""
    connection.execute(_KEEP, {"key": key, "value": value})


def highest_numbers(connection: Connection) -> tuple[int, int]:
    """Return the last numbers of acts and settlements."""
    acts, settlements = connection.execute(_HIGHEST).one()
    return int(acts), int(settlements)
