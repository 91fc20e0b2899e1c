"""The write budget: what is left of a part's writes when its limit is known only as a choice of numbers."""

from msgspec import Struct

from daruma.core.language import tr


class WriteBudget(Struct, frozen=True):
    """Hold a part's history of writes against the limits it may have.

    `limits` are the equally likely numbers of writes in the part's life (empty: no known limit); `counted` the
    writes known to have been tried, failed ones included; `spent` that the part itself has said that it takes no more;
    `arrived` which imported list some of the count rests on.
    """

    limits: tuple[int, ...]
    counted: int
    spent: bool = False
    arrived: str = ""

    @property
    def possible(self) -> tuple[int, ...]:
        """Return the limits that the history has not ruled out."""
        return () if self.spent else tuple(limit for limit in self.limits if limit >= self.counted)

    def next_odds(self) -> float:
        """Return the chance that the part takes one more write, given that it took all counted so far."""
        if not self.limits and not self.spent:
            return 1.0
        if not self.possible:
            return 0.0
        return sum(limit > self.counted for limit in self.possible) / len(self.possible)

    def sure_left(self) -> int | None:
        """Return the writes that are left even in the worst case; None without a known limit."""
        return max(0, min(self.possible) - self.counted) if self.possible else (0 if self.limits or self.spent else None)

    def most_left(self) -> int | None:
        """Return the writes that are left in the best case; None without a known limit."""
        return max(0, max(self.possible) - self.counted) if self.possible else (0 if self.limits or self.spent else None)

    def words(self) -> str:
        """Return what is left as the button says it."""
        if not self.limits and not self.spent:
            return tr("no known limit")
        sure, most = self.sure_left(), self.most_left()
        if most == 0:
            return tr("none left")
        if sure == most:
            return tr("1 of {sure} left", sure=sure)
        if sure == 0:
            return tr("perhaps {most} left", most=most)
        mean = sum(limit - self.counted for limit in self.possible) / len(self.possible)
        return tr("1 of about {mean:.0f} left", mean=mean)


def odds_of_each_write(limits: tuple[int, ...]) -> tuple[float, ...]:
    """Return the chance that each write of a fresh part's life is accepted, given that those before it were."""
    return tuple(WriteBudget(limits, done).next_odds() for done in range(max(limits)))
