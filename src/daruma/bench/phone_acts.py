"""Acts on the phone itself: unbinding its board or its camera, flashing its system, letting it finish parts."""

from collections.abc import Callable

from msgspec.structs import replace

from daruma.bench.acting import Found, Intent, NotTaken, Sent, act
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.rig import Rig
from daruma.core.acts import ActKind, phone_of
from daruma.core.errors import Remedy, Trouble
from daruma.core.finishing import PageLine, PartsPage
from daruma.core.interlocks import Interlock, PhoneEvidence, charge_interlock, phone_interlocks
from daruma.core.job import Job
from daruma.core.language import tr, word
from daruma.core.model import Model
from daruma.core.part_work import PartWork
from daruma.core.parts import Identity, PartKind, PartSelf, PartStatus, Version
from daruma.link.camera import flash, front_state, release_front
from daruma.link.devices import PhoneState
from daruma.link.errors import LinkError
from daruma.store.shop import Shop

PAUSES = (3.0, 6.0, 12.0)  # seconds before a busy service is asked again (ours)
FLASH_PAUSE = 0.5  # seconds between two looks at a system that is flashed
BUSY = "busy"
DIAGNOSTIC = tr("Start the phone in its diagnostic mode (off, both volume keys held, charger in), or try at a quieter hour.")


class ServiceBusy(NotTaken):
    """Report that the service that finishes parts stayed busy: nothing was counted, the diagnostic mode asks none."""

    @property
    def offers(self) -> Remedy:
        return Remedy.DIAGNOSTIC


