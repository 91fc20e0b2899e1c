"""Acts on parts as the journal keeps them: intent first, settlement after."""

from dataclasses import dataclass
from enum import Enum


class ActKind(Enum):
    """Say what is done to a part or the programmer."""

    READ = "read"
    WRITE = "write"
    FIRMWARE = "firmware"


class ActState(Enum):
    """Say how an act ended, or that nobody knows yet."""

    IN_DOUBT = "in doubt"
    DONE = "done"
    FAILED = "failed"
    NOT_SENT = "not sent"


@dataclass(frozen=True, slots=True)
class Act:
    """Hold one act; an act without settlement is in doubt."""

    number: int
    job: str
    kind: ActKind
    die: str
    backup: str
    digest: str
    started: str
    evidence: tuple[tuple[str, str], ...]
    state: ActState = ActState.IN_DOUBT
    note: str = ""
    settled: str = ""

    @property
    def counts(self) -> bool:
        """Return whether the act counts against the part's writes: all but those that never left."""
        return self.kind is ActKind.WRITE and self.state is not ActState.NOT_SENT
