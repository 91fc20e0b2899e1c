"""The display at the bench: its codes kept, its records written, its white, touch, notice and brightness proven."""

from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.kinds.display import measuring, proving, tuning, writing
from daruma.bench.kinds.display.facts import at_most, bare, chosen, counts, known_facts
from daruma.bench.kinds.display.looking import on_socket
from daruma.bench.kinds.display.steps import STEPS, as_found
from daruma.bench.kinds.room import BenchRoom, Proving
from daruma.bench.rig import BenchState
from daruma.bench.writing import WritePlan
from daruma.core.interlocks import Interlock
from daruma.core.job import Job, Proof
from daruma.core.kinds.display.state import PanelVar
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.known import KnownPart
from daruma.core.language import tr
from daruma.core.parts import Function, PartKind
from daruma.core.tri import Tri


def _locks(doing: Doing, job: Job, bench: BenchState) -> tuple[Interlock, ...]:
    plan = _planned(job, doing.known(job).of(PartKind.DISPLAY))
    return writing.locks_from(bench, doing.shop, doing.model(job), job, plan, doing.decoded)


def _planned(job: Job, known: KnownPart) -> WritePlan | None:
    return writing.planned_write(job, known) if known.source is not None else None


def _donor(job: Job, good: bool) -> Job:
    return job.with_ticket(replace(job.ticket.of(DisplayTicket), donor=Tri.YES if good else Tri.NO))


def _white(doing: Doing, job: Job, context: Context) -> Proof:
    return proving.prove_white(doing.model(job), job.readings, context.now())[0]


def _brightness(doing: Doing, job: Job, context: Context) -> Proof:
    known = doing.known(job).of(PartKind.DISPLAY)
    return proving.prove_brightness(doing.model(job), job.of(DisplayWork).measured, known.target, context.now())


def _levels(doing: Doing, job: Job, context: Context, repeats: int) -> Job:
    doing.right_phone(job)
    measured = measuring.measure_brightness(doing.rig, measuring.measured_here(job), measuring.fitted(job), context, repeats)
    return measuring.with_measured(job, measured)


def _notice(doing: Doing, job: Job, context: Context) -> Proof:
    doing.right_phone(job)
    return proving.prove_notice(doing.rig, context)


def _touch(doing: Doing, job: Job, context: Context) -> Proof:
    doing.right_phone(job)
    return proving.prove_touch(doing.rig, context)


ROOM = BenchRoom(
    PartKind.DISPLAY,
    bare=bare,
    facts=known_facts,
    steps=STEPS,
    locks=_locks,
    planned=_planned,
    decide=writing.decide,
    proofs={
        Function.AMBIENT_WHITE: Proving(_white, pages=("white", "panel", "sensor")),
        Function.AUTO_BRIGHTNESS: Proving(_brightness, _levels, pages=("brightness",)),
        Function.NO_DISPLAY_NOTICE: Proving(_notice, words=tr("Read the parts page")),
        Function.TOUCH: Proving(_touch, words=tr("Read the touch test")),
    },
    socket=lambda model: model.socket,
    limits=lambda model: model.write_limits,
    at_most=at_most,
    besides=lambda catalogue: (tuning.tuned_action(catalogue),),
    counts=counts,
    chosen=chosen,
    as_found=as_found,
    tells={"check_donor": _donor},
    looked_at={PanelVar.SOCKET: on_socket},
)
