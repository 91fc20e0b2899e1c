"""Measuring, judging and tuning over the real link: one job to its end, bad measurements, and many random panels."""

from collections.abc import Iterator
from pathlib import Path

import numpy as np
import pytest
from msgspec.structs import replace

from daruma.bench.acting import WriteFailed
from daruma.bench.context import Context
from daruma.bench.kinds.display.tuning import WAY
from daruma.bench.kinds.display.writing import planned_write
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue
from daruma.core.acts import ActState
from daruma.core.colour.follow import Follows
from daruma.core.colour.shots import Level, Sheet, panel_shots
from daruma.core.display import FIELDS
from daruma.core.errors import Cancelled, Trouble
from daruma.core.job import Job, StepState
from daruma.core.kinds.display.steps import TUNED
from daruma.core.measured import Measured
from daruma.core.parts import Function, PartKind
from daruma.core.plan.spend import Spend
from daruma.core.records import encode
from daruma.core.tri import Tri
from daruma.handover.letterhead import Letterhead
from daruma.handover.measurements import export_sheet, read_measurements
from daruma.handover.pages import make_pages
from daruma.store.shop import Shop
from tests.bench.panelbench import Outcome, PanelBench
from tests.conftest import seeds
from tests.parts import flex_alone, panel_of, with_work, work_of

WHITE = Function.AMBIENT_WHITE


@pytest.fixture
def yellow(shop: Shop) -> Job:
    """The demo's job whose white another shop left yellow."""
    return next(job for job in shop.jobs.all() if "yellow" in job.ticket.complaint)


def judged(workshop: Workshop, job: Job, context: Context) -> Job:
    for light in ("warm", "cool"):
        job = workshop.measure(job, light, context)
    return workshop.judged(job, WHITE, context)


def pages_of(workshop: Workshop, job: Job) -> str:
    """Return the customer's page of a job with its plots left out."""
    model, backup = workshop.model(job), workshop.shop.vault.get(work_of(job).source)
    acts = workshop.shop.journal.acts_of(job.name)
    made = make_pages(
        Letterhead("A shop"), job, model, workshop.catalogue, workshop.actions(job), (backup,), acts, workshop.sheets(job).panel
    )
    assert [title for title, _ in made.plots] == ["The white, measured", "The panel, measured"]
    return made.html(False, [""] * len(made.plots))


def test_a_yellow_white_is_found_tuned_written_and_proven(workshop: Workshop, yellow: Job, context: Context) -> None:
    workshop.update_firmware(yellow, context)
    job = judged(workshop, yellow, context)
    proof = job.proof(WHITE)
    assert proof
    assert not proof.proven
    assert "yellowish" in proof.summary
    job = workshop.measure_panel(job, context)
    assert [taken.key for taken in work_of(job).measured.fields] == [shot.key for shot in panel_shots()]
    sheets = workshop.sheets(job)
    assert sheets.panel
    assert sheets.spend
    assert sheets.panel.doubts == ()
    assert sheets.panel.tuning.before
    assert sheets.panel.tuning.before.worst > 3.0
    assert sheets.panel.tuning.after.worst < 1.0
    assert sheets.spend.kind is Spend.YES
    assert sheets.sensor
    assert sheets.sensor.fit.worst.off_uv < 0.003
    written = len(workshop.shop.journal.acts_on(panel_of(job).die))
    job = workshop.tune(job, context)
    assert [step.action for step in job.steps if step.state is StepState.OPEN][: len(WAY)] == list(WAY)
    assert not job.is_proven(WHITE)
    assert workshop.shop.vault.get(work_of(job).made).content.note.startswith("tuned for this panel")
    while (index := job.current_step) is not None and not job.steps[index].action.startswith("prove"):
        if job.steps[index].action == TUNED:
            plan = planned_write(job, workshop.known(job).of(PartKind.DISPLAY))
            assert plan
            assert set(FIELDS) <= set(plan.fields)
            assert all(lock.lit for lock in workshop.survey(job, context).locks)
        job = workshop.do_step(job, index, context)
    acts = workshop.shop.journal.acts_on(panel_of(job).die)
    assert len(acts) == written + 1
    assert acts[-1].state is ActState.DONE
    assert {label for label, _ in acts[-1].evidence} >= {"Backup kept, read back", "Writes left", "Phone off"}
    job = judged(workshop, job, context)
    assert job.is_proven(WHITE)
    assert "made for this panel from its own measurement" in pages_of(workshop, job)
    job = workshop.measure_panel(job, context)
    after = workshop.sheets(job).spend
    assert after
    assert after.kind is Spend.NOT_NEEDED
    assert "Not needed" in after.sentence


