"""Carry out an act under the journal: interlocks at the moment of the act, intent before, read-back after, settlement always."""

from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Generic, TypeVar

from daruma.bench.context import Context
from daruma.core.acts import ONCE, Act, ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock, dark, once_interlock
from daruma.link.errors import LinkError, Refused
from daruma.store.journal import Journal

# answers after which the device promises that the part is as it was (docs/protocol.md, error codes)
UNTOUCHED = frozenset({"empty", "firmware", "range", "image", "part", "trust", "off", "busy", "unknown"})
_T = TypeVar("_T")


class WriteFailed(Trouble):
    """Report an act that did not end as it should; what it did is in the journal."""


class InterlockDark(Trouble):
    """Report an act that was not begun because an interlock was dark."""


@dataclass(frozen=True, slots=True)
class Intent:
    """Hold what is about to be done: the act, on what, from which backup, which bytes, under which interlocks.

    `safe` and `advice` are for the case that it fails.
    """

    kind: ActKind
    job: str
    die: str
    locks: tuple[Interlock, ...]
    backup: str = ""
    digest: str = ""
    before: str = ""
    safe: str = "The backup is safe."
    advice: str = "Look at the part, then plan again from here."


@dataclass(frozen=True, slots=True)
class Found(Generic[_T]):
    """Hold what was found after the act: whether it is what was meant, in words or as SHA-256, and the thing itself."""

    as_meant: bool
    told: str
    value: _T
    words: str = field(default="read-back is equal")


def act(journal: Journal, intent: Intent, context: Context, send: Callable[[], object], look_back: Callable[[], Found[_T]]) -> _T:
    """Carry out an act once and return what was found after it.

    Raises InterlockDark before anything is sent; WriteFailed where what is found is not what was meant, or nothing can
    be found: then the act is in doubt.
    """
    locks = intent.locks
    if intent.kind in ONCE:
        locks = (*locks, once_interlock(journal.spent(intent.kind, intent.die), intent.kind.value.title()))
    refuse_dark(locks)
    written = journal.intend(
        intent.kind,
        job=intent.job,
        die=intent.die,
        backup=intent.backup,
        digest=intent.digest,
        started=context.now(),
        evidence=tuple((lock.label, lock.evidence) for lock in locks),
        who=context.who,
        before=intent.before,
    )
    try:
        said = _sent(journal, written, context, send)
        return _settled(journal, written, intent, context, said, look_back)
    finally:
        # whatever went wrong on the way, what is not settled now is in doubt
        journal.leave(written)


def refuse_dark(locks: tuple[Interlock, ...]) -> None:
    """Raise InterlockDark where an interlock is dark."""
    if missing := dark(locks):
        raise InterlockDark(
            f"Not done, an interlock is dark: {missing[0].label} ({missing[0].evidence}).",
            safe="Nothing was sent to the part.",
            advice=missing[0].remedy,
        )


def _sent(journal: Journal, written: Act, context: Context, send: Callable[[], object]) -> LinkError | None:
    """Send; return what the device or the wire said against it, if anything."""
    try:
        send()
    except Refused as refused:
        if refused.code in UNTOUCHED:
            journal.settle(written, ActState.NOT_SENT, refused.what, context.now(), answer=refused.code)
            raise
        return refused
    except LinkError as error:
        return error
    return None


def _settled(
    journal: Journal, written: Act, intent: Intent, context: Context, said: LinkError | None, look_back: Callable[[], Found[_T]]
) -> _T:
    answer = "done" if said is None else said.code if isinstance(said, Refused) else f"no answer: {said.what}"
    try:
        found = look_back()
    except Trouble as trouble:
        note = f"{said.what if said else 'done'}; looking after it: {trouble.what}"
        journal.settle(written, ActState.IN_DOUBT, note, context.now(), answer=answer)
        raise WriteFailed(
            f"It is not known what the {intent.kind.value} did: {trouble.what}",
            safe="The backup is safe. Until the part is read it counts against the part.",
            advice="Put the same part back, connect again and settle the act. Do not repeat it.",
        ) from trouble
    if found.as_meant:
        note = found.words if said is None else f"{said.what} The part carries what was meant all the same."
        journal.settle(written, ActState.DONE, note, context.now(), answer=answer, found=found.told)
        return found.value
    note = said.what if said else f"The device reported success, the {_looked(intent.kind)} differs."
    journal.settle(written, ActState.FAILED, note, context.now(), answer=answer, found=found.told)
    raise WriteFailed(note, safe=intent.safe, advice=intent.advice)


def _looked(kind: ActKind) -> str:
    return "read-back" if kind is ActKind.WRITE else "state after it"
