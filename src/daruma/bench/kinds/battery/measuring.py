"""Measuring a cell on the station: samples are fetched and kept, what comes next is ordered, until enough is known."""

import numpy as np
from msgspec import Struct
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.catalogue.cells import chemistries
from daruma.core.cell.deciding import Belief, Decision, belief
from daruma.core.cell.program import CellTest, Samples, Stage, Standing, measured_so_far, standing
from daruma.core.errors import Cause, Trouble
from daruma.core.job import Job, is_done
from daruma.core.kinds.battery.work import MOST_CHUNKS, BatteryTicket, BatteryWork, LogChunk, measured, use_in
from daruma.core.language import tr, word
from daruma.core.model import Model
from daruma.core.plan.actions import Action
from daruma.link.errors import DeviceFault
from daruma.link.station import VALUES, Station

LOOKED = 60.0  # seconds of the station's own time between two looks at it
MOST_SAMPLES = 40_000  # of one test: 110 h of one every ten seconds
MOST_ANSWERS = 200  # fetched at one look; what is more is fetched at the next one
_SHORTEST = 0.05  # seconds between two looks, however fast it runs
_CURRENT = 0.01  # A: an order that differs by less is the same


class CellLive(Struct, frozen=True):
    """Hold what a look at a test has brought: the samples, how it stands, how much faster than life its clock runs."""

    chunk: LogChunk
    standing: Standing
    speed: float


def test_of(job: Job, model: Model) -> CellTest:
    """Return what the test of a job's new cell is about; raise Trouble where the catalogue does not say."""
    chemistry = chemistries().get(model.cell_chemistry)
    if chemistry is None or model.cell_rated <= 0:
        raise Trouble(
            tr("The catalogue does not say what battery a {model} has.", model=model.name),
            safe=tr("Nothing was changed."),
            advice=tr("Add cell_rated and cell_chemistry to the model's file."),
        )
    return CellTest(chemistry, model.cell_rated, job.ticket.of(BatteryTicket).origin)


def samples_of(work: BatteryWork) -> Samples:
    """Return a job's log of its cell."""
    table = np.array([value for chunk in work.log for value in chunk.values], dtype=float).reshape(-1, VALUES)
    return Samples(table[:, 0], table[:, 1], table[:, 2], table[:, 3], work.room)


def believed(job: Job, model: Model) -> Belief:
    """Return what a job's log and origin let believe of its cell."""
    test = test_of(job, model)
    return belief(test.origin, test.rated, measured_so_far(test, samples_of(measured(job))))


