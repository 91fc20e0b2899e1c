"""The whole slice over the real link, and what happens when something fails on the way."""

import json
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.bench.acting import InterlockDark, WriteFailed
from daruma.bench.context import Context
from daruma.bench.reading import read_part
from daruma.bench.rig import Rig
from daruma.bench.workshop import Workshop
from daruma.core.acts import ActState
from daruma.core.colour.shots import WHITE_REPEATS
from daruma.core.errors import Cancelled, RecordError, Trouble
from daruma.core.job import Job, Stage, StepState, stage_of
from daruma.core.job_facts import job_facts
from daruma.core.kinds.display.facts import ChipPlace, OriginalState
from daruma.core.pairing import evaluate
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.tri import Tri
from daruma.demo.hands import Hands, connect_hands
from daruma.link.errors import LinkError, Refused
from tests.conftest import HERO, at_step, start_standin, taken_in
from tests.forking import ForkedStandIns
from tests.parts import panel_of, some, with_panel, work_of


def ready_to_write(workshop: Workshop, job: Job, context: Context) -> Job:
    return at_step(workshop, taken_in(workshop, job, context), "write_new", context)


def write(workshop: Workshop, job: Job, context: Context) -> Job:
    index = some(job.current_step)
    return workshop.do_step(job, index, context)


@pytest.mark.parametrize("standin", ["pty", "tcp"], indirect=True)
def test_from_ticket_to_second_eye(workshop: Workshop, hero: Job, hands: Hands, context: Context) -> None:
    job = taken_in(workshop, hero, context)
    assert job.ticket.before[Function.TOUCH] is Tri.YES
    assert "touch_chip_id" in job.phone
    assert "display_serial" not in job.phone, "Cedar L keeps the display's own codes to itself"
    job = at_step(workshop, job, "write_new", context)
    survey = workshop.survey(job, context)
    assert all(lock.lit for lock in survey.locks)
    job = write(workshop, job, context)
    assert hands.look(panel_of(job).die)["writes"] == 1 == workshop.shop.journal.writes(panel_of(job).die)
    while job.current_step is not None and not job.steps[job.current_step].action.startswith("prove"):
        job = workshop.do_step(job, job.current_step, context)
    for light in ("warm", "cool"):
        job = workshop.measure(job, light, context)
    for function in job.ticket.promised:
        job = workshop.prove_step(job, function, context)
        assert job.is_proven(function), job.proof(function)
    assert job.all_proven
    assert stage_of(job, {}) is Stage.HAND_OVER
    job = workshop.close(job, context)
    assert workshop.shop.jobs.get(job.number) == job
    known = workshop.known(job)
    verdict = evaluate(job_facts(job, workshop.model(job), known), Function.NO_DISPLAY_NOTICE)
    assert verdict.holds is Tri.UNKNOWN, "the board keeps its display serial to itself: the backup is not its own check"
    assert "that of the backup" in verdict.reason
    assert workshop.shop.vault.check()[1] == ()


def test_without_the_data_the_white_is_stuck_and_the_notice_shows(
    workshop: Workshop, hero: Job, hands: Hands, context: Context
) -> None:
    job = taken_in(workshop, hero, context)
    for act in ("power_off", "take_out_original", "fit_new", "power_on"):
        hands.do(act, job.ticket.imei, {"display": panel_of(job).die})
    job = workshop.measure(workshop.measure(job, "warm", context), "cool", context)
    white = workshop.prove(job, Function.AMBIENT_WHITE, context)
    assert not white.proven
    assert "stuck" in white.summary
    notice = workshop.prove(job, Function.NO_DISPLAY_NOTICE, context)
    assert not notice.proven
    assert "unknown" in notice.summary
    assert not workshop.prove(job, Function.AUTO_BRIGHTNESS, context).proven


@pytest.mark.parametrize(
    ("fault", "state", "words"),
    [
        ("voltage_dip", ActState.FAILED, "supply dipped"),
        ("write_ignored", ActState.FAILED, "reported success, the read-back differs"),
        ("torn_page", ActState.FAILED, "reported success, the read-back differs"),
    ],
)
def test_a_write_that_fails_is_counted_and_stops_the_way(
    fault: str, state: ActState, words: str, workshop: Workshop, hero: Job, hands: Hands, context: Context
) -> None:
    job = ready_to_write(workshop, hero, context)
    hands.fault(fault)
    with pytest.raises(WriteFailed, match=words) as caught:
        write(workshop, job, context)
    assert "backup is safe" in caught.value.safe
    assert "Stop here" in caught.value.advice
    act = workshop.shop.journal.acts_on(panel_of(job).die)[-1]
    assert act.state is state
    assert len(act.evidence) == 10, "the interlocks are recorded with the act"
    assert hands.look(panel_of(job).die)["writes"] == 1 == workshop.shop.journal.writes(panel_of(job).die)
    job = workshop.shop.jobs.get(job.number)
    assert job.steps[job.current_step or 0].state is StepState.FAILED
    plan = workshop.plan(job)
    assert [a.key for a in plan.routes[0].actions][:2] == ["read_new", "write_new"]
    job = workshop.choose(job, plan.routes[0], context)
    job = write(workshop, at_step(workshop, job, "write_new", context), context)
    assert hands.look(panel_of(job).die)["writes"] == 2 == workshop.shop.journal.writes(panel_of(job).die)


