"""The battery at the bench: its gauge read over the cable, the new cell measured, figures written, started twice, proven."""

from collections.abc import Sequence

from msgspec.structs import replace

from daruma.bench import keeping, phone_acts
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.kinds.battery.figures import NEW, enable, enabled_by_looking, locks, said_by, write
from daruma.bench.kinds.battery.measuring import believed, measure_cell, tend, test_of
from daruma.bench.kinds.room import BenchRoom, Done, Proving
from daruma.core.acts import ActKind
from daruma.core.backup import Backup
from daruma.core.cell.amount import Method
from daruma.core.cell.deciding import CLAIM
from daruma.core.errors import Cause, Trouble
from daruma.core.job import Job, Proof, is_done
from daruma.core.kinds.battery.facts import BatteryFacts, BatteryVal, BatteryVar
from daruma.core.kinds.battery.work import KIND, USES, BatteryTicket, BatteryWork, measured
from daruma.core.known import KnownPart
from daruma.core.language import figures, tr, word
from daruma.core.parts import Function, Identity, PartStatus
from daruma.core.plan.actions import Action
from daruma.core.records import FieldValue, decode, encode
from daruma.core.tri import Tri
from daruma.link.gauge import boot, gauge_of


def bare(job: Job) -> BatteryFacts:
    """Return what the ticket says of the battery."""
    ticket = job.ticket.of(BatteryTicket)
    return BatteryFacts(ticket.state, ticket.origin, ticket.pack)


def known_facts(_: Doing, __: Job, battery: BatteryFacts, ___: Sequence[Backup]) -> BatteryFacts:
    """Return the facts: what the shop knows more of a battery is in the job's own steps."""
    return battery


def counted(job: Job, _: KnownPart, done: Done) -> Done:
    """Return what was done with the test told as what was measured: a bare cell, or one in its pack."""
    variant = USES.get(job.of(BatteryWork).use)
    if variant is None:
        return done
    return tuple((f"{key}:{variant}" if key == "test_cell" else key, good) for key, good in done)


