"""Face unlock proven: by the dots that the module throws on a card, and by unlocking as often as the shop claims."""

from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.writing import source_of
from daruma.core.errors import Trouble
from daruma.core.face import CLAIM, DotFrame, frames_by_card, map_of, tries_left, unlock_bounds
from daruma.core.job import Job, Proof
from daruma.core.kinds.face_module import KIND, FaceWork
from daruma.core.language import tr
from daruma.core.parts import Function
from daruma.core.tri import Tri

CARDS = ("near", "far")  # a second distance tells turn and distance apart
FRAMES = 6  # of each card
FEWEST = 3  # unlocks: one that fails may have been a blink


def measure_face(doing: Doing, job: Job, context: Context, _: int) -> Job:
    """Let the projector throw its dots on a card at two distances, then unlock until the shop's claim is decided."""
    doing.right_phone(job)
    phone, frames = doing.rig.phone(), []
    for card, where in enumerate(CARDS):
        doing.by_hand(lambda hands, where=where: hands.do(f"card_{where}", job.ticket.imei, {}))  # type: ignore[misc]
        for frame in range(FRAMES):
            context.checkpoint()
            context.report(0.6 * (card * FRAMES + frame) / (len(CARDS) * FRAMES), tr("dots on the {where} card", where=where))
            frames.append(DotFrame(card, 0.0, phone.dots(card, frame)))
            context.sample(frames[-1])
    context.report(0.65, tr("enrolling a face"))
    phone.enrol()
    warns = phone.face_warning()
    unlocked, tried = _unlocks(doing, context)
    taken = {"frames": tuple(frames), "unlocked": unlocked, "tried": tried, "warns": warns}
    return job.having(replace(job.of(FaceWork), of=job.basis(KIND), **taken))


def _unlocks(doing: Doing, context: Context) -> tuple[int, int]:
    """Unlock until the claim is shown or cannot be any more; return how often it went well, of how many tries."""
    unlocked = tried = 0
    while tried < FEWEST or tries_left(unlocked, tried) > 0:
        context.checkpoint()
        context.report(
            0.7,
            tr(
                "unlocking: {unlocked} of {tried}, {more} more at least",
                unlocked=unlocked,
                tried=tried,
                more=max(1, tries_left(unlocked, tried)),
            ),
        )
        unlocked += doing.rig.phone().try_unlock()
        tried += 1
    return unlocked, tried


def prove_face(doing: Doing, job: Job, context: Context) -> Proof:
    """Judge dots and unlocks; where the module was not worked on, the unlocks alone."""
    doing.right_phone(job)
    context.report(0.9, tr("reading the phone after enrolling"))
    shown = doing.rig.phone().functions().get(Function.FACE_UNLOCK) is Tri.YES
    work = job.evidence(FaceWork)
    unlocked, tried = (work.unlocked, work.tried) if work.tried else _unlocks(doing, context)
    low = unlock_bounds(unlocked, tried)[0]
    opens = low >= CLAIM
    numbers = [
        (tr("unlocks"), tr("{unlocked} of {tried}; at least {low:.0f} % (95 %)", unlocked=unlocked, tried=tried, low=100 * low))
    ]
    said = [
        tr("The enrolled face unlocks {unlocked} of {tried} times.", unlocked=unlocked, tried=tried)
        if shown
        else tr("The phone shows no Face ID.")
    ]
    if work.warns:
        said.append(tr("The phone's warning stays after enrolling: it is no first-start warning."))
    straight = not work.warns
    if KIND in job.ticket.parts and work.source:
        proven, words, more = _dots(doing, job, work)
        straight = straight and proven
        said.insert(0, words)
        numbers = [*more, *numbers]
    return Proof(Function.FACE_UNLOCK, shown and opens and straight, " ".join(said), tuple(numbers), (), context.now())


def _dots(doing: Doing, job: Job, work: FaceWork) -> tuple[bool, str, list[tuple[str, str]]]:
    from daruma.core.depth.sheet import dot_sheet  # brings SciPy, which is slow to import
    from daruma.core.uncertainty import Claim

    record, _ = source_of(doing.shop, doing.model(job), work.source, KIND, doing.decoded)
    rays = map_of(record) if record is not None else ()
    if not rays:
        raise Trouble(
            tr("The job's backup has no dot map."), safe=tr("Nothing was changed."), advice=tr("Back up the module again.")
        )
    if not work.frames:
        return False, tr("The dots were not measured yet."), []
    verdict = dot_sheet(frames_by_card(work.frames), rays).verdict
    numbers = [(tr("dots"), tr("{matched} of {expected}", matched=verdict.all.matched, expected=verdict.all.expected))]
    if verdict.shift is not None:
        numbers.append(
            (tr("turned by"), tr("{shift:.2f} ± {spread:.2f} mrad", shift=verdict.shift.value, spread=2 * verdict.shift.u))
        )
    if verdict.flatness is not None:
        numbers.append(
            (
                "depth",
                tr(
                    "{flatness:.2f} ± {spread:.2f} % of the distance",
                    flatness=verdict.flatness.value,
                    spread=2 * verdict.flatness.u,
                ),
            )
        )
    return verdict.claim is Claim.PROVEN, verdict.why, numbers
