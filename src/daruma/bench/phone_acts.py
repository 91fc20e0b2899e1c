"""Acts that change what the phone's board expects: unbinding it, letting it finish a part."""

from daruma.bench.acting import Found, Intent, act
from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.core.acts import ActKind, phone_of
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock, PhoneEvidence, phone_interlocks
from daruma.core.job import Job
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind, PartStatus, Version
from daruma.link.devices import PhoneState
from daruma.store.shop import Shop


def phone_locks(rig: Rig, shop: Shop, model: Model, job: Job, kind: ActKind) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of an act on the phone, as it is now."""
    try:
        state: PhoneState | None = rig.phone().state()
    except Trouble:
        rig.drop("phone")
        state = None
    window = model.unbind_on_phone if kind is ActKind.UNBIND else _finishing(model)
    doubtful = any(each.die == phone_of(job.uid) for each in shop.journal.in_doubt())
    evidence = PhoneEvidence(
        state.imei if state else None,
        job.ticket.imei,
        state is not None and state.trusted,
        state.system if state else None,
        window,
        doubtful,
    )
    return phone_interlocks(evidence)


def _finishing(model: Model) -> tuple[Version, Version] | None:
    return (model.finishing_since, model.last_system) if model.finishing_since else None


def unbind(rig: Rig, shop: Shop, model: Model, job: Job, context: Context) -> None:
    """Unbind the board on the phone; raise InterlockDark, Refused or WriteFailed."""
    locks = phone_locks(rig, shop, model, job, ActKind.UNBIND)
    intent = _intent(ActKind.UNBIND, job, locks)
    act(shop.journal, intent, context, lambda sent: rig.phone().unbind(sent.now), lambda: is_unbound(rig))


def finish(rig: Rig, shop: Shop, model: Model, job: Job, context: Context, part: PartKind = PartKind.DISPLAY) -> PartStatus:
    """Let the phone finish a part; return what the parts page then says. Raises as `unbind` does."""
    locks = phone_locks(rig, shop, model, job, ActKind.FINISH)
    intent = _intent(ActKind.FINISH, job, locks)
    return act(shop.journal, intent, context, lambda sent: rig.phone().finish(sent.now, part), lambda: is_finished(rig, part))


def is_unbound(rig: Rig) -> Found[None]:
    """Look whether the board gives its codes: then it is unbound."""
    state = _asked(rig)
    free = Identity.DISPLAY_SERIAL in state.board
    return Found(free, "codes readable" if free else "codes hidden", None, "the board is unbound", untouched=not free)


def is_finished(rig: Rig, part: PartKind = PartKind.DISPLAY) -> Found[PartStatus]:
    """Look at the parts page: without a notice and with a word for the part it is finished."""
    _asked(rig)
    entry = next((entry for entry in rig.phone().parts_page() if entry.part is part), None)
    status = entry.status if entry else PartStatus.UNKNOWN
    done = entry is not None and not entry.notice
    return Found(done, f"parts page: {status.value}", status, f"the parts page says {status.value}", untouched=not done)


def _asked(rig: Rig) -> PhoneState:
    try:
        state = rig.phone().state()
    except Trouble:
        rig.drop("phone")
        raise
    if not state.trusted:
        raise Trouble("The phone does not trust this bench.", advice="Confirm trust on the phone.")
    return state


def _intent(kind: ActKind, job: Job, locks: tuple[Interlock, ...]) -> Intent:
    return Intent(
        kind,
        job,
        phone_of(job.uid),
        locks,
        safe="The phone is as it was; backups are safe.",
        advice="Read what it says, put that right, then try again.",
    )
