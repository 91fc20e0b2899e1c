"""Acts on parts as the journal keeps them: intent first, settlement after."""

from enum import Enum

from msgspec import Struct

from daruma.core.language import tr


class ActKind(Enum):
    """Say what is done to a part, a phone or the programmer."""

    WRITE = "write"
    FIRMWARE = "firmware"
    UNBIND = "unbind"
    FINISH = "finish"
    ACTIVATE = "activate"
    ENABLE = "enable"
    RELEASE = "release"
    FLASH = "flash"


class ActRule(Struct, frozen=True):
    """Say what is so of every act of a kind: whether it is done to a phone, whether a part takes it once in its life, and
    whether it goes on by itself once it was begun, so that nobody has to watch it to its end.

    Acts of all kinds are counted by kind and part, and remembered outside the store.
    """

    on_phone: bool = False
    once: bool = False
    alone: bool = False


RULES = {
    ActKind.WRITE: ActRule(),
    ActKind.FIRMWARE: ActRule(),
    ActKind.UNBIND: ActRule(on_phone=True),
    ActKind.FINISH: ActRule(on_phone=True),
    ActKind.ACTIVATE: ActRule(once=True),
    ActKind.ENABLE: ActRule(once=True),
    ActKind.RELEASE: ActRule(on_phone=True),
    ActKind.FLASH: ActRule(on_phone=True, alone=True),
}


class ActState(Enum):
    """Say how an act ended, or that nobody knows yet."""

    IN_DOUBT = "in doubt"
    DONE = "done"
    FAILED = "failed"
    NOT_SENT = "not sent"


class Act(Struct, frozen=True):
    """Hold one act; an act without settlement is in doubt.

    `uid` is what it is known by; `number` and `job_name` are for reading. `job` is the identity of its job. `die` is
    what the act is on: a part's die, the phone of a job, or a programmer's serial. `digest` is the SHA-256 of
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
    uid: str = ""
    job_name: str = ""

    @property
    def counts(self) -> bool:
        """Return whether the act counts against what it is on: all but those that never left."""
        return self.state is not ActState.NOT_SENT


_PHONE_OF = "phone of "


def phone_of(job: str) -> str:
    """Return how a job's phone is known in the journal: by the job, so that no identifier of its owner stays there."""
    return _PHONE_OF + job


def _thing(act: Act) -> str:
    return tr("phone of {job}", job=act.job_name) if act.die.startswith(_PHONE_OF) else act.die


def what(act: Act) -> str:
    """Return in a few words what an act was."""
    things = {
        ActKind.WRITE: tr("a write to …{die}", die=act.die[-6:]),
        ActKind.FIRMWARE: tr("a firmware update of programmer {die}", die=act.die),
        ActKind.UNBIND: tr("unbinding the {thing}", thing=_thing(act)),
        ActKind.FINISH: tr("finishing a part of the {thing}", thing=_thing(act)),
        ActKind.RELEASE: tr("unbinding a part of the {thing}", thing=_thing(act)),
        ActKind.FLASH: tr("flashing the {thing}", thing=_thing(act)),
        ActKind.ENABLE: tr("activating the data flex …{die}", die=act.die[-6:]),
        ActKind.ACTIVATE: tr("the activation of …{die}", die=act.die[-6:]),
    }
    return things[act.kind]


def where(act: Act) -> str:
    """Return what is to be put where before an act can be settled."""
    if act.kind is ActKind.FIRMWARE:
        return tr("Connect programmer {die}", die=act.die)
    if RULES[act.kind].on_phone:
        return tr("Put the {thing} on the cable", thing=_thing(act))
    return tr("Put the part …{die} on its socket", die=act.die[-6:])
