"""A recording of the charging cable: what a job remembers of it. The samples lie in the store, linked one chunk to the next."""

from msgspec import Struct
from msgspec.structs import replace

SOURCES = ("meter", "file")


class Recording(Struct, frozen=True):
    """Hold a recording of a job: what it is known by, when and at which stage it began, what wrote it.

    `link` is that of its last chunk, of `count` chunks and `samples` samples over `seconds`. Charge is in mAh and energy in mWh
    into the phone, each with its standard uncertainty; `boot` is what it says of the phone's start, `why` in words. `offers` are
    what the charger offered, as words of USB Power Delivery; `note` is what went wrong with it, if anything.
    """

    uid: str
    when: str
    stage: str
    source: str
    link: str
    count: int
    samples: int
    seconds: float
    charge: tuple[float, float] = (0.0, 0.0)
    energy: tuple[float, float] = (0.0, 0.0)
    boot: str = ""
    why: str = ""
    offers: tuple[int, ...] = ()
    note: str = ""

    @property
    def name(self) -> str:
        """Return what it is called by: stage and time."""
        return f"{self.stage}, {self.when[11:16]}"

    def nameless(self) -> "Recording":
        """Return it without what may name a person: the name of a file."""
        return self if self.source in SOURCES else replace(self, source=SOURCES[1])
