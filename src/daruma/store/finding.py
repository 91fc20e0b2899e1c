"""Find acts by their part or their job: what only the index knows and what only the rows say both count."""

from contextlib import suppress

from sqlalchemy import Connection, bindparam, select, text

from daruma.store.apart import DAMAGE, highest, rows_apart
from daruma.store.schema import acts

MOST = 4096  # values whose acts are remembered


class ActFinder:
    """Find acts without trusting the index alone: a damaged page of it hides acts that stand in the table.

    Acts are never changed nor taken away, so every row is looked at once for a value and the later ones when they are there.
    """

    def __init__(self) -> None:
        self._looked: dict[tuple[str, str], tuple[int, frozenset[int]]] = {}

    def numbers(self, connection: Connection, name: str, value: str) -> list[int]:
        """Return the numbers of the acts whose column `name` (die or job) has a value, in their order.

        A damaged row is found where either the index or the row has the value.
        """
        return sorted(_by_index(connection, name, value) | self.by_rows(connection, name, value))

    def by_rows(self, connection: Connection, name: str, value: str) -> frozenset[int]:
        """Return the numbers of the acts whose rows have a value, whatever the index says."""
        after, known = self._looked.get((name, value), (0, frozenset()))
        last = highest(connection, acts.c.number)
        if last > after:
            later = rows_apart(connection, _BY_ROWS[name], acts.c.number, {"value": value, "after": after})
            known |= {row.number for row in later}
            if len(self._looked) >= MOST:
                self._looked.clear()
            self._looked[name, value] = last, known
        return known


def _by_index(connection: Connection, name: str, value: str) -> frozenset[int]:
    """Return what the index leads to: nothing where it cannot be read, since the rows say it as well."""
    with suppress(*DAMAGE):
        return frozenset(connection.execute(_BY_INDEX[name], {"value": value}).scalars())
    return frozenset()


# made once: putting a question together takes longer than answering it
_BY_INDEX = {name: select(acts.c.number).where(acts.c[name] == bindparam("value")) for name in ("die", "job")}
# the sign keeps the database from using the index
_BY_ROWS = {
    name: select(acts.c.number).where(acts.c.number > bindparam("after"), text(f"+acts.{name} = :value")) for name in _BY_INDEX
}
