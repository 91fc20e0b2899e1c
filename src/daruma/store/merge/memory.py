"""What a replaced store remembers besides: totals, purges, what it was told to be missing."""

from contextlib import suppress

from sqlalchemy import text

from daruma.store.checking import DAMAGE
from daruma.store.merge.context import Merge
from daruma.store.old_rows import each_row, text_of
from daruma.store.progress import raise_to
from daruma.store.purging import remember_purges
from daruma.store.schema import outcome_totals


class MemoryMerge(Merge):
    """Carry over what is remembered."""

    def all(self) -> None:
        """Merge everything."""
        self._totals()
        self._sessions()
        self._purges()

    def _totals(self) -> None:
        """Take the higher total: they only grow, and count what was purged as well."""
        names = outcome_totals.columns.keys()
        statement = (
            f"INSERT INTO outcome_totals ({', '.join(names)}) VALUES (:model, :action, :good, :times) "
            "ON CONFLICT (model, action, good) DO UPDATE SET times = max(times, excluded.times)"
        )
        for _, row in each_row(self.old, "outcome_totals", names):
            if row is not None and isinstance(row["times"], int):
                with suppress(*DAMAGE):
                    self.new.execute(text(statement), row)

    def _sessions(self) -> None:
        """Take over what is known to be missing, and how much of it was accepted."""
        for table in ("told", "accepted"):
            for _, row in each_row(self.old, table, ["session", "what", "times"]):
                if row is not None and isinstance(row["times"], int):
                    raise_to(self.new, {text_of(row["session"]): {text_of(row["what"]): row["times"]}}, table)

    def _purges(self) -> None:
        """Take the old store's memory of purges, each with its salt."""
        rows = (row for _, row in each_row(self.old, "purges", ["salt", "digest"]) if row is not None)
        remember_purges(self.new, {(text_of(row["salt"]), text_of(row["digest"])) for row in rows})