def test_a_lost_answer_is_settled_by_reading_the_part(workshop: Workshop, hero: Job, hands: Hands, context: Context) -> None:
    job = ready_to_write(workshop, hero, context)
    hands.fault("lost_answer", op="write.commit")
    job = write(workshop, job, context)
    act = workshop.shop.journal.acts_on(panel_of(job).die)[-1]
    assert act.state is ActState.DONE
    assert "what was meant all the same" in act.note
    assert hands.look(panel_of(job).die)["writes"] == 1


def test_noise_on_the_wire_is_survived(workshop: Workshop, hero: Job, hands: Hands, context: Context) -> None:
    job = at_step(workshop, taken_in(workshop, hero, context), "read_original", context)
    hands.fault("flipped_bit", 3)
    with pytest.raises(LinkError, match=r"checksum does not fit|damaged on the wire") as caught:
        workshop.do_step(job, job.current_step or 0, context)
    assert caught.value.advice
    hands.fault("flipped_bit", 1)
    hands.fault("lost_answer", 1)
    job = workshop.do_step(job, job.current_step or 0, context)
    assert work_of(job).source


def test_the_programmer_dies_in_mid_write_and_the_act_is_in_doubt(
    workshop: Workshop, hero: Job, hands: Hands, standin: ForkedStandIns, demo_folder: Path, context: Context
) -> None:
    job = ready_to_write(workshop, hero, context)
    hands.fault("die", op="write.commit")
    with pytest.raises(WriteFailed, match="not known what the write did") as caught:
        write(workshop, job, context)
    assert "counts against the part" in caught.value.safe
    (act,) = workshop.shop.journal.acts_on(panel_of(job).die)
    assert act.state is ActState.IN_DOUBT
    standin.wait()
    again = start_standin(demo_folder)
    fresh_hands = connect_hands(again.wires["hands"])
    rig = Rig({kind: url for kind, url in again.wires.items() if kind != "hands"})
    try:
        later = Workshop(rig, workshop.shop, workshop.catalogue, fresh_hands)
        with pytest.raises(Trouble, match="No part answers"):
            fresh_hands.do("clear_socket", job.ticket.imei)
            later.settle(act, context)
        fresh_hands.do("original_on_socket", job.ticket.imei)
        with pytest.raises(Trouble, match="the act was on another one"):
            later.settle(act, context)
        fresh_hands.do("new_on_socket", job.ticket.imei, {"display": panel_of(job).die})
        dark = {lock.key for lock in later.survey(job, context).locks if not lock.lit}
        assert dark == {"doubt"}, "nobody writes past an act in doubt"
        job, state = later.settle(act, context)
        assert state is ActState.DONE
        assert workshop.shop.journal.in_doubt() == ()
        assert workshop.shop.journal.writes(panel_of(job).die) == fresh_hands.look(panel_of(job).die)["writes"] == 1
        assert job.steps[[s.action for s in job.steps].index("write_new")].state is StepState.DONE
    finally:
        rig.close()
        fresh_hands.close()
        again.stop()


def test_another_part_than_the_one_checked_is_refused_at_the_moment_of_the_act(
    workshop: Workshop, hero: Job, hands: Hands, context: Context
) -> None:
    job = ready_to_write(workshop, hero, context)
    hands.do("original_on_socket", job.ticket.imei)
    with pytest.raises(InterlockDark, match="Same part as checked"):
        write(workshop, job, context)
    assert workshop.shop.journal.acts_on(panel_of(job).die) == ()


def test_the_phone_must_be_off(workshop: Workshop, hero: Job, hands: Hands, context: Context) -> None:
    job = ready_to_write(workshop, hero, context)
    hands.do("clear_socket", job.ticket.imei)
    hands.do("fit_new", job.ticket.imei, {"display": panel_of(job).die})
    hands.do("power_on", job.ticket.imei)
    assert {lock.key for lock in workshop.survey(job, context).locks if not lock.lit} >= {"phone", "part"}


def test_firmware_older_than_the_model_is_said_and_updated(workshop: Workshop, context: Context) -> None:
    elder = next(job for job in workshop.shop.jobs.all() if job.ticket.model == "elder")
    workshop.hands.do("original_on_socket", elder.ticket.imei, {"display": panel_of(elder).die})  # type: ignore[union-attr]
    with pytest.raises(Refused, match="firmware is older") as caught:
        workshop.do_step(elder, elder.current_step or 0, context)
    assert caught.value.code == "firmware"
    shares: list[float] = []
    assert workshop.update_firmware(elder, Context(lambda share, _: shares.append(share))) == "2.0"
    assert shares == sorted(shares)
    assert shares[-1] == 1.0
    assert workshop.do_step(elder, elder.current_step or 0, context).sources


