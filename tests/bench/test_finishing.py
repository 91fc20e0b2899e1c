"""One finishing session for every part of a phone: its order, a busy service, locked and used parts, the rear camera's sweep."""

import random
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from threading import Event
from typing import Any

import pytest
from msgspec.structs import replace

from daruma.bench.acting import WriteFailed
from daruma.bench.context import Context
from daruma.bench.phone_acts import PAUSES, ServiceBusy
from daruma.core.acts import ActKind, ActState
from daruma.core.errors import Remedy, Trouble
from daruma.core.finishing_session import Meaning, Outlook, finishing_steps, session_of
from daruma.core.job import StepState
from daruma.core.kinds.rear_camera import RearWork
from daruma.core.optics.sweep import RingState
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import Action
from daruma.standin.finishing import busy_chance
from daruma.standin.kinds.rear_camera import RearCamera
from tests.bench.jobbench import WIRES, JobBench, job_bench
from tests.conftest import crossed, seeds
from tests.parts import some

REAR = {"rear_camera": "broken", "promised": ["rear_camera_finished"]}
THREE = {
    **REAR,
    "panel": {"maker": "Fenwick", "kind": "genuine_used", "source": "", "price": 60},
    "original": {"answers": False},
    "battery": "foreign",
    "promised": ["no_display_notice", "touch", "battery_runs", "no_battery_notice", "rear_camera_finished"],
}
FAST, HASTY = 400.0, 4.0  # times life: the clock of a sweep, and the person who turns


class Bench(JobBench):
    """A phone whose new parts the phone itself finishes."""

    def acts(self, kind: ActKind = ActKind.FINISH) -> list[ActState]:
        return [act.state for act in self.workshop.shop.journal.acts_of(self.job.uid) if act.kind is kind]

    def choose(self, *keys: str) -> None:
        """Take the first way with some actions."""
        routes = self.workshop.plan(self.job).routes
        way = next(route for route in routes if set(keys) <= {action.key for action in route.actions})
        self.job = self.workshop.choose(self.job, way, Context())


@contextmanager
def bench(tmp_path: Path, system: str = "5.4", **entry: Any) -> Iterator[Bench]:
    with job_bench(Bench, tmp_path, {**REAR, **entry}, model="damson", system=system) as made:
        made.laying.world.sweep_speed, made.laying.world.sweep_pace = FAST, HASTY
        yield made


def test_three_parts_are_finished_in_one_session(tmp_path: Path) -> None:
    with bench(tmp_path, **THREE) as at:
        at.choose("fit_genuine", "finish_on_phone", "finish_rear_camera")
        sheet = at.sheet()
        assert sheet.count("begin_finishing") == sheet.count("open_phone") == sheet.count("fit") == 1
        order = [sheet.index(key) for key in ("fit", "begin_finishing", "finish_rear_camera")]
        assert order == sorted(order)
        assert sheet.index("finish_rear_camera") < min(sheet.index("finish_on_phone"), sheet.index("finish_battery"))
        at.until("prove_no_display_notice")
        first, last = at.job.pages[0], at.job.pages[-1]
        assert {line.part for line in first.lines if line.notice} >= {PartKind.REAR_CAMERA, PartKind.BATTERY}
        assert not [line for line in last.lines if line.notice]
        assert {line.part: line.status.value for line in last.lines}[PartKind.DISPLAY] == "used"
        session = some(session_of(at.job, at.workshop.catalogue.models["damson"], at.workshop.catalogue.figures))
        rows = {row.part: row for row in session.rows}
        assert rows[PartKind.REAR_CAMERA].outlook is Outlook.GENUINE
        assert rows[PartKind.REAR_CAMERA].by_hand
        assert rows[PartKind.DISPLAY].outlook is Outlook.USED
        assert all(rows[kind].done for kind in (PartKind.REAR_CAMERA, PartKind.DISPLAY, PartKind.BATTERY))
        assert session.minutes >= session.planned
        assert at.workshop.shop.jobs.get(at.job.number).pages == at.job.pages
        for function in at.job.ticket.promised:
            at.prove(function)
        assert at.job.all_proven


def test_the_other_parts_stay_unfinished_without_the_sweep(tmp_path: Path) -> None:
    """The phone refuses, and the plan never tries."""
    with bench(tmp_path, **{**THREE, "rear_camera": "unfinished"}) as at:
        at.choose("finish_on_phone")
        assert at.sheet().index("finish_rear_camera") < at.sheet().index("finish_on_phone")
        at.until("finish_rear_camera")
        with pytest.raises(Trouble, match="the rear camera is not finished"):
            at.workshop.rig.phone().finish(part=PartKind.DISPLAY)


def test_a_locked_part_is_skipped_and_the_others_are_finished(tmp_path: Path) -> None:
    with bench(tmp_path, **{**THREE, "rear_camera_stock": "locked"}) as at:
        plan = at.workshop.plan(at.job)
        assert not any(Function.REAR_CAMERA_FINISHED in route.kept for route in plan.routes)
        reasons = [way.reason for way in plan.closed if "account" in way.reason]
        assert reasons and all("only its owner can release it" in reason for reason in reasons)
        at.choose("finish_on_phone")
        at.until("prove_no_display_notice")
        assert "no notice" in at.prove(Function.NO_DISPLAY_NOTICE).summary


