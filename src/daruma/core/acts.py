"""Acts on parts as the journal keeps them: intent first, settlement after."""

from dataclasses import dataclass
from enum import Enum


class ActKind(Enum):
    """Say what is done to a part, a phone or the programmer. An activation is taken once in a part's life."""

    WRITE = "write"
    FIRMWARE = "firmware"
    UNBIND = "unbind"
    FINISH = "finish"
    ACTIVATE = "activate"


ONCE = frozenset({ActKind.ACTIVATE})


class ActState(Enum):
    """Say how an act ended, or that nobody knows yet."""

    IN_DOUBT = "in doubt"
    DONE = "done"
    FAILED = "failed"
    NOT_SENT = "not sent"


@dataclass(frozen=True, slots=True)
class Act:
    """Hold one act; an act without settlement is in doubt.

    `die` is what the act is on: a part's die, `phone of J-0001`, or a programmer's serial. `digest` is the SHA-256 of
    what the part is to carry, `before` of what it carried, `found` of what it carried after; `answer` is what the
    device said.
    """

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
    who: str = ""
    before: str = ""
    answer: str = ""
    found: str = ""

    @property
    def counts(self) -> bool:
        """Return whether the act counts against the part's writes: all but those that never left."""
        return self.kind is ActKind.WRITE and self.state is not ActState.NOT_SENT


def phone_of(job: str) -> str:
    """Return how a job's phone is named in the journal: by the job, so that no identifier of its owner stays there."""
    return f"phone of {job}"


def what(act: Act) -> str:
    """Return in a few words what an act was."""
    things = {
        ActKind.WRITE: f"a write to …{act.die[-6:]}",
        ActKind.FIRMWARE: f"a firmware update of programmer {act.die}",
        ActKind.UNBIND: f"unbinding the {act.die}",
        ActKind.FINISH: f"finishing the display of the {act.die}",
        ActKind.ACTIVATE: f"the activation of …{act.die[-6:]}",
    }
    return things[act.kind]


def where(act: Act) -> str:
    """Return what is to be put where before an act can be settled."""
    if act.kind is ActKind.FIRMWARE:
        return f"Connect programmer {act.die}"
    if act.kind in (ActKind.UNBIND, ActKind.FINISH):
        return f"Put the {act.die} on the cable"
    return f"Put the part …{act.die[-6:]} on its socket"