def tuned_step(workshop: Workshop, job: Job, context: Context) -> Job:
    """Bring a job to where its tuned record is written."""
    workshop.update_firmware(job, context)
    job = workshop.tune(workshop.measure_panel(job, context), context)
    while job.steps[job.current_step or 0].action != TUNED:
        job = workshop.do_step(job, job.current_step or 0, context)
    return job


@pytest.mark.parametrize(("fault", "again"), [("voltage_dip", False), ("torn_page", True), ("write_ignored", False)])
def test_a_tuned_write_that_fails_is_planned_again(
    fault: str, again: bool, workshop: Workshop, yellow: Job, context: Context
) -> None:
    job = tuned_step(workshop, yellow, context)
    assert workshop.hands
    workshop.hands.fault(fault, op="write.commit")  # type: ignore[attr-defined]
    with pytest.raises(WriteFailed):
        workshop.do_step(job, job.current_step or 0, context)
    job = workshop.shop.jobs.get(job.number)
    route = workshop.plan(job).routes[0]
    assert any(action.key == "write_new" for action in route.actions) is again, "an untouched record needs no write"
    job = workshop.choose(job, route, context)
    while (index := job.current_step) is not None and not job.steps[index].action.startswith("prove"):
        job = workshop.do_step(job, index, context)
    assert judged(workshop, job, context).is_proven(WHITE) is again, "without the tuned record the white is off as before"


def test_tuning_asks_for_what_is_missing(workshop: Workshop, yellow: Job, context: Context) -> None:
    with pytest.raises(Trouble, match="not measured yet"):
        workshop.tune(yellow, context)
    job = workshop.measure_panel(yellow, context)
    with pytest.raises(Trouble, match="never read on the programmer") as caught:
        workshop.tune(with_work(job, target=None, image=""), context)
    assert caught.value.safe == "The measurement is kept."


def test_a_panel_that_takes_no_more_writes_is_left_alone(workshop: Workshop, yellow: Job, context: Context) -> None:
    job = workshop.measure_panel(yellow, context)
    die = panel_of(job).die
    for part in workshop.shop.shelf.all():
        if part.die == die:
            workshop.shop.shelf.save(replace(part, earlier_writes=9))
    spend = workshop.sheets(job).spend
    assert spend
    assert spend.kind in (Spend.CANNOT, Spend.NO)


def test_only_what_was_bad_is_repeated(workshop: Workshop, yellow: Job, context: Context) -> None:
    samples: list[object] = []
    context = replace(context, sample=samples.append)
    job = workshop.measure_panel(yellow, context)
    assert len(samples) == sum(shot.repeats for shot in panel_shots())
    bad = replace(work_of(job).measured.fields[2], doubt="Readings scatter by 9 %: hold the instrument still.")
    fields = (*work_of(job).measured.fields[:2], bad, *work_of(job).measured.fields[3:])
    samples.clear()
    again = workshop.measure_panel(with_work(job, measured=replace(work_of(job).measured, fields=fields)), context)
    assert [sample.shot.key for sample in samples] == [bad.key] * 3  # type: ignore[attr-defined]
    assert all(not taken.doubt for taken in work_of(again).measured.fields)
    samples.clear()
    whole = workshop.measure_panel(again, context)
    assert len(samples) == sum(shot.repeats for shot in panel_shots()), "asked for once more, everything is measured anew"
    assert work_of(whole).measured.fields != work_of(again).measured.fields


def test_a_session_can_be_stopped_and_leaves_the_phone_as_it_was(workshop: Workshop, yellow: Job) -> None:
    seen: list[object] = []
    context = Context(sample=lambda sample: (seen.append(sample), context.cancelled.set() if len(seen) == 5 else None))
    with pytest.raises(Cancelled):
        workshop.measure_panel(yellow, context)
    assert len(seen) == 5
    job = workshop.shop.jobs.get(yellow.number)
    assert [taken.key for taken in work_of(job).measured.fields] == ["white"], "what is whole is kept"
    rest: list[object] = []
    whole = workshop.measure_panel(job, Context(sample=rest.append))
    assert len(work_of(whole).measured.fields) == len(panel_shots())
    assert len(rest) == 3 * (len(panel_shots()) - 1), "and only the rest is taken"
    assert judged(workshop, whole, Context()).proof(WHITE), "no field is left on the screen"


def test_light_that_gets_into_the_box_is_found(workshop: Workshop, yellow: Job, context: Context) -> None:
    assert workshop.hands
    workshop.hands.box(stray=2000.0)  # type: ignore[attr-defined]
    job = workshop.measure_panel(yellow, context)
    panel = workshop.sheets(job).panel
    assert panel
    assert any("shield the instrument" in doubt for doubt in panel.doubts)
    workshop.hands.box(stray=0.0, drift=0.0005)  # type: ignore[attr-defined]
    drifted = workshop.sheets(workshop.measure_panel(job, context)).panel
    assert drifted
    assert any("warm up" in doubt for doubt in drifted.doubts)