def test_a_busy_service_is_asked_again_after_a_growing_pause(tmp_path: Path) -> None:
    said: list[str] = []
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        at.technician.hands.fault("service_busy", times=2)
        at.do(Context(report=lambda _, text: said.append(text)))
        assert sorted(state.value for state in at.acts()) == sorted([ActState.NOT_SENT.value] * 2 + [ActState.DONE.value])
        assert list(PAUSES) == sorted(PAUSES)
        assert at.step() == "prove_rear_camera_finished"


def test_a_service_that_stays_busy_leads_to_the_diagnostic_mode(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        at.technician.hands.fault("service_busy", times=-1)
        with pytest.raises(ServiceBusy, match="busy 4 times") as caught:
            at.do()
        assert "diagnostic mode" in caught.value.advice
        assert caught.value.offers is Remedy.DIAGNOSTIC
        assert at.acts() == [ActState.NOT_SENT] * (len(PAUSES) + 1), "nothing was counted"
        at.workshop.diagnostic_mode(at.job)
        at.do()
        assert at.step() == "prove_rear_camera_finished"


def test_the_service_is_busy_in_the_evening() -> None:
    assert busy_chance(19) > 0.4 > busy_chance(15) > busy_chance(4)
    assert busy_chance(3) < 0.01


def test_a_part_that_was_elsewhere_says_used_for_ever(tmp_path: Path) -> None:
    with bench(tmp_path, rear_camera_stock="used") as at:
        price = at.workshop.plan(at.job).routes[0]
        assert any(isinstance(action, Action) and action.marks_used for action in price.actions)
        at.until("prove_rear_camera_finished")
        assert "the parts page says used" in at.prove(Function.REAR_CAMERA_FINISHED).summary
        assert at.job.all_proven


def test_before_finishing_is_known_there_is_no_way(tmp_path: Path) -> None:
    with bench(tmp_path, system="4.6") as at:
        plan = at.workshop.plan(at.job)
        assert any("older than finishing" in way.reason for way in plan.closed)


# -- the sweep


def test_the_sweep_is_shown_while_it_runs_and_kept(tmp_path: Path) -> None:
    seen: list[RingState] = []
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        at.do(Context(sample=lambda sample: seen.append(sample) if isinstance(sample, RingState) else None))
        assert seen[-1].done
        assert [state.share for state in seen] == sorted(state.share for state in seen)
        assert {"turned too fast", "too near", "nothing to see"} <= {how.value for how in seen[-1].refused}
        assert any("Turn " in state.advice() for state in seen)
        assert seen[-1].share == pytest.approx(1.0, abs=0.06), "the ring agrees with the phone's own progress"
        assert at.job.of(RearWork).sweep
        assert at.workshop.shop.jobs.get(at.job.number).of(RearWork) == at.job.of(RearWork)
        assert "stands as its record says" in at.prove(Function.REAR_CAMERA_FINISHED).summary


def test_a_sweep_that_is_stopped_leaves_it_unfinished_and_can_begin_again(tmp_path: Path) -> None:
    stop = Event()
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        at.laying.world.sweep_speed = 20.0
        with pytest.raises(WriteFailed, match="stopped"):
            at.do(Context(sample=lambda _: stop.set(), cancelled=stop))
        assert at.acts() == [ActState.FAILED]
        page = {entry.part: entry for entry in at.workshop.rig.phone().parts_page()}
        assert page[PartKind.REAR_CAMERA].status.value == "unfinished"
        at.laying.world.sweep_speed = FAST
        at.mended()
        at.until("prove_rear_camera_finished")
        assert at.acts()[-1] is ActState.DONE or ActState.DONE in at.acts()


def test_a_dark_room_is_said_and_leads_to_nothing(tmp_path: Path) -> None:
    said: list[str] = []
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        at.laying.world.dark, at.laying.world.sweep_speed = True, 20_000.0
        with pytest.raises(WriteFailed, match="did not come to its end"):
            at.do(Context(sample=lambda state: said.append(state.advice()) if isinstance(state, RingState) else None))
        assert any("more light" in words for words in said)


@pytest.mark.parametrize(
    ("change", "words"),
    [
        ({"turn": [1.0, 0.3, 0.0]}, "is turned against its record"),
        ({"late": 0.030}, "is later or earlier"),
        ({"lens": 35.0}, "bends"),
    ],
)
def test_a_module_that_stands_otherwise_than_its_record_is_not_proven(change: dict[str, Any], words: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        camera = some(at.laying.world.fitted(at.phone, RearCamera))
        if "turn" in change:
            camera.turn = [a + b for a, b in zip(camera.turn, change["turn"], strict=True)]
        camera.late = change.get("late", camera.late)
        camera.lens[0] += change.get("lens", 0.0)
        at.until("prove_rear_camera_finished")
        assert words in at.prove(Function.REAR_CAMERA_FINISHED).summary
        assert not at.job.all_proven


def test_a_sweep_is_of_the_module_that_was_swept(tmp_path: Path) -> None:
    """Another module in the phone, or a proof that failed: it is swept once more, and nothing stands on the earlier sweep."""
    with bench(tmp_path) as at:
        at.until("prove_rear_camera_finished")
        first, camera = at.job.of(RearWork).sweep, at.laying.world.fitted(at.phone, RearCamera)
        assert camera is not None
        other = replace(camera, die="another", turn=[a + 1.0 for a in camera.turn])
        at.laying.world.put(other)
        at.phone.fit(PartKind.REAR_CAMERA, "another")
        assert "is turned against its record" in at.prove(Function.REAR_CAMERA_FINISHED).summary
        work = at.job.of(RearWork)
        assert (work.swept, work.die) == ("another", "another")
        assert work.sweep != first
        other.turn = camera.turn
        assert "stands as its record says" in at.prove(Function.REAR_CAMERA_FINISHED).summary, "seated again, it is swept anew"
        assert at.job.all_proven


def test_what_was_finished_and_never_told_is_proven_by_a_sweep_at_proof(tmp_path: Path) -> None:
    """Killed after the phone was done: the act is settled by looking, the sweep that was lost is made up for."""
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        index, before = at.job.current_step, at.job
        at.do()
        lost = at.job.with_step(index or 0, StepState.DONE, "settled", "")
        at.job = at.workshop.shop.jobs.save(lost.having(replace(lost.of(RearWork), sweep=(), swept="")), Context().now())
        assert before.of(RearWork).sweep == ()
        assert "stands as its record says" in at.prove(Function.REAR_CAMERA_FINISHED).summary


@pytest.mark.parametrize("op", ["phone.state", "phone.parts"])
def test_a_wire_that_dies_after_the_act_loses_neither_act_nor_sweep(op: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("finish_rear_camera")
        done: list[bool] = []

        def ended(sample: object) -> None:
            if isinstance(sample, RingState) and sample.done and not done:
                done.append(True)
                # the act is settled by one look at each; the next one comes after it
                at.laying.world.faults.arm("unplug", op=op, times=-1, skip=1)

        at.do(Context(sample=ended))
        at.technician.hands.calm()
        assert at.step() == "prove_rear_camera_finished"
        assert at.job.of(RearWork).sweep
        assert at.acts() == [ActState.DONE]


OPS = ("phone.finish_rear_camera", "phone.sweep", "phone.parts", "phone.rear_record", "phone.board")


@pytest.mark.parametrize(("op", "fault"), crossed(OPS, WIRES))
def test_whatever_the_wire_does_it_is_finished_and_known(fault: str, op: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("begin_finishing")
        at.technician.hands.fault(fault, op=op)
        assert at.proven("prove_rear_camera_finished", lambda: at.prove(Function.REAR_CAMERA_FINISHED))
        assert ActState.IN_DOUBT not in at.acts()
        assert at.workshop.shop.check()[1] == ()


def random_run(tmp_path: Path, seed: int) -> None:
    rng = random.Random(f"finishing/{seed}")
    with bench(tmp_path / str(seed), **THREE) as at:
        at.choose("fit_genuine", "finish_on_phone")
        at.go_on("prove_no_display_notice", at.at_random(rng, (*WIRES, "service_busy")))
        assert ActState.IN_DOUBT not in at.acts()
        done = {part for part, (_, state) in finishing_steps(at.job).items() if state is StepState.DONE}
        page = {entry.part: entry.notice for entry in at.workshop.rig.phone().parts_page()}
        assert not [part for part in done if page[part]], "what the sheet says is finished the phone says, too"
        assert at.workshop.shop.check()[1] == ()


@pytest.mark.parametrize("tried", seeds(2, 300))
def test_random_faults_on_the_whole_way(tried: range, tmp_path: Path) -> None:
    for seed in tried:
        random_run(tmp_path, seed)


def test_a_notice_is_told_from_a_false_one(tmp_path: Path) -> None:
    """Expected until it is finished, there before, new, or real: what the parts page means, row by row."""
    with bench(tmp_path, **THREE) as at:
        at.choose("fit_genuine", "finish_on_phone")
        at.until("finish_rear_camera")
        model, figures = at.workshop.catalogue.models["damson"], at.workshop.catalogue.figures

        def meanings() -> dict[PartKind, Meaning]:
            session = some(session_of(at.job, model, figures))
            return {row.part: row.meaning for row in session.rows}

        assert meanings()[PartKind.REAR_CAMERA] is Meaning.EXPECTED
        at.do()
        assert meanings()[PartKind.REAR_CAMERA] is Meaning.NONE
        at.phone.board["front_camera_serial"] = "0" * 12
        at.do()
        assert meanings()[PartKind.FRONT_CAMERA] is Meaning.NEW
        at.phone.board["rear_camera_serial"] = "0" * 12
        at.do()
        assert meanings()[PartKind.REAR_CAMERA] is Meaning.REAL
