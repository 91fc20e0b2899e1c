"""Only what was sent counts, and all of it; a part is known before, during and after; evidence says whose it is."""

from collections.abc import Iterator
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.bench.acting import InDoubt, InterlockDark, WriteFailed
from daruma.bench.keeping import newest_backup, record_of
from daruma.bench.kinds.display.codes import complete_record
from daruma.bench.rig import Rig, look
from daruma.catalogue.loader import Catalogue
from daruma.core.acts import ActState
from daruma.core.backup import Backup, Origin
from daruma.core.errors import Cause, Trouble
from daruma.core.job import Job, Outcome, Proof, StepState
from daruma.core.parts import Function, PartKind
from daruma.handover.exchange import from_json, to_json
from daruma.handover.letterhead import Letterhead
from daruma.handover.sheet import make_sheet
from daruma.link import discovery
from daruma.link.errors import Refused
from daruma.link.port import TRIES
from daruma.standin.kinds.display.panel import Panel
from daruma.store.jobs import StaleJob
from tests.bench.faultbench import PROOFS, FaultBench, Finished, go_on, hero_of, next_step
from tests.conftest import share
from tests.link.test_port import ScriptedWire, says
from tests.parts import panel_of, with_panel, with_work, work_of
from tests.store.conftest import content


@pytest.fixture
def bench(before_each_step: dict[str, Path], tmp_path: Path, catalogue: Catalogue) -> Iterator[FaultBench]:
    """The demo's first ticket just before its write."""
    yield from opened(before_each_step["write_new"], tmp_path, catalogue)


@pytest.fixture
def reading(before_each_step: dict[str, Path], tmp_path: Path, catalogue: Catalogue) -> Iterator[FaultBench]:
    """The same just before the original is read."""
    yield from opened(before_each_step["read_original"], tmp_path, catalogue)


def opened(before: Path, tmp_path: Path, catalogue: Catalogue) -> Iterator[FaultBench]:
    import shutil

    shutil.copytree(before, tmp_path / "bench")
    made = FaultBench(tmp_path / "bench", catalogue)
    yield made
    made.close()


def do(bench: FaultBench, job: Job) -> Job:
    return bench.workshop.do_step(job, job.current_step or 0, bench.context)


@pytest.mark.parametrize(("op", "skip"), [("memory.read", 0), ("memory.read", 5), ("memory.read", 11), ("sockets", 2)])
def test_a_part_that_is_exchanged_while_it_is_read_is_not_kept(op: str, skip: int, reading: FaultBench) -> None:
    """At the first byte, in the middle, after the last one: never B under A's name, never half of each."""
    job, before = hero_of(reading.shop), reading.shop.vault.count()
    reading.hands.fault("wrong_part", op=op, skip=skip)
    with pytest.raises(Refused, match=r"Another part is on the socket|was on the socket, now") as caught:
        do(reading, job)
    assert caught.value.cause is Cause.OTHER, "a wrong hand is no failed try"
    assert reading.shop.vault.count() == before