def test_a_worn_flex_does_not_follow(workshop: Workshop, shop: Shop, context: Context) -> None:
    job = next(job for job in shop.jobs.all() if flex_alone(job))
    workshop.by_hand(lambda hands: hands.plug_phone(job.ticket.imei))
    job = workshop.prove_step(job, Function.AUTO_BRIGHTNESS, context)
    proof = job.proof(Function.AUTO_BRIGHTNESS)
    assert proof
    assert not proof.proven
    assert "does not follow the room" in proof.summary
    assert job.ticket.before.get(Function.AUTO_BRIGHTNESS, Tri.UNKNOWN) is not Tri.YES


@pytest.fixture
def panels(tmp_path: Path, catalogue: Catalogue) -> Iterator[PanelBench]:
    made = PanelBench(tmp_path, catalogue)
    yield made
    made.close()


def check(outcomes: list[Outcome]) -> dict[str, object]:
    """Assert what tuning and verdicts promise; return what was seen."""
    before, after = np.array([o.before for o in outcomes]), np.array([o.after for o in outcomes])
    stated = np.array([o.sheet.tuning.uncertainty for o in outcomes])
    helps = np.array([o.sheet.tuning.helps for o in outcomes])
    out = [o for o in outcomes if o.off > o.tolerance]
    false = [o for o in out if o.verdict.kind is Follows.FOLLOWS]
    seen = {
        "panels": len(outcomes),
        "median before": np.median(before, axis=0).round(2).tolist(),
        "median after": np.median(after, axis=0).round(2).tolist(),
        "most worsened over its uncertainty": float((after - before - stated)[helps].max().round(3)),
        "out of tolerance": len(out),
        "called proven all the same": len(false),
        "within and proven": sum(o.off <= o.tolerance and o.verdict.proven for o in outcomes),
    }
    assert np.all(np.median(after, axis=0) < 1.0), seen
    assert np.all(after[helps] - before[helps] <= stated[helps]), seen
    assert len(false) <= 0.05 * len(out), seen
    return seen


@pytest.mark.parametrize("tried", seeds(8, 500))
def test_random_panels_become_right(tried: range, panels: PanelBench) -> None:
    print(check([panels.run(seed) for seed in tried]))


def test_an_incomplete_curve_is_named(workshop: Workshop, yellow: Job, context: Context) -> None:
    """The record lost the upper half of its curve: the screen stands still, and the proof says why."""
    record = workshop.known(yellow).of(PartKind.DISPLAY).target
    assert record
    spec = record.layout.field("brightness_curve")
    curve = record.values[spec.name]
    assert isinstance(curve, tuple)
    image = encode(record.layout, {spec.name: (*curve[:8], *(0,) * 8)}, record.image)
    job = with_work(yellow, image=image.hex())
    levels = tuple(
        Level(lux, (value, value)) for lux, value in ((2, 40), (10, 72), (50, 135), (200, 200), (800, 201), (3000, 201))
    )
    job = with_work(job, measured=Measured(levels=levels, die=panel_of(job).die, luminance=0.01))
    proof = workshop.prove(job, Function.AUTO_BRIGHTNESS, context)
    assert not proof.proven
    assert "stands still" in proof.summary
    assert "incomplete, levels are missing" in proof.summary


def test_fields_of_another_instrument_tune_with_less_trust(
    workshop: Workshop, yellow: Job, context: Context, tmp_path: Path
) -> None:
    job = workshop.measure_panel(yellow, context)
    own = workshop.sheets(job).panel
    export_sheet(job, Sheet.PANEL, tmp_path / "p.txt", "now")
    read = read_measurements((tmp_path / "p.txt").read_bytes(), "now", "p.txt")
    job = workshop.take_in(job, (), read.fields, (), "p.txt", context)
    other = workshop.sheets(job).panel
    assert own
    assert other
    assert work_of(job).measured.instrument == "file p.txt"
    assert other.tuning.calibration.white_xy == pytest.approx(own.tuning.calibration.white_xy, abs=1e-4)
    assert other.tuning.after.worst > own.tuning.after.worst
    assert other.tuning.uncertainty[0] > own.tuning.uncertainty[0]


def test_measured_again_as_often_as_it_says(workshop: Workshop, yellow: Job, context: Context) -> None:
    job = workshop.measure(yellow, "warm", context, 12)
    assert len([reading for reading in job.readings if reading.light == "warm"]) == 12
    levels = work_of(workshop.prove_step(job, Function.AUTO_BRIGHTNESS, context, 7)).measured.levels
    assert {len(level.luminance) for level in levels} == {7}
    assert [level.falling for level in levels].count(True) == 3
