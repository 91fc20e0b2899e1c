"""The front camera at the bench: bound by its data, flashed, proven by its frames, and told from a board that runs none."""

import random
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

import pytest

from daruma.bench.acting import InDoubt, InterlockDark
from daruma.bench.context import Context
from daruma.core.acts import ActKind, ActState
from daruma.core.errors import Trouble
from daruma.core.job import StepState
from daruma.core.kinds.front_camera.work import KIND, FrontState, FrontWork, Lead, Sign, lead
from daruma.core.optics.frames import Mode
from daruma.core.pairing import Condition
from daruma.core.parts import Function
from daruma.link.camera import FLASH_STILL, flash
from daruma.link.errors import DeviceFault
from daruma.standin.kinds.front_camera import FrontCamera
from tests.bench.jobbench import WIRES, JobBench, job_bench
from tests.conftest import crossed, seeds
from tests.parts import some

ENDS = ("voltage_dip", "poor_contact", "torn_page", "write_ignored", "wrong_part", "flash_fails", "unbind_fails")


class Bench(JobBench):
    """A phone whose front camera does not focus; the shop has no genuine one that is free."""

    @property
    def new(self) -> FrontCamera:
        return self.laying.world.of(FrontCamera)[f"K{self.phone.imei}"]

    def found(self) -> str:
        return self.prove(Function.FRONT_CAMERA).summary


@contextmanager
def bench(tmp_path: Path, model: str = "damson", system: str = "5.2", **entry: Any) -> Iterator[Bench]:
    said = {"promised": ["front_camera"], "front_camera": "own", "front_camera_stock": "locked", **entry}
    with job_bench(Bench, tmp_path, said, model=model, system=system) as made:
        yield made


