"""What a ticket says of one part and what a job has done with it; each kind has classes of its own."""

from typing import ClassVar, Self, TypeVar

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.parts import PartKind, PartSelf


class PartTicket(Struct, frozen=True):
    """Hold what intake writes down of a part; `die` names the one that is to be fitted, where it is known which."""

    KIND: ClassVar[PartKind]

    die: str = ""

    def nameless(self) -> "PartTicket":
        """Return it without what points to the phone, its owner or the part; to be overridden by kinds that say more."""
        return type(self)()


class PartWork(Struct, frozen=True):
    """Hold what a job has done with a part.

    `source` is the backup that is written, by reference; `target` the new part as it said of itself, `image` what it carried
    when it was last looked at, in hexadecimal; `made` the backup that holds a record made for this very part. `SERIES` are
    the fields, by their path, that hold measurements: they are kept apart from the job, which has their digest. `of` says of
    which part and which bench work those are that were taken for a proof (`Job.basis`).
    """

    KIND: ClassVar[PartKind]
    SERIES: ClassVar[tuple[str, ...]] = ()

    source: str = ""
    target: PartSelf | None = None
    image: str = ""
    made: str = ""
    of: str = ""

    @property
    def die(self) -> str:
        """Return the die of the new part, empty where it was not seen yet."""
        return self.target.die if self.target is not None else ""

    def unmeasured(self) -> Self:
        """Return it without the measurements that were taken for a proof; to be overridden by kinds that count besides."""
        return replace(self, **{name: () for name in self.SERIES if "." not in name})

    def nameless(self) -> "PartWork":
        """Return it without what points to the phone, its owner or the part; to be overridden by kinds that measure."""
        return type(self)()


T = TypeVar("T", bound=PartTicket)
W = TypeVar("W", bound=PartWork)