def measure_cell(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Carry the test out, or go on with it; raise Trouble for a danger, and for a cell that is worse than the claim.

    Stopping to watch leaves the station at work: it keeps what it measures, and stops by itself where it must.
    """
    test = test_of(job, doing.model(job))
    doing.by_hand(lambda hands: hands.do("cell_to_station", job.ticket.imei, {}))
    job = begun(doing, job, context)
    while True:
        job, found, speed = tended(doing, job, context)
        if found.order.stage is Stage.DONE:
            break
        if found.order.stage is Stage.STOPPED:
            raise Trouble(
                found.order.why,
                safe=tr("The station is switched off."),
                advice=tr("Take another cell, then plan again."),
                cause=Cause.STEP,
            )
        share = min(0.98, 1 - found.left / max(found.left + _elapsed(job), 1.0))
        context.report(share, f"{found.order.why} {words_of(found)}".removesuffix("."))
        context.checkpoint()
        context.pause(max(_SHORTEST, LOOKED / max(speed, 1.0)))
    capacity = found.belief.capacity
    said = tr(
        "{mah:.0f} ± {spread:.0f} mAh, {mah_2:.1f} % of {rated:.0f}",
        mah=capacity.mah,
        spread=1.96 * capacity.u,
        mah_2=100 * capacity.mah / test.rated,
        rated=test.rated,
    )
    if found.decision is Decision.POOR:
        raise Trouble(
            tr("The cell is below the shop's claim of {claim:.0f} %: {said}.", claim=test.claim, said=said),
            safe=tr("No part was spent. Its log is kept."),
            advice=tr("Send it back, take another one."),
            cause=Cause.STEP,
        )
    return job, tr(
        "{said}; {decision}, after {elapsed:.1f} h", said=said, decision=word(found.decision), elapsed=_elapsed(job) / 3600
    )


def tend(doing: Doing, context: Context) -> tuple[Job, str] | None:
    """Look after a test that nobody watches; the station says whose it is."""
    try:
        state = doing.rig.station().state()
        job = doing.shop.jobs.known_by(state.label) if state.label and state.holds else None
    except Trouble:
        return None
    if job is None or job.closed or is_done(job, "test_cell") or not job.of(BatteryWork).log:
        return None
    job, found, _ = tended(doing, job, context)
    ended = found.order.stage in (Stage.DONE, Stage.STOPPED)
    return job, tr("{ref}, the cell on the station: {why}", ref=job.ref, why=found.order.why) if ended else ""


def words_of(found: Standing) -> str:
    """Return what is known of a cell, and how long the test still takes at most."""
    left = tr("at most {left:.1f} h left", left=found.left / 3600)
    if found.measured is None:
        return tr("Nothing is measured yet, {left}.", left=left)
    capacity = found.belief.capacity
    return tr("{mah:.0f} ± {spread:.0f} mAh so far, {left}.", mah=capacity.mah, spread=1.96 * capacity.u, left=left)


def begun(doing: Doing, job: Job, context: Context) -> Job:
    """Return the job with its test begun on the station, or going on there; a log that the station forgot begins anew."""
    station, work = doing.rig.station(), job.of(BatteryWork)
    state = station.state()
    ours = state.label == job.uid and state.samples >= _last(work)
    if ours and measured(job).log:
        return job
    if state.label and state.label != job.uid and state.amperes and state.holds:
        raise Trouble(
            tr("The station is at work on another job's cell."),
            safe=tr("Nothing was changed."),
            advice=tr("Wait for it, or take that cell off first."),
        )
    station.begin(job.uid)
    label = {"use": use_in(job), "cell": job.ticket.of(BatteryTicket).die, "when": context.now()}
    return doing.save(job.having(replace(work, log=(), lost=0.0, room=station.state().room, **label)), context)


def tended(doing: Doing, job: Job, context: Context) -> tuple[Job, Standing, float]:
    """Fetch what the station has measured, keep it, order what comes next; return how the test stands."""
    try:
        station = doing.rig.station()
        state = station.state()
        job, fresh = _fetched(doing, station, job, context)
        found = standing(test_of(job, doing.model(job)), samples_of(job.of(BatteryWork)))
        order = found.order
        if abs(order.amperes - state.amperes) > _CURRENT or (order.amperes and abs(order.volts - state.volts) > 0.001):
            station.order(job.uid, order.amperes, order.volts)
    except Trouble:
        doing.rig.drop("station")
        raise
    context.sample(CellLive(fresh, found, state.speed))
    return job, found, state.speed


def _fetched(doing: Doing, station: Station, job: Job, context: Context) -> tuple[Job, LogChunk]:
    work, began = job.of(BatteryWork), 0
    values: list[float] = []
    for _ in range(MOST_ANSWERS):
        context.checkpoint()
        last = _last(work) + len(values) // VALUES
        first, some = station.samples(job.uid, last)
        if not some:
            break
        if first <= last:
            raise DeviceFault(
                tr("The station gave sample {first} where those after {last} were asked for.", first=first, last=last),
                safe=tr("What was measured is kept."),
                advice=tr("Connect the station again; if it does so again, measure the cell anew."),
            )
        began = began or first
        lost = first - last - 1
        work = replace(work, lost=work.lost + 10.0 * max(0, lost))
        values += some
    chunk = LogChunk(began, tuple(values))
    if not values:
        return job, chunk
    if len(work.log) >= MOST_CHUNKS or _last(work) >= MOST_SAMPLES:
        raise Trouble(tr("The cell's log is too long."), safe=tr("What was measured is kept."), advice=tr("Take the cell off."))
    return doing.save(job.having(replace(work, log=(*work.log, chunk), when=context.now())), context), chunk


def _last(work: BatteryWork) -> int:
    """Return the number of the last sample that is kept."""
    return work.log[-1].first + len(work.log[-1].values) // VALUES - 1 if work.log else 0


def _elapsed(job: Job) -> float:
    log = job.of(BatteryWork).log
    return log[-1].values[-VALUES] if log and log[-1].values else 0.0