def test_a_new_camera_with_the_original_s_data_works(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        assert at.sheet().index("front_camera_over_cable") < at.sheet().index("unbind_front_camera")
        assert at.sheet().index("fit_front_camera") < at.sheet().index("flash_system")
        at.until("prove_front_camera")
        own = at.laying.world.home(at.phone, FrontCamera)
        assert at.new.memory == own.memory, "serial, focus codes and lens table are the original's"
        assert at.found() == "The front camera works: photo, video, depth and autofocus work."
        frames = at.job.of(FrontWork).frames
        assert {frame.mode for frame in frames} == set(Mode)
        assert at.workshop.shop.jobs.get(at.job.number).of(FrontWork) == at.job.of(FrontWork)
        proof = some(at.job.proof(Function.FRONT_CAMERA))
        assert len([name for name, _ in proof.numbers if name.endswith("MTF50")]) == 9
        kinds = {act.kind for act in at.workshop.shop.journal.acts_of(at.job.uid)}
        assert {ActKind.RELEASE, ActKind.WRITE, ActKind.FLASH} <= kinds
        assert at.job.all_proven


@pytest.mark.parametrize(
    ("ail", "why"),
    [
        ("no_focus", "does not focus"),
        ("freezes", "freezes"),
        ("white", "white after recording"),
        ("dead", "dead"),
        ("heat", "lens hurt by heat"),
        ("dirty", "dirty"),
    ],
)
def test_what_ails_the_new_one_keeps_the_proof_away(ail: str, why: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("fit_front_camera")
        at.new.ail = ail
        at.until("prove_front_camera")
        assert why in at.found()
        assert not at.job.all_proven


def test_air_that_is_too_hot_is_seen_in_the_picture(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("solder_camera_flex")
        at.technician.hands.fault("air_too_hot", times=-1)
        at.do()
        at.technician.hands.calm()
        at.until("prove_front_camera")
        assert "lens hurt by heat" in at.found()


def test_a_swap_without_unbinding_or_flashing_shows(tmp_path: Path) -> None:
    """The signs of the trade: white pictures where the data are not bound, freezing where the system was not flashed."""
    with bench(tmp_path) as at:
        at.until("prove_front_camera")
        at.phone.conditions[Condition.FLASHED_AFTER_SWAP.value] = False
        assert "freezes" in at.found()
        at.phone.conditions[Condition.FLASHED_AFTER_SWAP.value] = True
        at.phone.status.pop("front_camera free")
        assert "white after recording" in at.found()


def test_never_flashed_on_an_empty_battery(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("flash_system")
        at.phone.charge = 12.0
        locks = at.workshop.survey(at.job, Context()).locks
        assert [lock.key for lock in locks if not lock.lit] == ["charge"]
        with pytest.raises(InterlockDark, match="12 %"):
            at.do()
        assert not any(event[0] == "flash" for event in at.laying.world.events), "nothing was begun"
        at.phone.charge = 60.0
        at.until("prove_front_camera")


def test_flashing_that_fails_is_done_again(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("flash_system")
        at.technician.hands.fault("flash_fails", times=1)
        with pytest.raises(Trouble, match="did not come through"):
            at.do()
        assert at.step() == "flash_system"
        at.do()
        acts = [act for act in at.workshop.shop.journal.acts_of(at.job.uid) if act.kind is ActKind.FLASH]
        assert sorted(act.state.value for act in acts) == sorted((ActState.FAILED.value, ActState.DONE.value))
        assert at.step() == "prove_front_camera"


@pytest.mark.parametrize(
    ("state", "sign", "leads"),
    [
        (FrontState.OWN, Sign.NO_FOCUS, Lead.CAMERA),
        (FrontState.OWN, Sign.FREEZES, Lead.EITHER),
        (FrontState.FOREIGN, Sign.WHITE, Lead.DATA),
        (FrontState.FOREIGN, Sign.DEAD, Lead.EITHER),
        (FrontState.UNSURE, Sign.NO_FOCUS, Lead.EITHER),
        (FrontState.SOUND, Sign.NO_FOCUS, Lead.NOWHERE),
    ],
)
def test_where_the_signs_lead(state: FrontState, sign: Sign, leads: Lead) -> None:
    assert lead(state, sign) is leads


def test_a_known_good_camera_comes_before_the_board_is_blamed(tmp_path: Path) -> None:
    with bench(tmp_path, front_camera_sign="dead") as at:
        keys = at.sheet()
        assert keys.index("compare_front_camera") < keys.index("solder_camera_flex")
        assert "read_old_front_camera" in keys, "a dead camera gives nothing over the cable"
        at.phone.camera = False
        at.until("compare_front_camera")
        with pytest.raises(Trouble, match="the board runs none"):
            at.do()
        index = some(at.job.current_step)
        at.job = at.workshop.fail_step(at.job, index, Context())
        plan = at.workshop.plan(at.job)
        assert not any(Function.FRONT_CAMERA in route.kept for route in plan.routes)
        assert any("the board runs no camera" in way.reason for way in plan.closed)


def test_a_dead_one_is_read_on_the_programmer_and_its_data_written(tmp_path: Path) -> None:
    with bench(tmp_path, front_camera_sign="dead") as at:
        at.until("prove_front_camera")
        assert "works" in at.found()


@pytest.mark.parametrize(
    ("model", "system", "entry", "way", "why"),
    [
        ("damson", "5.2", {"front_camera": "foreign"}, "New camera with the original's data", "own front camera is not in it"),
        ("alder", "3.5", {}, "New camera with the original's data", "no programmable flex is known for Alder"),
        ("damson", "5.2", {}, "Genuine camera", "locked to an account"),
        ("cedar", "4.6", {"front_camera_stock": "new"}, "Genuine camera", "older than finishing on the phone"),
    ],
)
def test_closed_ways_have_their_reason(
    model: str, system: str, entry: dict[str, str], way: str, why: str, tmp_path: Path
) -> None:
    with bench(tmp_path, model, system, **entry) as at:
        closed = {each.way: each.reason for each in at.workshop.plan(at.job).closed}
        assert why in closed[way], closed


def test_an_earlier_backup_of_its_own_one_opens_the_way(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("unbind_front_camera")
        job = at.workshop.shop.jobs.get(at.job.number)
        at.job = at.workshop.save_ticket(job, Context())
        facts = at.workshop.case(at.job).parts[KIND]
        assert facts.kept, "what this job kept is an earlier backup for the next"


def test_a_genuine_one_is_finished_and_says_what_it_is(tmp_path: Path) -> None:
    with bench(tmp_path, front_camera_stock="used") as at:
        routes = at.workshop.plan(at.job).routes
        genuine = next(route for route in routes if "finish_front_camera" in {action.key for action in route.actions})
        at.job = at.workshop.choose(at.job, genuine, Context())
        at.until("prove_front_camera")
        assert "works" in at.found()
        line = some(at.job.pages[-1].line(KIND))
        assert (line.status.value, line.notice) == ("used", False)


def test_a_genuine_one_that_does_not_work_is_compared_before_the_board_is_blamed(tmp_path: Path) -> None:
    with bench(tmp_path, front_camera_stock="new") as at:
        at.until("fit")
        new = some(at.laying.world.fitted(at.phone, FrontCamera))
        new.ail = "no_focus"
        at.until("prove_front_camera")
        assert "does not focus" in at.found()
        keys = [action.key for action in at.workshop.plan(at.job).routes[0].actions]
        assert "compare_front_camera" in keys


def test_watching_a_flash_may_be_stopped_and_what_it_did_is_looked_at(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("flash_system")
        context = Context()

        def report(share: float, text: str) -> None:
            if "flashing" in text and share > 0.3:
                context.cancelled.set()

        context = Context(report)
        with pytest.raises(InDoubt, match="You stopped watching"):
            at.do(context)
        (act,) = at.workshop.shop.journal.left_in_doubt()
        assert act.kind is ActKind.FLASH
        at.job, state = at.workshop.settle(act, Context())
        assert state is ActState.FAILED, "the system is not flashed to its end, and it may be flashed again"
        at.until("prove_front_camera")
        known(at)


class Standing:
    """A phone whose flashing comes no further."""

    def __init__(self, *shares: float) -> None:
        self.port, self.shares, self.looks = self, shares, 0

    def ask(self, op: str, **_: object) -> dict[str, float]:
        self.looks += op == "phone.flash_step"
        return {"done": self.shares[min(self.looks, len(self.shares)) - 1]}


def test_flashing_that_stands_still_is_given_up() -> None:
    crawling = [n / 1000 for n in range(1000)]
    for shares, most in (((0.1, 0.43), 2), (crawling, 1000), ((0.5, 0.2, 0.4999), 3)):
        phone = Standing(*shares)
        with pytest.raises(DeviceFault, match="does not come to an end"):
            flash(phone, lambda _: None, lambda: None, 0.0)  # type: ignore[arg-type]
        assert phone.looks <= most + FLASH_STILL
    done = Standing(*crawling, 1.0)
    flash(done, lambda _: None, lambda: None, 0.0)  # type: ignore[arg-type]
    assert done.looks == 1001


OPS = ("phone.front_record", "phone.release_front", "write.commit", "phone.flash", "phone.flash_step", "phone.frame")


@pytest.mark.parametrize(("op", "fault"), crossed(OPS, WIRES))
def test_whatever_the_wire_does_the_camera_is_bound_and_known(fault: str, op: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.technician.hands.fault(fault, op=op)
        assert at.proven("prove_front_camera", at.found)
        known(at)


def known(at: Bench) -> None:
    """What was really done is in the journal, and nothing is left in doubt that was looked at."""
    journal = at.workshop.shop.journal
    acts = journal.acts_of(at.job.uid)
    begun = {ActKind.RELEASE: ("release", KIND.value), ActKind.FLASH: ("flash", "begun")}
    for kind, (event, how) in begun.items():
        told = [act for act in acts if act.kind is kind and act.state is not ActState.NOT_SENT]
        really = [each for each in at.laying.world.events if each[0] == event and each[2] == how]
        assert len(told) >= len(really), "whatever was begun is told"
    done = [act for act in acts if act.kind is ActKind.RELEASE and act.state is ActState.DONE]
    assert bool(done) == (at.phone.status.get("front_camera free") == "yes")
    assert at.workshop.shop.check()[1] == ()


def random_run(tmp_path: Path, seed: int) -> None:
    rng = random.Random(f"front/{seed}")
    with bench(tmp_path / str(seed), front_camera_sign=rng.choice(["no_focus", "dead", "white"])) as at:
        at.go_on("prove_front_camera", at.at_random(rng, (*WIRES, *ENDS)))
        failed = any(step.state is StepState.FAILED for step in at.job.steps)
        assert at.step() == "prove_front_camera" or failed
        acts = at.workshop.shop.journal.acts_of(at.job.uid)
        assert not [act for act in acts if act.state is ActState.IN_DOUBT]
        if at.step() == "prove_front_camera":
            known(at)


@pytest.mark.parametrize("tried", seeds(3, 300))
def test_random_faults_on_the_whole_way(tried: range, tmp_path: Path) -> None:
    for seed in tried:
        random_run(tmp_path, seed)
