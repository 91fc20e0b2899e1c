"""The figures of a new pack: what may be written, what is wished, activating its data flex once, writing and reading back."""

from msgspec.structs import replace

from daruma.bench import keeping
from daruma.bench.acting import Found, Intent, act, refuse_dark
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.holder import Holder
from daruma.bench.kinds.battery.measuring import believed, samples_of, test_of
from daruma.bench.rig import BenchState, Rig, look
from daruma.core.acts import Act, ActKind
from daruma.core.cell.amount import Method
from daruma.core.cell.deciding import Writable, full_charge, refused, writable
from daruma.core.errors import Trouble
from daruma.core.interlocks import Interlock
from daruma.core.job import Job
from daruma.core.kinds.battery.work import HEADS, KIND, BatteryTicket, BatteryWork, GaugeSaid, measured
from daruma.core.language import moment, tr
from daruma.core.parts import Identity
from daruma.core.plan.actions import Action
from daruma.core.records import FieldValue, Record, encode
from daruma.link.errors import LinkError
from daruma.link.gauge import activate_flex, flex_state

NEW = Holder(BatteryWork, "battery", "fit_pack", tr("data flex"))
FULL, CYCLES, DESIGN = "full_charge_capacity", "cycle_count", "design_capacity"


def said_by(record: Record) -> GaugeSaid | None:
    """Return health and cycles of a gauge's registers; None where they are not there."""
    full, design, cycles = (record.values.get(name) for name in (FULL, DESIGN, CYCLES))
    if isinstance(full, int) and isinstance(design, int) and isinstance(cycles, int) and design > 0:
        return GaugeSaid(int(100 * full / design), cycles)
    return None


def allowed(doing: Doing, job: Job) -> Writable:
    """Return what may be written of a job's new cell."""
    model = doing.model(job)
    return writable(believed(job, model), test_of(job, model).rated, job.ticket.of(BatteryTicket).origin)


def wished(doing: Doing, job: Job, percent: int, cycles: int, context: Context) -> Job:
    """Keep the figures that are wished to be written; raise Trouble for those that the measurement does not support."""
    _refuse(doing, job, percent, cycles)
    return doing.save(job.having(replace(job.of(BatteryWork), wish=GaugeSaid(percent, cycles))), context)


def _refuse(doing: Doing, job: Job, percent: int, cycles: int) -> None:
    found, limits = believed(job, doing.model(job)), allowed(doing, job)
    reasons = refused(percent, cycles, limits, job.ticket.of(BatteryTicket).origin, contradicts=found.contradicts)
    if reasons:
        raise Trouble(
            tr("These figures are not written. {reasons}", reasons=" ".join(reasons)),
            safe=tr("Nothing was sent. The original figures are in the vault."),
            advice=tr(
                "At most {percent} % and at least {cycles} cycles can be written.", percent=limits.percent, cycles=limits.cycles
            ),
        )


def locks(doing: Doing, job: Job, bench: BenchState) -> tuple[Interlock, ...]:
    """Evaluate the interlocks of activating and writing the data flex: the cell's measurement is one of them."""
    work, seated = measured(job), bench.sockets.get(NEW.socket)
    supported = bool(work.log) and believed(job, doing.model(job)).capacity.method is not Method.PRIOR
    another = seated is not None and seated.kind is KIND and work.cell not in ("", seated.die)
    if another:
        said = tr("the measured cell is in {cell}", cell=work.cell)
    elif supported:
        said = tr("{count_t} samples, the last of {when}", count_t=len(samples_of(work).t), when=moment(work.when))
    else:
        said = tr("nothing supports a figure yet")
    lit = Interlock(
        "measured", tr("The cell was measured"), supported and not another, said, tr("Measure the cell on the station.")
    )
    return (*NEW.locks(doing, job, bench), lit)


def enable(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Activate the data flex on the holder, once in its life."""
    lit = locks(doing, job, look(doing.rig))
    refuse_dark(lit)
    seated = doing.rig.programmer().sockets().get(NEW.socket)
    if seated is None or seated.kind is not KIND:
        raise Trouble(
            tr("No data flex answers on the holder."), safe=tr("Nothing was sent."), advice=tr("Seat the flex, then try again.")
        )
    context.report(0.2, "activating")
    intent = Intent(
        ActKind.ENABLE,
        job,
        seated.die,
        locks(doing, job, look(doing.rig)),
        job.of(BatteryWork).source,
        safe=tr("The original figures are in the vault. The activation counts as spent."),
        advice=tr("Take another pack, then plan again."),
    )
    die = seated.die

    def send(sent) -> None:  # type: ignore[no-untyped-def]
        try:
            activate_flex(doing.rig.programmer(), NEW.socket, die, sent.now)
        except LinkError:
            doing.rig.drop("programmer")
            raise

    act(doing.shop.journal, intent, context, send, lambda: _enabled(doing.rig, die))
    # from here on the measured cell is known by the flex that it was joined with
    return job.having(replace(job.of(BatteryWork), cell=die)), tr("activated, read back")


def enabled_by_looking(rig: Rig, done: Act, _: Context) -> Found[object]:
    """Return what became of an activation in doubt: the flex counts it itself."""
    return _enabled(rig, done.die)


def _enabled(rig: Rig, die: str) -> Found[object]:
    try:
        state = flex_state(rig.programmer(), NEW.socket, die)
    except LinkError:
        rig.drop("programmer")
        raise
    words = tr("activated {activations} times", activations=state.activations)
    return Found(state.activations == 1, words, None, tr("the data flex is activated"), untouched=state.activations == 0)


def write(doing: Doing, job: Job, action: Action, context: Context) -> tuple[Job, str]:
    """Write serial, health and cycles to the data flex, and read them back."""
    work, limits = job.of(BatteryWork), allowed(doing, job)
    wish = work.wish or GaugeSaid(limits.percent, limits.cycles)
    _refuse(doing, job, wish.percent, wish.cycles)
    job = _made(doing, job, wish, context)
    job, note = NEW.write(doing, job, action, context)
    return job.having(replace(job.of(BatteryWork), written=wish)), tr(
        "{percent} %, {cycles} cycles; {note}", percent=wish.percent, cycles=wish.cycles, note=note
    )


def _made(doing: Doing, job: Job, wish: GaugeSaid, context: Context) -> Job:
    """Return the job with a record made of the original's for its source: the new cell's figures are in it."""
    model, work = doing.model(job), job.of(BatteryWork)
    backup, source = doing.decoded.of(work.source, model)
    rated, low = test_of(job, model).rated, believed(job, model).capacity.low
    full = full_charge(wish.percent, allowed(doing, job), low, round(rated))
    values: dict[str, FieldValue] = {**HEADS, FULL: full, CYCLES: wish.cycles, DESIGN: round(rated), "manufacture_date": None}
    image = encode(source.layout, values, source.image)
    if image == source.image:
        return job
    note = tr(
        "health {percent} % and {cycles} cycles, as the cell's measurement supports", percent=wish.percent, cycles=wish.cycles
    )
    made = keeping.keep_made(doing.shop.vault, job, backup, image, context.now(), note)
    return doing.save(job.having(replace(work, source=made.ref, made=made.ref)), context)


def gauge_serial(record: Record) -> str:
    """Return a gauge's serial, empty where there is none."""
    return record.identity(Identity.GAUGE_SERIAL) or ""