def test_the_wrong_model_in_the_ticket_is_named(workshop: Workshop, hero: Job, context: Context) -> None:
    job = at_step(workshop, taken_in(workshop, hero, context), "read_original", context)
    damson = workshop.catalogue.models["damson"]
    with pytest.raises(RecordError, match="This part is for Cedar L, the ticket says Damson"):
        read_part(workshop.rig, workshop.catalogue, damson, context)
    with pytest.raises(Trouble, match="not the original"):
        workshop.hands.do("new_on_socket", job.ticket.imei, {"display": panel_of(job).die})  # type: ignore[union-attr]
        workshop.do_step(job, job.current_step or 0, context)
    with pytest.raises(Trouble, match="no model cedar_xl"):
        workshop.model(replace(job, ticket=replace(job.ticket, model="cedar_xl")))


def test_an_empty_socket(workshop: Workshop, hero: Job, context: Context) -> None:
    with pytest.raises(Refused, match="No part answers on socket s56"):
        read_part(workshop.rig, workshop.catalogue, workshop.model(hero), context)


def test_a_read_can_be_cancelled_and_leaves_nothing(workshop: Workshop, hero: Job, context: Context) -> None:
    job = at_step(workshop, taken_in(workshop, hero, context), "read_original", context)
    stopping = Context()
    stopping.cancelled.set()
    before = workshop.shop.vault.count()
    with pytest.raises(Cancelled):
        workshop.do_step(job, job.current_step or 0, stopping)
    assert workshop.shop.vault.count() == before


def test_an_earlier_backup_opens_a_way_without_the_original(workshop: Workshop, context: Context) -> None:
    job = next(j for j in workshop.shop.jobs.all() if panel_of(j).original is OriginalState.DAMAGED)
    plan = workshop.plan(job)
    assert {"Use an earlier backup", "Finish on the phone"} <= {route.way for route in plan.routes}
    job = at_step(workshop, workshop.choose(job, plan.route("Use an earlier backup"), context), "write_new", context)
    job = write(workshop, job, context)
    known = workshop.known(job).of(PartKind.DISPLAY)
    assert known.source
    assert known.target
    assert known.source.identity(Identity.DISPLAY_SERIAL) == known.target.identity(Identity.DISPLAY_SERIAL)


def test_a_white_that_is_off_is_not_proven(workshop: Workshop, context: Context) -> None:
    job = next(j for j in workshop.shop.jobs.all() if j.ticket.model == "damson_l")
    job = workshop.measure(workshop.measure(job, "warm", context), "cool", context)
    proof = workshop.prove(job, Function.AMBIENT_WHITE, context)
    assert not proof.proven
    assert "moves with the light but is off" in proof.summary
    names = [name for name, _ in proof.numbers]
    assert names[:5] == ["warm: x, y", "warm: u', v'", "warm: CCT", "warm: Duv", "warm: off its path"]


def test_the_right_phone_must_be_on_the_cable(workshop: Workshop, hero: Job, context: Context) -> None:
    job = taken_in(workshop, hero, context)
    without = Workshop(workshop.rig, workshop.shop, workshop.catalogue)
    with pytest.raises(LinkError, match="Another phone is on the cable"):
        without.measure(replace(job, ticket=replace(job.ticket, imei="490154203237518")), "warm", context)
    assert len(workshop.measure(job, "cool", context).readings) == WHITE_REPEATS


def test_a_bench_with_nothing_set_up(workshop: Workshop, hero: Job, context: Context) -> None:
    bare = Workshop(Rig({}), workshop.shop, workshop.catalogue)
    survey = bare.survey(with_panel(hero, chip=ChipPlace.ON_ORIGINAL), context)
    assert survey.bench.programmer is None
    assert survey.bench.trouble == "No programmer is set up."
    assert survey.bench.phone_on is None


def test_a_damaged_record_is_not_kept(demo_folder: Path, standin: ForkedStandIns, workshop: Workshop, context: Context) -> None:
    world = json.loads((demo_folder / "world.json").read_text())
    hero = next(job for job in workshop.shop.jobs.all() if job.number == HERO)
    phone = next(phone for phone in world["phones"].values() if phone["imei"] == world["cable"])
    original = world["parts"]["display"][phone["home"]["display"]]
    memory = bytearray.fromhex(original["memory"])
    memory[0x10] ^= 0x01
    original["memory"] = memory.hex()
    standin.stop()
    (demo_folder / "world.json").write_text(json.dumps(world))
    again = start_standin(demo_folder)
    hands = connect_hands(again.wires["hands"])
    rig = Rig({kind: url for kind, url in again.wires.items() if kind != "hands"})
    try:
        damaged = Workshop(rig, workshop.shop, workshop.catalogue, hands)
        job = at_step(damaged, taken_in(damaged, hero, context), "read_original", context)
        before = workshop.shop.vault.count()
        with pytest.raises(RecordError, match="identity check does not fit") as caught:
            damaged.do_step(job, job.current_step or 0, context)
        assert "Nothing was kept" in caught.value.safe
        assert workshop.shop.vault.count() == before
    finally:
        rig.close()
        hands.close()
        again.stop()
