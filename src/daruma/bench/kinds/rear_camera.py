"""The rear camera at the bench: finished with its sweep under one act, proven by that sweep and a chessboard."""

from __future__ import annotations

from collections.abc import Sequence
from time import monotonic, sleep
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench import phone_acts
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.kinds.room import BenchRoom, Proving
from daruma.core.backup import Backup
from daruma.core.errors import Cancelled
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, Proof
from daruma.core.kinds.rear_camera import KIND, BoardView, RearFacts, RearTicket, RearWork
from daruma.core.language import figures, tr, word
from daruma.core.optics.sweep import Ring, SweepChunk
from daruma.core.parts import Function
from daruma.core.plan.actions import Action
from daruma.core.records import decode
from daruma.core.tri import Tri
from daruma.link.devices import PhoneLink
from daruma.link.errors import Refused
from daruma.link.sweep import begin_sweep, board_view, rear_record, stop_sweep, sweep_piece

if TYPE_CHECKING:
    from daruma.bench.acting import Sent
    from daruma.bench.rig import BenchState
    from daruma.core.optics.rear import RearRecord, RearSheet

VIEWS = 5
POLL = 1 / 33  # seconds between two looks at a sweep that has been followed so far
_BEHIND = 1.0  # seconds of a sweep in one piece: more is to come at once
LONGEST = 1200.0  # seconds of a sweep that are waited for


def bare(job: Job) -> RearFacts:
    """Return what the ticket says of the rear camera."""
    ticket = job.ticket.of(RearTicket)
    return RearFacts(ticket.state, ticket.origin)


def known_facts(_: Doing, __: Job, rear: RearFacts, ___: Sequence[Backup]) -> RearFacts:
    """Return the facts: what the shop knows more of a rear camera is in the job's own steps."""
    return rear


def no_locks(_: Doing, __: Job, ___: BenchState) -> tuple[Interlock, ...]:
    """Return no interlock: nothing is written to the module itself."""
    return ()


