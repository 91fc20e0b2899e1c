"""Carry out an act under the journal: interlocks at the moment of the act, intent before, read-back after, settlement always.

Only what was sent counts, and all of it: before the request that does the act nothing counts, after it only what is
found on the part tells.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, Generic, TypeVar

from msgspec import Struct, field

from daruma.bench.context import Context
from daruma.core.acts import RULES, Act, ActKind, ActState
from daruma.core.errors import Cancelled, Cause, Trouble
from daruma.core.interlocks import Interlock, dark, once_interlock
from daruma.core.job import Job
from daruma.core.language import tr, word
from daruma.link.errors import LinkError, Refused
from daruma.link.messages import UNTOUCHED

if TYPE_CHECKING:
    from daruma.store.journal import Journal

_T = TypeVar("_T")
BUSY = "busy"  # what a device answers that is at something else


class WriteFailed(Trouble):
    """Report an act that did not end as it should; what it did is in the journal."""

    usual = Cause.STEP


class InDoubt(WriteFailed):
    """Report an act of which it is not known what it did; its outcome is told when it is settled."""

    usual = Cause.OTHER


class NotTaken(Refused):
    """Report that the device refused an act and that the part is as it was: nothing was counted."""


class Sent(Struct):
    """Remember whether the request that does the act was sent."""

    yes: bool = False

    def now(self) -> None:
        """Say that it is sent now."""
        self.yes = True


class InterlockDark(Trouble):
    """Report an act that was not begun because an interlock was dark."""


class Intent(Struct, frozen=True):
    """Hold what is about to be done: the act, on what, from which backup, which bytes, under which interlocks.

    `safe` and `advice` are for the case that it fails.
    """

    kind: ActKind
    job: Job
    die: str
    locks: tuple[Interlock, ...]
    backup: str = ""
    digest: str = ""
    before: str = ""
    safe: str = tr("The backup is safe.")
    advice: str = tr("Look at the part, then plan again from here.")


class Found(Struct, Generic[_T], frozen=True):
    """Hold what was found after the act: whether it is what was meant, in words or as SHA-256, and the thing itself;
    `untouched` where it is as it was before.
    """

    as_meant: bool
    told: str
    value: _T
    words: str = field(default=tr("read-back is equal"))
    untouched: bool = False


def act(
    journal: Journal, intent: Intent, context: Context, send: Callable[[Sent], object], look_back: Callable[[], Found[_T]]
) -> _T:
    """Carry out an act once and return what was found after it.

    `send` says when the request that does it goes out. Raises InterlockDark before anything is sent, what went wrong
    before the act itself was sent, NotTaken where the device refused and the part is as it was, WriteFailed where what
    is found is not what was meant; InDoubt where nothing can be found.
    """
    locks = intent.locks
    if RULES[intent.kind].once:
        locks = (*locks, once_interlock(journal.spent(intent.kind, intent.die), intent.kind.value.title()))
    refuse_dark(locks)
    written = journal.intend(
        intent.kind,
        job=intent.job.uid,
        die=intent.die,
        backup=intent.backup,
        digest=intent.digest,
        started=context.now(),
        evidence=tuple((lock.label, lock.evidence) for lock in locks),
        who=context.who,
        before=intent.before,
        # an update of the programmer is no step of a job
        as_of=intent.job if intent.kind is not ActKind.FIRMWARE else None,
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
            tr("Not done, an interlock is dark: {label} ({evidence}).", label=missing[0].label, evidence=missing[0].evidence),
            safe=tr("Nothing was sent to the part."),
            advice=missing[0].remedy,
        )


def _sent(journal: Journal, written: Act, context: Context, send: Callable[[Sent], object]) -> LinkError | None:
    """Send; return what the device or the wire said against it, if anything."""
    sent = Sent()
    try:
        send(sent)
    except Cancelled:
        if not sent.yes:
            journal.settle(written, ActState.NOT_SENT, tr("never sent: it was stopped"), context.now())
            raise
        journal.settle(written, ActState.IN_DOUBT, tr("nobody watched it to its end"), context.now())
        raise InDoubt(
            tr("You stopped watching: it is not known yet what the {kind} did.", kind=word(written.kind)),
            safe=tr("The backup is safe. The act counts until it has been checked."),
            advice=tr("Wait until the phone has started, connect it, then settle the act."),
        ) from None
    except LinkError as error:
        if not sent.yes:
            journal.settle(
                written, ActState.NOT_SENT, tr("never sent: {error}", error=error.what), context.now(), answer=_answer(error)
            )
            raise
        return error
    return None


def _answer(said: LinkError | None) -> str:
    return tr("done") if said is None else said.code if isinstance(said, Refused) else tr("no answer: {said}", said=said.what)


def state_of(kind: ActKind, answer: str, found: Found[_T], *, at_once: bool = False) -> ActState:
    """Return how an act ended by what was found and, where the part is as it was, by what the device answered.

    A device that is busy `at_once` after an act which a part takes once may be busy with that: only a later look tells.
    """
    if found.as_meant:
        return ActState.DONE
    if not found.untouched or answer not in UNTOUCHED:
        return ActState.FAILED
    return ActState.IN_DOUBT if at_once and RULES[kind].once and answer == BUSY else ActState.NOT_SENT


def _settled(
    journal: Journal, written: Act, intent: Intent, context: Context, said: LinkError | None, look_back: Callable[[], Found[_T]]
) -> _T:
    answer = _answer(said)
    try:
        found = look_back()
    except Trouble as trouble:
        note = tr("{said}; looking after it: {trouble}", said=said.what if said else tr("done"), trouble=trouble.what)
        journal.settle(written, ActState.IN_DOUBT, note, context.now(), answer=answer)
        raise InDoubt(
            tr("It is not known what the {kind} did: {trouble}", kind=word(intent.kind), trouble=trouble.what),
            safe=tr("The backup is safe. Until the part is read it counts against the part."),
            advice=tr("Put the same part back, connect again and settle the act. Do not repeat it."),
        ) from trouble
    state = state_of(intent.kind, answer, found, at_once=True)
    note = said.what if said else tr("The device reported success, the {looked} differs.", looked=_looked(intent.kind))
    if state is ActState.DONE:
        note = found.words if said is None else tr("{said} The part carries what was meant all the same.", said=said.what)
    journal.settle(written, state, note, context.now(), answer=answer, found=found.told)
    match state:
        case ActState.DONE:
            return found.value
        case ActState.IN_DOUBT:
            raise InDoubt(
                tr("The device says that it is busy: it is not known whether it has begun the {kind}.", kind=word(intent.kind)),
                safe=tr("The backup is safe. Until the part is looked at once more it counts against the part."),
                advice=tr("Leave everything as it is for a minute, then settle the act. Do not repeat it."),
            )
        case ActState.NOT_SENT:
            advice = said.advice if said is not None else intent.advice
            raise NotTaken(answer, note, safe=tr("The part is as it was: nothing was counted."), advice=advice)
        case _:
            raise WriteFailed(note, safe=intent.safe, advice=intent.advice, cause=Cause.STEP if said is None else said.cause)


def _looked(kind: ActKind) -> str:
    return tr("read-back") if kind is ActKind.WRITE else tr("state after it")