def _over_cable(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Keep the gauge's registers as the phone gives them, with the serial that its board expects."""
    job, _said = doing.read_phone(job, context)
    doing.right_phone(job)
    said = gauge_of(doing.rig.phone())
    layout = doing.model(job).layout(KIND)
    values: dict[str, FieldValue] = {"signature": layout.field("signature").constant, Identity.GAUGE_SERIAL.value: said.expected}
    base = said.image if len(said.image) == layout.size else None
    if base is not None and not decode(layout, base).intact:
        raise Trouble(
            tr("The gauge's registers came with wrong packet checks."),
            safe=tr("Nothing was kept, nothing was changed."),
            advice=tr("Read the gauge once more."),
        )
    image = encode(layout, values, base)
    original = said_by(decode(layout, image))
    backup = keeping.kept_whole(doing.shop.vault, keeping.from_phone(doing.model(job), layout, job, image, context.now()))
    job = NEW.kept(job, backup)
    told = (
        tr("; it said {percent} %, {cycles} cycles", percent=original.percent, cycles=original.cycles)
        if original
        else tr("; the gauge itself does not answer")
    )
    return job.having(replace(job.of(BatteryWork), original=original)), tr(
        "kept as {backup}{told}", backup=backup.name, told=told
    )


def _first_boots(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    """Start the phone twice: the first time the part is unknown, the second time its figures are those that were written."""
    doing.right_phone(job)
    context.report(0.2, tr("first start: an unknown part and a red state are expected"))
    first = boot(doing.rig.phone())
    context.report(0.6, tr("second start"))
    second = boot(doing.rig.phone())
    written = job.of(BatteryWork).written
    if second.unknown:
        raise Trouble(
            tr("After the second start the phone still knows no battery: the data flex protects itself."),
            safe=tr("Nothing is lost: it was put on the wrong way round."),
            advice=tr("Take the flex off, fold and fit it again, then start twice once more."),
            cause=Cause.STEP,
        )
    if written is not None and (second.percent, second.cycles) != (written.percent, written.cycles):
        raise Trouble(
            tr(
                "The phone shows {percent} % and {cycles} cycles, not {written} % and {written_cycles}.",
                percent=second.percent,
                cycles=second.cycles,
                written=written.percent,
                written_cycles=written.cycles,
            ),
            safe=tr("Nothing is lost."),
            advice=tr("Write the flex again."),
            cause=Cause.STEP,
        )
    told = tr("unknown part, as expected") if first.unknown else tr("known at once")
    boots = (
        tr("first start: {told}", told=told),
        tr("second start: {percent} %, {cycles} cycles", percent=second.percent, cycles=second.cycles),
    )
    return job.having(replace(job.of(BatteryWork), boots=boots)), "; ".join(boots)


def _finish(doing: Doing, job: Job, _: Action, context: Context) -> tuple[Job, str]:
    doing.right_phone(job)
    said = gauge_of(doing.rig.phone())
    job = doing.save(phone_acts.with_part(doing, job, job.of(BatteryWork), said.die, said.image), context)
    return phone_acts.finished(doing, job, KIND, context)


def prove_runs(doing: Doing, job: Job, context: Context) -> Proof:
    """Judge what the new cell holds by its measurement; a genuine pack, or one that stays, by its own gauge."""
    doing.right_phone(job)
    runs = doing.rig.phone().functions().get(Function.BATTERY_RUNS) is Tri.YES
    when, model = context.now(), doing.model(job)
    if measured(job).log:
        capacity, rated = believed(job, model).capacity, test_of(job, model).rated
        good = capacity.method is not Method.PRIOR and capacity.low >= CLAIM / 100 * rated
        share = figures("{mah:.1f} ± {spread:.1f} %", mah=100 * capacity.mah / rated, spread=196 * capacity.u / rated)
        said = tr(
            "The new cell holds {share} of its rated {rated:.0f} mAh ({method})",
            share=share,
            rated=rated,
            method=word(capacity.method),
        )
        said += (
            tr(", surely at least the shop's {claim:.0f} %.", claim=CLAIM)
            if good
            else tr(": not surely the shop's {claim:.0f} %.", claim=CLAIM)
        )
        numbers = (
            (tr("capacity"), tr("{mah:.0f} ± {spread:.0f} mAh", mah=capacity.mah, spread=1.96 * capacity.u)),
            (tr("of its rated capacity"), share),
        )
        return Proof(Function.BATTERY_RUNS, good and runs, said, numbers, (), when)
    stays = KIND not in job.ticket.parts
    said_by_gauge = boot(doing.rig.phone()).percent if stays or is_done(job, "fit_genuine") else None
    good = runs and said_by_gauge is not None and said_by_gauge >= CLAIM
    said = (
        tr("The maker's own gauge says {percent} %.", percent=said_by_gauge) if good else tr("Nothing was measured of this cell.")
    )
    return Proof(Function.BATTERY_RUNS, good, said, ((tr("gauge"), f"{said_by_gauge or '-'} %"),), (), when)


def prove_health(doing: Doing, job: Job, context: Context) -> Proof:
    """Compare the health that the phone shows with what was written."""
    doing.right_phone(job)
    shown, written = boot(doing.rig.phone()), job.of(BatteryWork).written
    numbers = (
        (
            tr("the phone shows"),
            tr("{percent} %, {cycles} cycles", percent=shown.percent, cycles=shown.cycles)
            if shown.percent is not None
            else tr("nothing"),
        ),
    )
    if shown.percent is None:
        return Proof(Function.BATTERY_HEALTH, False, tr("The phone shows no battery health."), numbers, (), context.now())
    if written is not None and is_done(job, "fit_pack"):
        same = (shown.percent, shown.cycles) == (written.percent, written.cycles)
        said = tr(
            "The phone shows {percent} %, {whether} the measurement supports ({supported} %).",
            percent=shown.percent,
            whether=tr("as") if same else tr("not as"),
            supported=written.percent,
        )
        return Proof(Function.BATTERY_HEALTH, same, said, numbers, (), context.now())
    learns = tr("; the gauge learns the new cell in use") if is_done(job, "weld_cell") else ""
    said = tr("The phone shows {percent} %{learns}.", percent=shown.percent, learns=learns)
    return Proof(Function.BATTERY_HEALTH, True, said, numbers, (), context.now())


def prove_no_notice(doing: Doing, job: Job, context: Context) -> Proof:
    """Read the parts page."""
    doing.right_phone(job)
    entry = next((entry for entry in doing.rig.phone().parts_page() if entry.part is KIND), None)
    clear = entry is not None and not entry.notice
    status = word(entry.status if entry else PartStatus.UNKNOWN)
    said = tr(
        "The parts page says {status}, {notice}.",
        status=status,
        notice=tr("without a notice") if clear else tr("and a notice stands"),
    )
    return Proof(Function.NO_BATTERY_NOTICE, clear, said, ((tr("parts page"), status),), (), context.now())


ROOM = BenchRoom(
    KIND,
    bare=bare,
    facts=known_facts,
    steps={
        "gauge_over_cable": _over_cable,
        "test_cell": measure_cell,
        "activate_pack": enable,
        "write_pack": write,
        "first_boots": _first_boots,
        "finish_battery": _finish,
    },
    counts=counted,
    locks=locks,
    planned=NEW.planned,
    as_found=NEW.as_found,
    proofs={
        Function.BATTERY_RUNS: Proving(prove_runs, words=tr("Judge the cell by its log"), pages=("cell",)),
        Function.BATTERY_HEALTH: Proving(prove_health, words=tr("Read the battery health")),
        Function.NO_BATTERY_NOTICE: Proving(prove_no_notice, words=tr("Read the parts page")),
    },
    socket=lambda _: NEW.socket,
    looked_at={BatteryVar.HOLDER: NEW.looked_at(BatteryVal.ON_HOLDER)},
    looks={ActKind.ENABLE: enabled_by_looking},
    tends=tend,
)