def _finish(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Let the phone bind its module and follow the sweep to its end: one act, done when the parts page says so."""
    doing.right_phone(job)
    job = doing.save(_looked(doing, job), context)
    chunks: list[SweepChunk] = []

    def send(sent: Sent) -> None:
        phone = doing.rig.phone()
        phone.finish(sent.now, KIND)
        chunks.clear()
        _followed(phone, chunks, context)

    status = phone_acts.finish(doing.rig, doing.shop, doing.model(job), job, context, KIND, send)
    return phone_acts.told(doing, _swept(job, chunks), status, context)


def _swept(job: Job, chunks: Sequence[SweepChunk]) -> Job:
    """Return the job with a sweep of the module that is in its phone."""
    work = job.of(RearWork)
    return job.having(replace(work, sweep=tuple(chunks), swept=work.die))


def _followed(phone: PhoneLink, chunks: list[SweepChunk], context: Context) -> None:
    """Follow a sweep until the phone is done; raise Refused where it is stopped, or nobody turns any more."""
    ring, after, start = Ring(), 0.0, monotonic()
    while max(after, monotonic() - start) < LONGEST:
        began = monotonic()
        piece = sweep_piece(phone, after)
        behind, after = piece.end - after > _BEHIND, piece.end
        if piece.chunk.gyro or piece.chunk.frames:
            chunks.append(piece.chunk)
        ring.add(piece.chunk)
        state = ring.state(piece.progress, done=piece.done)
        context.sample(state)
        context.report(piece.progress, state.advice().rstrip("."))
        if piece.done:
            return
        if piece.over:
            break
        sleep(0.0 if behind else max(0.0, POLL - (monotonic() - began)))
        try:
            context.checkpoint()
        except Cancelled:
            stop_sweep(phone)
            raise _given_up(tr("The sweep was stopped.")) from None
    raise _given_up(tr("The sweep did not come to its end."))


def _given_up(what: str) -> Refused:
    return Refused("stopped", what, safe=tr("The camera works, it is not finished."), advice=tr("Begin the sweep again."))


def _looked(doing: Doing, job: Job) -> Job:
    """Return the job with the module in the phone as it says of itself."""
    said = rear_record(doing.rig.phone())
    return phone_acts.with_part(doing, job, job.of(RearWork), said.die, said.image)


def measure_rear(doing: Doing, job: Job, context: Context, _: int) -> Job:
    """Let the camera see the chessboard in five views; swept it was when it was finished.

    Where no sweep of this very module is kept, or a proof on the kept one has failed, it is swept once more.
    """
    doing.right_phone(job)
    if KIND not in job.ticket.parts:
        return job  # a camera that stays was neither swept nor read here
    job, views = _looked(doing, job), list[BoardView]()
    failed = any(
        proof.function is Function.REAR_CAMERA_FINISHED and not proof.proven and job.stands(proof) for proof in job.proofs
    )
    if failed or not job.of(RearWork).sweep or job.of(RearWork).swept != job.of(RearWork).die:
        chunks: list[SweepChunk] = []
        begin_sweep(doing.rig.phone())
        _followed(doing.rig.phone(), chunks, context)
        job = _swept(job, chunks)
    for number in range(VIEWS):
        context.checkpoint()
        context.report(number / VIEWS, tr("chessboard, view {number} of {views}", number=number + 1, views=VIEWS))
        views.append(BoardView(str(number + 1), board_view(doing.rig.phone(), number)))
        context.sample(views[-1])
    return job.having(replace(job.of(RearWork), views=tuple(views), of=job.basis(KIND)))


def record_of(doing: Doing, job: Job) -> RearRecord | None:
    """Return what the module in a job's phone says of itself; None where it was not read whole."""
    from daruma.core.optics.rear import record_in

    image, layout = bytes.fromhex(job.of(RearWork).image), doing.model(job).layout(KIND)
    return record_in(decode(layout, image, loose=True)) if len(image) == layout.size else None


def sheet_of(doing: Doing, job: Job) -> RearSheet:
    """Return how a job's rear camera is found by what was measured of it."""
    import numpy as np  # slow to import, as is what judges

    from daruma.core.optics.rear import judged

    work = job.evidence(RearWork)
    views = {each.view: np.array(each.seen).reshape(-1, 2) for each in work.views}
    return judged(work.sweep, views, record_of(doing, job))


def numbers_of(sheet: RearSheet) -> tuple[tuple[str, str], ...]:
    """Return what was measured of a rear camera, each with its expanded uncertainty."""
    found = [(tr("found"), word(sheet.finding))]
    if sheet.turned is not None:
        found.append(
            (
                tr("against its record"),
                figures("{turned:.3f} ± {turned_2:.3f}°", turned=sheet.turned[0], turned_2=1.96 * sheet.turned[1]),
            )
        )
    if sheet.late is not None:
        found.append(
            (tr("delay against it"), tr("{late:+.2f} ± {late_2:.2f} ms", late=sheet.late[0], late_2=1.96 * sheet.late[1]))
        )
    if sheet.aligned is not None:
        bias = ", ".join(figures("{value:+.2f}", value=1000 * value) for value in sheet.aligned.bias)
        found.append((tr("gyroscope's bias"), tr("{bias} mrad/s", bias=bias)))
    found += [(tr("chessboard {view}", view=fit.view), tr("{rms_px:.3f} px", rms_px=fit.rms_px)) for fit in sheet.fits]
    if sheet.rms is not None:
        found.append((tr("lens, all views"), tr("{rms:.3f} px", rms=sheet.rms)))
    return tuple(found)


def prove_rear(doing: Doing, job: Job, context: Context) -> Proof:
    """Judge the camera by its sweep and the chessboard, and read the parts page."""
    from daruma.core.optics.rear import RearFinding

    doing.right_phone(job)
    shows = doing.rig.phone().functions().get(Function.REAR_CAMERA_FINISHED) is Tri.YES
    entry = next((entry for entry in doing.rig.phone().parts_page() if entry.part is KIND), None)
    page = (
        tr("the parts page says {status}", status=word(entry.status)) if entry is not None else tr("it is not on the parts page")
    )
    if KIND not in job.ticket.parts:
        good = shows and (entry is None or not entry.notice)
        said = tr(
            "The phone {takes} its rear camera for finished; {page}.",
            takes=tr("takes") if good else tr("does not take"),
            page=page,
        )
        return Proof(Function.REAR_CAMERA_FINISHED, good, said, (), (), context.now())
    sheet = sheet_of(doing, job)
    good = sheet.finding is RearFinding.ALIGNED and shows and (entry is None or not entry.notice)
    said = tr("The rear camera {finding} ({why}); {page}.", finding=word(sheet.finding), why=sheet.why, page=page)
    return Proof(Function.REAR_CAMERA_FINISHED, good, said, numbers_of(sheet), (), context.now())


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={"finish_rear_camera": _finish},
    locks=no_locks,
    proofs={
        Function.REAR_CAMERA_FINISHED: Proving(
            prove_rear, measure_rear, words=tr("Look at the chessboard"), pages=("alignment", "lens_views")
        )
    },
    socket=lambda _: "",
)
