"""What every paper of a shop says of it."""

from datetime import date

from msgspec import Struct

from daruma.core.settings import Settings


class Letterhead(Struct, frozen=True):
    """Hold name, address, how to reach the shop, its warranty in months, and its paper."""

    name: str = ""
    address: str = ""
    reach: str = ""
    warranty: int = 0
    paper: str = "a4"

    @classmethod
    def of(cls, settings: Settings) -> "Letterhead":
        """Return what a shop has set."""
        months = round(settings["shop.warranty"])
        return cls(settings["shop.name"], settings["shop.address"], settings["shop.reach"], months, settings["shop.paper"])

    @property
    def lines(self) -> tuple[str, ...]:
        """Return address and reach, line by line."""
        return tuple(line for line in (*self.address.splitlines(), self.reach) if line)

    def until(self, day: str) -> str:
        """Return the last day of the warranty on work that was handed over on a day, both ISO; empty where there is none."""
        if not self.warranty or not day:
            return ""
        begun = date.fromisoformat(day[:10])
        months = begun.month - 1 + self.warranty
        year, month = begun.year + months // 12, months % 12 + 1
        last = (date(year + month // 12, month % 12 + 1, 1) - date(year, month, 1)).days
        return date(year, month, min(begun.day, last)).isoformat()