def test_a_part_that_cannot_be_told_from_others_is_not_written(bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    for fault, words in (("nameless_part", "does not say who it is"), ("twin_part", "calls itself the same")):
        bench.hands.fault(fault, op="sockets")
        with pytest.raises(InterlockDark, match=words):
            do(bench, job)
    assert bench.shop.journal.writes(panel_of(job).die) == 0


def test_what_is_on_the_part_already_is_not_written_again(bench: FaultBench) -> None:
    job = do(bench, hero_of(bench.shop))
    index = next(i for i, step in enumerate(job.steps) if step.action == "write_new")
    job = bench.workshop.save(job.with_step(index, StepState.OPEN, "", ""), bench.context)
    job = bench.workshop.do_step(job, index, bench.context)
    assert job.steps[index].note == "the panel carried it already: nothing was written"
    assert bench.hands.look(panel_of(job).die)["writes"] == 1 == bench.shop.journal.writes(panel_of(job).die)


def test_a_panel_that_changed_since_it_was_read_is_read_again(bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    panel = bench.bench.world.of(Panel)[panel_of(job).die]
    panel.memory = panel.memory[:-2] + "5a"
    with pytest.raises(Trouble, match="something else than when it was read"):
        do(bench, job)
    assert panel.writes == 0
    assert work_of(do(bench, hero_of(bench.shop))).image == panel.memory


@pytest.mark.parametrize("op", ["write.begin", "write.page"])
def test_a_cable_that_fails_before_the_commit_uses_up_no_panel(op: str, bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    for fault in ("lost_answer", "unplug_request"):
        bench.hands.fault(fault, op=op, times=3)
        with pytest.raises(Trouble):
            do(bench, hero_of(bench.shop))
        bench.hands.calm()
        bench.rig.close()
    acts = bench.shop.journal.acts_on(panel_of(job).die)
    assert [act.state for act in acts] == [ActState.NOT_SENT] * 2
    assert bench.shop.journal.writes(panel_of(job).die) == 0
    kept = hero_of(bench.shop)
    assert kept.steps[kept.current_step or 0].state is StepState.OPEN
    assert {outcome.cause for outcome in kept.outcomes if not outcome.good} == {Cause.LINK}
    assert not [key for key in bench.shop.jobs.totals() if key[1:] == ("write_new", False)], "the odds learn nothing from a cable"


def test_a_device_that_lies_is_not_believed(bench: FaultBench) -> None:
    """It writes and says that it was busy, which cannot answer a commit: what is on the part tells."""
    job = hero_of(bench.shop)
    bench.hands.fault("lying_answer")
    assert do(bench, job).steps[job.current_step or 0].state is StepState.DONE
    (act,) = bench.shop.journal.acts_on(panel_of(job).die)
    assert act.state is ActState.DONE
    assert "cannot be an answer" in act.note
    bench.invariants.check()


def test_a_device_that_spoils_and_denies_is_counted(bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    bench.hands.fault("spoilt_and_denied")
    with pytest.raises(WriteFailed):
        do(bench, job)
    job = hero_of(bench.shop)
    job = bench.workshop.choose(job, bench.workshop.plan(job).routes[0], bench.context)
    while next_step(job) in ("read_new", "write_new"):
        job, index = do(bench, job), job.current_step or 0
    assert "other bytes differ from the write that failed" in job.steps[index].note, "what was spoilt lies beside the fields"
    assert bench.shop.journal.writes(panel_of(job).die) == 1
    bench.invariants.check()


def test_a_refusal_that_left_the_part_as_it_was_counts_nothing(bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    bench.hands.fault("old_firmware", op="write.commit")
    with pytest.raises(InDoubt):
        do(bench, job)
    assert bench.shop.journal.writes(panel_of(job).die) == 1, "until the part is read again it counts"
    bench.workshop.update_firmware(job, bench.context)
    (act,) = bench.shop.journal.left_in_doubt()
    job, state = bench.workshop.settle(act, bench.context)
    assert state is ActState.NOT_SENT
    assert job.steps[job.current_step or 0].state is StepState.OPEN
    assert bench.shop.journal.writes(panel_of(job).die) == 0
    assert not [outcome for outcome in job.outcomes if outcome.action == "write_new"], "nothing is learnt from it"
    assert work_of(do(bench, job)).image


def test_reads_that_differ_teach_the_odds(reading: FaultBench) -> None:
    reading.hands.fault("noisy_contact", op="memory.read", at=40)
    with pytest.raises(Trouble, match=r"differ|does not fit"):
        do(reading, hero_of(reading.shop))
    assert hero_of(reading.shop).outcomes[-1] == Outcome("read_original", False, Cause.STEP)


def test_a_step_that_another_window_has_done_is_not_done_again(bench: FaultBench) -> None:
    stale = hero_of(bench.shop)
    do(bench, stale)
    with pytest.raises(StaleJob, match="in another window meanwhile: steps"):
        do(bench, stale)
    assert bench.hands.look(panel_of(stale).die)["writes"] == 1


def test_proofs_are_of_the_panel_and_the_work_they_were_taken_on(bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    while next_step(job) not in PROOFS:
        job = do(bench, job)
    for function in job.ticket.promised:
        job = job.with_proof(Proof(function, True, "yes"))
    job = bench.workshop.save(job, bench.context)
    assert job.all_proven
    fit = next(i for i, step in enumerate(job.steps) if step.action == "fit")
    for changed in (
        job.with_step(fit, StepState.OPEN, "", ""),
        job.with_step(fit, StepState.DONE, "", "fitted again later"),
        with_panel(job, die="DOTHER000000"),
        with_work(job, target=replace(work_of(job).target, die="DOTHER000000")),
    ):
        assert not changed.all_proven
        assert not any(changed.is_proven(function) for function in job.ticket.promised)
        with pytest.raises(Trouble, match=r"open at the bench|Not tested on the phone as it is now"):
            bench.workshop.close(changed, bench.context)
    assert bench.workshop.close(job, bench.context).closed


def test_a_ticket_that_was_changed_under_its_run_sheet(bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    stays = bench.workshop.save(replace(job, ticket=job.ticket.without(PartKind.DISPLAY)), bench.context)
    actions = bench.workshop.actions(stays)
    assert all(step.action in actions for step in stays.steps), "the sheet can be shown"
    bench.workshop.survey(stays, bench.context)
    with pytest.raises(Trouble, match="does not follow from the ticket any more"):
        do(bench, stays)
    asked = (("system", "5.3"), ("original", "missing"), ("panel", "ready_coded"))
    assert bench.workshop.solve(stays, asked).changes == asked[:1], "what a ticket does not have is left out"


def test_an_import_is_told_from_what_was_read(bench: FaultBench) -> None:
    """A forged file with a fitting digest is known as what it is, from the vault to the sheet, and never preferred."""
    workshop, vault, job = bench.workshop, bench.shop.vault, hero_of(bench.shop)
    model, own = workshop.model(job), vault.get(work_of(job).source)
    forged = replace(own.content, fields=(("display_serial", "FORGED"),), taken="2030-01-01T00:00:00+00:00")
    junk = replace(
        content(1), imei=job.ticket.imei, model=model.key, layout=own.content.layout, part_kind="display", image=b"\x01"
    )
    for each in (forged, junk, replace(junk, part_kind="kettle")):
        vault.keep(from_json(to_json(Backup(1, each, each.sha256(), "")).encode(), "f.json"), arrived="f.json, 2030-01-01")
    assert vault.check()[1] == ()
    assert newest_backup(vault, job.ticket.imei, model).sha256 == own.sha256, "what the bench read comes first"
    imported = vault.get(forged.sha256())
    assert (imported.arrived, imported.content.origin) == ("f.json, 2030-01-01", Origin.PART)
    labels, meanings = workshop.catalogue.function_labels, workshop.catalogue.function_meaning
    sheet = make_sheet(Letterhead("x"), job, model, labels, meanings, workshop.actions(job), (imported,), ())
    assert "imported from a file (f.json, 2030-01-01), which says of itself: the original panel" in sheet.sources[0]
    lock = next(
        lock for lock in workshop.survey(with_work(job, source=imported.ref), bench.context).locks if lock.key == "backup"
    )
    assert "imported: f.json" in lock.evidence
    other = next(b for b in vault.find() if b.content.imei != job.ticket.imei and b.content.model == model.key)
    assert record_of(complete_record(vault, model, other.content.maker, job), model).values["display_serial"]
    lock = next(lock for lock in workshop.survey(with_work(job, source=other.ref), bench.context).locks if lock.key == "owner")
    assert not lock.lit, "another phone's backup is not written, whatever name led to it"


def test_each_light_is_judged_by_its_own_instrument(bench: FaultBench) -> None:
    job = hero_of(bench.shop)
    while next_step(job) not in PROOFS:
        job = do(bench, job)
    job = bench.workshop.measure(job, "warm", bench.context)
    job = bench.workshop.measure(job, "cool", bench.context)
    own = bench.workshop.prove(job, Function.AMBIENT_WHITE, bench.context)
    filed = tuple(replace(r, instrument="file w.csv", uv=0.004) if r.light == "cool" else r for r in job.readings)
    mixed = bench.workshop.prove(replace(job, readings=filed), Function.AMBIENT_WHITE, bench.context)
    spread = {name: value for name, value in mixed.numbers if "off its path" in name}
    assert own.numbers[4] == ("warm: off its path", spread["warm: off its path"]), "the better one's light is as sure as before"
    assert float(spread["cool: off its path"].split()[-1]) > 0.007
    assert any("file w.csv" in value for name, value in mixed.numbers if name == "cool: measured with")
    assert own.proven
    assert not mixed.proven


@pytest.mark.parametrize("number", share((2, 3, 6, 9, 4, 5, 7, 8), 4))
def test_every_demo_ticket_can_be_brought_to_its_end(number: int, demo_folder: Path, catalogue: Catalogue) -> None:
    """From where it stands, after another job was worked on: what is no longer so is said, and put back."""
    bench = FaultBench(demo_folder, catalogue)
    try:
        other = bench.shop.jobs.get(7 if number != 7 else 2)
        bench.workshop.survey(other, bench.context)
        job, put_back = bench.shop.jobs.get(number), 0
        for _ in range(60):
            if not next_step(job):
                break
            lapsed = bench.workshop.survey(job, bench.context).lapsed if job.phone else None
            if lapsed is not None:
                put_back += 1
                job = bench.workshop.put_back(job, lapsed.index, bench.context)
                continue
            try:
                job = go_on(bench.workshop, job, bench.context)
            except Refused as refused:
                assert refused.code == "firmware"
                bench.workshop.update_firmware(job, bench.context)
            except Finished:
                # the white that another shop left yellow: measured, tuned, written
                job = bench.workshop.measure_panel(bench.shop.jobs.get(number), bench.context)
                job = bench.workshop.tune(job, bench.context)
        assert job.all_proven, [(step.action, step.state, step.note) for step in job.steps]
        assert bench.workshop.close(job, bench.context).closed
    finally:
        bench.close()


def test_a_silent_device_is_asked_once_at_each_further_look(monkeypatch: pytest.MonkeyPatch) -> None:
    """Looks come again and again: what is silent must not keep the bench's lane busy; a step is as patient as ever."""
    wire = ScriptedWire()
    monkeypatch.setattr(discovery, "open_wire", lambda _: wire)
    rig = Rig({"programmer": "a", "phone": "b"}, patience=0.01)

    def asked() -> int:
        before = len(wire.seen)
        look(rig)
        return len(wire.seen) - before

    with rig.glancing():
        assert [asked() for _ in range(3)] == [2 * TRIES, 2, 2]
    assert asked() == 2 * TRIES
    said = says(kind="programmer", name="x", serial="1", firmware="1.6")
    wire.script = [said, said, says(sockets={})]
    with rig.glancing():
        assert asked() == 4
        rig.drop("programmer")
        assert asked() == TRIES + 1, "it had answered: it is not given up at once"