def phone_locks(rig: Rig, shop: Shop, model: Model, job: Job, kind: ActKind) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of an act on the phone, as it is now."""
    charge: float | None = None
    try:
        state: PhoneState | None = rig.phone().state()
        if kind is ActKind.FLASH and state is not None and state.trusted:
            charge = front_state(rig.phone()).charge
    except Trouble:
        rig.drop("phone")
        state = None
    doubtful = any(each.die == phone_of(job.uid) for each in shop.journal.in_doubt())
    evidence = PhoneEvidence(
        state.imei if state else None,
        job.ticket.imei,
        state is not None and state.trusted,
        state.system if state else None,
        _window(model, kind),
        doubtful,
    )
    locks = phone_interlocks(evidence)
    return (*locks, charge_interlock(charge)) if kind is ActKind.FLASH else locks


def _window(model: Model, kind: ActKind) -> tuple[Version, Version] | None:
    match kind:
        case ActKind.UNBIND:
            return model.unbind_on_phone
        case ActKind.FINISH:
            return (model.finishing_since, model.last_system) if model.finishing_since else None
        case _:
            return model.first_system, model.last_system


def unbind(rig: Rig, shop: Shop, model: Model, job: Job, context: Context) -> None:
    """Unbind the board on the phone; raise InterlockDark, Refused or WriteFailed."""
    locks = phone_locks(rig, shop, model, job, ActKind.UNBIND)
    intent = _intent(ActKind.UNBIND, job, locks)
    act(shop.journal, intent, context, lambda sent: rig.phone().unbind(sent.now), lambda: is_unbound(rig))


def release(rig: Rig, shop: Shop, model: Model, job: Job, context: Context) -> None:
    """Let the board let go of its front camera. Raises as `unbind` does."""
    intent = _intent(ActKind.RELEASE, job, phone_locks(rig, shop, model, job, ActKind.RELEASE))
    act(shop.journal, intent, context, lambda sent: release_front(rig.phone(), sent.now), lambda: is_released(rig))


def flash_system(rig: Rig, shop: Shop, model: Model, job: Job, context: Context) -> None:
    """Flash the phone's system to its end; one that fails can be done again, and watching it may be stopped.

    Raises as `unbind` does.
    """
    intent = _intent(ActKind.FLASH, job, phone_locks(rig, shop, model, job, ActKind.FLASH))
    report = context.part(0, 1, tr("flashing the system, the phone stays on the charger"))
    act(
        shop.journal,
        intent,
        context,
        lambda sent: flash(rig.phone(), report, sent.now, FLASH_PAUSE * rig.settle),
        lambda: is_flashed(rig),
    )


def finish(
    rig: Rig,
    shop: Shop,
    model: Model,
    job: Job,
    context: Context,
    part: PartKind = PartKind.DISPLAY,
    send: Callable[[Sent], object] | None = None,
) -> PartStatus:
    """Let the phone finish a part; return what the parts page then says. Raises as `unbind` does.

    `send` does it where it takes more than asking. A busy service is asked again after a growing pause, each time under
    its own entry of the journal.
    """
    for number, pause in enumerate((*PAUSES, None), start=1):
        locks = phone_locks(rig, shop, model, job, ActKind.FINISH)
        intent = _intent(ActKind.FINISH, job, locks)
        try:
            asked = send or (lambda sent: rig.phone().finish(sent.now, part))
            return act(shop.journal, intent, context, asked, lambda: is_finished(rig, part))
        except NotTaken as refused:
            if refused.code != BUSY:
                raise
            if pause is None:
                raise ServiceBusy(
                    BUSY,
                    tr("The service that finishes parts was busy {number} times.", number=number),
                    safe=tr("The phone is as it was: nothing was counted."),
                    advice=DIAGNOSTIC,
                ) from refused
            context.wait(
                pause * rig.settle, number / (len(PAUSES) + 1), tr("the service is busy: try {number} follows", number=number + 1)
            )
    raise AssertionError("the last try returns or raises")


def with_part(doing: Doing, job: Job, work: PartWork, die: str, image: bytes) -> Job:
    """Return the job with a part that is in its phone as that says of it; as it is where the part says nothing."""
    if not die or not image:
        return job
    part = PartSelf(die, work.KIND, "", doing.model(job).key, len(image))
    return job.having(replace(work, target=part, image=image.hex()))


def finished(doing: Doing, job: Job, part: PartKind, context: Context) -> tuple[Job, str]:
    """Let the phone finish a part as a step of the run sheet; what its board expects is read anew."""
    doing.right_phone(job)
    status = finish(doing.rig, doing.shop, doing.model(job), job, context, part)
    return told(doing, job, status, context)


def told(doing: Doing, job: Job, status: PartStatus, context: Context) -> tuple[Job, str]:
    """Return a job after a part was finished: its board read anew, the parts page as it is now kept with it.

    The part is finished whatever the wire does from here on: what cannot be read is left as it was known.
    """
    said = tr("the parts page says {status}", status=word(status))
    try:
        job, _ = doing.read_phone(job, context)
        return page_kept(doing, job, context), said
    except LinkError as error:
        doing.rig.drop("phone")
        return job, tr("{said}; not read anew: {error}", said=said, error=error.what)


def page_kept(doing: Doing, job: Job, context: Context) -> Job:
    """Return the job with the parts page as the phone shows it now."""
    lines = tuple(PageLine(entry.part, entry.status, entry.notice) for entry in doing.rig.phone().parts_page())
    return replace(job, pages=(*job.pages, PartsPage(context.now(), lines)))


def session_begun(doing: Doing, job: Job, context: Context) -> Job:
    """Return the job with the parts page before anything is finished; as it is where the phone does not tell yet."""
    try:
        return page_kept(doing, job, context)
    except LinkError:
        doing.rig.drop("phone")
        return job


def is_unbound(rig: Rig) -> Found[None]:
    """Look whether the board gives its codes: then it is unbound."""
    state = _asked(rig)
    free = Identity.DISPLAY_SERIAL in state.board
    return Found(free, tr("codes readable") if free else tr("codes hidden"), None, tr("the board is unbound"), untouched=not free)


def is_released(rig: Rig) -> Found[None]:
    """Look whether the board has let go of its front camera."""
    _asked(rig)
    free = front_state(rig.phone()).free
    return Found(free, tr("free") if free else tr("bound"), None, tr("the board takes another front camera"), untouched=not free)


def is_flashed(rig: Rig) -> Found[None]:
    """Look whether the system was flashed since the swap; one that was not is to be flashed again."""
    _asked(rig)
    done = front_state(rig.phone()).flashed
    return Found(done, tr("flashed") if done else tr("not flashed"), None, tr("the system is flashed"), untouched=False)


def is_finished(rig: Rig, part: PartKind = PartKind.DISPLAY) -> Found[PartStatus]:
    """Look at the parts page: without a notice and with a word for the part it is finished."""
    _asked(rig)
    entry = next((entry for entry in rig.phone().parts_page() if entry.part is part), None)
    status = entry.status if entry else PartStatus.UNKNOWN
    done = entry is not None and not entry.notice
    return Found(
        done,
        tr("parts page: {status}", status=word(status)),
        status,
        tr("the parts page says {status}", status=word(status)),
        untouched=not done,
    )


def looked_at(rig: Rig, kind: ActKind, part: PartKind) -> Found[object]:
    """Look what became of an act on the phone."""
    looks: dict[ActKind, Callable[[], Found[None]]] = {
        ActKind.UNBIND: lambda: is_unbound(rig),
        ActKind.RELEASE: lambda: is_released(rig),
        ActKind.FLASH: lambda: is_flashed(rig),
    }
    seen = looks[kind]() if kind in looks else is_finished(rig, part)
    words = seen.words if seen.as_meant else tr("not done, {told}", told=seen.told)
    return Found(seen.as_meant, seen.told, None, words, seen.untouched)


def _asked(rig: Rig) -> PhoneState:
    try:
        state = rig.phone().state()
    except Trouble:
        rig.drop("phone")
        raise
    if not state.trusted:
        raise Trouble(tr("The phone does not trust this bench."), advice=tr("Confirm trust on the phone."))
    return state


def _intent(kind: ActKind, job: Job, locks: tuple[Interlock, ...]) -> Intent:
    return Intent(
        kind,
        job,
        phone_of(job.uid),
        locks,
        safe=tr("The phone is as it was; backups are safe."),
        advice=tr("Read what it says, put that right, then try again."),
    )
